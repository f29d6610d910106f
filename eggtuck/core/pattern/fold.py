"""The way from flat pieces to the sewn form: every panel stays rigid and turns about the creases it shares with its neighbours."""

from __future__ import annotations

import math
from collections.abc import Sequence
from itertools import combinations
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from ..frozen import frozen
from ..plane import Point
from .solid import Facet, Solid

Array = NDArray[np.float64]
# Corners of neighbouring panels that lie nearer than this are one corner (mm).
_SAME = 0.05
# Between pieces laid out flat (mm).
_GAP = 25.0
# Shares of the way during which creases are folded, and during which a piece leaves the table for its place.
_FOLDING, _TRAVEL = (0.0, 0.8), (0.15, 1.0)


@frozen
class Crease:
    """A panel and the one it hangs on: the crease between them (net coordinates of the piece) and the angle it is folded by."""

    facet: int
    parent: int
    start: Point
    end: Point
    angle: float


@frozen
class Unit:
    """One cut piece: where it is laid flat (mm), the panel it is carried by, and its creases, each after the one it hangs on."""

    at: Point
    root: int
    creases: tuple[Crease, ...]


def fold_units(solid: Solid) -> list[Unit]:
    """The pieces of a form with their creases, laid out flat in rows.

    Args:
        solid: the sewn form; its facets know where they lie flat.

    Returns:
        A unit for each copy of a piece that hangs together.

    Example:
        >>> from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
        >>> from eggtuck.core.lengths import Ruler
        >>> draft = draft_spec(starting_spec(next(iter(CATALOGUE.values())), Ruler("cm"), None))
        >>> len(fold_units(draft.solid))
        2
    """
    return _units(solid, _poses(solid.facets))


def _units(solid: Solid, poses: _Poses) -> list[Unit]:
    groups: dict[tuple[str, str], list[int]] = {}
    for index, facet in enumerate(solid.facets):
        groups.setdefault((facet.piece, facet.copy), []).append(index)
    units: list[tuple[int, list[Crease], list[int]]] = []
    for members in groups.values():
        left = set(members)
        while left:
            root, creases = _tree(solid.facets, sorted(left), poses)
            units.append((root, creases, sorted(left & {root, *(c.facet for c in creases)})))
            left -= {root, *(c.facet for c in creases)}
    places = _rows([_box(solid.facets, members) for _, _, members in units])
    return [Unit(at, root, tuple(creases)) for (root, creases, _), at in zip(units, places, strict=True)]


def fold_frames(solid: Solid, count: int) -> list[Array]:
    """The way from flat on the table to sewn.

    Args:
        solid: the sewn form.
        count: how many stages, the flat one and the sewn one among them.

    Returns:
        An array of all corners ``(corners, 3)`` for each stage, in the order of the facets (mm). In between every panel keeps its
        shape; a soft form's panels are bent to their last shape little by little.

    Example:
        >>> from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
        >>> from eggtuck.core.lengths import Ruler
        >>> draft = draft_spec(starting_spec(next(iter(CATALOGUE.values())), Ruler("cm"), None))
        >>> flat, sewn = fold_frames(draft.solid, 2)
        >>> bool(abs(flat[:, 2]).max() < 1e-9), bool(sewn[:, 2].max() > 10)
        (True, True)
    """
    shares = np.linspace(0.0, 1.0, count)
    poses = _poses(solid.facets)
    found = _stages(solid, _units(solid, poses), poses, shares)
    bend = np.array([p for facet in solid.facets for p in facet.space]) - found[-1]
    return list(found + bend * (shares**2)[:, None, None])


def _stages(solid: Solid, units: Sequence[Unit], poses: _Poses, shares: Array) -> Array:
    """All corners at each share of the way: ``(share, corner, xyz)``."""
    folded, moved = _eased(shares, *_FOLDING), _eased(shares, *_TRAVEL)
    # How each panel lies on the way, a turn and a shift in one: ``(panel, share, 4, 4)``.
    placed = np.empty((len(solid.facets), len(shares), 4, 4))
    bent = iter(_bends([crease for unit in units for crease in unit.creases], folded))
    for unit in units:
        centre, target = poses.centres[unit.root], poses.targets[unit.root]
        now = _part_turn(poses.turns[unit.root], moved)
        start = centre + np.array([*unit.at, 0.0])
        middle = start + (target - start) * moved[:, None]
        placed[unit.root] = _placing(now, middle - now @ centre)
        for crease in unit.creases:
            placed[crease.facet] = placed[crease.parent] @ next(bent)
    panel = np.repeat(np.arange(len(solid.facets)), [len(facet.flat) for facet in solid.facets])
    flat = np.array([(x, y, 0.0, 1.0) for facet in solid.facets for x, y in facet.flat])
    corners: Array = np.einsum("nsij,nj->sni", placed[panel, :, :3], flat)
    return corners


