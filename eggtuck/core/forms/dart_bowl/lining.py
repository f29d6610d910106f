"""A lining cut smaller: the shell that hangs within the outer one, cut to marks."""

from __future__ import annotations

from itertools import product

from ...drafting.make import Make
from ...lengths import Grid
from ...shop import RIM_FIRST
from .sizes import Bowl


def lining_on_marks(make: Make, outer: Bowl, hung: Bowl) -> Bowl:
    """The lining's shell with blank and darts on marks of the ruler: of those near it the one whose rim is most nearly as long as the outer's,
    for the two are sewn together, and which else is nearest to it."""
    rim, grid = make.allowance("rim", True), make.spec.grid
    if not grid.step:
        return hung
    tried = []
    for blank in _near(grid, hung.blank + 2 * rim):
        moved = hung.cut_from(blank - 2 * rim)
        if moved is None:
            continue
        length, half = moved.raw(rim)
        for deep, wide in product(_near(grid, length), _near(grid, half)):
            made = moved.with_raw(rim, deep, wide) if wide > 0 else None
            if made is not None and made.can_be_sewn(rim):
                off = abs(made.rim_height - hung.rim_height) + abs(made.point - hung.point)
                tried.append((abs(made.rim_length - outer.rim_length) * RIM_FIRST + off, made))
    return min(tried, key=lambda pair: pair[0])[1] if tried else hung


def _near(grid: Grid, value: float) -> tuple[float, ...]:
    """The two marks on each side of a length."""
    low = grid.round(value, "down")
    return tuple(low + n * grid.step for n in (-1, 0, 1, 2))
