"""The order of sewing."""

from __future__ import annotations

from ...constructions.shared import finish_sewing, start_sewing
from ...constructions.zips import close_gap
from ...drafting.make import Make
from ...words import msg


def add_steps(make: Make) -> None:
    order = make.order
    start_sewing(make, 1)
    channel = {"channel": make.finished["channel"] or 0.0, "line": make.finished["casing_radius"] or 0.0}
    if make.lined:
        gap = make.gaps[0]
        seam = next(s for s in make.seams if s.id == "round")
        right, check = msg("faces.right-together"), msg("step.gap.check", gap=gap.length)
        order.seam("round", [seam], "lid-round", say={"gap": gap.length}, faces=right, check=check)
        order.add("clip-curve", "cut", 3, caution=msg("caution.blade"))
        close_gap(order, gap)
        order.add("lid-channel", "sew", 8, say=channel, check=msg("step.lid-channel.check"))
    else:
        order.add(
            "lid-hem", "sew", 10, say={"allowance": make.allowance("rim")}, seams=("hem",), check=msg("step.hem.check")
        )
        order.add(
            "lid-casing",
            "sew",
            10,
            say=channel,
            pieces=("casing",),
            seams=("casing-on",),
            check=msg("step.lid-channel.check"),
        )
    if make.option("closure") == "elastic":
        say = {"elastic": make.sums["elastic"].total}
        order.add("lid-elastic", "finish", 4, say=say, check=msg("step.lid-elastic.check"))
    else:
        order.add("cord", "finish", 3, caution=msg("caution.cord"))
    finish_sewing(make)
