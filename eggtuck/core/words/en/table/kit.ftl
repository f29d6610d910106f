### What every view has: the strip along the top, drawings, slips, keys, and what is told when something goes wrong.

egg-tuck = Egg Tuck
    .home = Egg Tuck: all projects

## Places

places = Places
    .table = The table
    .shelf = The shelf
    .cutting = Cutting
    .pile = The pile
    .plan = Plan
    .log = Logbook
    .fits = What fits what
    .habits = Your habits
    .machine = Your machine
    .check = Check a cut list

## What has not come yet

coming = One moment: it is on its way.

## Choosing

choose = choose…
nothing = nothing
none = none
materials-others = others
drawn = { $name }, drawn

## Measures

measure-assumed = Assumed: nobody measured it yet.
measure-usual = Usually { $low } to { $high }.
measure-back = Back to the proposed { $length }
    .label = { $label }: back to the proposed { $length }
measure-follows = It follows from what you told: { $told }.
measure-ask = Let go of what you told ({ $told }), and tell this instead
    .label = { $label }: let go of what you told ({ $told }), and tell this instead
measure-is = { $label } { $length }
measure-how = { $label } { $length }: show how

## Drawings

pieces-view = The pieces, to scale
    .keys = The pieces. Plus, minus and arrow keys move the table, 0 shows all.
pieces-cut = { $count ->
        [0] not cut
       *[other] cut { $count }
    }
pieces-grip = { $part }: drag it to its place, or move it with the arrow keys
pieces-width = cut width { $length }: show how
pieces-height = cut height { $length }: show how
pieces-tools = The table
    .sizes = sizes
    .marks = marks
    .allowances = allowances
    .nearer = Nearer
    .farther = Farther
    .all = all
thing-view = The thing from the side
form-view = The sewn form with the thing inside

## The form in the round

round-still = The form with the thing inside
round-view = The form in the round. Arrow keys turn it, plus and minus bring it nearer.
round-fold = From flat pieces to the sewn form
    .flat = flat
    .sewn = sewn
    .share = { $share } % sewn
round-cut = cut open
round-turn = turn slowly

## Slips

slip-of = How the { $sum } came about
slip-how = { $length }, how
slip-away = Put the slip away
slip-change = { $label }: change it
slip-assumed = (assumed)
slip-seam = Seam: { $seam }
slip-equal = { $lengths }: equal
slip-sewn = sewn in step { $number }, { $title }

## Verdicts

verdicts = What holds and what is open
    .also = Also

## Keys

keys = Keys
key-undo = Ctrl Z
    .does = undo the last entry, in any later sitting too
key-redo = Ctrl Shift Z
    .does = do it again
key-stage = 1 to 7
    .does = go to a stage of the tape
key-next = [ and ]
    .does = the stage before, the stage after
key-up = ↑ ↓
    .does = in a measure: one mark of the ruler up or down; on the form: tilt it
key-side = ← →
    .does = on the form: turn it; while sewing: step before, step after
key-near = + −
    .does = on the form or the pieces: nearer, farther
key-part = arrow keys on a part
    .does = on the pieces: one mark of the ruler that way
key-all = 0
    .does = on the pieces: all of them again
key-escape = Esc
    .does = in a measure: what it was before
key-space = Space
    .does = while sewing: the next step
key-list = ?
    .does = this list

## Told

toast-undo = Undo
no-answer = No answer
    .text = Egg Tuck did not answer. Is it still running?
no-answer-again = Egg Tuck does not answer. Try again when it runs.
broken = This view cannot be drawn
    .text = Nothing you kept is lost.
    .again = Try again
    .table = To the table
way = { $file } { $far }
way-photo = The photo
way-stop = Stop
way-stopped = Stopped.
