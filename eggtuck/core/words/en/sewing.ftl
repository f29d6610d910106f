### Sewing steps beyond bags and tubes.

step-put-in-book = Put the { $thing } in
    .text = Bend both boards back and slip the { $thing } into the flaps, then close it.
    .check = The book closes all the way and the cover does not pull; note what you would change.
step-put-in-bowl = Put the { $thing } in
    .text = Set the { $thing } in the middle and look at the base and how high the rim stands.
    .check = The rim stands equally high all round; note what you would change.
step-press-done = Last shaping
    .text = { $pile ->
        [yes] Finger-press it, or let steam work from just above it,
       *[no] { $pressing } it from the right side
    } until every edge lies as it shall.
step-clip-curve = Clip the curve
    .text = Cut little notches into the allowance of every curve, { $deep } deep, at most { $apart } apart where the curve is tightest.
    .why = Turned inward a curve has too much edge for its place; the notches take it out.
step-clip-curve-short = Clip the curve
    .text = Cut little notches into the allowance of every curve, to just short of the stitching, at most { $apart } apart where the curve is tightest.
step-trim-curve = Trim the curve
    .text = Trim both allowances of every curve together to { $narrow }.
    .why = Turned inward a curve has too much edge for its place. Overcasting would not hold on notches: a narrow allowance lies round by itself.
step-trim-corners = Trim the corners
    .check = No stitch is cut: pulled apart gently, every corner holds.
    .text = Cut the allowance off slantwise at every corner, close to the stitching but not through it. Leave the allowance at the gap whole.

## Zips

zip-tab-cut = Cut off what of the zip lies more than { $under } beyond the stitching, at both ends.
zip-tab-on = Fold each tab double and lay it over an end of the zip, its fold on the stitching, so that { $tab } of it shows up to the seam and { $length } of zip between the two, and stitch along the fold.
step-zip-ends-fabric-tabs = Cover the zip ends
    .text = Close the zip and mark { $length } on it, as far from one end as from the other. Sew across it at the lower mark, stitch by stitch, the needle between the teeth. Then draw the slider between the two marks: beyond them it would be cut off. At the upper mark lay both tapes side by side, as if closed, let the foot hold them together, and sew across them too.
    .check = The slider runs between the two tabs, and neither end comes apart.
step-zip-ends-long-tape = Prepare the long zip
    .text = Let the tape run past both sides. Do not cut it yet: both seams must be sewn over it first, with the slider between them.
step-zip-ends-plain = Close the zip ends
    .text = Fold the tape ends beyond the stops back, slantwise, out of the way of the seams, and tack them: { $length } of zip opens.
step-zip-ends-plain-free = Close the zip ends
    .text = Fold the tape ends beyond the stops back, slantwise, so far that the seams at the sides will not catch them, and tack them: { $length } of zip opens.
step-zip-ends-shortened-free = Shorten the zip
    .text = Close the zip, its slider at the top. Measure { $length } from the stops there, sew across the teeth at that place, a dozen stitches close on the spot, and cut the zip { $tail } beyond it. Fold the tape back at both ends, slantwise, so far that the seams at the sides will not catch it, and tack it.
step-zip-ends-free =
    .check = Closed, it is { $length } from one end to the other, and the slider stops at both.
step-zip-first = Sew the first zip edge
    .check = Opened out, the zip's right side is seen beside the cloth's right side; the slider runs from end to end without catching cloth.
step-zip-second = Sew the second zip edge
    .check = Closed, both halves mirror each other and end level; the slider runs from end to end without catching cloth.
step-zip-second-around =
    .check = Closed, both edges mirror each other and end level; the slider runs from end to end without catching cloth.
step-zip-topstitch = Topstitch beside the zip
    .text = Fold the cloth away from the zip, crease it, and stitch on both sides, { $edge } from the fold.
    .why = It keeps the cloth out of the teeth.
    .lost = Cloth may fold into the teeth: crease it well away from them.
step-zip-understitch = Stitch the allowances to the lining
    .text = On each side open outer and lining away from the zip, lay the allowances and the tape's edge towards the lining, and stitch through lining, allowances and tape only, { $edge } from the seam. Then fold both away from the zip and crease them.
    .why = It keeps the lining out of the teeth, and no stitching shows outside.
