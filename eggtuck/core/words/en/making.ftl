### How steps are told: what is taken in hand, how it lies, where it is sewn, at its ends, where it is thick, how it is pressed.

thing = { $piece } ({ $letter })
    .of = { $role } { $piece } ({ $letter })
    .role = { $role } { $piece }
    .the = the { $thing }
    .first = the first { $thing }
    .other = the other { $thing }
    .nth = { $thing }, number { $number }
    .each = each { $thing }
    .one = one { $thing }
    .both = both pieces { $letter } ({ $piece })
    .both-of = both { $role } pieces { $letter } ({ $piece })
    .many = { $times } pieces { $letter } ({ $piece })
    .many-of = { $times } { $role } pieces { $letter } ({ $piece })

## How the machine is set

foot-standard = standard foot
    .job = straight seams
    .instead = any foot that lets the needle down in its middle
    .lost = the edge of another foot is no guide that was measured
foot-zip = zip foot
    .job = sews close beside a zip or a cord
    .instead = the standard foot with the needle moved to its side, or by hand in backstitch
    .lost = the seam lies farther from the teeth
foot-walking = walking foot
    .job = carries the upper layer along through a thick stack
    .instead = the standard foot with less pressure, a longer stitch and clips close together
    .lost = the upper layer creeps: baste it first
foot-smooth = non-stick foot
    .job = glides on a sheet that sticks
    .instead = a strip of matt tape under the standard foot, or tissue paper over the seam, torn off after
    .lost = tissue takes time to pick out

## How things lie

lay-take = Take { $things }.
lay-between = Between the two lies, caught with them, { $things }.
lay-work-on = Work on { $things }.
lay-edges = { $a } on { $b }
lay-also = { $first }; { $then }
lay-edges-alike = edge on edge
lay-pair = Lay both pieces { $letter } ({ $piece }) on each other, { $faces }: { $edges }, raw edges level.
lay-pair-of = Lay both { $role } pieces { $letter } ({ $piece }) on each other, { $faces }: { $edges }, raw edges level.
lay-fold = Fold { $what } { $faces }: { $edges }, raw edges level.
lay-on = Lay { $what } on { $other }, { $faces }: { $edges }, raw edges level.
lay-round = Fasten { $what } to { $other } all the way round, { $faces }: { $edges }, raw edges level.
lay-tape = Lay the tape on { $what }, { $faces }.
lay-notches = { $count ->
        [one] Match notch { $numbers } on the way.
       *[other] Match notches { $numbers } on the way.
    }
lay-notches-onto = { $count ->
        [one] Bring notch { $numbers } onto { $onto }.
       *[other] Bring notches { $numbers } onto { $onto }.
    }
lay-zip-line = the middle line of the zip
lay-zip-middle = the middle of the zip
lay-zip-opens = the middle of the { $opening } of zip that open
lay-longer-eased = The edge of { $what } is { $off } the longer: ease that in evenly, without a pleat.
lay-longer = The edge of { $what } is { $off } the longer, more than the cloth eases in: spread it evenly, and lay what will not lie flat in small pleats.
number = { $number }
lay-rims-folded = Fasten both folded rims level, side seam to side seam.
lay-as-laid = Take all layers together as they were laid, raw edges level.
lay-base-fold = Fold it across at its base fold, right sides together: front side on back side, raw edges level.
lay-corner-cut = { $count ->
        [one] Open the cut corner
       *[other] Open each of the { $count } cut corners
    } and bring the seams together so that the raw edges lie in one line, { $depth } from stitching to stitching.
lay-corner-squashed = { $count ->
        [one] Squash the corner
       *[other] Squash each of the { $count } corners
    } flat, seam on seam, with the drawn line on top.
lay-sleeve = Fold lengthwise, right sides together, outer on outer and lining on lining, mouth seam on mouth seam.
lay-long-tube = Open each joined panel out, lining above outer, and lay the two on each other, right sides together: mouth seam on mouth seam, outer on outer, lining on lining.
lay-long-tube-fold = Open the joined piece out, lining above outer, and fold it lengthwise at its side fold, right sides together: mouth seam on itself, edges level.
lay-long-tube-wall = Open the joined walls out, lining above outer, and fold them lengthwise, right sides together: mouth seam on itself, sides level.
lay-neck-base = Lay the tube flat, right sides together, the back seam in the middle of the back, on the notch in the middle of the front.
lay-turn-in = Turn in the allowance of { $allowance } at the open end, both layers, and crease it.
lay-crossed = Lay one strip across the other, both with { $inside ->
        [lining] the lining up
       *[wrong] the wrong side up
    }, base square on base square: folded up, every flap shows its right side outside.
lay-corners-weight = Bring neighbouring flaps together, { $inside ->
        [lining] lining on lining
       *[wrong] wrong sides together
    }, edges level.
lay-tetra-flat = Lay the tube flat, right sides together, with the zip in the middle of one face.
lay-tetra-end = Turn the tube a quarter, so that its two side seams lie on each other in the middle, right sides together.
lay-tetra-end-zip = Turn the tube a quarter, so that the zip lies along one of its folds, right sides together.
lay-bowl-rim = Put outer and lining into each other, right sides together, dart seam on dart seam, raw edges level.
lay-dart =
    { $layer ->
        [role-only] Fold it
       *[other] Fold the { $layer }
    } through the middle of the dart, right sides together, leg on leg: { $darts }, one after the other.
