"""The sewn form in space."""

from __future__ import annotations

from ...drafting.make import Make
from ...moves.boxed_shell import Shell, shell_spans
from ...moves.folding import flat_facet
from ...pattern import Span
from ...plane import Point


def draw_solid(
    make: Make, shell: Shell, width: float, wall: float, depth: float, flap: float, length: float, radius: float
) -> None:
    """Exact: the bag and the wrap round it, the flap folded over the top and down the front."""
    make.facets += shell.facets
    w, d = width / 2, depth / 2
    gap = 0.6

    def strip(y0: float, y1: float, a: tuple[float, float], b: tuple[float, float]) -> None:
        flat: list[Point] = [(0.0, y0), (width, y0), (width, y1), (0.0, y1)]
        space = [(-w, *a), (w, *a), (w, *b), (-w, *b)]
        make.facets.append(flat_facet("wrap", list(zip(flat, space, strict=True))))

    front, back = -d - gap, d + gap
    strip(0.0, wall, (front, wall), (front, 0.0))
    strip(wall, wall + depth, (-d, 0.0), (d, 0.0))
    strip(wall + depth, 2 * wall + depth, (back, 0.0), (back, wall))
    over = min(flap, depth)
    top = 2 * wall + depth
    hangs = flap - over
    if hangs > radius:
        strip(top, top + over, (d, wall), (d - over, wall))
        start, turn = top + over, True
    else:
        start, turn = top, False
    outline = [s.at(i / 6) for e in make.pieces if e.id == "wrap" for s in e.by_key["flap"].path for i in range(6)]
    outline.append((0.0, length - radius))
    corners = [(0.0, start), (width, start), *outline]
    placed = []
    for x, y in corners:
        if turn:
            placed.append(((x, y), (x - w, -d - gap, wall - (y - start))))
        else:
            placed.append(((x, y), (x - w, d - (y - start), wall)))
    make.facets.append(flat_facet("wrap", placed))
    make.spans += [
        span for span in shell_spans(shell.size) if make.spec.thing is not None or span.field != "ease.girth"
    ]
    make.spans.append(Span("size.flap", (w, d, wall), (w, d - over, wall), flap))
