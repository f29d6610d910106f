"""Hand stitches in three drawings each: how it begins, a few stitches left loose, and drawn up."""

from __future__ import annotations

from collections.abc import Callable
from typing import Final

from ..frozen import frozen
from ..pattern import Role
from ..pattern.picture import Arrow, Cloth, Face, Frame, Item, Line, Spot
from ..plane import Point
from ..words import Message, msg

# How wide the drawings are, how long a stitch on them, and how far apart edges that are not drawn up yet (mm).
_WIDE, _STITCH, _APART = 90.0, 10.0, 9.0
_HIGH = 26.0
# How a stitch begins, goes on and ends.
PARTS = ("begin", "on", "end")


@frozen
class Lesson:
    """A stitch by its ``id``: what it is called, what it is for, and its drawings."""

    id: str
    frames: tuple[Frame, ...]

    @property
    def name(self) -> Message:
        return msg(f"lesson.{self.id}")

    @property
    def use(self) -> Message:
        return msg(f"lesson.{self.id}.use")


def _cloth(x0: float, y0: float, x1: float, y1: float, face: Face = "right", role: Role = "outer") -> Cloth:
    ring = (x0, y0), (x1, y0), (x1, y1), (x0, y1)
    return Cloth("", "", role, face, ring)


def _seen(*points: Point) -> Line:
    return Line("sew", points)


def _inside(*points: Point) -> Line:
    return Line("sew", points, hidden=True)


def _folds(apart: float) -> list[Item]:
    """Two folds that face each other."""
    upper, lower = apart / 2, -apart / 2
    return [
        _cloth(0, upper, _WIDE, _HIGH),
        _cloth(0, -_HIGH, _WIDE, lower),
        Line("fold", ((0, upper), (_WIDE, upper))),
        Line("fold", ((0, lower), (_WIDE, lower))),
    ]


def _ladder(stitches: int, apart: float) -> list[Item]:
    """In one fold along, straight across, in the other along."""
    items, x = _folds(apart), 10.0
    for n in range(stitches):
        side = apart / 2 if n % 2 == 0 else -apart / 2
        items.append(_inside((x, side), (x + _STITCH, side)))
        if apart > 1:
            items.append(_seen((x + _STITCH, side), (x + _STITCH, -side)))
        x += _STITCH
    return items


def _hem(apart: float) -> list[Item]:
    """A fold lying on a flat cloth."""
    return [
        _cloth(0, -_HIGH, _WIDE, _HIGH, "wrong"),
        _cloth(0, apart, _WIDE, _HIGH),
        Line("fold", ((0, apart), (_WIDE, apart))),
    ]


def _slip(stitches: int, apart: float) -> list[Item]:
    """Along in the fold, and a thread or two of the cloth beneath."""
    items, x = _hem(apart), 10.0
    for _ in range(stitches):
        items += [_inside((x, apart), (x + _STITCH, apart)), _seen((x + _STITCH, apart), (x + _STITCH, -1.5))]
        items.append(_inside((x + _STITCH, -1.5), (x + _STITCH + 2, -1.5)))
        x += _STITCH + 2
    return items


def _whip(stitches: int, apart: float) -> list[Item]:
    """Over both edges, slanting, always from behind."""
    items, x = _folds(apart), 10.0
    for _ in range(stitches):
        items += [_seen((x, -apart / 2 - 3), (x + _STITCH / 2, apart / 2 + 3))]
        items.append(_inside((x + _STITCH / 2, apart / 2 + 3), (x + _STITCH, -apart / 2 - 3)))
        x += _STITCH
    return items


def _along(stitches: int, back: bool) -> list[Item]:
    """Along a line: in and out evenly, or each stitch back to the end of the one before."""
    items: list[Item] = [_cloth(0, -_HIGH, _WIDE, _HIGH, "wrong"), Line("mark", ((0, 0), (_WIDE, 0)))]
    x = 10.0
    for n in range(stitches):
        if back:
            items += [_seen((x, 0), (x + _STITCH, 0)), _inside((x, -2), (x + 2 * _STITCH, -2))]
            if n == stitches - 1:
                items.append(Spot("stop", (x + 2 * _STITCH, 0)))
            x += _STITCH
        else:
            items += [_seen((x, 0), (x + _STITCH * 0.6, 0)), _inside((x + _STITCH * 0.6, 0), (x + _STITCH, 0))]
            x += _STITCH
    return items


