"""The order of sewing a boxed bag, for every way of cutting, boxing and finishing the top."""

from __future__ import annotations

from collections.abc import Collection, Iterable
from typing import Any

from ...constructions.ribbons import fold_of
from ...constructions.strips import IN_FOUR
from ...drafting.spec import Spec
from ...making import Look, Order
from ...making.bag_parts import begin, finish_rim, hem_top, join_at_rim, put_in, stiffen_and_mark, trim_threads
from ...moves.boxed_shell import Shell
from ...moves.mouth import Mouth
from ...pattern import Gap, Piece, Role, Seam
from ...words import Param, msg
from .corners import close_corners
from .long_tube import is_long_tube, long_tube


def boxed_bag_steps(
    order: Order,
    outer: Shell,
    lining: Shell,
    pieces: Collection[Piece],
    seams: Iterable[Seam],
    gap: Gap | None,
    spec: Spec,
    tie: float | None,
    mouth: Mouth,
) -> None:
    """Adds the steps from pressing the cloth to putting the thing in."""
    options, stack, allowance = spec.options, spec.stack, spec.seam_allowance
    cut_first = options["boxing"] == "cut-first"
    ids = tuple(piece.id for piece in pieces)
    top_edges = outer.top
    total = begin(order, pieces, stack)
    if cut_first:
        corners = outer.named(
            "box-left-upright",
            "box-left-level",
            "box-right-upright",
            "box-right-level",
            "box-fold-level",
            "box-fold-left",
            "box-fold-right",
            "box-left-level-front",
            "box-left-level-back",
            "box-right-level-front",
            "box-right-level-back",
        )
        key = {"two-panels": "cut-corners", "side-fold": "cut-corners-fold", "base-fold": "cut-corners-base"}
        half, box = outer.size.half, allowance("box")
        say: dict[str, Param] = {"wide": half + allowance("side") - box, "high": half + allowance("base") - box}
        say |= {"fold": half - box}
        order.add(
            "cut-corners",
            "cut",
            1.5 * total,
            key[options["cut"]],
            say=say,
            pieces=tuple(dict.fromkeys((outer.piece, lining.piece))),
            edges=corners,
            caution=msg("caution.blade"),
            check=Look(msg("step.cut-corners.check"), causes=(msg("cause.from-net"),), remedy=msg("remedy.lay-on")),
        )
    stiffen_and_mark(order, pieces, stack, len(outer.copies), flat_lined=mouth.flat_lined)
    caught = tie is not None and options["tie"] == "caught"
    early_hem = not mouth.lined and options["hem_order"] == "before"
    if early_hem and options["cut"] != "two-panels":
        hem_top(order, outer.piece, top_edges, mouth, allowance("top"), flat=True, decided="before")
    if caught and tie is not None:
        raw = outer.size.half + tie + outer.low
        order.add(
            "ribbon-in",
            "sew",
            2,
            "ribbon-in" if outer.low else "ribbon-in-fold",
            say={"tie": tie, "raw": raw, "laid": fold_of(options["ribbon"])},
            pieces=ids[:1],
            layer="outer",
            check=msg("step.ribbon-in.check"),
            parks=msg("loose.ribbon"),
            lies=("ribbon", 2 * IN_FOUR) if options["ribbon"] == "made" else None,
            at=("mark.tie",),
        )
    if is_long_tube(spec, gap) and gap is not None:
        rims = [seam for seam in seams if seam.id.startswith("rim")]
        long_tube(order, outer, lining, rims, gap, spec)
        close_corners(order, outer, "outer", cut_first, allowance("box"))
        close_corners(order, lining, "lining", cut_first, allowance("box"))
        finish_rim(order, top_edges, mouth, gap)
        _end(order, spec, tie, caught)
        return
    _tube(order, outer, "outer", options["cut"], None, early_hem, mouth, allowance("top"))
    close_corners(order, outer, "outer", cut_first, allowance("box"))
    if mouth.lined:
        _tube(order, lining, "lining", options["cut"], gap, False, mouth, allowance("top"))
        close_corners(order, lining, "lining", cut_first, allowance("box"))
        join_at_rim(order, top_edges, mouth, seams, gap, allowance("top"))
    elif not early_hem:
        hem_top(order, outer.piece, top_edges, mouth, allowance("top"), flat=False, decided="after")
    _end(order, spec, tie, caught)


def _end(order: Order, spec: Spec, tie: float | None, caught: bool) -> None:
    trim_threads(order)
    words = "press-last-flat" if spec.options["boxing"] == "flat" else "press-last"
    order.add("press-last", "press", 4, words, irons=True, out=True)
    put_in(order, spec.thing, tie, caught)


def _tube(
    order: Order, shell: Shell, layer: Role, cut: str, gap: Gap | None, early_hem: bool, mouth: Mouth, top: float
) -> None:
    """Side seams and base seam of one layer, the gap left open where it belongs."""
    by_name = {seam.id.removeprefix("lining-"): seam for seam in shell.seams}
    faces = msg("faces.right-together")
    common: dict[str, Any] = {"layer": layer, "faces": faces, "press": msg("press.open"), "gap": gap}

    def add(names: list[str], wording: str, **more: Any) -> None:
        say: dict[str, Param] = {"layer": msg(f"role.{layer}")}
        order.seam(f"{layer}-{names[0]}", [by_name[name] for name in names], wording, say=say, **common, **more)

    if cut == "side-fold":
        add(["side"], "side")
        add(["base"], "base")
    elif cut == "base-fold":
        add(["side-left", "side-right"], "sides", lay=msg("lay.base-fold"))
    elif early_hem:
        add(["side-left"], "first-side", then=("open-flat",))
        hem_top(order, shell.piece, shell.top, mouth, top, flat=True, decided="before")
        add(["side-right"], "second-side", how=("over-hem",))
        add(["base"], "base")
    else:
        add(["side-left", "side-right"], "sides")
        add(["base"], "base")
