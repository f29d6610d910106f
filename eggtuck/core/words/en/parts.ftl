### Parts that any form can carry.

part-count = number of these
part-strap = strap
part-adjustable-strap = adjustable strap
part-clip-strap = strap with hooks
part-handle = handle
part-ring-tab = ring tab
part-connector = strap connector
part-loop = loop
part-slip-pocket = slip pocket
part-patch-pocket = patch pocket
part-mesh-pocket = mesh pocket
part-piping = piping
part-elastic = elastic
part-ribbon = ribbon
part-label = label
part-eyelet = eyelet
part-snap = press fastener
part-button = button
part-hook-and-loop = hook-and-loop
part-input-length = length
part-input-width = width
part-input-height = height
part-input-end = turned in at each end
part-input-longest = worn longest
part-input-slider_turn = round the slider
part-input-hook_turn = round each hook
part-input-ring_turn = round the ring
part-input-ring = inside of the ring
part-input-from_centre = from the middle
part-input-from_top = its upper edge, below the finished upper edge
part-input-from_top-end = its end, below the finished upper edge
part-input-from_top-rim = its rim, below the finished upper edge
part-input-from_top-middle = its middle, below the finished upper edge
part-input-from_top-either = below the finished upper edge
part-input-from_side = its side, from the side seam
part-input-from_side-rim = its rim, from the side seam
part-input-foot = wide at its foot
part-input-holds_girth = round what it holds
part-input-holds_height = height of what it holds
part-input-under = hangs past the raw edge
place-right-side = the right side of the { $thing }
place-wrong-side = the wrong side of the { $thing }
part-choice-side = on the
part-choice-side-outside = outside
    .why = At hand; it is seen.
part-choice-side-inside = inside
    .why = On the lining, sewn on before that is closed; without one on the wrong side of the cloth, and its stitching shows outside.
through-wall = all layers of the wall
through-cuff = the cuff and all layers of the wall
part-choice-of = cut from
part-choice-of-contrast = the contrast
    .why = Stands out, or is stronger: where there is a contrast, else the make's own cloth.
part-choice-of-outer = the outer cloth
    .why = As the make itself.
check-strip-frays = The { $part } frays
    .text = { $material } frays along both edges of a single layer: fold it in four, or cut it from a sheet as a contrast.
check-strip-sheet = No need to fold the { $part }
    .text = { $material } does not fray: a single layer lies flat, folded it is { $thickness } thick.
fix-part-four-fold = Fold it in four
fix-part-single = Make it of a single layer
part-choice-foot = lower edge
part-choice-foot-sewn = sewn on
    .why = It lies where you want it, clear of the seam below.
part-choice-foot-under = folded under the base edge
    .why = It hangs past the raw edge below and is folded round it: the seam there holds it, the corners cannot tear out. That seam grows thicker.
part-choice-holds = holds
part-choice-holds-anything = this and that
    .why = As large as is usual and there is room for.
part-choice-holds-measured = a thing of known size
    .why = As wide and high as that thing asks for.
part-input-hem = hem
part-input-edging = edging strip
part-input-cord = cord, across
part-input-overlap = overlap
part-input-round = round the place
part-input-anchoring = anchoring
part-input-bow = bow and tails
part-input-across = across
part-choice-make = made
part-choice-make-four-fold = folded in four
    .why = Firm and quick; four layers thick at the ends.
part-choice-make-turned = turned tube
    .why = Soft and smooth; turning a narrow one takes patience.
part-choice-make-single = single layer of a sheet
    .why = Thin; only of a sheet, whose edges do not fray.
part-choice-make-on-webbing = lapped over webbing
    .why = Carries the most; stiff, and thick to sew through.
part-choice-make-ribbon = of ribbon
    .why = Nothing to make; its ends must be caught or sealed.
part-choice-join = joined
part-choice-join-diagonal = at 45 degrees
    .why = Spreads the bulk; takes the strip's width at each join.
part-choice-join-straight = straight
    .why = Takes two allowances; four layers meet in one place.
part-choice-made = piping
part-choice-made-bought = bought
    .why = Ready; in the colours there are.
part-choice-made-made = made
    .why = Of your own cloth; takes a bias strip and a cord.
