"""Hardware and wearers: what each settles, what a hand passes against a plain model of it, and what cannot be."""

import math
import unittest

from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.drafting.reading import read_kept
from eggtuck.core.drafting.starting import on_ruler, settings_of
from eggtuck.core.forms import CATALOGUE, draft_spec
from eggtuck.core.lengths import read_length, read_volume
from eggtuck.core.objects import DRAWER, worn_length
from eggtuck.core.pattern import SpecError

hands = st.tuples(st.floats(50, 120), st.floats(15, 45))


def draft(**spec):
    return draft_spec({"form": "boxed-bag", "unit": "mm", "size": {"girth": 400, "wall_height": 300}, **spec})


def checks(made):
    return {check.id: check for check in made.checks}


class Hardware(unittest.TestCase):
    def test_every_measure_it_settles_is_one_a_spec_takes(self):
        inputs = {item.field for form in CATALOGUE.values() for item in form.inputs}
        lengths = {f"parts.{kind.id}.{item.name}" for kind in PARTS.values() for item in kind.lengths}
        for kind in DRAWER.values():
            names = {measure.name for measure in kind.measures}
            for where, name in kind.sets.items():
                self.assertIn(where, inputs | lengths)
                self.assertIn(name, names)

    def test_what_it_settles_keeps_the_wording_and_reads_the_same_on_any_ruler(self):
        found = settings_of(DRAWER["frame"], {"kind": "frame", "length": "5 7/8", "bar": "3/8"}, "in")
        self.assertEqual(found, {"size.frame_length": "5 7/8 in", "size.frame_depth": "3/8 in"})
        for text in found.values():
            self.assertAlmostEqual(read_length(text, "cm").mm, read_length(text, "in").mm)

    def test_a_cup_with_a_depth_settles_what_a_make_is_to_hold(self):
        cup = {"kind": "round", "across": "7", "depth": "9"}
        found = settings_of(DRAWER["round"], cup, "cm")
        # Counted in rods of a square millimetre that stand in it.
        rods = sum((x + 0.5) ** 2 + (y + 0.5) ** 2 <= 35**2 for x in range(-35, 35) for y in range(-35, 35))
        self.assertAlmostEqual(read_volume(found["size.volume"], "cm"), rods * 90 / 1000, delta=3)
        self.assertNotIn("size.volume", settings_of(DRAWER["round"], {"kind": "round", "across": "7"}, "cm"))

    def test_each_kind_is_drawn_to_scale_within_its_box(self):
        for kind in DRAWER.values():
            notion = read_kept({"kind": kind.id, **kind.typical}, "mm")
            view = notion.view()
            half, high = view.radii[-1][1], view.radii[-1][0]
            for path in view.lines:
                for segment in path:
                    for x, y in (segment.start, segment.end):
                        self.assertLessEqual(abs(x), half + 1e-6)
                        self.assertTrue(-1e-6 <= y <= high + 1e-6)
            if kind.group == "hardware":
                for dim in view.dimensions:
                    drawn = math.dist(dim.start, dim.end)
                    self.assertAlmostEqual(drawn, dim.value, msg=f"{kind.id} {dim.field}")
            self.assertEqual({d.field for d in view.dimensions}, {f"object.{name}" for name in kind.typical})

    def test_what_is_missing_or_cannot_be_is_told_by_its_field(self):
        for document, field in (
            ({"kind": "ring"}, "object.inside"),
            ({"kind": "frame", "length": 120}, "object.bar"),
            ({"kind": "zip", "length": 200, "tape": 20, "teeth": 25}, "object.teeth"),
            ({"kind": "wearer"}, "object.drop"),
            ({"kind": "wearer", "hand_girth": 100, "hand_width": 80}, "object.hand_girth"),
            ({"kind": "ring", "inside": 25, "girth": 3}, "object.girth"),
            ({"kind": "ring", "inside": "wide"}, "object.inside"),
        ):
            with self.assertRaises(SpecError) as caught:
                read_kept(document, "mm")
            self.assertEqual(caught.exception.problems[0].field, field, document)


class Wearers(unittest.TestCase):
    @given(hands)
    def test_a_hand_as_an_oblong_passes_what_is_proposed(self, hand):
        width, thick = hand
        wearer = {"hand_girth": 2 * (width + thick), "hand_width": width}
        loop = worn_length("loop", wearer)[1]
        # Both sides of the folded loop together go round the hand.
        self.assertGreaterEqual(2 * loop, 2 * (width + thick))
        handle = worn_length("handle", wearer)[1]
        self.assertAlmostEqual(handle - 20, width + 2 * thick)

    @given(st.floats(150, 900), st.sampled_from(("mm", "cm", "in")))
    def test_the_strap_proposed_reaches_and_the_check_says_so(self, drop, unit):
        made = draft(unit="mm", wearer={"drop": drop}, parts=[{"kind": "adjustable-strap"}, {"kind": "strap"}])
        for id in ("part.adjustable-strap-1.wearer", "part.strap-2.wearer"):
            told = checks(made)[id]
            self.assertEqual(told.verdict, "ok")
            self.assertGreaterEqual(told.value, 2 * drop - 1e-6)
        again = draft_spec({**on_ruler(made.spec, unit, "."), "size": {"girth": "400 mm", "wall_height": "300 mm"}})
        self.assertAlmostEqual(checks(again)["part.strap-2.wearer"].limit, 2 * drop, 6)

    def test_a_short_part_is_told_and_mended_by_its_button(self):
        wearer = {"hand_girth": 210, "hand_width": 80, "drop": 600}
        short = {"loop": "length", "handle": "length", "strap": "length", "adjustable-strap": "longest"}
        for kind, name in short.items():
            made = draft(wearer=wearer, parts=[{"kind": kind, name: 210 if kind == "adjustable-strap" else 60}])
            told = checks(made)[f"part.{kind}-1.wearer"]
            self.assertEqual(told.verdict, "warn", kind)
            mended = {"kind": kind, name: told.fix.changes[f"parts.0.{name}"]}
            made = draft(wearer=wearer, parts=[mended])
            self.assertEqual(checks(made)[f"part.{kind}-1.wearer"].verdict, "ok", kind)

    def test_without_a_wearer_nothing_is_said_of_one(self):
        made = draft(parts=[{"kind": "loop"}, {"kind": "handle"}])
        self.assertFalse([id for id in checks(made) if id.endswith(".wearer")])


if __name__ == "__main__":
    unittest.main()
