"""How a strip is folded, or turned, and stitched along."""

from __future__ import annotations

from typing import cast

from ..making.operation import Operation
from ..pattern import Piece
from ..pattern.picture import Cloth, Face, Frame
from .flat import outline_of
from .scene import Scene, beside, box_of, letter
from .straps import folds_of, made_strip

# Along both its sides a strip is stitched so far in (share of its width).
_IN = 0.12


def is_strip(piece: Piece, done: Operation) -> bool:
    """Whether an operation makes a strip of a piece: folded, or of a single layer."""
    return bool(folds_of(piece)) or done.title.id.startswith("step.part-single")


def strip_frames(piece: Piece, done: Operation) -> tuple[Frame, ...]:
    """A strip with its folds and which way it goes over them, and made, with its stitching; one that is turned between the two, one of a single
    layer as it is."""
    folds, made = len(folds_of(piece)), made_strip(piece)
    _stitched_along(made)
    if not folds:
        return (made.frame(),)
    if done.title.id.startswith("step.part-turned"):
        return _doubled(piece).frame(), _sewn_long(piece, done).frame(), made.frame()
    if folds == 2:
        # On webbing, drawn beyond its ends so that it is seen, and a little less wide.
        left, low, right, high = made.box
        over, less = 0.04 * (right - left), 0.06 * (high - low)
        ring = (
            (left - over, low + less),
            (right + over, low + less),
            (right + over, high - less),
            (left - over, high - less),
        )
        made.cloths.insert(0, Cloth("part", "", None, "right", ring))
    return _flat(piece).frame(), made.frame()


def _stitched_along(scene: Scene) -> None:
    left, low, right, high = scene.box
    for at in (_IN, 1 - _IN):
        y = low + (high - low) * at
        scene.line("sew", ((left, y), (right, y)))


def _laid_out(piece: Piece, face: Face) -> Scene:
    """A strip open, with its folds."""
    scene, ring, role = Scene(), outline_of(piece), next(iter(piece.own_cloths), None)
    left, low, right, high = box_of(ring)
    scene.cloths.append(Cloth(piece.id, piece.copies[0], role, face, ring))
    for mark in folds_of(piece):
        scene.line("fold", [mark.path[0].start, mark.path[-1].end])
    y = (low + high) / 2
    scene.over.append(letter(piece, (right - 0.2 * (right - left), y + 0.12 * (high - low)), role))
    return scene


def _flat(piece: Piece) -> Scene:
    """Both long edges go in: to the middle, or by so much as is turned under."""
    scene = _laid_out(piece, "wrong")
    left, low, right, high = box_of(outline_of(piece))
    x, folds = left + 0.2 * (right - left), [mark.path[0].start[1] for mark in folds_of(piece)]
    for edge, fold in ((low, min(folds)), (high, max(folds))):
        # Over its fold, as far again.
        scene.arrow("fold", (x, edge), (x, edge + (fold - edge) * 1.6))
    return scene


def _doubled(piece: Piece) -> Scene:
    """One half goes over the other, right sides together."""
    scene = _laid_out(piece, "right")
    left, low, right, high = box_of(outline_of(piece))
    x = left + 0.2 * (right - left)
    scene.arrow("fold", (x, high - 0.1 * (high - low)), (x, low + 0.1 * (high - low)))
    return scene


def _sewn_long(piece: Piece, done: Operation) -> Scene:
    """Folded, wrong side out, and sewn along its long side."""
    scene, role = Scene(), next(iter(piece.own_cloths), None)
    left, low, right, high = box_of(outline_of(piece))
    wide = (high - low) / 2
    ring = ((left, 0.0), (right, 0.0), (right, wide), (left, wide))
    scene.cloths.append(Cloth(piece.id, piece.copies[0], role, "wrong", ring))
    told = next((text.params["allowance"] for text in done.how if "allowance" in text.params), 0.0)
    y = min(beside(cast(float, told), scene.size), 0.4 * wide)
    scene.line("sew", ((left, y), (right, y)))
    scene.over.append(letter(piece, ((left + right) / 2, 0.6 * wide), role))
    return scene
