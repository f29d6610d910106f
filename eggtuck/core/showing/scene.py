"""A drawing as it is put together: cloths one on the other, and over them lines, places and letters."""

from __future__ import annotations

import math
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, field, replace
from itertools import pairwise
from typing import TypeVar

import shapely

from ..pattern import EdgeUse, Gap, Piece, Role
from ..pattern.picture import Arrow, ArrowKind, Cloth, Frame, Item, Letter, Line, LineKind, Note, Spot
from ..pattern.walk import Leg
from ..plane import Point
from ..words import Message
from .isometry import Isometry

Box = tuple[float, float, float, float]
_Drawn = TypeVar("_Drawn", bound=Item)


@dataclass
class Scene:
    """Items of one frame, from the bottom up."""

    cloths: list[Cloth | Line] = field(default_factory=list)
    over: list[Item] = field(default_factory=list)

    def frame(self, caption: Message | None = None) -> Frame:
        return Frame((*self.cloths, *self.over), caption)

    @property
    def box(self) -> Box:
        """Round its cloths: left, low, right, high (mm)."""
        return box_of(
            [p for item in self.cloths if isinstance(item, Cloth) for p in item.outline] or [(0.0, 0.0), (1.0, 1.0)]
        )

    @property
    def size(self) -> float:
        """The larger of width and height (mm)."""
        left, low, right, high = self.box
        return max(right - left, high - low, 1.0)

    def line(self, kind: LineKind, path: Iterable[Point], use: EdgeUse | None = None, hidden: bool = False) -> None:
        points = tuple(path)
        if len(points) > 1:
            self.over.append(Line(kind, points, use, hidden))

    def arrow(self, kind: ArrowKind, *points: Point) -> None:
        self.over.append(Arrow(kind, points))

    def note(self, text: Message, at: Point) -> None:
        self.over.append(Note(text, at))

    def add(self, other: Scene, move: Isometry) -> None:
        """Another scene, moved."""
        self.cloths += [moved(item, move) for item in other.cloths]
        self.over += [moved(item, move) for item in other.over]

    def clear_gaps(self) -> None:
        """Takes what is sewn away where it is left open: of a gap that is told on one side of a seam the other has the same."""
        opened = [shapely.LineString(item.path) for item in self.over if isinstance(item, Line) and item.kind == "open"]
        there = shapely.union_all(opened).buffer(SEAM, cap_style="flat")
        found: list[Item] = []
        for item in self.over:
            if not opened or not isinstance(item, Line) or item.kind != "sew":
                found.append(item)
                continue
            left = shapely.LineString(item.path).difference(there)
            found += [
                replace(item, path=tuple(part.coords)) for part in getattr(left, "geoms", [left]) if part.length > SEAM
            ]
        self.over = found


def moved(item: _Drawn, move: Isometry) -> _Drawn:
    """An item somewhere else."""
    if isinstance(item, Cloth):
        return replace(item, outline=move.all(item.outline), holes=tuple(move.all(hole) for hole in item.holes))
    if isinstance(item, (Line, Arrow)):
        return replace(item, path=move.all(item.path))
    return replace(item, at=move(item.at))


def spread(scenes: Sequence[Scene]) -> Scene:
    """Scenes beside each other, in rows that together are half as wide again as high."""
    whole = Scene()
    boxes = [scene.box for scene in scenes]
    sizes = [(right - left, high - low) for left, low, right, high in boxes]
    wide = max([*(w for w, _ in sizes), math.sqrt(2.0 * sum(w * h for w, h in sizes))], default=1.0)
    gap = 0.05 * wide
    x = y = row = 0.0
    for scene, (left, low, _, _), (width, height) in zip(scenes, boxes, sizes, strict=True):
        if x > 0 and x + width > wide * 1.02:
            x, y, row = 0.0, y - row - gap, 0.0
        whole.add(scene, Isometry(shift=complex(x - left, y - low - height)))
        x, row = x + width + gap, max(row, height)
    return whole


def box_of(points: Sequence[Point]) -> Box:
    xs, ys = zip(*points, strict=True)
    return min(xs), min(ys), max(xs), max(ys)


# Both sides of a seam lie so near each other (mm).
SEAM = 0.5
# Stitching beside an edge is drawn so far from it at least (share of the drawing).
_BESIDE = 0.012


def beside(far: float, size: float) -> float:
    """How far from an edge what is stitched ``far`` from it is drawn (mm), so that it is seen beside it in a drawing of this size."""
    return max(far, _BESIDE * size)


# How far a chord may lie from its arc (mm).
_NEAR = 0.3


