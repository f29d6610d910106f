"""How short a length of cloth all pieces of one role go on when they are laid side by side."""

from __future__ import annotations

import math
from collections.abc import Sequence

import rectpack

from ..materials import Stack
from ..pattern import Piece, Role
from ..shop import SELVEDGE
from .needs import strips_needed

# Lengths are packed as whole numbers of this (mm).
_UNIT = 0.1


def packed_length(pieces: Sequence[Piece], stack: Stack, role: Role | str) -> float:
    """Length along the roll (mm) that the pieces of a role take, laid as rectangles between the selvedges, turned where the print has no
    way up; infinite where one is wider than its cloth."""
    found = 0.0
    for nth, layer in enumerate(layer for layer in stack.layers if layer.role == role):
        usable = layer.width - 2 * SELVEDGE
        boxes: list[tuple[float, float]] = []
        for piece in pieces:
            for cut in piece.cuts:
                if cut.role != role or cut.nth != nth:
                    continue
                width, height = piece.size_for(cut)
                if piece.join_loss is not None and width > usable:
                    boxes += [(usable, height)] * (cut.count * strips_needed(width, layer.width, piece.join_loss))
                    continue
                boxes += [(width, height)] * cut.count
        length = _packed(boxes, usable, not layer.directional)
        found = max(found, length) if nth == 0 else found + length
    return found


def _packed(boxes: Sequence[tuple[float, float]], width: float, turned: bool) -> float:
    if any((min(box) if turned else box[0]) > width + 1e-6 for box in boxes):
        return math.inf
    best = math.inf
    for algorithm in (rectpack.MaxRectsBl, rectpack.SkylineBl):
        packer = rectpack.newPacker(rotation=turned, pack_algo=algorithm)
        packer.add_bin(math.floor(width / _UNIT + 1e-6), 10**7)
        for w, h in boxes:
            packer.add_rect(math.floor(w / _UNIT + 1e-6), math.ceil(h / _UNIT - 1e-6))
        packer.pack()
        placed = packer.rect_list()
        if len(placed) == len(boxes):
            best = min(best, max((y + h for _, _, y, _, h, _ in placed), default=0) * _UNIT)
    return best
