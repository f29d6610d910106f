"""Laying pieces on their cloths: a skyline of rectangles, tried in several orders, never longer than plain rows."""

from __future__ import annotations

import itertools
import math
from collections.abc import Callable, Collection, Iterator, Mapping, Sequence
from dataclasses import replace
from typing import Final

from ..lengths import Grid
from ..materials import Layer, Stack
from ..pattern import Piece, Role
from ..pattern.lay import Laid, Lay
from ..shop import BIAS_LEAST, BIAS_LONGEST, JOIN_LEAST, SELVEDGE, STUB_LEAST, TURN_SAVES
from .packing import pack_rectangles

# Up to so many rectangles are laid in so many orders: of many one is nearly as good as another, and no list takes long.
_TRIES: Final = ((12, 4), (40, 2))

_Order = Callable[[Laid], float]
_ORDERS: Final[tuple[_Order, ...]] = (
    lambda one: -one.height,
    lambda one: -one.width,
    lambda one: -one.width * one.height,
    lambda one: -max(one.width, one.height),
)


def lay_cloths(
    pieces: Sequence[Piece],
    stack: Stack,
    over: Mapping[Role, float] | None = None,
    lost: float = 0.0,
    marks: Grid | None = None,
) -> tuple[Lay, ...]:
    """Every cloth of a make with its pieces laid on it; ``over`` tells by role how much larger all round pieces are cut for quilting (mm). Where widths
    of a cloth are joined each join takes ``lost`` mm. Strips a strip on the bias is joined of end on the ``marks`` of a ruler.

    Pieces lie as rectangles, upright, or turned by a quarter where the print has no way up and that saves cloth. A strip that may be joined
    is cut in as many as it takes, each join taking its loss, on the bias in equal ones; anything else wider than the cloth from equal widths of it.
    Of a cloth from which nothing is cut there is none."""
    counted: dict[Role, int] = {}
    found = []
    for layer in stack.layers:
        nth = counted[layer.role] = counted.get(layer.role, -1) + 1
        lay = _lay(pieces, layer, nth, (over or {}).get(layer.role, 0.0), lost, marks or Grid())
        if lay is not None:
            found.append(lay)
    return tuple(found)


class NarrowError(ValueError):
    """A ``piece`` wider than the cloth cannot be joined of it: each join takes ``lost`` mm of its width, and hardly anything is left."""

    def __init__(self, piece: str, lost: float) -> None:
        super().__init__(piece, lost)
        self.piece, self.lost = piece, lost


def check_joins(pieces: Sequence[Piece], layer: Layer, nth: int, quilted: float, lost: float, marks: Grid) -> None:
    """Whether what is wider than a cloth, the ``nth`` of its role, can be joined of it. Raises `NarrowError` for the piece whose joins take most;
    the rest as `lay_cloths`."""
    found = []
    for piece in pieces:
        try:
            list(_cut((piece,), layer, nth, quilted, layer.width - 2 * SELVEDGE, lost, marks))
        except NarrowError as error:
            found.append(error)
    if found:
        raise max(found, key=lambda error: error.lost)


def strips_needed(length: float, width: float, lost: float) -> int:
    """How many strips from selvedge to selvedge of cloth ``width`` mm wide make a strip of ``length`` mm, when each join takes
    ``lost`` mm: ``n u - (n - 1) lost >= length`` with ``u`` between the selvedges."""
    usable = width - 2 * SELVEDGE
    return max(1, math.ceil((length - lost) / max(1.0, usable - lost) - 1e-6))


def takes_bias(piece: Piece, stack: Stack, marks: Grid) -> bool:
    """Whether a strip can be cut on the bias: a sheet has no threads, and a cloth may be too narrow for strips at 45 degrees that are worth joining."""
    cloths = [layer for role in piece.own_cloths for layer in stack.all(role)]
    return all(
        one.material.kind != "sheet" and _bias_strips(*piece.cut_size, piece.join_loss, one.width - 2 * SELVEDGE, marks)
        for one in cloths
    )


def _bias_strips(
    length: float, wide: float, join_loss: float | None, usable: float, marks: Grid
) -> tuple[int, float] | None:
    """Of how many strips on the bias one is joined, and how long each is (mm): side by side at 45 degrees they lie in a square. As few as are no longer
    than is usual and as the cloth has room for; None where they would be too short."""
    lost, most = join_loss or 0.0, length if join_loss is None else float(BIAS_LONGEST)
    count, each = 1, length
    while each > most or _slanted_square(each, count * wide) > usable + 1e-6:
        count += 1
        each = marks.round((length + (count - 1) * lost) / count, "up")
        if join_loss is None or each < max(BIAS_LEAST, 2 * lost):
            return None
    return count, each


def _slanted_square(width: float, height: float) -> float:
    """The side of the square in which a rectangle lies at 45 degrees (mm)."""
    return (width + height) * math.sqrt(0.5)


