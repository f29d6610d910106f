### Cloths and other layers.

role-outer = outer
role-lining = lining
role-interfacing = interfacing
role-padding = padding
material-own = { $name }
material-quilting-cotton = quilting cotton
material-linen = linen
material-canvas = canvas
material-denim = denim
material-waxed-cotton = waxed cotton
material-cotton-jersey = cotton jersey
material-wool-felt = wool felt
material-leather-like-sheet = leather-like sheet
material-light-interfacing = light interfacing
material-woven-interfacing = woven interfacing
material-cotton-batting = cotton batting
material-thin-foam = thin foam
material-calico = calico
material-corduroy = corduroy
material-velveteen = velveteen
material-terry = terry towelling
material-oilcloth = oilcloth
material-polyester-lining = polyester lining
material-ripstop = ripstop nylon
material-wool-tweed = wool tweed
material-fleece = fleece
material-craft-felt = craft felt
material-cork-sheet = cork sheet
material-stretch-sheet = foam-backed stretch sheet
material-mesh = mesh
material-firm-stabiliser = firm stabiliser
material-wool-batting = wool batting
material-polyester-batting = polyester batting
material-reflective-batting = reflective batting
material-foil-insulation = foil insulation
fibre-plant = plant fibre
fibre-animal = animal fibre
fibre-synthetic = synthetic
fibre-mixed = of several things
fibre-unknown = fibre not known
iron-hot = hot iron
iron-medium = medium iron
iron-cool = cool iron
iron-never = no iron
fact-shrinks = shrinks about { $share }
fact-stretches = stretches about { $share }
fact-metal = has metal in it
fact-heat = keeps warm things warm
fact-cold = keeps cool things cool
fact-frays = frays

## What another choice changes

changes-pieces-more = { $count ->
        [one] 1 piece more
       *[other] { $count } pieces more
    }
changes-pieces-less = { $count ->
        [one] 1 piece fewer
       *[other] { $count } pieces fewer
    }
changes-seams-more = { $count ->
        [one] 1 seam more
       *[other] { $count } seams more
    }
changes-seams-less = { $count ->
        [one] 1 seam fewer
       *[other] { $count } seams fewer
    }
changes-minutes-more = { $count ->
        [one] 1 minute more
       *[other] { $count } minutes more
    }
changes-minutes-less = { $count ->
        [one] 1 minute less
       *[other] { $count } minutes less
    }
changes-more = { $length } more { $name }
changes-less = { $length } less { $name }
changes-new = { $length } of { $name }
changes-gone = no { $name }
changes-count-new = { $count ->
        [one] 1 item of { $name }
       *[other] { $count } items of { $name }
    }
changes-count-more = { $count ->
        [one] 1 more item of { $name }
       *[other] { $count } more items of { $name }
    }
changes-count-less = { $count ->
        [one] 1 item less of { $name }
       *[other] { $count } items less of { $name }
    }
changes-cloth = { $name } ({ $role })
changes-none = the same pieces, cloth and time
