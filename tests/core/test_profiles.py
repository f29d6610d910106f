"""Things by their girths at heights, room all the way up, and several things in one make: against brute force."""

import itertools
import math
import unittest

from hypothesis import assume, given
from hypothesis import strategies as st

from eggtuck.core.audit import fits_of
from eggtuck.core.drafting.reading import read_thing
from eggtuck.core.fit.clearance import room_up
from eggtuck.core.forms import CATALOGUE, as_form, draft_spec, on_ruler, read_spec
from eggtuck.core.forms.cone import foot_girth
from eggtuck.core.lengths import Ruler
from eggtuck.core.objects import KINDS, PRESETS, largest, measure_profile, measure_thing
from eggtuck.core.pattern import SpecError
from tests.solids import checks

LAYERS = [{"material": "linen", "role": "outer"}, {"material": "quilting-cotton", "role": "lining"}]
BOTTLE = "0; 22\n5; 25,1\n19,5; 25,1\n23; 10\n31; 10"


@st.composite
def profiles(draw):
    count = draw(st.integers(2, 8))
    steps = draw(st.lists(st.floats(15, 120), min_size=count, max_size=count))
    girths = draw(st.lists(st.floats(80, 500), min_size=count, max_size=count))
    return list(zip(itertools.accumulate(steps), girths, strict=True))


def profiled(rows, **more):
    return {"kind": "profile", "profile": [list(row) for row in rows], **more}


class Reading(unittest.TestCase):
    def test_lines_pairs_and_units_say_the_same(self):
        texts = (BOTTLE, BOTTLE.replace(";", " "), "0; 220 mm\n5 cm; 25.1\n19.5; 251mm\n23; 10\n31; 10")
        for text in texts:
            thing = read_thing({"kind": "profile", "profile": text}, "cm")
            self.assertEqual(
                [round(v) for row in thing.profile for v in row], [0, 220, 50, 251, 195, 251, 230, 100, 310, 100]
            )
            self.assertAlmostEqual(thing.girth, 251)
            self.assertAlmostEqual(thing.base_width, 220 / math.pi)

    def test_a_neck_is_found_and_a_jar_has_none(self):
        bottle = read_thing({"kind": "profile", "profile": BOTTLE}, "cm")
        self.assertAlmostEqual(bottle.neck_height, 230)
        self.assertAlmostEqual(bottle.neck_diameter, 100 / math.pi)
        self.assertAlmostEqual(bottle.shoulder_height, 195)
        jar = read_thing({"kind": "profile", "profile": "0; 24\n8; 25\n10; 22"}, "cm")
        self.assertIsNone(jar.neck_height)

    def test_it_stands_on_the_table(self):
        high = read_thing({"kind": "profile", "profile": "4; 20\n14; 22"}, "cm")
        self.assertAlmostEqual(high.height, 100)
        self.assertEqual(high.profile[0][0], 0)

    def test_bad_rows_say_which_and_what_would_work(self):
        for text, problem in (
            ("0; 20", "profile-short"),
            ("0; 20\n5; 21\n4; 22", "profile-crosses"),
            ("0; 20\n5", "profile-row"),
            ("0; 20\n5; wide", "profile-row"),
            ("0; 20\n0,5; 21", "profile-flat"),
            ("0; 0\n5; 21", "profile-range"),
            ("-3; 20\n5; 21", "profile-range"),
            ("0; 20\n5; 9000", "profile-range"),
            ("\n".join(f"{i}; 20" for i in range(500)), "profile-long"),
            (7, "profile-rows"),
        ):
            with self.subTest(str(text)[:30]), self.assertRaises(SpecError) as caught:
                read_thing({"kind": "profile", "profile": text}, "cm")
            self.assertEqual(caught.exception.problems[0].message.id, f"problem.{problem}")
            self.assertEqual(caught.exception.problems[0].field, "object.profile")

    @given(profiles(), st.floats(-20, 900))
    def test_between_rows_the_girth_runs_straight(self, rows, height):
        thing = read_thing(profiled(rows), "mm")
        at = thing.girth_at(height)
        low = rows[0][0]
        heights = [h - low for h, _ in rows]
        if height <= 0 or height >= heights[-1]:
            self.assertAlmostEqual(at, rows[0][1] if height <= 0 else rows[-1][1])
            return
        i = max(k for k, h in enumerate(heights) if h <= height)
        share = (height - heights[i]) / (heights[i + 1] - heights[i])
        self.assertAlmostEqual(at, rows[i][1] * (1 - share) + rows[i + 1][1] * share, 6)

    def test_what_sticks_out_counts_where_it_is(self):
        thing = read_thing({"kind": "profile", "profile": "0; 24\n10; 24", "sticks_out": "5; 33"}, "cm")
        self.assertAlmostEqual(thing.girth, 330)
        self.assertAlmostEqual(thing.girth_at(50), 330)
        self.assertAlmostEqual(thing.girth_at(90), 240)

    def test_every_kind_knows_its_girth_at_heights(self):
        for preset in PRESETS.values():
            thing, _ = measure_thing(preset.kind, preset.measures)
            most = max(thing.girth_at(h) for h in thing.heights)
            self.assertAlmostEqual(most, thing.girth, delta=1e-6 * thing.girth, msg=preset.id)
            self.assertTrue(thing.view().radii)
        self.assertIn("profile", KINDS)


