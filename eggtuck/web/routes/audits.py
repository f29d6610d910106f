"""Cut lists read backwards. Nothing is kept."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Any, cast

from ...core.audit import audit, audit_document, fits_document, fits_of, own_cut_list, read_cut_list
from ...core.forms.reading import read_thing
from ...core.lengths import Unit
from ...core.objects import Thing
from ...core.pattern import SpecError
from ...core.wording import Speaker
from ...store import things
from ..audit_model import AuditDoc, CutListBody, CutListDoc, FitList
from ..drafting import drafted
from ..models import SpecBody
from ..problems import refused_spec
from .table import API, database


@API.operation("POST", "/api/audits", "Read a cut list backwards", body=CutListBody, answer=AuditDoc)
def make_audit(body: CutListBody) -> dict[str, Any]:
    document = body.model_dump()
    try:
        cuts = read_cut_list(document)
    except SpecError as error:
        raise refused_spec(error, document) from error
    return audit_document(audit(cuts, list(_shelf())))


@API.operation(
    "POST", "/api/cut-lists", "The cut list of a spec, as an audit takes it", body=SpecBody, answer=CutListDoc
)
def make_cut_list(body: SpecBody) -> dict[str, Any]:
    return own_cut_list(drafted(body.model_dump()))


@API.operation("POST", "/api/fits", "What of the shelf goes into a make", body=SpecBody, answer=FitList)
def make_fits(body: SpecBody) -> dict[str, Any]:
    spec = body.model_dump()
    draft = drafted(spec)
    return {"fits": fits_document(fits_of(spec, list(_shelf())), Speaker(draft.ruler, draft.language))}


def _shelf() -> Iterator[tuple[str, Thing]]:
    for row in things.list_things(database()):
        try:
            yield row["name"], read_thing(row["object"], cast(Unit, row["unit"]))
        except SpecError:
            # A thing kept by an older version that no longer reads is left out rather than spoiling the rest.
            continue
