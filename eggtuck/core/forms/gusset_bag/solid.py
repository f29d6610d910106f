"""The sewn form in space."""

from __future__ import annotations

import math
from collections.abc import Callable
from itertools import pairwise

from ...drafting.make import Make
from ...drafting.panel import triangles
from ...moves.folding import ROUND, between, flat_facet, woven
from ...pattern import Span
from ...pattern.solid import Point3
from ...plane import Point, flatten
from .sizes import Ring


def draw_solid(make: Make, ring: Ring, recessed: bool, shaped: bool) -> float:
    """Standing on its gusset: two panels ``g`` apart and the ring between them. A shape of the maker's own is drawn softer than it is
    where the ring turns corners; round a recessed zip the facings reach down and together. Returns what a recess leaves outside (mm3)."""
    own, g, opening = ring.panel, ring.width, ring.opening
    make.soft = shaped or recessed
    half, whole = opening / 2, own.round
    x0, low, x1, high = own.box
    lift = -low

    def rim(along: float, y: float) -> Point3:
        x, up = own.at(along)
        return (x, y, up + lift)

    around = [own.at(whole * i / ROUND) for i in range(ROUND)]
    if shaped:
        around = _thinned(flatten(own.outline, max(0.5, whole / 400)), whole / 140)
    for copy, y in (("front", -g / 2), ("back", g / 2)):
        if shaped:
            for corners in triangles(around):
                flat = [around[i] for i in corners]
                space: list[Point3] = [(x, y, up + lift) for x, up in flat]
                make.facets.append(flat_facet("panel", list(zip(flat, space, strict=True)), copy, smooth=True))
            continue
        for p, q in zip(around, [*around[1:], around[0]], strict=True):
            flat = [(0.0, 0.0), p, q]
            space = [(x, y, up + lift) for x, up in flat]
            make.facets.append(flat_facet("panel", list(zip(flat, space, strict=True)), copy, smooth=True))
    strips = 90 if shaped else max(12, round(ROUND * ring.gusset / whole))
    make.facets += woven(
        "gusset",
        [0.0, g],
        lambda share, y: (ring.gusset * share, y),
        lambda share, y: rim(half + (whole - opening) * share, y - g / 2),
        strips,
    )
    top = max(6, round(ROUND * opening / whole))
    outside = 0.0
    if recessed:
        outside = _facings(make, ring, rim, top)
    else:
        _zip_section(make, ring, rim, 24 if shaped else top)
    middle = (low + high) / 2 + lift
    make.spans += [
        Span("size.diameter", (x0, -g / 2, middle), (x1, -g / 2, middle), x1 - x0),
        Span("size.gusset_width", (0.0, -g / 2, 0.0), (0.0, g / 2, 0.0), g),
        Span("size.opening", rim(-half, 0.0), rim(half, 0.0), opening),
    ]
    return outside


def _zip_section(make: Make, ring: Ring, rim: Callable[[float, float], Point3], strips: int) -> None:
    """The two strips and the zip between them, from the right end of the section to its left."""
    opening, g, z = ring.opening, ring.width, ring.z
    half, width = opening / 2, (ring.width - ring.z) / 2

    def along(share: float, y: float) -> Point:
        return (opening * share, y)

    for copy, sign in (("front", 1.0), ("back", -1.0)):

        def strip(share: float, y: float, sign: float = sign) -> Point3:
            return rim(half - opening * share, sign * (y - g / 2))

        make.facets += woven("zip-strip", [0.0, width], along, strip, strips, copy)
    if z:
        make.facets += woven("zip", [-z / 2, z / 2], along, lambda s, y: rim(half - opening * s, -y), strips)


def _facings(make: Make, ring: Ring, rim: Callable[[float, float], Point3], strips: int) -> float:
    """From the mouth down to the zip, which the two facings meet at; at the gusset's ends they lie as far apart as it is wide. Returns
    what lies between them outside the bag (mm3): across the mouth every section is a trapezoid."""
    g, z, half = ring.width, ring.z, ring.opening / 2
    r = ring.panel.box[2]
    c = r - (make.finished["facing_depth"] or 0.0)
    ends = rim(half, 0.0)[2]
    bottom = c + r

    def flat(share: float, row: float) -> Point:
        x, y = ring.panel.at(half - 2 * half * share)
        return x, y + (min(y, max(c, y - (y - c))) - y) * row

    def space(sign: float) -> Callable[[float, float], Point3]:
        def at(share: float, row: float) -> Point3:
            x, _, up = rim(half - 2 * half * share, 0.0)
            away = abs(2 * share - 1) ** 4
            deep = bottom + (ends - bottom) * away
            apart = z / 2 + (g / 2 - z / 2) * away
            return x, sign * (g / 2 + (apart - g / 2) * row), up + (deep - up) * row

        return at

    sections = []
    for i in range(strips + 1):
        (x, wide, up), (_, near, deep) = (space(1.0)(i / strips, row) for row in (0.0, 1.0))
        sections.append((x, (up - deep) * (wide + near)))
    outside = sum((p + q) / 2 * abs(b - a) for (a, p), (b, q) in pairwise(sections))
    rows = [0.0, 0.5, 1.0]
    for copy, sign in (("front", -1.0), ("back", 1.0)):
        make.facets += woven("facing", rows, flat, space(sign), strips, copy)
    if z:
        make.facets += woven(
            "zip",
            [-z / 2, z / 2],
            lambda share, y: (flat(share, 1.0)[0], y),
            lambda share, y: _across(space(-1.0)(share, 1.0), space(1.0)(share, 1.0), y / z + 0.5),
            strips,
        )
    return outside


def _across(a: Point3, b: Point3, share: float) -> Point3:
    return between(a, b, share)


def _thinned(points: list[Point], least: float) -> list[Point]:
    """Without points that lie closer together than ``least`` on a nearly straight way, for drawing."""
    kept = [points[0]]
    for i in range(1, len(points)):
        a, b, c = kept[-1], points[i], points[(i + 1) % len(points)]
        turn = math.atan2(
            (b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0]),
            (b[0] - a[0]) * (c[0] - b[0]) + (b[1] - a[1]) * (c[1] - b[1]),
        )
        if math.dist(a, b) >= least or abs(turn) > math.radians(12):
            kept.append(b)
    return kept
