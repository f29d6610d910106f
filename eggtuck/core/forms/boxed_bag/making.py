"""The order of sewing a boxed bag, for every way of cutting, boxing and finishing the top."""

from __future__ import annotations

from collections.abc import Collection, Iterable
from typing import Any

from ...constructions.ribbons import fold_of
from ...drafting.spec import Spec
from ...making import Look, Order
from ...making.bag_parts import (
    begin,
    corner_look,
    finish_rim,
    hem_top,
    join_at_rim,
    put_in,
    stiffen_and_mark,
    trim_threads,
)
from ...moves.boxed_shell import Shell
from ...moves.mouth import Mouth
from ...pattern import Gap, Piece, Role, Seam
from ...words import Param, msg
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
            pieces=ids,
            edges=corners,
            caution=msg("caution.blade"),
            check=Look(msg("step.cut-corners.check"), causes=(msg("cause.from-net"),), remedy=msg("remedy.lay-on")),
        )
    stiffen_and_mark(order, pieces, stack, len(outer.copies), flat_lined=mouth.flat_lined)
    caught = tie is not None and options["tie"] == "caught"
    early_hem = not mouth.lined and options["hem_order"] == "before"
    if early_hem and options["cut"] != "two-panels":
        hem_top(order, outer.piece, top_edges, mouth, allowance("top"), flat=True)
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
        )
    if is_long_tube(spec, gap) and gap is not None:
        rims = [seam for seam in seams if seam.id.startswith("rim")]
        long_tube(order, outer, lining, rims, gap, spec)
        _corners(order, outer, "outer", cut_first, allowance("box"))
        _corners(order, lining, "lining", cut_first, allowance("box"))
        finish_rim(order, top_edges, mouth, gap)
        _end(order, spec, tie, caught)
        return
    _tube(order, outer, "outer", options["cut"], None, early_hem, mouth, allowance("top"))
    _corners(order, outer, "outer", cut_first, allowance("box"))
    if mouth.lined:
        _tube(order, lining, "lining", options["cut"], gap, False, mouth, allowance("top"))
        _corners(order, lining, "lining", cut_first, allowance("box"))
        join_at_rim(order, top_edges, mouth, seams, gap, allowance("top"))
    elif not early_hem:
        hem_top(order, outer.piece, top_edges, mouth, allowance("top"), flat=False)
    _end(order, spec, tie, caught)


def _end(order: Order, spec: Spec, tie: float | None, caught: bool) -> None:
    trim_threads(order)
    order.add("press-last", "press", 4, irons=True, out=True)
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
        fold = msg("lay.base-fold", piece=msg("piece.body"), letter="A")
        add(["side-left", "side-right"], "sides", lay=fold)
    elif early_hem:
        add(["side-left"], "first-side", then=("open-flat",))
        hem_top(order, shell.piece, shell.top, mouth, top, flat=True)
        add(["side-right"], "second-side", how=("over-hem",))
        add(["base"], "base")
    else:
        add(["side-left", "side-right"], "sides")
        add(["base"], "base")


def _corners(order: Order, shell: Shell, layer: Role, cut_first: bool, box: float) -> None:
    seams = [seam for seam in shell.seams if seam.id.removeprefix("lining-").startswith("box")]
    role = msg(f"role.{layer}")
    half = shell.size.half
    common: dict[str, Any] = {"layer": layer, "faces": msg("faces.seam-on-seam"), "press": msg("press.to-base")}
    depth = shell.size.depth
    if cut_first:
        lay = msg("lay.corner-cut", depth=depth, count=len(seams))
        order.seam(
            f"{layer}-corners",
            seams,
            "corners-cut",
            say={"layer": role},
            lay=lay,
            check=corner_look("step.corners-cut.check", depth),
            **common,
        )
        return
    order.add(
        f"{layer}-corner-lines",
        "mark",
        3,
        "corner-lines",
        say={"layer": role, "tip": half, "line": shell.size.depth},
        pieces=(shell.piece,),
        layer=layer,
        edges=shell.named(*(edge.key for edge in shell.lines)),
        check=corner_look("step.corner-lines.check", depth),
    )
    order.seam(
        f"{layer}-corners",
        seams,
        "corners-sewn",
        say={"layer": role},
        lay=msg("lay.corner-squashed", count=len(seams)),
        along=msg("along.corner-line", depth=depth, count=len(seams)),
        check=corner_look("step.corners-sewn.check", depth),
        **common,
    )
    order.add(
        f"{layer}-corner-trim",
        "cut",
        1,
        "corner-trim",
        say={"box": box, "layer": role},
        pieces=(shell.piece,),
        layer=layer,
        caution=msg("caution.blade"),
        why=msg("step.corner-trim.why"),
    )
