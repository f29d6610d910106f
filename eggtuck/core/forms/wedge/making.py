"""The order of sewing."""

from __future__ import annotations

from typing import Any

from ...constructions.shared import finish_sewing, start_sewing
from ...constructions.zips import close_gap, open_zip, zip_steps
from ...drafting.make import Make
from ...making.bag_parts import corner_look
from ...words import Param, msg
from .blank import blank_lines


def add_steps(make: Make) -> None:
    order, by = make.order, {seam.id: seam for seam in make.seams}
    cut_first = make.option("boxing") == "cut-first"
    start_sewing(make, 2, drawn=blank_lines(make) if make.option("sized") == "blank" else ())
    zip_steps(make)
    open_zip(make)
    gap = make.gaps[0] if make.gaps else None
    size_m, depth = make.finished.get("corner") or 0.0, make.finished["base_depth"] or 0.0
    for layer in ("outer", "lining") if make.hung else ("outer",):
        prefix = "lining-" if layer == "lining" and make.apart else ""
        say: dict[str, Param] = {
            "layer": msg(f"role.{layer}"),
            "tip": size_m,
            "line": depth,
            "box": make.allowance("box", layer == "lining"),
        }
        common: dict[str, Any] = {"layer": layer, "faces": msg("faces.right-together"), "gap": gap}
        pieces = tuple(dict.fromkeys(use.piece for use in by[f"{prefix}base"].a))
        sides = [by[f"{prefix}side-left"], by[f"{prefix}side-right"]]
        order.seam(f"{layer}-sides", sides, "sides", say=say, press=msg("press.open"), **common)
        order.seam(f"{layer}-base", [by[f"{prefix}base"]], "base", say=say, press=msg("press.open"), **common)
        if not depth:
            blade = msg("caution.blade")
            foot = [by[f"{prefix}base"], *sides]
            order.add(
                f"{layer}-corners",
                "cut",
                1,
                "foot-corners",
                say=say,
                pieces=pieces,
                layer=layer,
                edges=tuple(use for seam in foot for use in (*seam.a, *seam.b)),
                caution=blade,
                cuts="corners",
            )
            continue
        corners = [by[f"{prefix}box-left"], by[f"{prefix}box-right"]]
        if not cut_first:
            check = corner_look("step.corner-lines.check", depth)
            order.add(
                f"{layer}-corner-lines",
                "mark",
                3,
                "corner-lines",
                say=say,
                layer=layer,
                pieces=pieces,
                edges=tuple(use for seam in corners for use in seam.a),
                check=check,
            )
        words = "corners-cut" if cut_first else "corners-sewn"
        common["faces"] = msg("faces.seam-on-seam")
        lay = msg("lay.corner-cut" if cut_first else "lay.corner-squashed", depth=depth, count=2)
        along = None if cut_first else msg("along.corner-line", depth=depth, count=2)
        check = corner_look(f"step.{words}.check", depth)
        order.seam(f"{layer}-corners", corners, words, say=say, lay=lay, along=along, check=check, **common)
        if not cut_first:
            why, blade = msg("step.corner-trim.why"), msg("caution.blade")
            order.add(
                f"{layer}-corner-trim",
                "cut",
                1,
                "corner-trim",
                say=say,
                layer=layer,
                pieces=pieces,
                caution=blade,
                why=why,
                cuts="beside",
            )
    if gap is not None:
        close_gap(order, gap)
    finish_sewing(make, put=False)
