"""What is no longer flat, seen from a corner above: the finished surface in space, projected."""

from __future__ import annotations

import math
from collections.abc import Iterable, Sequence
from functools import cached_property

import numpy as np
import shapely
from numpy.typing import NDArray

from ..frozen import frozen
from ..pattern import Facet
from ..pattern.solid import Point3
from ..plane import Point, Segment, along_path, flatten

_Vector = NDArray[np.float64]
# A copy of a piece, as the sewn surface knows it.
Key = tuple[str, str]
Box = tuple[float, float, float, float]

# From where it is seen: so far round to the right, and so far above the table (degrees).
_ROUND, _ABOVE = 28.0, 24.0
# Nothing smaller is drawn (mm2).
_SPECK = 2.0
# So few flat parts are not parted any more.
_FEW = 8
# What is apart by no more is drawn as one (mm).
_HAIR = 0.2
# What is left of something is told so finely (mm).
_GRID = 0.01
# What is carried lies on a facet where it is no farther from it (mm), and level with it (cosine). Edge on is what shows less of itself (cosine).
_ON, _LEVEL, _EDGE_ON = 6.5, 0.995, 1e-3
# What lies on something is drawn so far off it at most, where nothing lies between (mm).
_LIFTED = 1.5
# So small a share of what lies behind something is not drawn.
_CRUMB = 0.02
# What stands no farther apart is one thing (mm).
_TOUCHES = 5.0
# Farther than anything (mm).
_FAR = 1e9
# A stitch line that is drawn a little beside the surface still lies on it (mm).
_NEAR = 6.0


@frozen
class Seen:
    """What is seen of a copy: whether its ``outside`` is, its outline, what is cut out of it, how near it is, and how large (mm2)."""

    piece: str
    copy: str
    outside: bool
    ring: tuple[Point, ...]
    holes: tuple[tuple[Point, ...], ...]
    depth: float
    area: float


@frozen
class Found:
    """A point of the surface: where it is seen, whether what it lies on shows its outside there, and where it is in space."""

    at: Point
    outside: bool
    space: Point3


