### The shelf of measured things, the drawer of hardware, and those a make is for.

shelf-cover = The shelf
    .add = Measure another thing
    .group = to be covered
shelf-hardware = The drawer
    .add = Measure hardware
    .group = hardware
shelf-wearer = Who it is for
    .add = Measure a wearer
    .group = people
shelf-taken = “{ $name }” was taken away.
shelf-kept = “{ $name }” is kept.
shelf-cover-it = Cover it
shelf-take-off = Take off
    .label = Take { $name } away

## The editor

editor-new = Measure a thing
editor-close = Close
editor-name = name
    .wanted = Give it a name to find it by.
editor-kind = kind
editor-ruler = ruler
editor-card = Print a card to measure by
editor-note = note
editor-keep = Keep it
    .shelf = Put it on the shelf

photo-look = What it looks like
photo-another = another photo
photo-first = a photo to know it by
photo-away = Take the photo away

profile-rows = height; girth
    .help = from the table up, a line for each
profile-out = sticks out at height; girth round both
profile-file = From a table (CSV) or a scan (STL, OBJ, PLY)
    .label = Profile file
profile-scan = a scan is in
    .label = Unit of the scan
