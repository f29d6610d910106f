### Sewing steps beyond bags and tubes.

step-put-in-book = Put the { $thing } in
    .text = Bend both boards back and slip the { $thing } into the flaps, then close it.
    .check = The book closes all the way and the cover does not pull; note what you would change.
step-put-in-bowl = Put the { $thing } in
    .text = Set the { $thing } in the middle and look at the base and how high the rim stands.
    .check = The rim stands equally high all round; note what you would change.
step-press-done = Press
    .text = Press it from the right side, as hot as its coolest material allows.
step-overcast = Finish the seam edges
    .text = Overcast, pink or bind every seam edge that shows inside.
    .why = Cloth that frays eats its way to the stitches. No overlock: a wide zigzag does it.
step-clip-curve = Clip the curve
    .text = Cut little notches into the allowance of every curve, each to just short of the stitching; closer together where the curve is tight.
step-trim-corners = Trim the corners
    .text = Cut the allowance off slantwise at every corner, close to the stitching but not through it. Leave the allowance at the gap whole.

## Zips

step-zip-ends-fabric-tabs = Cover the zip ends
    .text = Sew across the zip just inside each metal end, by hand wheel. Fold each tab double, its fold over the zip's end so that { $tab } of it shows up to the seam and { $length } of zip between the two, and stitch along the fold. Trim the tape under the tab.
step-zip-ends-long-tape = Prepare the long zip
    .text = Let the tape run past both sides. Do not cut it yet: both seams must be sewn over it and the slider must lie between them first.
step-zip-ends-plain = Close the zip ends
    .text = Fold the tape ends beyond the stops back, slantwise, out of the way of the seams, and tack them: { $length } of zip opens.
step-zip-first = Sew the first zip edge
    .text = Lay the zip on its panel, right sides together, { $edges }, and sew at { $allowance } with the zip foot: that is { $tape } from the edge of the tape. Halfway along, needle down, lift the foot and draw the slider past it.
step-zip-first-lined = Sew the first zip edge
    .text = Lay the zip between outer and lining, right sides inward, { $edges }, and sew all three at { $allowance } with the zip foot: that is { $tape } from the edge of the tape. Halfway along, needle down, lift the foot and draw the slider past it.
step-zip-second = Sew the second zip edge
    .text = Lay the other edge of the zip on the other panel, ends level with the first, { $edges }, and sew at { $allowance }, { $tape } from the edge of the tape. Park the slider out of the way as before.
step-zip-second-lined = Sew the second zip edge
    .text = Lay the other edge of the zip between the other outer and its lining, ends level with the first side, { $edges }, and sew all three at { $allowance }, { $tape } from the edge of the tape. Park the slider out of the way as before.
step-zip =
    .check = The slider runs from end to end without catching cloth.
step-zip-topstitch = Topstitch beside the zip
    .text = Fold the cloth away from the zip, press, and stitch close to the fold on both sides.
    .why = It keeps outer and lining out of the teeth.
step-open-zip = Stop: open the zip halfway
    .text = Draw the slider to the middle before any seam that closes the make.
    .check = A hand goes through the open zip.
    .why = With the zip closed the finished pouch cannot be turned.

## Spring frame

step-casing-ends = Hem the ends of the casing
    .text = Turn in { $end } at the short ends of both strips and stitch them down.
step-casing-baste = Fold and baste the casing
    .text = Fold each strip lengthwise, wrong sides together, and baste the raw edges at { $first }. The channel is then { $before } wide.
step-casing-try = Try the frame
    .text = Push the open frame, { $deep } wide, through the basted casing.
    .check = It slides. If not: the strip was folded off its middle, or the baste is too deep.
step-casing-mouth = Sew the casing into the mouth
    .text = Pin each casing to the middle of its mouth edge, raw edges level, ends clear of the side seams, and sew at { $last }.
step-casing-try-again = Try the frame again
    .text = Push the frame, { $deep } wide, through both channels, now { $channel } wide, before the pouch is closed.
    .check = It still slides. If not: unpick the mouth seam and sew it nearer the raw edge.
step-frame-in = Put in the frame
    .text = Open the frame at one hinge, push both bars through their channels, close the hinge and set its pin.
    .check = The mouth snaps shut along its whole length.

## Tetrahedron

step-tetra-sides = Sew the { $layer } sides
    .text = Sew both { $layer } sides at { $allowance }, from the mouth to the other end.
step-tetra-flat = Sew the { $layer } flat end
    .text = Lay the { $layer } tube flat with the zip in the middle of one face and sew across the end at { $allowance }; go back and forth over the zip.
