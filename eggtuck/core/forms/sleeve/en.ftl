### What is said of this form alone.

form-sleeve = Handle sleeve
    .summary = A padded tube closed at one end, straight or tapering. For pan handles, tool grips and pegs.
input-sleeve-girth = girth at the closed end
    .help = Round the finished sleeve on the stitch line. Leave empty to follow the handle and its ease.
option-mouth_edge = Mouth
option-mouth_edge-plain = as it is
    .why = Quick; the lining may roll out in use.
option-mouth_edge-understitched = understitched
    .why = Sewn while it lies flat, the lining then stays inside; nothing shows from outside.
step-understitch = Understitch the mouth
    .text = Open outer and lining out flat, right side up, the mouth's allowance under the lining, and stitch on the lining, through the allowance too, { $edge } from the seam.
    .why = The lining cannot roll out at the mouth; once the sleeve is closed no foot reaches there.
    .lost = The lining may show at the mouth.
