"""The order of sewing."""

from __future__ import annotations

from ...constructions.ribbons import fold_of, prepare_ribbon
from ...constructions.shared import finish_sewing, start_sewing
from ...constructions.strips import IN_FOUR
from ...drafting.make import Make
from ...making.bag_parts import decided_by
from ...pattern import EdgeUse
from ...shop import ANCHORING, STITCH, TOPSTITCH
from ...words import Param, msg
from .asks import ELASTIC, RIBBON

# The lines it is sewn along.
NECK = ("mark.neck",)


def add_steps(make: Make, raw_line: float, fold: float) -> None:
    order, seams = make.order, {seam.id: seam for seam in make.seams}
    start_sewing(make, 1)
    closure, top = make.option("closure"), make.allowance("top")
    if closure in ELASTIC:
        total, anchoring = (
            make.finished["elastic"] or 0.0,
            make.spec.size.get("anchoring", make.spec.ruler.usual(ANCHORING)),
        )
        side = msg("neck-side.lining" if make.flat_lined else "neck-side.wrong")
        say: dict[str, Param] = {"line": raw_line, "elastic": total, "end": anchoring / 2, "side": side}
        order.add("neck-elastic", "sew", 6, say=say, pieces=("body",), stitch=float(STITCH), at=NECK, wrong=True)
    if closure in RIBBON:
        kind, caught = make.option("ribbon"), closure != "ribbon-loose"
        prepare_ribbon(
            order, "ribbon-ends", kind, make.sums["ribbon"].total, caught, wide=make.finished.get("ribbon_width") or 0.0
        )
        if caught:
            laid: dict[str, Param] = {"line": raw_line, "laid": fold_of(kind)}
            check, ribbon = msg("step.ribbon-in.check"), msg("loose.ribbon")
            lies = ("ribbon", 2 * IN_FOUR) if kind == "made" else None
            order.add(
                "neck-ribbon", "sew", 2, say=laid, pieces=("body",), check=check, parks=ribbon, lies=lies, at=NECK
            )
    # With no fold the edge is turned once in any case.
    once = "-once" if fold and make.option("hem_turn") == "once" else ""
    hem = (f"deep-hem{once}" if fold else "plain-hem") + ("-flat" if make.option("hem_order") == "before" else "")

    def sew_hem() -> None:
        order.add(
            "hem",
            "sew",
            6,
            hem,
            say={
                "allowance": top,
                "hem": fold,
                "edge": make.edge_stitch,
                "first": order.manner.hem_first("body"),
                "deep": fold + top,
                "ends": "one",
            },
            edges=(EdgeUse("body", "top"),),
            stitch=float(TOPSTITCH),
            hems=("hem",),
            check=msg("step.hem.check"),
            decided=decided_by("hem_order", make.option("hem_order")),
        )

    if hem.endswith("-flat"):
        sew_hem()
    right = msg("faces.right-together")
    order.seam(
        "back", [seams["side"]], "neck-back", faces=right, press=msg("press.open"), check=msg("step.neck-back.check")
    )
    if not hem.endswith("-flat"):
        sew_hem()
    lay = msg("lay.neck-base")
    order.seam("base", [seams["base"]], "neck-base", lay=lay, faces=right, press=msg("press.one-side"))
    finish_sewing(make)
    if closure in RIBBON:
        words = "tie-loose" if closure == "ribbon-loose" else "tie-caught"
        order.add("tie", "finish", 1, words, say={"tie": make.finished["neck_height"] or 0.0}, out=True, at=NECK)
