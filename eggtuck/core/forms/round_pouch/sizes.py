"""Its sizes, decided before any piece is drawn."""

from __future__ import annotations

import math
from dataclasses import dataclass


@dataclass(frozen=True, slots=True)
class Disc:
    """The front, sewn up: radius, and the net straight edges of the two segments (mm above the middle)."""

    radius: float
    upper: float
    lower: float
    z: float

    def half_chord(self, y: float) -> float:
        return math.sqrt(max(0.0, self.radius**2 - y * y))

    @property
    def shift(self) -> float:
        """How far the upper segment moves down when both halves and the zip are joined; the lower moves up as far
        again where the rest of the loss lies."""
        return self.upper - self.lower - self.z
