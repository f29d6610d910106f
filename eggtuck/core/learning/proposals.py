"""What the log proposes: each with its evidence, one to take over or never to be asked again."""

from __future__ import annotations

from collections.abc import Collection, Iterator, Mapping, Sequence
from dataclasses import field

from ..frozen import frozen
from ..lengths import Ruler
from ..shop import LEARNS_FROM
from ..words import Message, Param, Percent, msg
from .liked import borne_differences, borne_key, ease_key, liked_eases, real_share
from .made import Departure, Made
from .sewn import is_known, sewn_estimate, sewn_off

# So often a departure is a habit.
TWICE = 2
# A departure in the maker's own words, and one from the allowance of most seams.
OWN = ""
ALLOWANCE = "allowance.default"


@frozen
class Evidence:
    """What one make says for it."""

    made: Made
    text: Message


@frozen
class Change:
    """A habit that is set: ``value`` for ``key`` of it, or all of it where there is no key."""

    habit: str
    key: str | None
    value: float | str


@frozen
class Proposal:
    """One thing learnt. ``id`` tells it from every other, whenever it is proposed; taking it over makes the ``change``, or puts a reminder at the
    step of a ``departure``."""

    id: str
    text: Message
    does: Message
    evidence: tuple[Evidence, ...]
    change: Change | None = None
    departure: Departure | None = None


@frozen
class Learnt:
    """What was taken over already: by how much guides are moved in (mm), eases (share of the girth) and differences borne (mm) by what they are kept
    for, choices by option, the allowance as it is written."""

    sews_wide: float = 0.0
    eases: Mapping[str, float] = field(default_factory=dict)
    borne: Mapping[str, float] = field(default_factory=dict)
    schools: Mapping[str, str] = field(default_factory=dict)
    allowance: str = ""


def proposals(
    makes: Sequence[Made], learnt: Learnt, never: Collection[str], ruler: Ruler, choices: Mapping[str, Collection[str]]
) -> Iterator[Proposal]:
    """What the log says today, of the makes, the latest first.

    Args:
        learnt: what was taken over before; nothing is proposed that is so already.
        never: ids of proposals that are never to be made again.
        ruler: what lengths are rounded to where a maker sets them.
        choices: of every option that may become a habit, what can be chosen.
    """
    for one in (
        *_sewn(makes, learnt, ruler),
        *_eases(makes, learnt),
        *_borne(makes, learnt),
        *_departures(makes, learnt, choices),
    ):
        if one.id not in never:
            yield one


def _sewn(makes: Sequence[Made], learnt: Learnt, ruler: Ruler) -> Iterator[Proposal]:
    found = sewn_estimate(makes)
    if found is None or not is_known(found[0], learnt.sews_wide):
        return
    habit, of = found
    way = "wide" if habit.middle > 0 else "narrow"
    off = round(habit.middle, 1)
    say: dict[str, Param] = {"off": _thin(abs(off), ruler), "spread": _thin(habit.spread, ruler), "count": habit.count}
    evidence = []
    for made in of:
        each = sewn_off(made)
        assert each is not None
        words = "learn.sewn-evidence-wide" if each > 0 else "learn.sewn-evidence-narrow"
        girth, drafted = made.measured["girth"][0], made.facts.finished["girth"]
        text = msg(words, measured=girth, drafted=drafted, off=_thin(abs(each), ruler))
        evidence.append(Evidence(made, text))
    does = msg("learn.sewn-back") if abs(off) < 0.05 else msg(f"learn.sewn-{way}-does", off=_thin(abs(off), ruler))
    yield Proposal("sewn", msg(f"learn.sewn-{way}", **say), does, tuple(evidence), Change("sews_wide", None, off))


def _thin(mm: float, ruler: Ruler) -> str:
    """Finer than a ruler, but not finer than it is known."""
    return ruler.thin(round(mm, 1))


