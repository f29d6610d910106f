"""A panel of the maker's own shape: a closed outline, scaled to a width, with its length counted from the middle of its top."""

from __future__ import annotations

import math
from bisect import bisect_left
from collections.abc import Sequence
from functools import cached_property
from itertools import accumulate, pairwise

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..frozen import frozen
from ..pattern import Problem
from ..plane import Point, Segment, area, bounds, is_simple, offset_outline, perimeter, stretch
from ..shop import PIVOT
from ..words import Message, msg

MOST_POINTS, FARTHEST = 600, 5000.0
# A direction that turns by more than this in one place is a corner (radians).
CORNER = math.radians(PIVOT)


@frozen
class Shape:
    """A closed outline (mm, anticlockwise) and what it is called."""

    name: str
    outline: tuple[Segment, ...]

    @property
    def width(self) -> float:
        x0, _, x1, _ = bounds(self.outline)
        return x1 - x0

    def panel(self, width: float) -> Panel:
        """The outline ``width`` mm wide, standing on y = 0, its middle at x = 0, beginning at the middle of its top."""
        x0, y0, x1, _ = bounds(self.outline)
        scale = width / (x1 - x0)

        def moved(p: Point) -> Point:
            return ((p[0] - (x0 + x1) / 2) * scale, (p[1] - y0) * scale)

        outline = tuple(Segment(moved(s.start), moved(s.end), s.bulge) for s in self.outline)
        top = _top(outline)
        long = perimeter(outline)
        return Panel((*stretch(outline, top, long), *stretch(outline, 0.0, top)))


def round_panel(radius: float) -> Panel:
    """A circle about the origin, as a panel."""
    points = [(0.0, radius), (-radius, 0.0), (0.0, -radius), (radius, 0.0)]
    bulge = math.tan(math.pi / 8)
    return Panel(tuple(Segment(points[i], points[(i + 1) % 4], bulge) for i in range(4)))


@frozen(slots=False)
class Panel:
    """An outline from the middle of its top, anticlockwise (mm)."""

    outline: tuple[Segment, ...]

    @cached_property
    def ends(self) -> tuple[float, ...]:
        """How far along each segment ends."""
        return tuple(accumulate(s.length for s in self.outline))

    @cached_property
    def round(self) -> float:
        return perimeter(self.outline)

    @cached_property
    def area(self) -> float:
        return area(self.outline)

    @cached_property
    def box(self) -> tuple[float, float, float, float]:
        return bounds(self.outline)

    def at(self, distance: float) -> Point:
        """The point so far along from the middle of the top; a full round and more is counted on."""
        along = distance % self.round
        i = min(bisect_left(self.ends, along), len(self.outline) - 1)
        begun = self.ends[i - 1] if i else 0.0
        return self.outline[i].at((along - begun) / (self.ends[i] - begun))

    @cached_property
    def _arrays(self) -> tuple[NDArray[np.float64], ...]:
        """Of each segment: where it begins along the outline and how long it is, its start, its chord, its bulge."""
        ends = np.array(self.ends)
        start = np.array([s.start for s in self.outline])
        chord = np.array([s.end for s in self.outline]) - start
        return (
            ends - np.diff(ends, prepend=0.0),
            np.diff(ends, prepend=0.0),
            start,
            chord,
            np.array([s.bulge for s in self.outline]),
        )

    def spots(self, distances: ArrayLike) -> list[Point]:
        """The points so far along, as `at` gives each: a point of an arc is its chord's start turned about its middle, here written
        as a share of the chord, so that it holds through straight segments: ``sin(t phi/2)/sin(phi/2)`` along a line turned
        by ``(t - 1) phi/2``."""
        begun, long, start, chord, bulge = self._arrays
        along = np.mod(np.asarray(distances, dtype=float), self.round)
        at = np.minimum(np.searchsorted(np.array(self.ends), along), len(self.outline) - 1)
        share, half = (along - begun[at]) / long[at], 2 * np.arctan(bulge[at])
        curved = np.abs(half) > 1e-9
        safe = np.where(curved, half, 1.0)
        reach = np.where(curved, np.sin(share * safe) / np.sin(safe), share)
        turn = np.where(curved, (share - 1) * half, 0.0)
        c, s, (dx, dy) = np.cos(turn) * reach, np.sin(turn) * reach, chord[at].T
        x, y = start[at].T
        return list(zip((x + dx * c - dy * s).tolist(), (y + dx * s + dy * c).tolist(), strict=True))

    def outset(self, distance: float) -> Panel:
        """The outline moved outward all round (mm). Raises `OffsetError` where it would swallow itself."""
        if distance == 0:
            return self
        moved = offset_outline(self.outline, [distance] * len(self.outline))
        top = _top(moved)
        return Panel((*stretch(moved, top, perimeter(moved)), *stretch(moved, 0.0, top)))

    def corners(self) -> list[tuple[float, float]]:
        """``(distance, turn)`` of each corner; outward turns are positive (radians)."""
        found, gone = [], 0.0
        for before, after in pairwise((*self.outline, self.outline[0])):
            gone += before.length
            turn = _turn(before, after)
            if abs(turn) > CORNER:
                found.append((gone, turn))
        return found

    def points(self) -> tuple[bool, bool]:
        """Whether it has corners that point outward, and such that point inward."""
        turns = [turn for _, turn in self.corners()]
        return any(turn > 0 for turn in turns), any(turn < 0 for turn in turns)

    def tightest(self) -> float:
        """The least radius of its curves (mm), corners left out; curves that came as short lines are reckoned from how those turn."""
        radii = [s.radius for s in self.outline if s.bulge]
        for before, after in pairwise((*self.outline, self.outline[0])):
            turn = abs(_turn(before, after))
            if 1e-4 < turn <= CORNER and not before.bulge and not after.bulge:
                radii.append((before.length + after.length) / 2 / turn)
        return min(radii, default=math.inf)


