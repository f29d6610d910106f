"""The marks an operation works at or along."""

from __future__ import annotations

from collections.abc import Iterable, Sequence

import shapely

from ..making.operation import Operation
from ..pattern import Mark
from ..pattern.picture import Cloth, LineKind, Spot
from ..plane import Point, flatten
from ..words import msg
from .flat import ROUND, centre_of
from .scene import Scene


def marks_of(done: Operation, marks: Iterable[Mark]) -> list[Mark]:
    """Marks it works at or along: those it names, and the places of the part it is about."""
    return [
        mark for mark in marks if mark.label.id in done.at or (mark.part and f"{done.id}-".startswith(f"{mark.part}-"))
    ]


def draw_figure(scene: Scene, done: Operation, rings: Sequence[Sequence[Point]]) -> None:
    """A figure that is worked: filled, with what is sewn along its edges."""
    lines = [shapely.LineString(ring) for ring in rings if len(ring) > 3]
    shape = shapely.build_area(shapely.GeometryCollection(lines)) if lines else shapely.Polygon()
    for part in getattr(shape, "geoms", [shape]):
        if not part.is_empty:
            outline, *holes = (tuple(line.coords)[:-1] for line in (part.exterior, *part.interiors))
            scene.over.append(Cloth("part", "", None, "right", outline, holes=tuple(holes)))
    for ring in rings:
        scene.line("sew" if done.kind == "sew" else "mark", ring)


def points_of(mark: Mark) -> list[Point]:
    return [mark.point] if mark.point is not None else [*flatten(mark.path, ROUND), mark.path[-1].end]


def draw_mark(scene: Scene, done: Operation, mark: Mark, points: Sequence[Point]) -> None:
    """A mark it works at or along. Of two halves that meet the first is sewn by then; where the other lies is seen when the make is closed."""
    sewn: LineKind = "sewn" if done.meets else "sew"
    if mark.kind in ("point", "centre") or len(points) == 1:
        x, y = centre_of(points)
        scene.over.append(Spot("hole", (x, y)))
        if done.kind == "sew":
            scene.line(sewn, ((x - 0.04 * scene.size, y), (x + 0.04 * scene.size, y)))
    elif mark.kind == "zone" and mark.label.params["pocket"] == msg("part.motif"):
        # The box its place is told by.
        scene.line("mark", points)
    elif mark.kind == "zone":
        # Where a part lies.
        scene.over.append(Cloth("part", "", None, "right", tuple(points[:-1])))
        scene.line(sewn, points)
    else:
        scene.line("sew" if done.kind == "sew" else "mark", points)
