"""Corners of allowances cut off, where two edges of a piece meet that are sewn."""

from __future__ import annotations

import math
from collections.abc import Collection, Iterator, Mapping, Sequence
from itertools import pairwise

import shapely

from ..pattern import Copy, Piece
from ..pattern.picture import Cloth, Line
from ..plane import Point, Segment
from ..shop import PIVOT
from .scene import box_of

# From such a turn on an outline has a corner (radians).
CORNER = math.radians(PIVOT)
# How much is cut off, at least (mm), and of a cloth's width; and which share of that is left beside the stitching.
_OFF, _SHARE, _LEFT = 8.0, 0.06, 0.25
# Points of a line that are nearer each other show no direction (mm).
_APART = 0.5
# Corners of two parts that are nearer each other are one place (mm).
_JOINED = 1.0


def corners_off(
    pieces: Sequence[Piece], cloths: Sequence[Cloth], sewn: Sequence[Line], only: Collection[tuple[str, str]] = ()
) -> Iterator[tuple[Point, Point]]:
    """A cut across each corner of these pieces at which stitching is drawn both ways, or goes to a fold; where only some edges are meant
    (each as its piece and key), of corners between two of them."""
    drawn: dict[tuple[str, Copy, str], list[Line]] = {}
    for line in sewn:
        if line.use is not None:
            drawn.setdefault((line.use.piece, line.use.copy, line.use.key), []).append(line)
    found: list[tuple[str, list[Cloth], Point, Point, Point]] = []
    for piece in pieces:
        for copy in piece.copies:
            own = [cloth for cloth in cloths if (cloth.piece, cloth.copy) == (piece.id, copy)]
            lines = {edge.key: drawn.get((piece.id, copy, edge.key), []) for edge in piece.edges}
            if only:
                lines = {key: along if (piece.id, key) in only else [] for key, along in lines.items()}
            found += ((piece.id, own, *corner) for corner in (*_corners(piece, lines), *_at_folds(piece, lines, own)))
    for id, own, p, u, v in found:
        if not any(other != id and _joins(own, cloth, p, q) for other, cloth, q, *_ in found):
            yield from _slantwise(p, u, v, own)


def ends_off(cloths: Sequence[Cloth], sewn: Sequence[Line]) -> Iterator[tuple[Point, Point]]:
    """A cut across either end of the stitching, where what is drawn stands, and of no other seam's stitching is drawn."""
    every = [end for line in sewn for end in _ends(line.path)] if cloths else []
    if every:
        for p, way in max(
            ((one, other) for one in every for other in every), key=lambda two: math.dist(two[0][0], two[1][0])
        ):
            yield from _slantwise(p, way, _inward(p, way, cloths), cloths)


def _slantwise(p: Point, u: Point, v: Point, own: Sequence[Cloth]) -> Iterator[tuple[Point, Point]]:
    """A cut across the corner at a place from which cloth goes on both ways."""
    x, y = -(u[0] + v[0]), -(u[1] + v[1])
    length = math.hypot(x, y)
    if length > 1e-6:
        x, y, off = x / length, y / length, _off(own)
        yield _across((p[0] + x * _LEFT * off, p[1] + y * _LEFT * off), (-y, x), off, _uppermost(own, p))


def _inward(p: Point, way: Point, cloths: Sequence[Cloth]) -> Point:
    """The way into the uppermost cloth, square to another from a place on its rim."""
    middle = shapely.Polygon(cloths[-1].outline).centroid
    side = math.copysign(1.0, way[0] * (middle.y - p[1]) - way[1] * (middle.x - p[0]))
    return -way[1] * side, way[0] * side


def _uppermost(own: Sequence[Cloth], p: Point) -> Sequence[Cloth]:
    """Of cloths from the bottom up the one whose corner is seen at a place; all of them where it is on none."""
    on = [c for c in own if shapely.Polygon(c.outline).buffer(_JOINED).contains(shapely.Point(p))]
    return on[-1:] or own


def _joins(own: Sequence[Cloth], other: Sequence[Cloth], p: Point, q: Point) -> bool:
    """Whether two corners of one cloth meet where its parts lie beside each other, joined: what is joined has none there."""
    if math.dist(p, q) >= _JOINED:
        return False
    pairs = [(one, another) for one in own for another in other if one.role == another.role]
    return bool(pairs) and not any(_lie_on_each_other(*pair) for pair in pairs)


def _lie_on_each_other(one: Cloth, other: Cloth) -> bool:
    areas = [shapely.make_valid(shapely.Polygon(cloth.outline)) for cloth in (one, other)]
    return bool(areas[0].intersection(areas[1]).area > _SHARE * min(area.area for area in areas))


