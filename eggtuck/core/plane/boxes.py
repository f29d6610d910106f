"""Upright rectangles: what is left of one when others are taken out of it."""

from __future__ import annotations

from collections.abc import Iterable

# Left, low, right, high (mm).
Box = tuple[float, float, float, float]


def overlap(one: Box, other: Box) -> bool:
    """Whether two rectangles, ``one`` and the ``other``, share more than an edge.

    >>> overlap((0.0, 0.0, 2.0, 2.0), (2.0, 0.0, 3.0, 2.0))
    False
    """
    (a0, b0, a1, b1), (c0, d0, c1, d1) = one, other
    return a0 < c1 - 1e-6 and c0 < a1 - 1e-6 and b0 < d1 - 1e-6 and d0 < b1 - 1e-6


def largest_clear(box: Box, taken: Iterable[Box], apart: float, least: float) -> Box | None:
    """The largest rectangle left of a ``box`` when what is ``taken`` in it, and ``apart`` mm round that, is left out; None where none is ``least``
    mm wide and high.

    >>> largest_clear((0.0, 0.0, 100.0, 40.0), [(0.0, 0.0, 30.0, 40.0)], 0.0, 10.0)
    (30.0, 0.0, 100.0, 40.0)
    """
    left = [box]
    for x0, y0, x1, y1 in taken:
        wide = (x0 - apart, y0 - apart, x1 + apart, y1 + apart)
        c0, d0, c1, d1 = wide
        found = []
        for a0, b0, a1, b1 in left:
            if not overlap(wide, (a0, b0, a1, b1)):
                found.append((a0, b0, a1, b1))
                continue
            found += [(a0, b0, c0, b1), (c1, b0, a1, b1), (a0, b0, a1, d0), (a0, d1, a1, b1)]
        left = [one for one in dict.fromkeys(found) if one[2] - one[0] >= least and one[3] - one[1] >= least]
    return max(left, key=lambda one: (one[2] - one[0]) * (one[3] - one[1]), default=None)
