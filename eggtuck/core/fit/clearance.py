"""Room all the way up a thing, and whether its widest part passes the mouth."""

from __future__ import annotations

from collections.abc import Callable

from ..objects import Thing
from ..pattern import Check
from ..shop import LOOK_EVERY
from ..wording import msg
from .ease import EaseHabit


def room_up(thing: Thing, inside: Callable[[float], float], top: float) -> list[tuple[float, float]]:
    """``(height, room)`` from the base to ``top`` mm or the thing's own top: the girth the form has inside at that height less
    the thing's (mm)."""
    end = min(top, thing.height)
    heights = {0.0, end, *(h for h in thing.heights if h < end)}
    heights |= {i * LOOK_EVERY for i in range(int(end / LOOK_EVERY) + 1)}
    return [(h, inside(h) - thing.girth_at(h)) for h in sorted(heights)]


def clearance_check(thing: Thing, inside: Callable[[float], float], top: float, habit: EaseHabit) -> Check:
    """The tightest place, judged as the ease is."""
    height, room = min(room_up(thing, inside, top), key=lambda pair: pair[1])
    grade, verdict = habit.grade(room / thing.girth_at(height))
    words = "fit.clear-less" if room < 0 else "fit.clear"
    say = {"height": height, "room": abs(room)}
    # Plenty of room at the narrowest place is no fault: how loose it is overall is told by the ease.
    shown = verdict if grade in ("will-not-go-in", "tight") else "ok"
    return Check("fit.clearance", shown, msg(words), msg(f"{words}.text", **say), room, 0.0)


def way_in_check(thing: Thing, mouth: float, inside_top: float) -> Check | None:
    """Whether the widest part below the rim passes a mouth ``mouth`` mm round; ``inside_top`` is how high the bag reaches. None
    when the thing is nowhere wider than the mouth."""
    below = max(thing.girth_at(h) for h in (*(h for h in thing.heights if h <= inside_top), 0.0))
    over = below - mouth
    if over <= 0:
        return None
    return Check(
        "fit.mouth", "stop", msg("fit.mouth-narrow"), msg("fit.mouth-narrow.text", over=over, mouth=mouth), -over, 0.0
    )