class Surface:
    """A sewn form as it is seen: with the ``base_up``, as it is held to sew a base in, or standing."""

    def __init__(self, facets: Sequence[Facet], base_up: bool = False) -> None:
        self.facets, self.base_up = tuple(facets), base_up
        turn, rise = math.radians(_ROUND), math.radians(_ABOVE)
        over = np.array([1.0, -1.0, -1.0] if base_up else [1.0, 1.0, 1.0])
        right = np.array([math.cos(turn), math.sin(turn), 0.0])
        back = np.array([-math.sin(turn), math.cos(turn), 0.0])
        up = np.array([0.0, 0.0, 1.0])
        self._axes = np.array([right, back * math.sin(rise) + up * math.cos(rise)]) * over
        self._toward = (-back * math.cos(rise) + up * math.sin(rise)) * over
        self._of: dict[Key, list[int]] = {}
        for i, facet in enumerate(self.facets):
            self._of.setdefault((facet.piece, facet.copy), []).append(i)
        self._seen: dict[tuple[Key, frozenset[Key]], tuple[Seen, ...]] = {}
        # The same edges are asked for step after step.
        self._known: dict[tuple[Key, Point], Found | None] = {}

    def lies_open(self, key: Key) -> bool:
        """Whether a copy is part of the form's own surface, not only carried by it."""
        return any(self.facets[i].flat for i in self._of.get(key, ()))

    def bends(self, key: Key) -> bool:
        """Whether a copy is drawn in slices of something round."""
        return any(self.facets[i].smooth for i in self._of.get(key, ())[:1])

    def folds(self, key: Key, path: Sequence[Segment]) -> list[float]:
        """How far along a path on a copy it comes from one of its parts to the next (mm): there it bends."""
        parts = [self.facets[i].flat for i in self._of.get(key, ())]
        corners = (along_path(path, corner) for corner in {corner for part in parts for corner in part})
        found = [at for at in corners if at is not None]
        if len(found) < 2:
            # That of a smaller lining runs beside the edge it is drawn for.
            line = shapely.LineString([*flatten(path), path[-1].end])
            crossed = shapely.intersection(line, shapely.MultiLineString([[*part, part[0]] for part in parts if part]))
            found += [line.project(shapely.Point(point)) for point in shapely.get_coordinates(crossed)]
        return sorted({round(at, 3) for at in found})

    @property
    def keys(self) -> Iterable[Key]:
        """The copies that are part of it."""
        return self._of

    def place(self, points: Sequence[Point3] | _Vector) -> _Vector:
        """Where points in space are seen (n, 2)."""
        return np.asarray(np.asarray(points, dtype=np.float64).reshape(-1, 3) @ self._axes.T)

    @cached_property
    def _flat(self) -> tuple[list[_Vector], NDArray[np.bool_], _Vector]:
        """Of each facet: its outline as it is seen, whether its outside is, and how near it is. The outside looks away from the middle of what
        stands there."""
        corners = [len(facet.space) for facet in self.facets]
        points = np.array([p for facet in self.facets for p in facet.space])
        starts = np.concatenate([[0], np.cumsum(corners)[:-1]])
        following = np.arange(len(points)) + 1
        following[starts + np.array(corners) - 1] = starts
        # Newell's normal: of a polygon in space, of any number of corners.
        normals = np.add.reduceat(np.cross(points, points[following]), starts, axis=0)
        middles = np.add.reduceat(points, starts, axis=0) / np.array(corners)[:, None]
        out = np.einsum("ij,ij->i", normals, middles - self._centres(middles))
        outside = (normals @ self._toward) * np.sign(out) > 0
        # What lies in one plane with the middle has no outside: it is seen from its right side.
        outside |= np.abs(out) < 1e-6 * np.maximum(np.linalg.norm(normals, axis=1), 1e-9)
        return np.split(self.place(points), starts[1:]), outside, middles @ self._toward

    @cached_property
    def _planes(self) -> tuple[_Vector, _Vector, _Vector]:
        """Of each facet as it is seen (right, up, towards who looks): its middle, the way straight out of it, and how near its plane is at
        ``(x, y)``: ``(a, b, c)`` of ``a x + b y + c`` (mm), far away where it is seen edge on."""
        axes = np.vstack([self._axes, self._toward])
        middles, normals, near = (np.zeros((len(self.facets), 3)) for _ in range(3))
        for nth, facet in enumerate(self.facets):
            points = np.array(facet.space) @ axes.T
            normal = np.cross(points, np.roll(points, -1, axis=0)).sum(axis=0)
            middles[nth], normals[nth] = points.mean(axis=0), normal / (np.linalg.norm(normal) or 1.0)
            a, b = -normals[nth, :2] / normals[nth, 2] if abs(normals[nth, 2]) > _EDGE_ON else (0.0, 0.0)
            c = middles[nth] @ (-a, -b, 1.0) if abs(normals[nth, 2]) > _EDGE_ON else -_FAR
            near[nth] = a, b, c
        return middles, normals, near

    @cached_property
    def _rings(self) -> NDArray[np.object_]:
        """Each facet as it is seen."""
        found = [shapely.Polygon(ring if len(ring) > 2 else None) for ring in self._flat[0]]
        return np.asarray(shapely.make_valid(np.array(found, dtype=object)))

    def _host(self, nth: int, others: NDArray[np.intp]) -> int | None:
        """Which of others a facet lies on, beside it and level with it, of those round a bend the most level; None where it lies on none."""
        middles, normals, _ = self._planes
        apart = np.abs(np.einsum("ij,ij->i", middles[nth] - middles[others], normals[others]))
        level = np.abs(normals[others] @ normals[nth])
        on = (apart < _ON) & (level > _LEVEL)
        on[on] = shapely.distance(self._rings[others[on]], shapely.Point(middles[nth, :2])) < _ON
        return int(others[on][np.argmax(level[on])]) if on.any() else None

    def _uncovered(self, which: Sequence[int], by: Iterable[Key]) -> Sequence[shapely.Geometry]:
        """What is seen of a part that others carry: nothing of it where it lies on the side of one that looks away, else what those leave that are
        well before it. A part that stands off from them, as a handle does or the tails of a bow, is drawn before it all. Of the form's own surface,
        what those leave that are before it."""
        whole = [shapely.Polygon(self._flat[0][nth]) for nth in which]
        others = np.array([i for key in by for i in self._of.get(key, ())], dtype=np.intp)
        own = all(self.facets[nth].flat for nth in which)
        hosts = [None if own or not len(others) else self._host(nth, others) for nth in which]
        if not len(others) or (None in hosts and not own):
            return whole
        middles, normals, near = self._planes
        tree = shapely.STRtree(self._rings[others])
        found = []
        for nth, host, shape in zip(which, hosts, self._rings[list(which)], strict=True):
            if host is not None and (near[host] - near[nth]) @ (*middles[nth, :2], 1.0) > 0:
                found.append(shapely.Polygon())
                continue
            over = others[tree.query(shape, "intersects")]
            both = shapely.intersection(self._rings[over], shape)
            at = shapely.point_on_surface(both)
            points = np.column_stack([shapely.get_x(at), shapely.get_y(at), np.ones(len(at))])
            nearer = np.einsum("ij,ij->i", near[over] - near[nth], points)
            # Of what it lies on round a bend all is as near, but for how far it is lifted off.
            level = np.abs(normals[over] @ normals[nth]) > _LEVEL
            far = np.where(level & (not own), _ON, _HAIR if own else _LIFTED)
            before = both[(over != host) & (shapely.area(both) > _GRID) & (nearer > far)]
            # Without the slivers between what runs beside each other.
            found.append(shapely.set_precision(shapely.difference(shape, shapely.union_all(before)), _GRID))
        return found

    def _centres(self, middles: _Vector) -> _Vector:
        """The middle of what each facet is part of, or nearest to: a mat lies beside the bag it goes with."""
        boxes: list[_Vector] = []
        for which in self._of.values():
            points = [p for i in which if self.facets[i].flat for p in self.facets[i].space]
            box = np.array([np.min(points, axis=0), np.max(points, axis=0)]) if points else None
            # What touches another is one with it.
            while box is not None:
                near = [
                    k
                    for k, b in enumerate(boxes)
                    if (b[0] - _TOUCHES <= box[1]).all() and (box[0] <= b[1] + _TOUCHES).all()
                ]
                if not near:
                    boxes.append(box)
                    break
                other = boxes.pop(near[0])
                box = np.array([np.minimum(box[0], other[0]), np.maximum(box[1], other[1])])
        low, high = np.array(boxes)[:, 0], np.array(boxes)[:, 1]
        outside = np.maximum(np.maximum(low - middles[:, None], middles[:, None] - high), 0.0)
        return np.asarray(((low + high) / 2)[np.argmin(np.linalg.norm(outside, axis=2), axis=1)])

    def seen(self, keys: Iterable[Key], before: Iterable[Key] = ()) -> list[Seen]:
        """What is seen of some copies, what is behind first; of what lies under others ``before`` it only what those leave."""
        by = frozenset(before)
        found = [seen for key in keys for seen in self._of_copy(key, by)]
        return sorted(found, key=lambda s: (s.outside, s.depth))

    def _of_copy(self, key: Key, by: frozenset[Key]) -> tuple[Seen, ...]:
        if (key, by) not in self._seen:
            rings, outside, near = self._flat
            every = [i for i in self._of.get(key, ()) if len(rings[i]) > 2]
            shapes = dict(zip(every, self._uncovered(every, by), strict=True))
            # What is left of something at the edge of what covers it tells nobody anything.
            least = _CRUMB * sum(shapely.area(self._rings[every])) if by else 0.0
            found = []
            for out in (False, True):
                which = [i for i in every if bool(outside[i]) is out]
                depth = float(np.mean(near[which])) if which else 0.0
                for part in (part for part in merged([shapes[i] for i in which]) if part.area >= least):
                    ring, *holes = (
                        tuple(map(tuple, shapely.get_coordinates(r)))[:-1] for r in (part.exterior, *part.interiors)
                    )
                    found.append(Seen(*key, out, ring, tuple(holes), depth, float(part.area)))
            self._seen[key, by] = tuple(found)
        return self._seen[key, by]

    def box(self, keys: Iterable[Key]) -> Box:
        """What some copies fill as they are seen: left, low, right, high (mm)."""
        rings = np.concatenate([self._flat[0][i] for key in keys for i in self._of[key]])
        (left, low), (right, high) = rings.min(axis=0), rings.max(axis=0)
        return float(left), float(low), float(right), float(high)

    def heights(self, keys: Iterable[Key]) -> tuple[float, float]:
        """How low and how high some copies reach in space (mm)."""
        every = [p[2] for key in keys for i in self._of[key] for p in self.facets[i].space]
        return min(every), max(every)

    @cached_property
    def _boxes(self) -> _Vector:
        """The box round each facet on its piece."""
        # What is carried is nowhere on a piece.
        nowhere = ((math.inf, math.inf), (math.inf, math.inf))
        flats = [facet.flat or nowhere for facet in self.facets]
        return np.array([(*np.min(flat, axis=0), *np.max(flat, axis=0)) for flat in flats])

    def on(self, key: Key, point: Point) -> Found | None:
        """Where a point of a copy is seen; None where it is not shown."""
        if (key, point) not in self._known:
            self._known[key, point] = self._find(key, point)
        return self._known[key, point]

    def _find(self, key: Key, point: Point) -> Found | None:
        which = self._of.get(key)
        if not which:
            return None
        boxes, (x, y) = self._boxes[which], point
        away = np.maximum(np.maximum(boxes[:, 0] - x, x - boxes[:, 2]), np.maximum(boxes[:, 1] - y, y - boxes[:, 3]))
        best, at = _NEAR, -1
        for nth in np.argsort(away, kind="stable"):
            if away[nth] > best:
                break
            far = _away(self.facets[which[nth]].flat, point)
            if far < best or at < 0:
                best, at = far, which[nth]
            if far <= 0:
                break
        if at < 0 or best > _NEAR:
            # What is turned in beyond the edge of the form is seen at that edge.
            near = [(_nearest(self.facets[i].flat, point), i) for i in which if self.facets[i].flat]
            if not near:
                return None
            point, at = min(near, key=lambda n: math.dist(n[0], (x, y)))
        space = _carried(self.facets[at], point)
        u, v = self.place([space])[0]
        return Found((float(u), float(v)), bool(self._flat[1][at]), space)


