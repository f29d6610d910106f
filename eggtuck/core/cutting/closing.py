"""Closing up: everything on a roll moved at once, each a little, so that it takes less of it."""

from __future__ import annotations

import math
from collections.abc import Iterator
from dataclasses import replace
from functools import lru_cache
from typing import Final, NamedTuple

import highspy
import numpy as np
import numpy.typing as npt
import shapely
from shapely.geometry.polygon import orient

from ..plane import Point
from .ground import Spot
from .laying import Layout, Task

Numbers = npt.NDArray[np.float64]
# How far something may move at a time (mm): who is further off than that cannot come in the way.
_STEP: Final = 20.0
# It goes on as long as it gains so much (mm).
_GAIN: Final = 0.05
# How much it counts, beside the length, that everything lies low, and to the left.
_LOW, _LEFT = 1e-3, 1e-6
_STILL: Final = 1e-9


class _Part(NamedTuple):
    """A convex part of the ``nth`` thing that lies there, its corner as the origin; the ``axes`` are square to its edges, outwards, and along
    each it reaches so ``far`` (mm)."""

    nth: int
    points: Numbers
    axes: Numbers
    far: Numbers


def closing_up(task: Task, layout: Layout) -> Iterator[Layout]:
    """What lies on one roll, closed up step by step: nothing is turned, what is pinned stays, and no order is changed.

    Two convex parts that keep apart along one of their edges still do when both move so that they keep apart along it: of all movements that
    hold to that, the one after which the lay is shortest is a linear program. (Compaction, after Z. Li and V. Milenkovic, "Compaction and
    separation algorithms for non-convex polygons and their applications", 1995.)

    Args:
        task: what is laid, on one roll (`Task.plain`); any other is left as it is.
        layout: where it lies, nothing over anything.

    Yields:
        Layouts, each as long as the one before or shorter; the last is one that no such movement makes shorter by a pencil line.
    """
    if not task.plain or len(layout.spots) < 2:
        return
    (roll,) = task.grounds
    by_id = task.by_id
    shapes = [convex_parts(by_id[spot.cutout].turned(spot.angle)) for spot in layout.spots]
    at = np.array([(spot.x, spot.y) for spot in layout.spots])
    size = np.array([np.max([part.max(axis=0) for part in shape], axis=0) for shape in shapes])
    loose = np.array([not spot.pinned for spot in layout.spots])
    parts = [_part(nth, points) for nth, shape in enumerate(shapes) for points in shape]
    length, before = _length(at, size), math.inf
    while before - length >= _GAIN:
        move = _shortest(at, size, roll.width, loose, list(_apart(parts, at, task.gap)))
        if move is None:
            return
        at = at + move
        before, length = length, _length(at, size)
        yield _moved(layout, at)


def _moved(layout: Layout, at: Numbers) -> Layout:
    """Rounding moves nothing over the edge it lay inside of."""
    spots = (
        spot if spot.pinned else replace(spot, x=max(min(0.0, spot.x), float(x)), y=max(min(0.0, spot.y), float(y)))
        for spot, (x, y) in zip(layout.spots, at, strict=True)
    )
    return Layout(tuple[Spot, ...](spots), layout.left)


@lru_cache(maxsize=1024)
def convex_parts(outline: tuple[Point, ...]) -> tuple[Numbers, ...]:
    """A polygon cut into convex ones, each anticlockwise: in triangles, and these put together again for as long as that stays convex."""
    polygon = shapely.Polygon(outline)
    if _is_convex(polygon):
        return (_corners(polygon),)
    parts: list[shapely.Polygon] = []
    for triangle in shapely.constrained_delaunay_triangles(polygon).geoms:
        whole = triangle
        for part in [part for part in parts if whole.touches(part)]:
            both = whole.union(part)
            if both.geom_type == "Polygon" and _is_convex(both):
                parts.remove(part)
                whole = both
        parts.append(whole)
    return tuple(_corners(part) for part in parts)


def _is_convex(polygon: shapely.Polygon) -> bool:
    return bool(polygon.area >= polygon.convex_hull.area * (1 - _STILL))


