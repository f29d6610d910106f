"""Drafting: a spec in, a draft out. Nothing is kept."""

from __future__ import annotations

from typing import Any, cast

import numpy as np
import orjson
from flask import Response

from ... import __version__
from ...core.constructions.surface.ideas import decoration_ideas
from ...core.drafting.moving import put_down
from ...core.drafting.panel import read_shape
from ...core.forms import CATALOGUE, Form, as_form, change_ruler, read_spec
from ...core.lay.changes import changes
from ...core.lengths import Ruler
from ...core.pattern import Draft, SpecError
from ...core.pattern.asked import SpecDoc
from ...core.pattern.document import shown_cloth
from ...core.pattern.drawn import pictures_document
from ...core.pattern.fold import fold_frames
from ...core.pattern.written import DraftDoc, FoldingDoc
from ...core.words import Speaker, msg
from ...files.outlines import read_outline
from ..draft_model import (
    FormChange,
    FormsShown,
    IdeasShown,
    OccasionAsked,
    OptionAsked,
    OptionChanges,
    PartMoved,
    PartPlace,
    PicturesAsked,
    PicturesShown,
    ShapeAnswer,
    SpecAnswer,
    UnitChange,
)
from ..drafting import can_draft, draft_text, drafted, drawn
from ..language import asked_language
from ..models import Health
from ..problems import RefusedError
from ..queries import DrawingQuery
from .settings import current_settings
from .table import API

# Enough that panels drawn straight between two stages seem to turn.
STAGES = 17


@API.operation("GET", "/api/health", "Whether the server runs", answer=Health)
def read_health() -> dict[str, str]:
    return {"status": "ok", "version": __version__}


@API.operation("POST", "/api/drafts", "Draft a spec", body=SpecDoc, answer=DraftDoc, who="sewing")
def make_draft(body: SpecDoc) -> Response:
    return Response(draft_text(body), mimetype="application/json")


@API.operation(
    "POST", "/api/folds", "From flat pieces to the sewn form, stage by stage", body=SpecDoc, answer=FoldingDoc
)
def make_fold(body: SpecDoc) -> Response:
    draft = drafted(body)
    solid, cloth = draft.solid, shown_cloth(draft.pieces)
    panels = [
        {
            "piece": f.piece,
            "panel": f.copy,
            "cloth": cloth.get(f.piece),
            "smooth": f.smooth,
            "flat": [list(p) for p in f.flat],
        }
        for f in solid.facets
    ]
    stages = [np.round(stage.ravel().astype(np.float64), 2) for stage in fold_frames(solid, STAGES)]
    told = orjson.dumps({"panels": panels, "stages": stages}, option=orjson.OPT_SERIALIZE_NUMPY)
    return Response(told, mimetype="application/json")


@API.operation(
    "POST",
    "/api/outlines",
    "A panel's shape from a drawing (SVG or DXF)",
    body="application/octet-stream",
    answer=ShapeAnswer,
    query=DrawingQuery,
)
def read_a_shape(body: bytes, query: DrawingQuery) -> dict[str, Any]:
    habits = current_settings()
    rows = read_outline(body, query.kind, query.drawn_unit or None)
    shape, problems = read_shape(query.name, rows)
    if shape is None:
        raise SpecError(problems)
    ruler = Ruler(habits["unit"], habits["decimal"])
    outline = [[*s.start, s.bulge] for s in shape.outline]
    return {"shape": {"name": shape.name, "outline": outline}, "width": ruler.write(shape.width)}


@API.operation("POST", "/api/specs/unit", "The same spec on another ruler", body=UnitChange, answer=SpecAnswer)
def change_unit(body: UnitChange) -> dict[str, Any]:
    spec = change_ruler(body.spec, body.unit, body.decimal)
    draft_text(spec)
    return {"spec": spec}


@API.operation("POST", "/api/forms", "Every form as it would be for a spec's thing", body=SpecDoc, answer=FormsShown)
def show_forms(body: SpecDoc) -> Response:
    ruler = drafted(body).ruler
    forms = [_shown(form, body, ruler) for form in CATALOGUE.values()]
    return Response(orjson.dumps({"forms": forms}), mimetype="application/json")


