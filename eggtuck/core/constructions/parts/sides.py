"""Where along the side of the make's first piece something is caught: the edge it is tacked to, and how far down it."""

from __future__ import annotations

from ...drafting.make import Make
from ...pattern import Edge, Mark
from ...plane import Point
from ...words import Param, msg
from .places import Field

# Edges that something is caught in, the likelier first.
_SIDES = ("side", "left", "zip-end", "end", "round", "rim", "lower")


def in_side(make: Make, down: float) -> dict[str, Param]:
    """Marks the place ``down`` mm below the finished top on the side of the host, and gives what a step tells of it: the edge, and how far
    that is from its raw end now."""
    piece = make.host
    edge = side_edge(make)
    field = Field(make)
    start, end = edge.path[0].start, edge.path[-1].end
    upper, at_end = (end, True) if end[1] > start[1] else (start, False)
    # Measured along the edge from its upper end, which stands so much over the finished top.
    along = min(max(0.0, down + upper[1] - field.top), edge.length)
    point = _at(edge, edge.length - along if at_end else along)
    at = piece.edges.index(edge)
    beyond = piece.edges[(at + (1 if at_end else -1)) % len(piece.edges)].allowance
    say: dict[str, Param] = {"piece": piece.name, "letter": piece.letter, "side": edge.name}
    say |= {"raw": along + beyond, "down": down}
    make.mark_host(
        Mark("point", msg("mark.caught"), point=point, datum=msg("mark.caught.datum", **say), role=make.host_role)
    )
    return say


def side_edge(make: Make) -> Edge:
    """The edge of the host that is sewn in a seam and looks most like its side."""
    piece = make.host
    sewn = {use.key for seam in make.seams for use in (*seam.a, *seam.b) if use.piece == piece.id}
    every = [edge for edge in piece.edges if edge.key in sewn] or list(piece.edges)
    return min(every, key=lambda e: next((i for i, kin in enumerate(_SIDES) if e.key.startswith(kin)), len(_SIDES)))


def top_edge(make: Make) -> Edge:
    """The uppermost edge of the host."""
    return max(make.host.edges, key=lambda edge: sum(s.start[1] + s.end[1] for s in edge.path) / len(edge.path))


def _at(edge: Edge, along: float) -> Point:
    for segment in edge.path:
        if along <= segment.length + 1e-9:
            return segment.at(min(1.0, along / segment.length))
        along -= segment.length
    return edge.path[-1].end
