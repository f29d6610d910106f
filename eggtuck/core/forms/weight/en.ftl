### What is said of this form alone.

form-weight = Filled weight
    .summary = Two strips cross at the base and close at a small top square. For pattern weights and door stops.
input-weight-slant = slant
    .help = Up the middle of a flap, from the base to the top square.
mark-weight-base = edge of the base
mark-weight-base-lower = { $raw } from the raw lower end
mark-weight-base-upper = { $raw } from the raw upper end
