"""The shelf of measured things."""

from __future__ import annotations

from typing import Any, cast

from flask import Response

from ...core.drafting.parts import PARTS
from ...core.drafting.reading import read_kept
from ...core.drafting.starting import settings_of, with_units
from ...core.errors import EggTuckError
from ...core.lengths import Ruler, Unit
from ...core.objects import DRAWER, KINDS, Notion, Thing
from ...core.pattern.asked import ThingDoc
from ...core.pattern.document import object_document
from ...core.pattern.written import ObjectDoc
from ...core.words import Speaker
from ...files.card import measuring_cards
from ...files.photos import small_photo
from ...files.profiles import MM_PER, ScanUnit, profile_text, read_profile_csv, read_scan
from ...store import things as store
from ..connection import database
from ..days import told_day
from ..language import asked_language
from ..problems import RefusedError
from ..queries import CardQuery, ScanQuery
from ..thing_model import ProfileTable, ThingChange, ThingList, ThingLook, ThingMeasures, ThingObject, ThingVersions
from ..thing_model import Thing as ThingModel
from .settings import current_settings
from .table import API


def view_of(thing: Thing | Notion, ruler: Ruler) -> ObjectDoc:
    """The thing's drawing and its measures."""
    return object_document(thing.view(), ruler)


@API.operation("GET", "/api/things", "The shelf", answer=ThingList, who="sewing")
def list_shelf() -> dict[str, Any]:
    shown, unread = [], []
    for row in store.list_things(database()):
        try:
            shown.append(_shown(row))
        except (EggTuckError, LookupError, TypeError, ValueError, AttributeError):
            # One that is not as it should be does not hide the others.
            unread.append({"id": row["id"], "name": row["name"]})
    return {"things": shown, "unread": unread}


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
    speaker = Speaker(ruler, asked_language())
    return {"view": view_of(thing, ruler), "remarks": _remarks(thing, speaker)}


@API.operation("POST", "/api/things/read-table", "A profile from a table", body=ProfileTable, answer=ThingObject)
def read_table(body: ProfileTable) -> dict[str, Any]:
    return _profile(read_profile_csv(body.text, body.unit), body.unit)


@API.operation(
    "POST",
    "/api/things/read-scan",
    "A profile from a 3-D scan (STL, OBJ or PLY), z up",
    body="application/octet-stream",
    answer=ThingObject,
    query=ScanQuery,
)
def read_a_scan(body: bytes, query: ScanQuery) -> dict[str, Any]:
    scan_unit = next((unit for unit in MM_PER if unit == query.scan_unit), None)
    if scan_unit is None:
        raise RefusedError(422, "scan-unit", "scan_unit", units=", ".join(MM_PER))
    return _profile(read_scan(body, query.kind, cast(ScanUnit, scan_unit)), query.unit)


def _profile(rows: list[tuple[float, float]], unit: Unit) -> dict[str, Any]:
    measures = {"kind": "profile", "profile": profile_text(rows, unit)}
    read_kept(measures, unit)
    return {"object": measures}


@API.operation(
    "GET",
    "/api/measuring-card.pdf",
    "A card to measure by: for one kind of thing, or for all",
    answer="application/pdf",
    query=CardQuery,
)
def write_measuring_card(query: CardQuery) -> Response:
    habits, kind = current_settings(), query.kind
    if kind is not None and kind not in KINDS:
        raise RefusedError(422, "kind", "kind", kinds=", ".join(KINDS))
    speaker = Speaker(Ruler(query.unit or habits["unit"], habits["decimal"]), asked_language())
    kinds = [KINDS[kind]] if kind is not None else list(KINDS.values())
    headers = {"Content-Disposition": 'inline; filename="measuring-card.pdf"'}
    return Response(measuring_cards(kinds, speaker), mimetype="application/pdf", headers=headers)


@API.operation("PUT", "/api/things/{id}", "Change a thing", body=ThingChange, answer=ThingModel)
def save_thing(id: str, body: ThingChange) -> dict[str, Any]:
    _measured(body.object, body.unit)
    return _shown(store.save_thing(database(), id, body.name, body.unit, body.object, body.note, body.revision))


@API.operation("GET", "/api/things/{id}/versions", "How a thing was before it was changed", answer=ThingVersions)
def list_thing_versions(id: str) -> dict[str, Any]:
    return {"versions": [_version(row) for row in store.list_versions(database(), id)]}


def _version(row: dict[str, Any]) -> dict[str, Any]:
    measures = [
        str(value) for name, value in row["object"].items() if name not in ("kind", "name", "preset", "assumed")
    ]
    return {
        **{name: row[name] for name in ("revision", "name", "unit", "object", "note")},
        "day": told_day(row["changed_at"][:10]),
        "measures": ", ".join(measures)[:200],
    }


@API.operation("DELETE", "/api/things/{id}", "Take a thing off the shelf", status=204)
def delete_thing(id: str) -> None:
    store.delete_thing(database(), id)


@API.operation("POST", "/api/things/{id}/restore", "Put it back", answer=ThingModel)
def restore_thing(id: str) -> dict[str, Any]:
    return _shown(store.restore_thing(database(), id))


@API.operation(
    "PUT",
    "/api/things/{id}/photo",
    "Keep a photo of it (JPEG, PNG or WebP)",
    body="application/octet-stream",
    answer=ThingModel,
)
def keep_photo(id: str, body: bytes) -> dict[str, Any]:
    small = small_photo(body)
    return _shown(store.set_photo(database(), id, small))


@API.operation("GET", "/api/things/{id}/photo", "Its photo", answer="image/jpeg")
def show_photo(id: str) -> Response:
    return Response(store.get_photo(database(), id), mimetype="image/jpeg")


@API.operation("DELETE", "/api/things/{id}/photo", "Take its photo away", answer=ThingModel)
def drop_photo(id: str) -> dict[str, Any]:
    return _shown(store.set_photo(database(), id, None))


def _measured(measures: ThingDoc, unit: str) -> Thing | Notion:
    return read_kept(measures, cast(Unit, unit))


def _shown(row: dict[str, Any]) -> dict[str, Any]:
    ruler = Ruler(cast(Unit, row["unit"]), current_settings()["decimal"])
    speaker = Speaker(ruler, asked_language())
    thing = _measured(row["object"], row["unit"])
    group, sets = "cover", {}
    if isinstance(thing, Thing):
        sets = _pocketed(thing, ruler)
    if isinstance(thing, Notion):
        group, sets = DRAWER[thing.kind].group, settings_of(DRAWER[thing.kind], row["object"], row["unit"])
    return {
        **row,
        "view": view_of(thing, ruler),
        "remarks": _remarks(thing, speaker),
        "group": group,
        "sets": sets,
        "written": with_units(row["object"], row["unit"]),
    }


def _pocketed(thing: Thing, ruler: Ruler) -> dict[str, str]:
    """What a pocket is told of a thing that it must hold."""
    held = {"holds": "measured", "holds_girth": ruler.exact(thing.girth), "holds_height": ruler.exact(thing.height)}
    kinds = [kind.id for kind in PARTS.values() if "holds" in kind.choices]
    return {f"parts.{kind}.{name}": value for kind in kinds for name, value in held.items()}


def _remarks(thing: Thing | Notion, speaker: Speaker) -> list[str]:
    return [] if isinstance(thing, Notion) else [speaker.say(check.message) for check in thing.checks()]
