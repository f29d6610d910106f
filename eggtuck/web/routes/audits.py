"""Cut lists read backwards. Nothing is kept."""

from __future__ import annotations

import time
from collections.abc import Iterator
from typing import Any, cast

from ...core.audit import audit, audit_document, fits_document, fits_of, own_cut_list, read_cut_list
from ...core.audit.written import AuditDoc, CutListDoc, ToldListDoc
from ...core.drafting.reading import read_thing
from ...core.forms import CATALOGUE
from ...core.lengths import Unit
from ...core.objects import Thing
from ...core.pattern import SpecError
from ...core.pattern.asked import SpecDoc
from ...core.words import Speaker
from ...files.cut_lists import read_cut_list_csv
from ...store import projects, things
from ..audit_model import CutListAnswer, FitList, FitTable, TableText
from ..connection import database
from ..drafting import drafted
from ..language import in_asked_language
from ..problems import RefusedError
from ..queries import FitQuery
from .table import API

# So many things and makes are tried at once at most, and for no longer than anyone waits (s); so many makes are looked at.
_THINGS, _MAKES, _BUDGET, _LOOKED_AT = 30, 12, 0.15, 400


@API.operation("POST", "/api/audits", "Read a cut list backwards", body=ToldListDoc, answer=AuditDoc)
def make_audit(body: ToldListDoc) -> AuditDoc:
    return audit_document(audit(read_cut_list(in_asked_language(body)), list(_shelf())))


@API.operation(
    "POST", "/api/cut-lists", "The cut list of a spec, as an audit takes it", body=SpecDoc, answer=CutListDoc
)
def make_cut_list(body: SpecDoc) -> CutListDoc:
    return own_cut_list(drafted(body))


@API.operation("POST", "/api/cut-lists/read-table", "A cut list from a table", body=TableText, answer=CutListAnswer)
def read_cut_table(body: TableText) -> dict[str, Any]:
    return {"cut_list": read_cut_list_csv(body.text)}


@API.operation("POST", "/api/fits", "What of the shelf goes into a make", body=SpecDoc, answer=FitList)
def make_fits(body: SpecDoc) -> dict[str, Any]:
    spec = body
    draft = drafted(spec)
    return {"fits": fits_document(fits_of(spec, list(_shelf())), Speaker(draft.ruler, draft.language))}


@API.operation(
    "GET",
    "/api/fits",
    "What is on the shelf tried in the makes on the table, page by page",
    answer=FitTable,
    query=FitQuery,
)
def list_fits(query: FitQuery) -> dict[str, Any]:
    every = sorted(_shelf("id"), key=lambda one: one[0])
    names = {row["id"]: row["name"] for row in things.list_things(database())}
    every.sort(key=lambda one: names[one[0]].casefold())
    shelf = every[query.page * _THINGS : (query.page + 1) * _THINGS]
    kinds = {thing.kind for _, thing in shelf}
    makes: list[dict[str, Any]] = []
    began, at, more = time.monotonic(), query.make, True
    while len(makes) < _MAKES and (time.monotonic() - began < _BUDGET or not makes):
        rows = projects.list_specs(database(), at, 1)
        more = bool(rows)
        if not more or at - query.make >= _LOOKED_AT:
            break
        at += 1
        row, spec = rows[0], rows[0]["spec"]
        form = CATALOGUE.get(str(spec.get("form")))
        if form is None or not kinds & set(form.objects):
            continue
        try:
            draft = drafted(spec)
            tried = fits_document(fits_of(spec, shelf), Speaker(draft.ruler, draft.language))
        except (RefusedError, SpecError):
            # A make kept by an older version that cannot be drafted any more has no column to fill.
            continue
        if tried:
            makes.append({"id": row["id"], "name": row["name"], "fits": {fit["thing"]: fit for fit in tried}})
    return {
        "makes": makes,
        "things": [{"id": id, "name": names[id]} for id, _ in shelf],
        "pages": -(-len(every) // _THINGS),
        "next": at if more else None,
    }


def _shelf(called: str = "name") -> Iterator[tuple[str, Thing]]:
    """Every thing to be covered, by its name or its id."""
    for row in things.list_things(database()):
        try:
            yield row[called], read_thing(row["object"], cast(Unit, row["unit"]))
        except SpecError:
            # Hardware, or a thing kept by an older version that no longer reads, is left out rather than spoiling the rest.
            continue
