"""Letters as shapes, from the type that comes with the program."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from functools import cache
from importlib import resources

import shapely
from fontTools.pens.basePen import BasePen
from fontTools.ttLib import TTFont
from shapely.geometry.base import BaseGeometry

from .segment import Point

# A curve of a letter is drawn in so many straight parts.
_PARTS = 8


@cache
def _font() -> TTFont:
    with (resources.files("eggtuck") / "fonts" / "AtkinsonHyperlegibleNext-Bold.ttf").open("rb") as file:
        return TTFont(file, lazy=False)


def can_draw(text: str) -> bool:
    """Whether every letter has a shape: no spaces, nothing that is not in the type.

    >>> can_draw("É"), can_draw("a b"), can_draw("")
    (True, False, False)
    """
    known = _font().getBestCmap()
    return bool(text) and all(not letter.isspace() and ord(letter) in known for letter in text)


@cache
def letters(text: str) -> BaseGeometry:
    """The letters beside each other as one (multi)polygon, in the units of the type. They must be such as `can_draw`.

    >>> letters("Ai").geom_type, len(letters("Ai").geoms)
    ('MultiPolygon', 3)
    """
    font = _font()
    glyphs, names, across = font.getGlyphSet(), font.getBestCmap(), font["hmtx"]
    shape: BaseGeometry = shapely.Polygon()
    x = 0.0
    for letter in text:
        name = names[ord(letter)]
        pen = _Rings(glyphs)
        glyphs[name].draw(pen)
        shape = shape.union(shapely.affinity.translate(_filled(pen.rings), x, 0.0))
        x += across[name][0]
    return shape


def _filled(rings: Iterable[list[Point]]) -> BaseGeometry:
    """Rings that run clockwise are filled, the others are holes in them, as type has it."""
    whole: BaseGeometry = shapely.Polygon()
    holes: BaseGeometry = shapely.Polygon()
    for ring in rings:
        part = shapely.make_valid(shapely.Polygon(ring))
        if shapely.is_ccw(shapely.LinearRing(ring)):
            holes = holes.union(part)
        else:
            whole = whole.union(part)
    return whole.difference(holes)


class _Rings(BasePen):  # type: ignore[misc]
    """Collects the contours of a letter as rings of points."""

    def __init__(self, glyphs: object) -> None:
        super().__init__(glyphs)
        self.rings: list[list[Point]] = []

    def _moveTo(self, pt: Point) -> None:
        self.rings.append([pt])

    def _lineTo(self, pt: Point) -> None:
        self.rings[-1].append(pt)

    def _curveToOne(self, pt1: Point, pt2: Point, pt3: Point) -> None:
        self.rings[-1] += _curve(self.rings[-1][-1], pt1, pt2, pt3)


def _curve(a: Point, b: Point, c: Point, d: Point) -> Iterator[Point]:
    """Points along a cubic curve after its start."""
    for nth in range(1, _PARTS + 1):
        t = nth / _PARTS
        u = 1 - t
        w = u**3, 3 * u * u * t, 3 * u * t * t, t**3
        yield tuple(sum(k * p[i] for k, p in zip(w, (a, b, c, d), strict=True)) for i in (0, 1))  # type: ignore[misc]