def merged(shapes: Sequence[shapely.Geometry]) -> list[shapely.Polygon]:
    """Flat parts that touch, as one, without the specks in it."""
    polygons = shapely.get_parts(np.array(shapes, dtype=object))
    polygons = polygons[shapely.get_type_id(polygons) == shapely.GeometryType.POLYGON]
    polygons = polygons[shapely.area(polygons) > 1e-3] if len(polygons) else polygons
    if not len(polygons):
        return []
    whole = _joined(polygons)
    whole = shapely.simplify(whole, _HAIR)
    parts = [part for part in getattr(whole, "geoms", [whole]) if part.geom_type == "Polygon" and part.area >= _SPECK]
    return [
        shapely.Polygon(part.exterior, [ring for ring in part.interiors if shapely.Polygon(ring).area >= _SPECK])
        for part in parts
    ]


def _joined(polygons: NDArray[np.object_]) -> shapely.Geometry:
    """As one: at once where they lie beside each other as they are seen, else half by half; what is no wider than a hair between them is
    closed."""
    try:
        whole = shapely.coverage_union_all(polygons)
    except shapely.GEOSException:
        whole = None
    if whole is not None and shapely.is_valid(whole):
        return whole
    if len(polygons) > _FEW:
        half = len(polygons) // 2
        polygons = np.array([_joined(polygons[:half]), _joined(polygons[half:])], dtype=object)
    wide = shapely.buffer(polygons, _HAIR, join_style="mitre", quad_segs=1)
    return shapely.buffer(shapely.union_all(wide), -_HAIR, join_style="mitre", quad_segs=1)


