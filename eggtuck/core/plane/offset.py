"""Moving an outline outward, segment by segment, each by its own seam allowance.

Lines stay lines and arcs stay arcs. At a corner the moved segments are extended or shortened to where
they meet (a mitre, also at inner corners); where they run on smoothly with different distances a square
step joins them, and an over-long mitre is cut off square.
"""

from __future__ import annotations

import math
from collections.abc import Sequence

from ..errors import EggTuckError
from ..frozen import frozen
from .segment import Point, Segment

_SMOOTH = 1e-7
MITRE_LIMIT = 4.0
# Unlike allowances at a corner so shallow that their lines meet this far along (in allowances) are stepped square.
SHALLOW = 1.5


class OffsetError(EggTuckError):
    """The allowance swallows a segment. ``index`` is the segment in the outline given."""

    def __init__(self, index: int) -> None:
        super().__init__(f"segment {index} vanishes when it is moved")
        self.index = index


@frozen
class _Carrier:
    """The line or circle a moved segment lies on."""

    point: Point
    direction: Point
    radius: float
    turn: float

    @classmethod
    def of(cls, s: Segment, distance: float, t: Point, index: int) -> _Carrier:
        if s.bulge == 0:
            p = (s.start[0] + t[1] * distance, s.start[1] - t[0] * distance)
            return cls(p, t, math.inf, 0.0)
        radius = s.radius + (distance if s.bulge > 0 else -distance)
        if radius <= 1e-9:
            raise OffsetError(index)
        return cls(s.center, (0.0, 0.0), radius, 1.0 if s.bulge > 0 else -1.0)

    @property
    def straight(self) -> bool:
        return self.turn == 0.0


def offset_outline(outline: Sequence[Segment], distances: Sequence[float]) -> tuple[Segment, ...]:
    """The outline moved outward (to the right of travel) by one distance per segment.

    Args:
        outline: closed and anticlockwise.
        distances: one for each segment (mm); negative ones move inward.

    Returns:
        A closed outline in the same order, with joining segments where they are needed.

    Raises:
        OffsetError: a segment would vanish or turn round.

    Example:
        >>> from eggtuck.core.plane import bounds, polyline
        >>> square = polyline([(0.0, 0.0), (10.0, 0.0), (10.0, 10.0), (0.0, 10.0), (0.0, 0.0)])
        >>> bounds(offset_outline(square, [1.0, 2.0, 1.0, 2.0]))
        (-2.0, -1.0, 12.0, 11.0)
    """
    count = len(outline)
    begins = [s.tangent() for s in outline]
    ends = [s.tangent(at_end=True) if s.bulge else begin for s, begin in zip(outline, begins, strict=True)]
    carriers = [_Carrier.of(*told, i) for i, told in enumerate(zip(outline, distances, begins, strict=True))]
    after = [*range(1, count), 0]
    joints = [
        _joint(outline[i].end, ends[i], begins[j], carriers[i], carriers[j], distances[i], distances[j])
        for i, j in enumerate(after)
    ]
    moved: list[Segment] = []
    for i, (segment, carrier) in enumerate(zip(outline, carriers, strict=True)):
        start, end = joints[i - 1][-1], joints[i][0]
        moved.append(_between(segment, carrier, start, end, i))
        moved += (Segment(a, b) for a, b in zip(joints[i], joints[i][1:], strict=False))
    kept = tuple(s for s in moved if s.chord > 1e-9 or abs(s.bulge) > 1)
    if len(kept) < 2:
        raise OffsetError(0)
    return kept


def _between(original: Segment, carrier: _Carrier, start: Point, end: Point, index: int) -> Segment:
    if carrier.straight:
        along = (end[0] - start[0]) * carrier.direction[0] + (end[1] - start[1]) * carrier.direction[1]
        if along < -1e-9:
            raise OffsetError(index)
        return Segment(start, end)
    cx, cy = carrier.point
    first = math.atan2(start[1] - cy, start[0] - cx)
    last = math.atan2(end[1] - cy, end[0] - cx)
    swept = ((last - first) * carrier.turn) % (2 * math.pi)
    original_sweep = abs(original.angle)
    if swept > 2 * math.pi - 1e-9:
        swept = 0.0
    # An arc shortened past nothing comes out as almost a full turn.
    if swept - original_sweep > math.pi:
        raise OffsetError(index)
    return Segment(start, end, carrier.turn * math.tan(swept / 4))


