"""Whether the thing goes in, and what does."""

from __future__ import annotations

import math
from collections.abc import Callable

from ...drafting.make import Make
from ...fit.in_convex import Faces, box_room, largest_ball
from ...lengths import RoundingWay
from ...pattern import Chain, Check, Fix, SpecError
from ...words import Param, msg
from .sizes import Wedge


def sides_of(make: Make) -> tuple[float, float, float]:
    """The sides of the spec's box or ball with the layers round it, longest first (mm)."""
    thing, inside = make.spec.thing, make.spec.stack.inside
    assert thing is not None
    across = (thing.height,) * 3 if thing.kind == "ball" else (thing.base_width, thing.base_depth, thing.height)
    longest, middle, least = sorted((side + 2 * inside for side in across), reverse=True)
    return longest, middle, least


def width_for_thing(
    make: Make, marked: Callable[[float, RoundingWay], float] | None = None
) -> tuple[Chain | None, Chain | None, Chain | None]:
    """Bottom width, base depth and slant for a box that lies on its largest side, its longest edge along the zip, or for a
    ball: the base half as deep again as the box, the triangle three times as high, so that ``D (1 - c/H) = b``. Width and slant go with
    the depth as it is ``marked``, for a deeper base alone would make the triangle lower. A flat one takes what is no longer and higher than it
    by the thickness."""
    if make.spec.thing is None:
        return None, None, None
    longest, middle, least = sides_of(make)
    if make.option("boxing") == "flat":
        # Laid on its largest side and wrapped: half its thickness goes up on each side.
        across = Chain.start(msg("sum.longest-and-least"), longest + least)
        return across, None, Chain.start(msg("sum.middle-and-least"), middle + least)
    deep = (marked or make.spec.on_grid)(1.5 * middle, "up")
    wide = Chain.start(msg("sum.longest-side"), longest).times(msg("sum.a-tenth-more"), 1.1)
    slant = math.hypot(3 * least, deep / 2)
    return (
        wide.plus(msg("sum.two-corners"), deep),
        Chain.start(msg("sum.middle-side"), middle).times(msg("sum.half-again"), 1.5),
        Chain.start(msg("sum.slant-over", height=least), slant),
    )


def check_room(make: Make, size: Wedge) -> None:
    """Whether the spec's box or ball goes in, whichever way it is turned; the layers stand between."""
    thing, inside = make.spec.thing, make.spec.stack.inside
    if thing is None:
        return
    ball = 0.0
    if not size.depth:
        longest, middle, least = sides_of(make)
        narrow = min(size.bottom, size.top)
        room, ball = min(narrow - longest, size.slant - middle) - least, min(narrow, size.slant) / 2 - inside * 2
    else:
        faces = tuple((normal, d - inside) for normal, d in wedge_faces(size))
        ball = largest_ball(faces)
        room = ball - thing.height
        if thing.kind != "ball":
            room = box_room(faces, (thing.base_width, thing.base_depth, thing.height))
    fits = room >= -1e-6
    words = "fit.goes-in" if fits else "fit.does-not-go-in"
    say: dict[str, Param] = {"thing": msg(f"object.{thing.kind}"), "ball": ball}
    fix = None
    if not fits:
        wide, deep, long = width_for_thing(make, make.spec.on_mark)
        assert wide and long
        changes = {"size.bottom_width": wide, "size.top_width": wide, "size.slant": long}
        changes |= {"size.base_depth": deep} if deep else {}
        marks = {field: make.spec.on_mark(chain.total, "up") for field, chain in changes.items()}
        # What is cut is rounded once more, by half a mark at most.
        marks["size.slant"] += make.spec.grid.step
        told: dict[str, float | str] = dict(marks)
        if make.option("sized") == "blank":
            # From its blank it could only be guessed at.
            told["options.sized"] = "finished"
        fix = Fix(msg("fix.wider", width=marks["size.bottom_width"]), told)
    make.checks.append(
        Check("fit.inside", "ok" if fits else "stop", msg(words), msg(f"{words}.text", **say), room, 0.0, fix)
    )


def wedge_faces(size: Wedge) -> Faces:
    """The five faces of the wedge, base on z = 0: outward unit normals and distances from the middle of the base (mm)."""
    half, high, d2 = size.base_width / 2, size.height, size.depth / 2
    long = math.hypot(high, d2)
    lean = half - size.top / 2
    over = math.hypot(high, lean)
    sides = [((0.0, s * high / long, d2 / long), high * d2 / long) for s in (-1.0, 1.0)]
    ends = [((s * high / over, 0.0, lean / over), high * half / over) for s in (-1.0, 1.0)]
    return (((0.0, 0.0, -1.0), 0.0), *sides, *ends)


def add_box_room(make: Make, size: Wedge) -> None:
    """With the corners cut first, something must be left to cut out inside the corner allowance."""
    box = make.allowance("box")
    side = make.allowance("side")
    least = min(side, make.allowance("base"))
    if make.option("boxing") == "cut-first" and size.depth / 2 + least - box <= 0.5:
        if make.option("sized") == "blank":
            # Of a blank the square that is cut off is told, not what it makes.
            low = make.spec.least(side - least + 0.5)
            raise SpecError.of("size.blank_square", msg("problem.square-vanishes", low=low, box=box))
        low = make.spec.least(2 * (box - least) + 1.0)
        raise SpecError.of("size.base_depth", msg("problem.cutout-vanishes", low=low, box=box))