step-open-zip = Stop: open the zip halfway
    .text = Draw the slider to the middle of the { $opening } that open, before any seam that closes the make.
    .check = About { $half } is open.
    .why = With the zip closed the finished pouch cannot be turned.

## Spring frame

step-casing-ends = Hem the ends of the casing
    .text = { $first } { $end } to the wrong side at the short ends of both strips and stitch, { $edge } from the raw edge.
step-casing-baste = Fold and baste the casing
    .text = Fold each strip lengthwise, wrong sides together, and baste the raw edges at { $first }. The channel is then { $before } wide.
step-casing-try = Try the frame
    .text = Push the open frame, { $deep } wide, through the basted casing.
    .check = It slides. If not: the strip was folded off its middle, or the baste is too deep.
step-casing-mouth = Sew the casing into the mouth
step-casing-try-again = Try the frame again
    .text = Push the frame, { $deep } wide, through both channels, now { $channel } wide, before the pouch is closed.
    .check = It still slides. If not: unpick the mouth seam and sew it nearer the raw edge.
step-frame-in = Put in the frame
    .text = Open the frame at one hinge, push both bars through their channels, close the hinge and set its pin.
    .check = The mouth snaps shut along its whole length.

## Tetrahedron

step-tetra-sides =
    { $layer ->
        [role-only] Sew the sides
       *[other] Sew the { $layer } sides
    }
step-tetra-flat =
    { $layer ->
        [role-only] Sew the flat end
       *[other] Sew the { $layer } flat end
    }
step-tetra-end =
    { $layer ->
        [role-only] Sew the crossed end
       *[other] Sew the { $layer } crossed end
    }
    .check = Seam lies on seam; the two ends are at right angles.
## Round pouch

step-trim-back =
    { $layer ->
        [role-lining] Trim the back of the lining
       *[other] Trim the back
    }
    .text =
        { $layer ->
            [role-lining] Lay the sewn front on the back of the lining, middle on middle, and trim that to the lining of the front: { $loss } less in height.
           *[other] Lay the sewn front on the back, middle on middle, and trim the back to it: { $loss } less in height.
        }
    .check = Front and back are the same all round.
step-mark-back = Mark the back
    .text = Measure from its new edges, as they were cut to the front.
    .check = Each mark is there; laid on the front they agree with its own.
step-loop-in =
    .check = The loop points to the middle and lies clear of the seam.
step-round-seam =
    { $layer ->
        [role-only] Sew the round seam
       *[other] Sew the { $layer } round seam
    }
    .check = The curve is even; nothing is caught.
## Gusset bag

step-piping-on = Sew the piping on
    .text = Lay { $piping } of piping round each panel, cord inward, stitching on the stitch line; clip its tape on the curve. Let the ends cross at the bottom, or open one and lay the other in.
    .check = The piping's own stitching lies on the stitch line all the way along.
    .why = Sewn to the flat panel first it cannot slip in the thick seam.
step-ring = Close the ring
    .check = Measured on its stitch line the ring is { $ring } round, the same as the panels.
step-ring-edges = Fold the ring's edges in
    .text = Along both long edges of the ring fold the { $side } allowances of outer and lining in towards each other, crease them, and stitch both folds together, { $edge } from them.
    .check = The ring is { $width } wide all round, and no raw edge shows.
step-ring-edges-padded = Fold the ring's edges in
    .text = Trim the padding out of the { $side } allowances along both long edges of the ring. Fold those of outer and lining in towards each other, crease them, and stitch both folds together, { $edge } from them.
step-panel-lined = Sew the panel to its lining
    .text = Lay its outer and its lining on each other, right sides together, raw edges level, top on top. Sew round, { $allowance } from the raw edges.
    .check = Seen from both sides the stitching runs through both layers.
step-panel-lined-padded = Sew the panel to its lining
    .text = Lay its outer and its lining on each other, right sides together, raw edges level, top on top. Sew round, { $allowance } from the raw edges, and trim the padding out of the allowance, close to the stitching.