def _eases(makes: Sequence[Made], learnt: Learnt) -> Iterator[Proposal]:
    found = sewn_estimate(makes)
    sews = None if found is None else found[0].middle
    for one in liked_eases(makes, dict(learnt.eases), sews, learnt.sews_wide):
        form, thing = msg(f"form.{one.form}"), msg(f"object.{one.thing}")
        say: dict[str, Param] = {
            "form": form,
            "thing": thing,
            "share": Percent(one.share),
            "real": Percent(one.real),
            "before": Percent(one.before),
            "count": len(one.makes),
        }
        evidence = tuple(
            Evidence(made, msg(f"learn.ease-evidence-{made.goes}", share=Percent(real_share(made, sews) or 0.0)))
            for made in one.makes
        )
        yield Proposal(
            f"ease {ease_key(one.form, one.thing)}",
            msg(f"learn.ease-{one.why}" + ("" if abs(one.share - one.real) < 0.0005 else "-sewn"), **say),
            msg("learn.ease-does", form=form, thing=thing, share=Percent(one.share)),
            evidence,
            Change("eases", ease_key(one.form, one.thing), round(one.share, 4)),
        )


def _borne(makes: Sequence[Made], learnt: Learnt) -> Iterator[Proposal]:
    for one in borne_differences(makes, dict(learnt.borne)):
        form, name = msg(f"form.{one.form}"), msg(f"sum.name.finished.{one.name}")
        evidence = []
        for made in one.makes:
            mm, fine = made.measured[one.name]
            words = "learn.borne-evidence-fine" if fine else "learn.borne-evidence-harm"
            evidence.append(Evidence(made, msg(words, off=abs(mm - made.facts.finished[one.name]))))
        yield Proposal(
            f"borne {borne_key(one.form, one.name)}",
            msg(
                f"learn.borne-{one.why}",
                form=form,
                name=name,
                within=one.within,
                before=one.before,
                count=len(one.makes),
            ),
            msg("learn.borne-does", form=form, name=name, within=one.within),
            tuple(evidence),
            Change("borne", borne_key(one.form, one.name), round(one.within, 1)),
        )


def _departures(makes: Sequence[Made], learnt: Learnt, choices: Mapping[str, Collection[str]]) -> Iterator[Proposal]:
    """What was made otherwise in two makes, in the same way: a choice or the allowance becomes the habit, own words a reminder at their step."""
    same: dict[tuple[str, ...], list[tuple[Made, Departure]]] = {}
    for made in makes[: int(LEARNS_FROM)]:
        # Noted twice in one make it is still one.
        for key, one in {departure_key(made.facts.form, one): one for one in made.departures}.items():
            same.setdefault(key, []).append((made, one))
    for key, found in same.items():
        if len(found) < TWICE:
            continue
        one = found[0][1]
        group, _, name = one.field.partition(".")
        evidence = tuple(
            Evidence(
                made,
                msg("learn.departure-because", cause=each.cause) if each.cause else msg("learn.departure-no-cause"),
            )
            for made, each in found
        )
        id = " ".join(("departure", *key))
        if group == "options" and one.did in choices.get(name, ()):
            if learnt.schools.get(name) == one.did:
                continue
            say: dict[str, Param] = {
                "option": msg(f"option.{name}"),
                "choice": msg(f"option.{name}.{one.did}"),
                "count": len(found),
            }
            change = Change("schools", name, one.did)
            yield Proposal(id, msg("learn.departure-option", **say), msg("learn.departure-does"), evidence, change)
        elif one.field == ALLOWANCE:
            if learnt.allowance == one.did:
                continue
            text = msg("learn.departure-allowance", allowance=one.did, count=len(found))
            yield Proposal(id, text, msg("learn.departure-does"), evidence, Change("allowance", None, one.did))
        elif one.field == OWN:
            text = msg("learn.departure-own", text=one.text, step=one.title, count=len(found))
            yield Proposal(id, text, msg("learn.departure-own-does", step=one.title), evidence, departure=one)


def departure_key(form: str, one: Departure) -> tuple[str, ...]:
    """What makes two departures the same: the choice made; or at the same step of a form the same words, however they are written."""
    if one.field != OWN:
        return one.field, one.did
    return form, one.step, " ".join(one.text.casefold().split()).rstrip(".")