lay-zip-first = Lay the zip on it, right sides together, { $edges }.
lay-zip-first-lined = Lay the zip between outer and lining, right sides inward, { $edges }.
lay-zip-second = Lay the other edge of the zip on it, right sides together, ends level with the first side, { $edges }.
lay-zip-second-lined = Lay the other edge of the zip between the other outer and its lining, right sides inward, ends level with the first side, { $edges }.
lay-zip-second-around = Bring the opposite edge of the piece round to the other edge of the zip, right sides together, ends level with the first side, { $edges }.
lay-zip-second-around-lined = Bring the opposite edges of outer and lining round to the other edge of the zip, the zip between them as before, ends level with the first side, { $edges }.
lay-recessed-zip = On each side lay one zip edge between the straight edges of facing and inner panel, right sides inward, all edges level, the stops of the zip { $clear } before the stitch line of both sides; both halves mirrored.
lay-casing-mouth = Fasten each casing to the middle of its mouth edge, raw edges level, ends clear of the side seams.
lay-casing-mouth-lined = Fasten each casing to the middle of its outer's mouth edge, raw edges level, ends clear of the side seams; lay the lining on it, right side down.
lay-casing-mouth-set-out = Fasten each casing to the middle of its mouth edge, its raw edges standing { $off } out beyond the body’s, which is what you measure from, ends clear of the side seams.
lay-casing-mouth-set-out-lined = Fasten each casing to the middle of its outer's mouth edge, its raw edges standing { $off } out beyond the outer’s, which is what you measure from, ends clear of the side seams; lay the lining on it, right side down, level with the outer.
lay-casing-mouth-set-back = Fasten each casing to the middle of its mouth edge, its raw edges { $off } inside the body's, ends clear of the side seams.
lay-casing-mouth-set-back-lined = Fasten each casing to the middle of its outer's mouth edge, its raw edges { $off } inside the outer's, ends clear of the side seams; lay the lining on it, right side down, level with the outer.
lay-ring-lined = Lay the zip with its strips, outer and lining as one, between the outer gusset and the lining gusset, right sides inward: left end on left end; right end on right end, raw edges level.
lay-binding-join-diagonal = Lay the two square ends across each other, { $wide } overlapping, right sides together. Trim to { $a } when it is sewn.
lay-of-longer = Cut { $over } off its { $length }. { $lay }
lay-binding-join-straight = Lay the two ends on each other, right sides together, raw edges level.
lay-binding = Lay the loop on the right side of the { $on }, right sides together, raw edges level, its join away from the corners.
lay-binding-back = Turn it over: lay the loop on the right side of the { $on }, right sides together, raw edges level, its join away from the corners.

## Where it is sewn

sew-at = Sew the { $seams } { $allowance } from the raw edges, { $way }.
sew-way = Sew the { $seams } { $way }.
sew-pivot = { $count ->
        [one] Pivot at the corner, needle down.
       *[other] Pivot at each of the { $count } corners, needle down.
    }
way-from-to = from the { $start } to the { $end }
way-ends = from end to end
way-along = from one end of the { $end } to the other
way-between = from one { $end ->
        [seam-strip-round-first] long edge of the strip
        [seam-wrap-round-first] end of the wrap
        [seam-cover-round-first] edge that is sewn
        [seam-flap-on-first] short edge of the flap
       *[other] { $end }
    } to the other
way-round = all the way round, overlapping the ends by { $overlap }
way-round-gap = all the way round, from one side of the gap to the other
end-zip = zip
end-corner = cut corner
end-left-of = left end of the { $edge }
end-right-of = right end of the { $edge }
end-corner-left = left cut corner
end-corner-right = right cut corner
way-round-beside = all the way round, beginning beside { $seam ->
    [seam-dart] { $seam }
   *[other] the { $seam }
} and overlapping the ends by { $overlap }
along-edge = Stitch all the way round, { $distance } from the folded rims.
along-edge-all-round = Stitch all the way round, { $distance } from the edge; the same stitching closes the open end.
along-corner-line = { $count ->
        [one] Sew across on the drawn line
       *[other] Sew across each on its drawn line
    }, { $depth } long.
along-corner-to-corner = Sew straight from corner to corner of the overlap.
along-base-square = Sew round the square where the strips cross, { $allowance } from its free edges.
along-sleeve = Sew { $allowance } from the raw edges in one pass: begin in the lining's side after the gap, sew round the lining's end, along both sides and round the outer's end.
along-binding = Sew side by side, { $quarter } from the raw edges: stop { $quarter } before each corner, fold the strip up square and down again, and start the next side. Overlap the beginning.
along-corners-weight = Sew each corner { $allowance } from the raw edges, from the base up, one after the other, and stop at the top stitch line.
along-top-weight = Sew three sides { $allowance } from the raw edges, one side at a time; the fourth stays open.
along-close-weight = Clip the open edge shut, tilt the filling away from it, and sew it { $allowance } from the raw edges, twice.
along-sleeve-ends = Sew the outer's closed end and the lining's, each { $allowance } from the raw edges, from end to end.
along-long-tube = Sew from the outer's end to the lining's in one pass, { $allowance } from the raw edges, over the mouth seam.
along-dart = Sew { $darts } from the raw edge, { $half } from the fold there, to nothing at the point, { $length } from the raw edge.

## What is left open

open-from = Leave { $gap } of the { $edge } open: from { $start } to { $end }, measured from { $place }.
open-layer = { $role }'s { $edge }
open-corner = its corner with the { $edge }
open-raw = the raw edge at the { $edge }
open-seam = { $seam ->
        [seam-dart] { $seam }
       *[other] the { $seam }
    }
