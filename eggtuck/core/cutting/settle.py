"""Sliding what lies on a grid exactly against what it lies beside."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
import numpy.typing as npt

from ..plane import Point

Points = npt.NDArray[np.float64]
# Nearer than this (mm) counts as touching.
_TOUCH = 1e-9


def slide_down(points: Points | Sequence[Point], others: Sequence[Points | Sequence[Point]]) -> float:
    """How far something can be moved towards y = 0 before it meets one of the ``others`` or the line y = 0.

    Args:
        points: its outline (mm).
        others: outlines that lie still (mm); only what lies below it stops it.

    Returns:
        The way (mm), 0 where it lies on something.

    >>> slide_down([(0.0, 5.0), (1.0, 5.0), (1.0, 6.0)], [[(0.0, 0.0), (9.0, 0.0), (9.0, 2.0), (0.0, 2.0)]])
    3.0
    """
    moved = np.asarray(points, dtype=float)
    (x0, low), (x1, _) = moved.min(axis=0), moved.max(axis=0)
    room = float(low)
    # The highest first: what lies lower than the way that is left already stops it no more.
    still_ones = (np.asarray(other, dtype=float) for other in others)
    for top, still in sorted(((float(one[:, 1].max()), one) for one in still_ones), key=lambda one: -one[0]):
        if low - top >= room:
            break
        if (
            still[:, 0].max() <= x0 + _TOUCH
            or still[:, 0].min() >= x1 - _TOUCH
            or still[:, 1].min() > moved[:, 1].max()
        ):
            continue
        room = min(room, _drop(moved, still))
        if room <= _TOUCH:
            return 0.0
    return max(0.0, room)


def _drop(upper: Points, lower: Points) -> float:
    """The shortest way down from the sides of one outline to those of another that lie below them: at an end of what two sides share across."""
    (ax, ay), (bx, by) = upper.T[..., None], np.roll(upper, -1, axis=0).T[..., None]
    (cx, cy), (dx, dy) = lower.T[:, None], np.roll(lower, -1, axis=0).T[:, None]
    first = np.maximum(np.minimum(ax, bx), np.minimum(cx, dx))
    last = np.minimum(np.maximum(ax, bx), np.maximum(cx, dx))
    # Sides that only touch across pass each other.
    share = last - first > _TOUCH
    way = np.inf
    with np.errstate(divide="ignore", invalid="ignore"):
        for x in (first, last):
            high = ay + (by - ay) * (x - ax) / (bx - ax)
            low = cy + (dy - cy) * (x - cx) / (dx - cx)
            gone = np.where(share & (high - low > -1e-6), high - low, np.inf)
            way = min(way, float(gone.min(initial=np.inf)))
    return way


def slide_left(points: Points | Sequence[Point], others: Sequence[Points | Sequence[Point]]) -> float:
    """As `slide_down`, towards x = 0.

    Args:
        points: its outline (mm).
        others: outlines that lie still (mm).

    >>> slide_left([(5.0, 0.0), (6.0, 0.0), (5.0, 1.0)], [])
    5.0
    """
    return slide_down(np.asarray(points)[:, ::-1], [np.asarray(other)[:, ::-1] for other in others])
