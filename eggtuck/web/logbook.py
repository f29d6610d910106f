"""Entries of the log, read from what was typed and told again; what learning sees of them."""

from __future__ import annotations

import datetime
import re
import zlib
from collections.abc import Mapping, Sequence
from typing import Any, cast

from ..core.fit.measured import difference_message
from ..core.learning.liked import borne_key
from ..core.learning.made import Made
from ..core.learning.pace import Pace, pace_of
from ..core.learning.reading import read_made
from ..core.lengths import LengthError, Ruler, Unit, read_length
from ..core.pattern import Draft
from ..core.pattern.document import finished_text
from ..core.record.clock import after, spent_by_step, spent_in_all
from ..core.record.facts import Facts, facts_of, read_facts, write_facts
from ..core.record.trial import trial_tests
from ..core.shop import LEARNS_FROM
from ..core.words import Message, Speaker, msg
from ..store import ahead, projects, sittings
from ..store import makes as store
from . import clock
from .connection import database
from .drafting import draft_text
from .problems import RefusedError
from .record_model import NewMake
from .routes.settings import current_settings

_MOST = 5000.0
_MONEY = 1_000_000.0


def read_entry(body: NewMake, facts: Facts, ruler: Ruler, speaker: Speaker, timed: bool) -> dict[str, Any]:
    """What is kept of an entry. Raises `RefusedError` naming every field that cannot be used, and where nothing at all is said."""
    problems: list[tuple[str, Message]] = []
    if body.made_on > datetime.date.today():
        problems.append(("made_on", msg("problem.log-future")))
    measured = _read_measured(body, facts, ruler, speaker, problems)
    trial = body.trial.model_dump()
    for name in ("slack", "above"):
        text = trial[name].strip()
        trial[name] = text
        if text:
            _length(f"trial.{name}", text, ruler, problems, low=-_MOST)
    sale = body.sale.model_dump(mode="json")
    for name in ("price", "cost"):
        if sale[name].strip() and read_money(sale[name]) is None:
            problems.append((f"sale.{name}", msg("problem.pile-price", most=int(_MONEY))))
    if body.sale.sold_on is not None and body.sale.sold_on > datetime.date.today():
        problems.append(("sale.sold_on", msg("problem.log-future")))
    if problems:
        raise RefusedError(422, "measure", problems=problems, ruler=ruler)
    entry = {
        "made_on": body.made_on.isoformat(),
        "minutes": body.minutes,
        "waited": body.waited,
        "away": body.away,
        "measured": measured,
        "differed": body.differed.strip(),
        "next_time": body.next_time.strip(),
        "trial": {**trial, "unit": ruler.unit},
        "uses": [use.model_dump() for use in body.uses],
        "sale": sale,
    }
    said = (
        body.minutes,
        measured,
        entry["differed"],
        entry["next_time"],
        trial["goes"],
        trial["slack"],
        trial["above"],
        trial["tests"],
        entry["uses"],
        sale["price"],
    )
    if not timed and not any(said):
        raise RefusedError(422, "empty-entry", "made_on")
    return entry


def _read_measured(
    body: NewMake, facts: Facts, ruler: Ruler, speaker: Speaker, problems: list[tuple[str, Message]]
) -> list[dict[str, Any]]:
    measured = []
    borne = current_settings()["borne"]
    for name, typed in body.measured.items():
        if not typed.strip():
            continue
        drafted = facts.finished.get(name)
        if drafted is None:
            problems.append((f"measured.{name}", msg("problem.choice", choices=", ".join(facts.finished))))
            continue
        mm = _length(f"measured.{name}", typed, ruler, problems, example=drafted, low=0.0)
        if mm is None:
            continue
        one = {"name": name, "typed": typed, "mm": mm, "within": borne.get(borne_key(facts.form, name))}
        measured.append({**one, "remark": speaker.say(_difference(one, facts)), "fine": body.fine.get(name)})
    return measured


def _difference(one: Mapping[str, Any], facts: Facts) -> Message:
    """How far off a size came, by what had done no harm when it was written down."""
    name, mm, within = one["name"], one["mm"], one["within"]
    off = abs(mm - facts.finished[name])
    if within is not None and off <= within:
        return msg("measured.borne", label=msg(f"sum.name.finished.{name}"), off=off, within=float(within))
    return difference_message(name, facts.finished[name], mm, facts.crossing, facts.tolerances.get(name))