def _slanted(one: Laid, join_loss: float | None, usable: float, marks: Grid) -> Laid:
    """A strip on the bias in its square, a long one as the equal strips it is joined of: as one it would take a square as large as itself."""
    count, each = _bias_strips(one.width, one.height, join_loss, usable, marks) or (1, one.width)
    side = _slanted_square(each, count * one.height)
    return replace(one, width=side, height=side, slanted=True, strips=count)


def _lay(pieces: Sequence[Piece], layer: Layer, nth: int, quilted: float, lost: float, marks: Grid) -> Lay | None:
    usable = layer.width - 2 * SELVEDGE
    groups = [list(group) for group in _cut(pieces, layer, nth, quilted, usable, lost, marks)]
    every = [one for group in groups for one in group]
    if not every:
        return None
    rows = _in_rows(groups, usable)
    upright = _best(every, rows, usable, False)
    turned = None
    # Turning is only tried where it could save enough.
    worth = upright is None or _floor(every, usable, True) <= (1 - TURN_SAVES) * _end(upright)
    if worth and layer.turns:
        turned = _best(every, _in_rows(groups, usable, True), usable, True)
    best = upright if turned is None or _worth(upright, turned) else turned
    assert best is not None
    plain = _end(rows) if rows else _end(_in_rows(groups, usable, True) or best)
    return Lay(
        layer.role,
        nth,
        layer.material.name,
        layer.width,
        usable,
        _end(best),
        max(plain, _end(best)),
        tuple(best),
        layer.directional,
        layer.material.id,
        layer.material.shrink,
        layer.material.metal,
        layer.material.grain,
        layer.material.stretch > 0,
    )


def _cut(
    pieces: Sequence[Piece], layer: Layer, nth: int, quilted: float, usable: float, lost: float, marks: Grid
) -> Iterator[list[Laid]]:
    """What is cut of each piece from a cloth, as rectangles still to be laid; what is wider than the cloth in parts."""
    for piece in pieces:
        for at, cut in enumerate(piece.cuts):
            if (cut.role, cut.nth) != (layer.role, nth):
                continue
            # What is cut larger already is quilted when it is cut; a strip on the bias never is.
            more = quilted if cut.inset >= 0 and not piece.bias else 0.0
            width, height = piece.size_for(cut)
            worked = piece.over(cut)
            group: list[Laid] = []
            for which in range(cut.count):
                wide = more + (worked[which] if which < len(worked) else 0.0)
                one = Laid(piece.id, at, which, 0.0, 0.0, width + 2 * wide, height + 2 * wide, over=wide)
                if piece.bias:
                    group.append(_slanted(one, piece.join_loss, usable, marks))
                else:
                    group += _parts(one, piece.join_loss, layer, usable, lost)
            yield group


def _parts(one: Laid, join_loss: float | None, layer: Layer, usable: float, lost: float) -> list[Laid]:
    """One rectangle, or where it is wider than its cloth whichever way it lies the parts it is joined of."""
    fits = one.width <= usable + 1e-6 or (layer.turns and one.height <= usable + 1e-6 and join_loss is None)
    if fits:
        return [one]
    if usable - (lost if join_loss is None else join_loss) < JOIN_LEAST:
        raise NarrowError(one.piece, lost if join_loss is None else join_loss)
    if join_loss is not None:
        count = strips_needed(one.width, layer.width, join_loss)
        equal = (one.width + (count - 1) * join_loss) / count
        last = max(one.width - (count - 1) * (usable - join_loss), min(STUB_LEAST + join_loss, equal))
        widths = [(one.width - last) / (count - 1) + join_loss] * (count - 1) + [last]
    else:
        # Equal, so that the seams lie evenly; it is cut to its outline when they are sewn.
        count = strips_needed(one.width, layer.width, lost)
        widths = [(one.width + (count - 1) * lost) / count] * count
    return [replace(one, width=wide, part=part) for part, wide in enumerate(widths)]


def lay_rectangles(every: Sequence[Laid], usable: float, turn: Collection[str]) -> list[Laid] | None:
    """Rectangles laid on a cloth ``usable`` mm wide, as short as every order on a skyline or, upright, the packer finds; of those named in ``turn``
    each may lie either way. None where one is too wide."""
    best = None if turn else min(pack_rectangles(every, usable), key=_end, default=None)
    for order in _ORDERS[: _tries(len(every))]:
        tried = _skyline(sorted(every, key=order), usable, turn)
        if tried is not None and (best is None or _end(tried) < _end(best)):
            best = tried
    return best


def _worth(upright: Sequence[Laid] | None, turned: Sequence[Laid]) -> bool:
    """Whether pieces rather stay upright: turned across the cloth they hang otherwise, and a little less cloth is no reason."""
    return upright is not None and _end(turned) > (1 - TURN_SAVES) * _end(upright)