open-round = Leave { $gap } of the { $edge } open: { $where }.
open-marked = Leave { $gap } of the { $edge } open, between its two marks.

## Ends and crossings

ends-dart = Backstitch at the raw edge. Run off the cloth at the point and knot the two threads there: a backstitch would pucker.
ends-dart-gap = Backstitch at the raw edge and on both sides of the gap. Run off the cloth at the point and knot the two threads there.
ends-back = Backstitch at both ends.
ends-gap = Backstitch at both ends and on both sides of the gap.
outward-half = Folded, the half with { $things } comes to lie outside, where it is seen.
ends-overlap = Sew { $overlap } over the beginning.
ends-gap-only = Backstitch on both sides of the gap.
ends-long-tape = Before the second end of the zip is sewn over draw the slider between the two. Where the zip stands open lay both tapes side by side, as if closed, and let the foot hold them together. Go back and forth three times over the zip at each end.
ends-fabric-tabs = Go back and forth three times over each zip tab.
ends-over = Go back and forth three times over each end of { $things } that lies in this seam.
ends-shortened = Go back and forth three times over the cut end of the zip.
bulk-caught = Where { $things } { $count ->
        [one] lies
       *[other] lie
    } in this seam { $thick } are under the foot: turn the wheel by hand there, and lay something as thick behind the foot, so that it stands level.
bulk-folded = Crossing { $seams }: keep both allowances open under the foot.
bulk-folded-every = At every seam it crosses: keep both allowances open under the foot.
bulk-piping = Piping lies in this seam: sew close along its cord, just inside its own stitching, so that none of that shows.
bulk-open = Crossing { $seams }: keep both allowances open under the foot, and clip their ends slantwise inside the new seam's allowance.
bulk-side = Crossing { $seams }: let allowances lie opposite ways where you can, and turn the wheel by hand over the hump.
bulk-open-every = At every seam it crosses: keep both allowances open under the foot, and clip their ends slantwise inside the new seam's allowance.
bulk-side-every = At every seam it crosses: let allowances lie opposite ways where you can, and turn the wheel by hand over the hump.

## What is kept clear

clear-sewn-on = Keep { $things } clear of this seam: fasten what hangs of it to the middle of the piece.
clear-loose = Catch no more than the tacked ends of { $things }: fasten the rest to the middle of the piece, clear of the stitching.
clear-layer = Keep the { $layer } out of this seam: fold it back, out of the way.
loose-ribbon = the ribbon
loose-part = { $count ->
    [one] the { $part }
   *[other] each { $part }
}
loose-ringed = the { $part } with its { $tab }
loose-loop = the loop
loose-tab = the tab
loose-pen-loop = the pen loop
loose-handle = the handle

## The same in a few words

short-way = { $seams }: { $way }
short-allowance = { $allowance } allowance
short-faces = { $faces }
short-press-open = { $pressing } open
short-press-to-base = { $pressing } to the base
short-press-to-outer = { $pressing } to the outer
short-press-to-lining = { $pressing } to the lining
short-press-to-body = { $pressing } to the body
short-press-to-collar = { $pressing } into the collar
short-press-flat = { $pressing } flat
short-press-from-pocket = { $pressing } from the pocket
short-press-one-side = { $pressing } to one side
short-press-from-zip = { $pressing } from the zip
short-press-darts-alone = { $pressing } the darts the same way round
short-press-darts = { $pressing } the darts, layers opposite ways

## How it is pressed, and why

pressing-iron = Press
    .short = press
pressing-finger = Finger-press
    .short = finger-press
heat-pile = Press from the wrong side, pile down on a towel: { $materials }. Where only the right side can be reached do not set the iron down: finger-press it, or let steam work from just above.
heat-pile-again = The iron never flat on the pile: { $materials }.
heat-cool = Cool iron through a cloth, for { $materials }: try a scrap first.
heat-cool-again = Cool iron: { $materials }.
heat-never-again = No iron: { $materials }.
heat-never = No iron: { $materials } would melt or crack under it. Run a fingernail or a wooden stick along, and clip what will not stay until it is sewn.
heat-spoilt = It holds by heat. Under an iron this would melt or crack: { $materials }. Do not try it: choose a way that is sewn on.
heat-weak = It holds by heat. No more than a cool iron, through a cloth, on: { $materials }. Try a scrap first, and choose a way that is sewn on if it does not hold.
press-open = { $pressing } the seam open: so it is flattest, and meets the next seam without a hump.
press-to-base = { $pressing } the allowance towards the base: there it lies hidden under the thing.
press-to-outer = { $pressing } the allowance towards the outer, so that the lining does not peep out at the rim.
press-to-collar = { $pressing } the allowance up into the collar, where the casing covers it.
press-flat = { $pressing } it flat.
press-from-pocket = { $pressing } the allowance away from the pocket, towards the front end: so the pocket lies flat on the flap.
press-one-side = { $pressing } the allowance to one side: two layers together are stronger where the thing pushes.
press-from-zip = { $pressing } the cloth away from the zip, so that no fold runs into the teeth.
press-darts = { $pressing } the darts to one side, outer and lining opposite ways so that they nest.
press-darts-alone = { $pressing } every dart the same way round, so that the bowl stays even.
press-opposite = { $pressing } neighbouring rows opposite ways, so that their seams nest.
press-to-body = { $pressing } the allowance towards the body, so that it does not narrow the channel.
press-to-corner = { $pressing } it towards the corner: there it lies flat under the square.
press-from-wrong = { $pressing } it from the wrong side.
press-to-lining = { $pressing } the allowance towards the lining: the outer's mouth stays thin.