step-tetra-end = Sew the { $layer } crossed end
    .text = Turn the tube a quarter so that its two side seams lie on each other in the middle. Sew across the { $layer } end at { $allowance }.
    .check = Seam lies on seam; the two ends are at right angles.
step-tetra-end-gap = Sew the { $layer } crossed end, leaving the gap
    .text = Turn the tube a quarter so that its two side seams lie on each other in the middle. Sew across the { $layer } end at { $allowance }, leaving { $gap } open. Backstitch on both sides of the gap.

## Round pouch

step-trim-back = Trim the back
    .text = Lay the sewn front on the back, middle on middle, and trim the back to it: { $loss } less in height.
    .check = Front and back are the same all round.
step-loop-in = Catch the loop
    .text = Cut { $loop }, fold it double and tack its ends level with the raw edge, the loop lying inward.
    .check = The loop points to the middle and lies clear of the seam.
step-round-seam = Sew the { $layer } round seam
    .text = Pin front and back at the quarters, the zip open, and sew round at { $allowance }. Sew slowly over the zip ends, back and forth.
    .check = The curve is even; nothing is caught.
step-round-seam-gap = Sew the { $layer } round seam, leaving the gap
    .text = Pin front and back at the quarters, the zip open, and sew round at { $allowance }, leaving { $gap } open at the bottom. Backstitch on both sides of the gap.

## Gusset bag

step-piping-on = Sew the piping on
    .text = Lay { $piping } of piping round each panel, cord inward, stitching on the stitch line; clip its tape on the curve. Let the ends cross at the bottom, or open one and lay the other in.
    .check = The piping's own stitching lies on the stitch line all round.
    .why = Sewn to the flat panel first it cannot slip in the thick seam.
step-ring = Close the ring
    .text = Sew both ends of the zip section to the ends of the gusset at { $allowance }; go back and forth over the zip. Topstitch beside both seams.
    .check = Measured on its stitch line the ring is { $ring } round, the same as the panels.
step-gusset-round = Sew panel to gusset
    .text = Clip the gusset's allowance every finger's width. Pin the notches: bottom, quarters, ends of the gusset; then between. Sew at { $allowance } with the gusset on top, one panel after the other.
    .check = Notch meets notch; no pleat is caught.
    .why = The clipped strip opens out and lies round the curve.
step-gusset-round-gap = Sew panel to gusset, leaving the gap
    .text = Clip the gusset's allowance every finger's width. Pin the notches: bottom, quarters, ends of the gusset; then between. Sew at { $allowance }, leaving { $gap } open at the bottom of one panel.
step-recessed-zip = Set the zip between facing and lining
    .text = For each side: lay one zip edge between the straight edges of facing and lining panel and sew all three at { $allowance }. Do the same on the other side, both halves mirrored.
step-recessed-tack = Tack the zip ends
    .text = Fold the zip's tape ends down out of the way of the round seam and tack them.
    .check = The slider stops before the seam at both ends.
step-gusset-ends = Close the ends of the gusset
    .text = Lay gusset and its lining together and sew both short ends at { $allowance }. Turn and press.
step-gusset-ends-hem = Hem the ends of the gusset
    .text = Turn the short ends in twice and stitch.
step-mouth-facing = Face the mouth
    .text = Sew facing to panel along the open stretch of the rim at { $allowance }, from gusset end to gusset end on both sides; pivot there.
    .check = The seam begins and ends exactly at the gusset.

## Neck bag

step-neck-elastic = Sew on the elastic
    .text = Cut { $elastic } of elastic. On the wrong side, on the neck line, { $line } above the raw base edge, pin its ends to both sides with { $end } of each to sew on, and its middle to the middle; sew it on with a zigzag, stretching it to the cloth as you go.
step-neck-ribbon = Catch the ribbon
    .text = Cut { $ribbon }, fold it in half and tack the fold to one side edge on the neck line, { $line } above the raw base edge, tails lying on the cloth.
step-neck-back = Sew the back seam
    .text = Fold the piece lengthwise and sew the back seam at { $allowance }; backstitch at both ends and over whatever it catches.
    .check = Neck lines meet in the seam.
step-neck-base = Sew the base seam
    .text = Lay the tube flat with the back seam in the middle and sew across the bottom at { $allowance }. The thing will push it open.

## Sleeve

step-sleeve-mouth = Join outer and lining at the mouth
    .text = Lay outer and lining together at the mouth and sew across at { $allowance }. Open them out into one long piece.
