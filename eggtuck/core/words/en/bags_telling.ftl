### Sums, fit, checks, cautions, needs and problems of bags, and those all forms share.

## Chains of sums

sum-given = as you gave it
sum-object-girth = round the thing
sum-ease = ease
sum-turn-of-cloth = turn of cloth, 2 × π × { $thickness }
sum-rounding-gain = from the rounded cut size
sum-round-up = up to the next mark
sum-round-down = down to the next mark
sum-round-nearest = to the nearest mark
sum-half = half
sum-girth = finished girth
sum-two-side-allowances = two side allowances of { $allowance }
sum-side-allowance = side allowance
sum-base-allowance = base allowance
sum-top-allowance = top allowance
sum-box-allowance = corner allowance
sum-object-height = height of the thing
sum-headroom = headroom
sum-base-loss = what the tight base takes
sum-object-base = base of the thing
sum-object-depth = depth of the thing
sum-two-thicknesses = two thicknesses
sum-square-base = no more than a square base, a quarter of the girth
sum-leaves-width = no more than leaves some width
sum-half-base = half the base depth
sum-base-depth = base depth
sum-above-cuff-out = cuff
sum-above-deep-hem = hem
sum-both-panels = front and back in one
sum-neck-along-cloth = up the body and over the shoulder to the neck
sum-neck-girth = round the neck
sum-neck-assumed = round the gathered top, taken as a third of the girth
sum-bunched = for the bunched layers
sum-bow = bow and tails
sum-name-finished-girth = finished girth
sum-name-finished-wall_height = wall height
sum-name-finished-base_depth = base depth
sum-name-finished-base_width = base width
sum-name-finished-tie_height = tie line
sum-name-body-cut_width = cut width
sum-name-body-cut_height = cut height
sum-name-body-lining-girth = girth of the lining
sum-name-cutout-width = corner cut-out, across
sum-name-cutout-height = corner cut-out, up
sum-name-cutout-fold = corner cut-out from the fold
sum-name-line-tip = corner line from the stitched tip
sum-name-line-length = corner line, length
sum-name-line-along_side = corner line from the raw base edge
sum-name-line-along_base = corner line from the raw side edge
sum-name-ribbon = ribbon
sum-name-ribbon-cut_width = cut length of the strip
sum-name-finished-cuff_depth = cuff
sum-name-finished-hem_depth = hem

## Fit

fit-will-not-go-in = Will not go in
    .text = The inside is { $room } smaller round than the thing.
fit-tight = Tight
    .text = Only { $room } of room round the thing ({ $share }): it will have to be coaxed in.
fit-close = It lies close round the thing, with no room between.
fit-snug = Snug
    .text = { $room } of room round the thing ({ $share }).
fit-slides-in = Slides in
    .text = { $room } of room round the thing ({ $share }).
fit-roomy = Roomy
    .text = { $room } of room round the thing ({ $share }): the cloth will stand in folds.
fit-too-loose = Too loose to hold
    .text = { $room } of room round the thing ({ $share }).
fit-base-pushed = The base is pushed open
    .text = The base seam lies under a base of { $base }; { $loss } of the height goes into it and is added.
fit-base-flat = Sits flat
    .text = Base { $depth } by { $width } under { $base }.
fit-base-tight = Base a little tight
    .text = Base { $depth } by { $width } under { $base }: the wall loses about { $loss } at the middle of a side; the proposed height allows for it.
fit-level = Level with the rim
    .text = The thing ends where the rim ends.
fit-proud = Stands proud
    .text = The thing stands { $over } above the rim.
fit-covered = Covered
    .text = The rim stands { $over } above the thing.
fit-drowns = Drowns
    .text = The rim stands { $over } above the thing, which is more than it can hold up.
fit-tie-low = Tie sits on the shoulder
    .text = Along the cloth the neck begins at { $neck }; the tie line is at { $tie }.
fit-tie-high = Tie above the neck
    .text = The tie line at { $tie } lies above the top of the thing, so nothing holds it.
fit-tie-short = Little cloth above the tie
    .text = Only { $left } stands above the tie line.
fit-tie-good = Tie holds on the neck
    .text = The tie line lies { $tie } up, on the neck.
