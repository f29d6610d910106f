"""What a form carries, in space: pockets and tabs laid on its cloth, straps over its top, bands that go on from an edge.

Everything is made of flat polygons. Nothing here encloses anything: the form's own facets do.
"""

from __future__ import annotations

import math
from collections.abc import Iterator, Sequence
from functools import cached_property
from itertools import pairwise

import numpy as np
import shapely
from numpy.typing import NDArray
from shapely.geometry.base import BaseGeometry

from ..pattern import Copy, Facet
from ..pattern.solid import Point3
from ..plane import Point

Loop = tuple[Point3, ...]
Box = tuple[float, float, float, float]
_Vector = NDArray[np.float64]

# How far over the cloth it lies on a part is drawn, so that it can be told from it (mm).
LIFT = 1.0
# A strap's arch is drawn in so many straight parts.
ARCH = 32
# So far round a point the flat part that holds it is looked for (mm).
_HAIR = 1.0
# Of the form's height, what counts as its top for the ends of a strap.
_TOP = 0.02


class Sewn:
    """A sewn form to lay things on: what is asked of its facets again and again, found once."""

    def __init__(self, facets: Sequence[Facet]) -> None:
        self.facets = facets
        self._by_piece: dict[str, list[Facet]] = {}
        self._lies: dict[int, _Lie] = {}
        self._reach: dict[tuple[str, Copy], tuple[list[Facet], tuple[_Vector, _Vector]]] = {}
        for facet in facets:
            self._by_piece.setdefault(facet.piece, []).append(facet)

    def of(self, piece: str, copy: Copy = "") -> list[Facet]:
        """The flat parts of a piece; where it is there twice, of its first copy or of that one."""
        every = self._by_piece.get(piece, [])
        which = copy if any(facet.copy == copy for facet in every) else every[0].copy if every else ""
        return [facet for facet in every if facet.copy == which]

    def within(self, piece: str, copy: Copy, box: Box) -> list[Facet]:
        """Those of its flat parts that can reach into a box on it (mm): of thousands it is a few."""
        found = self._reach.get((piece, copy))
        if found is None:
            every = self.of(piece, copy)
            found = self._reach[piece, copy] = every, _reach(every)
        every, (low, high) = found
        reaches = (low <= box[2:]).all(axis=1) & (high >= box[:2]).all(axis=1)
        return [every[nth] for nth in np.flatnonzero(reaches)]

    @cached_property
    def points(self) -> _Vector:
        """Every corner (n, 3)."""
        return np.array([p for facet in self.facets for p in facet.space])

    @cached_property
    def centre(self) -> _Vector:
        return np.asarray((self.points.max(axis=0) + self.points.min(axis=0)) / 2)

    @cached_property
    def top(self) -> _Vector:
        """Points along the sides that lie at the top, close enough for any place on it to be found."""
        highest = float(self.points[:, 2].max())
        low = highest - _TOP * max(1.0, highest)
        ends = [
            (a, b)
            for facet in self.facets
            for a, b in zip(facet.space, (*facet.space[1:], facet.space[0]), strict=True)
            if a[2] >= low and b[2] >= low
        ]
        if not ends:
            return np.asarray(self.points[self.points[:, 2] >= low])
        a, b = (np.array([end[i] for end in ends]) for i in range(2))
        shares = np.linspace(0.0, 1.0, 17)[:, None, None]
        return np.asarray(a + (b - a) * shares).reshape(-1, 3)

    def lie(self, facet: Facet) -> _Lie:
        """How a flat part lies, found once."""
        found = self._lies.get(id(facet))
        if found is None:
            found = self._lies[id(facet)] = _lie(facet, self.centre)
        return found

    @property
    def size(self) -> float:
        """The larger of height and width (mm)."""
        return float((self.points.max(axis=0) - self.points.min(axis=0)).max())