def show_measured(row: Mapping[str, Any], facts: Facts | None, speaker: Speaker) -> list[dict[str, Any]]:
    """What was measured, told in the language of today where it is known what it was measured against; else as it was told then."""
    found = []
    for one in row["measured"]:
        told = {"fine": None, **{name: one[name] for name in ("name", "typed", "mm", "remark", "fine") if name in one}}
        if "within" in one and facts is not None and one["name"] in facts.finished:
            told["remark"] = speaker.say(_difference(one, facts))
        found.append(told)
    return found


def _length(
    field: str, typed: str, ruler: Ruler, problems: list[tuple[str, Message]], example: float = 20.0, low: float = 0.0
) -> float | None:
    try:
        mm = read_length(typed, ruler.unit).mm
    except LengthError as error:
        text = msg(f"problem.length-{error.fault}", text=error.text, example=ruler.write(example))
        problems.append((field, text))
        return None
    if not low <= mm <= _MOST or (low == 0.0 and mm == 0.0):
        name = field.partition(".")[2]
        label = msg(f"sum.name.finished.{name}" if field.startswith("measured.") else f"trial.{name}")
        problems.append((field, msg("problem.range", label=label, low=max(low, 1.0) if low == 0 else low, high=_MOST)))
        return None
    return mm


def read_money(text: str) -> float | None:
    """An amount of money with either decimal sign; None of anything else."""
    plain = text.strip().replace(",", ".")
    if not re.fullmatch(r"\d{1,7}(\.\d{1,2})?", plain):
        return None
    return float(plain) if float(plain) <= _MONEY else None


def facts_now(draft: Draft, moved: float | None = None) -> Facts:
    """The facts of a draft as it is made today; guides are ``moved`` as they are now, where nothing else is told (mm)."""
    speaker = Speaker(draft.ruler, draft.language)
    titles = [speaker.say(step.title) for step in draft.steps]
    return facts_of(draft, titles, current_settings()["sews_wide"] if moved is None else moved)


def keep_make(project: Mapping[str, Any], draft: Draft, body: NewMake, lay: bytes | None) -> dict[str, Any]:
    """Notes a make in the log with all of it as it was made: its draft, how it lay, what the clock had."""
    facts = facts_now(draft)
    before, running = sittings.list_spans(database(), project["id"])
    # What runs ends with the entry.
    ended, _ = after(running, "stop", "", clock.now())
    spans = [*before, *ended]
    spent = spent_in_all(spans)
    speaker = Speaker(draft.ruler, draft.language)
    entry = read_entry(body, facts, draft.ruler, speaker, bool(spans) or bool(pending_notes(project["id"])))
    for name, minutes in (("minutes", spent.hands), ("waited", spent.wait), ("away", spent.away)):
        if entry[name] is None and spans:
            entry[name] = round(minutes)
    entry["trial"]["why"] = projects.get_why(database(), project["id"])["text"]
    sittings.keep_spans(database(), project["id"], ended, None)
    times = {step: round(one.hands, 2) for step, one in spent_by_step(spans).items() if one.hands > 0}
    at = next((step for step in facts.steps if step.id == body.next_step), None)
    if at is not None and entry["next_time"]:
        told = {"kind": "next-time", "form": facts.form, "step": at.id, "title": at.title, "text": entry["next_time"]}
        sittings.add_note(database(), project["id"], told)
    # What was made ahead is part of it now.
    ahead.use_up(database(), project["id"])
    return store.add_make(
        database(),
        project["id"],
        entry,
        project["spec"],
        name=project["name"],
        facts=write_facts(facts),
        times=times,
        record=record_of(project["spec"], lay),
    )


def record_of(spec: Mapping[str, Any], lay: bytes | None) -> bytes:
    """All of a make as it is made: its draft, and how it lies on its cloth (JSON), deflated."""
    return zlib.compress(b'{"draft":%b,"lay":%b}' % (draft_text(spec).encode(), lay or b"[]"))


def pending_notes(project: str) -> list[dict[str, Any]]:
    """What was noted at the make in hand."""
    return [note for note in sittings.list_notes(database(), project) if note["make_id"] is None]


def own_ruler(facts: Facts | None, ruler: Ruler) -> Ruler:
    """The ruler an entry was written on, whatever its project is on by now."""
    return ruler if facts is None else Ruler(cast(Unit, facts.unit), ruler.decimal)


