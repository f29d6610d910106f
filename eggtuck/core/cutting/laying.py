"""Laying cutouts on grounds: round what is pinned, in scraps and on the roll, by their true outlines."""

from __future__ import annotations

import math
from collections.abc import Callable, Iterable, Iterator, Mapping, Sequence
from dataclasses import field, replace
from functools import lru_cache
from typing import Final

import numpy as np
import shapely

from ..frozen import frozen
from ..lay.laying import lay_rectangles
from ..pattern.lay import Laid
from ..plane import Point
from ..shop import TURN_SAVES
from .cutout import Angle, Cutout
from .ground import Ground, Spot
from .raster import Cells, Field, bare_cells, free_cells, piece_cells, spread, touched
from .settle import slide_down, slide_left

# So many cells at most for so many things: of more it is laid more coarsely, so that none waits longer. And no finer than this (mm).
_CELLS, _THINGS, _FEWEST = 90_000, 60, 8_000
_FINEST: Final = 2
# Up to so many are slid against each other when they lie.
_SLID: Final = 150
# Outlines on cells take so much more length than rectangles in rows, at first.
_ROOMY: Final = 1.1
# What nudges something against its neighbours, and how often it is tried.
_NUDGES: Final = 3
_STILL: Final = 1e-6
# No better lay is searched for of more.
MOST: Final = 400


@frozen
class Repeat:
    """How often a print comes again, up and across (mm); 0 where it does not."""

    up: float = 0.0
    across: float = 0.0

    def __bool__(self) -> bool:
        return self.up > 0 or self.across > 0


@frozen
class Task:
    """One cloth's cutouts with the grounds they may lie on, in the order these are tried; the last without an end, where there is one. ``gap`` mm
    stay between two; where a print is matched every piece begins at the same place of its ``repeat``."""

    cutouts: tuple[Cutout, ...]
    grounds: tuple[Ground, ...]
    gap: float = 0.0
    repeat: Repeat = field(default_factory=Repeat)
    # Whether anything may lie across the grain; whether what is not bought may be tried the other way round too.
    across: bool = True
    either_way: bool = False

    @property
    def by_id(self) -> Mapping[str, Cutout]:
        return {one.id: one for one in self.cutouts}

    @property
    def ground_ids(self) -> Mapping[str, Ground]:
        return {one.id: one for one in self.grounds}

    def angles(self, one: Cutout) -> tuple[Angle, ...]:
        """How something may lie here (degrees)."""
        if self.repeat:
            return (0,)
        return one.angles if self.across else tuple(angle for angle in one.angles if angle in (0, 180))

    @property
    def plain(self) -> bool:
        """Whether everything may lie anywhere on one roll."""
        folded = any(one.on_fold for one in self.cutouts)
        return [ground.length for ground in self.grounds] == [None] and not self.repeat and not folded


@frozen
class Layout:
    """How everything lies; what fits on no ground is ``left``."""

    spots: tuple[Spot, ...]
    left: tuple[str, ...] = ()

    def length(self, task: Task, ground: str) -> float:
        """How much is taken of a ground along its selvedge (mm)."""
        by_id = task.by_id
        return max((top(spot, by_id[spot.cutout]) for spot in self.spots if spot.ground == ground), default=0.0)

    def score(self, task: Task) -> tuple[float, float]:
        """The less the better: what is not laid, then what is bought, off the roll or in whole pieces, or where nothing is what is taken of everything."""
        there = {spot.cutout for spot in self.spots}
        missing = sum(one.area for one in task.cutouts if one.id not in there)
        used = {ground.id: self.length(task, ground.id) for ground in task.grounds}
        bought = [ground for ground in task.grounds if ground.bought]
        if not bought:
            return missing, sum(used.values())
        return missing, sum(used[g.id] if g.length is None else g.length for g in bought if used[g.id])


def top(spot: Spot, cutout: Cutout) -> float:
    """How far up something reaches where it lies (mm)."""
    width, height = cutout.size
    return spot.y + (height if spot.angle in (0, 180) else width)


Order = Callable[[Cutout], tuple[float, ...]]
_ORDERS: Final[tuple[Order, ...]] = (
    lambda one: (-max(one.size), -one.area),
    lambda one: (-one.area,),
    lambda one: (-one.size[1], -one.size[0]),
    lambda one: (-one.size[0], -one.size[1]),
)


