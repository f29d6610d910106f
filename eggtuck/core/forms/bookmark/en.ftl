### What is said of this form alone.

form-bookmark = Bookmark
    .summary = A stiffened strip, faced or folded. A small thing for scraps.
input-bookmark-length = length
    .help = From end to end, finished.
input-bookmark-width = width
    .help = Across, finished.
