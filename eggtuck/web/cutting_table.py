"""A cutting as it stands: its makes drafted, everything laid as it is kept, and all of it told."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Any

from ..core.cutting.document import TableDoc, TableWriter
from ..core.cutting.laying import Layout
from ..core.cutting.plan import HouseRound, cut_plans, late_cuts
from ..core.cutting.reading import read_spots
from ..core.cutting.shopping import Buying, Priced, Scoop, Stocked, ruler_price, shopping
from ..core.cutting.table import Cloth, Make, Piled, Wish, asked_of, cloths_of, laid, uses_of, with_nowhere
from ..core.cutting.wishes import read_wish
from ..core.cutting.writing import spots_document
from ..core.drafting.reading import read_kept
from ..core.frozen import frozen
from ..core.lengths import Ruler
from ..core.materials import MATERIALS
from ..core.objects import Notion, holds
from ..core.pattern import SpecError
from ..core.shop import GRAMS_SOLD
from ..core.words import Speaker, msg
from ..store import MissingError, projects, things
from ..store import cuttings as store
from ..store import pile as pile_store
from .connection import database
from .drafting import drafted
from .language import asked_language
from .made_ahead import ready_pieces
from .problems import RefusedError
from .routes.settings import current_settings

# Where it is written down what of the notions on the pile a cutting takes, as it is for its cloths.
_NOTIONS = "notions"
# So many pieces lie on one table at most.
_MOST_PIECES = 1500


@frozen
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
    makes, gone = read_makes(row)
    pile, stocked = _pile(row["id"])
    wishes = _wishes(row, ruler)
    kept = store.lays_of(connection, row["id"])
    cloths = list(cloths_of(makes, wishes, pile, ruler))
    found = []
    for cloth in cloths:
        before = kept.get(cloth.key, {})
        layout, anew = laid(cloth, list(read_spots(before.get("spots", []))), before.get("asked") == asked_of(cloth))
        if anew:
            keep_lay(row["id"], cloth, layout, pile)
        elif (uses := uses_of(cloth, layout, pile)) != before["uses"]:
            store.set_uses(connection, row["id"], cloth.key, uses)
        found.append((cloth, layout))
    if set(kept) - {_NOTIONS, *(cloth.key for cloth in cloths)}:
        store.forget_lays(connection, row["id"], [_NOTIONS, *(cloth.key for cloth in cloths)])
    house, scoops = _of_the_house()
    return Table(row, makes, gone, pile, stocked, found, house, scoops, Speaker(ruler, asked_language()))


def read_makes(row: Mapping[str, Any]) -> tuple[list[Make], set[str]]:
    found, gone = [], set()
    for make in row["makes"]:
        try:
            project = projects.get_project(database(), make["project"])
        except MissingError:
            gone.add(make["project"])
            continue
        draft = drafted(project["spec"])
        found.append(Make(make["project"], project["name"], make["count"], draft, ready_pieces(make["project"], draft)))
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
        try:
            notion = read_kept(row["object"], row["unit"])
        except SpecError:
            continue
        if isinstance(notion, Notion) and notion.kind == "round":
            held = holds(notion)
            # Round a scoop nobody draws: it is measured inside.
            if held is None:
                house.append(HouseRound(row["name"], notion.measures["across"]))
            else:
                scoops.append(Scoop(row["name"], held))
    return house, scoops


def keep_lay(cutting: str, cloth: Cloth, layout: Layout, pile: Mapping[str, Piled]) -> None:
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
        "table": told_table(table),
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


def told_table(table: Table) -> TableDoc:
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
