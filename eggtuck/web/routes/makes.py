"""The logbook of a project."""

from __future__ import annotations

import datetime
import zlib
from collections.abc import Mapping
from typing import Any

import orjson
from flask import Response

from ...core.forms import CATALOGUE, unconfirmed
from ...core.record.facts import read_facts
from ...core.record.trial import WRONG
from ...core.words import Speaker, msg
from ...store import MissingError, cuttings, projects, sittings
from ...store import makes as store
from ..connection import database
from ..cutting_table import cost_of_one, lay_as_it_is
from ..drafting import drafted, picture_text
from ..logbook import facts_now, keep_make, own_ruler, read_entry, show_make, show_measured, show_sizes, show_tests
from ..project_model import Project
from ..record_model import (
    AsItStands,
    AsMade,
    ChangedMake,
    CostOfOne,
    MadeAgain,
    Make,
    MakeList,
    MakeVersions,
    NewMake,
    Why,
    WhyTold,
)
from .projects import show_project
from .table import API


@API.operation("GET", "/api/projects/{id}/makes", "What was made, the latest first", answer=MakeList, who="sewing")
def list_makes(id: str) -> dict[str, Any]:
    project = projects.get_project(database(), id)
    draft = drafted(project["spec"])
    speaker = Speaker(draft.ruler, draft.language)
    why = projects.get_why(database(), id)
    notes, photos = sittings.list_notes(database(), id), sittings.list_photos(database(), id)
    return {
        "makes": [show_make(row, notes, photos, why, draft) for row in store.list_makes(database(), id)],
        "tests": show_tests(why, draft, speaker),
        "sizes": show_sizes(facts_now(draft), speaker),
        "today": datetime.date.today().isoformat(),
    }


# Apart from the entries: it is reckoned from how everything lies, which may have to be laid first.
@API.operation("GET", "/api/projects/{id}/cost", "What one of it takes", answer=CostOfOne, who="sewing")
def tell_cost(id: str) -> dict[str, Any]:
    projects.get_project(database(), id)
    return {"cost": _cost(id)}


@API.operation("POST", "/api/projects/{id}/makes", "Log a make", body=NewMake, answer=Make, status=201, who="sewing")
def add_make(id: str, body: NewMake) -> dict[str, Any]:
    project = projects.get_project(database(), id)
    made = keep_make(project, drafted(project["spec"]), body, _lay(id))
    return _shown(id, made)


@API.operation(
    "PUT",
    "/api/projects/{id}/makes/{make}",
    "Change what is written of a make",
    body=ChangedMake,
    answer=Make,
    who="sewing",
)
def change_make(id: str, make: str, body: ChangedMake) -> dict[str, Any]:
    row = store.get_make(database(), id, make)
    draft = drafted(projects.get_project(database(), id)["spec"])
    # An entry older than facts is read against the make as it is now.
    kept = read_facts(row["facts"])
    facts, ruler = kept or facts_now(draft), own_ruler(kept, draft.ruler)
    timed = bool(row["times"]) or any(note["make_id"] == make for note in sittings.list_notes(database(), id))
    entry = read_entry(body, facts, ruler, Speaker(ruler, draft.language), timed)
    entry["trial"]["why"] = row["trial"].get("why", "")
    return _shown(id, store.save_make(database(), id, make, body.revision, entry))


@API.operation("DELETE", "/api/projects/{id}/makes/{make}", "Take an entry out", status=204, who="sewing")
def delete_make(id: str, make: str) -> None:
    store.delete_make(database(), id, make)


@API.operation("POST", "/api/projects/{id}/makes/{make}/restore", "Put an entry back", answer=Make, who="sewing")
def restore_make(id: str, make: str) -> dict[str, Any]:
    return _shown(id, store.restore_make(database(), id, make))


