"""Ways of getting a form's figures from its pieces and its sewn surface alone."""

from __future__ import annotations

import math

import numpy as np


def facet_corners(draft):
    return [np.array(facet.space) for facet in draft.solid.facets]


def convex_volume(draft, only=None):
    """Volume (ml) of a convex form from its flat parts: the sum of cones from a point inside. Parts seen twice, such as crossed
    layers, are counted once."""
    corners = [np.array(f.space) for f in draft.solid.facets if only is None or f.piece in only]
    middle = np.mean(np.concatenate(corners), axis=0)
    total, seen = 0.0, set()
    for points in corners:
        key = tuple(sorted(tuple(np.round(p, 4) + 0.0) for p in points))
        if key in seen:
            continue
        seen.add(key)
        for i in range(1, len(points) - 1):
            a, b, c = points[0] - middle, points[i] - middle, points[i + 1] - middle
            total += abs(np.dot(a, np.cross(b, c))) / 6
    return total / 1000


def surface_area(draft, pieces):
    """Area (mm2) of the shown surface of some pieces."""
    total = 0.0
    for facet in draft.solid.facets:
        if facet.piece in pieces:
            points = np.array(facet.space)
            for i in range(1, len(points) - 1):
                total += np.linalg.norm(np.cross(points[i] - points[0], points[i + 1] - points[0])) / 2
    return total


def cayley_menger(ab, ac, ad, bc, bd, cd):
    """Volume of a tetrahedron from its six edges (mm3)."""
    table = np.array(
        [
            [0, 1, 1, 1, 1],
            [1, 0, ab**2, ac**2, ad**2],
            [1, ab**2, 0, bc**2, bd**2],
            [1, ac**2, bc**2, 0, cd**2],
            [1, ad**2, bd**2, cd**2, 0],
        ]
    )
    return math.sqrt(max(0.0, np.linalg.det(table) / 288))


def bisect(f, low, high, rounds=200):
    """Where ``f`` changes its sign."""
    below = f(low) < 0
    for _ in range(rounds):
        middle = (low + high) / 2
        if (f(middle) < 0) == below:
            low = middle
        else:
            high = middle
    return (low + high) / 2


def trilaterate(points, distances, up=True):
    """The point with these distances from three points; the upper of the two."""
    p1, p2, p3 = (np.array(p, float) for p in points)
    ex = (p2 - p1) / np.linalg.norm(p2 - p1)
    i = ex @ (p3 - p1)
    ey = p3 - p1 - i * ex
    ey /= np.linalg.norm(ey)
    ez = np.cross(ex, ey)
    d, j = np.linalg.norm(p2 - p1), ey @ (p3 - p1)
    r1, r2, r3 = distances
    x = (r1**2 - r2**2 + d**2) / (2 * d)
    y = (r1**2 - r3**2 + i**2 + j**2) / (2 * j) - i / j * x
    z = math.sqrt(max(0.0, r1**2 - x**2 - y**2))
    both = [p1 + x * ex + y * ey + s * z * ez for s in (1, -1)]
    return max(both, key=lambda p: p[2]) if up else min(both, key=lambda p: p[2])


def net(draft, piece):
    """The corners of a piece's net outline."""
    return [s.start for s in next(p for p in draft.pieces if p.id == piece).stitch_outline]


def piece(draft, id):
    return next(p for p in draft.pieces if p.id == id)


def checks(draft):
    return {check.id: check for check in draft.checks}


def problem(spec):
    """The field and message of the first problem of a spec that cannot be drafted."""
    from eggtuck.core.forms import draft_spec
    from eggtuck.core.pattern import SpecError

    try:
        draft_spec(spec)
    except SpecError as error:
        return error.problems[0].field, error.problems[0].message.id
    return None