## What is looked at, what a fault comes from, and what mends it

look-across = { $length } along the { $edge }, from the { $one } to the { $other }, stitching to stitching.
look-between = { $length } along the { $edge }, from stitching to stitching.
look-round = { $length } all round along the { $edge }, on the stitch line: laid flat, half of it lies across.
look-gap = { $gap } is open between two backstitches.
cause-allowance = The seam ran off its allowance: what is off counts twice at every seam.
cause-slipped = The upper layer crept under the foot: fasten it closer, or use a walking foot.
cause-gap = The backstitches were sewn beside the marks.
cause-stretched = The curved edge was stretched when it was fastened.
cause-clipped-too-little = The straighter edge is not clipped far enough to open round the curve.
cause-corner-off = The seams did not lie on each other in the middle.
cause-from-net = It was measured from the stitch line and not from the raw edge.
cause-caught = Another layer was caught in the seam.
cause-not-pushed = The corner has not been pushed out all the way, or its allowance is too thick.
cause-zip-close = The stitching runs too close to the teeth.
cause-folded-off = The strip was folded off its middle.
cause-baste-deep = The baste is deeper than its allowance.
cause-mouth-deep = The mouth seam is deeper than its allowance.
cause-joined-wrong = The ends were joined off the mark.
cause-edge-stretched = The edge was pulled longer in the handling.
cause-not-quarter = The tube was not turned a whole quarter.
cause-dense = The lines are closer together than was reckoned with.
cause-dart-end = One dart was begun or ended off its mark.
cause-not-square = The ruler lay aslant.
cause-creased-off = The rim was creased off its mark.
cause-cut-close = The scissors went through the stitching.
remedy-sew-corner = Sew over that corner again in the same line, from { $over } before it to as much past it, before anything is turned.
remedy-crease = Open it, crease it again at its mark, and fold it down anew.
remedy-resew = Unpick where it is off, lay the raw edges level and sew again beside the old holes.
cause-cut-off = The blocks were not all cut to size: lay two of a kind on each other.
remedy-gap = Too short: unpick to the mark and backstitch again. Too long: sew on to the mark.
remedy-unpick-between = Unpick between the two nearest notches that meet, fasten closer, and sew that stretch again.
remedy-corner = Unpick the corner before anything is trimmed, lay seam on seam and sew it again.
remedy-lay-on = Lay one cut corner on the other and trim the smaller cut to match; never the larger.
remedy-caught = Unpick the spot where it was caught before you go on: it cannot be reached later.
remedy-zip = Unpick that stretch and sew it a needle's width further out.
remedy-baste-again = Take the baste out, fold the strip edge on edge and baste again.
remedy-mouth-again = Unpick the mouth seam and sew it nearer the raw edge.
remedy-binding = Open the join and sew it again by what is too long or too short.
remedy-quarter = Unpick the end, lay the tube again and fasten the middle first.
remedy-quilted-small = Take out the outermost lines, or cut the piece again from a larger quilted panel.
remedy-dart = Sew the shorter dart on to the length of the longer; do not unpick the point.
remedy-push = Turn it back, trim the corner closer and push it out from inside with something blunt.
remedy-square = Square it again from the longer side.

## Steps

step-with-gap = { $step }, leaving the gap
step-turn-outer = Turn the outer right side out
    .text = Turn the outer right side out through its open top and push its seams out from inside with something blunt. The lining stays wrong side out.
step-turn-out = Turn it right side out
    .text = Turn it right side out through its opening, and push its seams out from inside with something blunt.
    .check = No raw edge shows outside; every seam lies at the very edge.
step-press-gap = Crease the gap's allowances
    .text = Crease both allowances of the { $gap } gap inward along the stitch line, before anything is turned.
    .why = The fold is easy to make now and shows where to sew when it is closed.
step-clip-to-base = Clip the wall's base allowance at most { $apart } apart, to just short of the stitch line, before it is fastened. Sew with the wall on top.
step-collar-opening = Leave { $opening } of them open where the cord comes out, { $half } to each side of the notch, with a backstitch at both its ends.
step-collar-opening-stitched = Stitch the allowances down along both sides of that opening.
step-open-flat = Open the two out flat afterwards, for the hem.
step-over-hem = Sew through the hem, three times over it.
step-zip-slider = That is { $tape } from the edge of the tape. Halfway along, needle down, lift the foot and draw the slider past it.
step-zip-slider-again = That is { $tape } from the edge of the tape. Draw the slider past the needle halfway along, as before.
step-turn-and-press = Turn the ends right side out and crease them along the seams.
step-clip-gusset = Clip the gusset's allowance at most { $apart } apart, to just short of the stitch line. Fasten the notches first, then between.
step-snip-corners-out = Wherever the panel has a corner snip the gusset's allowance to just short of the stitch line, so that it turns there.
step-snip-corners-in = Wherever the panel has a corner snip its allowance to just short of the stitch line, so that the gusset turns there.
step-snip-corners-both = Wherever the panel has a corner snip an allowance to just short of the stitch line, so that the gusset turns there: the gusset's where the corner points outward, the panel's where it points inward.
step-snip-inward = When it is sewn snip both allowances to just short of the stitching wherever a corner points inward.
step-gusset-on-top = Sew with the gusset on top, one panel after the other.
step-ring-topstitch = Topstitch beside both seams, { $edge } from them.
step-over-flaps = Sew three times over the edges of the flaps.
step-leave-lower = The lower end stays open.
step-ribbon-in-fold = Catch the ribbon
    .text = { $laid } to the side edge, { $raw } above the base fold, tails lying inward on its right side. On the finished bag that is { $tie } up. Fasten the tails to the middle of the panel, clear of every seam.
