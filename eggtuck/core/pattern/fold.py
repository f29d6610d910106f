"""The way from flat pieces to the sewn form: every panel stays rigid and turns about the creases it shares with its neighbours."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass
from itertools import combinations

import numpy as np
from numpy.typing import NDArray

from ..plane import Point
from .solid import Facet, Solid

Array = NDArray[np.float64]
# Corners of neighbouring panels that lie nearer than this are one corner (mm).
_SAME = 0.05
# Between pieces laid out flat (mm).
_GAP = 25.0
# Shares of the way during which creases are folded, and during which a piece leaves the table for its place.
_FOLDING, _TRAVEL = (0.0, 0.8), (0.15, 1.0)


@dataclass(frozen=True, slots=True)
class Crease:
    """A panel and the one it hangs on: the crease between them (net coordinates of the piece) and the angle it is folded by."""

    facet: int
    parent: int
    start: Point
    end: Point
    angle: float


@dataclass(frozen=True, slots=True)
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
    groups: dict[tuple[str, str], list[int]] = {}
    for index, facet in enumerate(solid.facets):
        groups.setdefault((facet.piece, facet.copy), []).append(index)
    units: list[tuple[int, list[Crease], list[int]]] = []
    for members in groups.values():
        left = set(members)
        while left:
            root, creases = _tree(solid.facets, sorted(left))
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
    found = _stages(solid, fold_units(solid), shares)
    bend = np.array([p for facet in solid.facets for p in facet.space]) - found[-1]
    return list(found + bend * (shares**2)[:, None, None])


def _stages(solid: Solid, units: Sequence[Unit], shares: Array) -> Array:
    """All corners at each share of the way: ``(share, corner, xyz)``."""
    folded, moved = _eased(shares, *_FOLDING), _eased(shares, *_TRAVEL)
    placed: dict[int, tuple[Array, Array]] = {}
    for unit in units:
        turn, centre, target = _pose(solid.facets[unit.root])
        now = _part_turn(turn, moved)
        start = centre + np.array([*unit.at, 0.0])
        middle = start + (target - start) * moved[:, None]
        placed[unit.root] = (now, middle - now @ centre)
        for crease in unit.creases:
            turn_p, shift_p = placed[crease.parent]
            a = np.array([*crease.start, 0.0])
            axis = np.array([*crease.end, 0.0]) - a
            bent = _about(axis / np.linalg.norm(axis), crease.angle * folded)
            shift = np.einsum("sij,sj->si", turn_p, a - bent @ a) + shift_p
            placed[crease.facet] = (turn_p @ bent, shift)
    corners = []
    for index, facet in enumerate(solid.facets):
        turn, shift = placed[index]
        corners.append(_flat(facet) @ turn.transpose(0, 2, 1) + shift[:, None])
    return np.concatenate(corners, axis=1)


def _tree(facets: Sequence[Facet], members: Sequence[int]) -> tuple[int, list[Crease]]:
    """The panel nearest the middle carries the others, each hanging on the first neighbour reached."""
    poses = {i: _pose(facets[i]) for i in members}
    middle = np.mean([centre for _, centre, _ in poses.values()], axis=0)
    root = min(members, key=lambda i: float(np.linalg.norm(poses[i][1] - middle)))
    sides = [(i, *side) for i in members for side in zip(facets[i].flat, _next(facets[i].flat), strict=True)]
    near = _shared_sides(sides)
    found = _spread(root, near)
    if len(found) < len(members) - 1:
        # Somewhere only part of a side is shared.
        for i, shared in _shared_stretches(sides).items():
            near.setdefault(i, []).extend(shared)
        found = _spread(root, near)
    creases = [
        Crease(child, parent, start, end, _angle(poses[parent][0], poses[child][0], start, end))
        for child, parent, start, end in found
    ]
    return root, creases


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


def _pose(facet: Facet) -> tuple[Array, Array, Array]:
    """The rotation that carries the flat panel to its place, its middle on the piece and in space (least squares)."""
    flat, space = _flat(facet), np.array(facet.space)
    centre, target = flat.mean(axis=0), space.mean(axis=0)
    u, _, vt = np.linalg.svd((flat - centre).T @ (space - target))
    # A panel is flat, so that its two sides tell nothing about the third: it is chosen for a rotation.
    flip = np.diag([1.0, 1.0, float(np.sign(np.linalg.det(u @ vt)) or 1.0)])
    turn: Array = (u @ flip @ vt).T
    return turn, centre, target


def _angle(parent: Array, child: Array, start: Point, end: Point) -> float:
    """The angle from flat by which a crease is folded."""
    axis = np.array([end[0] - start[0], end[1] - start[1], 0.0])
    axis /= np.linalg.norm(axis)
    up = np.array([0.0, 0.0, 1.0])
    bent = parent.T @ child @ up
    return float(np.arctan2(bent @ np.cross(axis, up), bent @ up))


def _about(axis: Array, angles: Array) -> Array:
    """Turns about an axis through the origin, one for each angle (Rodrigues)."""
    x, y, z = axis
    k = np.array([[0.0, -z, y], [z, 0.0, -x], [-y, x, 0.0]])
    turned: Array = np.eye(3) + np.sin(angles)[:, None, None] * k + (1 - np.cos(angles))[:, None, None] * (k @ k)
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


def _flat(facet: Facet) -> Array:
    return np.array([(x, y, 0.0) for x, y in facet.flat])


def _next(points: Sequence[Point]) -> tuple[Point, ...]:
    return (*points[1:], points[0])


def _snap(p: Point) -> tuple[int, int]:
    return round(p[0] / _SAME), round(p[1] / _SAME)
