"""One straight or circular segment, described by its ends and its bulge."""

from __future__ import annotations

import itertools
import math
from collections.abc import Sequence

from ..frozen import frozen

Point = tuple[float, float]
# Flatter than this an arc is a line: it strays less than a hundred-thousandth of a millimetre from its chord.
FLAT = 1e-8


@frozen
class Segment:
    """From ``start`` to ``end`` (mm). ``bulge`` is the tangent of a quarter of the arc's angle, positive when the arc turns left
    (anticlockwise, y up); 0 is a straight line.

    Example:
        >>> half = Segment((10.0, 0.0), (-10.0, 0.0), bulge=1.0)
        >>> round(half.length, 4), round(half.radius, 4)
        (31.4159, 10.0)
    """

    start: Point
    end: Point
    bulge: float = 0.0

    @property
    def chord(self) -> float:
        return math.hypot(self.end[0] - self.start[0], self.end[1] - self.start[1])

    @property
    def angle(self) -> float:
        """The signed angle the arc turns through (radians), 0 for a line."""
        return 4.0 * math.atan(self.bulge)

    @property
    def radius(self) -> float:
        """The arc's radius (mm); infinite for a line."""
        if self.bulge == 0:
            return math.inf
        return self.chord * (1 + self.bulge * self.bulge) / (4 * abs(self.bulge))

    @property
    def length(self) -> float:
        """Length along the segment (mm)."""
        if self.bulge == 0:
            return self.chord
        # chord * angle / (2 sin(angle/2)) stays accurate for very flat arcs, unlike radius * angle.
        half = 2.0 * math.atan(abs(self.bulge))
        return self.chord * half / math.sin(half) if math.sin(half) > 1e-12 else self.chord

    @property
    def center(self) -> Point:
        """Centre of the arc. Raises ZeroDivisionError for a line."""
        b = self.bulge
        factor = (1 - b * b) / (4 * b)
        (x0, y0), (x1, y1) = self.start, self.end
        return ((x0 + x1) / 2 - (y1 - y0) * factor, (y0 + y1) / 2 + (x1 - x0) * factor)

    def tangent(self, at_end: bool = False) -> Point:
        """Unit direction of travel at the start, or at the end.

        Example:
            >>> Segment((0.0, 0.0), (3.0, 4.0)).tangent()
            (0.6, 0.8)
        """
        chord = self.chord
        ux, uy = (self.end[0] - self.start[0]) / chord, (self.end[1] - self.start[1]) / chord
        if self.bulge == 0:
            return (ux, uy)
        turn = self.angle / 2 if at_end else -self.angle / 2
        c, s = math.cos(turn), math.sin(turn)
        return (ux * c - uy * s, ux * s + uy * c)

    def at(self, fraction: float) -> Point:
        """The point a given fraction of the length along.

        Args:
            fraction: 0 is the start, 1 the end.

        Returns:
            The point (mm).

        Example:
            >>> x, y = Segment((10.0, 0.0), (-10.0, 0.0), bulge=1.0).at(0.5)
            >>> round(x, 6) + 0.0, round(y, 6)
            (0.0, 10.0)
        """
        if abs(self.bulge) < FLAT:
            return (
                self.start[0] + (self.end[0] - self.start[0]) * fraction,
                self.start[1] + (self.end[1] - self.start[1]) * fraction,
            )
        cx, cy = self.center
        turn = self.angle * fraction
        c, s = math.cos(turn), math.sin(turn)
        dx, dy = self.start[0] - cx, self.start[1] - cy
        return (cx + dx * c - dy * s, cy + dx * s + dy * c)

    def reversed(self) -> Segment:
        """The same way walked backwards.

        Example:
            >>> Segment((0.0, 0.0), (1.0, 0.0), 0.5).reversed()
            Segment(start=(1.0, 0.0), end=(0.0, 0.0), bulge=-0.5)
        """
        return Segment(self.end, self.start, -self.bulge)

    def sampled(self, tolerance: float) -> list[Point]:
        """Points from the start up to but without the end.

        Args:
            tolerance: no chord is further than this from the arc (mm).

        Example:
            >>> Segment((0.0, 0.0), (1.0, 0.0)).sampled(0.1)
            [(0.0, 0.0)]
        """
        if abs(self.bulge) < FLAT:
            return [self.start]
        ratio = max(0.0, 1 - tolerance / self.radius)
        count = max(2, math.ceil(abs(self.angle) / max(2 * math.acos(ratio), 1e-3)))
        # As `at` has them, worked out once for all of them.
        (cx, cy), part = self.center, self.angle / count
        dx, dy = self.start[0] - cx, self.start[1] - cy
        turns = [(math.cos(part * i), math.sin(part * i)) for i in range(count)]
        return [(cx + dx * c - dy * s, cy + dx * s + dy * c) for c, s in turns]


def polyline(points: Sequence[Point]) -> tuple[Segment, ...]:
    """Straight segments through the points, open.

    Args:
        points: at least two (mm).

    Example:
        >>> [segment.length for segment in polyline([(0.0, 0.0), (3.0, 0.0), (3.0, 4.0)])]
        [3.0, 4.0]
    """
    return tuple(Segment(a, b) for a, b in itertools.pairwise(points))


def rectangle_points(width: float, height: float) -> list[Point]:
    """Corners of a rectangle ``width`` by ``height`` (mm), its lower left corner at the origin, anticlockwise.

    Example:
        >>> rectangle_points(30.0, 20.0)
        [(0.0, 0.0), (30.0, 0.0), (30.0, 20.0), (0.0, 20.0)]
    """
    return [(0.0, 0.0), (width, 0.0), (width, height), (0.0, height)]
