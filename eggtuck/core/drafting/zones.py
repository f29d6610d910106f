"""Places on a piece that are taken."""

from __future__ import annotations

import math

from ..frozen import frozen
from ..pattern import Copy, Role
from ..plane import Point
from ..plane.boxes import Box, overlap
from ..words import Message


@frozen
class Zone:
    """What lies where on the piece (mm); a ``pocket`` by the id of its piece, for another may lie on it, on the same
    side of the cloth."""

    name: Message
    box: Box
    pocket: str = ""
    inside: bool = False

    def overlaps(self, box: Box) -> bool:
        return overlap(self.box, box)

    def bears(self, box: Box) -> bool:
        """Whether it is a pocket on which another can lie: within its sides and above its lower edge, and lower than its upper one, so that
        a hand still gets into it."""
        x0, y0, x1, y1 = self.box
        within = x0 <= box[0] + 1e-6 and box[2] <= x1 + 1e-6 and y0 <= box[1] + 1e-6
        return bool(self.pocket) and within and box[3] < y1 - 1e-6


@frozen
class Tack:
    """What is tacked to the edge of a copy, on which cloth: where (net, mm), and how far it reaches along the edge to both sides of there (mm)."""

    name: Message
    copy: tuple[str, Copy, Role | None]
    point: Point
    half: float

    def meets(self, other: Tack) -> bool:
        """Whether two of them lie on each other."""
        return self.copy == other.copy and math.dist(self.point, other.point) < self.half + other.half - 1e-6
