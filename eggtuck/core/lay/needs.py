"""A straightforward list of what to have ready, with what to buy."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from ..lengths import Grid, Ruler
from ..materials import Stack
from ..pattern import Hem, Need, Seam
from ..pattern.lay import Lay
from ..shop import (
    CLOTH_MARGIN,
    CLOTH_SOLD,
    EIGHTH_YARD,
    QUARTER_YARD,
    SPOOL,
    THREAD_BY_HAND,
    THREAD_MORE,
    THREAD_PER_SEAM,
)
from ..words import Percent, msg


def cloth_needs(lays: Sequence[Lay], stack: Stack, ruler: Ruler) -> list[Need]:
    """For each cloth that is cut from: the length its lay takes, and what to buy.

    A margin is added for squaring up, and what the cloth loses in its first wash; then the length is rounded as cloth is sold:
    10 cm, or an eighth of a yard.
    """
    sold = Grid(EIGHTH_YARD if ruler.unit == "in" else CLOTH_SOLD)
    found: list[Need] = []
    for lay in lays:
        layer = stack.all(lay.role)[lay.nth]
        if lay.joined:
            note = msg("need.joined", width=layer.width)
        else:
            way = "need.nap" if layer.material.nap else "need.directional"
            note = msg(way if layer.directional else "need.turned" if lay.turned else "need.upright")
        shrink = layer.material.shrink
        if shrink:
            note = msg("need.shrinks", note=note, share=Percent(shrink))
        buy = sold.round(lay.length * (1 + CLOTH_MARGIN) / (1 - shrink), "up")
        id = f"cloth.{lay.role}" + (f".{lay.nth + 1}" if lay.nth else "")
        found.append(Need(id, lay.role, layer.material.name, lay.length, buy, layer.width, note))
    return found


def as_sold(need: Need, ruler: Ruler) -> Need:
    """What is sold by its length, bought to the next 10 cm or quarter yard; anything else as it is."""
    if need.count is not None or need.grams is not None or need.width is not None or need.role == "zip":
        return need
    sold = Grid(QUARTER_YARD if ruler.unit == "in" else CLOTH_SOLD)
    return replace(need, buy=sold.round(need.exact, "up"))


def ribbon_need(length: float, wide: float) -> Need:
    """Ribbon of ``length`` mm, so ``wide``."""
    return Need.measured("ribbon", "ribbon", msg("need.ribbon"), length, wide, msg("need.ribbon.note"))


def thread_need(
    seams: Sequence[Seam],
    hems: Sequence[Hem],
    girth: float,
    spun: str = "polyester",
    by_hand: bool = False,
    heated: bool = False,
) -> Need:
    """Thread for every seam in every layer, the rim's topstitch, and a third more; ``spun`` of cotton where what is ``heated`` or the maker asks for it."""
    sewn = sum(seam.length_a * seam.times for seam in seams)
    sewn += girth * (2 if hems else 1)
    exact = sewn * (THREAD_BY_HAND if by_hand else THREAD_PER_SEAM)
    note = msg("need.thread-heated" if heated else f"need.thread-{spun}")
    return Need("thread", "thread", msg("need.thread"), exact, Grid(SPOOL).round(exact * THREAD_MORE, "up"), note=note)
