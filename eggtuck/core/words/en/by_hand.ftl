### What is told otherwise to somebody who sews a whole make by hand.

hand-backstitch = By hand in backstitch, in a doubled thread no longer than your forearm: come up { $long } ahead, go down where the last stitch ended.
hand-backstitch-again = By hand in backstitch, { $long } a stitch.
hand-tacked = Tack it by hand, with a few stitches on the spot.
hand-own = All of it by hand.
hand-running = By hand in small running stitches, about { $long } long, the same above and below.
hand-needle-plain = sharp hand needle, number { $number }
hand-needle-jersey = ball-point hand needle, number { $number }
hand-needle-sharp = three-edged needle for leather, number { $number }
hand-ends-dart = Begin at the raw edge with three stitches on the spot, and end at the point with a flat knot: drawn tight it would pucker.
hand-ends-dart-gap = Begin at the raw edge with three stitches on the spot, sew three on both sides of the gap, and end at the point with a flat knot.
hand-ends-back = Begin with a knot hidden between the layers, and end with three stitches on the spot.
hand-ends-gap = Begin with a knot hidden between the layers, end with three stitches on the spot, and sew three on both sides of the gap.
hand-ends-gap-only = Sew three stitches on the spot on both sides of the gap.
hand-ends-long-tape = Before the second end of the zip is sewn over draw the slider between the two. Where the zip stands open hold both tapes side by side, as if closed. Sew three times over the zip's teeth at each end.
hand-ends-fabric-tabs = Sew three times over each zip tab.
hand-ends-over = Sew three times over each end of { $things } that lies in this seam.
hand-bulk-caught = Where { $things } { $count ->
        [one] lies
       *[other] lie
    } in this seam it is { $thick } thick: one stitch at a time there, pushed straight through.
hand-ends-shortened = Sew three times over the cut end of the zip.
hand-sew-pivot = { $count ->
        [one] Set a stitch exactly on the corner, and turn there.
       *[other] Set a stitch exactly on each of the { $count } corners, and turn there.
    }
hand-step-topstitch-both =
    .text = Stitch round with the outer on top, { $edge } from the edge, in a thread that goes with both: it shows on either side.
hand-step-close-gap =
    .check = The gap is closed from end to end, and { $held ->
        [held-basting] no basting thread is left inside
       *[held-pins] the { $held } are all there
    }.
hand-step-sleeve-round =
    .check = { $gap } is open between the two places sewn on the spot; the mouth seams meet.
hand-look-gap = { $gap } is open between the two places sewn on the spot.
hand-cause-slipped = The layers slipped: fasten them closer, or baste them first.
hand-cause-gap = The places sewn on the spot lie beside the marks.
hand-cause-tension = The thread was drawn too tight: it puckers. Or too loose: it gapes.
hand-cause-needle = It goes through hard: the needle is blunt, too thick, or not of this kind.
hand-remedy-gap = Too short: unpick to the mark and sew on the spot again. Too long: sew on to the mark.
hand-remedy-zip = Unpick that stretch and sew it a hair's breadth further out.
hand-remedy-needle = Run the thread through wax, take a new needle, and draw each stitch only till it lies flat.
hand-quilt-lines = Straight lines of running stitch through all layers, no more than { $apart } apart, from the middle outward and all sewn the same way.
hand-step-set-up = Get needle and thread ready
    .text = Thread a { $needle } with { $thread }, doubled. Sew { $trial } of backstitch through a scrap of the same layers: { $layers }. Hold layers with { $hold }. Keep a thimble by you.
    .check = The stitches are alike, and the cloth does not pucker.
hand-hold-pins = pins, square to the edge, and take each out as you come to it
hand-caution-thick = Thick layers: push the needle with a thimble, and draw it through with a bit of rubber or pliers.
hand-stitch-zigzag = herringbone stitch, which gives
hand-stitch-open-zigzag = whip stitches close beside each other
hand-step-hem-tube =
    .why = Done last it covers the seam ends.
hand-step-hem-flat =
    .why = Flat it lies under the hand, all of it in sight.
hand-option-hem_order-after =
    .why = Hides the seam ends.
hand-option-hem_order-before =
    .why = Flat it is easier to sew; the seam ends show in it.
hand-step-edges-overcast =
    .why = Nothing covers these edges inside: whip stitches over the edge hold its threads.
hand-step-zip-ends-fabric-tabs =
    .text = Close the zip and mark { $length } on it, as far from one end as from the other. Sew across it at the lower mark, the needle between the teeth. Then draw the slider between the two marks: beyond them it would be cut off. At the upper mark hold both tapes side by side, as if closed, and sew across them too.
hand-step-zip-slider = That is { $tape } from the edge of the tape. Halfway along, draw the slider past where you are.
hand-step-zip-slider-again = That is { $tape } from the edge of the tape. Draw the slider past where you are halfway along, as before.
hand-caution-hardware = Keep the needle off the metal: it breaks, and the pieces fly.
hand-caution-zip-teeth = Keep the needle off metal near stops and teeth: it breaks, and the pieces fly.
hand-step-motif-satin =
    .text = Take the { $figure } on { $letter } ({ $piece }) in hand, and sew round its every edge in blanket stitch, { $deep } deep and { $deep } apart, each stitch down just beyond the edge. At a corner set three in one hole.
    .why = Blanket stitch holds every thread of the edge, and the web keeps it from lifting.
hand-step-border-stitches =
    .text = { $from } { $drawn ->
        [paper] Stick tape that comes off again across the right side of { $letter } ({ $piece }), its upper edge { $place }
       *[chalk] Draw a line with chalk across the right side of { $letter } ({ $piece }), { $place }
    }, and { $more ->
        [one] another
       *[other] { $more } more
    } below it, { $spacing } from line to line. Sew along each in chain stitch or another you like, in two or three strands, from one edge of the cloth to the other{ $drawn ->
        [paper] {","} and take the tape off
       *[chalk] {""}
    }.
hand-step-border-stitches-one =
    .text = { $from } { $drawn ->
        [paper] Stick tape that comes off again across the right side of { $letter } ({ $piece }), its upper edge { $place }
       *[chalk] Draw a line with chalk across the right side of { $letter } ({ $piece }), { $place }
    }. Sew along it in chain stitch or another you like, in two or three strands, from one edge of the cloth to the other{ $drawn ->
        [paper] {","} and take the tape off
       *[chalk] {""}
    }.