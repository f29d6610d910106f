"""Round lines of a piece are told with the size that a string or a plate must have: told once more from points on the line."""

import math
import re
import unittest
from fractions import Fraction

from eggtuck.core.plane import flatten
from tests.makes import draft_of, makes, said_of, words_of

TOLD = re.compile(
    r"Cut (?P<circle>[^.:]*?) as a circle (?P<across>[\d ./,]+) (cm|in)|Round the corners of (?P<corner>[^.]*?) from .*? spool (?P<over>[\d ./,]+) (cm|in)|Draw the [^.]*? of (?P<arc>[^.]*?) from the paper, or with a pencil on a string (?P<radius>[\d ./,]+) (cm|in)"
)
# What can still be drawn with a string (mm).
LONGEST = 1000


def number(text):
    return float(sum(Fraction(part) for part in text.replace(",", ".").split()))


class Rounds(unittest.TestCase):
    def test_every_round_line_is_told_with_its_size_and_no_straight_one(self):
        seen = set()
        for name, spec in makes()[::3]:
            draft = draft_of(spec)
            cut = next(step for step in said_of(spec)["steps"] if step["id"] == "cut")
            per = 25.4 if spec["unit"] == "in" else 10.0
            told: dict[str, set[float]] = {}
            for found in TOLD.finditer(words_of(cut).replace("\n", " ")):
                piece = found["circle"] or found["corner"] or found["arc"]
                size = number(found["radius"]) if found["arc"] else number(found["across"] or found["over"]) / 2
                told.setdefault(re.search(r"\((\w+)\)", piece)[1], set()).add(size * per)
            for piece in draft.pieces:
                own = next((cut for cut in piece.cuts if cut.on is None), None)
                if own is None:
                    continue
                # Three neighbouring points of a fine outline lie on one circle: its radius by their triangle.
                points = flatten(piece.outline_for(own), 1e-4)
                radii = set()
                for a, b, c in zip(points, points[1:], points[2:], strict=False):
                    area = abs((b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1])) / 2
                    sides = math.dist(a, b), math.dist(b, c), math.dist(a, c)
                    if abs(sides[0] - sides[1]) < 1e-6 and area > 1e-9:
                        radii.add(sides[0] * sides[1] * sides[2] / (4 * area))
                said = told.pop(piece.letter, set())
                if f"({piece.letter}) round the paper" in words_of(cut):
                    # An outline of the maker's own is only on the paper.
                    self.assertTrue("shape" in spec and not said, name)
                    continue
                self.assertLessEqual(max(said, default=0.0), LONGEST + per / 10, name)
                flat = max(radii, default=0.0) > LONGEST
                self.assertEqual(flat, f"({piece.letter}) from the paper: the curve is too flat" in words_of(cut), name)
                for radius in said:
                    self.assertTrue(
                        any(abs(radius - r) <= per / 10 for r in radii), (name, piece.letter, radius, radii)
                    )
                for s in piece.outline_for(own):
                    if s.bulge and s.radius <= LONGEST:
                        seen.add(draft.form)
                        self.assertTrue(
                            any(abs(s.radius - r) <= max(1.1, per / 15) for r in said),
                            (name, piece.letter, s.radius, said),
                        )
            self.assertEqual(told, {}, name)
        self.assertGreater(len(seen), 4)


if __name__ == "__main__":
    unittest.main()
