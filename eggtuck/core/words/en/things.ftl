### Things to be covered, their starting values, and what they measured when made.

language = English
list-and = { $before } and { $last }

## Things

object-thing = thing
object-bottle = bottle
    .help = Anything with a body, a shoulder and a neck.
object-jar = jar
    .help = Round, straight or slightly bellied, with a lid.
object-can = can
    .help = Round and straight: a tin, a beaker, a tea light glass.
object-mug = mug
    .help = Tape round body and handle together; or the body's width and how far its handle sticks out.
object-carton = carton
    .help = A box with a rectangular base.
measure-girth = girth
    .help = Tape once round the widest place.
measure-diameter = width
    .help = Straight across the widest place. Instead of the girth, or as a second measure to check it.
measure-height = height
    .help = From the table to the very top.
measure-base_diameter = base, across
    .help = Straight across where it stands on the table.
measure-shoulder_height = shoulder begins
    .help = From the table to where the body starts to narrow. Without it a usual shoulder is assumed.
measure-neck_height = neck begins
    .help = From the table to the lowest place where a ribbon would hold.
measure-handle_out = handle sticks out
    .help = From the body straight out to the handle's outermost place.
measure-handle_width = handle, across
    .help = How wide the handle is, seen from above. Without it 15 mm is assumed.
measure-neck_diameter = neck, across
    .help = Straight across the neck.
measure-width = width
    .help = The longer side of the base.
measure-depth = depth
    .help = The shorter side of the base.

## Starting values, logbook

preset-bottle = tall bottle
preset-small-bottle = small bottle
preset-jar = honey jar
preset-can = can
preset-mug = mug
preset-carton = carton
measured-same = The { $label } came out as drafted.
measured-larger = The { $label } came out { $off } larger.
measured-smaller = The { $label } came out { $off } smaller.
measured-larger-girth = The { $label } came out { $off } larger: each side allowance was sewn about { $each } { $way }.
measured-smaller-girth = The { $label } came out { $off } smaller: each side allowance was sewn about { $each } { $way }.
measured-and = { $found } { $way }
measured-either-way = It is a forgiving size.
measured-at-least-kept = It was to be at least that, and is.
measured-at-least-not = It was to be at least that: see whether it still goes round or reaches.
measured-at-most-kept = It was to be at most that, and is.
measured-at-most-not = It was to be at most that: see whether it still passes or fits.
measured-matched-pair = It is one of a matched pair: see whether both are as long.
measured-narrower = narrower than planned
measured-wider = wider than planned
problem-file-archive-none = This is neither an archive that Egg Tuck saved nor a copy of its file.
problem-file-archive-newer = This archive was saved by a newer Egg Tuck. Bring it back with that one.
problem-file-archive-large = This archive unpacks to more than can be kept.
problem-file-archive-part = “{ $name }” in this archive cannot be read; nothing was brought back.
problem-file-stopped = Stopped: nothing of the file was kept.
problem-file-busy = Other files are being read just now. Try again in a moment.
problem-file-outline-slow = The drawing has too much detail to be read: simplify it first.
problem-file-photo-heavy = This picture takes too much to be opened: save it smaller first.
problem-file-photo-large = This picture is too large: at most { $most } megapixels, and { $side } pixels a side.
problem-file-photo = Egg Tuck can keep JPEG, PNG and WebP pictures of up to { $most } megapixels and { $side } pixels a side; this file is none.
