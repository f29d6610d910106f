"""Straps: as they are made, the ends that are sewn to a wall, and how one runs through slider and ring."""

from __future__ import annotations

import math
from collections.abc import Callable, Sequence
from itertools import pairwise

import shapely

from ..making.operation import Operation
from ..pattern import Mark, Piece, Role
from ..pattern.picture import Cloth, Frame, Spot
from ..plane import Point
from ..shop import RIVET_IN
from ..words import Message
from .flat import outline_of
from .moment import Moment
from .scene import Scene, box_of, letter

Where = Callable[[Point], Point | None]
# A straight line is drawn in so many parts, for it may be bent.
_PARTS = 8
# Slider and ring seen from the side: how large a part is drawn (mm), how thick a band and a bar are (parts), and where the bars lie.
_PART, _THICK, _BAR = 40.0, 0.15, 0.17
_RING = ((-0.7, -0.5), (0.7, -0.5))
_SLIDER = ((4.0, 0.0), (5.0, 0.0), (6.0, 0.0))
# The tab round one side of the ring; the strap from its end, which is turned round the slider's middle bar, round the other side of the ring
# and back through the slider, under its outer bars and over the middle one.
_TAB = ((-4.0, -0.1), (-0.7, -0.1), (-0.4, -0.2), (-0.3, -0.5), (-0.4, -0.8), (-0.7, -0.9), (-4.0, -0.9))
_STRAP = (
    *((2.9, -0.65), (4.4, -0.65), (4.55, -0.3), (4.75, 0.26), (5.25, 0.26), (5.5, -0.3), (5.35, -0.9), (5.0, -1.0)),
    *((0.7, -0.95), (0.4, -0.8), (0.3, -0.5), (0.4, -0.2), (0.7, -0.05), (3.0, -0.1), (4.0, -0.33), (4.4, 0.1)),
    *((4.65, 0.55), (5.35, 0.55), (5.6, 0.1), (6.0, -0.33), (7.0, -0.1), (10.0, 0.0), (10.2, -0.15), (10.0, -0.3)),
    (8.6, -0.36),
)
# A strap round the eye of a hook and back, its raw end turned under, and where that is sewn down.
_ROUND_EYE = (
    *((8.0, -0.28), (0.3, -0.28), (-0.1, -0.26), (-0.27, 0.0), (-0.1, 0.26), (0.3, 0.28), (3.0, 0.28), (3.1, 0.16)),
    *((3.0, 0.04), (2.2, 0.04)),
)
_SEWN_DOWN = (1.0, 2.9)


def is_made(moment: Moment, piece: Piece) -> bool:
    """Whether a strip has been folded and stitched along by now."""
    return bool(folds_of(piece)) and any(use.piece == piece.id for use in moment.hemmed)


def made_strip(piece: Piece) -> Scene:
    """A strip folded along its folds: in two or four, or with both edges turned under."""
    scene, role = Scene(), _role(piece)
    left, low, right, high = box_of(outline_of(piece))
    levels = [mark.path[0].start[1] for mark in folds_of(piece)]
    wide = max(levels) - min(levels) if len(levels) == 2 else (high - low) / (len(levels) + 1)
    ring = (left, 0.0), (right, 0.0), (right, wide), (left, wide)
    scene.cloths.append(Cloth(piece.id, piece.copies[0], role, "right", ring))
    scene.over.append(letter(piece, ((left + right) / 2, wide / 2), role))
    return scene


def folds_of(piece: Piece) -> list[Mark]:
    """The folds that make a strip of a piece."""
    return [mark for mark in piece.marks if mark.label.id == "mark.strap-fold"]


def _role(piece: Piece) -> Role | None:
    return next(iter(piece.own_cloths), None)


# Ends that are sewn to a wall ----------------------------------------------------------------------------------------


def _attached(done: Operation) -> str:
    """How ends are held that an operation sews to a wall."""
    held = next((line.params["attach"] for line in done.how if "attach" in line.params), None)
    return held.id.removeprefix("attach.") if isinstance(held, Message) else ""


def draw_ends(moment: Moment, done: Operation, scene: Scene, part: str, host: tuple[str, str], where: Where) -> None:
    """The ends of a strap on a copy of a piece, each with what holds it: as high as it is wide, at its lower end."""
    piece = moment.by_id[part]
    for id, copy, (x0, y0, x1, y1) in done.boxes:
        ring = (x0, y0), (x1, y0), (x1, y1), (x0, y1), (x0, y0)
        points = [at for at in map(where, _in_parts(ring)) if at is not None] if (id, copy) == host else []
        if len(points) < 3:
            continue
        scene.over.append(Cloth(part, piece.copies[0], _role(piece), "right", tuple(points)))
        high = min(x1 - x0, y1 - y0)
        fold = moment.by_id[host[0]].base_fold
        # Below its fold a piece hangs upside down.
        over = fold is not None and (y0 + y1) / 2 < fold
        _held(scene, _attached(done), (x0, y1 - high, x1, y1) if over else (x0, y0, x1, y0 + high), where)


