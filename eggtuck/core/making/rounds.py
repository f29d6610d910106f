"""How round lines come onto the cloth without paper: with a string, or round something from the kitchen."""

from __future__ import annotations

import math
from collections.abc import Iterable, Iterator, Sequence
from typing import Literal

from ..frozen import frozen
from ..pattern import Cut, Edge, Piece
from ..plane import Segment, flatten, perimeter
from ..shop import CORNER, EQUAL, PLATE, STRING
from ..words import Message, msg
from .naming import thing_name


def round_lines(pieces: Iterable[Piece]) -> Iterator[Message]:
    """For every piece whose cut line is round somewhere how it is drawn: circles, corners, and other arcs, each by what it takes."""
    for piece in pieces:
        own = [cut for cut in piece.cuts if cut.on is None]
        if own:
            yield from _of(piece, own[0])


@frozen
class RoundLine:
    """A round stretch of a cut line: a whole circle, a rounded corner or another arc, how far ``across`` its circle is (mm), and the
    ``edges`` of the piece that it runs along."""

    kind: Literal["circle", "corner", "arc"]
    across: float
    edges: tuple[Edge, ...]


def round_lines_of(piece: Piece, cut: Cut) -> Iterator[RoundLine]:
    """The round stretches of what is cut of a piece, each size once."""
    outline = piece.outline_for(cut)
    runs = [run for run in _runs(outline) if run[0].bulge]
    if not runs:
        return
    whole = perimeter(outline)
    if len(runs) == 1 and abs(sum(s.length for s in runs[0]) - whole) < EQUAL:
        yield RoundLine("circle", 2 * runs[0][0].radius, piece.edges)
        return
    alike: list[list[list[Segment]]] = []
    for run in runs:
        same = next((group for group in alike if abs(group[0][0].radius - run[0].radius) < EQUAL), None)
        if same is None:
            alike.append([run])
        else:
            same.append(run)
    for group in alike:
        radius = group[0][0].radius
        corner = sum(s.length for s in group[0]) < CORNER * whole and 2 * radius <= PLATE
        edges = tuple({edge.key: edge for edge in (_beside(piece, run) for run in group)}.values())
        yield RoundLine("corner" if corner else "arc", 2 * radius, edges)


def _beside(piece: Piece, run: Sequence[Segment]) -> Edge:
    """The edge whose cut line a run of it is: it comes nearest to the middle of the run."""
    points = flatten(run, 0.5)
    middle = points[len(points) // 2]
    edges = [edge for edge in piece.edges if not edge.internal] or list(piece.edges)
    return min(edges, key=lambda edge: min(math.dist(middle, point) for point in flatten(edge.path, 0.5)))


def own_outline(piece: Piece) -> bool:
    """Whether its one edge runs all round it and is no circle: only the paper tells how. What is trimmed to another piece is no outline of
    the paper's any more."""
    path = piece.edges[0].path
    whole = len(piece.edges) == 1 and piece.cut_as is None
    return whole and not all(s.bulge and _one_circle(path[0], s) for s in path)


def _of(piece: Piece, cut: Cut) -> Iterator[Message]:
    name = thing_name(piece, None)
    if own_outline(piece):
        yield msg("cut-out.own", piece=name)
        return
    for line in round_lines_of(piece, cut):
        match line.kind:
            case "circle":
                words = "cut-out.plate" if line.across <= PLATE else "cut-out.string"
                yield msg(words, piece=name, across=line.across)
            case "corner":
                yield msg("cut-out.corner", piece=name, across=line.across)
            case "arc":
                names = tuple(edge.name for edge in line.edges)
                if line.across / 2 <= STRING:
                    yield msg("cut-out.arc", piece=name, edges=names, radius=line.across / 2)
                else:
                    yield msg("cut-out.arc-far", piece=name, edges=names)


def _runs(outline: tuple[Segment, ...]) -> list[list[Segment]]:
    """Stretches of the outline on one circle."""
    runs: list[list[Segment]] = []
    for s in outline:
        last = runs[-1][-1] if runs else None
        if last is not None and s.bulge and last.bulge and _one_circle(last, s):
            runs[-1].append(s)
        else:
            runs.append([s])
    if len(runs) > 1 and runs[0][0].bulge and runs[-1][-1].bulge and _one_circle(runs[-1][-1], runs[0][0]):
        runs[0] = runs.pop() + runs[0]
    return runs


def _one_circle(one: Segment, other: Segment) -> bool:
    return abs(one.radius - other.radius) < EQUAL and math.dist(one.center, other.center) < EQUAL
