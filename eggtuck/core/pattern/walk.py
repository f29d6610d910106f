"""Walking along one side of a seam: its edges one after the other, and the notches passed on the way."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence

from ..frozen import frozen
from ..plane import Point, along_path
from .piece import Edge, Piece, Role
from .seam import EdgeUse

# Boundaries of two sides nearer than this share of the way lie on each other.
SAME = 0.02


@frozen
class Leg:
    """An edge as it is walked: how far along the side it begins and ends (mm)."""

    start: float
    end: float
    use: EdgeUse
    edge: Edge
    piece: Piece

    def at(self, along: float) -> Point:
        """The point of the piece so far along the side."""
        left = along - self.start if not self.use.reversed else self.end - along
        for segment in self.edge.path:
            if left <= segment.length + 1e-9:
                return segment.at(min(1.0, max(0.0, left / segment.length)))
            left -= segment.length
        return self.edge.path[-1].end


def legs(pieces: Iterable[Piece], uses: Sequence[EdgeUse]) -> list[Leg]:
    """The edges of one side of a seam in the order they are sewn.

    Args:
        pieces: those the edges belong to.
        uses: the side, edge by edge.

    Returns:
        Each edge with where along the side it begins and ends (mm).

    Raises:
        KeyError: no piece has such an edge.

    Example:
        >>> from eggtuck.core.plane import polyline
        >>> from eggtuck.core.words import msg
        >>> edge = Edge("body", "top", msg("edge.top"), polyline([(0.0, 0.0), (30.0, 0.0)]), 10.0)
        >>> body = Piece("body", "A", msg("piece.body"), (edge,), (), copies=("front", "back"))
        >>> [(leg.start, leg.end) for leg in legs([body], [EdgeUse("body", "top", "front"), EdgeUse("body", "top", "back")])]
        [(0.0, 30.0), (30.0, 60.0)]
    """
    owner = {piece.id: piece for piece in pieces}
    found, gone = [], 0.0
    for use in uses:
        piece = owner[use.piece]
        edge = piece.by_key[use.key]
        found.append(Leg(gone, gone + edge.length, use, edge, piece))
        gone += edge.length
    return found


def notches(side: Sequence[Leg], layers: Sequence[Role] = ()) -> list[tuple[float, str]]:
    """The notches passed along one side of a seam, but for its ends' sake also those that lie at them.

    Args:
        side: as `legs` gives it.
        layers: marks that only other cloths have are left out.

    Returns:
        ``(distance along the side in mm, id of the label)``, in order.

    Example:
        >>> from eggtuck.core.pattern.piece import Mark
        >>> from eggtuck.core.plane import polyline
        >>> from eggtuck.core.words import msg
        >>> edge = Edge("body", "top", msg("edge.top"), polyline([(0.0, 0.0), (30.0, 0.0)]), 10.0)
        >>> half = Mark("notch", msg("mark.centre-top"), point=(15.0, 0.0))
        >>> body = Piece("body", "A", msg("piece.body"), (edge,), (), marks=(half,))
        >>> notches(legs([body], [EdgeUse("body", "top")]))
        [(15.0, 'mark.centre-top')]
    """
    found = []
    for leg in side:
        for mark in leg.piece.marks:
            if mark.kind != "notch" or mark.point is None or (mark.role is not None and mark.role not in layers):
                continue
            along = along_path(leg.edge.path, mark.point)
            if along is not None:
                at = leg.start + (leg.edge.length - along if leg.use.reversed else along)
                found.append((at, mark.label.id))
    return sorted(found)


def meeting(a: Sequence[Leg], b: Sequence[Leg]) -> Iterator[tuple[Edge, Edge]]:
    """Every pair of edges that lie on each other when two sides are sewn together, by their share of the way.

    Args:
        a, b: both sides, as `legs` gives them; the longer one is eased evenly.

    Returns:
        An iterator of ``(edge of a, edge of b)``; pairs that share less than a fiftieth of the way are left out.

    Example:
        >>> from eggtuck.core.plane import polyline
        >>> from eggtuck.core.words import msg
        >>> ends = {"left": 0.0, "right": 30.0}
        >>> edges = tuple(Edge("body", n, msg(f"edge.side-{n}"), polyline([(x, 0.0), (x, 50.0)]), 10.0) for n, x in ends.items())
        >>> body = Piece("body", "A", msg("piece.body"), edges, ())
        >>> [(p.key, q.key) for p, q in meeting(*(legs([body], [EdgeUse("body", name)]) for name in ends))]
        [('left', 'right')]
    """
    if not a or not b:
        return
    scale = a[-1].end / b[-1].end if b[-1].end else 1.0
    least = SAME * min(a[-1].end, b[-1].end * scale)
    for one in a:
        for other in b:
            if min(one.end, other.end * scale) - max(one.start, other.start * scale) > least:
                yield one.edge, other.edge