step-binding-join = Join the binding to a loop
    .check = { $around } all round along the edge that is sewn on.
step-loop-in-zip = Catch the loop
    .text = { $cut } and tack its ends to the right side of { $letter } ({ $piece }) at their mark beside the end of the zip, level with the raw edge, the loop lying inward.
step-loop-made = Make the strip for the loop
    .text = Fold the strip in half lengthwise, crease it, open it, fold both long edges to the crease, fold again, and stitch along both sides, { $edge } from the folds.
    .check = It is { $wide } wide, and no raw edge shows along it.
mark-loop = middle of the loop
loop-beside-zip = { $raw } from the raw edge beside the zip, along the edge it is tacked to
loop-at-zip = at the right end of the middle line of the zip
step-loop-in-flap = Catch the loop
    .text = Cut { $loop } of the cord, fold it double and tack its ends to the right side of the flap, in the middle of its end, level with the raw edge, the loop lying inward.
step-part-piping = Sew the piping on
    .text = On the right side lay { $piping } of piping along the { $side } of { $letter } ({ $piece }), cord inward, its stitching on the stitch line, both ends level with the raw edges beside it. { $curved ->
        [yes] Clip its tape on every curve and stitch it down.
       *[no] Stitch it down.
    }
step-part-piping-each = Sew the piping on
    .text = On the right side lay { $piping } of piping along the { $side } of each { $letter } ({ $piece }), cord inward, its stitching on the stitch line, both ends level with the raw edges beside it. { $curved ->
        [yes] Clip its tape on every curve and stitch it down.
       *[no] Stitch it down.
    }
step-part-piping-halves = Sew the piping on
    .text = On the right side lay { $piping } of piping along the { $side } of { $letter } ({ $piece }), cord inward, its stitching on the stitch line, both ends level with the raw edges beside it, and as much along the upper edge of its other half. { $curved ->
        [yes] Clip its tape on every curve and stitch it down.
       *[no] Stitch it down.
    }
step-part-piping-round = Sew the piping on
    .text = On the right side lay { $piping } of piping along the { $side } of { $letter } ({ $piece }), cord inward, its stitching on the stitch line; clip its tape on every curve and stitch it down. Let the ends cross, or open one and lay the other in.
step-part-piping-round-each = Sew the piping on
    .text = On the right side lay { $piping } of piping along the { $side } of each { $letter } ({ $piece }), cord inward, its stitching on the stitch line; clip its tape on every curve and stitch it down. Let the ends cross, or open one and lay the other in.
step-edges-overcast = Overcast the raw edges
    .text = While the pieces are flat overcast each edge that will lie in a seam: { $what }. Do not stretch it, and trim nothing off.
    .why = Nothing covers these edges inside. No overlock: a wide zigzag over the edge does it.
step-edges-pinked = Pink the raw edges
    .text = While the pieces are flat pink each edge that will lie in a seam, taking off no more than the teeth: { $what }.
    .why = Nothing covers these edges inside. No pinking shears: overcast them.
step-edges-together-overcast = Overcast what is sewn
    .text = Overcast both allowances together of { $numbered ->
            [yes] { $seams }
           *[no] the { $seams }
        }.
step-edges-together-pinked = Pink what is sewn
    .text = Pink both allowances together of { $numbered ->
            [yes] { $seams }
           *[no] the { $seams }
        }.
edges-of = { $edges } of { $letter } ({ $piece })
step-lining-free = Hem the free inner edge
    .text = { $first } { $allowance } to the wrong side along { $count ->
        [one] the round edge of the inner panel
       *[other] the sides of the facing and, on from them, the round edge of the inner panel
    }, where nothing is sewn to it; clip it where it pulls, and stitch { $edge } from the raw edge.
step-mouth-ends = Turn in the mouth beside the casing
    .text = { $first } { $allowance } to the wrong side at the mouth on both sides of the casing and stitch it down, { $edge } from the raw edge.

## Marks

