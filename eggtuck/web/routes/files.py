"""Projects as files, out and in."""

from __future__ import annotations

from typing import Any

from flask import Response

from ...core.lengths import Ruler
from ...core.pattern.document import draft_json
from ...core.record.facts import write_facts
from ...core.words import Speaker, msg
from ...files import SOLIDS, WRITERS
from ...files.care import care_cards
from ...files.pdf import pattern_pdf
from ...files.svg import pages_svg, pattern_svg
from ...store import makes, projects, sittings
from ..connection import database
from ..drafting import drafted, picture_text
from ..language import asked_language
from ..logbook import facts_now, record_of
from ..models import Project, ProjectFile
from ..problems import RefusedError
from ..queries import CareQuery, PagesQuery, PrintQuery
from ..record_model import MakeFile
from ..sending import sent
from .projects import show_project
from .settings import current_settings
from .table import API


@API.operation(
    "GET",
    "/api/projects/{id}/pattern.pdf",
    "The pattern and the guide to print",
    answer="application/pdf",
    query=PrintQuery,
)
def write_pdf(id: str, query: PrintQuery) -> Response:
    row = projects.get_project(database(), id)
    draft = drafted(row["spec"])
    stops = [check for check in draft.checks if check.verdict == "stop"]
    if stops and query.acknowledged is None:
        raise RefusedError(409, "stopped")
    paper = query.paper or current_settings()["paper"]
    return sent(pattern_pdf(draft, paper, row["name"], query.part), "application/pdf", row["name"], "pdf", show=True)


@API.operation(
    "GET",
    "/api/projects/{id}/care.pdf",
    "Cards to go along with it: care, or a label for goods",
    answer="application/pdf",
    query=CareQuery,
)
def write_care(id: str, query: CareQuery) -> Response:
    row = projects.get_project(database(), id)
    cards = care_cards(drafted(row["spec"]), row["name"], query.kind)
    return sent(cards, "application/pdf", f"{row['name']} {_word(query.kind)}", "pdf", show=True)


@API.operation(
    "GET", "/api/projects/{id}/pages.svg", "The printed pages, small", answer="image/svg+xml", query=PagesQuery
)
def write_pages(id: str, query: PagesQuery) -> Response:
    row = projects.get_project(database(), id)
    paper = query.paper or current_settings()["paper"]
    return sent(pages_svg(drafted(row["spec"]), paper), "image/svg+xml", row["name"], "svg", show=True)


@API.operation("GET", "/api/projects/{id}/pattern.svg", "The pattern in mm", answer="image/svg+xml")
def write_svg(id: str) -> Response:
    row = projects.get_project(database(), id)
    return sent(pattern_svg(drafted(row["spec"]), row["name"]), "image/svg+xml", row["name"], "svg")


@API.operation("GET", "/api/projects/{id}/pattern.dxf", "The pattern in mm, for cutters", answer="image/vnd.dxf")
def write_dxf(id: str) -> Response:
    row = projects.get_project(database(), id)
    return sent(WRITERS[".dxf"](drafted(row["spec"])), "image/vnd.dxf", row["name"], "dxf")


@API.operation("GET", "/api/projects/{id}/form.{kind}", "The sewn form: glb, obj or stl", answer="model/gltf-binary")
def write_form(id: str, kind: str) -> Response:
    row = projects.get_project(database(), id)
    if kind not in SOLIDS:
        raise RefusedError(404, "solid", kinds=", ".join(SOLIDS))
    return sent(WRITERS[f".{kind}"](drafted(row["spec"])), SOLIDS[kind], f"{row['name']} {_word('form')}", kind)


@API.operation("GET", "/api/projects/{id}/cut-list.csv", "The cut list as a table", answer="text/csv")
def write_cut_list(id: str) -> Response:
    row = projects.get_project(database(), id)
    return sent(WRITERS[".csv"](drafted(row["spec"])), "text/csv", f"{row['name']} {_word('cut-list')}", "csv")


@API.operation("GET", "/api/projects/{id}/draft.json", "The draft", answer="application/json")
def write_draft(id: str) -> Response:
    row = projects.get_project(database(), id)
    return sent(
        draft_json(drafted(row["spec"])).encode(), "application/json", f"{row['name']} {_word('draft')}", "json"
    )


@API.operation("GET", "/api/projects/{id}/project.json", "The project as a file of its own", answer=ProjectFile)
def export_project(id: str) -> Response:
    row = projects.get_project(database(), id)
    log = [_entry(id, make) for make in makes.list_makes(database(), id)]
    file = ProjectFile(name=row["name"], spec=row["spec"], done=row["done"], makes=log)
    return sent(file.model_dump_json(indent=1).encode(), "application/json", row["name"], "json")


@API.operation("POST", "/api/projects/import", "Bring in a project file", body=ProjectFile, answer=Project, status=201)
def import_project(body: ProjectFile) -> dict[str, Any]:
    picture = picture_text(drafted(body.spec))
    try:
        log = [MakeFile.model_validate(entry) for entry in body.makes]
    except ValueError as error:
        raise RefusedError(422, "logbook") from error
    row = projects.add_project(database(), body.name, body.spec, picture)
    for make in reversed(log):
        _bring_in(row["id"], make, body)
    return show_project(projects.set_progress(database(), row["id"], body.done, None))


def _entry(project: str, make: dict[str, Any]) -> dict[str, Any]:
    """An entry of the log for a file: with the spec of that day, from which all else of the make follows."""
    notes = [note for note in sittings.list_notes(database(), project) if note["make_id"] == make["id"]]
    names = ("step", "title", "kind", "text", "cause", "field", "did", "quiet")
    left_out = ("id", "project_id", "revision", "facts", "kept")
    return {
        **{name: value for name, value in make.items() if name not in left_out},
        "spec": makes.get_spec(database(), project, make["id"]),
        "moved": make["facts"].get("moved", 0.0),
        "notes": [{name: note[name] for name in names} for note in notes],
    }


def _bring_in(project: str, make: MakeFile, file: ProjectFile) -> None:
    spec = make.spec if make.spec is not None else file.spec
    draft = drafted(spec)
    entry = make.model_dump(mode="json", exclude={"name", "spec", "times", "notes", "moved"})
    added = makes.add_make(
        database(),
        project,
        entry,
        spec,
        name=make.name or file.name,
        facts=write_facts(facts_now(draft, make.moved)),
        times=make.times,
        record=record_of(spec, None),
    )
    for note in make.notes:
        sittings.add_note(database(), project, {**note.model_dump(), "form": draft.form, "make_id": added["id"]})


def _word(kind: str) -> str:
    """What a file that is not the pattern is called after the project's name."""
    return Speaker(Ruler(), asked_language()).say(msg(f"file.{kind}"))
