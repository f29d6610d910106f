"""What is turned right side out, as it is drawn: where it comes out, what is left open, and where its seams lie afterwards."""

import unittest
from collections import Counter

import shapely
from shapely.ops import substring

from eggtuck.core.pattern.picture import Arrow, Cloth, Line

from .test_as_it_lies import pictured, stands


class Turned(unittest.TestCase):
    def test_what_is_turned_comes_out_where_it_is_open_and_lies_on_its_seams_then(self):
        """The way out crosses no stitching; on the table each seam that was sewn face to face runs along the outline."""
        seen = Counter()
        for name, draft, pictures in pictured():
            for step, picture in zip(draft.steps, pictures, strict=True):
                if not step.turns or step.kind != "finish":
                    continue
                before, after = picture.frames
                with self.subTest(name, step=step.id):
                    sewn = [
                        shapely.LineString(i.path) for i in before.items if isinstance(i, Line) and i.kind == "sewn"
                    ]
                    for way in (i for i in before.items if isinstance(i, Arrow) and i.kind == "turn"):
                        self.assertFalse([line for line in sewn if line.crosses(shapely.LineString(way.path))])
                    if stands(draft, after):
                        continue
                    rings = [shapely.LinearRing(i.outline) for i in after.items if isinstance(i, Cloth)]
                    for line in (i for i in after.items if isinstance(i, Line) and i.kind == "sewn" and not i.hidden):
                        at = shapely.points(shapely.LineString(line.path).segmentize(2.0).coords)
                        self.assertLess(min(shapely.distance(at, ring).max() for ring in rings), 0.5)
                        seen[draft.form] += 1
        self.assertGreater(len(seen), 3)

    def test_nothing_is_sewn_where_it_is_left_open(self):
        seen = Counter()
        for name, draft, pictures in pictured():
            for step, picture in zip(draft.steps, pictures, strict=True):
                for frame in picture.frames:
                    lines = {
                        kind: [
                            shapely.LineString(i.path) for i in frame.items if isinstance(i, Line) and i.kind == kind
                        ]
                        for kind in ("open", "sewn")
                    }
                    for line in lines["open"]:
                        with self.subTest(name, step=step.id):
                            over = substring(line, 1.0, max(1.0, line.length - 1.0)).buffer(0.5, cap_style="flat")
                            self.assertLess(sum(other.intersection(over).length for other in lines["sewn"]), 1.5)
                            seen[draft.form] += 1
        self.assertGreater(len(seen), 6)

    def test_what_is_stitched_all_round_is_drawn_all_round(self):
        seen = 0
        for name, draft, pictures in pictured():
            for step, picture in zip(draft.steps, pictures, strict=True):
                if not any(line.text.id == "along.edge-all-round" for line in step.lines):
                    continue
                (frame, *_) = picture.frames
                with self.subTest(name, step=step.id):
                    (line,) = (i for i in frame.items if isinstance(i, Line) and i.kind == "sew")
                    path = shapely.LineString(line.path)
                    self.assertTrue(path.is_closed)
                    on = [shapely.Polygon(i.outline) for i in frame.items if isinstance(i, Cloth)]
                    around = [cloth for cloth in on if cloth.contains(path)]
                    self.assertTrue(around)
                    self.assertGreater(path.length, 0.8 * min(cloth.exterior.length for cloth in around))
                    seen += 1
        self.assertGreater(seen, 5)


if __name__ == "__main__":
    unittest.main()
