"""Straight and tapering tubes with a round base: rolled up again from the flat, and against other ways of
getting their numbers."""

import itertools
import math
import unittest

from hypothesis import given
from hypothesis import strategies as st
from shapely.geometry import Polygon

from eggtuck.core.fit.ease import ease_habit
from eggtuck.core.forms import CATALOGUE, as_form, draft_spec, preset_object, starting_spec
from eggtuck.core.lengths import Grid, Ruler
from eggtuck.core.moves.round_tube import ring_point
from eggtuck.core.objects import PRESETS
from eggtuck.core.pattern import SpecError
from eggtuck.core.plane import area, flatten, is_simple
from tests.makes import RULERS, draft_of
from tests.specs import CORDIAL

CYLINDER_TOPS = ("bagged", "folded-in", "cuff-out", "deep-hem", "plain", "drawstring")
CONE_TOPS = ("bagged", "folded-in", "plain")
LAYERS = [{"material": "linen", "role": "outer"}, {"material": "quilting-cotton", "role": "lining"}]
PADDED = [*LAYERS, {"material": "cotton-batting", "role": "padding"}]


def cylinder(**more):
    return {"form": "cylinder", "unit": "mm", "size": {"girth": 300, "wall_height": 200}, "layers": LAYERS, **more}


def cone(bottom, top, height, **more):
    size = {"girth_bottom": bottom, "girth_top": top, "height": height}
    return {"form": "cone", "unit": "mm", "size": size, "layers": LAYERS, **more}


def edge(draft, id):
    return draft.edge(id)


girths = st.floats(60, 2400)


