### Sewing steps of bags, and those all forms share.

## Faces, pressing

faces-right-together = right sides together
faces-wrong-together = wrong sides together
faces-seam-on-seam = right sides together, side seam on base seam
press-open = press the seam open
press-to-base = press towards the base
press-to-outer = press towards the outer
press-flat = press flat

## Steps

step-press-cloth = Press the cloth
    .text = Wash it first if what you make will be washed. Press it flat before measuring.
    .why = A crease under the ruler makes a piece that is too large.
step-quilt = Quilt before cutting
    .text = Cut the cloth and its padding for each padded piece { $margin } larger on every side than the piece is cut. Quilt from the middle outward, then press. From here on cut the piece out of the quilted cloth.
    .check = Each quilted panel is still larger than its piece on every side.
    .why = Quilting draws the cloth in; cut first, the piece ends too small.
step-cut = Cut the { $count ->
        [one] piece
       *[other] pieces
    }
    .text = Cut { $count ->
        [one] 1 piece
       *[other] { $count } pieces
    } with the arrow along the grain. Write the letter and the role on a scrap of tape on { $count ->
        [one] it
       *[other] each
    }.
    .check = { $count ->
        [one] 1 piece, with
       *[other] { $count } pieces, each with
    } its letter.
step-cut-corners = Cut out the corners
    .text = Cut the small rectangle out of both lower corners, on every layer. Measure from the raw edges.
step-cut-corners-fold = Cut out the corners
    .text = Cut the small rectangle out of both lower corners. At the fold cut the narrower notch: measure from the fold itself, there is no allowance there.
step-cut-corners-base = Cut out the corners
    .text = Fold the piece at the base and cut the notch out of both sides. Measure from the fold itself, there is no allowance there.
step-interfacing = Fuse the interfacing
    .text = Fuse the { $material } to the wrong side of { $pieces }, glue side down, the way its maker says. Let it cool flat.
step-padding = Add the padding
    .text = Lay the { $material } on the wrong side of { $pieces } and baste or quilt it in place.
step-mark = Mark
    .text = Clip the notches no deeper than a third of the allowance. Mark { $lines }.
    .why = A marker that shows must wash out; heat-erasable marks vanish under the iron, so press first.
step-ribbon-in = Catch the ribbon
    .text = Fold the ribbon in half and tack the fold to the side edge { $tie } above the base line, tails lying on the panel.
    .check = Both tails are pinned to the middle of the panel, clear of every seam.
step-sides = Sew the { $layer } sides
    .text = Lay the two { $layer } panels together and sew both sides at { $allowance }. Backstitch at both ends.
step-sides-gap = Sew the { $layer } sides, leaving the gap
    .text = Lay the two { $layer } panels together and sew both sides at { $allowance }, leaving { $gap } open in one of them. Backstitch on both sides of the gap.
step-side = Sew the { $layer } side seam
    .text = Fold the { $layer } piece at its side fold and sew the one side seam at { $allowance }. Backstitch at both ends.
step-side-gap = Sew the { $layer } side seam, leaving the gap
    .text = Fold the { $layer } piece at its side fold and sew the one side seam at { $allowance }, leaving { $gap } open. Backstitch on both sides of the gap.
step-sides-base-fold = Sew the { $layer } sides
    .text = Fold the { $layer } piece at its base fold and sew both sides at { $allowance }. Backstitch at both ends.
step-sides-base-fold-gap = Sew the { $layer } sides, leaving the gap
    .text = Fold the { $layer } piece at its base fold and sew both sides at { $allowance }, leaving { $gap } open in one of them. Backstitch on both sides of the gap.
step-first-side = Sew one { $layer } side
    .text = Lay the two panels together and sew one side only at { $allowance }; open the two panels out flat for the hem.
step-second-side = Sew the other { $layer } side
    .text = Fold the panels together again and sew the other side at { $allowance }, through the hem. Go back and forth over the hem.
step-base = Sew the { $layer } base
    .text = Sew the base seam at { $allowance }. Backstitch at both ends.
step-base-gap = Sew the { $layer } base, leaving the gap
    .text = Sew the base seam at { $allowance } from each end to the gap, leaving { $gap } open in the middle. Backstitch on both sides of the gap.
step-gap =
    .check = { $gap } is open between two backstitches.
step-corners-cut = Close the { $layer } corners
    .text = Open each cut corner, bring side and base together so that the raw edges lie in one line { $depth } long, and sew across at { $allowance }. { $count ->
        [one] 1 corner
       *[other] { $count } corners
    }.
    .check = Seam meets seam in the middle; the two corners are equally long.
step-corner-lines = Mark the { $layer } corner lines
    .text = Squash each corner so that the side lies exactly on the base. Measure { $tip } from the stitched tip along the seam and draw a line { $line } long across, square to it.
    .check = Both lines measure { $line }, with the seam at the middle. Trimming cannot be undone.
