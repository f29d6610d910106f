"""Projects: kept as they are worked on."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Any, cast

import orjson
from flask import Response

from ...core.bench import read_bench
from ...core.bench.suited import suited
from ...core.drafting.scaling import at_scale
from ...core.forms import (
    CATALOGUE,
    change_ruler,
    first_for,
    for_thing,
    preset_object,
    starting_spec,
    unconfirmed,
    with_habits,
    with_liked_ease,
)
from ...core.learning.liked import ease_key
from ...core.lengths import Ruler, Unit
from ...core.objects import ALSO, PRESETS
from ...core.pattern import SpecError
from ...core.words import Speaker, msg
from ...store import MissingError, finding, things
from ...store import projects as store
from ..connection import database
from ..door import here
from ..drafting import draft_in_parts, drafted, picture_shown, picture_text, sizes_shown
from ..language import asked_language
from ..made_ahead import with_ready
from ..problems import RefusedError
from ..project_model import (
    NewProject,
    NewVariant,
    Picture,
    Progress,
    Project,
    ProjectChange,
    ProjectDrafted,
    ProjectList,
    ProjectOpened,
    ProjectStep,
    PutAway,
    TableShown,
    Templates,
)
from ..queries import PictureQuery, TableQuery
from .orders import told_order
from .settings import current_settings
from .table import API

_PAGE = 24


@API.operation("GET", "/api/projects", "All projects, the latest first", answer=ProjectList)
def list_projects() -> dict[str, Any]:
    return {"projects": store.list_projects(database())}


@API.operation("GET", "/api/table", "Projects found, page by page", answer=TableShown, query=TableQuery, who="sewing")
def show_table(query: TableQuery) -> dict[str, Any]:
    wanted = finding.Wanted(query.words.split(), query.form, query.state, query.since, query.away)
    # What was put away is for nobody.
    device = here()
    # A device that only sews learns of nobody's orders.
    ordered = query.group == "order" and not query.away and (device is None or device.may == "all")
    find = finding.find_by_order if ordered else finding.find_projects
    rows, found = find(database(), wanted, query.page * _PAGE, _PAGE)
    names = ("id", "name", "makes", "updated_at", "revision", "others")
    return {
        "projects": [
            {
                **{name: row[name] for name in names},
                "sizes": sizes_shown(row["sizes"]),
                "order": told_order(row.get("order")),
            }
            for row in rows
        ],
        "found": found,
        "pages": -(-found // _PAGE),
        "away": finding.find_projects(database(), finding.Wanted(away=True), count=1)[1],
    }


@API.operation(
    "GET", "/api/projects/{id}/picture", "A project drawn small", answer=Picture, query=PictureQuery, who="sewing"
)
def show_picture(id: str, query: PictureQuery) -> Response:
    response = Response(orjson.dumps(picture_shown(store.get_picture(database(), id))), mimetype="application/json")
    if query.revision is not None:
        # Of one revision it never changes.
        response.headers["Cache-Control"] = "private, max-age=31536000, immutable"
    return response


@API.operation("POST", "/api/projects/away", "Put many away, or bring them back", body=PutAway, status=204)
def put_away(body: PutAway) -> None:
    if store.put_away(database(), body.ids, body.away) == 0:
        raise MissingError(body.ids[0])


@API.operation("POST", "/api/projects", "Begin a project", body=NewProject, answer=Project, status=201)
def begin_project(body: NewProject) -> dict[str, Any]:
    if body.template is not None:
        return begin_from(body.template, body.thing, body.name)
    habits = current_settings()
    ruler = Ruler(habits["unit"], habits["decimal"])
    speaker = Speaker(ruler, asked_language())
    row = things.get_thing(database(), body.thing) if body.thing is not None else None
    kind = row["object"]["kind"] if row else PRESETS[body.preset].kind if body.preset in PRESETS else None
    form = CATALOGUE.get(body.form) if body.form is not None else first_for(kind)
    if form is None:
        raise RefusedError(422, "begin", problems=[("form", msg("problem.form", forms=", ".join(CATALOGUE)))])
    name, thing = speaker.say(form.name), None
    if row is not None:
        spec = change_ruler(
            starting_spec(form, Ruler(cast(Unit, row["unit"]), ruler.decimal), {**row["object"], "name": row["name"]}),
            ruler.unit,
            ruler.decimal,
        )
        name = speaker.say(msg("project.for", thing=row["name"], form=form.name))
    else:
        if body.preset is not None:
            preset = PRESETS.get(body.preset)
            if preset is None:
                raise RefusedError(
                    422, "begin", problems=[("preset", msg("problem.choice", choices=", ".join(PRESETS)))]
                )
            thing = preset_object(preset, ruler)
            name = speaker.say(msg("project.for", thing=preset.name, form=form.name))
        spec = starting_spec(form, ruler, thing)
    spec = with_habits(spec, form, habits["allowance"], habits["rounding"], habits["schools"])
    liked = habits["eases"].get(ease_key(form.id, (spec.get("object") or {}).get("kind", "")))
    if liked is not None:
        spec = with_liked_ease(spec, form, ruler, liked)
    bench = read_bench(habits["machine"], ruler)
    spec = suited(spec, bench, tuple(option.id for option in form.options), drafted)
    draft = drafted(spec)
    return show_project(store.add_project(database(), body.name or name, spec, picture_text(draft)))


@API.operation("GET", "/api/templates", "What projects are begun from, of one's own", answer=Templates)
def list_templates() -> dict[str, Any]:
    shelf = [(row["id"], row["name"], str(row["object"].get("kind"))) for row in things.list_things(database())]
    return {
        "templates": [
            {
                "id": row["id"],
                "name": row["name"],
                "sizes": picture_shown(row["picture"])["sizes"],
                "revision": row["revision"],
                "things": [
                    {"id": id, "name": name}
                    for id, name, kind in shelf
                    if ALSO.get(kind, kind) in CATALOGUE[row["spec"]["form"]].objects
                ],
            }
            for row in store.list_templates(database())
        ]
    }


@API.operation("POST", "/api/projects/{id}/template", "Keep it to begin others from", answer=Project, status=201)
def keep_as_template(id: str) -> dict[str, Any]:
    row = store.get_project(database(), id)
    spec = unconfirmed(row["spec"], CATALOGUE[row["spec"]["form"]])
    made = store.add_project(database(), row["name"], spec, picture_text(drafted(spec)), template=True)
    store.set_why(database(), made["id"], store.get_why(database(), id))
    return show_project(made)


def begin_from(template: str, thing: str | None, name: str | None) -> dict[str, Any]:
    """A project from one of the maker's own templates, for another thing where one is named. What was confirmed of it is asked anew."""
    row = store.get_project(database(), template)
    form = CATALOGUE[row["spec"]["form"]]
    spec, called = unconfirmed(row["spec"], form), row["name"]
    if thing is not None:
        kept = things.get_thing(database(), thing)
        speaker = Speaker(Ruler(cast(Unit, spec.get("unit", "cm"))), asked_language())
        called = speaker.say(msg("project.for", thing=kept["name"], form=form.name))
        spec = for_thing(spec, form, {**kept["object"], "name": kept["name"]}, kept["unit"])
    made = store.add_project(database(), (name or called)[:120], spec, picture_text(drafted(spec)))
    store.set_why(database(), made["id"], store.get_why(database(), template))
    return show_project(made)