step-sleeve-round = Sew the long seam in one pass
    .text = Fold lengthwise, mouth seam on mouth seam. Begin in the lining's side after the gap, sew round the lining's end, along both sides and round the outer's end at { $allowance }, leaving { $gap } open in the lining's side. Pivot at the corners, needle down.
    .check = { $gap } is open between two backstitches; the mouth seams meet.
step-sleeve-single = Sew side and end
    .text = Fold lengthwise and sew down the side and across the end at { $allowance }, pivoting at the corner.
step-sleeve-tuck = Push the lining in
    .text = Push the lining down into the outer with the handle of a wooden spoon, end on end.
    .check = The lining lies flat to the very end; nothing bunches where the hand grips.

## Bowl

step-bowl-quilt = Quilt the { $layer }
    .text = Lay the { $layer } on its padding and stitch from corner to corner, or across the middle. Then trim the padding level.
    .check = It still measures what the pattern measures: quilting draws in.
step-bowl-darts = Sew the first two { $layer } darts
    .text = Fold the { $layer } through the middle of a dart, leg on leg, and sew from the raw edge, { $half } from the fold there, to nothing at the point, { $length } from the raw edge. Then the dart opposite.
    .check = Opposite darts are equally long; the points do not pucker.
step-bowl-darts-gap = Sew the first two { $layer } darts, leaving the gap
    .text = Fold the { $layer } through the middle of a dart, leg on leg, and sew from the raw edge, { $half } from the fold there, to the point, { $length } from the raw edge, leaving { $gap } open in the middle of the first. Then the dart opposite.
step-bowl-darts-next = Sew the next two { $layer } darts
    .text = Refold the { $layer } through the next pair of darts and sew them the same way: { $half } from the fold at the raw edge, to nothing { $length } from it.
step-dart-trim = Trim the darts
    .text = Cut the darts open and trim them to { $trim } from the stitching.
step-bowl-hem = Hem the rim
    .text = Turn { $allowance } in all round and stitch; fold the corners in first.
step-bowl-rim = Sew round the rim
    .text = Put outer and lining together, dart seam on dart seam, and sew round at { $allowance }.
    .check = Dart seam meets dart seam, pressed opposite ways.
step-bowl-rim-gap = Sew round the rim, leaving the gap
    .text = Put outer and lining together, dart seam on dart seam, and sew round at { $allowance }, leaving { $gap } open on one side. Backstitch on both sides of the gap.
step-bowl-topstitch = Topstitch the rim
    .text = Fold the allowance of the gap inward, press, and stitch all round close to the edge.
    .why = The same stitching closes the gap.

## Lid cover

step-lid-round = Sew the circles together
    .text = Lay the two circles together and sew round at { $allowance }, leaving { $gap } open. Backstitch on both sides of the gap.
step-lid-channel = Stitch the channel
    .text = Stitch a circle { $line } from the middle and another { $channel } outside it, leaving a small opening to thread through.
    .check = The channel is equally wide all round.
step-lid-hem = Hem the edge
    .text = Run a gathering stitch in the allowance of { $allowance }, draw it in over the curve, turn the edge in and stitch.
step-lid-casing = Sew on the casing
    .text = Fold in both long edges of the bias strip. Pin it to the wrong side, its inner edge { $line } from the middle, and stitch both edges, { $channel } apart, leaving its ends open.
step-lid-elastic = Draw in the elastic
    .text = Cut { $elastic } of elastic, draw it through with a safety pin, overlap its ends and sew them. Close the opening.
    .check = The elastic is not twisted, and it goes over the rim.

## Weight

step-strap-four = Fold the strap in four
    .text = Press the strip in half lengthwise, open it, fold both long edges to the crease, fold again, and stitch along both sides.
    .check = The strap is equally wide from end to end.
step-handle-on = Put the handle on the top
    .text = Tack the ends of the handle to two opposite sides of the top square, level with the raw edges.
    .check = The handle arches and is not twisted.
step-weight-base = Cross the strips
    .text = Lay one strip across the other, base square on base square, and sew round the square at { $allowance } from its free edges.
    .check = The layers lie square; nothing is caught under them.
step-weight-corners = Sew the four corners
    .text = Bring neighbouring flaps together and sew each corner at { $allowance }, from the base up, one after the other; stop at the top stitch line.
    .check = All four flaps end level.
step-weight-top = Sew on the top, three sides
    .text = Sew the top square to three of the flaps at { $allowance }, one side at a time. Leave the fourth open.
    .check = One edge is open, three corners meet.
