"""Every form on paper and in files: true sizes, arcs as arcs, read back with other programs."""

import io
import json
import math
import unittest
from pathlib import Path

import ezdxf
import pdfplumber
from svgelements import SVG
from svgelements import Path as SvgPath

from eggtuck.core.forms import draft_spec
from eggtuck.core.plane import area, bounds
from eggtuck.core.words import SPOKEN
from eggtuck.files import WRITERS
from eggtuck.files.drawing import is_strip
from eggtuck.files.dxf import LAYERS, pattern_dxf
from eggtuck.files.pdf import pattern_pdf
from eggtuck.files.svg import pattern_svg
from tests import share

EXAMPLES = sorted((Path(__file__).parents[2] / "examples").glob("*.json"))
MM = 25.4 / 96


def drafts():
    for path in EXAMPLES:
        yield path.stem, draft_spec(json.loads(path.read_text()))


def cut_pieces(draft):
    return [piece for piece in draft.pieces if piece.cuts]


class Dxf(unittest.TestCase):
    def read(self, draft):
        return ezdxf.read(io.StringIO(pattern_dxf(draft).decode()))

    def test_outlines_keep_their_length_area_and_arcs(self):
        for name, draft in drafts():
            with self.subTest(name):
                document = self.read(draft)
                self.assertEqual(document.header["$INSUNITS"], 4)
                lines = [e for e in document.modelspace().query("LWPOLYLINE") if e.dxf.layer == "CUT"]
                pieces = cut_pieces(draft)
                self.assertEqual(len(lines), len(pieces))
                got = sorted(self.measured(line) for line in lines)
                want = sorted((sum(s.length for s in p.cut_outline), area(p.cut_outline)) for p in pieces)
                for (length, size), (wanted, area_wanted) in zip(got, want, strict=True):
                    self.assertAlmostEqual(length, wanted, delta=1e-6 * wanted)
                    self.assertAlmostEqual(size, area_wanted, delta=1e-6 * area_wanted)
                arcs = sum(1 for p in pieces for s in p.cut_outline if s.bulge)
                self.assertEqual(sum(1 for line in lines for point in line.get_points("b") if point[0]), arcs)

    def measured(self, line):
        """Length and area of a closed polyline with bulges, from its points alone."""
        points = line.get_points("xyb")
        length = size = 0.0
        for (x0, y0, bulge), (x1, y1, _) in zip(points, [*points[1:], points[0]], strict=True):
            chord = math.hypot(x1 - x0, y1 - y0)
            size += (x0 * y1 - x1 * y0) / 2
            if bulge:
                angle = 4 * math.atan(bulge)
                radius = chord / 2 / math.sin(abs(angle) / 2)
                length += radius * abs(angle)
                size += radius**2 * (angle - math.sin(angle)) / 2
            else:
                length += chord
        return length, size

    def test_kinds_of_lines_have_their_layers_and_words_are_plain(self):
        document = self.read(draft_spec(json.loads((EXAMPLES[0].parent / "dart-bowl.json").read_text())))
        names = {layer.dxf.name for layer in document.layers}
        self.assertTrue({name for name, _, _ in LAYERS.values()} <= names)
        square = [e for e in document.modelspace() if e.dxf.layer == "TEST-SQUARE"]
        xs = [p[0] for p in square[0].get_points("xy")]
        self.assertAlmostEqual(max(xs) - min(xs), 50)
        for text in document.modelspace().query("TEXT"):
            self.assertTrue(text.dxf.text.isascii())

    def test_audits_by_the_library_find_nothing_wrong(self):
        for name, draft in drafts():
            with self.subTest(name):
                self.assertEqual(len(self.read(draft).audit().errors), 0)


class Svg(unittest.TestCase):
    def test_boxes_are_the_cut_sizes(self):
        for name, draft in drafts():
            with self.subTest(name):
                svg = SVG.parse(io.BytesIO(pattern_svg(draft)), ppi=96)
                paths = [e for e in svg.elements() if isinstance(e, SvgPath) and e.values.get("class") == "cut"]
                got = []
                for path in paths:
                    x0, y0, x1, y1 = path.bbox(with_stroke=False)
                    got.append((round((x1 - x0) * MM, 1), round((y1 - y0) * MM, 1)))
                want = [tuple(round(v, 1) for v in piece.cut_size) for piece in cut_pieces(draft)]
                for (gx, gy), (wx, wy) in zip(sorted(got), sorted(want), strict=True):
                    self.assertAlmostEqual(gx, wx, delta=0.11)
                    self.assertAlmostEqual(gy, wy, delta=0.11)


class Pdf(unittest.TestCase):
    def test_every_example_prints_with_its_pieces_its_list_and_its_order(self):
        for name, draft in share(drafts(), 3):
            with self.subTest(name), pdfplumber.open(io.BytesIO(pattern_pdf(draft))) as pdf:
                text = "\n".join(page.extract_text() for page in pdf.pages)
                for piece in cut_pieces(draft):
                    self.assertIn(f"{draft.ruler.write(piece.cut_size[0])} × ", text)
                self.assertIn("Sewing order", text)
                self.assertNotIn("{", text)
                # Pieces bigger than a sheet run over several; every one that is drawn lies on some page.
                drawn = [piece for piece in cut_pieces(draft) if not is_strip(piece)]
                wide = max(max(piece.cut_size) for piece in drawn)
                self.assertGreaterEqual(len(pdf.pages), 3 if wide > 280 else 2)

    def test_no_heading_stands_alone_at_the_foot_of_a_page(self):
        for name, draft in share(drafts(), 2):
            for language in SPOKEN:
                told = draft_spec({**draft.spec, "language": language})
                with pdfplumber.open(io.BytesIO(pattern_pdf(told, part="guide"))) as pdf:
                    for page in pdf.pages:
                        # What stands at the very foot is the page's own line.
                        lines = [line for line in page.extract_text_lines() if line["bottom"] < page.height - 50]
                        with self.subTest(name, language=language, page=page.page_number):
                            self.assertLess(max(char["size"] for char in lines[-1]["chars"]), 13.5, lines[-1]["text"])

    def test_long_strips_are_listed_rather_than_drawn(self):
        draft = draft_spec(json.loads((EXAMPLES[0].parent / "mat.json").read_text()))
        binding = next(p for p in draft.pieces if p.id == "binding")
        self.assertTrue(is_strip(binding))
        x0, _, x1, _ = bounds(binding.cut_outline)
        self.assertGreater(x1 - x0, 1400)
        with pdfplumber.open(io.BytesIO(pattern_pdf(draft))) as pdf:
            text = pdf.pages[0].extract_text()
        self.assertIn("with a ruler", text.replace("\n", " "))

    def test_figures_have_their_own_units(self):
        draft = draft_spec(json.loads((EXAMPLES[0].parent / "weight.json").read_text()))
        with pdfplumber.open(io.BytesIO(pattern_pdf(draft))) as pdf:
            text = pdf.pages[0].extract_text().replace("\n", " ")
        self.assertIn(f"{draft.finished['volume']:.0f} ml", text)
        self.assertIn(" g", text)

    def test_writers_are_named_by_their_ending(self):
        self.assertEqual(set(WRITERS), {".json", ".pdf", ".svg", ".dxf", ".csv", ".glb", ".obj", ".stl"})


if __name__ == "__main__":
    unittest.main()
