"""The order of sewing."""

from __future__ import annotations

from ...constructions.shared import finish_sewing, start_sewing
from ...drafting.make import Make
from ...words import msg


def add_steps(make: Make, say: dict[str, int]) -> None:
    order, by = make.order, {seam.id: seam for seam in make.seams}
    start_sewing(make, 3)
    wrong = msg("faces.wrong-together")
    if make.option("handle") == "strap":
        order.add("strap-four", "sew", 6, pieces=("handle",), check=msg("step.strap-four.check"))
        order.add("handle-on", "sew", 2, pieces=("top", "handle"), check=msg("step.handle-on.check"))
    order.seam("base", [by["base"]], "weight-base", faces=msg("faces.crossed"), check=msg("step.weight-base.check"))
    order.seam(
        "corners",
        [by[f"corner-{nth}"] for nth in (1, 2, 3, 4)],
        "weight-corners",
        faces=wrong,
        check=msg("step.weight-corners.check"),
        caution=msg("caution.thick"),
    )
    order.seam("top", [by["top"]], "weight-top", faces=wrong, check=msg("step.weight-top.check"))
    order.add("fill", "finish", 6, say=say, check=msg("step.fill.check"))
    order.seam("weight-close", [by["close"]], "weight-close", faces=wrong)
    order.add("weight-trim", "finish", 3, caution=msg("caution.blade"))
    finish_sewing(make, put=False)
