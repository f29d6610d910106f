"""What the draft of a boxed bag tells: checks, chains of sums, the state of its inputs."""

from __future__ import annotations

import math
from dataclasses import replace

from ...checks.cutting import cutout_checks, direction_check
from ...checks.turning import gap_check
from ...constructions.ribbons import with_ends
from ...constructions.turned import lining_checks, turn_limits
from ...drafting.asking import ease_state, habit_of, input_state, usual_bow
from ...drafting.gaps import Settled
from ...drafting.spec import Spec
from ...fit.ease import ease_check
from ...fit.standing import Seat, base_check, height_check, tie_check
from ...moves.boxed_shell import Shell
from ...pattern import Chain, Check, Gap, InputState
from ...shop import GAP_ENDS, NECK_SHARE
from ...words import msg
from .asks import INPUTS, MIN_BASE
from .sizes import Sizes


def told_sizes(spec: Spec, sizes: Sizes, tie: float | None) -> dict[str, float]:
    """The finished sizes (mm)."""
    size = sizes.shell
    found = {"girth": size.girth, "wall_height": size.wall, "base_depth": size.depth, "base_width": size.base_width}
    turned = {"cuff-out": "cuff_depth", "deep-hem": "hem_depth"}.get(spec.options["top"])
    if turned is not None:
        found[turned] = size.above
    return found if tie is None else {**found, "tie_height": tie}


def bag_checks(spec: Spec, sizes: Sizes, tie: float | None, gap: Gap | None, settled: Settled | None) -> list[Check]:
    """How the bag goes round its thing, and what its ways of cutting and boxing ask."""
    checks: list[Check] = []
    size, thing, seat = sizes.shell, spec.thing, sizes.seat
    if thing is not None and seat is not None:
        checks.append(
            ease_check(size.girth, sizes.inside, thing.girth, spec.on_mark, "girth" in spec.size, habit_of(spec))
        )
        checks.append(_base(spec, sizes, seat))
        told = "size.wall_height" if "wall_height" in spec.size else None
        checks.append(height_check(seat, size.wall, told, spec.on_mark, tied=tie is not None))
        if tie is not None and thing.neck_along_cloth is not None:
            field = "size.wall_height" if "wall_height" in spec.size else "size.headroom"
            checks.append(tie_check(seat, tie, size.wall, field, spec.on_mark))
        elif spec.options["tie"] != "none" and thing.neck_height is not None and tie is None:
            checks.append(Check("fit.tie", "note", msg("fit.no-tie"), msg("fit.no-tie.text"), size.wall))
    cut, cut_first = spec.options["cut"], spec.options["boxing"] == "cut-first"
    side, base, box = (spec.seam_allowance(key) for key in ("side", "base", "box"))
    checks += (
        [] if not size.depth else cutout_checks(size.depth, cut, cut_first, side, base, box, spec.grid, size.girth)
    )
    checks += direction_check(cut, spec.stack)
    if gap is not None and settled is not None:
        side = size.wall + sizes.mouth.above - GAP_ENDS
        can_move = spec.options["gap_place"] == "lining-base" and cut != "base-fold" and settled.needed <= side
        checks.append(gap_check(gap, settled.usable, settled, "lining-side" if can_move else None))
    return checks + lining_checks(sizes.mouth, spec)


def _base(spec: Spec, sizes: Sizes, seat: Seat) -> Check:
    """How it stands; a flat one is pushed open, and what that takes of its height has been added."""
    size = sizes.shell
    if not size.depth:
        text = msg("fit.base-pushed.text", loss=seat.loss, base=seat.thing.base_depth)
        return Check("fit.base", "note", msg("fit.base-pushed"), text, seat.loss, 0.0)
    check = base_check(seat, size.girth, "girth" in spec.size, spec.on_mark)
    # Standing deeper it is less high: a tie that was told may lie above it then.
    high = spec.size.get("tie_height", 0.0) >= sizes.wall.total - seat.loss
    return replace(check, fix=None) if high else check


