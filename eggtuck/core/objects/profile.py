"""A thing nobody has a drawing for: its girth at heights, and what sticks out."""

from __future__ import annotations

import math
from bisect import bisect_right
from collections.abc import Sequence
from itertools import pairwise

from ..pattern.problem import Problem
from ..plane import Point
from ..shop import NECK_ROUND, NECK_UNDER, SHOULDER_OVER
from ..words import msg

MOST_ROWS = 400
GIRTHS = (5.0, 4000.0)
HEIGHTS = (0.0, 2500.0)


def profile_cells(line: str) -> list[str]:
    """The cells of a typed line: by semicolons, else by spaces."""
    return [cell.strip() for cell in (line.split(";") if ";" in line else line.split())]


def girth_between(profile: Sequence[Point], height: float) -> float:
    """The girth at a height, straight between the rows; the first or last beyond them (mm)."""
    at = bisect_right([h for h, _ in profile], height)
    if at == 0:
        return profile[0][1]
    if at == len(profile):
        return profile[-1][1]
    (h0, g0), (h1, g1) = profile[at - 1], profile[at]
    return g0 + (g1 - g0) * (height - h0) / (h1 - h0)


def profile_problems(rows: Sequence[Point]) -> list[Problem]:
    """What keeps rows of ``(height, girth)`` from being a profile: too few, out of order, out of range."""

    def problem(key: str, **say: float | int) -> list[Problem]:
        return [Problem("object.profile", msg(f"problem.profile-{key}", **say))]

    if len(rows) < 2:
        return problem("short")
    if len(rows) > MOST_ROWS:
        return problem("long", most=MOST_ROWS)
    for number, (height, girth) in enumerate(rows, 1):
        if not HEIGHTS[0] <= height <= HEIGHTS[1] or not GIRTHS[0] <= girth <= GIRTHS[1]:
            return problem("range", row=number, height=HEIGHTS[1], girth=GIRTHS[1], least=GIRTHS[0])
    for number, ((before, _), (after, _)) in enumerate(pairwise(rows), 2):
        if after <= before:
            return problem("crosses", row=number, before=before, height=after)
    if rows[-1][0] - rows[0][0] < 10.0:
        return problem("flat")
    return []


def neck_of(profile: Sequence[Point]) -> tuple[float, float, float] | None:
    """Height where a neck begins, its diameter, and the height of the shoulder (mm); None without a neck."""
    widest = max(range(len(profile)), key=lambda i: profile[i][1])
    above = profile[widest:]
    least = min(girth for _, girth in above)
    if least > NECK_UNDER * profile[widest][1]:
        return None
    begins = next(height for height, girth in above if girth <= least * NECK_ROUND)
    shoulder = max(height for height, girth in above if girth >= SHOULDER_OVER * profile[widest][1])
    return begins, least / math.pi, shoulder