part-choice-stretch = cut shorter by
part-choice-stretch-third = a third
    .why = Draws in well and still opens easily.
part-choice-stretch-quarter = a quarter
    .why = Gentle: for thick cloth.
part-choice-stretch-half = a half
    .why = Draws in hard; the cloth must be thin.
part-choice-sewn = sewn
part-choice-sewn-flat = flat
    .why = Lies still; stitched all round.
part-choice-sewn-in-seam = in a seam
    .why = No stitching shows; can be felt along the seam.
piece-strap = strap
piece-adjustable-strap = adjustable strap
piece-clip-strap = strap with hooks
piece-ring-tab = ring tab
piece-connector = strap connector
piece-loop = loop
piece-slip-pocket = slip pocket
piece-patch-pocket = patch pocket
piece-mesh-pocket = mesh pocket
piece-edging = edging
piece-piping = piping strip
seam-strap-edges = edges of the strap
seam-adjustable-strap-edges = edges of the strap
seam-clip-strap-edges = edges of the strap
seam-handle-edges = edges of the handle
seam-ring-tab-edges = edges of the ring tab
seam-connector-edges = edges of the strap connector
seam-loop-edges = edges of the loop
seam-slip-pocket-edges = edges of the pocket
seam-patch-pocket-edges = edges of the pocket
seam-mesh-pocket-edges = edges of the pocket
seam-edging-edges = edges of the edging
seam-piping-edges = edges of the piping strip
mark-pocket = { $pocket }
sum-finished-width = finished width
sum-in-four = folded in four
sum-two-allowances = two allowances of { $allowance }
sum-two-strap-ends = { $end } turned in at both ends
sum-longest = worn longest
sum-slider-turn = round the slider
sum-two-hook-turns = round both hooks, { $turn } each
sum-ring-turn = round the ring
sum-round-cord = round the cord
sum-round-place = round the place
sum-lettered = { $sum } ({ $letter })
sum-part-cut_width = { $part }, cut across
sum-part-cut_height = { $part }, cut up
sum-part-length = { $part }
sum-part-from_centre = { $part }, from the middle
check-worn-adjustable-strap = Reaches across the body
    .text = Worn across the body it wants { $least }; it goes to { $length }.
check-worn-adjustable-strap-less = Does not suit the wearer
    .text = Worn across the body it wants { $least }, twice the drop; at its longest it is { $length }.
check-worn-clip-strap = Reaches across the body
    .text = Worn across the body it wants { $least }; it is { $length }.
check-worn-clip-strap-less = Short for wearing across the body
    .text = Across the body it wants { $least }, twice the drop; it is { $length }. On one shoulder it hangs higher.
check-hooks = Try a hook in its ring
    .text = Each hook wants an eye at least { $width } wide inside, and a mouth that opens over the wire of its ring: try one in the other before either is sewn in. The strap comes off and carries again; a hook is as strong as its snap.
check-worn-strap = Reaches across the body
    .text = Worn across the body it wants { $least }; it is { $length }.
check-worn-strap-less = Short for wearing across the body
    .text = Across the body it wants { $least }, twice the drop; it is { $length }. On one shoulder it hangs higher.
check-worn-loop = The hand goes through the loop
    .text = Folded, a loop of { $least } lets the hand through; it is { $length }.
check-worn-loop-less = The hand does not pass the loop
    .text = Folded, it must be { $least } long for this hand, half the hand's girth and room to slip it over; it is { $length }.
check-worn-handle = The hand fits under the handle
    .text = This hand wants { $least }; the handle is { $length }.
check-worn-handle-less = Little room for the hand
    .text = Over this hand the handle's arch takes { $least }: its width, twice its thickness and room. It is { $length }.
fix-part-length = Make it { $length }
check-worn = Worn range
    .text = From { $shortest }, lying double, to { $longest }. Try it on the wearer before the slider is sewn.
check-tabs-opposite = Tabs are opposite
    .text = { $one } lies between them on one side, { $other } on the other.