@API.operation("GET", "/api/projects/{id}", "One project", answer=Project, who="sewing")
def read_project(id: str) -> dict[str, Any]:
    return show_project(store.get_project(database(), id))


@API.operation("GET", "/api/projects/{id}/drafted", "One project and its draft", answer=ProjectOpened, who="sewing")
def open_project(id: str) -> Response:
    row = store.get_project(database(), id)
    try:
        return _with_draft(row)
    except SpecError:
        return Response(_opened(row, b"null") + b"}", mimetype="application/json")


@API.operation("PUT", "/api/projects/{id}", "Keep a change, and draft it", body=ProjectChange, answer=ProjectDrafted)
def save_project(id: str, body: ProjectChange) -> Response:
    picture = picture_text(drafted(body.spec))
    return _with_draft(store.save_project(database(), id, body.revision, body.name, body.spec, picture, body.touch))


@API.operation("POST", "/api/projects/{id}/undo", "Back to the state before", body=ProjectStep, answer=ProjectDrafted)
def undo_project(id: str, body: ProjectStep) -> Response:
    return _step(id, body.revision, -1)


@API.operation(
    "POST", "/api/projects/{id}/redo", "Forward to the state undone", body=ProjectStep, answer=ProjectDrafted
)
def redo_project(id: str, body: ProjectStep) -> Response:
    return _step(id, body.revision, 1)