class Clearance(unittest.TestCase):
    @given(profiles(), st.floats(150, 700), st.floats(150, 700))
    def test_the_tightest_place_by_brute_force(self, rows, bottom, top):
        thing = read_thing(profiled(rows), "mm")

        def inside(h):
            return bottom + (top - bottom) * h / thing.height

        found = min(room for _, room in room_up(thing, inside, thing.height))
        tried = min(inside(h) - thing.girth_at(h) for h in (thing.height * i / 4000 for i in range(4001)))
        self.assertAlmostEqual(found, tried, delta=0.002 * (bottom + top))
        self.assertLessEqual(found, tried + 1e-6)

    @given(profiles(), st.floats(5, 150), st.floats(0, 100))
    def test_more_ease_never_makes_a_fit_worse(self, rows, ease, more):
        order = ["stop", "warn", "note", "ok"]
        thing = profiled(rows)
        for form in ("cone", "cylinder", "boxed-bag"):
            verdicts = []
            for e in (ease, ease + more):
                spec = {
                    "form": form,
                    "unit": "mm",
                    "object": thing,
                    "ease": {"girth": e},
                    "layers": LAYERS,
                    "rounding": "none",
                }
                try:
                    found = checks(draft_spec(spec))
                except SpecError:
                    assume(False)
                # Looser than the usual range is no worse a fit, only roomier.
                rooms = [found[id].value for id in ("fit.clearance", "fit.girth") if id in found]
                verdicts.append((min(rooms), found["fit.girth"].verdict))
            self.assertGreaterEqual(verdicts[1][0], verdicts[0][0] - 1e-6)
            if verdicts[0][1] == "ok":
                self.assertGreater(order.index(verdicts[1][1]), 0)

    def test_a_belly_above_a_narrow_foot_is_found(self):
        belly = {"kind": "profile", "profile": [[0, 200], [50, 300], [120, 220]]}
        spec = {"form": "cone", "unit": "mm", "object": belly, "layers": LAYERS, "rounding": "none"}
        found = checks(draft_spec({**spec, "size": {"girth_bottom": 215}}))
        self.assertEqual(found["fit.clearance"].verdict, "stop")
        # Left to itself the cone is wide enough at its foot for the belly: (300 - 300 * 50/120) / (1 - 50/120).
        self.assertEqual(checks(draft_spec(spec))["fit.clearance"].verdict, "ok")
        self.assertAlmostEqual(foot_girth(read_thing(belly, "mm"), 120), 300, 9)

    @given(profiles(), st.floats(1.0, 1.6))
    def test_the_proposed_foot_is_the_least_that_clears_every_height(self, rows, taller):
        thing = read_thing(profiled(rows), "mm")
        height = thing.height * taller
        foot = foot_girth(thing, height)

        def room(z):
            return foot + (thing.girth - foot) * z / height - thing.girth_at(z)

        below = [z for z in thing.heights if z < height - 1e-6]
        self.assertAlmostEqual(min(room(z) for z in below), 0, 6)
        self.assertGreater(min(room(thing.height * i / 300) for i in range(300)), -1e-6)

    def test_a_wide_belly_must_pass_the_mouth(self):
        size = {"girth_bottom": 420, "girth_top": 280, "height": 150}
        belly = {"kind": "profile", "profile": [[0, 300], [40, 340], [140, 200]]}
        found = checks(draft_spec({"form": "cone", "unit": "mm", "object": belly, "size": size, "layers": LAYERS}))
        self.assertEqual(found["fit.mouth"].verdict, "stop")
        wide = checks(
            draft_spec(
                {"form": "cone", "unit": "mm", "object": belly, "size": {**size, "girth_top": 400}, "layers": LAYERS}
            )
        )
        self.assertNotIn("fit.mouth", wide)


