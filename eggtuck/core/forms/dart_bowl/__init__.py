"""The darted bowl cosy: a square or round blank whose darts turn its rim up round a bowl, a plate or a dish."""

from __future__ import annotations

import math
from dataclasses import replace

from ...checks.cloth import microwave_check
from ...constructions.shared import PADDED_LAYERS, edges_check, lining_check
from ...drafting.description import Form
from ...drafting.holding import tell_room
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec, Traits
from ...fit.ease import EaseHabit
from ...pattern import Chain, Check, Draft, SpecError
from ...words import Thickness, msg
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .bowl import check_fit, sizes_from_bowl
from .layers import can_fuse_late, check_told_whole, to_the_stitching
from .lining import lining_on_marks
from .making import add_steps
from .pieces import add_body, add_seams
from .sizes import Bowl
from .solid import draw_solid


def draft_dart_bowl(spec: Spec) -> Draft:
    """From a blank and its darts to the bowl, or from a bowl to the blank. Raises `SpecError`."""
    fused = can_fuse_late(spec.stack)
    if fused and spec.options["fuse_when"] == "shaped":
        spec = replace(spec, stack=to_the_stitching(spec.stack))
    make = Make(spec, INPUTS, ALLOWANCES, OPTIONS)
    if not fused:
        make.idle.add("fuse_when")
    if make.quilting:
        # The lining is quilted to a padding of its own.
        make.quilting["lining"] = make.quilting["padding"]
    square = make.option("blank_shape") == "square"
    if square and spec.size.get("darts", 4) != 4:
        raise SpecError.of("size.darts", msg("problem.darts-square"))
    darts = int(make.ask("darts", None if square else 6, finished=False) if not square else 4)
    make.finished["darts"] = darts
    rim_a = make.allowance("rim")
    solved = sizes_from_bowl(make, square, darts)
    blank = make.ask("blank", solved[0], added=2 * rim_a)
    half = make.ask("dart_half_width", solved[2])
    length = make.ask("dart_length", solved[1])
    beside = max(0.0, spec.most(blank / 2 - half - 0.5))
    rounded = make.ask("corner_radius", 0.0, high=beside, added=rim_a) if square else 0.0
    bowl = Bowl(square, blank, darts, length, half, rounded)
    _refuse(spec, bowl, rim_a)
    bowl = _on_ruler(make, bowl, rim_a)
    length, half = bowl.length, bowl.half
    make.size("base_circumradius", bowl.point)
    make.size("rim_radius", bowl.rim_radius)
    make.size("rim_height", bowl.rim_height)
    make.size("corner_height", bowl.corner_height)
    make.finished["girth"] = 2 * darts * bowl.rim_radius * math.sin(bowl.al)
    make.finished["wall_height"] = bowl.rim_height
    by = ("blank", "dart_length", "dart_half_width")
    tell_room(make, lambda grown: bowl.grown(grown).room(spec.stack.inside), "rim", by)
    make.finished["tilt"] = math.degrees(bowl.tilt)
    make.sums["body.cut_width"] = Chain.start(msg("sum.blank"), blank).plus_some(
        msg("sum.two-rim-allowances", allowance=rim_a), 2 * rim_a
    )
    _, raw_half = bowl.raw(rim_a)
    if square:
        chain = Chain.start(msg("sum.dart-length"), length).plus_some(msg("sum.rim-allowance"), rim_a)
    else:
        chain = Chain.start(msg("sum.half-blank"), blank / 2).plus_some(msg("sum.rim-allowance"), rim_a)
        chain = chain.minus(msg("sum.dart-points"), bowl.point)
    make.sums["dart.raw_length"] = chain
    make.sums["dart.raw_half"] = Chain.start(msg("sum.dart-half"), half).times(
        msg("sum.legs-to-the-raw-edge"), raw_half / half
    )
    make.sums["dart.raw_width"] = make.sums["dart.raw_half"].times(msg("sum.both-sides"), 2)
    make.sums["dart.length"], make.sums["dart.half"] = (
        Chain.start(msg(f"sum.dart-{name}"), value) for name, value in (("length", length), ("half", half))
    )
    add_body(make, bowl)
    check_told_whole(make)
    inner = bowl
    if make.turn:
        hung = bowl.inside(make.turn)
        if hung is None or not hung.can_be_sewn(make.allowance("rim", True)):
            raise SpecError.of("options.lining", msg("problem.lining-vanishes", thickness=Thickness(make.turn)))
        inner = lining_on_marks(make, bowl, hung)
    if make.apart:
        add_body(make, inner, "-lining")
    add_seams(make, bowl)
    check_fit(make, bowl)
    lining_check(make, bowl.girth)
    if bowl.tilt > math.pi / 2 + 1e-6:
        over = math.degrees(bowl.tilt) - 90
        make.checks.append(Check("shape", "note", msg("check.lean-in"), msg("check.lean-in.text"), over, 0.0))
    heat, told = len(make.checks), (make.option("use"), make.option("heat_thread"), make.option("heat_trims"))
    edges_check(make)
    if make.option("gap_place") == "rim":
        # The topstitch closes it.
        make.idle.add("closing")
    make.draw(draw_solid, bowl)
    add_steps(make, bowl, inner)
    make.checks.insert(heat, _heated(make, *told))
    return make.draft(girth=2 * darts * bowl.rim_radius * math.sin(bowl.al))


