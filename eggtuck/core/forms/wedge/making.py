"""The order of sewing."""

from __future__ import annotations

from typing import Any

from ...constructions.shared import finish_sewing, start_sewing
from ...constructions.zips import close_gap, open_zip, zip_steps
from ...drafting.make import Make
from ...words import Param, msg


def add_steps(make: Make) -> None:
    order, by = make.order, {seam.id: seam for seam in make.seams}
    cut_first = make.option("boxing") == "cut-first"
    start_sewing(make, 2)
    zip_steps(make)
    open_zip(order)
    gap = make.gaps[0] if make.gaps else None
    size_m, depth = make.finished["corner"] or 0.0, make.finished["base_depth"] or 0.0
    for layer in ("outer", "lining") if make.lined else ("outer",):
        prefix = "lining-" if layer == "lining" and make.turn else ""
        here = gap is not None and layer == "lining"
        say: dict[str, Param] = {
            "layer": msg(f"role.{layer}"),
            "gap": gap.length if gap else 0.0,
            "depth": depth,
            "tip": size_m,
        }
        say |= {"line": depth, "box": make.allowance("box")}
        common: dict[str, Any] = {"layer": layer, "faces": msg("faces.right-together")}
        sides = [by[f"{prefix}side-left"], by[f"{prefix}side-right"]]
        order.seam(f"{layer}-sides", sides, "sides", say=say, press=msg("press.open"), **common)
        words = "base-gap" if here else "base"
        order.seam(f"{layer}-base", [by[f"{prefix}base"]], words, say=say, press=msg("press.open"), **common)
        corners = [by[f"{prefix}box-left"], by[f"{prefix}box-right"]]
        if not cut_first:
            check = msg("step.corner-lines.check", line=depth)
            order.add(f"{layer}-corner-lines", "mark", 3, "corner-lines", say=say, layer=layer, check=check)
        words = "corners-cut" if cut_first else "corners-sewn"
        common["faces"] = msg("faces.seam-on-seam")
        order.seam(f"{layer}-corners", corners, words, say=say, check=msg(f"step.{words}.check"), **common)
        if not cut_first:
            why, blade = msg("step.corner-trim.why"), msg("caution.blade")
            order.add(f"{layer}-corner-trim", "cut", 1, "corner-trim", say=say, layer=layer, caution=blade, why=why)
    if gap is not None:
        close_gap(order, gap)
    finish_sewing(make, put=False)
