### What is said of this form alone.

form-mug-bag = Mug carrier
    .summary = A boxed bag for the mug in a padded wrap with a flap, pockets and a handle. For taking your own cup along.
easier-mug-bag = the same box, without wrap, pockets and flap
input-mug-bag-corner_radius = rounded corners
    .help = Radius of the flap's two corners.
input-mug-bag-flap = flap
    .help = From the back rim over the top and down the front.
input-mug-bag-handle_length = handle
    .help = Length of the carrying handle between its seams.
input-mug-bag-pocket_height = pocket
    .help = Height of the finished pocket, measured from the back base edge.
