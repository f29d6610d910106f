### What is said of this form alone.

form-tetra = Tetrahedron pouch
    .summary = A tube closed flat at one end and crosswise at the other. Four faces, hardly any waste; with a zip or a spring frame.
easier-tetra = the same zip, in a pouch that lies flat
input-tetra-height = height
    .help = Of the flattened tube, from the closed end to the zip's middle line or the mouth seam.
input-tetra-width = width
    .help = Of the flattened tube; both ends are this long.
