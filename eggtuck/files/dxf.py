"""The pattern as DXF R2010 in millimetres: a layer for every kind of line, arcs as arcs."""

from __future__ import annotations

import io
import unicodedata
from collections.abc import Sequence

import ezdxf
from ezdxf.document import Drawing

from ..core.pattern import Draft
from ..core.plane import Segment
from ..core.words import Speaker
from .drawing import draw_piece
from .paper import test_side
from .sheet import arrange

# Layer by kind of line, with its colour number and line type.
LAYERS = {
    "cut": ("CUT", 7, "CONTINUOUS"),
    "stitch": ("STITCH", 5, "DASHED"),
    "fold": ("FOLD", 3, "DASHDOT"),
    "mark": ("MARK", 4, "DASHED"),
    "inset": ("INTERFACING", 8, "DASHED"),
    "notch": ("NOTCH", 1, "CONTINUOUS"),
}
_TEXT, _SQUARE = "TEXT", "TEST-SQUARE"


def pattern_dxf(draft: Draft) -> bytes:
    """Every piece that is cut, once, at true scale beside a test square. Words are plain ASCII."""
    speaker = Speaker(draft.ruler, draft.language)
    document = ezdxf.new("R2010", setup=True)  # type: ignore[attr-defined]
    document.header["$INSUNITS"] = 4
    document.header["$MEASUREMENT"] = 1
    for name, colour, line in LAYERS.values():
        document.layers.add(name, color=colour, linetype=line)
    document.layers.add(_TEXT, color=7)
    document.layers.add(_SQUARE, color=2)
    sheet = arrange([draw_piece(piece, speaker, draft.notch_numbers) for piece in draft.pieces if piece.cuts], 900.0)
    space = document.modelspace()
    for placed in sheet.placed:
        for stroke in placed.drawing.strokes:
            points = _points(stroke.path, stroke.closed, placed.dx, placed.dy)
            space.add_lwpolyline(
                points, format="xyb", close=stroke.closed, dxfattribs={"layer": LAYERS[stroke.style][0]}
            )
        for label in placed.drawing.labels:
            place = (label.at[0] + placed.dx, label.at[1] + placed.dy)
            text = space.add_text(_plain(label.text), height=label.size, dxfattribs={"layer": _TEXT})
            text.set_placement(place, align=ezdxf.enums.TextEntityAlignment.MIDDLE_CENTER)
    side = test_side(draft.ruler)
    corners = [(4.0, -6.0 - side), (4.0 + side, -6.0 - side), (4.0 + side, -6.0), (4.0, -6.0)]
    space.add_lwpolyline(corners, close=True, dxfattribs={"layer": _SQUARE})
    return _written(document)


def _points(path: Sequence[Segment], closed: bool, dx: float, dy: float) -> list[tuple[float, float, float]]:
    found = [(s.start[0] + dx, s.start[1] + dy, s.bulge) for s in path]
    if not closed and path:
        found.append((path[-1].end[0] + dx, path[-1].end[1] + dy, 0.0))
    return found


def _plain(text: str) -> str:
    """Old readers know no other letters."""
    swapped = text.replace("×", "x").replace("–", "-").replace("π", "pi")
    return unicodedata.normalize("NFKD", swapped).encode("ascii", "ignore").decode()


def _written(document: Drawing) -> bytes:
    out = io.StringIO()
    document.write(out)
    return out.getvalue().encode("utf-8")
