### Sewing steps of bags, and those all forms share.

## Faces, pressing

faces-right-together = right sides together
faces-wrong-together = wrong sides together
faces-seam-on-seam = right sides together, side seam on base seam
## Steps

step-press-cloth = Flatten the cloth
    .text = Take every crease out before measuring.
    .lost = Where the cloth lies smooth nothing is lost; a crease left in it moves every line drawn over it.
    .wash = If what you make will be washed, wash first: { $materials }.
    .dry = Not to be washed first: { $materials }.
    .hot = With a hot or medium iron: { $materials }.
    .cool = With a cool iron through a cloth: { $materials }.
    .never = Without an iron: { $materials }. Lay it flat in the warm until the creases have gone.
    .pile = From the wrong side, pile down on a towel: { $materials }.
    .why = A crease under the ruler makes a piece that is too large.
fix-habit = As the make asks
check-held-pins = Pins leave holes here
    .text = What pins prick in this cloth stays to be seen, or they do not go through: clips hold it without.
check-held-basting = Basting leaves holes here
    .text = What a needle pricks in this cloth stays to be seen, or it hardly goes through: clips hold it without.
step-quilt = Quilt before cutting
    .text = Cut the cloth and its padding for each padded piece { $margin } larger on every side than the piece is cut, lay the cloth on it right side up, and fasten. Quilt from the middle outward, and smooth it. The piece is cut out of the quilted cloth.
    .check = Each quilted panel is still larger than its piece on every side.
    .why = Quilting draws the cloth in; cut first, the piece ends too small.
step-cut = Cut the { $count ->
        [one] piece
       *[other] pieces
    }
    .text = Cut { $count ->
        [one] 1 piece
       *[other] { $count } pieces
    }. Write the letter and the role on a scrap of tape on { $count ->
        [one] it
       *[other] each
    }.
    .check = { $count ->
        [one] 1 piece, with
       *[other] { $count } pieces, each with
    } its letter.
step-cut-corners = Cut out the corners
    .text = If you cut with a ruler and not along the outline, cut a rectangle { $wide } wide and { $high } high out of both lower corners, on every layer, measured from the raw edges.
    .check = Laid on each other the cut corners are all alike.
step-cut-corners-fold = Cut out the corners
    .text = If you cut with a ruler and not along the outline, cut a rectangle { $wide } wide and { $high } high out of both lower corners, measured from the raw edges. At the fold cut out { $fold } to each side of it, { $high } high: there is no allowance at a fold.
step-cut-corners-base = Cut out the corners
    .text = If you cut with a ruler and not along the outline, fold the piece at the base and cut a rectangle out of both sides, through both layers: { $wide } inward from the raw edge and { $fold } up from the fold. There is no allowance at a fold.
step-put-interfacing-fused = Fuse the interfacing
    .text = Lay the { $material } on the wrong side of { $pieces }, glue side down.
step-put-interfacing-fused-over = Fuse the next interfacing
    .text = Lay the { $material } over the { $under } on the wrong side of { $pieces }, glue side down.
step-put-interfacing-basted = Baste the interfacing on
    .text = Lay the { $material } on the wrong side of { $pieces } and smooth it.
step-put-interfacing-basted-over = Baste the next interfacing on
    .text = Lay the { $material } over the { $under } on the wrong side of { $pieces } and smooth it.
step-put-interfacing-quilted = Stitch the interfacing on
    .text = Lay the { $material } on the wrong side of { $pieces }, baste, and stitch it on in lines from the middle outward. Pull the basting out, and trim off what of it stands out beyond the cloth.
step-put-interfacing-quilted-over = Stitch the next interfacing on
    .text = Lay the { $material } over the { $under } on the wrong side of { $pieces }, baste, and stitch it on in lines from the middle outward. Pull the basting out, and trim off what of it stands out beyond the cloth.
step-put-padding-fused = Fuse the padding
    .text = Lay the { $material } down, glue side up, and on it { $pieces }, right side up. Put the iron on the cloth, never on the padding.
step-put-padding-fused-over = Fuse the padding
    .text = Lay the { $material } down, glue side up, and on it, over the { $under }, { $pieces }, right side up. Put the iron on the cloth, never on the padding.
step-put-padding-basted = Baste the padding on
    .text = Lay the { $material } on the wrong side of { $pieces } and smooth it.
step-put-padding-basted-over = Baste the padding on
    .text = Lay the { $material } over the { $under } on the wrong side of { $pieces } and smooth it.
