"""What a curved seam asks of the maker."""

from __future__ import annotations

from ...drafting.make import Make
from ...drafting.panel import FARTHEST, Panel
from ...pattern import Check, Fix
from ...shop import CLIPS_OPEN, THIN_ALLOWANCE
from ...words import msg


def check_curves(make: Make, d: float) -> None:
    """Whether a straight strip can be clipped round so tight a curve with such an allowance and such padding."""
    if d / 2 > FARTHEST:
        # All its sides are straight: a strip is only led round their corners.
        return
    rim = make.allowance("side")
    thick = sum(layer.thickness for layer in make.spec.stack.layers if layer.role == "padding")
    least = CLIPS_OPEN * (rim + thick)
    if d / 2 < least:
        narrow = make.spec.on_mark(max(0.0, d / 2 / CLIPS_OPEN - thick), "down")
        fix = None
        if narrow >= THIN_ALLOWANCE:
            fix = Fix(msg("fix.side-allowance", allowance=narrow), {"allowance.side": narrow, "allowance.rim": narrow})
        text = msg("check.tight-curve.text", radius=d / 2, low=least, allowance=rim)
        make.checks.append(Check("curve", "warn", msg("check.tight-curve"), text, d / 2, least, fix))
    else:
        text = msg("check.curve-clips.text", radius=d / 2, allowance=rim)
        make.checks.append(Check("curve", "ok", msg("check.curve-clips"), text, d / 2, least))


def check_corner(make: Make, own: Panel) -> None:
    """Where the strip is led round corners, and whether a corner falls on the end of the opening."""
    corners = own.corners()
    if not corners:
        return
    inward = sum(1 for _, turn in corners if turn < 0)
    words = "check.shape-inward" if inward else "check.shape-corners"
    text = msg(f"{words}.text", count=len(corners), inward=inward)
    make.checks.append(Check("shape.corners", "warn" if inward else "note", msg(words), text, float(len(corners)), 0.0))


def snipped(own: Panel) -> tuple[str, ...]:
    """The sentence on what is snipped at the corners of a panel, if it has any."""
    outward, inward = own.points()
    if outward and inward:
        return ("snip-corners-both",)
    return ("snip-corners-out",) if outward else ("snip-corners-in",) if inward else ()
