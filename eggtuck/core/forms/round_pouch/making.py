"""The order of sewing."""

from __future__ import annotations

from ...constructions.shared import finish_sewing, start_sewing
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
            caution=msg("caution.blade"),
            check=msg("step.trim-back.check"),
        )
    if make.option("hanger") == "ribbon-loop":
        order.add("loop-in", "sew", 2, say={"loop": make.sums["loop"].total}, check=msg("step.loop-in.check"))
    open_zip(order)
    gap = make.gaps[0] if make.gaps else None
    for layer in ("outer", "lining") if make.lined else ("outer",):
        here = gap is not None and layer == "lining"
        say: dict[str, Param] = {"layer": msg(f"role.{layer}"), "gap": gap.length if gap else 0.0}
        seam = by["lining-round" if layer == "lining" and make.turn else "round"]
        words = "round-seam-gap" if here else "round-seam"
        check = msg("step.round-seam.check")
        order.seam(
            f"{layer}-round", [seam], words, say=say, layer=layer, faces=msg("faces.right-together"), check=check
        )
    order.add("clip-curve", "cut", 3, caution=msg("caution.blade"))
    if gap is not None:
        close_gap(order, gap)
    finish_sewing(make, put=False)