fit-no-tie = No tie
    .text = The bag ends below the neck, so there is nothing to tie.

## Checks

check-measures = Measure again
check-girth-handle = A body { $diameter } wide with its handle { $out } out makes { $round } round both, but the girth is { $girth }. The make follows { $girth }.
check-girth-diameter = A width of { $diameter } makes { $round } round, but the girth is { $girth }. The make follows { $used }.
check-base-wider = A base of { $base } across is { $round } round, more than the widest girth of { $girth }.
check-seams-all = { $count ->
        [one] The seam matches
       *[other] All { $count } seams match
    }
check-seams-some = { $count ->
        [one] The other seam matches
       *[other] { $count } other seams match
    }
check-seams =
    .text = Along the stitch line both sides are equally long, to the mark of your ruler.
check-seam-eased = A seam to ease in
    .text = The { $seam }: { $a } onto { $b }, { $off } ({ $share }) to ease in. This cloth takes up to { $limit }.
check-seam-off = A seam does not match
    .text = The { $seam }: { $a } onto { $b }, { $off } too much ({ $share }). This cloth takes up to { $limit }.
check-allowances-differ = Two allowances meet
    .text = An allowance of { $low } meets one of { $high } in the { $seam }: the raw edges will not lie together.
check-allowance-thin = Hardly any allowance
    .text = There is { $allowance } to sew on in the { $seam }; cloth that frays needs more.
check-outline = A piece crosses itself
    .text = The cut line of { $piece } runs over itself with these allowances.
check-corner-fold = Corner beside a fold
    .text = From the fold the cut-out is { $fold } to each side, not { $seam }: a fold has no allowance.
check-corner-base-fold = Corner beside a fold
    .text = From the base fold the cut-out is { $fold } up and down ({ $across } altogether) and { $seam } inward from the side.
check-corner-crease = Crease the fold
    .text = Where a corner has a fold instead of a seam, crease it so that there is something to line up with.
check-cutout-oblong = Cut-out is not square
    .text = Side and base allowances differ: cut { $width } across by { $height } up from the raw edges.
check-line-two-numbers = Two numbers for one corner line
    .text = Side and base allowances differ: the line lies { $side } from the raw base edge and { $base } from the raw side edge.
check-off-ruler = Cut-out falls between marks
    .text = With a base of { $depth } the cut-out ends between two marks of your ruler; with { $better } it ends on one.
check-rounded = Rounded to your ruler
    .text = Cut sizes lie on your ruler's marks, { $step } apart: { $changes }.
check-rounded-item = { $label } { $asked } becomes { $made }
check-print-down = Print upside down at the back
    .text = A piece folded at the base turns a print with a way up on its head on one side.
check-nap-down = Nap the other way at the back
    .text = On a piece folded at the base the nap runs up on one side and down on the other: one looks darker.
check-gap = Gap is big enough
    .text = { $gap } open; turning it through takes about { $needed }.
check-gap-short = Gap is short
    .text = { $gap } open; turning it through takes about { $needed }.
fix-ease = Use { $ease } of ease
fix-base-depth = Use a { $depth } base
fix-girth = Make it { $girth } round
fix-level = Level it
fix-tie = Move it to { $tie }
fix-raise-wall = Raise the wall to { $wall }
fix-allowance = Use { $allowance } on both
fix-gap-lining-side = Put it in the lining's side
fix-lining-equal = Cut the lining as the outer
fix-two-panels = Cut two panels
fix-add-lining = Line it with quilting cotton

## Cautions

caution-fragile = Cloth is no shock protection
    .text = A cloth base does not protect glass or pottery from a knock. Try the seams with the real weight before you rely on them.
caution-ribbon = Ribbons and small children
    .text = Keep loose ribbon away from small children. Goods for sale fall under local product-safety rules.
caution-iron = An iron burns: follow its directions, and those of the cloth and of anything fused to it.
caution-blade = Blades: cut away from yourself, and close a rotary cutter each time you put it down.
caution-points = Do not force seams out with anything pointed.

## Needs