def spans(start: float, end: float, gap: tuple[float, float] | None) -> list[tuple[bool, float, float]]:
    """A stretch in parts: whether each is left open, and from where to where it goes (mm)."""
    if gap is None:
        return [(False, start, end)]
    low, high = gap
    every = [(False, start, low), (True, low, high), (False, high, end)]
    return [part for part in every if part[2] - part[1] > 0.5]


def gap_on(by_id: Mapping[str, Piece], leg: Leg, gap: Gap | None) -> tuple[float, float] | None:
    """From where to where along its side a gap goes on this edge (mm); None where it is not on it."""
    found = None if gap is None else gap_along(by_id, gap, leg.use)
    if found is None:
        return None
    low, high = found
    return (leg.end - high, leg.end - low) if leg.use.reversed else (leg.start + low, leg.start + high)


def gap_along(by_id: Mapping[str, Piece], gap: Gap, use: EdgeUse) -> tuple[float, float] | None:
    """From where to where along an edge, from its own beginning, a gap goes (mm); None where it is not on it."""
    gone = 0.0
    for edge in gap.edges:
        length = by_id[edge.piece].by_key[edge.key].length
        if (edge.piece, edge.key, edge.copy) == (use.piece, use.key, use.copy):
            low, high = max(0.0, gap.start - gone), min(length, gap.end - gone)
            return (low, high) if high > low else None
        gone += length if gap.chain else 0.0
    return None


def stops(leg: Leg, start: float, end: float, count: int = 0) -> list[float]:
    """Where to look along a stretch of a leg, so that its arcs are smooth and its corners kept, in at least so many places."""
    found, gone = {start, end}, 0.0
    found |= {start + (end - start) * i / (count - 1) for i in range(count)} if count > 1 else set()
    for segment in leg.edge.path:
        # Smooth where it turns much, and near where it is long: no chord lies further from its arc than a stitch is wide.
        most = min(0.15, math.sqrt(8 * _NEAR / segment.radius)) if segment.bulge else 1.0
        parts = max(1, math.ceil(abs(segment.angle) / most)) if segment.bulge else 1
        for part in range(parts + 1):
            at = gone + segment.length * part / parts
            at = leg.end - at if leg.use.reversed else leg.start + at
            if start < at < end:
                found.add(at)
        gone += segment.length
    return sorted(found)


def onward(before: Point, at: Point, far: float) -> Point:
    """A point so far on, in the direction a line runs."""
    length = math.dist(before, at) or 1.0
    return at[0] + (at[0] - before[0]) / length * far, at[1] + (at[1] - before[1]) / length * far


def stitched(
    scene: Scene, parts: Sequence[tuple[bool, Sequence[Point], EdgeUse]], ends: tuple[float, float] | None
) -> None:
    """A line of stitching in parts, some left open, with the places where it begins and ends; ``ends`` is how far it runs on there, to
    the raw edge (mm), nothing for one that goes round and round."""
    for opened, points, use in parts:
        scene.line("open" if opened else "sew", points, use)
    for before, after in pairwise(parts):
        if before[0] != after[0]:
            scene.over.append(Spot("gap-end", after[1][0]))
    closed = [(points, use) for opened, points, use in parts if not opened]
    if ends is None or not closed:
        return
    (first, one), (last, other) = closed[0], closed[-1]
    start, stop = onward(first[1], first[0], ends[0]), onward(last[-2], last[-1], ends[1])
    if ends[0]:
        scene.line("sew", (start, first[0]), one)
    if ends[1]:
        scene.line("sew", (last[-1], stop), other)
    scene.over += [Spot("start", start), Spot("stop", stop)]


def free_spot(shape: shapely.Geometry, letters: Sequence[Letter], room: float) -> Point | None:
    """Where in a shape a letter stands with the most room round it, clear of others by ``room`` mm; None where there is none."""
    taken = [shapely.Point(other.at).buffer(room, quad_segs=4) for other in letters]
    left = shape.difference(shapely.union_all(taken)) if taken else shape
    parts = [part for part in getattr(left, "geoms", [left]) if part.geom_type == "Polygon" and part.area > 1.0]
    if not parts:
        return None
    largest = max(parts, key=lambda part: part.area)
    line = shapely.maximum_inscribed_circle(largest, tolerance=max(0.5, 0.02 * math.sqrt(largest.area)))
    return float(line.coords[0][0]), float(line.coords[0][1])


def letter(piece: Piece, at: Point, role: Role | None, times: int = 1) -> Letter:
    """What a piece is called, and how often it is there."""
    return Letter(piece.letter, at, role, times)
