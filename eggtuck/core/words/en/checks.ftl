### Checks that any make can carry: what is assumed, what is not used, what does not go together.

check-allowance-assumed = Seam allowance assumed
    .text = Nobody has said how wide the seams are: { $allowance } is assumed on all of them. Say yours before you cut.
check-allowance-assumed-some =
    .text = Nobody has said how wide these seams are: { $edges }. { $allowance } is assumed there. Say yours before you cut.
check-object-assumed = Not measured yet
    .text = Assumed, as such things usually are: { $measures }. Measure your own before you cut.
check-layer-unused = Nothing is cut of the { $material }
    .text = No piece of this make takes the { $material } ({ $role }): it is not cut and not counted. { $lies ->
        [yes] Choose how it is cut, for all pieces or for single ones,
       *[no] Add a part that takes it,
    } or take it away.
fix-drop-layer = Take the { $role } away
check-wide = { $piece } is wider than its cloth
    .text = { $letter }, { $piece }, is { $across } across; { $material } leaves { $room } between its selvedges. Take wider cloth, or join { $count ->
        [one] 1 width
       *[other] { $count } widths
    } first, { $allowance } to each side of the join.
check-needs-lining = This top needs a lining
    .text = “{ $top }” joins the outer to a lining, and no lining is chosen: without one the top is hemmed.
check-flat-lined = Lining and outer as one cloth
    .text = No seam joins them: each lining is basted to the wrong side of its outer, and both are sewn as one.
fix-add-mesh = Take mesh for the base
fix-add-mesh-pocket = Take mesh for the pocket
check-no-mesh = No mesh chosen
    .text = The base is to be of mesh, and there is none among the layers: it is cut as the wall.
    .pocket = The pocket is to be of mesh, and there is none among the layers: it is cut from the outer.
fix-base-follows = Let the base follow the wall
check-seam-mark = As near as the ruler goes
    .text = The { $seam }: { $a } onto { $b }, less than a mark of { $step } apart. Cut the longer one a thread smaller.
check-gap-all = The gap takes what the seam allows
    .text = { $gap } open; turning takes about { $needed }. Pull the layers through one at a time.
check-lining-print = A plain lining saves { $more }
    .text = The print of the { $material } has a way up, so that no piece can be turned. Seen inside only, a plain cloth does as well: lay both beside the outer in daylight and see that its tone goes with it.
check-lining-print-same = The lining's print takes no more cloth
    .text = No piece of the { $material } has to be turned to save cloth. Lay it beside the outer in daylight and see that its tone goes with it.
check-lining-nap = A lining without nap saves { $more }
    .text = The { $material } has a nap, so that no piece can be turned. Seen inside only, a smooth cloth does as well: lay both beside the outer in daylight and see that its tone goes with it.
check-lining-nap-same = The lining's nap takes no more cloth
    .text = No piece of the { $material } has to be turned to save cloth. Lay it beside the outer in daylight and see that its tone goes with it.
check-gap-long = Gap is longer than it need be
    .text = { $gap } open; turning it through takes about { $needed }. A shorter one is less to close: leave more only where a stiff layer or something sewn on must pass.
fix-gap-proposed = Leave it as long as is usual
fit-gathered = Cloth to gather
    .text = The rim stands { $over } above the thing: it is drawn together at the tie line.
fit-collared = The collar covers it
    .text = The thing stands { $over } above the wall; the collar of { $collar } reaches { $above } beyond it.
fit-folds-down = The rim folds down over it
    .text = The rim stands { $over } above the thing, enough to fold down over it.
fix-ease-more = Give it { $ease } more ease
mark-gap-begins = gap begins
mark-gap-ends = gap ends
fix-measured = I have measured it: they are right
problem-assumed = Name measures of this thing: { $measures }.
fix-mouth-follows = Make the mouth as wide as the end
check-rim-wider = A rim of { $rim } across is { $round } round, more than the widest girth of { $girth }. The cosy follows the wider of the two.
check-bulge-slim = The end is { $end } round and the grip { $grip }: a bulge that is slimmer than the grip holds nothing back.

## What it holds

check-room = Holds about { $room }
check-room-rim =
    .text = So much goes in up to the rim, when it stands open.
check-room-closed =
    .text = So much goes in when it is closed; filled till it bulges it takes more.
filled-rim = up to the rim
filled-closed = when it is closed
filled-filling = of filling
check-room-enough = Holds what you want
    .text = It holds about { $room } { $filled }; you want { $wanted }.
check-room-short = Holds too little
    .text = It holds about { $room } { $filled }; you want { $wanted }.
check-room-more = Holds more than you want
    .text = It holds about { $room } { $filled }; you want { $wanted }.
fix-room = Make the { $size } { $length }
fix-room-all = Make all of it { $way }
fix-larger = larger
fix-smaller = smaller
