### What is worked on the face of a piece.

part-motif = motif
part-border = border
piece-motif = motif cloth
piece-border = patch
seam-motif-edges = edges of the motif cloth
seam-border-edges = edges of the patches
part-input-extra = cut larger for it by
part-input-letters = letters
part-input-spacing = space between
part-choice-work = worked
part-choice-work-applique = of cloth, with web
    .why = Bold, of your own cloth. The web holds it while a close zigzag covers its edge; wants an iron.
part-choice-work-felt = of felt
    .why = Nothing frays: it is cut out and stitched on. Needs no web and no hot iron.
part-choice-work-lace = of lace
    .why = Light, and the cloth shows through. Catches on things; for what is handled little.
part-choice-work-embroidery = embroidered
    .why = By hand in a frame: it takes long and lasts longest. The cloth is drawn in, so it is cut larger and trimmed when it is done.
part-choice-work-paint = painted
    .why = Flat, quick, and adds no bulk. Takes hours to dry, and heat to hold.
part-choice-work-foil = of foil
    .why = Shines. Bears no iron from above afterwards, no rubbing, and nothing hot; metal has no place in a microwave oven.
part-choice-work-patches = of patches
    .why = Uses up small pieces. Adds the bulk of its seams.
part-choice-work-stitches = of decorative stitches
    .why = Nothing lies on the cloth. It is drawn in, so it is cut larger and trimmed when it is done; the machine must have such a stitch.
part-choice-figure = showing
part-choice-figure-heart = a heart
    .why = Two points to turn at.
part-choice-figure-leaf = a leaf
    .why = Two long curves.
part-choice-figure-star = a star
    .why = Ten corners to turn at.
part-choice-figure-drop = a drop
    .why = One point to turn at.
part-choice-figure-ring = a ring
    .why = Two edges, one inside the other.
part-choice-figure-initial = letters
    .why = For whom it is. Plain and bold, so that every limb can be stitched.
figure-heart = heart
figure-leaf = leaf
figure-star = star
figure-drop = drop
figure-ring = ring
figure-initial = { $count ->
        [one] letter { $letters }
       *[other] letters { $letters }
    }
work-applique = cloth with web
work-felt = felt
work-lace = lace
work-embroidery = embroidery
work-paint = paint
work-foil = foil
work-patches = patches
work-stitches = decorative stitches
idea-plain = Leave it plain
idea-plain-why = Form and cloth speak for themselves; nothing to wait for, and nothing that wears off.
idea-plain-print = The print says enough: anything worked on it competes with it.
idea-motif = { $figure }, { $work }
idea-border = A border across: { $work }
problem-letters = Up to { $most } letters or figures, without spaces: A, É, 7.
mark-figure = outline of the { $pocket }
check-border-bows = It would not lie level
    .text = The upper edge of this piece is bent, and the { $part } is sewn on straight: on the finished make its ends stand { $off } { $ends ->
        [lower] lower
       *[higher] higher
    } than its middle. Rows of decorative stitches follow the edge.
mark-border =
    .datum = its upper edge { $raw } below the raw top, { $top }{ $runs ->
        [bent] {","} measured square to it in the middle
       *[level] {","} level all the way across
    }
mark-border-line =
    .datum = { $raw } below the raw top, { $top }{ $runs ->
        [bent] {","} square to it all the way across
       *[level] {","} level all the way across
    }
need-surface-web = fusible web
need-surface-felt = felt for the motif
need-surface-lace = lace for the motif
need-surface-floss = embroidery thread
need-surface-stencil = stencil sheet
need-surface-paint = fabric paint
need-surface-foil = foil and its glue
need-surface-lace-border = lace
need-surface-felt-border = felt for the border
need-surface-thread = decorative thread
sum-across-piece = across the piece, from raw edge to raw edge
sum-patch = one patch
surface-from-raw = Measure from the raw edges.
surface-from-outline = Measure from the outline you drew; the cloth beyond it is trimmed off later.
surface-guard = Never set the iron on the { $figure } on { $letter } ({ $piece }): press from the wrong side, over a cloth.
surface-guard-again = From the wrong side, over a cloth: the { $figure } on { $letter }.
cut-out-larger = { $piece }; { $times ->
        [one] cut it { $over } larger all round than that, and draw its outline in the middle
       *[other] of these { $count ->
            [one] one is cut
           *[other] { $count } pieces are cut
        } { $over } larger all round than that, the outline drawn in the middle
    }
step-motif-web = Make the { $figure }
    .text = Draw the { $figure }, { $height } high, mirrored on the paper side of a piece of web { $web } wide and { $high } high. Lay it, glue side down, on the wrong side of { $own } ({ $block }) and fuse it with a dry iron, as the web's maker says. Let it cool, cut along the line, and peel the paper off.{ $count ->
        [one] {""}
       *[other] {" "}Make { $count }.
    }
    .check = Seen from the right side it is the right way round, and the glue came off the paper all over.
    .why = What lies face down is seen mirrored: drawn as it is read, it would end the wrong way round.
