"""Straps over the sides: sewn on when the bag is closed and turned, level, and only where there are two sides."""

import itertools
import unittest

from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from tests.literal import complaints
from tests.makes import LAYERS, told
from tests.solids import checks

STRAP = {"kind": "strap", "sits": "sides"}


def made(form, layers, options, *parts):
    spec = {**starting_spec(CATALOGUE[form], Ruler("cm"), None), "layers": LAYERS[layers], "options": options}
    return draft_spec({**spec, "parts": list(parts or (STRAP,))})


def bags():
    tops = next(option.choices for option in CATALOGUE["boxed-bag"].options if option.id == "top")
    for layers, top, cut in itertools.product(("outer", "lined"), tops, ("two-panels", "side-fold", "base-fold")):
        yield "boxed-bag", layers, {"top": top, "cut": cut}
    for layers, top in itertools.product(("outer", "lined"), (*tops, "drawstring")):
        yield "cylinder", layers, {"top": top}
    yield "cone", "lined", {}
    yield "neck-bag", "outer", {}


class OverSides(unittest.TestCase):
    def test_it_is_sewn_on_last_and_right_side_out(self):
        seen = 0
        for form, layers, options in bags():
            try:
                draft = made(form, layers, options)
            except SpecError:
                continue
            document = told(draft)
            with self.subTest(form=form, layers=layers, **options):
                self.assertEqual(complaints(document), [])
                steps = {step["id"]: step for step in document["steps"]}
                on = steps["strap-1-on"]
                self.assertFalse(on["inside_out"])
                seams = [s for s in document["steps"] if s["seams"] and s["id"] != "strap-1-on"]
                self.assertTrue(all(s["number"] < on["number"] for s in seams if not s["id"].startswith("strap")))
                self.assertLess(on["number"], steps["ends"]["number"])
                # Half the girth lies between the middles of its ends, measured on the finished form.
                self.assertAlmostEqual(on["band"]["value"]["mm"], draft.finished["girth"] / 2 if form != "cone" else
                                       draft.finished["girth_top"] / 2, delta=0.01)  # fmt: skip
                seen += 1
        self.assertGreater(seen, 20)

    def test_nothing_of_it_is_marked_flat(self):
        draft = made("boxed-bag", "lined", {})
        self.assertFalse([m for p in draft.pieces for m in p.marks if m.label.id == "mark.pocket"])
        self.assertFalse([s for s in draft.inputs if s.field == "parts.0.apart"])

    def test_where_there_are_no_two_sides_it_is_refused_by_name(self):
        for form in CATALOGUE:
            with self.subTest(form):
                if form in ("boxed-bag", "cylinder", "cone", "neck-bag"):
                    made(form, "outer", {})
                    continue
                with self.assertRaises(SpecError) as refused:
                    made(form, "lined", {})
                self.assertEqual([p.field for p in refused.exception.problems], ["parts.0.sits"])
        with self.assertRaises(SpecError) as refused:
            made("boxed-bag", "outer", {}, {**STRAP, "kind": "handle"})
        self.assertEqual([p.field for p in refused.exception.problems], ["parts.0.count"])

    def test_ends_that_reach_the_base_are_told(self):
        found = checks(made("boxed-bag", "outer", {}, {**STRAP, "from_top": "40"}))
        self.assertEqual(found["part.strap-1.place"].verdict, "warn")
        self.assertNotIn("part.strap-1.place", checks(made("boxed-bag", "outer", {})))


if __name__ == "__main__":
    unittest.main()