check-tabs-uneven = Tabs are not opposite
    .text = { $one } lies between them on one side, { $other } on the other: { $right } to each side of the middle would be even.
    .tube = { $one } lies between them on one side, { $other } on the other: of one long tube the rim is sewn before its sides, so both lie on the front. Two bags, one in the other, let them stand on the side seams.
    .hem = { $one } lies between them on one side, { $other } on the other: the hem is sewn while the piece is flat, before its last side, so both lie on the front. Hemmed when the sides are sewn they stand on the side seams.
check-tabs-under = The rings lie under the cuff
    .text = The upper edge is turned out { $deep } deep, and what is caught in it lies between cuff and wall. A strap sewn over the sides goes through the cuff.
check-top-folded = No upper edge for the { $part }
    .text = The finished top of { $piece } is a fold; its raw upper edge ends up at the foot, hidden, and the { $part } with it. Put it on another piece.
check-tabs-inside = The rings lie inside
    .text = The upper edge is turned in: what is caught in it lies { $deep } below the rim inside, and points up from there.
check-tabs-more = Two of them have a place
    .text = { $count ->
        [one] Put the other { $count } tab on as a part of its own.
       *[other] Put the other { $count } tabs on as parts of their own, at distances of their own.
    }
check-tabs-narrow = Two tabs lie over each other
    .text = The edge is { $long } long; two tabs, { $width } wide, do not lie beside each other on it.
check-tabs-beyond = A tab hangs past the edge
    .text = The edge ends { $half } from its middle: the middle of a tab may lie { $most } from it at most.
check-pocket-clear = Place for the { $pocket }
    .text = It lies clear of edges, hems, folds, seams and base on { $letter }, { $piece }.
check-mat-fits = The folded mat fits its pocket
    .text = Folded it is { $wide } wide, { $high } high and { $thick } thick. The pocket takes { $room } by { $most } of that thickness.
check-mat-wide = The folded mat is too wide for its pocket
    .text = Folded it is { $wide } wide and { $thick } thick; with that thickness the pocket takes { $room }.
fix-mat-width = Make the mat { $width } wide
check-mat-high = The folded mat stands too far out of its pocket
    .text = Folded it is { $high } high; a pocket of { $pocket } holds { $most }.
fix-mat-height = Make the mat { $height } high
fix-pocket-height = Make the pocket { $height } high
check-pocket-holds = The { $pocket } holds it
    .text = Up to { $most } round goes in; it is { $girth }. { $height } of its { $thing } stand in the pocket.
check-pocket-narrow = The { $pocket } is too narrow for it
    .text = Up to { $most } round goes in; it is { $girth }.
check-pocket-shallow = It would tip out of the { $pocket }
    .text = Only { $height } of its { $thing } stand in the pocket.
fix-pocket-holds = As large as it asks for
check-caught-turned = { $turned ->
        [out] Under the cuff: { $part }
       *[in] In the hem: { $part }
    }
    .text = { $turned ->
        [out] The upper edge is turned out { $deep } deep, and hides it.
       *[in] The upper edge is turned in { $deep } deep, and sewn down through it.
    } Put it lower.
check-caught-beyond = Beyond the end of its edge: { $part }
    .text = { $room ->
        [yes] From { $low } to { $high } it lies on the edge “{ $side }” as wide as it is.
       *[no] The edge “{ $side }” is shorter than it is wide. Make it narrower, or put it on another piece.
    }
check-pocket-clash = No place for the { $pocket }
    .text = It runs into an edge, a hem or a cuff, a fold, a seam or what is sewn along later, or into the base, or hangs upside down there. There is room for it elsewhere.
check-pocket-nowhere = No place for the { $pocket }
    .text = It runs into an edge, a hem or a cuff, a fold, a seam or what is sewn along later, or into the base, or would hang upside down, and no place with room for it was found on { $letter } ({ $piece }). Make it smaller, or put it on another piece.
fix-pocket-anything = As large as there is room for
need-webbing = webbing
need-slider = slider
need-hook = snap hook
need-ring = ring
    .note = { $width } inside
need-inside = { $width } inside
need-piping-cord = cord for the piping
need-label =
    .note = { $width } by { $height }
need-hardware =
    .note = { $across } across
need-filling =
    .note = about { $millilitres } ml: { $spoons ->
        [one] 1 tablespoon
       *[other] { $spoons } tablespoons
    }
