"""The cutting table: laying, searching for better lays, ticking off."""

from __future__ import annotations

import json
from collections.abc import Mapping
from dataclasses import dataclass, replace
from typing import Any

from flask import Response, current_app

from ... import background
from ...core.cutting.document import TableDoc, TableWriter, left_over
from ...core.cutting.ground import Spot
from ...core.cutting.laying import MOST, Layout, lay_out
from ...core.cutting.moving import let_go, next_angle, put_down
from ...core.cutting.piling import read_price
from ...core.cutting.plan import HouseRound, cut_plans, late_cuts
from ...core.cutting.reading import read_spots
from ...core.cutting.shopping import Buying, Priced, Scoop, Stocked, ruler_price, shopping
from ...core.cutting.table import NEW, Cloth, Make, Piled, Wish, asked_of, cloths_of, laid, uses_of, with_nowhere
from ...core.cutting.wishes import read_wish
from ...core.cutting.writing import spots_document, task_document
from ...core.drafting.reading import read_kept
from ...core.lengths import LengthError, Ruler, read_length
from ...core.materials import MATERIALS
from ...core.objects import Notion, holds
from ...core.pattern.problem import Problem
from ...core.shop import GRAMS_SOLD, KERF_MOST, LEFT_LEAST
from ...core.words import Speaker, msg
from ...files.cutting import plan_pdf, shopping_csv, shopping_pdf
from ...files.lays import lay_dxf, lay_pdf, lay_svg
from ...store import MissingError, projects, things
from ...store import cuttings as store
from ...store import pile as pile_store
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
from ..drafting import drafted
from ..language import asked_language
from ..problems import RefusedError
from ..queries import LayQuery
from ..sending import sent
from .settings import current_settings
from .table import API

# Where it is written down what of the notions on the pile a cutting takes, as it is for its cloths.
_NOTIONS = "notions"
# So many pieces lie on one table at most.
_MOST_PIECES = 1500


@dataclass(frozen=True, slots=True)
class Table:
    """Everything a cutting is reckoned from, laid as it is kept."""

    row: Mapping[str, Any]
    makes: list[Make]
    gone: set[str]
    pile: dict[str, Piled]
    stocked: list[Stocked]
    laid: list[tuple[Cloth, Layout]]
    house: list[HouseRound]
    scoops: list[Scoop]
    speaker: Speaker

    def cloth(self, key: str) -> tuple[Cloth, Layout]:
        found = next(((cloth, layout) for cloth, layout in self.laid if cloth.key == key), None)
        if found is None:
            raise RefusedError(404, "missing")
        return found

    def shopping(self) -> list[Buying]:
        priced = {what: Priced(**told) for what, told in pile_store.prices(database()).items()}
        return list(shopping(self.makes, self.laid, self.pile, self.stocked, priced, self.speaker.ruler, self.scoops))


def read_table(row: Mapping[str, Any]) -> Table:
    """A cutting's makes drafted, and everything laid: as it was kept, or anew where the makes have changed. Raises `RefusedError`, `SpecError`."""
    connection = database()
    habits = current_settings()
    ruler = Ruler(habits["unit"], habits["decimal"])
    makes, gone = _makes(row)
    pile, stocked = _pile(row["id"])
    wishes = _wishes(row, ruler)
    kept = store.lays_of(connection, row["id"])
    cloths = list(cloths_of(makes, wishes, pile, ruler))
    found = []
    for cloth in cloths:
        before = kept.get(cloth.key, {})
        layout, anew = laid(cloth, list(read_spots(before.get("spots", []))), before.get("asked") == asked_of(cloth))
        if anew:
            _keep(row["id"], cloth, layout, pile)
        elif (uses := uses_of(cloth, layout, pile)) != before["uses"]:
            store.set_uses(connection, row["id"], cloth.key, uses)
        found.append((cloth, layout))
    if set(kept) - {_NOTIONS, *(cloth.key for cloth in cloths)}:
        store.forget_lays(connection, row["id"], [_NOTIONS, *(cloth.key for cloth in cloths)])
    house, scoops = _of_the_house()
    return Table(row, makes, gone, pile, stocked, found, house, scoops, Speaker(ruler, asked_language()))


