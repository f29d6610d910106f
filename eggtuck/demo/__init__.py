"""The demo workshop: a small honey-and-preserves kitchen by the sea."""

from __future__ import annotations

import datetime
import json
import sqlite3
from importlib import resources
from typing import Any

from flask import Flask

from ..core.cutting.piling import read_piled
from ..core.cutting.table import cloth_key
from ..core.lengths import Ruler
from ..core.record.clock import Span
from ..core.shop import EVENING
from ..core.words import Speaker
from ..store import batches, cuttings, orders, pile, projects, settings, sittings, things, transaction
from ..web.connection import database, let_go
from ..web.drafting import drafted, picture_text
from ..web.logbook import keep_make
from ..web.record_model import NewMake


def add_demo(app: Flask) -> bool:
    """Lay the demo on an empty table, all of it or, where that is broken off, nothing. Returns whether anything was added."""
    with app.app_context():
        connection = database()
        try:
            with transaction(connection):
                if projects.list_projects(connection) or things.list_things(connection):
                    return False
                _lay_out(connection)
            return True
        finally:
            # The server's processes are forked from here: none of them may inherit it.
            let_go(app)


def _lay_out(connection: sqlite3.Connection) -> None:
    data = json.loads(resources.files("eggtuck.demo").joinpath("workshop.json").read_text(encoding="utf-8"))
    settings.set_settings(connection, data["settings"])
    for thing in data["things"]:
        things.add_thing(connection, thing["name"], thing["unit"], thing["object"], thing["note"])
    for project in data["projects"]:
        picture = picture_text(drafted(project["spec"]))
        row = projects.add_project(connection, project["name"], project["spec"], picture)
        projects.set_progress(connection, row["id"], project["done"], project["done"][-1] if project["done"] else None)
        if project["name"] in data["templates"]:
            projects.add_project(connection, row["name"], row["spec"], picture, template=True)
        for make in project["makes"]:
            _log(row, make)
    _add_pile(connection, data)
    _add_plans(connection, data)


def _log(project: dict[str, Any], make: dict[str, Any]) -> None:
    """A make in the log: its evening on the clock, what was noted at its steps, and what was written down at the end."""
    draft = drafted(project["spec"])
    speaker = Speaker(draft.ruler, draft.language)
    clock = datetime.datetime.fromisoformat(f"{make['entry']['made_on']}T18:00").timestamp()
    spans = []
    for nth, step in enumerate(draft.steps if make["pace"] else ()):
        # No two evenings are alike.
        minutes = step.minutes * make["pace"].get(step.kind, 1.0) * (0.9, 1.05, 1.0, 1.12)[nth % 4]
        spans.append(Span(step.id, "hands", clock, clock + minutes * 60))
        clock += minutes * 60
    sittings.keep_spans(database(), project["id"], spans, None)
    for note in make["notes"]:
        title = next(speaker.say(step.title) for step in draft.steps if step.id == note["step"])
        sittings.add_note(database(), project["id"], {**note, "form": draft.form, "title": title})
    projects.set_why(database(), project["id"], make["why"])
    keep_make(projects.get_project(database(), project["id"]), draft, NewMake.model_validate(make["entry"]), None)


def _add_pile(connection: sqlite3.Connection, data: dict[str, Any]) -> None:
    """Cloth and notions, what they cost, and makes that are laid together on some of them."""
    named = {}
    for one in data["pile"]:
        kept, problems = read_piled(
            {"washed": False, "directional": False, "price": None, **one},
            Ruler(one["unit"], data["settings"]["decimal"]),
        )
        assert not problems, problems
        named[one["name"]] = pile.add_piled(connection, kept)["id"]
    for what, (price, pack) in data["prices"].items():
        pile.set_price(connection, what, price, pack)
    by_name = {row["name"]: row for row in projects.list_projects(connection)}
    for cutting in data["cuttings"]:
        rows = [(by_name[name], count) for name, count in cutting["makes"]]
        counts = [{"project": row["id"], "count": count} for row, count in rows]
        kept = cuttings.add_cutting(connection, cutting["name"], counts)
        wishes = {
            cloth_key(lay): {"on": [named[name] for name in cutting["from_pile"][lay.cloth]]}
            for row, _ in rows
            for lay in drafted(projects.get_project(connection, row["id"])["spec"]).lays
            if lay.cloth in cutting["from_pile"] and lay.role == "outer"
        }
        filled = {key: {**_AS_USUAL, **wish} for key, wish in wishes.items()}
        told = {"cloths": filled, "kerf": "", "unit": data["settings"]["unit"]}
        cuttings.save_cutting(connection, kept["id"], kept["revision"], kept["name"], counts, told)


def _add_plans(connection: sqlite3.Connection, data: dict[str, Any]) -> None:
    """What is promised, in so many days from today, and what is made together."""
    ids = {row["name"]: row["id"] for row in projects.list_projects(connection)}
    today = datetime.date.today()
    for order in data["orders"]:
        due = today + datetime.timedelta(days=order["in_days"])
        told = {name: value for name, value in order.items() if name not in ("make", "in_days")}
        orders.add_order(connection, {**told, "project_id": ids[order["make"]], "due": due.isoformat()})
    settings = {"evening": int(EVENING), "weekdays": list(range(7)), "begin": today.isoformat(), "at": "19:00"}
    for batch in data["batches"]:
        makes = [{"project": ids[name], "count": count} for name, count in batch["makes"]]
        batches.add_batch(connection, batch["name"], makes, settings)


# How a cloth lies when nobody wishes it otherwise.
_AS_USUAL = {
    "fold": False,
    "across": None,
    "gap": "",
    "repeat_up": "",
    "repeat_across": "",
    "cut_from": None,
    "sold": "length",
    "first": "least",
    "buy": True,
}
