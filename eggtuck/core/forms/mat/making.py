"""The order of sewing."""

from __future__ import annotations

from ...constructions.binding import binding_steps
from ...constructions.shared import finish_sewing, start_sewing
from ...drafting.make import Make
from ...making import Look
from ...making.backing import quilt_lines
from ...shop import STITCH, THICK_STITCH
from ...words import msg


def add_steps(make: Make, over: float, blocks: bool) -> None:
    order = make.order
    start_sewing(make, 1, apart=("padding",))
    if blocks:
        press = msg("press.to-corner")
        say = {"allowance": make.allowance("side")}
        order.add(
            "mat-corners",
            "sew",
            20,
            say=say,
            pieces=("block", "corner"),
            hems=("block-corners",),
            stitch=float(STITCH),
            press=press,
            check=msg("step.mat-corners.check"),
        )
        order.add(
            "mat-rows",
            "sew",
            20,
            say={**say, "rows": int(make.finished["rows"] or 1), "columns": int(make.finished["columns"] or 1)},
            pieces=("block",),
            hems=("blocks",),
            stitch=float(STITCH),
            press=msg("press.opposite"),
            check=msg("step.mat-rows.check"),
        )
    if make.spec.stack.of("padding") is not None:
        both = ("block",) if blocks else ("top",)
        order.add("mat-layers", "prepare", 6, pieces=(*both, "backing"), check=msg("step.mat-layers.check"))
        order.add(
            "mat-quilt",
            "sew",
            25,
            "mat-quilt-blocks" if blocks else "mat-quilt",
            later=quilt_lines,
            pieces=(*both, "backing"),
            foot="walking",
            stitch=float(THICK_STITCH),
            check=msg("step.mat-quilt.check"),
        )
        size = {"width": make.finished["width"] or 0.0, "height": make.finished["height"] or 0.0, "over": over}
        trimmed = Look(msg("step.mat-trim.check"), causes=(msg("cause.not-square"),), remedy=msg("remedy.square"))
        order.add(
            "mat-trim", "cut", 4, say=size, pieces=(*both, "backing"), caution=msg("caution.blade"), check=trimmed
        )
    else:
        order.add("mat-baste", "prepare", 4, pieces=(("block",) if blocks else ("top",)) + ("backing",))
    binding_steps(make, by=make.option("binding_by"))
    finish_sewing(make, put=False)