need-upright = pieces side by side across the width
need-turned = pieces turned across the width, as the lay shows
need-directional = every piece upright, the print the same way
need-nap = every piece upright, the nap the same way
need-joined = wider than the cloth of { $width }: needs a join
need-ribbon = ribbon
    .note = seal or fold the ends
need-thread = thread
need-thread-polyester = Polyester, all-purpose, in the cloth's colour; a topstitch may show in another.
need-thread-cotton = All cotton, nothing else in it.
need-thread-heated = All cotton, nothing else in it; the only one for the microwave.

## Problems

problem-spec-not-object = A spec is a JSON object with a form, measures and choices.
problem-form = Unknown form. Choose one of: { $forms }.
problem-choice = Choose one of: { $choices }.
problem-material = Choose one of: { $choices }; or name your own and give its thickness.
problem-group = “{ $name }” must be a group of named values.
problem-unknown-field = Unknown name. Known here: { $known }.
problem-length-empty = There is no number in “{ $text }”. Write a length such as { $example }.
problem-length-unreadable = “{ $text }” is not a length. Write it like { $example }.
problem-length-unit = The unit in “{ $text }” is not known. Use in, cm or mm, as in { $example }.
problem-length-not-finite = “{ $text }” is not a length that can be measured. Write it like { $example }.
problem-length-fraction = The fraction in “{ $text }” does not work. Write it like 3 1/8.
problem-length-too-long = That is too long to be a length. Write it like { $example }.
problem-volume = “{ $text }” is not a volume. Write it like 500 ml, 1 1/2 l, 12 fl oz or 2 cups.
problem-volume-range = What it is to hold must be between { $low } and { $high }.
problem-range = The { $label } must be between { $low } and { $high }.
problem-object-kind = This form covers: { $kinds }.
problem-measure-missing = The { $measure } is needed.
problem-girth-missing = Give the girth with a tape round the widest place, or the width across it.
problem-neck-above-top = The neck begins at { $neck }, above the top at { $height }. Measure both from the table.
problem-handle-wide = The handle must be narrower than the body, { $diameter }.
problem-neck-wide = The neck is { $neck } across, wider than the widest place at { $widest }. Make it at most { $widest }.
problem-shoulder-high = The shoulder begins at { $shoulder }; it must be no higher than { $limit }.
problem-neck-height-missing = A neck width needs its height: where does the neck begin?
problem-layers = Layers are a list of up to 12, each with a material and a role.
problem-no-outer = One of the layers must be the outer.
problem-size-missing = Give the { $label }, or a thing to measure it from.
problem-girth-small = A make { $girth } round is too small to sew: give it at least { $low }.
problem-depth-wide = The base depth of { $depth } leaves no width: at most { $limit } with this girth, or the girth at least { $girth }.
problem-cutout-vanishes = With a corner allowance of { $box } nothing is left to cut out: use a base depth of at least { $low }, or a smaller corner allowance.
problem-square-vanishes = With a corner allowance of { $box } nothing is left to cut out: cut off a square of at least { $low }, or take a smaller corner allowance.
problem-headroom = That leaves no wall: headroom at least { $low }.
problem-cuff-over-tie = A cuff of { $cuff } runs over the tie line: at most { $limit } keeps it clear.
problem-cuff-deep = A cuff of { $cuff } is too deep for this wall: at most { $limit }.
problem-hem-deep = A hem of { $hem } is too deep for this wall: at most { $limit }.
problem-tie-high = The tie line at { $tie } lies above the rim at { $wall }: at most { $high }, or raise the wall.
problem-gap-no-base-seam = A lining folded at the base has no base seam: leave the gap in its side.
problem-gap-long = A gap of { $gap } is longer than its seam of { $seam }: at most { $limit }.
problem-lining-vanishes = With { $thickness } of padding the smaller lining has no room: cut it as the outer.
problem-allowance-swallows = The allowance or inset is larger than the piece leaves room for: make it smaller.
project-for = { $form } for { $thing }
project-copy = { $name }, again
project-scaled-half = { $name }, half size
project-scaled-three-quarters = { $name }, three quarters
project-scaled-one-and-a-half = { $name }, one and a half
project-scaled-flat = { $name }, flat
project-scaled-double = { $name }, double size
