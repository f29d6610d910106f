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
                if "cuff" in steps:
                    # Turned out over it the cuff would take it along, upside down.
                    self.assertLess(steps["cuff"]["number"], on["number"])
                    self.assertIn("the cuff and all layers", " ".join(line["text"] for line in on["lines"]))
                # Half the girth lies between the middles of its ends, measured on the finished form.
                self.assertAlmostEqual(on["band"]["value"]["mm"], draft.finished["girth"] / 2 if form != "cone" else
                                       draft.finished["girth_top"] / 2, delta=0.01)  # fmt: skip
                seen += 1
        self.assertGreater(seen, 20)

    def test_on_the_front_at_the_end_it_is_measured_from_the_rim(self):
        for form, layers, options in bags():
            for count in (1, 2):
                try:
                    draft = made(form, layers, options, {"kind": "handle", "sits": "late", "count": count})
                except SpecError as refused:
                    self.assertEqual(count, 2)
                    self.assertTrue({p.field for p in refused.problems} <= {"parts.0.count", "options.top"})
                    continue
                document = told(draft)
                with self.subTest(form=form, layers=layers, count=count, **options):
                    self.assertEqual(complaints(document), [])
                    on = next(step for step in document["steps"] if step["id"] == "handle-1-on")
                    self.assertFalse(on["inside_out"])
                    self.assertGreater(on["number"], max(s["number"] for s in document["steps"] if s["id"] in ("rim", "hem", "outer-base")))  # fmt: skip
                    grip, text = draft.grips[0], on["lines"][-1]["text"]
                    values = {state.field: state.value for state in draft.inputs}
                    ruler = draft.ruler
                    self.assertIn(f"{ruler.write(values['parts.0.apart'] / 2)} to each side", text)
                    # A cord's collar stands up from the wall: the rim is not where that ends.
                    from_where = "the collar seam" if options.get("top") == "drawstring" else "the rim"
                    self.assertIn(f"{ruler.write(values['parts.0.from_top'])} below {from_where}", text)
                    self.assertFalse([m for p in draft.pieces for m in p.marks if m.label.id == "mark.pocket"])
                    self.assertEqual(grip.piece, draft.pieces[0].id)

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

    def test_thin_cloth_under_rivets_is_told_to_be_made_thicker(self):
        """By the cloths themselves: linen of 0.4 mm, four times for the strap and twice for wall and patch; canvas of 0.6 mm holds."""
        for material, thin in (("linen", True), ("canvas", False)):
            for sits in ("faces", "late", "sides"):
                spec = starting_spec(CATALOGUE["boxed-bag"], Ruler("mm"), None)
                part = {"kind": "strap", "attach": "rivets", "sits": sits}
                spec = {**spec, "layers": [{"role": "outer", "material": material}], "options": {}, "parts": [part]}
                steps = {step["id"]: step for step in told(draft_spec(spec))["steps"]}
                text = " ".join(line["text"] for line in steps["strap-1-on"]["lines"])
                self.assertEqual("disc of felt or foam" in text, thin, (material, sits))
                if thin:
                    self.assertIn("2.4 mm", text)


if __name__ == "__main__":
    unittest.main()
