"""The pile: what cloth and notions there are."""

from __future__ import annotations

from typing import Any, cast

from flask import Response

from ...core.cutting.notions import MADE, NOTIONS, notion_kind, notion_name
from ...core.cutting.piling import read_piled, traced
from ...core.lengths import Ruler, Unit
from ...core.materials import MATERIALS
from ...core.shop import SCRAP_LEAST
from ...core.words import Speaker
from ...files.photos import small_photo
from ...store import cuttings
from ...store import pile as store
from ..connection import database
from ..cutting_model import PiledChange, PiledThing, PileShown, TraceAsked, Traced
from ..language import asked_language
from ..problems import RefusedError
from .settings import current_settings
from .table import API


@API.operation("GET", "/api/pile", "What lies on the pile", answer=PileShown)
def list_pile() -> dict[str, Any]:
    speaker = Speaker(Ruler(), asked_language())
    taken = cuttings.taken_elsewhere(database(), "")
    return {
        "pile": [_shown(row, taken) for row in store.list_pile(database())],
        "notions": [
            {"id": id, "name": speaker.say(notion_name(id)), "told": told, "sized": sized}
            for id, (told, sized) in NOTIONS.items()
        ],
    }


@API.operation("POST", "/api/pile", "Put something on the pile", body=PiledChange, answer=PiledThing, status=201)
def add_piled(body: PiledChange) -> dict[str, Any]:
    return _shown(store.add_piled(database(), _read(body)))


@API.operation("PUT", "/api/pile/{id}", "Change something on the pile", body=PiledChange, answer=PiledThing)
def save_piled(id: str, body: PiledChange) -> dict[str, Any]:
    return _shown(store.save_piled(database(), id, _read(body)))


@API.operation("DELETE", "/api/pile/{id}", "Take something off the pile", status=204)
def delete_piled(id: str) -> None:
    store.delete_piled(database(), id)


@API.operation("POST", "/api/pile/{id}/restore", "Put it back", answer=PiledThing)
def restore_piled(id: str) -> dict[str, Any]:
    return _shown(store.restore_piled(database(), id))


@API.operation(
    "PUT",
    "/api/pile/{id}/photo",
    "Keep a photo of it (JPEG, PNG or WebP)",
    body="application/octet-stream",
    answer=PiledThing,
)
def keep_pile_photo(id: str, body: bytes) -> dict[str, Any]:
    return _shown(store.set_photo(database(), id, small_photo(body)))


@API.operation("GET", "/api/pile/{id}/photo", "Its photo", answer="image/jpeg")
def show_pile_photo(id: str) -> Response:
    return Response(store.get_photo(database(), id), mimetype="image/jpeg")


@API.operation("DELETE", "/api/pile/{id}/photo", "Take its photo away", answer=PiledThing)
def drop_pile_photo(id: str) -> dict[str, Any]:
    return _shown(store.set_photo(database(), id, None))


@API.operation("POST", "/api/pile/trace", "An outline traced on a photo, in mm", body=TraceAsked, answer=Traced)
def trace_scrap(body: TraceAsked) -> dict[str, Any]:
    ruler = Ruler(body.unit, current_settings()["decimal"])
    outline, holes, problems = traced(body.ruler, body.ruler_length, body.outline, body.holes, ruler)
    if problems:
        raise RefusedError(422, "pile", problems=[(one.field, one.message) for one in problems], ruler=ruler)
    xs, ys = [x for x, _ in outline], [y for _, y in outline]
    return {
        "outline": [[round(x, 2), round(y, 2)] for x, y in outline],
        "holes": [[[round(x, 2), round(y, 2)] for x, y in hole] for hole in holes],
        "width": ruler.about(max(xs) - min(xs)),
        "height": ruler.about(max(ys) - min(ys)),
    }


def _read(body: PiledChange) -> dict[str, Any]:
    ruler = Ruler(body.unit, current_settings()["decimal"])
    values, problems = read_piled(body.model_dump(), ruler)
    if problems:
        raise RefusedError(422, "pile", problems=[(one.field, one.message) for one in problems], ruler=ruler)
    return values


def _shown(row: dict[str, Any], taken: dict[str, float] | None = None) -> dict[str, Any]:
    if taken is None:
        taken = cuttings.taken_elsewhere(database(), "")
    ruler = Ruler(cast(Unit, row["unit"]), current_settings()["decimal"])
    speaker = Speaker(ruler, asked_language())
    counted = row["kind"] in ("count", "grams")
    left, reserved = row["left_over"], min(taken.get(row["id"], 0.0), row["left_over"])
    kind = notion_kind(row["what"])
    material = MATERIALS.get(row["what"])
    if row["kind"] == "cloth":
        what_name = speaker.say(material.name) if material else row["what"]
    else:
        what_name = speaker.say(notion_name(kind)) if kind in (*NOTIONS, MADE) or kind == "filling" else row["what"]
    return {
        **{name: row[name] for name in ("id", "kind", "name", "what", "unit", "outline", "holes", "washed")},
        "directional": row["directional"],
        "price": "" if row["price"] is None else f"{row['price']:.2f}".replace(".", ruler.decimal),
        "amount": f"{left:g}" if counted else ruler.sold(float(round(left))),
        "note": row["note"],
        "photo": row["photo"],
        "what_name": what_name,
        "notion": None if row["kind"] == "cloth" else kind,
        "width": "" if row["width"] is None else ruler.exact(row["width"]),
        "left": f"{left:g}" if counted else ruler.exact(left),
        "size": "" if row["size"] is None else ruler.exact(row["size"]),
        "reserved": "" if reserved <= 0 else f"{reserved:g}" if counted else ruler.sold(float(round(reserved))),
        "empty": left < (1 if counted else SCRAP_LEAST),
        "facts": [] if material is None else [speaker.say(fact) for fact in material.facts],
    }
