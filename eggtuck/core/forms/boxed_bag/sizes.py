"""The sizes of a boxed bag, decided before any piece is drawn."""

from __future__ import annotations

import math
from dataclasses import replace

from ...constructions.turned import turned_back
from ...drafting.asking import usual_ease
from ...drafting.spec import Spec
from ...fit.standing import Seat
from ...frozen import frozen
from ...moves.boxed_shell import ShellSize
from ...moves.mouth import Mouth
from ...pattern import Chain, Problem, SpecError
from ...shop import NECK_SHARE
from ...words import msg
from .asks import MIN_BASE


@frozen
class Sizes:
    """Everything decided before pieces are drawn (mm)."""

    girth: Chain
    wall: Chain
    depth: Chain
    cut_width: Chain
    cut_height: Chain
    mouth: Mouth
    proposed_girth: Chain | None
    proposed_wall: Chain | None
    proposed_depth: Chain
    ease: float | None
    seat: Seat | None
    inside: float
    between: float

    @property
    def shell(self) -> ShellSize:
        return ShellSize(self.girth.total, self.wall.total, self.depth.total, self.mouth.above)


def settle_choices(spec: Spec) -> Spec:
    """Choices that follow from others: a lining folded at the base has no base seam to leave a gap in; a bag without a thing has a ribbon where
    one is asked for."""
    options = dict(spec.options)
    if options["cut"] == "base-fold" and options["gap_place"] != "lining-side":
        lining = spec.stack.of("lining") is not None
        if "gap_place" in spec.chosen and Mouth(options["top"], lining=lining).turned_through_gap:
            raise SpecError.of("options.gap_place", msg("problem.gap-no-base-seam"))
        options["gap_place"] = "lining-side"
    if spec.thing is None and "tie" not in spec.chosen and "tie_height" not in spec.size:
        options["tie"] = "none"
    return replace(spec, options=options, understood={**spec.understood, "options": options})


def settle_sizes(spec: Spec) -> Sizes:
    top = spec.options["top"]
    stack, has_lining = spec.stack, spec.stack.of("lining") is not None
    thing, given = spec.thing, spec.size
    problems = [
        Problem(f"size.{name}", msg("problem.size-missing", label=msg(f"input.size.{name}")))
        for name in ("girth", "wall_height")
        if thing is None and name not in given
    ]
    if problems:
        raise SpecError(problems)
    side, a_top, base = spec.seam_allowance("side"), spec.seam_allowance("top"), spec.seam_allowance("base")
    ease = spec.ease.get("girth") if thing else None
    if thing is not None and ease is None:
        ease = usual_ease(spec)
    proposed_girth = None
    if thing is not None and ease is not None:
        proposed_girth = (
            Chain.start(msg("sum.object-girth"), thing.girth)
            .plus_some(msg("sum.ease"), ease)
            .plus_some(msg("sum.turn-of-cloth", thickness=stack.inside), 2 * math.pi * stack.inside)
        )
    girth = _given_or(given.get("girth"), proposed_girth)
    panels = 1 if spec.options["cut"] == "side-fold" else 2
    cut_width = girth.divided(msg("sum.half"), 2) if panels == 2 else girth
    cut_width = cut_width.plus_some(msg("sum.two-side-allowances", allowance=side), 2 * side)
    rounded = cut_width.rounded(spec.grid, "up")
    if rounded.total != cut_width.total:
        girth = girth.plus(msg("sum.rounding-gain"), panels * (rounded.total - cut_width.total))
    cut_width = rounded
    if girth.total <= 2 * MIN_BASE:
        raise SpecError.of("ease.girth", msg("problem.girth-small", girth=girth.total, low=40.0))
    inside = stack.inside
    proposed_depth = _proposed_depth(spec, girth.total, inside)
    depth = _given_or(given.get("base_depth"), proposed_depth)
    if spec.options["boxing"] == "flat":
        depth = Chain.start(msg("sum.flat-base"), 0.0)
    else:
        _check_depth(spec, depth.total, girth.total)
    seat = Seat(thing, girth.total / 2 - depth.total, depth.total, inside, ease or 0.0) if thing else None
    proposed_wall = None
    if thing is not None and seat is not None:
        proposed_wall = (
            Chain.start(msg("sum.object-height"), thing.height)
            .plus_some(msg("sum.headroom"), given.get("headroom", 0.0))
            .plus_some(msg("sum.base-loss"), seat.loss)
        )
        if "wall_height" not in given and proposed_wall.total < 10.0:
            raise SpecError.of(
                "size.headroom", msg("problem.headroom", low=spec.least(10.0 - thing.height - seat.loss))
            )
    wall = _given_or(given.get("wall_height"), proposed_wall)
    mouth = Mouth(top, turned_back(spec, top, wall.total, wanted_tie(spec, seat)), has_lining)
    both = spec.options["cut"] == "base-fold"
    cut_height = (
        wall.plus_some(msg("sum.half-base"), depth.total / 2)
        .plus_some(msg(f"sum.above-{top}"), mouth.above)
        .plus_some(msg("sum.top-allowance"), a_top)
    )
    cut_height = (
        cut_height.times(msg("sum.both-panels"), 2) if both else cut_height.plus_some(msg("sum.base-allowance"), base)
    )
    rounded = cut_height.rounded(spec.grid, "up")
    if rounded.total != cut_height.total:
        wall = wall.plus(msg("sum.rounding-gain"), (rounded.total - cut_height.total) / (2 if both else 1))
    return Sizes(
        girth,
        wall,
        depth,
        cut_width,
        rounded,
        mouth,
        proposed_girth,
        proposed_wall,
        proposed_depth,
        ease,
        seat,
        inside,
        stack.between if mouth.lined else 0.0,
    )


