"""The order of sewing."""

from __future__ import annotations

from collections.abc import Collection

from ...constructions.mats import Mat, mat_steps
from ...constructions.shared import clip_curve, finish_sewing, fold_handle, start_sewing, trim_corners
from ...constructions.strips import IN_FOUR
from ...drafting.make import Make
from ...making import Look
from ...making.bag_parts import corner_look, turn_through
from ...pattern import EdgeUse, Role
from ...shop import TOPSTITCH, WITHIN
from ...words import Message, Param, msg
from .folded_mat import put_mat_in
from .split_lining import PARTS, join_lining


def _rim_down(make: Make, thing: Message, depth: float) -> None:
    """With the thing in, the rim is folded down over it: the next step needs it there."""
    over = 2 * (make.finished["rim_fold"] or 0.0) - depth
    words = "over" if over >= 0 else "open"
    check = Look(
        msg(f"step.rim-down.check-{words}", width=abs(over)),
        abs(over),
        float(WITHIN),
        (msg("cause.creased-off"),),
        msg("remedy.crease"),
    )
    make.order.add(
        "rim-down",
        "finish",
        2,
        say={"thing": thing},
        pieces=("body",),
        check=check,
        why=msg("step.rim-down.why"),
        out=True,
    )


def add_steps(make: Make, mat: Mat | None) -> None:
    order, by = make.order, {seam.id: seam for seam in make.seams}
    split = make.lined and make.option("flap_pocket") == "in-lining"
    elsewhere: dict[Role, Collection[str]] = {
        "padding": mat.pieces if mat else (),
        "interfacing": PARTS if split else (),
    }
    start_sewing(make, 1, elsewhere=elsewhere)
    right = msg("faces.right-together")
    say: dict[str, Param] = {"layer": msg("mug.inner-bag")}
    depth = make.finished["base_depth"] or 0.0
    edge: dict[str, Param] = {"edge": make.edge_stitch}
    seen = float(TOPSTITCH)
    caught = make.option("carrying") == "in-seam"
    fold_handle(order, 8, closed=None if caught else make.allowance("side"))
    if make.option("pockets") != "none":
        pocket = make.finished["pocket_height"] or 0.0
        order.add(
            "pockets-on",
            "sew",
            8,
            f"pockets-on-{make.option('pockets')}",
            pieces=("pocket", "wrap"),
            layer="outer",
            say={
                "allowance": make.allowance("end"),
                "height": pocket,
                "step": make.finished.get("pocket_step") or 0.0,
                "raw": make.allowance("end") + (make.finished.get("pocket_step") or 0.0),
                "upper": pocket + (make.finished.get("pocket_step") or 0.0),
            },
            stitch=seen,
            hems=("pocket-on",),
            irons=True,
            besides=make.outward("pocket"),
            check=msg("step.pockets-on-one.check" if make.option("pockets") == "one" else "step.pockets-on.check"),
        )
    if split:
        join_lining(make)
    apart = msg("press.open")
    order.seam("bag-sides", [by["side-left"], by["side-right"]], "sides", say=say, faces=right, press=apart, stays=True)
    order.seam("bag-base", [by["base"]], "base", say=say, faces=right, press=apart, stays=True)
    corners = [by["box-left"], by["box-right"]]
    order.seam(
        "bag-corners",
        corners,
        "corners-cut",
        say=say,
        lay=msg("lay.corner-cut", depth=depth, count=2),
        faces=msg("faces.seam-on-seam"),
        press=msg("press.to-base"),
        check=corner_look("step.corners-cut.check", depth),
        stays=True,
    )
    order.add(
        "hem",
        "sew",
        5,
        "plain-hem",
        say={"allowance": make.allowance("top"), **edge, "first": order.manner.hem_first("body")},
        pieces=("body",),
        hems=("hem",),
        stitch=seen,
        check=msg("step.hem.check"),
    )
    if make.option("closure") == "button-loop":
        order.add(
            "loop-in",
            "sew",
            2,
            "loop-in-flap",
            say={"loop": make.sums["loop"].total},
            pieces=("wrap",),
            layer="outer",
            check=msg("step.loop-in.check"),
            parks=msg("loose.loop"),
            tacks=((EdgeUse("wrap", "flap"), 0.5),),
        )
    if caught:
        order.add(
            "handle-tack",
            "sew",
            2,
            pieces=("handle", "wrap"),
            layer="outer",
            check=msg("step.handle-tack.check"),
            parks=msg("loose.handle"),
            lies=("handle", IN_FOUR),
            tacks=_over_the_top(make),
        )
    if make.lined:
        gap = make.gaps[0]
        order.seam(
            "round", [seam for seam in make.seams if seam.id.startswith("round")], "wrap-round", gap=gap, faces=right
        )
        clip_curve(make)
        trim_corners(make, "trim-corners", "wrap")
        turn_through(order, gap)
        order.add(
            "wrap-topstitch",
            "sew",
            5,
            say={**edge, "gap": gap.length},
            pieces=gap.pieces,
            edges=tuple(use for seam in make.seams if seam.id.startswith("round") for use in seam.a),
            stitch=seen,
            why=msg("step.wrap-topstitch.why", padded="yes" if make.spec.stack.of("padding") else "no"),
            closes=True,
            out=True,
        )
    else:
        order.add(
            "wrap-edge",
            "sew",
            8,
            say={"allowance": make.allowance("side"), **edge, "first": order.manner.hem_first("wrap")},
            pieces=("wrap",),
            hems=("wrap-edge",),
            stitch=seen,
        )
    thing = msg(f"object.{make.spec.thing.kind}") if make.spec.thing else msg("object.thing")
    bag_in = "bag-in-rim" if "rim_fold" in make.finished else "bag-in"
    check = msg("step.bag-in.check", thing=thing)
    rims = tuple(use for hem in make.hems if hem.id == "hem" for use in hem.edges)
    sewn = {**edge, "sewn": "hand" if make.by_hand else "machine"}
    order.add("bag-in", "sew", 8, bag_in, say=sewn, pieces=("body", "wrap"), check=check, out=True, edges=rims)
    if "rim_fold" in make.finished:
        _rim_down(make, thing, depth)
    closing, check = f"close-{make.option('closure')}", msg("step.fastener.check")
    order.add(closing, "finish", 4, say={"thing": thing}, pieces=("wrap",), check=check, out=True)
    if not caught:
        say = {"edge": make.edge_stitch, "wide": make.finished["handle_width"] or 0.0}
        order.add(
            "handle-late",
            "sew",
            8,
            say=say,
            pieces=("handle", "wrap"),
            stitch=seen,
            check=msg("step.handle-tack.check"),
            tacks=_over_the_top(make),
            caution=msg("caution.thick"),
            why=msg("step.handle-late.why"),
            out=True,
        )
    if mat is not None:
        mat_steps(make, mat)
    finish_sewing(make, way="folded" if "rim_fold" in make.finished else "")
    if mat is not None:
        put_mat_in(make, mat)


def _over_the_top(make: Make) -> tuple[tuple[EdgeUse, float], ...]:
    """Where both sides of the wrap turn over the top, as shares of the way along them."""
    wrap = make.piece_of("wrap")
    y = next(fold.line.start[1] for fold in wrap.folds if fold.id == "wrap.top")
    share = y / wrap.by_key["right"].length
    return (EdgeUse("wrap", "right"), share), (EdgeUse("wrap", "left"), 1 - share)
