"""The order of sewing."""

from __future__ import annotations

from ...constructions.shared import finish_sewing, start_sewing
from ...drafting.make import Make
from ...pattern import EdgeUse
from ...words import msg


def add_steps(make: Make) -> None:
    order, seams = make.order, {seam.id: seam for seam in make.seams}
    start_sewing(make, 1)
    right = msg("faces.right-together")
    if make.lined:
        order.seam("mouth", [seams["mouth"]], "sleeve-mouth", faces=right, press=msg("press.to-lining"))
        gap = make.gaps[0]
        # Outer and lining lie out as one long tube, closed in one step.
        closing = [s for s in make.seams if s.id != "mouth" for _ in s.layers]
        order.seam(
            "long",
            closing,
            "sleeve-round",
            gap=gap.seam,
            say={"gap": gap.length},
            faces=right,
            press=msg("press.open"),
            check=msg("step.sleeve-round.check", gap=gap.length),
            caution=msg("caution.thick"),
        )
        order.add("trim-corners", "cut", 2, caution=msg("caution.blade"))
        order.add(
            "turn", "finish", 4, say={"gap": gap.length}, check=msg("step.turn.check"), caution=msg("caution.points")
        )
        order.add("close-gap", "sew", 4, say={"gap": gap.length}, layer="lining", edges=gap.edges)
        order.add("sleeve-tuck", "finish", 2, check=msg("step.sleeve-tuck.check"))
    else:
        say = {"allowance": make.allowance("mouth")}
        order.add("hem", "sew", 4, "plain-hem-flat", say=say, edges=(EdgeUse("body", "mouth"),), seams=("hem",))
        order.seam("long", [seams["side"], seams["end"]], "sleeve-single", faces=right, press=msg("press.open"))
        order.add("overcast", "finish", 5, why=msg("step.overcast.why"))
    finish_sewing(make)
