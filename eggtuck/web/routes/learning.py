"""What the log teaches: proposals with their evidence, and what was answered."""

from __future__ import annotations

from typing import Any

from ...core.drafting.description import Option
from ...core.forms import CATALOGUE
from ...core.learning.pace import Pace
from ...core.learning.proposals import Change, Learnt, Proposal, proposals
from ...core.lengths import Ruler
from ...core.words import Message, Param, Percent, Speaker, msg
from ...store import learning as store
from ...store import makes, sittings
from ...store.settings import set_settings
from ..connection import database
from ..language import asked_language
from ..logbook import current_pace, every_made
from ..problems import RefusedError
from ..record_model import Answer, Learned
from .settings import current_settings
from .table import API

_SEWN = "sewn"


@API.operation("GET", "/api/learned", "What the log teaches", answer=Learned)
def show_learned() -> dict[str, Any]:
    return _learned()


def _learned() -> dict[str, Any]:
    habits = current_settings()
    speaker = _speaker(habits)
    answered = store.answers(database())
    of = {row["id"]: row["project_id"] for row in makes.every_make(database())}
    return {
        "proposals": [_shown(one, of, speaker) for one in _proposed(habits, answered)],
        "taken": [{"id": id, "text": speaker.say(text)} for id, text in _taken(habits)],
        "silenced": [
            {"id": id, "text": speaker.say(_silenced(id))} for id, answer in answered.items() if answer == "never"
        ],
        "pace": [speaker.say(one) for one in _paces(current_pace())],
    }


@API.operation("POST", "/api/learned", "Answer a proposal", body=Answer, answer=Learned)
def answer_proposal(body: Answer) -> dict[str, Any]:
    """One is taken over, never made again, or what was answered is taken back."""
    habits, answered = current_settings(), store.answers(database())
    if body.answer == "back":
        _take_back(body.proposal, habits)
        store.forget_answer(database(), body.proposal)
        return _learned()
    one = next((one for one in _proposed(habits, answered) if one.id == body.proposal), None)
    if one is None:
        raise RefusedError(404, "missing")
    if body.answer == "take":
        _take(one, habits)
    # What is a reminder now need not be proposed once more.
    if body.answer == "never" or one.departure is not None:
        store.keep_answer(database(), one.id, "never")
    return _learned()


def _proposed(habits: dict[str, Any], answered: dict[str, str]) -> list[Proposal]:
    learnt = Learnt(habits["sews_wide"], habits["eases"], habits["borne"], habits["schools"], habits["allowance"])
    never = {id for id, answer in answered.items() if answer == "never"}
    ruler = Ruler(habits["unit"], habits["decimal"])
    return list(proposals(every_made(), learnt, never, ruler, _choices()))


def _choices() -> dict[str, tuple[str, ...]]:
    """Of every option that may be a habit, what can be chosen."""
    every: list[Option] = [option for form in CATALOGUE.values() for option in form.options if not option.safety]
    found: dict[str, tuple[str, ...]] = {}
    for option in every:
        found[option.id] = (*found.get(option.id, ()), *option.choices)
    return found


def _take(one: Proposal, habits: dict[str, Any]) -> None:
    if one.change is not None:
        set_settings(database(), _changed(one.change, habits))
    elif one.departure is not None:
        made = one.evidence[0].made
        row = next(row for row in makes.every_make(database()) if row["id"] == made.id)
        note = {
            "form": made.facts.form,
            "step": one.departure.step,
            "title": one.departure.title,
            "kind": "next-time",
            "text": one.departure.text,
            "make_id": made.id,
        }
        sittings.add_note(database(), row["project_id"], note)


def _changed(change: Change, habits: dict[str, Any]) -> dict[str, Any]:
    if change.key is None:
        return {change.habit: change.value}
    return {change.habit: {**habits[change.habit], change.key: change.value}}


def _take_back(id: str, habits: dict[str, Any]) -> None:
    """The habit that a proposal set is as the house has it."""
    group, _, key = id.partition(" ")
    if group == _SEWN:
        set_settings(database(), {"sews_wide": 0.0})
    name = {"ease": "eases", "borne": "borne"}.get(group)
    if name is not None and key in habits[name]:
        set_settings(database(), {name: {one: value for one, value in habits[name].items() if one != key}})


def _taken(habits: dict[str, Any]) -> list[tuple[str, Message]]:
    """What was learnt and is in force. Choices and the allowance stand among the habits."""
    found: list[tuple[str, Message]] = []
    if habits["sews_wide"]:
        way = "wide" if habits["sews_wide"] > 0 else "narrow"
        ruler = Ruler(habits["unit"], habits["decimal"])
        found.append((_SEWN, msg(f"learnt.sewn-{way}", off=ruler.thin(abs(habits["sews_wide"])))))
    for key, share in habits["eases"].items():
        form, _, thing = key.partition(" ")
        if form in CATALOGUE:
            say: dict[str, Param] = {
                "form": CATALOGUE[form].name,
                "thing": msg(f"object.{thing}"),
                "share": Percent(share),
            }
            found.append((f"ease {key}", msg("learnt.ease", **say)))
    for key, within in habits["borne"].items():
        form, _, name = key.partition(" ")
        if form in CATALOGUE:
            label = msg(f"sum.name.finished.{name}")
            found.append(
                (f"borne {key}", msg("learnt.borne", form=CATALOGUE[form].name, name=label, within=float(within)))
            )
    return found


def _silenced(id: str) -> Message:
    """What a proposal that is not to be made again was about."""
    group, _, rest = id.partition(" ")
    first, _, second = rest.partition(" ")
    if group == _SEWN:
        return msg("silenced.sewn")
    if group in ("ease", "borne") and first in CATALOGUE:
        about = msg(f"object.{second}") if group == "ease" else msg(f"sum.name.finished.{second}")
        return msg(f"silenced.{group}", form=CATALOGUE[first].name, about=about)
    option = first.partition(".")[2]
    if option in _choices():
        return msg("silenced.option", option=msg(f"option.{option}"))
    return msg("silenced.departure", text=second.partition(" ")[2])


def _shown(one: Proposal, of: dict[str, str], speaker: Speaker) -> dict[str, Any]:
    return {
        "id": one.id,
        "text": speaker.say(one.text),
        "does": speaker.say(one.does),
        "evidence": [
            {
                "make": each.made.id,
                "project": of[each.made.id],
                "name": each.made.name,
                "made_on": each.made.made_on,
                "text": speaker.say(each.text),
            }
            for each in one.evidence
        ],
    }


def _paces(pace: Pace) -> list[Message]:
    """How this maker's pace differs from the house's, by kind of work."""
    if not pace.count:
        return [msg("pace.house")]
    found = [msg("pace.own", count=pace.count)]
    for kind, ratio in sorted(pace.ratios.items()):
        if abs(ratio - 1) >= 0.05:
            words = "pace.slower" if ratio > 1 else "pace.quicker"
            found.append(msg(words, work=msg(f"work.{kind}"), share=Percent(round(abs(ratio - 1), 2))))
    return found


def _speaker(habits: dict[str, Any]) -> Speaker:
    return Speaker(Ruler(habits["unit"], habits["decimal"]), asked_language())
