"""What is made of a project as files: to print, to cut, to share."""

from __future__ import annotations

from flask import Response

from ...core.lengths import Ruler
from ...core.pattern.document import draft_json
from ...core.words import Speaker, msg
from ...files import SOLIDS, WRITERS
from ...files.care import care_cards
from ...files.pdf import pattern_pdf
from ...files.svg import pages_svg, pattern_svg
from ...store import projects
from ..connection import database
from ..drafting import drafted
from ..language import asked_language
from ..problems import RefusedError
from ..queries import CareQuery, PagesQuery, PrintQuery
from ..sending import sent
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


def _word(kind: str) -> str:
    """What a file that is not the pattern is called after the project's name."""
    return Speaker(Ruler(), asked_language()).say(msg(f"file.{kind}"))
