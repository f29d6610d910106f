"""Its sizes, decided before any piece is drawn."""

from __future__ import annotations

import math

from ...constructions.tube import paired_on_ruler
from ...drafting.asking import given_or, wrap_girth
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
    side, low = spec.seam_allowance("side"), spec.seam_allowance("base")
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
    girth, base = paired_on_ruler(make, girth, given_girth is not None)
    make.settled("girth", girth.total)
    return girth, base, proposed


def wall_height(spec: Spec) -> tuple[Chain, Chain | None]:
    thing, headroom = spec.thing, spec.size.get("headroom", 0.0)
    proposed = None
    if thing is not None:
        proposed = Chain.start(msg("sum.object-height"), thing.height).plus_some(msg("sum.headroom"), headroom)
        if "wall_height" not in spec.size and proposed.total < 10.0:
            raise SpecError.of("size.headroom", msg("problem.headroom", low=spec.least(10.0 - thing.height)))
    elif "wall_height" not in spec.size:
        raise SpecError.of("size.wall_height", msg("problem.size-missing", label=msg("input.size.wall_height")))
    return given_or(spec.size.get("wall_height"), proposed), proposed
