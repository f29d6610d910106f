"""A make in hand: the clock, what lies ready, and what is noted at a step."""

from __future__ import annotations

import datetime
from typing import Any

from flask import Response

from ...core.forms import CATALOGUE
from ...core.learning.pace import Pace
from ...core.learning.proposals import ALLOWANCE
from ...core.lengths import LengthError, read_length
from ...core.pattern import Draft
from ...core.plan.standing import Standing, standing
from ...core.record.clock import Span, after, spent_in_all
from ...core.words import Message, Speaker, msg
from ...files.photos import small_photo
from ...store import makes, projects
from ...store import sittings as store
from .. import clock
from ..connection import database
from ..days import told_day
from ..drafting import drafted
from ..logbook import current_pace, pending_notes, show_note, show_photo
from ..made_ahead import taken_parts
from ..problems import RefusedError
from ..queries import StepQuery
from ..record_model import ClockAct, MakeNote, NewNote, Quiet, Sitting, StagePhoto
from .table import API

_MOST_PHOTOS = 200


@API.operation("GET", "/api/projects/{id}/sitting", "Where the make in hand stands", answer=Sitting, who="sewing")
def show_sitting(id: str) -> dict[str, Any]:
    return _sitting(id)


def _sitting(id: str) -> dict[str, Any]:
    project = projects.get_project(database(), id)
    draft = drafted(project["spec"])
    speaker = Speaker(draft.ruler, draft.language)
    now, pace = clock.now(), current_pace()
    stands = standing(draft.steps, store.done_at(database(), id), now, pace)
    titles = [speaker.say(step.title) for step in draft.steps]

    def step(number: int) -> dict[str, Any]:
        return {"number": number, "id": draft.steps[number - 1].id, "title": titles[number - 1]}

    made = taken_parts(id, draft)
    pieces = {piece for part in made for piece in part.pieces}
    notes, photos = pending_notes(id), store.list_photos(database(), id)
    return {
        "clock": _clock(id, now, speaker),
        "next": None if stands.next is None else step(stands.next),
        "resting": [
            {"step": step(number), "until": _at(until), "text": speaker.say(_rests(titles[number - 1], until, now))}
            for number, until in stands.resting
        ],
        "free": [step(number) for number in stands.free],
        "ready": list(_ready(stands, draft, titles, speaker)),
        "state": [speaker.say(one) for one in _state(stands, titles)],
        "minutes": round(stands.minutes, 1),
        "minutes_text": speaker.say(_minutes(stands.minutes)),
        "pace": speaker.say(_pace(pace)),
        "finish": _at(stands.finish),
        "reminders": list(_reminders(id, draft, titles, speaker)),
        "notes": [show_note(note) for note in notes],
        "photos": [show_photo(photo) for photo in photos if photo["make_id"] is None],
        "before": [show_photo(photo) for photo in store.photos_before(database(), id)],
        "ahead": [step for part in made for step in part.steps],
        "ready_letters": [piece.letter for piece in draft.pieces if piece.id in pieces],
    }


@API.operation("POST", "/api/projects/{id}/clock", "Work the clock", body=ClockAct, answer=Sitting, who="sewing")
def work_clock(id: str, body: ClockAct) -> dict[str, Any]:
    project = projects.get_project(database(), id)
    steps = {step.id for step in drafted(project["spec"]).steps}
    if body.act in ("start", "step", "resume") and body.step not in steps:
        raise RefusedError(422, "step", "step")
    _, running = store.list_spans(database(), id)
    at = body.step if body.step in steps else running.step if running is not None else ""
    ended, running = after(running, body.act, at, clock.now())
    store.keep_spans(database(), id, ended, running)
    return _sitting(id)


@API.operation("DELETE", "/api/projects/{id}/clock", "Forget the time of the make in hand", status=204, who="sewing")
def forget_clock(id: str) -> None:
    projects.get_project(database(), id)
    store.forget_spans(database(), id)


