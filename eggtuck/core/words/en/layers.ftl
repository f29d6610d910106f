### Cloths and other layers.

role-outer = outer
# What is sewn where there is no lining to be told from it.
role-only = only
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
material-sew-in-interfacing = sew-in interfacing
material-fusible-batting = fusible batting
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
fact-nap = has a nap
fact-glue = glue on one side: { $count } s, { $steam }

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
changes-grams-more = { $grams } g more { $name }
changes-grams-less = { $grams } g less { $name }
changes-grams-new = { $grams } g of { $name }
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

## How layers lie on each other

section-of = { $pieces }, outside in
on-outer = on the outer
on-lining = on the lining
on-both = on outer and lining
held-fused = fused
held-basted = basted on
held-quilted = quilted on
held-slipped = slipped in at the end
rule-full = as its piece
rule-smaller = { $inset } smaller all round
rule-net = inside the stitch line
rule-lower = lower half
rule-upper = upper half
rule-left = left half
rule-right = right half
rule-band = a band
rule-none = none
seams-caught = stays in the seams
seams-trimmed = trimmed out of the seams

## What is chosen of a layer that lies on a cloth

layer-on = lies on
    .outer = the outer
    .outer-why = The outer keeps its shape; the inside stays as wide as the lining.
    .lining = the lining
    .lining-why = The lining stands by itself and the outer hangs free: an inner bag of its own. It takes room inside.
    .both = both
    .both-why = As stiff or warm as can be; it takes room inside twice.
layer-cut = cut
    .full = as its piece
    .full-why = Caught in every seam: it cannot come loose; the seams are thicker.
    .smaller = smaller all round
    .smaller-why = Out of the seams where it is smaller by more than the allowance; keeps glue off the iron.
    .net = inside the stitch line
    .net-why = Out of every seam, and stiff up to it.
    .lower = lower half
    .lower-why = A base or a flap that stays put, a top that folds.
    .upper = upper half
    .upper-why = A mouth that stands, a base that gives.
    .left = left half
    .left-why = As the piece is drawn.
    .right = right half
    .right-why = As the piece is drawn.
    .band = a band
    .band-why = Between two heights: a base alone, or where something is set in.
    .none = none
    .none-why = Only where a piece below says otherwise.
layer-held = held
    .fused = fused
    .fused-why = Glued on with the iron: no thread, and it never shifts.
    .basted = basted
    .basted-why = Sewn on loosely inside the allowance: for what has no glue, or must not be ironed.
    .quilted = quilted
    .quilted-why = Stitched through in lines: it never shifts, and the lines show.
    .slipped = slipped in
    .slipped-why = Pushed in between outer and lining through the gap, at the end: for foam and boards that must not be sewn.
layer-in_seams = in the seams
    .caught = stays
    .caught-why = Cannot come loose; thicker seams.
    .trimmed = trimmed out
    .trimmed-why = When a seam is sewn it is cut away close to the stitching: flat seams.
layer-steam = iron
    .steam = steam
    .steam-why = For glue that wants moisture.
    .dry = dry
    .dry-why = For what steam would shrink or melt.
right-out = right side out
right-in = right side in
glue-out = glue side out
glue-in = glue side in

## Whether the lining is cut as the outer

check-lining-alike = All layers of one pattern
    .text = What lies between outer and lining is { $thickness } thick: cut alike, the lining is { $over } too large round, { $share } of it, and that does not show.
check-lining-large = The lining lies in folds
    .text = What lies between outer and lining is { $thickness } thick: cut alike, the lining is { $over } too large round, { $share } of it.
check-lining-own = The lining has a pattern of its own
    .text = It is { $over } smaller round than the outer, for the { $thickness } that lie between.
fix-lining-reduced = Cut the lining smaller

## A cloth that was chosen and is not there

check-no-contrast = No contrast chosen
    .text = The part below the zip is to be of another cloth, but none is chosen as contrast: it is cut of the outer.
fix-add-contrast = Add quilting cotton as contrast