def _held(scene: Scene, attach: str, box: tuple[float, float, float, float], where: Where) -> None:
    """A square, with a cross in it, or two rivets."""
    x0, y0, x1, y1 = box
    if attach == "rivets":
        y, far = (y0 + y1) / 2, RIVET_IN * (x1 - x0)
        found = (where(p) for p in ((x0 + far, y), (x1 - far, y)))
        scene.over += [Spot("hole", at) for at in found if at is not None]
        return
    a, b, c, d = (x0, y0), (x1, y0), (x1, y1), (x0, y1)
    for path in ((a, b, c, d, a), (a, c), (b, d))[: 3 if attach == "boxed-cross" else 1]:
        scene.line("sew", [at for at in map(where, _in_parts(path)) if at is not None])


def _in_parts(path: Sequence[Point]) -> list[Point]:
    """Its corners, and points between them."""
    found = [path[0]]
    for (ax, ay), (bx, by) in pairwise(path):
        found += [(ax + (bx - ax) * i / _PARTS, ay + (by - ay) * i / _PARTS) for i in range(1, _PARTS + 1)]
    return found


# Slider and ring -----------------------------------------------------------------------------------------------------


def hook_frame(strap: Piece) -> Frame:
    """An end of a strap turned round the eye of a hook and sewn down: from the side."""
    scene = Scene()
    neck = shapely.LineString([(-0.1, 0.0), (-1.5, 0.0)])
    turns = [math.radians(10 + 7.5 * i) for i in range(43)]
    bow = shapely.LineString([(-2.4 + 0.9 * math.cos(t), 0.9 * math.sin(t)) for t in turns])
    gate = shapely.LineString([(-1.52, -0.2), (-1.75, -0.62)])
    _shape(scene, shapely.union_all([part.buffer(0.12, quad_segs=4) for part in (neck, bow)]))
    _shape(scene, gate.buffer(0.05, cap_style="flat"))
    _shape(scene, shapely.LineString(_ROUND_EYE).buffer(_THICK / 2, cap_style="flat", quad_segs=4), strap)
    _shape(scene, shapely.Point(0.0, 0.0).buffer(_BAR, quad_segs=4))
    for x in _SEWN_DOWN:
        scene.line("sew", [(x * _PART, y * _PART) for y in (-0.55, 0.55)])
    scene.over.append(letter(strap, (5.6 * _PART, 0.25 * _PART), _role(strap)))
    return scene.frame()


def slider_frame(strap: Piece, tab: Piece) -> Frame:
    """A strap that is sewn round the middle bar of its slider, runs through the ring of its tab and back through the slider: from the side."""
    scene = Scene()
    for bars in (_RING, _SLIDER):
        (left, y), (right, _) = bars[0], bars[-1]
        _shape(scene, shapely.LineString([(left, y), (right, y)]).buffer(0.04, cap_style="flat"))
    for piece, path in ((tab, _TAB), (strap, _STRAP)):
        band = shapely.LineString(path).buffer(_THICK / 2, cap_style="flat", quad_segs=4)
        _shape(scene, band, piece)
    for x, y in (*_RING, *_SLIDER):
        turns = (2 * math.pi * i / 16 for i in range(16))
        _shape(scene, shapely.Polygon([(x + _BAR * math.cos(t), y + _BAR * math.sin(t)) for t in turns]))
    scene.line("sew", [(3.1 * _PART, y * _PART) for y in (-0.5, -1.15)])
    for piece, at in ((tab, (-2.6, -0.5)), (strap, (2.0, -0.5))):
        scene.over.append(letter(piece, (at[0] * _PART, at[1] * _PART), _role(piece)))
    return scene.frame()


def _shape(scene: Scene, shape: shapely.Polygon, piece: Piece | None = None) -> None:
    rings = [tuple((x * _PART, y * _PART) for x, y in ring.coords[:-1]) for ring in (shape.exterior, *shape.interiors)]
    name = (piece.id, piece.copies[0], _role(piece)) if piece is not None else ("", "", None)
    scene.cloths.append(Cloth(*name, "right", rings[0], holes=tuple(rings[1:])))