step-turn-panels = Turn the panels
    .text = Pull each panel right side out through its { $gap } gap and push its edge out all round from inside. Put a pin or a stitch of bright thread at each notch, for the notches lie inside now.
step-join-panels = Sew the panels to the ring
    .check = Notch meets notch, and the panels lie flat.
    .why = Edge to edge nothing is lost: the panel is as large as its pattern.
step-join-closes = It closes the { $gap } gap of each panel, its allowances turned in.
step-round-at-once = Sew round through all layers
    .why = One seam instead of two, and nothing to keep out of the way; the gap is open twice when it is turned.
step-turn-both = Turn through the gap
    .text = Reach in by the { $gap } gap between the outer back and the front, take hold of the far edge and turn all of it right side out: the lining back comes to lie inside. Push the seam out to its edge from inside with something blunt.
step-close-both = Close both gaps by hand
    .text = The { $gap } gap is open twice: close it outside first, in small ladder stitches from fold to fold, then in the lining.
step-gusset-round = Sew panel to gusset
    .check = Notch meets notch; no pleat is caught.
    .why = The clipped strip opens out and lies round the curve.
step-recessed-zip = Set in the zip
    .why = Beyond both its ends the mouth stays open: so the gusset can spread there. For what is small enter less for “{ input-size-free_clearance }”.
step-gusset-ends = Close the ends of the gusset
step-gusset-ends-hem = Hem the ends of the gusset
    .text = Turn { $allowance } to the wrong side at both short ends, half of it under, and stitch along the inner fold.
step-mouth-facing = Face the mouth
    .check = The seam begins and ends exactly at the gusset.

## Neck bag

step-neck-elastic = Sew on the elastic
    .text = Cut { $elastic } of elastic. On the { $side }, on the neck line, { $line } above the raw base edge, fasten its ends to both sides with { $end } of each to sew on, and its middle to the middle; sew it on with { $zigzag }, stretching it to the cloth as you go.
neck-side-lining = lining side
neck-side-wrong = wrong side
step-neck-ribbon = Catch the ribbon
    .text = { $laid } to one side edge on the neck line, { $line } above the raw base edge, on the right side, the tails lying inward. Fasten them to the middle of the panel, clear of every seam.
step-neck-back = Sew the back seam
    .check = Neck lines meet in the seam.
step-neck-base = Sew the base seam

## Sleeve

step-sleeve-mouth = Join outer and lining at the mouth
step-sleeve-round = Sew the long seam in one pass
    .check = { $gap } is open between two backstitches; the mouth seams meet.
step-sleeve-single = Sew side and end
step-sleeve-side = Sew the side
step-sleeve-end = Sew the closed end
step-sleeve-tuck = Push the lining in
    .text = Push the lining down into the outer with the handle of a wooden spoon, end on end.
    .check = The lining lies flat to the very end; nothing bunches where the hand grips.

## Bowl

step-bowl-quilt =
    { $layer ->
        [role-only] Quilt it
       *[other] Quilt the { $layer }
    }
    .text =
        { $layer ->
            [role-only] Lay it
           *[other] Lay the { $layer }
        } on its padding, right side up, fasten, crease it { $shape ->
            [square] from corner to corner both ways, or
           *[circle] twice
        } across the middle, and stitch on the creases; further lines beside them. Then trim off what of the padding stands out beyond the cloth.
    .check = It still measures what the pattern measures: quilting draws in.
step-bowl-darts =
    { $layer ->
        [role-only] Sew the first two darts
       *[other] Sew the first two { $layer } darts
    }
    .check = Opposite darts are equally long; the points do not pucker.
step-bowl-darts-next =
    { $layer ->
        [role-only] Sew the next two darts
       *[other] Sew the next two { $layer } darts
    }
step-dart-trim = Trim the darts
    .text = Cut the darts open and trim them to { $trim } from the stitching.
step-bowl-hem = Hem the rim
    .text = { $first } { $allowance } to the wrong side all round, the corners first, and stitch, { $edge } from the raw edge.
step-bowl-hem-round = Hem the rim
    .text = Run a gathering stitch in the allowance, to draw it in over the curve. { $first } { $allowance } to the wrong side all round, and stitch, { $edge } from the raw edge.