def _step(id: str, revision: int, by: int) -> Response:
    beside = store.state_beside(database(), id, by)
    if beside is None:
        return _with_draft(store.get_project(database(), id))
    number, _, spec = beside
    return _with_draft(store.go_to_state(database(), id, revision, number, picture_text(drafted(spec))))


def _with_draft(row: dict[str, Any]) -> Response:
    """What is kept and its draft in one answer: an entry is one request. The order of work comes last, on a line of its own: what is
    drawn is sent before that is told, and can be shown."""
    drawn, tell = draft_in_parts(row["spec"])
    opened = _opened(row, drawn.encode())

    def parts() -> Iterator[bytes]:
        yield opened + b"\n"
        yield tell().encode() + b"}"

    return Response(parts(), mimetype="application/json")


def _opened(row: dict[str, Any], draft: bytes) -> bytes:
    return b'%b,"draft":%b' % (orjson.dumps(show_project(row))[:-1], draft)


@API.operation(
    "POST",
    "/api/projects/{id}/variants",
    "The same make for another thing",
    body=NewVariant,
    answer=Project,
    status=201,
)
def add_variant(id: str, body: NewVariant) -> dict[str, Any]:
    row = store.get_project(database(), id)
    spec, name = unconfirmed(row["spec"], CATALOGUE[row["spec"]["form"]]), row["name"]
    speaker = Speaker(Ruler(cast(Unit, spec.get("unit", "cm"))), asked_language())
    if body.scale is not None:
        name = speaker.say(msg(f"project.scaled-{body.scale}", name=name))[:120]
        spec = at_scale(spec, CATALOGUE[spec["form"]], body.scale)
    elif body.thing is None:
        name = speaker.say(msg("project.copy", name=name))[:120]
    else:
        thing = things.get_thing(database(), body.thing)
        form = CATALOGUE[spec["form"]]
        name = speaker.say(msg("project.for", thing=thing["name"], form=form.name))[:120]
        spec = for_thing(spec, form, {**thing["object"], "name": thing["name"]}, thing["unit"])
    return show_project(store.add_project(database(), name, spec, picture_text(drafted(spec)), variant_of=id))


@API.operation("DELETE", "/api/projects/{id}", "Put a project aside", status=204)
def delete_project(id: str) -> None:
    store.delete_project(database(), id)


@API.operation("POST", "/api/projects/{id}/restore", "Bring it back", answer=Project)
def restore_project(id: str) -> dict[str, Any]:
    return show_project(store.restore_project(database(), id))


@API.operation("POST", "/api/projects/{id}/copy", "The same once more", answer=Project, status=201)
def copy_project(id: str) -> dict[str, Any]:
    row = store.get_project(database(), id)
    speaker = Speaker(Ruler(cast(Unit, row["spec"].get("unit", "cm"))), asked_language())
    name = speaker.say(msg("project.copy", name=row["name"]))[:120]
    spec = unconfirmed(row["spec"], CATALOGUE[row["spec"]["form"]])
    return show_project(store.add_project(database(), name, spec, row["picture"]))


@API.operation(
    "PUT", "/api/projects/{id}/progress", "Where the sewing stands", body=Progress, answer=Project, who="sewing"
)
def set_progress(id: str, body: Progress) -> dict[str, Any]:
    row = store.get_project(database(), id)
    done = body.done if body.before is None else _merged(row["done"], body.before, body.done)
    done = with_ready(done, id, drafted(row["spec"]))
    return show_project(store.set_progress(database(), id, done, body.at_step))


def _merged(kept: list[str], before: list[str], done: list[str]) -> list[str]:
    """What is ticked off when one window goes from ``before`` to ``done`` and another has ticked, or unticked, meanwhile."""
    gone = set(before) - set(done)
    return [step for step in dict.fromkeys([*kept, *(one for one in done if one not in before)]) if step not in gone]


def show_project(row: dict[str, Any]) -> dict[str, Any]:
    return {name: value for name, value in row.items() if name != "picture"}