need-patch = backing patches
    .note = { $side } square
step-part-four-fold = Make the { $part }
    .text = { $count } to make. Fold the strip in half lengthwise and crease it, open it, fold both long edges to the crease, fold again and stitch along both sides, { $edge } from the folds.
step-part-turned = Make the { $part }
    .text = { $count } to make. Fold lengthwise, right sides together, sew the long side { $allowance } from the raw edges, turn, crease the seam at one edge and topstitch { $edge } from both edges.
step-part-single = Make the { $part }
    .text = { $count } to make. Stitch along both sides, { $edge } from the edge, with a long stitch: holes in a sheet do not close again.
step-part-single-cloth = Make the { $part }
    .text = { $count } to make. Stitch along both sides, { $edge } from the edge; both edges stay raw.
step-part-on-webbing = Make the { $part }
    .text = { $count } to make. Crease { $allowance } of both long edges under, lay the strip on the webbing and stitch along both sides, { $edge } from the folds.
step-part-strap-on = { $attach ->
    [attach-rivets] Rivet the { $part } on
   *[other] Sew the { $part } on
}
    .text = Turn { $end } of each end in. On { $letter } ({ $piece }) lay the ends { $place }, and hold each with { $attach }. The { $part } itself lies on the piece, clear of every edge.
    .why = The pull is spread over the cloth; under load sew it twice, through a backing.
    .check = Measured once more, both ends of each { $part } lie where they are to, and it is not twisted between them.
place-turned = { $place }, which lies on your right then
place-turned-beside = { $place }, as seen from its other side
place-on-pocket = the { $pocket } and through it on the { $thing }
place-in-pocket = { $down } below its upper edge and { $side } from its left side
check-pocket-on = The { $pocket } lies on the { $other }
    .text = It is sewn through both, after the { $other }: what is behind it is parted, and the widest room left there is { $widest }.
place-other-half = on the other half alike, measured from its own raw edges
step-part-strap-on-halves = { $attach ->
    [attach-rivets] Rivet the { $part } on
   *[other] Sew the { $part } on
}
    .text = Turn { $end } of each end in. On both halves of { $letter } ({ $piece }) alike, front and back, each measured from its own raw upper edge, lay the ends of one { $place }, and hold each with { $attach }. The { $part } itself lies on the piece, clear of every edge.
step-part-strap-on-both = { $attach ->
    [attach-rivets] Rivet the { $part } on
   *[other] Sew the { $part } on
}
    .text = Turn { $end } of each end in. On both pieces { $letter } ({ $piece }) alike lay the ends of one { $place }, and hold each with { $attach }. The { $part } itself lies on the piece, clear of every edge.
step-part-hooks = Sew the hooks in
    .text = Pass each end through the eye of a hook, both hooks with their mouths to the same side of the strap, fold { $turn } back, turn its raw end under, and sew it down in a square with a cross.
    .check = Both hooks turn freely, and the strap is not twisted between them.
    .why = Turned round the eye it cannot slip out, and the square spreads the pull.
step-part-clip = Hook the strap on
    .text = Snap a hook into each ring and pull once, hard.
    .check = Both have snapped shut; to take the strap off, open them.
step-part-slider = Thread slider and ring
    .text = Sew one end of the strap round the slider's bar, { $slider } turned back. Pass the tab ({ $tab }) through the ring and fold it double. Pass the strap through the ring, and back through the slider; turn { $ring } of its other end back.
    .check = The slider moves and the strap is not twisted.
step-part-slider-sides = Thread slider and ring
    .text = Sew one end of the strap round the slider's bar, { $slider } turned back. Pass the tab ({ $tab }) through the ring and fold it double. Pass the strap through the ring, and back through the slider; turn { $ring } of its other end back. Tack the tab to one side of { $letter } ({ $piece }) and that end to the other, on each { $where }, level with the raw edge, ring and strap lying on the piece.
step-part-slider-tacked = Tack tab and strap on
    .text = { $tack }
    .check = Ring and strap hang free and lie inward for the next seam, the strap not twisted.
