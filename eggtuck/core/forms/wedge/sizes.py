"""Its sizes, decided before any piece is drawn."""

from __future__ import annotations

import math

from ...frozen import frozen
from ...plane import Point


@frozen
class Wedge:
    """Net sizes (mm): widths at the base seam and on the zip's middle line, slant of the face from the base edge to the
    zip's middle line, base depth, width of the visible zip; whether its corners are cut as squares all the same."""

    bottom: float
    top: float
    slant: float
    depth: float
    z: float
    square: bool = False

    @property
    def rise(self) -> float:
        """From the base seam to the middle line of the zip."""
        return self.slant + self.depth / 2

    @property
    def phi(self) -> float:
        """The corner's angle: ``tan(phi) = (s + D/2)/((Wb - Wt)/2)``; over 90 degrees when the top is wider."""
        return math.atan2(self.rise, (self.bottom - self.top) / 2)

    @property
    def kite(self) -> float:
        """From the stitched tip to where the edges of a right kite leave the seams: ``D/(2 tan(phi/2))``."""
        return self.depth / (2 * math.tan(self.phi / 2))

    @property
    def m(self) -> float:
        """From the stitched tip to where the cut leaves the base seam: that of the kite, or half the base depth of a square."""
        return self.depth / 2 if self.square else self.kite

    @property
    def base_width(self) -> float:
        return self.bottom - 2 * self.m

    @property
    def height(self) -> float:
        return math.sqrt(self.slant**2 - self.depth**2 / 4)

    @property
    def volume(self) -> float:
        """What lies between its stitch lines (mm3): a base that shrinks to the zip's middle line, a prismoid. None of what has no room."""
        if self.depth <= 0 or self.base_width <= 0 or self.top <= 0 or self.slant <= self.depth / 2:
            return 0.0
        return self.depth * self.height * (2 * self.base_width + self.top) / 6

    def grown(self, times: float) -> Wedge:
        """All of it so many times as large; what shows of the zip stays."""
        return Wedge(self.bottom * times, self.top * times, self.slant * times, self.depth * times, self.z, self.square)

    def side_at(self, y: float) -> float:
        """x of the left side at a height above the base seam."""
        return (self.bottom - self.top) / 2 * y / self.rise

    def inside(self, t: float) -> Wedge:
        """The lining that hangs in it, ``t`` mm thinner all round: each section is shorter round by ``2 pi t``."""
        depth = self.depth - 2 * t if self.depth else 0.0
        less = (math.pi - 2) * t
        return Wedge(self.bottom - less - 2 * t, self.top - less - 2 * t, self.slant - t, depth, self.z, self.square)


def corners_of(size: Wedge) -> tuple[Point, Point, Point]:
    """Left corner: where the cut leaves the base seam, its inner point, where it leaves the side."""
    m, phi, half = size.kite, size.phi, size.depth / 2
    if size.square:
        return (half, 0.0), (half, half), (size.side_at(half), half)
    return (m, 0.0), (m, size.depth / 2), (m * math.cos(phi), m * math.sin(phi))
