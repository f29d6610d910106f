"""Where the raw edges of a piece run, edge by edge."""

from __future__ import annotations

import shapely

from ..pattern import Edge, Piece
from ..plane import Point, Segment, flatten
from .flat import ROUND, outline_of

# A line turns by so little where it runs straight on (sine).
_STRAIGHT = 0.02
# What is drawn no further from a line lies on it (mm).
_ON = 0.3


def raw_edge(piece: Piece, edge: Edge) -> list[Point]:
    """Where the raw edge of a piece runs along one of its edges, as far as it is that edge's; the stitch line where none does."""
    points = [*flatten(edge.path, ROUND), edge.path[-1].end]
    far, nth = 4.0 * max(other.allowance for other in piece.edges), piece.edges.index(edge)
    before, after = piece.edges[nth - 1].path[-1], piece.edges[(nth + 1) % len(piece.edges)].path[0]
    longer = [*points]
    # Beyond a corner up to where the outline turns; where the next edge runs straight on, that is its own.
    if not _runs_on(before, edge.path[0]):
        (ux, uy), (x, y) = edge.path[0].tangent(), points[0]
        longer.insert(0, (x - ux * far, y - uy * far))
    if not _runs_on(edge.path[-1], after):
        (ux, uy), (x, y) = edge.path[-1].tangent(at_end=True), points[-1]
        longer.append((x + ux * far, y + uy * far))
    # Outlines run anticlockwise: outside is to the right.
    beyond = shapely.LineString(longer).offset_curve(-edge.allowance, join_style="mitre")
    ring = shapely.LinearRing(outline_of(piece)).buffer(_ON, cap_style="flat")
    found = beyond.intersection(ring)
    parts = [part for part in getattr(found, "geoms", [found]) if part.length > 1.0]
    middle = shapely.LineString(points).interpolate(0.5, normalized=True)
    nearest = min(parts, key=lambda part: part.distance(middle), default=None)
    return points if nearest is None else [(x, y) for x, y in nearest.coords]


def _runs_on(one: Segment, other: Segment) -> bool:
    """Whether a line goes on the way it came."""
    (ax, ay), (bx, by) = one.tangent(at_end=True), other.tangent()
    return abs(ax * by - ay * bx) < _STRAIGHT and ax * bx + ay * by > 0