step-bowl-rim = Sew round the rim
    .check = Dart seam meets dart seam, turned opposite ways.
step-bowl-topstitch = Topstitch the rim
    .text = Stitch all round, { $edge } from the edge, over the { $gap } gap with its allowance turned in.
    .why = The same stitching closes the gap.

## Lid cover

step-lid-round = Sew the circles together
step-lid-holes = Work the buttonholes
    .text = At their marks on the right side work two buttonholes across the channel, { $long } long, { $beside } to each side of the line from the middle to the notch, with a scrap of firm cloth behind them, and cut them open.
    .check = The cord slips through both.
lid-from-middle = { $line } from the middle
lid-from-edge = { $away } inward from the edge
step-lid-channel = Stitch the channel
    .text = Through both layers stitch all round on the inner line of the channel, { $inner }, and on the outer line, { $channel } outside it.
    .check = The channel is equally wide all round.
step-lid-channel-open = Stitch the channel
    .text = Through both layers stitch all round on the inner line of the channel, { $inner }, and on the outer line, { $channel } outside it; of the outer line leave { $open } open where it passes the gap.
step-lid-channel-edge = Stitch the channel
    .text = Through both layers stitch all round on the inner line of the channel, { $inner }. Its other side is the edge, { $channel } outside that line.
step-lid-hem = Hem the edge
    .text = Run a gathering stitch in the allowance, to draw it in over the curve. { $first } { $allowance } to the wrong side all round, and stitch, { $edge } from the raw edge.
step-lid-hem-corners = Hem the edge
    .text = Run a gathering stitch in the allowance wherever the edge is curved, to draw it in. { $first } { $allowance } to the wrong side all round, the corners first, each snipped where it points inward, and stitch, { $edge } from the raw edge.
step-lid-casing = Sew on the casing
    .text = Fold in { $allowance } at both ends and both long edges of the strip. Fasten it to the wrong side of the circle, its inner edge on the inner line of the channel, { $inner }, its ends meeting at the arrow's foot: cut on the bias it gives, so ease that edge in and stretch the outer one to its line. Stitch both edges, { $channel } apart.
step-lid-casing-straight = Sew on the casing
    .text = Fold in { $allowance } at both ends and both long edges of the strip. Fasten it to the wrong side of the circle, its inner edge on the inner line of the channel, { $inner }, its ends meeting at the arrow's foot, and stitch both edges, { $channel } apart.
step-lid-elastic = Draw in the elastic
    .text = Cut { $elastic } of elastic, draw it in between the ends of the strip and round with a safety pin, overlap its ends and sew them. Sew the ends of the strip to each other.
    .check = The elastic is not twisted, and it goes over the rim.
step-lid-elastic-in = Draw in the elastic
    .text = Cut { $elastic } of elastic. Take it in by the gap and the { $open } opening of the outer line, draw it round through the channel with a safety pin, overlap its ends and sew them. Stitch the outer line shut, catching no elastic.
step-lid-elastic-edge = Draw in the elastic
    .text = Cut { $elastic } of elastic. Take it in by the gap, draw it round through the channel with a safety pin, overlap its ends and sew them.
step-lid-cord = Draw in the cord
    .text = Take the cord, { $cord } long, in at one buttonhole, round through the channel and out at the other with a safety pin; knot its ends together.
mark-cord-hole = buttonholes of the cord
    .datum = { $beside } to each side of the line from the middle to the notch at the arrow's foot, their middles { $raw } inward from the raw edge

## Weight

step-strap-four = Fold the strap in four
    .text = Fold the strip in half lengthwise and crease it, open it, fold both long edges to the crease, fold again, and stitch along both sides, { $edge } from the folds.
    .check = It is equally wide from end to end.
step-strap-four-closed = Fold the strap in four
    .text = Turn in { $turn } at both ends and crease it. Fold the strip in half lengthwise and crease it, open it, fold both long edges to the crease, fold again, and stitch all round, { $edge } from the folds.
