### The table: all projects, and the question that begins a new one.

home-put-away = “{ $name }” was put away.
home-copied = “{ $name }” lies on the table.
home-no-project = it is not a project file.
home-not-in = “{ $name }” could not be brought in: { $why }
home-safe = Save everything, copies, what was put away
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
home-template-more = More for the template { $name }
home-template = Keep as a template
home-template-kept = “{ $name }” is one of your templates now.
home-templates = Begin from a template of your own
home-template-for = For { $thing }
home-template-change = Change the template
home-group = Grouped by
home-group-family = family
home-group-order = order
home-no-order = For no order
home-save = Save as a file
home-away = Put away
home-begin = What shall be covered?
home-on-shelf = on the shelf
home-all-things = { $count ->
        [one] 1 thing on the shelf
       *[other] All { $count } things on the shelf
    }
home-preset = a { $thing }
home-to-measure = to be measured
home-sizes = finished sizes
home-no-thing = no thing at hand
home-find = Find
home-form = Form
home-all = all
home-since = Worked on since
home-state = State
home-state-new = not begun
home-state-begun = being made
home-state-made = made
home-found = { $count ->
        [one] 1 project
       *[other] { $count } projects
    }
home-show-away = What was put away ({ $count })
home-away-list = Put away
home-choose = Choose several
home-choose-all = All of this page
home-choose-none = Choose none
home-choose-one = Choose { $name }
home-away-chosen = { $count ->
        [0] Put away
        [one] Put away 1 project
       *[other] Put away { $count } projects
    }
home-back-chosen = { $count ->
        [0] Bring back
        [one] Bring back 1 project
       *[other] Bring back { $count } projects
    }
home-many-away = { $count ->
        [one] 1 project is put away.
       *[other] { $count } projects are put away.
    }
home-many-back = { $count ->
        [one] 1 project is back on the table.
       *[other] { $count } projects are back on the table.
    }
home-back = Bring it back
