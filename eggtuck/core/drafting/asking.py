"""What a maker gave, what is proposed, and the state of each input."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import replace

from ..fit.ease import EaseHabit, ease_habit, proposed_ease
from ..pattern import Chain, InputState, Problem, SpecError
from ..shop import BOW, GIFT_BOW
from ..words import Message, msg
from .description import LengthInput
from .spec import ALLOWANCE_LIMITS, Spec, usual_allowance


def given_or(given: float | None, proposed: Chain | None) -> Chain:
    """A size as the maker gave it, else the chain that proposes it."""
    if given is not None:
        return Chain.start(msg("sum.given"), given)
    assert proposed is not None
    return proposed


def usual_bow(spec: Spec) -> float:
    """The ribbon a bow takes (mm): on a gift its tails are left long, for whoever gets it to cut."""
    return spec.ruler.usual(BOW * (GIFT_BOW if spec.options["user"] == "gift" else 1))


def need_sizes(spec: Spec, *names: str) -> None:
    """Without a thing to measure them from, these sizes must be given. Raises `SpecError`."""
    missing = [
        Problem(f"size.{name}", msg("problem.size-missing", label=msg(f"input.size.{name}")))
        for name in names
        if name not in spec.size
    ]
    if missing and spec.thing is None:
        raise SpecError(missing)


def wrap_girth(spec: Spec, inside: float) -> Chain | None:
    """``C + e + 2 pi t``: the girth of a wrap round the spec's thing, with ``inside`` mm of layers."""
    if spec.thing is None:
        return None
    return (
        Chain.start(msg("sum.object-girth"), spec.thing.girth)
        .plus_some(msg("sum.ease"), ease_of(spec))
        .plus_some(msg("sum.turn-of-cloth", thickness=inside), 2 * math.pi * inside)
    )


def ease_of(spec: Spec) -> float:
    """The girth ease asked for, else the usual one for the thing (mm)."""
    assert spec.thing is not None
    return spec.ease.get("girth", usual_ease(spec))


def habit_of(spec: Spec) -> EaseHabit:
    """The usual ease of the spec's form round its thing with its layers."""
    assert spec.thing is not None
    return ease_habit(spec.traits.ease, spec.thing.kind, spec.stack.between, spec.stack.stretch)


def usual_ease(spec: Spec) -> float:
    """The ease proposed for the spec's thing (mm)."""
    assert spec.thing is not None
    return proposed_ease(habit_of(spec), spec.thing.girth, max(spec.step, spec.ruler.step / 2))


def ease_state(spec: Spec, item: LengthInput, value: float) -> InputState:
    """The ease as an input, with its usual range."""
    assert spec.thing is not None
    habit = habit_of(spec)
    usual = (habit.low * spec.thing.girth, habit.high * spec.thing.girth)
    return replace(input_state(spec, item, value, usual_ease(spec)), usual=usual)


def input_state(
    spec: Spec,
    item: LengthInput,
    value: float,
    proposed: float | None,
    low: float | None = None,
    high: float | None = None,
) -> InputState:
    """The state of one described input; limits not given are the description's."""
    low, high = (item.low if low is None else low), (item.high if high is None else high)
    typed = spec.typed.get(item.field)
    return InputState(item.field, value, proposed, low, high, item.tolerance, typed, item.of)


def allowance_states(spec: Spec, keys: Sequence[str], more: bool) -> list[InputState]:
    """The states of the default allowance and of each kind of edge; assumed where the maker told neither. The default is asked where
    anything follows it: an edge of these kinds, or ``more`` that is sewn."""
    default = spec.seam_allowance("default")
    told = "allowance.default" in spec.typed
    return [
        InputState(
            f,
            spec.seam_allowance(key),
            default if key != "default" else usual_allowance(spec.ruler),
            *ALLOWANCE_LIMITS,
            None,
            spec.typed.get(f),
            assumed=not told and f not in spec.typed,
        )
        for key in (*(("default",) if keys or more else ()), *keys)
        for f in [f"allowance.{key}"]
    ]


def lining_states(spec: Spec, keys: Sequence[str]) -> list[InputState]:
    """The states of a lining's own allowances, which follow the outer's as long as nobody tells others."""
    return [
        InputState(
            f"allowance.{key}",
            spec.seam_allowance(key.removeprefix("lining-"), lining=True),
            spec.seam_allowance(key.removeprefix("lining-")),
            *ALLOWANCE_LIMITS,
            None,
            spec.typed.get(f"allowance.{key}"),
        )
        for key in keys
    ]


def allowance_name(key: str) -> Message:
    """What an allowance is called, of an edge or of the lining's own."""
    edge = msg(f"input.allowance.{key.removeprefix('lining-')}")
    return msg("input.allowance.of-lining", edge=edge) if key.startswith("lining-") else edge
