"""The sewn form in space."""

from __future__ import annotations

from ...drafting.make import Make
from ...moves.folding import flat_facet
from ...pattern import Span
from ...plane import Point


def draw_solid(make: Make, b: float, k: float, s: float, height: float) -> None:
    """Exact: the base, four flaps, the top square."""
    h, t = b / 2, k / 2

    def spot(x: float, y: float, second: bool) -> tuple[float, float]:
        return (-y, x) if second else (x, y)

    for copy, second in (("first", False), ("second", True)):
        square: list[Point] = [(0.0, s), (b, s), (b, s + b), (0.0, s + b)]
        low = [(-h, -h), (h, -h), (h, h), (-h, h)]
        make.facets.append(
            flat_facet("panel", [(p, (*spot(*q, second), 0.0)) for p, q in zip(square, low, strict=True)], copy)
        )
        for flat, corners in (
            (
                [(0.0, s), (h - t, 0.0), (h + t, 0.0), (b, s)],
                [(-h, -h, 0.0), (-t, -t, height), (t, -t, height), (h, -h, 0.0)],
            ),
            (
                [(b, s + b), (h + t, 2 * s + b), (h - t, 2 * s + b), (0.0, s + b)],
                [(h, h, 0.0), (t, t, height), (-t, t, height), (-h, h, 0.0)],
            ),
        ):
            placed = [(p, (*spot(x, y, second), z)) for p, (x, y, z) in zip(flat, corners, strict=True)]
            make.facets.append(flat_facet("panel", placed, copy))
    corners2 = [(0.0, 0.0), (k, 0.0), (k, k), (0.0, k)]
    make.facets.append(flat_facet("top", [(p, (p[0] - t, p[1] - t, height)) for p in corners2]))
    make.spans += [
        Span("size.base_side", (-h, -h, 0.0), (h, -h, 0.0), b),
        Span("size.top_side", (-t, -t, height), (t, -t, height), k),
        Span("finished.height", (h, 0.0, 0.0), (h, 0.0, height), height),
        Span("size.slant", (0.0, -h, 0.0), (0.0, -t, height), s),
    ]