@API.operation(
    "POST",
    "/api/projects/{id}/notes",
    "Note something at a step",
    body=NewNote,
    answer=MakeNote,
    status=201,
    who="sewing",
)
def add_note(id: str, body: NewNote) -> dict[str, Any]:
    draft = drafted(projects.get_project(database(), id)["spec"])
    if not body.text and not body.field:
        raise RefusedError(422, "empty-note", "text")
    did = _otherwise(body, draft)
    title = next((step.title for step in draft.steps if step.id == body.step), None)
    if title is None:
        raise RefusedError(422, "step", "step")
    speaker = Speaker(draft.ruler, draft.language)
    note = {**body.model_dump(), "did": did, "form": draft.form, "title": speaker.say(title)}
    return show_note(store.add_note(database(), id, note))


def _otherwise(body: NewNote, draft: Draft) -> str:
    """What was made otherwise: a choice there is, or an allowance as a length with its unit. Raises `RefusedError`."""
    if not body.field:
        return ""
    if body.kind != "departure" or not body.did:
        raise RefusedError(422, "empty-note", "did")
    if body.field == ALLOWANCE:
        state = next(one for one in draft.inputs if one.field == ALLOWANCE)
        try:
            mm = read_length(body.did, draft.ruler.unit).mm
        except LengthError as error:
            words = msg(f"problem.length-{error.fault}", text=error.text, example=draft.ruler.write(state.value))
            raise RefusedError(422, "fields", problems=[("did", words)], ruler=draft.ruler) from error
        if not state.low <= mm <= state.high:
            words = msg("problem.range", label=msg("input.allowance"), low=state.low, high=state.high)
            raise RefusedError(422, "fields", problems=[("did", words)], ruler=draft.ruler)
        return draft.ruler.exact(mm)
    options = {f"options.{one.id}": one.choices for one in CATALOGUE[draft.form].options if not one.safety}
    if body.did not in options.get(body.field, ()):
        choices = ", ".join(options.get(body.field, tuple(options)))
        raise RefusedError(422, "fields", problems=[("did", msg("problem.choice", choices=choices))])
    return body.did


@API.operation("DELETE", "/api/projects/{id}/notes/{note}", "Take a note out", status=204, who="sewing")
def delete_note(id: str, note: str) -> None:
    store.delete_note(database(), id, note)


@API.operation("POST", "/api/projects/{id}/notes/{note}/restore", "Put a note back", answer=MakeNote, who="sewing")
def restore_note(id: str, note: str) -> dict[str, Any]:
    return show_note(store.restore_note(database(), id, note))


@API.operation(
    "PUT", "/api/reminders/{note}", "Let a reminder come no more, or again", body=Quiet, status=204, who="sewing"
)
def quieten_reminder(note: str, body: Quiet) -> None:
    store.quieten_note(database(), note, body.quiet)


@API.operation(
    "POST",
    "/api/projects/{id}/photos",
    "Keep a photo of a stage (JPEG, PNG or WebP)",
    body="application/octet-stream",
    answer=StagePhoto,
    status=201,
    query=StepQuery,
    who="sewing",
)
def add_photo(id: str, body: bytes, query: StepQuery) -> dict[str, Any]:
    draft = drafted(projects.get_project(database(), id)["spec"])
    if len(store.list_photos(database(), id)) >= _MOST_PHOTOS:
        raise RefusedError(422, "many-photos", "photo", most=_MOST_PHOTOS)
    if query.make is not None:
        makes.get_make(database(), id, query.make)
    speaker = Speaker(draft.ruler, draft.language)
    title = next((speaker.say(step.title) for step in draft.steps if step.id == query.step), "")
    return show_photo(
        store.add_photo(database(), id, query.step if title else "", title, small_photo(body), query.make)
    )


@API.operation("GET", "/api/projects/{id}/photos/{photo}", "A photo of a stage", answer="image/jpeg", who="sewing")
def show_stage_photo(id: str, photo: str) -> Response:
    return Response(store.get_photo(database(), id, photo), mimetype="image/jpeg")


@API.operation("DELETE", "/api/projects/{id}/photos/{photo}", "Take a photo of a stage away", status=204, who="sewing")
def delete_photo(id: str, photo: str) -> None:
    store.delete_photo(database(), id, photo)