step-handle-late = Sew the handle on
    .text = Close the flap. Lay the ends of the handle on the outside of the back, one at each side, just below where it turns over the top, and sew each on in a square { $wide } high, { $edge } from its edges, with a cross in it, the inner bag held aside.
    .why = Only now is it seen how the flap closes; and nothing thick lies in the seam round the wrap.
step-handle-on = Put the handle on the top
    .text = Tack the ends of the handle to two opposite sides of the top square, level with the raw edges.
    .check = The handle arches and is not twisted.
step-handle-on-diagonal = Put the handle on the top
    .text = Lay the handle from corner to corner over the top square, its ends reaching the raw corners. Tack them, and trim them level with the raw edges.
step-weight-base = Cross the strips
    .check = The layers lie square; nothing is caught under them.
step-weight-corners = Sew the four corners
    .check = All four flaps end level.
step-weight-top = Sew on the top, three sides
    .check = One edge is open, three corners meet.
step-fill = Fill
    .text = Pour in about { $millilitres } ml of { $what } with a funnel: { $spoons ->
        [one] 1 tablespoon
       *[other] { $spoons } tablespoons
    }, { $grams } g. Tap it down.
    .check = It stands by itself and gives a little under the thumb.
step-weight-close = Close the last side
step-weight-trim = Trim the edges
    .text = Trim the outside allowances evenly, with pinking shears where you have them.

## Covers

step-flap-hems = Hem the flaps
    .text = { $first } { $allowance } to the wrong side along the free edge of both flaps and stitch, { $edge } from the raw edge.
    .check = One flap for the left, one for the right.
step-flap-edges = Stitch the free edges of the flaps
    .text = They are not hemmed: stitch along the free edge of both flaps, { $edge } from it, so that it does not stretch.
step-flap-folds = Fold the flaps
    .text = Fold each flap double along its middle, right side out, all raw edges level, and crease it: the fold is its free edge.
    .check = One flap for the left, one for the right, folds towards the spine.
step-spine-band = Sew the band over the spine
    .text = Turn { $turn } under along both long edges of the band and crease it. Lay it on the right side of the outer cover, notch on notch above and below, and stitch both long edges down, { $edge } from the folds.
    .check = Its ends are level with the raw edges of the cover.
step-narrow-pocket = Put the narrow pocket on the front flap
    .text = Fold the pocket double along its middle, right side out, and crease it; stitch { $edge } from the fold. Lay it on the right side of the front flap, whose free edge is on the right as it faces you, its fold towards that edge, and tack its other three edges, raw edges level.
    .check = The pocket opens towards the spine.
step-slip-pocket = Put the pocket on the front flap
    .text = Fold the pocket double at its upper edge, right sides together, and sew the side that comes to the free edge of the flap, { $turn } from the raw edges. Turn it right side out, crease it, and stitch { $edge } from the fold. Lay it on the right side of the front flap, whose free edge is on the right as it faces you: the sewn side on that edge, the others level with the raw edges. Stitch the sewn side down, { $edge } from it, and tack the other two.
    .check = The pocket opens towards the top.
step-closing-tab = Make the tab
    .text = Lay the two tab pieces right sides together and sew round three sides, { $allowance } from the raw edges. Trim the corners, turn it through its foot and topstitch { $edge } from the edge. Tack its foot to the right side of the cover, to the middle of the back's fore-edge, which is on the left, raw edges level, the tab lying inward.
step-closing-tab-folded = Make the tab
    .text = While it is flat sew the hook half of { $tape } of tape on the right side of one half of the tab, at its end, { $inset } inward from the raw edges. Fold the tab lengthwise, right sides together, and sew the long edge and the end, { $allowance } from the raw edges. Trim the corners, turn it through its foot and topstitch { $edge } from the edge. Tack its foot to the right side of the cover, to the middle of the back's fore-edge, which is on the left, raw edges level, hooks up, the tab lying inward.
step-pen-loop = Catch the pen loop
    .text = Fold { $elastic } of elastic double and tack its ends to the right side of the cover, on the back's fore-edge, which is on the left, its middle { $raw } below the raw upper edge, level with the raw edge, the loop lying inward.
