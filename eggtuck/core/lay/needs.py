"""A straightforward list of what to have ready, with what to buy."""

from __future__ import annotations

import math
from collections.abc import Mapping, Sequence
from typing import Literal

from ..lengths import Grid, Ruler
from ..materials import Layer, Stack
from ..pattern import Hem, Need, Piece, Role, Seam
from ..shop import (
    CLOTH_MARGIN,
    CLOTH_SOLD,
    EIGHTH_YARD,
    QUARTER_YARD,
    SELVEDGE,
    SPOOL,
    THREAD_BY_HAND,
    THREAD_MORE,
    THREAD_PER_SEAM,
)
from ..words import Percent, msg


def cloth_needs(
    pieces: Sequence[Piece], stack: Stack, ruler: Ruler, over: Mapping[Role, float] | None = None
) -> list[Need]:
    """For each layer: length of cloth its pieces take in rows across the width, and what to buy.

    Pieces lie upright in rows; without a direction they may be turned where that saves cloth. A margin is
    added for squaring up, and what the cloth loses in its first wash; then the length is rounded as cloth is sold:
    10 cm, or an eighth of a yard. ``over`` tells by role how much larger all round pieces are cut for quilting (mm).
    """
    sold = Grid(EIGHTH_YARD if ruler.unit == "in" else CLOTH_SOLD)
    found: list[Need] = []
    counted: dict[str, int] = {}
    for layer in stack.layers:
        exact = 0.0
        joined = turned = False
        nth = counted.get(layer.role, 0)
        counted[layer.role] = nth + 1
        for piece in pieces:
            for cut in piece.cuts:
                if cut.role == layer.role and cut.nth == nth:
                    # What is cut larger already is quilted when it is cut.
                    more = (over or {}).get(layer.role, 0.0) if cut.inset >= 0 else 0.0
                    width, height = (side + 2 * more for side in piece.size_for(cut))
                    worked = piece.over(cut)
                    count = cut.count - len(worked)
                    length, way = _rows(width, height, count, layer, piece.join_loss) if count else (0.0, "upright")
                    exact += length
                    for mm in worked:
                        length, way = _rows(width + 2 * mm, height + 2 * mm, 1, layer, piece.join_loss)
                        exact += length
                    joined = joined or way == "joined"
                    turned = turned or way == "turned"
        if exact == 0:
            continue
        if joined:
            note = msg("need.joined", width=layer.width)
        else:
            note = msg("need.directional" if layer.directional else "need.turned" if turned else "need.upright")
        shrink = layer.material.shrink
        if shrink:
            note = msg("need.shrinks", note=note, share=Percent(shrink))
        buy = sold.round(exact * (1 + CLOTH_MARGIN) / (1 - shrink), "up")
        material = layer.material.name
        id = f"cloth.{layer.role}" + (f".{nth + 1}" if nth else "")
        found.append(Need(id, layer.role, material, exact, buy, layer.width, note))
    return found


def _rows(
    width: float, height: float, count: int, layer: Layer, join_loss: float | None
) -> tuple[float, Literal["upright", "turned", "joined"]]:
    """Length along the roll for ``count`` pieces side by side, and how they lie."""
    usable = layer.width - 2 * SELVEDGE
    ways: list[tuple[float, float, Literal["upright", "turned"]]] = [(width, height, "upright")]
    if not layer.directional:
        ways.append((height, width, "turned"))
    found: list[tuple[float, Literal["upright", "turned", "joined"]]] = [
        (math.ceil(count / int(usable // w)) * h, way) for w, h, way in ways if w <= usable
    ]
    if join_loss is not None and width > usable:
        # A strip longer than the cloth is wide is joined rather than cut along the roll.
        found.append((count * strips_needed(width, layer.width, join_loss) * height, "joined"))
    elif not found:
        # Wider than its cloth whichever way: widths of cloth are joined first.
        found.append((count * math.ceil(width / usable) * height, "joined"))
    return min(found, key=lambda item: item[0])


def strips_needed(length: float, width: float, lost: float) -> int:
    """How many strips from selvedge to selvedge of cloth ``width`` mm wide make a strip of ``length`` mm, when each join takes
    ``lost`` mm: ``n u - (n - 1) lost >= length`` with ``u`` between the selvedges."""
    usable = width - 2 * SELVEDGE
    return max(1, math.ceil((length - lost) / max(1.0, usable - lost) - 1e-9))


def ribbon_need(length: float, ruler: Ruler) -> Need:
    """Ribbon of ``length`` mm, bought to the next 10 cm or quarter yard."""
    sold = Grid(QUARTER_YARD if ruler.unit == "in" else CLOTH_SOLD)
    return Need("ribbon", "ribbon", msg("need.ribbon"), length, sold.round(length, "up"), note=msg("need.ribbon.note"))


def thread_need(
    seams: Sequence[Seam], hems: Sequence[Hem], girth: float, spun: str = "polyester", by_hand: bool = False
) -> Need:
    """Thread for every seam in every layer, the rim's topstitch, and a third more; ``spun`` of cotton where heat or the maker asks for it."""
    sewn = sum(seam.length_a * seam.times for seam in seams)
    sewn += girth * (2 if hems else 1)
    exact = sewn * (THREAD_BY_HAND if by_hand else THREAD_PER_SEAM)
    note = msg(f"need.thread-{spun}")
    return Need("thread", "thread", msg("need.thread"), exact, Grid(SPOOL).round(exact * THREAD_MORE, "up"), note=note)