def _shown(form: Form, spec: SpecDoc, ruler: Ruler) -> dict[str, Any]:
    # The forms are compared by what they are for this thing, not by sizes given for one of them.
    plain = spec if form.id == spec["form"] else as_form({**spec, "size": {}, "parts": None}, form, ruler, can_draft)
    own = {**plain, "form": form.id}
    made = drafted(own)
    cloths = [need for need in made.needs if need.width]
    return {
        "id": form.id,
        "picture": drawn(own),
        "pieces": sum(cut.count for piece in made.pieces for cut in piece.cuts),
        "minutes": round(made.minutes),
        "cloth": ruler.sold(sum(need.buy for need in cloths)),
    }


@API.operation(
    "POST", "/api/decorations", "What could be worked on it for an occasion", body=OccasionAsked, answer=IdeasShown
)
def show_decorations(body: OccasionAsked) -> dict[str, Any]:
    speaker = Speaker(drafted(body.spec).ruler, asked_language())
    say = speaker.say
    return {
        "ideas": [
            {
                "title": say(idea.title),
                "why": say(idea.why),
                "adds": [say(text) for text in idea.adds],
                "part": dict(idea.part) or None,
                "against": [say(text) for text in idea.against],
            }
            for idea in decoration_ideas(body.spec, body.occasion, lambda spec: drafted(cast(SpecDoc, spec)))
        ]
    }


@API.operation(
    "POST", "/api/choices", "What each choice of an option would change", body=OptionAsked, answer=OptionChanges
)
def show_choices(body: OptionAsked) -> dict[str, Any]:
    now = drafted(body.spec)
    option = next((option for option in CATALOGUE[now.form].options if option.id == body.option), None)
    if option is None:
        raise RefusedError(422, "option", "option", options=", ".join(o.id for o in CATALOGUE[now.form].options))
    return {"choices": [_changed(now, body.spec, option.id, choice) for choice in option.choices]}


def _changed(now: Draft, spec: SpecDoc, option: str, choice: str) -> dict[str, Any]:
    speaker = Speaker(now.ruler, asked_language())
    try:
        other = drafted({**spec, "options": {**spec.get("options", {}), option: choice}})
    except SpecError as error:
        return {"id": choice, "changes": [speaker.say(problem.message) for problem in error.problems], "refused": True}
    told = [speaker.say(message) for message in changes(now, other)] or [speaker.say(msg("changes.none"))]
    return {"id": choice, "changes": told, "refused": False}


@API.operation(
    "POST", "/api/pictures", "The pictures of a make's steps", body=PicturesAsked, answer=PicturesShown, who="sewing"
)
def show_pictures(body: PicturesAsked) -> Response:
    draft = drafted(body.spec)
    shown = pictures_document(draft.pictures(body.steps), Speaker(draft.ruler, draft.language), draft.steps)
    return Response(orjson.dumps({"pictures": shown}), mimetype="application/json")


@API.operation(
    "POST", "/api/parts/places", "Where a part lies when it has been moved by hand", body=PartMoved, answer=PartPlace
)
def move_part(body: PartMoved) -> dict[str, Any]:
    grips = [grip for grip in drafted(body.spec).grips if grip.part == body.part]
    if not 0 <= body.nth < len(grips):
        raise RefusedError(422, "no-grip", "part")
    spec = read_spec(body.spec, CATALOGUE)[1]
    by = spec.step if body.marks else 1.0
    return {"fields": put_down(grips[body.nth], spec, body.right * by, body.up * by)}


@API.operation("POST", "/api/specs/form", "The same thing in another form", body=FormChange, answer=SpecAnswer)
def change_form(body: FormChange) -> dict[str, Any]:
    form = CATALOGUE.get(body.form)
    if form is None:
        raise RefusedError(422, "form", "form", forms=", ".join(CATALOGUE))
    unit, decimal = body.spec.get("unit"), body.spec.get("decimal")
    ruler = Ruler(unit if unit in ("in", "cm", "mm") else "cm", "," if decimal == "," else ".")
    spec = as_form(body.spec, form, ruler)
    draft_text(spec)
    return {"spec": spec}
