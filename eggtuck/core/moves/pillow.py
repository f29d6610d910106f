"""A flat tube closed by a seam at its foot, as it stands when something has pushed it open."""

from __future__ import annotations

import math
from itertools import pairwise

from ..pattern import Facet
from ..pattern.solid import Point3
from .boxed_shell import Panel, ShellSize

# In how many strips a panel is drawn across, and in how many steps its foot opens.
_STRIPS, _STEPS = 16, 5


def pillow_facets(piece: str, size: ShellSize, panels: tuple[Panel, ...], deep: float) -> tuple[Facet, ...]:
    """Each level is as long round as the tube, ``2 L + pi d`` with straight sides ``L`` and rounded ends ``d`` deep; from a line at the foot
    it opens to ``deep`` mm, at most to a circle. Softer than cloth is: between the levels it would fold."""
    most = min(deep, 2 * size.panel / math.pi)
    levels = [(size.wall * 0.0, 0.0)]
    foot = min(most / 2, size.wall)
    levels += [(foot * k / _STEPS, most * math.sin(math.pi / 2 * k / _STEPS)) for k in range(1, _STEPS + 1)]
    levels += [(size.wall, most)] if size.wall > foot + 1e-6 else []
    return tuple(
        Facet(
            piece,
            panel.copy,
            tuple(panel.on_piece(x, y) for x, y in ((x0, low), (x1, low), (x1, high), (x0, high))),
            (
                _at(size.panel, d0, x0, low, panel.rear),
                _at(size.panel, d0, x1, low, panel.rear),
                _at(size.panel, d1, x1, high, panel.rear),
                _at(size.panel, d1, x0, high, panel.rear),
            ),
            True,
        )
        for panel in panels
        for (low, d0), (high, d1) in pairwise(levels)
        for x0, x1 in pairwise(size.panel * i / _STRIPS for i in range(_STRIPS + 1))
    )


def _at(width: float, deep: float, x: float, z: float, rear: bool) -> Point3:
    """Where a point ``x`` from the left side of a panel lies on a level ``deep`` mm deep."""
    long = width - math.pi * deep / 2
    quarter, r = math.pi * deep / 4, deep / 2
    if x < quarter:
        turn = x / r
        across, out = -long / 2 - r * math.cos(turn), r * math.sin(turn)
    elif x > width - quarter and r > 0:
        turn = (width - x) / r
        across, out = long / 2 + r * math.cos(turn), r * math.sin(turn)
    else:
        across, out = x - quarter - long / 2, r
    return across, out if rear else -out, z
