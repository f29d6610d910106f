"""Figures that are worked on cloth: plain shapes and letters, as polygons."""

from __future__ import annotations

import math
from collections.abc import Callable, Iterator, Mapping
from functools import cache
from typing import Final

import shapely
from shapely import affinity
from shapely.geometry.base import BaseGeometry

from ...plane import Point, Segment, polyline
from ...plane.letters import letters as lettered
from ...shop import EQUAL

Ring = tuple[Point, ...]
# Round parts are drawn in so many straight ones a quarter.
_QUARTER = 12
# How close a ring follows its figure (mm).
_UNIT = 0.1


@cache
def figure(name: str, text: str, height: float) -> BaseGeometry:
    """A figure ``height`` mm high, its lower left corner at the origin: one of `FIGURES`, or ``initial``, the letters of ``text``."""
    shape = lettered(text) if name == "initial" else FIGURES[name]()
    x0, y0, _, y1 = shape.bounds
    scale = height / (y1 - y0)
    moved = affinity.translate(shape, -x0, -y0)
    return affinity.scale(moved, scale, scale, origin=(0.0, 0.0)).simplify(_UNIT)


def size_of(shape: BaseGeometry) -> tuple[float, float]:
    """Width and height (mm)."""
    x0, y0, x1, y1 = shape.bounds
    return x1 - x0, y1 - y0


def mirrored(shape: BaseGeometry) -> BaseGeometry:
    """As it is drawn on what lies face down, in its place."""
    x0, _, x1, _ = shape.bounds
    return affinity.scale(shape, -1.0, 1.0, origin=((x0 + x1) / 2, 0.0))


def rings(shape: BaseGeometry) -> Iterator[Ring]:
    """The outlines of a figure and of its holes, each closed."""
    for part in getattr(shape, "geoms", [shape]):
        for line in (part.exterior, *part.interiors):
            yield tuple((float(x), float(y)) for x, y in line.coords)


def paths(shape: BaseGeometry) -> Iterator[tuple[Segment, ...]]:
    """Its outlines as paths."""
    return (polyline(ring) for ring in rings(shape))


def outline_length(shape: BaseGeometry) -> float:
    """Of all its outlines (mm)."""
    return float(shape.length)


def narrowest(shape: BaseGeometry) -> float:
    """How wide its narrowest limb is, about (mm): twice as much as can be taken off all round before it falls apart or loses a limb.
    Found by halving; within `EQUAL`."""
    low, high = 0.0, min(size_of(shape)) / 2
    parts = len(getattr(shape, "geoms", [shape]))
    while high - low > EQUAL / 4:
        middle = (low + high) / 2
        left = shape.buffer(-middle)
        whole = not left.is_empty and len(getattr(left, "geoms", [left])) == parts
        low, high = (middle, high) if whole else (low, middle)
    return low + high


def _heart() -> BaseGeometry:
    square = shapely.box(0.0, 0.0, 1.0, 1.0)
    lobes = [shapely.Point(*at).buffer(0.5, quad_segs=_QUARTER) for at in ((0.5, 1.0), (1.0, 0.5))]
    return affinity.rotate(shapely.union_all([square, *lobes]), 45, origin=(0.0, 0.0))


def _leaf() -> BaseGeometry:
    left, right = (shapely.Point(x, 0.0).buffer(1.0, quad_segs=3 * _QUARTER) for x in (-0.75, 0.75))
    return left.intersection(right)


def _star() -> BaseGeometry:
    turns = [(math.pi * (0.5 + nth / 5), 1.0 if nth % 2 == 0 else 0.45) for nth in range(10)]
    return shapely.Polygon([(r * math.cos(a), r * math.sin(a)) for a, r in turns])


def _drop() -> BaseGeometry:
    # Straight sides touch the round foot.
    lean = math.acos(1 / 2.2)
    sides = [(math.cos(a), math.sin(a)) for a in (math.pi / 2 - lean, math.pi / 2 + lean)]
    return shapely.union_all(
        [shapely.Point(0.0, 0.0).buffer(1.0, quad_segs=_QUARTER), shapely.Polygon([(0.0, 2.2), *sides])]
    )


def _ring() -> BaseGeometry:
    whole = shapely.Point(0.0, 0.0)
    return whole.buffer(1.0, quad_segs=_QUARTER).difference(whole.buffer(0.6, quad_segs=_QUARTER))


FIGURES: Final[Mapping[str, Callable[[], BaseGeometry]]] = {
    "heart": _heart,
    "leaf": _leaf,
    "star": _star,
    "drop": _drop,
    "ring": _ring,
}
