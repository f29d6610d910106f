"""The demo workshop: a small honey-and-preserves kitchen by the sea."""

from __future__ import annotations

import json
import sqlite3
from importlib import resources
from typing import Any

from flask import Flask

from ..core.cutting.piling import read_piled
from ..core.cutting.table import cloth_key
from ..core.lengths import Ruler
from ..store import cuttings, makes, open_database, pile, projects, settings, things
from ..web.drafting import drafted, picture_text


def add_demo(app: Flask) -> bool:
    """Lay the demo on an empty table. Returns whether anything was added."""
    connection = open_database(app.config["DATA"])
    try:
        if projects.list_projects(connection) or things.list_things(connection):
            return False
        data = json.loads(resources.files("eggtuck.demo").joinpath("workshop.json").read_text(encoding="utf-8"))
        settings.set_settings(connection, data["settings"])
        for thing in data["things"]:
            things.add_thing(connection, thing["name"], thing["unit"], thing["object"], thing["note"])
        for project in data["projects"]:
            row = projects.add_project(
                connection, project["name"], project["spec"], picture_text(drafted(project["spec"]))
            )
            projects.set_progress(
                connection, row["id"], project["done"], project["done"][-1] if project["done"] else None
            )
            for make in project["makes"]:
                makes.add_make(
                    connection,
                    row["id"],
                    make["made_on"],
                    make["minutes"],
                    make["measured"],
                    make["differed"],
                    make["next_time"],
                    project["spec"],
                )
        _add_pile(connection, data)
        return True
    finally:
        connection.close()


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
            for lay in drafted(row["spec"]).lays
            if lay.cloth in cutting["from_pile"] and lay.role == "outer"
        }
        filled = {key: {**_AS_USUAL, **wish} for key, wish in wishes.items()}
        told = {"cloths": filled, "kerf": "", "unit": data["settings"]["unit"]}
        cuttings.save_cutting(connection, kept["id"], kept["revision"], kept["name"], counts, told)


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