step-motif-fused = Fuse the { $figure } on
    .text = { $from } On { $letter } ({ $piece }) lay the { $figure } { $place }: these numbers are of the box round it. Fuse it with a dry iron: set it down, count, lift it, and never slide it.
    .check = No edge can be lifted with a fingernail.
step-motif-satin = Sew round the { $figure }
    .text = Lay a sheet of paper under { $letter } ({ $piece }). Zigzag { $wide } wide round every edge of the { $figure }, one stitch { $long } after the other, so that the needle goes down just beyond the edge. At a corner stop with the needle down outside. Pull the ends through to the back and knot them; tear the paper away.
    .check = No raw edge of the { $figure } shows, and the cloth lies flat.
    .why = The paper keeps the cloth from drawing in under so many stitches.
step-motif-felt = Sew the { $figure } on
    .text = Cut the { $figure }, { $height } high, out of felt along its outline, { $count ->
        [one] once
       *[other] { $count } times
    }. { $from } Lay it on { $letter } ({ $piece }) { $place }: these numbers are of the box round it. Tack it in its middle, and stitch round { $edge } from its edge. Turn exactly at its corners.
    .check = It lies flat, and every limb is held.
    .why = Felt does not fray: its edge stays as it is cut.
step-motif-lace = Sew the { $figure } on
    .text = Cut the { $figure }, { $height } high, out of lace, { $count ->
        [one] once
       *[other] { $count } times
    }, a thread outside its outline. { $from } Baste it to { $letter } ({ $piece }) { $place }: these numbers are of the box round it. Sew round its edge with { $open } in thread of its colour, and pull the basting out.
    .check = No end of a cut thread stands out.
    .why = Lace has no allowance to turn in: stitches over its edge hold its threads where they were cut.
step-motif-embroidery = Embroider the { $figure }
    .text = { $from } { $drawn ->
        [paper] Draw the { $figure }, { $height } high, on thin paper, and stick that with tape that comes off again to the right side of { $letter } ({ $piece }), { $place }: these numbers are of the box round it. By hand, in two or three strands, backstitch along the line through paper and cloth. Tear the paper away, and fill the figure with stitches close beside each other. Hold the cloth in your hand: a frame would leave its ring
        [chalk] Draw the { $figure }, { $height } high, with chalk on the right side of { $letter } ({ $piece }), { $place }: these numbers are of the box round it. Stretch the cloth in a frame. By hand, in two or three strands, backstitch along the line, then fill it with stitches close beside each other. Brush the chalk off
       *[pen] Draw the { $figure }, { $height } high, on the right side of { $letter } ({ $piece }) with a pen that washes out, { $place }: these numbers are of the box round it. Stretch the cloth in a frame. By hand, in two or three strands, backstitch along the line, then fill it with stitches close beside each other
    }.
    .check = No line shows between the stitches, and the cloth { $drawn ->
        [paper] lies flat
       *[pen] in the frame is not pulled out of its weave
    }.
    .why = Embroidery draws the cloth in: worked on the cut piece, it would end too small.
step-motif-rinse = Rinse the lines out
    .text = Take { $letter } ({ $piece }) out of the frame, rinse the pen out of it in cold water, and lay it flat to dry.
    .check = Nothing of the pen is left: ironed over, it would stay for ever.
step-motif-press = Press the { $figure }
    .text = Lay { $letter } ({ $piece }) with the { $figure } face down on a towel, and press it dry, with a dry iron, from the wrong side.
    .check = It lies flat, and the stitches stand up.
step-motif-paint = Paint the { $figure }
    .text = { $from } Cut the { $figure }, { $height } high, out of a stencil sheet. Lay { $letter } ({ $piece }) right side up on a board, and fix the stencil on it { $place }: these numbers are of the box round it. Dab the paint on thinly, from the edges inward, twice rather than once thickly. Lift the stencil straight up, and let it dry lying flat, as long as the paint's maker says.
    .check = No paint has run under an edge.
    .why = Pressed before it is dry, paint smears; worn before it is set, it washes out.
step-motif-paint-set = Set the paint
    .text = Lay a cloth over the { $figure }, turn { $letter } ({ $piece }) over, and iron it dry from the wrong side as long and as hot as the paint's maker says.
    .check = Rubbed with a damp white rag, no colour comes off.
step-motif-glue = Glue for the { $figure }
    .text = { $from } Cut the { $figure }, { $height } high, out of a stencil sheet. Lay { $letter } ({ $piece }) right side up on a board, and fix the stencil on it { $place }: these numbers are of the box round it. Dab the foil's glue on thinly, lift the stencil, and let it lie as long as the glue's maker says.
    .check = The glue is clear all over, and feels tacky.
step-motif-foil = Lay the foil on
    .text = On { $letter } ({ $piece }) lay the foil over the glue, shining side up, a cloth over it, and press with a dry iron as long as the foil's maker says. Let it grow cold.
step-motif-peel = Peel the foil's sheet off
    .text = From { $letter } ({ $piece }) peel the sheet slowly off the { $figure }, flat over itself.
    .check = The { $figure } shines all over, right to its edges.
