"""The order of sewing a tube with a round base."""

from __future__ import annotations

from collections.abc import Sequence as Many

from ..frozen import frozen
from ..materials import Stack
from ..moves.mouth import Mouth
from ..objects import Thing
from ..pattern import EdgeUse, Gap, Hem, Piece, Seam
from ..shop import TOPSTITCH
from ..words import Param, msg
from .bag_parts import begin, finish_rim, hem_top, join_at_rim, matched, put_in, stiffen_and_mark, trim_threads
from .order import Order


@frozen
class Drawn:
    """How a collar is drawn together: how long its cord is and how much of that hangs out at each end, how high the collar is, its channel
    where that is narrower, whether it is sewn on ``flat``, and how wide the cord's way out is (mm)."""

    cord: float
    tails: float
    collar: float
    channel: float | None
    flat: bool
    passes: float


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
    long_tube: bool = False,
    drawn: Drawn | None = None,
    *,
    apart: float,
) -> None:
    """Adds the steps from pressing the cloth to putting the thing in; with ``long_tube`` the mouth is joined first, while the walls are flat,
    and outer and lining are closed as one; a drawstring is ``drawn`` so. Clips at the base lie at most so far ``apart`` (mm)."""
    begin(order, pieces, stack)
    stiffen_and_mark(order, [piece for piece in pieces if piece.cuts], stack, 2, flat_lined=mouth.flat_lined)
    top_edge = (EdgeUse("wall", "top"),)
    by_id = {seam.id: seam for seam in seams}
    if long_tube and gap is not None:
        _long_tube(order, by_id, gap, apart)
        finish_rim(order, top_edge, mouth, gap)
    elif mouth.lined:
        _layer(order, by_id["side"], by_id["base"], "outer", None, apart)
        side, base = (by_id.get(f"lining-{name}", by_id[name]) for name in ("side", "base"))
        _layer(order, side, base, "lining", gap, apart)
        join_at_rim(order, top_edge, mouth, seams, gap, top)
    elif mouth.top == "drawstring":
        assert drawn is not None
        if drawn.flat:
            _flat_collar(order, by_id, drawn, apart)
        else:
            _layer(order, by_id["side"], by_id["base"], "outer", None, apart)
            _collar(order, by_id, hems, drawn)
    else:
        _layer(order, by_id["side"], by_id["base"], "outer", None, apart)
        hem_top(order, "wall", top_edge, mouth, top, flat=False)
    trim_threads(order)
    order.add("press-last", "press", 4, "press-last-round", irons=True, out=True)
    put_in(order, thing, None, caught=False)


def _long_tube(order: Order, by_id: dict[str, Seam], gap: Gap, apart: float) -> None:
    """The mouth flat, the long side through both, then both bases."""
    right = msg("faces.right-together")
    order.seam("rim", [by_id["rim"]], "mouth-flat", faces=right, press=msg("press.open"))
    sides = [seam for id, seam in by_id.items() if id in ("side", "lining-side")]
    alike = max(s.allowance for s in sides) - min(s.allowance for s in sides) < 1e-6
    order.seam(
        "long-sides",
        sides,
        "long-side",
        gap=gap,
        layer="both",
        lay=msg("lay.long-tube-wall"),
        along=msg("along.long-tube", allowance=sides[0].allowance) if alike else None,
        faces=right,
        press=msg("press.open"),
    )
    for layer in ("outer", "lining"):
        base = by_id.get("lining-base", by_id["base"]) if layer == "lining" else by_id["base"]
        _base(order, base, layer, apart)


def _layer(order: Order, side: Seam, base: Seam, layer: str, gap: Gap | None, apart: float) -> None:
    say: dict[str, Param] = {"layer": msg(f"role.{layer}")}
    faces = msg("faces.right-together")
    order.seam(
        f"{layer}-side", [side], "tube-side", say=say, gap=gap, layer=layer, faces=faces, press=msg("press.open")
    )
    _base(order, base, layer, apart)


def _base(order: Order, base: Seam, layer: str, apart: float) -> None:
    faces = msg("faces.right-together")
    say: dict[str, Param] = {"layer": msg(f"role.{layer}"), "apart": apart}
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


def _collar(order: Order, seams: dict[str, Seam], hems: Many[Hem], drawn: Drawn) -> None:
    """The collar of a drawstring: its ends, its opening, the seam to the wall, and the casing it becomes."""
    faces = msg("faces.right-together")
    casing = next(hem for hem in hems if hem.id == "casing")
    opening = drawn.passes
    order.seam(
        "collar-ends",
        [seams["collar-side"]],
        "collar-ends",
        say={"opening": opening, "half": opening / 2},
        how=("collar-opening",),
        then=("collar-opening-stitched",),
        layer="outer",
        faces=faces,
        press=msg("press.open"),
        check=msg("step.collar-ends.check"),
    )
    order.seam("collar-on", [seams["collar"]], "collar-on", layer="outer", faces=faces, press=msg("press.to-collar"))
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
    _channel(order, drawn)
    order.add("cord", "finish", 3, say={"cord": drawn.cord}, caution=msg("caution.cord"), out=True)


def _channel(order: Order, drawn: Drawn) -> None:
    """The line that parts a narrower channel off the collar."""
    if drawn.channel is None:
        return
    say: dict[str, Param] = {"channel": drawn.channel}
    check = msg("step.channel.check", channel=drawn.channel)
    order.add(
        "channel",
        "sew",
        4,
        say=say,
        layer="outer",
        pieces=("collar",),
        at=("mark.channel",),
        stitch=TOPSTITCH,
        check=check,
    )


def _flat_collar(order: Order, seams: dict[str, Seam], drawn: Drawn, apart: float) -> None:
    """The other school: collar, casing and cord while the wall is flat, then one side seam through all, the base last."""
    faces = msg("faces.right-together")
    order.seam("collar-on", [seams["collar"]], "collar-on", layer="outer", faces=faces, press=msg("press.to-collar"))
    say: dict[str, Param] = {"across": drawn.passes}
    hole = ("mark.cord-eyelet",)
    order.add("cord-eyelet", "finish", 4, say=say, pieces=("collar",), caution=msg("caution.hammer"), at=hole)
    say = {"depth": drawn.collar}
    order.add(
        "casing",
        "sew",
        5,
        "casing-flat",
        say=say,
        layer="outer",
        pieces=("collar",),
        stitch=TOPSTITCH,
        hems=("casing",),
        check=msg("step.casing.check"),
    )
    _channel(order, drawn)
    order.add(
        "cord",
        "prepare",
        4,
        "cord-flat",
        say={"cord": drawn.cord, "tail": drawn.tails},
        pieces=("collar",),
        caution=msg("caution.cord"),
        check=msg("step.cord-flat.check"),
        parks=msg("loose.cord-loop"),
    )
    order.seam(
        "side",
        [seams["side"], seams["collar-side"]],
        "side-through",
        layer="outer",
        faces=faces,
        lay=msg("lay.side-through"),
        along=msg("along.side-through", allowance=seams["side"].allowance),
        during=("over-cord",),
        press=msg("press.open"),
        check=msg("step.side-through.check"),
        why=msg("step.side-through.why"),
    )
    _base(order, seams["base"], "outer", apart)
