"""Putting a piece down somewhere else by hand: the nearest place that is free for it, pinned there, and the rest laid again round it."""

from __future__ import annotations

import shapely

from .cutout import Angle
from .faults import faults_of
from .ground import Spot
from .laying import Layout, Task, lay_out

# In so many directions, so far apart (mm), the nearest free place is looked for.
_WAYS, _STEPS, _STEP = 24, 60, 4


def put_down(task: Task, layout: Layout, spot: Spot) -> Layout | None:
    """Everything laid anew round what is pinned and the piece that is put down, as near to where it was let go as there is room; None where there is
    none in reach. It may lie as it may be turned only."""
    if spot.angle not in task.angles(task.by_id[spot.cutout]):
        return None
    pinned = [other for other in layout.spots if other.pinned and other.cutout != spot.cutout]
    found = _nearest(task, pinned, spot)
    if found is None:
        return None
    return lay_out(task, [*pinned, found])


def let_go(task: Task, layout: Layout, cutout: str) -> Layout:
    """The pin taken out of a piece; it stays where it lies until it is laid again."""
    return Layout(
        tuple(Spot(s.cutout, s.ground, s.x, s.y, s.angle, s.pinned and s.cutout != cutout) for s in layout.spots),
        layout.left,
    )


def next_angle(task: Task, cutout: str, angle: Angle) -> Angle:
    """What a piece that lies so is turned to next, of the ways it may lie."""
    ways = sorted(task.angles(task.by_id[cutout]))
    return next((way for way in ways if way > angle), ways[0])


def _nearest(task: Task, pinned: list[Spot], spot: Spot) -> Spot | None:
    by_id, grounds = task.by_id, task.ground_ids
    for x, y in _round_about(task, spot):
        tried = Spot(spot.cutout, spot.ground, x, y, spot.angle, True)
        if not any(faults_of([*pinned, tried], by_id, grounds, task.gap)):
            return tried
    return None


def _round_about(task: Task, spot: Spot) -> list[tuple[float, float]]:
    """Places round about one, the nearest first, none of them over an edge of what it lies on."""
    cutout, ground = task.by_id[spot.cutout], task.ground_ids[spot.ground]
    width, height = cutout.size if spot.angle in (0, 180) else cutout.size[::-1]
    most_x = max(0.0, ground.width - width)
    most_y = None if ground.length is None else max(0.0, ground.length - height)

    def inside(x: float, y: float) -> tuple[float, float]:
        x = 0.0 if cutout.on_fold else min(max(0.0, x), most_x)
        y = max(0.0, y) if most_y is None else min(max(0.0, y), most_y)
        return _matched(task, spot, x, y)

    start = shapely.Point(spot.x, spot.y)
    rings = [start.buffer(step * _STEP, quad_segs=_WAYS // 4).exterior.coords[:-1] for step in range(1, _STEPS)]
    return list(dict.fromkeys(inside(x, y) for x, y in [(spot.x, spot.y), *(p for ring in rings for p in ring)]))


def _matched(task: Task, spot: Spot, x: float, y: float) -> tuple[float, float]:
    """Where a print is matched only so far up and across as it comes again."""
    cutout, repeat = task.by_id[spot.cutout], task.repeat
    if repeat.up:
        y = max(0, round((y + cutout.base) / repeat.up)) * repeat.up - cutout.base
        y += repeat.up if y < 0 else 0.0
    if repeat.across and not cutout.on_fold:
        middle = cutout.size[0] / 2
        x = round((x + middle) / repeat.across) * repeat.across - middle
        x += repeat.across if x < 0 else 0.0
    return round(x, 3), round(y, 3)