step-put-padding-quilted = Quilt the padding on
    .text = Lay the { $material } on the wrong side of { $pieces }, baste, and quilt from the middle outward. Pull the basting out, and trim off what of the padding stands out beyond the cloth.
step-put-padding-quilted-over = Quilt the padding on
    .text = Lay the { $material } over the { $under } on the wrong side of { $pieces }, baste, and quilt from the middle outward. Pull the basting out, and trim off what of the padding stands out beyond the cloth.
step-slip-in = Slip in the { $material }
    .text = Roll the { $material } for { $pieces }, push it through the gap between outer and lining, and spread it from inside. Hold it with a stitch or two in the allowances.
    .check = It lies flat, no edge is folded over, and no seam lies over it.
step-backing-fused =
    .check = No bubble, and no corner that can be lifted.
step-backing-basted =
    .check = Held up it hangs smooth, and its edges lie where they should.
step-backing-quilted =
    .check = It still measures what the pattern measures: quilting draws in.
step-backing-cut-over =
    .why = Quilting draws the cloth in. With a quilting margin it is cut larger, quilted, and only then cut to size.
backing-net = On { $pieces } its edges lie on the stitch lines: no seam catches it.
backing-net-caught = On { $pieces } its edges lie on the stitch lines: it is caught only where an edge has no allowance.
backing-net-across = On { $pieces } its edges lie on the stitch lines: only the stitching across the corners catches it.
backing-smaller-across = On { $pieces } its edges lie { $inset } inside the raw edges all round: only the stitching across the corners catches it.
backing-smaller = On { $pieces } its edges lie { $inset } inside the raw edges all round: no seam catches it.
backing-smaller-caught = On { $pieces } its edges lie { $inset } inside the raw edges all round: it is caught where the allowance is wider than that.
backing-lower = On { $piece } it covers the lower half, from the raw lower edge to { $end } above it.
backing-upper = On { $piece } it covers the upper half, from { $start } above the raw lower edge to the raw upper edge.
backing-left = On { $piece } it covers the left half, as the piece is drawn: from the raw left edge to { $end } from it.{ $up ->
        [turned] { " " }With the wrong side up that half lies on your right.
        [both] { " " }With the wrong side up that half lies on your right, of a back on your left.
       *[as-drawn] { "" }
    }
backing-right = On { $piece } it covers the right half, as the piece is drawn: from { $start } from the raw left edge to the raw right edge.{ $up ->
        [turned] { " " }With the wrong side up that half lies on your left.
        [both] { " " }With the wrong side up that half lies on your left, of a back on your right.
       *[as-drawn] { "" }
    }
backing-band = On { $piece } it covers a band from { $start } to { $end } above the raw lower edge.
backing-band-low = On { $piece } it covers a band from the raw lower edge to { $end } above it.
backing-not-on = Not on: { $pieces }.
backing-left-off = Cut the padding { $raw } shorter at the { $edge } of { $piece }: only cloth is folded in there.
backing-unpicked = At the { $edge } take out the quilting stitches as far as { $raw } from the raw edge, and cut off the { $material } there; cut no cloth: only cloth is folded in.
backing-pile = With its pile down on a towel, or the iron presses it flat: { $materials }.
backing-film = Where its shining film is on one side, lay it as its maker says; where nobody says, with the film towards what is to be kept warm or cold. With the film inside it, which side is up is free.
backing-either-side = Which side of it is up is free.
backing-baste = Baste along the raw edges that it reaches, inside their allowance, where no hole will show.
backing-tack = Where no seam catches it, hold it with a few long stitches that do not come through to the right side, or with a dab of glue that can be sewn.
fuse-settings = Set the iron so: { $heat }, { $steam }. Let it stand { $count ->
        [one] 1 second
       *[other] { $count } seconds
    } on each place, through a press cloth. Set the iron down and lift it; do not slide it. Let it lie flat until it is cold.
fuse-first = On a scrap first. What the maker of the { $material } says goes before these numbers.
fuse-steam = steam
fuse-dry = dry
bulk-fold-out = Trim the { $materials } out of the top allowance, along the stitch line; cut no cloth.
bulk-stays = The { $materials } { $count ->
        [one] stays
       *[other] stay
    } in this seam.
