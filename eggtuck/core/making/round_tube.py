"""The order of sewing a tube with a round base."""

from __future__ import annotations

from collections.abc import Sequence as Many

from ..materials import Stack
from ..moves.mouth import Mouth
from ..objects import Thing
from ..pattern import EdgeUse, Gap, Hem, Piece, Seam
from ..shop import TOPSTITCH
from ..words import Param, msg
from .bag_parts import begin, hem_top, join_at_rim, matched, put_in, stiffen_and_mark, trim_threads
from .order import Order


def round_tube_steps(
    order: Order,
    pieces: Many[Piece],
    seams: Many[Seam],
    hems: Many[Hem],
    gap: Gap | None,
    stack: Stack,
    mouth: Mouth,
    top: float,
    thing: Thing | None,
) -> None:
    """Adds the steps from pressing the cloth to putting the thing in."""
    begin(order, pieces, stack.quilting)
    stiffen_and_mark(order, [piece for piece in pieces if piece.cuts], stack, 2, flat_lined=mouth.flat_lined)
    top_edge = (EdgeUse("wall", "top"),)
    by_id = {seam.id: seam for seam in seams}
    _layer(order, by_id["side"], by_id["base"], "outer", None)
    if mouth.lined:
        side, base = (by_id.get(f"lining-{name}", by_id[name]) for name in ("side", "base"))
        _layer(order, side, base, "lining", gap)
        join_at_rim(order, top_edge, mouth, seams, gap, top)
    elif mouth.top == "drawstring":
        _collar(order, by_id, hems)
    else:
        hem_top(order, "wall", top_edge, mouth, top, flat=False)
    trim_threads(order)
    order.add("press-last", "press", 4, "press-last-round", caution=msg("caution.iron"), out=True)
    put_in(order, thing, None, caught=False)


def _layer(order: Order, side: Seam, base: Seam, layer: str, gap: Gap | None) -> None:
    say: dict[str, Param] = {"layer": msg(f"role.{layer}")}
    faces = msg("faces.right-together")
    order.seam(
        f"{layer}-side", [side], "tube-side", say=say, gap=gap, layer=layer, faces=faces, press=msg("press.open")
    )
    order.seam(
        f"{layer}-base",
        [base],
        "round-base",
        say=say,
        how=("clip-to-base",),
        layer=layer,
        faces=faces,
        press=msg("press.to-base"),
        check=matched("step.round-base.check"),
        why=msg("step.round-base.why"),
    )


def _collar(order: Order, seams: dict[str, Seam], hems: Many[Hem]) -> None:
    """The collar of a drawstring: its ends, its opening, the seam to the wall, and the casing it becomes."""
    faces = msg("faces.right-together")
    order.seam(
        "collar-ends",
        [seams["collar-side"]],
        "collar-ends",
        then=("collar-opening",),
        layer="outer",
        faces=faces,
        press=msg("press.open"),
        check=msg("step.collar-ends.check"),
    )
    order.seam("collar-on", [seams["collar"]], "collar-on", layer="outer", faces=faces, press=msg("press.to-collar"))
    casing = hems[0]
    order.add(
        "casing",
        "sew",
        5,
        say={"depth": casing.depth},
        layer="outer",
        pieces=("collar",),
        stitch=TOPSTITCH,
        hems=(casing.id,),
        edges=casing.edges,
        check=msg("step.casing.check"),
    )
    order.add("cord", "finish", 3, caution=msg("caution.cord"), out=True)
