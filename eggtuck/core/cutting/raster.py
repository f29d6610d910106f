"""Shapes as cells of a grid: what lies on cells of its own cannot lie over another."""

from __future__ import annotations

import math
from collections.abc import Sequence
from functools import lru_cache
from typing import Any

import numpy as np
import numpy.typing as npt
import shapely

from ..plane import Point

Cells = npt.NDArray[np.bool_]
Waves = npt.NDArray[np.complexfloating[Any, Any]]
# What is nearer to the line between two cells lies on it (cells).
_ON = 1e-6
_STRAYS = 0.05


def touched(points: Sequence[Point], rows: int | None = None, columns: int | None = None) -> Cells:
    """The cells that an outline encloses or goes through.

    Args:
        points: the outline, a cell being one wide and high.
        rows, columns: how many cells there are, the origin's first; as many as the outline takes unless told.

    Returns:
        ``(rows, columns)`` booleans, the lowest row first.

    >>> touched([(0.0, 0.0), (1.9, 0.0), (1.9, 0.9), (0.0, 0.9)]).tolist()
    [[True, True]]
    """
    if rows is None or columns is None:
        rows = max(1, math.ceil(max(y for _, y in points) - _ON))
        columns = max(1, math.ceil(max(x for x, _ in points) - _ON))
    return _crossed(points, rows, columns) | _filled(points, rows, columns)


def _filled(points: Sequence[Point], rows: int, columns: int) -> Cells:
    """The cells whose middle is inside: along the middle of a row every side that is crossed turns in into out."""
    turns = np.zeros((rows, columns + 1), dtype=np.int32)
    for (x0, y0), (x1, y1) in zip(points, [*points[1:], points[0]], strict=True):
        if y0 > y1:
            x0, y0, x1, y1 = x1, y1, x0, y0
        row = np.arange(max(0, math.ceil(y0 - 0.5)), min(rows, math.ceil(y1 - 0.5)))
        if len(row):
            x = x0 + (x1 - x0) * (row + 0.5 - y0) / (y1 - y0)
            np.add.at(turns, (row, np.clip(np.ceil(x - 0.5).astype(int), 0, columns)), 1)
    return np.asarray(np.cumsum(turns, axis=1)[:, :columns] % 2 == 1)


def _crossed(points: Sequence[Point], rows: int, columns: int) -> Cells:
    """The cells that the line itself goes through; none where it goes between two."""
    found = np.zeros((rows, columns), dtype=bool)
    for (x0, y0), (x1, y1) in zip(points, [*points[1:], points[0]], strict=True):
        if y0 > y1:
            x0, y0, x1, y1 = x1, y1, x0, y0
        first, last = math.floor(y0 + _ON), math.ceil(y1 - _ON) - 1
        for row in range(max(0, first), min(rows - 1, last) + 1):
            low, high = max(y0, row), min(y1, row + 1.0)
            a, b = x0, x1
            if y1 - y0 > _ON:
                a, b = (x0 + (x1 - x0) * (y - y0) / (y1 - y0) for y in (low, high))
            left, right = math.floor(min(a, b) + _ON), math.ceil(max(a, b) - _ON) - 1
            found[row, max(0, left) : max(0, min(columns - 1, right) + 1)] = True
    return found


@lru_cache(maxsize=4096)
def piece_cells(points: tuple[Point, ...], cell: Point, gap: float, shift: Point) -> Cells:
    """The cells of a piece with half of the ``gap`` (mm) all round it, that begin ``shift`` (cells, less than one) into the first. ``cell`` is how
    wide and high a cell is (mm)."""
    ring = spread(points, gap)
    wide, high = cell
    return touched([((x + gap / 2) / wide + shift[0], (y + gap / 2) / high + shift[1]) for x, y in ring])


@lru_cache(maxsize=4096)
def bare_cells(points: tuple[Point, ...], cell: Point, gap: float, shift: Point) -> Cells:
    """The cells of the piece alone, where they are in those of `piece_cells`."""
    rows, columns = piece_cells(points, cell, gap, shift).shape
    wide, high = cell
    moved = [((x + gap / 2) / wide + shift[0], (y + gap / 2) / high + shift[1]) for x, y in points]
    return touched(moved, rows, columns)


