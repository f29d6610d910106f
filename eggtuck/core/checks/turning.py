"""Whether a bag can be turned through its gap."""

from __future__ import annotations

import math
from typing import Protocol

from ..pattern import Check, Fix, Gap, Verdict
from ..shop import FINGERS, GAP_BESIDE, PACKED
from ..words import msg


class Asked(Protocol):
    """What is known of a gap: what turning takes (mm), and whether the maker told its length."""

    @property
    def needed(self) -> float: ...
    @property
    def proposed(self) -> float: ...
    @property
    def given(self) -> bool: ...


def gap_needed(girth: float, thickness: float) -> float:
    """The shortest gap (mm) that lets a bag of net girth ``girth`` and all its layers (``thickness`` mm)
    through: the bunched section ``girth * thickness / PACKED`` as a round, half its circumference."""
    return max(FINGERS, math.sqrt(math.pi * girth * thickness / PACKED))


def gap_check(gap: Gap, seam_length: float, asked: Asked, longer_place: str | None) -> Check:
    """Judges a turning gap; ``longer_place`` is the option value that would offer a longer seam. A gap nobody asked for is as long as
    its seam allows: that it is short is told, with how to turn through it, but is no fault of the maker's."""
    needed, say = asked.needed, {"gap": gap.length, "needed": asked.needed}
    if gap.length + 1e-6 >= needed:
        # Longer than is proposed it is only more to close.
        words = "check.gap" if gap.length <= asked.proposed + GAP_BESIDE else "check.gap-long"
        fix = Fix(msg("fix.gap-proposed"), {"size.gap": ""}) if words == "check.gap-long" else None
        return Check("gap", "ok", msg(words), msg(f"{words}.text", **say), gap.length, needed, fix)
    fix = None
    if needed <= seam_length - GAP_BESIDE:
        # Back to what is proposed, which is long enough.
        fix = Fix(msg("fix.gap-proposed"), {"size.gap": ""})
    elif longer_place is not None:
        fix = Fix(msg(f"fix.gap-{longer_place}"), {"options.gap_place": longer_place, "size.gap": ""})
    words = "check.gap-short" if asked.given else "check.gap-all"
    verdict: Verdict = "warn" if asked.given else "note"
    return Check("gap", verdict, msg(words), msg(f"{words}.text", **say), gap.length, needed, fix)
