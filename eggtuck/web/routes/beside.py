"""What can be made beside a make: parts made ahead, kept on the pile and used again, and small extras for the same thing."""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from typing import Any

from ...core.drafting.starting import as_form
from ...core.forms import CATALOGUE
from ...core.objects import ALSO
from ...core.pattern import Draft
from ...core.plan.ahead import Ahead, ahead
from ...core.words import Speaker, msg
from ...store import ahead as store
from ...store import pile, projects
from ..beside_model import Beside, ExtraAsked, ExtraBegun, PutBy, TakeReady
from ..connection import database
from ..drafting import can_draft, drafted, picture_text
from ..logbook import current_pace
from ..made_ahead import ready_pieces, ready_steps, spared, taken_parts
from ..problems import RefusedError
from .batches import begin_plan
from .table import API


@API.operation(
    "GET", "/api/projects/{id}/beside", "What can be made by itself, ahead or beside", answer=Beside, who="sewing"
)
def show_beside(id: str) -> dict[str, Any]:
    return _beside(id)


def _beside(id: str) -> dict[str, Any]:
    project = projects.get_project(database(), id)
    draft = drafted(project["spec"])
    parts = list(ahead(draft))
    fits = {part.first for part in taken_parts(id, draft)}
    return {
        "parts": [
            _part(part, draft, project["done"], part.first in fits) for part in parts if not _within(part, parts)
        ],
        "loose": [first for first in store.ready_of(database(), id) if first not in fits],
        "extras": list(_extras(project["spec"], draft)),
    }


def _within(part: Ahead, parts: list[Ahead]) -> bool:
    """Whether it is part of another that joins nothing: of an extra nobody takes half."""
    return any(other is not part and other.joins is None and set(part.pieces) < set(other.pieces) for other in parts)


@API.operation(
    "POST", "/api/projects/{id}/beside/taken", "Use a part of the pile", body=TakeReady, answer=Beside, who="sewing"
)
def take_part(id: str, body: TakeReady) -> dict[str, Any]:
    project = projects.get_project(database(), id)
    draft = drafted(project["spec"])
    part = _asked(draft, body.first)
    taken = ready_pieces(id, draft)
    if pile.get_piled(database(), body.pile)["what"] != spared(part, draft)["what"] or taken & set(part.pieces):
        raise RefusedError(422, "ahead-other", "pile")
    # One that was taken when the make was another goes back first.
    store.give_back(database(), id, part.first)
    store.take_ready(database(), id, part.first, body.pile, part.signature)
    _tick(project, [*project["done"], *part.steps])
    return _beside(id)


@API.operation(
    "DELETE", "/api/projects/{id}/beside/taken/{first}", "Give a part back to the pile", answer=Beside, who="sewing"
)
def give_part_back(id: str, first: str) -> dict[str, Any]:
    project = projects.get_project(database(), id)
    draft = drafted(project["spec"])
    before = set(ready_steps(id, draft))
    store.give_back(database(), id, first)
    undone = before - set(ready_steps(id, draft))
    _tick(project, [step for step in project["done"] if step not in undone])
    return _beside(id)


@API.operation(
    "POST",
    "/api/projects/{id}/beside/made",
    "Put parts made ahead on the pile",
    body=PutBy,
    answer=Beside,
    who="sewing",
)
def put_parts_by(id: str, body: PutBy) -> dict[str, Any]:
    project = projects.get_project(database(), id)
    draft = drafted(project["spec"])
    part = _asked(draft, body.first)
    speaker = Speaker(draft.ruler, draft.language)
    name = speaker.say(msg("ahead.name", part=_name(part, draft, speaker), make=project["name"]))[:120]
    note = ", ".join(_titles(part, draft, speaker))[:4000]
    pile.put_by(database(), {**spared(part, draft), "name": name, "note": note}, body.count)
    return _beside(id)


