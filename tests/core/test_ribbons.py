"""Ribbons by their kind: what is turned in at their ends is bought, told and done before they are caught."""

import itertools
import math
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


def made(form, options, size=None):
    thing = BOTTLE if "bottle" in CATALOGUE[form].objects else None
    spec = starting_spec(CATALOGUE[form], Ruler("cm"), thing)
    size = {**spec.get("size", {}), **(size or {})}
    return draft_spec({**spec, "options": options, "rounding": "none", "size": size})


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


HUNG = (
    ("round-pouch", {}),
    ("round-pouch", {"split": "cut-and-trim"}),
    ("tetra", {}),
    ("tetra", {"mouth": "zip-face"}),
)


class Caught(unittest.TestCase):
    """Loops and tails whose ends lie in a seam, bought or made."""

    def test_a_hanger_is_cut_twice_as_long_as_it_stands_out_and_two_allowances(self):
        for (form, how), strip in itertools.product(HUNG, (False, True)):
            with self.subTest(f"{form} {how} {strip}"):
                options = {**how, "hanger": "strip-loop" if strip else "ribbon-loop"}
                draft = made(form, options, size={"loop": "45 mm", "loop_width": "12 mm"})
                plain = made(form, how)
                spec = {piece.id: piece for piece in draft.pieces}
                caught = min(edge.allowance for edge in spec[next(iter(spec))].edges)
                if strip:
                    self.assertAlmostEqual(spec["loop"].cut_size[0], 90 + 2 * caught, delta=1.0)
                    self.assertAlmostEqual(spec["loop"].cut_size[1], 48, 6)
                    self.assertNotIn("loop", {p.id for p in plain.pieces})
                else:
                    bought = [need.exact for need in draft.needs if need.id == "ribbon"]
                    self.assertEqual(len(bought), 1)
                    self.assertAlmostEqual(bought[0], 90 + 2 * caught, delta=1.0)
                document = told(draft)
                self.assertEqual(complaints(document), [])
                text = " ".join(words_of(step) for step in document["steps"])
                self.assertIn("middle of the loop", text)
                self.assertNotIn("loop", " ".join(words_of(step) for step in told(plain)["steps"]))

    def test_it_is_marked_beside_the_end_of_the_zip(self):
        for form, how in HUNG:
            draft = made(form, {**how, "hanger": "ribbon-loop"}, size={"loop_width": "14 mm"})
            piece, mark = next((p, m) for p in draft.pieces for m in p.marks if m.label.id == "mark.loop")
            x, y = mark.point
            on = [e for e in piece.edges if e.path and min(_off(e, mark.point)) < 0.05]
            self.assertEqual(len(on), 1, (form, how))
            if form == "round-pouch":
                # Where the front's two straight edges, and the zip between them, run out.
                ends = [p for q in draft.pieces if q.id.startswith("front") for e in q.edges if e.key == "straight"
                        for p in (e.path[0].start, e.path[-1].end)]  # fmt: skip
                right = [p for p in ends if p[0] > 0]
                self.assertAlmostEqual(y, sum(p[1] for p in right) / 2, 6)
                self.assertGreater(x, 0)
                continue
            zipped = [e for e in piece.edges if e.key.startswith("zip")]
            near = min(math.dist(mark.point, p) for e in zipped for p in (e.path[0].start, e.path[-1].end))
            self.assertAlmostEqual(near, 7, 6)
            self.assertAlmostEqual(mark.datum.params["raw"], 7 + zipped[0].allowance, 6)

    def test_tails_of_cloth_are_as_long_as_those_of_ribbon_and_what_is_turned_in(self):
        board = {"board_width": "150 mm", "board_height": "210 mm", "spine": "20 mm"}
        long = {}
        for kind in ("ribbon", "frays", "strip"):
            draft = made("book-cover", {"marker": kind}, size=board)
            self.assertEqual(complaints(told(draft)), [], kind)
            cut = draft.sums["ribbon.cut_width" if kind == "strip" else "ribbon"].total
            long[kind] = cut - math.hypot(150, 210)
        self.assertAlmostEqual(long["frays"] - long["ribbon"], 10, delta=0.01)
        self.assertAlmostEqual(long["strip"] - long["ribbon"], 5, delta=0.01)
        ribbon, strip = (made("bookmark", {"tassel": kind}) for kind in ("ribbon", "strip"))
        self.assertAlmostEqual(strip.sums["ribbon.cut_width"].total, ribbon.sums["ribbon"].total, 6)
        self.assertFalse([need for need in strip.needs if need.id == "ribbon"])
        self.assertEqual(complaints(told(strip)), [])


def _off(edge, point):
    """How far a point lies from an edge, at many places along it."""
    for segment in edge.path:
        for i in range(2001):
            yield math.dist(segment.at(i / 2000), point)


if __name__ == "__main__":
    unittest.main()
