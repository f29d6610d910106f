"""The arrow on every piece that is cut: along the grain, or at 45 degrees to it on what is cut on the bias; of what has no grain, which way is up."""

from __future__ import annotations

import shapely

from ..materials import Stack
from ..pattern import Mark, Piece
from ..plane import Point, crossings, polyline
from ..words import msg

# Where the arrow is tried, as shares of the box of the net outline: how far right, and from where to where up. Of what is no oblong its foot
# comes first on the middle, for there rounds are counted from it.
_OTHER = (0.5, 0.78, 0.25)
_UP = ((0.13, 0.25), (0.29, 0.37), (0.6, 0.8), (0.42, 0.58))


def with_grain(piece: Piece, stack: Stack) -> Piece:
    """The piece with an arrow, where it is cut from cloth and has none that says which way is up."""
    if not piece.own_cloths or any(mark.kind == "up" for mark in piece.marks):
        return piece
    threads = any(layer.material.grain for role in piece.own_cloths for layer in stack.all(role))
    # It is drawn without a word: where up matters a form says so.
    return piece.with_marks(Mark("grain", msg("mark.grain" if threads else "mark.up"), polyline(_arrow(piece))))


def _arrow(piece: Piece) -> tuple[Point, Point]:
    x0, y0, x1, y1 = piece.stitch_box
    wide, high = x1 - x0, y1 - y0
    if len(piece.edges) == 4 and all(len(edge.path) == 1 and not edge.path[0].bulge for edge in piece.edges):
        low, up = (0.2, 0.8) if high < 0.3 * wide else (0.12, 0.34)
        # Of a long strip only the beginning is drawn; its end may be slanted.
        slant = max(piece.edges[0].path[0].start[0], piece.edges[-1].path[0].start[0]) - x0
        x = x0 + ((slant if slant < 2 * high else 0.0) + 0.6 * high if high < 0.2 * wide else 0.86 * wide)
        found = (x, y0 + low * high), (x, y0 + up * high)
        if not piece.bias:
            return found
        (x, low_y), (_, up_y) = found
        return (x, low_y), (x + up_y - low_y, up_y)
    for right in _OTHER:
        x = x0 + right * wide
        out = crossings(piece.stitch_points, x, "x")
        for low, up in _UP:
            foot, head = y0 + low * high, y0 + up * high
            if sum(y > head for y in out) % 2 and not any(foot <= y <= head for y in out):
                return (x, foot), (x, head)
    within = shapely.Polygon(piece.stitch_points)
    at = within.representative_point()
    chord = shapely.LineString([(at.x, y0), (at.x, y1)]).intersection(within)
    inside = next(part for part in getattr(chord, "geoms", [chord]) if part.distance(at) < 1e-6)
    (_, a), (_, b) = inside.coords[0], inside.coords[-1]
    return (at.x, a + 0.3 * (b - a)), (at.x, a + 0.7 * (b - a))
