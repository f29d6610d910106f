"""Allowances cut when their seams are sewn: clipped in a curve, off at corners, beside a dart."""

from __future__ import annotations

import math
from collections.abc import Iterator, Sequence
from itertools import pairwise

import shapely

from ..making.operation import Operation
from ..pattern.picture import Arrow, Cloth, Frame, Item, Line, Note, Spot
from ..plane import Point
from .cornered import CORNER, corners_off, ends_off
from .moment import Moment
from .scene import Scene, spread

# A clip in a curve is drawn so far from the next, at most and at least (shares of the drawing).
_CLIPS, _LEAST = 0.06, 0.02
# Between these a turn from one part of a drawn curve to the next is a curve's (radians).
_STRAIGHT = 1e-3
# A part of a drawn line no longer than this says nothing of how it bends (mm).
_CRUMB = 0.3


def trimmed_frame(moment: Moment, done: Operation) -> Frame:
    """The seams that were sewn last, or every curve so far, with what is cut of their allowances."""
    if done.cuts != "clips":
        shown = (frame for frame in reversed(moment.seams) if _shows(frame, done))
        return _trimmed(moment, next(shown, moment.seams[-1]), done).frame()
    frames = [frame for frame in moment.seams if _curved(frame)] or moment.seams[-1:]
    return spread([_trimmed(moment, frame, done) for frame in frames]).frame()


def _of(items: Sequence[Item], done: Operation) -> list[Cloth]:
    """The cloths of what it works on; of one layer where only that is meant."""
    cloths = [item for item in items if isinstance(item, Cloth) and item.piece in done.pieces]
    return [cloth for cloth in cloths if done.cuts != "corners" or done.layer in (None, "both", cloth.role)]


def _shows(frame: Frame, done: Operation) -> bool:
    """Whether it shows what is worked on; where only some edges are meant, as one of them was sewn."""
    cloths, meant = _of(frame.items, done), {(use.piece, use.key) for use in done.edges}
    lines = [i for i in frame.items if isinstance(i, Line) and i.kind == "sew" and i.use is not None]
    sewn = [i for i in lines if i.use is not None and (i.use.piece, i.use.key) in meant and _on(i, cloths)]
    return bool(sewn if meant and done.cuts == "corners" else cloths)


def _on(line: Line, cloths: Sequence[Cloth]) -> bool:
    """Whether a line is drawn on one of some cloths."""
    middle = shapely.LineString(line.path).interpolate(0.5, normalized=True)
    return any(shapely.Polygon(cloth.outline).buffer(1.0).contains(middle) for cloth in cloths)


def _curved(frame: Frame) -> bool:
    return any(isinstance(item, Line) and item.kind == "sew" and any(_bent(item.path)) for item in frame.items)


def _trimmed(moment: Moment, frame: Frame, done: Operation) -> Scene:
    items = [
        Line("sewn", i.path, i.use, i.hidden) if isinstance(i, Line) and i.kind == "sew" else i for i in frame.items
    ]
    over = ("start", "stop", "gap-end")
    items = [i for i in items if not isinstance(i, (Arrow, Note)) and not (isinstance(i, Spot) and i.kind in over)]
    left, low, right, high = frame.box
    size = max(right - left, high - low, 1.0)
    rings = [i for i in items if isinstance(i, Cloth)]
    # What was sewn on a lower cloth stays under an upper.
    under = max((nth for nth, i in enumerate(items) if isinstance(i, Cloth)), default=-1) + 1
    below = [i for i in items[:under] if isinstance(i, (Cloth, Line))]
    scene = Scene(below, [i for i in items[:under] if not isinstance(i, (Cloth, Line))] + items[under:])
    sewn = [i for i in frame.items if isinstance(i, Line) and i.kind == "sew"]
    lines = [i for i in sewn if i.use is not None and not i.hidden and len(i.path) > 1]
    if done.cuts == "corners":
        every = [i for i in items if isinstance(i, Line) and i.kind in ("sewn", "open") and not i.hidden]
        now = [i for i in frame.items if isinstance(i, Line) and i.kind in ("sew", "open") and not i.hidden]
        only = {(use.piece, use.key) for use in done.edges}
        if only:
            # Both that lie on each other are cut as one.
            rings = _of(rings, done)[-1:]
            every, now = ([line for line in drawn if _on(line, rings)] for drawn in (every, now))
        # A lining in two parts is sewn by the edges of its parts; their join was sewn before.
        named = [moment.by_id[id] for id in done.pieces]
        ways = ((named, every), (moment.draft.pieces, now), (moment.draft.pieces, every))
        found = (tuple(corners_off(pieces, rings, lines, only)) for pieces, lines in ways)
        for corner in next(filter(None, found), ()) or (ends_off(rings, now) if only else ()):
            scene.line("cut", corner)
        return scene
    for line in lines:
        _cut_beside(scene, done, line, rings, size)
    return scene