@API.operation("POST", "/api/projects/{id}/photos/{photo}/restore", "Put a photo back", status=204, who="sewing")
def restore_photo(id: str, photo: str) -> None:
    store.restore_photo(database(), id, photo)


def _clock(id: str, now: float, speaker: Speaker) -> dict[str, Any]:
    ended, running = store.list_spans(database(), id)
    # What is open goes on till now, or till it was last heard of.
    ended_now, going = after(running, "alive", "", now)
    spans: list[Span] = [*ended, *ended_now, *([going] if going is not None else [])]
    spent = spent_in_all(spans)
    words = "clock.spent" if spans else "clock.none"
    told = msg(words, hands=round(spent.hands), wait=round(spent.wait), away=round(spent.away))
    return {
        "running": None if going is None else going.kind,
        "step": "" if going is None else going.step,
        "hands": round(spent.hands, 1),
        "wait": round(spent.wait, 1),
        "away": round(spent.away, 1),
        "text": speaker.say(told),
    }


def _at(when: float) -> str:
    """As a moment of the day, where the server is."""
    return datetime.datetime.fromtimestamp(when).astimezone().isoformat(timespec="minutes")


def _hour(when: float) -> str:
    return datetime.datetime.fromtimestamp(when).strftime("%H:%M")


def _rests(title: str, until: float, now: float) -> Message:
    return msg("standing.rests", step=title, until=_hour(until), minutes=max(1, round((until - now) / 60)))


def _minutes(minutes: float) -> Message:
    return msg("standing.minutes", count=max(0, round(minutes)))


def _pace(pace: Pace) -> Message:
    return msg("pace.own", count=pace.count) if pace.count else msg("pace.house")


def _ready(stands: Standing, draft: Draft, titles: list[str], speaker: Speaker) -> Any:
    letters = {piece.id: piece.letter for piece in draft.pieces}
    for one in stands.ready:
        if one.last is None:
            text = msg("standing.as-cut")
        else:
            text = msg("standing.last", number=one.last, step=titles[one.last - 1])
        yield {"letter": letters[one.thing.piece], "name": speaker.say(one.thing.name), "text": speaker.say(text)}


def _state(stands: Standing, titles: list[str]) -> list[Message]:
    found = []
    if stands.is_open is not None:
        found.append(msg("standing.open", number=stands.is_open, step=titles[stands.is_open - 1]))
    if stands.inside_out:
        found.append(msg("standing.inside-out"))
    return found


def _reminders(id: str, draft: Draft, titles: list[str], speaker: Speaker) -> Any:
    """What was to be minded, at the step it was noted at: of the same form, or of another where that step is the same work. What this form no longer
    does is told all the same."""
    steps = {step.id: title for step, title in zip(draft.steps, titles, strict=True)}
    for note in store.reminders(database()):
        same = steps.get(note["step"])
        if note["form"] != draft.form and same != note["title"]:
            continue
        source = msg("reminder.from", name=note["name"], day=told_day(note["made_on"]))
        yield {
            "id": note["id"],
            "step": note["step"] if same is not None else None,
            "text": note["text"],
            "source": speaker.say(source),
        }
    last = _last_make(id)
    if last is not None and last["next_time"] and not _at_a_step(last):
        source = msg("reminder.from", name=last["name"], day=told_day(last["made_on"]))
        yield {"id": f"entry {last['id']}", "step": None, "text": last["next_time"], "source": speaker.say(source)}


def _last_make(id: str) -> dict[str, Any] | None:
    """The last make of this project, or the one it is made again from."""
    own = makes.list_makes(database(), id)
    if own:
        return own[0]
    again = projects.get_project(database(), id)["again"]
    return next((row for row in makes.every_make(database()) if row["id"] == again), None)


def _at_a_step(make: dict[str, Any]) -> bool:
    """Whether what it says for next time is a reminder at a step already."""
    notes = store.list_notes(database(), make["project_id"])
    return any(note["make_id"] == make["id"] and note["text"] == make["next_time"] for note in notes)
