"""The tube with a round base: flasks, bottles, jars, cans, cups."""

from __future__ import annotations

import math
from dataclasses import replace

from ...constructions.tube import TRIED, TubeSize, base_checks, make_tube, matched_pair
from ...constructions.turned import turn_limits, turned_back
from ...drafting.asking import ease_of, ease_state, given_or, habit_of, wrap_girth
from ...drafting.description import Form, LengthInput, Option
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads, asked_of_top
from ...drafting.spec import Spec
from ...fit.ease import ease_check
from ...fit.standing import Seat, height_check
from ...moves.carried import band, top_loop
from ...moves.mouth import TOPS, Mouth
from ...moves.outliner import rectangle
from ...pattern import Chain, Check, Cut, Draft, EdgeUse, Fix, Mark, Need, Span, SpecError
from ...pattern.piece import Fold
from ...plane import Segment
from ...wording import msg
from .words import WORDS

_TURNED = {"options.top": ("bagged", "cuff-out")}
_LINED = {"options.top": ("bagged", "folded-in", "cuff-out")}
_DRAWN = {"options.top": ("drawstring",)}
COLLAR, TAILS = 80.0, 250.0
ALLOWANCES = ("side", "base", "top")

INPUTS = (
    LengthInput("ease.girth", -100.0, 600.0, "form", "at-least"),
    LengthInput("size.girth", 40.0, 2500.0, "form", "at-least"),
    LengthInput("size.headroom", -1000.0, 600.0, "form"),
    LengthInput("size.wall_height", 10.0, 2000.0, "form", "at-least"),
    LengthInput("size.base_diameter", 12.0, 800.0, "form", "matched-pair"),
    LengthInput("size.cuff_depth", 5.0, 500.0, "form", "at-most", {"options.top": ("cuff-out",)}),
    LengthInput("size.hem_depth", 5.0, 500.0, "form", "either-way", {"options.top": ("deep-hem",)}),
    LengthInput("size.collar_height", 15.0, 400.0, "form", "either-way", _DRAWN),
    LengthInput("size.cord_tails", 20.0, 1500.0, "cloth", "either-way", _DRAWN),
    LengthInput("size.gap", 10.0, 1000.0, "ease", "at-least", _TURNED),
)
OPTIONS = (
    Option("top", (*TOPS, "drawstring"), "form"),
    Option("base_cloth", ("same", "mesh"), "form", {"options.top": ("deep-hem", "plain", "drawstring")}),
    Option("lining", ("equal", "reduced"), "ease", _LINED),
)


def draft_cylinder(spec: Spec) -> Draft:
    """Drafts the tube. Raises `SpecError` naming the inputs that cannot go together."""
    make = Make(spec, INPUTS, ALLOWANCES)
    top = spec.options["top"]
    stack = spec.stack
    girth, base, proposed = _girth_and_base(make, stack.inside)
    wall, proposed_wall = _wall(spec)
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
    if top == "drawstring":
        _collar(make, size.bottom)
    make_tube(make, size, mouth)
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


