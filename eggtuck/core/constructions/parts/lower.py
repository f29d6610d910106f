"""The lower edge of what a part lies on, for parts that hang past it and are caught in its seam."""

from __future__ import annotations

from ...drafting.parts import PartRequest
from ...pattern import Edge, SpecError
from ...shop import EQUAL
from ...words import msg
from .places import Field


def require_lower_edge(field: Field, request: PartRequest) -> Edge:
    """The straight, level edge right across the foot of the field that a seam takes. Raises `SpecError` where it has none: a fold, a curve,
    a base that goes on below."""
    sewn = {use.key for seam in field.make.seams for use in (*seam.a, *seam.b) if use.piece == field.piece.id}
    for edge in field.piece.edges:
        ys = [point[1] for segment in edge.path for point in (segment.start, segment.end)]
        xs = [point[0] for segment in edge.path for point in (segment.start, segment.end)]
        level = all(abs(y - field.low) < EQUAL for y in ys) and not any(segment.bulge for segment in edge.path)
        across = min(xs) < field.left + EQUAL and max(xs) > field.right - EQUAL
        if level and across and edge.key in sewn and edge.allowance:
            return edge
    say = {"part": request.kind.name, "piece": field.piece.name}
    raise SpecError.of(request.field("foot"), msg("problem.no-lower-edge", **say))
