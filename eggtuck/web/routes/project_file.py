"""A project as a file of its own, out and in."""

from __future__ import annotations

from typing import Any

from flask import Response

from ...core.record.facts import write_facts
from ...store import makes, projects, sittings, transaction
from ..connection import database
from ..contract import LARGEST_FILE
from ..drafting import drafted, picture_text
from ..logbook import facts_now, record_of
from ..problems import RefusedError
from ..project_file_model import ProjectFile
from ..project_model import Project
from ..queries import ImportQuery
from ..record_model import MakeFile
from ..sending import sent
from .projects import show_project
from .table import API

# Earlier states that are more than fit into a file that can be brought in again are left out, the oldest first (characters, states).
_MOST_STATES, _SO_MANY = 600_000, 200


@API.operation("GET", "/api/projects/{id}/project.json", "The project as a file of its own", answer=ProjectFile)
def export_project(id: str) -> Response:
    file = _file(id)
    return sent(file.model_dump_json(indent=1).encode(), "application/json", file.name, "json")


def _file(id: str) -> ProjectFile:
    row = projects.get_project(database(), id)
    log = [_entry(id, make) for make in makes.list_makes(database(), id)]
    states = projects.list_states(database(), id)
    sizes = [len(str(state["spec"])) for state in states]
    while not states[0]["present"] and (len(states) > _SO_MANY or sum(sizes[-len(states) :]) > _MOST_STATES):
        states.pop(0)
    states = states[:_SO_MANY]
    told = {"id": id, "name": row["name"], "spec": row["spec"], "done": row["done"], "makes": log}
    return ProjectFile.model_validate({**told, "why": projects.get_why(database(), id), "states": states})


@API.operation(
    "POST",
    "/api/projects/import",
    "Bring in a project file",
    body=ProjectFile,
    answer=Project,
    status=201,
    query=ImportQuery,
    largest=LARGEST_FILE,
)
def import_project(body: ProjectFile, query: ImportQuery) -> dict[str, Any]:
    picture = picture_text(drafted(body.spec))
    for state in body.states:
        drafted(state.spec)
    try:
        log = [MakeFile.model_validate(entry) for entry in body.makes]
    except ValueError as error:
        raise RefusedError(422, "logbook") from error
    with transaction(database()):
        here = body.id if body.id is not None and projects.known(database(), body.id) else None
        if here is None:
            id = _put_new(body, log, picture, body.id)
        else:
            # What was put away is on the table again.
            projects.restore_project(database(), here)
            id = _meet(here, body, log, picture, query.meeting)
    return show_project(projects.get_project(database(), id))


def _meet(here: str, body: ProjectFile, log: list[MakeFile], picture: str, meeting: str) -> str:
    """What becomes of a file whose project is here already; returns the project that is shown then."""
    row = projects.get_project(database(), here)
    new = [make for make in log if make.id is None or not makes.known(database(), make.id)]
    same = (row["name"], row["spec"], row["done"]) == (body.name, body.spec, body.done) and not new
    if same or meeting == "leave":
        return here
    if meeting == "both":
        return _put_new(body, log, picture, None)
    if meeting == "ask":
        raise RefusedError(409, "have-it", name=row["name"])
    # As an edit that can be undone; what the log has besides stays.
    projects.save_project(database(), here, row["revision"], body.name, body.spec, picture)
    _put_rest(here, body, new)
    return here


def _put_new(body: ProjectFile, log: list[MakeFile], picture: str, id: str | None) -> str:
    added: str = projects.add_project(database(), body.name, body.spec, picture, id=id)["id"]
    if any(state.present and (state.name, state.spec) == (body.name, body.spec) for state in body.states):
        projects.put_states(database(), added, [state.model_dump() for state in body.states])
    _put_rest(added, body, log if id is not None else [make.model_copy(update={"id": None}) for make in log])
    return added


def _put_rest(id: str, body: ProjectFile, log: list[MakeFile]) -> None:
    if body.why is not None:
        projects.set_why(database(), id, body.why.model_dump())
    for make in reversed(log):
        _bring_in(id, make, body)
    projects.set_progress(database(), id, body.done, None)


def _entry(project: str, make: dict[str, Any]) -> dict[str, Any]:
    """An entry of the log for a file: with the spec of that day, from which all else of the make follows."""
    notes = [note for note in sittings.list_notes(database(), project) if note["make_id"] == make["id"]]
    names = ("step", "title", "kind", "text", "cause", "field", "did", "quiet")
    left_out = ("project_id", "revision", "facts", "kept")
    return {
        **{name: value for name, value in make.items() if name not in left_out},
        "spec": makes.get_spec(database(), project, make["id"]),
        "moved": make["facts"].get("moved", 0.0),
        "notes": [{name: note[name] for name in names} for note in notes],
    }


def _bring_in(project: str, make: MakeFile, file: ProjectFile) -> None:
    spec = make.spec if make.spec is not None else file.spec
    draft = drafted(spec)
    entry = make.model_dump(mode="json", exclude={"id", "name", "spec", "times", "notes", "moved"})
    added = makes.add_make(
        database(),
        project,
        entry,
        spec,
        name=make.name or file.name,
        facts=write_facts(facts_now(draft, make.moved)),
        times=make.times,
        record=record_of(spec, None),
        id=make.id if make.id is not None and not makes.known(database(), make.id) else None,
    )
    for note in make.notes:
        sittings.add_note(database(), project, {**note.model_dump(), "form": draft.form, "make_id": added["id"]})