step-ribbon-marker = Catch the ribbon marker
    .text = { $cut } and tack { $tacked } end to the upper edge, at the middle of the spine, { $side }, the rest of it hanging down over the piece. Fasten its loose end to the middle, clear of every seam.
    .check = The loose end is fastened to the middle, clear of every seam.
marker-side-outer = on the right side of the outer
marker-side-lining = on the right side of the lining
marker-side-wrong = on the wrong side, which is the inside of the cover
marker-cut-ribbon = Cut { $ribbon } of ribbon, one end slantwise,
marker-cut-frays = Cut { $ribbon } of ribbon, turn in { $turn } twice at one end and stitch across,
marker-cut-strip = Take the marker
tacked-raw = its raw
tacked-other = the other
step-marker-made = Make the marker
    .text = Turn in { $turn } at one end of the strip and crease it. Fold the strip in half lengthwise, crease it, open it, fold both long edges to the crease, fold again, and stitch round both sides and the turned end, { $edge } from the edge.
    .check = It is { $wide } wide, and only one of its ends is raw.
book-flaps = flaps
book-flaps-pockets = flaps, the one with pocket { $letter } on the front,
step-book-stack = Stack the layers
    .text = Lay lining and cover wrong sides together, { $what } on the inside, all edges level, and baste round.
    .check = Every layer reaches the edge all round.
step-book-layers = Lay the layers
    .text = Cover right side up; flaps right side down on it, fore-edges level{ $pocketed ->
        [yes] , the one with pocket { $letter } on the right: that is the front
       *[no] { "" }
    }; then the lining right side down. Fasten all round.
    .check = Whatever is tacked on lies between the layers and points inward.
step-flap-on-front = Lay the flap with pocket { $letter } on the right: that is the front.
step-cover-round = Sew round the cover
    .check = The gap is open; no flap is folded over.
step-cover-topstitch = Topstitch the edge
    .text = Stitch all round, { $edge } from the edge, over the { $gap } gap with its allowance turned in.
    .why = It closes the gap and keeps the edge sharp.
step-fastener = Set the fastener
    .text = Close the book in its cover, mark where tab and front meet, and set the two halves there, not by number alone.
    .check = It closes without pulling.
step-fastener-tape = Sew the loop half on
    .text = Close the book in its cover, bring the tab round, and mark on the front where the hooks come to lie, not by number alone. Take the book out and sew the loop half of { $tape } of tape there by hand, all round, through the outer only.
step-tassel-in = Catch the ribbon
    .text = { $cut } and tack its ends to the middle of the upper end, level with the raw edge, the loop lying inward on the right side.
step-tassel-in-folded = Catch the ribbon
    .text = { $cut } and tack its ends to the upper end of one half, midway between the fold and the stitch line of its long side, level with the raw edge, the loop lying inward on the right side.
step-strip-sew = Sew the strip
step-strip-turn = Turn the strip
    .text = Turn it right side out through the lower end and push the corners square.
    .check = Every seam lies at the very edge.
step-strip-topstitch = Close and topstitch

## Binding

step-binding-folds = Crease the binding
    .text = Fold the strip in half lengthwise, wrong sides together, and crease it. Open it, fold both long edges to the crease, and crease again: the creases lie { $quarter } apart. Open the strip out.
    .check = Each of the four lanes is { $quarter } wide.
step-binding-folds-tape = Cut the bias tape
    .text = Cut { $length } of bias tape, square across, and open its folds out: it is { $wide } wide then.
step-binding-try = Try the loop on
    .text = Clip the loop round the edge, { $perimeter } all round, before any of it is trimmed or sewn.
    .check = It goes round { $perimeter } without pulling and without waves.
step-binding-on = Sew the binding on
    .why-hand = Folded over it is sewn down on the other side, where small stitches are not seen.
    .why-machine = Folded over it is stitched down from the front: you see where the row runs.
    .check = Each corner has a little fold that stands free.
step-binding-over =
    .check = The first seam is covered everywhere.

## Mat

step-of-bookmark = The bookmark: { $step }
step-of-mat = The mat: { $step }

