"""Placing pieces side by side on one large sheet, and cutting the sheet into pages."""

from __future__ import annotations

import math
from collections.abc import Sequence

import rectpack

from ..core.frozen import frozen
from .drawing import PieceDrawing

GAP = 8.0


@frozen
class Placed:
    """A drawing moved by ``dx, dy`` so that it lies on the sheet (mm, origin lower left)."""

    drawing: PieceDrawing
    dx: float
    dy: float


@frozen
class Sheet:
    placed: tuple[Placed, ...]
    width: float
    height: float


@frozen
class Tile:
    """One page's window on the sheet: column and row from the lower left, and whether anything is on it."""

    column: int
    row: int
    name: str


def arrange(drawings: Sequence[PieceDrawing], width: float) -> Sheet:
    """Pack the pieces, unturned, onto a sheet of at most ``width`` mm (or as wide as the widest piece)."""
    boxes = [d.box for d in drawings]
    widest = max(x1 - x0 for x0, _, x1, _ in boxes)
    width = max(width, widest + 2 * GAP)
    packer = rectpack.newPacker(rotation=False, mode=rectpack.PackingMode.Offline)
    packer.add_bin(math.ceil((width + GAP) * 100), 10**8)
    for index, (x0, y0, x1, y1) in enumerate(boxes):
        packer.add_rect(math.ceil((x1 - x0 + GAP) * 100), math.ceil((y1 - y0 + GAP) * 100), rid=index)
    packer.pack()
    placed: list[Placed] = []
    for _, x, y, _, _, index in packer.rect_list():
        x0, y0, _, _ = boxes[index]
        placed.append(Placed(drawings[index], x / 100 - x0 + GAP / 2, y / 100 - y0 + GAP / 2))
    placed.sort(key=lambda p: p.drawing.piece.letter)
    right = max(p.drawing.box[2] + p.dx for p in placed) + GAP / 2
    top = max(p.drawing.box[3] + p.dy for p in placed) + GAP / 2
    return Sheet(tuple(placed), right, top)


def tiled(drawings: Sequence[PieceDrawing], tile_width: float, tile_height: float) -> tuple[Sheet, list[Tile]]:
    """The arrangement that takes the fewest pages of ``tile_width`` by ``tile_height`` mm, row by row from
    the top left."""
    best: tuple[int, Sheet, list[Tile]] | None = None
    for columns in range(1, 9):
        sheet = arrange(drawings, columns * tile_width - GAP)
        tiles = _used(sheet, tile_width, tile_height)
        if best is None or len(tiles) < best[0]:
            best = (len(tiles), sheet, tiles)
    assert best is not None
    return best[1], best[2]


def _used(sheet: Sheet, tile_width: float, tile_height: float) -> list[Tile]:
    rows = math.ceil(sheet.height / tile_height - 1e-9)
    columns = math.ceil(sheet.width / tile_width - 1e-9)
    found: list[Tile] = []
    for row in reversed(range(rows)):
        for column in range(columns):
            window = (column * tile_width, row * tile_height, (column + 1) * tile_width, (row + 1) * tile_height)
            if any(_overlap(p, window) for p in sheet.placed):
                found.append(Tile(column, row, f"{chr(ord('A') + rows - 1 - row)}{column + 1}"))
    return found


def _overlap(placed: Placed, window: tuple[float, float, float, float]) -> bool:
    x0, y0, x1, y1 = placed.drawing.box
    return (
        x0 + placed.dx < window[2]
        and x1 + placed.dx > window[0]
        and y0 + placed.dy < window[3]
        and y1 + placed.dy > window[1]
    )
