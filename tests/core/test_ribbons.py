"""Ribbons by their kind: what is turned in at their ends is bought, told and done before they are caught."""

import itertools
import unittest

from eggtuck.core.constructions.ribbons import KINDS
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from tests.literal import complaints
from tests.makes import told, words_of

BOTTLE = {
    "kind": "bottle",
    "girth": "25",
    "height": "30",
    "base_diameter": "7.9",
    "neck_height": "22",
    "neck_diameter": "3",
}
TIED = (
    ("boxed-bag", {"tie": "caught"}),
    ("boxed-bag", {"tie": "loose"}),
    ("neck-bag", {"closure": "ribbon-caught"}),
    ("neck-bag", {"closure": "ribbon-loose"}),
)


def made(form, options, **more):
    return draft_spec(
        {**starting_spec(CATALOGUE[form], Ruler("cm"), BOTTLE), "options": options, "rounding": "none", **more}
    )


# A made one is a piece.
BOUGHT = tuple(kind for kind in KINDS if kind != "made")


class Ribbons(unittest.TestCase):
    def test_turned_ends_take_ribbon_and_are_done_first(self):
        for (form, how), kind in itertools.product(TIED, BOUGHT):
            with self.subTest(f"{form} {how} {kind}"):
                plain, draft = (made(form, {**how, "ribbon": k}) for k in ("plain", kind))
                exact = [next(need.exact for need in d.needs if need.id == "ribbon") for d in (plain, draft)]
                # Two ends, each turned in twice by half a centimetre.
                self.assertAlmostEqual(exact[1] - exact[0], 20.0 if kind in ("wired", "frays") else 0.0, 6)
                self.assertAlmostEqual(draft.sums["ribbon"].total, exact[1], 6)
                document = told(draft)
                self.assertEqual(complaints(document), [])
                ids = [step["id"] for step in document["steps"]]
                caught = next((id for id in ids if id in ("ribbon-in", "neck-ribbon")), "tie")
                self.assertLess(ids.index("ribbon-ends"), ids.index(caught))
                text = {step["id"]: words_of(step) for step in document["steps"]}
                halves = kind == "one-sided" and caught != "tie"
                self.assertEqual("in half" in text["ribbon-ends"], halves)
                if caught != "tie":
                    self.assertEqual("two halves" in text[caught], halves)
                cautions = [step["caution"] or "" for step in document["steps"] if step["id"] == "ribbon-ends"]
                self.assertEqual("prick" in cautions[0], kind == "wired")

    def test_a_made_one_is_a_strip_as_long_as_the_bought_one_and_its_two_turned_ends(self):
        for form, how in TIED:
            with self.subTest(f"{form} {how}"):
                plain, draft = (made(form, {**how, "ribbon": k}) for k in ("plain", "made"))
                need = next(need.exact for need in plain.needs if need.id == "ribbon")
                self.assertFalse([need for need in draft.needs if need.id == "ribbon"])
                strip = next(p for p in draft.pieces if p.id == "ribbon")
                self.assertAlmostEqual(strip.cut_size[0], need + 10.0, delta=1.0)
                # Folded in four.
                self.assertAlmostEqual(strip.cut_size[1], 60.0, 6)
                document = told(draft)
                self.assertEqual(complaints(document), [])
                step = next(step for step in document["steps"] if step["id"] == "ribbon-ends")
                self.assertEqual([thing["piece"] for thing in step["things"]], ["ribbon"])
                self.assertIn("1.5 cm wide", step["check"])

    def test_as_a_part_of_any_form(self):
        for form, kind in zip(CATALOGUE, itertools.cycle(KINDS)):
            draft = draft_spec(
                {**starting_spec(CATALOGUE[form], Ruler("cm"), None), "parts": [{"kind": "ribbon", "ribbon": kind}]}
            )
            self.assertEqual(complaints(told(draft)), [], form)
            self.assertEqual(
                [step.id for step in draft.steps if step.id.startswith("ribbon-1")], ["ribbon-1-ends", "ribbon-1"], form
            )


if __name__ == "__main__":
    unittest.main()
