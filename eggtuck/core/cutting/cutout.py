"""What is cut out: the outlines of copies, and how they may lie."""

from __future__ import annotations

import math
from collections.abc import Iterator, Sequence
from dataclasses import replace
from functools import lru_cache
from typing import Literal

import shapely
from shapely import affinity

from ..frozen import frozen
from ..pattern import Draft, Piece
from ..pattern.lay import Laid, Lay
from ..plane import Point, bounds, flatten

Angle = Literal[0, 90, 180, 270]
_ANGLES: tuple[Angle, ...] = (0, 180, 90, 270)
# Two outlines that differ by less (mm) are one.
_ALIKE = 0.05
# How far a sampled arc may stray from itself (mm).
_CHORD = 0.05


@frozen
class Cutout:
    """One thing to cut: a copy of a ``piece`` of one ``make``, the ``nth`` of its ``cut``, or one ``part`` of a copy that is joined. Its
    ``outline`` lies with its lower left corner at the origin, anticlockwise (mm); ``base`` is how far up its lowest stitch line lies, ``low`` the
    lower left corner of what is drawn of the piece. It lies ``upright`` where its print has a way up, goes ``through`` both layers of a folded
    cloth, or is laid half, its middle ``on_fold``; copies that are ``flipped`` are turned over; one cut on the bias lies
    ``slanted``."""

    id: str
    make: str
    piece: str
    cut: int
    nth: int
    outline: tuple[Point, ...]
    base: float
    low: Point
    part: int | None = None
    over: float = 0.0
    upright: bool = False
    through: bool = False
    on_fold: bool = False
    flipped: bool = False
    slanted: bool = False

    @property
    def angles(self) -> tuple[Angle, ...]:
        """By how much it may be turned (degrees, anticlockwise)."""
        if self.upright or self.on_fold:
            return (0,)
        # Of a strip that is joined no part lies across, and what lies slantwise lies so either way.
        return (0, 180) if self.part is not None or self.slanted else _ANGLES

    @property
    def size(self) -> tuple[float, float]:
        """Width and height, upright (mm)."""
        return max(x for x, _ in self.outline), max(y for _, y in self.outline)

    @property
    def strip(self) -> tuple[float, float]:
        """How long and how wide an oblong is that lies slanted (mm)."""
        (a, b), (c, d), (e, f) = self.outline[:3]
        sides = math.hypot(c - a, d - b), math.hypot(e - c, f - d)
        return max(sides), min(sides)

    @property
    def area(self) -> float:
        """Of what is cut, both layers where it goes through both (mm2)."""
        return float(shapely.Polygon(self.outline).area) * (2.0 if self.through or self.on_fold else 1.0)

    def turned(self, angle: Angle) -> tuple[Point, ...]:
        """Its outline turned, with its lower left corner at the origin again."""
        return _turned(self.outline, angle)


def cutouts_of(
    draft: Draft, lay: Lay, makes: Sequence[str], folded: float | None = None, across: bool = True
) -> Iterator[Cutout]:
    """Everything that is cut from one cloth of ``makes`` alike. Of a cloth that is ``folded``, so wide from its fold to its selvedges (mm), two copies
    alike or mirrored are cut at once through both layers; what is left over, or too wide for one layer, is laid half with its middle on the fold where
    it is its own mirror image. Only where pieces may lie ``across`` the grain a wide one is turned to fit."""
    by_id = {piece.id: piece for piece in draft.pieces}
    alike: dict[tuple[str, int, float, int | None], list[Cutout]] = {}
    for make in makes:
        for one in lay.laid:
            for part in range(one.strips) if one.strips > 1 else (one.part,):
                cutout = _cutout(by_id[one.piece], one, lay, make, part)
                if folded is None:
                    yield cutout
                else:
                    alike.setdefault((one.piece, one.cut, one.over, part), []).append(cutout)
    for copies in alike.values():
        yield from _folded(copies, folded or 0.0, across)


