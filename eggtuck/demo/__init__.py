"""The demo workshop: a small honey-and-preserves kitchen by the sea."""

from __future__ import annotations

import json
from importlib import resources

from flask import Flask

from ..store import makes, open_database, projects, settings, things
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
        return True
    finally:
        connection.close()
