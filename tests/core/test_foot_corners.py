"""Where the corners at the foot of a flat-based bag are drawn as cut, held against the sizes of its pieces; and on which cloth a seam is drawn."""

import math
import unittest
from itertools import product

import shapely

from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern.picture import Cloth, Line
from tests.makes import LAYERS, draft_of

CUTS = ("two-panels", "side-fold", "base-fold")


def flat_bags():
    """Each way of cutting and lining a bag without a boxed base, and whether its foot is a fold."""
    for cut, assembly in product(CUTS, (None, "nested", "long-tube")):
        if assembly == "long-tube" and cut == "base-fold":
            continue
        options = {"boxing": "flat", "cut": cut, "tie": "none", "top": "bagged" if assembly else "plain"}
        options |= {"assembly": assembly} if assembly and cut != "base-fold" else {}
        layers = "lined" if assembly else "outer"
        yield (cut, assembly), make("boxed-bag", layers, options)


def make(form, layers, options):
    return draft_of({**starting_spec(CATALOGUE[form], Ruler("cm"), None), "layers": LAYERS[layers], "options": options})


def steps_of(draft, wanted):
    return [(s, p) for s, p in zip(draft.steps, draft.pictures(), strict=True) if wanted(s)]


def middle(path):
    return tuple(sum(c) / len(path) for c in zip(*path, strict=True))


def cut_lines(frame):
    return [line for line in frame.items if isinstance(line, Line) and line.kind == "cut"]


class FootCorners(unittest.TestCase):
    def trimmed(self, draft):
        found = steps_of(draft, lambda s: s.id in ("outer-corners", "lining-corners") and s.kind == "cut")
        self.assertEqual(
            len(found), len({cut.role for piece in draft.pieces for cut in piece.cuts} & {"outer", "lining"})
        )
        return found

    def test_both_corners_at_the_foot_are_cut_and_nothing_else(self):
        """As far from each other as a panel is wide, which no other two corners are; both on one side of the layer they are cut of."""
        for name, draft in flat_bags():
            for step, picture in self.trimmed(draft):
                with self.subTest(name, step=step.id):
                    (frame,) = picture.frames
                    cuts = cut_lines(frame)
                    self.assertEqual(len(cuts), 2)
                    role = step.id.removesuffix("-corners")
                    cloth = [c for c in frame.items if isinstance(c, Cloth) and c.role == role][-1]
                    area, (left, low, right, high) = shapely.Polygon(cloth.outline), cloth_box(cloth)
                    ways = [math.dist(*line.path) for line in cuts]
                    self.assertLess(max(ways), 0.2 * max(right - left, high - low))
                    (ax, ay), (bx, by) = (middle(line.path) for line in cuts)
                    for line in cuts:
                        self.assertTrue(area.buffer(0.5).contains(shapely.LineString(line.path)))
                    # Each near a corner of its own of the layer; the foot lies level, and is the lower side of what hangs upright.
                    self.assertLess(abs(ay - by), 12.0)
                    wide = shapely.LineString([(ax, ay), (bx, by)]).length
                    self.assertGreater(wide, 0.85 * (right - left))
                    self.assertLess(abs((ay + by) / 2 - low), 0.1 * (high - low))

    def test_however_it_is_drawn_both_ends_of_the_base_are_cut(self):
        for layers in ("outer", "lined"):
            for step, picture in self.trimmed(make("wedge", layers, {"boxing": "flat"})):
                with self.subTest(layers, step=step.id):
                    (frame,) = picture.frames
                    lines = [line for line in frame.items if isinstance(line, Line) and line.kind != "cut"]
                    sewn = [q for line in lines if line.use is None or line.use.key == "base" for q in line.path]
                    self.assertTrue(sewn)
                    ends = max(((p, q) for p in sewn for q in sewn), key=lambda two: math.dist(*two))
                    cuts = [middle(line.path) for line in cut_lines(frame)]
                    self.assertEqual(len(cuts), 2)
                    for end in ends:
                        self.assertLess(min(math.dist(end, cut) for cut in cuts), 0.1 * math.dist(*ends))


class OnItsCloth(unittest.TestCase):
    def test_what_is_sewn_of_one_layer_is_drawn_on_that_layer(self):
        """The topmost cloth where the stitching is drawn is of the layer that is sewn: in a long tube the other lies beyond it."""
        seen = 0
        for name, draft in flat_bags():
            for step, picture in steps_of(draft, lambda s: s.id in ("outer-base", "lining-base")):
                with self.subTest(name, step=step.id):
                    for frame in picture.frames:
                        cloths = [c for c in frame.items if isinstance(c, Cloth)]
                        for line in frame.items:
                            if isinstance(line, Line) and line.kind == "sew":
                                at = shapely.LineString(line.path).interpolate(0.5, normalized=True)
                                on = [c for c in cloths if shapely.Polygon(c.outline).buffer(1.0).contains(at)]
                                self.assertEqual(on[-1].role, step.id.removesuffix("-base"))
                                seen += 1
        self.assertGreater(seen, 8)


def cloth_box(cloth):
    xs, ys = zip(*cloth.outline, strict=True)
    return min(xs), min(ys), max(xs), max(ys)
