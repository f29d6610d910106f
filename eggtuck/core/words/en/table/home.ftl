### The table: all projects, and the question that begins a new one.

home-put-away = “{ $name }” was put away.
home-copied = “{ $name }” lies on the table.
home-no-project = it is not a project file.
home-not-in = “{ $name }” could not be brought in: { $why }
home-bring-in = Bring in a project
home-file = Project file
home-kept = On the table
home-made = { $count ->
        [0] not made yet
        [one] made once
       *[other] made { $count } times
    }
home-more = More for { $name }
home-copy = Make a copy
home-save = Save as a file
home-away = Put away
home-begin = What shall be covered?
home-on-shelf = on the shelf
home-preset = a { $thing }
home-to-measure = to be measured
home-sizes = finished sizes
home-no-thing = no thing at hand
