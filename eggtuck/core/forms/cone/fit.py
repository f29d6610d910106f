"""Whether a thing goes into the tapered tube, and stands in it."""

from __future__ import annotations

import math
from dataclasses import replace

from ...constructions.tube import TubeSize, base_checks
from ...drafting.asking import habit_of
from ...drafting.make import Make
from ...fit.clearance import clearance_check, room_up, way_in_check
from ...fit.ease import EaseHabit, ease_check
from ...fit.standing import Seat, height_check
from ...objects import Thing
from ...pattern import Fix
from ...words import msg


def check_fit(make: Make, thing: Thing, size: TubeSize, turned: float) -> None:
    """Room round the thing all the way up, its way in past the rim, and its base; layers take ``turned`` off every radius (mm)."""
    spec, habit, inside, turn = make.spec, habit_of(make.spec), make.spec.stack.inside, 2 * math.pi * turned
    given = bool({"girth_top", "girth_bottom"} & spec.size.keys())
    check = ease_check(max(size.top, size.bottom), turned, thing.girth, spec.on_mark, given, habit)
    # Which of two girths that were told is another nobody knows.
    make.checks.append(replace(check, fix=None) if given else check)

    def inside_at(up: float) -> float:
        return size.bottom + (size.top - size.bottom) * up / size.height - turn

    up = clearance_check(thing, inside_at, size.height, habit, spec.on_mark)
    way_in = way_in_check(thing, size.top - turn, size.height)
    fix = _wider(make, thing, size, turn, habit)
    make.checks.append(replace(up, fix=fix) if up.verdict == "stop" else up)
    if way_in is not None:
        make.checks.append(replace(way_in, fix=fix))
    base_checks(make, size.base, inside, lambda d: make.fix("base-girth", "size.girth_bottom", math.pi * d, "up"))
    told = "size.height" if "height" in spec.size else None
    make.checks.append(height_check(Seat(thing, math.inf, math.inf, inside), size.height, told, spec.on_mark))


def _wider(make: Make, thing: Thing, size: TubeSize, turn: float, habit: EaseHabit) -> Fix:
    """Base and rim so wide that the thing passes the rim and has usual room all the way up: the rim alone, where it need be no wider than
    the thing asks for anywhere, else the rim as wide as that and the base as wide as is left to it."""
    share, high, on_mark = 1 + max(0.0, habit.low), size.height, make.spec.on_mark
    # How far round it has to be at each height.
    needed = [(up, share * -room + turn) for up, room in room_up(thing, lambda _: 0.0, high)]
    past = way_in_check(thing, size.top - turn, high)
    widest = max(*(girth for _, girth in needed), size.top - (past.value or 0.0) if past is not None else 0.0)
    tops = [size.bottom + (girth - size.bottom) * high / up for up, girth in needed if up > 0]
    if needed[0][1] <= size.bottom and max(tops) <= widest:
        return make.fix("rim-girth", "size.girth_top", widest, "up")
    top = max(size.top, on_mark(widest, "up"))
    bottoms = [(girth - top * up / high) / (1 - up / high) for up, girth in needed if up < high]
    bottom = max(size.bottom, on_mark(max(bottoms), "up"))
    if top == size.top:
        return make.fix("base-girth", "size.girth_bottom", bottom)
    return Fix(msg("fix.both-girths", top=top, bottom=bottom), {"size.girth_top": top, "size.girth_bottom": bottom})