class Rolled(unittest.TestCase):
    @given(girths, girths, st.floats(0.0, 1.0), st.floats(0.0, 1.0), st.floats(100, 1500))
    def test_the_flat_wall_keeps_every_small_distance_of_the_cone(self, bottom, top, along, up, height):
        """Developing a cone is an isometry: small steps on the flat piece are as long, and as square, as on
        the cone in space. The cone is written here in cylinder coordinates, without the flat formula."""
        rise = (top - bottom) / (2 * math.pi)
        slant = math.hypot(height, rise)
        tiny = 1e-4

        def on_cone(a, u):
            r = bottom / (2 * math.pi) + u * rise
            return (r * math.cos(2 * math.pi * a), r * math.sin(2 * math.pi * a), u * height)

        for da, du in ((tiny, 0.0), (0.0, tiny), (tiny, tiny)):
            flat = math.dist(
                ring_point(bottom, top, slant, along, up), ring_point(bottom, top, slant, along + da, up + du)
            )
            space = math.dist(on_cone(along, up), on_cone(along + da, up + du))
            self.assertAlmostEqual(flat, space, delta=space * 2e-3 + 1e-9)

    @given(girths, girths, st.floats(100, 1500))
    def test_edges_are_the_girths_and_the_slant(self, bottom, top, height):
        spec = cone(bottom, top, height)
        try:
            draft = draft_spec(spec)
        except SpecError as error:
            self.assertEqual(error.problems[0].field, "size.height")
            self.assertGreater(abs(top - bottom) / (2 * math.pi), 3 * height - 1e-6)
            return
        slant = math.hypot(height, (top - bottom) / (2 * math.pi))
        self.assertAlmostEqual(edge(draft, "wall.base").length, bottom, delta=1e-6 * bottom)
        self.assertAlmostEqual(edge(draft, "wall.top").length, top, delta=1e-6 * top)
        self.assertAlmostEqual(edge(draft, "wall.side-left").length, slant, delta=1e-6 * slant)
        self.assertAlmostEqual(edge(draft, "base.rim").length, bottom, delta=1e-6 * bottom)
        # Lateral area of a frustum, and of its base.
        wall = next(p for p in draft.pieces if p.id == "wall")
        self.assertAlmostEqual(area(wall.stitch_outline), (bottom + top) / 2 * slant, delta=1e-6 * bottom * slant)
        base = next(p for p in draft.pieces if p.id == "base")
        self.assertAlmostEqual(area(base.stitch_outline), bottom**2 / (4 * math.pi), delta=1e-6 * bottom**2)
        for seam in draft.seams:
            self.assertLess(abs(seam.difference), 0.001)

    @given(st.floats(80, 2000), st.floats(30, 1500))
    def test_the_wall_runs_smoothly_through_equal_girths(self, girth, height):
        straight = draft_spec(cone(girth, girth, height))
        self.assertIsNone(straight.finished["inner_radius"])
        self.assertEqual(straight.finished["sector_angle"], 0)
        for step in (1e-12, 1e-9, 1e-7, 1e-6, 1e-5, 1e-3, 1e-2):
            for sign in (1, -1):
                near = draft_spec(cone(girth, girth + sign * step, height))
                points = zip(near.pieces[0].cut_outline, straight.pieces[0].cut_outline, strict=True)
                for a, b in points:
                    self.assertLess(math.dist(a.start, b.start), 3 * step * max(1, girth / height) + 1e-5)

    @given(girths, girths, st.floats(400, 1500))
    def test_turned_over_it_is_the_same_piece(self, bottom, top, height):
        one, other = draft_spec(cone(bottom, top, height)), draft_spec(cone(top, bottom, height))
        for name in ("slant", "sector_angle", "inner_radius", "outer_radius"):
            if one.finished[name] is not None:
                self.assertAlmostEqual(one.finished[name], other.finished[name], delta=1e-6 * one.finished[name])

    def test_the_published_figures_of_a_sector(self):
        draft = draft_spec(cone(200, 300, 150))
        r1, r2 = 200 / (2 * math.pi), 300 / (2 * math.pi)
        s = math.hypot(150, r2 - r1)
        inner = r1 * s / (r2 - r1)
        self.assertAlmostEqual(draft.finished["slant"], s)
        self.assertAlmostEqual(draft.finished["inner_radius"], inner)
        self.assertAlmostEqual(draft.finished["outer_radius"], inner + s)
        self.assertAlmostEqual(draft.finished["sector_angle"], 200 / inner)
        arcs = [x for x in draft.pieces[0].stitch_outline if x.bulge]
        self.assertEqual(sorted(round(x.radius, 6) for x in arcs), sorted((round(inner, 6), round(inner + s, 6))))

    @given(girths, girths, st.floats(400, 1500), st.floats(4, 20))
    def test_even_allowances_agree_with_another_library(self, bottom, top, height, allowance):
        draft = draft_spec(cone(bottom, top, height, allowance={"default": allowance}))
        for piece in draft.pieces:
            self.assertTrue(is_simple(piece.cut_outline))
            net = Polygon(flatten(piece.stitch_outline, 0.002))
            buffered = net.buffer(allowance, join_style="mitre", mitre_limit=4, quad_segs=64)
            ours = Polygon(flatten(piece.cut_outline, 0.002))
            self.assertLess(ours.symmetric_difference(buffered).area, 1e-3 * ours.area)


