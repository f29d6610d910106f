"""What a make holds, worked out a second way, and the sizes that hold what is wanted."""

import math
import unittest

import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from shapely import Polygon, box

from eggtuck.core.drafting.starting import as_form, start_sizes
from eggtuck.core.fit.room import box_room, cone_room, drum_room, tetra_room
from eggtuck.core.forms import CATALOGUE, change_ruler, draft_spec
from eggtuck.core.forms.dart_bowl.sizes import Bowl
from eggtuck.core.forms.wedge.sizes import Wedge
from eggtuck.core.lengths import LengthError, Ruler, read_volume, shown_volume
from eggtuck.core.pattern import SpecError
from eggtuck.core.shop import ROOM_SHORT

from .. import share, tries
from ..makes import draft_of, makes, said_of
from ..solids import convex_volume

HOLDING = [form for form in CATALOGUE.values() if any(item.field == "size.volume" for item in form.inputs)]
WANTED = ("15 ml", "100 ml", "0.3 l", "700 ml", "1 l", "2 1/2 l", "8 l", "40 l", "12 fl oz", "3 cups")
LAYERS = st.floats(0.05, 6.0)


def beginning(form, wanted=None, unit="cm", **more):
    """A make of a form as it is begun without a thing, its sizes on marks of the ruler."""
    spec = {"form": form.id, "unit": unit, "size": start_sizes(form, Ruler(unit)), **more}
    return spec if wanted is None else wishing(spec, wanted)


def wishing(spec, wanted):
    return {**spec, "size": {**(spec.get("size") or {}), "volume": wanted}}


def verdict_of(draft):
    return next((check for check in draft.checks if check.id == "fit.volume"), None)


def shrunk_tetrahedron(corners, layers):
    """Volume of a tetrahedron whose every face has moved in by so much (mm3)."""
    middle, faces = corners.mean(axis=0), []
    for left_out in range(4):
        a, b, c = np.delete(corners, left_out, axis=0)
        normal = np.cross(b - a, c - a)
        normal *= math.copysign(1.0, np.dot(normal, a - middle)) / np.linalg.norm(normal)
        faces.append((normal, np.dot(normal, a) - layers))
    met = [
        np.linalg.solve(*(np.array(part) for part in zip(*(faces[:n] + faces[n + 1 :]), strict=True))) for n in range(4)
    ]
    return abs(np.linalg.det(np.array(met[1:]) - met[0])) / 6


