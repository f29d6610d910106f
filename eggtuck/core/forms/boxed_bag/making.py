"""The order of sewing a boxed bag, for every way of cutting, boxing and finishing the top."""

from __future__ import annotations

from collections.abc import Collection, Iterable
from typing import Any

from ...assembly.bag_parts import begin, hem_top, join_at_rim, put_in, stiffen_and_mark
from ...assembly.sequence import Sequence
from ...drafting.spec import Spec
from ...moves.boxed_shell import Shell
from ...moves.mouth import Mouth
from ...pattern import Gap, Piece, Role, Seam
from ...words import Param, msg


def boxed_bag_steps(
    order: Sequence,
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
    total = begin(order, pieces, stack.quilting)
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
        order.add(
            "cut-corners",
            "cut",
            1.5 * total,
            key[options["cut"]],
            pieces=ids,
            edges=corners,
            caution=msg("caution.blade"),
        )
    stiffen_and_mark(
        order, pieces, stack, len(outer.copies), tie=tie is not None, gap=gap is not None, flat_lined=mouth.flat_lined
    )
    caught = tie is not None and options["tie"] == "caught"
    early_hem = not mouth.lined and options["hem_order"] == "before"
    if early_hem and options["cut"] != "two-panels":
        hem_top(order, outer.piece, top_edges, mouth, allowance("top"), flat=True)
    if caught and tie is not None:
        order.add(
            "ribbon-in", "sew", 2, say={"tie": tie}, pieces=ids[:1], layer="outer", check=msg("step.ribbon-in.check")
        )
    _tube(order, outer, "outer", options["cut"], None, early_hem, mouth, allowance("top"))
    _corners(order, outer, "outer", cut_first, allowance("box"))
    if mouth.lined:
        _tube(order, lining, "lining", options["cut"], gap, False, mouth, allowance("top"))
        _corners(order, lining, "lining", cut_first, allowance("box"))
        join_at_rim(order, top_edges, mouth, seams, gap, allowance("top"))
    elif not early_hem:
        hem_top(order, outer.piece, top_edges, mouth, allowance("top"), flat=False)
    order.add("ends", "finish", 2)
    order.add("press-last", "press", 4, caution=msg("caution.iron"))
    put_in(order, spec.thing, tie, caught)


def _tube(
    order: Sequence, shell: Shell, layer: Role, cut: str, gap: Gap | None, early_hem: bool, mouth: Mouth, top: float
) -> None:
    """Side seams and base seam of one layer, the gap left open where it belongs."""
    by_name = {seam.id.removeprefix("lining-"): seam for seam in shell.seams}
    faces = msg("faces.right-together")
    common: dict[str, Any] = {"layer": layer, "pieces": (shell.piece,), "faces": faces, "press": msg("press.open")}
    here = gap.seam.removeprefix("lining-") if gap and gap.layer == layer else ""

    def add(names: list[str], wording: str) -> None:
        open_here = here in names
        say: dict[str, Param] = {"layer": msg(f"role.{layer}"), "gap": gap.length if gap and open_here else 0.0}
        order.seam(
            f"{layer}-{names[0]}",
            [by_name[name] for name in names],
            wording + ("-gap" if open_here else ""),
            say=say,
            check=msg("step.gap.check", gap=gap.length) if gap and open_here else None,
            **common,
        )

    if cut == "side-fold":
        add(["side"], "side")
        add(["base"], "base")
    elif cut == "base-fold":
        add(["side-left", "side-right"], "sides-base-fold")
    elif early_hem:
        add(["side-left"], "first-side")
        hem_top(order, shell.piece, shell.top, mouth, top, flat=True)
        add(["side-right"], "second-side")
        add(["base"], "base")
    else:
        add(["side-left", "side-right"], "sides")
        add(["base"], "base")


def _corners(order: Sequence, shell: Shell, layer: Role, cut_first: bool, box: float) -> None:
    seams = [seam for seam in shell.seams if seam.id.removeprefix("lining-").startswith("box")]
    role = msg(f"role.{layer}")
    half = shell.size.half
    common: dict[str, Any] = {
        "layer": layer,
        "pieces": (shell.piece,),
        "faces": msg("faces.seam-on-seam"),
        "press": msg("press.to-base"),
    }
    if cut_first:
        order.seam(
            f"{layer}-corners",
            seams,
            "corners-cut",
            say={"layer": role, "depth": shell.size.depth},
            check=msg("step.corners-cut.check"),
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
        check=msg("step.corner-lines.check", line=shell.size.depth),
    )
    order.seam(
        f"{layer}-corners",
        seams,
        "corners-sewn",
        say={"layer": role, "depth": shell.size.depth},
        check=msg("step.corners-sewn.check"),
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
