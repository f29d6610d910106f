### What is said of this form alone.

form-lid-cover = Lid cover
    .summary = A circle over the mouth of a jar or bowl, drawn in beneath the rim by elastic or a cord.
easier-lid-cover = the same tie, on straight seams
input-lid-cover-channel = channel
    .help = Width of the casing the elastic or cord runs in.
input-lid-cover-neck_girth = girth where it draws in
    .help = Tape round the jar or bowl below its rim.
