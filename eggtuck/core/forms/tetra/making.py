"""The order of sewing."""

from __future__ import annotations

from typing import Any

from ...constructions.caught import catch_hanger
from ...constructions.frames import frame_in, frame_steps
from ...constructions.shared import finish_sewing, start_sewing
from ...constructions.zips import close_gap, open_zip, zip_steps
from ...drafting.make import Make
from ...making import Look
from ...words import Param, msg


def add_steps(make: Make, mouth: str) -> None:
    order = make.order
    say: dict[str, Param]
    start_sewing(make, 1 if mouth == "zip-face" else 2)
    by = {seam.id: seam for seam in make.seams}
    if mouth == "spring-frame":
        frame_steps(make, [by["mouth-front"], by["mouth-back"]])
        if not make.hung:
            say = {"allowance": make.allowance("mouth"), "edge": make.edge_stitch}
            say["first"] = order.manner.hem_first("body")
            order.add("mouth-ends", "sew", 4, say=say, pieces=("body",), hems=("mouth-ends",))
    else:
        zip_steps(make)
        catch_hanger(make, "body")
        open_zip(make)
    gap = make.gaps[0] if make.gaps else None
    for layer in ("outer", "lining") if make.hung else ("outer",):
        prefix = "lining-" if layer == "lining" and make.apart else ""
        say = {"layer": msg(f"role.{layer}")}
        common: dict[str, Any] = {
            "say": say,
            "layer": layer,
            "faces": msg("faces.right-together"),
            "press": msg("press.open"),
            "gap": gap,
        }
        if mouth == "zip-face":
            order.seam(f"{layer}-flat", [by[f"{prefix}flat"]], "tetra-flat", lay=msg("lay.tetra-flat"), **common)
        else:
            sides = [by[f"{prefix}side-left"], by[f"{prefix}side-right"]]
            order.seam(f"{layer}-sides", sides, "tetra-sides", **common)
        # Only a zip up one face reaches this end; else it has two side seams.
        words = "tetra-end-zip" if mouth == "zip-face" else "tetra-end"
        look = Look(msg(f"step.{words}.check"), causes=(msg("cause.not-quarter"),), remedy=msg("remedy.quarter"))
        lay = msg(f"lay.{words}")
        order.seam(f"{layer}-end", [by[f"{prefix}end"]], "tetra-end", lay=lay, check=look, **common)
    if gap is not None:
        close_gap(order, gap)
    if mouth == "spring-frame":
        frame_in(order)
    finish_sewing(make, put=False)
