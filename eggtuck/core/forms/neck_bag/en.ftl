### What is said of this form alone.

form-neck-bag = Gathered-neck bag
    .summary = A flat tube the bottle pushes open, gathered where its neck begins. The quickest gift bag; makes no corners.
input-neck-bag-base_diameter = base, across
    .help = Across the bottom of the thing; half of it lies below the base line.
input-neck-bag-headroom = above the thing
    .help = Cloth between the top of the thing and the fold of the top.
option-hem_turn = Hem at the top
option-hem_turn-twice = turned twice
    .why = The raw edge lies inside; three layers at its fold.
option-hem_turn-once = turned once
    .why = Over a finished raw edge: flatter, and quicker in thick cloth.
step-deep-hem-once = Sew the hem
    .text = { $first } { $deep } in at the top, on the fold line, and stitch twice, { $edge } from the raw edge and { $edge } from the rim.
step-deep-hem-once-flat = Sew the hem while flat
    .text = { $first } { $deep } in at the top, on the fold line, and stitch twice while the piece is flat, { $edge } from the raw edge and { $edge } from the rim.
