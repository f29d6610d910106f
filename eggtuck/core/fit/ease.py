"""How loosely a bag goes round a thing."""

from __future__ import annotations

import math
from collections.abc import Callable
from typing import Literal

from ..frozen import frozen
from ..lengths import Grid, RoundingWay
from ..pattern import Check, Fix, Verdict
from ..shop import BOX_LESS, PADDING_MORE, PADDING_MOST, STRETCH_SNUG, TIGHT, TOO_LOOSE
from ..words import Percent, msg

Grade = Literal["will-not-go-in", "tight", "snug", "slides-in", "roomy", "too-loose"]


@frozen
class EaseHabit:
    """Room round a thing as a share of its girth: the usual range of a form, and what is proposed."""

    low: float
    usual: float
    high: float

    def grade(self, share: float) -> tuple[Grade, Verdict]:
        """How loosely the thing goes in: under the range it is snug, over twice of it too loose to hold. Cloth that stretches goes on with less
        than no room, down to where its range begins.

        Args:
            share: room round the thing as a share of its girth.

        Returns:
            The grade, and how it is judged.

        Example:
            >>> BAG.grade(0.1), BAG.grade(-0.01), BAG.grade(0.5)
            (('slides-in', 'ok'), ('will-not-go-in', 'stop'), ('too-loose', 'warn'))
        """
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
    """The usual range of room round a kind of thing: boxes want less, for their corners fix them; thick layers give way and want a
    little more; layers that all stretch can do with less than none.

    Args:
        base: the form's own habit.
        kind: of the thing.
        between: thickness of the padding (mm).
        stretch: share of their length by which all layers stretch; half of it is what they may be short by.

    Example:
        >>> ease_habit(BAG, "bottle", 0.0) == BAG, round(ease_habit(BAG, "carton", 0.0).low, 9), ease_habit(BAG, "jar", 0.0, 0.2).low
        (True, 0.04, -0.1)
    """
    shift = (-BOX_LESS if kind == "carton" else 0.0) + min(PADDING_MOST, between * PADDING_MORE)
    low = -stretch / 2 if stretch > 0 else base.low + shift
    return EaseHabit(low, max(base.usual + shift, low), base.high + shift)


def proposed_ease(habit: EaseHabit, girth: float, step: float) -> float:
    """The ease proposed, up to a mark of the ruler.

    Args:
        habit: the usual range.
        girth: of the thing (mm).
        step: how far the marks of the ruler lie apart (mm); 0 does not round.

    Returns:
        Room round the thing (mm).

    Example:
        >>> proposed_ease(BAG, 250.0, 5.0)
        30.0
    """
    return Grid(step).round(girth * habit.usual, "up")


def ease_check(
    net_girth: float,
    inside: float,
    girth: float,
    on_mark: Callable[[float, RoundingWay], float],
    girth_given: bool,
    habit: EaseHabit = BAG,
) -> Check:
    """Room round the thing: what is left of the girth after the turn of the layers, ``2 pi t``, and the thing itself.

    Args:
        net_girth: of the form (mm).
        inside: thickness of the layers within it, ``t`` (mm).
        girth: of the thing (mm).
        on_mark: the mark of the ruler next to a length; what is offered lies on one.
        girth_given: whether the maker told the girth rather than the ease.
        habit: the usual range.

    Returns:
        The verdict, with a button that gives the usual room where it is not good.

    Example:
        >>> ease_check(280.0, 0.0, 250.0, lambda mm, way: mm, False).verdict
        'ok'
    """
    turn = 2 * math.pi * inside
    room = net_girth - turn - girth
    name, verdict = habit.grade(room / girth)
    fix = None
    if verdict != "ok":
        ease = on_mark(girth * habit.usual, "up")
        change = {"size.girth": on_mark(girth + ease + turn, "up")} if girth_given else {"ease.girth": ease}
        fix = Fix(msg("fix.ease", ease=ease), change)
    # Less than half a mark of the ruler would be told as nothing.
    close = on_mark(abs(room), "nearest") == 0
    short = msg("fit.close") if close else msg(f"fit.{name}.text", room=abs(room), share=Percent(abs(room) / girth))
    return Check("fit.girth", verdict, msg(f"fit.{name}"), short, room, girth * habit.low, fix)