marked-at = { $mark }: { $where }
marked-notch = notch { $number }, { $label }
marked-motif = { $mark }: { $size }; its lower left corner { $side } from the raw left edge and { $low } from the raw lower edge
marked-sides = Left and right are as the pieces are drawn: of a front as it faces you, of a back as you would see it through the front.
marked-snip = Snip into the allowance, no deeper than a third of it, on { $things }: { $marks }.
marked-chalk = With chalk or a pencil on the wrong side of { $things }: { $marks }.
marked-wash-out = With a pen that washes out, on the right side of { $things }: { $marks }.
marked-chalk-seen = With chalk that brushes off, on the right side of { $things }: { $marks }.
marked-wash-out-wrong = With a pen that washes out, on the wrong side of { $things }: { $marks }.
marked-heat = With a pen that heat takes off, on the wrong side of { $things }: { $marks }.
marked-heat-seen = With a pen that heat takes off, on the right side of { $things }: { $marks }.
marked-tailor = With tailor's tacks, loose stitches of thread through the cloth, on { $things }: { $marks }.
marked-padding = With a pen on the padding of { $things }: { $marks }.
marked-lining-wash = With a pen that washes out, on the lining side of { $things }: { $marks }.
marked-lining-chalk = With chalk that brushes off, on the lining side of { $things }: { $marks }.
marked-pen = With a pen on the back of { $things }: { $marks }.
marked-pen-seen = With a stuck-on strip of paper on the right side of { $things }, for a pen never comes off: { $marks }.
marked-thread = With a loose stitch of thread in the pile of { $things }: { $marks }.
off-thread = Pull out every marking stitch that is still in it.
off-strip = Peel off all that was stuck on to be marked.
off-chalk = Brush off what is still to be seen of the chalk.
minded-wash = Try the pen that washes out on a scrap, and never iron over its lines.
minded-wash-first = Dab out with cold water every line still to be seen of the pen that washes out, and let it dry before any iron comes near: heat would set it.
minded-wash-off = Dab out with cold water every line still to be seen of the pen that washes out.
minded-wash-wrong = Never iron over what the pen that washes out has drawn.
minded-heat = The iron takes the pen's lines off: till all of them are sewn press on the seams only.
minded-heat-seen = Try the pen that heat takes off on a scrap in the cold first: its lines may come back.
marked-fold-thread = Baste along each fold of { $things } with loose stitches, for no crease would hold: { $marks }.
marked-fold-open = Fold { $things } without creasing, for a crease would stay, and snip into the allowance at both ends of the fold: { $marks }.
marked-crease = Fold and crease { $things }: { $marks }.
crease-at = { $fold }: { $raw } from the raw edge at the { $edge }
crease-middle = { $fold }: in the middle, raw edge on raw edge
crease-middle-of = { $fold }: in the middle, { $one } on { $other }
where-middle-eye = in the middle of the { $edge }, by eye
where-middle = fold the { $edge } end on end
where-from-raw = { $raw } along the { $edge } from the raw edge at the { $other }
where-from-corner = { $net } along the stitch line of the { $edge }, from its corner with the { $other }
where-corner = where { $edge } and { $other } meet
where-gap = from { $start } to { $end } along the { $edge }, from the raw edge at the { $other }
where-gap-corner = from { $start } to { $end } along the stitch line of the { $edge }, from its corner with the { $other }
round-foot = at the arrow's foot
round-anywhere = anywhere
round-right = right side up
round-wrong = wrong side up
round-both = through both at once, lying right sides together
round-notch = notch { $number }
round-unnumbered = one without a number
round-for-seam = one without a number, for the { $seam }
round-by-fold = fold it in { $parts } evenly and snip at the folds
round-by-eye = { $parts } evenly by eye
round-folded = { $label }: { $how }
round-evenly = { $how }; { $up }, begin { $at } and go round anticlockwise: { $every }
round-evenly-alike = { $label }: { $how }; { $up }, begin { $at } and go round anticlockwise: { $every }
round-chain = { $up }, begin { $at } and go round anticlockwise, measured along the { $line }: { $every }
round-paper = { $up }, where the paper laid on it has them; checked anticlockwise along the { $line }: { $every }
round-on = { $way } on, { $name }
round-raw-edge = raw edge
round-stitch-line = stitch line
round-gap-both = { $half } to each side of { $notch }, along the stitch line
round-gap-after = from { $start } to { $end } on from { $notch }, the way the numbers run, along the stitch line
round-gap-before = from { $start } to { $end } on from { $notch }, against the numbers, along the stitch line
round-gap-across = from { $before } before { $notch } to { $after } after it, the way the numbers run, along the stitch line
quilt-lines = Straight lines with the walking foot, feed dogs up, no more than { $apart } apart and all sewn the same way; free curves with a darning foot, feed dogs down. Try thread and tension on a scrap of all layers.
step-part-piping-made = Make the piping
    .text = Lay the cord, { $cord } thick, in the middle of the strip, fold the strip round it with its right side out and raw edges level, and stitch close to the cord: { $allowance } of tape stands out beyond the stitching.
step-topstitch-both = Topstitch the rim
    .text = Take the outer's colour as upper thread and the lining's as lower thread. Stitch round with the outer on top, { $edge } from the edge.
step-set-up = Set up the machine
    .text = Put in a { $needle } and { $thread }, above and below. Sew { $trial } through a scrap of the same layers: { $layers }. Hold layers with { $hold }.
    .check = The stitch looks alike from above and below, and none is skipped.
    .why = What a scrap shows costs nothing.
needle-universal = new universal needle, size { $number }
needle-jersey = new jersey needle, size { $number }
needle-jeans = new jeans needle, size { $number }
needle-sharp = new sharp needle, size { $number }
thread-polyester = polyester thread
thread-cotton = all-cotton thread
hold-pins = pins, square to the edge, and take each out before the needle
hold-basting = a line of long basting stitches beside the seam, pulled out when it is sewn
hold-clips = clips, a thumb's length apart
hold-clips-holes = clips: the holes of pins would stay
hold-clips-thick = clips: pins do not go through so thick a stack
held-pins = pins
held-basting = basting threads
held-clips = clips
cause-tension = Loops below: the upper tension is too loose, or the thread lies beside its disc.
cause-needle = Skipped stitches: the needle is blunt, bent, or not of this kind.
remedy-needle = Thread anew with the foot up; then a new needle; then the upper tension, half a number at a time.
step-mouth-flat = Join outer and lining at the mouth
step-long-side = Sew the long side
step-long-sides = Sew the long sides
seam-rim-front = rim of the front
seam-rim-back = rim of the back
machine-straight = Set the machine to a straight stitch.
machine-straight-overcast = If the raw edges were done with this machine, set it back to a straight stitch.
machine-hem-overcast = If the raw edge is done with this machine, set it back to a straight stitch before you fold.
machine-thread-back = Thread the needle with the thread of the seams again.
machine-thread-colour = Thread the needle with thread of its colour; the bobbin keeps that of the seams.
machine-thread-shows = Thread the needle with the decorative thread; the bobbin keeps that of the seams.
stitch-zigzag = a zigzag
stitch-open-zigzag = a small open zigzag
hem-overcast = Overcast the raw edge, then fold
hem-pinked = Pink the raw edge, then fold
hem-raw = Fold
decided = { $option }: { $choice }. { $why }
decided-flaps = The flaps lie on the cover and not on the lining: turned, they end inside over the lining, and one seam round holds cover, flaps and lining.
wait-hours = { $hours ->
        [one] an hour
       *[other] { $hours } hours
    }
