"""Allowances cut when their seams are sewn: clipped in a curve, off at corners, beside a dart."""

from __future__ import annotations

import math
from collections.abc import Iterable, Sequence

import shapely

from ..making.operation import Operation
from ..pattern.picture import Arrow, Cloth, Frame, Item, Line, Note, Spot
from ..plane import Point
from .moment import Moment
from .scene import Scene, box_of, spread

# A curve is drawn in more than so many points.
_BENDS = 8
# A clip in a curve is drawn so far from the next (share of the drawing), a corner cut off so far from its tip (mm).
_CLIPS, _OFF = 0.06, 8.0
# Between these a turn from one part of a drawn curve to the next is a curve's (radians).
_STRAIGHT, _CORNER = 1e-3, 0.6


def trimmed_frame(moment: Moment, done: Operation) -> Frame:
    """The seams that were sewn last, or every curve so far, with what is cut of their allowances."""
    if done.cuts != "clips":
        shown = (frame for frame in reversed(moment.seams) if _of(frame.items, done))
        return _trimmed(next(shown, moment.seams[-1]), done).frame()
    frames = [frame for frame in moment.seams if _curved(frame)] or moment.seams[-1:]
    return spread([_trimmed(frame, done) for frame in frames]).frame()


def _of(items: Sequence[Item], done: Operation) -> list[Cloth]:
    """The cloths of what it works on."""
    return [item for item in items if isinstance(item, Cloth) and item.piece in done.pieces]


def _curved(frame: Frame) -> bool:
    return any(isinstance(item, Line) and item.kind == "sew" and len(item.path) > _BENDS for item in frame.items)


def _trimmed(frame: Frame, done: Operation) -> Scene:
    items = [
        Line("sewn", i.path, i.use, i.hidden) if isinstance(i, Line) and i.kind == "sew" else i for i in frame.items
    ]
    over = ("start", "stop", "gap-end")
    items = [i for i in items if not isinstance(i, (Arrow, Note)) and not (isinstance(i, Spot) and i.kind in over)]
    left, low, right, high = frame.box
    size = max(right - left, high - low, 1.0)
    rings = [i for i in items if isinstance(i, Cloth)]
    scene = Scene(list(rings), [i for i in items if not isinstance(i, Cloth)])
    sewn = [i for i in frame.items if isinstance(i, Line) and i.kind == "sew"]
    for line in [i for i in sewn if i.use is not None and not i.hidden and len(i.path) > 1]:
        _cut_beside(scene, done, line, rings, size)
    return scene


def _cut_beside(scene: Scene, done: Operation, line: Line, rings: Sequence[Cloth], size: float) -> None:
    path = shapely.LineString(line.path)
    wide = 0.045 * size
    if done.cuts == "beside":
        scene.line("cut", [(x, y) for x, y in path.parallel_offset(wide * 0.6, _outside(line, rings, wide)).coords])
    elif done.cuts == "clips":
        side = 1.0 if _outside(line, rings, wide) == "left" else -1.0
        apart = _CLIPS * size
        for nth in range(math.ceil(path.length / apart - 0.5)):
            at = (nth + 0.5) * apart
            if not _bends(line.path, at, apart):
                continue
            a, b = path.interpolate(at - 0.5), path.interpolate(at + 0.5)
            length = math.hypot(b.x - a.x, b.y - a.y) or 1.0
            nx, ny = -(b.y - a.y) / length * side, (b.x - a.x) / length * side
            scene.line("cut", [(a.x + nx * wide * 0.25, a.y + ny * wide * 0.25), (a.x + nx * wide, a.y + ny * wide)])
    else:
        # What was laid on it, as a pocket, keeps its corners.
        for ring in (_of(rings, done) or list(rings))[-1:]:
            for corner in _corners(ring.outline):
                scene.line("cut", corner)


def _bends(points: Sequence[Point], at: float, near: float) -> bool:
    """Whether a seam bends within some way of a place on it: of what runs straight nothing is clipped, and a corner is none of it."""
    gone = 0.0
    for (ax, ay), (bx, by), (cx, cy) in zip(points, points[1:], points[2:], strict=False):
        gone += math.dist((ax, ay), (bx, by))
        turn = math.atan2(cy - by, cx - bx) - math.atan2(by - ay, bx - ax)
        if abs(gone - at) <= near and _STRAIGHT < abs((turn + math.pi) % (2 * math.pi) - math.pi) < _CORNER:
            return True
    return False


def _outside(line: Line, rings: Sequence[Cloth], wide: float) -> str:
    """On which side of a seam its allowance lies: where less cloth is."""
    cloth = shapely.Polygon(rings[-1].outline).buffer(0) if rings else None
    path = shapely.LineString(line.path)
    if cloth is None:
        return "left"
    left, right = (path.buffer(way * wide * 3, single_sided=True).intersection(cloth).area for way in (1, -1))
    return "left" if left < right else "right"


def _corners(ring: Sequence[Point]) -> Iterable[tuple[Point, Point]]:
    """A cut across each outward corner of an outline."""
    size = max(box_of(ring)[2] - box_of(ring)[0], 1.0)
    off = max(_OFF, 0.06 * size)
    for i, p in enumerate(ring):
        a, b = ring[i - 1], ring[(i + 1) % len(ring)]
        u, v = (a[0] - p[0], a[1] - p[1]), (b[0] - p[0], b[1] - p[1])
        lengths = math.hypot(*u), math.hypot(*v)
        if min(lengths) < off:
            continue
        turn = (u[0] * v[0] + u[1] * v[1]) / (lengths[0] * lengths[1])
        if turn > -0.5:
            one, other = ((p[0] + d[0] / n * off, p[1] + d[1] / n * off) for d, n in zip((u, v), lengths, strict=True))
            yield one, other