class Several(unittest.TestCase):
    JAR = {"kind": "jar", "name": "Honey jar", "girth": 248, "height": 105, "base_diameter": 76}  # noqa: RUF012
    TALL = {"kind": "jar", "name": "Tall jar", "girth": 210, "height": 180, "base_diameter": 60}  # noqa: RUF012

    def test_the_bag_is_sized_for_the_largest_and_slack_is_told_for_each(self):
        for form in ("boxed-bag", "cylinder"):
            both = draft_spec(
                {
                    "form": form,
                    "unit": "mm",
                    "object": self.JAR,
                    "also": [self.TALL],
                    "layers": LAYERS,
                    "rounding": "none",
                }
            )
            swapped = draft_spec(
                {
                    "form": form,
                    "unit": "mm",
                    "object": self.TALL,
                    "also": [self.JAR],
                    "layers": LAYERS,
                    "rounding": "none",
                }
            )
            self.assertAlmostEqual(both.finished["girth"], swapped.finished["girth"], 6)
            self.assertGreaterEqual(both.finished["wall_height"], 180)
            # Each is told, and the first is drawn as it is, not as large as the other.
            own = checks(both)["fit.own"]
            self.assertAlmostEqual(own.value, both.finished["girth"] - 2 * math.pi * 0.3 - 248, 6)
            self.assertEqual(max(up for up, _ in both.object.radii), 105)
            self.assertEqual({d.field: d.value for d in both.object.dimensions}["object.height"], 105)
            slack = checks(both)["fit.also.0"]
            self.assertAlmostEqual(slack.value, both.finished["girth"] - 2 * math.pi * 0.3 - 210, 6)

    @given(profiles(), profiles(), st.booleans())
    def test_together_they_are_nowhere_narrower_than_either(self, rows, others, handle):
        one, two = (read_thing(profiled(r), "mm") for r in (rows, others))
        if handle:
            two, _ = measure_profile(others, [(others[0][0] + 20.0, others[0][1] + 90.0)])
        both = largest(one, [two])
        for thing in (one, two):
            for i in range(200):
                h = thing.height * i / 199
                self.assertGreaterEqual(both.girth_at(h), thing.girth_at(h) - 1e-6)
        # And at the corners no wider than the wider of them.
        for h in both.heights:
            widest = max(t.girth_at(h) for t in (one, two) if h <= t.height)
            self.assertAlmostEqual(both.girth_at(h), widest, 6)

    def test_bad_things_name_their_place(self):
        for also, field in (
            ("jar", "also"),
            ([{"kind": "moon"}], "also.0.kind"),
            ([self.TALL, {"kind": "jar"}], "also.1.height"),
            ([{}], "also.0.kind"),
        ):
            with self.subTest(str(also)), self.assertRaises(SpecError) as caught:
                draft_spec({"form": "boxed-bag", "unit": "mm", "object": self.JAR, "also": also, "layers": LAYERS})
            self.assertIn(field, [p.field for p in caught.exception.problems])


