"""The cutting table: laying, searching for better lays, ticking off."""

from __future__ import annotations

import json
from collections.abc import Mapping
from dataclasses import replace
from typing import Any

from flask import Response, current_app

from ... import background
from ...core.cutting.document import TableWriter, left_over
from ...core.cutting.ground import Spot
from ...core.cutting.laying import MOST, Layout, lay_out
from ...core.cutting.moving import let_go, next_angle, put_down
from ...core.cutting.piling import read_price
from ...core.cutting.shopping import Buying, ruler_price
from ...core.cutting.table import NEW, Cloth, asked_of, uses_of, with_nowhere
from ...core.cutting.wishes import read_wish
from ...core.cutting.writing import spots_document, task_document
from ...core.lengths import LengthError, Ruler, read_length
from ...core.pattern.problem import Problem
from ...core.shop import GRAMS_SOLD, KERF_MOST, LEFT_LEAST
from ...core.words import msg
from ...files.cutting import plan_pdf, shopping_csv, shopping_pdf
from ...files.lays import lay_dxf, lay_pdf, lay_svg
from ...store import cuttings as store
from ...store import pile as pile_store
from ...store import projects
from ...store.away import bring_one_back
from ..connection import database
from ..cutting_model import (
    Again,
    ClothNamed,
    CuttingChange,
    CuttingList,
    CuttingShown,
    NewCutting,
    PriceTold,
    SearchAsked,
    SpotMoved,
    SpotNamed,
    Tick,
)
from ..cutting_table import Table, keep_lay, read_makes, read_table, show, told_table
from ..problems import RefusedError
from ..queries import LayQuery
from ..sending import sent
from .settings import current_settings
from .table import API


@API.operation("GET", "/api/cuttings", "What is being cut", answer=CuttingList)
def list_cuttings() -> dict[str, Any]:
    named = {row["id"]: row["name"] for row in projects.list_projects(database())}
    return {
        "cuttings": [
            {
                "id": row["id"],
                "name": row["name"],
                "makes": [named[make["project"]] for make in row["makes"] if make["project"] in named],
            }
            for row in store.list_cuttings(database())
        ]
    }


@API.operation("POST", "/api/cuttings", "Lay several makes together", body=NewCutting, answer=CuttingShown, status=201)
def begin_cutting(body: NewCutting) -> dict[str, Any]:
    for make in body.makes:
        projects.get_project(database(), make.project)
    read_makes({"makes": [make.model_dump() for make in body.makes]})
    return show(store.add_cutting(database(), body.name, [make.model_dump() for make in body.makes]))


@API.operation("POST", "/api/projects/{id}/cutting", "The cutting of one make", answer=CuttingShown)
def open_cutting(id: str) -> dict[str, Any]:
    projects.get_project(database(), id)
    return show(store.cutting_of(database(), id))


@API.operation("GET", "/api/cuttings/{id}", "Everything on the cutting table", answer=CuttingShown)
def read_cutting(id: str) -> dict[str, Any]:
    return show(store.get_cutting(database(), id))


@API.operation(
    "PUT", "/api/cuttings/{id}", "Other makes, or cloths laid otherwise", body=CuttingChange, answer=CuttingShown
)
def change_cutting(id: str, body: CuttingChange) -> dict[str, Any]:
    habits = current_settings()
    ruler = Ruler(habits["unit"], habits["decimal"])
    told = body.settings.model_dump()
    _kerf(told["kerf"], ruler, "settings.kerf")
    problems = []
    for key, typed in told["cloths"].items():
        problems += read_wish(typed, f"settings.cloths.{key}", ruler)[1]
        host = typed["cut_from"]
        if host is not None and told["cloths"].get(host, {}).get("cut_from") is not None:
            problems.append(Problem(f"settings.cloths.{key}.cut_from", msg("problem.cut-from")))
    if problems:
        raise RefusedError(422, "lay", problems=[(one.field, one.message) for one in problems], ruler=ruler)
    makes = [make.model_dump() for make in body.makes]
    # What is too much is refused before it is kept.
    read_makes({"makes": makes})
    told["unit"] = ruler.unit
    return show(store.save_cutting(database(), id, body.revision, body.name, makes, told))


@API.operation("DELETE", "/api/cuttings/{id}", "Clear the table", status=204)
def delete_cutting(id: str) -> None:
    store.delete_cutting(database(), id)


@API.operation("POST", "/api/cuttings/{id}/restore", "Put it back", status=204)
def restore_cutting(id: str) -> None:
    bring_one_back(database(), "cuttings", id)


@API.operation("POST", "/api/cuttings/{id}/spots", "Put a piece down elsewhere", body=SpotMoved, answer=CuttingShown)
def move_spot(id: str, body: SpotMoved) -> dict[str, Any]:
    row, table, cloth, layout = _to_change(id, body.cloth)
    spot = next((spot for spot in layout.spots if spot.cutout == body.cutout), None)
    if spot is None or body.ground not in cloth.task.ground_ids:
        raise RefusedError(404, "missing")
    angle = next_angle(cloth.task, body.cutout, spot.angle) if body.turn else spot.angle
    if body.turn and angle == spot.angle:
        raise RefusedError(422, "lay", problems=[("cutout", msg("problem.cannot-turn"))])
    found = put_down(cloth.task, layout, Spot(body.cutout, body.ground, body.x, body.y, angle, True))
    if found is None:
        raise RefusedError(422, "lay", problems=[("x", msg("problem.lay-no-room"))])
    keep_lay(id, cloth, found, table.pile)
    return show(row)


