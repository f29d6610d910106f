"""The tube with a round base: flasks, bottles, jars, cans, cups."""

from __future__ import annotations

import math
from dataclasses import replace

from ...constructions.tube import TubeSize, base_checks, make_tube
from ...constructions.turned import turn_limits, turned_back
from ...drafting.asking import ease_of, ease_state, habit_of, wrap_girth
from ...drafting.description import Form
from ...drafting.holding import tell_room
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads, asked_of_top
from ...drafting.spec import Spec, Traits
from ...fit.ease import ease_check
from ...fit.room import cone_room
from ...fit.standing import Seat, height_check
from ...moves.mouth import Mouth, lies_flat
from ...pattern import Check, Draft, Fix, Span
from ...words import msg
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .collar import COLLAR, add_collar
from .sizes import girth_and_base, wall_height


def draft_cylinder(spec: Spec) -> Draft:
    """Drafts the tube. Raises `SpecError` naming the inputs that cannot go together."""
    make = Make(spec, INPUTS, ALLOWANCES)
    top = spec.options["top"]
    stack = spec.stack
    girth, base, proposed = girth_and_base(make, stack.inside)
    wall, proposed_wall = wall_height(spec)
    mouth = Mouth(top, turned_back(spec, top, wall.total), stack.of("lining") is not None)
    rim, low = spec.seam_allowance("top"), spec.seam_allowance("base")
    cut_height = wall.plus_some(msg(f"sum.above-{top}"), mouth.above) if mouth.above else wall
    cut_height = cut_height.plus_some(msg("sum.top-allowance"), rim).plus_some(msg("sum.base-allowance"), low)
    rounded = cut_height.rounded(spec.grid, "up")
    if rounded.total != cut_height.total:
        wall = wall.plus(msg("sum.rounding-gain"), rounded.total - cut_height.total)
    make.settled("wall_height", wall.total)
    make.sums["wall.cut_height"] = rounded
    side = spec.seam_allowance("side")
    make.sums["wall.cut_width"] = girth.plus_some(msg("sum.two-side-allowances", allowance=side), 2 * side)
    make.sums["base.cut_width"] = base.plus_some(msg("sum.two-base-allowances", allowance=low), 2 * low)
    size = TubeSize(girth.total, girth.total, wall.total, wall.total, base.total, mouth.above)
    make.size("girth", girth)
    make.size("wall_height", wall)
    make.size("base_diameter", base)
    if mouth.above:
        make.size("cuff_depth" if top == "cuff-out" else "hem_depth", mouth.above)
    thing = spec.thing
    if thing is not None:
        make.states.append(ease_state(spec, make.described["ease.girth"], ease_of(spec)))
        make.input("size.headroom", spec.size.get("headroom", 0.0), 0.0)
        wrapped, over = wrap_girth(spec, stack.inside), proposed_wall
        assert wrapped is not None and over is not None
        make.follow("ease.girth", girth.total - wrapped.total, "size.girth", "size.base_diameter")
        make.follow("size.headroom", wall.total - over.total, "size.wall_height")
        # A base told decides more than the ease: without it the tube follows the thing again.
        follows = Fix(msg("fix.base-follows"), {"size.base_diameter": ""}) if "base_diameter" in spec.size else None
        check = ease_check(size.bottom, stack.inside, thing.girth, spec.on_mark, "girth" in spec.size, habit_of(spec))
        if check.fix is not None and follows is not None and "girth" not in spec.size:
            check = replace(check, fix=follows)
        make.checks.append(check)

        def wider(d: float) -> Fix:
            changes: dict[str, float | str] = {**(follows.changes if follows else {})}
            if "girth" in spec.size and size.bottom < math.pi * d:
                changes["size.girth"] = spec.on_mark(math.pi * d, "up")
                return Fix(msg("fix.girth", girth=changes["size.girth"]), changes)
            return follows or make.fix("girth", "size.girth", math.pi * d, "up")

        base_checks(make, size.base, stack.inside, wider)
        seat, given = (
            Seat(thing, math.inf, math.inf, stack.inside),
            "size.wall_height" if "wall_height" in spec.size else None,
        )
        collar = spec.size.get("collar_height", spec.ruler.usual(COLLAR)) if top == "drawstring" else 0.0
        make.checks.append(height_check(seat, size.height, given, spec.on_mark, collar=collar))
    make.input("size.girth", size.bottom, proposed.total if proposed else None)
    make.input("size.wall_height", size.height, proposed_wall.total if proposed_wall else None)
    make.input("size.base_diameter", size.base, size.bottom / math.pi)
    if top == "cuff-out":
        make.input("size.cuff_depth", mouth.above, *turn_limits(spec, wall.total, None))
    if top == "deep-hem":
        make.input("size.hem_depth", mouth.above, *turn_limits(spec, wall.total, None))
    if spec.options["base_cloth"] == "mesh" and spec.stack.of("mesh") is None:
        fix = Fix(msg("fix.add-mesh"), {"layers.mesh": "mesh"})
        make.checks.append(Check("layers.mesh", "warn", msg("check.no-mesh"), msg("check.no-mesh.text"), fix=fix))
    narrow = min(size.base, size.bottom / math.pi) / 2
    tell_room(make, lambda grown: cone_room(narrow, narrow, size.height * grown, stack.inside), "rim", ("wall_height",))
    drawn = add_collar(make, size.bottom) if top == "drawstring" else None
    make_tube(make, size, mouth, drawn)
    r = size.base / 2
    make.spans += [
        Span("size.wall_height", (r, 0.0, 0.0), (r, 0.0, size.height), size.height),
        Span("size.base_diameter", (-r, 0.0, 0.0), (r, 0.0, 0.0), size.base),
        Span("ease.girth", (-r, 0.0, size.height / 2), (r, 0.0, size.height / 2), size.bottom),
    ]
    # The base follows the wall again, matched on the ruler.
    told = "base_diameter" in spec.size
    mend = {"base": Fix(msg("fix.base-follows"), {"size.base_diameter": ""})} if told else {}
    return make.draft(girth=size.bottom, fixes=mend, blocking=frozenset({"base"}))


START = {"girth": 280.0, "wall_height": 200.0}


def _reads(chosen: Chosen) -> Reads:
    pairs = {"girth": "wall.width", "wall_height": "wall.height", "base_diameter": "base.width"}
    if chosen["top"] == "drawstring":
        pairs["collar_height"] = "collar.height"
    return Reads(pairs, asked_of_top(chosen))


FORM = Form(
    "cylinder",
    INPUTS,
    OPTIONS,
    ("bottle", "jar", "can", "tumbler", "mug", "profile"),
    ALLOWANCES,
    draft_cylinder,
    START,
    place=20,
    reads=_reads,
    picture=("M9 10v22q11 7 22 0v-22 M9 10q11 7 22 0q-11 -7 -22 0z", "", "M9 32q11 7 22 0q-11 -6 -22 0z"),
    easier="boxed-bag",
    traits=Traits(stands=True, together=lies_flat),
)
