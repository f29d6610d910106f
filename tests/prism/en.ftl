### What is said of this form alone.

form-prism = Prism pouch
    .summary = A tube with three flat sides and a triangle at each end, the zip along one side.
easier-prism = the same zip, in a pouch without corners
input-prism-side = side
    .help = Each side of the triangles at the ends.
input-prism-length = length
    .help = From one triangle to the other.
piece-prism-body = body
piece-prism-end = triangle
edge-round-low = end of the body
edge-round-high = other end of the body
edge-beside-right = beside the zip, right
edge-beside-left = beside the zip, left
edge-under = across the zip
seam-prism-end = seam round a triangle
sum-prism-three = three sides
sum-name-prism-body-cut_width = cut width of the body
step-prism-ends = Sew in the triangles
    .check = Three corners at each end; nothing is caught.
sum-name-finished-side = { input-prism-side }