def _girth_and_base(make: Make, inside: float) -> tuple[Chain, Chain, Chain | None]:
    """Girth and base diameter as a matched pair, and the girth proposed. With only the circle given the girth follows from it.

    Cut sizes lie on the ruler. Of the girths near the one asked for, from the smallest that fits and no looser than is usual, the
    one whose base circle (on the ruler too) matches it best is taken.
    """
    spec = make.spec
    given_girth, given_base = spec.size.get("girth"), spec.size.get("base_diameter")
    proposed = wrap_girth(spec, inside)
    side, low, grid = spec.seam_allowance("side"), spec.seam_allowance("base"), spec.grid
    if given_base is not None:
        disc = make.on_ruler(Chain.start(msg("sum.given"), given_base), 2 * low)
        given_base = disc.total
        make.settled("base_diameter", given_base)
    if given_girth is None and given_base is not None:
        proposed = Chain.start(msg("sum.base-diameter"), given_base).times(msg("sum.pi"), math.pi)
        girth = make.on_ruler(proposed, 2 * side)
        return girth, disc, proposed
    if given_girth is None and proposed is None:
        raise SpecError.of("size.girth", msg("problem.size-missing", label=msg("input.size.girth")))
    girth = given_or(given_girth, proposed)
    if girth.total < 30.0:
        raise SpecError.of("ease.girth", msg("problem.girth-small", girth=girth.total, low=40.0))
    if given_base is not None:
        girth = make.on_ruler(girth, 2 * side, way="up")
        make.settled("girth", girth.total)
        return girth, disc, proposed
    best, across = girth.total, girth.total / math.pi
    if grid.step:
        # A girth told is kept as near as a few marks; one that follows a thing is never tighter than its ease asks.
        near = (-TRIED // 4, TRIED // 4) if given_girth is not None else (0, TRIED // 4 if spec.ease else TRIED)
        start = girth.total if given_girth is not None else grid.round(girth.total + 2 * side, "up") - 2 * side
        best, across = matched_pair(grid, start, 2 * side, 2 * low, near, _loosest(spec, inside, start))
    if abs(best - girth.total) > 1e-9:
        girth = girth.plus(msg("sum.matched-pair"), best - girth.total)
    make.settled("girth", best)
    base = Chain.start(msg("sum.girth"), best).divided(msg("sum.pi"), math.pi)
    if abs(across - base.total) > 1e-9:
        base = base.plus(msg("sum.rounding-gain"), across - base.total)
    return girth, base, proposed


def _loosest(spec: Spec, inside: float, girth: float) -> float:
    """The girth up to which the thing still sits as it usually does, and no less than ``girth`` (mm)."""
    if spec.thing is None:
        return math.inf
    return max(girth, spec.thing.girth * (1 + habit_of(spec).high) + 2 * math.pi * inside)


def _wall(spec: Spec) -> tuple[Chain, Chain | None]:
    thing, headroom = spec.thing, spec.size.get("headroom", 0.0)
    proposed = None
    if thing is not None:
        proposed = Chain.start(msg("sum.object-height"), thing.height).plus_some(msg("sum.headroom"), headroom)
        if "wall_height" not in spec.size and proposed.total < 10.0:
            raise SpecError.of("size.headroom", msg("problem.headroom", low=10.0 - thing.height))
    elif "wall_height" not in spec.size:
        raise SpecError.of("size.wall_height", msg("problem.size-missing", label=msg("input.size.wall_height")))
    return given_or(spec.size.get("wall_height"), proposed), proposed


def _collar(make: Make, girth: float) -> None:
    """A band as long as the girth, folded lengthwise into a casing; the cord is the girth and two tails."""
    spec = make.spec
    rim, side = spec.seam_allowance("top"), spec.seam_allowance("side")
    high = make.ask("collar_height", COLLAR, added=2 * rim, share=2)
    tails = make.ask("cord_tails", TAILS, finished=False)
    edges = rectangle("collar", girth, 2 * high, {"lower": rim, "side-right": side, "upper": rim, "side-left": side})
    # The opening lies halfway up the outside of the folded collar, on both of its ends.
    datum = msg("mark.cord-opening.datum", raw=high / 2 + rim, net=high / 2)
    marks = [Mark("notch", msg("mark.cord-opening"), point=(x, high / 2), datum=datum) for x in (0.0, girth)]
    marks.append(Mark("notch", msg("mark.centre-top"), point=(girth / 2, 0.0)))
    fold = Fold("collar.fold", msg("fold.collar"), Segment((0.0, high), (girth, high)))
    make.piece("collar", "C", edges, [Cut("outer", 1)], marks, [fold])
    make.seam(
        "collar-side",
        [EdgeUse("collar", "side-left")],
        [EdgeUse("collar", "side-right", reversed=True)],
        side,
        ("outer",),
    )
    make.hem("casing", [EdgeUse("collar", "upper")], high)
    make.carry("collar", lambda sewn: band(top_loop(sewn), (0.0, 0.0, high)))
    cord = Chain.start(msg("sum.girth"), girth).plus(msg("sum.two-tails", tail=tails), 2 * tails)
    make.sums["cord"] = cord
    make.needs.append(
        Need(
            "cord", "cord", msg("need.cord"), cord.total, spec.grid.round(cord.total, "up"), note=msg("need.cord.note")
        )
    )


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
    roles=("outer", "lining", "interfacing", "padding", "mesh"),
    place=20,
    reads=_reads,
    words=WORDS,
    picture=("M9 10v22q11 7 22 0v-22 M9 10q11 7 22 0q-11 -7 -22 0z", "", "M9 32q11 7 22 0q-11 -6 -22 0z"),
    easier="boxed-bag",
)
