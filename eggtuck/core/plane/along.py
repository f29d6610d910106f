"""Where a point lies along a path, and how far away from it."""

from __future__ import annotations

import math
from collections.abc import Sequence

from .segment import Point, Segment

# A point nearer than this to a path lies on it (mm).
_ON = 0.02


def along_path(path: Sequence[Segment], point: Point) -> float | None:
    """How far along a path a point on it lies.

    Args:
        path: the segments, end to start.
        point: the point (mm).

    Returns:
        The distance from the start of the path (mm), or None when the point lies off it.

    Example:
        >>> from eggtuck.core.plane import polyline
        >>> along_path(polyline([(0.0, 0.0), (30.0, 0.0), (30.0, 20.0)]), (30.0, 5.0))
        35.0
    """
    gone = 0.0
    for segment in path:
        share = _share(segment, point)
        if share is not None:
            return gone + share * segment.length
        gone += segment.length
    return None


def distance_from(path: Sequence[Segment], point: Point) -> float:
    """How far a point lies from the nearest place of a path.

    Args:
        path: the segments, in any order.
        point: the point (mm).

    Returns:
        The distance (mm).

    Example:
        >>> from eggtuck.core.plane import polyline
        >>> distance_from(polyline([(0.0, 0.0), (30.0, 0.0)]), (33.0, 4.0))
        5.0
    """
    return min(_away(segment, point) for segment in path)


def _away(s: Segment, p: Point) -> float:
    ends = min(math.dist(p, s.start), math.dist(p, s.end))
    if s.bulge:
        cx, cy = s.center
        turned = math.atan2(p[1] - cy, p[0] - cx) - math.atan2(s.start[1] - cy, s.start[0] - cx)
        turned = (turned if s.bulge > 0 else -turned) % (2 * math.pi)
        return abs(math.dist(p, (cx, cy)) - s.radius) if turned <= abs(s.angle) else ends
    chord = s.chord
    ux, uy = (s.end[0] - s.start[0]) / chord, (s.end[1] - s.start[1]) / chord
    dx, dy = p[0] - s.start[0], p[1] - s.start[1]
    return abs(dx * uy - dy * ux) if 0 <= dx * ux + dy * uy <= chord else ends


def _share(s: Segment, p: Point) -> float | None:
    """How far along a segment a point on it lies, as a share; None when it lies off it."""
    if s.bulge:
        cx, cy = s.center
        if abs(math.dist(p, (cx, cy)) - s.radius) > _ON:
            return None
        first = math.atan2(s.start[1] - cy, s.start[0] - cx)
        turned = math.atan2(p[1] - cy, p[0] - cx) - first
        turned = (turned if s.bulge > 0 else -turned) % (2 * math.pi)
        if turned > 2 * math.pi - _ON / s.radius:
            turned = 0.0
        share = turned / abs(s.angle)
        return min(1.0, share) if share <= 1 + _ON / s.length else None
    chord = s.chord
    ux, uy = (s.end[0] - s.start[0]) / chord, (s.end[1] - s.start[1]) / chord
    along = (p[0] - s.start[0]) * ux + (p[1] - s.start[1]) * uy
    off = abs((p[0] - s.start[0]) * uy - (p[1] - s.start[1]) * ux)
    if off > _ON or not -_ON <= along <= chord + _ON:
        return None
    return min(1.0, max(0.0, along / chord))
