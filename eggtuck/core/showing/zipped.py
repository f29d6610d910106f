"""A zip made ready: shortened, or its ends covered with tabs."""

from __future__ import annotations

from typing import cast

from ..making.operation import Operation
from ..pattern import Piece
from ..pattern.picture import Cloth, Frame, LineKind, Spot
from ..plane import Point
from .flat import outline_of
from .moment import Moment
from .scene import Scene, box_of, letter

# What is cut off is drawn so long, beside what stays.
_OVER = 0.06
# How far from its fold a tab is stitched down, as a share of what it is long.
_EDGE = 0.08


def shortened_zip(piece: Piece) -> Scene:
    """What is bought longer than it will be: held by stitches where it is to end, and cut beyond them."""
    left, low, right, high = box_of(outline_of(piece))
    flat = right - left >= high - low
    long, wide = (right - left, high - low) if flat else (high - low, right - left)
    scene, over = Scene(), _OVER * long

    def ring(end: float, more: float = 0.0) -> tuple[Point, ...]:
        return (0.0, -more), (end, -more), (end, wide + more), (0.0, wide + more)

    scene.cloths.append(Cloth(piece.id, piece.copies[0], None, "right", ring(long + 2 * over)))
    for kind, at, more in (("sew", long, 0.0), ("cut", long + over, 0.3 * wide)):
        _, low_end, high_end, _ = ring(at, more)
        scene.line(cast(LineKind, kind), (low_end, high_end))
    scene.over.append(letter(piece, (long / 2, wide / 2), None))
    return scene


def covered_zip(moment: Moment, done: Operation) -> tuple[Frame, Frame]:
    """A zip between tabs: sewn across where its tabs will lie, its slider between, and cut beyond; then each tab over an end of it, stitched down
    along its fold."""
    zip_piece = moment.by_id["zip"]
    tab = moment.by_id[done.pieces[0]]
    opens, under = moment.draft.finished["zip_opening"] or 0.0, cast(float, done.how[1].params["under"])
    _, low, _, high = box_of(outline_of(zip_piece))
    left, _, right, _ = box_of(outline_of(tab))
    wide, long = high - low, (right - left) / 2
    prepared, covered = Scene(), Scene()
    more = under + max(0.5 * under, _OVER * opens)
    prepared.cloths.append(_tape(zip_piece, -more, opens + more, wide))
    for at, way in ((0.0, -1.0), (opens, 1.0)):
        prepared.line("sew", ((at, 0.0), (at, wide)))
        prepared.line("cut", ((at + way * under, -0.3 * wide), (at + way * under, 1.3 * wide)))
    prepared.over.append(Spot("slider", (opens / 2, wide / 2)))
    prepared.over.append(letter(zip_piece, (opens / 4, wide / 2), None))
    covered.cloths.append(_tape(zip_piece, -under, opens + under, wide))
    for at, way in ((0.0, -1.0), (opens, 1.0)):
        ends = sorted((at, at + way * long))
        ring = tuple((x, y) for x, y in ((ends[0], 0.0), (ends[1], 0.0), (ends[1], wide), (ends[0], wide)))
        covered.cloths.append(Cloth(tab.id, tab.copies[0], tab.own_cloths[0], "right", ring))
        fold = at + way * _EDGE * long
        covered.line("sew", ((fold, 0.0), (fold, wide)))
        covered.over.append(letter(tab, (at + way * long / 2, wide / 2), tab.own_cloths[0]))
    covered.over.append(Spot("slider", (opens / 2, wide / 2)))
    covered.over.append(letter(zip_piece, (opens / 4, wide / 2), None))
    return prepared.frame(), covered.frame()


def _tape(piece: Piece, start: float, end: float, wide: float) -> Cloth:
    ring: tuple[Point, ...] = ((start, 0.0), (end, 0.0), (end, wide), (start, wide))
    return Cloth(piece.id, piece.copies[0], None, "right", ring)