def _cut_beside(scene: Scene, done: Operation, line: Line, rings: Sequence[Cloth], size: float) -> None:
    path = shapely.LineString(line.path)
    wide = 0.045 * size
    if done.cuts == "beside":
        beside = path.parallel_offset(wide * 0.6, _outside(line, rings, wide))
        # Round a sharp turn it comes in parts.
        for part in getattr(beside, "geoms", [beside]):
            scene.line("cut", [(x, y) for x, y in part.coords])
    elif done.cuts == "clips":
        side = 1.0 if _outside(line, rings, wide) == "left" else -1.0
        bent = list(_bent(line.path))
        # A short bend of something long is clipped more than once too.
        apart = min(_CLIPS * size, max(_LEAST * size, sum(end - start for start, end in bent) / 6))
        wide = min(wide, 1.2 * apart)
        for at in _spaced(bent, apart, _LEAST * size / 2):
            a, b = path.interpolate(at - 0.5), path.interpolate(at + 0.5)
            length = math.hypot(b.x - a.x, b.y - a.y) or 1.0
            nx, ny = -(b.y - a.y) / length * side, (b.x - a.x) / length * side
            scene.line("cut", [(a.x + nx * wide * 0.25, a.y + ny * wide * 0.25), (a.x + nx * wide, a.y + ny * wide)])


def _spaced(bent: Sequence[tuple[float, float]], apart: float, least: float) -> Iterator[float]:
    """Places about so far apart in each bend, one at least in the middle of what is no shorter than ``least``."""
    bends: list[tuple[float, float]] = []
    for start, end in bent:
        before = bends.pop() if bends and start <= bends[-1][1] + 1e-6 else (start, end)
        bends.append((before[0], end))
    for start, end in bends:
        if end - start < least:
            continue
        times = max(1, round((end - start) / apart))
        yield from (start + (end - start) * (nth + 0.5) / times for nth in range(times))


def _bent(points: Sequence[Point]) -> Iterator[tuple[float, float]]:
    """From where to where along a drawn line it bends (mm): of what runs straight nothing is clipped, and a corner is none of it."""
    legs = list(pairwise(_apart(points)))
    lengths = [math.dist(*leg) for leg in legs]
    curves = [_STRAIGHT < _turn(one, other) < CORNER for one, other in pairwise(legs)]
    gone = 0.0
    for nth, length in enumerate(lengths):
        # A straight part between two curves is longer than what these are drawn in.
        beside = [lengths[other] for other in (nth - 1, nth + 1) if 0 <= other < len(lengths)]
        if any(curves[max(0, nth - 1) : nth + 1]) and length <= 2 * min(beside):
            yield gone, gone + length
        gone += length


def _apart(points: Sequence[Point]) -> list[Point]:
    """Without those that lie on the one before as good as: where curves were cut short they leave crumbs."""
    kept = [points[0]]
    for point in points[1:]:
        if math.dist(point, kept[-1]) > _CRUMB:
            kept.append(point)
    return kept


def _turn(one: tuple[Point, Point], other: tuple[Point, Point]) -> float:
    """How far a line turns from one part to the next (radians)."""
    ways = [math.atan2(b[1] - a[1], b[0] - a[0]) for a, b in (one, other)]
    return abs((ways[1] - ways[0] + math.pi) % (2 * math.pi) - math.pi)


def _outside(line: Line, rings: Sequence[Cloth], wide: float) -> str:
    """On which side of a seam its allowance lies: where less cloth is."""
    cloth = shapely.Polygon(rings[-1].outline).buffer(0) if rings else None
    path = shapely.LineString(line.path)
    if cloth is None:
        return "left"
    left, right = (path.buffer(way * wide * 3, single_sided=True).intersection(cloth).area for way in (1, -1))
    return "left" if left < right else "right"
