"""What may stand behind the question mark of an address, operation by operation."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import BaseModel, ConfigDict, Field, StringConstraints

from ..files.care import CardKind
from ..files.paper import Paper
from ..files.pdf import Part
from ..store.finding import Group
from .models import UnitName


class Query(BaseModel):
    """Unknown names are refused, as in a body."""

    model_config = ConfigDict(extra="forbid")


class RulerQuery(Query):
    unit: UnitName | None = None


class CardQuery(RulerQuery):
    kind: Annotated[str, StringConstraints(max_length=40)] | None = None


class PaperQuery(Query):
    paper: Paper | None = None


class PagesQuery(PaperQuery):
    """``now`` names the state of the pieces, so that a browser shows no older picture; the server has no use for it."""

    now: Annotated[str, StringConstraints(max_length=20_000)] = ""


class PrintQuery(PaperQuery):
    """``acknowledged`` prints although a check says stop."""

    part: Part = "all"
    acknowledged: Literal["yes"] | None = None


class ImportQuery(Query):
    """What is done with a project that is here already, but other than in the file."""

    meeting: Literal["ask", "leave", "replace", "both"] = "ask"


class CareQuery(Query):
    kind: CardKind = "care"


class LayQuery(Query):
    """``cloth`` limits it to one; ``kerf`` is what a cutter takes away along its line, as a length."""

    cloth: Annotated[str, StringConstraints(max_length=200)] = ""
    kerf: Annotated[str, StringConstraints(max_length=40)] = ""


class ScanQuery(Query):
    """``scan_unit`` is what the scan was made in; ``unit`` what its profile is written in."""

    kind: Annotated[str, StringConstraints(to_lower=True, max_length=10)] = ""
    scan_unit: Annotated[str, StringConstraints(max_length=10)] = ""
    unit: UnitName = "cm"


class DrawingQuery(Query):
    kind: Annotated[str, StringConstraints(to_lower=True, max_length=10)] = ""
    drawn_unit: Annotated[str, StringConstraints(max_length=10)] = ""
    name: Annotated[str, StringConstraints(max_length=80)] = ""


class StepQuery(Query):
    """At which step, and of which entry of the log; without one it is of the make in hand."""

    step: Annotated[str, StringConstraints(max_length=200)] = ""
    make: Annotated[str, StringConstraints(max_length=60)] | None = None


class LogbookQuery(Query):
    """Which entries of the log: those that hold all the words, of a form, of a year."""

    words: Annotated[str, StringConstraints(max_length=200)] = ""
    form: Annotated[str, StringConstraints(max_length=60)] = ""
    year: Annotated[str, StringConstraints(pattern=r"^(\d{4})?$")] = ""
    page: Annotated[int, Field(ge=0, le=100_000)] = 0


class PictureQuery(Query):
    """``revision`` is that of the project: with it the picture may be kept by the browser."""

    revision: Annotated[int, Field(ge=0)] | None = None


class FitQuery(Query):
    """From which make on, and which page of the shelf."""

    make: Annotated[int, Field(ge=0, le=1_000_000)] = 0
    page: Annotated[int, Field(ge=0, le=100_000)] = 0


class TableQuery(Query):
    """Which projects: those that hold all the words, of a form, that far, worked on since a day, or put away."""

    words: Annotated[str, StringConstraints(max_length=200)] = ""
    form: Annotated[str, StringConstraints(max_length=60)] = ""
    state: Literal["", "new", "begun", "made"] = ""
    since: Annotated[str, StringConstraints(pattern=r"^(\d{4}-\d\d-\d\d)?$")] = ""
    away: bool = False
    group: Group = "family"
    page: Annotated[int, Field(ge=0, le=100_000)] = 0
