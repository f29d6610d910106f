### What is said of this form alone.

form-dart-bowl = Darted bowl cosy
    .summary = A square or round blank whose darts turn its rim up. For bowls, plates and round dishes.
easier-dart-bowl = the same quilting, lying flat
option-fuse_when = what is fused
option-fuse_when-flat = while flat
    .why = Quickest; the darts are sewn through it and thicker.
option-fuse_when-shaped = when it has its shape
    .why = Cut to the stitching, without the darts, and fused over a rolled towel when they are sewn: it follows the bowl, and the darts stay thin.
step-backing-shaped =
    .why = It is fused only now that the darts are sewn, over a rolled towel: it lies between them and does not crease where the bowl turns up.