step-fill = Fill
    .text = Pour in about { $millilitres } ml with a funnel: { $spoons ->
        [one] 1 tablespoon
       *[other] { $spoons } tablespoons
    }, { $grams } g. Tap it down.
    .check = It stands by itself and gives a little under the thumb.
step-weight-close = Close the last side
    .text = Clip the open edge shut, tilt the filling away from it, and sew it at { $allowance }, twice.
step-weight-trim = Trim the edges
    .text = Trim the outside allowances evenly, with pinking shears where you have them.

## Covers

step-flap-hems = Hem the flaps
    .text = Turn in the free edge of both flaps and stitch.
    .check = One flap for the left, one for the right.
step-slip-pocket = Put the pocket on the front flap
    .text = Fold the pocket double at its upper edge, press, stitch along the fold and tack its other edges to the front flap.
    .check = The pocket opens towards the top.
step-closing-tab = Make the tab
    .text = Sew the two tab pieces together round three sides, trim the corners, turn through the foot and topstitch. Tack its foot to the middle of the back's fore-edge.
step-pen-loop = Catch the pen loop
    .text = Fold { $elastic } of elastic double and tack its ends to the fore-edge of the back.
step-ribbon-marker = Catch the ribbon marker
    .text = Cut { $ribbon } and tack one end to the upper edge, at the middle of the spine.
    .check = The loose end is pinned to the middle, clear of every seam.
step-book-stack = Stack the layers
    .text = Lay lining and cover wrong sides together, flaps and pockets on the inside, all edges level, and baste round.
    .check = Every layer reaches the edge all round.
step-book-layers = Lay the layers
    .text = Cover right side up; flaps right side down on it, fore-edges level; then the lining right side down. Pin.
    .check = Whatever is tacked on lies between the layers and points inward.
step-cover-round = Sew round the cover
    .text = Sew all round at { $allowance }, leaving { $gap } open in the lower edge between the flaps. Pivot at the corners; backstitch over the flaps' edges.
    .check = The gap is open; no flap is folded over.
step-cover-topstitch = Topstitch the edge
    .text = Press the gap's allowance in and stitch all round close to the edge.
    .why = It closes the gap and keeps the edge sharp.
step-fastener = Set the fastener
    .text = Close the book in its cover, mark where tab and front meet, and set the two halves there, not by number alone.
    .check = It closes without pulling.
step-tassel-in = Catch the ribbon
    .text = Fold { $ribbon } of ribbon double and tack its ends to the middle of the upper end, the loop lying inward.
step-strip-sew = Sew the strip
    .text = Sew at { $allowance }, leaving the lower end open.
step-strip-turn = Turn the strip
    .text = Turn it right side out through the lower end and push the corners square.
    .check = Every seam lies at the very edge.
step-strip-topstitch = Close and topstitch
    .text = Turn in the lower end by { $allowance }, press, and stitch all round close to the edge.

## Binding

step-binding-join-diagonal = Join the binding to a loop
    .text = Lay the two square ends across each other, { $wide } overlapping, right sides together, and sew from corner to corner. Trim to { $allowance }.
step-binding-join-straight = Join the binding to a loop
    .text = Sew the two ends together straight at { $allowance }.
step-binding-try = Try the loop on
    .text = Clip the loop round the edge, { $perimeter } all round, before any of it is trimmed or sewn.
    .check = It goes round { $perimeter } without pulling and without waves.
step-binding-on = Sew the binding on
    .text = Sew the loop to the edge at { $allowance }, raw edges level, side by side: stop { $allowance } before each corner, fold the strip up square and down again, and start the next side.
    .check = Each corner has a little fold that stands free.
step-binding-over =
    .check = The first seam is covered everywhere.

## Mat

step-mat-corners = Sew the corner squares on
    .text = Lay a square on a corner of each block, sew across its diagonal, trim to { $allowance } outside the stitching and open it out. All four corners.
    .check = The block has its square corners back.
step-mat-rows = Join the blocks
    .text = Join the blocks to rows at { $allowance }, then the rows to the top.
    .check = Four corner squares meet in a diamond; seams nest.
step-mat-layers = Lay the layers
    .text = Backing wrong side up, padding, top right side up. Smooth outward and baste.
    .check = Padding and backing stand out beyond the top all round.
step-mat-quilt = Quilt
    .text = Stitch from the middle outward, along the marked lines and then beside them.
    .check = The back is smooth; no pleats are caught.
