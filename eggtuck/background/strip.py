"""Nesting on one roll with the package that does it best. It may hang, overrun its time or panic: it is only ever run in a process of its own."""

from __future__ import annotations

import math
import os
import threading
from collections.abc import Iterator

from ..core.cutting.cutout import Angle, Cutout
from ..core.cutting.ground import Spot
from ..core.cutting.laying import Layout, Task

# What it is let off at the edges so that something of the full width goes in (mm).
_SLACK = 0.01
_PAUSE = 0.2


def nest(task: Task, seconds: int) -> Iterator[Layout]:
    """Better and better layouts of a task that is `plain`, until the package is done."""
    import spyrrow

    (roll,) = task.grounds
    # The strip runs sideways there: everything lies turned by a quarter.
    demand: dict[tuple[tuple[tuple[float, float], ...], tuple[Angle, ...]], list[Cutout]] = {}
    for one in task.cutouts:
        demand.setdefault((one.turned(90), task.angles(one)), []).append(one)
    items, groups = [], {}
    for nth, ((outline, angles), copies) in enumerate(demand.items()):
        items.append(spyrrow.Item(str(nth), list(outline), len(copies), [float(angle) for angle in angles]))
        groups[str(nth)] = copies
    # It keeps the gap at the edges of the strip too.
    instance = spyrrow.StripPackingInstance("lay", roll.width + 2 * task.gap + _SLACK, items)
    config = spyrrow.StripPackingConfig(
        total_computation_time=max(1, seconds),
        min_items_separation=task.gap or None,
        num_workers=len(os.sched_getaffinity(0)),
        # Another beginning each time: it gets stuck for long in one place or another, and who looks once more is to find something else.
        seed=None,
        early_termination=False,
    )
    queue = spyrrow.ProgressQueue()
    laid = (spyrrow.ReportType.ExplFeas, spyrrow.ReportType.CmprFeas, spyrrow.ReportType.Final)
    solved: list[spyrrow.StripPackingSolution] = []
    solving = threading.Thread(target=lambda: solved.append(instance.solve(config, queue)), daemon=True)
    solving.start()
    while solving.is_alive():
        solving.join(_PAUSE)
        found = [solution for kind, solution in queue.drain() if kind in laid]
        # Each is better than those before it. Whoever looked at all of them would soon look at old ones only.
        if found:
            yield _layout(task, min(found, key=lambda solution: solution.width), groups)
    for solution in solved:
        yield _layout(task, solution, groups)


def _layout(task: Task, solution: object, groups: dict[str, list[Cutout]]) -> Layout:
    """As it lies on the roll: turned back, each by the lower left corner of its outline, all of it down to the cut end."""
    left = {id: list(copies) for id, copies in groups.items()}
    spots = []
    for placed in solution.placed_items:  # type: ignore[attr-defined]
        one = left[placed.id].pop()
        angle: Angle = _ANGLES[round(placed.rotation / 90) % 4]
        turn, (dx, dy) = math.radians(placed.rotation), placed.translation
        points = [
            (x * math.cos(turn) - y * math.sin(turn) + dx, x * math.sin(turn) + y * math.cos(turn) + dy)
            for x, y in one.turned(90)
        ]
        # Turned back by a quarter (x, y) lies at (y, -x).
        low_x, low_y = min(y for _, y in points), min(-x for x, _ in points)
        spots.append((one, low_x, low_y, angle))
    begin = min(y for _, _, y, _ in spots)
    first = min(x for _, x, _, _ in spots)
    shift = min(first, task.gap)
    ground = task.grounds[0].id
    return Layout(tuple(Spot(one.id, ground, max(0.0, x - shift), y - begin, angle) for one, x, y, angle in spots))


_ANGLES: tuple[Angle, ...] = (0, 90, 180, 270)
