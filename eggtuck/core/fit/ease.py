"""How loosely a bag goes round a thing."""

from __future__ import annotations

import math
from typing import Final, Literal

from ..lengths import Grid
from ..pattern import Check, Fix, Verdict
from ..wording import Percent, msg

Grade = Literal["will-not-go-in", "tight", "snug", "slides-in", "roomy", "too-loose"]

# Upper end of each grade: room round the thing as a share of its girth.
_BANDS: Final[tuple[tuple[float, Grade, Verdict], ...]] = (
    (0.0, "will-not-go-in", "stop"),
    (0.02, "tight", "warn"),
    (0.06, "snug", "ok"),
    (0.20, "slides-in", "ok"),
    (0.40, "roomy", "note"),
    (math.inf, "too-loose", "warn"),
)
USUAL_SHARE = 0.12


def grade(room: float, girth: float) -> tuple[Grade, Verdict]:
    """The grade of ``room`` mm round a thing of that girth."""
    share = room / girth
    for limit, name, verdict in _BANDS:
        if share < limit:
            return name, verdict
    return _BANDS[-1][1], _BANDS[-1][2]


def usual_ease(girth: float, step: float) -> float:
    """The ease proposed for a bag that slides on (mm): an eighth of the girth, on a mark of the ruler."""
    return Grid(step).round(girth * USUAL_SHARE, "up")


def ease_check(net_girth: float, inside: float, girth: float, step: float, girth_given: bool) -> Check:
    """``net_girth`` is the bag's, ``inside`` the thickness within it, ``girth`` the thing's (mm)."""
    turn = 2 * math.pi * inside
    room = net_girth - turn - girth
    name, verdict = grade(room, girth)
    fix = None
    if verdict != "ok":
        ease = usual_ease(girth, step)
        change = {"size.girth": girth + ease + turn} if girth_given else {"ease.girth": ease}
        fix = Fix(msg("fix.ease", ease=ease), change)
    short = msg(f"fit.{name}.text", room=abs(room), share=Percent(abs(room) / girth))
    return Check("fit.girth", verdict, msg(f"fit.{name}"), short, room, girth * 0.06, fix)