def _corners(piece: Piece, lines: Mapping[str, Sequence[Line]]) -> Iterator[tuple[Point, Point, Point]]:
    """Each outward corner with its place in the drawing, and which way stitching goes on from there to both sides."""
    for one, other in zip(piece.edges, (*piece.edges[1:], piece.edges[0]), strict=True):
        if one.allowance <= 0 or not lines[one.key]:
            continue
        if any(_is_corner(a, b) for a, b in pairwise(one.path)):
            # On an edge that turns itself, where its line does.
            for line in lines[one.key]:
                points = [q for q, r in pairwise(line.path) if math.dist(q, r) > _APART] + [line.path[-1]]
                for a, p, b in zip(points, points[1:], points[2:], strict=False):
                    u, v = _way(p, a), _way(p, b)
                    if u[0] * v[0] + u[1] * v[1] > -math.cos(CORNER):
                        yield p, u, v
        if other.allowance > 0 and lines[other.key] and _is_corner(one.path[-1], other.path[0]):
            ends = [[end for line in lines[edge.key] for end in _ends(line.path)] for edge in (one, other)]
            pairs = [(math.dist(m[0], n[0]), m, n) for m in ends[0] for n in ends[1]]
            nearest = min(away for away, _, _ in pairs)
            # Outer and lining may lie there both, each with a corner of its own.
            seen: list[Point] = []
            for away, m, n in pairs:
                if away < nearest + _JOINED and all(math.dist(m[0], p) > _JOINED for p in seen):
                    seen.append(m[0])
                    yield m[0], m[1], n[1]


def _at_folds(
    piece: Piece, lines: Mapping[str, Sequence[Line]], own: Sequence[Cloth]
) -> Iterator[tuple[Point, Point, Point]]:
    """Where stitching along an edge ends at a fold the piece is sewn up on: the fold goes on from there across the cloth."""
    ends = [end for fold in piece.folds for end in (fold.line.start, fold.line.end)]
    for one, other in zip(piece.edges, (*piece.edges[1:], piece.edges[0]), strict=True):
        at = one.path[-1].end
        if not own or _is_corner(one.path[-1], other.path[0]) or all(math.dist(at, end) > _JOINED for end in ends):
            continue
        edge = one if lines[one.key] else other
        if edge.allowance > 0 and lines[edge.key]:
            p, way = _last(lines[edge.key], begins=edge is other)
            yield p, way, _inward(p, way, own)


def _last(lines: Sequence[Line], begins: bool) -> tuple[Point, Point]:
    """Where the stitching along an edge begins or ends, and which way it goes on from there."""
    first = lines[0]
    assert first.use is not None
    sign = -1.0 if begins != first.use.reversed else 1.0
    ux, uy = _way(first.path[0], first.path[-1])
    ends = [end for line in lines for end in _ends(line.path)]
    return max(ends, key=lambda end: sign * (end[0][0] * ux + end[0][1] * uy))


def _is_corner(one: Segment, other: Segment) -> bool:
    """Whether an outline, which runs anticlockwise, turns outward from one to the next."""
    (ax, ay), (bx, by) = one.tangent(at_end=True), other.tangent()
    return math.atan2(ax * by - ay * bx, ax * bx + ay * by) > CORNER


def _way(p: Point, q: Point) -> Point:
    length = math.dist(p, q) or 1.0
    return (q[0] - p[0]) / length, (q[1] - p[1]) / length


def _ends(path: Sequence[Point]) -> Iterator[tuple[Point, Point]]:
    """Both ends of a line, and which way it goes on from there."""
    yield path[0], _way(path[0], path[1])
    yield path[-1], _way(path[-1], path[-2])


def _off(cloths: Sequence[Cloth]) -> float:
    """How far from a corner is cut (mm)."""
    boxes = [box_of(cloth.outline) for cloth in cloths]
    return max([_OFF, *(_SHARE * min(right - left, high - low) for left, low, right, high in boxes)])


def _across(at: Point, way: Point, off: float, cloths: Sequence[Cloth]) -> tuple[Point, Point]:
    """A cut through a place from raw edge to raw edge, or to a fold; where none is drawn, so long both ways."""

    def far(sign: float) -> Point:
        return at[0] + sign * way[0] * off, at[1] + sign * way[1] * off

    areas = [shapely.make_valid(shapely.Polygon(cloth.outline)) for cloth in cloths]
    cut = shapely.LineString([far(3.0), far(-3.0)])
    parts = [part for area in areas for part in shapely.get_parts(area.intersection(cut)) if part.length > _APART]
    if not parts:
        return far(1.0), far(-1.0)
    here = shapely.Point(at)
    nearest = min(parts, key=lambda part: (round(part.distance(here), 3), part.length))
    return nearest.coords[0], nearest.coords[-1]
