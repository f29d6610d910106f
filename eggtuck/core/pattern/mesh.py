"""The sewn surface as a mesh: corners that lie together are one, sides that meet are shared whole, and all faces are wound one way.

Where the surface encloses something its faces look outward, so that it has a volume; every other mesh is wound one way on each part
that hangs together.
"""

from __future__ import annotations

import itertools
import math
from collections import Counter, defaultdict
from collections.abc import Iterator, Mapping, Sequence

import numpy as np
from numpy.typing import NDArray

from ..frozen import frozen
from .solid import Facet

# Corners nearer than this are one (mm).
SAME = 0.02


@frozen(slots=False)
class Mesh:
    """``points`` (n, 3) in mm and ``faces`` (m, 3), each with the number of the ``facet`` it is part of. ``closed`` when every side
    belongs to exactly two faces."""

    points: NDArray[np.float64]
    faces: NDArray[np.int64]
    facet: NDArray[np.int64]
    closed: bool

    @property
    def volume(self) -> float:
        """Enclosed volume (mm3), positive when the faces look outward; of an open mesh it means nothing."""
        a, b, c = (self.points[self.faces[:, i]] for i in range(3))
        return float(np.einsum("ij,ij->i", a, np.cross(b, c)).sum() / 6)


def weld(facets: Sequence[Facet]) -> Mesh:
    """One mesh from the flat parts of a form: corners that fall together are one, and faces that meet are wound alike.

    Args:
        facets: flat parts, corners in space (mm); they may be wound either way.

    Returns:
        The mesh; a closed one looks outward.

    Example:
        >>> from eggtuck.core.pattern import Facet
        >>> a, b, c, d = (0.0, 0.0, 0.0), (6.0, 0.0, 0.0), (0.0, 6.0, 0.0), (0.0, 0.0, 6.0)
        >>> sides = [Facet("body", "whole", (), three) for three in ((a, b, c), (a, b, d), (a, c, d), (b, c, d))]
        >>> mesh = weld(sides)
        >>> mesh.closed, round(mesh.volume, 9)
        (True, 36.0)
    """
    points, loops = _shared(facets)
    met = Counter(frozenset(side) for loop in loops for side in _sides(loop))
    loops = [_with_corners_between(loop, points, met) for loop in loops]
    turned = _wound(loops)
    faces: list[tuple[int, int, int]] = []
    owner: list[int] = []
    middles: list[NDArray[np.float64]] = []
    for number, loop in enumerate(turned):
        fan = _fan(loop, points)
        if fan is None:
            # Corners in a line leave flat triangles from any corner: from the middle none is.
            middle = len(points) + len(middles)
            middles.append(points[loop].mean(axis=0))
            fan = [(middle, a, b) for a, b in zip(loop, [*loop[1:], *loop[:1]], strict=True)]
        faces += fan
        owner += [number] * len(fan)
    points = np.vstack([points, *middles]) if middles else points
    mesh = Mesh(points, np.array(faces, dtype=np.int64), np.array(owner, dtype=np.int64), _closed(faces))
    if mesh.closed and mesh.volume < 0:
        return Mesh(points, mesh.faces[:, ::-1].copy(), mesh.facet, True)
    return mesh


def _shared(facets: Sequence[Facet]) -> tuple[NDArray[np.float64], list[list[int]]]:
    """Corners once each, and every facet as a loop of them, without corners that fall together."""
    cells: dict[tuple[int, int, int], int] = {}
    points: list[tuple[float, float, float]] = []

    def number(p: tuple[float, float, float]) -> int:
        x, y, z = (round(v / SAME) for v in p)
        for dx in (0, -1, 1):
            for dy in (0, -1, 1):
                for dz in (0, -1, 1):
                    found = cells.get((x + dx, y + dy, z + dz))
                    if found is not None:
                        return found
        cells[(x, y, z)] = len(points)
        points.append(p)
        return len(points) - 1

    loops: list[list[int]] = []
    seen: set[frozenset[int]] = set()
    for facet in facets:
        loop = [number(p) for p in facet.space]
        kept = [v for i, v in enumerate(loop) if v != loop[i - 1]]
        # Crossed layers lie on each other: the surface is there once.
        once = len(kept) > 2 and frozenset(kept) not in seen
        seen.add(frozenset(kept))
        loops.append(kept if once else [])
    return np.array(points), loops