def _given_or(given: float | None, proposed: Chain | None) -> Chain:
    if given is not None:
        return Chain.start(msg("sum.given"), given)
    assert proposed is not None
    return proposed


def _proposed_depth(spec: Spec, girth: float, inside: float) -> Chain:
    """``min(d + 2t, G/4)`` for round things, rounded up when it is the object's own width; the depth of a
    carton plus its layers; without an object the square base."""
    square = msg("sum.square-base")
    if spec.thing is None:
        return Chain.start(square, girth / 4).rounded(spec.grid, "nearest")
    label = msg("sum.object-base") if spec.thing.round else msg("sum.object-depth")
    chain = Chain.start(label, spec.thing.base_depth).plus_some(msg("sum.two-thicknesses"), 2 * inside)
    if not spec.thing.round:
        return chain.at_most(msg("sum.leaves-width"), girth / 2 - MIN_BASE).rounded(spec.grid, "up")
    fits = chain.total <= girth / 4 + 1e-9
    return chain.at_most(square, girth / 4).rounded(spec.grid, "up" if fits else "nearest")


def _check_depth(spec: Spec, depth: float, girth: float) -> None:
    if depth >= girth / 2 - MIN_BASE:
        low_girth = spec.least(2 * (depth + MIN_BASE))
        most = spec.most(girth / 2 - MIN_BASE)
        raise SpecError(
            [Problem("size.base_depth", msg("problem.depth-wide", depth=depth, limit=most, girth=low_girth))]
        )
    if spec.options["boxing"] == "cut-first":
        box = spec.seam_allowance("box")
        beside = (
            0.0
            if spec.options["cut"] != "two-panels"
            else min(spec.seam_allowance("side"), spec.seam_allowance("base"))
        )
        if depth / 2 + beside - box <= 0.5:
            low = spec.least(2 * (box - beside) + 1.0)
            raise SpecError.of("size.base_depth", msg("problem.cutout-vanishes", low=low, box=box))


def wanted_tie(spec: Spec, seat: Seat | None) -> float | None:
    """The tie height asked for, or the neck's along the cloth."""
    if spec.options["tie"] == "none":
        return None
    if "tie_height" in spec.size:
        return spec.size["tie_height"]
    if seat is None:
        # Where bottles usually narrow.
        return spec.on_grid(spec.size["wall_height"] * NECK_SHARE)
    if seat.thing.neck_along_cloth is None:
        return None
    return seat.thing.neck_along_cloth + seat.loss
