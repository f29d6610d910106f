"""Pages of every size of paper, and the small view of them: everything is on some page, at true scale."""

import io
import unittest

import pdfplumber
from lxml import etree

from eggtuck.core.drafting.starting import starting_spec
from eggtuck.core.forms import CATALOGUE, draft_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.words import Speaker
from eggtuck.files.paper import MARGIN, OVERLAP, SIZES, pages_of
from eggtuck.files.pdf import pattern_pdf
from eggtuck.files.svg import pages_svg
from tests.specs import cordial

MM = 72 / 25.4
SVG = "{http://www.w3.org/2000/svg}"


class Paper(unittest.TestCase):
    def test_every_piece_lies_on_the_sheet_and_every_part_of_it_on_a_page(self):
        for form in CATALOGUE.values():
            draft = draft_spec(starting_spec(form, Ruler("cm"), None))
            for paper in (*SIZES, "sheet"):
                pages = pages_of(draft, Speaker(draft.ruler), paper)
                shown = {(tile.column, tile.row) for tile in pages.tiles}
                for placed in pages.sheet.placed:
                    x0, y0, x1, y1 = placed.drawing.box
                    for x in (x0 + placed.dx, x1 + placed.dx):
                        for y in (y0 + placed.dy, y1 + placed.dy):
                            self.assertTrue(-1e-6 <= x <= pages.sheet.width + 1e-6, (form.id, paper))
                            at = (int(max(0.0, x - 1e-6) // pages.step_x), int(max(0.0, y - 1e-6) // pages.step_y))
                            if paper == "sheet":
                                self.assertEqual(at, (0, 0))
                if paper != "sheet":
                    wide, high = pages.size
                    self.assertAlmostEqual(wide, SIZES[paper][0] / MM, 6)
                    self.assertAlmostEqual(high, SIZES[paper][1] / MM, 6)
                self.assertEqual(len(shown), len(pages.tiles))

    def test_larger_paper_never_takes_more_pages(self):
        for form in CATALOGUE.values():
            draft = draft_spec(starting_spec(form, Ruler("cm"), None))
            counts = [len(pages_of(draft, Speaker(draft.ruler), paper).tiles) for paper in ("a4", "a3", "a0")]
            self.assertEqual(counts, sorted(counts, reverse=True), form.id)

    def test_each_page_carries_a_line_of_fifty_millimetres(self):
        for paper in ("a4", "a3", "sheet"):
            with pdfplumber.open(io.BytesIO(pattern_pdf(draft_spec(cordial()), paper, part="pattern"))) as pdf:
                page = pdf.pages[-1]
                level = [
                    abs(line["x1"] - line["x0"]) / MM for line in page.lines if abs(line["y1"] - line["y0"]) < 0.01
                ]
                self.assertTrue(any(abs(long - 50) < 1e-3 for long in level), paper)
                # Text pages stay small whatever the pieces are printed on.
                self.assertAlmostEqual(pdf.pages[0].width / MM, 210, delta=0.1)
                wide = pages_of(draft_spec(cordial()), Speaker(Ruler("cm")), paper).size[0]
                self.assertAlmostEqual(page.width / MM, wide, delta=0.1)

    def test_the_small_view_shows_the_pages_that_are_printed(self):
        draft = draft_spec(cordial())
        for paper in SIZES:
            root = etree.fromstring(pages_svg(draft, paper))
            pages = pages_of(draft, Speaker(draft.ruler), paper)
            drawn = root.findall(f"{SVG}rect")
            self.assertEqual(len(drawn), len(pages.tiles))
            self.assertAlmostEqual(float(drawn[0].get("width")), pages.step_x, 2)
            self.assertEqual({g.get("id") for g in root.findall(f"{SVG}g")}, {p.id for p in draft.pieces if p.cuts})
            self.assertAlmostEqual(pages.size[0], pages.step_x + OVERLAP + 2 * MARGIN)


if __name__ == "__main__":
    unittest.main()
