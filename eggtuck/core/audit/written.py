"""What an audit, and a cut list of our own, are written as."""

from __future__ import annotations

from typing import Literal, NotRequired, Required

from typing_extensions import TypedDict

from ..lengths import DecimalMark, Unit
from ..pattern import Verdict
from ..pattern.asked import LayerDoc, PartDoc, ShapeDoc, SpecDoc, ThingDoc, Written
from ..pattern.written import LengthDoc
from ..words import Language


class AskedDoc(TypedDict):
    field: str
    label: str


class KnownDoc(TypedDict):
    name: str
    label: str


class NumberDoc(TypedDict):
    name: str
    label: str
    typed: str
    given: LengthDoc
    right: LengthDoc
    difference: float


class OtherWay(TypedDict):
    name: str
    right: LengthDoc


class FindingDoc(TypedDict):
    id: str
    verdict: Verdict
    title: str
    message: str
    name: str | None
    given: LengthDoc | None
    right: LengthDoc | None
    others: list[OtherWay]


class FitCheckDoc(TypedDict):
    id: str
    verdict: Verdict
    title: str
    message: str
    fix: str | None


class FitDoc(TypedDict):
    thing: str
    verdict: Verdict
    checks: list[FitCheckDoc]


class AuditDoc(TypedDict):
    """What a cut list makes: what is missing, every disagreement with the right number, and what fits."""

    format: Literal["egg-tuck-audit"]
    version: Literal[1]
    form: str
    missing: list[AskedDoc]
    asked: list[str]
    size: dict[str, LengthDoc]
    finished: dict[str, float]
    numbers: list[NumberDoc]
    known: list[KnownDoc]
    findings: list[FindingDoc]
    fits: list[FitDoc]
    spec: SpecDoc | None


class ClothDoc(TypedDict, total=False):
    """The cloth of one layer as instructions tell it: how much to buy, how wide, and whether it has a way up."""

    length: Written
    width: Written
    directional: bool


class ThingTried(TypedDict):
    """A thing to try in the make."""

    name: str
    object: ThingDoc


class ToldListDoc(TypedDict, total=False):
    """A cut list as somebody wrote it: a form and its choices, cut ``numbers`` by name, finished sizes told outright or only claimed,
    cloth by role, by how much pieces are cut ``over``, and where two tabs that face each other sit."""

    form: Required[str]
    unit: Unit
    decimal: DecimalMark
    language: Language
    numbers: dict[str, Written]
    size: dict[str, Written]
    allowance: dict[str, Written]
    options: dict[str, str]
    layers: list[LayerDoc]
    parts: list[PartDoc]
    shape: ShapeDoc
    claims: dict[str, Written]
    cloth: dict[str, ClothDoc | Written]
    over: dict[str, Written]
    tabs: list[Written]
    things: list[ThingTried]


class CutListDoc(TypedDict):
    """A cut list of a draft of our own, as an audit takes it."""

    form: str
    unit: Literal["mm"]
    numbers: dict[str, float]
    size: dict[str, float]
    allowance: dict[str, float]
    options: dict[str, str]
    layers: list[LayerDoc]
    parts: NotRequired[list[PartDoc]]
    shape: NotRequired[ShapeDoc]