wait-minutes = { $minutes } minutes
wait-short = Let it lie for about { $minutes ->
        [one] a minute
       *[other] { $minutes } minutes
    }.
wait-meanwhile = It lies still for about { $long }. Go on with { $count ->
        [one] step { $first }
       *[other] steps { $first } to { $last }
    } meanwhile.
wait-break = It lies still for about { $long }, and everything after it waits for it: plan a break here.
meanwhile = While it lies you can already make what is made by itself: { $things }.
cut-out-print = The { $material } has a print with a way up: on every piece of it the arrow points up the print.
cut-out-stretch = The { $material } stretches most across its width: pull it both ways and see, and lay every arrow square to that.
cut-out-nap = The { $material } has a nap: stroke it along the arrow, and it must feel alike on every piece of it, or one looks darker than the next.
lay-left = { $width } by { $length }
cut-out-across = To save cloth lay these across the { $material } ({ $role }), the arrow square to the selvedge: { $pieces }.
cut-out-across-wide = Too wide to lie upright on the { $material } ({ $role }), lay these across it, the arrow square to the selvedge: { $pieces }.
cut-out-widths = The { $material } is not wide enough for { $piece }: cut { $count ->
    [one] 1 rectangle
   *[other] { $count } rectangles
  } { $width } wide and { $height } high for each instead, sew them side by side right sides together, ends and middles matched, with { $allowance }, lay the seams open, and cut { $piece } from that, the seams evenly in it.
cut-out-strips-slanted = The { $material } is not wide enough for { $piece }: cut { $count ->
    [one] one strip { $width } long
   *[other] { $count } strips { $width } long
  } and one { $rest } long, all { $height } wide, and sew them end to end, right sides together, laid across each other at right angles and sewn from corner to corner of the overlap, and lay the seams open.
cut-out-strips-slanted-each = The { $material } is not wide enough for { $piece }: for each of them cut { $count ->
    [one] one strip { $width } long
   *[other] { $count } strips { $width } long
  } and one { $rest } long, all { $height } wide, and sew them end to end, right sides together, laid across each other at right angles and sewn from corner to corner of the overlap, and lay the seams open.
cut-out-strips-bias = On the bias { $piece } would take much cloth in one: from the { $material } cut { $count ->
    [one] one strip
   *[other] { $count } strips
  } { $width } long and { $height } wide, side by side in a square of at least { $square }, and sew them end to end, right sides together, laid across each other at right angles and sewn from corner to corner of the overlap, lay the seams open, and cut the whole to { $length }.
cut-out-strips-bias-each = On the bias { $piece } would take much cloth in one: for each of them cut { $count ->
    [one] one strip
   *[other] { $count } strips
  } { $width } long and { $height } wide from the { $material }, side by side in a square of at least { $square }, and sew them end to end, right sides together, laid across each other at right angles and sewn from corner to corner of the overlap, lay the seams open, and cut the whole to { $length }.
cut-out-strips-square = The { $material } is not wide enough for { $piece }: cut { $count ->
    [one] one strip { $width } long
   *[other] { $count } strips { $width } long
  } and one { $rest } long, all { $height } wide, and sew them end to end, right sides together, with { $allowance }, and lay the seams open.
cut-out-strips-square-each = The { $material } is not wide enough for { $piece }: for each of them cut { $count ->
    [one] one strip { $width } long
   *[other] { $count } strips { $width } long
  } and one { $rest } long, all { $height } wide, and sew them end to end, right sides together, with { $allowance }, and lay the seams open.
cut-out-from = From the { $material }, as { $role }: { $piece }.
cut-out-from-quilted = From the { $material } quilted on { $under }, as { $role }: { $piece }.
cut-out-rough = Of { $materials } cut { $times } for { $piece }, { $width } wide and { $height } high.
cut-out-glue-up = Lay the { $materials } glue side up when you cut it: its outline fits one way only.
cut-out-piece = { $times } of { $piece }, { $width } wide and { $height } high
cut-out-shaped = { $times } of { $piece } along its outline, { $width } wide and { $height } high over all
cut-out-by-rule = { $piece }, { $rule }
cut-out-turned-over = { $count ->
        [one] { $piece }, turned over
       *[other] { $piece }, half of them turned over
    }
cut-out-plate = Cut { $piece } as a circle { $across } across: from the paper, round a plate or lid of that size, or with a pencil on a string half as long.
cut-out-string = Cut { $piece } as a circle { $across } across: from the paper, or with a pencil on a string half as long.
cut-out-corner = Round the corners of { $piece } from the paper, or with a glass or spool { $across } across.
cut-out-arc = Draw the { $edges } of { $piece } from the paper, or with a pencil on a string { $radius } long.
cut-out-arc-far = Draw the { $edges } of { $piece } from the paper: the curve is too flat for a pencil on a string.
cut-out-own = Draw { $piece } round the paper: its outline is one of your own.
cut-out-grain = { $count ->
        [one] Lay it with its arrow along the grain.
       *[other] Lay each with its arrow along the grain.
    }
