"""The pattern as SVG in millimetres: one group a piece, a class for every kind of line."""

from __future__ import annotations

from collections.abc import Sequence

from lxml import etree

from ..core.pattern import Draft
from ..core.plane import Segment
from ..core.words import Speaker, msg
from .drawing import draw_piece
from .paper import Paper, pages_of, test_side
from .plain import plain
from .sheet import Placed, arrange

_SVG = "http://www.w3.org/2000/svg"
_STROKES = {
    "cut": {"stroke-width": "0.5"},
    "stitch": {"stroke-width": "0.3", "stroke-dasharray": "3 1.5"},
    "fold": {"stroke-width": "0.35", "stroke-dasharray": "6 1.5 1 1.5"},
    "mark": {"stroke-width": "0.25", "stroke-dasharray": "1 1"},
    "inset": {"stroke-width": "0.25", "stroke-dasharray": "0.5 1.5"},
    "notch": {"stroke-width": "0.5"},
}


def pattern_svg(draft: Draft, title: str | None = None) -> bytes:
    """Every piece once at true scale, with a test square."""
    speaker = Speaker(draft.ruler, draft.language)
    sheet = arrange([draw_piece(piece, speaker, draft.notch_numbers) for piece in draft.pieces if piece.cuts], 900.0)
    below = 64.0
    width, height = max(sheet.width, 70.0), sheet.height + below
    root = etree.Element(
        f"{{{_SVG}}}svg",
        nsmap={None: _SVG},  # type: ignore[dict-item]
        width=f"{width:.3f}mm",
        height=f"{height:.3f}mm",
        viewBox=f"0 0 {width:.3f} {height:.3f}",
    )
    etree.SubElement(root, f"{{{_SVG}}}title").text = plain(title or "") or speaker.say(msg(f"form.{draft.form}"))
    for placed in sheet.placed:
        _add_placed(root, placed, sheet.height)
    side = test_side(draft.ruler)
    test = etree.SubElement(root, f"{{{_SVG}}}g", id="test-square", fill="none", stroke="#000")
    etree.SubElement(
        test,
        f"{{{_SVG}}}rect",
        {"x": "4", "y": f"{sheet.height + 6:.3f}", "width": f"{side:g}", "height": f"{side:g}", "stroke-width": "0.3"},
    )
    note = etree.SubElement(
        test,
        f"{{{_SVG}}}text",
        {
            "x": f"{4 + side / 2:g}",
            "y": f"{sheet.height + 32:.3f}",
            "font-size": "3",
            "text-anchor": "middle",
            "fill": "#000",
            "stroke": "none",
            "font-family": "sans-serif",
        },
    )
    note.text = speaker.say(msg("print.test-square", side=side))
    return bytes(etree.tostring(root, xml_declaration=True, encoding="UTF-8", pretty_print=True))


def pages_svg(draft: Draft, paper: Paper) -> bytes:
    """A small view of the printed pages: every page with its name, and the pieces as they lie over them."""
    speaker = Speaker(draft.ruler, draft.language)
    pages = pages_of(draft, speaker, paper)
    columns, rows = (max(getattr(tile, way) for tile in pages.tiles) + 1 for way in ("column", "row"))
    wide, high = columns * pages.step_x, rows * pages.step_y
    root = etree.Element(
        f"{{{_SVG}}}svg",
        nsmap={None: _SVG},  # type: ignore[dict-item]
        viewBox=f"-4 -4 {wide + 8:.3f} {high + 8:.3f}",
    )
    etree.SubElement(root, f"{{{_SVG}}}title").text = speaker.say(msg("print.pages", count=len(pages.tiles)))
    for tile in pages.tiles:
        x, y = tile.column * pages.step_x, high - (tile.row + 1) * pages.step_y
        page = {"x": f"{x:.3f}", "y": f"{y:.3f}", "width": f"{pages.step_x:.3f}", "height": f"{pages.step_y:.3f}"}
        etree.SubElement(root, f"{{{_SVG}}}rect", {**page, "fill": "#fff", "stroke": "#777", "stroke-width": "1.2"})
        at = {"x": f"{x + 8:.3f}", "y": f"{y + pages.step_y - 8:.3f}", "font-size": "16", "fill": "#777"}
        text = etree.SubElement(root, f"{{{_SVG}}}text", {**at, "font-family": "sans-serif"})
        text.text = tile.name
    for placed in pages.sheet.placed:
        _add_placed(root, placed, high)
    return bytes(etree.tostring(root, xml_declaration=True, encoding="UTF-8"))


def _add_placed(root: etree._Element, placed: Placed, top: float) -> None:
    """A piece with its lines and words, y turned to run down from ``top``."""
    group = etree.SubElement(root, f"{{{_SVG}}}g", id=placed.drawing.piece.id, fill="none", stroke="#000")
    for stroke in placed.drawing.strokes:
        data = path_data(stroke.path, stroke.closed, placed.dx, placed.dy, top)
        etree.SubElement(group, f"{{{_SVG}}}path", {"class": stroke.style, "d": data, **_STROKES[stroke.style]})
    for label in placed.drawing.labels:
        text = etree.SubElement(
            group,
            f"{{{_SVG}}}text",
            {
                "x": f"{label.at[0] + placed.dx:.3f}",
                "y": f"{top - label.at[1] - placed.dy:.3f}",
                "font-size": f"{label.size:.2f}",
                "text-anchor": "middle",
                "fill": "#000",
                "stroke": "none",
                "font-family": "sans-serif",
                "font-weight": "bold" if label.bold else "normal",
            },
        )
        text.text = label.text


def path_data(path: Sequence[Segment], closed: bool, dx: float, dy: float, top: float) -> str:
    """SVG path data with y turned to run down from ``top``; arcs stay arcs."""
    first = path[0].start
    parts = [f"M{first[0] + dx:.4f} {top - first[1] - dy:.4f}"]
    for s in path:
        x, y = s.end[0] + dx, top - s.end[1] - dy
        if s.bulge == 0:
            parts.append(f"L{x:.4f} {y:.4f}")
        else:
            large, sweep = int(abs(s.bulge) > 1), int(s.bulge < 0)
            parts.append(f"A{s.radius:.4f} {s.radius:.4f} 0 {large} {sweep} {x:.4f} {y:.4f}")
    return " ".join(parts) + (" Z" if closed else "")