def _makes(row: Mapping[str, Any]) -> tuple[list[Make], set[str]]:
    found, gone = [], set()
    for make in row["makes"]:
        try:
            project = projects.get_project(database(), make["project"])
        except MissingError:
            gone.add(make["project"])
            continue
        found.append(Make(make["project"], project["name"], make["count"], drafted(project["spec"])))
    if sum(make.count * sum(len(lay.laid) for lay in make.draft.lays) for make in found) > _MOST_PIECES:
        raise RefusedError(422, "lay", problems=[("makes", msg("problem.makes-many", most=_MOST_PIECES))])
    return found, gone


def _wishes(row: Mapping[str, Any], ruler: Ruler) -> dict[str, Wish]:
    """How cloths are to be laid. What cannot be read was refused when it was typed; on another ruler it is read as on the one it was typed on."""
    found = {}
    for key, typed in row["settings"].get("cloths", {}).items():
        unit = row["settings"].get("unit", ruler.unit)
        found[key] = read_wish(typed, "", Ruler(unit, ruler.decimal))[0]
    return found


def _pile(cutting: str) -> tuple[dict[str, Piled], list[Stocked]]:
    """What lies on the pile for this cutting: less what is laid for others, with what was cut or used for it already."""
    connection = database()
    elsewhere = store.taken_elsewhere(connection, cutting)
    taken, added = pile_store.taken_for(connection, cutting)
    pile, stocked = {}, []
    for row in pile_store.list_pile(connection):
        if row["id"] in added:
            continue
        left = max(0.0, row["left_over"] + taken.get(row["id"], 0.0) - elsewhere.get(row["id"], 0.0))
        ruler = Ruler(row["unit"])
        if row["kind"] == "cloth":
            shaped, material = row["outline"] is not None, MATERIALS.get(row["what"])
            pile[row["id"]] = Piled(
                row["id"],
                row["name"],
                row["what"],
                row["width"],
                # Of a scrap all or nothing is there.
                0.0 if shaped and row["id"] in elsewhere else left,
                tuple((x, y) for x, y in row["outline"]) if shaped else None,
                tuple(tuple((x, y) for x, y in hole) for hole in row["holes"]),
                row["directional"],
                row["washed"],
                row["price"],
                0.0 if row["washed"] or shaped or material is None else material.shrink,
            )
        else:
            per = {"length": ruler_price(ruler), "grams": float(GRAMS_SOLD)}.get(row["kind"], 1.0)
            price = None if row["price"] is None else row["price"] / per
            stocked.append(Stocked(row["id"], row["name"], row["what"], left, price))
    return pile, stocked


def _of_the_house() -> tuple[list[HouseRound], list[Scoop]]:
    """What round things of the house have been measured, and which of them filling is measured with."""
    house, scoops = [], []
    for row in things.list_things(database()):
        notion = read_kept(row["object"], row["unit"])
        if isinstance(notion, Notion) and notion.kind == "round":
            held = holds(notion)
            # Round a scoop nobody draws: it is measured inside.
            if held is None:
                house.append(HouseRound(row["name"], notion.measures["across"]))
            else:
                scoops.append(Scoop(row["name"], held))
    return house, scoops


def _keep(cutting: str, cloth: Cloth, layout: Layout, pile: Mapping[str, Piled]) -> None:
    spots = spots_document(with_nowhere(layout))
    store.save_lay(database(), cutting, cloth.key, spots, asked_of(cloth), uses_of(cloth, layout, pile))


def show(row: Mapping[str, Any]) -> dict[str, Any]:
    """Everything on the table, told."""
    table = read_table(row)
    connection = database()
    _reserve_notions(table)
    named = {make.key: make.name for make in table.makes}
    return {
        "id": row["id"],
        "name": row["name"],
        "revision": row["revision"],
        "makes": [
            {**make, "name": named.get(make["project"], ""), "gone": make["project"] in table.gone}
            for make in row["makes"]
        ],
        "settings": {"cloths": row["settings"].get("cloths", {}), "kerf": row["settings"].get("kerf", "")},
        "table": _told(table),
        "searches": store.jobs_of(connection, row["id"]),
        "ticks": sorted(store.ticks_of(connection, row["id"])),
        "pile": [
            {
                "id": one.id,
                "name": one.name,
                "text": table.speaker.say(msg("lay.left", width=one.width, length=one.length)),
            }
            for one in table.pile.values()
        ],
    }