def read_shape(name: str, rows: Sequence[Sequence[float]]) -> tuple[Shape | None, list[Problem]]:
    """A shape from the corners of a closed outline, ``x, y`` and the bulge of the side that starts there (mm), or what stands in
    the way: too few corners, too large, nothing enclosed, crossing itself."""

    def refuse(key: str, **say: float | int) -> tuple[None, list[Problem]]:
        message: Message = msg(f"problem.shape-{key}", **say)
        return None, [Problem("shape", message)]

    if len(rows) > MOST_POINTS:
        return refuse("long", most=MOST_POINTS)
    points = [(float(x), float(y)) for x, y, _ in rows]
    sides = [
        Segment(points[i], points[(i + 1) % len(points)], float(rows[i][2]))
        for i in range(len(points))
        if math.dist(points[i], points[(i + 1) % len(points)]) > 1e-6
    ]
    if len(sides) < 2 or (len(sides) < 3 and not any(s.bulge for s in sides)):
        return refuse("short")
    if any(not math.isfinite(v) or abs(v) > FARTHEST for p in points for v in p) or any(
        abs(s.bulge) > 20 for s in sides
    ):
        return refuse("far", most=FARTHEST)
    if not is_simple(sides):
        return refuse("crosses")
    enclosed = area(sides)
    if enclosed < 0:
        sides = [s.reversed() for s in reversed(sides)]
    x0, y0, x1, y1 = bounds(sides)
    if min(x1 - x0, y1 - y0) < 1.0 or abs(enclosed) < 0.02 * (x1 - x0) * (y1 - y0):
        return refuse("thin")
    return Shape(name, tuple(sides)), []


def triangles(points: Sequence[Point]) -> list[tuple[int, int, int]]:
    """A simple polygon, anticlockwise, cut into triangles by clipping ears."""
    left = list(range(len(points)))
    found: list[tuple[int, int, int]] = []
    while len(left) > 3:
        for i in range(len(left)):
            a, b, c = left[i - 1], left[i], left[(i + 1) % len(left)]
            if _side(points[a], points[b], points[c]) <= 1e-9:
                continue
            if any(_within(points[p], points[a], points[b], points[c]) for p in left if p not in (a, b, c)):
                continue
            break
        else:
            # Only slivers are left: any corner will do.
            i = 0
            a, b, c = left[-1], left[0], left[1]
        found.append((a, b, c))
        del left[i]
    return [*found, (left[0], left[1], left[2])]


def _top(outline: Sequence[Segment]) -> float:
    """How far along the highest point over the middle of its width lies."""
    best, found, gone = -math.inf, 0.0, 0.0
    for s in outline:
        steps = 64 if s.bulge else 1
        for low, high in pairwise([i / steps for i in range(steps + 1)]):
            if s.at(low)[0] * s.at(high)[0] > 0:
                continue
            for _ in range(60):
                middle = (low + high) / 2
                if (s.at(low)[0] > 0) == (s.at(middle)[0] > 0):
                    low = middle
                else:
                    high = middle
            if s.at(low)[1] > best:
                best, found = s.at(low)[1], gone + s.length * low
        gone += s.length
    return found


def _turn(before: Segment, after: Segment) -> float:
    u, v = before.tangent(at_end=True), after.tangent()
    return math.atan2(u[0] * v[1] - u[1] * v[0], u[0] * v[0] + u[1] * v[1])


def _side(a: Point, b: Point, c: Point) -> float:
    return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0])


def _within(p: Point, a: Point, b: Point, c: Point) -> bool:
    return _side(a, b, p) >= 0 and _side(b, c, p) >= 0 and _side(c, a, p) >= 0