bulk-trim-out = When it is sewn, trim the { $materials } out of the allowance, close to the stitching; cut neither the cloth nor a stitch.
cause-fused-1 = The iron was slid, or lifted too soon.
cause-fused-2 = It was moved before it was cold.
cause-basted-1 = It was stretched while it was fastened.
cause-basted-2 = The cloth was not flat beneath it.
cause-quilted-1 = The lines are closer together than was reckoned with.
cause-quilted-2 = It was not quilted from the middle outward.
cause-slipped-1 = It was pushed instead of rolled.
remedy-fused = Heat that place again through the cloth and let it cool under a book.
remedy-basted = Take the basting out along one side, smooth it, and baste that side again.
remedy-quilted = Take out the outermost lines, or cut the piece again from a larger quilted panel.
remedy-slipped = Draw it out by one corner and roll it in again.
step-mark = Mark
    .text = Measure from the raw edges as they lie now.
    .check = Each mark is there, on every piece cut alike; front and back laid on each other agree.
    .why = A piece that lies flat by itself is measured truest; once it hangs on others it no longer can be.
step-ribbon-in = Catch the ribbon
    .text = { $laid } to the side edge, { $raw } above the raw base edge, tails lying inward on its right side. On the finished bag that is { $tie } up. Fasten the tails to the middle of the panel, clear of every seam.
    .check = Both tails are fastened to the middle of the panel, clear of every seam.
step-sides =
    { $layer ->
        [role-only] Sew the sides
       *[other] Sew the { $layer } sides
    }
step-side =
    { $layer ->
        [role-only] Sew the side seam
       *[other] Sew the { $layer } side seam
    }
step-first-side =
    { $layer ->
        [role-only] Sew one side
       *[other] Sew one { $layer } side
    }
step-second-side =
    { $layer ->
        [role-only] Sew the other side
       *[other] Sew the other { $layer } side
    }
step-base =
    { $layer ->
        [role-only] Sew the base
       *[other] Sew the { $layer } base
    }
step-corners-cut =
    { $layer ->
        [role-only] Close the corners
       *[other] Close the { $layer } corners
    }
    .check = Seam meets seam in the middle, and each corner is { $line } long.
step-corner-lines =
    { $layer ->
        [role-only] Mark the corner lines
       *[other] Mark the { $layer } corner lines
    }
    .text = Squash each corner so that the side lies exactly on the base. Measure { $tip } from the stitched tip along the seam and draw a line { $line } long across, square to it.
    .check = Both lines measure { $line }, with the seam at the middle and both ends on the base line. Trimming cannot be undone.
step-corners-sewn =
    { $layer ->
        [role-only] Sew the corners
       *[other] Sew the { $layer } corners
    }
    .check = The two triangles are equally large, and each line is { $line } long.
step-corner-trim =
    { $layer ->
        [role-only] Trim the corners
       *[other] Trim the { $layer } corners
    }
    .text = Cut the triangles off { $box } outside the stitching.
    .why = Only now, when both corners have been measured.
step-nest-right = Put outer and lining together
    .text = Slip the outer, right side out, into the lining, wrong side out, side seam to side seam and base into base: the right sides face each other.
    .check = Whatever is tacked on, and every loose end, lies between the two.
step-rim = Sew round the rim
    .check = The side seams meet, nothing else is caught, and the gap is still open.
step-turn = Turn through the gap
    .text = Pull all of it right side out through the { $gap } gap. Push every seam out to its edge from inside with something blunt.
    .check = No raw edge shows outside; every seam lies at the very edge.
gap-ready = { $held ->
        [held-basting] Pull every basting thread out first
       *[held-pins] Count the { $held } first
    }: none may stay inside. Pull gently at both ends of the gap, so that its allowances roll in along their creases, and { $pressing ->
        [pressing-finger] finger-press
       *[other] press
    } them so.
step-close-gap =
    .check = The gap is closed from backstitch to backstitch, and { $held ->
        [held-basting] no basting thread is left inside
       *[held-pins] the { $held } are all there
    }.
step-close-gap-hand = Close the gap by hand
    .text = Hide the knot in the fold, and close the { $gap } gap in small blind stitches from fold to fold; end with a knot pulled into the seam.
step-close-gap-machine = Close the gap by machine
    .text = Stitch the { $gap } gap shut, { $edge } from its folds, and backstitch at both ends.
step-settle = Settle the lining
    .text = Push the lining down into the outer, base on base, and { $pressing -> 
       [pressing-finger] finger-press
      *[other] press
    } the rim so that the lining does not peep out.
    .check = The lining lies a thread below the rim all round.
step-topstitch = Topstitch the rim
    .text = Stitch round, { $edge } from the edge. Leave this out if the stitches shall not show.
    .why = It keeps the lining inside; without it the rim must be laid anew after every wash.
    .lost = The lining may roll out at the rim, which is laid anew after every wash.
step-cuff = Turn the cuff
    .text = Fold the rim outward by { $cuff } so that the lining shows.
    .check = The cuff is equally deep all round.