@API.operation(
    "POST", "/api/projects/{id}/extras", "Make a small extra beside", body=ExtraAsked, answer=ExtraBegun, status=201
)
def begin_extra(id: str, body: ExtraAsked) -> dict[str, Any]:
    project = projects.get_project(database(), id)
    draft = drafted(project["spec"])
    if body.form not in {extra["form"] for extra in _extras(project["spec"], draft)}:
        offered = ", ".join(extra["form"] for extra in _extras(project["spec"], draft))
        raise RefusedError(422, "fields", problems=[("form", msg("problem.choice", choices=offered or "-"))])
    form = CATALOGUE[body.form]
    spec = as_form(project["spec"], form, draft.ruler, can_draft)
    made = drafted(spec)
    speaker = Speaker(draft.ruler, draft.language)
    called = speaker.say(msg("extra.plan", make=project["name"], extra=form.name))[:120]
    extra = projects.add_project(database(), speaker.say(form.name), spec, picture_text(made))
    plan = begin_plan(called, [{"project": one, "count": 1} for one in (id, extra["id"])])
    return {"project": extra["id"], "batch": plan["id"]}


def _asked(draft: Draft, first: str) -> Ahead:
    part = next((part for part in ahead(draft) if part.first == first), None)
    if part is None:
        raise RefusedError(422, "ahead-none", "first")
    return part


def _tick(project: Mapping[str, Any], done: list[str]) -> None:
    projects.set_progress(database(), project["id"], list(dict.fromkeys(done)), project["at_step"])


def _part(part: Ahead, draft: Draft, done: list[str], taken: bool) -> dict[str, Any]:
    speaker, pace = Speaker(draft.ruler, draft.language), current_pace()
    letters = {piece.id: piece.letter for piece in draft.pieces}
    titles = _steps(draft, speaker)
    minutes = sum(pace.minutes(step.kind, step.minutes) for step in draft.steps if step.id in part.steps)
    say = {"minutes": max(1, round(minutes))}
    joins = None if part.joins is None else titles[part.joins]
    text = msg("ahead.apart", **say)
    if joins is not None:
        text = msg("ahead.joins", number=joins["number"], step=joins["title"], **say)
    alike = [row for row in pile.list_pile(database()) if row["what"] == spared(part, draft)["what"]]
    return {
        "first": part.first,
        "name": _name(part, draft, speaker),
        "letters": [letters[piece] for piece in part.pieces],
        "steps": [titles[step] for step in part.steps],
        "joins": joins,
        "done": set(part.steps) <= set(done),
        "taken": taken,
        "on_pile": [
            {"id": row["id"], "name": row["name"], "left": int(row["left_over"])}
            for row in alike
            if row["left_over"] >= 1
        ],
        "text": speaker.say(text),
    }


def _steps(draft: Draft, speaker: Speaker) -> dict[str, dict[str, Any]]:
    return {
        step.id: {"number": number, "id": step.id, "title": speaker.say(step.title)}
        for number, step in enumerate(draft.steps, 1)
    }


def _titles(part: Ahead, draft: Draft, speaker: Speaker) -> list[str]:
    """What was done to it, step by step."""
    steps = _steps(draft, speaker)
    return [steps[step]["title"] for step in part.steps]


def _name(part: Ahead, draft: Draft, speaker: Speaker) -> str:
    names = [speaker.say(piece.name) for piece in draft.pieces if piece.id in part.pieces]
    # An extra is called after what is seen of it.
    return names[0] if part.joins is None else ", ".join(names)


def _extras(spec: Mapping[str, Any], draft: Draft) -> Iterator[dict[str, Any]]:
    """Small forms that go with what is made for this kind of thing."""
    kind = str((spec.get("object") or {}).get("kind"))
    speaker = Speaker(draft.ruler, draft.language)
    for form in CATALOGUE.values():
        if kind in form.extra_for and form.id != draft.form:
            text = msg("extra.same-thing" if ALSO.get(kind, kind) in form.objects else "extra.beside")
            yield {"form": form.id, "name": speaker.say(form.name), "text": speaker.say(text)}
