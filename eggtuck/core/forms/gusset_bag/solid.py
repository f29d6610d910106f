"""The sewn form in space."""

from __future__ import annotations

import math
from collections.abc import Callable
from itertools import pairwise

import numpy as np
from numpy.typing import NDArray

from ...drafting.make import Make
from ...drafting.panel import Panel, triangles
from ...moves.folding import ROUND, between, woven, woven_rows
from ...pattern import Facet, Span
from ...pattern.mesh import SAME
from ...pattern.solid import Point3
from ...plane import Point
from .sizes import Ring


def draw_solid(make: Make, ring: Ring, recessed: bool, shaped: bool) -> None:
    """Standing on its gusset: two panels ``g`` apart and the ring between them; round a recessed zip the facings reach down and
    together."""
    own, g, opening = ring.panel, ring.width, ring.opening
    make.soft = recessed
    half, whole = opening / 2, own.round
    x0, low, x1, high = own.box
    lift = -low

    def rim(along: float, y: float) -> Point3:
        x, up = own.at(along)
        return (x, y, up + lift)

    # The ring has its corners where the panels have theirs, or the two would not meet.
    along = _shaped_stations(own, half) if shaped else _stations(whole, half)
    around = own.spots(along)
    for copy, y in (("front", -g / 2), ("back", g / 2)):
        if shaped:
            for corners in triangles(around):
                shape = tuple(around[i] for i in corners)
                make.facets.append(
                    Facet("panel", copy, shape, tuple((x, y, up + lift) for x, up in shape), smooth=True)
                )
            continue
        for p, q in zip(around, [*around[1:], around[0]], strict=True):
            shape = ((0.0, 0.0), p, q)
            make.facets.append(Facet("panel", copy, shape, tuple((x, y, up + lift) for x, up in shape), smooth=True))
    below = along[(along >= half) & (along <= whole - half)]
    flat = (below - half) * (ring.gusset / (whole - opening))
    _between_panels(make, ring, "gusset", flat, below, (0.0, g), (-g / 2, g / 2))
    if recessed:
        _facings(make, ring)
    else:
        _zip_section(make, ring, _over_mouth(along, whole, half))
    middle = (low + high) / 2 + lift
    make.spans += [
        Span("size.diameter", (x0, -g / 2, middle), (x1, -g / 2, middle), x1 - x0),
        Span("size.gusset_width", (0.0, -g / 2, 0.0), (0.0, g / 2, 0.0), g),
        Span("size.opening", rim(-half, 0.0), rim(half, 0.0), opening),
    ]


def _stations(whole: float, half: float) -> NDArray[np.floating]:
    """How far along the rim its corners lie that are drawn: evenly, and at both ends of the opening, which lies about where it begins."""
    ends = np.array([half, whole - half])
    step = whole / ROUND
    even = step * np.arange(ROUND)
    clear = np.abs(even[:, None] - ends).min(axis=1) > step / 8
    return np.sort(np.concatenate([even[clear], ends]))


def _shaped_stations(panel: Panel, half: float) -> NDArray[np.floating]:
    """The same of an outline of the maker's own: at its corners, and close enough where it is bent."""
    step, kept = 2 * panel.round / ROUND, [half, panel.round - half]
    kept += [at for at, _ in panel.corners() if min(abs(at - kept[0]), abs(at - kept[1])) > SAME]
    for segment, end in zip(panel.outline, panel.ends, strict=True):
        parts = math.ceil(segment.length / step) if segment.bulge else 1
        for part in range(parts):
            at = end - segment.length * part / parts
            if min(abs(at - other) for other in kept) > step / 4:
                kept.append(at)
    return np.sort(np.array(kept) % panel.round)


def _between_panels(
    make: Make,
    ring: Ring,
    piece: str,
    flat: NDArray[np.floating],
    along: NDArray[np.floating],
    rows: tuple[float, float],
    at: tuple[float, float],
    copy: str = "whole",
) -> None:
    """A strip between the panels: its points ``flat`` along the piece lie ``along`` the outline of the panel, and its two ``rows`` across
    it ``at`` so far from the middle between both."""
    spots, lift = ring.panel.spots(along), -ring.panel.box[1]
    make.facets += woven_rows(
        piece,
        [
            ([(x, row) for x in flat.tolist()], [(x, y, up + lift) for x, up in spots])
            for row, y in zip(rows, at, strict=True)
        ],
        copy,
    )