class Rooms(unittest.TestCase):
    """The formulas, beside bodies that are cut smaller in the computer."""

    @given(st.floats(30, 400), st.floats(30, 400), st.floats(20, 600), LAYERS)
    def test_of_a_box(self, width, depth, height, layers):
        inner = box(0, 0, width, depth).buffer(-layers, join_style="mitre").area * (height - layers)
        self.assertAlmostEqual(box_room(width, depth, height, layers) / inner, 1.0, 6)

    @given(st.floats(25, 200), st.floats(25, 200), st.floats(20, 500), LAYERS)
    def test_of_a_tube_turned_round_its_axis(self, low, high, height, layers):
        lean = (high - low) / height
        # Its section, going on over the rim so that nothing is taken there, and cut off at it again.
        over = 2 * height if low + lean * 2 * height > 1 else height * 1.2
        over = over if low + lean * over > 1 else height * 1.02
        ends = [(low, 0.0), (low + lean * over, over), (-low - lean * over, over), (-low, 0.0)]
        inner = Polygon(ends).buffer(-layers, join_style="mitre").intersection(box(-1e4, 0, 1e4, height))
        rows = np.linspace(layers, min(height, over - layers), 2001)
        radii = []
        for y in rows[:-1] + np.diff(rows) / 2:
            wide = inner.intersection(box(-1e4, y - 1e-6, 1e4, y + 1e-6)).bounds
            radii.append((wide[2] - wide[0]) / 2 if wide and not math.isnan(wide[0]) else 0.0)
        turned = float(np.sum(np.square(radii) * np.diff(rows)) * math.pi)
        if over - layers >= height:
            self.assertAlmostEqual(cone_room(low, high, height, layers) / turned, 1.0, 3)

    @given(st.floats(60, 400), st.floats(0.6, 2.0), LAYERS)
    def test_of_a_tetrahedron(self, width, share, layers):
        height = width * share
        deep = math.sqrt(height**2 - width**2 / 4)
        corners = np.array(
            [(-width / 2, 0, 0), (width / 2, 0, 0), (0, -width / 2, deep), (0, width / 2, deep)], dtype=float
        )
        room = tetra_room(width, height, layers)
        if room > 1.0:
            self.assertAlmostEqual(room / shrunk_tetrahedron(corners, layers), 1.0, 6)

    @given(st.floats(60, 400), st.floats(20, 200), LAYERS)
    def test_of_a_drum(self, across, wide, layers):
        turns = np.linspace(0, 2 * math.pi, 720, endpoint=False)
        circle = Polygon(np.column_stack([np.cos(turns), np.sin(turns)]) * across / 2)
        inner = circle.buffer(-layers).area * (wide - 2 * layers)
        room = drum_room(math.pi / 4 * across**2, math.pi * across, wide, layers)
        self.assertAlmostEqual(room / inner, 1.0, 3)

    def test_nothing_goes_into_what_is_all_layers(self):
        self.assertEqual(box_room(9.0, 50.0, 50.0, 5.0), 0.0)
        self.assertEqual(cone_room(4.0, 9.0, 50.0, 5.0), 0.0)
        self.assertEqual(cone_room(40.0, 40.0, 5.0, 5.0), 0.0)
        self.assertEqual(tetra_room(20.0, 20.0, 9.0), 0.0)
        self.assertEqual(drum_room(math.pi * 16, math.pi * 8, 50.0, 5.0), 0.0)
        self.assertEqual(Wedge(40.0, 40.0, 30.0, 10.0, 0.0).inside(9.0).volume, 0.0)

    @given(st.integers(5, 8), st.floats(150, 400), st.floats(0.5, 0.8), st.floats(0.3, 0.9))
    def test_of_a_bowl_up_to_where_its_darts_end(self, darts, across, long, half):
        reach, al = across / 2, math.pi / darts
        length = reach * long
        bowl = Bowl(False, across, darts, length, length * math.tan(al) * half)
        if bowl.point <= 1 or bowl.half >= bowl.closes - 1:
            return
        # Base and rim, corner by corner: a dart's legs are as long as its seam, which stands on the base's corner.
        seam, low = math.hypot(bowl.length, bowl.half), bowl.point
        out = (seam**2 - bowl.rim_height**2) ** 0.5
        high = low + math.copysign(out, bowl.run)
        turns = 2 * al * np.arange(darts)
        low_ring, high_ring = (r * np.column_stack([np.cos(turns), np.sin(turns)]) for r in (low, high))
        levels = (np.arange(400) + 0.5) / 400
        areas = [Polygon(low_ring + (high_ring - low_ring) * up).area for up in levels]
        if high > 1:
            self.assertAlmostEqual(bowl.room(0.0) / (np.mean(areas) * bowl.rim_height), 1.0, 4)
        self.assertLess(bowl.room(3.0), bowl.room(0.0))


