### What stands on printed pages.

print-cut = cut { $count } { $role }
print-strip = straight: cut it with a ruler, it is not among the pattern pages
print-cut-larger = cut { $count } { $role }, { $inset } larger all round, trimmed later
print-cut-worked = { $cut }, { $times ->
        [one] { $over } larger all round first
       *[other] { $count ->
            [one] one
           *[other] { $count } copies
        } of them { $over } larger all round first
    }
print-cut-smaller = cut { $count } { $role }, { $inset } smaller all round
print-cut-size = cut size { $width } × { $height }
print-test-square = { $side } square: measure it first
print-whole = { $title }: all pieces on one page
print-tile = { $title }: lay the crosses of neighbouring pages on each other
print-finished = Finished: { $sizes }.
print-pages = { $count ->
        [one] 1 page
       *[other] { $count } pages
    }
print-test-line = { $side }
print-how-to-join = Print at 100 %, without fitting to the page. Measure the square. { $count ->
        [one] 1 pattern page.
       *[other] { $count } pattern pages: trim along one dotted line, lay the crosses on each other, tape.
    } All pieces include their allowances: cut on the full line, sew on the broken line.
print-cut-list = Cut list
print-needs = Have ready
print-mind = Mind
print-put-right = Put right when the instructions were checked
print-steps = Sewing order
print-column-letter = piece
print-column-piece = name
print-column-cut = cut
print-column-cut-size = cut size, width × height
print-column-material = material
print-column-role = for
print-column-buy = buy
print-column-width = width
print-column =
    .note = note
print-wide = { $width } wide
print-stitch =
    { $sewn ->
        [zigzag] zigzag, { $length } long
        [decorative] decorative stitch
        [overcast] overlock, or a wide zigzag
       *[straight] stitch { $length }
    }
print =
    .check = Look:
print-band = It passes from { $least } to { $most }.
print-wrong = If not:
print-caution = Careful:
print-cut-net = cut { $count } { $role }, only inside the stitch line
print-cut-lower = cut { $count } { $role }, the lower half
print-cut-upper = cut { $count } { $role }, the upper half
print-cut-left = cut { $count } { $role }, the left half
print-cut-right = cut { $count } { $role }, the right half
print-cut-band = cut { $count } { $role }, a band

## What files are called after the project's name

file-form = form
file-cut-list = cut list
file-draft = draft
file-cutting = cutting
file-care = care
file-label = label
file-tag = tag
print-layered = What lies on what