@API.operation("POST", "/api/cuttings/{id}/unpin", "Take the pin out of a piece", body=SpotNamed, answer=CuttingShown)
def unpin_spot(id: str, body: SpotNamed) -> dict[str, Any]:
    row, table, cloth, layout = _to_change(id, body.cloth)
    keep_lay(id, cloth, let_go(cloth.task, layout, body.cutout), table.pile)
    return show(row)


@API.operation("POST", "/api/cuttings/{id}/again", "Lay a cloth again", body=Again, answer=CuttingShown)
def lay_again(id: str, body: Again) -> dict[str, Any]:
    row, table, cloth, layout = _to_change(id, body.cloth)
    pinned = [spot for spot in layout.spots if spot.pinned and body.keep]
    keep_lay(id, cloth, lay_out(cloth.task, pinned), table.pile)
    return show(row)


@API.operation(
    "POST", "/api/cuttings/{id}/search", "Search for a better lay", body=SearchAsked, answer=CuttingShown, status=202
)
def search_lay(id: str, body: SearchAsked) -> dict[str, Any]:
    row, table, cloth, layout = _to_change(id, body.cloth)
    if len(cloth.task.cutouts) > MOST:
        raise RefusedError(422, "lay", problems=[("cloth", msg("problem.makes-many", most=MOST))])
    if store.running_jobs(database()) >= background.MOST_AT_ONCE:
        raise RefusedError(409, "searching", most=background.MOST_AT_ONCE)
    # Unless somebody wants it, nothing is laid across that lies upright now: a little less cloth is no reason.
    turned = any(spot.angle in (90, 270) for spot in layout.spots)
    task = replace(cloth.task, across=cloth.task.across and (turned or cloth.wish.across is True))
    spots = spots_document(with_nowhere(layout))
    uses = uses_of(cloth, layout, table.pile)
    stamp = store.save_lay(database(), id, cloth.key, spots, asked_of(cloth), uses)
    store.start_job(database(), id, cloth.key, stamp, json.dumps(task_document(task)), body.seconds)
    background.start(current_app.config["DATA"], "lay", id, cloth.key)
    return show(row)


@API.operation(
    "POST", "/api/cuttings/{id}/stop", "Stop searching with the best there is", body=ClothNamed, answer=CuttingShown
)
def stop_search(id: str, body: ClothNamed) -> dict[str, Any]:
    row = store.get_cutting(database(), id)
    store.stop_job(database(), id, body.cloth)
    return show(row)


@API.operation("PUT", "/api/cuttings/{id}/ticks", "Tick something off", body=Tick, answer=CuttingShown)
def tick_off(id: str, body: Tick) -> dict[str, Any]:
    row = store.get_cutting(database(), id)
    if not body.done:
        pile_store.untick(database(), id, body.line)
        return show(row)
    table = read_table(row)
    kind, _, key = body.line.partition(" ")
    takes: Mapping[str, float] = {}
    adds: list[dict[str, Any]] = []
    if kind == "cloth":
        cloth, layout = table.cloth(key)
        takes = uses_of(cloth, layout, table.pile)
        adds = _left_of(table, cloth, layout)
    elif kind == "bought":
        bought = next((one for one in table.shopping() if one.id == key), None)
        if bought is None:
            raise RefusedError(404, "missing")
        if bought.width is None:
            takes = bought.takes
            adds = _left_of_notion(table, bought)
    pile_store.tick(database(), id, body.line, takes, adds)
    return show(row)


def _left_of(table: Table, cloth: Cloth, layout: Layout) -> list[dict[str, Any]]:
    """What is left when a cloth has been cut, as scraps of the pile: the rectangles between the pieces, and what of the new cloth is not taken."""
    say = table.speaker.say
    common = {
        "kind": "cloth",
        "what": cloth.what,
        "unit": table.speaker.ruler.unit,
        "washed": True,
        "directional": cloth.directional,
        "note": "",
    }
    found = []
    for ground in cloth.task.grounds:
        piled = table.pile.get(ground.id)
        called = piled.name if piled else say(cloth.material)
        name = say(msg("pile.left-of", name=called))[:120]
        for x0, y0, x1, y1 in left_over(cloth, layout, ground) if layout.length(cloth.task, ground.id) else ():
            w, h = x1 - x0, y1 - y0
            corners = [[0.0, 0.0], [w, 0.0], [w, h], [0.0, h]]
            found.append({**common, "name": name, "width": w, "left_over": h, "outline": corners, "holes": []})
    bought = next((one for one in table.shopping() if one.id == f"cloth {cloth.key}"), None)
    there = store.ticks_of(database(), table.row["id"])
    if (
        bought is not None
        and f"bought {bought.id}" in there
        and bought.left >= LEFT_LEAST
        and NEW in cloth.task.ground_ids
    ):
        name = say(msg("pile.left-of", name=say(cloth.material)))[:120]
        found.append({**common, "name": name, "width": cloth.width, "left_over": bought.left, "price": bought.price})
    return found