step-part-connector = Make the strap connectors
    .text = For each lay two pieces right sides together and sew the sides and the narrow end, { $allowance } from the raw edges. Trim the corners, turn it through its foot, and topstitch round, { $edge } from the edge. Lead the narrow end through a ring, fold { $turn } back and stitch it down across.
    .check = Both are equally long, and the rings turn freely.
    .why = A wide foot spreads the pull over the seam.
step-part-connector-one = Make the strap connector
    .text = Lay its two pieces right sides together and sew the sides and the narrow end, { $allowance } from the raw edges. Trim the corners, turn it through its foot, and topstitch round, { $edge } from the edge. Lead the narrow end through the ring, fold { $turn } back and stitch it down across.
    .check = The ring turns freely.
step-part-connector-tacked = Tack the strap connectors on
    .text = { $tack }
step-part-connector-tacked-one = Tack the strap connector on
    .text = { $tack }
mark-ring-here = the ring lies here
    .datum = { $raw } from the raw wide end
step-part-ring-tab = Make the ring tabs
    .text = { $count ->
        [one] 1 tab
       *[other] { $count } tabs
    }: fold each strip in four and stitch, pass it through its ring, { $ring } inside, and fold it double.
    .check = The rings turn freely.
step-part-ring-tab-one = Make the ring tab
    .text = Fold the strip in four and stitch, pass it through its ring, { $ring } inside, and fold it double.
    .check = The ring turns freely.
step-part-ring-tab-tacked = Tack the ring tabs on
    .text = { $tack }
    .check = The rings hang free and lie inward for the next seam.
step-part-ring-tab-tacked-one = Tack the ring tab on
    .text = { $tack }
    .check = The ring hangs free and lies inward for the next seam.
tack-rings = them
    .lying = the rings
tack-strap = the tab ({ $tab }) and the free end of the strap
    .lying = ring and strap
tack-flat = Tack { $what } to the { $edge } of { $letter } ({ $piece }), their middles { $away } to each side of its middle, raw ends level with the raw edge, { $lying } lying on the right side.
tack-round = Tack { $what } to the edge of { $letter } ({ $piece }), their middles { $away } along its stitch line to each side of the middle of its top, raw ends level with the raw edge, { $lying } lying on the right side.
tack-late = Tack { $what } to the upper edge of { $letter } ({ $piece }), on the right side, their middles { $away } to each side of its middle, measured round the rim, raw ends level with the raw edge, { $lying } lying on the cloth.
tack-over = Tack { $what } to the raw upper edge, on the right side: the middle of one on { $numbered ->
        [yes] { $first }, of the other on { $second }
       *[no] the { $first }, of the other on the { $second }
    }, raw ends level with that edge, { $lying } lying on the cloth.
tack-over-one = Tack it to the raw upper edge, on the right side, its middle on { $numbered ->
        [yes] { $first }
       *[no] the { $first }
    }, raw ends level with that edge, the ring lying on the cloth.
tack-middle = Tack it to the middle of the { $edge } of { $letter } ({ $piece }), raw ends level with the raw edge, the ring lying on the right side.
tack-upper = upper edge
tack-fold = fold opposite
caught-top-middle = { $round ->
        [yes] in the middle of its top
       *[no] in the middle of the { $edge }
    }
caught-top-left = { $away } { $round ->
        [yes] along its stitch line to the left of the middle of its top
       *[no] left of the middle of the { $edge }
    }
caught-top-right = { $away } { $round ->
        [yes] along its stitch line to the right of the middle of its top
       *[no] right of the middle of the { $edge }
    }
step-part-slip-pocket = Put the slip pocket on
    .text = It is { $width } by { $height }. Fold it right sides together and sew round at { $allowance }, leaving { $gap } open in the middle of the lower edge; turn, and crease its edges. Lay it on { $on }, { $place }, and stitch round three sides, { $edge } from the edge, three stitches over one another at the upper corners.
step-part-patch-pocket = Put the patch pocket on
    .text = It is { $width } by { $height }. Turn the upper edge in by { $turn }, once more by { $turn }, and stitch; crease { $allowance } of the other edges under. Lay it on { $on }, { $place }, and stitch round three sides, { $edge } from the edge, three stitches over one another at the upper corners.
