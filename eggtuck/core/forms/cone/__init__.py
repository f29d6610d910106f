"""The tapered tube with a round base: tumblers, plant pots, tapered jars. Girths at base and rim may differ
either way; equal girths are a straight tube."""

from __future__ import annotations

import math

from ...constructions.shared import ASSEMBLY, CLOSING, EDGES, KEEPS, SHOWS
from ...constructions.tube import TubeSize, make_tube, paired_on_ruler
from ...drafting.asking import ease_of, ease_state, given_or, need_sizes
from ...drafting.description import HOLDS, Form, LengthInput, Option
from ...drafting.holding import tell_room
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec, Traits
from ...fit.room import cone_room
from ...moves.mouth import Mouth, lies_flat
from ...objects import Thing
from ...pattern import Chain, Draft, Span, SpecError
from ...words import msg
from .fit import check_fit

ALLOWANCES = ("side", "base", "top")
# Below this difference of girths (mm) the wall is a straight tube and its radii have no figure.
_EQUAL = 1e-6

INPUTS = (
    LengthInput("ease.girth", -100.0, 600.0, "form", "at-least"),
    LengthInput("size.girth_bottom", 40.0, 2500.0, "form", "at-least"),
    LengthInput("size.girth_top", 40.0, 2500.0, "form", "at-least"),
    LengthInput("size.headroom", -1000.0, 600.0, "form", fixed=True),
    LengthInput("size.height", 10.0, 2000.0, "form", "at-least"),
    LengthInput("size.gap", 10.0, 1000.0, "ease", "at-least", {"options.top": ("bagged",)}, fixed=True),
    HOLDS,
)
OPTIONS = (
    KEEPS,
    Option("top", ("bagged", "folded-in", "plain"), "form"),
    Option("lining", ("equal", "reduced"), "ease", {"options.top": ("bagged", "folded-in")}),
    EDGES,
    ASSEMBLY,
    CLOSING,
    SHOWS,
)


def draft_cone(spec: Spec) -> Draft:
    """Drafts the tapered tube: ``R = G/(2 pi)``, slant ``s = hypot(h, R2 - R1)``; the wall is a ring sector with
    inner radius ``R1 s/(R2 - R1)``, ``s`` wide, its inner arc ``G1`` long."""
    need_sizes(spec, "girth_bottom", "girth_top", "height")
    make = Make(spec, INPUTS, ALLOWANCES)
    mouth = Mouth(spec.options["top"], lining=spec.stack.of("lining") is not None)
    thing, inside = spec.thing, spec.stack.inside
    proposed_height = None
    if thing is not None:
        proposed_height = Chain.start(msg("sum.object-height"), thing.height).plus_some(
            msg("sum.headroom"), spec.size.get("headroom", 0.0)
        )
        if "height" not in spec.size and proposed_height.total < 10.0:
            raise SpecError.of("size.headroom", msg("problem.headroom", low=spec.least(10.0 - thing.height)))
    height = given_or(spec.size.get("height"), proposed_height)
    top, bottom, proposals = _girths(spec, inside, height.total)
    top, bottom, base = _on_ruler(make, top, bottom)
    if abs(top.total - bottom.total) < _EQUAL:
        height = make.on_ruler(height, spec.seam_allowance("top") + spec.seam_allowance("base"), way="up")
        make.settled("height", height.total)
    rise = (top.total - bottom.total) / (2 * math.pi)
    slant = math.hypot(height.total, rise)
    if abs(rise) > height.total * 3:
        raise SpecError.of("size.height", msg("problem.cone-flat", low=make.spec.least(abs(rise) / 3)))
    size = TubeSize(bottom.total, top.total, slant, height.total, base)
    make.size("girth_bottom", bottom)
    make.size("girth_top", top)
    make.size("height", height)
    make.size("girth", max(bottom.total, top.total))
    make.size("wall_height", height.total)
    leans = abs(rise) >= max(spec.telling.finest, spec.step) / 2
    slope = msg("sum.slant", height=height.total, rise=abs(rise)) if leans else msg("sum.slant-upright")
    make.size("slant", Chain.start(slope, slant))
    low, high = sorted((bottom.total, top.total))
    straight = high - low < _EQUAL
    inner = None if straight else low * slant / (high - low)
    make.finished["inner_radius"] = inner
    make.finished["outer_radius"] = None if inner is None else inner + slant
    make.finished["sector_angle"] = 0.0 if straight else (high - low) / slant
    if thing is not None:
        make.states.append(ease_state(spec, make.described["ease.girth"], ease_of(spec)))
        make.input("size.headroom", spec.size.get("headroom", 0.0), 0.0)
        assert proposed_height is not None and proposals[1] is not None
        make.follow("size.headroom", height.total - proposed_height.total, "size.height")
        if {"size.girth_top", "size.girth_bottom"} <= spec.typed.keys():
            make.follow("ease.girth", top.total - proposals[1], "size.girth_top", "size.girth_bottom")
        check_fit(make, thing, size, inside * slant / height.total)
    make.input("size.girth_bottom", size.bottom, proposals[0])
    make.input("size.girth_top", size.top, proposals[1])
    make.input("size.height", size.height, proposed_height.total if proposed_height else None)
    make_tube(make, size, mouth)
    r0, r1 = size.bottom / (2 * math.pi), size.top / (2 * math.pi)
    tell_room(make, lambda grown: cone_room(r0, r1, size.height * grown, inside), "rim", ("height",))
    make.spans += [
        Span("size.height", (max(r0, r1), 0.0, 0.0), (max(r0, r1), 0.0, size.height), size.height),
        Span("size.girth_bottom", (-r0, 0.0, 0.0), (r0, 0.0, 0.0), size.bottom),
        Span("size.girth_top", (-r1, 0.0, size.height), (r1, 0.0, size.height), size.top),
        Span("ease.girth", (-r1, 0.0, size.height / 2), (r1, 0.0, size.height / 2), size.top),
    ]
    return make.draft(girth=size.top, blocking=frozenset({"base"}))