def _joint(vertex: Point, u: Point, v: Point, ca: _Carrier, cb: _Carrier, da: float, db: float) -> tuple[Point, ...]:
    """The points that join one moved segment, coming along ``u`` to a ``vertex``, to the next, going on along ``v``: one for a mitre,
    more where a step is needed."""
    pa = (vertex[0] + u[1] * da, vertex[1] - u[0] * da)
    pb = (vertex[0] + v[1] * db, vertex[1] - v[0] * db)
    cross = u[0] * v[1] - u[1] * v[0]
    dot = u[0] * v[0] + u[1] * v[1]
    if abs(cross) < _SMOOTH and dot > 0:
        return (pa,) if abs(da - db) < 1e-9 else (pa, pb)
    if abs(cross) < _SMOOTH:
        return (pa, pb)
    mitre = _corner(pa, u, pb, v, cross)
    meeting = mitre if ca.straight and cb.straight else _nearest_meeting(ca, cb, mitre)
    if meeting is None:
        return (pa, pb)
    longest = max(abs(da), abs(db))
    reach = math.hypot(meeting[0] - vertex[0], meeting[1] - vertex[1])
    along = math.sqrt(max(0.0, reach * reach - min(da * da, db * db)))
    if dot > 0 and abs(da - db) > 1e-9 and (reach > MITRE_LIMIT * longest or along > SHALLOW * longest):
        # A shallow corner between unlike allowances: step square, as where they run on smoothly.
        return (pa, pb)
    if cross * (da + db) > 0 and reach > MITRE_LIMIT * longest > 0:
        return ((pa[0] + u[0] * longest, pa[1] + u[1] * longest), (pb[0] - v[0] * longest, pb[1] - v[1] * longest))
    return (meeting,)


def _corner(p: Point, u: Point, q: Point, v: Point, cross: float) -> Point:
    along = ((q[0] - p[0]) * v[1] - (q[1] - p[1]) * v[0]) / cross
    return (p[0] + u[0] * along, p[1] + u[1] * along)


def _nearest_meeting(a: _Carrier, b: _Carrier, near: Point) -> Point | None:
    if a.straight:
        found = _line_circle(a, b)
    elif b.straight:
        found = _line_circle(b, a)
    else:
        found = _circles(a, b)
    return min(found, key=lambda p: math.hypot(p[0] - near[0], p[1] - near[1]), default=None)


def _line_circle(line: _Carrier, circle: _Carrier) -> list[Point]:
    ox, oy = line.point[0] - circle.point[0], line.point[1] - circle.point[1]
    half = ox * line.direction[0] + oy * line.direction[1]
    inside = half * half - (ox * ox + oy * oy - circle.radius**2)
    if inside < 0:
        return []
    root = math.sqrt(inside)
    return [
        (line.point[0] + line.direction[0] * t, line.point[1] + line.direction[1] * t)
        for t in (-half - root, -half + root)
    ]


def _circles(a: _Carrier, b: _Carrier) -> list[Point]:
    dx, dy = b.point[0] - a.point[0], b.point[1] - a.point[1]
    apart = math.hypot(dx, dy)
    if apart < 1e-12:
        return []
    along = (apart**2 + a.radius**2 - b.radius**2) / (2 * apart)
    square = a.radius**2 - along**2
    if square < 0:
        return []
    off = math.sqrt(square)
    mx, my = a.point[0] + dx * along / apart, a.point[1] + dy * along / apart
    return [(mx - dy * off / apart, my + dx * off / apart), (mx + dy * off / apart, my - dx * off / apart)]
