"""Parts on the pieces that carry them: where a strap, a pocket or a tab lies, found from where the finished form carries it, or from where it
is tacked to an edge."""

from __future__ import annotations

import math
from collections.abc import Sequence

import numpy as np
import shapely

from ..moves.carried import Loop
from ..pattern import Draft, Edge, Facet, Piece
from ..pattern.solid import Point3, Solid
from ..plane import Point, stretch

# A part lies on one of so many nearest parts of the cloth.
_NEAREST = 6
# What is carried lies this close to the cloth (mm).
_ON = 4.0


def footprint(draft: Draft, part: str, host: str, copy: str) -> tuple[tuple[Point, ...], ...]:
    """The outlines of a part on a copy of a piece, as it lies there; none where it does not lie on it."""
    facets = [f for f in draft.solid.facets if f.piece == host and f.copy == copy]
    loops = [loop for carried in draft.solid.carried if carried.piece == part for loop in carried.loops]
    if not facets or not loops:
        return ()
    corners = np.array([facet.space[0] for facet in facets])
    normals = np.array(
        [np.cross(np.subtract(f.space[1], f.space[0]), np.subtract(f.space[-1], f.space[0])) for f in facets]
    )
    normals /= np.maximum(np.linalg.norm(normals, axis=1), 1e-9)[:, None]
    middles = np.array([np.mean(f.space, axis=0) for f in facets])
    found = []
    for loop in loops:
        away = np.abs(np.einsum("fkj,fj->fk", np.array(loop)[None] - corners[:, None], normals)).max(axis=1)
        near = np.linalg.norm(middles - np.mean(loop, axis=0), axis=1)
        for i in [i for i in np.argsort(near)[:_NEAREST] if away[i] <= _ON]:
            flat = _on(facets[i], loop)
            if flat is not None:
                found.append(shapely.Polygon(flat).buffer(0.3, join_style="mitre"))
                break
    if not found:
        return ()
    whole = shapely.union_all(found).simplify(0.3)
    return tuple(tuple(part.exterior.coords)[:-1] for part in getattr(whole, "geoms", [whole]) if part.area > 4.0)


def turned_down(loops: Sequence[Loop], solid: Solid) -> tuple[Loop, ...]:
    """What stands on an edge, hanging down before it, close to the cloth."""
    foot = min(point[2] for loop in loops for point in loop)
    x, y, _ = np.mean([point for facet in solid.facets for point in facet.space], axis=0)

    def down(point: Point3) -> Point3:
        away = math.hypot(point[0] - x, point[1] - y) or 1.0
        by = 1 + _ON / 2 / away
        return x + (point[0] - x) * by, y + (point[1] - y) * by, 2 * foot - point[2]

    # Turned over, a loop would run the other way round.
    return tuple(tuple(down(point) for point in reversed(loop)) for loop in loops)


def tacked_size(draft: Draft, part: Piece) -> tuple[float, float] | None:
    """How wide and long a part is that is tacked by its foot, folded where it has a fold; None where no edge of it is caught in a seam."""
    foot = next((use.key for seam in draft.seams for use in seam.caught if use.piece == part.id), None)
    if foot is None:
        return None
    x0, y0, x1, y1 = part.stitch_box
    wide = part.by_key[foot].length
    return (wide / 2 if part.folds else wide), (x1 - x0) * (y1 - y0) / wide


def standing_size(draft: Draft, part: Piece) -> tuple[float, float] | None:
    """How wide and long a part is that stands in an edge; None where it is not drawn."""
    loops = next((carried.loops for carried in draft.solid.carried if carried.piece == part.id), ())
    return (math.dist(*loops[0][:2]), math.dist(*loops[0][1:3])) if loops else None


def tacked_ring(edge: Edge, share: float, wide: float, long: float) -> tuple[Point, ...]:
    """The outline of something tacked to an edge, at such a share of the way along it: its foot on the raw edge, lying inward."""
    at = edge.length * share
    near = [*stretch(edge.path, max(0.0, at - wide / 2), min(edge.length, at + wide / 2))]
    if not near:
        return ()
    (ax, ay), (bx, by) = near[0].start, near[-1].end
    length = math.hypot(bx - ax, by - ay) or 1.0
    ux, uy = (bx - ax) / length, (by - ay) / length

    def spot(along: float, across: float) -> Point:
        return ax + ux * along - uy * across, ay + uy * along + ux * across

    return spot(0.0, -edge.allowance), spot(length, -edge.allowance), spot(length, long), spot(0.0, long)


def _on(facet: Facet, loop: Sequence[Point3]) -> list[Point] | None:
    """A loop in the plane of a part of a piece, as it lies on the piece; None where it lies beside it."""
    space, flat = np.array(facet.space), np.array(facet.flat)
    a, i, j = space[0], 1, len(space) - 1
    u, v = space[i] - a, space[j] - a
    basis = np.array([u, v]).T
    shares = np.linalg.lstsq(basis, (np.array(loop) - a).T, rcond=None)[0]
    points = flat[0] + shares[0][:, None] * (flat[i] - flat[0]) + shares[1][:, None] * (flat[j] - flat[0])
    if not shapely.Polygon(flat).buffer(1.0).contains(shapely.MultiPoint(points).centroid):
        return None
    return [(float(x), float(y)) for x, y in points]