step-part-mesh-pocket = Put the mesh pocket on
    .text = It is { $width } by { $height }. Fold the edging in four over the mesh's upper edge, { $deep } deep on both sides, and stitch; crease { $allowance } of the other edges under. Lay it on { $on }, { $place }, and stitch round three sides, { $edge } from the edge.
step-part-slip-pocket-under = Put the slip pocket on
    .text = It is { $width } by { $height } when it is on. Fold it right sides together and sew both sides at { $allowance }; turn, and crease them. Lay it on { $on }, { $place }, both its raw edges hanging { $past } past the raw edge at the { $lower }, and stitch down both sides, { $edge } from the edge, three stitches over one another at the upper corners. Fold what hangs past round that raw edge to the wrong side and baste it there: the seam catches it.
step-part-patch-pocket-under = Put the patch pocket on
    .text = It is { $width } by { $height } when it is on. Turn the upper edge in by { $turn }, once more by { $turn }, and stitch; crease { $allowance } of both sides under. Lay it on { $on }, { $place }, its raw edge hanging { $past } past the raw edge at the { $lower }, and stitch down both sides, { $edge } from the edge, three stitches over one another at the upper corners. Fold what hangs past round that raw edge to the wrong side and baste it there: the seam catches it.
step-part-mesh-pocket-under = Put the mesh pocket on
    .text = It is { $width } by { $height } when it is on. Fold the edging in four over the mesh's upper edge, { $deep } deep on both sides, and stitch; crease { $allowance } of both sides under. Lay it on { $on }, { $place }, its raw edge hanging { $past } past the raw edge at the { $lower }, and stitch down both sides, { $edge } from the edge. Fold what hangs past round that raw edge to the wrong side and baste it there: the seam catches it.
step-part-pocket =
    .check = It lies straight; what it must hold goes in.
    .why = Easier while the piece is flat.
step-part-elastic = Sew the elastic on
    .text = Cut { $elastic } of elastic. { $back ->
            [lining] On the lining side
           *[wrong] On the wrong side
        } of { $letter } ({ $piece }) fasten its ends to both ends of the line that is marked { $place }{ $anchored ->
            [yes] {","} { $end } of each beyond it,
           *[no] {","}
        } and its middle to the middle of the line, and sew it on along that with { $zigzag }, stretched to it.
step-part-elastic-laid = Sew the elastic on
    .text = Cut { $elastic } of elastic. Turn { $letter } ({ $piece }) over with all its layers, and on the underside draw a line { $place }. Fasten the elastic's ends to both ends of the line{ $anchored ->
        [yes] {","} { $end } of each beyond it,
       *[no] {""}
    } and its middle to the middle of it, and sew it on along that through all layers with { $zigzag }, stretched to it.
step-part-ribbon = Catch the ribbon
    .text = { $laid } to the edge “{ $side }” of { $letter } ({ $piece }), { $where }, tails lying inward on the face that will be seen. Fasten them to the middle of the piece, clear of every seam.
step-part-label-flat = Sew the label on
    .text = Stitch the label on flat on the right side of { $letter } ({ $piece }), { $place }, all round, { $edge } from its edge.
step-part-label-in-seam = Tack the label
    .text = Fold the label double and tack its ends to the edge “{ $side }” of { $letter } ({ $piece }), { $where }, level with the raw edge, lying inward on the face that will be seen.
step-part-label =
    .why = Once the seams are closed it can hardly be reached.
step-part-eyelet = { $count ->
    [one] Set the eyelet
   *[other] Set the eyelets
}
    .text = { $count } to set, { $across } across, from the right side of { $letter } ({ $piece }): { $count ->
        [one] its middle
       *[other] their middles
    } { $place }. Back the cloth with a patch, punch a hole a little smaller than the eyelet, cover the jaws with a scrap and set it.
step-part-snap = { $count ->
    [one] Set the press fastener
   *[other] Set the press fasteners
}
    .text = { $count } to set, { $across } across, on the right side of { $letter } ({ $piece }): { $count ->
        [one] its middle
       *[other] their middles
    } { $place }. Back the cloth with a patch and set one half there; the other half comes last, when it is seen where it meets this one.
