"""Ribbons: how one of this kind is cut, folded and finished at its ends, so that it shows its right side and does not come apart; bought, or made of
a strip folded in four."""

from __future__ import annotations

from collections.abc import Mapping

from ..drafting.description import LengthInput, Option
from ..drafting.make import Make
from ..making import Order
from ..moves.carried import Loop, Sewn, spot, tails, top_ends
from ..moves.outliner import rectangle
from ..pattern import Chain, Cut
from ..plane import Point
from ..shop import RIBBON_TURN, TOPSTITCH
from ..words import Message, Param, msg
from .strips import fold_marks

KINDS = ("plain", "one-sided", "wired", "frays", "made")
# Their ends are turned in twice: over the wires, or so that they do not fray.
_TURNED = ("wired", "frays")


def ribbon_option(when: Mapping[str, tuple[str, ...]]) -> Option:
    """What the ribbon is like, asked where there is one."""
    return Option("ribbon", KINDS, "form", when)


def ribbon_wide(when: Mapping[str, tuple[str, ...]]) -> LengthInput:
    """How wide it is."""
    return LengthInput("size.ribbon_width", 4.0, 80.0, "cloth", "either-way", when, fixed=True)


def with_ends(chain: Chain, kind: str) -> Chain:
    """The length of a ribbon with what is turned in at both its ends: twice, or once where a strip is folded in four round it."""
    if kind == "made":
        return chain.plus(msg("sum.strip-ends", turn=float(RIBBON_TURN)), 2 * RIBBON_TURN)
    return chain.plus_some(msg("sum.ribbon-ends", turn=float(RIBBON_TURN)), 4 * RIBBON_TURN if kind in _TURNED else 0.0)


def fold_of(kind: str) -> Message:
    """How it is laid to be caught: folded, or in two halves where a fold would show its wrong side."""
    return msg("ribbon-laid.two" if kind == "one-sided" else "ribbon-laid.fold")


def add_ribbon(make: Make, id: str, chain: Chain, wide: float, piece: str, at: Point) -> None:
    """A made ribbon's strip, ``chain`` long and ``4 w`` wide; its tails are drawn hanging from a point of a piece (net, mm)."""
    add_strip(make, id, chain, wide)

    def shown(sewn: Sewn) -> tuple[Loop, ...]:
        found = spot(sewn, piece, at) or (top_ends(sewn)[0], (0.0, -1.0, 0.0))
        return tails(*found, wide, chain.total / 4)

    make.carry(id, shown)


def add_strip(make: Make, id: str, chain: Chain, wide: float) -> None:
    """The piece of a strip that is folded in four and then ``wide`` (mm)."""
    edges = rectangle(id, chain.total, 4 * wide, dict.fromkeys(("lower", "right", "upper", "left"), 0.0))
    strip = make.piece(
        id, "", edges, [Cut(make.role("contrast"), 1)], fold_marks(chain.total, wide), join_loss=4 * wide
    )
    make.hem(f"{id}-edges", make.each(strip), 0.0)


def prepare_ribbon(
    order: Order, id: str, kind: str, length: float, caught: bool, strip: str = "ribbon", wide: float = 0.0
) -> None:
    """The step that cuts it and finishes its ends; or that makes it ``wide`` of its ``strip``."""
    if kind == "made":
        made: dict[str, Param] = {"turn": float(RIBBON_TURN), "edge": order.manner.edge, "wide": wide}
        made["ribbon"] = length - 2 * RIBBON_TURN
        order.add(
            id,
            "sew",
            10,
            "ribbon-made",
            say=made,
            pieces=(strip,),
            hems=(f"{strip}-edges",),
            stitch=float(TOPSTITCH),
            irons=True,
            check=msg("step.ribbon-made.check", **made),
        )
        return
    words = "ribbon-one-sided-loose" if kind == "one-sided" and not caught else f"ribbon-{kind}"
    say: dict[str, Param] = {"ribbon": length, "turn": float(RIBBON_TURN)}
    caution = msg("caution.wire") if kind == "wired" else None
    turned, check = kind in _TURNED, msg("step.ribbon-ends.check")
    stitch = float(TOPSTITCH) if turned else None
    order.add(id, "prepare", 4 if turned else 2, words, say=say, stitch=stitch, caution=caution, check=check)