cut-out-no-grain = { $count ->
        [one] The { $materials } has no grain: its pieces may lie any way round.
       *[other] The { $materials } have no grain: their pieces may lie any way round.
    }
cut-out-bias = Cut these on the bias, their long edges at 45 degrees to the selvedge: { $pieces }. So they go round a curve.
cut-out-grain-but = Lay each with its arrow along the grain, but for what is laid across.
cut-out-blank-straight = Draw { $piece } from the paper, or as a rectangle { $wide } wide and { $high } high.
cut-out-blank-in = Draw { $piece } from the paper, or { $wide } wide along the base, { $high } high, both upper corners { $taper } further in.
cut-out-blank-out = Draw { $piece } from the paper, or { $wide } wide along the base, { $high } high, both upper corners { $taper } further out.
cut-out-blank-square = Cut a rectangle out of each lower corner: { $along } along the raw base edge and { $up } up, square to the base.
cut-out-blank-kite = Cut each lower corner out from the paper, or mark { $along } from it along the raw base edge and { $up } along the raw side, draw a line square to each edge from there, and cut along both to where they meet.
bulk-grade = It is thick: grade the allowances, one trimmed to { $under }, the other to { $over }, so that no step shows.
bulk-grade-gap = It is thick: grade the allowances, one trimmed to { $under }, the other to { $over }, so that no step shows; leave both whole at the gap.
ribbon-laid-fold = Fold the ribbon in half and tack the fold
ribbon-laid-two = Lay the two halves of the ribbon on each other, right sides outward, and tack their cut ends
step-ribbon-plain = Cut the ribbon
    .text = Cut { $ribbon } of ribbon, both ends slantwise.
step-ribbon-one-sided = Cut the ribbon in two
    .text = Cut { $ribbon } of ribbon, both ends slantwise, and cut it in half: folded, one of its tails would show its wrong side.
step-ribbon-one-sided-loose = Cut the ribbon
    .text = Cut { $ribbon } of ribbon, both ends slantwise. It has one right side: at the knot turn each tail so that it shows.
step-ribbon-wired = Cut the ribbon and cover its wires
    .text = Cut { $ribbon } of ribbon. Turn in { $turn } twice at both ends, over the ends of the wires, and stitch across.
step-ribbon-frays = Cut the ribbon and hem its ends
    .text = Cut { $ribbon } of ribbon. Turn in { $turn } twice at both ends and stitch across.
step-ribbon-made = Make the ribbon
    .text = Turn in { $turn } at both ends and crease it. Fold the strip in half lengthwise, crease it, open it, fold both long edges to the crease, fold again, and stitch all round, { $edge } from the edge.
    .check = It is { $wide } wide and { $ribbon } long, and no raw edge shows.
step-ribbon-ends =
    .check = Both ends are whole, and equally long when it is folded.
caution-wire = Ends of wire prick: cover them, and not for young children.
sum-strip-ends = { $turn } turned in at both ends
sum-ribbon-ends = { $turn } turned in twice at both ends
option-ribbon = The ribbon
option-ribbon-plain = alike on both sides
    .why = Folded as it is; its ends cut slantwise.
option-ribbon-one-sided = has one right side
    .why = Caught in two halves, so that both tails show it.
option-ribbon-wired = wired
    .why = Keeps its bow; its ends are turned in over the wires.
option-ribbon-made = made of cloth
    .why = A strip of the make's own cloth folded in four; its piece and its step are added.
option-ribbon-frays = frays
    .why = Its ends are hemmed.
part-choice-ribbon = ribbon
part-choice-ribbon-plain = alike on both sides
    .why = Folded as it is; its ends cut slantwise.
part-choice-ribbon-one-sided = has one right side
    .why = Caught in two halves, so that both tails show it.
part-choice-ribbon-wired = wired
    .why = Keeps its bow; its ends are turned in over the wires.
part-choice-ribbon-made = made of cloth
    .why = A strip of the make's own cloth folded in four; its piece and its step are added.
part-choice-ribbon-frays = frays
    .why = Its ends are hemmed.

## Where a part may lie

lay-of-tape = Take the bias tape. { $lay }
binding-it = it
binding-tape = the bias tape
lay-join-panels = Set each panel to an edge of the ring, finished edge against finished edge, its lining and the ring's inward. Fasten the notches first, then between.
along-join-hand = Sew over both edges by hand, with small whip stitches through the folds.
along-join-machine = Lay both edges flat against each other bit by bit, and sew a wide zigzag that falls on one and on the other.
lay-round-at-once = Lay the outer back right side up, the front on it with the zip towards it, and the lining back on top, right side down, raw edges level all round.
host-whole = { $piece } ({ $letter })
host-front = { $piece } ({ $letter }), front
host-back = { $piece } ({ $letter }), back
host-nth = { $piece } ({ $letter }), { $number }
check-part-host = Another place for the { $part }
    .text = The piece or copy it was put on is not in this make, so it lies on the { $piece } ({ $letter }).
problem-host-last = A strap that is sewn on at the end goes on a wall of the bag: let it lie on { $piece } { $letter }, or sew it on while flat.
problem-host-sides = A strap over the sides lies on no piece of its own: let it lie where it is proposed, or sew it on at the end or while flat.
