"""Things measured with a tape: mugs with a handle against the hull of another library, what drafts make of it, and the side view."""

import math
import unittest

from hypothesis import assume, given
from hypothesis import strategies as st
from shapely.geometry import MultiPoint, Point, Polygon
from shapely.geometry import box as rectangle

from eggtuck.core.forms import draft_spec
from eggtuck.core.objects import measure_thing
from eggtuck.core.objects.thing import round_body_and_handle
from eggtuck.core.pattern import SpecError

LAYERS = [{"material": "linen", "role": "outer", "thickness": "0,4 mm"}, {"material": "linen", "role": "lining"}]


def mug(**measures):
    return measure_thing("mug", {"height": 95.0, **measures})


class TapeRoundBoth(unittest.TestCase):
    @given(st.floats(30, 200), st.floats(5, 120), st.floats(2, 60))
    def test_as_long_as_the_hull_of_body_and_handle(self, diameter, out, width):
        assume(width < diameter * 0.95)
        body = Point(0, 0).buffer(diameter / 2, quad_segs=3000)
        handle = rectangle(0, -width / 2, diameter / 2 + out, width / 2)
        hull = body.union(handle).convex_hull
        self.assertAlmostEqual(round_body_and_handle(diameter, out, width), hull.length, delta=0.01)

    @given(st.floats(30, 200), st.floats(5, 119), st.floats(2, 29))
    def test_it_grows_with_the_handle_and_never_passes_body_and_out_and_back(self, diameter, out, width):
        round_it = round_body_and_handle(diameter, out, width)
        self.assertGreater(round_it, math.pi * diameter)
        self.assertLess(round_it, math.pi * diameter + 2 * out + width)
        self.assertGreater(round_body_and_handle(diameter, out + 1, width), round_it)
        self.assertGreater(round_body_and_handle(diameter, out, width + 0.5), round_it)

    def test_a_string_pulled_round_dots_on_both(self):
        # Without any circle: only dots on the outline of an 82 mm body with a 35 mm handle.
        dots = [(41 * math.cos(t / 500), 41 * math.sin(t / 500)) for t in range(3142)]
        dots += [(76, -9), (76, 9)]
        self.assertAlmostEqual(round_body_and_handle(82, 35, 18), MultiPoint(dots).convex_hull.length, delta=0.01)


