"""Room all the way up a thing, and whether its widest part passes the mouth."""

from __future__ import annotations

from collections.abc import Callable

from ..lengths import RoundingWay
from ..objects import Thing
from ..pattern import Check
from ..shop import LEVEL, LOOK_EVERY
from ..words import Param, msg
from .ease import EaseHabit


def room_up(thing: Thing, inside: Callable[[float], float], top: float) -> list[tuple[float, float]]:
    """Room all the way up a thing.

    Args:
        thing: what goes in.
        inside: the girth the form has inside at a height (mm).
        top: how high the form reaches (mm).

    Returns:
        ``(height, room)`` from the base up to the form's or the thing's top, whichever is lower (mm).

    Example:
        >>> from eggtuck.core.objects import measure_thing
        >>> jar, _ = measure_thing("can", {"girth": 250.0, "height": 100.0})
        >>> min(room for _, room in room_up(jar, lambda height: 270.0, 90.0))
        20.0
    """
    end = min(top, thing.height)
    heights = {0.0, end, *(h for h in thing.heights if h < end)}
    heights |= {i * LOOK_EVERY for i in range(int(end / LOOK_EVERY) + 1)}
    return [(h, inside(h) - thing.girth_at(h)) for h in sorted(heights)]


def clearance_check(
    thing: Thing,
    inside: Callable[[float], float],
    top: float,
    habit: EaseHabit,
    on_mark: Callable[[float, RoundingWay], float],
) -> Check:
    """The tightest place all the way up, judged as the ease is.

    Args:
        thing: what goes in.
        inside: the girth the form has inside at a height (mm).
        top: how high the form reaches (mm).
        habit: the usual range of room.
        on_mark: the mark of the ruler next to a length: less than half of one is told as none.

    Example:
        >>> from eggtuck.core.objects import measure_thing
        >>> jar, _ = measure_thing("can", {"girth": 250.0, "height": 100.0})
        >>> from eggtuck.core.fit.ease import BAG
        >>> clearance_check(jar, lambda height: 240.0, 90.0, BAG, lambda mm, way: mm).verdict
        'stop'
    """
    height, room = min(room_up(thing, inside, top), key=lambda pair: pair[1])
    grade, verdict = habit.grade(room / thing.girth_at(height))
    words = "fit.clear-less" if room < 0 else "fit.clear"
    close = on_mark(abs(room), "nearest") == 0
    say: dict[str, Param] = {
        "height": height,
        "at": "base" if height < LEVEL or on_mark(height, "nearest") == 0 else "up",
    }
    text = msg("fit.clear-close", **say) if close else msg(f"{words}.text", **say, room=abs(room))
    # Plenty of room at the narrowest place is no fault: how loose it is overall is told by the ease.
    shown = verdict if grade in ("will-not-go-in", "tight") else "ok"
    return Check("fit.clearance", shown, msg(words), text, room, 0.0)


def way_in_check(thing: Thing, mouth: float, inside_top: float) -> Check | None:
    """Whether the widest part of a thing below the rim passes the mouth.

    Args:
        thing: what goes in.
        mouth: girth of the mouth (mm).
        inside_top: how high the form reaches (mm).

    Returns:
        A verdict that stops the cutting; None when the thing is nowhere wider than the mouth.

    Example:
        >>> from eggtuck.core.objects import measure_thing
        >>> jar, _ = measure_thing("can", {"girth": 250.0, "height": 100.0})
        >>> way_in_check(jar, 260.0, 90.0) is None, way_in_check(jar, 240.0, 90.0).value
        (True, -10.0)
    """
    below = max(thing.girth_at(h) for h in (*(h for h in thing.heights if h <= inside_top), 0.0))
    over = below - mouth
    if over <= 0:
        return None
    return Check(
        "fit.mouth", "stop", msg("fit.mouth-narrow"), msg("fit.mouth-narrow.text", over=over, mouth=mouth), -over, 0.0
    )
