"""The tube with a round base: flasks, bottles, jars, cans, cups."""

from __future__ import annotations

import math

from ..fit.ease import ease_check
from ..fit.standing import Seat, height_check
from ..moves.mouth import TOPS, Mouth
from ..moves.outliner import rectangle
from ..pattern import Chain, Cut, Draft, EdgeUse, Fix, Mark, Need, Span, SpecError
from ..wording import msg
from .description import Form, LengthInput, Option
from .make import Make, ease_of, ease_state, given_or, habit_of, wrap_girth
from .spec import Spec
from .tube import TubeSize, base_checks, make_tube
from .turned import CUFF, HEM, turned_back

_TURNED = {"options.top": ("bagged", "cuff-out")}
_LINED = {"options.top": ("bagged", "folded-in", "cuff-out")}
_DRAWN = {"options.top": ("drawstring",)}
COLLAR, TAILS = 80.0, 250.0
ALLOWANCES = ("side", "base", "top")
# How many marks above the smallest girth that fits are tried for a base that matches better.
_TRIED = 8

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
    stack = spec.stack if Mouth(top).lined else spec.stack.without("lining")
    girth, base, proposed = _girth_and_base(spec, stack.inside)
    wall, proposed_wall = _wall(spec)
    mouth = Mouth(top, turned_back(spec, top, wall.total, wall.total * 0.6))
    rim, low = spec.seam_allowance("top"), spec.seam_allowance("base")
    cut_height = wall.plus_some(msg(f"sum.above-{top}"), mouth.above) if mouth.above else wall
    cut_height = cut_height.plus_some(msg("sum.top-allowance"), rim).plus_some(msg("sum.base-allowance"), low)
    rounded = cut_height.rounded(spec.grid, "up")
    if rounded.total != cut_height.total:
        wall = wall.plus(msg("sum.rounding-gain"), rounded.total - cut_height.total)
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
        make.checks.append(
            ease_check(size.bottom, stack.inside, thing.girth, spec.ruler.step, "girth" in spec.size, habit_of(spec))
        )
        base_checks(
            make,
            size.base,
            stack.inside,
            lambda d: Fix(msg("fix.girth", girth=math.pi * d), {"size.girth": math.pi * d}),
        )
        make.checks.append(
            height_check(Seat(thing, math.inf, math.inf, stack.inside), size.height, "wall_height" in spec.size)
        )
    make.input("size.girth", size.bottom, proposed.total if proposed else None)
    make.input("size.wall_height", size.height, proposed_wall.total if proposed_wall else None)
    make.input("size.base_diameter", size.base, size.bottom / math.pi)
    if top == "cuff-out":
        make.input("size.cuff_depth", mouth.above, min(CUFF, wall.total * 0.48), None, wall.total * 0.6)
    if top == "deep-hem":
        make.input("size.hem_depth", mouth.above, min(HEM, wall.total / 3), None, wall.total / 2)
    if top == "drawstring":
        _collar(make, size.bottom)
    make_tube(make, size, mouth)
    r = size.base / 2
    make.spans += [
        Span("size.wall_height", (r, 0.0, 0.0), (r, 0.0, size.height), size.height),
        Span("size.base_diameter", (-r, 0.0, 0.0), (r, 0.0, 0.0), size.base),
        Span("ease.girth", (-r, 0.0, size.height / 2), (r, 0.0, size.height / 2), size.bottom),
    ]
    mend = Fix(msg("fix.base-diameter", diameter=size.bottom / math.pi), {"size.base_diameter": size.bottom / math.pi})
    return make.draft(girth=size.bottom, fixes={"base": mend}, blocking=frozenset({"base"}))


def _girth_and_base(spec: Spec, inside: float) -> tuple[Chain, Chain, Chain | None]:
    """Girth and base diameter as a matched pair, and the girth proposed.

    Cut sizes lie on the ruler. Of the next few girths from the smallest that fits, the one whose base circle
    (on the ruler too) matches it best is taken; ease grows by less than those few marks.
    """
    given_girth, given_base = spec.size.get("girth"), spec.size.get("base_diameter")
    proposed = wrap_girth(spec, inside)
    if given_girth is None and proposed is None:
        if given_base is None:
            raise SpecError.of("size.girth", msg("problem.size-missing", label=msg("input.size.girth")))
        proposed = Chain.start(msg("sum.base-diameter"), given_base).times(msg("sum.pi"), math.pi)
    girth = given_or(given_girth, proposed)
    if girth.total < 30.0:
        raise SpecError.of("ease.girth", msg("problem.girth-small", girth=girth.total, low=40.0))
    side, low, grid = spec.seam_allowance("side"), spec.seam_allowance("base"), spec.grid
    smallest = grid.round(girth.total + 2 * side, "up") - 2 * side

    def circle(g: float) -> float:
        if given_base is not None:
            return given_base
        return grid.round(g / math.pi + 2 * low, "nearest") - 2 * low

    tried = range(1 if given_girth is not None or given_base is not None or not grid.step else _TRIED)
    best = min((smallest + n * grid.step for n in tried), key=lambda g: (round(abs(math.pi * circle(g) - g), 6), g))
    if abs(best - girth.total) > 1e-9:
        girth = girth.plus(msg("sum.matched-pair"), best - girth.total)
    if given_base is not None:
        return girth, Chain.start(msg("sum.given"), given_base), proposed
    base = Chain.start(msg("sum.girth"), best).divided(msg("sum.pi"), math.pi)
    if abs(circle(best) - base.total) > 1e-9:
        base = base.plus(msg("sum.rounding-gain"), circle(best) - base.total)
    return girth, base, proposed


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
    high = spec.size.get("collar_height", COLLAR)
    tails = spec.size.get("cord_tails", TAILS)
    make.size("collar_height", high)
    make.input("size.collar_height", high, COLLAR)
    make.input("size.cord_tails", tails, TAILS)
    rim, side = spec.seam_allowance("top"), spec.seam_allowance("side")
    edges = rectangle("collar", girth, 2 * high, {"lower": rim, "side-right": side, "upper": rim, "side-left": side})
    opening = Mark("notch", msg("mark.cord-opening"), point=(0.0, high * 0.5))
    make.piece("collar", "C", edges, [Cut("outer", 1)], [opening])
    make.seam(
        "collar-side", [EdgeUse("collar.side-left")], [EdgeUse("collar.side-right", reversed=True)], side, ("outer",)
    )
    make.hem("casing", [EdgeUse("collar.upper")], high)
    cord = Chain.start(msg("sum.girth"), girth).plus(msg("sum.two-tails", tail=tails), 2 * tails)
    make.sums["cord"] = cord
    make.needs.append(
        Need(
            "cord", "cord", msg("need.cord"), cord.total, spec.grid.round(cord.total, "up"), note=msg("need.cord.note")
        )
    )


START = {"girth": 280.0, "wall_height": 200.0}
CYLINDER = Form(
    "cylinder",
    INPUTS,
    OPTIONS,
    ("bottle", "jar", "can", "tumbler", "mug", "profile"),
    ALLOWANCES,
    draft_cylinder,
    START,
    roles=("outer", "lining", "interfacing", "padding", "mesh"),
)
