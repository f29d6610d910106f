"""The bag, its wrap, its handle and what closes it."""

from __future__ import annotations

import math
from collections.abc import Sequence

from ...constructions.shared import four_fold_handle
from ...drafting.make import Make
from ...drafting.zones import Zone
from ...moves.boxed_shell import Shell, ShellSize, boxed_shell
from ...moves.carried import LIFT, Box, Loop, Sewn, arch, band, laid
from ...moves.outliner import Outliner, rectangle
from ...pattern import Chain, Check, Cut, EdgeUse, Mark, Need, Role
from ...pattern.piece import Fold
from ...plane import Segment, polyline
from ...shop import LOOP_CORD, TAPE_WIDE
from ...words import msg
from .split_lining import add_split_lining

# Of two stacked pockets, how much of its height the one behind stands higher.
STACKED = 0.35


def add_bag(make: Make, size: ShellSize) -> Shell:
    """The inner bag, of the lining's cloth where there is one; its rim is hemmed."""
    role: Role = "lining" if make.lined else "outer"
    shell = boxed_shell("body", size, "two-panels", "cut-first", make.allowance, (role,))
    y = size.half
    marks = [
        Mark(
            "line",
            msg("mark.base-line"),
            polyline([(y, y), (size.panel - y, y)]),
            datum=msg("mark.base-line.datum", height=y, raw=y + make.allowance("base")),
        )
    ]
    marks.append(Mark("notch", msg("mark.centre-top"), point=(size.panel / 2, size.rise)))
    rim, folds = y + size.wall, []
    if size.above:
        folds = [Fold("body.rim", msg("fold.rim"), Segment((0.0, rim), (size.panel, rim)))]
        make.carry("body", lambda _: _folded_down(size))
    make.piece(
        "body",
        "A",
        shell.edges,
        [Cut(role, 2)],
        marks,
        folds,
        lines=shell.lines,
        copies=shell.copies,
        backed=make.lined,
    )
    for seam in shell.seams:
        make.seam(seam.id, seam.a, seam.b, seam.allowance, seam.layers)
    make.hem("hem", shell.top, make.allowance("top"))
    side, box = make.allowance("side"), make.allowance("box")
    make.sums["body.cut_width"] = (
        Chain.start(msg("sum.girth"), size.girth)
        .divided(msg("sum.half"), 2)
        .plus_some(msg("sum.two-side-allowances", allowance=side), 2 * side)
    )
    high = Chain.start(msg("sum.half-base"), size.half).plus(msg("sum.wall"), size.wall)
    high = high.plus_some(msg("sum.rim-fold"), size.above).plus_some(msg("sum.base-allowance"), make.allowance("base"))
    make.sums["body.cut_height"] = high.plus_some(msg("sum.top-allowance"), make.allowance("top"))
    half = Chain.start(msg("sum.base-depth"), size.depth).divided(msg("sum.half"), 2)
    make.sums["cutout.width"] = half.plus_some(msg("sum.side-allowance"), side).minus_some(
        msg("sum.box-allowance"), box
    )
    return shell


def add_wrap(make: Make, width: float, wall: float, depth: float, flap: float, length: float, radius: float) -> None:
    """From the front rim down, under the base, up the back and over the top; y runs that way."""
    side, end = make.allowance("side"), make.allowance("end")
    pen = Outliner("wrap", (0.0, 0.0))
    pen.to("front", (width, 0.0), end)
    pen.to("right", (width, length - radius), side)
    if radius > 1e-6:
        bulge = math.tan(math.pi / 8)
        path = [Segment((width, length - radius), (width - radius, length), bulge)]
        if width - 2 * radius > 1e-6:
            path.append(Segment((width - radius, length), (radius, length)))
        path.append(Segment((radius, length), (0.0, length - radius), bulge))
        pen.path("flap", path, end)
    else:
        pen.to("flap", (0.0, length), end)
    pen.to("left", (0.0, 0.0), side)
    places = (("fold.front-base", wall), ("fold.back-base", wall + depth), ("fold.top", 2 * wall + depth))
    folds = [Fold(f"wrap.{name.removeprefix('fold.')}", msg(name), Segment((0.0, y), (width, y))) for name, y in places]
    marks = [Mark("notch", msg("mark.centre-top"), point=(width / 2, y)) for y in (0.0, length)]
    high = wall + depth
    names: list[EdgeUse] = []
    pockets = make.option("pockets")
    pocket, lows = 0.0, [0.0]
    if pockets != "none":
        share = Chain.start(msg("sum.share-wall"), wall * 0.55)
        stacked = pockets == "two-stacked"
        most = (wall - 10.0) / (1 + STACKED) if stacked else wall - 10.0
        pocket = make.ask("pocket_height", share, high=most, added=2 * end, share=2)
        if stacked:
            # The one behind stands out over the one in front.
            lows.append(make.size("pocket_step", make.spec.on_grid(pocket * STACKED, "down")))
            make.occupy("pocket", "1", Zone(msg("piece.pocket"), (0.0, 0.0, width, pocket - lows[-1])))
        marks += [
            Mark(
                "line",
                msg("mark.pocket-here"),
                polyline([(0.0, high + low + pocket), (width, high + low + pocket)]),
                datum=msg("mark.from-back-base", height=low + pocket, raw=high + low + pocket + end),
                role="outer",
                seen=True,
            )
            for low in lows
        ]
    split = make.lined and make.option("flap_pocket") == "in-lining"
    make.piece("wrap", "B", pen.edges, [Cut("outer", 1)] if split else make.cuts(1), marks, folds, backed=True)
    # Up the back and over the top; before and beyond that the wrap goes down.
    make.upright["wrap"] = high, 2 * (wall + depth)
    if pockets != "none":
        edges = rectangle("pocket", width, 2 * pocket, {"lower": end, "right": side, "upper": end, "left": side})
        fold = Fold("pocket.fold", msg("fold.pocket"), Segment((0.0, pocket), (width, pocket)), True)
        piece = make.piece("pocket", "", edges, [Cut("outer", 2 if pockets == "two-stacked" else 1)], [], [fold])
        names = make.each(piece, "left", "right")
        make.hem("pocket-on", make.each(piece, "lower", "upper"), end)
        make.occupy("wrap", "whole", Zone(piece.name, (0.0, high, width, high + lows[-1] + pocket)))
        make.carry("pocket", lambda sewn: _stacked(sewn, [(0.0, high + y, width, high + y + pocket) for y in lows]))
    add_handle(make)
    ends = [EdgeUse("handle", "end-left"), EdgeUse("handle", "end-right")]
    if make.option("carrying") == "in-seam":
        names += ends
    else:
        make.hem("handle-ends", ends, make.allowance("side"))
    outline = ("front", "right", "flap", "left")
    if make.lined:
        inner: dict[str, tuple[EdgeUse, ...]] = {n: (EdgeUse("wrap", n, layer="lining"),) for n in outline}
        if split:
            lining = add_split_lining(make, width, 2 * wall + depth, length, pen.edges[2].path, radius)
            inner, names = lining.pairs, [*names, *lining.caught]
        at = {side: [use for use in names if use.key.endswith(side)] for side in ("left", "right")}
        pairs = [(EdgeUse("wrap", n, layer="outer"), inner[n]) for n in outline]
        seams = make.seams_apart("round", pairs, ("outer", "lining"), "wrap-round", at)
        seam = next(s for s in seams if any(use.key == "front" for use in s.a))
        make.gap(seam, seam.uses_of("front"), 2 * (width + length))
    else:
        make.hem("wrap-edge", [*(EdgeUse("wrap", name) for name in outline), *names], side)