def lay_out(task: Task, pinned: Sequence[Spot] = ()) -> Layout:
    """Everything laid once: what is pinned stays, the largest of the rest first, each as low as it goes on the first ground that takes it. Pieces lie
    across only where that saves enough."""
    upright = _once(replace(task, across=False), pinned)
    if not task.across:
        return upright
    across = _once(task, pinned)
    (missing, length), (lacks, other) = across.score(task), upright.score(task)
    return across if missing < lacks or (missing == lacks and length <= (1 - TURN_SAVES) * other) else upright


def _once(task: Task, pinned: Sequence[Spot]) -> Layout:
    rest = _rest(task, pinned)
    order = sorted(rest, key=_ORDERS[0])
    ways = [_laid(way, pinned, order) for way in _ways(task)]
    found = min(ways, key=lambda one: one.score(task))
    plain = None if pinned else _by_rectangles(task, rest)
    return plain if plain is not None and plain.score(task) <= found.score(task) else found


@lru_cache(maxsize=8192)
def fits_on(outline: tuple[Point, ...], angles: tuple[Angle, ...], ground: Ground) -> bool:
    """Whether something with this outline could be cut from a ground, were nothing else."""
    wide, high = max(x for x, _ in outline), max(y for _, y in outline)
    sizes = {(wide, high) if angle in (0, 180) else (high, wide) for angle in angles}
    length = math.inf if ground.length is None else ground.length
    if not any(w <= ground.width + _STILL and h <= length + _STILL for w, h in sizes):
        return False
    if ground.outline is None:
        return True
    one = Cutout("", "", "", 0, 0, outline, 0.0, (0.0, 0.0), upright=angles == (0,))
    return not _laid(Task((one,), (ground,), across=90 in angles), (), [one]).left


def ever_better(task: Task, pinned: Sequence[Spot] = ()) -> Iterator[Layout]:
    """One layout after the other, each better than the one before, without an end: first by every order, then by changed ones."""
    best: Layout | None = None if pinned else _by_rectangles(task, task.cutouts)
    rest = _rest(task, pinned)
    kept = sorted(rest, key=_ORDERS[0])
    for order in _every_order(rest, kept):
        found = min((_laid(way, pinned, order) for way in _ways(task)), key=lambda one: one.score(task))
        if best is None or found.score(task) < best.score(task):
            best = found
            kept[:] = order
            yield found
        else:
            # Whoever waits may stop between any two.
            yield best


def _by_rectangles(task: Task, rest: Sequence[Cutout]) -> Layout | None:
    """As upright rectangles on one roll, exactly; None where that does not do."""
    if not task.plain or not rest:
        return None
    (roll,) = task.grounds
    every = [Laid(one.id, 0, 0, 0.0, 0.0, one.size[0] + task.gap, one.size[1] + task.gap) for one in rest]
    by_id = task.by_id
    turn = {one.id for one in rest if 90 in task.angles(one)}
    tried = [lay_rectangles(every, roll.width + task.gap, turned) for turned in ((), turn)[: 1 + bool(turn)]]
    laid = min((one for one in tried if one is not None), key=_end_of, default=None)
    if laid is None:
        return None
    spots = []
    for one in laid:
        angle: Angle = 90 if one.turned else 0
        spots.append(Spot(by_id[one.piece].id, roll.id, one.x, one.y, angle))
    return Layout(tuple(spots))


def _ways(task: Task) -> Iterator[Task]:
    """With the grounds as they are, and where that is left open with what is there already the other way round."""
    yield task
    there = [ground for ground in task.grounds if not ground.bought]
    if task.either_way and len(there) > 1:
        yield replace(task, grounds=(*reversed(there), *(ground for ground in task.grounds if ground.bought)))


def _end_of(laid: Sequence[Laid]) -> float:
    return max(one.y + one.height for one in laid)


def _every_order(rest: Sequence[Cutout], best: Sequence[Cutout]) -> Iterator[list[Cutout]]:
    """The usual orders, then the ``best`` there is by then with a few things moved in it, without an end."""
    for largest in _ORDERS:
        yield sorted(rest, key=largest)
    chance = np.random.default_rng(1)
    while True:
        order = list(best)
        for _ in range(1 + int(chance.integers(3))):
            i, j = (int(chance.integers(len(order))) for _ in range(2)) if order else (0, 0)
            if order:
                order.insert(j, order.pop(i))
        yield order


