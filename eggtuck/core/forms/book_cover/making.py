"""The order of sewing."""

from __future__ import annotations

from ...constructions.binding import binding_steps
from ...constructions.shared import finish_sewing, start_sewing
from ...drafting.make import Make
from ...pattern import EdgeUse
from ...words import msg


def add_steps(make: Make, bound: bool) -> None:
    order, by = make.order, {seam.id: seam for seam in make.seams}
    start_sewing(make, 1)
    order.add(
        "flap-hems",
        "sew",
        5,
        pieces=("flap",),
        edges=tuple(EdgeUse("flap", "free", copy) for copy in ("front", "back")),
        seams=("flap-hem",),
        check=msg("step.flap-hems.check"),
    )
    if make.option("pockets") == "slip-pocket":
        order.add("slip-pocket", "sew", 5, pieces=("pocket", "flap"), check=msg("step.slip-pocket.check"))
    if make.option("tab") == "tab":
        order.add("tab", "sew", 8, "closing-tab", pieces=("tab",), caution=msg("caution.points"))
    if make.option("pen_loop") == "elastic-loop":
        order.add("pen-loop", "sew", 2, say={"elastic": make.sums["pen_loop"].total})
    if make.option("marker") == "ribbon":
        order.add(
            "ribbon-marker", "sew", 2, say={"ribbon": make.sums["ribbon"].total}, check=msg("step.ribbon-marker.check")
        )
    if bound:
        stack = "book-stack" if make.lined else "book-stack-unlined"
        order.add("book-stack", "prepare", 5, stack, check=msg("step.book-stack.check"))
        binding_steps(make)
    elif make.lined:
        gap = make.gaps[0]
        order.add("book-layers", "prepare", 4, check=msg("step.book-layers.check"), faces=msg("faces.right-together"))
        order.seam(
            "round",
            [seam for seam in make.seams if seam.id.startswith("round")],
            "cover-round",
            gap=gap.seam,
            say={"gap": gap.length},
            faces=msg("faces.right-together"),
            check=msg("step.cover-round.check"),
        )
        order.add("trim-corners", "cut", 2, caution=msg("caution.blade"))
        order.add(
            "turn", "finish", 4, say={"gap": gap.length}, check=msg("step.turn.check"), caution=msg("caution.points")
        )
        order.add("cover-topstitch", "sew", 6, why=msg("step.cover-topstitch.why"))
    else:
        check, right = msg("step.cover-round.check-flaps"), msg("faces.right-together")
        order.seam("flaps-on", [by["flap-left"], by["flap-right"]], "flaps-on", faces=right, check=check)
        order.add("trim-corners", "cut", 2, "trim-corners-whole", caution=msg("caution.blade"))
        order.add("flaps-turn", "finish", 3, caution=msg("caution.points"))
        order.add(
            "cover-edge",
            "sew",
            8,
            "cover-edge-between",
            say={"allowance": make.allowance("top")},
            seams=("cover-edge",),
        )
    if make.option("tab") == "tab":
        order.add("fastener", "finish", 4, check=msg("step.fastener.check"), caution=msg("caution.hammer"))
    finish_sewing(make)
