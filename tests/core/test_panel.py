"""Panels of the maker's own shape: against shapely, against the circle, and what cannot be a panel."""

import math
import random
import unittest

from hypothesis import given
from hypothesis import strategies as st
from shapely.geometry import Point as Dot
from shapely.geometry import Polygon

from eggtuck.core.drafting.panel import read_shape, triangles
from eggtuck.core.drafting.starting import as_form, on_ruler
from eggtuck.core.forms import CATALOGUE, draft_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.mesh import weld
from eggtuck.core.plane import flatten

LAYERS = [{"material": "linen", "role": "outer"}, {"material": "quilting-cotton", "role": "lining"}]
CIRCLE = [[-70.0, 0.0, 1.0], [70.0, 0.0, 1.0]]
ARCH = [[0, 0, 0], [200, 0, 0], [200, 100, 1.0], [0, 100, 0]]
STAR = [
    [100 * r * math.sin(i * math.pi / 5), 100 * r * math.cos(i * math.pi / 5), 0]
    for i, r in ((i, 1.0 if i % 2 == 0 else 0.55) for i in range(10))
]


def bag(outline, **spec):
    shape = {"name": "own", "outline": outline}
    return draft_spec({"form": "gusset-bag", "unit": "mm", "layers": LAYERS, "shape": shape, **spec})


def star_shaped(seed, corners):
    """A random outline that cannot cross itself: corners in turn round the middle."""
    chance = random.Random(seed)
    turns = sorted(chance.uniform(0, 2 * math.pi) for _ in range(corners))
    return [[(r := chance.uniform(40, 150)) * math.cos(t), r * math.sin(t), 0.0] for t in turns]


