"""What was tacked to an edge, and lies in the seam that is sewn along it."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Mapping
from dataclasses import replace
from itertools import islice

from ..frozen import frozen
from ..pattern import Hem, Mark, Piece
from ..plane import Point, along_path
from ..words import Message
from .operation import Operation


@frozen
class Tacked:
    """Something by its name, at these edges of these pieces, from one cloth or from whichever there is; of which piece it is cut, if of any, and
    in how many layers it lies there."""

    thing: Message
    edges: frozenset[tuple[str, str]]
    cloth: str | None
    lies: tuple[str, int] | tuple[str, int, float] | None = None

    def caught_in(self, done: Operation, hems: Iterable[Hem]) -> frozenset[tuple[str, str]]:
        """At which of them it is sewn over, in a seam or in a hem."""
        other = {"outer": "lining", "lining": "outer"}.get(self.cloth or "")
        uses = [use for hem in hems if hem.id in done.hems for use in hem.edges]
        for seam in done.seams:
            layers = done.layers_of(seam)
            if self.cloth in layers or other not in layers:
                uses += (*seam.a, *seam.b, *seam.caught)
        return self.edges & {(use.piece, use.key) for use in uses}


def tacked_by(done: Operation, pieces: Mapping[str, Piece]) -> Tacked | None:
    """What an operation tacks down to be caught later: at the edges that it names, else at the one its mark lies on."""
    if done.parks is None or done.sewn_on:
        return None
    told = (*(use for use, _ in done.tacks), *done.at_edges)
    edges = {(use.piece, use.key) for use in told} or set(islice(_marked(done, pieces), 1))
    # What is cut of one cloth only is caught by whatever is sewn along it.
    cut = [{cut.role for cut in pieces[piece].cuts} for piece, _ in edges]
    cloth = done.layer if any({"outer", "lining"} <= roles for roles in cut) else None
    return Tacked(done.parks, frozenset(edges), cloth, done.lies) if edges else None


def over(tacked: Iterable[Tacked], done: Operation, hems: Iterable[Hem]) -> tuple[Message, ...]:
    """What it sews over, each name once."""
    hems, found = tuple(hems), list[Message]()
    for one in tacked:
        if one.thing not in found and one.caught_in(done, hems):
            found.append(one.thing)
    return tuple(found)


def still_tacked(tacked: Iterable[Tacked], done: Operation, hems: Iterable[Hem]) -> list[Tacked]:
    """What waits for another seam when it is done."""
    hems = tuple(hems)
    left = (replace(one, edges=one.edges - one.caught_in(done, hems)) for one in tacked)
    return [one for one in left if one.edges]


def _marked(done: Operation, pieces: Mapping[str, Piece]) -> Iterator[tuple[str, str]]:
    for piece in pieces.values():
        for mark in piece.marks:
            if mark.label.id in done.at or (mark.part and f"{done.id}-".startswith(f"{mark.part}-")):
                for point in _ends(mark):
                    yield from (
                        (piece.id, edge.key) for edge in piece.edges if along_path(edge.path, point) is not None
                    )


def _ends(mark: Mark) -> Iterable[Point]:
    if mark.point is not None:
        return (mark.point,)
    return (point for segment in mark.path for point in (segment.start, segment.end))
