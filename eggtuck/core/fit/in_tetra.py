"""Whether a box or a ball goes into a tetrahedron.

A convex body with faces ``n_i . x <= d_i`` of areas ``A_i`` holds a box turned by a rotation ``Q``, somewhere, iff ``sum A_i
(d_i - s_i) >= 0`` with ``s_i = sum_k |n_i . Q e_k| half_k`` (a tetrahedron: ``sum A_i n_i = 0``). Our four faces are alike, so the
box fits iff the least ``sum_i s_i`` over all turns is at most ``3V/A = w H/h``.
"""

from __future__ import annotations

import math

from .in_convex import Vector, box_room


def face_normals(w: float, h: float) -> tuple[Vector, ...]:
    """Outward unit normals of a tetrahedron pouch; its two flat edges lie along x and y.

    Args:
        w, h: its width and height when flat (mm).

    Example:
        >>> [tuple(round(v, 3) for v in normal) for normal in face_normals(100.0, 100.0)][0]
        (0.0, 0.866, -0.5)
    """
    depth = math.sqrt(h * h - w * w / 4)
    up, out = w / 2 / h, depth / h
    return ((0.0, out, -up), (0.0, -out, -up), (out, 0.0, up), (-out, 0.0, up))


def room_for(w: float, h: float) -> float:
    """The right side of the test for a box, ``w H/h``.

    Args:
        w, h: width and height of the pouch when flat (mm); ``H = sqrt(h^2 - w^2/4)`` lies between its two edges.

    Example:
        >>> round(room_for(100.0, 100.0), 3)
        86.603
    """
    return w * math.sqrt(h * h - w * w / 4) / h


def least_reach(w: float, h: float, box: tuple[float, float, float]) -> float:
    """The left side of the test: the least ``sum_i s_i`` over all turns of a box.

    Args:
        w, h: width and height of the pouch when flat (mm).
        box: its three sides (mm).

    Returns:
        The least sum found (mm). It never is less than the true least, so a box said to fit does fit.

    Example:
        >>> least_reach(100.0, 100.0, (10.0, 10.0, 10.0)) < room_for(100.0, 100.0)
        True
    """
    # The faces move in alike: four times the room is what the sum of the reaches leaves.
    share = room_for(w, h) / 4
    faces = tuple((normal, share) for normal in face_normals(w, h))
    return room_for(w, h) - 4 * box_room(faces, box)


def ball_across(w: float, h: float) -> float:
    """The largest ball in a tetrahedron pouch, ``2 * 3V/S = w H/(2h)``.

    Args:
        w, h: width and height of the pouch when flat (mm).

    Returns:
        Its diameter (mm).

    Example:
        >>> round(ball_across(100.0, 100.0 * math.sqrt(3) / 2), 3)
        40.825
    """
    return room_for(w, h) / 2
