"""How large pictures of steps are printed: what is written in them can be told apart."""

import math
import unittest
from itertools import combinations

from eggtuck.core.pattern.picture import Letter, Note
from eggtuck.files.guide import printed_height
from tests.makes import draft_of, makes

# Bold letters of that height touch where they are nearer (mm).
APART = 5.0


class PrintedPictures(unittest.TestCase):
    def test_what_is_written_in_a_narrow_picture_stands_apart(self):
        higher = 0
        for name, spec in makes():
            if spec["form"] not in ("mug-bag", "sleeve", "bookmark"):
                continue
            for picture in draft_of(spec).pictures():
                high = printed_height(picture)
                for frame in picture.frames:
                    left, low, right, top = frame.box
                    at = [item.at for item in frame.items if isinstance(item, (Letter, Note))]
                    if len(at) < 4 or right - left >= 0.5 * (top - low):
                        continue
                    nearest = min(math.dist(one, other) for one, other in combinations(at, 2))
                    with self.subTest(name, step=picture.step):
                        self.assertGreater(nearest * high / (top - low), APART)
                    higher += 1
        self.assertGreater(higher, 50)


if __name__ == "__main__":
    unittest.main()
