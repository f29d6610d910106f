"""Loops and tails whose ends lie in a seam: of ribbon, or of a strip of the make's own cloth folded in four."""

from __future__ import annotations

from collections.abc import Callable, Mapping

from ..drafting.description import LengthInput, Option
from ..drafting.make import Make
from ..moves.carried import Loop, Sewn
from ..pattern import Chain, Mark, Need
from ..plane import Point
from ..shop import RIBBON_TURN, TOPSTITCH
from ..words import Message, Param, msg
from .ribbons import add_strip
from .strips import IN_FOUR

When = Mapping[str, tuple[str, ...]]


def hanger_option(when: When | None = None) -> Option:
    """Whether something to hang or to hold it by is caught at the zip's end, and of what."""
    return Option("hanger", ("none", "ribbon-loop", "strip-loop"), "form", when or {})


def hanger_inputs(when: When | None = None) -> tuple[LengthInput, LengthInput]:
    """How far it stands out, and how wide it is."""
    hung = {**(when or {}), "options.hanger": ("ribbon-loop", "strip-loop")}
    return (
        LengthInput("size.loop", 10.0, 400.0, "cloth", "either-way", hung, fixed=True),
        LengthInput("size.loop_width", 4.0, 60.0, "cloth", "either-way", hung, fixed=True),
    )


def add_caught(make: Make, id: str, chain: Chain, wide: float, shown: Callable[[Sewn], tuple[Loop, ...]]) -> None:
    """A strip folded in four and then ``wide`` mm wide, cut ``chain`` long, which ``shown`` draws on the sewn form."""
    cut = make.on_ruler(chain, 0.0, way="up")
    make.sums[f"{id}.cut_width"] = cut
    add_strip(make, id, cut, wide)
    make.carry(id, shown)


def add_hanger(
    make: Make,
    allowance: float,
    piece: str,
    at: Callable[[float], tuple[Point, Message]],
    shown: Callable[[Sewn, Point, float, float], tuple[Loop, ...]],
) -> None:
    """The loop at the zip's end: ``at`` gives, for its width, its middle on the seam of a piece (net) and how that is measured;
    ``shown`` draws it there, so wide and standing out so far."""
    if make.option("hanger") == "none":
        return
    wide = make.ask("loop_width", 10.0, finished=False)
    loop = make.ask("loop", 60.0, finished=False)
    chain = Chain.start(msg("sum.loop-twice"), 2 * loop)
    chain = chain.plus_some(msg("sum.two-allowances", allowance=allowance), 2 * allowance)
    point, datum = at(wide)
    if make.option("hanger") == "strip-loop":
        add_caught(make, "loop", chain, wide, lambda sewn: shown(sewn, point, wide, loop))
    else:
        cut = make.sums["loop"] = make.on_ruler(chain, 0.0, way="up")
        make.needs.append(Need.measured("ribbon", "ribbon", msg("need.loop"), cut.total, wide))
    copy = make.piece_of(piece).copies[0]
    mark = Mark("point", msg("mark.loop"), point=point, datum=datum, role="outer", one=True, copy=copy, seen=True)
    make.mark_on(piece, mark)


def catch_hanger(make: Make, piece: str) -> None:
    """The steps that make it and tack it to the piece it is marked on, once the zip is in."""
    made = make.option("hanger")
    if made == "none":
        return
    strip = made == "strip-loop"
    if strip:
        prepare_strip(make, "loop", "loop-made")
    cut = msg("loop-cut.strip") if strip else msg("loop-cut.ribbon", loop=make.sums["loop"].total)
    on = make.piece_of(piece)
    make.order.add(
        "loop-in",
        "sew",
        2,
        "loop-in-zip",
        say={"cut": cut, "piece": on.name, "letter": on.letter},
        pieces=("loop", piece) if strip else (piece,),
        layer="outer",
        single=((piece, on.copies[0]),) if len(on.copies) > 1 else (),
        check=msg("step.loop-in.check"),
        parks=msg("loose.loop"),
        lies=("loop", 2 * IN_FOUR) if strip else None,
        at=("mark.loop",),
    )


def prepare_strip(make: Make, id: str, words: str) -> None:
    """The step that folds the strip and stitches along it."""
    wide = make.piece_of(id).cut_size[1] / 4
    say: dict[str, Param] = {"edge": make.edge_stitch, "turn": float(RIBBON_TURN), "wide": wide}
    make.order.add(
        f"{id}-strip",
        "prepare",
        5,
        words,
        say=say,
        pieces=(id,),
        hems=(f"{id}-edges",),
        stitch=float(TOPSTITCH),
        irons=True,
        check=msg(f"step.{words}.check", **say),
    )
