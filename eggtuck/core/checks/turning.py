"""Whether a bag can be turned through its gap."""

from __future__ import annotations

import math

from ..pattern import Check, Fix, Gap
from ..wording import msg

# Two fingers have to reach in whatever the cloth.
FINGERS = 40.0
# Bunched cloth fills about this share of the opening it is pulled through.
PACKED = 0.6


def gap_needed(girth: float, thickness: float) -> float:
    """The shortest gap (mm) that lets a bag of net girth ``girth`` and all its layers (``thickness`` mm)
    through: the bunched section ``girth * thickness / PACKED`` as a round, half its circumference."""
    return max(FINGERS, math.sqrt(math.pi * girth * thickness / PACKED))


def gap_check(gap: Gap, seam_length: float, needed: float, longer_place: str | None) -> Check:
    """Judges a turning gap; ``longer_place`` is the option value that would offer a longer seam."""
    if gap.length + 1e-6 >= needed:
        return Check(
            "gap", "ok", msg("check.gap"), msg("check.gap.text", gap=gap.length, needed=needed), gap.length, needed
        )
    fix = None
    if needed <= seam_length - 20.0:
        fix = Fix(msg("fix.gap", gap=needed), {"size.gap": needed})
    elif longer_place is not None:
        fix = Fix(msg(f"fix.gap-{longer_place}"), {"options.gap_place": longer_place})
    return Check(
        "gap",
        "warn",
        msg("check.gap-short"),
        msg("check.gap-short.text", gap=gap.length, needed=needed),
        gap.length,
        needed,
        fix,
    )
