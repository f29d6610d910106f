"""The order of sewing."""

from __future__ import annotations

from ...constructions.binding import binding_steps
from ...constructions.bookmarks import Bookmark, bookmark_steps
from ...constructions.parts.places import back_of
from ...constructions.shared import finish_sewing, start_sewing, trim_corners
from ...drafting.make import Make
from ...making.bag_parts import turn_through
from ...pattern import EdgeUse
from ...shop import TOPSTITCH
from ...words import Param, msg
from .pieces import doubled_flaps
from .tacking import tack_extras


def add_steps(make: Make, bound: bool, mark: Bookmark | None) -> None:
    order = make.order
    start_sewing(make, 1)
    edge: dict[str, Param] = {"edge": make.edge_stitch}
    if doubled_flaps(make):
        check = msg("step.flap-folds.check")
        outward = make.outward("flap")
        order.add("flap-folds", "press", 3, pieces=("flap",), irons=True, besides=outward, check=check)
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
            say={**edge, "allowance": hem, "first": order.manner.hem_first("flap")},
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
            # What is tacked only is sewn with the cover.
            edges=tuple(make.each(make.piece_of("pocket"), *(("free",) if words == "slip-pocket" else ()))),
            irons=True,
            besides=make.outward("pocket"),
            stitch=float(TOPSTITCH),
            check=msg(f"step.{words}.check"),
        )
    tack_extras(make, edge, bound)
    pocketed = "no" if make.option("pockets") == "none" else "yes"
    letter = "" if pocketed == "no" else make.piece_of("pocket").letter
    if bound:
        stack = "book-stack" if make.hung else "book-stack-unlined"
        what = msg("book.flaps-pockets", letter=letter) if letter else msg("book.flaps")
        order.add(
            "book-stack",
            "prepare",
            5,
            stack,
            say={"what": what} if make.hung else {"what": what, "back": back_of(make.piece_of("cover"))},
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
            say={"pocketed": pocketed, "letter": letter},
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
        order.seam("flaps-on", flaps, "flaps-on", how=how, say={"letter": letter}, faces=right, check=check)
        trim_corners(make, "trim-corners-whole", "cover", "flap")
        order.add("flaps-turn", "finish", 3, pieces=("flap",), caution=msg("caution.points"), turns=("whole",))
        order.add(
            "cover-edge",
            "sew",
            8,
            "cover-edge-between",
            say={"allowance": make.allowance("top"), **edge, "first": order.manner.hem_first("cover")},
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
