"""Building a piece's outline edge by edge."""

from __future__ import annotations

from collections.abc import Sequence

from ..pattern import Edge
from ..plane import Point, polyline
from ..wording import msg


class Outliner:
    """Collects the edges of one piece, anticlockwise. A pen that remembers where it stands."""

    def __init__(self, piece: str, start: Point) -> None:
        self.piece = piece
        self.at = start
        self.edges: list[Edge] = []
        self.lines: list[Edge] = []

    def to(self, name: str, point: Point, allowance: float) -> None:
        """A straight edge from where the pen stands."""
        self.edges.append(self._edge(name, (self.at, point), allowance))
        self.at = point

    def line(self, name: str, points: Sequence[Point]) -> None:
        """A stitch line inside the piece."""
        self.lines.append(self._edge(name, points, 0.0, internal=True))

    def _edge(self, name: str, points: Sequence[Point], allowance: float, internal: bool = False) -> Edge:
        return Edge(f"{self.piece}.{name}", msg(f"edge.{name}"), polyline(points), allowance, internal)
