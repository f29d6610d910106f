"""The shape of an audit, for the OpenAPI description. The document itself is written by the core."""

from __future__ import annotations

from typing import Annotated, Any, Literal

from pydantic import BaseModel, ConfigDict, Field, StringConstraints

from .draft_model import Length
from .models import Given, Taken

Verdict = Literal["ok", "note", "warn", "stop"]


class CutListBody(BaseModel):
    """A cut list: a form and its choices, ``numbers`` by name, sizes told outright; checked by the core field by field."""

    model_config = ConfigDict(extra="allow")


class AskedDoc(Given):
    field: str
    label: str


class KnownDoc(Given):
    name: str
    label: str


class NumberDoc(Given):
    name: str
    label: str
    typed: str
    given: Length
    right: Length
    difference: float


class OtherWay(Given):
    name: str
    right: Length


class FindingDoc(Given):
    id: str
    verdict: Verdict
    title: str
    message: str
    name: str | None
    given: Length | None
    right: Length | None
    others: list[OtherWay]


class FitCheckDoc(Given):
    id: str
    verdict: Verdict
    title: str
    message: str
    fix: str | None


class FitDoc(Given):
    thing: str
    verdict: Verdict
    checks: list[FitCheckDoc]


class FitList(Given):
    """Every thing on the shelf that the form is for, tried in the make at its current size; the best first."""

    fits: list[FitDoc]


class CutListAnswer(Given):
    cut_list: dict[str, Any]


class TableText(Taken):
    text: Annotated[str, StringConstraints(max_length=200_000)]


class MakeFits(Given):
    """One make and the things tried in it, by their ids."""

    id: str
    name: str
    fits: dict[str, FitDoc]


class FitTable(Given):
    """Makes that things go into, each with every thing its form is for."""

    makes: list[MakeFits]


class AuditDoc(Given):
    """What a cut list makes: what is missing, every disagreement with the right number, and what fits."""

    format: Literal["egg-tuck-audit"]
    version: Literal[1]
    form: str
    missing: list[AskedDoc]
    asked: list[str]
    size: dict[str, Length]
    finished: dict[str, float]
    numbers: list[NumberDoc]
    known: list[KnownDoc]
    findings: list[FindingDoc]
    fits: list[FitDoc]
    spec: dict[str, Any] | None


class CutListDoc(Given):
    """A cut list of a draft of our own, as an audit takes it."""

    form: str
    unit: Literal["mm"]
    numbers: dict[str, float]
    size: dict[str, float]
    allowance: dict[str, float]
    options: dict[str, str]
    layers: list[dict[str, Any]]
    parts: list[dict[str, Any]] = Field(default_factory=list)
    shape: dict[str, Any] | None = None
