"""Drafting: a spec in, a draft out. Nothing is kept."""

from __future__ import annotations

from typing import Any

import orjson
from flask import Response

from ... import __version__
from ...core.forms import CATALOGUE, as_form, on_ruler
from ...core.lengths import Ruler
from ...core.pattern.fold import fold_frames
from ..draft_model import DraftDoc, FoldingDoc
from ..drafting import draft_text, drafted
from ..models import FormChange, Health, SpecAnswer, SpecBody, UnitChange
from ..problems import FieldProblem, Refused
from .table import API

# Enough that panels drawn straight between two stages seem to turn.
STAGES = 17


@API.operation("GET", "/api/health", "Whether the server runs", answer=Health)
def health() -> dict[str, str]:
    return {"status": "ok", "version": __version__}


@API.operation("POST", "/api/drafts", "Draft a spec", body=SpecBody, answer=DraftDoc)
def make_draft(body: SpecBody) -> Response:
    return Response(draft_text(body.model_dump()), mimetype="application/json")


@API.operation(
    "POST", "/api/folds", "From flat pieces to the sewn form, stage by stage", body=SpecBody, answer=FoldingDoc
)
def make_fold(body: SpecBody) -> Response:
    solid = drafted(body.model_dump()).solid
    panels = [
        {"piece": f.piece, "panel": f.copy, "smooth": f.smooth, "flat": [list(p) for p in f.flat]} for f in solid.facets
    ]
    stages = [[round(float(v), 2) for v in stage.ravel()] for stage in fold_frames(solid, STAGES)]
    return Response(orjson.dumps({"panels": panels, "stages": stages}), mimetype="application/json")


@API.operation("POST", "/api/specs/unit", "The same spec on another ruler", body=UnitChange, answer=SpecAnswer)
def change_unit(body: UnitChange) -> dict[str, Any]:
    spec = on_ruler(body.spec, body.unit, body.decimal)
    draft_text(spec)
    return {"spec": spec}


@API.operation("POST", "/api/specs/form", "The same thing in another form", body=FormChange, answer=SpecAnswer)
def change_form(body: FormChange) -> dict[str, Any]:
    form = CATALOGUE.get(body.form)
    if form is None:
        told = f"Choose one of: {', '.join(CATALOGUE)}."
        raise Refused(422, "Unknown form", told, [FieldProblem(field="form", message=told)])
    unit, decimal = body.spec.get("unit"), body.spec.get("decimal")
    ruler = Ruler(unit if unit in ("in", "cm", "mm") else "cm", "," if decimal == "," else ".")
    spec = as_form(body.spec, form, ruler)
    draft_text(spec)
    return {"spec": spec}
