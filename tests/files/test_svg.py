"""The SVG, read back in mm with another library."""

import io
import math
import re
import unittest

from hypothesis import given
from hypothesis import strategies as st
from lxml import etree
from svgelements import SVG, Path, Rect

from eggtuck.core.forms import draft_spec
from eggtuck.core.plane import Segment
from eggtuck.files import WRITERS, write_file
from eggtuck.files.svg import path_data, pattern_svg
from tests.specs import SCHOOLS, cordial, sized

MM = 25.4 / 96


def read(data: bytes) -> SVG:
    return SVG.parse(io.BytesIO(data), ppi=96)


class TrueScale(unittest.TestCase):
    def test_cut_and_stitch_lines_have_their_size_in_mm(self):
        for cut, boxing, top in SCHOOLS:
            draft = draft_spec(cordial(options={"cut": cut, "boxing": boxing, "top": top}))
            svg = read(pattern_svg(draft))
            paths = {
                e.values["class"]: e for e in svg.elements() if isinstance(e, Path) and e.values.get("class") == "cut"
            }
            x0, y0, x1, y1 = (value * MM for value in paths["cut"].bbox(with_stroke=False))
            width, height = draft.pieces[0].cut_size
            self.assertAlmostEqual(x1 - x0, width, 2)
            self.assertAlmostEqual(y1 - y0, height, 2)

    def test_the_test_square_is_50_mm(self):
        squares = [e for e in read(pattern_svg(draft_spec(sized()))).elements() if isinstance(e, Rect)]
        self.assertAlmostEqual(float(squares[0].width) * MM, 50, 3)

    def test_the_page_is_in_mm_and_holds_everything(self):
        root = etree.fromstring(pattern_svg(draft_spec(sized()), "A <title> & more"))
        width, height = (float(root.get(k).removesuffix("mm")) for k in ("width", "height"))
        self.assertEqual(root.get("viewBox"), f"0 0 {width:.3f} {height:.3f}")
        for path in root.iter("{*}path"):
            numbers = [float(v) for v in re.findall(r"-?\d+\.\d+", path.get("d"))]
            self.assertTrue(all(-1 <= v <= max(width, height) + 1 for v in numbers))
        self.assertEqual(root.find("{*}title").text, "A <title> & more")

    @given(st.floats(-2.5, 2.5).filter(lambda b: abs(b) > 0.01))
    def test_arcs_stay_arcs_of_the_same_length(self, bulge):
        arc = Segment((10, 20), (70, 45), bulge)
        path = Path(path_data([arc], False, 0, 0, 100))
        self.assertAlmostEqual(path.length(), arc.length, delta=arc.length * 1e-3)
        middle, want = path.point(0.5), arc.at(0.5)
        self.assertLess(math.hypot(middle.x - want[0], 100 - middle.y - want[1]), 0.1)


class Files(unittest.TestCase):
    def test_each_ending_has_its_writer(self):
        import tempfile
        from pathlib import Path as File

        draft = draft_spec(sized())
        with tempfile.TemporaryDirectory() as folder:
            for ending, start in ((".pdf", b"%PDF"), (".svg", b"<?xml"), (".json", b'{"format":"egg-tuck-draft"')):
                self.assertIn(ending, WRITERS)
                write_file(draft, File(folder) / f"bag{ending}")
                self.assertTrue((File(folder) / f"bag{ending}").read_bytes().startswith(start))
            self.assertRaises(ValueError, write_file, draft, File(folder) / "bag.doc")


if __name__ == "__main__":
    unittest.main()
