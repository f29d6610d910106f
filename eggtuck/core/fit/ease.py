"""How loosely a bag goes round a thing."""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import dataclass
from typing import Literal

from ..lengths import Grid, RoundingWay
from ..pattern import Check, Fix, Verdict
from ..shop import BOX_LESS, PADDING_MORE, PADDING_MOST, STRETCH_SNUG, TIGHT, TOO_LOOSE
from ..wording import Percent, msg

Grade = Literal["will-not-go-in", "tight", "snug", "slides-in", "roomy", "too-loose"]


@dataclass(frozen=True, slots=True)
class EaseHabit:
    """Room round a thing as a share of its girth: the usual range of a form, and what is proposed."""

    low: float
    usual: float
    high: float

    def grade(self, share: float) -> tuple[Grade, Verdict]:
        """How loosely the thing goes in: under the range it is snug, twice over it is too loose to hold. Cloth that
        stretches goes on with less than no room, down to where its range begins."""
        stretches = self.low < 0
        bands: tuple[tuple[float, Grade, Verdict], ...] = (
            (min(0.0, self.low), "will-not-go-in", "stop"),
            (self.low / 2 if stretches else TIGHT, "tight", "warn"),
            (STRETCH_SNUG if stretches else self.low, "snug", "ok"),
            (self.high, "slides-in", "ok"),
            (TOO_LOOSE * self.high, "roomy", "note"),
        )
        return next(((name, verdict) for limit, name, verdict in bands if share < limit), ("too-loose", "warn"))


# What bags usually have.
BAG = EaseHabit(0.06, 0.12, 0.20)


def ease_habit(base: EaseHabit, kind: str, between: float, stretch: float = 0.0) -> EaseHabit:
    """The usual range of a form, ``base``, round a kind of thing, with ``between`` mm of padding: boxes want less, for their corners fix them;
    thick layers give way and want a little more; layers that all stretch by a share of their length can do with less
    than none, down to half of that share."""
    shift = (-BOX_LESS if kind == "carton" else 0.0) + min(PADDING_MOST, between * PADDING_MORE)
    low = -stretch / 2 if stretch > 0 else base.low + shift
    return EaseHabit(low, max(base.usual + shift, low), base.high + shift)


def proposed_ease(habit: EaseHabit, girth: float, step: float) -> float:
    """The ease proposed (mm), up to a mark of the ruler."""
    return Grid(step).round(girth * habit.usual, "up")


def ease_check(
    net_girth: float,
    inside: float,
    girth: float,
    on_mark: Callable[[float, RoundingWay], float],
    girth_given: bool,
    habit: EaseHabit = BAG,
) -> Check:
    """``net_girth`` is the bag's, ``inside`` the thickness within it, ``girth`` the thing's (mm); what is offered lies ``on_mark``."""
    turn = 2 * math.pi * inside
    room = net_girth - turn - girth
    name, verdict = habit.grade(room / girth)
    fix = None
    if verdict != "ok":
        ease = on_mark(girth * habit.usual, "up")
        change = {"size.girth": on_mark(girth + ease + turn, "up")} if girth_given else {"ease.girth": ease}
        fix = Fix(msg("fix.ease", ease=ease), change)
    short = msg(f"fit.{name}.text", room=abs(room), share=Percent(abs(room) / girth))
    return Check("fit.girth", verdict, msg(f"fit.{name}"), short, room, girth * habit.low, fix)
