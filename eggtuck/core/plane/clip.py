"""What of an outline lies within a band."""

from __future__ import annotations

import itertools
import math
from collections.abc import Iterator, Sequence
from typing import Literal

from .offset import OffsetError
from .segment import FLAT, Point, Segment

Axis = Literal["x", "y"]
_NEAR = 1e-7


def clipped(outline: Sequence[Segment], axis: Axis, low: float, high: float) -> tuple[Segment, ...]:
    """The part of a closed outline between two lines square to an axis; arcs stay arcs.

    Args:
        outline: closed (mm).
        axis: which coordinate is bounded.
        low, high: its bounds (mm).

    Returns:
        A closed outline. Where several parts lie in the band they hang together by the line that cut them.

    Raises:
        OffsetError: nothing lies within.

    Example:
        >>> from eggtuck.core.plane import area, polyline
        >>> square = polyline([(0.0, 0.0), (10.0, 0.0), (10.0, 10.0), (0.0, 10.0), (0.0, 0.0)])
        >>> area(clipped(square, "y", 2.0, 5.0))
        30.0
    """
    kept = _above(_above(tuple(outline), axis, low, 1.0), axis, -high, -1.0)
    if not kept:
        raise OffsetError(0)
    return kept


def _above(outline: tuple[Segment, ...], axis: Axis, bound: float, sign: float) -> tuple[Segment, ...]:
    """What of an outline has ``sign * coordinate >= bound``, closed along the line."""

    def over(point: Point) -> float:
        return sign * (point[0] if axis == "x" else point[1]) - bound

    inside = [part for s in outline for part in _split(s, axis, bound / sign) if over(part.at(0.5)) > -_NEAR]
    found: list[Segment] = []
    for nth, part in enumerate(inside):
        after = inside[(nth + 1) % len(inside)]
        found.append(part)
        if math.dist(part.end, after.start) > _NEAR:
            found.append(Segment(part.end, after.start))
    flat = all(abs(over(s.at(share))) < _NEAR for s in found for share in (0.0, 0.5))
    return () if flat else tuple(found)


def _split(s: Segment, axis: Axis, line: float) -> Iterator[Segment]:
    """A segment in parts that do not cross a line."""
    shares = sorted({0.0, *(t for t in _crossings(s, axis, line) if 1e-9 < t < 1 - 1e-9), 1.0})
    if len(shares) == 2:
        yield s
        return
    for a, b in itertools.pairwise(shares):
        start, end = (s.start if a == 0 else s.at(a)), (s.end if b == 1 else s.at(b))
        yield Segment(start, end, math.tan(s.angle * (b - a) / 4) if s.bulge else 0.0)


def _crossings(s: Segment, axis: Axis, line: float) -> Iterator[float]:
    """How far along a segment it crosses a line, as shares."""
    i = 0 if axis == "x" else 1
    if abs(s.bulge) < FLAT:
        run = s.end[i] - s.start[i]
        if run:
            yield (line - s.start[i]) / run
        return
    center, radius = s.center, s.radius
    off = (line - center[i]) / radius
    if abs(off) >= 1:
        return
    first = math.atan2(s.start[1] - center[1], s.start[0] - center[0])
    for angle in (math.acos(off), -math.acos(off)) if axis == "x" else (math.asin(off), math.pi - math.asin(off)):
        turn = (angle - first) % (2 * math.pi)
        yield (turn if s.bulge > 0 else 2 * math.pi - turn) / abs(s.angle)