def laid(sewn: Sewn, piece: str, box: Box, lift: float = LIFT, copy: Copy = "") -> tuple[Loop, ...]:
    """A rectangle ``(left, low, right, high)`` of a piece (net coordinates, mm) as it lies on the sewn cloth, ``lift`` mm outside it;
    where a piece is there twice, on its first copy or on that one. Its area is that of the rectangle as far as the piece is shown."""
    found = []
    for facet in sewn.within(piece, copy, box):
        part = _clipped(facet.flat, box)
        # What only touches the box has no area.
        if abs(sum(_cross(part[0], p, q) for p, q in pairwise(part[1:]))) > 1e-3:
            found.append(sewn.lie(facet).places(part, lift))
    return tuple(found)


def worked(sewn: Sewn, piece: str, figure: BaseGeometry, lift: float = LIFT, copy: Copy = "") -> tuple[Loop, ...]:
    """A figure on a piece (net coordinates, mm) as it lies on the sewn cloth, as `laid`: in parts without holes."""
    found = []
    for facet in sewn.within(piece, copy, figure.bounds):
        for ring in _solid_parts(figure.intersection(shapely.Polygon(facet.flat))):
            found.append(sewn.lie(facet).places(ring, lift))
    return tuple(found)


def _solid_parts(shape: BaseGeometry) -> Iterator[list[Point]]:
    """Rings without holes that make up a shape; of what only touches, nothing."""
    for part in getattr(shape, "geoms", [shape]):
        if part.geom_type != "Polygon" or part.area < 1e-3:
            continue
        if not part.interiors:
            yield list(part.exterior.coords)[:-1]
            continue
        # Cut in two through the middle of a hole, until none is left.
        x0, y0, x1, y1 = part.bounds
        x = shapely.Polygon(part.interiors[0]).centroid.x
        for half in (shapely.box(x0, y0, x, y1), shapely.box(x, y0, x1, y1)):
            yield from _solid_parts(part.intersection(half))


def shape(sewn: Sewn, piece: str, flat: Sequence[Point], lift: float = LIFT) -> Loop:
    """Any outline that lies on one flat part of a piece, as `laid`."""
    return sewn.lie(sewn.of(piece)[0]).places(flat, lift)


def spot(sewn: Sewn, piece: str, at: Point, copy: Copy = "") -> tuple[Point3, Point3] | None:
    """Where a point of a piece lies in space, on its first copy or on that one, and which way its cloth looks there; None where it is not
    shown."""
    near = sewn.within(piece, copy, (at[0] - _HAIR, at[1] - _HAIR, at[0] + _HAIR, at[1] + _HAIR))
    # A point on a curved edge lies a little outside what is drawn of it, straight from corner to corner.
    facet = min(near, key=lambda one: _outside(one.flat, at), default=None)
    if facet is None or _outside(facet.flat, at) > _HAIR:
        return None
    lie = sewn.lie(facet)
    return lie.places([at], 0.0)[0], _point(lie.out)


def arch(start: Point3, end: Point3, length: float, width: float, most: float) -> tuple[Loop, ...]:
    """A strap ``length`` mm long and ``width`` wide from one point to another, arched upward as half an ellipse of that length.
    One that is shorter than the way is drawn straight, and of one that would rise over ``most`` mm only its ends are drawn."""
    p, q = np.array(start), np.array(end)
    half = float(np.linalg.norm(q - p)) / 2
    along = (q - p) / (2 * half) if half > 1e-6 else np.array([1.0, 0.0, 0.0])
    across = np.cross([0.0, 0.0, 1.0], along)
    size = float(np.linalg.norm(across))
    across = across / size * width / 2 if size > 1e-6 else np.array([0.0, width / 2, 0.0])
    # The ends of one that stands on a point lie beside each other.
    half = max(half, width / 2)
    middle, rise = (p + q) / 2, _rise(half, length)
    turns = [math.pi * (1 - i / ARCH) for i in range(ARCH + 1)]
    line = [middle + along * (half * math.cos(turn)) + np.array([0.0, 0.0, rise * math.sin(turn)]) for turn in turns]
    return tuple(
        (_point(a - across), _point(b - across), _point(b + across), _point(a + across))
        for a, b in pairwise(line)
        if max(a[2], b[2]) - middle[2] <= most
    )


