"""Rectangles on a roll by a packer that keeps every free rectangle in mind, where the skyline forgets what lies under a ledge."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import replace
from typing import Final

import rectpack

from ..pattern.lay import Laid

# It looks at every free rectangle for every piece: of more it would take longer than anyone waits for a first lay.
_MOST: Final = 80
# So much wider than it is may a roll be, that something of its full width goes in (mm).
_HAIR: Final = 1e-6
# Of all its ways and orders these five are as good as every one of them: on 150 tables of several makes within a ten thousandth, on average.
_WAYS: Final = (
    *((rectpack.MaxRectsBl, order) for order in (rectpack.SORT_SSIDE, rectpack.SORT_PERI, rectpack.SORT_AREA)),
    (rectpack.MaxRectsBssf, rectpack.SORT_SSIDE),
    (rectpack.MaxRectsBl, rectpack.SORT_LSIDE),
)


def pack_rectangles(every: Sequence[Laid], usable: float) -> Iterator[list[Laid]]:
    """Rectangles laid upright on a cloth ``usable`` mm wide, by each of some ways; none where they are too many, or one is too wide."""
    if len(every) > _MOST or any(one.width > usable + _HAIR for one in every):
        return
    long = sum(one.height for one in every) + _HAIR
    for algorithm, order in _WAYS:
        packer = rectpack.newPacker(rotation=False, pack_algo=algorithm, sort_algo=order)
        packer.add_bin(usable + _HAIR, long)
        for nth, one in enumerate(every):
            packer.add_rect(one.width, one.height, nth)
        packer.pack()
        placed = {nth: (x, y) for _, x, y, _, _, nth in packer.rect_list()}
        if len(placed) == len(every):
            yield [replace(one, x=placed[nth][0], y=placed[nth][1]) for nth, one in enumerate(every)]
