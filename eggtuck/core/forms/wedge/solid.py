"""The sewn form in space."""

from __future__ import annotations

import math

from ...drafting.make import Make
from ...moves.folding import between, flat_facet
from ...pattern import Span
from .sizes import Wedge, corners_of


def draw_solid(make: Make, size: Wedge) -> None:
    """Exact: base, two faces cut where the zip begins, and two end triangles in halves."""
    # Corners cut as squares on a slanted side pull it out of its shape.
    make.soft = size.square and abs(size.phi - math.pi / 2) > 1e-3
    w, y, d2 = size.bottom, size.depth / 2, size.depth / 2
    half, top_half, high = size.base_width / 2, size.top / 2, size.height
    on_base, inner, on_side = corners_of(size)
    q = size.z / 2
    f = (size.slant - q) / size.slant
    flat_top = size.rise - q
    for copy, s in (("front", -1.0), ("back", 1.0)):
        corners = []
        for sign in (-1.0, 1.0):

            def x(v: float, left: bool = sign < 0) -> float:
                return v if left else w - v

            foot, mid, peak = (sign * half, s * d2, 0.0), (sign * half, 0.0, 0.0), (sign * top_half, 0.0, high)
            edge = between(foot, peak, f)
            # The side seam from the corner to the zip, cut off where the zip begins.
            gone = (flat_top - on_side[1]) / (size.rise - on_side[1])
            seam = between(mid, peak, gone)
            fold_x = inner[0] + (size.side_at(size.rise) - inner[0]) * f
            corners.append((x, foot, mid, peak, edge, seam, fold_x))
            make.facets.append(
                flat_facet(
                    "body",
                    [
                        ((x(inner[0]), y), foot),
                        ((x(fold_x), flat_top), edge),
                        ((x(size.side_at(flat_top)), flat_top), seam),
                        ((x(on_side[0]), on_side[1]), mid),
                    ],
                    copy,
                )
            )
        (lx, lf, _, lp, le, ls, lfx), (rx, rf, _, rp, re, rs, _) = corners
        make.facets += [
            flat_facet(
                "body",
                [((inner[0], y), lf), ((w - inner[0], y), rf), ((rx(lfx), flat_top), re), ((lx(lfx), flat_top), le)],
                copy,
            ),
            flat_facet(
                "body",
                [
                    ((on_base[0], 0.0), (-half, 0.0, 0.0)),
                    ((w - on_base[0], 0.0), (half, 0.0, 0.0)),
                    ((w - inner[0], y), rf),
                    ((inner[0], y), lf),
                ],
                copy,
            ),
        ]
        if q:
            zy = q * -s
            end, tip = size.side_at(flat_top), size.side_at(size.rise)
            make.facets += [
                flat_facet("zip", [((lfx, zy), le), ((w - lfx, zy), re), ((w - tip, 0.0), rp), ((tip, 0.0), lp)]),
                flat_facet("zip", [((end, zy), ls), ((lfx, zy), le), ((tip, 0.0), lp)]),
                flat_facet("zip", [((w - lfx, zy), re), ((w - end, zy), rs), ((w - tip, 0.0), rp)]),
            ]
    if not size.depth:
        # Nothing of a flat one lies under it, nor beside its face.
        make.facets[:] = [facet for facet in make.facets if len({(x, z) for x, _, z in facet.space}) > 2]
    deep = [Span("size.base_depth", (half, -d2, 0.0), (half, d2, 0.0), size.depth)] if size.depth else []
    make.spans += [
        Span("finished.base_width", (-half, -d2, 0.0), (half, -d2, 0.0), size.base_width),
        *deep,
        Span("size.slant", (0.0, -d2, 0.0), (0.0, 0.0, high), size.slant),
        Span("size.top_width", (-top_half, 0.0, high), (top_half, 0.0, high), size.top),
    ]
