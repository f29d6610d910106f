"""Closed outlines: chains of segments that end where they began, anticlockwise."""

from __future__ import annotations

import math
from collections.abc import Sequence

import shapely

from .clip import Axis
from .segment import Point, Segment

# What is its own mirror image is off by less than this on the average (mm).
_ALIKE = 0.25


def perimeter(outline: Sequence[Segment]) -> float:
    """Total length (mm), arcs counted as arcs.

    Example:
        >>> from eggtuck.core.plane import polyline
        >>> square = polyline([(0.0, 0.0), (10.0, 0.0), (10.0, 10.0), (0.0, 10.0), (0.0, 0.0)])
        >>> perimeter(square)
        40.0
    """
    return math.fsum(segment.length for segment in outline)


def area(outline: Sequence[Segment]) -> float:
    """Enclosed area (mm2): Green's theorem for the chords, and the circular segment of each arc, ``r^2 (phi - sin phi) / 2``.

    Args:
        outline: closed; where it runs clockwise the area is negative.

    Example:
        >>> circle = (Segment((5.0, 0.0), (-5.0, 0.0), 1.0), Segment((-5.0, 0.0), (5.0, 0.0), 1.0))
        >>> round(area(circle) / math.pi, 9)
        25.0
    """
    total = 0.0
    for s in outline:
        total += (s.start[0] * s.end[1] - s.end[0] * s.start[1]) / 2
        if s.bulge:
            turn = s.angle
            total += s.radius**2 * (turn - math.sin(turn)) / 2
    return total


def bounds(outline: Sequence[Segment]) -> tuple[float, float, float, float]:
    """Smallest upright box, exact for arcs.

    Returns:
        ``(min x, min y, max x, max y)`` (mm).

    Example:
        >>> [round(v, 9) + 0.0 for v in bounds((Segment((5.0, 0.0), (-5.0, 0.0), 1.0),))]
        [-5.0, 0.0, 5.0, 5.0]
    """
    xs = [x for s in outline for x in (s.start[0], s.end[0])]
    ys = [y for s in outline for y in (s.start[1], s.end[1])]
    for s in outline:
        if s.bulge:
            (x, y), (cx, cy), radius = s.start, s.center, s.radius
            along, up = s.end[0] - x, s.end[1] - y
            # An arc that turns left runs to the right of its chord, however far it turns.
            for right, above in ((radius, 0.0), (0.0, radius), (-radius, 0.0), (0.0, -radius)):
                if (along * (cy + above - y) - up * (cx + right - x)) * s.bulge < 0:
                    xs.append(cx + right)
                    ys.append(cy + above)
    return min(xs), min(ys), max(xs), max(ys)


def flatten(outline: Sequence[Segment], tolerance: float = 0.05) -> list[Point]:
    """Points round a closed outline; the first is not repeated.

    Args:
        outline: closed.
        tolerance: no chord strays further than this from its arc (mm).

    Example:
        >>> from eggtuck.core.plane import polyline
        >>> square = polyline([(0.0, 0.0), (10.0, 0.0), (10.0, 10.0), (0.0, 10.0), (0.0, 0.0)])
        >>> len(flatten(square))
        4
    """
    return [point for segment in outline for point in segment.sampled(tolerance)]


def crossings(points: Sequence[Point], at: float, across: Axis = "y") -> list[float]:
    """Where a closed polygon crosses a line.

    Args:
        points: round it; the first is not repeated.
        at: where the line lies (mm).
        across: ``y`` for a level line, ``x`` for an upright one.

    Returns:
        How far along the line (mm), in no order; a corner that only touches it counts twice or not at all.

    Example:
        >>> sorted(crossings([(0.0, 0.0), (10.0, 0.0), (10.0, 10.0), (0.0, 10.0)], 5.0))
        [0.0, 10.0]
    """
    found = []
    ax, ay = points[-1]
    if across == "y":
        for bx, by in points:
            if (ay > at) != (by > at):
                found.append((bx - ax) * (at - ay) / (by - ay) + ax)
            ax, ay = bx, by
    else:
        for bx, by in points:
            if (ax > at) != (bx > at):
                found.append((by - ay) * (at - ax) / (bx - ax) + ay)
            ax, ay = bx, by
    return found


