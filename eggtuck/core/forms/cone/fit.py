"""Whether a thing goes into the tapered tube, and stands in it."""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import replace

from ...constructions.tube import TubeSize, base_checks
from ...drafting.asking import habit_of
from ...drafting.make import Make
from ...fit.clearance import clearance_check, room_up, way_in_check
from ...fit.ease import EaseHabit, ease_check
from ...fit.standing import Seat, height_check
from ...objects import Thing
from ...pattern import Fix


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
    fix = _wider_rim(make, thing, size, turn, inside_at, habit)
    make.checks.append(replace(up, fix=fix) if up.verdict == "stop" else up)
    if way_in is not None:
        make.checks.append(replace(way_in, fix=fix))
    base_checks(make, size.base, inside, lambda d: make.fix("base-girth", "size.girth_bottom", math.pi * d, "up"))
    told = "size.height" if "height" in spec.size else None
    make.checks.append(height_check(Seat(thing, math.inf, math.inf, inside), size.height, told, spec.on_mark))


def _wider_rim(
    make: Make, thing: Thing, size: TubeSize, turn: float, inside: Callable[[float], float], habit: EaseHabit
) -> Fix | None:
    """The rim so wide that the thing passes it and has usual room all the way up; none where it is the base that is too small."""
    room = room_up(thing, inside, size.height)
    if room[0][1] < 0:
        return None
    wanted = max(0.0, habit.low)
    needed = [size.top + (wanted * thing.girth_at(up) - left) * size.height / up for up, left in room if up > 0]
    past = way_in_check(thing, size.top - turn, size.height)
    if past is not None and past.value is not None:
        needed.append(size.top - past.value)
    return make.fix("rim-girth", "size.girth_top", max(needed), "up")
