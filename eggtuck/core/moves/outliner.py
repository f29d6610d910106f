"""Building a piece's outline edge by edge."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace

from ..pattern import Edge
from ..plane import Point, Segment, polyline
from ..words import msg


def rectangle(piece: str, width: float, height: float, sides: Mapping[str, float]) -> list[Edge]:
    """The four edges of an upright rectangle from its lower left corner: ``sides`` names lower, right, upper and left with their
    allowances (mm)."""
    pen = Outliner(piece, (0.0, 0.0))
    corners = [(width, 0.0), (width, height), (0.0, height), (0.0, 0.0)]
    for (name, allowance), corner in zip(sides.items(), corners, strict=True):
        pen.to(name, corner, allowance)
    return pen.edges


class Outliner:
    """Collects the edges of one piece, anticlockwise. A pen that remembers where it stands."""

    def __init__(self, piece: str, start: Point) -> None:
        self.piece = piece
        self.at = start
        self.edges: list[Edge] = []
        self.lines: list[Edge] = []

    def to(self, name: str, point: Point, allowance: float, number: int | None = None) -> None:
        """A straight edge from where the pen stands; ``number`` is told with its name, where there are several that are not alike."""
        edge = self._edge(name, (self.at, point), allowance)
        self.edges.append(edge if number is None else replace(edge, name=msg(edge.name.id, number=number)))
        self.at = point

    def arc(self, name: str, point: Point, bulge: float, allowance: float) -> None:
        """An edge that is one arc from where the pen stands; a bulge of 0 is a straight edge."""
        self.path(name, (Segment(self.at, point, bulge),), allowance)

    def path(self, name: str, path: Sequence[Segment], allowance: float) -> None:
        """An edge of several segments, beginning where the pen stands."""
        self.edges.append(Edge(self.piece, name, msg(f"edge.{edge_word(name)}"), tuple(path), allowance))
        self.at = path[-1].end

    def line(self, name: str, points: Sequence[Point]) -> None:
        """A stitch line inside the piece."""
        self.lines.append(self._edge(name, points, 0.0, internal=True))

    def _edge(self, name: str, points: Sequence[Point], allowance: float, internal: bool = False) -> Edge:
        words = msg(f"edge.{edge_word(name)}")
        return Edge(self.piece, name, words, polyline(points), allowance, internal)


def edge_word(name: str) -> str:
    """The word for an edge: numbered ones are called alike (``dart-3-left``: ``dart-left``)."""
    return "-".join(part for part in name.split("-") if not part.isdigit())
