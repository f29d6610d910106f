"""What a finished bag measures against what was drafted."""

from __future__ import annotations

from ..pattern.draft import Direction
from ..shop import TAPE
from ..words import Message, msg


def difference_message(
    name: str, drafted: float, measured: float, seams_round: int, tolerance: Direction | None = None
) -> Message:
    """A sentence on one measure of a finished make, and by its ``tolerance`` what that means. A girth that is off is explained by the allowance:
    an error on every seam adds up, twice a seam, round the bag.

    Args:
        name: the finished size.
        drafted, measured: as it should be and as it is (mm); closer than a tape can tell they are the same.
        seams_round: seams that cross the girth.

    Example:
        >>> difference_message("girth", 300.0, 292.0, 2).id, difference_message("girth", 300.0, 301.0, 2).id
        ('measured.smaller-girth', 'measured.same')
    """
    off = measured - drafted
    found = _difference(name, off, seams_round)
    if tolerance is None or abs(off) <= TAPE:
        return found
    one_way = tolerance in ("at-least", "at-most")
    kept = "-kept" if one_way and (off > 0) == (tolerance == "at-least") else "-not" if one_way else ""
    return msg("measured.and", found=found, way=msg(f"measured.{tolerance}{kept}"))


def _difference(name: str, off: float, seams_round: int) -> Message:
    label = msg(f"sum.name.finished.{name}")
    if abs(off) <= TAPE:
        return msg("measured.same", label=label)
    key = "measured.larger" if off > 0 else "measured.smaller"
    if name == "girth" and seams_round > 0:
        wider = "narrower" if off > 0 else "wider"
        return msg(
            f"{key}-girth", label=label, off=abs(off), each=abs(off) / (2 * seams_round), way=msg(f"measured.{wider}")
        )
    return msg(key, label=label, off=abs(off))
