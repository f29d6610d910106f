"""Putting flat parts in space: folding about a line, and soft shapes of revolution."""

from __future__ import annotations

import math
from collections.abc import Callable, Iterable, Sequence
from itertools import pairwise

from ..pattern import Facet
from ..pattern.solid import Point3
from ..plane import Point

# A full round is shown in so many strips: a corner between two then strays less than a four thousandth of the radius.
ROUND = 144
STRIPS = ROUND


def folded(point: Point, a: Point, b: Point, angle: float) -> Point3:
    """Where a point of the plane z = 0 comes to when the side right of the line from ``a`` to ``b`` is folded up
    by ``angle`` (radians); points on the line stay."""
    ux, uy = b[0] - a[0], b[1] - a[1]
    length = math.hypot(ux, uy)
    ux, uy = ux / length, uy / length
    along = (point[0] - a[0]) * ux + (point[1] - a[1]) * uy
    away = (point[0] - a[0]) * uy - (point[1] - a[1]) * ux
    reach, rise = away * math.cos(angle), away * math.sin(angle)
    return (a[0] + ux * along + uy * reach, a[1] + uy * along - ux * reach, rise)


def between(a: Point3, b: Point3, share: float) -> Point3:
    """The point a share of the way from ``a`` to ``b``."""
    return (a[0] + (b[0] - a[0]) * share, a[1] + (b[1] - a[1]) * share, a[2] + (b[2] - a[2]) * share)


def flat_facet(piece: str, corners: Sequence[tuple[Point, Point3]], copy: str = "whole", smooth: bool = False) -> Facet:
    """A flat part from its corners on the piece and in space; ``smooth`` for a slice of something round."""
    return Facet(piece, copy, tuple(flat for flat, _ in corners), tuple(space for _, space in corners), smooth)


def woven(
    piece: str,
    rows: Sequence[float],
    flat: Callable[[float, float], Point],
    space: Callable[[float, float], Point3],
    strips: int | Sequence[float] = STRIPS,
    copy: str = "whole",
) -> list[Facet]:
    """A curved part in so many small four-cornered strips, or with corners at these shares: ``flat`` and ``space`` say where the point at a
    share across and a row (one of ``rows``, rising) lies on the piece and in space."""
    shares = [i / strips for i in range(strips + 1)] if isinstance(strips, int) else strips
    lines = [([flat(share, row) for share in shares], [space(share, row) for share in shares]) for row in rows]
    return woven_rows(piece, lines, copy)


def woven_rows(
    piece: str, rows: Iterable[tuple[Sequence[Point], Sequence[Point3]]], copy: str = "whole"
) -> list[Facet]:
    """A curved part in small four-cornered strips between rows of as many points each: on the piece, and in space."""
    found: list[Facet] = []
    for (low, low_at), (high, high_at) in pairwise(rows):
        for i in range(len(low) - 1):
            corners = (low[i], low[i + 1], high[i + 1], high[i])
            spots = (low_at[i], low_at[i + 1], high_at[i + 1], high_at[i])
            found.append(Facet(piece, copy, corners, spots, smooth=True))
    return found


def ring(radius: float, share: float, height: float) -> Point3:
    """The point at a share round a level circle; the seam (share 0) lies at the back."""
    turn = math.pi / 2 + 2 * math.pi * share
    return (radius * math.cos(turn), radius * math.sin(turn), height)