def _heated(make: Make, use: str, thread: str, trims: str) -> Check:
    """Whether it may be heated, with all that is on it."""
    if use != "microwave":
        return Check("caution.microwave", "note", msg("caution.microwave"), msg("caution.microwave.text"))
    check = microwave_check(make.spec.stack, make.needs, thread == "plant", trims == "plant")
    if check.title.id == "check.microwave-never":
        # Whatever is confirmed, something of it keeps it out.
        make.idle |= {"heat_thread", "heat_trims"}
    return check


def _on_ruler(make: Make, bowl: Bowl, rim: float) -> Bowl:
    """The darts moved to marks of the ruler as they are marked, on the raw blank: of the marks next to them, those whose rim comes
    nearest to what was asked without being tighter or its base smaller, and whose height comes nearest."""
    spec, thing = make.spec, make.spec.thing
    grid = spec.grid
    if not grid.step:
        return bowl
    length, half = bowl.raw(rim)
    told = "dart_length" in spec.size or "dart_half_width" in spec.size
    wanted = bowl.girth
    tried: list[tuple[tuple[float, ...], Bowl]] = []
    for deep in (grid.round(length, "down"), grid.round(length, "up")):
        for wide in (grid.round(half, "down"), grid.round(half, "up")):
            made = bowl.with_raw(rim, deep, wide) if wide > 0 else None
            if made is None or not made.can_be_sewn(rim):
                continue
            tighter = thing is not None and not told and made.girth < wanted - 0.5
            smaller = 2 * (bowl.point - made.point) * math.cos(bowl.al) > max(0.05, grid.step / 2)
            small = thing is not None and not told and smaller
            off = abs(made.girth - wanted) / wanted + abs(made.rim_height - bowl.rim_height) / max(1.0, bowl.rim_height)
            moved = abs(deep - length) + abs(wide - half)
            tried.append(((tighter, moved) if told else (tighter, small, off), made))
    if not tried:
        return bowl
    best = min(tried, key=lambda pair: pair[0])[1]
    make.moved("dart_length", bowl.length, best.length)
    make.moved("dart_half_width", bowl.half, best.half)
    return best


def _refuse(spec: Spec, bowl: Bowl, rim: float) -> None:
    """Darts that reach the centre, that no fold can close, or that meet at the raw edge. Raises `SpecError`."""
    if bowl.point <= 0.5 and bowl.half < bowl.blank / 2:
        raise SpecError.of(
            "size.dart_length", msg("problem.darts-centre", length=bowl.length, high=spec.most(bowl.reach - 0.5))
        )
    if not bowl.can_be_sewn(rim):
        words = "darts-open" if bowl.half >= bowl.closes - 1e-9 else "darts-meet"
        high = spec.most(_widest(bowl, rim))
        raise SpecError.of("size.dart_half_width", msg(f"problem.{words}", half=bowl.half, high=high))


def _widest(bowl: Bowl, rim: float) -> float:
    """The half width up to which darts as long can be sewn (mm; bisection)."""
    low, high = 0.0, bowl.half
    for _ in range(40):
        middle = (low + high) / 2
        low, high = (middle, high) if replace(bowl, half=middle).can_be_sewn(rim) else (low, middle)
    return low


START = {"blank": 260.0, "dart_length": 55.0, "dart_half_width": 25.0}


def _reads(chosen: Chosen) -> Reads:
    pairs = {"blank": "body.width", "dart_length": "dart.raw_length", "dart_half_width": "dart.raw_half"}
    also = {"dart_length": ("dart.length",), "dart_half_width": ("dart.raw_width", "dart.half")}
    return Reads(pairs, ("darts",) if chosen["blank_shape"] == "circle" else (), also)


# A bowl's cosy lies close.
FORM = Form(
    "dart-bowl",
    INPUTS,
    OPTIONS,
    ("bowl",),
    ALLOWANCES,
    draft_dart_bowl,
    START,
    PADDED_LAYERS,
    2,
    place=60,
    reads=_reads,
    picture=("M4 13l5 5l6 -3h10l6 3l5 -5l-5 17q-11 7 -22 0z", "M9 18l4 13 M31 18l-4 13", "M12 31q8 5 16 0l-2 -3h-12z"),
    easier="mat",
    traits=Traits(ease=EaseHabit(0.04, 0.08, 0.16), hot=True, put_on="bowl", padding_on="both", padding_held="quilted"),
)
