"""Places on a piece that are taken."""

from __future__ import annotations

from dataclasses import dataclass

from ..words import Message

# Left, low, right, high (mm).
Box = tuple[float, float, float, float]


@dataclass(frozen=True, slots=True)
class Zone:
    """What lies where on the piece (mm)."""

    name: Message
    box: Box

    def overlaps(self, box: Box) -> bool:
        (a0, b0, a1, b1), (c0, d0, c1, d1) = self.box, box
        return a0 < c1 - 1e-6 and c0 < a1 - 1e-6 and b0 < d1 - 1e-6 and d0 < b1 - 1e-6