def _bends(creases: Sequence[Crease], folded: Array) -> Array:
    """What each crease does to the panel that hangs on it: ``(crease, share, 4, 4)``."""
    if not creases:
        return np.empty((0, len(folded), 4, 4))
    a, b = (np.array([(*end, 0.0) for end in ends]) for ends in zip(*((c.start, c.end) for c in creases), strict=True))
    axis = (b - a) / np.linalg.norm(b - a, axis=1)[:, None]
    turns = _about(axis, np.array([crease.angle for crease in creases])[:, None] * folded)
    return _placing(turns, a[:, None] - np.einsum("csij,cj->csi", turns, a))


def _placing(turn: Array, shift: Array) -> Array:
    """A turn and a shift after it as one matrix, for each of many."""
    whole = np.zeros((*shift.shape[:-1], 4, 4))
    whole[..., :3, :3], whole[..., :3, 3], whole[..., 3, 3] = turn, shift, 1.0
    return whole


def _tree(facets: Sequence[Facet], members: Sequence[int], poses: _Poses) -> tuple[int, list[Crease]]:
    """The panel nearest the middle carries the others, each hanging on the first neighbour reached."""
    centres = poses.centres[members]
    away = np.linalg.norm(centres - centres.mean(axis=0), axis=1)
    # Of those alike the first, however the sums were rounded.
    root = members[int(np.argmax(away <= away.min() + _SAME))]
    sides = [(i, *side) for i in members for side in zip(facets[i].flat, _next(facets[i].flat), strict=True)]
    near = _shared_sides(sides)
    found = _spread(root, near)
    if len(found) < len(members) - 1:
        # Somewhere only part of a side is shared.
        for i, shared in _shared_stretches(sides).items():
            near.setdefault(i, []).extend(shared)
        found = _spread(root, near)
    if not found:
        return root, []
    child, parent, start, end = zip(*found, strict=True)
    angles = _angles(poses.turns[[*parent]], poses.turns[[*child]], np.array(start), np.array(end))
    return root, [Crease(*one, angle) for one, angle in zip(found, angles.tolist(), strict=True)]


_Side = tuple[int, Point, Point]
_Near = dict[int, list[_Side]]


def _spread(root: int, near: _Near) -> list[tuple[int, int, Point, Point]]:
    """Each panel that can be reached, with the one it is reached from and the stretch between them, nearest first."""
    found: list[tuple[int, int, Point, Point]] = []
    seen, queue = {root}, [root]
    for at in queue:
        for other, start, end in near.get(at, ()):
            if other not in seen:
                seen.add(other)
                queue.append(other)
                found.append((other, at, start, end))
    return found


def _shared_sides(sides: Sequence[_Side]) -> _Near:
    by_ends: dict[frozenset[tuple[int, int]], list[_Side]] = {}
    for side in sides:
        by_ends.setdefault(frozenset((_snap(side[1]), _snap(side[2]))), []).append(side)
    near: _Near = {}
    for group in by_ends.values():
        (i, a, b), (j, _, _) = group[0], group[-1]
        if i != j:
            near.setdefault(i, []).append((j, a, b))
            near.setdefault(j, []).append((i, a, b))
    return near


def _shared_stretches(sides: Sequence[_Side]) -> _Near:
    near: _Near = {}
    for (i, a, b), (j, c, d) in combinations(sides, 2):
        shared = _overlap(a, b, c, d) if i != j else None
        if shared is not None:
            near.setdefault(i, []).append((j, *shared))
            near.setdefault(j, []).append((i, *shared))
    return near


def _overlap(a: Point, b: Point, c: Point, d: Point) -> tuple[Point, Point] | None:
    """The stretch that two straight edges on one line share, if it is longer than a corner."""
    long = math.dist(a, b)
    if long < _SAME:
        return None
    x, y = (b[0] - a[0]) / long, (b[1] - a[1]) / long

    def along(p: Point) -> float:
        return x * (p[0] - a[0]) + y * (p[1] - a[1])

    if any(abs(x * (p[1] - a[1]) - y * (p[0] - a[0])) > _SAME for p in (c, d)):
        return None
    low, high = max(0.0, min(along(c), along(d))), min(long, max(along(c), along(d)))
    if high - low < 4 * _SAME:
        return None
    return (a[0] + x * low, a[1] + y * low), (a[0] + x * high, a[1] + y * high)


class _Poses(NamedTuple):
    """How panels lie in the sewn form: the rotations that carry them there ``(panel, 3, 3)``, their middles on the piece and in space
    ``(panel, 3)``."""

    turns: Array
    centres: Array
    targets: Array