class Straight(unittest.TestCase):
    @given(girths, st.floats(30, 1900), st.floats(3, 20), st.sampled_from(CYLINDER_TOPS))
    def test_cut_sizes(self, girth, height, allowance, top):
        spec = cylinder(
            size={"girth": girth, "wall_height": height}, allowance={"default": allowance}, options={"top": top}
        )
        draft = draft_spec(spec)
        above = draft.finished.get("cuff_depth", 0.0) + draft.finished.get("hem_depth", 0.0)
        sizes = {piece.id: piece.cut_size for piece in draft.pieces}
        self.assertAlmostEqual(sizes["wall"][0], girth + 2 * allowance, 6)
        self.assertAlmostEqual(sizes["wall"][1], height + above + 2 * allowance, 6)
        for side in sizes["base"]:
            self.assertAlmostEqual(side, girth / math.pi + 2 * allowance, 6)
        if top == "drawstring":
            self.assertAlmostEqual(sizes["collar"][0], girth + 2 * allowance, 6)
        for seam in draft.seams:
            self.assertLess(abs(seam.difference), 0.001)

    @given(st.floats(150, 600), st.floats(0, 60), st.sampled_from(["1 mm", "5 mm", "1/8 in"]))
    def test_the_pair_that_matches_best_among_the_next_marks(self, girth, ease, rounding):
        """Brute force over the neighbouring marks: none fits the thing and matches its base better."""
        step = {"1 mm": 1.0, "5 mm": 5.0, "1/8 in": 25.4 / 8}[rounding]
        thing = {"kind": "jar", "girth": girth, "height": 120}
        draft = draft_spec(
            {
                "form": "cylinder",
                "unit": "mm",
                "object": thing,
                "ease": {"girth": ease},
                "rounding": rounding,
                "allowance": {"default": 10},
                "layers": [{"material": "linen", "role": "outer"}],
            }
        )
        # No looser than the thing still sits as usual, but always the first mark that holds it.
        low_g, top = girth + ease, girth * (1 + ease_habit(CATALOGUE["cylinder"].traits.ease, "jar", 0.0).high)
        grid = Grid(step)
        sizes = {piece.id: piece.cut_size for piece in draft.pieces}
        self.assertTrue(grid.shows(round(sizes["wall"][0], 6)) and grid.shows(round(sizes["base"][0], 6)))
        got = abs(draft.finished["girth"] - math.pi * draft.finished["base_diameter"])
        low = math.ceil((low_g + 20) / step - 1e-6)
        best = min(
            abs(wall * step - 20 - math.pi * (disc * step - 20))
            for wall in range(low, low + 3)
            if wall == low or wall * step - 20 <= top
            for disc in range(int((wall * step / math.pi) / step), int((wall * step / math.pi + 40) / step) + 2)
        )
        self.assertLessEqual(got, best + 1e-6)
        self.assertGreaterEqual(draft.finished["girth"], low_g - 1e-6)
        self.assertLess(draft.finished["girth"], low_g + 4 * step)

    def test_a_disc_that_cannot_fit_its_tube_stops_the_cutting(self):
        draft = draft_spec(cylinder(size={"girth": 300, "wall_height": 200, "base_diameter": 90}))
        check = next(c for c in draft.checks if c.id == "seam.base")
        self.assertEqual(check.verdict, "stop")
        # The base is let go of: it follows the tube.
        self.assertEqual(check.fix.changes, {"size.base_diameter": ""})
        eased = draft_spec(cylinder(size={"girth": 300, "wall_height": 200, "base_diameter": 94.5}))
        self.assertEqual(next(c for c in eased.checks if c.id == "seam.base").verdict, "note")

    def test_from_the_disc_to_the_tube(self):
        draft = draft_spec(cylinder(size={"base_diameter": 90, "wall_height": 200}))
        self.assertAlmostEqual(draft.finished["girth"], 90 * math.pi)

    def test_the_cord_goes_round_and_has_two_tails(self):
        size = {"girth": 300, "wall_height": 200, "cord_tails": 120}
        draft = draft_spec(cylinder(size=size, options={"top": "drawstring"}))
        self.assertAlmostEqual(draft.sums["cord"].total, 300 + 240)
        self.assertEqual(draft.finished["collar_height"], 80)

    def test_quarters_of_wall_and_base_meet(self):
        draft = draft_spec(cylinder())
        wall, base = (next(p for p in draft.pieces if p.id == id) for id in ("wall", "base"))
        at = sorted(m.point[0] for m in wall.marks if m.kind == "notch" and abs(m.point[1]) < 1e-6)
        self.assertEqual([round(x / 300, 9) for x in at], [0.25, 0.5, 0.75])
        notches = [m.point for m in base.marks if m.point is not None]
        angles = sorted(math.degrees(math.atan2(y, x)) % 360 for x, y in notches)
        self.assertEqual([round(b - a, 6) for a, b in itertools.pairwise(angles)], [90, 90, 90])