step-border-lace = Sew the lace across
    .text = { $from } Cut { $count ->
        [one] a piece of lace
       *[other] { $count } pieces of lace
    } { $long } long. Lay it across { $letter } ({ $piece }), { $place }, its ends at the raw edges, and sew along both its edges with { $open }. Trim what stands out beyond the raw edges.
    .check = It lies level, and both ends reach the raw edges.
step-border-felt = Sew the felt across
    .text = { $from } Cut { $count ->
        [one] a strip of felt
       *[other] { $count } strips of felt
    } { $wide } wide and { $long } long. Lay it across { $letter } ({ $piece }), { $place }, its ends at the raw edges, and stitch along both its edges, { $edge } from them. Trim what stands out beyond the raw edges.
    .check = It lies level, and both ends reach the raw edges.
step-border-patches-joined = Join the patches
    .text = Lay the pieces { $own } ({ $patch }) right sides together, one on the other, and sew them to a row of { $patches }, { $allowance } from the raw edges{ $count ->
        [one] {""}
       *[other] ; make { $count } rows
    }. Press the seams all one way, dry: steam pulls a row out of shape. Press { $allowance } of both long edges under.
    .check = The row is { $joined } long from raw end to raw end.
step-border-patches = Sew the row of patches across
    .text = { $from } Lay the row of { $own } ({ $patch }), { $wide } wide, across { $letter } ({ $piece }), { $place }, and stitch along both its folds, { $edge } from them. Trim its ends level with the raw edges.
    .check = It lies level, and both ends reach the raw edges.
step-border-stitches = Sew the rows of decorative stitches
    .text = { $from } { $drawn ->
        [paper] Stick tape that comes off again across the right side of { $letter } ({ $piece }), its upper edge { $place }
       *[chalk] Draw a line with chalk across the right side of { $letter } ({ $piece }), { $place }
    }, and { $more ->
        [one] another
       *[other] { $more } more
    } below it, { $spacing } from line to line. Lay a sheet of paper under it, and sew a row of a decorative stitch of your machine along each, from one edge of the cloth to the other, all the same way. Tear the paper away{ $drawn ->
        [paper] {","} and take the tape off
       *[chalk] {""}
    }.
    .check = { $runs ->
        [bent] The rows keep the same distance from the upper edge all the way
       *[level] The rows are straight
    }, and the cloth between them lies flat.
step-border-stitches-one = Sew the row of decorative stitches
    .text = { $from } { $drawn ->
        [paper] Stick tape that comes off again across the right side of { $letter } ({ $piece }), its upper edge { $place }
       *[chalk] Draw a line with chalk across the right side of { $letter } ({ $piece }), { $place }
    }. Lay a sheet of paper under it, and sew a row of a decorative stitch of your machine along it, from one edge of the cloth to the other. Tear the paper away{ $drawn ->
        [paper] {","} and take the tape off
       *[chalk] {""}
    }.
    .check = { $runs ->
        [bent] The row keeps the same distance from the upper edge all the way
       *[level] The row is straight
    }, and the cloth beside it lies flat.
step-border =
    .why = Sewn on while the piece is flat, both its ends vanish in the seams.
step-cut-to-outline = Cut { $letter } to its outline
    .text = Lay the pattern on { $letter } ({ $piece }) again: where the cloth was drawn in, draw the outline anew, with what was worked on it in its place. Cut along it, and take off the { $over } all round.
    .check = It is as large as its pattern on every side.
    .why = What was stitched drew the cloth in and frayed its edges: only now is it known where they lie.
cause-drawn-in = stitched too tightly, or without paper beneath
remedy-drawn-in = Steam it from the wrong side and pull it straight; if it stays too small, cut the piece larger and work it again.
cause-web = too little heat, or lifted before it was cold
remedy-web = Fuse it again a little longer, over a cloth, and let it grow cold.
cause-foil = peeled warm, or the glue was not tacky any more
remedy-foil = Lay the foil on the bare places again, and press once more.
caution-paint = Paint, glue and foil: air the room, cover the table, keep them from children, and follow what is printed on them.
check-limb-thin = The { $figure } has thin limbs
    .text = Its narrowest limb is { $limb } wide; stitched along both edges it wants { $least }.
fix-motif-higher = Make it { $height } high
check-surface-metal = No foil in a microwave oven
    .text = Foil is metal: it sparks and can set fire to the cloth.
check-surface-hot = The { $part } lies where it is hot
    .text = Something hot is held or set here: { $work } may melt, scorch or come off. Keep it where nothing hot touches, or work it otherwise.
check-surface-through = The { $part } is seen on both sides
    .text = It is worked when the { $piece } is joined and quilted, through all its layers: its stitches show underneath.
check-surface-no-iron = No hot iron on: { $material }
    .text = { $work } is pressed hot to hold. On { $material } it is sewn on better.
check-surface-pile = { $material } has a pile
    .text = Fine lines of { $work } sink into it and blur. Laid on, a figure keeps its edge.
fix-work = Of { $work } instead
