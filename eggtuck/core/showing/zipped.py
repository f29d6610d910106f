"""A zip made ready: shortened, its ends folded back or covered with tabs; and the strip of a binding."""

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
# A strip is drawn so many times as long as it is wide, at most.
_LANES = 7.0
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
        # Beside it: on something so short it would hide the stitching.
        covered.over.append(letter(tab, (at + way * long / 2, -0.8 * wide), tab.own_cloths[0]))
    covered.over.append(Spot("slider", (opens / 2, wide / 2)))
    covered.over.append(letter(zip_piece, (opens / 4, wide / 2), None))
    return prepared.frame(), covered.frame()


def plain_zip(moment: Moment, done: Operation) -> Frame:
    """A zip whose tape is folded back slantwise beyond its stops; one that will be cut runs on over both seams."""
    zip_piece, opens = moment.by_id["zip"], moment.draft.finished["zip_opening"] or 0.0
    _, low, _, high = box_of(outline_of(zip_piece))
    wide = high - low
    scene = Scene()
    scene.cloths.append(_tape(zip_piece, -1.2 * wide, opens + 1.2 * wide, wide))
    for at, way in ((0.0, -1.0), (opens, 1.0)):
        if done.hems or "long" not in done.title.id:
            for edge, inner in ((0.0, 0.4), (wide, 0.6)):
                scene.line("fold", ((at + way * 0.2 * wide, edge), (at + way * 0.8 * wide, inner * wide)))
                scene.arrow(
                    "fold", (at + way * 1.1 * wide, inner * wide), (at + way * 0.3 * wide, 1.5 * edge - 0.25 * wide)
                )
        else:
            scene.line("mark", ((at, -0.2 * wide), (at, 1.2 * wide)))
    scene.over.append(Spot("slider", (opens / 2, wide / 2)))
    scene.over.append(letter(zip_piece, (opens / 4, wide / 2), None))
    return scene.frame()


def laned_strip(piece: Piece, bought: bool) -> Frame:
    """A piece of binding with its three creases; one that is bought is cut off square and its folds are opened out."""
    left, low, right, high = box_of(outline_of(piece))
    wide, long = min(right - left, high - low), max(right - left, high - low)
    long = min(long, _LANES * wide)
    scene = Scene()
    ring = ((0.0, 0.0), (long, 0.0), (long, wide), (0.0, wide))
    scene.cloths.append(Cloth(piece.id, piece.copies[0], next(iter(piece.own_cloths), None), "wrong", ring))
    for quarter in (1, 2, 3):
        scene.line("fold", ((0.0, quarter * wide / 4), (long, quarter * wide / 4)))
    if bought:
        scene.line("cut", ((0.97 * long, -0.2 * wide), (0.97 * long, 1.2 * wide)))
    else:
        for edge, middle in ((0.0, 0.45), (wide, 0.55)):
            scene.arrow("fold", (long / 2, edge), (long / 2, middle * wide))
    scene.over.append(letter(piece, (long / 6, wide / 2), next(iter(piece.own_cloths), None)))
    return scene.frame()


def _tape(piece: Piece, start: float, end: float, wide: float) -> Cloth:
    ring: tuple[Point, ...] = ((start, 0.0), (end, 0.0), (end, wide), (start, wide))
    return Cloth(piece.id, piece.copies[0], None, "right", ring)