def stretch(path: Sequence[Segment], start: float, end: float) -> tuple[Segment, ...]:
    """The part of an open path between two distances along it.

    Args:
        path: segments end to start.
        start, end: distances along the path (mm); what lies beyond its ends is not there.

    Returns:
        The segments in between, arcs as arcs; none when the stretch is empty.

    Example:
        >>> from eggtuck.core.plane import polyline
        >>> square = polyline([(0.0, 0.0), (10.0, 0.0), (10.0, 10.0), (0.0, 10.0), (0.0, 0.0)])
        >>> [segment.length for segment in stretch(square, 5.0, 12.0)]
        [5.0, 2.0]
    """
    found: list[Segment] = []
    done = 0.0
    for s in path:
        length = s.length
        if length <= 0:
            continue
        first, last = max(0.0, (start - done) / length), min(1.0, (end - done) / length)
        if last - first > 1e-9:
            found.append(Segment(s.at(first), s.at(last), math.tan(s.angle * (last - first) / 4)))
        done += length
    return tuple(found)


def is_simple(outline: Sequence[Segment]) -> bool:
    """True when the outline does not cross or touch itself (sampled to 0.05 mm).

    Example:
        >>> from eggtuck.core.plane import polyline
        >>> square = polyline([(0.0, 0.0), (10.0, 0.0), (10.0, 10.0), (0.0, 10.0), (0.0, 0.0)])
        >>> bow = polyline([(0.0, 0.0), (10.0, 10.0), (10.0, 0.0), (0.0, 10.0), (0.0, 0.0)])
        >>> is_simple(square), is_simple(bow)
        (True, False)
    """
    if _is_convex(outline):
        return True
    points = flatten(outline)
    sides = [(points[i - 1], points[i]) for i in range(len(points))]
    # Sorting by the left end lets each side be tested only against those it overlaps in x.
    order = sorted(range(len(sides)), key=lambda i: min(sides[i][0][0], sides[i][1][0]))
    for k, i in enumerate(order):
        right = max(sides[i][0][0], sides[i][1][0])
        for j in order[k + 1 :]:
            if min(sides[j][0][0], sides[j][1][0]) > right:
                break
            if (i - j) % len(sides) in (1, len(sides) - 1):
                continue
            if _cross(*sides[i], *sides[j]):
                return False
    return True


def is_mirror_image(outline: Sequence[Segment]) -> bool:
    """True when the outline is its own mirror image about the upright line through the middle of its box, but for a quarter of a
    millimetre on the average.

    Args:
        outline: closed, without crossing itself (mm).

    Example:
        >>> from eggtuck.core.plane import polyline
        >>> square = polyline([(0.0, 0.0), (10.0, 0.0), (10.0, 10.0), (0.0, 10.0), (0.0, 0.0)])
        >>> sail = polyline([(0.0, 0.0), (10.0, 0.0), (10.0, 10.0), (0.0, 0.0)])
        >>> is_mirror_image(square), is_mirror_image(sail)
        (True, False)
    """
    x0, _, x1, _ = bounds(outline)
    points = flatten(outline, 0.05)
    shapes = (shapely.make_valid(shapely.Polygon(ring)) for ring in (points, [(x0 + x1 - x, y) for x, y in points]))
    one, other = shapes
    return bool(one.symmetric_difference(other).area <= _ALIKE * perimeter(outline))


def _is_convex(outline: Sequence[Segment]) -> bool:
    """True when the outline only ever turns left, once round."""
    turned = 0.0
    for i, s in enumerate(outline):
        if s.bulge < 0:
            return False
        u, v = outline[i - 1].tangent(at_end=True), s.tangent()
        corner = math.atan2(u[0] * v[1] - u[1] * v[0], u[0] * v[0] + u[1] * v[1])
        if corner < -1e-9:
            return False
        turned += corner + s.angle
    return abs(turned - 2 * math.pi) < 1e-6


def _side(a: Point, b: Point, c: Point) -> float:
    return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0])


def _cross(a: Point, b: Point, c: Point, d: Point) -> bool:
    """True when the closed sides ab and cd share a point."""
    d1, d2 = _side(c, d, a), _side(c, d, b)
    d3, d4 = _side(a, b, c), _side(a, b, d)
    if d1 * d2 < 0 and d3 * d4 < 0:
        return True
    return any(
        value == 0 and _between(p, q, r)
        for value, p, q, r in ((d1, c, d, a), (d2, c, d, b), (d3, a, b, c), (d4, a, b, d))
    )


def _between(a: Point, b: Point, c: Point) -> bool:
    return min(a[0], b[0]) <= c[0] <= max(a[0], b[0]) and min(a[1], b[1]) <= c[1] <= max(a[1], b[1])
