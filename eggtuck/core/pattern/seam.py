"""What is sewn to what."""

from __future__ import annotations

from dataclasses import dataclass

from ..wording import Message
from .piece import Role

# Which copy of a piece: "whole" where there is one, "back" for the piece turned over.
Copy = str


@dataclass(frozen=True, slots=True)
class EdgeUse:
    """An edge as it takes part in a seam: which copy of its piece, from which cloth when a seam joins
    two, and whether it is walked backwards so that both sides run the same way."""

    edge: str
    copy: Copy = "whole"
    layer: Role | None = None
    reversed: bool = False


@dataclass(frozen=True, slots=True)
class Seam:
    """Two chains of edges sewn together. The lengths are the net lengths of what is really joined
    (mm). ``layers`` are the cloths in which this seam is sewn, once in each. ``caught`` are edges that lie
    between the two and are caught along part of it: a flap, a zip's tape, the foot of a loop. ``mate`` names the allowance keys of
    side b, so that it can be made equal to side a's; with ``set_back`` its raw edges are laid apart on purpose."""

    id: str
    name: Message
    a: tuple[EdgeUse, ...]
    b: tuple[EdgeUse, ...]
    length_a: float
    length_b: float
    allowance: float
    layers: tuple[Role, ...] = ("outer",)
    caught: tuple[EdgeUse, ...] = ()
    mate: tuple[str, ...] = ()
    set_back: bool = False

    @property
    def difference(self) -> float:
        return self.length_a - self.length_b


@dataclass(frozen=True, slots=True)
class Hem:
    """Edges that are turned and stitched down instead of being joined. ``depth`` is how far the turned
    cloth reaches (mm)."""

    id: str
    name: Message
    edges: tuple[EdgeUse, ...]
    depth: float


@dataclass(frozen=True, slots=True)
class Gap:
    """A stretch of a seam left open for turning: from ``start`` to ``end`` (mm) along the named edges, which are the two sides of
    the seam, or with ``chain`` follow one another."""

    id: str
    seam: str
    edges: tuple[str, ...]
    start: float
    end: float
    layer: Role
    chain: bool = False

    @property
    def length(self) -> float:
        return self.end - self.start
