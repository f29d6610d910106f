"""What is cut from: cloth off the roll, or a piece of cloth with its own outline, with what must be left out of it."""

from __future__ import annotations

from collections.abc import Sequence

import shapely

from ..frozen import frozen
from ..pattern.problem import Problem
from ..plane import Point
from ..shop import SCRAP_LEAST, SCRAP_MOST
from ..words import msg
from .cutout import Angle, Cutout

# So many points an outline is drawn with at most, and so many places in it are avoided.
MOST_POINTS, MOST_HOLES = 400, 40


@frozen
class Ground:
    """Cloth to cut from: ``width`` between its selvedges, ``length`` along them (mm; None: as much as it takes). A scrap has an ``outline``, within
    that width and length, and ``holes``: places not to cut from."""

    id: str
    width: float
    length: float | None = None
    outline: tuple[Point, ...] | None = None
    holes: tuple[tuple[Point, ...], ...] = ()
    # Whether it is bought for this, not there already.
    bought: bool = False

    @property
    def shape(self) -> shapely.Geometry:
        """Everything that can be cut from, of a roll without end only what is asked of it: raises TypeError there."""
        if self.length is None:
            raise TypeError(self.id)
        whole = self.outline or ((0.0, 0.0), (self.width, 0.0), (self.width, self.length), (0.0, self.length))
        return shapely.Polygon(whole).difference(shapely.unary_union([shapely.Polygon(hole) for hole in self.holes]))

    @property
    def area(self) -> float:
        """Of what can be cut from (mm2); of a roll without end 0."""
        return 0.0 if self.length is None else float(self.shape.area)


@frozen
class Spot:
    """Where something lies: on which ``ground``, its lower left corner ``x`` from the left and ``y`` from the cut end (mm), turned by ``angle``. What
    is ``pinned`` the maker has put there."""

    cutout: str
    ground: str
    x: float
    y: float
    angle: Angle = 0
    pinned: bool = False

    def shape(self, cutout: Cutout) -> shapely.Polygon:
        """Its outline as it lies."""
        return shapely.Polygon([(x + self.x, y + self.y) for x, y in cutout.turned(self.angle)])


def outline_problems(outline: Sequence[Point], holes: Sequence[Sequence[Point]]) -> list[Problem]:
    """What is wrong with the drawn outline of a scrap (mm) and the places in it that are avoided."""
    told = [_outline_problem(outline, "outline")]
    if len(holes) > MOST_HOLES:
        told.append(Problem("holes", msg("problem.scrap-many-holes", most=MOST_HOLES)))
    else:
        told += [_outline_problem(hole, "holes") for hole in holes]
    found = [problem for problem in told if problem is not None]
    if not found and Ground("", 0.0, 1.0, tuple(outline), tuple(map(tuple, holes))).area < SCRAP_LEAST**2:
        found.append(Problem("holes", msg("problem.scrap-nothing-left")))
    return found


def _outline_problem(points: Sequence[Point], field: str) -> Problem | None:
    if not 3 <= len(points) <= MOST_POINTS:
        return Problem(field, msg("problem.scrap-points", most=MOST_POINTS))
    shape = shapely.Polygon(points)
    if not shape.is_valid:
        return Problem(field, msg("problem.scrap-crossed"))
    x0, y0, x1, y1 = shape.bounds
    if field == "outline" and (min(x1 - x0, y1 - y0) < SCRAP_LEAST or max(x1 - x0, y1 - y0) > SCRAP_MOST):
        return Problem(field, msg("problem.scrap-size", low=SCRAP_LEAST, high=SCRAP_MOST))
    if shape.area <= 0:
        return Problem(field, msg("problem.scrap-crossed"))
    return None