class Told(unittest.TestCase):
    def test_every_form_that_holds_something_says_how_much(self):
        self.assertEqual(len(HOLDING), 9)
        for form in HOLDING:
            with self.subTest(form.id):
                draft = draft_spec(beginning(form))
                check = verdict_of(draft)
                if form.id == "weight":
                    # Its filling has a verdict of its own, with the same number.
                    self.assertIsNone(check)
                    self.assertEqual(draft.finished["room"], draft.finished["fill_volume"])
                else:
                    self.assertEqual(check.verdict, "ok")
                    self.assertEqual(check.value, draft.finished["room"])
                state = next(state for state in draft.inputs if state.field == "size.volume")
                self.assertEqual((state.typed, state.value), (None, draft.finished["room"]))

    def test_without_layers_it_is_what_its_sewn_surface_holds(self):
        # The outer lies outside of the stitch lines.
        thin = [{"material": "linen", "role": "outer"}]
        for form in (CATALOGUE["tetra"], CATALOGUE["wedge"]):
            with self.subTest(form.id):
                draft = draft_spec(beginning(form, layers=thin, rounding="none"))
                self.assertAlmostEqual(draft.finished["room"] / convex_volume(draft), 1.0, 2)

    def test_layers_take_of_it(self):
        for form in HOLDING:
            thin, thick = (
                draft_spec(
                    beginning(
                        form,
                        layers=[
                            {"material": "wool-felt", "role": "outer"},
                            {"material": "wool-felt", "role": "lining", "thickness": f"{mm} mm"},
                        ],
                    )
                ).finished["room"]
                for mm in (1, 4)
            )
            with self.subTest(form.id):
                self.assertLessEqual(thick, thin)
                if form.id != "weight":
                    self.assertLess(thick, thin * 0.99)

    def test_a_wish_changes_nothing_that_is_cut(self):
        for form in HOLDING:
            plain, wished = said_of(beginning(form)), said_of(beginning(form, "1,3 l"))
            with self.subTest(form.id):
                self.assertEqual(plain["pieces"], wished["pieces"])
                self.assertEqual(plain["steps"], wished["steps"])
                self.assertEqual(plain["finished"], wished["finished"])

    def test_what_follows_from_a_thing_is_told_only_where_it_is_wanted(self):
        jar = {"kind": "jar", "girth": "24", "height": "12", "base_diameter": "7"}
        spec = {"form": "cylinder", "unit": "cm", "object": jar}
        self.assertIsNone(verdict_of(draft_spec(spec)))
        self.assertEqual(verdict_of(draft_spec(wishing(spec, "5 l"))).verdict, "warn")