def _best(every: Sequence[Laid], rows: list[Laid] | None, usable: float, turn: bool) -> list[Laid] | None:
    """The shortest of plain rows and of every order on a skyline; None where one piece is too wide. None can be shorter than the
    highest piece, or than all of them side by side: what is as short as that is not bettered."""
    floor = _floor(every, usable, turn)
    best = rows
    for order in _ORDERS[: _tries(len(every))]:
        if best is not None and _end(best) <= floor + 1e-6:
            break
        tried = _skyline(sorted(every, key=order), usable, {one.piece for one in every} if turn else ())
        if tried is not None and (best is None or _end(tried) < _end(best)):
            best = tried
    return best


def _tries(count: int) -> int:
    return next((tries for most, tries in _TRIES if count <= most), 1)


def _floor(every: Sequence[Laid], usable: float, turn: bool) -> float:
    """What no lay is shorter than (mm)."""
    highest = max(min(one.width, one.height) if turn and one.part is None else one.height for one in every)
    return max(highest, sum(one.width * one.height for one in every) / usable)


def plain_rows(laid: Sequence[Laid], usable: float) -> float:
    """What plain rows of each piece would take of it (mm), however it lies; upright, as long as nothing is too wide for that."""
    upright = [_turned(one) if one.turned else one for one in laid]
    groups = [
        list(group) for _, group in itertools.groupby(upright, lambda one: (one.piece, one.cut, one.part is None))
    ]
    rows = _in_rows(groups, usable) or _in_rows(groups, usable, True)
    return _end(rows) if rows else _end(laid)


def _in_rows(groups: Sequence[Sequence[Laid]], usable: float, turn: bool = False) -> list[Laid] | None:
    """Plainly: each piece in rows of its own, or, where they may ``turn``, as they are shorter; None where one is too wide."""
    laid: list[Laid] = []
    y = 0.0
    for group in groups:
        ways = [_row_of(group, usable, y)]
        if turn and all(one.part is None for one in group):
            ways.append(_row_of([_turned(one) for one in group], usable, y))
        found = [way for way in ways if way is not None]
        if not found:
            return None
        shortest: list[Laid] = min(found, key=_end)
        laid += shortest
        y = _end(laid)
    return laid


def _row_of(group: Sequence[Laid], usable: float, start: float) -> list[Laid] | None:
    """Side by side from ``start`` on; None where one is too wide."""
    laid: list[Laid] = []
    x, y, high = 0.0, start, 0.0
    for one in group:
        if one.width > usable + 1e-6:
            return None
        if x + one.width > usable + 1e-6:
            x, y, high = 0.0, y + high, 0.0
        laid.append(_at(one, x, y))
        x, high = x + one.width, max(high, one.height)
    return laid


def _at(one: Laid, x: float, y: float) -> Laid:
    # Written out: it is done thousands of times.
    size = one.width, one.height
    return Laid(one.piece, one.cut, one.nth, x, y, *size, one.turned, one.part, one.over, one.slanted, one.strips)


def _turned(one: Laid) -> Laid:
    if one.slanted:
        return one
    return Laid(one.piece, one.cut, one.nth, one.x, one.y, one.height, one.width, not one.turned, one.part, one.over)


def _end(laid: Sequence[Laid]) -> float:
    return max((one.y + one.height for one in laid), default=0.0)


def _skyline(every: Sequence[Laid], usable: float, turn: Collection[str]) -> list[Laid] | None:
    """Each as low as it goes on what lies there, then as far left, either way where it may ``turn``; None where one is too wide."""
    # The upper outline of what lies there, from the left: where a level begins, and how far up it is.
    line: list[tuple[float, float]] = [(0.0, 0.0)]
    laid: list[Laid] = []
    for one in every:
        found: tuple[float, float, float, Laid] | None = None
        for way in (one, _turned(one)) if one.piece in turn and one.part is None else (one,):
            spot = _lowest(line, way.width, usable)
            if spot is None:
                continue
            x, y = spot
            tried = (y + way.height, y, x, way)
            if found is None or tried[:3] < found[:3]:
                found = tried
        if found is None:
            return None
        top, y, x, way = found
        laid.append(_at(way, x, y))
        line = _raised(line, x, x + way.width, top)
    return laid


def _lowest(line: Sequence[tuple[float, float]], width: float, usable: float) -> tuple[float, float] | None:
    """Where something so wide lies lowest on the outline, and how far up."""
    best: tuple[float, float] | None = None
    for i, (x, _) in enumerate(line):
        if x + width > usable + 1e-6:
            break
        y = 0.0
        for begin, level in line[i:]:
            if begin >= x + width - 1e-6:
                break
            y = max(y, level)
        if best is None or y < best[1] - 1e-6:
            best = x, y
    return best


def _raised(line: Sequence[tuple[float, float]], start: float, end: float, level: float) -> list[tuple[float, float]]:
    """The outline with everything from ``start`` to ``end`` at one level."""
    after = 0.0
    for x, y in line:
        if x <= end + 1e-6:
            after = y
    kept = [(x, y) for x, y in line if x < start - 1e-6]
    rest = [(x, y) for x, y in line if x > end + 1e-6]
    return [*kept, (start, level), (end, after), *rest]
