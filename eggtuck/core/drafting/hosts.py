"""Where a part may lie: on which copy of which piece of the make."""

from __future__ import annotations

from collections.abc import Iterable, Iterator

from ..frozen import frozen
from ..pattern import Copy, Piece
from ..shop import HOST_LEAST
from ..words import Message, msg


@frozen
class Host:
    """A copy of a piece that a part may lie on, and what it is called; ``back`` is the half of it behind a fold at its side or
    its base."""

    piece: str
    copy: Copy
    name: Message
    back: bool = False


def hosts_of(pieces: Iterable[Piece]) -> tuple[Host, ...]:
    """Every copy of every piece that is cut of cloth and large enough to lie something on, by letter; nothing of strips."""
    ordered = sorted(pieces, key=lambda piece: (len(piece.letter), piece.letter))
    return tuple(host for piece in ordered if _bears(piece) for host in _copies(piece))


def _bears(piece: Piece) -> bool:
    folded = any(mark.label.id == "mark.strap-fold" for mark in piece.marks)
    # Of what is sewn on across its corners half is cut away.
    halved = any(mark.label.id == "mark.sew-diagonal" for mark in piece.marks)
    if piece.join_loss is not None or folded or halved or not piece.own_cloths:
        return False
    x0, y0, x1, y1 = piece.stitch_box
    return min(x1 - x0, y1 - y0) >= HOST_LEAST


def _copies(piece: Piece) -> Iterator[Host]:
    def called(which: str, number: int) -> Message:
        words = f"host.{which}" if which in ("front", "back") else "host.nth"
        return msg(words, piece=piece.name, letter=piece.letter, number=number)

    if len(piece.copies) > 1:
        for nth, copy in enumerate(piece.copies, 1):
            yield Host(piece.id, copy, called(copy, nth))
    elif piece.side_fold is not None or piece.base_fold is not None:
        for which in ("front", "back"):
            yield Host(piece.id, which, called(which, 1), which == "back")
    else:
        yield Host(piece.id, piece.copies[0], msg("host.whole", piece=piece.name, letter=piece.letter))
