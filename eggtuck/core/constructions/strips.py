"""Strips that are folded in four."""

from __future__ import annotations

from ..pattern import Mark
from ..plane import Segment
from ..words import msg

# Layers of a strip that is folded in four.
IN_FOUR = 4


def fold_marks(length: float, wide: float) -> list[Mark]:
    """The three folds of a strip that is folded in four and then ``wide`` (mm)."""
    folds = [Segment((0.0, y), (length, y)) for y in (wide, 2 * wide, 3 * wide)]
    return [
        Mark("line", msg("mark.strap-fold"), (fold,), datum=msg("mark.strap-fold.datum", raw=fold.start[1]))
        for fold in folds
    ]
