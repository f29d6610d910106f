"""A tube with a round base, straight or tapering: wall piece, base circle, and where they lie when sewn.

Straight wall: a rectangle ``G x h``. Tapering wall: a sector of a ring whose inner arc is the smaller girth.
The ring is drawn by arc length and curvature, so that it runs smoothly into the rectangle as the girths
become equal: with slant ``s``, both sides of the wall are ``s`` long and its turn is ``(G2 - G1)/s`` radians.
"""

from __future__ import annotations

import math
from collections.abc import Callable

from ..pattern import Edge, Facet
from ..pattern.solid import Point3
from ..plane import Point, Segment
from ..words import msg
from .folding import ROUND, woven_rows

# An arc that rises less than this over its chord (mm) is drawn as a line: its radius would be lost in rounding.
_FLAT = 1e-4


def ring_point(bottom: float, top: float, slant: float, along: float, up: float) -> Point:
    """Where a wall point lies on the flat piece (mm): ``along`` is the share of the girth from the left,
    ``up`` the share of the slant from the base. The middle of the base arc is at ``(bottom/2, 0)``.

    Written with ``sin(x)/x`` so that it holds through equal girths.
    """
    turn = (top - bottom) / slant
    half = (along - 0.5) * turn
    reach = bottom + up * (top - bottom)
    # A chord of the arc of that length and turn, from the middle line outward.
    x = reach * (along - 0.5) * _sinc(half)
    drop = reach * (along - 0.5) * math.sin(half / 2) * _sinc(half / 2)
    return (bottom / 2 + x, up * slant - drop)


def _sinc(x: float) -> float:
    return 1.0 if abs(x) < 1e-12 else math.sin(x) / x


def wall_edges(
    piece: str, bottom: float, top: float, slant: float, above: float, allowance: Callable[[str], float]
) -> list[Edge]:
    """Base, right side, top and left side of a wall (anticlockwise). ``above`` is cloth above the finished
    edge of a straight wall, turned back as a cuff or a hem (mm)."""
    turn = (top - bottom) / slant
    bulge = math.tan(turn / 4) if max(bottom, top) * abs(turn) / 8 > _FLAT else 0.0
    rise = Segment(ring_point(bottom, top, slant, 1.0, 0.0), ring_point(bottom, top, slant, 1.0, 1.0))
    if above:
        rise = Segment(rise.start, (rise.end[0], rise.end[1] + above))
    low_left, low_right = ring_point(bottom, top, slant, 0.0, 0.0), rise.start
    top_left = (low_left[0] - (rise.end[0] - low_right[0]), rise.end[1])
    paths = {
        "base": Segment(low_left, low_right, -bulge),
        "side-right": rise,
        "top": Segment(rise.end, top_left, bulge),
        "side-left": Segment(top_left, low_left),
    }
    keys = {"base": "base", "side-right": "side", "top": "top", "side-left": "side"}
    return [Edge(piece, name, msg(f"edge.{name}"), (path,), allowance(keys[name])) for name, path in paths.items()]


def circle_edge(piece: str, diameter: float, allowance: float) -> Edge:
    """The rim of a round base: four quarter arcs, so that the quarters fall on their ends. It begins at the back, where the wall's
    side seam is."""
    r = diameter / 2
    points = [(0.0, r), (-r, 0.0), (0.0, -r), (r, 0.0)]
    bulge = math.tan(math.pi / 8)
    path = tuple(Segment(points[i], points[(i + 1) % 4], bulge) for i in range(4))
    return Edge(piece, "rim", msg("edge.rim"), path, allowance)


def tube_facets(wall: str, base: str, bottom: float, top: float, slant: float, height: float) -> list[Facet]:
    """The sewn tube in strips: each strip of the wall flat and in space, and the base in slices."""
    r0, r1 = bottom / (2 * math.pi), top / (2 * math.pi)
    low, high = ([ring_point(bottom, top, slant, i / ROUND, up) for i in range(ROUND + 1)] for up in (0, 1))
    # The side seam lies at the back, the middle of the piece in front.
    turns = [math.pi / 2 + 2 * math.pi * i / ROUND for i in range(ROUND + 1)]
    around = [(math.cos(turn), math.sin(turn)) for turn in turns]
    rim = [(r0 * c, r0 * s) for c, s in around]
    feet: list[Point3] = [(x, y, 0.0) for x, y in rim]
    facets = woven_rows(wall, ((low, feet), (high, [(r1 * c, r1 * s, height) for c, s in around])))
    middle, foot = (0.0, 0.0), (0.0, 0.0, 0.0)
    for i in range(ROUND):
        facets.append(Facet(base, "whole", (middle, *rim[i : i + 2]), (foot, *feet[i : i + 2]), smooth=True))
    return facets
