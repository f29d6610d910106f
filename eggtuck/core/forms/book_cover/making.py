"""The order of sewing."""

from __future__ import annotations

from ...constructions.binding import binding_steps
from ...constructions.bookmarks import Bookmark, bookmark_steps
from ...constructions.caught import prepare_strip
from ...constructions.shared import finish_sewing, start_sewing, trim_corners
from ...drafting.make import Make
from ...making.bag_parts import turn_through
from ...pattern import EdgeUse
from ...shop import RIBBON_TURN, STITCH, TOPSTITCH
from ...words import Param, msg
from .pieces import doubled_flaps


def add_steps(make: Make, bound: bool, mark: Bookmark | None) -> None:
    order = make.order
    start_sewing(make, 1)
    edge: dict[str, Param] = {"edge": make.edge_stitch}
    if doubled_flaps(make):
        check = msg("step.flap-folds.check")
        order.add("flap-folds", "press", 3, pieces=("flap",), irons=True, check=check)
    else:
        hem = next(hem.depth for hem in make.hems if hem.id == "flap-hem")
        order.add(
            "flap-hems",
            "sew",
            5,
            "flap-hems" if hem > 0 else "flap-edges",
            pieces=("flap",),
            edges=tuple(EdgeUse("flap", "free", copy) for copy in ("front", "back")),
            hems=("flap-hem",),
            say={**edge, "allowance": hem, "first": order.manner.hem_first},
            stitch=float(TOPSTITCH),
            check=msg("step.flap-hems.check"),
        )
    if make.option("spine_band") == "band":
        order.add(
            "spine-band",
            "sew",
            8,
            say={**edge, "turn": make.allowance("side")},
            pieces=("spine-band", "cover"),
            layer="outer",
            hems=("band-edges",),
            stitch=float(TOPSTITCH),
            irons=True,
            check=msg("step.spine-band.check"),
        )
    if make.option("pockets") != "none":
        words = "slip-pocket" if make.option("pockets") == "slip-pocket" else "narrow-pocket"
        order.add(
            "slip-pocket",
            "sew",
            5,
            words,
            say={**edge, "turn": make.allowance("side")},
            pieces=("pocket", "flap"),
            single=(("flap", "front"),),
            hems=("pocket-free",) if words == "slip-pocket" else (),
            edges=tuple(make.each(make.piece_of("pocket"))),
            irons=True,
            stitch=float(TOPSTITCH),
            check=msg(f"step.{words}.check"),
        )
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
            tacks=((EdgeUse("cover", "left"), 0.5),),
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
    pocketed = "no" if make.option("pockets") == "none" else "yes"
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
            tacks=((EdgeUse("cover", "upper"), 0.5),),
        )
    if bound:
        stack = "book-stack" if make.lined else "book-stack-unlined"
        what = msg("book.flaps-pockets" if pocketed == "yes" else "book.flaps")
        order.add(
            "book-stack",
            "prepare",
            5,
            stack,
            say={"what": what},
            pieces=("cover", "flap"),
            check=msg("step.book-stack.check"),
        )
        binding_steps(make)
    elif make.lined:
        gap = make.gaps[0]
        order.add(
            "book-layers",
            "prepare",
            4,
            say={"pocketed": pocketed},
            pieces=("cover", "flap"),
            check=msg("step.book-layers.check"),
            decided=msg("decided.flaps"),
        )
        order.seam(
            "round",
            [seam for seam in make.seams if seam.id.startswith("round")],
            "cover-round",
            gap=gap,
            how=("over-flaps",),
            lay=msg("lay.as-laid"),
            faces=msg("faces.right-together"),
            check=msg("step.cover-round.check"),
        )
        trim_corners(make, "trim-corners", "cover")
        turn_through(order, gap)
        order.add(
            "cover-topstitch",
            "sew",
            6,
            say={**edge, "gap": gap.length},
            pieces=("cover",),
            edges=tuple(use for seam in make.seams if seam.id.startswith("round") for use in seam.a),
            stitch=float(TOPSTITCH),
            why=msg("step.cover-topstitch.why"),
            closes=True,
            out=True,
        )
    else:
        check, right = msg("step.cover-round.check-flaps"), msg("faces.right-together")
        flaps = [seam for seam in make.seams if seam.id.startswith("flap-")]
        how = ("flap-on-front",) if pocketed == "yes" else ()
        order.seam("flaps-on", flaps, "flaps-on", how=how, faces=right, check=check)
        trim_corners(make, "trim-corners-whole", "cover", "flap")
        order.add("flaps-turn", "finish", 3, pieces=("flap",), caution=msg("caution.points"), turns=("whole",))
        order.add(
            "cover-edge",
            "sew",
            8,
            "cover-edge-between",
            say={"allowance": make.allowance("top"), **edge},
            pieces=("cover",),
            hems=("cover-edge",),
            stitch=float(TOPSTITCH),
        )
    if make.option("tab") != "none":
        folded = make.option("tab") == "folded-tab"
        order.add(
            "fastener",
            "finish",
            4,
            "fastener-tape" if folded else "fastener",
            say={"tape": make.finished.get("tape") or 0.0},
            pieces=("tab",),
            check=msg("step.fastener.check"),
            caution=None if folded else msg("caution.hammer"),
            out=True,
            at=("mark.fastener",),
        )
    if mark is not None:
        bookmark_steps(make, mark, "bookmark-")
    finish_sewing(make)
