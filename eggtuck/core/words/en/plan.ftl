### Orders and gifts, and several makes at once.

order-calendar = Orders and gifts
order-for = { $title } for { $whom }
order-by = { $title }, by { $day }
order-due = { $title }: due
order-evening = { $title }: evening { $number } of { $count }
order-work = { $hours } h { $minutes } min of work, { $count ->
        [one] on 1 evening
       *[other] on { $count } evenings
    }.
order-begin = Begin on { $day } at the latest.
order-late = It should have been begun on { $day }: longer evenings, fewer of them, or another day are needed.
order-cut = Everything is cut on { $day }.
order-last = It is finished on { $day }.
order-set = { $count ->
        [one] 1 thing
       *[other] { $count } things
    } in all.
order-set-cloth = All of { $what }.
order-set-cloth-differs = { $count ->
        [one] One cloth is named.
       *[other] { $count } different cloths are named.
    }
order-set-theme = All with { $what }.
order-set-theme-differs = { $count ->
        [one] One motif is named.
       *[other] { $count } different motifs are named.
    }

place-cutting = Cutting
place-table = Table
place-machine = Machine
place-iron = Iron
place-hand = By hand

ahead-name = { $part } for { $make }
ahead-joins = { $minutes } min of work by itself. Nothing of it is needed before step { $number }, “{ $step }”.
ahead-apart = { $minutes } min of work by itself, and nothing waits for it: it can be made in a wait, or on another evening.
extra-same-thing = For the same thing, of the same cloths.
extra-beside = Of the same cloths; its size is yours to set.
extra-plan = { $make }, and { $extra }

plan-evening = Evening { $number }: { $minutes } min of work, { $count ->
        [0] nothing finished yet
        [one] 1 make finished
       *[other] { $count } makes finished
    }
plan-minutes = { $minutes } min
plan-set =
    { $sewn ->
        [overcast] overlock, or { $foot } and a wide zigzag
       *[other] { $foot }, { $stitch }
    }
plan-setting-back = needle and thread as for { $make }, { $set }
plan-setting-own = needle as for { $make }, its own thread, { $set }
plan-rests = { $make } lies still for { $minutes } min
plan-nothing = Everything is done.
plan-work = { $hours } h { $minutes } min of work, { $changes } min of that for changing foot, thread and place.
plan-saves = { $minutes } min sooner than one make after the other.
plan-finished = Finished on { $day }, { $count ->
        [one] the first evening
       *[other] after { $count } evenings
    }, at the earliest.
plan-per-evening = About { $number } makes an evening.
problem-plan-many = That is too much for one plan: at most { $most } steps in all. Plan it in parts.
