"""What is marked on an edge that runs round and round: it has no end to measure from, so that everything is told from its notches."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from itertools import pairwise
from typing import NamedTuple

from ..pattern import Edge, Mark, Piece, Seam
from ..pattern.mates import Notch
from ..plane import along_path, bounds
from ..shop import EQUAL
from ..words import Message, msg
from .naming import in_turn
from .operation import Centring
from .rounds import own_outline


class Spot(NamedTuple):
    """A notch on a closed edge: how far along its stitch line (mm), its mark, its number where it meets another."""

    at: float
    mark: Mark
    number: int | None


def is_closed(piece: Piece, mark: Mark) -> bool:
    """Whether a mark is a notch on the one edge of a piece that runs all round it."""
    return mark.kind == "notch" and mark.point is not None and len(piece.edges) == 1


def lies_evenly(piece: Piece) -> bool:
    """Whether the notches of a closed edge lie evenly round it, and it can be folded to find them."""
    edge, spots = piece.edges[0], _spots(piece, {})
    each = edge.length / max(1, len(spots))
    steps = [after.at - before.at for before, after in pairwise(spots)]
    return not own_outline(piece) and len(spots) > 1 and all(abs(step - each) < EQUAL for step in steps)


def round_notches(
    piece: Piece, numbers: Mapping[Notch, int], seams: Iterable[Seam], centring: Centring = "fold"
) -> Message:
    """All notches of a closed edge in their order: by folding where they lie evenly, else so far on from each other, from the one at the
    arrow's foot, or as the paper has them where it is no circle; with the side up on which they then run the way they meet those of the
    other piece."""
    edge, spots = piece.edges[0], _spots(piece, numbers)
    lowest = min(spots, key=lambda spot: spot.mark.point[1] if spot.mark.point else 0.0)
    first = spots.index(lowest)
    spots = [*spots[first:], *spots[:first]]
    x0, _, x1, _ = bounds(edge.path)
    point = lowest.mark.point or (0.0, 0.0)
    at = msg("round.foot" if abs(point[0] - (x0 + x1) / 2) < 1.0 else "round.anywhere")
    alike = len({spot.mark.label.id for spot in spots}) == 1
    begins = _begins(piece, seams)
    names = [_name(spot, alike, begins if min(spot.at, edge.length - spot.at) < EQUAL else None) for spot in spots]
    up = msg(f"round.{_side_up(piece, seams)}")
    on = [(after.at - before.at) % edge.length for before, after in pairwise(spots)]
    own = own_outline(piece)
    if lies_evenly(piece) and centring != "ruler":
        how = msg("round.by-fold" if centring == "fold" else "round.by-eye", parts=len(spots))
        every = in_turn(names)
        if alike and all(spot.number is None for spot in spots):
            return msg("round.folded", label=spots[0].mark.label, how=how)
        if alike:
            return msg("round.evenly-alike", label=spots[0].mark.label, how=how, at=at, up=up, every=every)
        return msg("round.evenly", how=how, at=at, up=up, every=every)
    line = msg("round.raw-edge" if _raw(edge) > 1.0 else "round.stitch-line")
    steps = [msg("round.on", way=way * _raw(edge), name=name) for way, name in zip(on, names[1:], strict=True)]
    every = in_turn([names[0], *steps])
    return (
        msg("round.paper", line=line, up=up, every=every)
        if own
        else msg("round.chain", line=line, at=at, up=up, every=every)
    )


def gap_on_closed(piece: Piece, first: float, last: float, numbers: Mapping[Notch, int]) -> Message | None:
    """Where on a closed edge a gap lies that runs from ``first`` to ``last`` (mm along it): told from the notch next to its middle; None
    where there is none."""
    edge, spots = piece.edges[0], _spots(piece, numbers)
    # Of a numbered one a maker knows which it is.
    spots = [spot for spot in spots if spot.number is not None] or spots
    if not spots:
        return None
    middle = (first + last) / 2

    def off(at: float, spot: Spot) -> float:
        return (at - spot.at + edge.length / 2) % edge.length - edge.length / 2

    spot = min(spots, key=lambda one: abs(off(middle, one)))
    low = off(middle, spot) - (last - first) / 2
    high, name = low + last - first, _short(spot)
    if abs(low + high) < 1.0:
        return msg("round.gap-both", half=(high - low) / 2, notch=name)
    if low >= 0:
        return msg("round.gap-after", start=low, end=high, notch=name)
    if high <= 0:
        return msg("round.gap-before", start=-high, end=-low, notch=name)
    return msg("round.gap-across", before=-low, after=high, notch=name)


def _side_up(piece: Piece, seams: Iterable[Seam]) -> str:
    """Which side of a closed piece is up as it is drawn. Two right sides out are sewn edge against edge; where both edges run the same way
    one of them is drawn as it is seen from inside. Copies that differ lie on each other as they will be sewn."""
    found = set()
    for seam in seams:
        for side, other in ((seam.a, seam.b), (seam.b, seam.a)):
            for use in side:
                if use.piece != piece.id or use.key != piece.edges[0].key:
                    continue
                alike = any(mate.piece == piece.id for mate in other)
                against = other[0].reversed != use.reversed
                found |= {"right", "wrong"} if alike else {"right" if against else "wrong"}
    return "both" if len(found) > 1 else next(iter(found), "right")


def _spots(piece: Piece, numbers: Mapping[Notch, int]) -> list[Spot]:
    found = []
    for index, mark in enumerate(piece.marks):
        if is_closed(piece, mark) and mark.point is not None:
            at = along_path(piece.edges[0].path, mark.point)
            if at is not None:
                found.append(Spot(at, mark, numbers.get((piece.id, index))))
    return sorted(found, key=lambda spot: spot.at)


def _raw(edge: Edge) -> float:
    """How much longer the raw edge is than the stitch line, where that is one circle; 1 where it is not."""
    radii = {round(s.radius, 3) if s.bulge else 0.0 for s in edge.path}
    radius = radii.pop() if len(radii) == 1 else 0.0
    return 1 + edge.allowance / radius if radius else 1.0


def _begins(piece: Piece, seams: Iterable[Seam]) -> Message | None:
    """The seam that makes a ring of what is sewn round a closed edge: it lies where that edge begins. None where there is no such seam, or
    more than one."""
    others = {
        frozenset(use.piece for use in other)
        for seam in seams
        for side, other in ((seam.a, seam.b), (seam.b, seam.a))
        if [use.key for use in side if use.piece == piece.id] == [piece.edges[0].key]
    }
    found = [
        seam.name
        for seam in seams
        if frozenset(use.piece for use in (*seam.a, *seam.b)) in others
        # What joins outer and lining joins an edge to itself.
        and not {use.key for use in seam.a} & {use.key for use in seam.b}
    ]
    return found[0] if len(found) == 1 else None


def _name(spot: Spot, alike: bool, seam: Message | None) -> Message:
    if alike and spot.number is None and seam is not None:
        return msg("round.for-seam", seam=seam)
    if alike:
        return _short(spot) if spot.number is not None else msg("round.unnumbered")
    if spot.number is None:
        return spot.mark.label
    return msg("marked.notch", number=spot.number, label=spot.mark.label)


def _short(spot: Spot) -> Message:
    return msg("round.notch", number=spot.number) if spot.number is not None else spot.mark.label
