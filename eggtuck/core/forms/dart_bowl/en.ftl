### What is said of this form alone.

form-dart-bowl = Darted bowl cosy
    .summary = A square or round blank whose darts turn its rim up. For bowls, plates and round dishes.
easier-dart-bowl = the same quilting, lying flat
