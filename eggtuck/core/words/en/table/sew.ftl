### The sewing guide.

sew-picture = Picture of this step: { $step }
    .before = Before: { $step }
    .after = After: { $step }
tool =
    .scissors = scissors
    .iron = iron
    .pen = marker
    .machine = sewing machine
    .needle = needle and thread
    .hands = by hand
sew-stitch =
    { $sewn ->
        [zigzag] zigzag, { $length } long
        [decorative] decorative stitch
        [overcast] overlock, or a wide zigzag
       *[straight] stitch { $length }
    }
sew-back = Step back
sew-next = Next step
sew-count = Step { $number } of { $steps }
clock = Clock
clock-start = Start the clock
clock-pause = Interrupted
clock-wait = Waiting
clock-on = Go on
clock-stop = Stop for today
clock-waiting = Waiting.
clock-away = Interrupted.
ready = What lies ready
sew-unlogged = This make is not in the log yet: its minutes, notes and photos would count for the next one.
sew-again-anyway = Begin anew all the same
beside = What is made by itself
beside-ready = A part of this lies ready on the pile
beside-go = Step { $number }
beside-taken = One of the pile is used: do not cut it, its steps are done.
beside-not-cut = { $count ->
        [one] { $letters } lies ready: it is neither cut nor marked.
       *[other] { $letters } lie ready: they are neither cut nor marked.
    }
beside-back = Give it back to the pile
beside-on-pile = On the pile: { $name }, { $count ->
        [one] 1 part ready.
       *[other] { $count } parts ready.
    }
beside-take = Use one
beside-loose = A part was taken from the pile that this make no longer has like that.
beside-cloth = What it was made with besides its cloth, such as a ring, is on the shopping list all the same.
beside-extra = Make one beside
beside-more = Made more than one? Put on the pile
    .label = How many to put on the pile: { $name }
beside-put = Put by
ready-next = Next: step { $number }, { $step }.
ready-go = Go there
ready-meanwhile = Meanwhile, without touching what lies still:
ready-nothing = Nothing else can be done meanwhile.
ready-finish = Going on now, it can be finished { $at }.
reminder = Mind:
reminder-quiet = Remind me no more
note-add = Note something here
note-kind = What is it?
note-next-time = To mind next time
note-departure = Done otherwise
note-near-miss = Near miss
note-compromise = Compromise of direction
note-what = What was done otherwise?
note-own-words = in my own words
note-allowance = seam allowance
note-instead = What was done instead?
note-sewed-with = Sewn with { $allowance }
note-what-else = In own words
note-text-next-time = It is shown at this step of the next make.
note-text-near-miss = What nearly went wrong?
note-text-compromise = Which piece lies or shows otherwise than it should, and why?
note-cause = Why?
note-keep = Keep it
note-leave = Leave it
note-drop = Take it out
note-out = The note is taken out.
photo-add = Photo of this stage
    .label = Photo of this stage: choose a picture
photo-before = How it looked last time
photo-of = Photo: { $step }
photo-drop = Take the photo away: { $step }
photo-out = The photo is taken away.
sew-settings = { $count ->
        [one] the machine is set anew 1 time
       *[other] the machine is set anew { $count } times
    }
sew-late = Its turn was before steps you have ticked. Nothing that closes its pieces is sewn yet: do it now, while they can be laid flat.
    .shut = Its turn was before step { $number }, { $step }, which has closed its pieces. Open that seam as far as you need, or do it by hand with the far wall held aside.
sew-look = Look:
sew-careful = Careful:
sew-done = done
sew-aloud = Read aloud
sew-decided = Decided:
sew-pace = Guide
sew-next-thing = Done, next thing
sew-thing = { $number } of { $things } { $things ->
        [one] thing
       *[other] things
    } to do
    .look = Then look
sew-finished = Finished
sew-log = Note it in the log
sew-again = Start over for the next one
sew-done-next = Done, next
sew-all = All steps
sew-things = Take in hand
sew-set = How the machine is set
sew-change = set { $setting }
sew-band = It passes from { $least } to { $most }.
sew-wrong = If it does not
sew-optional = May be left out. What is lost:
sew-symptoms = What went wrong?
sew-go-back = Go to step { $number }
sew-lost = { $count ->
        [one] 1 step you ticked is
       *[other] { $count } steps you ticked are
    } not among these any more: look what is left to do.