def _poses(facets: Sequence[Facet]) -> _Poses:
    """Of each the rotation by least squares (Kabsch)."""
    counts = np.array([len(facet.flat) for facet in facets])
    begins = np.cumsum(counts) - counts
    flat = np.array([(x, y, 0.0) for facet in facets for x, y in facet.flat])
    space = np.array([p for facet in facets for p in facet.space])
    centres, targets = (np.add.reduceat(points, begins) / counts[:, None] for points in (flat, space))
    off = (flat - np.repeat(centres, counts, axis=0))[:, :, None] * (space - np.repeat(targets, counts, axis=0))[
        :, None
    ]
    u, _, vt = np.linalg.svd(np.add.reduceat(off, begins))
    # A panel is flat, so that its two sides tell nothing about the third: it is chosen for a rotation.
    side = np.sign(np.linalg.det(u @ vt))
    vt[:, 2] *= np.where(side == 0, 1.0, side)[:, None]
    return _Poses((u @ vt).transpose(0, 2, 1), centres, targets)


def _angles(parents: Array, children: Array, starts: Array, ends: Array) -> Array:
    """The angles from flat by which creases are folded; the panels' rotations ``(crease, 3, 3)``, ends ``(crease, 2)``."""
    axis = (ends - starts) / np.linalg.norm(ends - starts, axis=1)[:, None]
    # How the folded panel's upper side looks, seen from the one it hangs on; up crossed with the axis lies level beside it.
    bent = np.einsum("cji,cj->ci", parents, children[:, :, 2])
    angles: Array = np.arctan2(bent[:, 0] * axis[:, 1] - bent[:, 1] * axis[:, 0], bent[:, 2])
    return angles


def _about(axis: Array, angles: Array) -> Array:
    """Turns about axes through the origin, ``(..., 3)``, each by some angles ``(..., share)`` (Rodrigues)."""
    x, y, z = np.moveaxis(axis, -1, 0)
    none = np.zeros_like(x)
    k = np.stack([none, -z, y, z, none, -x, -y, x, none], axis=-1).reshape(*axis.shape[:-1], 1, 3, 3)
    turned: Array = np.eye(3) + np.sin(angles)[..., None, None] * k + (1 - np.cos(angles))[..., None, None] * (k @ k)
    return turned


def _part_turn(turn: Array, shares: Array) -> Array:
    """Shares of a rotation, about its own axis."""
    cosine = float(np.clip((np.trace(turn) - 1) / 2, -1.0, 1.0))
    angle = float(np.arccos(cosine))
    if angle > np.pi - 1e-6:
        # Half a turn: its axis is what it leaves alone.
        values, vectors = np.linalg.eigh((turn + turn.T) / 2)
        axis = vectors[:, int(np.argmax(values))]
    else:
        axis = np.array([turn[2, 1] - turn[1, 2], turn[0, 2] - turn[2, 0], turn[1, 0] - turn[0, 1]])
        axis = axis / (np.linalg.norm(axis) or 1.0)
    return _about(axis, angle * shares)


def _eased(shares: Array, low: float, high: float) -> Array:
    """How much of a movement is done that begins and ends gently."""
    t = np.clip((shares - low) / (high - low), 0.0, 1.0)
    return t * t * (3 - 2 * t)


def _rows(boxes: Sequence[tuple[float, float, float, float]]) -> list[Point]:
    """Shifts that lay boxes out in rows about the origin, the tallest first."""
    order = sorted(range(len(boxes)), key=lambda i: boxes[i][1] - boxes[i][3])
    sizes = [(x1 - x0, y1 - y0) for x0, y0, x1, y1 in boxes]
    area = sum((w + _GAP) * (h + _GAP) for w, h in sizes)
    wide = max(max(w for w, _ in sizes) + _GAP, 1.5 * area**0.5)
    corners: dict[int, Point] = {}
    x = y = deep = 0.0
    for i in order:
        w, h = sizes[i]
        if x > 0 and x + w > wide:
            x, y, deep = 0.0, y - deep - _GAP, 0.0
        corners[i] = (x, y - h)
        x, deep = x + w + _GAP, max(deep, h)
    right = max(corners[i][0] + sizes[i][0] for i in corners)
    low = min(corner[1] for corner in corners.values())
    return [(corners[i][0] - right / 2 - boxes[i][0], corners[i][1] - low / 2 - boxes[i][1]) for i in range(len(boxes))]


def _box(facets: Sequence[Facet], members: Sequence[int]) -> tuple[float, float, float, float]:
    points = np.array([p for i in members for p in facets[i].flat])
    (x0, y0), (x1, y1) = points.min(axis=0), points.max(axis=0)
    return float(x0), float(y0), float(x1), float(y1)


def _next(points: Sequence[Point]) -> tuple[Point, ...]:
    return (*points[1:], points[0])


def _snap(p: Point) -> tuple[int, int]:
    return round(p[0] / _SAME), round(p[1] / _SAME)
