"""What is tacked to the edges of a cover before they are sewn: its tab, a pen loop, a ribbon marker."""

from __future__ import annotations

from collections.abc import Mapping

from ...constructions.caught import prepare_strip
from ...constructions.strips import IN_FOUR
from ...drafting.make import Make
from ...pattern import EdgeUse
from ...shop import RIBBON_TURN, STITCH
from ...words import Param, msg


def tack_extras(make: Make, edge: Mapping[str, Param], bound: bool) -> None:
    """The steps that make them and tack them on; the tab and the loop at the fore-edge of the back, which is the left one."""
    order = make.order
    if make.option("tab") != "none":
        folded = make.option("tab") == "folded-tab"
        order.add(
            "tab",
            "sew",
            8,
            "closing-tab-folded" if folded else "closing-tab",
            say={
                **edge,
                "allowance": make.allowance("side"),
                "tape": make.finished.get("tape") or 0.0,
                "inset": make.allowance("side") + make.edge_stitch,
            },
            pieces=("tab", "cover"),
            layer="outer",
            hems=("tab-round",),
            stitch=float(STITCH),
            caution=msg("caution.points"),
            parks=msg("loose.tab"),
            # Two layers, and their allowances along its sides.
            lies=("tab", 4),
            tacks=((EdgeUse("cover", "left"), 0.5),),
            pairs=not folded,
        )
    if make.option("pen_loop") == "elastic-loop":
        # Halfway between the upper edge and the tab.
        high = make.finished["height"] or 0.0
        off = make.spec.on_mark((high - (make.finished.get("tab_width") or 0.0)) / 4)
        raw = off + make.edge(EdgeUse("cover", "upper")).allowance
        order.add(
            "pen-loop",
            "sew",
            2,
            say={"elastic": make.sums["pen_loop"].total, "raw": raw},
            pieces=("cover",),
            layer="outer",
            check=msg("step.loop-in.check"),
            parks=msg("loose.pen-loop"),
            tacks=((EdgeUse("cover", "left"), off / high),),
        )
    kind = make.option("marker")
    if kind == "strip":
        prepare_strip(make, "ribbon", "marker-made")
    if kind != "none":
        long = make.sums.get("ribbon")
        of: dict[str, Param] = {"ribbon": long.total, "turn": float(RIBBON_TURN)} if long else {}
        # It comes out inside: turned with a lining from between the two, else from where it lies.
        inside = bound or not make.lined
        side = "marker-side.wrong" if not make.lined else "marker-side.lining" if bound else "marker-side.outer"
        order.add(
            "ribbon-marker",
            "sew",
            2,
            say={
                "cut": msg(f"marker-cut.{kind}", **of),
                "tacked": msg("tacked.raw" if kind == "strip" else "tacked.other"),
                "side": msg(side),
            },
            pieces=("ribbon", "cover") if kind == "strip" else ("cover",),
            layer="lining" if inside and make.lined else "outer",
            check=msg("step.ribbon-marker.check"),
            parks=msg("loose.ribbon"),
            lies=("ribbon", IN_FOUR) if kind == "strip" else None,
            tacks=((EdgeUse("cover", "upper"), 0.5),),
        )
