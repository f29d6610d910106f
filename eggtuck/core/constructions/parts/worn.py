"""Straps as they hang on the finished form: their ends on the wall, and the rest arched over it."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

from ...moves.carried import Loop, Sewn, arch, laid, spot
from ...pattern import Copy, Piece
from ...pattern.solid import Point3
from ...plane.boxes import Box

# Where an end lies: on which copies of a piece, and its box there; in several over a seam. A strap has two.
End = Sequence[tuple[Copy, Box]]
Strap = tuple[End, End]


def boxes_of(piece: Piece, straps: Sequence[Strap]) -> tuple[tuple[str, Copy, Box], ...]:
    """Where all of their ends lie."""
    return tuple((piece.id, copy, box) for strap in straps for end in strap for copy, box in end)


def over_wall(sewn: Sewn, piece: Piece, straps: Sequence[Strap], length: float, width: float) -> tuple[Loop, ...]:
    """Straps ``length`` mm long with their ends and ``width`` wide, from the upper edge of one end to that of the other."""
    return tuple(loop for strap in straps for loop in _strap(sewn, piece, strap, length, width))


def _strap(sewn: Sewn, piece: Piece, strap: Strap, length: float, width: float) -> Iterator[Loop]:
    for end in strap:
        for copy, box in end:
            yield from laid(sewn, piece.id, box, copy=copy)
    start, stop = (_upper(sewn, piece, *end[0]) for end in strap)
    if start is not None and stop is not None:
        free = length - sum(end[0][1][3] - end[0][1][1] for end in strap)
        yield from arch(start[0], stop[0], max(0.0, free), width, sewn.size)


def _upper(sewn: Sewn, piece: Piece, copy: Copy, box: Box) -> tuple[Point3, Point3] | None:
    """The middle of an end's upper edge."""
    x0, y0, x1, y1 = box
    left, _, right, _ = piece.stitch_box
    below = piece.base_fold is not None and y0 < piece.base_fold
    return spot(sewn, piece.id, (min(max((x0 + x1) / 2, left), right), y0 if below else y1), copy)