step-corners-sewn = Sew the { $layer } corners
    .text = Sew across each squashed corner on its line, { $depth } long. { $count ->
        [one] 1 corner
       *[other] { $count } corners
    }.
    .check = The two triangles are equally large.
step-corner-trim = Trim the { $layer } corners
    .text = Cut the triangles off { $box } outside the stitching.
    .why = Only now, when both corners have been measured.
step-nest-right = Put outer and lining together
    .text = Turn the outer right side out and leave the lining wrong side out. Slip the outer into the lining, side seam to side seam.
    .check = The right sides face each other; whatever is tacked on, and every loose end, lies inside.
step-rim = Sew round the rim
    .text = Sew the two rims together at { $allowance }, all the way round. Start beside a side seam and overlap the ends.
    .check = The side seams meet, nothing else is caught, and the gap is still open.
step-turn = Turn through the gap
    .text = Pull all of it right side out through the { $gap } gap. Push every seam out to its edge from inside with something blunt.
    .check = No raw edge shows outside; every seam lies at the very edge.
step-close-gap = Close the gap
    .text = Press the allowances of the { $gap } gap inward. Close it by hand if it shall not show, or by machine close to the fold.
step-settle = Settle the lining
    .text = Push the lining down into the outer, base on base, and press the rim so that the lining does not peep out.
    .check = The lining lies a thread below the rim all round.
step-topstitch = Topstitch the rim
    .text = Stitch round the rim close to the edge. Leave this out if the stitches shall not show.
    .why = It keeps the lining inside; without it the rim needs pressing after every wash.
step-cuff = Turn the cuff
    .text = Fold the rim outward by { $cuff } so that the lining shows.
    .check = The cuff is equally deep all round and ends above the tie line.
step-fold-rims = Fold both rims in
    .text = Press the top allowance of { $allowance } to the wrong side on the outer and on the lining.
    .check = Both folded rims are equally long.
step-nest-wrong = Put the lining in
    .text = Slip the lining into the outer, wrong side on wrong side, side seam to side seam.
    .check = The rims lie level; no allowance shows.
step-rim-topstitch = Stitch the rims together
    .text = Stitch all round through both folded rims, close to the edge.
    .check = Both rims are caught everywhere.
step-deep-hem = Sew the hem
    .text = Turn { $allowance } under, fold the rim in by { $hem }, and stitch twice: close to the lower fold and close to the rim.
step-deep-hem-flat = Sew the hem while flat
    .text = Turn { $allowance } under, fold the top in by { $hem }, and stitch twice while the piece is flat: close to the lower fold and close to the rim.
step-plain-hem = Sew the hem
    .text = Finish the raw edges. Fold { $allowance } in at the top and stitch round.
step-plain-hem-flat = Sew the hem while flat
    .text = Finish the raw edges. Fold { $allowance } in at the top and stitch along while the piece is flat.
step-hem-flat =
    .why = A finished tube this wide may not pass over the machine.
step-hem-tube =
    .why = Done last it covers the seam ends. The tube must pass over the free arm.
step-hem =
    .check = The hem is equally deep everywhere.
step-ends = Trim thread ends
    .text = Cut every thread end, take out every pin, and count the pins.
step-press-last = Press
    .text = Press the sides and crease the edges of the base.
step-put-in = Put the { $thing } in
    .text = Lower the { $thing } in and look at the base, the rim and the sides.
    .check = It stands straight; note what you would change.
step-tie-loose = Tie the ribbon
    .text = Lay the ribbon round the neck at the tie line, { $tie } up, and tie a bow.
step-tie-caught = Tie the ribbon
    .text = Bring the caught ribbon round the neck at the tie line, { $tie } up, and tie a bow.
mark-what-gap = the ends of the gap
mark-what-tie = the tie line
mark-what-lines = every line you will sew or fold on
step-underline = Lay the lining on the outer
    .text = Lay each lining on the wrong side of its outer, edges level, smooth it, and baste all round inside the allowance. From here on the two are one cloth.
    .why = No seam joins the lining to the outer: it is caught in every seam with it.
    .check = Neither cloth bubbles when the two hang from a corner.
step-cuff-unlined = Turn the cuff
    .text = Fold the hemmed rim outward by { $cuff }; the wrong side of the cloth shows.
problem-hem-over-tie = A hem of { $hem } and its turned edge run over the tie line: at most { $limit } keeps them clear.
press-one-side = press to one side
step-stiffened = the { $role } { $piece } ({ $letter })
step-stiffened-each = each { $role } { $piece } ({ $letter })
step-press-last-round = Press
    .text = Press the wall, and the seam round the base from inside.
