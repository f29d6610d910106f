"""The order of sewing."""

from __future__ import annotations

from ...constructions.shared import finish_sewing, start_sewing
from ...drafting.make import Make
from ...words import Param, msg


def add_steps(make: Make) -> None:
    order, by = make.order, {seam.id: seam for seam in make.seams}
    start_sewing(make, 1)
    right = msg("faces.right-together")
    say: dict[str, Param] = {
        "layer": msg("role.lining" if make.lined else "role.outer"),
        "depth": make.finished["base_depth"] or 0.0,
    }
    order.add("strap-four", "sew", 8, pieces=("handle",), check=msg("step.strap-four.check"))
    if make.option("pockets") != "none":
        pocket = make.finished["pocket_height"] or 0.0
        order.add(
            "pockets-on",
            "sew",
            8,
            f"pockets-on-{make.option('pockets')}",
            pieces=("pocket", "wrap"),
            say={"height": pocket, "upper": pocket + (make.finished.get("pocket_step") or 0.0)},
            check=msg("step.pockets-on.check"),
        )
    order.seam("bag-sides", [by["side-left"], by["side-right"]], "sides", say=say, faces=right, press=msg("press.open"))
    order.seam("bag-base", [by["base"]], "base", say=say, faces=right, press=msg("press.open"))
    corners = [by["box-left"], by["box-right"]]
    order.seam(
        "bag-corners",
        corners,
        "corners-cut",
        say=say,
        faces=msg("faces.seam-on-seam"),
        check=msg("step.corners-cut.check"),
    )
    order.add(
        "hem",
        "sew",
        5,
        "plain-hem",
        say={"allowance": make.allowance("top")},
        seams=("hem",),
        check=msg("step.hem.check"),
    )
    if make.option("closure") == "button-loop":
        order.add("loop-in", "sew", 2, say={"loop": make.sums["loop"].total}, check=msg("step.loop-in.check"))
    order.add("handle-tack", "sew", 2, pieces=("handle", "wrap"), check=msg("step.handle-tack.check"))
    if make.lined:
        gap = make.gaps[0]
        order.seam(
            "round",
            [seam for seam in make.seams if seam.id.startswith("round")],
            "wrap-round",
            gap=gap.seam,
            say={"gap": gap.length},
            faces=right,
            check=msg("step.gap.check", gap=gap.length),
        )
        order.add("clip-curve", "cut", 3, caution=msg("caution.blade"))
        order.add(
            "turn", "finish", 4, say={"gap": gap.length}, check=msg("step.turn.check"), caution=msg("caution.points")
        )
        order.add("wrap-topstitch", "sew", 5, why=msg("step.wrap-topstitch.why"))
    else:
        order.add("wrap-edge", "sew", 8, say={"allowance": make.allowance("side")}, seams=("wrap-edge",))
    thing = msg(f"object.{make.spec.thing.kind}") if make.spec.thing else msg("object.thing")
    order.add("bag-in", "sew", 8, check=msg("step.bag-in.check", thing=thing))
    order.add(f"close-{make.option('closure')}", "finish", 4, say={"thing": thing}, check=msg("step.fastener.check"))
    finish_sewing(make)
