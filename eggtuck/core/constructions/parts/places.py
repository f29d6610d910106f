"""Where a part lies on the make's first piece: measured while the piece is flat, clear of edges, base and every other part."""

from __future__ import annotations

import math
from collections.abc import Iterable, Iterator
from functools import cached_property
from itertools import pairwise

import shapely
from shapely import affinity
from shapely.geometry.base import BaseGeometry

from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...drafting.zones import Zone
from ...making.naming import thing_name
from ...pattern import Piece, Seam
from ...pattern.grip import Grip, Move
from ...plane import Point, Segment, crossings
from ...plane.boxes import Box
from ...shop import EDGE_STITCH, PART_CLEAR
from ...words import Message, msg
from .taken import hem_of, taken_on, upright_folds
from .uppers import bent_upper, upper_edge

# What is told by left and right, where the other side lies up.
_TURNED = {"mark.place.datum": "place.turned", "mark.place-beside.datum": "place.turned-beside"}


def back_of(piece: Piece) -> str:
    """What the side of a piece's outer is that is not seen: its ``lining``'s, where one is laid on it flat, or its own ``wrong`` side."""
    return "lining" if any(cut.role == "lining" and cut.on is not None for cut in piece.cuts) else "wrong"


class Field:
    """The front of the make on its first piece: from side to side, from the base line or lower edge up to the finished top; ``inside``
    it is the lining behind that, or the wrong side of the same cloth where none hangs there."""

    def __init__(self, make: Make, inside: bool = False) -> None:
        self.make, self.inside = make, inside
        self.piece, self.role = make.behind if inside else (make.host, make.host_role)
        x0, y0, x1, y1 = self.piece.stitch_box
        fold = self.piece.side_fold
        back = make.hosting is not None and make.hosting.back
        # On the back of a piece folded at its base everything is planned as on its front, and laid over the fold.
        self._over = self.piece.base_fold if back else None
        self.copy = make.host_copy if make.host_copy in self.piece.copies else self.piece.copies[0]
        lines = [(m.label.id, s.start[1]) for m in self.piece.marks for s in m.path]
        turned = [y for id, y in lines if id.startswith(("mark.turned-", "mark.top-fold"))]
        # Elsewhere what lies on the piece hangs upside down.
        upright, self.high = make.upright.get(self.piece.id, (y0, y1))
        self.low = max([y0, upright, *(y for id, y in lines if id == "mark.base-line")])
        self.left, self.right = (fold, x1) if back and fold is not None else (x0, min(x1, max(fold or x1, x0 + 1.0)))
        # Doubled it ends at its fold.
        self.doubled = self.piece.double_fold
        self.top = min([y1, *(y for y in (*turned, self.doubled or y1) if y > self.low)])
        self.bent = bent_upper(self.piece)
        self._found: dict[bool, BaseGeometry | None] = {}
        self._points = self.piece.stitch_points

    @property
    def upside_down(self) -> bool:
        """Whether what lies here hangs upside down as the piece is drawn."""
        return self._over is not None

    @property
    def width(self) -> float:
        return self.right - self.left

    @property
    def height(self) -> float:
        return self.top - self.low

    def box(self, from_top: float, from_side: float, width: float, height: float) -> Box:
        left = self.left + from_side
        top = self.level(left + width / 2, from_top)
        return left, top - height, left + width, top

    def level(self, x: float, down: float) -> float:
        """How high a place at ``x`` is that lies so far below the finished top (mm)."""
        return self.top - down if self.bent is None else self.bent.level(x, down)

    def down_to(self, x: float, y: float) -> float:
        """How far below the finished top a place lies (mm)."""
        return self.top - y if self.bent is None else self.bent.down_to((x, y))

    @cached_property
    def seamed(self) -> Seam | None:
        """The seam in which its upper edge is sewn to another piece, so that it ends there: its own lining, a binding and what is bought finish it."""
        own, edge = self.piece.id.removesuffix("-lining"), (self.piece.id, upper_edge(self.piece).key)
        cut = {piece.id for piece in self.make.pieces if piece.cuts}
        for seam in self.make.seams:
            for one, other in ((seam.a, seam.b), (seam.b, seam.a)):
                beyond = {use.piece for use in other if use.piece.removesuffix("-lining") != own} & cut
                if beyond and seam.layers != ("binding",) and edge in [(use.piece, use.key) for use in one]:
                    return seam
        return None

    def under(self, down: float, *, turned: bool = False) -> Message:
        """Where a place that far below the finished top is measured from (mm): from a seam where it ends at one; when all is ``turned``, from the
        rim."""
        if self.seamed is None:
            return msg("place.below-rim" if turned else "place.below-top", down=down)
        if turned:
            return msg("place.below-named", down=down, seam=self.seamed.name)
        return msg("place.below-seam", down=down)

    def raw_to(self, x: float, y: float) -> float:
        """How far below the raw upper edge (mm)."""
        return self.piece.cut_box[3] - y if self.bent is None else self.bent.down_to((x, y)) + self.bent.allowance

    @property
    def runs(self) -> str:
        """How its upper edge runs, by which places are told."""
        return "level" if self.bent is None else "bent"

    def lies(self, box: Box) -> Box:
        """Where a box that was planned on the front really lies on the piece."""
        if self._over is None:
            return box
        x0, y0, x1, y1 = box
        return x0, 2 * self._over - y1, x1, 2 * self._over - y0

    def planned(self, y: float) -> float:
        """The level on the front at which something is planned that really lies at one of the piece (mm)."""
        return y if self._over is None else 2 * self._over - y

    def lies_along(self, line: Iterable[Segment]) -> tuple[Segment, ...]:
        """The same of a line."""
        if self._over is None:
            return tuple(line)
        over = 2 * self._over
        turned = [(s.start[0], over - s.start[1], s.end[0], over - s.end[1], -s.bulge) for s in line]
        return tuple(Segment((a, b), (c, d), bulge) for a, b, c, d, bulge in turned)

    def clear(self, box: Box) -> bool:
        """Whether a box lies clear of edges and base, and of what is stitched along the finished top."""
        x0, y0, x1, y1 = box
        high = min(self.level((x0 + x1) / 2, self.below), self.high)
        if y0 < self.low + PART_CLEAR - 1e-6 or y1 > high + 1e-6:
            return False
        if not self.is_free(shapely.box(*box), y1):
            return False
        if x0 < self.left + PART_CLEAR - 1e-6 or x1 > self.right - PART_CLEAR + 1e-6:
            return False
        # No part of the outline comes into it: a dart, a notch.
        if any(x0 < x < x1 and y0 < y < y1 for x, y in self._points):
            return False
        # Its corners, the middles of its sides and its own lie within.
        for y in (y0, (y0 + y1) / 2, y1):
            out = crossings(self._points, y)
            for x in (x0 - PART_CLEAR + 1e-6, (x0 + x1) / 2, x1 + PART_CLEAR - 1e-6):
                if sum(at > x for at in out) % 2 == 0:
                    return False
        return True

    @property
    def below(self) -> float:
        """How far below the finished top something may lie at the highest (mm): an opening that is sewn over is shut."""
        return max(float(PART_CLEAR), self.make.edge_stitch + EDGE_STITCH)

    @cached_property
    def turned(self) -> float:
        """How far down from the finished top it is covered by what is turned there (mm): in, and sewn down through it, or out, over its right
        side."""
        out = self.make.spec.options.get("top") == "cuff-out"
        return 0.0 if (out and self.inside) or self.doubled is not None else self.piece.stitch_box[3] - self.top

    @cached_property
    def begins(self) -> float:
        """From how far below the finished top on something may lie (mm): clear of what is turned there, or of its hem."""
        hem = 0.0 if self.doubled is not None else hem_of(self.make, self.piece, upper_edge(self.piece))
        deep = max(self.turned, hem)
        return self.make.spec.on_grid(deep + PART_CLEAR, "up") if deep else 0.0

    def _taken(self, across: bool) -> BaseGeometry | None:
        if across not in self._found:
            self._found[across] = taken_on(self.make, self.piece, across=across)
        return self._found[across]

    def is_free(self, shape: BaseGeometry, high: float, *, across: bool = False) -> bool:
        """Whether what is planned on the front, up to so ``high``, lies clear of hems, folds, channels and all that is sewn along later; what lies
        ``across`` goes on over upright folds."""
        if self.turned > 0 and high > self.top - self.turned - PART_CLEAR + 1e-6:
            return False
        taken = self._taken(across)
        if taken is None:
            return True
        if self._over is not None:
            shape = affinity.scale(shape, 1.0, -1.0, origin=(0.0, self._over))
        return bool(taken.distance(shape) >= PART_CLEAR - 1e-6)

    def along_top(self, off: float) -> Point:
        """The place on the finished upper edge that lies ``off`` mm along it from its middle, to the right when more than nothing: on a
        straight edge, along an arc, round the corner of one that ends."""
        middle = ((self.left + self.right) / 2, self.top)
        if self.piece.square_top:
            return middle[0] + off, self.top
        points = [*self._points, self._points[0]]
        at = max(range(len(points)), key=lambda i: points[i][1])
        # Outlines run anticlockwise: to the left along the top.
        line = [*points[at:], *points[1 : at + 1]]
        line = line[::-1] if off > 0 else line
        left = abs(off)
        for a, b in pairwise(line):
            step = math.dist(a, b)
            if step >= left > 0:
                return a[0] + (b[0] - a[0]) * left / step, a[1] + (b[1] - a[1]) * left / step
            left -= step
        return middle

    def over(self, box: Box) -> Zone | None:
        """The part that a box runs over: on the same cloth, whichever side of it that lies on."""
        return next((zone for zone in self.zones if zone.overlaps(box)), None)

    @property
    def zones(self) -> list[Zone]:
        """What lies on the same cloth."""
        return self.make.zones_on(self.piece.id, self.role)

    @property
    def on(self) -> Message:
        """Where something is laid: on which cloth, and which side of it."""
        thing = thing_name(self.piece, self.role)
        return msg(f"place.{back_of(self.piece) if self.is_back else 'right'}-side", thing=thing)

    @property
    def is_back(self) -> bool:
        """Whether it is the back of the cloth that is laid on and marked: inside, where no lining hangs."""
        return self.inside and self.role == self.make.host_role

    def places(self, width: float, height: float, from_top: float) -> Iterator[tuple[float, float]]:
        """``(from top, from side)`` to try for a box of this size: in the middle near the top, then lower, then beside; where upright folds part it,
        in the middle between them first, from the right, where a front lies."""
        across = (self.width - width) / 2
        folds = [x - self.left for x in upright_folds(self.piece) if self.left < x < self.right]
        sides = (
            [(a + b - width) / 2 for a, b in pairwise((0.0, *folds, self.width)) if b - a > width][::-1]
            if folds
            else []
        )
        lower = self.height - height - PART_CLEAR
        steps = [from_top, self.begins, *(lower * share for share in (0.15, 0.3, 0.5, 0.7, 0.85, 1.0))]
        for side in (*sides, across, PART_CLEAR, 2 * across - PART_CLEAR, across / 2, across * 1.5):
            for top in steps:
                yield self.make.spec.on_grid(max(0.0, top)), self.make.spec.on_grid(max(0.0, side))

    def datum(self, box: Box) -> Message:
        """Where to measure a place from while the piece is flat, and what it then is on the finished make: from the raw edges where
        those are straight, else from the middle line."""
        place = self._measured(box)
        # A back is drawn, or told with its top up, as it is seen through the front: from its own wrong side.
        if self.is_back and self.copy != "back" and not self.upside_down and place.id in _TURNED:
            place = msg(_TURNED[place.id], place=place)
        return place if self._over is None else msg("place.back-half", place=place)

    def _measured(self, box: Box) -> Message:
        x0, _, x1, y1 = box
        cut = self.piece.cut_box
        raw, finished = self.raw_to((x0 + x1) / 2, y1), self.down_to((x0 + x1) / 2, y1)
        if self.piece.square_top:
            return msg("mark.place.datum", raw=raw, side=x0 - cut[0], top=self.under(finished))
        middle = (cut[0] + cut[2]) / 2
        off = (x0 + x1) / 2 - middle
        top = self.under(finished)
        # Less than half a mark is told as nothing.
        if abs(off) < max(1.0, self.make.spec.step / 2):
            return msg("mark.place-middle.datum", raw=raw, top=top, runs=self.runs)
        hand = "left" if off < 0 else "right"
        return msg("mark.place-beside.datum", raw=raw, off=abs(off), hand=hand, top=top, runs=self.runs)

    def grip(self, request: PartRequest, box: Box, *moves: tuple[str, float, float, float]) -> None:
        """Lets a part be taken hold of where it lies: each move is the name of a length, by how much that grows to the right and up, and a
        middle it may lie in, less than nothing where there is none."""
        limits = {item.name: item for item in request.kind.lengths}
        made = tuple(
            Move(
                name,
                request.lengths[name],
                right,
                up if self._over is None else -up,
                limits[name].low,
                limits[name].high,
                (middle,) if middle >= 0 else (),
            )
            for name, right, up, middle in moves
        )
        self.make.grips.append(Grip(request.index, request.kind.name, self.piece.id, self.role, self.lies(box), made))

    def middles(self, box: Box) -> tuple[float, float]:
        """How far a box as large lies from the side and below the top when it lies in the middle (mm)."""
        return (self.width - box[2] + box[0]) / 2, (self.height - box[3] + box[1]) / 2
