### What is said when a request, a file or a field cannot be used: what is wrong, and in the text what would work.

refused-missing = Not here
    .text = There is nothing by that name; it may have been deleted.
refused-stale = Changed elsewhere
    .text = This was changed in another window since you opened it. Reload to see the newest.
refused-ahead-none = Not made by itself
    .text = This make has no such part that is made by itself.
refused-ahead-other = Not the same part
    .text = That part is another, or one of its pieces is taken already: choose one that is offered.
refused-spec = The measures do not work together
refused-fields = Some fields cannot be used
refused-no-json = Send JSON
    .text = The body must be application/json.
refused-not-plain = The spec cannot be read
    .text = The spec holds something that is not plain JSON.
refused-no-grip = Not to be moved
    .text = There is no such place of a part: take hold of one that is drawn.
refused-too-deep = The spec cannot be read
    .text = The JSON is nested too deeply.
refused-address = Wrong address
    .text = Open Egg Tuck at the address it printed when it started.
refused-site = Not from here
    .text = Another site tried to write. Nothing was changed.
refused-port = Port { $port } cannot be used ({ $why }). Choose another: --port { $other }
refused-unexpected = Unexpected error
    .text = Egg Tuck stumbled over this. Nothing you saved is lost.
refused-http-400 = Not understood
    .text = The body is not JSON that can be read.
refused-http-404 = Not found
    .text = There is nothing at this address.
refused-http-405 = Not done here
    .text = That cannot be done at this address.
refused-http-413 = Too large
    .text = That is too large: at most { $most } MB.
refused-http-other = Not done
    .text = This request cannot be carried out.
refused-scan-unit = Which unit?
    .text = Say which unit the scan was made in: { $units }.
refused-kind = Unknown kind
    .text = The kind is one of { $kinds }.
refused-stopped = Stopped by a check
    .text = A check says stop. Read it, then acknowledge it to print all the same.
refused-solid = Not found
    .text = The form is written as { $kinds }.
refused-logbook = The logbook in the file cannot be read
    .text = Each make needs its date, minutes and notes.
refused-option = This form has no such choice
    .text = Choose one of: { $options }.
refused-form = Unknown form
    .text = Choose one of: { $forms }.
refused-lay = That cannot be laid so
refused-lay-kind = Not found
    .text = The lay is written as pdf, svg or dxf.
refused-searching = Already searching
    .text = At most { $most } cloths are searched for at once. Stop one, or wait until it is done.
refused-searching-order = Already searching
    .text = At most { $most } orders are searched for at once. Stop one, or wait until it is done.
refused-cut-already = It is cut already
    .text = This cloth is ticked off as cut. Take the tick out to lay it otherwise.
refused-pile = That cannot be put on the pile
refused-empty-entry = Nothing is told of it yet
    .text = Tell at least one thing: how long it took, what it measures, how it did, or what to mind next time.
refused-empty-note = Nothing is noted
    .text = Write down what happened, or say which choice or allowance was made otherwise.
refused-step = No such step
    .text = The make has no such step: it was changed. Reload to see the steps as they are.
refused-many-photos = Enough photos
    .text = A make keeps up to { $most } photos. Take one away first.
refused-measure = A measure cannot be read
refused-begin = That cannot be begun
refused-file = The file cannot be used
refused-table = The table cannot be used
refused-drawing = The drawing cannot be used
refused-photo = Not a picture

## Fields of a request

field-missing = This is missing.
field-unknown = This name is not known here.
field-text = Write it as text.
field-empty = Write something here.
field-text-long = { $most ->
        [one] One letter at most.
       *[other] At most { $most } letters.
    }
field-number = Give a whole number.
field-low = At least { $least }.
field-high = At most { $most }.
field-choice = Choose one of: { $choices }.
field-bool = Say true or false.
field-list = Give a list.
field-names = Give names with their values.
field-list-long = { $most ->
        [one] One at most.
       *[other] At most { $most }.
    }
field-date = Give a day, as in 2026-03-14.
field-other = This cannot be used here.
problem-backing-only = Only interfacing and padding are cut, held and placed by rules of their own; leave this out for the { $role }.
problem-on-no-lining = There is no lining it could lie on: add one, or lay it on the outer.
problem-no-glue = { $material } has no glue: baste or quilt it, or choose one that is fused.
problem-fuse-never = Nothing can be fused to { $material }: it must not be ironed. Baste it.
problem-band = A band goes from its lower to its upper end: { $low } is not below { $high }.
problem-layer-pieces = By piece a layer is cut as one of: { $choices }.
problem-seconds = How long the iron stands is a whole number of seconds from { $low } to { $high }.
problem-layer-vanishes = Cut so, nothing is left of the { $material } on the { $piece } ({ $letter }).
problem-slip-no-gap = The { $material } cannot be slipped in: no gap is closed at the end. Baste it.
problem-slip-caught = What is slipped in is caught by no seam: cut the { $material } to the stitch line, or smaller by more than the allowance.
input-layer-inset = how much smaller
input-band-low = where the band begins
input-band-high = where the band ends
problem-margin-rule = What is quilted before cutting is cut with its cloth: leave the margin empty, or cut it as its piece.
problem-margin-held = What has a quilting margin is quilted on: leave the margin empty, or choose quilted.
problem-slip-single = The { $material } cannot be slipped into the { $piece } ({ $letter }): it is a single cloth. Baste it there, or cut none for it.
problem-no-lower-edge = The { $piece } has no straight lower edge that a seam takes: let the { $part } be sewn on.
problem-no-inside = There is no inside a hand could reach: put the { $part } outside.