def spread(points: Sequence[Point], gap: float) -> Sequence[Point]:
    """An outline with half of the gap all round it (mm)."""
    if not gap:
        return points
    # Round corners: a pointed one would reach further out than half of the gap. In as many parts as stray no further than a pencil line.
    parts = max(4, math.ceil(math.pi / 4 * math.sqrt(gap / (4 * _STRAYS))))
    return list(shapely.Polygon(points).buffer(gap / 2, quad_segs=parts).exterior.coords[:-1])


def free_cells(shape: shapely.Geometry, rows: int, columns: int) -> Cells:
    """The cells that lie wholly in a ``shape``, a cell being one wide and high."""
    free = np.zeros((rows, columns), dtype=bool)
    for part in getattr(shape, "geoms", [shape]):
        if part.geom_type != "Polygon" or part.is_empty:
            continue
        ring = part.exterior.coords[:-1]
        inside = touched(ring, rows, columns) & ~_crossed(ring, rows, columns)
        for hole in part.interiors:
            inside &= ~touched(hole.coords[:-1], rows, columns)
        free |= inside
    return free


class Field:
    """A grid of cells, some of them taken, on which shapes of cells find their places. Where cells are ``outside``, pieces themselves keep off them, but not
    the room round them."""

    def __init__(self, taken: Cells, outside: Cells | None = None) -> None:
        self.taken, self.outside = taken, outside
        self.used = 0
        # Both as waves, by how many rows of them: what is taken until more is, what is outside for good.
        self._taken: dict[int, Waves] = {}
        self._outside: dict[int, Waves] = {}

    def take(self, shape: Cells, row: int = 0, column: int = 0) -> None:
        """What lies there from now on."""
        high, wide = shape.shape
        self.taken[row : row + high, column : column + wide] |= shape
        self._taken.clear()
        filled = np.flatnonzero(shape.any(axis=1))
        if len(filled):
            self.used = max(self.used, row + int(filled[-1]) + 1)

    def grow(self, rows: int) -> None:
        """So many more rows, all of them free but for columns that are free nowhere."""
        more = np.tile(self.taken.all(axis=0), (rows, 1))
        self.taken = np.vstack([self.taken, more])
        self._taken.clear()

    def places(self, shape: Cells, bare: Cells, beyond: int = 0) -> Cells:
        """Where the first cell of a piece with its room may lie so that it lies on free cells only, and the ``bare`` piece on nothing outside:
        ``(rows, columns)`` booleans, no higher than a little beyond what is taken, and so many rows ``beyond`` that."""
        high, wide = shape.shape
        rows, columns = self.taken.shape
        if high > rows or wide > columns:
            return np.zeros((0, 0), dtype=bool)
        # Of a ground that is shaped the first free place may lie further up.
        window = min(rows, _quick(self.used + high + 1 + beyond))
        found = self._free_places(shape, bare, window)
        return found if window == rows or found.any() else self._free_places(shape, bare, rows)

    def _free_places(self, shape: Cells, bare: Cells, rows: int) -> Cells:
        found = _clear(self.taken[:rows], shape, self._taken)
        return found if self.outside is None else found & _clear(self.outside[:rows], bare, self._outside)


def _clear(ground: Cells, shape: Cells, known: dict[int, Waves]) -> Cells:
    """Where a shape lies over nothing of a ground: a correlation for every place at once, through the Fourier transform. What is ``known`` of the
    ground's is not worked out again."""
    (rows, columns), (high, wide) = ground.shape, shape.shape
    size = _quick(rows), _quick(columns)
    if rows not in known:
        known[rows] = np.fft.rfft2(ground.astype(np.float32), size)
    over = np.fft.irfft2(known[rows] * _waves(shape.tobytes(), high, wide, size), size)
    return np.asarray(over[: rows - high + 1, : columns - wide + 1] < 0.5)


@lru_cache(maxsize=256)
def _waves(cells: bytes, high: int, wide: int, size: tuple[int, int]) -> Waves:
    shape = np.frombuffer(cells, dtype=bool).reshape(high, wide)
    return np.asarray(np.conj(np.fft.rfft2(shape.astype(np.float32), size)))


@lru_cache(maxsize=4096)
def _quick(count: int) -> int:
    """The next number that is quickly transformed: of twos, threes and fives only."""
    while True:
        rest = count
        for factor in (2, 3, 5):
            while rest % factor == 0:
                rest //= factor
        if rest == 1:
            return count
        count += 1
