### The maker's machine and tools.

machine-title = Your machine and tools
    .help = Measured once, held against every make: what is missing, what may stand in, how each allowance is kept here.
machine-measures = The machine
machine-free-arm = free arm, all round
    .help = Lay a tape round the arm where it is thickest. Leave it empty if there is none.
machine-stack = thickest stack it sews
    .help = Fold denim until it stops, and measure one fold less.
machine-foot-edge = needle to the right edge of the foot
    .help = Needle in the middle, the foot you sew seams with.
machine-needle-moves = needle moves to each side
    .help = From the middle as far as it goes.
machine-plate = lines on the plate
    .help = How far each lies from the needle, parted by semicolons: 10 mm; 15 mm.
machine-feet = Feet
    .help = Which of them you have.
machine-tools = Tools
    .help = Any thing of the house that does the job counts.
machine-stitches = Hand stitches
    .help = Each in three drawings. A step that is sewn by hand shows its own.
lesson-picture = { $name }, drawing { $number }
hand-title = To have to hand
hand-tell = Tell what you have, and what is missing is named here.
hand-machine = Your machine and tools
hand-missing = What is missing
hand-lacks = No { $tool }:
hand-instead = { $instead }. What is lost: { $lost }.
hand-or = or { $instead }
hand-steps = { $count ->
        [one] step { $numbers }
       *[other] steps { $numbers }
    }
hand-changes = { $count ->
        [one] The machine is set 1 time:
       *[other] The machine is set { $count } times:
    }
hand-change = step { $number } { $text }
machine-hand = Your hand
    .help = Where a step is no finer than that, it tells a length in your own fingers, and whether your fist goes through what is open.
machine-finger = a finger, across
    .help = The first, at its middle joint.
machine-fist = fist, across
    .help = Over the knuckles, the thumb laid in: what has to come through a gap to turn it.