def _zip_section(make: Make, ring: Ring, along: NDArray[np.floating]) -> None:
    """The two strips and the zip between them, from the right end of the section to its left, with corners so far ``along`` the rim."""
    g, z = ring.width, ring.z
    width = (g - z) / 2
    flat = ring.opening / 2 - along
    for copy, sign in (("front", 1.0), ("back", -1.0)):
        _between_panels(
            make, ring, "zip-strip", flat, along, (0.0, width), (-sign * g / 2, sign * (width - g / 2)), copy
        )
    if z:
        _between_panels(make, ring, "zip", flat, along, (-z / 2, z / 2), (z / 2, -z / 2))


def _within(make: Make, ring: Ring, share: float, row: float) -> Point3:
    """A point of the facing at the back, a share of the way across the mouth and a ``row`` of the way down to the zip, where the two
    facings meet; at the gusset's ends they lie as far apart as it is wide."""
    g, z, half = ring.width, ring.z, ring.opening / 2
    lift = -ring.panel.box[1]
    bottom = 2 * ring.panel.box[2] - (make.finished["facing_depth"] or 0.0)
    ends = ring.panel.at(half)[1] + lift
    x, up = ring.panel.at(half - 2 * half * share)
    away = abs(2 * share - 1) ** 4
    deep = bottom + (ends - bottom) * away
    apart = z / 2 + (g / 2 - z / 2) * away
    return x, g / 2 + (apart - g / 2) * row, up + lift + (deep - up - lift) * row


def recess(make: Make, ring: Ring) -> float:
    """What lies between the facings outside the bag (mm3): across the mouth every section is a trapezoid."""
    sections = []
    for share in _across_mouth(ring):
        (x, wide, up), (_, near, deep) = (_within(make, ring, share, row) for row in (0.0, 1.0))
        sections.append((x, (up - deep) * (wide + near)))
    return sum((p + q) / 2 * abs(b - a) for (a, p), (b, q) in pairwise(sections))


def _over_mouth(along: NDArray[np.floating], whole: float, half: float) -> NDArray[np.floating]:
    """Of the corners along a rim those of its mouth, from its right end to its left (mm from its middle)."""
    return np.concatenate([along[along >= whole - half] - whole, along[along <= half]])[::-1]


def _across_mouth(ring: Ring) -> list[float]:
    """The shares across the mouth at which the panels have their corners."""
    half, whole = ring.opening / 2, ring.panel.round
    return [(half - float(at)) / (2 * half) for at in _over_mouth(_stations(whole, half), whole, half)]


def _facings(make: Make, ring: Ring) -> None:
    """From the mouth down to the zip."""
    strips = _across_mouth(ring)
    z, half = ring.z, ring.opening / 2
    c = ring.panel.box[2] - (make.finished["facing_depth"] or 0.0)

    def flat(share: float, row: float) -> Point:
        x, y = ring.panel.at(half - 2 * half * share)
        return x, y + (min(y, c) - y) * row

    def space(sign: float) -> Callable[[float, float], Point3]:
        def at(share: float, row: float) -> Point3:
            x, y, up = _within(make, ring, share, row)
            return x, sign * y, up

        return at

    for copy, sign in (("front", -1.0), ("back", 1.0)):
        make.facets += woven("facing", [0.0, 0.5, 1.0], flat, space(sign), strips, copy)
    if z:
        # The mouth is drawn shut, beyond the ends of the zip too: so it holds what is told.
        opens = (make.finished["zip_opening"] or 0.0) / max(2 * abs(flat(share, 1.0)[0]) for share in strips)
        make.facets += woven(
            "zip",
            [-z / 2, z / 2],
            lambda share, y: (flat(share, 1.0)[0] * opens, y),
            lambda share, y: between(space(-1.0)(share, 1.0), space(1.0)(share, 1.0), y / z + 0.5),
            strips,
        )
