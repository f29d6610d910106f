### The maker's habits.

habits-title = Your habits
    .help = What every new project begins with. Each project can still differ.
habits-ruler = Ruler and paper
habits-unit = measure in
    .cm = centimetres
    .in = inches
    .mm = millimetres
habits-decimal = decimal sign
    .point = point
    .comma = comma
habits-seam = every seam
habits-rounding = cut sizes rounded to
    .usual = the usual mark
habits-paper = paper
habits-pace = sewing guide
    .single = one thing at a time
    .beginner = every step with its reason
    .expert = steps in brief
habits-table = table
    .system = as this machine
    .day = day table
    .night = night table
habits-language = language
habits-school = Your school
    .help = Where makers differ. “No habit” leaves each form its own first way.
habits-forms = { $count ->
        [one] 1 form
       *[other] { $count } forms
    }
habits-none = no habit
