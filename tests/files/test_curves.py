"""Curved pieces on paper and as files: arcs keep their radius, ends and length."""

import io
import itertools
import math
import unittest

import pdfplumber
from hypothesis import given
from hypothesis import strategies as st
from svgelements import SVG, Path

from eggtuck.core.forms import draft_spec
from eggtuck.core.pattern.document import draft_document
from eggtuck.core.plane import Segment, bounds
from eggtuck.core.words import Speaker
from eggtuck.files.drawing import draw_piece
from eggtuck.files.pdf import MARGIN, _curves, pattern_pdf
from eggtuck.files.sheet import arrange, tiled
from eggtuck.files.svg import pattern_svg

POINT = 25.4 / 72
MM = 25.4 / 96


def cone(bottom=220, top=300, height=140):
    return draft_spec(
        {"form": "cone", "unit": "mm", "size": {"girth_bottom": bottom, "girth_top": top, "height": height},
         "layers": [{"material": "linen", "role": "outer"}, {"material": "linen", "role": "lining"}]}
    )  # fmt: skip


def tube():
    return draft_spec(
        {"form": "cylinder", "unit": "mm", "size": {"girth": 200, "wall_height": 120}, "options": {"top": "drawstring"}}
    )


class Svg(unittest.TestCase):
    def cut_paths(self, draft):
        svg = SVG.parse(io.BytesIO(pattern_svg(draft)), ppi=96)
        return [e for e in svg.elements() if isinstance(e, Path) and e.values.get("class") == "cut"]

    def test_cut_lines_are_as_long_as_drafted(self):
        for draft in (cone(), cone(300, 220), tube()):
            paths = self.cut_paths(draft)
            self.assertEqual(len(paths), len(draft.pieces))
            wanted = sorted(sum(s.length for s in piece.cut_outline) for piece in draft.pieces)
            for path, length in zip(sorted(paths, key=lambda p: p.length()), wanted, strict=True):
                self.assertAlmostEqual(path.length() * MM, length, delta=length * 1e-3)

    def test_boxes_are_the_cut_sizes(self):
        for draft in (cone(), tube()):
            got = []
            for path in self.cut_paths(draft):
                x0, y0, x1, y1 = path.bbox(with_stroke=False)
                got.append((round((x1 - x0) * MM, 2), round((y1 - y0) * MM, 2)))
            want = [tuple(round(v, 2) for v in piece.cut_size) for piece in draft.pieces]
            for (gx, gy), (wx, wy) in zip(sorted(got), sorted(want), strict=True):
                self.assertAlmostEqual(gx, wx, delta=0.02)
                self.assertAlmostEqual(gy, wy, delta=0.02)

    def test_arcs_are_written_as_arcs(self):
        text = pattern_svg(cone()).decode()
        arcs = [s for piece in cone().pieces for s in piece.cut_outline if s.bulge]
        self.assertGreaterEqual(text.count("A"), len(arcs))
        for arc in arcs:
            self.assertIn(f"A{arc.radius:.4f}", text)


class Pdf(unittest.TestCase):
    @given(st.floats(-1.2, 1.2).filter(lambda b: abs(b) > 1e-3), st.floats(5, 900))
    def test_printed_curves_stay_within_a_hundredth_of_a_millimetre_of_the_arc(self, bulge, chord):
        arc = Segment((0.0, 0.0), (chord, 0.0), bulge)
        cx, cy = arc.center
        at = arc.start
        for x1, y1, x2, y2, x3, y3 in _curves(arc):
            for t in (0.25, 0.5, 0.75, 1.0):
                u = 1 - t
                x = u**3 * at[0] + 3 * u * u * t * x1 + 3 * u * t * t * x2 + t**3 * x3
                y = u**3 * at[1] + 3 * u * u * t * y1 + 3 * u * t * t * y2 + t**3 * y3
                self.assertAlmostEqual(math.hypot(x - cx, y - cy), arc.radius, delta=max(0.01, arc.radius * 2e-6))
            at = (x3, y3)
        self.assertLess(math.dist(at, arc.end), 1e-6 * chord)

    def test_a_printed_base_is_round_and_true(self):
        draft = tube()
        speaker = Speaker(draft.ruler)
        sheet, tiles = tiled([draw_piece(p, speaker) for p in draft.pieces], 176, 263)
        base = next(p for p in sheet.placed if p.drawing.piece.id == "base")
        radius = draft.finished["girth"] / (2 * math.pi) + 10
        with pdfplumber.open(io.BytesIO(pattern_pdf(draft, part="pattern"))) as pdf:
            near = []
            for page, tile in zip(pdf.pages[-len(tiles) :], tiles, strict=True):
                for curve in page.curves:
                    for x, top in curve["pts"]:
                        mm_x = x * POINT - MARGIN + tile.column * 176 - base.dx
                        mm_y = (float(page.height) - top) * POINT - MARGIN + tile.row * 263 - base.dy
                        near.append(abs(math.hypot(mm_x, mm_y) - radius))
        self.assertGreaterEqual(sum(1 for off in near if off < 0.05), 8)

    def test_every_form_prints_its_pieces_and_steps(self):
        for draft in (cone(), tube()):
            speaker = Speaker(draft.ruler)
            with pdfplumber.open(io.BytesIO(pattern_pdf(draft, "letter"))) as pdf:
                text = "\n".join(page.extract_text() for page in pdf.pages)
            for step in draft.steps:
                self.assertIn(speaker.say(step.title), text)
            for piece in draft.pieces:
                self.assertIn(speaker.say(piece.name), text)


class Sheets(unittest.TestCase):
    @given(st.floats(80, 900), st.floats(80, 900), st.floats(200, 600), st.floats(150, 900))
    def test_pieces_never_overlap_and_stay_on_the_sheet(self, bottom, top, height, width):
        draft = cone(bottom, top, height)
        sheet = arrange([draw_piece(p, Speaker(draft.ruler)) for p in draft.pieces], width)
        boxes = []
        for placed in sheet.placed:
            x0, y0, x1, y1 = bounds(placed.drawing.piece.cut_outline)
            boxes.append((x0 + placed.dx, y0 + placed.dy, x1 + placed.dx, y1 + placed.dy))
        for x0, y0, x1, y1 in boxes:
            self.assertGreaterEqual(min(x0, y0), 0)
            self.assertLessEqual(x1, sheet.width)
            self.assertLessEqual(y1, sheet.height)
        for a, b in itertools.combinations(boxes, 2):
            self.assertTrue(a[2] <= b[0] or b[2] <= a[0] or a[3] <= b[1] or b[3] <= a[1])

    def test_the_document_states_the_box_of_a_curved_piece(self):
        for piece, document in zip(cone().pieces, draft_document(cone())["pieces"], strict=True):
            for got, want in zip(document["box"], bounds(piece.cut_outline), strict=True):
                self.assertAlmostEqual(got, want, 5)


if __name__ == "__main__":
    unittest.main()
