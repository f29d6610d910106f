"""Rows of blocks of the maker's own: how high each row is and how wide each block of it, and what is left open takes what is left."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from ..frozen import frozen

# How many rows there may be, and blocks in a row.
MOST_ROWS, MOST_IN_A_ROW = 20, 20


@frozen
class BlockRow:
    """A row as it was asked for, from the left (mm); None for what takes the rest."""

    height: float | None
    widths: tuple[float | None, ...]


def shared(
    told: Sequence[float | None], whole: float, on_ruler: Callable[[float], float]
) -> tuple[tuple[float, ...], float]:
    """What each gets of a ``whole``: what is told ``on_ruler``, those left open in equal shares, of which the last takes what the ruler's marks
    leave; and how much is left over where none is open, less than nothing where it is too much."""
    found = [None if mm is None else on_ruler(mm) for mm in told]
    left = whole - sum(mm for mm in found if mm is not None)
    opened = [i for i, mm in enumerate(found) if mm is None]
    for i in opened[:-1]:
        found[i] = on_ruler(left / len(opened))
    rest = whole - sum(mm for mm in found if mm is not None)
    if opened:
        found[opened[-1]] = rest
    return tuple(mm or 0.0 for mm in found), 0.0 if opened or abs(rest) < 0.5 else rest


# What a maker who has told nothing begins with: a middle block with one at each side, and a strip above and below.
FRAMED = (BlockRow(None, (None,)), BlockRow(None, (None, None, None)), BlockRow(None, (None,)))
