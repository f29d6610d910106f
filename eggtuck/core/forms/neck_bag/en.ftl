### What is said of this form alone.

form-neck-bag = Gathered-neck bag
    .summary = A flat tube the bottle pushes open, gathered where its neck begins. The quickest gift bag; makes no corners.
input-neck-bag-base_diameter = base, across
    .help = Across the bottom of the thing; half of it lies below the base line.
input-neck-bag-headroom = above the thing
    .help = Cloth between the top of the thing and the fold of the top.