def bag_sums(spec: Spec, sizes: Sizes, lining: Shell, tie: float | None) -> dict[str, Chain]:
    size = sizes.shell
    side, base, box = (spec.seam_allowance(key) for key in ("side", "base", "box"))
    half = Chain.start(msg("sum.base-depth"), size.depth).divided(msg("sum.half"), 2)
    sums = {
        "finished.girth": sizes.girth,
        "finished.wall_height": sizes.wall,
        "finished.base_depth": sizes.depth,
        "finished.base_width": Chain.start(msg("sum.girth"), size.girth)
        .divided(msg("sum.half"), 2)
        .minus_some(msg("sum.base-depth"), size.depth),
        "body.cut_width": sizes.cut_width,
        "body.cut_height": sizes.cut_height,
    }
    on_base_fold = spec.options["cut"] == "base-fold"
    if spec.options["boxing"] == "cut-first":
        sums["cutout.width"] = half.plus_some(msg("sum.side-allowance"), side).minus_some(msg("sum.box-allowance"), box)
        if on_base_fold:
            sums["cutout.height"] = half.minus_some(msg("sum.box-allowance"), box)
        else:
            sums["cutout.height"] = half.plus_some(msg("sum.base-allowance"), base).minus_some(
                msg("sum.box-allowance"), box
            )
        if spec.options["cut"] == "side-fold":
            sums["cutout.fold"] = half.minus_some(msg("sum.box-allowance"), box)
    elif size.depth:
        sums["line.tip"] = half
        sums["line.length"] = Chain.start(msg("sum.base-depth"), size.depth)
        sums["line.along_side"] = half if on_base_fold else half.plus_some(msg("sum.base-allowance"), base)
        if not on_base_fold:
            sums["line.along_base"] = half.plus_some(msg("sum.side-allowance"), side)
    if lining.piece == "body-lining":
        t = sizes.between if spec.options["lining"] == "reduced" else 0.0
        sums["body-lining.girth"] = Chain.start(msg("sum.girth"), size.girth).minus_some(
            msg("sum.turn-of-cloth", thickness=t), 2 * math.pi * t
        )
    if tie is not None and spec.thing is not None and "tie_height" not in spec.size and sizes.seat is not None:
        along = spec.thing.neck_along_cloth
        assert along is not None
        sums["finished.tie_height"] = Chain.start(msg("sum.neck-along-cloth"), along).plus_some(
            msg("sum.base-loss"), sizes.seat.loss
        )
    return sums


def ribbon_chain(spec: Spec, sizes: Sizes) -> Chain:
    """Once round the gathered neck, plus the bow with its tails."""
    thing = spec.thing
    neck = math.pi * thing.neck_diameter if thing and thing.neck_diameter else sizes.girth.total / 3
    label = msg("sum.neck-girth") if thing and thing.neck_diameter else msg("sum.neck-assumed")
    bunched = 2 * math.pi * sum(layer.thickness for layer in spec.stack.layers)
    chain = Chain.start(label, neck).plus(msg("sum.bunched"), bunched)
    chain = chain.plus(msg("sum.bow"), spec.size.get("bow", usual_bow(spec)))
    return with_ends(chain, spec.options["ribbon"])


def bag_inputs(
    spec: Spec, sizes: Sizes, tie: float | None, gap: Gap | None, settled: Settled | None
) -> tuple[InputState, ...]:
    size, thing = sizes.shell, spec.thing
    statics = {item.field: item for item in INPUTS}
    states: list[InputState] = []

    def add(
        field: str, value: float, proposed: float | None, low: float | None = None, high: float | None = None
    ) -> None:
        states.append(input_state(spec, statics[field], value, proposed, low, high))

    if thing is not None and sizes.ease is not None:
        states.append(ease_state(spec, statics["ease.girth"], sizes.ease))
        add("size.headroom", spec.size.get("headroom", 0.0), 0.0)
    girth, wall = sizes.proposed_girth, sizes.proposed_wall
    add("size.girth", size.girth, girth.total if girth else None, 2 * (size.depth + MIN_BASE))
    add("size.wall_height", size.wall, wall.total if wall else None)
    if size.depth:
        add("size.base_depth", size.depth, sizes.proposed_depth.total, None, size.girth / 2 - MIN_BASE)
    if spec.options["top"] == "cuff-out":
        add("size.cuff_depth", size.above, *turn_limits(spec, size.wall, tie))
    if spec.options["top"] == "deep-hem":
        add("size.hem_depth", size.above, *turn_limits(spec, size.wall, tie))
    if spec.options["tie"] != "none":
        neck = thing.neck_along_cloth if thing else None
        proposed = neck + sizes.seat.loss if neck is not None and sizes.seat else None
        if thing is None:
            proposed = spec.on_grid(size.wall * NECK_SHARE)
        if tie is not None:
            add("size.tie_height", tie, proposed, None, size.wall)
            bow = usual_bow(spec)
            add("size.bow", spec.size.get("bow", bow), bow)
    if gap is not None and settled is not None:
        add("size.gap", gap.length, settled.proposed, None, settled.usable)
    return tuple(states)
