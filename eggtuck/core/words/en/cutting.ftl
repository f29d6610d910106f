### The cutting table: what is laid, cut and bought.

laid-through = through both layers
laid-on-fold = half of it, its middle on the fold
laid-flipped = turned over
laid-part = part { $number } of what is joined
laid-across = across the grain
laid-of = { $piece }, { $make }
lay-new = new cloth
lay-quarter = fat quarter { $number }
lay-fault-over = { $piece } lies over { $other }, or nearer to it than the room you want between them.
lay-fault-outside = { $piece } lies outside the cloth, or over a place that is left out.
lay-fault-turned = { $piece } may not be turned like that.
lay-fault-fold = { $piece } does not lie with its middle on the fold.
problem-lay-length = Write a length here, such as 6 mm.
problem-lay-range = This must be from { $low } to { $high }.
problem-scrap-points = An outline has from 3 to { $most } corners.
problem-scrap-crossed = The outline crosses itself, or encloses nothing: draw it once round without crossing a line.
problem-scrap-size = A piece of cloth is from { $low } wide and high to { $high } long.
problem-scrap-many-holes = At most { $most } places are left out.
problem-scrap-nothing-left = The places that are left out leave nothing of the cloth.
problem-scrap-ruler = Point at two marks of the ruler in the photo that lie further apart, and write how far apart they are.
problem-pile-price = A price is from 0 to { $most }.
problem-pile-count = Write a whole number from 1 to { $most }.
problem-makes-many = That is too much to lay together: at most { $most } pieces. Cut fewer at a time.
problem-cut-from = A cloth cannot be cut from one that is itself cut from another.
problem-lay-no-room = There is no free place for it near there.
problem-cannot-turn = It may lie only one way on this cloth.

cut-plan-title = { $material }, { $role }
cut-plan-line = { $count } × { $width } wide, { $height } high over all
cut-plan-side-by-side = { $count ->
    [one] One goes across the width.
   *[other] Up to { $count } copies go side by side across the width.
  }
cut-plan-through = { $count ->
    [one] Cut once through both layers: that gives two.
   *[other] Cut { $count } times through both layers: each gives two.
  }
cut-plan-on-fold = { $count ->
    [one] One piece is laid half, its middle on the fold.
   *[other] { $count } pieces are laid half, their middle on the fold.
  }
cut-plan-flipped = { $count ->
    [one] Turn the pattern over for one copy of { $times }.
   *[other] Turn the pattern over for { $count } copies of { $times }.
  }
cut-plan-parts = { $count ->
    [one] Joined of one strip { $long } long and one { $rest } long.
   *[other] Joined of { $count } strips { $long } long and one { $rest } long.
  }
cut-plan-strips = { $count ->
    [one] Each in one strip { $width } by { $height }.
   *[other] Each in { $count } strips { $width } by { $height }, which are joined.
  }
cut-plan-widths = { $count ->
    [one] One rectangle { $width } by { $height } for each.
   *[other] Wider than the cloth: { $count } rectangles { $width } by { $height } for each, joined side by side before it is cut from them.
  }
cut-plan-larger = Cut { $over } larger all round; it is trimmed when it has been worked on.
cut-plan-slanted = On the bias: its long edges lie at 45 degrees to the selvedge.
laid-slanted = on the bias, at 45 degrees to the selvedge
cut-plan-across = { $count ->
    [one] One copy of { $times } lies across, its arrow square to the selvedge.
   *[other] { $count } copies of { $times } lie across, their arrow square to the selvedge.
  }
round-circle = circle
round-corner = round corners
round-arc = round edge
cut-plan-round-even = Draw the { $kind } round your { $thing }.
cut-plan-round-larger = Draw the { $kind } round your { $thing }, just inside its edge: it is { $off } larger across.
cut-plan-round-smaller = Draw the { $kind } round your { $thing }, just outside its edge: it is { $off } smaller across.
cut-plan-wash = Wash { $cloth } before you cut it: it loses { $share } of its length, which is reckoned in.
cut-plan-all-across = { $count ->
    [one] It lies across, its arrow square to the selvedge.
    [2] Both copies lie across, their arrow square to the selvedge.
   *[other] All { $count } copies lie across, their arrow square to the selvedge.
  }
cut-plan-lies-on = It lies on the { $role }.
cut-plan-fold = Fold it lengthwise, right side in, selvedge on selvedge; pin through both layers before you cut.
cut-plan-repeat = Every piece begins at the same place of the print: its lowest stitch line on one line of it.
cut-plan-worn-scissors = There is metal in it: cut it with worn scissors, it blunts good ones.
cut-plan-wait = May wait until step { $number } is measured ({ $step }): its size can still be changed then.
cut-plan-late = { $make }: step { $number }, { $step }.

cut-plan-label = Count them, and pin a label with its letter to every piece before you put it down.
cut-plan-later = Cut only when you sew
shopping-total = All of it: { $cost }
shopping-enough = nothing
shopping-has = { $amount } on the pile
shopping-pieces-take = the pieces take
shopping-squaring = { $share } more for squaring up
shopping-repeat = one repeat of the print, to begin where it suits
shopping-shrinks = { $share } of it goes in the first wash
shopping-sold = as it is sold, by { $step }
shopping-makes-take = the makes take
shopping-from-pile = less what the pile has
shopping-thread-more = a third more, for ends and what is sewn twice
shopping-in-packs = { $count ->
    [one] one pack
   *[other] { $count } packs
  }
shopping-quarter = { $material }, fat quarters of { $across } by { $along }
shopping-sized = { $name }, { $size }
shopping-wide = { $material }, { $width } wide
shopping-scoops = { $count ->
    [one] { $volume } ml of it, loose: about once your { $thing } ({ $millilitres } ml).
   *[other] { $volume } ml of it, loose: about { $count } times your { $thing } ({ $millilitres } ml each).
  }
shopping-longer = Of those on the pile some are { $size } long: cut to fit, they will do.
shopping-unmeasured = What lies on the pile has no size told: see that it is this one before you take it.
shopping-filling = { $millilitres } ml of it, loose. Weigh it before it goes in.

notion-made = part made ahead
notion-zip = zip
notion-ribbon = ribbon
notion-webbing = webbing
notion-cord = cord
notion-elastic = elastic
notion-bias-tape = bias tape
notion-piping = piping
notion-lace = lace
notion-hook-and-loop = hook-and-loop tape
notion-thread = thread
notion-frame = spring frame
notion-ring = ring
notion-slider = slider
notion-hook = hook
notion-eyelet = eyelet
notion-snap = snap
notion-button = button
notion-fastener = press fastener
notion-rivet = rivet
notion-cord-stop = cord stop
notion-filling = filling
notion-filling-of = filling: { $what }
pile-left-of = left of { $name }
pile-bought = { $name }, left over
