"""Where a ribbon lies round the bag, if it has somewhere to lie."""

from __future__ import annotations

from ...drafting.spec import Spec
from ...pattern import SpecError
from ...words import msg
from .sizes import Sizes, wanted_tie


def can_tie(spec: Spec, sizes: Sizes) -> bool:
    """Whether a ribbon has somewhere to lie: below the rim of a thing with a neck, at a line that was told, or on a bag without a
    thing."""
    if "tie_height" in spec.size or sizes.seat is None:
        return True
    neck = sizes.seat.thing.neck_along_cloth
    return neck is not None and neck + sizes.seat.loss < sizes.wall.total


def tie_height(spec: Spec, sizes: Sizes) -> float | None:
    """The tie line above the base line; none when the bag ends below the neck."""
    tie = wanted_tie(spec, sizes.seat)
    if tie is not None and tie >= sizes.wall.total:
        if "tie_height" in spec.size:
            raise SpecError.of(
                "size.tie_height",
                msg("problem.tie-high", tie=tie, wall=sizes.wall.total, high=spec.most(sizes.wall.total)),
            )
        return None
    return tie
