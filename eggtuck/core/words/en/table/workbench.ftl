### A project on the table.

## Along the top

bar-name = Name of the project
bar-nameless = Without a name
bar-opening = opening…
bar-kept = kept
bar-keeping = keeping…
bar-open = an entry is open; the last good state is kept
bar-elsewhere = changed in another window
bar-full = no room on the disk; kept on this page, trying again
bar-closed = nothing can be written; kept on this page, trying again
elsewhere = This was changed in another window, or on another device, while you were changing it here.
elsewhere-mine = Mine goes on
elsewhere-theirs = The other goes on
elsewhere-both = Keep both
bar-offline = Egg Tuck does not answer; not kept yet, trying again
bar-steps = Back and forward
bar-undo = Undo
    .keys = Undo (Ctrl Z)
bar-redo = Redo
    .keys = Redo (Ctrl Shift Z)
bar-print = Print
bar-ruler = Ruler
bar-variants = Variants
bar-compare = Compare with { $name }
bar-again = The same again
bar-template = Template
    .help = What is changed here is what new makes begin with.
bar-template-begin = Begin a make from it
bar-as-is = as it is
bar-for = for { $name }
bar-scale = At another size
    .half = half size
    .three-quarters = three quarters
    .one-and-a-half = one and a half
    .double = double size
    .flat = flat, without a base
    .help = Allowances, zips, frames and straps stay; every check is made again.

stages = Stages of the work
stage-thing = Thing
stage-form = Form
stage-ease = Ease
stage-pieces = Pieces
stage-cloth = Cloth
stage-sew = Sew
stage-log = Log
stage-is-settled = , settled
stage-is-open = , open
stage-is-blocked = , blocked

gone = That project is not here
    .text = It may have been put away.
    .back = Back to the table

## Zones

zone-thing = The thing
    .none = finished sizes, no thing
    .empty = No thing is measured: it is drafted from its finished sizes.
zone-form = How the form is seen
    .measures = measures
    .round = in the round
    .help = finished sizes, on the stitch line
zone-pieces = The pieces
    .help = cut sizes, seam allowance included
zone-choices = Choices
zone-numbers = Numbers
    .all = All numbers
zone-corrected = Put right when the instructions were checked
zone-layers = Layers

more-to-measure = More to measure
pick-first = Take one from the shelf:
pick-another = Another from the shelf:
pick-too = Must hold other things too
from-drawer = from the drawer

## Choosing

allowances = Seam allowances
    .of-lining = The lining's own allowances
rounded-to = cut sizes rounded to

forms = Form
forms-takes = { $pieces ->
        [one] 1 piece
       *[other] { $pieces } pieces
    }
forms-cost = { $cloth } · { $minutes } min
forms-grade-1 = first make
forms-grade-2 = easy
forms-grade-3 = some practice
forms-grade-4 = patient hands
forms-grade-5 = a project
forms-easier = Never made one? Try first:
forms-beside = Side by side with
    .another = another form…
forms-instead = Make the { $form } instead
forms-others = { $count ->
        [one] 1 other form, made from sizes instead of this thing
       *[other] { $count } other forms, made from sizes instead of this thing
    }

shape = Shape of the panel
    .own = a shape of your own
    .back = Back to the circle
    .circle = A circle. Or bring in a drawing of one closed line.
    .bring-in = Bring in an outline
    .label = Outline of the panel
    .unit = drawn in
    .file = what the file says
    .inches = inches

blocks = Rows of blocks
    .help = From the top down, sizes finished. What you leave empty takes the rest of its row.
    .height = row { $row }, high
    .block = block { $row }.{ $block }, wide
    .more = + block
    .more-label = One more block in row { $row }
    .fewer = − block
    .fewer-label = One block fewer in row { $row }
    .off = − row
    .off-label = Take row { $row } out
    .add = Add a row below

parts = Parts
    .for = made for
    .nobody = nobody in particular
    .count = how many
    .count-of = { $part }, how many
    .off = Take the { $part } off
    .add = Add
    .drag = On the drawing of its piece a part is dragged to its place, or moved with the arrow keys.
    .add-label = Add a part
    .on = lies on
    .on-label = { $part }, lies on
    .usual = where it usually does
    .some = a strap, a pocket, a tab…

decorate = Decorate it for
    .none = nothing in particular
    .everyday = every day
    .gift = a present
    .wedding = a wedding
    .birth = a birth
    .feast = a feast
    .stall = the market stall
    .ideas = Ideas
    .against = Not here:
    .add = Add: { $idea }

