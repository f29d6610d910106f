"""The order of sewing."""

from __future__ import annotations

from typing import Any

from ...constructions.frames import frame_in, frame_steps
from ...constructions.shared import finish_sewing, start_sewing
from ...constructions.zips import close_gap, open_zip, zip_steps
from ...drafting.make import Make
from ...words import Param, msg


def add_steps(make: Make, mouth: str) -> None:
    order = make.order
    start_sewing(make, 1 if mouth == "zip-face" else 2)
    by = {seam.id: seam for seam in make.seams}
    if mouth == "spring-frame":
        frame_steps(make, [by["mouth-front"], by["mouth-back"]])
    else:
        zip_steps(make)
        open_zip(order)
    gap = make.gaps[0] if make.gaps else None
    for layer in ("outer", "lining") if make.lined else ("outer",):
        prefix = "lining-" if layer == "lining" and make.turn else ""
        here = gap is not None and layer == "lining"
        say: dict[str, Param] = {"layer": msg(f"role.{layer}"), "gap": gap.length if gap else 0.0}
        common: dict[str, Any] = {
            "say": say,
            "layer": layer,
            "faces": msg("faces.right-together"),
            "press": msg("press.open"),
        }
        if mouth == "zip-face":
            order.seam(f"{layer}-flat", [by[f"{prefix}flat"]], "tetra-flat", **common)
        else:
            sides = [by[f"{prefix}side-left"], by[f"{prefix}side-right"]]
            order.seam(
                f"{layer}-sides",
                sides,
                "tetra-sides-zip" if make.option("mouth") == "zip-end" else "tetra-sides",
                **common,
            )
        # Only a zip up one face reaches this end; else it has two side seams.
        words = "tetra-end-zip" if mouth == "zip-face" else "tetra-end"
        check = msg(f"step.{words}.check")
        order.seam(f"{layer}-end", [by[f"{prefix}end"]], f"{words}-gap" if here else words, check=check, **common)
    if gap is not None:
        close_gap(order, gap)
    if mouth == "spring-frame":
        frame_in(order)
    finish_sewing(make, put=False)