class Panels(unittest.TestCase):
    @given(st.integers(0, 10_000), st.integers(4, 14), st.booleans())
    def test_the_sewn_bag_is_closed_and_holds_what_is_told(self, seed, corners, bent):
        outline = star_shaped(seed, corners)
        if bent:
            chance = random.Random(seed + 1)
            outline = [[x, y, chance.choice((0.0, 0.15, 0.4))] for x, y, _ in outline]
        try:
            draft = bag(outline)
        except SpecError:
            return
        mesh = weld(draft.solid.facets)
        self.assertTrue(mesh.closed)
        self.assertAlmostEqual(mesh.volume / 1000 / draft.finished["volume"], 1, delta=0.004)

    def test_a_circle_brought_in_is_the_form_s_own_circle(self):
        drawn, plain = (
            bag(CIRCLE),
            draft_spec({"form": "gusset-bag", "unit": "mm", "layers": LAYERS, "size": {"diameter": 140}}),
        )
        for name in ("diameter", "circumference", "gusset_length", "gusset_width", "volume", "opening"):
            self.assertAlmostEqual(drawn.finished[name], plain.finished[name], 6, name)
        self.assertAlmostEqual(drawn.edge("panel.rim").length, plain.edge("panel.rim").length)

    @given(st.integers(0, 10_000), st.integers(5, 14), st.floats(90, 400))
    def test_the_strip_is_as_long_as_the_rim_and_the_volume_as_the_area(self, seed, corners, width):
        outline = star_shaped(seed, corners)
        polygon = Polygon([(x, y) for x, y, _ in outline])
        shape, problems = read_shape("own", outline)
        if problems:
            return
        x0, y0, x1, _ = polygon.bounds
        scale = width / (x1 - x0)
        panel = shape.panel(width)
        self.assertAlmostEqual(panel.round, polygon.length * scale, delta=1e-6 * width)
        self.assertAlmostEqual(panel.area, polygon.area * scale**2, delta=1e-6 * width**2)
        self.assertAlmostEqual(panel.box[2] - panel.box[0], width, delta=1e-6 * width)
        self.assertAlmostEqual(panel.box[1], 0.0, 6)
        # It begins over its middle, as high as a plumb line from above meets it.
        x, y = panel.at(0.0)
        self.assertAlmostEqual(x, 0.0, delta=1e-6 * width)
        higher = Polygon([((px - (x0 + x1) / 2) * scale, (py - y0) * scale) for px, py, _ in outline])
        above = higher.boundary.intersection(Polygon([(-1e-3, y + 0.5), (1e-3, y + 0.5), (1e-3, 1e5), (-1e-3, 1e5)]))
        self.assertTrue(above.is_empty)
        for _ in range(5):
            at = random.Random(seed).uniform(0, panel.round)
            self.assertLess(higher.boundary.distance(Dot(panel.at(at))), 1e-6 * width)
            self.assertAlmostEqual(math.dist(panel.at(at), panel.at(at + panel.round)), 0, delta=1e-6 * width)
        try:
            made = bag(outline, size={"diameter": width}, allowance={"default": 3})
        except SpecError:
            return
        ring = made.finished["gusset_length"] + made.finished["opening"]
        self.assertAlmostEqual(ring, panel.round, delta=1e-6 * width)
        seam = next(s for s in made.seams if s.id == "round-front")
        self.assertAlmostEqual(seam.length_a, seam.length_b, delta=1e-6 * width)

    @given(st.integers(0, 10_000), st.integers(4, 30))
    def test_triangles_fill_a_shape_without_overlap(self, seed, corners):
        points = [(x, y) for x, y, _ in star_shaped(seed, corners)]
        polygon = Polygon(points)
        if not polygon.is_valid or polygon.area < 1:
            return
        cut = [Polygon([points[i] for i in three]) for three in triangles(points)]
        self.assertEqual(len(cut), len(points) - 2)
        self.assertAlmostEqual(sum(t.area for t in cut), polygon.area, delta=1e-6 * polygon.area)

    def lid(self, outline, **size):
        spec = {"form": "lid-cover", "unit": "mm", "layers": LAYERS, "size": size}
        return draft_spec({**spec, **({"shape": {"name": "own", "outline": outline}} if outline else {})})

    def test_a_lid_cover_s_lines_lie_outside_its_mouth_of_any_shape(self):
        size = {"mouth_diameter": 140, "drop": 20, "channel": 12, "frill": 25}
        plain, drawn = self.lid(None, **size), self.lid(CIRCLE, **size)
        for name in ("gather_ratio", "elastic", "radius", "neck_girth"):
            self.assertAlmostEqual(plain.finished[name], drawn.finished[name], 6, name)
        self.assertAlmostEqual(plain.edge("circle.rim").length, 2 * math.pi * (70 + 57), 6)
        for outline, wide in ((ARCH, 200), ([[0, 0, 0], [120, 0, 0], [120, 80, 0], [0, 80, 0]], 120)):
            # Elastic that gives four times its length, so that it is the mouth and not its reach that rules.
            made = self.lid(outline, **{**size, "mouth_diameter": wide, "elastic_stretch": 300})
            mouth = Polygon(flatten(read_shape("", outline)[0].outline, 0.005))
            line, edge = (mouth.buffer(away, join_style="mitre", mitre_limit=20) for away in (20, 57))
            neck = made.finished["neck_girth"]
            self.assertAlmostEqual(neck, mouth.exterior.length, delta=0.05)
            self.assertAlmostEqual(made.finished["gather_ratio"] * neck, line.exterior.length, delta=0.1)
            self.assertAlmostEqual(made.edge("circle.rim").length, edge.exterior.length, delta=0.1)
            casing = next(m for m in made.pieces[0].marks if m.label.id == "mark.casing-inner")
            self.assertAlmostEqual(Polygon(flatten(casing.path, 0.005)).area, line.area, delta=1e-3 * line.area)

    def test_a_lid_whose_inward_corners_run_into_themselves_is_refused(self):
        slot = [
            [0, 0, 0],
            [200, 0, 0],
            [200, 200, 0],
            [110, 200, 0],
            [110, 40, 0],
            [90, 40, 0],
            [90, 200, 0],
            [0, 200, 0],
        ]
        with self.assertRaises(SpecError) as caught:
            self.lid(slot, drop=30)
        self.assertEqual(caught.exception.problems[0].field, "shape")

    def test_corners_and_curves_are_told(self):
        checks = lambda made: {c.id: c for c in made.checks}  # noqa: E731
        self.assertNotIn("shape.corners", checks(bag(CIRCLE)))
        self.assertEqual(
            (checks(bag(ARCH))["shape.corners"].verdict, checks(bag(ARCH))["shape.corners"].value), ("note", 2)
        )
        star = checks(bag(STAR, size={"diameter": 300}))["shape.corners"]
        self.assertEqual((star.verdict, star.value), ("warn", 10))
        self.assertAlmostEqual(read_shape("", ARCH)[0].panel(200).tightest(), 100)
        dots = [[100 * math.cos(t / 40 * 2 * math.pi), 100 * math.sin(t / 40 * 2 * math.pi), 0] for t in range(40)]
        self.assertAlmostEqual(read_shape("", dots)[0].panel(200).tightest(), 100, delta=0.5)

    def test_the_form_drawn_is_as_large_as_the_panel(self):
        made = bag(ARCH, size={"gusset_width": 60})
        points = [p for facet in made.solid.facets for p in facet.space]
        for axis, size in ((0, 200), (1, 60), (2, 200)):
            self.assertAlmostEqual(max(p[axis] for p in points) - min(p[axis] for p in points), size, delta=0.5)
        flat = sum(abs(Polygon(f.flat).area) for f in made.solid.facets if f.piece == "panel" and f.copy == "front")
        self.assertAlmostEqual(flat, Polygon(flatten(made.pieces[0].stitch_outline, 0.01)).area, delta=0.01 * flat)

    def test_what_cannot_be_a_panel_is_refused_by_name(self):
        for outline in (
            [],
            [[0, 0, 0], [10, 0, 0]],
            [[0, 0, 0], [100, 100, 0], [100, 0, 0], [0, 100, 0]],
            [[0, 0, 0], [100, 0, 0], [50, 0.2, 0]],
            [[0, 0, 0], [100, 0, 0], [50, 9000, 0]],
            [[0, 0, 0], [100, 0, 0], [float("nan"), 90, 0]],
            [[0, 0], [100, 0], [50, 90]],
            "a heart",
            [[i, i * i, 0] for i in range(700)],
        ):
            with self.assertRaises(SpecError) as caught:
                bag(outline)
            self.assertEqual({p.field for p in caught.exception.problems}, {"shape"}, outline)
        with self.assertRaises(SpecError) as caught:
            bag(ARCH, options={"mouth": "recessed-zip"})
        self.assertEqual(caught.exception.problems[0].field, "options.mouth")
        with self.assertRaises(SpecError) as caught:
            draft_spec({"form": "mat", "unit": "cm", "size": {"width": 30, "height": 20}, "shape": {"outline": ARCH}})
        self.assertEqual(caught.exception.problems[0].field, "shape")

    def test_another_form_leaves_it_out_and_another_ruler_keeps_it(self):
        made = bag(ARCH)
        other = as_form(made.spec, CATALOGUE["round-pouch"], Ruler("mm"))
        self.assertNotIn("shape", other)
        inches = draft_spec(on_ruler(made.spec, "in", "."))
        self.assertAlmostEqual(inches.finished["circumference"], made.finished["circumference"])


if __name__ == "__main__":
    unittest.main()