def _corners(polygon: shapely.Polygon) -> Numbers:
    return np.array(orient(polygon.convex_hull).exterior.coords)[:-1]


def _part(nth: int, points: Numbers) -> _Part:
    along = np.roll(points, -1, axis=0) - points
    along = along[np.hypot(*along.T) > _STILL]
    axes = np.column_stack([along[:, 1], -along[:, 0]]) / np.hypot(*along.T)[:, None]
    return _Part(nth, points, axes, (points @ axes.T).max(axis=0))


def _length(at: Numbers, size: Numbers) -> float:
    return float((at + size)[:, 1].max())


class _Apart(NamedTuple):
    """One thing stays on its side of another along an ``axis`` from the first to the second; so much ``room`` is between them to spare (mm)."""

    one: int
    other: int
    axis: Numbers
    room: float


def _apart(parts: list[_Part], at: Numbers, gap: float) -> Iterator[_Apart]:
    """Of every two parts that could meet, what keeps them apart: the edge along which they are furthest."""
    of = np.array([part.nth for part in parts])
    low = np.array([part.points.min(axis=0) for part in parts]) + at[of]
    high = np.array([part.points.max(axis=0) for part in parts]) + at[of]
    reach = 2 * _STEP * 2**0.5 + gap
    near = ((low[:, None] - high[None]) < reach).all(axis=2)
    for a, b in zip(*np.nonzero(near & near.T & (of[:, None] < of[None])), strict=True):
        one, other = parts[a], parts[b]
        way = at[other.nth] - at[one.nth]
        room = np.concatenate(
            [
                (other.points @ one.axes.T).min(axis=0) + one.axes @ way - one.far,
                (one.points @ other.axes.T).min(axis=0) - other.axes @ way - other.far,
            ]
        )
        most = int(room.argmax())
        if room[most] < reach:
            axis = one.axes[most] if most < len(one.axes) else -other.axes[most - len(one.axes)]
            yield _Apart(one.nth, other.nth, axis, max(0.0, float(room[most]) - gap))


def _shortest(
    at: Numbers, size: Numbers, width: float, loose: npt.NDArray[np.bool_], apart: list[_Apart]
) -> Numbers | None:
    """By how much each is moved (mm). What is asked for: across and up of each in turn, and last how long the lay is."""
    things = len(at)
    step = np.where(loose, _STEP, 0.0)[:, None]
    most = np.column_stack([width - (at + size)[:, 0], np.full(things, _STEP)])
    program = highspy.HighsLp()
    program.num_col_, program.num_row_ = 2 * things + 1, len(apart) + things
    program.col_cost_ = np.append(np.tile([_LEFT / things, _LOW / things], things), 1.0)
    program.col_lower_ = np.append(np.minimum(0.0, np.maximum(-step, -at)).ravel(), 0.0)
    program.col_upper_ = np.append(np.maximum(0.0, np.minimum(step, most)).ravel(), _length(at, size))
    # Nobody comes nearer along their axis than there is room; nothing reaches over the end.
    ends = [(2 * nth + 1, 2 * things) for nth in range(things)]
    pairs = [(2 * a.one, 2 * a.one + 1, 2 * a.other, 2 * a.other + 1) for a in apart]
    program.row_lower_ = np.full(program.num_row_, -highspy.kHighsInf)
    program.row_upper_ = np.array([*(a.room for a in apart), *-(at + size)[:, 1]])
    matrix = program.a_matrix_
    matrix.format_ = highspy.MatrixFormat.kRowwise
    matrix.start_ = np.cumsum([0, *(4 for _ in pairs), *(2 for _ in ends)])
    matrix.index_ = np.array([column for row in (*pairs, *ends) for column in row])
    matrix.value_ = np.array(
        [*(x for a in apart for x in (*a.axis, *-a.axis)), *(x for _ in ends for x in (1.0, -1.0))]
    )
    solver = highspy.Highs()  # type: ignore[no-untyped-call]
    solver.silent()
    solver.passModel(program)
    solver.run()
    if solver.getModelStatus() != highspy.HighsModelStatus.kOptimal:
        return None
    return np.array(solver.getSolution().col_value[:-1]).reshape(things, 2)
