"""Paper: its sizes, and how the pieces lie on its pages."""

from __future__ import annotations

from typing import Literal

from reportlab.lib.pagesizes import A0, A3, A4, letter
from reportlab.lib.units import mm

from ..core.frozen import frozen
from ..core.lengths import Ruler
from ..core.pattern import Draft
from ..core.words import Speaker
from .drawing import draw_piece, is_strip
from .sheet import Sheet, Tile, arrange, tiled

Paper = Literal["a4", "letter", "a3", "a0", "sheet"]
SIZES = {"a4": A4, "letter": letter, "a3": A3, "a0": A0}
MARGIN = 12.0
OVERLAP = 10.0
# The widest roll a copy shop prints on, without its edges (mm).
_ROLL = 880.0


def test_side(ruler: Ruler) -> float:
    """Side of the test square (mm), a whole number on the maker's ruler."""
    return 50.8 if ruler.unit == "in" else 50.0


@frozen
class Pages:
    """Pieces on a sheet, and the pages cut from it: each shows ``step_x`` by ``step_y`` mm and an overlap beyond."""

    sheet: Sheet
    tiles: tuple[Tile, ...]
    step_x: float
    step_y: float

    @property
    def size(self) -> tuple[float, float]:
        """A page with its margins (mm)."""
        return self.step_x + OVERLAP + 2 * MARGIN, self.step_y + OVERLAP + 2 * MARGIN


def pages_of(draft: Draft, speaker: Speaker, paper: Paper) -> Pages:
    """The arrangement that takes the fewest pages; on ``sheet`` one page as large as the pieces need."""
    cut = [piece for piece in draft.pieces if piece.cuts]
    # A make of strips alone has nothing else to print.
    drawings = [draw_piece(p, speaker, draft.notch_numbers) for p in [p for p in cut if not is_strip(p)] or cut]
    if paper == "sheet":
        sheet = arrange(drawings, _ROLL)
        return Pages(sheet, (Tile(0, 0, "A1"),), sheet.width, sheet.height)
    wide, high = (side / mm - 2 * MARGIN - OVERLAP for side in SIZES[paper])
    sheet, tiles = tiled(drawings, wide, high)
    return Pages(sheet, tuple(tiles), wide, high)