def _away(ring: Sequence[Point], p: Point) -> float:
    """How far a point lies outside an outline (mm), nothing inside."""
    x, y = p
    within, nearest = False, math.inf
    ax, ay = ring[-1]
    for bx, by in ring:
        if (ay > y) != (by > y) and x < (bx - ax) * (y - ay) / (by - ay) + ax:
            within = not within
        dx, dy = bx - ax, by - ay
        share = max(0.0, min(1.0, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy or 1.0)))
        nearest = min(nearest, math.hypot(x - ax - share * dx, y - ay - share * dy))
        ax, ay = bx, by
    return 0.0 if within else nearest


def _nearest(ring: Sequence[Point], p: Point) -> Point:
    """The point of an outline that is nearest."""
    found = []
    for (ax, ay), (bx, by) in zip(ring, (*ring[1:], ring[0]), strict=True):
        dx, dy = bx - ax, by - ay
        share = max(0.0, min(1.0, ((p[0] - ax) * dx + (p[1] - ay) * dy) / (dx * dx + dy * dy or 1.0)))
        found.append((ax + share * dx, ay + share * dy))
    return min(found, key=lambda q: math.dist(p, q))


def _carried(facet: Facet, point: Point) -> Point3:
    """The point in space of a point on a facet: by the three of its corners that span it best."""
    (ax, ay), corners = facet.flat[0], range(1, len(facet.flat))
    i, j, det = 1, 2, 0.0
    for m in corners:
        for n in range(m + 1, len(facet.flat)):
            (bx, by), (cx, cy) = facet.flat[m], facet.flat[n]
            size = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax)
            if abs(size) > abs(det):
                i, j, det = m, n, size
    det = det or 1.0
    (bx, by), (cx, cy), x, y = facet.flat[i], facet.flat[j], point[0] - ax, point[1] - ay
    s, t = (x * (cy - ay) - y * (cx - ax)) / det, ((bx - ax) * y - (by - ay) * x) / det
    a, b, c = facet.space[0], facet.space[i], facet.space[j]
    u, v, w = (p + s * (q - p) + t * (r - p) for p, q, r in zip(a, b, c, strict=True))
    return u, v, w