def _folded(every: Sequence[Cutout], wide: float, across: bool) -> Iterator[Cutout]:
    one = every[0]
    own_mirror = _alike(one.outline, _mirrored(one.outline))
    fits = one.size[0] <= wide + _ALIKE or (across and 90 in one.angles and one.size[1] <= wide + _ALIKE)
    if own_mirror:
        # Where both sides are alike there is no other side to turn over.
        plain = [replace(copy, flipped=False) for copy in every]
        pairs = len(plain) // 2 if fits else 0
        yield from (replace(copy, through=True) for copy in plain[:pairs])
        yield from (replace(copy, outline=_half(copy.outline), on_fold=True) for copy in plain[2 * pairs :])
        return
    upward = [copy for copy in every if not copy.flipped]
    over = [copy for copy in every if copy.flipped]
    pairs = min(len(upward), len(over)) if fits else 0
    yield from (replace(copy, through=True) for copy in upward[:pairs])
    yield from (*upward[pairs:], *over[pairs:])


def _cutout(piece: Piece, one: Laid, lay: Lay, make: str, part: int | None) -> Cutout:
    cut = piece.cuts[one.cut]
    id = f"{make}/{piece.id}/{lay.role}.{lay.nth}/{one.cut}.{one.nth}" + ("" if part is None else f".{part}")
    flipped = cut.mirrored and (cut.count == 1 or one.nth >= (cut.count + 1) // 2)
    x0, y0, _, _ = bounds(piece.outline_for(cut))
    base = piece.stitch_box[1] - y0 + one.over
    if part is not None:
        high = piece.size_for(cut)[1] + 2 * one.over if one.slanted else one.height
        wide = one.slanted_length(high) if one.slanted else one.width
        outline: tuple[Point, ...] = ((0.0, 0.0), (wide, 0.0), (wide, high), (0.0, high))
    else:
        outline = _grown(tuple(flatten(piece.outline_for(cut), _CHORD)), one.over)
    if flipped:
        outline = _mirrored(outline)
    if one.slanted:
        outline = _at_origin(_ring(affinity.rotate(shapely.Polygon(outline), 45)))
    low = (x0 - one.over, y0 - one.over)
    return Cutout(
        id,
        make,
        piece.id,
        one.cut,
        one.nth,
        outline,
        base,
        low,
        part,
        one.over,
        lay.directional,
        flipped=flipped,
        slanted=one.slanted,
    )


def _grown(points: tuple[Point, ...], over: float) -> tuple[Point, ...]:
    shape = shapely.Polygon(points)
    if over:
        shape = shape.buffer(over, join_style="mitre")
    return _at_origin(_ring(shape))


def _ring(shape: shapely.Polygon) -> tuple[Point, ...]:
    return tuple((x, y) for x, y in shapely.geometry.polygon.orient(shape).exterior.coords[:-1])


def _at_origin(points: Sequence[Point]) -> tuple[Point, ...]:
    x0, y0 = min(x for x, _ in points), min(y for _, y in points)
    return tuple((x - x0, y - y0) for x, y in points)


def _mirrored(points: Sequence[Point]) -> tuple[Point, ...]:
    return _at_origin([(-x, y) for x, y in reversed(points)])


@lru_cache(maxsize=4096)
def _turned(points: tuple[Point, ...], angle: Angle) -> tuple[Point, ...]:
    match angle:
        case 90:
            return _at_origin([(-y, x) for x, y in points])
        case 180:
            return _at_origin([(-x, -y) for x, y in points])
        case 270:
            return _at_origin([(y, -x) for x, y in points])
    return points


def _alike(one: Sequence[Point], other: Sequence[Point]) -> bool:
    """Whether two outlines are one, but for how they are sampled."""
    both = shapely.Polygon(one), shapely.Polygon(other)
    return bool(both[0].symmetric_difference(both[1]).area <= _ALIKE * both[0].length)


def _half(points: Sequence[Point]) -> tuple[Point, ...]:
    """What lies right of the middle of something that is its own mirror image."""
    shape = shapely.Polygon(points)
    x0, y0, x1, y1 = shape.bounds
    half = shape.intersection(shapely.box((x0 + x1) / 2, y0, x1, y1))
    return _ring(affinity.translate(half, -(x0 + x1) / 2, -y0))
