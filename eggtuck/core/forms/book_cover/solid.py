"""The sewn form in space."""

from __future__ import annotations

from itertools import pairwise

from ...drafting.make import Make
from ...moves.folding import flat_facet
from ...pattern import Span
from ...pattern.solid import Point3
from ...plane import Point


def draw_solid(make: Make, w: float, h: float, spine_w: float, sp: float) -> None:
    """Closed round its book, the spine on the left."""
    left, right = (w - spine_w) / 2, (w + spine_w) / 2
    edge, half = left / 2, spine_w / 2
    back: Point3 = (edge, half, 0.0)
    front: Point3 = (edge, -half, 0.0)
    posts: list[tuple[float, Point3]] = [
        (0.0, back),
        (left, (-edge, half, 0.0)),
        (right, (-edge, -half, 0.0)),
        (w, front),
    ]
    for (x0, p), (x1, q) in pairwise(posts):
        flat: list[Point] = [(x0, 0.0), (x1, 0.0), (x1, h), (x0, h)]
        space: list[Point3] = [p, q, (q[0], q[1], h), (p[0], p[1], h)]
        make.facets.append(flat_facet("cover", list(zip(flat, space, strict=True))))
    make.spans += [
        Span("size.board_width", (-edge, -half, 0.0), front, make.finished["board_width"] or 0.0),
        Span("finished.height", front, (front[0], front[1], h), h),
        Span("size.spine", (-edge, -half, h), (-edge, half, h), sp),
    ]
