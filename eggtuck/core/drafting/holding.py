"""What goes into a make, and which sizes would hold what the maker wants it to hold."""

from __future__ import annotations

import math
from collections.abc import Callable, Mapping
from dataclasses import replace
from typing import Literal

from ..pattern import Check, Draft, Fix, SpecError
from ..pattern.draft import Verdict
from ..shop import ROOM_MORE, ROOM_SHORT
from ..words import Message, Volume, msg
from .description import HOLDS
from .make import Make
from .spec import Spec

# Sizes are looked for between a twentieth and twenty times what they are.
_WIDE = 20
# So many drafts at most are made for the button.
_TRIES = 12

Filled = Literal["rim", "closed", "filling"]


def tell_room(make: Make, room: Callable[[float], float], filled: Filled, by: tuple[str, ...]) -> None:
    """Tells what goes in, filled up to the ``rim``, ``closed``, or with its ``filling``, beside what is wanted.

    Nothing is told of a make that follows from the thing it is for, unless a volume is wanted.

    Args:
        make: its sizes are settled.
        room: what it holds (mm3) inside its layers, with the sizes ``by`` so many times as large as they are; it grows with them.
        filled: how it is meant.
        by: the sizes that grow together, in proportion, to hold more.
    """
    wanted = make.spec.volume
    if wanted is None and make.spec.thing is not None:
        return
    holds = max(0.0, room(1.0)) / 1000.0
    make.finished["room"] = holds
    make.input(HOLDS.field, holds if wanted is None else wanted, holds)
    if wanted is None:
        # How much filling goes in is told with what it weighs.
        if filled == "filling":
            return
        text = msg(f"check.room-{filled}.text")
        make.checks.append(Check("fit.volume", "ok", msg("check.room", room=Volume(holds)), text, holds))
        return
    fix = _sized(make, room, wanted, by)
    words: str
    verdict: Verdict
    if holds < wanted * (1 - ROOM_SHORT):
        words, verdict = "short", "warn"
    elif holds > wanted * (1 + ROOM_MORE) and fix is not None:
        words, verdict = "more", "note"
    else:
        words, verdict, fix = "enough", "ok", None
    text = msg(f"check.room-{words}.text", room=Volume(holds), wanted=Volume(wanted), filled=msg(f"filled.{filled}"))
    make.checks.append(Check("fit.volume", verdict, msg(f"check.room-{words}"), text, holds, wanted, fix))


def draft_to_hold(spec: Spec, draft_form: Callable[[Spec], Draft]) -> Draft:
    """The draft of a spec. Where it does not hold what is wanted, its button sets sizes that were drafted and do, the nearest found; where
    none are nearer than what there is, there is no button. Raises `SpecError`."""
    draft = draft_form(spec)
    at = next((i for i, check in enumerate(draft.checks) if check.id == "fit.volume" and check.fix), None)
    if at is None:
        return draft
    check = draft.checks[at]
    assert check.fix is not None
    found = _sizes_that_hold(spec, draft_form, draft, check)
    fix = None if found is None else replace(check.fix, label=_with_length(check.fix.label, found), changes=found)
    return replace(draft, checks=(*draft.checks[:at], replace(check, fix=fix), *draft.checks[at + 1 :]))


def _sizes_that_hold(
    spec: Spec, draft_form: Callable[[Spec], Draft], draft: Draft, check: Check
) -> dict[str, float] | None:
    """By drafting: what lies on a ruler, is matched in pairs or follows a thing grows in no proportion."""
    assert check.fix is not None and check.value is not None and check.limit is not None
    wanted, enough = check.limit, check.limit * (1 - ROOM_SHORT)
    ends = {state.field: (state.low, state.high) for state in draft.inputs}
    now = {field: float(mm) for field, mm in check.fix.changes.items()}
    tried: dict[tuple[float, ...], float] = {}
    found, nearest = None, math.inf
    while len(tried) < _TRIES and tuple(now.values()) not in tried:
        if not all(ends[field][0] <= mm <= ends[field][1] for field, mm in now.items()):
            break
        room = tried[tuple(now.values())] = _room_with(spec, draft_form, now)
        if enough <= room < nearest:
            found, nearest = now, room
        if enough <= room <= wanted * (1 + ROOM_MORE):
            break
        share = (wanted / room) ** (1 / (3 if len(now) > 1 else 1)) if room else 1.0
        grown = {field: spec.on_mark(mm * share, "up") for field, mm in now.items()}
        if grown == now:
            grown = {field: mm + (spec.step if room < enough else -spec.step) for field, mm in now.items()}
        now = grown
    # What is only a little nearer is not worth another cut.
    return found if check.value < enough or nearest < check.value * (1 - ROOM_MORE) else None


def _room_with(spec: Spec, draft_form: Callable[[Spec], Draft], sizes: Mapping[str, float]) -> float:
    """What the make holds with these sizes (ml); none where it cannot be drafted with them."""
    told = {field.removeprefix("size."): mm for field, mm in sizes.items()}
    try:
        return draft_form(replace(spec, size={**spec.size, **told})).finished["room"] or 0.0
    except SpecError:
        return 0.0


def _with_length(label: Message, sizes: Mapping[str, float]) -> Message:
    """A button's label that tells the size it sets, where it tells one."""
    return (
        Message(label.id, {**label.params, "length": next(iter(sizes.values()))}) if "length" in label.params else label
    )


def _sized(make: Make, room: Callable[[float], float], wanted: float, by: tuple[str, ...]) -> Fix | None:
    """The sizes ``by`` on marks of the ruler, none too small; None where the make has no such size to give, or has these already."""
    states = {state.field: state for state in make.states}
    fields = [f"size.{name}" for name in by]
    low, high = 1 / _WIDE, float(_WIDE)
    if not by or any(field not in states for field in fields) or not room(low) < wanted * 1000.0 <= room(high):
        return None
    for _ in range(40):
        middle = (low + high) / 2
        low, high = (middle, high) if room(middle) < wanted * 1000.0 else (low, middle)
    changes: dict[str, float | str] = {}
    moved = False
    for name, field in zip(by, fields, strict=True):
        now = make.finished[name] or 0.0
        mm = make.spec.on_mark(now * high, "up")
        if not states[field].low - 1e-9 <= mm <= states[field].high + 1e-9:
            return None
        moved |= abs(mm - now) > make.spec.step / 2
        changes[field] = mm
    if not moved:
        return None
    if len(by) > 1:
        return Fix(msg("fix.room-all", way=msg("fix.larger" if high > 1 else "fix.smaller")), changes)
    label = make.described[fields[0]].label
    return Fix(msg("fix.room", size=label, length=float(changes[fields[0]])), changes)
