"""The order of sewing."""

from __future__ import annotations

from ...constructions.shared import clip_curve, finish_sewing, start_sewing
from ...constructions.zips import close_gap
from ...drafting.make import Make
from ...shop import TOPSTITCH
from ...words import msg


def add_steps(make: Make) -> None:
    order = make.order
    start_sewing(make, 1)
    channel = {"channel": make.finished["channel"] or 0.0, "line": make.finished["casing_radius"] or 0.0}
    if make.lined:
        gap = make.gaps[0]
        seam = next(s for s in make.seams if s.id == "round")
        order.seam("round", [seam], "lid-round", gap=gap, faces=msg("faces.right-together"))
        clip_curve(make)
        close_gap(order, gap)
        order.add(
            "lid-channel",
            "sew",
            8,
            say=channel,
            pieces=("circle",),
            stitch=float(TOPSTITCH),
            check=msg("step.lid-channel.check"),
        )
    else:
        order.add(
            "lid-hem",
            "sew",
            10,
            say={"allowance": make.allowance("rim")},
            pieces=("circle",),
            hems=("hem",),
            stitch=float(TOPSTITCH),
            check=msg("step.hem.check"),
        )
        order.add(
            "lid-casing",
            "sew",
            10,
            say=channel,
            pieces=("casing", "circle"),
            hems=("casing-on",),
            stitch=float(TOPSTITCH),
            check=msg("step.lid-channel.check"),
        )
    if make.option("closure") == "elastic":
        say = {"elastic": make.sums["elastic"].total}
        order.add("lid-elastic", "finish", 4, say=say, check=msg("step.lid-elastic.check"), out=True)
    else:
        order.add("cord", "finish", 3, caution=msg("caution.cord"), out=True)
    finish_sewing(make)
