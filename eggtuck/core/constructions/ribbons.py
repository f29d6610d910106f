"""Ribbons: how one of this kind is cut, folded and finished at its ends, so that it shows its right side and does not come apart."""

from __future__ import annotations

from collections.abc import Mapping

from ..drafting.description import Option
from ..making import Order
from ..pattern import Chain
from ..shop import RIBBON_TURN
from ..words import Message, Param, msg

KINDS = ("plain", "one-sided", "wired", "frays")
# Their ends are turned in twice: over the wires, or so that they do not fray.
_TURNED = ("wired", "frays")


def ribbon_option(when: Mapping[str, tuple[str, ...]]) -> Option:
    """What the ribbon is like, asked where there is one."""
    return Option("ribbon", KINDS, "form", when)


def with_ends(chain: Chain, kind: str) -> Chain:
    """The length of a ribbon with what is turned in at both its ends."""
    return chain.plus_some(msg("sum.ribbon-ends", turn=float(RIBBON_TURN)), 4 * RIBBON_TURN if kind in _TURNED else 0.0)


def fold_of(kind: str) -> Message:
    """How it is laid to be caught: folded, or in two halves where a fold would show its wrong side."""
    return msg("ribbon-laid.two" if kind == "one-sided" else "ribbon-laid.fold")


def prepare_ribbon(order: Order, id: str, kind: str, length: float, caught: bool) -> None:
    """The step that cuts it and finishes its ends."""
    words = "ribbon-one-sided-loose" if kind == "one-sided" and not caught else f"ribbon-{kind}"
    say: dict[str, Param] = {"ribbon": length, "turn": float(RIBBON_TURN)}
    caution = msg("caution.wire") if kind == "wired" else None
    order.add(
        id, "prepare", 4 if kind in _TURNED else 2, words, say=say, caution=caution, check=msg("step.ribbon-ends.check")
    )