def _blind(stitches: int, apart: float) -> list[Item]:
    """The hem turned back a little, a thread of the cloth, a thread of the hem; with the edge laid down again nothing shows."""
    items, x = _hem(apart), 10.0
    line = _seen if apart > 1 else _inside
    for _ in range(stitches):
        items += [
            line((x, apart + 2), (x + _STITCH * 0.7, -1)),
            line((x + _STITCH * 0.7, -1), (x + _STITCH * 1.4, apart + 2)),
        ]
        x += _STITCH * 1.4
    return items


def _three(draw: Callable[[int, float], list[Item]], id: str, loose: float = _APART) -> tuple[Frame, ...]:
    frames = (draw(1, loose), draw(4, loose), draw(5, 0.6))
    return tuple(Frame(tuple(items), msg(f"lesson.{id}.{n}")) for n, items in zip(PARTS, frames, strict=True))


def _knot() -> tuple[Frame, ...]:
    """Wound round the needle, drawn down, pulled into the fold."""
    cloth = _folds(0.6)
    needle = Line("cut", ((30, 0), (60, 20)))
    wound = [Line("sew", ((36 + 3 * n, 2 + 2 * n), (32 + 3 * n, 7 + 2 * n))) for n in range(3)]
    first: list[Item] = [*cloth, needle, *wound]
    second: list[Item] = [*cloth, Line("sew", ((30, 0), (60, 20))), Spot("start", (32, 1.5))]
    third: list[Item] = [*cloth, _inside((30, 0), (55, 8)), Spot("stop", (30, 0)), Arrow("move", ((30, 2), (48, 7)))]
    return tuple(
        Frame(tuple(items), msg(f"lesson.knot.{n}")) for n, items in zip(PARTS, (first, second, third), strict=True)
    )


def _corner() -> tuple[Frame, ...]:
    """A corner turned in: across the tip, then one side, then the other."""
    flat: list[Item] = [
        _cloth(0, 0, 60, 60, "wrong"),
        Line("fold", ((44, 60), (60, 44))),
        Arrow("fold", ((57, 57), (47, 47))),
    ]
    tip = Cloth("", "", "outer", "right", ((44, 60), (60, 44), (44, 44)))
    body = Cloth("", "", "outer", "wrong", ((0, 0), (60, 0), (60, 44), (44, 60), (0, 60)))
    second: list[Item] = [
        body,
        tip,
        Line("fold", ((0, 50), (54, 50))),
        Line("fold", ((50, 0), (50, 54))),
        Arrow("fold", ((25, 58), (25, 44))),
    ]
    done = Cloth("", "", "outer", "wrong", ((0, 0), (50, 0), (50, 50), (0, 50)))
    top = Cloth("", "", "outer", "right", ((0, 40), (40, 40), (50, 50), (0, 50)))
    side = Cloth("", "", "outer", "right", ((40, 0), (50, 0), (50, 50), (40, 40)))
    third: list[Item] = [done, top, side, _seen((40, 40), (50, 50)), _seen((0, 41), (39, 41)), _seen((41, 0), (41, 39))]
    return tuple(
        Frame(tuple(items), msg(f"lesson.corner.{n}")) for n, items in zip(PARTS, (flat, second, third), strict=True)
    )


LESSONS: Final[tuple[Lesson, ...]] = (
    Lesson("knot", _knot()),
    Lesson("ladder", _three(_ladder, "ladder")),
    Lesson("slip", _three(_slip, "slip", 4.0)),
    Lesson("whip", _three(_whip, "whip", 6.0)),
    Lesson(
        "running",
        tuple(
            Frame(tuple(_along(n, False)), msg(f"lesson.running.{i}")) for i, n in zip(PARTS, (1, 4, 7), strict=True)
        ),
    ),
    Lesson(
        "back",
        tuple(Frame(tuple(_along(n, True)), msg(f"lesson.back.{i}")) for i, n in zip(PARTS, (1, 3, 6), strict=True)),
    ),
    Lesson("blind", _three(_blind, "blind", 5.0)),
    Lesson("corner", _corner()),
)
