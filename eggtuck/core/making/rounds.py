"""How round lines come onto the cloth without paper: with a string, or round something from the kitchen."""

from __future__ import annotations

import math
from collections.abc import Iterable, Iterator
from dataclasses import dataclass
from typing import Literal

from ..pattern import Cut, Piece
from ..plane import Segment, perimeter
from ..shop import CORNER, EQUAL, PLATE
from ..words import Message, msg
from .naming import thing_name


def round_lines(pieces: Iterable[Piece]) -> Iterator[Message]:
    """For every piece whose cut line is round somewhere how it is drawn: circles, corners, and other arcs, each by what it takes."""
    for piece in pieces:
        own = [cut for cut in piece.cuts if cut.on is None]
        if own:
            yield from _of(piece, own[0])


@dataclass(frozen=True, slots=True)
class RoundLine:
    """A round stretch of a cut line: a whole circle, a rounded corner or another arc, and how far ``across`` its circle is (mm)."""

    kind: Literal["circle", "corner", "arc"]
    across: float


def round_lines_of(piece: Piece, cut: Cut) -> Iterator[RoundLine]:
    """The round stretches of what is cut of a piece, each size once."""
    outline = piece.outline_for(cut)
    runs = [run for run in _runs(outline) if run[0].bulge]
    if not runs:
        return
    whole = perimeter(outline)
    if len(runs) == 1 and abs(sum(s.length for s in runs[0]) - whole) < EQUAL:
        yield RoundLine("circle", 2 * runs[0][0].radius)
        return
    told: list[float] = []
    for run in runs:
        radius = run[0].radius
        if any(abs(radius - other) < EQUAL for other in told):
            continue
        told.append(radius)
        corner = sum(s.length for s in run) < CORNER * whole and 2 * radius <= PLATE
        yield RoundLine("corner" if corner else "arc", 2 * radius)


def _of(piece: Piece, cut: Cut) -> Iterator[Message]:
    name = thing_name(piece, None)
    for line in round_lines_of(piece, cut):
        match line.kind:
            case "circle":
                words = "cut-out.plate" if line.across <= PLATE else "cut-out.string"
                yield msg(words, piece=name, across=line.across)
            case "corner":
                yield msg("cut-out.corner", piece=name, across=line.across)
            case "arc":
                yield msg("cut-out.arc", piece=name, radius=line.across / 2)


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
