"""Whether a box or a ball goes into a convex body, whichever way it is turned.

A body with faces ``n_i . x <= d_i`` holds a box turned by ``Q``, somewhere, iff for every choice of weights ``l_i >= 0`` with ``sum
l_i n_i = 0`` and ``sum l_i = 1`` it holds that ``sum l_i (d_i - s_i) >= 0``, where ``s_i = sum_k |n_i . Q e_k| half_k`` is how far the
box reaches toward face ``i`` (duality of linear programs). Only the corners of the set of weights need to be looked at.
"""

from __future__ import annotations

import itertools
import math
from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

Vector = tuple[float, float, float]
Faces = tuple[tuple[Vector, float], ...]
_Array = NDArray[np.float64]
_STARTS, _FINE = 16, 32
_NEIGHBOURS = np.array([v for v in itertools.product((-1.0, 0.0, 1.0), repeat=3) if any(v)])


def largest_ball(faces: Faces) -> float:
    """The largest ball a convex body holds.

    Args:
        faces: ``(outward unit normal, distance from the origin in mm)`` of each face.

    Returns:
        Its diameter (mm).

    Example:
        >>> cube = tuple((tuple(s if k == i else 0.0 for k in range(3)), 10.0) for i in range(3) for s in (1.0, -1.0))
        >>> round(largest_ball(cube), 9)
        20.0
    """
    distances = np.array([d for _, d in faces])
    return 2 * float((_weights(faces) @ distances).min())


@lru_cache(maxsize=512)
def box_room(faces: Faces, box: Vector) -> float:
    """How far every face of a convex body could move in with a box still inside, in the best turn found.

    Args:
        faces: ``(outward unit normal, distance from the origin in mm)`` of each face.
        box: its three sides (mm).

    Returns:
        The room (mm); less than 0 when the box does not go in. The search never claims more than there is, so a box said to fit
        does fit.

    Example:
        >>> cube = tuple((tuple(s if k == i else 0.0 for k in range(3)), 10.0) for i in range(3) for s in (1.0, -1.0))
        >>> round(box_room(cube, (16.0, 16.0, 16.0)), 6), box_room(cube, (21.0, 5.0, 5.0)) > 0
        (2.0, True)
    """
    normals = np.array([n for n, _ in faces])
    distances = np.array([d for _, d in faces])
    weights, halves = _weights(faces), np.array(box) / 2

    def room(angles: _Array) -> _Array:
        reach = np.abs(_turns(angles) @ normals.T)
        s = np.einsum("nkf,k->nf", reach, halves)
        least: _Array = ((distances - s) @ weights.T).min(axis=1)
        return least

    around = np.arange(12) * math.pi / 6
    angles = np.array(list(itertools.product(around, np.arange(5) * math.pi / 8, around[:6])))
    # Turns that the body's own symmetry makes alike have the same room: one of each is enough to start from.
    found, first = np.unique(np.round(-room(angles), 6), return_index=True)
    at, now = angles[first[:_STARTS]], -found[:_STARTS]
    step = np.full(len(at), math.pi / 12)
    for _ in range(_FINE):
        tried = at[:, None] + step[:, None, None] * _NEIGHBOURS
        rooms = room(tried.reshape(-1, 3)).reshape(len(at), -1)
        best = rooms.argmax(axis=1)
        rows = np.arange(len(at))
        better = rooms[rows, best] > now + 1e-9
        at = np.where(better[:, None], tried[rows, best], at)
        now = np.where(better, rooms[rows, best], now)
        step = np.where(better, step, step / 2)
    return float(room(at).max())


def _turns(angles: _Array) -> _Array:
    """The axes of a box turned about z, then x, then z again: ``(turn, axis, xyz)``."""
    (ca, cb, cc), (sa, sb, sc) = np.cos(angles).T, np.sin(angles).T
    axes = [
        [ca * cc - sa * cb * sc, sa * cc + ca * cb * sc, sb * sc],
        [-ca * sc - sa * cb * cc, -sa * sc + ca * cb * cc, sb * cc],
        [sa * sb, -ca * sb, cb],
    ]
    turned: _Array = np.moveaxis(np.array(axes), 2, 0)
    return turned


def _weights(faces: Faces) -> _Array:
    """The corners of the set of weights: they rest on at most four faces."""
    found = []
    for chosen in itertools.combinations(range(len(faces)), 4):
        system = np.vstack([np.array([faces[i][0] for i in chosen]).T, np.ones(4)])
        if abs(np.linalg.det(system)) < 1e-9:
            continue
        shares = np.linalg.solve(system, np.array([0.0, 0.0, 0.0, 1.0]))
        if shares.min() >= -1e-9:
            row = np.zeros(len(faces))
            row[list(chosen)] = np.clip(shares, 0.0, None)
            found.append(row)
    return np.array(found)
