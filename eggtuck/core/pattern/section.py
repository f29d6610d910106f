"""How cloths lie on each other: a cut through a piece, outside in, and what is settled of each layer that lies on a cloth."""

from __future__ import annotations

from typing import Literal

from ..frozen import frozen
from ..words import Message
from .piece import CutRule, Held, InSeams, On, Role

# Which way the side that tells points: out of the make, or into it.
Way = Literal["out", "in"]


@frozen
class SectionLayer:
    """One layer of a cut: ``thickness`` in mm. A cloth shows its right side one ``way``; what is fused has its glue on one."""

    role: Role
    material: Message
    thickness: float
    right: Way | None = None
    glue: Way | None = None
    notes: tuple[Message, ...] = ()


@frozen
class Section:
    """A cut through pieces that are layered alike, outside in."""

    pieces: tuple[str, ...]
    layers: tuple[SectionLayer, ...]

    @property
    def thickness(self) -> float:
        """Of all of it (mm)."""
        return sum(layer.thickness for layer in self.layers)


@frozen
class BackingPiece:
    """A piece that can take a layer: the rule it is cut by, the one it is cut by when nothing is said of this piece, and whether the maker
    has."""

    piece: str
    rule: CutRule
    usual: CutRule
    told: bool


@frozen
class Backing:
    """What is settled of a layer that lies on a cloth: its place among the spec's layers, whether it may be on ``either`` of two and on what it
    lies, how it is cut and held, whether a
    seam has ``caught`` it where it could be trimmed out, and if so whether it stays there, how long the iron stands and with what, how much smaller it is where it is
    (mm), the same in a few words, and piece by piece."""

    layer: int
    role: Role
    either: bool
    on: On
    rule: CutRule
    held: Held
    caught: bool
    in_seams: InSeams
    seconds: int
    steam: bool
    inset: float
    notes: tuple[Message, ...]
    pieces: tuple[BackingPiece, ...]
