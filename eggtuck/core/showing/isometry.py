"""Moving drawn pieces about the table without changing their size: turned, shifted, and laid face down."""

from __future__ import annotations

from collections.abc import Iterable

from ..frozen import frozen
from ..plane import Point


@frozen
class Isometry:
    """``z -> turn * z + shift`` on the plane as complex numbers (mm), ``over``: of its mirror image, as seen when it lies face down."""

    turn: complex = 1 + 0j
    shift: complex = 0j
    over: bool = False

    def __call__(self, point: Point) -> Point:
        z = complex(*point)
        z = self.turn * (z.conjugate() if self.over else z) + self.shift
        return z.real, z.imag

    def all(self, points: Iterable[Point]) -> tuple[Point, ...]:
        return tuple(self(point) for point in points)

    def then(self, other: Isometry) -> Isometry:
        """This one, and the other after it.

        Example:
            >>> left, over = Isometry(shift=-5 + 0j), Isometry(over=True)
            >>> over.then(left)((1.0, 2.0))
            (-4.0, -2.0)
        """
        turn, shift = (self.turn.conjugate(), self.shift.conjugate()) if other.over else (self.turn, self.shift)
        return Isometry(other.turn * turn, other.turn * shift + other.shift, self.over != other.over)

    def moved(self, x: float, y: float) -> Isometry:
        return Isometry(self.turn, self.shift + complex(x, y), self.over)

    @classmethod
    def turned_over(cls) -> Isometry:
        """What lies face down where it lay face up, its left on the right.

        Example:
            >>> Isometry.turned_over()((3.0, 2.0))
            (-3.0, 2.0)
        """
        return cls(turn=-1 + 0j, over=True)

    @classmethod
    def onto(cls, start: Point, end: Point, to_start: Point, to_end: Point, over: bool = False) -> Isometry:
        """What lays two points on two others, as well as their distances allow: middle on middle.

        Example:
            >>> Isometry.onto((0.0, 0.0), (2.0, 0.0), (5.0, 0.0), (5.0, 2.0))((1.0, 0.0))
            (5.0, 1.0)
        """
        a, b, c, d = (complex(*p) for p in (start, end, to_start, to_end))
        if over:
            a, b = a.conjugate(), b.conjugate()
        way = (d - c) / (b - a) if abs(b - a) > 1e-9 and abs(d - c) > 1e-9 else 1 + 0j
        turn = way / abs(way)
        return cls(turn, (c + d) / 2 - turn * (a + b) / 2, over)
