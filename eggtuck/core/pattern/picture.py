"""The picture of a step: what lies on what, as shapes in the plane (mm, y up). What draws it adds nothing and leaves nothing out."""

from __future__ import annotations

from typing import Literal

from ..frozen import frozen
from ..plane import Point
from ..words import Message
from .piece import Copy, Role
from .seam import EdgeUse

Face = Literal["right", "wrong"]
# A line: to sew now, sewn before, a hem's stitching, an edge finished, a fold, where to cut, a mark, what is left open, an edge that is meant.
LineKind = Literal["sew", "sewn", "finish", "fold", "cut", "mark", "open", "edge"]
SpotKind = Literal["start", "stop", "notch", "hole", "gap-end", "slider"]
ArrowKind = Literal["fold", "turn", "move"]
ToolKind = Literal["scissors", "iron", "pen", "machine", "needle", "hands"]


@frozen
class Cloth:
    """A piece, or what of it is seen, in one ``role``: which ``face`` is up; on its wrong side it may be ``covered`` by what was laid on
    it. What is ``aside`` is kept out of the way; of something bought there is no role."""

    piece: str
    copy: Copy
    role: Role | None
    face: Face
    outline: tuple[Point, ...]
    covered: Role | None = None
    aside: bool = False
    holes: tuple[tuple[Point, ...], ...] = ()


@frozen
class Line:
    """A line along ``use``, where it lies on an edge; ``hidden`` behind what is drawn over it."""

    kind: LineKind
    path: tuple[Point, ...]
    use: EdgeUse | None = None
    hidden: bool = False


@frozen
class Spot:
    """A place that is meant, with its ``number`` where it has one."""

    kind: SpotKind
    at: Point
    number: int | None = None


@frozen
class Arrow:
    """Which way something goes: along its points."""

    kind: ArrowKind
    path: tuple[Point, ...]


@frozen
class Letter:
    """What a piece is called, on it."""

    text: str
    at: Point
    role: Role | None
    times: int = 1


@frozen
class Note:
    """A few words, or a length, at a place."""

    text: Message
    at: Point


Item = Cloth | Line | Spot | Arrow | Letter | Note


@frozen
class Frame:
    """One drawing, from the bottom up."""

    items: tuple[Item, ...]
    caption: Message | None = None

    @property
    def box(self) -> tuple[float, float, float, float]:
        """Round all of it: left, low, right, high (mm)."""
        points: list[Point] = []
        for item in self.items:
            points += (
                item.outline if isinstance(item, Cloth) else item.path if isinstance(item, (Line, Arrow)) else [item.at]
            )
        xs, ys = zip(*(points or [(0.0, 0.0)]), strict=True)
        return min(xs), min(ys), max(xs), max(ys)


@frozen
class Picture:
    """The drawings of a step, as one follows the other, and what is taken to hand for it."""

    step: str
    frames: tuple[Frame, ...]
    tools: tuple[ToolKind, ...] = ()
