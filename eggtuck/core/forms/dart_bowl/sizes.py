"""Its sizes, decided before any piece is drawn."""

from __future__ import annotations

import math
from dataclasses import replace
from typing import Final

from ...frozen import frozen
from ...plane import Point, Segment, polyline

# What is left between two darts, and between their points and the middle, at least (mm).
_BESIDE: Final = 0.5


@frozen
class Bowl:
    """Net sizes (mm). ``blank`` is the side of the square or the circle's diameter; ``length`` runs from the dart point
    to the level of the leg ends, ``half`` is taken on each side of the dart's middle line at the net rim."""

    square: bool
    blank: float
    darts: int
    length: float
    half: float
    rounded: float = 0.0

    @property
    def al(self) -> float:
        return math.pi / self.darts

    @property
    def reach(self) -> float:
        """From the centre to the level of the leg ends: ``S/2``, or ``sqrt(d^2/4 - b^2)``."""
        return self.blank / 2 if self.square else math.sqrt(max(0.0, self.blank**2 / 4 - self.half**2))

    @property
    def point(self) -> float:
        """Distance of the dart points from the centre: the circumradius of the base."""
        return self.reach - self.length

    @property
    def run(self) -> float:
        """How far outward a dart seam runs on its way up: ``L - b/tan(al)``."""
        return self.length - self.half / math.tan(self.al)

    @property
    def rim_radius(self) -> float:
        return self.point + self.run

    @property
    def rim_height(self) -> float:
        return math.sqrt(max(0.0, self.length**2 + self.half**2 - self.run**2))

    @property
    def tilt(self) -> float:
        """How far the side panels are folded up (radians)."""
        return math.acos(max(-1.0, min(1.0, self.run / (self.length + self.half * math.tan(self.al)))))

    def grown(self, times: float) -> Bowl:
        """All of it so many times as large."""
        sizes = (self.blank, self.length, self.half, self.rounded)
        blank, length, half, rounded = (size * times for size in sizes)
        return replace(self, blank=blank, length=length, half=half, rounded=rounded)

    def room(self, t: float) -> float:
        """What it holds up to where its darts end (mm3), within layers ``t`` mm thick: base and rim are alike, turned alike, and what lies
        between them is a frustum."""
        inner = self.inside(t) if t else self
        if inner is None:
            return 0.0
        share = self.darts * math.sin(self.al) * math.cos(self.al)
        low, high = max(0.0, inner.point), max(0.0, inner.rim_radius)
        return inner.rim_height / 3 * share * (low * low + low * high + high * high)

    def inside(self, t: float) -> Bowl | None:
        """The shell that hangs ``t`` mm within this one, its rim as long and as high; None where there is no room for one. Base and walls move
        in by ``t``: the base's apothem by ``t tan(tilt/2)``, the height by ``t``. The arcs of a smaller circle are longer over the same chords:
        its leg ends come in by what makes the rims alike (bisection)."""
        p = self.point - t * math.tan(self.tilt / 2) / math.cos(self.al)
        h = self.rim_height - t
        if p <= 1.0 or h <= 1.0:
            return None
        low, high = self.rim_radius * (1.0 if self.square else 0.8), self.rim_radius
        for _ in range(0 if self.square else 50):
            middle = (low + high) / 2
            low, high = (low, middle) if self._standing(p, middle, h).rim_length > self.rim_length else (middle, high)
        return self._standing(p, low, h)

    def _standing(self, p: float, r: float, h: float) -> Bowl:
        """The shell with its dart points ``p`` from the middle and its leg ends ``r`` out and ``h`` up (mm). With ``k = r - p``,
        ``T = tan(al)``: ``b = (-k/T + sqrt((k/T)^2 + h^2 (1 + 1/T^2))) / (1 + 1/T^2)``, ``L = k + b/T``."""
        k, slope = r - p, math.tan(self.al)
        b = (-k / slope + math.sqrt((k / slope) ** 2 + h * h * (1 + 1 / slope**2))) / (1 + 1 / slope**2)
        length = k + b / slope
        blank = 2 * (p + length) if self.square else 2 * math.hypot(p + length, b)
        return replace(self, blank=blank, length=length, half=b)

    def cut_from(self, blank: float) -> Bowl | None:
        """The shell with the same rim, as wide and as high, of another blank (mm): its leg ends lie so far out that
        ``half = (reach - r) tan(al)``, and ``h^2 = b^2 + 2 L b/T - b^2/T^2``. None where it does not reach as far."""
        r, h, slope = self.rim_radius, self.rim_height, math.tan(self.al)
        reach = blank / 2
        if not self.square:
            squared = 1 + slope * slope
            under = (r * slope * slope) ** 2 - squared * ((r * slope) ** 2 - reach * reach)
            reach = (r * slope * slope + math.sqrt(max(0.0, under))) / squared
        half = (reach - r) * slope
        if half < 1e-6:
            return None
        length = (h * h - half * half + (half / slope) ** 2) * slope / (2 * half)
        return replace(self, blank=blank, length=length, half=half)

    @property
    def closes(self) -> float:
        """The half width from which a dart no longer closes (mm)."""
        return self.length * math.tan(2 * self.al) if self.darts > 4 else math.inf

    def can_be_sewn(self, rim: float) -> bool:
        """Whether its darts end short of the middle, close, and leave something between them of the net rim and of the raw edge ``rim`` mm
        outside it."""
        if self.point <= _BESIDE or self.half >= min(self.closes - 1e-9, self.blank / 2):
            return False
        share = 1.0 if self.square else math.sin(self.al)
        net, raw = self.blank / 2 * share - self.rounded, (self.blank / 2 + rim) * share
        return self.half < net - _BESIDE and self.raw(rim)[1] < raw - _BESIDE

    @property
    def corner_height(self) -> float:
        """The highest point of a panel: a corner of the square, rounded or not, or the middle of an arc."""
        if not self.square:
            return (self.blank / 2 - self.point * math.cos(self.al)) * math.sin(self.tilt)
        away = (self.blank - self.point) / math.sqrt(2) - self.rounded * (math.sqrt(2) - 1)
        return away * math.sin(self.tilt)

    def raw(self, rim: float) -> tuple[float, float]:
        """The dart as it is marked and sewn while the rim is raw, ``rim`` mm outside the net one (mm): from the raw edge to the
        point along the dart's middle line, and to each side of it at the raw edge. Legs run on straight: ``L + a`` and
        ``b (L + a)/L`` on a square; on a circle to where they meet the raw circle."""
        if self.square:
            return self.length + rim, self.half * (self.length + rim) / self.length
        out, run = self.blank / 2 + rim, math.hypot(self.length, self.half)
        # (p + s L)^2 + (s b)^2 = R^2.
        along = self.point * self.length / run
        reach = -along + math.sqrt(along * along - self.point**2 + out * out)
        return out - self.point, self.half * reach / run

    def with_raw(self, rim: float, length: float, half: float) -> Bowl | None:
        """The bowl whose darts are marked so at the raw edge (mm); None where no dart is so."""
        if self.square:
            net = length - rim
            return replace(self, length=net, half=half * net / length) if net > 0 else None
        out, net = self.blank / 2 + rim, self.blank / 2
        point = out - length
        if point <= 0 or half >= out:
            return None
        x, y = math.sqrt(out * out - half * half) - point, half
        if x <= 0 or point >= net:
            return None
        run = math.hypot(x, y)
        along = point * x / run
        reach = -along + math.sqrt(along * along - point**2 + net * net)
        return replace(self, length=x * reach / run, half=y * reach / run)

    @property
    def girth(self) -> float:
        """Round the rim at the dart seams (mm)."""
        return 2 * self.darts * self.rim_radius * math.sin(self.al)

    @property
    def rim_length(self) -> float:
        """Of the net rim, all round (mm)."""
        return self.darts * sum(s.length for s in self.rim(0))

    def legs(self, dart: int) -> tuple[Point, Point, Point]:
        """Leg end before the dart (going round anticlockwise), its point, and the leg end after it."""
        before, after = self.turned(dart, self.reach, -self.half), self.turned(dart, self.reach, self.half)
        return before, self.turned(dart, self.point, 0.0), after

    def turned(self, dart: int, out: float, across: float) -> Point:
        # The first points down, to the middle of the lower side.
        angle = -math.pi / 2 + 2 * self.al * dart
        c, s = math.cos(angle), math.sin(angle)
        return (out * c - across * s, out * s + across * c)

    def rim(self, dart: int) -> list[Segment]:
        """The net rim from this dart to the next: two straight sides and their corner, or an arc."""
        start, end = self.legs(dart)[2], self.legs((dart + 1) % self.darts)[0]
        if not self.square:
            turn = 2 * self.al - 2 * math.asin(2 * self.half / self.blank)
            return [Segment(start, end, math.tan(turn / 4))]
        corner = self.turned(dart, self.reach, self.reach)
        if self.rounded <= 0:
            return list(polyline([start, corner, end]))
        out, back = self.reach, self.reach - self.rounded
        first, last = self.turned(dart, out, back), self.turned(dart, back, out)
        arc = Segment(first, last, math.tan(math.pi / 8))
        return [s for s in (Segment(start, first), arc, Segment(last, end)) if math.dist(s.start, s.end) > 1e-9]
