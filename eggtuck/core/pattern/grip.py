"""Where a part can be taken hold of on a piece, and what of it changes as it is moved."""

from __future__ import annotations

from ..frozen import frozen
from ..words import Message
from .piece import Role


@frozen
class Move:
    """A length of a part, which is ``value`` now and grows by so much for each mm it is moved to the right and up (mm). It may
    never be less than ``low`` or more than ``high``; near one of ``snaps`` it is meant to be that."""

    name: str
    value: float
    right: float
    up: float
    low: float
    high: float
    snaps: tuple[float, ...] = ()

    def moved(self, x: float, y: float) -> float:
        """The length when it has been moved by ``(x, y)`` mm."""
        return min(self.high, max(self.low, self.value + self.right * x + self.up * y))


@frozen
class Grip:
    """One place of a part on a piece: which ``part`` of the spec's, where it lies there (left, low, right, high, in mm), and the lengths that
    say so."""

    part: int
    name: Message
    piece: str
    role: Role | None
    box: tuple[float, float, float, float]
    moves: tuple[Move, ...]