class BothForms(unittest.TestCase):
    def test_a_can_is_wrapped_alike_by_a_straight_tube_and_a_cone_that_does_not_taper(self):
        for unit, rounding in RULERS:
            can = preset_object(next(p for p in PRESETS.values() if p.kind == "can"), Ruler(unit))
            sizes = []
            for form in ("cylinder", "cone"):
                spec = {**starting_spec(CATALOGUE[form], Ruler(unit), can), "layers": LAYERS}
                draft = draft_of({**spec, "rounding": rounding})
                pieces = {piece.id: piece.cut_size[0] for piece in draft.pieces}
                sizes.append((round(draft.finished["girth"], 6), round(pieces["wall"], 6), round(pieces["base"], 6)))
            self.assertEqual(*sizes, (unit, rounding))

    def drafts(self):
        for top in CYLINDER_TOPS:
            for lining in ("equal", "reduced"):
                yield draft_spec(cylinder(options={"top": top, "lining": lining}, layers=PADDED))
        for top in CONE_TOPS:
            for lining, (bottom, height_top) in itertools.product(
                ("equal", "reduced"), ((220, 300), (300, 220), (260, 260))
            ):
                yield draft_spec(cone(bottom, height_top, 140, options={"top": top, "lining": lining}, layers=PADDED))

    def test_steps_sew_every_seam_and_hem(self):
        for draft in self.drafts():
            sewn = {id for step in draft.steps for id in step.seams}
            self.assertEqual(sewn, {joint.id for joint in (*draft.seams, *draft.hems)})
            self.assertEqual(len({step.id for step in draft.steps}), len(draft.steps))

    def test_a_reduced_lining_is_smaller_by_the_turn_of_cloth(self):
        straight = draft_spec(cylinder(options={"lining": "reduced"}, layers=PADDED))
        self.assertAlmostEqual(edge(straight, "wall-lining.top").length, 300 - 2 * math.pi * 2.5)
        sloping = draft_spec(cone(220, 300, 140, options={"lining": "reduced"}, layers=PADDED))
        s = math.hypot(140, 80 / (2 * math.pi))
        self.assertAlmostEqual(edge(sloping, "wall-lining.top").length, 300 - 2 * math.pi * 2.5 * s / 140)
        self.assertAlmostEqual(edge(sloping, "wall-lining.base").length, edge(sloping, "base-lining.rim").length)

    def test_turn_of_cloth_on_a_slope(self):
        thing = {"kind": "tumbler", "girth": 270, "height": 130, "base_diameter": 62}
        draft = draft_spec({"form": "cone", "unit": "mm", "object": thing, "ease": {"girth": 20}, "layers": PADDED})
        lean = (270 - math.pi * 62) / (2 * math.pi)
        turn = 2 * math.pi * 2.8 * math.hypot(130, lean) / 130
        self.assertAlmostEqual(draft.finished["girth_top"], 290 + turn)
        self.assertAlmostEqual(draft.finished["girth_bottom"], math.pi * 62 + 20 + turn)

    def test_bad_sizes_are_refused_by_field(self):
        cases = [
            (cylinder(size={"girth": 300}), "size.wall_height"), (cylinder(size={"wall_height": 200}), "size.girth"),
            (cylinder(size={"girth": 300, "wall_height": 200, "cuff_depth": 190}, options={"top": "cuff-out"}), "size.cuff_depth"),
            (cylinder(size={"girth": 300, "wall_height": 200, "hem_depth": 150}, options={"top": "deep-hem"}), "size.hem_depth"),
            (cylinder(size={"girth": 300, "wall_height": 200, "gap": 220}), "size.gap"),
            (cylinder(size={"girth": 300, "wall_height": 200, "base_depth": 20}), "size.base_depth"),
            (cone(100, 2000, 40), "size.height"), ({"form": "cone", "unit": "mm"}, "size.girth_bottom"),
            (cone(100, 2000, 0), "size.height"), (cone(100, "wide", 50), "size.girth_top"),
            (cone(200, 220, 100, options={"top": "drawstring"}), "options.top"),
        ]  # fmt: skip
        for spec, field in cases:
            with self.subTest(field=field), self.assertRaises(SpecError) as caught:
                draft_spec(spec)
            self.assertIn(field, [p.field for p in caught.exception.problems])

    def test_any_form_can_become_any_other_that_takes_the_thing(self):
        ruler = Ruler("cm", ",")
        for first, second in itertools.permutations(CATALOGUE.values(), 2):
            spec = as_form(
                as_form({**CORDIAL, "size": {"headroom": "4", "base_depth": "7"}}, first, ruler), second, ruler
            )
            draft = draft_spec(spec)
            self.assertEqual(draft.form, second.id)
            taken = "bottle" in first.objects and "bottle" in second.objects
            self.assertEqual(spec.get("object"), CORDIAL["object"] if taken else None)
            # Without a thing the sizes a form begins with are filled in.
            draft_spec(as_form({"form": first.id, "unit": "cm", "size": {"headroom": "2"}}, second, ruler))


if __name__ == "__main__":
    unittest.main()