class OnAnotherRuler(unittest.TestCase):
    @given(profiles(), st.sampled_from(["text", "pairs", "spaces"]))
    def test_no_girth_changes(self, rows, written):
        given_rows = {
            "text": "\n".join(f"{h:g}; {g:g}" for h, g in rows),
            "spaces": "\n".join(f"{h:g} {g:g}" for h, g in rows),
            "pairs": [list(row) for row in rows],
        }[written]
        thing = {"kind": "profile", "profile": given_rows, "sticks_out": f"{rows[1][0]:g}; {rows[1][1] + 60:g}"}
        also = [{"kind": "jar", "name": "Honey jar", "girth": "248", "height": "105"}, {**thing, "name": "Lantern"}]
        spec = {"form": "cylinder", "unit": "mm", "object": thing, "also": also, "layers": LAYERS}
        before = read_spec(spec, CATALOGUE)[1]
        for unit in ("in", "cm"):
            again = on_ruler(spec, unit, ".")
            after = read_spec(again, CATALOGUE)[1]
            self.same(after.thing.profile, before.thing.profile)
            self.same(after.thing.sticks_out, before.thing.sticks_out)
            for (_, a), (_, b) in zip(after.also, before.also, strict=True):
                self.same(((a.height, a.girth), *a.profile), ((b.height, b.girth), *b.profile))
            # Read once more on a third ruler nothing is written twice.
            third = read_spec(on_ruler(again, "mm", "."), CATALOGUE)[1]
            self.same(third.thing.profile, before.thing.profile)

    def same(self, rows, others):
        for (h, g), (h2, g2) in zip(rows, others, strict=True):
            self.assertAlmostEqual(h, h2, 6)
            self.assertAlmostEqual(g, g2, 6)

    def test_nothing_with_a_unit_of_its_own_stays_nothing(self):
        jar = {"kind": "jar", "girth": "248 mm", "height": "10,5"}
        for typed in ("0", "0 mm", "0 in", 0, "1/4 in", "7,5", 7.5):
            spec = {"form": "cylinder", "unit": "cm", "object": jar, "ease": {"girth": typed}, "layers": LAYERS}
            before = draft_spec({**spec, "rounding": "none"}).finished["girth"]
            for unit in ("in", "mm"):
                after = draft_spec({**on_ruler(spec, unit, "."), "rounding": "none"}).finished["girth"]
                self.assertAlmostEqual(after, before, 6, typed)

    def test_another_form_keeps_only_things_it_goes_round(self):
        jar = {"kind": "jar", "name": "Honey jar", "girth": "248", "height": "105"}
        box = {"kind": "carton", "name": "Tea carton", "width": "80", "depth": "60", "height": "120"}
        spec = {"form": "boxed-bag", "unit": "mm", "object": jar, "also": [box, {**jar, "name": "Two"}]}
        cone = as_form(spec, CATALOGUE["cone"], Ruler("mm"))
        self.assertEqual([thing["name"] for thing in cone["also"]], ["Two"])
        self.assertNotIn("also", as_form(spec, CATALOGUE["bookmark"], Ruler("mm")))
        for form in CATALOGUE.values():
            draft_spec(as_form(spec, form, Ruler("mm")))


class Shelf(unittest.TestCase):
    def test_everything_is_tried_at_the_current_size_the_best_first(self):
        spec = {"form": "cylinder", "unit": "mm", "object": Several.JAR, "layers": LAYERS, "rounding": "none"}
        things = [
            ("Demijohn", read_thing({"kind": "bottle", "girth": 800, "height": 400, "base_diameter": 240}, "mm")),
            ("Honey jar", read_thing(Several.JAR, "mm")),
            (
                "Recipe notebook",
                read_thing({"kind": "book", "board_width": 148, "board_height": 210, "spine": 16}, "mm"),
            ),
        ]
        fits = fits_of(spec, things)
        self.assertEqual([fit.name for fit in fits], ["Honey jar", "Demijohn"])
        self.assertEqual([fit.verdict for fit in fits], ["ok", "stop"])
        # Its own thing fits as the draft itself says.
        own = {c.id: c.verdict for c in draft_spec(spec).checks if c.id.startswith("fit.")}
        self.assertEqual({c.id: c.verdict for c in fits[0].checks}, own)


if __name__ == "__main__":
    unittest.main()