def _rise(half: float, length: float) -> float:
    """How high half an ellipse over ``2 * half`` rises that is ``length`` long (bisection; 0 when the length does not reach)."""
    if length <= 2 * half:
        return 0.0
    turns = np.pi * np.arange(ARCH + 1) / ARCH
    along, up = np.diff(half * np.cos(turns)), np.diff(np.sin(turns))
    low, high = 0.0, length
    for _ in range(40):
        rise = (low + high) / 2
        if float(np.hypot(along, rise * up).sum()) < length:
            low = rise
        else:
            high = rise
    return (low + high) / 2


def upright(at: Point3, out: Point3, width: float, high: float) -> tuple[Loop, ...]:
    """A tab ``width`` wide that stands ``high`` mm up from a point of an edge whose cloth looks ``out``."""
    side = _level(out) * width / 2
    foot, rise = np.array(at), np.array([0.0, 0.0, high])
    return ((_point(foot - side), _point(foot + side), _point(foot + side + rise), _point(foot - side + rise)),)


def tails(at: Point3, out: Point3, width: float, long: float) -> tuple[Loop, ...]:
    """Two ends ``width`` wide that hang ``long`` mm down from a point whose cloth looks ``out``, no lower than the table."""
    side, foot = _level(out) * width, np.array(at) + np.array(out) * LIFT
    down = -min(long, float(at[2]))
    return tuple(loop for way in (-1, 1) for loop in upright(_point(foot + side * way), out, width, down))


def hoop(at: Point3, out: Point3, inner: float, bar: float = 2.0) -> tuple[Loop, ...]:
    """A ring ``inner`` mm inside that stands upright on a point, facing ``out``."""
    side = _level(out)
    middle = np.array(at) + np.array([0.0, 0.0, inner / 2])
    turns = [2 * math.pi * i / 24 for i in range(25)]

    def rim(turn: float, radius: float) -> Point3:
        return _point(middle + side * (radius * math.cos(turn)) + np.array([0.0, 0.0, radius * math.sin(turn)]))

    r = inner / 2
    return tuple((rim(a, r), rim(b, r), rim(b, r + bar), rim(a, r + bar)) for a, b in pairwise(turns))


def band(low: Sequence[Point3], rise: Point3) -> tuple[Loop, ...]:
    """A band along a line of points, going on from it by ``rise``."""
    up = np.array(rise)
    return tuple((a, b, _point(np.array(b) + up), _point(np.array(a) + up)) for a, b in pairwise(low))


def top_ends(sewn: Sewn) -> tuple[Point3, Point3]:
    """The two points of a form's top that lie farthest apart across it, or along it where it is longer that way."""
    points = sewn.top
    spread = points.max(axis=0) - points.min(axis=0)
    axis = 0 if spread[0] >= spread[1] - 1e-6 else 1
    values = points[:, axis]
    ends = []
    for far in (values.min(), values.max()):
        # In the middle of those that lie as far out.
        ends.append(_point(points[np.abs(values - far) < 0.5].mean(axis=0)))
    return ends[0], ends[1]


def top_loop(sewn: Sewn) -> list[Point3]:
    """The points of a round top in their order, the first again at the end."""
    highest = float(sewn.points[:, 2].max())
    points = {
        (round(p[0], 6), round(p[1], 6), p[2]) for facet in sewn.facets for p in facet.space if p[2] > highest - 1e-6
    }
    ring = sorted(points, key=lambda p: math.atan2(p[1], p[0]))
    return [*ring, ring[0]]


def _level(out: Point3) -> _Vector:
    """The level direction along cloth that looks ``out``."""
    side = np.array([-out[1], out[0], 0.0])
    size = float(np.linalg.norm(side))
    return side / size if size > 1e-6 else np.array([1.0, 0.0, 0.0])


