"""Its sizes, decided before any piece is drawn."""

from __future__ import annotations

import math

from ...frozen import frozen


@frozen
class Disc:
    """The front, sewn up: radius, and the net straight edges of the two segments (mm above the middle)."""

    radius: float
    upper: float
    lower: float
    z: float

    def half_chord(self, y: float) -> float:
        return math.sqrt(max(0.0, self.radius**2 - y * y))

    def zip_end(self, trimmed: bool) -> tuple[float, float]:
        """Where the middle line of the zip ends on the right of the back: on its circle, or on what is left of one that is trimmed."""
        y = (self.upper + self.lower) / 2
        x = (self.half_chord(self.upper) + self.half_chord(self.lower)) / 2 if trimmed else self.half_chord(y)
        return x, y

    @property
    def shift(self) -> float:
        """How far the upper segment moves down when both halves and the zip are joined; the lower moves up as far
        again where the rest of the loss lies."""
        return self.upper - self.lower - self.z
