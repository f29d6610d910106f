"""Its sizes, decided before any piece is drawn."""

from __future__ import annotations

import math

from ...constructions.tube import TRIED, matched_pair
from ...drafting.asking import given_or, habit_of, wrap_girth
from ...drafting.make import Make
from ...drafting.spec import Spec
from ...pattern import Chain, SpecError
from ...words import msg


def girth_and_base(make: Make, inside: float) -> tuple[Chain, Chain, Chain | None]:
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


def wall_height(spec: Spec) -> tuple[Chain, Chain | None]:
    thing, headroom = spec.thing, spec.size.get("headroom", 0.0)
    proposed = None
    if thing is not None:
        proposed = Chain.start(msg("sum.object-height"), thing.height).plus_some(msg("sum.headroom"), headroom)
        if "wall_height" not in spec.size and proposed.total < 10.0:
            raise SpecError.of("size.headroom", msg("problem.headroom", low=10.0 - thing.height))
    elif "wall_height" not in spec.size:
        raise SpecError.of("size.wall_height", msg("problem.size-missing", label=msg("input.size.wall_height")))
    return given_or(spec.size.get("wall_height"), proposed), proposed
