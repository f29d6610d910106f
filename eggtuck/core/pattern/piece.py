"""Pattern pieces: outlines with named edges, what is cut from them, and what is marked on them."""

from __future__ import annotations

import math
from collections.abc import Mapping
from dataclasses import field
from functools import cached_property
from typing import Literal, NamedTuple

from ..frozen import frozen
from ..plane import Axis, Point, Segment, along_path, bounds, clipped, flatten, offset_outline
from ..plane.boxes import Box
from ..words import Message

Role = Literal["outer", "lining", "interfacing", "padding", "mesh", "contrast", "binding"]
# How what lies on another cloth is cut: as that, smaller all round, to the stitch line, half of it as it is drawn, a band, or not at all.
CutRule = Literal["full", "smaller", "net", "lower", "upper", "left", "right", "band", "none"]
On = Literal["outer", "lining", "both"]
Held = Literal["fused", "basted", "quilted", "slipped"]
InSeams = Literal["caught", "trimmed"]
# Which of the copies of a piece that are cut from one cloth: "whole" where there is one.
Copy = str
# Two that share no more than this touch (mm).
_TOUCHES = 1e-6
MarkKind = Literal[
    "notch", "line", "zone", "gap", "box-line", "trim-line", "tie", "up", "grain", "centre", "point", "figure"
]
# Drawn as an arrow along the grain: one that says which way is up, too, or what does not matter for.
ARROWS = ("up", "grain")


@frozen(slots=False)
class Edge:
    """A named stretch of the stitch line: ``key`` is its name on its ``piece``; ``path`` is its net geometry (mm,
    anticlockwise round the piece); ``allowance`` is what is added outside it (mm).
    An ``internal`` edge is a stitch line inside the piece, such as the line across a squashed corner."""

    piece: str
    key: str
    name: Message
    path: tuple[Segment, ...]
    allowance: float
    internal: bool = False

    @property
    def id(self) -> str:
        """What files call it: ``piece.key``."""
        return f"{self.piece}.{self.key}"

    @cached_property
    def length(self) -> float:
        """Of its path (mm)."""
        return math.fsum(segment.length for segment in self.path)


class Part(NamedTuple):
    """What of a piece lies from ``low`` to ``high`` (mm, as the piece is drawn) along an ``axis``."""

    axis: Axis
    low: float
    high: float


@frozen
class Cut:
    """How often a piece is cut from one cloth. ``inset`` is how much smaller all round than the cut
    outline (mm); less than nothing where it is cut larger and trimmed later. A ``net`` cut ends on the stitch line, whatever
    each edge's allowance. ``nth`` counts the layers of one role: 0 is the first. ``mirrored`` cuts are cut half of them turned over;
    the one lining of a piece that is no mirror image of itself is cut turned over. What lies ``on`` another cloth of its copy - glued,
    quilted or basted to it - is sewn with that one; it follows a ``rule``, by which it may be only a ``part`` of its piece."""

    role: Role
    count: int
    on_fold: bool = False
    mirrored: bool = False
    inset: float = 0.0
    net: bool = False
    nth: int = 0
    on: Role | None = None
    part: Part | None = None
    rule: CutRule = "full"


@frozen
class Mark:
    """Something marked on the cloth: a path or a point (net coordinates, mm), where it is measured
    from, and by how much. ``role`` limits it to the pieces cut from one cloth. One that is ``seen`` is needed on the right side: it is
    worked on when the wrong side is covered. Where a piece is cut several times it may be on ``one`` of them, the first or another ``copy``. A ``late`` one is told in the step that needs it: before,
    what it is measured from is not there. It may be the place of a ``part``. No part may lie on a ``tie``, nor
    ``within`` a line round what it ``bars``, or ``between`` two."""

    kind: MarkKind
    label: Message
    path: tuple[Segment, ...] = ()
    point: Point | None = None
    datum: Message | None = None
    role: Role | None = None
    seen: bool | None = None
    one: bool = False
    copy: Copy = ""
    late: bool = False
    part: str = ""
    bars: Literal["", "within", "between"] = ""


