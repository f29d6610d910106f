"""What is cut, cloth by cloth: how many of which piece, how large."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from dataclasses import replace

from ..materials import Stack
from ..pattern import Cut, Piece
from ..plane import Segment, area, bounds
from ..shop import EQUAL
from ..words import Message, msg


def cut_lines(pieces: Iterable[Piece], stack: Stack) -> Iterator[Message]:
    """One sentence for every piece in each cloth it is cut from, cloth by cloth: how often, and how wide and high it is cut."""
    pieces = tuple(pieces)
    for layer in stack.layers:
        nth, cloth = stack.all(layer.role).index(layer), layer.material.name
        if layer.directional and any((cut.role, cut.nth) == (layer.role, nth) for p in pieces for cut in p.cuts):
            yield msg("cut-out.print", material=cloth)
        for piece in pieces:
            here = [cut for cut in piece.cuts if (cut.role, cut.nth) == (layer.role, nth)]
            for cut in _alike(piece, here):
                yield msg("cut-out.from", material=cloth, role=msg(f"role.{layer.role}"), piece=_told(piece, cut))


def _alike(piece: Piece, cuts: Sequence[Cut]) -> Iterator[Cut]:
    """Cuts of one size from one cloth as one: the padding of an outer and of its lining are two of the same."""
    ways = [_told(piece, replace(cut, count=1)) for cut in cuts]
    for at, cut in enumerate(cuts):
        if ways[at] not in ways[:at]:
            every = [other.count for other, way in zip(cuts, ways, strict=True) if way == ways[at]]
            yield replace(cut, count=sum(every))


def _told(piece: Piece, cut: Cut) -> Message:
    width, height = piece.size_for(cut)
    words = "cut-out.piece" if _rectangular(piece.outline_for(cut)) else "cut-out.shaped"
    name = msg("thing", piece=piece.name, letter=piece.letter)
    text = msg(words, times=cut.count, piece=name, width=width, height=height)
    if cut.rule not in ("full", "none"):
        text = msg("cut-out.by-rule", piece=text, rule=msg(f"layer.cut.{cut.rule}"))
    over = piece.over(cut)
    if over:
        text = msg("cut-out.larger", piece=text, count=len(over), times=cut.count, over=max(over))
    if cut.mirrored:
        text = msg("cut-out.turned-over", piece=text, count=cut.count)
    return text


def _rectangular(outline: tuple[Segment, ...]) -> bool:
    x0, y0, x1, y1 = bounds(outline)
    return abs((x1 - x0) * (y1 - y0) - abs(area(outline))) < EQUAL * EQUAL