def show_make(
    row: Mapping[str, Any],
    notes: Sequence[Mapping[str, Any]],
    photos: Sequence[Mapping[str, Any]],
    why: Mapping[str, Any],
    draft: Draft,
) -> dict[str, Any]:
    """An entry as it is told, with the notes and photos that are its own; what may still be tried is that of now, and what was tried then."""
    facts = read_facts(row["facts"])
    speaker = Speaker(own_ruler(facts, draft.ruler), draft.language)
    tried = row["trial"].get("tests", {})
    asked = {"wrong": [*why["wrong"], *tried], "text": row["trial"].get("why") or why["text"]}
    house = {} if facts is None else {step.id: (step.title, step.minutes) for step in facts.steps}
    trial = row["trial"]
    return {
        **{name: row[name] for name in ("id", "revision", "name", "made_on", "minutes", "waited", "away")},
        **{name: row[name] for name in ("differed", "next_time", "kept")},
        "measured": show_measured(row, facts, speaker),
        "trial": {
            "goes": trial.get("goes"),
            "empty": trial.get("empty", False),
            "slack": trial.get("slack", ""),
            "above": trial.get("above", ""),
            "tests": tried,
            "remarks": [speaker.say(remark) for remark in _trial_remarks(trial, facts)],
        },
        "tests": show_tests(asked, draft, speaker),
        "sizes": [] if facts is None else show_sizes(facts, speaker),
        "uses": row["uses"],
        "sale": {name: row["sale"].get(name) or "" for name in ("price", "cost", "sold_on")},
        "times": [
            {
                "step": step,
                "title": house[step][0],
                "minutes": round(minutes, 1),
                "took": _tenths(minutes, speaker),
                "house": _tenths(house[step][1], speaker),
            }
            for step, minutes in row["times"].items()
            if step in house
        ],
        "notes": [show_note(note) for note in notes if note["make_id"] == row["id"]],
        "photos": [show_photo(photo) for photo in photos if photo["make_id"] == row["id"]],
    }


def _tenths(minutes: float, speaker: Speaker) -> str:
    return f"{minutes:.1f}".replace(".", speaker.ruler.decimal)


def show_sizes(facts: Facts, speaker: Speaker) -> list[dict[str, str]]:
    """What of a make can be measured, and what it was drafted to."""
    return [
        {
            "name": name,
            "label": speaker.say(msg(f"sum.name.finished.{name}")),
            "text": finished_text(name, facts.finished[name], speaker),
            "tolerance": speaker.say(msg(f"tolerance.{facts.tolerances[name]}")) if name in facts.tolerances else "",
        }
        for name in facts.sizes
        if name in facts.finished
    ]


def _trial_remarks(trial: Mapping[str, Any], facts: Facts | None) -> list[Message]:
    """How it went on and, where the slack was measured, what ease that tells of."""
    found = []
    if trial.get("goes"):
        found.append(msg(f"trial.goes-{trial['goes']}" + ("-empty" if trial.get("empty") else "")))
    if trial.get("slack") and facts is not None and facts.ease is not None:
        slack = read_length(trial["slack"], trial.get("unit", facts.unit)).mm
        found.append(msg("trial.slack-told", slack=slack, ease=facts.ease))
    if trial.get("above"):
        found.append(msg("trial.above-told", above=read_length(trial["above"], trial.get("unit", "cm")).mm))
    return found


def show_note(note: Mapping[str, Any]) -> dict[str, Any]:
    names = ("id", "step", "title", "kind", "text", "cause", "field", "did", "quiet")
    return {name: note[name] for name in names}


def show_photo(photo: Mapping[str, Any]) -> dict[str, Any]:
    names = ("id", "step", "title", "created_at")
    return {"project": photo["project_id"], **{name: photo[name] for name in names}}


def every_made(most: int = -1) -> list[Made]:
    """All makes in the log as learning sees them, the latest first; at ``most`` so many, where that is told."""
    notes: dict[str, list[Mapping[str, Any]]] = {}
    for note in sittings.every_note(database()):
        notes.setdefault(note["make_id"], []).append(note)
    rows = store.every_make(database(), most)
    return [made for row in rows if (made := read_made(row, notes.get(row["id"], ()))) is not None]


def current_pace() -> Pace:
    """The pace of this maker, from what was made last."""
    return pace_of(every_made(5 * int(LEARNS_FROM)))


def show_tests(why: Mapping[str, Any], draft: Draft, speaker: Speaker) -> list[dict[str, Any]]:
    """What a make of this project is tried for."""
    named = (*draft.finished, *(seam.id for seam in draft.seams))
    stands = any(name.startswith("base") for name in named)
    return [
        {
            "id": id,
            "text": speaker.say(text),
            "caution": None if caution is None else speaker.say(caution),
            "asked": id in why["wrong"] or id == "other",
        }
        for id, text, caution in trial_tests(why["wrong"], why["text"], stands)
    ]
