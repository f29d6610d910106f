"""The lower corners of one cloth: cut first, or sewn and trimmed; of a flat base only trimmed."""

from __future__ import annotations

from typing import Any

from ...making import Order
from ...making.bag_parts import corner_look
from ...moves.boxed_shell import Shell
from ...pattern import Role
from ...words import msg


def close_corners(order: Order, shell: Shell, layer: Role, cut_first: bool, box: float) -> None:
    """Adds the steps that close the corners of a shell, ``box`` mm of allowance left where they are trimmed."""
    seams = [seam for seam in shell.seams if seam.id.removeprefix("lining-").startswith("box")]
    role = msg(f"role.{layer}")
    half = shell.size.half
    common: dict[str, Any] = {"layer": layer, "faces": msg("faces.seam-on-seam"), "press": msg("press.to-base")}
    depth = shell.size.depth
    if not depth:
        # Nothing is boxed: the two corners at the foot are trimmed, or their points cannot be pushed out.
        foot = shell.named("base", "base-left", "base-right")
        blade = msg("caution.blade")
        words = "foot-corners" if foot else "foot-corners-fold"
        order.add(
            f"{layer}-corners",
            "cut",
            1,
            words,
            say={"layer": role},
            pieces=(shell.piece,),
            layer=layer,
            edges=foot + shell.named(*(edge.key for edge in shell.edges if edge.key.startswith("side"))),
            caution=blade,
            cuts="corners",
        )
        return
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
        cuts="beside",
    )
