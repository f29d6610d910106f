"""The order of sewing."""

from __future__ import annotations

from ...constructions.binding import binding_steps
from ...constructions.shared import finish_sewing, start_sewing
from ...drafting.make import Make
from ...words import msg


def add_steps(make: Make, over: float, blocks: bool) -> None:
    order = make.order
    start_sewing(make, 1, apart=("padding",))
    if blocks:
        faces, press = msg("faces.right-together"), msg("press.to-corner")
        say = {"allowance": make.allowance("side")}
        order.add(
            "mat-corners",
            "sew",
            20,
            say=say,
            pieces=("block", "corner"),
            faces=faces,
            press=press,
            check=msg("step.mat-corners.check"),
        )
        order.add(
            "mat-rows",
            "sew",
            20,
            say=say,
            pieces=("block",),
            faces=faces,
            press=msg("press.opposite"),
            check=msg("step.mat-rows.check"),
        )
    if make.spec.stack.of("padding") is not None:
        order.add("mat-layers", "prepare", 6, check=msg("step.mat-layers.check"))
        order.add("mat-quilt", "sew", 25, check=msg("step.mat-quilt.check"))
        size = {"width": make.finished["width"] or 0.0, "height": make.finished["height"] or 0.0, "over": over}
        order.add("mat-trim", "cut", 4, say=size, caution=msg("caution.blade"), check=msg("step.mat-trim.check"))
    else:
        order.add("mat-baste", "prepare", 4)
    binding_steps(make, by=make.option("binding_by"))
    finish_sewing(make, put=False)