step-part-snap-meets = { $count ->
    [one] Set the other half of the press fastener
   *[other] Set the other halves of the press fasteners
}
    .text = { $ends ->
        [open] Close the make as it shall close, or lay on it what is to be held there
        [flat] Fold the make as it shall be held, or lay on it what is to be held there
       *[filled] The make is closed for good: lay on it what is to be held there
    }, and mark where { $count ->
        [one] the other half meets the one
       *[other] each other half meets the one
    } that is set. Part them, back the cloth there with a patch as well, on the side that is not seen, and set it. Fasten them.
    .check = Fastened, nothing pulls and nothing gapes.
step-part-button = { $count ->
    [one] Sew the button on
   *[other] Sew the buttons on
}
    .text = { $count } to sew on, { $across } across, on the right side of { $letter } ({ $piece }): { $count ->
        [one] its middle
       *[other] their middles
    } { $place }, with a shank as long as the cloth it closes over is thick.
step-part-hook-and-loop = Sew the hook-and-loop on
    .text = { $count } to sew on, { $across } long, lying level, on the right side of { $letter } ({ $piece }): { $place }. Stitch { $count ->
        [one] the soft part
       *[other] each soft part
    } on there all round, { $edge } from its edge; the rough part comes last, when it is seen where it meets this one.
step-part-hook-and-loop-meets = Sew the rough part on
    .text = { $ends ->
        [open] Close the make as it shall close, or lay on it what is to be held there
        [flat] Fold the make as it shall be held, or lay on it what is to be held there
       *[filled] The make is closed for good: lay on it what is to be held there
    }, and mark where { $count ->
        [one] the rough part meets the soft one
       *[other] each rough part meets its soft one
    }. Part them, and stitch it on there all round, { $edge } from its edge, through no more layers than it takes to hold. Fasten them.
    .check = Fastened, both parts lie on each other from end to end.
check-piping-in-hem = Piping would lie inside
    .text = The edge is folded in by { $deep }, and what is sewn along it with it: take a top that is lined or hemmed once, or leave the piping out.
problem-parts = Parts are a list of up to { $most }, each with its kind.
part-input-apart = between the ends
part-choice-sits = sits
part-choice-sits-faces = on the front
    .why = Sewn on while the pieces are flat; two of them front and back. It pulls on the cloth of the front.
part-choice-sits-sides = over the sides
    .why = Sewn on when the bag is turned, over the side seams, which carry it: strong, and it hangs straight. Thick to sew, and the far wall must be kept aside.
part-choice-sits-late = on the front, at the end
    .why = Sewn on when the bag is closed and turned: the finished rim tells the place, and it is in no seam's way. The stitches go through the lining too.
problem-no-sides = A { $part } that is sewn on when the bag is closed takes a bag with an open top: let it sit on the front.
problem-too-many-last = When the bag is closed there is room for { $most } of this { $part }: ask for { $most }, or let them sit on the front while it is flat.
check-strap-low = The ends reach the base
    .text = Their lower ends lie { $down }: at most { $most } keeps them clear of the base.
step-part-strap-over-two = { $attach ->
    [attach-rivets] Rivet the { $part } over the sides
   *[other] Sew the { $part } over the sides
}
    .text = Turn { $end } of each end in. Lay one end over the left side and one over the right, each with its middle on the seam or fold there and its lower end { $down }, and hold each, through { $through }, with { $attach }. Put a ruler inside, so that the far wall is not caught.
step-part-strap-over-one = { $attach ->
    [attach-rivets] Rivet the { $part } over the sides
   *[other] Sew the { $part } over the sides
}
    .text = Turn { $end } of each end in. Lay one end over the side seam, its middle on the seam, and the other opposite, { $half } along the rim from there, the lower end of each { $down }, and hold each, through { $through }, with { $attach }. Put a ruler inside, so that the far wall is not caught.
step-part-strap-late = { $attach ->
    [attach-rivets] Rivet the { $part } on
   *[other] Sew the { $part } on
}
    .text = Turn { $end } of each end in. On the { $wall ->
        [back] back
       *[other] front
    } lay the ends { $place }, and hold each, through { $through }, with { $attach }. Put a ruler inside, so that the far wall is not caught.
    .check = Both ends are equally far from the sides and from the rim, and nothing of the far wall is caught.
    .why = On the finished make the eye sees what is level.