def _rest(task: Task, pinned: Iterable[Spot]) -> list[Cutout]:
    there = {spot.cutout for spot in pinned}
    return [one for one in task.cutouts if one.id not in there]


def _laid(task: Task, pinned: Sequence[Spot], order: Sequence[Cutout]) -> Layout:
    by_id = task.by_id
    spots = list(pinned)
    waiting = list(order)
    for ground in task.grounds:
        if not waiting:
            break
        cloth = _Cloth(
            ground, task, [(spot, by_id[spot.cutout]) for spot in pinned if spot.ground == ground.id], waiting
        )
        waiting = [one for one in waiting if not cloth.put(one)]
        spots += cloth.settled()
    return Layout(tuple(spots), tuple(one.id for one in waiting))


class _Cloth:
    """One ground while things are laid on it. Its grid begins half a gap outside it: so much of what lies at its edge may lie beyond."""

    def __init__(
        self, ground: Ground, task: Task, pinned: Sequence[tuple[Spot, Cutout]], waiting: Sequence[Cutout]
    ) -> None:
        self.ground, self.task, self.pinned = ground, task, pinned
        self.put_down: list[tuple[Spot, Cutout]] = []
        length = ground.length
        if length is None:
            length = max((top(spot, one) for spot, one in pinned), default=0.0) + _enough(waiting, task, ground)
        self.cell = _cell(ground.width + task.gap, length + task.gap, task.repeat, len(task.cutouts))
        wide, high = self.cell
        rows, columns = (
            max(1, math.ceil((side + task.gap) / cell - 1e-9)) for side, cell in ((length, high), (ground.width, wide))
        )
        whole = (ground if ground.length is not None else replace(ground, length=length)).shape
        if ground.outline is None and not ground.holes:
            # Half of the room round a piece may lie beyond a straight edge.
            room = self._on_grid(whole.buffer(task.gap / 2, join_style="mitre"))
            self.field = Field(~free_cells(room, rows, columns))
        else:
            outside = ~free_cells(self._on_grid(whole), rows, columns)
            self.field = Field(np.zeros((rows, columns), dtype=bool), outside)
        for spot, one in pinned:
            ring = self._on_grid(shapely.Polygon(spread(spot.shape(one).exterior.coords[:-1], task.gap)))
            self.field.take(touched(ring.exterior.coords[:-1], rows, columns))

    def _on_grid(self, shape: shapely.Geometry) -> shapely.Geometry:
        half, cell = self.task.gap / 2, np.array(self.cell)
        return shapely.transform(shape, lambda points: (points + half) / cell)

    def put(self, one: Cutout) -> bool:
        """Lays something as low as it goes, then as far left; false where it finds no place."""
        if self._put(one):
            return True
        if (
            self.ground.length is not None
            or min(one.size if self.task.across else one.size[:1]) > self.ground.width + _STILL
        ):
            return False
        # On a roll there is more.
        rows = math.ceil((max(one.size) + self.task.gap + self.task.repeat.up) / self.cell[1]) + 1
        self.field.grow(rows)
        return self._put(one)

    def _put(self, one: Cutout) -> bool:
        wide, high = self.cell
        beyond = round(self.task.repeat.up / high)
        found: tuple[float, float, float, Angle, Cells, int, int] | None = None
        for angle in self.task.angles(one):
            outline = one.turned(angle)
            shift = self._shift(one)
            cells = piece_cells(outline, self.cell, self.task.gap, shift)
            places = self.field.places(cells, bare_cells(outline, self.cell, self.task.gap, shift), beyond)
            rows, columns = np.nonzero(self._matching(places, one, shift))
            if not len(rows):
                continue
            row, column = int(rows[0]), int(columns[0])
            tall = max(y for _, y in outline)
            x, y = (column + shift[0]) * wide, (row + shift[1]) * high
            tried = (y + tall, y, x, angle, cells, row, column)
            if found is None or tried[:3] < found[:3]:
                found = tried
        if found is None:
            return False
        _, y, x, angle, cells, row, column = found
        self.field.take(cells, row, column)
        self.put_down.append((Spot(one.id, self.ground.id, x, y, angle), one))
        return True

    def _shift(self, one: Cutout) -> Point:
        """How far into its first cell something begins (cells), so that the print meets it where it should."""
        up, across = self.task.repeat.up, self.task.repeat.across
        return (
            (-(one.size[0] / 2) / self.cell[0]) % 1.0 if across and not one.on_fold else 0.0,
            (-one.base / self.cell[1]) % 1.0 if up else 0.0,
        )

    def _matching(self, places: Cells, one: Cutout, shift: Point) -> Cells:
        """Only those places where the print meets it as it meets every other, and its middle the fold where it has to lie there."""
        rows, columns = places.shape
        if one.on_fold:
            places = places & (np.arange(columns) == 0)[None, :]
        wide, high = self.cell
        if self.task.repeat.up:
            at = np.rint((np.arange(rows) + shift[1]) + one.base / high) % round(self.task.repeat.up / high)
            places = places & (at == 0)[:, None]
        if self.task.repeat.across and not one.on_fold:
            at = np.rint(np.arange(columns) + shift[0] + one.size[0] / 2 / wide) % round(self.task.repeat.across / wide)
            places = places & (at == 0)[None, :]
        return places

    def settled(self) -> list[Spot]:
        """Everything put down, slid exactly against what it lies beside: the grid leaves less than a cell between two. On a scrap, and where
        a print is matched, it stays where it lies."""
        many = len(self.pinned) + len(self.put_down) > _SLID
        if self.task.repeat or self.ground.outline is not None or self.ground.holes or many:
            return [spot for spot, _ in self.put_down]
        # Each with its half of the gap round it; the edges of the cloth, half a gap further out, are where nothing goes on.
        gap = self.task.gap
        rings = {
            spot.cutout: np.add(spread(one.turned(spot.angle), gap), [spot.x + gap / 2, spot.y + gap / 2])
            for spot, one in (*self.pinned, *self.put_down)
        }
        moved = {spot.cutout: spot for spot, _ in self.put_down}
        boxes = {id: (*ring.min(axis=0), *ring.max(axis=0)) for id, ring in rings.items()}
        by_id = self.task.by_id
        for _ in range(_NUDGES):
            gone = 0.0
            for id in sorted(moved, key=lambda id: (moved[id].y, moved[id].x)):
                ring, (x0, y0, x1, y1) = rings[id], boxes[id]
                below = [
                    rings[o] for o, box in boxes.items() if o != id and box[0] < x1 and box[2] > x0 and box[1] < y1
                ]
                down = slide_down(ring, below)
                ring, y0, y1 = ring - [0.0, down], y0 - down, y1 - down
                beside = [
                    rings[o] for o, box in boxes.items() if o != id and box[1] < y1 and box[3] > y0 and box[0] < x1
                ]
                left = 0.0 if by_id[id].on_fold else slide_left(ring, beside)
                rings[id], boxes[id] = ring - [left, 0.0], (x0 - left, y0, x1 - left, y1)
                moved[id] = replace(moved[id], x=moved[id].x - left, y=moved[id].y - down)
                gone = max(gone, down, left)
            if gone < _STILL:
                break
        return list(moved.values())


def _enough(waiting: Sequence[Cutout], task: Task, ground: Ground) -> float:
    """So much length is enough for all of it (mm): rows of pieces as they come, upright where they fit, each a repeat further where that is matched."""
    x, y, high = 0.0, 0.0, 0.0
    more = task.repeat.up + task.gap
    for one in sorted(waiting, key=lambda one: -one.size[1]):
        wide, tall = one.size
        if wide > ground.width and 90 in one.angles:
            wide, tall = tall, wide
        wide += task.gap + task.repeat.across
        if x + wide > ground.width + task.gap + task.repeat.across:
            x, y, high = 0.0, y + high + more, 0.0
        x, high = x + wide, max(high, tall)
    return (y + high + 2 * more) * _ROOMY


def _cell(width: float, length: float, repeat: Repeat, count: int) -> Point:
    """How wide and high a cell of the grid is (mm): a whole part of the ground, so that what is as wide as it goes in; or, where a print is matched,
    of its repeat."""
    cells = max(_FEWEST, min(_CELLS, _CELLS * _THINGS // max(1, count)))
    side = max(math.sqrt(width * length / cells), _FINEST)
    across, up = repeat.across or width, repeat.up or length
    return across / max(1, round(across / side)), up / max(1, round(up / side))
