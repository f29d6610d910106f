"""The sewn form in space."""

from __future__ import annotations

import math

from ...drafting.make import Make
from ...moves.carried import Loop, Sewn, band
from ...moves.folding import flat_facet
from ...pattern import Span
from ...plane import Point
from .sizes import Disc


def draw_solid(make: Make, disc: Disc) -> None:
    """Lying flat on its back, a little apart: the front over the back."""
    move = disc.shift / 2
    make.soft = True
    thick = disc.radius * 0.12

    def dome(x: float, y: float, sign: float) -> float:
        away = min(1.0, math.hypot(x, y) / disc.radius)
        return thick * (1 + sign * (1 - away * away))

    def upright(p: Point, at: Point, sign: float) -> tuple[Point, tuple[float, float, float]]:
        return p, (at[0], dome(*at, sign) - thick, at[1])

    shown = []
    for name, shift, sign in (("back", 0.0, 1.0), ("front-upper", -move, -1.0), ("front-lower", move, -1.0)):
        piece = next(p for p in make.pieces if p.id == name)
        points = [s.at(i / 8) for s in piece.stitch_outline for i in (range(8) if s.bulge else (0, 4))]
        middle = (sum(p[0] for p in points) / len(points), sum(p[1] for p in points) / len(points))
        for p, q in zip(points, [*points[1:], points[0]], strict=True):
            shown.append((name, [upright(c, (c[0], c[1] + shift), sign) for c in (p, q, middle)]))
    if disc.z:
        # What is seen of the zip, between the two straight edges.
        wide, less = disc.half_chord(disc.upper), disc.half_chord(disc.lower)
        high, deep, half = disc.upper - move, disc.lower + move, disc.z / 2
        for left, right in ((-1.0, 0.0), (0.0, 1.0)):
            above = [(left * wide, high, half), (right * wide, high, half)]
            below = [(right * less, deep, -half), (left * less, deep, -half)]
            shown.append(("zip", [upright((x, line), (x, y), -1.0) for x, y, line in (*above, *below)]))
    low = min(space[2] for _, corners in shown for _, space in corners)
    for name, corners in shown:
        standing = [(flat, (x, y, z - low)) for flat, (x, y, z) in corners]
        make.facets.append(flat_facet(name, standing, smooth=name != "zip"))
    r = disc.radius
    make.spans += [
        Span("size.diameter", (-r, 0.0, -low), (r, 0.0, -low), 2 * r),
        Span(
            "finished.zip_opening",
            (-r, -thick, -low + (disc.upper + disc.lower) / 2),
            (r, -thick, -low + (disc.upper + disc.lower) / 2),
            2 * disc.half_chord((disc.upper + disc.lower) / 2),
        ),
    ]


def hung(sewn: Sewn, at: Point, wide: float, long: float) -> tuple[Loop, ...]:
    """The loop at the right end of the zip, standing out ``long`` mm."""
    # The rim is drawn in straight parts: where its nearest corner lies.
    corners = [pair for facet in sewn.of("back") for pair in zip(facet.flat, facet.space, strict=True)]
    _, (x, y, z) = min(corners, key=lambda pair: math.dist(pair[0], at))
    return band([(x, y, z - wide / 2), (x, y, z + wide / 2)], (long, 0.0, 0.0))
