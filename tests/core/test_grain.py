"""Every piece that is cut has its arrow: on the net piece, along the grain or at 45 degrees to it, its foot where steps count from."""

import math
import re
import unittest

import shapely

from eggtuck.core.plane import bounds, flatten
from tests.makes import draft_of, makes, said_of, words_of


class Grain(unittest.TestCase):
    def test_each_piece_that_is_cut_has_one_arrow_on_it(self):
        seen = {"up": 0, "round": 0, "bias": 0, "strip": 0}
        for name, spec in makes():
            for piece in draft_of(spec).pieces:
                arrows = [mark for mark in piece.marks if mark.kind in ("up", "grain")]
                if not piece.own_cloths:
                    continue
                with self.subTest(make=name, piece=piece.id):
                    (arrow,) = arrows
                    foot, tip = arrow.path[0].start, arrow.path[-1].end
                    net = shapely.Polygon(flatten(piece.stitch_outline, 0.01)).buffer(0.01)
                    self.assertTrue(net.covers(shapely.LineString([foot, tip])))
                    self.assertGreater(math.dist(foot, tip), 1.0)
                    lean = (tip[0] - foot[0]) / (tip[1] - foot[1])
                    if piece.bias:
                        self.assertAlmostEqual(lean, 1.0)
                    else:
                        # The wall of a cone that hardly tapers is part of a circle hundreds of metres wide.
                        self.assertAlmostEqual(lean, 0.0, 3)
                        self.assertGreater(tip[1], foot[1])
                    if len(piece.edges) == 1:
                        x0, _, x1, _ = bounds(piece.stitch_outline)
                        self.assertAlmostEqual(foot[0], (x0 + x1) / 2, delta=1.0)
                other = "strip" if arrow.label.id == "mark.grain" else "up"
                seen["bias" if piece.bias else "round" if len(piece.edges) == 1 else other] += 1
        self.assertTrue(min(seen.values()), seen)

    def test_steps_count_from_an_arrow_that_is_there(self):
        seen = 0
        for name, spec in makes():
            letters = {
                piece.letter
                for piece in draft_of(spec).pieces
                if any(mark.kind in ("up", "grain") for mark in piece.marks)
            }
            for step in said_of(spec)["steps"]:
                for line in step["lines"]:
                    if "arrow's foot" in line["text"] and (named := re.findall(r"\((\w)\)", line["text"])):
                        seen += 1
                        self.assertLessEqual(set(named), letters, (name, step["id"]))
                self.assertNotIn("arrow", "" if letters else words_of(step), name)
        self.assertGreater(seen, 30)


if __name__ == "__main__":
    unittest.main()