class Mugs(unittest.TestCase):
    def test_body_and_handle_stand_for_the_girth(self):
        taped, _ = mug(girth=305.0)
        reckoned, problems = mug(diameter=80.0, handle_out=35.0)
        self.assertEqual(problems, [])
        self.assertAlmostEqual(reckoned.girth, taped.girth, delta=1.0)
        # It stands on its body, whatever its handle does.
        self.assertEqual(reckoned.base_width, 80.0)
        self.assertEqual(mug(diameter=80.0, handle_out=35.0, base_diameter=60.0)[0].base_width, 60.0)

    def test_it_is_drawn_by_its_body(self):
        thing, _ = mug(diameter=80.0, handle_out=35.0)
        view = thing.view()
        self.assertEqual(max(out for _, out in view.radii), 40.0)
        places = {d.field: d for d in view.dimensions}
        self.assertEqual(places["object.diameter"].end[0] - places["object.diameter"].start[0], 80.0)
        self.assertEqual(places["object.handle_out"].end[0], 75.0)
        # Its handle beside it, as far out as it was measured, nowhere crossing itself.
        handle = Polygon(view.beside)
        self.assertTrue(handle.is_valid)
        self.assertEqual((handle.bounds[0], handle.bounds[2]), (40.0, 75.0))
        self.assertLess(handle.bounds[3], thing.height)
        self.assertEqual(mug(girth=305.0)[0].view().beside, ())
        both, _ = mug(girth=305.0, diameter=80.0, handle_out=35.0)
        places = {d.field: d for d in both.view().dimensions}
        self.assertEqual(places["object.girth"].end[0], 75.0)
        self.assertEqual(places["object.diameter"].end[0] - places["object.diameter"].start[0], 80.0)
        # Its girth is the tape's all the same.
        self.assertAlmostEqual(thing.girth_at(60.0), thing.girth, 6)

    @given(st.floats(30, 200), st.floats(5, 300), st.floats(10, 400))
    def test_any_handle_is_a_loop_beside_the_body(self, diameter, out, height):
        thing, _ = measure_thing(
            "mug", {"diameter": diameter, "handle_out": out, "handle_width": 2.0, "height": height}
        )
        handle = Polygon(thing.view().beside)
        self.assertTrue(handle.is_valid)
        self.assertAlmostEqual(handle.bounds[2] - handle.bounds[0], out)
        self.assertTrue(0 < handle.bounds[1] < handle.bounds[3] < height)

    def test_measures_that_disagree_are_told(self):
        for girth, told in ((305.0, False), (290.0, True), (330.0, True)):
            thing, _ = mug(girth=girth, diameter=80.0, handle_out=35.0)
            self.assertEqual(thing.girth, girth)
            self.assertEqual([c.id for c in thing.checks()], ["object.girth-diameter"] if told else [], girth)
        # A body's width alone says nothing against a girth taken round both.
        self.assertEqual(mug(girth=305.0, diameter=80.0)[0].checks(), [])

    def test_bad_mugs_name_their_measure(self):
        for measures, field in (
            ({"diameter": 80.0}, "object.handle_out"),
            ({"diameter": 80.0, "handle_out": 30.0, "handle_width": 80.0}, "object.handle_width"),
            ({"handle_out": 30.0}, "object.girth"),
        ):
            thing, problems = mug(**measures)
            self.assertIsNone(thing)
            self.assertEqual([p.field for p in problems], [field])

    def test_bags_go_round_both_and_answer_to_the_handle(self):
        made = []
        for out in ("2", "3,5", "5"):
            thing = {"kind": "mug", "diameter": "8", "handle_out": out, "height": "9,5"}
            spec = {"unit": "cm", "object": thing, "layers": LAYERS, "ease": {"girth": "3"}, "rounding": "none"}
            for form in ("boxed-bag", "mug-bag", "cone"):
                draft = draft_spec({"form": form, **spec})
                self.assertNotIn("stop", [c.verdict for c in draft.checks], (form, out))
                made.append((form, draft.finished["girth"]))
                self.assertIn("object.handle_out", {d.field for d in draft.object.dimensions})
        for form in ("boxed-bag", "mug-bag", "cone"):
            girths = [girth for name, girth in made if name == form]
            self.assertEqual(girths, sorted(girths))
            self.assertGreater(girths[-1], girths[0] + 40)

    def test_what_is_typed_is_named_when_wrong(self):
        thing = {"kind": "mug", "diameter": "8", "handle_out": "far", "height": "9,5"}
        with self.assertRaises(SpecError) as caught:
            draft_spec({"form": "mug-bag", "unit": "cm", "object": thing, "layers": LAYERS})
        self.assertIn("object.handle_out", [p.field for p in caught.exception.problems])


class FromTheSide(unittest.TestCase):
    def test_what_is_not_round_shows_its_front_and_its_side_to_one_scale(self):
        for kind, measures, deep in (
            ("carton", {"width": 90.0, "depth": 60.0, "height": 140.0}, "object.depth"),
            ("book", {"board_width": 148.0, "board_height": 210.0, "spine": 16.0}, "object.spine"),
        ):
            thing, _ = measure_thing(kind, measures)
            view = thing.view()
            front = max(half for _, half in view.radii)
            xs, ys = zip(*view.beside, strict=True)
            self.assertAlmostEqual(max(xs) - min(xs), thing.base_depth)
            self.assertEqual((min(ys), max(ys)), (0.0, thing.height))
            self.assertGreater(min(xs), front)
            # Every measure across is drawn as long as it is, the depth on the side.
            for d in view.dimensions:
                run = math.hypot(d.end[0] - d.start[0], d.end[1] - d.start[1])
                self.assertAlmostEqual(run, d.value, msg=d.field)
            places = {d.field: d for d in view.dimensions}
            self.assertEqual({x for x, _ in (places[deep].start, places[deep].end)}, {min(xs), max(xs)})
        can, _ = measure_thing("can", {"girth": 210.0, "height": 120.0})
        self.assertEqual(can.view().beside, ())


if __name__ == "__main__":
    unittest.main()