def _sides(loop: Sequence[int]) -> Iterator[tuple[int, int]]:
    return zip(loop, [*loop[1:], *loop[:1]], strict=True)


def _with_corners_between(loop: list[int], points: NDArray[np.float64], met: Mapping[frozenset[int], int]) -> list[int]:
    """The loop with every corner of other facets that lies on one of its sides; ``met`` counts the facets along each side."""
    found: list[int] = []
    for a, b in _sides(loop):
        found.append(a)
        if met[frozenset((a, b))] > 1:
            # Another facet ends along the whole of it.
            continue
        way = points[b] - points[a]
        length = float(np.linalg.norm(way))
        low, high = np.minimum(points[a], points[b]) - SAME, np.maximum(points[a], points[b]) + SAME
        near = np.nonzero(((points >= low) & (points <= high)).all(axis=1))[0]
        if len(near) <= 2:
            continue
        along = (points[near] - points[a]) @ way / length
        off = np.linalg.norm(points[near] - points[a] - np.outer(along / length, way), axis=1)
        on = [(t, int(v)) for t, v, o in zip(along, near, off, strict=True) if o < SAME and SAME < t < length - SAME]
        found += [v for _, v in sorted(on)]
    return found


def _wound(loops: list[list[int]]) -> list[list[int]]:
    """Every loop turned so that neighbours run along the side they share in opposite ways."""
    beside: dict[frozenset[int], list[int]] = defaultdict(list)
    for i, loop in enumerate(loops):
        for a, b in zip(loop, [*loop[1:], *loop[:1]], strict=True):
            beside[frozenset((a, b))].append(i)
    turned: dict[int, list[int]] = {}
    for start in range(len(loops)):
        if start in turned:
            continue
        turned[start] = loops[start]
        queue = [start]
        for i in queue:
            loop = turned[i]
            for a, b in zip(loop, [*loop[1:], *loop[:1]], strict=True):
                sharing = beside[frozenset((a, b))]
                if len(sharing) != 2:
                    continue
                j = sharing[0] if sharing[1] == i else sharing[1]
                if j in turned:
                    continue
                other = loops[j]
                same = any(pair == (a, b) for pair in zip(other, [*other[1:], *other[:1]], strict=True))
                turned[j] = other[::-1] if same else other
                queue.append(j)
    return [turned[i] for i in range(len(loops))]


def _fan(loop: list[int], points: NDArray[np.float64]) -> list[tuple[int, int, int]] | None:
    """Triangles of a convex loop from its first corner; None where one of them would be flat."""
    if len(loop) < 3:
        return []
    faces = [(loop[0], loop[i], loop[i + 1]) for i in range(1, len(loop) - 1)]
    if len(faces) == 1:
        return faces
    corners = [points[v].tolist() for v in loop]
    x0, y0, z0 = corners[0]
    out = [(x - x0, y - y0, z - z0) for x, y, z in corners[1:]]
    for (ux, uy, uz), (vx, vy, vz) in itertools.pairwise(out):
        if math.hypot(uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx) <= SAME:
            return None
    return faces


def _closed(faces: Sequence[tuple[int, int, int]]) -> bool:
    counted: dict[tuple[int, int], int] = defaultdict(int)
    for a, b, c in faces:
        for side in ((a, b), (b, c), (c, a)):
            counted[side] += 1
    return bool(faces) and all(n == 1 and counted.get((b, a)) == 1 for (a, b), n in counted.items())
