"""The shelf of measured things."""

from __future__ import annotations

from typing import Any, cast

from ...core.forms.reading import read_thing
from ...core.lengths import Ruler, Unit
from ...core.objects import Thing
from ...core.pattern import SpecError
from ...core.pattern.document import object_document
from ...core.wording import Speaker
from ...store import things as store
from ..models import Thing as ThingModel
from ..models import ThingChange, ThingList, ThingLook, ThingMeasures
from ..problems import refused_spec
from .settings import current_settings
from .table import API, database


def view_of(thing: Thing, ruler: Ruler) -> dict[str, Any]:
    """The thing's drawing and its measures."""
    return object_document(thing.view(), ruler)


@API.operation("GET", "/api/things", "The shelf", answer=ThingList)
def list_shelf() -> dict[str, Any]:
    return {"things": [_shown(row) for row in store.list_things(database())]}


@API.operation("POST", "/api/things", "Put a thing on the shelf", body=ThingChange, answer=ThingModel, status=201)
def add_thing(body: ThingChange) -> dict[str, Any]:
    _measured(body.object, body.unit)
    return _shown(store.add_thing(database(), body.name, body.unit, body.object, body.note))


@API.operation(
    "POST", "/api/things/look", "Look at measures without keeping them", body=ThingMeasures, answer=ThingLook
)
def look_at_thing(body: ThingMeasures) -> dict[str, Any]:
    thing = _measured(body.object, body.unit)
    ruler = Ruler(body.unit, current_settings()["decimal"])
    speaker = Speaker(ruler)
    return {"view": view_of(thing, ruler), "remarks": [speaker.say(c.message) for c in thing.checks()]}


@API.operation("PUT", "/api/things/{id}", "Change a thing", body=ThingChange, answer=ThingModel)
def save_thing(id: str, body: ThingChange) -> dict[str, Any]:
    _measured(body.object, body.unit)
    return _shown(store.save_thing(database(), id, body.name, body.unit, body.object, body.note))


@API.operation("DELETE", "/api/things/{id}", "Take a thing off the shelf", status=204)
def delete_thing(id: str) -> None:
    store.delete_thing(database(), id)


@API.operation("POST", "/api/things/{id}/restore", "Put it back", answer=ThingModel)
def restore_thing(id: str) -> dict[str, Any]:
    return _shown(store.restore_thing(database(), id))


def _measured(measures: dict[str, Any], unit: str) -> Thing:
    try:
        return read_thing(measures, cast(Unit, unit))
    except SpecError as error:
        raise refused_spec(error, {"unit": unit}) from error


def _shown(row: dict[str, Any]) -> dict[str, Any]:
    ruler = Ruler(cast(Unit, row["unit"]), current_settings()["decimal"])
    speaker = Speaker(ruler)
    thing = _measured(row["object"], row["unit"])
    return {**row, "view": view_of(thing, ruler), "remarks": [speaker.say(c.message) for c in thing.checks()]}
