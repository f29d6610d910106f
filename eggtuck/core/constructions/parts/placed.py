"""Things with a place on the make's first piece: labels and hardware in one spot, straps and handles at their two ends. Each is proposed
where there is room, measured from the raw edges as they lie while it is flat, marked, and checked against everything else there."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from dataclasses import replace
from itertools import chain, combinations

from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...drafting.zones import Zone
from ...moves.carried import laid
from ...pattern import Copy, Mark, Piece
from ...plane import Segment, bounds, polyline
from ...plane.boxes import Box
from ...shop import EQUAL, PART_CLEAR
from ...words import Message, Param, msg
from ..surface.figures import figure, size_of
from .places import Field
from .way_back import Ways, place_check
from .worn import Strap, boxes_of, over_wall

# Of what is round the middle is told; a strip of tape lies in its outline.
_CENTRED = ("eyelet", "snap", "button")
HARDWARE = (*_CENTRED, "hook-and-loop")
ENDS = ("strap", "handle")
# What of it may be let go of so that it has room: where it lies, or how large it is too.
_END_WAYS: Ways = (("apart", "from_top"), ("apart", "from_top", "width", "end"))
_SPOT_WAYS: Ways = (("from_side", "from_top"), ("from_side", "from_top", "width", "height", "across", "length"))
# A cross that marks a centre reaches so far (mm).
_CROSS = 3


def has_back(piece: Piece) -> bool:
    """Whether a piece is front and back: there twice, or folded in two."""
    return len(piece.copies) > 1 or _fold(piece) is not None


def both_sides(make: Make) -> bool:
    """Whether what comes in pairs goes on front and back: where nobody chose one of them for it."""
    return make.hosting is None and has_back(make.host)


def _fold(piece: Piece) -> Segment | None:
    """The fold between front and back of a piece that is both."""
    return next((fold.line for fold in piece.folds if fold.id.endswith(("base-fold", "side-fold"))), None)


def folded_at_base(piece: Piece) -> bool:
    """Whether front and back are one piece with a level fold between them, so that its lower edge is the upper one of the back."""
    fold = _fold(piece)
    return fold is not None and abs(fold.start[1] - fold.end[1]) < 1e-6


def _folded_over(box: Box, fold: Segment) -> Box:
    """Where a box lies on the other half of a piece with an upright or level fold."""
    x0, y0, x1, y1 = box
    (x, y), (u, _) = fold.start, fold.end
    if abs(x - u) < 1e-6:
        return 2 * x - x1, y0, 2 * x - x0, y1
    return x0, 2 * y - y1, x1, 2 * y - y0


def is_placed(request: PartRequest) -> bool:
    """Whether it lies in a place of its own on a piece, and not in a seam."""
    if request.kind.id in ENDS:
        return request.choices["sits"] != "sides"
    return request.kind.id in (*HARDWARE, "motif") or (request.kind.id == "label" and request.choices["sewn"] == "flat")


def settle_place(make: Make, request: PartRequest) -> PartRequest:
    """The request with what nobody told of its place as there is room for it."""
    field = Field(make)
    names = ("apart", "from_top") if request.kind.id in ENDS else ("from_side", "from_top")
    told = {name: request.lengths[name] for name in names if name in request.typed}
    tried = _ends(make, request, field) if request.kind.id in ENDS else _spots(make, request, field)
    if request.kind.id == "motif":
        tried = chain(_in_motif_area(make, request, field), tried)
    usual: dict[str, float] | None = None
    for place in tried:
        # Where there is no room at all the first is proposed, and its check says so.
        usual = usual or place
        if has_room(make, replace(request, lengths={**request.lengths, **place, **told}), field):
            usual = place
            break
    usual = usual or {}
    return replace(request, lengths={**request.lengths, **usual, **told}, usual={**request.usual, **usual})


def has_room(make: Make, request: PartRequest, field: Field) -> bool:
    """Whether it lies clear of edges, seams and every other part where it is, and of itself."""
    boxes = _boxes(make, request, field)
    return _lie_clear(field, boxes, request) and all(field.over(box) is None for box in boxes)


def _lie_clear(field: Field, boxes: Sequence[Box], request: PartRequest) -> bool:
    """Whether all that there is of it lies clear of edges and seams, and none of it over another."""
    return all(_clear(field, box, request) for box in boxes) and not any(
        _overlap(one, other) for one, other in combinations(boxes, 2)
    )


def _overlap(one: Box, other: Box) -> bool:
    return (
        min(one[2], other[2]) - max(one[0], other[0]) > EQUAL and min(one[3], other[3]) - max(one[1], other[1]) > EQUAL
    )


def _ends(make: Make, request: PartRequest, field: Field) -> Iterator[dict[str, float]]:
    """Half the front between the ends of a strap, then less, and farther down."""
    on_mark, usual = make.spec.on_grid, request.usual.get("from_top") or 0.0
    lowest = make.spec.on_grid(field.height / 3, "down")
    clear = on_mark(field.begins + request.lengths["width"], "up") if field.begins else usual
    for down in (min(usual, lowest), clear, lowest, min(usual * 2, lowest * 2)):
        for share in (1 / 2, 1 / 3, 1 / 4, 1 / 6):
            yield {"apart": on_mark(field.width / _times(make, request) * share, "down"), "from_top": down}


def _spots(make: Make, request: PartRequest, field: Field) -> Iterator[dict[str, float]]:
    w, h = _size(request)
    top = max(field.begins, make.spec.on_grid(min(request.usual.get("from_top") or 0.0, field.height * 0.15), "down"))
    if request.count > 1:
        # Several lie beside each other.
        for share in (0.15, 0.25, 0.35):
            for down in (top, top * 2, field.height / 3):
                side = max(0.0, field.width * share - w / 2)
                yield {"from_top": make.spec.on_grid(down, "down"), "from_side": make.spec.on_grid(side)}
    for down, side in field.places(w, h, top):
        yield {"from_top": down, "from_side": side}


def _in_motif_area(make: Make, request: PartRequest, field: Field) -> Iterator[dict[str, float]]:
    """In the middle of where a motif stays clear of everything."""
    w, h = _size(request)
    for area in motif_areas(make):
        x0, y0, x1, y1 = area
        down, side = field.down_to((x0 + x1) / 2, (y0 + y1 + h) / 2), (x0 + x1 - w) / 2 - field.left
        if min(down, side) >= 0:
            yield {"from_top": make.spec.on_grid(down), "from_side": make.spec.on_grid(side)}


def motif_areas(make: Make) -> list[Box]:
    """Where the form says that a motif may go, on the front of the host."""
    if make.hosting is not None and make.hosting.back:
        return []
    return [bounds(mark.path) for mark in make.host.marks if mark.label.id == "mark.motif"]


def _times(make: Make, request: PartRequest) -> int:
    """How many pairs of ends lie beside each other on a front: those of every strap, where it is all there is; of one, where the back carries
    one too."""
    return -(-request.count // 2) if both_sides(make) else request.count


def _size(request: PartRequest) -> tuple[float, float]:
    size = request.lengths
    if request.kind.id == "label":
        return size["width"], size["height"]
    if request.kind.id == "motif":
        return size_of(figure(request.choices["figure"], request.text, size["height"]))
    if request.kind.id == "hook-and-loop":
        return size["length"], size["width"]
    return size["across"], size["across"]


def _boxes(make: Make, request: PartRequest, field: Field) -> list[Box]:
    """Where each lies on the piece: an even number spread to both sides of the middle line, as far from one side as from the other."""
    size = request.lengths
    if request.kind.id in ENDS:
        times, half = _times(make, request), size["apart"] / 2
        middles = [field.left + field.width * (nth + 0.5) / times for nth in range(times)]
        return [_end(field, request, x) for m in middles for x in (m - half, m + half)]
    w, h = _size(request)
    first, last = size["from_side"], field.width - size["from_side"] - w
    if request.count == 1:
        return [field.box(size["from_top"], first, w, h)]
    if abs(last - first) < (request.count - 1) * w:
        # In the middle, so that they lie under one another.
        return [field.box(size["from_top"] + nth * (h + 2 * PART_CLEAR), first, w, h) for nth in range(request.count)]
    step = (last - first) / (request.count - 1)
    return [field.box(size["from_top"], first + nth * step, w, h) for nth in range(request.count)]


def _end(field: Field, request: PartRequest, x: float) -> Box:
    """Where the end of a strap lies whose middle is at ``x``: over a straight top the strap runs up; on a curved one its end lies by itself."""
    half = request.lengths["width"] / 2
    low, top = field.level(x, request.lengths["from_top"]), field.level(x, 0.0)
    return x - half, low, x + half, top if field.piece.square_top else min(top, low + 2 * half)


def ends_of(make: Make, request: PartRequest) -> tuple[tuple[str, Copy, Box], ...]:
    """Where the ends of straps lie on a wall."""
    field = Field(make)
    return boxes_of(field.piece, straps_on(make, request, field, _boxes(make, request, field)))


def place_part(
    make: Make,
    request: PartRequest,
    *,
    late: bool = False,
    shown: Callable[[Field, Box], Sequence[Mark]] | None = None,
    settle: Callable[[Make, PartRequest], PartRequest] = settle_place,
) -> dict[str, Param]:
    """Marks where it lies, checks it against edges, seams, base and every other part, and gives what its step tells of it. It may be marked
    ``late``, when it is worked on, be ``shown`` by more marks than its place, and ``settle`` what nobody told of it in its own way."""
    field = Field(make)
    boxes = _boxes(make, request, field)
    name = request.kind.name
    clear = _lie_clear(field, boxes, request)
    other = next((zone for box in boxes if (zone := field.over(box)) is not None), None)
    ways = _END_WAYS if request.kind.id in ENDS else _SPOT_WAYS
    make.checks.append(
        place_check(field, request, clear, other, ways, lambda asked: has_room(make, settle(make, asked), field))
    )
    where = [_datum(field, box, request) for box in boxes]
    _grips(field, request, boxes)
    # What is sewn on when the make is closed is measured then.
    flat = request.choices.get("sits") != "late"
    for box, datum in zip(boxes, where, strict=True):
        make.zones.append(Zone(name, box))
        if clear and flat:
            mark = _mark(make, box, name, datum, request)
            make.mark_host(replace(mark, late=late))
            for more in shown(field, field.lies(box)) if shown is not None else ():
                make.mark_host(replace(more, copy=mark.copy, one=mark.one, role=mark.role, late=late, part=request.id))
    fold = _fold(make.host) if make.hosting is None else None
    if fold is not None and request.kind.id in ENDS and request.count > 1:
        # One on the back, where the front has its own.
        for box in boxes:
            back = _folded_over(box, fold)
            make.zones.append(Zone(name, back))
            if clear and flat:
                make.mark_host(_mark(make, back, name, msg("place.other-half"), request))
    if request.kind.id in ENDS:
        straps, size = straps_on(make, request, field, boxes), request.lengths
        make.carry(request.id, lambda sewn: over_wall(sewn, field.piece, straps, size["length"], size["width"]))
    elif request.kind.id != "motif":
        make.carry(
            request.id,
            lambda sewn: tuple(
                loop for box in boxes for loop in laid(sewn, field.piece.id, field.lies(box), copy=field.copy)
            ),
        )
    place = where[0]
    if not flat:
        (x0, y0, x1, _), middle = boxes[0], (field.left + field.right) / 2
        top = field.under(field.down_to((x0 + x1) / 2, y0), turned=True)
        place = msg("place.late", off=abs((x0 + x1) / 2 - middle), top=top)
    elif request.kind.id in ENDS and len(boxes) == 2:
        place = _both(field, boxes[0], request)
    elif request.kind.id in ENDS:
        # As they are carried: the first two are those of one strap.
        pairs = zip(where[::2], where[1::2], strict=True)
        one, *others = (msg("place.also", first=first, then=then) for first, then in pairs)
        place = msg("place.one", ends=one)
        for ends in others:
            place = msg("place.next", first=place, ends=ends)
    else:
        for another in where[1:]:
            place = msg("place.also", first=place, then=another)
    return {"piece": field.piece.name, "letter": field.piece.letter, "place": place}


def straps_on(make: Make, request: PartRequest, field: Field, boxes: Sequence[Box]) -> list[Strap]:
    """Straps with both ends on a wall; of those on front and back alike one on each."""
    piece, twice = field.piece, request.count > 1 and both_sides(make)
    walls = [[(copy, field.lies(box)) for box in boxes] for copy in (piece.copies if twice else (field.copy,))]
    fold = _fold(piece) if twice and len(piece.copies) == 1 else None
    walls += [[(field.copy, _folded_over(box, fold)) for box in boxes]] if fold is not None else []
    straps: list[Strap] = [
        ((one,), (other,)) for wall in walls for one, other in zip(wall[::2], wall[1::2], strict=True)
    ]
    return straps[: request.count]


def _grips(field: Field, request: PartRequest, boxes: list[Box]) -> None:
    """Each of several lies as far from its side as the other does: what is moved of one moves them all."""
    middle = (field.left + field.right) / 2
    for nth, box in enumerate(boxes):
        centre = (box[0] + box[2]) / 2
        side, top = field.middles(box)
        if request.kind.id in ENDS:
            # The two ends of one strap move apart from each other.
            out = -2.0 if nth % 2 == 0 else 2.0
            field.grip(request, box, ("apart", out, 0.0, -1.0), ("from_top", 0.0, -1.0, -1.0))
        elif len(boxes) == 1:
            field.grip(request, box, ("from_side", 1.0, 0.0, side), ("from_top", 0.0, -1.0, top))
        else:
            right = 0.0 if abs(centre - middle) < 1e-6 else 1.0 if centre < middle else -1.0
            share = abs(2 * nth / (len(boxes) - 1) - 1) if len(boxes) > 1 else 1.0
            right = right / share if share else 0.0
            field.grip(request, box, ("from_side", right, 0.0, -1.0), ("from_top", 0.0, -1.0, -1.0))


def _both(field: Field, left: Box, request: PartRequest) -> Message:
    """Both ends of a strap, which lie alike to both sides of the middle."""
    cut = field.piece.cut_box
    at = (left[0] + left[2]) / 2, left[1]
    raw, down = field.raw_to(*at), field.under(field.down_to(*at))
    if field.piece.square_top and abs((cut[0] + cut[2]) - (field.left + field.right)) < 1e-6:
        return msg("place.ends", side=left[0] - cut[0], raw=raw, top=down)
    off = (field.left + field.right) / 2 - at[0]
    return msg("place.ends-middle", off=off, raw=raw, top=down, runs=field.runs)


def _clear(field: Field, box: Box, request: PartRequest) -> bool:
    if request.kind.id not in ENDS:
        return field.clear(box)
    # It is sewn on as high as it is wide; from there it stands up over what is there.
    x0, y0, x1, y1 = box
    high = min(y1, y0 + x1 - x0)
    # Up to the finished top itself it may reach.
    high = min(high, field.level((x0 + x1) / 2, field.below))
    return field.clear((x0, y0, x1, max(y0, high)))


def _mark(make: Make, box: Box, name: Message, datum: Message, request: PartRequest) -> Mark:
    # A strap has one like it on the back; all else lies on the front.
    one = request.kind.id not in ENDS or request.count == 1 or make.hosting is not None
    role, copy = make.host_role, make.host_copy
    x0, y0, x1, y1 = Field(make).lies(box)
    if request.kind.id in _CENTRED:
        x, y = (x0 + x1) / 2, (y0 + y1) / 2
        return Mark(
            "centre",
            msg("mark.pocket", pocket=name),
            polyline([(x - _CROSS, y), (x + _CROSS, y)]),
            datum=datum,
            role=role,
            one=one,
            copy=copy,
            # It is worked on from the right side.
            seen=True,
            part=request.id,
        )
    corners = [(x0, y0), (x1, y0), (x1, y1), (x0, y1), (x0, y0)]
    label, path = msg("mark.pocket", pocket=name), polyline(corners)
    return Mark("zone", label, path, datum=datum, role=role, one=one, copy=copy, part=request.id)


def _datum(field: Field, box: Box, request: PartRequest) -> Message:
    """From the raw edges: to the centre of what is punched or sewn on there, to the near edge of what has one."""
    x0, y0, x1, y1 = box
    cut = field.piece.cut_box
    if request.kind.id in ENDS:
        raw, down = field.raw_to((x0 + x1) / 2, y0), field.under(field.down_to((x0 + x1) / 2, y0))
        if field.piece.square_top:
            # From the nearer side.
            side = min(x0 - cut[0], cut[2] - x1)
            hand = "left" if x0 - cut[0] <= cut[2] - x1 else "right"
            return msg(f"mark.strap-end-{hand}.datum", side=side, raw=raw, top=down)
        middle = (cut[0] + cut[2]) / 2
        hand = "left" if (x0 + x1) / 2 < middle else "right"
        return msg(
            f"mark.strap-beside-{hand}.datum", off=abs((x0 + x1) / 2 - middle), raw=raw, top=down, runs=field.runs
        )
    if request.kind.id in _CENTRED:
        x, y = (x0 + x1) / 2, (y0 + y1) / 2
        return field.datum((x, y, x, y))
    return field.datum(box)
