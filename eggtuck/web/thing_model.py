"""Measured things."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field, SkipValidation, StringConstraints

from ..core.pattern.asked import ThingDoc
from ..core.pattern.written import ObjectDoc
from .models import Given, Name, Note, Other, Taken, UnitName


class Thing(Given):
    id: str
    name: str
    unit: UnitName
    object: ThingDoc
    note: str
    revision: int
    view: ObjectDoc
    remarks: list[str]
    group: Literal["cover", "hardware", "wearer"]
    sets: dict[str, str]
    written: ThingDoc
    photo: bool


class ThingList(Given):
    """What lies on the shelf; and what lies there and can no longer be read, by name."""

    things: list[Thing]
    unread: list[Other]


class ThingLook(Given):
    """A thing not yet kept: its drawing and what is odd about its measures."""

    view: ObjectDoc
    remarks: list[str]


class ThingMeasures(Taken):
    unit: UnitName
    object: Annotated[ThingDoc, SkipValidation]


class ProfileTable(Taken):
    """Rows of height and girth as text, with the unit numbers without one are in."""

    text: Annotated[str, StringConstraints(max_length=200_000)]
    unit: UnitName


class ThingObject(Given):
    object: ThingDoc


class ThingChange(Taken):
    name: Name
    unit: UnitName
    object: Annotated[ThingDoc, SkipValidation]
    note: Note = ""
    # Which it is a change of; without one it is put in the place of whatever there is.
    revision: Annotated[int, Field(ge=1)] | None = None


class ThingVersion(Given):
    """How a thing was before it was changed, and until which day."""

    revision: int
    day: str
    name: str
    unit: UnitName
    object: ThingDoc
    note: str
    measures: str


class ThingVersions(Given):
    versions: list[ThingVersion]
