"""The sewn form in space."""

from __future__ import annotations

import math

from ...drafting.make import Make
from ...moves.folding import woven
from ...pattern import Span
from ...pattern.solid import Point3
from ...plane import Point


def draw_solid(make: Make, girth: float, wide: float, length: float) -> None:
    """Round at the mouth, flat at the closed end; straight lines run between the two."""
    r, half = wide / (2 * math.pi), girth / 4
    make.soft = True

    def flat(share: float, up: float) -> Point:
        w = girth + (wide - girth) * up
        return (w * (share - 0.5), length * up)

    def space(share: float, up: float) -> Point3:
        turn = math.pi * (2 * share - 0.5)
        line = (abs(((2 * share) % 2) - 1) - 0.5) * -2 * half
        x = line * (1 - up) + r * math.sin(turn) * up
        return (x, r * math.cos(turn) * up, length * up)

    make.facets += woven("body", [0.0, 0.25, 0.5, 0.75, 1.0], flat, space)
    make.spans += [
        Span("size.length", (max(r, half), 0.0, 0.0), (max(r, half), 0.0, length), length),
        Span("size.girth", (-half, 0.0, 0.0), (half, 0.0, 0.0), girth),
        Span("size.girth_mouth", (-r, 0.0, length), (r, 0.0, length), wide),
    ]
    if make.spec.thing is not None:
        make.spans.append(Span("ease.girth", (-r, 0.0, length * 0.55), (r, 0.0, length * 0.55), girth))