class Wanted(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        ids = {form.id for form in HOLDING}
        cls.tried = 0
        cls.specs = [spec for _, spec in share([m for m in makes() if m[1]["form"] in ids], 6)]

    def test_the_button_sets_sizes_that_hold_it(self):
        pressed = 0
        for nth, spec in enumerate(self.specs):
            wanted = WANTED[nth % len(WANTED)]
            try:
                draft = draft_of(wishing(spec, wanted))
            except SpecError:
                continue
            check = verdict_of(draft)
            if check is None:
                self.assertEqual(draft.spec["options"]["boxing"], "flat")
                continue
            ml = read_volume(wanted, spec["unit"])
            with self.subTest(f"{spec['form']} {spec['unit']} {spec.get('rounding')} {wanted} {spec.get('options')}"):
                self.assertAlmostEqual(check.limit, ml)
                self.assertEqual(check.verdict == "warn", check.value < ml * (1 - ROOM_SHORT))
                if check.fix is None:
                    continue
                pressed += 1
                sizes = {field.removeprefix("size."): f"{mm!r} mm" for field, mm in check.fix.changes.items()}
                held = draft_spec(wishing({**spec, "size": {**(spec.get("size") or {}), **sizes}}, wanted))
                after = verdict_of(held)
                self.assertIn(after.verdict, ("ok", "note"))
                self.assertGreaterEqual(after.value, ml * (1 - ROOM_SHORT))
                if check.value > ml:
                    self.assertLess(after.value, check.value)
                for field, mm in check.fix.changes.items():
                    step = draft.ruler.finest if held.spec.get("rounding") == "none" else 0.0
                    marks = mm / (step or 1e-9)
                    self.assertAlmostEqual(marks, round(marks), 4 if step else -9, field)
        self.assertGreater(pressed, 20)

    @given(st.sampled_from([form.id for form in HOLDING]), st.floats(60, 4000), st.sampled_from(["cm", "mm", "in"]))
    @tries(120)
    def test_a_form_begun_without_a_thing_comes_to_any_volume_in_few_presses(self, form, ml, unit):
        spec = beginning(CATALOGUE[form], f"{ml:.1f} ml", unit)
        for _ in range(3):
            check = verdict_of(draft_spec(spec))
            if check.fix is None:
                break
            sizes = {field.removeprefix("size."): f"{mm!r} mm" for field, mm in check.fix.changes.items()}
            spec = {**spec, "size": {**spec["size"], **sizes}}
        if check.verdict == "warn":
            # Only a size that has come to its end may be short.
            self.assertIn(form, ("boxed-bag", "cylinder", "cone", "mug-bag"))
            self.assertGreater(ml, 1500)
        self.assertIsNone(check.fix)

    def test_it_stays_with_the_make_on_another_ruler_and_in_another_form(self):
        spec = beginning(CATALOGUE["tetra"], "500")
        self.assertEqual(change_ruler(spec, "in", ".")["size"]["volume"], "500 ml")
        self.assertEqual(change_ruler(change_ruler(spec, "in", "."), "cm", ".")["size"]["volume"], "500 ml")
        self.assertEqual(change_ruler(wishing(spec, "2 cups"), "in", ".")["size"]["volume"], "2 cups")
        self.assertEqual(as_form(spec, CATALOGUE["wedge"], Ruler("cm"))["size"]["volume"], "500")
        self.assertNotIn("volume", as_form(spec, CATALOGUE["mat"], Ruler("cm"))["size"])
        self.assertAlmostEqual(verdict_of(draft_spec(beginning(CATALOGUE["tetra"], "12", "in"))).limit, 354.88, 1)


class Read(unittest.TestCase):
    def test_as_makers_write_it(self):
        for text, ml in (
            ("500", 500), ("500 ml", 500), ("500ml", 500), ("1,5 l", 1500), ("1 1/2 litres", 1500), ("½ l", 500),
            ("half a litre", 500), ("a litre and a half", 1500), ("a litre", 1000), ("two litres", 2000),
            ("three quarters of a litre", 750), ("about 2 dl", 200), ("400 to 500 ml", 500), ("0.5-0.75 l", 750),
            ("3 tablespoons", 45), ("2 tsp", 10), ("20 cl", 200), ("350 cm³", 350), ("12 fl oz", 354.88), ("2 cups", 473.18),
            ("two and a half cups", 591.47), ("1 pint", 473.18), ("1 quart", 946.35), (750, 750), (0.5, 0.5),
        ):  # fmt: skip
            with self.subTest(text):
                self.assertAlmostEqual(read_volume(text, "cm"), ml, 2)
        self.assertAlmostEqual(read_volume("8", "in"), 236.59, 2)

    def test_what_is_none_is_refused_at_its_field_with_what_would_work(self):
        tetra = CATALOGUE["tetra"]
        for text in ("24 cm", "500 g", "ml", "lots", "1 l 5", "1/0 l", True, ["1 l"], "9" * 80, float("nan")):
            with self.subTest(text), self.assertRaises((LengthError, SpecError)):
                read_volume(text, "cm")
            with self.subTest(text), self.assertRaises(SpecError) as caught:
                draft_spec(beginning(tetra, text))
            self.assertEqual([problem.field for problem in caught.exception.problems], ["size.volume"])
        for text in ("0 ml", "-3 l", "600 l"):
            with self.subTest(text), self.assertRaises(SpecError) as caught:
                draft_spec(beginning(tetra, text))
            self.assertEqual(caught.exception.problems[0].message.id, "problem.volume-range")
        with self.assertRaises(SpecError) as caught:
            draft_spec(beginning(CATALOGUE["mat"], "1 l"))
        self.assertEqual(caught.exception.problems[0].field, "size.volume")
        # Left empty it is not asked for.
        self.assertEqual(verdict_of(draft_spec(beginning(tetra, "  "))).verdict, "ok")

    def test_said_no_finer_than_cloth_holds_it_and_read_again(self):
        for ml, unit, said in (
            (42.4, "cm", ("42", "ml")), (123.4, "cm", ("125", "ml")), (998.0, "mm", ("1", "l")), (1483.0, "cm", ("1,48", "l")),
            (20000.0, "cm", ("20", "l")), (59.1, "in", ("2", "fl-oz")), (100.0, "in", ("3,4", "fl-oz")),
        ):  # fmt: skip
            with self.subTest(ml):
                self.assertEqual(shown_volume(ml, Ruler(unit, ",")), said)
        for ml in np.geomspace(5, 50_000, 200):
            for unit in ("cm", "in"):
                number, word = shown_volume(float(ml), Ruler(unit))
                again = read_volume(f"{number} {word.replace('-', ' ')}", unit)
                self.assertAlmostEqual(again / ml, 1.0, delta=0.1 if ml < 20 else 0.06)


if __name__ == "__main__":
    unittest.main()
