### What is said of this form alone.

form-mat = Mat
    .summary = Top, padding and backing, quilted, trimmed and bound. For mugs, pots and places at table.
input-mat-corner = corner square
    .help = Finished side of the square sewn across each corner of a block.
input-mat-height = height
    .help = Of the trimmed mat.
input-mat-width = width
    .help = Of the trimmed mat.
