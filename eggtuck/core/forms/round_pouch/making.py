"""The order of sewing."""

from __future__ import annotations

from ...constructions.shared import clip_curve, finish_sewing, start_sewing
from ...constructions.zips import close_gap, open_zip, zip_steps
from ...drafting.make import Make
from ...words import Param, msg


def add_steps(make: Make) -> None:
    order, by = make.order, {seam.id: seam for seam in make.seams}
    start_sewing(make, 3)
    zip_steps(make)
    if make.option("split") == "cut-and-trim" and (make.finished["size_lost"] or 0.0) > 1e-6:
        order.add(
            "trim-back",
            "cut",
            2,
            say={"loss": abs(make.finished["size_lost"] or 0.0)},
            pieces=("back",),
            caution=msg("caution.blade"),
            check=msg("step.trim-back.check"),
        )
    if make.option("hanger") == "ribbon-loop":
        say: dict[str, Param] = {"loop": make.sums["loop"].total}
        loop, check = msg("loose.loop"), msg("step.loop-in.check")
        order.add(
            "loop-in", "sew", 2, "loop-in-round", say=say, pieces=("back",), layer="outer", check=check, parks=loop
        )
    open_zip(order)
    gap = make.gaps[0] if make.gaps else None
    for layer in ("outer", "lining") if make.hung else ("outer",):
        here = gap if layer == "lining" else None
        say = {"layer": msg(f"role.{layer}")}
        seam = by["lining-round" if layer == "lining" and make.turn else "round"]
        order.seam(
            f"{layer}-round",
            [seam],
            "round-seam",
            say=say,
            gap=here,
            layer=layer,
            faces=msg("faces.right-together"),
            check=None if here else msg("step.round-seam.check"),
        )
    clip_curve(make)
    if gap is not None:
        close_gap(order, gap)
    finish_sewing(make, put=False)
