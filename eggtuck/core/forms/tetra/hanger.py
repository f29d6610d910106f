"""The loop at the zip's end: to hold the pouch by while the slider is drawn."""

from __future__ import annotations

import math

from ...constructions.caught import add_hanger
from ...drafting.make import Make
from ...moves.carried import Loop, Sewn, band, spot
from ...plane import Point
from ...words import Message, msg


def hang_loop(make: Make, mouth: str) -> None:
    """Beside the zip, its edge on the zip's seam: at the upper end of the front's right side, or on the flat end where the zip begins."""
    at_side = mouth == "zip-end"
    path = make.piece_of("body").by_key["side-right" if at_side else "flat-left"].path
    zipped, other = (path[-1].end, path[0].start) if at_side else (path[0].start, path[-1].end)
    long, raw = math.dist(zipped, other), make.allowance("zip")

    def at(wide: float) -> tuple[Point, Message]:
        share = min(0.5, wide / 2 / long)
        x, y = (a + (b - a) * share for a, b in zip(zipped, other, strict=True))
        return (x, y), msg("loop.beside-zip", raw=raw + share * long)

    def hung(sewn: Sewn, point: Point, wide: float, out: float) -> tuple[Loop, ...]:
        here, there = (spot(sewn, "body", p) for p in (zipped, other))
        if here is None or there is None:
            return ()
        side = tuple((b - a) / long * wide for a, b in zip(here[0], there[0], strict=True))
        x, y, z = here[0]
        end = (x + side[0], y + side[1], z + side[2])
        return band([here[0], end], (out, 0.0, 0.0) if at_side else (0.0, -out, 0.0))

    add_hanger(make, make.allowance("side" if at_side else "end"), "body", at, hung)
