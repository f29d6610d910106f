"""What a spec is written as: the one definition of what a maker asks, which the reader reads by and every interface is described by.

Lengths are as the maker wrote them. Which sizes, choices, measures and lengths of parts there are is the catalogue's to say.
"""

from __future__ import annotations

from typing import Any, Literal, NotRequired, Required

from typing_extensions import TypedDict

from ..lengths import DecimalMark, Unit
from ..words import Language
from .piece import CutRule, Held, InSeams, On, Role

# A JSON object nobody has checked yet.
Untrusted = dict[str, Any]
# A length as it was written: "25,4", "10 in", or a plain number in the spec's unit.
Written = str | float


class ThingDoc(TypedDict, total=False):
    """A thing to be covered: its kind and its measures by name, of which some may be assumed only."""

    kind: Required[str]
    name: str
    preset: str
    assumed: list[str]


class LayerDoc(TypedDict, total=False):
    """A cloth, or what stiffens or pads one: that one says on which cloth it lies, by which rule it is cut (for some pieces otherwise, by
    their ids), how it is held, and whether it stays in the seams."""

    material: Required[str]
    role: Required[Role]
    thickness: Written
    width: Written
    directional: bool
    confirmed: bool
    margin: Written
    on: On
    cut: CutRule
    inset: Written
    low: Written
    high: Written
    pieces: dict[str, CutRule]
    held: Held
    in_seams: InSeams
    seconds: Written
    steam: Literal["steam", "dry"]


class PartDoc(TypedDict, total=False):
    """Something the make carries: its kind, how many, its lengths and choices by name, and on which copy of which piece it lies."""

    kind: Required[str]
    count: Written
    piece: str
    copy: str


class ShapeDoc(TypedDict):
    """A panel's own outline: rows of ``x, y, bulge`` in mm."""

    name: NotRequired[str]
    outline: list[list[float]]


class BlockRowDoc(TypedDict, total=False):
    """A row of blocks of a pieced top: how high it is, and how wide each block of it from the left; what is left empty takes the rest."""

    height: Written
    widths: Required[list[Written]]


class CorrectionDoc(TypedDict, total=False):
    """A number that was put right when instructions were checked: as it was given, as it is, and why."""

    label: str
    theirs: str
    ours: str
    reason: str


class SpecDoc(TypedDict, total=False):
    """What a maker asks for. Of the sizes ``volume`` is what it is to hold, with its own unit."""

    form: Required[str]
    unit: Unit
    decimal: DecimalMark
    language: Language
    object: ThingDoc
    size: dict[str, Written]
    ease: dict[str, Written]
    allowance: dict[str, Written]
    options: dict[str, str]
    layers: list[LayerDoc]
    rounding: Written
    parts: list[PartDoc]
    also: list[ThingDoc]
    wearer: dict[str, Written]
    shape: ShapeDoc
    blocks: list[BlockRowDoc]
    corrections: list[CorrectionDoc]
