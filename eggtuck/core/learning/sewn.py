"""How wide a maker really sews: from what finished makes measure round."""

from __future__ import annotations

from collections.abc import Sequence

from ..shop import ENOUGH, LEARNS_FROM, SEWN_OFF_LEAST, TAPE
from .made import Made
from .robust import Estimate, estimate

_GIRTH = "girth"


def sewn_off(made: Made) -> float | None:
    """By how much its seams were sewn wider than told (mm); less than nothing is narrower. Each seam round takes it twice, from either side. What
    guides were moved in by at that time is part of the habit. None of a make that was not measured round, or has no seam across its girth."""
    measured = made.measured.get(_GIRTH)
    drafted = made.facts.finished.get(_GIRTH)
    if measured is None or drafted is None or not made.facts.crossing:
        return None
    return (drafted - measured[0]) / (2 * made.facts.crossing) + made.facts.moved


def sewn_estimate(makes: Sequence[Made]) -> tuple[Estimate, tuple[Made, ...]] | None:
    """The habit, and the makes it is taken from, the latest of those that were measured. ``makes`` are the latest first. None without any."""
    found = [(made, off) for made in makes if (off := sewn_off(made)) is not None][: int(LEARNS_FROM)]
    if not found:
        return None
    # A tape reads a girth to so much; one seam takes its share of that.
    finest = TAPE / 2 / (2 * max(made.facts.crossing for made, _ in found))
    return estimate([off for _, off in found], finest), tuple(made for made, _ in found)


def is_known(found: Estimate, before: float) -> bool:
    """Whether the habit is another than was reckoned with (mm): from enough makes, by more than could be chance, and by something a guide can be
    moved."""
    off = abs(found.middle - before)
    return found.count >= ENOUGH and off >= SEWN_OFF_LEAST and off > found.error
