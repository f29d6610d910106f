### Keeping it safe: copies, everything saved and brought back, what was put away.

keeping-copy-day = { $day }, { $time }
keeping-copy-asked = { $day }, { $time }: made when you asked
keeping-copy-tables = { $day }, { $time }: before a newer Egg Tuck changed it
keeping-copy-bringing-back = { $day }, { $time }: before something was brought back
keeping-size = { $kilobytes } kB
keeping-aside-damaged = The file that kept your projects was damaged and could not be read. It was set aside as “{ $name }”, as it was.
keeping-aside-foreign = A file that is none of Egg Tuck's lay where your projects are kept. It was set aside as “{ $name }”, as it was.
keeping-added = Brought back: { $count ->
        [one] 1 thing
       *[other] { $count } things
    }.
keeping-same = Here already, as it is: { $count ->
        [one] 1 thing
       *[other] { $count } things
    }.
keeping-replaced = Put in the place of what was here: { $count ->
        [one] 1 thing
       *[other] { $count } things
    }.
keeping-both = Kept beside what was here: { $count ->
        [one] 1 thing
       *[other] { $count } things
    }.
keeping-left = Left as it is here: { $count ->
        [one] 1 thing
       *[other] { $count } things
    }.
keeping-unread = “{ $name }” could not be read and was left out.
keeping-unreadable = cannot be read
keeping-nothing = There was nothing in it.

door-closed = The door is closed
door-how = Open Egg Tuck at the whole address it printed when it started. It lets this browser in once; from then on the short one will do. For another browser ask for a new address: ./tuck door
door-used = This address has let somebody in already, or is too old. Ask for a new one: ./tuck door

away-projects = project
away-things = on the shelf
away-pile = on the pile
away-orders = order
away-cuttings = cutting
away-batches = plan
away-makes = entry of the log
away-notes = note at a step

reading-sent = on its way
reading-waits = { $count ->
        [one] waits, with 1 file before it
       *[other] waits, with { $count } files before it
    }
reading-read = { $count ->
        [0] is being read
        [one] is being read for a second
       *[other] is being read for { $count } seconds
    }
