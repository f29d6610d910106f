"""The PDF, read back and measured with other libraries."""

import io
import sys
import unittest
from concurrent.futures import ThreadPoolExecutor

import pdfplumber

from eggtuck.core.forms import draft_spec
from eggtuck.core.plane import bounds
from eggtuck.core.words import Speaker
from eggtuck.files.drawing import draw_piece, is_strip
from eggtuck.files.pdf import MARGIN, OVERLAP, load_fonts, pattern_pdf, print_canvas
from eggtuck.files.saving import save
from eggtuck.files.sheet import tiled
from tests.specs import SCHOOLS, cordial, sized

POINT = 25.4 / 72
PAPERS = {"a4": (210.0, 297.0), "letter": (215.9, 279.4)}


def opened(data: bytes) -> pdfplumber.PDF:
    return pdfplumber.open(io.BytesIO(data))


def points_of(page) -> list[tuple[float, float]]:
    """All corners of straight paths on a page, in mm from its lower left."""
    found = []
    for thing in (*page.lines, *page.curves, *page.rects):
        found += [(x * POINT, (float(page.height) - top) * POINT) for x, top in thing["pts"]]
    return found


class LongAndNarrow(unittest.TestCase):
    """Only plain oblongs are cut with a ruler instead of from paper."""

    def test_a_narrow_bag_s_panels_are_printed(self):
        tall = {"girth": "230", "wall_height": "570", "base_depth": "60"}
        for cut in ("two-panels", "base-fold"):
            for boxing in ("cut-first", "sew-first"):
                draft = draft_spec({**sized(size=tall, options={"cut": cut, "boxing": boxing}), "unit": "mm"})
                with opened(pattern_pdf(draft)) as pdf:
                    self.assertGreater(len(pdf.pages), 2 + 570 // 297)

    def test_a_make_of_strips_alone_is_printed_all_the_same(self):
        draft = draft_spec(
            {"form": "bookmark", "unit": "mm", "size": {"width": "25", "length": "420"}, "options": {"make": "faced"}}
        )
        with opened(pattern_pdf(draft)) as pdf:
            self.assertGreater(len(pdf.pages), 2)

    def test_a_binding_is_listed_only(self):
        draft = draft_spec({"form": "mat", "unit": "mm", "size": {"width": "300", "height": "300"}})
        strip = next(piece for piece in draft.pieces if "binding" in piece.id)
        self.assertTrue(is_strip(strip))
        self.assertFalse(any(is_strip(piece) for piece in draft.pieces if piece is not strip))


class TrueScale(unittest.TestCase):
    def test_the_test_square_is_50_mm(self):
        for paper in PAPERS:
            with opened(pattern_pdf(draft_spec(cordial()), paper)) as pdf:
                squares = [
                    r for r in pdf.pages[0].rects
                    if abs(r["width"] * POINT - 50) < 0.1 and abs(r["height"] * POINT - 50) < 0.1
                ]  # fmt: skip
                self.assertEqual(len(squares), 1)

    def test_pages_have_the_paper_s_size_and_are_not_to_be_scaled(self):
        for paper, size in PAPERS.items():
            data = pattern_pdf(draft_spec(cordial()), paper)
            self.assertIn(b"/PrintScaling /None", data)
            with opened(data) as pdf:
                for page in pdf.pages:
                    self.assertAlmostEqual(float(page.width) * POINT, size[0], 1)
                    self.assertAlmostEqual(float(page.height) * POINT, size[1], 1)

    def test_pieces_joined_from_their_pages_have_their_size(self):
        """Put the pages back on the sheet by their crosses and measure the cut line."""
        for paper, (wide, high) in PAPERS.items():
            for spec in (cordial(), cordial(options={"cut": "base-fold"}), sized(size={"girth": 500})):
                draft = draft_spec(spec)
                speaker = Speaker(draft.ruler)
                step_x, step_y = wide - 2 * MARGIN - OVERLAP, high - 2 * MARGIN - OVERLAP
                sheet, tiles = tiled([draw_piece(p, speaker) for p in draft.pieces], step_x, step_y)
                with opened(pattern_pdf(draft, paper, part="pattern")) as pdf:
                    pages = pdf.pages[-len(tiles) :]
                    corners = set()
                    for page, tile in zip(pages, tiles, strict=True):
                        for x, y in points_of(page):
                            corners.add((x - MARGIN + tile.column * step_x, y - MARGIN + tile.row * step_y))
                for placed in sheet.placed:
                    for segment in placed.drawing.piece.cut_outline:
                        x, y = segment.start[0] + placed.dx, segment.start[1] + placed.dy
                        near = min(abs(x - cx) + abs(y - cy) for cx, cy in corners)
                        self.assertLess(near, 0.1)

    def test_every_corner_of_a_piece_falls_inside_a_printed_window(self):
        for cut, boxing, top in SCHOOLS:
            draft = draft_spec(cordial(options={"cut": cut, "boxing": boxing, "top": top}))
            sheet, tiles = tiled([draw_piece(p, Speaker(draft.ruler)) for p in draft.pieces], 176, 263)
            windows = {(t.column, t.row) for t in tiles}
            self.assertEqual(len(windows), len(tiles))
            for placed in sheet.placed:
                x0, y0, x1, y1 = bounds(placed.drawing.piece.cut_outline)
                for x in (x0, x1):
                    for y in (y0, y1):
                        at = (int((x + placed.dx) // 176), int((y + placed.dy) // 263))
                        self.assertIn(at, windows)

    def test_pieces_on_a_sheet_do_not_touch(self):
        draft = draft_spec(
            cordial(
                options={"lining": "reduced"},
                layers=[*cordial()["layers"], {"material": "cotton-batting", "role": "padding"}],
            )
        )
        self.assertEqual(len(draft.pieces), 2)
        sheet, _ = tiled([draw_piece(p, Speaker(draft.ruler)) for p in draft.pieces], 176, 263)
        boxes = [(b[0] + p.dx, b[1] + p.dy, b[2] + p.dx, b[3] + p.dy) for p in sheet.placed for b in [p.drawing.box]]
        a, b = boxes
        self.assertTrue(a[2] < b[0] or b[2] < a[0] or a[3] < b[1] or b[3] < a[1])


class WhatItSays(unittest.TestCase):
    def text(self, draft, **more) -> str:
        with opened(pattern_pdf(draft, **more)) as pdf:
            return "\n".join(page.extract_text() for page in pdf.pages)

    def test_cut_list_needs_and_every_step_are_printed(self):
        draft = draft_spec(cordial())
        text = self.text(draft, title="Cordial bottle bag")
        speaker = Speaker(draft.ruler)
        self.assertIn("Cordial bottle bag", text)
        for step in draft.steps:
            self.assertIn(speaker.say(step.title), text)
        self.assertIn("cut 2 outer", text)
        self.assertIn("ribbon", text)
        self.assertIn("Careful:", text)

    def test_what_was_put_right_is_printed_with_both_numbers_and_the_reason(self):
        kept = [{"label": "disc", "theirs": "12 cm", "ours": "10.2 <cm>", "reason": "It does not go into the tube"}, {}]
        for part in ("all", "guide"):
            text = self.text(draft_spec({**cordial(), "corrections": kept}), part=part)
            for words in ("disc", "12 cm", "10.2 <cm>", "It does not go into the tube"):
                self.assertIn(words, text, part)
        self.assertNotIn("Put right", self.text(draft_spec(cordial())))

    def test_parts(self):
        draft = draft_spec(cordial())
        self.assertNotIn("Sew round the rim", self.text(draft, part="pattern"))
        self.assertNotIn("lay the crosses", self.text(draft, part="guide"))

    def test_fonts_travel_with_the_file(self):
        data = pattern_pdf(draft_spec(cordial()))
        with opened(data) as pdf:
            fonts = {char["fontname"] for page in pdf.pages for char in page.chars}
        self.assertTrue(all("Atkinson" in font for font in fonts), fonts)

    def test_the_same_draft_prints_the_same_bytes(self):
        self.assertEqual(pattern_pdf(draft_spec(cordial())), pattern_pdf(draft_spec(cordial())))

    def test_titles_with_odd_characters(self):
        for title in ("<b>& co", "𝔘nicode ☂", "x" * 120):
            with opened(pattern_pdf(draft_spec(cordial()), title=title)) as pdf:
                self.assertTrue(pdf.pages)


class AtOnce(unittest.TestCase):
    def test_documents_of_one_process_do_not_take_each_other_s_letters(self):
        load_fonts()
        # As if every thread were interrupted all the time.
        before = sys.getswitchinterval()
        sys.setswitchinterval(1e-6)
        self.addCleanup(sys.setswitchinterval, before)

        def document(nth):
            out = io.BytesIO()
            canvas = print_canvas(out)
            canvas.drawString(10, 10, "".join(chr(48 + (nth * 7 + one) % 70) for one in range(40)))
            save(canvas)
            return out.getvalue()

        with ThreadPoolExecutor(8) as pool:
            written = list(pool.map(document, range(300)))
        self.assertTrue(all(data.startswith(b"%PDF") for data in written))


if __name__ == "__main__":
    unittest.main()
