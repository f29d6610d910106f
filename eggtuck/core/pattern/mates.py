"""Which notch meets which: notches that come together in a seam carry one number."""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence

from .piece import Piece
from .seam import EdgeUse, Seam
from .walk import legs

# A mark of a piece: the piece's id, and which of its marks it is.
Notch = tuple[str, int]


def _passed(pieces: Sequence[Piece], side: Sequence[EdgeUse]) -> list[tuple[float, Notch]]:
    """The notches passed on one side of a seam, but for those at its ends: ``(share of the way, notch)``, in order."""
    run = legs(pieces, side)
    length, found = run[-1].end, []
    for leg in run:
        for on, index in leg.piece.notches[leg.use.key]:
            at = leg.start + (leg.edge.length - on if leg.use.reversed else on)
            if 1.0 < at < length - 1.0:
                found.append((at / length, (leg.piece.id, index)))
    return sorted(found)


def meeting_notches(pieces: Sequence[Piece], seam: Seam) -> Iterator[tuple[Notch, Notch]]:
    """Pairs of notches that lie on each other in a seam, the longer side eased evenly; a millimetre and what is eased may lie between.

    Args:
        pieces: those the edges belong to.
        seam: the seam.

    Returns:
        An iterator of ``(notch of side a, notch of side b)``.

    Example:
        >>> from eggtuck.core.plane import polyline
        >>> from eggtuck.core.words import msg
        >>> from eggtuck.core.pattern.piece import Edge, Mark
        >>> edge = Edge("body", "side", msg("edge.side-left"), polyline([(0.0, 0.0), (0.0, 50.0)]), 10.0)
        >>> half = Mark("notch", msg("mark.half-way"), point=(0.0, 25.0))
        >>> body = Piece("body", "A", msg("piece.body"), (edge,), (), marks=(half,), copies=("front", "back"))
        >>> a, b = ((EdgeUse("body", "side", copy),) for copy in body.copies)
        >>> seam = Seam("side", msg("seam.side"), a, b, 50.0, 50.0, 10.0)
        >>> list(meeting_notches([body], seam))
        [(('body', 0), ('body', 0))]
    """
    a = _passed(pieces, seam.a)
    room = (abs(seam.difference) + 1.0) / max(seam.length_a, seam.length_b, 1.0)
    for other in (seam.b, *([seam.caught] if _is_lining(seam) else [])):
        b = _passed(pieces, other)
        for share, notch in a:
            near = min(b, key=lambda passed: abs(passed[0] - share), default=None)
            if near is not None and abs(near[0] - share) <= room:
                yield notch, near[1]


def _is_lining(seam: Seam) -> bool:
    """Whether what is caught in it is side a once more, of a lining on a pattern of its own."""
    return [(use.key, use.copy) for use in seam.caught] == [(use.key, use.copy) for use in seam.a]


def number_notches(pieces: Sequence[Piece], seams: Sequence[Seam]) -> Mapping[Notch, int]:
    """A number for every notch that meets another, from 1 in the order of the seams: 3 meets 3.

    Args:
        pieces: of the make.
        seams: in the order they are told.

    Returns:
        The number of each notch that has one. Notches that come together in several seams share theirs.

    Example:
        >>> from eggtuck.core.plane import polyline
        >>> from eggtuck.core.words import msg
        >>> from eggtuck.core.pattern.piece import Edge, Mark
        >>> edge = Edge("body", "side", msg("edge.side-left"), polyline([(0.0, 0.0), (0.0, 50.0)]), 10.0)
        >>> half = Mark("notch", msg("mark.half-way"), point=(0.0, 25.0))
        >>> body = Piece("body", "A", msg("piece.body"), (edge,), (), marks=(half,), copies=("front", "back"))
        >>> a, b = ((EdgeUse("body", "side", copy),) for copy in body.copies)
        >>> seam = Seam("side", msg("seam.side"), a, b, 50.0, 50.0, 10.0)
        >>> number_notches([body], [seam])
        {('body', 0): 1}
    """
    group: dict[Notch, set[Notch]] = {}
    for seam in seams:
        for one, other in meeting_notches(pieces, seam):
            both = group.get(one, {one}) | group.get(other, {other})
            for notch in both:
                group[notch] = both
    numbers: dict[Notch, int] = {}
    last = 0
    for notch, together in group.items():
        if notch not in numbers:
            last += 1
            numbers |= dict.fromkeys(together, last)
    return numbers
