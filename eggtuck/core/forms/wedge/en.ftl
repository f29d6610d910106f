### What is said of this form alone.

form-wedge = Wedge pouch
    .summary = A triangle seen from the side: a flat base and a zip along the top. Stands open on a table.
easier-wedge = the same zip, in a pouch that lies flat
