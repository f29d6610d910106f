"""The marks on a maker's ruler, and rounding to them."""

from __future__ import annotations

import math
from typing import Literal

from ..frozen import frozen

RoundingWay = Literal["up", "down", "nearest"]

# A size that is a hair over a mark because of floating point is on the mark, not past it.
_HAIR = 1e-6


@frozen
class Grid:
    """Equally spaced marks, ``step`` millimetres apart; ``step`` 0 means no rounding."""

    step: float = 0.0

    def round(self, mm: float, way: RoundingWay = "nearest") -> float:
        """The mark next to a length.

        Args:
            mm: any length (mm); on a mark but for a hair of rounding, it is that mark.
            way: the next mark up, down, or the nearer of both.

        Returns:
            A whole number of steps (mm); the length itself without a step.

        Example:
            >>> Grid(5.0).round(12.0), Grid(5.0).round(12.0, "up"), Grid().round(12.3)
            (10.0, 15.0, 12.3)
        """
        if self.step <= 0:
            return mm
        steps = mm / self.step
        nearest = round(steps)
        if abs(steps - nearest) * self.step <= _HAIR:
            return nearest * self.step
        if way == "up":
            return math.ceil(steps) * self.step
        if way == "down":
            return math.floor(steps) * self.step
        return nearest * self.step

    def shows(self, mm: float) -> bool:
        """True when a length (mm) falls on a mark, so that it can be read off the ruler.

        Example:
            >>> Grid(25.4 / 8).shows(31.75), Grid(1.0).shows(31.75)
            (True, False)
        """
        return self.step <= 0 or abs(self.round(mm) - mm) <= _HAIR
