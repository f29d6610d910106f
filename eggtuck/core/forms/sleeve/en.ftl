### What is said of this form alone.

form-sleeve = Handle sleeve
    .summary = A padded tube closed at one end, straight or tapering. For pan handles, tool grips and pegs.
input-sleeve-girth = girth at the closed end
    .help = Round the finished sleeve on the stitch line. Leave empty to follow the handle and its ease.
