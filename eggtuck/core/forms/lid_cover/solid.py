"""The sewn form in space."""

from __future__ import annotations

import numpy as np

from ...drafting.make import Make
from ...drafting.panel import Panel
from ...moves.folding import STRIPS, woven_rows
from ...pattern import Span
from ...pattern.solid import Point3
from ...plane import Point
from .sizes import Lid


def draw_solid(make: Make, lid: Lid, drop: float, neck: float, channel: float, frill: float) -> None:
    """Lying on the mouth, drawn in beneath the rim, the frill standing out."""
    make.soft = True
    high = drop + channel + frill * 0.7
    # On its jar or bowl, where there is one.
    up = max(0.0, make.spec.thing.height - high) if make.spec.thing else 0.0
    x0, y0, x1, y1 = lid.mouth.box
    middle = ((x0 + x1) / 2, (y0 + y1) / 2)
    away = max(x1 - x0, y1 - y0) / 2
    standing = neck + lid.mouth.round * frill * 0.7 / away
    # The outline, how much of it there is on the piece and in space, and how high it lies.
    rows: list[tuple[Panel, float, float, float]] = [
        (lid.mouth, 0.01, 0.01, high),
        (lid.mouth, 1.0, 1.0, high),
        (lid.line, 1.0, neck / lid.line.round, high - drop),
        (lid.outer, 1.0, neck / lid.outer.round, high - drop - channel),
        (lid.edge, 1.0, standing / lid.edge.round, 0.0),
    ]
    if frill == 0:
        rows.pop()

    shares = np.arange(STRIPS + 1) / STRIPS
    lines: list[tuple[list[Point], list[Point3]]] = []
    for panel, on_piece, in_space, height in rows:
        away_from = [(x - middle[0], y - middle[1]) for x, y in panel.spots(panel.round * shares)]
        flat = [(middle[0] + x * on_piece, middle[1] + y * on_piece) for x, y in away_from]
        lines.append((flat, [(x * in_space, y * in_space, height + up) for x, y in away_from]))
    make.facets += woven_rows("circle", lines)
    r = (x1 - x0) / 2
    half = (lid.edge.box[2] - lid.edge.box[0]) / 2
    make.spans += [
        Span("size.mouth_diameter", (-r, 0.0, high + up), (r, 0.0, high + up), 2 * r),
        Span("size.drop", (r, 0.0, high + up), (r, 0.0, high + up - drop), drop),
        Span("finished.radius", (-half * 0.6, 0.0, up), (half * 0.6, 0.0, up), half),
    ]