def _left_of_notion(table: Table, bought: Buying) -> list[dict[str, Any]]:
    """What is left of something bought when the makes have taken theirs."""
    if bought.left <= 0:
        return []
    per = {"length": ruler_price(table.speaker.ruler), "grams": float(GRAMS_SOLD)}.get(bought.told, 1.0)
    each = None if bought.price is None else bought.price * per / (bought.pack or per)
    name = table.speaker.say(msg("pile.bought", name=bought.name))[:120]
    return [
        {
            "kind": bought.told,
            "name": name,
            "what": bought.what,
            "unit": table.speaker.ruler.unit,
            "left_over": bought.left,
            "size": bought.size,
            "price": each,
            "note": "",
            "washed": False,
            "directional": False,
        }
    ]


@API.operation("PUT", "/api/cuttings/{id}/prices", "What something costs", body=PriceTold, answer=CuttingShown)
def tell_price(id: str, body: PriceTold) -> dict[str, Any]:
    row = store.get_cutting(database(), id)
    habits = current_settings()
    ruler = Ruler(habits["unit"], habits["decimal"])
    price, pack, problems = read_price(body.price, body.pack, body.kind, ruler)
    if problems:
        raise RefusedError(422, "lay", problems=[(one.field, one.message) for one in problems], ruler=ruler)
    pile_store.set_price(database(), body.what, price, pack)
    return show(row)


@API.operation(
    "GET", "/api/cuttings/{id}/lay.{kind}", "The lay in mm: pdf, svg or dxf", answer="image/svg+xml", query=LayQuery
)
def write_lay(id: str, kind: str, query: LayQuery) -> Response:
    if kind not in ("pdf", "svg", "dxf"):
        raise RefusedError(404, "lay-kind")
    table, title = _titled(id)
    told = TableWriter(table.makes, table.pile, table.speaker)
    cloths = [told.cloth(*one) for one in table.laid if query.cloth in ("", one[0].key)]
    if not any(ground["laid"] for cloth in cloths for ground in cloth["grounds"]):
        raise RefusedError(404, "missing")
    unit = table.row["settings"].get("unit", table.speaker.ruler.unit)
    kerf = _kerf(query.kerf or table.row["settings"].get("kerf", ""), Ruler(unit, table.speaker.ruler.decimal), "kerf")
    match kind:
        case "pdf":
            return sent(lay_pdf(cloths, title, kerf), "application/pdf", title, "pdf", show=True)
        case "svg":
            return sent(lay_svg(cloths, title, kerf), "image/svg+xml", title, "svg")
    return sent(lay_dxf(cloths, kerf), "image/vnd.dxf", title, "dxf")


def _kerf(text: str, ruler: Ruler, field: str) -> float:
    if not text.strip():
        return 0.0
    try:
        mm = read_length(text, ruler.unit).mm
    except LengthError as error:
        raise RefusedError(422, "lay", problems=[(field, msg("problem.lay-length"))]) from error
    if not 0 <= mm <= KERF_MOST:
        problem = msg("problem.lay-range", low=0.0, high=float(KERF_MOST))
        raise RefusedError(422, "lay", problems=[(field, problem)], ruler=ruler)
    return mm


@API.operation("GET", "/api/cuttings/{id}/plan.pdf", "The cut plan to print", answer="application/pdf")
def write_plan(id: str) -> Response:
    table, title = _titled(id)
    return sent(plan_pdf(told_table(table), title, table.speaker), "application/pdf", title, "pdf", show=True)


@API.operation("GET", "/api/cuttings/{id}/shopping.pdf", "The shopping list to print", answer="application/pdf")
def write_shopping(id: str) -> Response:
    table, title = _titled(id)
    return sent(shopping_pdf(told_table(table), title, table.speaker), "application/pdf", title, "pdf", show=True)


@API.operation("GET", "/api/cuttings/{id}/shopping.csv", "The shopping list as a table", answer="text/csv")
def write_shopping_table(id: str) -> Response:
    table, title = _titled(id)
    return sent(shopping_csv(told_table(table)), "text/csv", title, "csv")


def _titled(id: str) -> tuple[Table, str]:
    row = store.get_cutting(database(), id)
    table = read_table(row)
    return table, row["name"] or ", ".join(make.name for make in table.makes)[:120] or table.speaker.say(
        msg("file.cutting")
    )


def _to_change(id: str, key: str) -> tuple[dict[str, Any], Table, Cloth, Layout]:
    """A cloth that is to be laid otherwise. Raises `RefusedError` where it is cut already."""
    row = store.get_cutting(database(), id)
    table = read_table(row)
    cloth, layout = table.cloth(key)
    if f"cloth {key}" in store.ticks_of(database(), id):
        raise RefusedError(409, "cut-already")
    return row, table, cloth, layout
