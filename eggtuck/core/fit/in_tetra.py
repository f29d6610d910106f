"""Whether a box or a ball goes into a tetrahedron.

A convex body with faces ``n_i . x <= d_i`` of areas ``A_i`` holds a box turned by a rotation ``Q``, somewhere, iff ``sum A_i
(d_i - s_i) >= 0`` with ``s_i = sum_k |n_i . Q e_k| half_k`` (a tetrahedron: ``sum A_i n_i = 0``). Our four faces are alike, so the
box fits iff the least ``sum_i s_i`` over all turns is at most ``3V/A = w H/h``.
"""

from __future__ import annotations

import math
from collections.abc import Sequence
from functools import lru_cache

Vector = tuple[float, float, float]
_COARSE, _FINE = 7, 40


def face_normals(w: float, h: float) -> tuple[Vector, ...]:
    """Outward unit normals of the pouch ``w`` wide and ``h`` high when flat; its ``w`` edges lie along x and y."""
    depth = math.sqrt(h * h - w * w / 4)
    up, out = w / 2 / h, depth / h
    return ((0.0, out, -up), (0.0, -out, -up), (out, 0.0, up), (-out, 0.0, up))


def room_for(w: float, h: float) -> float:
    """The right side of the test, ``w H/h`` (mm)."""
    return w * math.sqrt(h * h - w * w / 4) / h


@lru_cache(maxsize=256)
def least_reach(w: float, h: float, box: tuple[float, float, float]) -> float:
    """The least ``sum_i s_i`` over all turns of a box with these sides (mm): a search from an even spread of turns, refined
    by halving steps. It never is less than the true least, so a box said to fit does fit."""
    normals = face_normals(w, h)
    halves = [side / 2 for side in sorted(box, reverse=True)]

    def reach(angles: Sequence[float]) -> float:
        total = 0.0
        for axis, half in zip(_frame(*angles), halves, strict=True):
            for n in normals:
                total += abs(n[0] * axis[0] + n[1] * axis[1] + n[2] * axis[2]) * half
        return total

    steps = [math.pi * i / _COARSE for i in range(_COARSE)]
    starts = sorted((reach((a, b, c)), (a, b, c)) for a in steps for b in steps[: _COARSE // 2 + 1] for c in steps)[:6]
    best = starts[0][0]
    for value, angles in starts:
        now, at, step = value, list(angles), math.pi / _COARSE
        for _ in range(_FINE):
            moved = False
            for i in range(3):
                for sign in (1, -1):
                    tried = list(at)
                    tried[i] += sign * step
                    found = reach(tried)
                    if found < now - 1e-12:
                        now, at, moved = found, tried, True
            if not moved:
                step /= 2
                if step < 1e-7:
                    break
        best = min(best, now)
    return best


def _frame(a: float, b: float, c: float) -> tuple[Vector, Vector, Vector]:
    """The axes of a box turned about z, then x, then z again."""
    ca, sa, cb, sb, cc, sc = math.cos(a), math.sin(a), math.cos(b), math.sin(b), math.cos(c), math.sin(c)
    return (
        (ca * cc - sa * cb * sc, sa * cc + ca * cb * sc, sb * sc),
        (-ca * sc - sa * cb * cc, -sa * sc + ca * cb * cc, sb * cc),
        (sa * sb, -ca * sb, cb),
    )


def ball_across(w: float, h: float) -> float:
    """The largest ball's diameter, ``2 * 3V/S = w H/(2h)`` (mm)."""
    return room_for(w, h) / 2