lays = How it lies on the cloth
lays-length = { $length } of { $width } wide.
lays-saves = That is { $length } less than in plain rows.
lays-waste = { $share } % of it is left over.
lays-across = Some pieces lie across, their arrow square to the selvedge.
lays-picture = { $material } with { $letters } laid on it

layers = Layers
    .own = my cloth
    .another = another cloth…
    .called = { $layer }, what it is called
    .thickness = { $layer }, thickness
    .typical = { $length } typical
    .wide = wide
    .width = { $layer }, width of the cloth
    .way-up = has a way up: print or nap
    .margin = quilted, cut larger by
    .no-margin = not quilted
    .safe = checked: all plant fibre, no metal
    .more = another { $layer }
    .backing = { $layer }, how it is cut and held
    .inset = smaller by
    .low = from
    .high = up to
    .band = above the lower stitch line
    .seconds = seconds
    .by-piece = otherwise for a piece
    .as-layer = as usual ({ $rule })
    .help = All values are typical ones. For your own cloth: fold a pile of eight, measure it, and divide.

section-title = What lies on what
section-outside = outside
section-inside = inside
section-right = right side here
section-glue = glue here
section-of-layer = { $material }, { $role }, { $thickness }
section-thick = { $thickness } altogether

## What it takes

costs-cloth = Cloth: { $cloths }.
costs-role = { $length } { $role }
costs-work = { $seams ->
        [one] 1 seam
       *[other] { $seams } seams
    }.
costs-minutes = About { $minutes } min.
costs-ready = With what has to lie still it is ready { $hours } h { $minutes } min after you begin, at the earliest.

cloth-ready = Have ready
cloth-what = what
cloth-for = for
cloth-buy = buy
    .wide = of { $width } wide
cloth-exact = pieces take
cloth-note = note
cloth-files = On paper and as files
cloth-paper = Paper:
    .letter = Letter
cloth-acknowledge = I have read “{ $checks }” and want to print all the same.
cloth-print = Print pattern and guide
cloth-guide = Only the guide
cloth-pocket = Small guide to carry
cloth-sheet = One large sheet
cloth-look = Look before printing
    .alt = The pages as they will be printed, with the pieces on them
cloth-along = To go along with it
cloth-along-care = Care cards
cloth-along-tag = tags: how it is used
cloth-along-label = Labels for goods
cloth-share = one page to share
cloth-hint = Print at 100 %, without fitting to the page; the first page has a square to measure.
files-pattern = the pattern
files-form = the form
files-numbers = numbers and keeping
    .cut-list = Cut list CSV
    .draft = Draft JSON
    .project = Project file

## Telling layers apart

apart = Which layer is this? Telling one without a label
    .help = Try on a corner, on an ironing cloth. What may carry metal or melts goes near no heat until you are sure.
apart-interfacing = Fusible interfacing
    .look = Thin, with dots or a film on one side that shine when you tilt it; that side feels rough.
    .test = Press a corner on a scrap, cloth between: it holds when it is cold.
apart-sew-in = Sew-in interfacing
    .look = Thin and stiff, alike on both sides, no shine.
    .test = It does not hold under the iron.
apart-web = Light web, which can be sewn through
    .look = A net of threads of glue like a spider's, often on paper; you see through it.
    .test = Fused between two scraps they stay soft, and a needle comes out clean.
apart-heavy-web = Heavy web, which cannot be sewn
    .look = A closed film of glue on paper, stiff when it is peeled off.
    .test = Fused between two scraps it turns stiff, and a needle drags and comes out sticky: use it only where nothing is stitched.
apart-cotton = Cotton batting
    .look = Flat, cream, with flecks; it tears like felt and does not spring back.
    .test = A drop of water soaks in at once.
apart-polyester = Polyester batting
    .look = White, airy, springs back when you let go.
    .test = A drop of water stays on it for a while, and a thread of it shrinks under a hot iron: never in a microwave, and ironed cool.
apart-fusible = Fusible padding
    .look = A batting or foam with grains or a film of glue on one side or both.
    .test = The glue side sticks lightly to a damp finger and holds to a scrap when pressed.
apart-foil = Insulating layer
    .look = Needled felt with a thin shining film, on one side or inside; it rustles.
    .test = Hold it to the light and bend it: what shines and rustles may be metal. Never in a microwave, never ironed on the film.
apart-foam = Foam
    .look = Even, springy, with holes like a sponge, often with a knit on both sides.
    .test = Pressed flat it comes back at once; the knit can be peeled off at a corner.
