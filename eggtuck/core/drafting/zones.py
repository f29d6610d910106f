"""Places on a piece that are taken."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass

from ..words import Message

# Left, low, right, high (mm).
Box = tuple[float, float, float, float]


@dataclass(frozen=True, slots=True)
class Zone:
    """What lies where on the piece (mm); a ``pocket`` by the id of its piece, for another may lie on it, on the same
    side of the cloth."""

    name: Message
    box: Box
    pocket: str = ""
    inside: bool = False

    def overlaps(self, box: Box) -> bool:
        (a0, b0, a1, b1), (c0, d0, c1, d1) = self.box, box
        return a0 < c1 - 1e-6 and c0 < a1 - 1e-6 and b0 < d1 - 1e-6 and d0 < b1 - 1e-6

    def bears(self, box: Box) -> bool:
        """Whether it is a pocket on which another can lie: within its sides and above its lower edge, and lower than its upper one, so that
        a hand still gets into it."""
        x0, y0, x1, y1 = self.box
        within = x0 <= box[0] + 1e-6 and box[2] <= x1 + 1e-6 and y0 <= box[1] + 1e-6
        return bool(self.pocket) and within and box[3] < y1 - 1e-6


def largest_clear(box: Box, taken: Iterable[Zone], apart: float, least: float) -> Box | None:
    """The largest rectangle left of a box when what is taken in it, and ``apart`` mm round that, is left out; None where none is ``least``
    mm wide and high."""
    left = [box]
    for zone in taken:
        x0, y0, x1, y1 = zone.box
        wide = Zone(zone.name, (x0 - apart, y0 - apart, x1 + apart, y1 + apart))
        found = []
        for a0, b0, a1, b1 in left:
            if not wide.overlaps((a0, b0, a1, b1)):
                found.append((a0, b0, a1, b1))
                continue
            c0, d0, c1, d1 = wide.box
            found += [(a0, b0, c0, b1), (c1, b0, a1, b1), (a0, b0, a1, d0), (a0, d1, a1, b1)]
        left = [one for one in found if one[2] - one[0] >= least and one[3] - one[1] >= least]
    return max(left, key=lambda one: (one[2] - one[0]) * (one[3] - one[1]), default=None)