def _girths(spec: Spec, inside: float, height: float) -> tuple[Chain, Chain, tuple[float | None, float | None]]:
    """Girth at the rim and at the base, and what is proposed for base and rim. A sloping wall of thickness
    ``t`` takes ``2 pi t s/h``."""
    thing = spec.thing
    top = bottom = None
    if thing is not None:
        base = math.pi * thing.base_width
        foot = max(base, foot_girth(thing, height))
        clear = foot - base > 1e-6
        lean = (thing.girth - foot) / (2 * math.pi)
        turn = 2 * math.pi * inside * math.hypot(height, lean) / height
        ease = ease_of(spec)

        def around(label: str, girth: float) -> Chain:
            chain = Chain.start(msg(label), girth).plus_some(msg("sum.ease"), ease)
            return chain.plus_some(msg("sum.turn-on-slope", thickness=inside), turn)

        bottom = around("sum.object-foot-girth" if clear else "sum.object-base-girth", foot if clear else base)
        top = around("sum.object-girth", thing.girth)
        if min(bottom.total, top.total) < 30.0:
            raise SpecError.of("ease.girth", msg("problem.girth-small", girth=min(bottom.total, top.total), low=40.0))
    proposals = (bottom.total if bottom else None, top.total if top else None)
    return given_or(spec.size.get("girth_top"), top), given_or(spec.size.get("girth_bottom"), bottom), proposals


def _on_ruler(make: Make, top: Chain, bottom: Chain) -> tuple[Chain, Chain, float]:
    """Girth at the rim and at the foot, and the base circle's diameter (mm), which is cut to a mark and the foot moved to match it; of a
    straight tube wall and base are a matched pair."""
    if abs(top.total - bottom.total) < _EQUAL:
        told = "girth_top" in make.spec.size or "girth_bottom" in make.spec.size
        girth, across = paired_on_ruler(make, top, told)
        make.settled("girth_top", girth.total)
        make.settled("girth_bottom", girth.total)
        return girth, girth, across.total
    low = make.allowance("base")
    base = make.on_ruler(Chain.start(msg("sum.girth"), bottom.total / math.pi), 2 * low, way="up").total
    gain = math.pi * base - bottom.total
    if abs(gain) > 1e-9:
        make.settled("girth_bottom", bottom.total + gain)
        bottom = bottom.plus(msg("sum.base-on-ruler"), gain)
    return top, bottom, base


def foot_girth(thing: Thing, height: float) -> float:
    """The least girth at the foot of a tube ``height`` mm high, as wide as the thing at its top, that the thing has room in at
    every height: ``max (g(z) - G z/h) / (1 - z/h)``."""
    below = [z for z in thing.heights if z < height - 1e-6]
    return max((thing.girth_at(z) - thing.girth * z / height) / (1 - z / height) for z in below)


START = {"girth_bottom": 220.0, "girth_top": 280.0, "height": 130.0}


def _reads(_: Chosen) -> Reads:
    pairs = {"girth_bottom": "wall.base", "girth_top": "wall.top", "height": "wall.side-left"}
    return Reads(pairs, repeats={"base.width": "disc"})


FORM = Form(
    "cone",
    INPUTS,
    OPTIONS,
    ("tumbler", "bottle", "jar", "can", "mug", "profile"),
    ALLOWANCES,
    draft_cone,
    START,
    first_for=("tumbler",),
    place=30,
    reads=_reads,
    picture=("M6 9l6 24q8 5 16 0l6 -24 M6 9q14 8 28 0q-14 -7 -28 0z", "", "M12 33q8 5 16 0q-8 -5 -16 0z"),
    easier="cylinder",
    traits=Traits(stands=True, together=lies_flat),
)