step-fold-rims = Fold both rims in
    .text = { $pressing } the top allowance of { $allowance } to the wrong side on the outer and on the lining.
    .check = Both folded rims are equally long.
step-nest-wrong = Put the lining in
    .text = Slip the lining into the outer, wrong side on wrong side, side seam to side seam.
    .check = The rims lie level; no allowance shows.
step-rim-topstitch = Stitch the rims together
    .check = Both rims are caught everywhere.
step-deep-hem = Sew the hem
    .text = Turn { $allowance } under, fold the rim in by { $hem }, and stitch twice, { $edge } from the lower fold and { $edge } from the rim.
step-deep-hem-flat = Sew the hem while flat
    .text = Turn { $allowance } under, fold the top in by { $hem }, and stitch twice while the piece is flat, { $edge } from the lower fold and { $edge } from the rim.{ $ends ->
        [both] {" "}The other end of the piece, the top of its back, in the same way.
       *[one] {""}
    }
step-plain-hem = Sew the hem
    .text = { $first } { $allowance } to the wrong side at the top and stitch round, { $edge } from the raw edge.
step-plain-hem-flat = Sew the hem while flat
    .text = { $first } { $allowance } to the wrong side and stitch along while the piece is flat, { $edge } from the raw edge.{ $ends ->
        [both] {" "}The other end of the piece, the top of its back, in the same way.
       *[one] {""}
    }
step-hem-flat =
    .why = A finished tube this wide may not pass over the machine.
step-hem-tube =
    .why = Done last it covers the seam ends. The tube must pass over the free arm.
step-hem =
    .check = The hem is equally deep everywhere.
step-tag = Write its tag
    .text = Write on it what it is made of: { $materials }; and how it is washed and ironed, as its care card says.
    .why = Who gets it has not seen the cloth bought.
step-tag-ribbon = Write its tag
    .text = Write on it what it is made of: { $materials }; how it is washed and ironed, as its care card says; and that the ribbon was left long, to be cut to taste.
step-ends-basting = Trim thread ends
    .text = Cut every thread end, and pull out every basting thread.
    .check = No basting thread is left in it.
step-ends = Trim thread ends
    .text = Cut every thread end, take off every one of the { $held }, and count them.
    .check = As many { $held } as went in.
step-press-last = Last shaping
    .text = { $pressing } the sides and crease the edges of the base.
step-foot-corners =
    { $layer ->
        [role-only] Trim the corners at the foot
       *[other] Trim the { $layer } corners at the foot
    }
    .text = Cut the allowance off slantwise at each corner of the base, close to the stitching but not through it.
step-foot-corners-fold =
    { $layer ->
        [role-only] Trim the corners at the foot
       *[other] Trim the { $layer } corners at the foot
    }
    .text = Cut the side allowance off slantwise at each end of the base fold, close to the stitching but not through it.
step-press-last-flat = Last shaping
    .text = { $pressing } it flat, the seams exactly on the edges.
step-put-in = Put the { $thing } in
    .text = Lower the { $thing } in and look at the base, the rim and the sides.
    .check = It stands straight; note what you would change.
step-put-in-folded = Put the { $thing } in
    .text = Lower the { $thing } in, fold the rim down over it on its crease as before, close the flap, and look at the base and the sides.
    .check = It stands straight; note what you would change.
step-tie-loose = Tie the ribbon
    .text = Lay the ribbon round the neck at the tie line, { $tie } above the base, and tie a bow.
step-tie-cuff =
    .check = The ribbon lies clear of the cuff, below it.
step-tie-caught = Tie the ribbon
    .text = Bring the caught ribbon round the neck at the tie line, { $tie } above the base, and tie a bow.
step-underline = Lay the lining on the outer
    .text = Lay each lining on its outer, wrong sides together, edges level, smooth it, and baste all round inside the allowance. From here on the two are one cloth.
    .why = No seam joins the lining to the outer: it is caught in every seam with it.
    .check = Neither cloth bubbles when the two hang from a corner.
step-cuff-unlined = Turn the cuff
    .text = Fold the hemmed rim outward by { $cuff }; { $seen } shows.
problem-hem-over-tie = A hem of { $hem } and its turned edge run over the tie line: at most { $limit } keeps them clear.
step-stiffened = the { $thing }
step-stiffened-each = each { $thing }
step-press-last-round = Last shaping
    .text = { $pressing } the wall, and the seam round the base from inside.
seen-wrong = the wrong side of the cloth
seen-layer = the { $material } on its wrong side