class _Lie:
    """How a flat part lies in space: the way there from its flat corners, and which way its cloth looks."""

    __slots__ = ("_at", "_from", "_u", "_v", "out")

    def __init__(self, corner: Point, at: _Vector, u: _Vector, v: _Vector, out: _Vector) -> None:
        self._from, self._at, self._u, self._v, self.out = corner, at, u, v, out

    def places(self, points: Sequence[Point], lift: float) -> Loop:
        """Where points of the piece lie, ``lift`` mm outside it."""
        along, up = (np.array(points) - self._from).T[:, :, None]
        return tuple(map(tuple, (self._at + self._u * along + self._v * up + self.out * lift).tolist()))


def _reach(facets: Sequence[Facet]) -> tuple[_Vector, _Vector]:
    """The lower left and the upper right corner of each flat part on its piece (n, 2)."""
    if not facets:
        return np.empty((0, 2)), np.empty((0, 2))
    points = np.array([p for facet in facets for p in facet.flat])
    begins = np.cumsum([0, *(len(facet.flat) for facet in facets[:-1])])
    return np.minimum.reduceat(points, begins), np.maximum.reduceat(points, begins)


def _lie(facet: Facet, centre: _Vector) -> _Lie:
    """From three corners that are not in a line. Cloth looks away from the form's middle; towards the eye where it lies in it."""
    n = len(facet.flat)
    # Of many corners a few tell as well.
    some = range(1, n, max(1, n // 8))
    i, j, k = max(
        ((0, i, k) for i in some for k in some if k > i),
        key=lambda ijk: abs(_cross(facet.flat[ijk[0]], facet.flat[ijk[1]], facet.flat[ijk[2]])),
    )
    (ax, ay), (bx, by), (cx, cy) = facet.flat[i], facet.flat[j], facet.flat[k]
    p, q, r = (np.array(facet.space[index]) for index in (i, j, k))
    whole = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax)
    along, beside = q - p, r - p
    u = (along * (cy - ay) - beside * (by - ay)) / whole
    v = (beside * (bx - ax) - along * (cx - ax)) / whole
    (x0, y0, z0), (x1, y1, z1) = along, beside
    normal = np.array([y0 * z1 - z0 * y1, z0 * x1 - x0 * z1, x0 * y1 - y0 * x1])
    normal /= math.sqrt(float(normal @ normal)) or 1.0
    away = float(normal @ (np.add.reduce(np.array(facet.space)) / n - centre))
    if abs(away) < 1e-3:
        away = -float(normal[1])
    return _Lie((ax, ay), p, u, v, normal if away >= 0 else -normal)


def _clipped(flat: Sequence[Point], box: Box) -> list[Point]:
    """What of a convex outline lies in a box (cut along its four sides in turn)."""
    shape = list(flat)
    for axis, limit, above in ((0, box[0], True), (1, box[1], True), (0, box[2], False), (1, box[3], False)):
        kept: list[Point] = []
        for i, p in enumerate(shape):
            q = shape[(i + 1) % len(shape)]
            inside_p, inside_q = ((v[axis] >= limit) == above or v[axis] == limit for v in (p, q))
            if inside_p:
                kept.append(p)
            if inside_p != inside_q:
                share = (limit - p[axis]) / (q[axis] - p[axis])
                kept.append((p[0] + (q[0] - p[0]) * share, p[1] + (q[1] - p[1]) * share))
        shape = kept
    return shape


def _outside(flat: Sequence[Point], at: Point) -> float:
    """How far a point lies outside a convex outline, beyond the one of its sides it is farthest from (mm)."""
    sides = [(a, b) for a, b in zip(flat, (*flat[1:], flat[0]), strict=True) if a != b]
    away = [_cross(a, b, at) / math.dist(a, b) for a, b in sides]
    turn = sum(_cross(flat[0], a, b) for a, b in sides)
    return max(0.0, *(-one if turn > 0 else one for one in away))


def _cross(a: Point, b: Point, c: Point) -> float:
    return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0])


def _point(v: _Vector) -> Point3:
    return (float(v[0]), float(v[1]), float(v[2]))