@API.operation(
    "GET",
    "/api/projects/{id}/makes/{make}/versions",
    "How an entry read before it was changed",
    answer=MakeVersions,
    who="sewing",
)
def list_versions(id: str, make: str) -> dict[str, Any]:
    names = ("revision", "changed_at", "made_on", "minutes", "differed", "next_time")
    draft = drafted(projects.get_project(database(), id)["spec"])
    facts = read_facts(store.get_make(database(), id, make)["facts"])
    speaker = Speaker(own_ruler(facts, draft.ruler), draft.language)
    return {
        "versions": [
            {**{name: row[name] for name in names}, "measured": show_measured(row, facts, speaker)}
            for row in store.list_versions(database(), id, make)
        ]
    }


@API.operation(
    "POST",
    "/api/projects/{id}/makes/{make}/versions/{before}",
    "Put back how an entry read before",
    body=AsItStands,
    answer=Make,
    who="sewing",
)
def put_back(id: str, make: str, before: str, body: AsItStands) -> dict[str, Any]:
    if not (before.isascii() and before.isdecimal()) or len(before) > 9:
        raise MissingError(before)
    return _shown(id, store.turn_back(database(), id, make, body.revision, int(before)))


@API.operation(
    "GET",
    "/api/projects/{id}/makes/{make}/as-made",
    "All of a make as it was made: its draft, and how it lay on its cloth",
    answer=AsMade,
    who="sewing",
)
def show_as_made(id: str, make: str) -> Response:
    return Response(zlib.decompress(store.get_record(database(), id, make)), mimetype="application/json")


@API.operation(
    "POST", "/api/projects/{id}/again", "Make it again, as it was made", body=MadeAgain, answer=Project, status=201
)
def make_again(id: str, body: MadeAgain) -> dict[str, Any]:
    project = projects.get_project(database(), id)
    row = store.get_make(database(), id, body.make)
    spec = store.get_spec(database(), id, body.make)
    asked = unconfirmed(spec, CATALOGUE[spec["form"]])
    draft = drafted(asked)
    speaker = Speaker(draft.ruler, draft.language)
    name = speaker.say(msg("project.again", name=row["name"] or project["name"]))[:120]
    added = projects.add_project(database(), name, asked, picture_text(draft), variant_of=id, again=body.make)
    projects.set_why(database(), added["id"], projects.get_why(database(), id))
    return show_project(added)


@API.operation("GET", "/api/projects/{id}/why", "Why it is made", answer=Why, who="sewing")
def show_why(id: str) -> dict[str, Any]:
    project = projects.get_project(database(), id)
    return _why(projects.get_why(database(), id), project)


@API.operation("PUT", "/api/projects/{id}/why", "Tell why it is made", body=WhyTold, answer=Why, who="sewing")
def tell_why(id: str, body: WhyTold) -> dict[str, Any]:
    project = projects.get_project(database(), id)
    return _why(projects.set_why(database(), id, body.model_dump()), project)


def _why(why: Mapping[str, Any], project: Mapping[str, Any]) -> dict[str, Any]:
    draft = drafted(project["spec"])
    speaker = Speaker(draft.ruler, draft.language)
    choices = [
        {"id": one, "text": speaker.say(msg(f"wrong.{one}")), "caution": None, "asked": one in why["wrong"]}
        for one in WRONG
        if one != "other"
    ]
    return {**why, "choices": choices}


def _cutting(project: str) -> dict[str, Any] | None:
    """The cutting a make was on last."""
    every = cuttings.list_cuttings(database())
    return next((row for row in every if any(make["project"] == project for make in row["makes"])), None)


def _cost(project: str) -> str:
    """What one of it takes of what is bought and of the pile, as it was laid last."""
    row = _cutting(project)
    return "" if row is None else cost_of_one(row, project)


def _lay(project: str) -> bytes | None:
    """How everything lies that was cut with a make."""
    row = _cutting(project)
    return None if row is None else orjson.dumps(lay_as_it_is(row))


def _shown(id: str, row: Mapping[str, Any]) -> dict[str, Any]:
    draft = drafted(projects.get_project(database(), id)["spec"])
    notes, photos = sittings.list_notes(database(), id), sittings.list_photos(database(), id)
    return show_make(row, notes, photos, projects.get_why(database(), id), draft)