step-part-strap-late-both = { $attach ->
    [attach-rivets] Rivet the { $part } on
   *[other] Sew the { $part } on
}
    .text = Turn { $end } of each end in. On the front lay the ends of one { $place }, on the back those of the other alike, and hold each, through { $through }, with { $attach }. Put a ruler inside, so that the far wall is not caught.
place-late = with their middles { $off } to each side of its middle, their lower ends { $top }
step-part-strap-over =
    .check = From the middle of one end to that of the other it is { $half } along the rim, on both sides, and nothing of the far wall is caught.
    .why = A seam carries more than the cloth beside it, and a strap from side to side keeps it level.
part-choice-attach = held by
part-choice-attach-boxed-cross = square and cross
    .why = Takes the most load; some bulk; can be unpicked.
part-choice-attach-square = square
    .why = For a light load; flatter; can be unpicked.
part-choice-attach-rivets = rivets
    .why = Takes load on a strong cloth, through a patch; no bulk of thread; cannot be undone.
attach-boxed-cross = a square as wide as it is, with a cross in it
attach-square = a square as wide as it is
rivet-set = Before any is set hold it all in its place and look at it: a rivet does not come out again. The two of an end lie side by side, { $side } inward from its sides and { $up } above its lower edge. For each punch a hole a little smaller than its shaft, through strap, cloth and patch, push the shaft through from inside, lay the cap on, and set it on something hard.
    .why = The pull comes on a few points: the patch behind them spreads it over the cloth.
cause-rivet = The holes were punched off their marks: punch the strap first, hold it in its place and mark through its holes.
remedy-rivet = Nip the rivet off from inside, your eyes guarded, and set the strap beside its holes, with a larger patch behind them.
rivet-thin = Strap, cloth and patch together are { $thick }, and a rivet holds from { $least }: lay a disc of felt or foam under each, inside, before it is set.
attach-rivets = two rivets through it, the cloth and a backing patch
need-rivet = rivets
    .note = { $count ->
            [one] 1 rivet
           *[other] { $count } rivets
        } at each end; cap and shaft to suit the stack
mark-strap-end-left =
    .datum = its near edge { $side } from the raw left edge, its end { $raw } below the raw top edge, { $top }
mark-strap-end-right =
    .datum = its near edge { $side } from the raw right edge, its end { $raw } below the raw top edge, { $top }
mark-strap-beside-left =
    .datum = its middle { $off } left of the middle line, its end { $runs ->
        [bent] { $raw } inward from the raw upper edge, square to it
       *[level] { $raw } below the raw top
    }, { $top }
mark-strap-beside-right =
    .datum = its middle { $off } right of the middle line, its end { $runs ->
        [bent] { $raw } inward from the raw upper edge, square to it
       *[level] { $raw } below the raw top
    }, { $top }
mark-caught = { $part } here
caught-upper = { $raw } from its raw upper end ({ $down })
caught-round = { $along } along its stitch line from the middle of the top
caught-other-side = on the other side alike
caught-middle = in its middle
caught-between = midway between { $first } and { $second }
caught-corner = at the corner between { $first } and { $second }
place-ends = { $side } inward from both raw side edges, their lower ends { $raw } below the raw top edge, { $top }
place-ends-middle = with their middles { $off } to each side of the middle line, their lower ends { $runs ->
        [bent] { $raw } inward from the raw upper edge, square to it
       *[level] { $raw } below the raw top
    }, { $top }
place-one = of one: { $ends }
place-next = { $first }; those of the next: { $ends }
place-also = { $first }, and { $then }
step-part-loop-in = Catch the loop
    .text = { $cut } and tack its ends to the edge “{ $side }” of { $letter } ({ $piece }), { $where }, level with the raw edge, the loop lying inward on the face that will be seen.
place-lining-side = the lining side of the { $thing }
loop-cut-ribbon = Cut { $loop } of ribbon, fold it double
loop-cut-strip = Fold the strip double
