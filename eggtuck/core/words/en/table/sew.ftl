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
sew-stitch = stitch { $length }
sew-back = Step back
sew-next = Next step
sew-count = Step { $number } of { $steps }, about { $minutes ->
        [one] 1 minute
       *[other] { $minutes } minutes
    } to go
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