@frozen
class Fold:
    """A line the flat piece is folded on, from end to end. Where it lies level and ``doubles`` the piece, what is above it as the piece is drawn
    lies behind what is below, upside down: the fold is its finished top."""

    id: str
    name: Message
    line: Segment
    doubles: bool = False


@frozen(slots=False)
class Piece:
    """A flat piece. ``edges`` go round the net outline anticlockwise, end to start. ``cut_as`` is the line to
    cut where that is not the net outline moved outward: a dart that is sewn before it is trimmed, a strip
    with square ends that is joined at a slant. A piece without ``cuts`` is bought, or sewn up from others. A strip that may be
    joined of several loses ``join_loss`` (mm) of its length at each join. ``copies`` are what each cloth it is cut from gives: the one
    called ``back`` is turned over. One that is ``sewn_up`` from others shows that cloth. One that is ``backed`` usually takes interfacing and padding. Copies whose first cloth is cut so much ``larger`` all
    round (mm) are cut to their outline when something has been worked on them. A strip that goes round a curve is cut on the ``bias``."""

    id: str
    letter: str
    name: Message
    edges: tuple[Edge, ...]
    cuts: tuple[Cut, ...]
    lines: tuple[Edge, ...] = ()
    marks: tuple[Mark, ...] = ()
    folds: tuple[Fold, ...] = ()
    cut_as: tuple[Segment, ...] | None = None
    join_loss: float | None = None
    copies: tuple[Copy, ...] = ("whole",)
    backed: bool = False
    sewn_up: Role | None = None
    larger: Mapping[Copy, float] = field(default_factory=dict)
    bias: bool = False

    @cached_property
    def stitch_outline(self) -> tuple[Segment, ...]:
        """The net outline: on the stitch line, and on the fold of a turned edge."""
        return tuple(segment for edge in self.edges for segment in edge.path)

    @cached_property
    def own_cloths(self) -> tuple[Role, ...]:
        """The cloths it is cut from by itself, not on another of its copy: the first is what is seen of it."""
        return tuple(dict.fromkeys(cut.role for cut in self.cuts if cut.on is None))

    @property
    def cut_outline(self) -> tuple[Segment, ...]:
        """The net outline moved outward by each edge's own allowance."""
        return self._moved(0.0)

    @cached_property
    def _outlines(self) -> dict[float, tuple[Segment, ...]]:
        """Outlines made so far, by their inset: none is made twice."""
        return {}

    @cached_property
    def _boxes(self) -> dict[float, Box]:
        return {}

    @cached_property
    def stitch_box(self) -> Box:
        """The upright box round the net outline (mm)."""
        return bounds(self.stitch_outline)

    @property
    def cut_box(self) -> Box:
        """The upright box round the cut outline (mm)."""
        return self._box(0.0)

    @cached_property
    def stitch_points(self) -> list[Point]:
        """Points round the net outline, arcs to half a millimetre."""
        return flatten(self.stitch_outline, 0.5)

    @cached_property
    def square_top(self) -> bool:
        """Whether the raw piece has two square corners above, so that top and side can be measured from."""
        x0, _, x1, y1 = self.cut_box
        corners = {(round(s.start[0], 3), round(s.start[1], 3)) for s in self.cut_outline}
        return {(round(x0, 3), round(y1, 3)), (round(x1, 3), round(y1, 3))} <= corners

    @property
    def side_fold(self) -> float | None:
        """How far right the fold lies on which it is front and back in one (mm)."""
        return next((fold.line.start[0] for fold in self.folds if fold.id.endswith("side-fold")), None)

    @property
    def base_fold(self) -> float | None:
        """How high the fold lies on which it is, its back hanging upside down below (mm)."""
        return next((fold.line.start[1] for fold in self.folds if fold.id.endswith("base-fold")), None)

    @property
    def double_fold(self) -> float | None:
        """How high a level fold lies on which it is doubled, its upper half behind the lower (mm)."""
        lines = (fold.line for fold in self.folds if fold.doubles)
        return next((line.start[1] for line in lines if line.start[1] == line.end[1]), None)

    def with_marks(self, *marks: Mark) -> Piece:
        """The same piece with more marked on it."""
        made = object.__new__(Piece)
        # What was worked out of its shape stays with it.
        made.__dict__.update(self.__dict__, marks=(*self.marks, *marks))
        made.__dict__.pop("notches", None)
        return made

    @property
    def cut_size(self) -> tuple[float, float]:
        """Width and height (mm) of the cut outline as it is drawn."""
        return self._size(0.0)

    @cached_property
    def by_key(self) -> Mapping[str, Edge]:
        """Its edges and inner lines by their names on it."""
        return {edge.key: edge for edge in (*self.edges, *self.lines)}

    @cached_property
    def notches(self) -> Mapping[str, tuple[tuple[float, int], ...]]:
        """The notches on each of its edges, by the edge's name: how far along it (mm), and which of the marks it is."""
        found: dict[str, tuple[tuple[float, int], ...]] = {}
        points = [
            (i, mark.point) for i, mark in enumerate(self.marks) if mark.kind == "notch" and mark.point is not None
        ]
        for key, edge in self.by_key.items():
            on = [(at, i) for i, point in points if (at := along_path(edge.path, point)) is not None]
            found[key] = tuple(sorted(on))
        return found

    def outline_for(self, cut: Cut) -> tuple[Segment, ...]:
        """The outline to cut for one cloth: smaller all round where the cut has an inset, the stitch line where it is net, and of that only its part.

        Raises `OffsetError` when that leaves nothing.
        """
        whole = self.stitch_outline if cut.net else self._moved(cut.inset)
        return whole if cut.part is None else clipped(whole, *cut.part)

    def over(self, cut: Cut) -> tuple[float, ...]:
        """By how much copies of it are cut larger all round from this cloth, to be trimmed when they have been worked on (mm)."""
        first = self.own_cloths[:1] == (cut.role,) and cut.on is None
        return tuple(mm for mm in self.larger.values() if mm) if first else ()

    def reaches(self, cut: Cut, edge: Edge) -> bool:
        """Whether what is cut for a layer lies in the allowance of an edge, so that a seam along it catches it; one along a line inside
        the piece catches whatever lies there."""
        if (cut.net and edge.allowance > 0) or cut.inset >= edge.allowance > 0:
            return False
        if cut.part is None:
            return True
        x0, y0, x1, y1 = bounds(edge.path)
        first, last = (x0, x1) if cut.part.axis == "x" else (y0, y1)
        return first < cut.part.high - _TOUCHES and last > cut.part.low + _TOUCHES

    def size_for(self, cut: Cut) -> tuple[float, float]:
        """Width and height (mm) of what is cut for one cloth."""
        if cut.net or cut.part is not None:
            x0, y0, x1, y1 = bounds(self.outline_for(cut))
            return x1 - x0, y1 - y0
        return self._size(cut.inset)

    def _moved(self, inset: float) -> tuple[Segment, ...]:
        if inset not in self._outlines:
            self._outlines[inset] = self._offset(inset)
        return self._outlines[inset]

    def _box(self, inset: float) -> Box:
        if inset not in self._boxes:
            self._boxes[inset] = bounds(self._moved(inset))
        return self._boxes[inset]

    def _size(self, inset: float) -> tuple[float, float]:
        x0, y0, x1, y1 = self._box(inset)
        return x1 - x0, y1 - y0

    def _offset(self, inset: float) -> tuple[Segment, ...]:
        if self.cut_as is not None:
            return offset_outline(self.cut_as, [-inset] * len(self.cut_as)) if inset else self.cut_as
        distances = [edge.allowance - inset for edge in self.edges for _ in edge.path]
        return offset_outline(self.stitch_outline, distances)