step-mat-corners = Sew the corner squares on
    .text = Lay a square on a corner of each block, right sides together, raw edges level. Sew along its marked diagonal, trim both layers of the corner to { $allowance } outside the stitching, and open the square out. So all four corners of every block.
    .check = Each block has its square corners back and measures { $width } by { $height }, raw edge to raw edge.
step-mat-rows = Join the blocks
    .text = Right sides together, { $allowance } from the raw edges: { $columns ->
        [1] join the { $rows } blocks one above the other.
       *[other] { $rows ->
            [1] join the { $columns } blocks beside each other.
           *[other] join { $columns } blocks beside each other to each of { $rows } rows, then the rows one above the other.
        }
    } Joined they are the { $top }.
    .check = The top measures { $width } by { $height }, raw edge to raw edge.{ $columns ->
        [1] {""}
       *[other] { $rows ->
            [1] {""}
           *[other] { " " }Where four blocks meet, their corner squares make a diamond.
        }
    }
step-mat-row-blocks = Join the blocks of each row
    .text = Right sides together, { $allowance } from the raw edges.
    .check = Each row is { $width } long, raw edge to raw edge.
step-mat-own-rows = Join the rows
    .text = Lay the { $rows } rows below each other in their order. Right sides together, { $allowance } from the raw edges, join each to the next along its long edge. Joined they are the { $top }.
    .check = The top measures { $width } by { $height }, raw edge to raw edge.
mat-row-is-top = Joined they are the { $top }.
mat-row = Row { $row } from the top, from left to right: { $blocks }.
mat-block-lies = In row { $row } from the top, place { $column } from the left, lies { $thing }, number { $number }.
mat-row-whole = Row { $row } from the top is one block: { $blocks }.
step-mat-layers = Lay the layers
    .check = { $blocks ->
        [yes] Padding and backing stand out beyond the top all round.
       *[no] The edges of top, padding and backing agree all round.
    }
    .text = Lay the { $backing } wrong side up, the padding on it, and the { $top } on that, right side up. Smooth outward and baste.
step-mat-quilt = Quilt
    .text = Stitch from the middle outward, along the marked lines and then beside them. Pull the basting out.
    .check = The back is smooth; no pleats are caught.
step-mat-quilt-blocks = Quilt
    .text = Stitch from the middle outward, in the seams between the blocks, and then beside them. Pull the basting out.
step-mat-trim = Trim to size
    .text = Trim through all layers to { $width } by { $height }; it was cut { $over } larger on every side.
    .check = Both diagonals measure the same.
step-mat-trim-blocks = Trim to size
    .text = Trim through all layers to { $width } by { $height }: on every side { $allowance } off the blocks, for no seam takes what they have there. Backing and padding were cut { $over } larger.
step-mat-trim-top = Trim the top to size
    .text = Trim the joined top to { $width } by { $height }: on every side { $allowance } off, for no seam takes what the blocks have there.
step-mat-baste = Baste the layers
    .text = Lay top and backing wrong sides together and baste close to the edge.

## Mug carrier

step-mat-in =
    .check = It can be taken hold of, and does not fall out when the carrier is turned over.
step-mat-in-quarter = Put the mat into its pocket
    .text = Fold the mat once across and once upwards: it is { $wide } by { $high } then. Slide it into { $pockets ->
        [one] the pocket
       *[other] either pocket
    }, folded edge first.
step-mat-in-half = Put the mat into its pocket
    .text = Fold the mat once upwards: it is { $wide } by { $high } then. Slide it into { $pockets ->
        [one] the pocket
       *[other] either pocket
    }, folded edge first.
step-mat-in-third = Put the mat into its pocket
    .text = Fold the mat in three, like a letter: it is { $wide } by { $high } then. Slide it into { $pockets ->
        [one] the pocket
       *[other] either pocket
    }, folded edge first.

step-flap-pocket-on = Tack the pocket to the flap's lining
    .text = Fold the pocket double, right side out, and crease it: it is { $height } high above its seam then. Lay it on the right side of the flap's lining, its raw edges level with the edge of the join, its fold towards the end of the flap. Baste the sides and the raw edges inside the { $allowance } allowance.
    .check = It opens towards the end of the flap.
