"""What is sewn to what."""

from __future__ import annotations

from ..frozen import frozen
from ..shop import EQUAL, UNSEEN
from ..words import Message
from .piece import Copy, Edge, Role


@frozen
class EdgeUse:
    """An edge as it takes part in a seam: the edge called ``key`` of one copy of a piece, from which cloth when a seam joins
    two, and whether it is walked backwards so that both sides run the same way."""

    piece: str
    key: str
    copy: Copy = "whole"
    layer: Role | None = None
    reversed: bool = False

    @classmethod
    def of(cls, edge: Edge, copy: Copy = "whole") -> EdgeUse:
        """An edge of one copy of its piece."""
        return cls(edge.piece, edge.key, copy)

    @property
    def edge(self) -> str:
        """What files call the edge, whichever copy it is on."""
        return f"{self.piece}.{self.key}"


@frozen
class Seam:
    """Two chains of edges sewn together in one line of stitching. The lengths are the net lengths of what is really joined
    (mm). ``layers`` are the cloths in which this seam is sewn: once in each, or ``as_one`` in one go, as any seam is that joins cloth
    to cloth. ``caught`` are edges that lie
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
    as_one: bool = False

    @property
    def times(self) -> int:
        """How often it is sewn."""
        joins = any(use.layer is not None for use in (*self.a, *self.b))
        return 1 if self.as_one or joins else len(self.layers)

    def uses_of(self, *keys: str) -> tuple[EdgeUse, ...]:
        """Its edges with these names: side a's, then side b's, each where it first passes them."""
        return tuple(use for side in (self.a, self.b) for key in keys for use in [u for u in side if u.key == key][:1])

    @property
    def difference(self) -> float:
        return self.length_a - self.length_b

    def uneven(self, step: float) -> float:
        """By how much one side is the longer (mm); nothing where that is less than is seen, or than a mark of the ruler, ``step`` mm, makes."""
        off = abs(self.difference)
        return off if off > max(EQUAL, step / 2, UNSEEN * min(self.length_a, self.length_b)) else 0.0


@frozen
class Hem:
    """Edges that are turned and stitched down instead of being joined. ``depth`` is how far the turned
    cloth reaches (mm)."""

    id: str
    name: Message
    edges: tuple[EdgeUse, ...]
    depth: float


@frozen
class Gap:
    """A stretch of a seam left open for turning: from ``start`` to ``end`` (mm) along ``edges``, which are the two sides of
    the seam, or with ``chain`` follow one another. The allowances of both ``sides`` lie open there: pieces, each in its cloth."""

    id: str
    seam: str
    edges: tuple[EdgeUse, ...]
    start: float
    end: float
    layer: Role
    chain: bool = False
    sides: tuple[tuple[str, Role], ...] = ()

    @property
    def length(self) -> float:
        return self.end - self.start

    @property
    def pieces(self) -> tuple[str, ...]:
        """The pieces on its two sides, those of the outer first."""
        return tuple(dict.fromkeys(piece for piece, _ in sorted(self.sides, key=lambda side: side[1] != "outer")))

    @property
    def cloth(self) -> Role | None:
        """The cloth of both its sides; None where outer and lining meet there."""
        return self.layer if {cloth for _, cloth in self.sides} <= {self.layer} else None