def add_handle(make: Make) -> None:
    """A strap folded in four, caught at both sides at the top of the back, or closed at its ends and sewn on there when all is done."""
    long = make.ask("handle_length", 260.0, added=2 * make.allowance("side"))
    wide = make.ask("handle_width", 22.0, added=0.0, share=4)
    four_fold_handle(make, long, wide, make.allowance("side"))
    make.carry("handle", lambda sewn: _over_back(sewn, long, wide))
    # Of a cup that is measured its own caution says what cloth is not.
    told = msg("caution.load.cup" if make.spec.thing is None else "caution.load.text")
    make.checks.append(Check("caution.load", "note", msg("caution.load"), told))


def _folded_down(size: ShellSize) -> tuple[Loop, ...]:
    """The rim over the thing, under the flap: the sides below, the back and the front over them."""
    w, h, deep = size.base_width / 2, size.half, size.above
    top = size.wall - LIFT
    sides = (band([(x, -h, top), (x, h, top)], (-math.copysign(deep, x), 0.0, 0.0)) for x in (-w, w))
    faces = (band([(-w, y, z), (w, y, z)], (0.0, -math.copysign(deep, y), 0.0)) for y, z in ((h, top), (-h, size.wall)))
    return tuple(loop for loops in (*sides, *faces) for loop in loops)


def _stacked(sewn: Sewn, boxes: Sequence[Box]) -> tuple[Loop, ...]:
    """The pockets on the back, the first outermost."""
    every = (laid(sewn, "wrap", box, LIFT * (len(boxes) - nth)) for nth, box in enumerate(boxes))
    return tuple(loop for loops in every for loop in loops)


def _over_back(sewn: Sewn, long: float, wide: float) -> tuple[Loop, ...]:
    """The handle, from one side of the back's top to the other."""
    points = [p for facet in sewn.of("wrap") for p in facet.space]
    back, top = max(p[1] for p in points), max(p[2] for p in points)
    left, right = (end(p[0] for p in points) for end in (min, max))
    return arch((left, back, top), (right, back, top), long, wide, max(2 * top, long))


def add_closing(make: Make, width: float) -> None:
    if make.option("closure") == "button-loop":
        button = make.ask("button", 20.0, finished=False)
        # Round a flat button and back, with its thickness, and both ends in the seam.
        loop = Chain.start(msg("sum.button"), button).times(msg("sum.both-sides"), 2).plus(msg("sum.button-thick"), 4.0)
        loop = loop.plus(msg("sum.two-ends"), 2 * make.allowance("end"))
        loop = make.on_ruler(loop, 0.0, way="up")
        make.sums["loop"] = loop
        make.size("loop", loop.total)
        make.needs.append(Need.measured("loop", "cord", msg("need.loop-cord"), loop.total, LOOP_CORD))
        make.needs.append(
            Need.counted("button", "button", msg("need.button"), button, 1, msg("need.across", across=button))
        )
        text = msg("caution.small-parts.text", part=msg("need.button"))
        make.checks.append(Check("caution.button", "note", msg("caution.small-parts"), text))
    else:
        strip = make.spec.on_grid(width * 0.5, "down")
        make.needs.append(Need.measured("hook-and-loop", "hook-and-loop", msg("need.hook-and-loop"), strip, TAPE_WIDE))