step-mat-trim = Trim to size
    .text = Trim through all layers to { $width } by { $height }; it was cut { $over } larger on every side.
    .check = Both diagonals measure the same.
step-mat-baste = Baste the layers
    .text = Lay top and backing wrong sides together and baste close to the edge.

## Mug carrier

step-pockets-on =
    .check = Both open towards the flap.
step-handle-tack = Tack the handle
    .text = Tack the ends of the handle to both sides of the wrap where it turns over the top.
    .check = The handle is not twisted and both ends are level.
step-wrap-round = Sew round the wrap
    .text = Lay wrap and its lining together, handle, loop and pockets between, and sew round at { $allowance }, leaving { $gap } open in the front end.
step-wrap-topstitch = Topstitch the wrap
    .text = Press the gap's allowance in and stitch all round close to the edge.
    .why = It closes the gap and holds the padding.
step-bag-in = Sew the bag into the wrap
    .text = Set the bag's base between the two base folds on the inside of the wrap and sew its rim to the wrap along the front and the back, by hand or close to the edge.
    .check = Base lies on base; the { $thing } slides in without catching.
step-close-button-loop = Sew on the button
    .text = Put the { $thing } in, close the flap, and sew the button where the loop falls.
step-close-hook-and-loop = Sew on the hook-and-loop
    .text = Sew the soft part under the flap. Put the { $thing } in, close the flap, mark, and sew the rough part there.
step-put-in-lid = Put the cover on
    .text = Draw the cover over the mouth of the { $thing } and let it draw in beneath the rim.
    .check = It lies flat on the mouth and does not slip off; note what you would change.
step-put-in-sleeve = Pull it over the { $thing }
    .text = Pull the sleeve over the { $thing } as far as it goes.
    .check = It neither slips nor turns; note what you would change.
step-bowl-clip-square = Clip and trim the rim
    .text = Cut the corners off slantwise, close to the stitching but not through it. Leave the allowance at the gap whole.
step-bowl-clip-square-padded = Clip and trim the rim
    .text = Cut the corners off slantwise, close to the stitching but not through it. Trim the padding out of the seam. Leave the allowance at the gap whole.
step-bowl-clip-round = Clip and trim the rim
    .text = Cut little notches into the allowance of the curves, each to just short of the stitching.
step-bowl-clip-round-padded = Clip and trim the rim
    .text = Cut little notches into the allowance of the curves, each to just short of the stitching. Trim the padding out of the seam.
step-book-stack-unlined = Lay the flaps on
    .text = Lay the flaps and pockets on the wrong side of the cover, all edges level, and baste round.
step-recessed-zip-unlined = Set the zip to the facing
    .text = For each side: lay one zip edge on the straight edge of the facing and sew the two at { $allowance }. Do the same on the other side, both halves mirrored.
step-tetra-sides-zip = Sew the { $layer } sides
    .text = Sew both { $layer } sides at { $allowance }, from the mouth to the other end, over the ends of the zip.
step-tetra-end-zip = Sew the { $layer } crossed end
    .text = Turn the tube a quarter so that the zip lies along one of its folds. Sew across the { $layer } end at { $allowance }, back and forth over the zip.
    .check = The fold with the zip lies flat; the two ends are at right angles.
step-tetra-end-zip-gap = Sew the { $layer } crossed end, leaving the gap
    .text = Turn the tube a quarter so that the zip lies along one of its folds. Sew across the { $layer } end at { $allowance }, leaving { $gap } open. Backstitch on both sides of the gap.
step-trim-corners-whole = Trim the corners
    .text = Cut the allowance off slantwise at every corner, close to the stitching but not through it.
step-trim-corners-strip = Trim the corners
    .text = Cut the allowance off slantwise at the two corners of the sewn end, close to the stitching but not through it. The open end keeps its corners: they are turned in.
step-zip-second-around = Sew the second zip edge
    .text = Bring the opposite edge of the piece round to the other edge of the zip, ends level with the first side, right sides together, { $edges }, and sew at { $allowance }, { $tape } from the edge of the tape. Park the slider out of the way as before.
step-zip-second-around-lined = Sew the second zip edge
    .text = Bring the opposite edges of outer and lining round to the other edge of the zip, the zip between them as before, ends level with the first side, { $edges }, and sew all three at { $allowance }, { $tape } from the edge of the tape. Park the slider out of the way.
step-zip-tails = Cut the tape
    .text = With the slider between the seams, cut what stands out of the tape at both ends, level with the raw edges.
    .check = The slider cannot run off either end.
