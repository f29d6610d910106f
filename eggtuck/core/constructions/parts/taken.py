"""What of a piece is no place for a part although it lies within its edges: what is sewn along, tied, folded, turned in, or lies underneath."""

from __future__ import annotations

import math
from collections.abc import Iterator, Sequence
from functools import reduce

import shapely
from shapely.geometry.base import BaseGeometry

from ...drafting.make import Make
from ...pattern import Edge, Mark, Piece
from ...plane import Segment, flatten
from ...shop import EQUAL

# Folds that part nothing: what lies beyond is a half of its own, or the crease only tells the middle.
_PARTS_NOTHING = ("side-fold", "base-fold", ".middle")


def taken_on(make: Make, piece: Piece, *, across: bool) -> BaseGeometry | None:
    """Lines and areas of a piece that nothing may lie on; None where there are none. What lies ``across`` it goes on over upright folds."""
    found = [*_lines(piece), *_areas(piece), *_hems(make, piece)]
    if not across:
        low, high = piece.stitch_box[1], piece.stitch_box[3]
        found += [shapely.LineString([(x, low), (x, high)]) for x in upright_folds(piece)]
    return shapely.union_all(found) if found else None


def upright_folds(piece: Piece) -> list[float]:
    """How far right those folds lie that part what lies flat beside each other, in order (mm)."""
    lines = (fold.line for fold in piece.folds if not fold.id.endswith(_PARTS_NOTHING))
    return sorted(line.start[0] for line in lines if abs(line.start[0] - line.end[0]) < EQUAL)


def hem_of(make: Make, piece: Piece, edge: Edge) -> float:
    """How deep an edge of a piece is hemmed (mm); nothing where it is not."""
    return max(
        (hem.depth for hem in make.hems for use in hem.edges if (use.piece, use.key) == (piece.id, edge.key)),
        default=0.0,
    )


def _hems(make: Make, piece: Piece) -> Iterator[BaseGeometry]:
    for edge in piece.edges:
        deep = hem_of(make, piece, edge)
        if deep > 0:
            yield line_of(edge.path).buffer(deep, cap_style="flat")


def _lines(piece: Piece) -> Iterator[BaseGeometry]:
    for mark in piece.marks:
        # Something is sewn or tied along it later.
        if mark.kind == "tie":
            yield line_of(mark.path)
    for fold in piece.folds:
        level = abs(fold.line.start[1] - fold.line.end[1]) < EQUAL
        if level and not fold.id.endswith(_PARTS_NOTHING):
            yield shapely.LineString([fold.line.start, fold.line.end])


def _areas(piece: Piece) -> Iterator[BaseGeometry]:
    """What lies within marked lines that go round, or between two that do or that lie beside each other."""
    yield from (_within(mark) for mark in piece.marks if mark.bars == "within")
    between = [mark for mark in piece.marks if mark.bars == "between"]
    if between:
        round_it = all(math.dist(mark.path[0].start, mark.path[-1].end) < EQUAL for mark in between)
        yield (
            reduce(shapely.symmetric_difference, map(_within, between))
            if round_it
            else shapely.union_all([line_of(mark.path) for mark in between]).envelope
        )


def line_of(path: Sequence[Segment]) -> shapely.LineString:
    """A path as a line, drawn finely enough to measure from."""
    return shapely.LineString([*flatten(path, 0.02), path[-1].end])


def _within(mark: Mark) -> BaseGeometry:
    return shapely.Polygon(flatten(mark.path, 0.1))
