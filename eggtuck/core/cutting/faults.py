"""What is wrong with a lay: over another, outside, turned where it may not be."""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence
from typing import Literal

import shapely

from ..frozen import frozen
from .cutout import Cutout
from .ground import Ground, Spot

# What two share, or what lies outside, is nothing below this (mm, mm2 for each mm of outline).
_NOTHING = 0.12

FaultKind = Literal["over", "outside", "turned", "fold"]


@frozen
class Fault:
    """Something that cannot lie as it does: which, and over what ``other``."""

    kind: FaultKind
    cutout: str
    other: str | None = None


def faults_of(
    spots: Sequence[Spot], cutouts: Mapping[str, Cutout], grounds: Mapping[str, Ground], gap: float
) -> Iterator[Fault]:
    """Everything that cannot be cut as it lies, where ``gap`` mm are left between two pieces."""
    by_ground: dict[str, list[Spot]] = {}
    for spot in spots:
        by_ground.setdefault(spot.ground, []).append(spot)
        cutout = cutouts[spot.cutout]
        if spot.angle not in cutout.angles:
            yield Fault("turned", spot.cutout)
        if cutout.on_fold and abs(spot.x) > _NOTHING:
            yield Fault("fold", spot.cutout)
    for id, here in by_ground.items():
        yield from _on(here, cutouts, grounds[id], gap)


def _on(here: Sequence[Spot], cutouts: Mapping[str, Cutout], ground: Ground, gap: float) -> Iterator[Fault]:
    shapes = [spot.shape(cutouts[spot.cutout]) for spot in here]
    room = None if ground.length is None else ground.shape.buffer(_NOTHING, join_style="mitre")
    for spot, shape in zip(here, shapes, strict=True):
        x0, y0, x1, _ = shape.bounds
        out = x0 < -_NOTHING or y0 < -_NOTHING or x1 > ground.width + _NOTHING
        if out or (room is not None and not room.covers(shape)):
            yield Fault("outside", spot.cutout)
    tree = shapely.STRtree(shapes)
    # Nearer than the gap, or over each other by more than the width of a pencil line.
    near = max(0.0, gap - _NOTHING)
    for i, j in sorted(zip(*tree.query(shapes, predicate="dwithin", distance=near), strict=True)):
        if i >= j:
            continue
        if (near and shapes[i].distance(shapes[j]) < near - 1e-9) or shapes[i].intersection(shapes[j]).buffer(
            -_NOTHING / 2
        ).area > 0:
            yield Fault("over", here[i].cutout, here[j].cutout)