def lay_as_it_is(row: Mapping[str, Any]) -> list[Any]:
    """How everything of a cutting lies at this moment, cloth by cloth."""
    table = read_table(row)
    writer = TableWriter(table.makes, table.pile, table.speaker)
    return [writer.cloth(cloth, layout) for cloth, layout in table.laid]


def cost_of_one(row: Mapping[str, Any], project: str) -> str:
    """What one make of a project takes of what is bought and of the pile; nothing where not all of it has a price."""
    table = read_table(row)
    writer = TableWriter(table.makes, table.pile, table.speaker)
    costs = writer.costs(table.shopping(), table.laid)
    for make, cost in zip(writer.makes.values(), costs, strict=True):
        if make.key == project and not cost["lacks"]:
            return cost["each"]
    return ""


def _reserve_notions(table: Table) -> None:
    """Keeps for this cutting what of the pile it takes besides cloth; what is ticked off is taken already."""
    id = table.row["id"]
    ticked = store.ticks_of(database(), id)
    uses: dict[str, float] = {}
    for one in table.shopping():
        if one.width is None and f"bought {one.id}" not in ticked:
            for piled, amount in one.takes.items():
                uses[piled] = uses.get(piled, 0.0) + amount
    if uses != store.lays_of(database(), id).get(_NOTIONS, {}).get("uses", {}):
        store.save_lay(database(), id, _NOTIONS, [], "", uses)


def _told(table: Table) -> TableDoc:
    writer = TableWriter(table.makes, table.pile, table.speaker)
    rows = table.shopping()
    return {
        "cloths": [writer.cloth(cloth, layout) for cloth, layout in table.laid],
        "plan": [writer.plan(plan) for plan in cut_plans(table.makes, table.laid, table.pile, table.house)],
        "late": [writer.late(late) for late in late_cuts(table.makes)],
        "shopping": [writer.buying(one) for one in rows],
        "total": writer.total(rows),
        "costs": list(writer.costs(rows, table.laid)),
    }


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
    _makes({"makes": [make.model_dump() for make in body.makes]})
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
    _makes({"makes": makes})
    told["unit"] = ruler.unit
    return show(store.save_cutting(database(), id, body.revision, body.name, makes, told))


@API.operation("DELETE", "/api/cuttings/{id}", "Clear the table", status=204)
def delete_cutting(id: str) -> None:
    store.delete_cutting(database(), id)


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
    _keep(id, cloth, found, table.pile)
    return show(row)


@API.operation("POST", "/api/cuttings/{id}/unpin", "Take the pin out of a piece", body=SpotNamed, answer=CuttingShown)
def unpin_spot(id: str, body: SpotNamed) -> dict[str, Any]:
    row, table, cloth, layout = _to_change(id, body.cloth)
    _keep(id, cloth, let_go(cloth.task, layout, body.cutout), table.pile)
    return show(row)


@API.operation("POST", "/api/cuttings/{id}/again", "Lay a cloth again", body=Again, answer=CuttingShown)
def lay_again(id: str, body: Again) -> dict[str, Any]:
    row, table, cloth, layout = _to_change(id, body.cloth)
    pinned = [spot for spot in layout.spots if spot.pinned and body.keep]
    _keep(id, cloth, lay_out(cloth.task, pinned), table.pile)
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
    return sent(plan_pdf(_told(table), title, table.speaker), "application/pdf", title, "pdf", show=True)


@API.operation("GET", "/api/cuttings/{id}/shopping.pdf", "The shopping list to print", answer="application/pdf")
def write_shopping(id: str) -> Response:
    table, title = _titled(id)
    return sent(shopping_pdf(_told(table), title, table.speaker), "application/pdf", title, "pdf", show=True)


@API.operation("GET", "/api/cuttings/{id}/shopping.csv", "The shopping list as a table", answer="text/csv")
def write_shopping_table(id: str) -> Response:
    table, title = _titled(id)
    return sent(shopping_csv(_told(table)), "text/csv", title, "csv")


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