step-lining-join = Join the two parts of the lining
    .check = The pocket stands up from the join and no raw edge of it shows.
step-backing-late =
    .why = It is fused only now that the lining is joined: each part reaches { $allowance } beyond the stitching and holds the allowance and the pocket's foot flat.
step-pockets-on =
    .check = Both open towards the flap.
step-handle-tack = Tack the handle
    .text = Lay the handle in a bow across the right side of the wrap, where that turns over the top, an end level with the raw edge at each side, and tack the ends there.
    .check = The handle is not twisted and both ends are level.
step-wrap-round = Sew round the wrap
step-wrap-topstitch = Topstitch the wrap
    .text = Stitch all round, { $edge } from the edge, over the { $gap } gap with its allowance turned in.
    .why =
        { $padded ->
            [yes] It closes the gap and holds the padding.
           *[no] It closes the gap.
        }
step-bag-in = Sew the bag into the wrap
    .text = Leave the bag as it is, its seams outward. Set its base between the two base folds on the inside of the wrap and sew its rim to the wrap along the front and the back, { $sewn ->
            [hand] { $edge } from the edge.
           *[machine] by hand or { $edge } from the edge.
        }
    .check = Base lies on base; the { $thing } slides in without catching.
step-bag-in-rim = Sew the bag into the wrap
    .text = Leave the bag as it is, its seams outward. Set its base between the two base folds on the inside of the wrap and sew it to the wrap's front and back edge along the crease of its rim{ $sewn ->
            [hand] ;
           *[machine] , by hand or { $edge } from the edge;
        } what stands above the crease stays free.
step-rim-down = Fold the rim down
    .text = Put the { $thing } in. Fold the rim of the bag down over it on its crease: first both sides, their corners laid in like a parcel's, then the back, and the front over it.
    .check-over = Front and back lie { $width } over each other in the middle, flat enough for the flap to close.
    .check-open = Front and back leave { $width } open between them, flat enough for the flap to close.
    .why = The flap is closed over it, and only so is it seen where the flap ends.
step-close-button-loop = Sew on the button
    .text = With the { $thing } in, close the flap and mark where the loop falls. Take the { $thing } out, and sew the button on there.
step-close-hook-and-loop = Sew on the hook-and-loop
    .text = Sew the soft part under the flap. With the { $thing } in, close the flap and mark where it lies. Take the { $thing } out, and sew the rough part on there.
step-put-in-lid = Put the cover on
    .text = Draw the cover over the mouth of the { $thing } and let it draw in beneath the rim.
    .check = It lies flat on the mouth and does not slip off; note what you would change.
step-put-in-sleeve = Pull it over the { $thing }
    .text = Pull the sleeve over the { $thing } as far as it goes.
    .check = It neither slips nor turns; note what you would change.
step-bowl-clip-square = Clip and trim the rim
    .text = Cut the corners off slantwise, close to the stitching but not through it. Leave the allowance at the gap whole.
step-bowl-clip-round = Clip and trim the rim
    .text = Cut little notches into the allowance of the curves, each to just short of the stitching.
step-book-stack-unlined = Lay the flaps on
    .text = Lay the { $what } on { $back ->
        [lining] the lining side
       *[wrong] the wrong side
    } of the cover, all edges level, and baste round.
step-tetra-end-zip =
    { $layer ->
        [role-only] Sew the crossed end
       *[other] Sew the { $layer } crossed end
    }
    .check = The fold with the zip lies flat; the two ends are at right angles.
step-trim-corners-whole = Trim the corners
    .text = Cut the allowance off slantwise at every corner, close to the stitching but not through it.
step-trim-corners-strip = Trim the corners
    .text = Cut the allowance off slantwise at the two corners of the sewn end, close to the stitching but not through it. The open end keeps its corners: they are turned in.
step-zip-tails = Cut the tape
    .text = With the slider between the seams, cut what stands out of the tape at both ends, level with the raw edges.
    .check = The slider cannot run off either end.
picture-times = { $count ->
        [one] 1 time
       *[other] { $count } times alike
    }
picture-allowance = { $allowance }
picture-open = open { $length }
picture-clear = Keep clear: { $things }
