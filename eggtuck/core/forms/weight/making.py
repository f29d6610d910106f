"""The order of sewing."""

from __future__ import annotations

from collections.abc import Mapping

from ...constructions.shared import finish_sewing, fold_handle, start_sewing
from ...constructions.strips import IN_FOUR
from ...drafting.make import Make
from ...pattern import EdgeUse
from ...shop import OVERLAP, TOPSTITCH
from ...words import Param, msg


def add_steps(make: Make, say: Mapping[str, Param]) -> None:
    order, by = make.order, {seam.id: seam for seam in make.seams}
    start_sewing(make, 3)
    wrong, seen = msg("faces.wrong-together"), float(TOPSTITCH)
    inside = "lining" if make.lined else "wrong"
    if make.option("handle") != "none":
        fold_handle(order, 6)
        diagonal = make.option("handle") == "diagonal"
        sides = tuple(EdgeUse("top", key) for key in ("left", "right"))
        order.add(
            "handle-on",
            "sew",
            2,
            "handle-on-diagonal" if diagonal else "handle-on",
            pieces=("top", "handle"),
            hems=("handle-ends",),
            check=msg("step.handle-on.check"),
            stitch=seen,
            parks=msg("loose.handle"),
            lies=("handle", IN_FOUR),
            # One that lies slantwise has no place along an edge to be drawn at.
            tacks=() if diagonal else tuple((use, 0.5) for use in sides),
            at_edges=sides if diagonal else (),
        )
    order.seam(
        "base",
        [by["base"]],
        "weight-base",
        lay=msg("lay.crossed", inside=inside),
        along=msg("along.base-square", allowance=by["base"].allowance),
        ends=msg("ends.overlap", overlap=float(OVERLAP)),
        faces=msg("faces.crossed"),
        check=msg("step.weight-base.check"),
    )
    order.seam(
        "corners",
        [by[f"corner-{nth}"] for nth in (1, 2, 3, 4)],
        "weight-corners",
        along=msg("along.corners-weight", allowance=by["corner-1"].allowance),
        lay=msg("lay.corners-weight", inside=inside),
        faces=wrong,
        check=msg("step.weight-corners.check"),
        caution=msg("caution.thick"),
    )
    order.seam(
        "top",
        [by["top"]],
        "weight-top",
        along=msg("along.top-weight", allowance=by["top"].allowance),
        faces=wrong,
        check=msg("step.weight-top.check"),
    )
    order.add("fill", "finish", 6, say=say, pieces=("panel",), check=msg("step.fill.check"))
    order.seam(
        "weight-close",
        [by["close"]],
        "weight-close",
        along=msg("along.close-weight", allowance=by["close"].allowance),
        faces=wrong,
    )
    order.add("weight-trim", "finish", 3, pieces=("panel", "top"), caution=msg("caution.blade"))
    finish_sewing(make, put=False, press=False)
