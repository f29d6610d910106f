"""The sewn form in space."""

from __future__ import annotations

from ...drafting.make import Make
from ...moves.folding import between, flat_facet
from ...pattern import Span
from ...pattern.solid import Point3


def draw_solid(make: Make, mouth: str, w: float, h: float, z: float, depth: float) -> None:
    """Exact: four triangles, cut where the zip begins. C and D end the edge on the table, A and B the upper one."""
    c, d = (-w / 2, 0.0, 0.0), (w / 2, 0.0, 0.0)
    a, b = (0.0, -w / 2, depth), (0.0, w / 2, depth)
    low: Point3 = (0.0, 0.0, 0.0)
    high: Point3 = (0.0, 0.0, depth)
    q = z / 2
    if mouth == "zip-face":
        f = z / w
        for sign, corner in ((1, d), (-1, c)):
            # The half of the tube on one side of the zip; the other half mirrors it round the tube.
            def at(u: float, y: float, sign: int = sign) -> tuple[float, float]:
                return (u if sign > 0 else 2 * w - u, y)

            zip_low, slit, zip_top = between(low, corner, f), between(a, corner, f), between(a, b, f / 2)
            y = h * (1 - f)
            make.facets += [
                flat_facet("body", [(at(q, 0.0), zip_low), (at(w / 2, 0.0), corner), (at(q, y), slit)]),
                flat_facet("body", [(at(q, y), slit), (at(w / 2, 0.0), corner), (at(w, h), b), (at(q, h), zip_top)]),
            ]
            if z:
                side = sign * q
                make.facets += [
                    flat_facet("zip", [((0.0, 0.0), low), ((0.0, side), zip_low), ((y, side), slit), ((h, 0.0), a)]),
                    flat_facet("zip", [((y, side), slit), ((h, side), zip_top), ((h, 0.0), a)]),
                ]
        make.facets.append(flat_facet("body", [((w / 2, 0.0), d), ((3 * w / 2, 0.0), c), ((w, h), b)]))
    else:
        top = h - q
        f = top / h
        left, right = w / 2 * (1 - f), w / 2 * (1 + f)
        for copy, apex, sign in (("front", a, 1), ("back", b, -1)):
            side_l, side_r, leg_l, leg_r = (
                between(high, c, f),
                between(high, d, f),
                between(apex, c, f),
                between(apex, d, f),
            )
            peak = ((w / 2, 0.0), apex)
            make.facets += [
                flat_facet("body", [peak, ((right, top), leg_r), ((left, top), leg_l)], copy),
                flat_facet("body", [((0.0, 0.0), high), peak, ((left, top), leg_l), ((0.0, top), side_l)], copy),
                flat_facet("body", [peak, ((w, 0.0), high), ((w, top), side_r), ((right, top), leg_r)], copy),
            ]
            if z:
                y = sign * q
                make.facets += [
                    flat_facet("zip", [((0.0, y), side_l), ((left, y), leg_l), ((0.0, 0.0), c)]),
                    flat_facet("zip", [((left, y), leg_l), ((right, y), leg_r), ((w, 0.0), d), ((0.0, 0.0), c)]),
                    flat_facet("zip", [((right, y), leg_r), ((w, y), side_r), ((w, 0.0), d)]),
                ]
    make.spans += [
        Span("size.width", c, d, w),
        Span("finished.depth", (w / 2, 0.0, 0.0), (w / 2, 0.0, depth), depth),
        Span("size.height", low, a, h),
    ]
