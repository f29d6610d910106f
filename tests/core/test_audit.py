"""Cut lists read backwards: our own come back without a complaint, and a wrong number is caught in every relation."""

import copy
import json
import unittest
from pathlib import Path

from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.audit import audit, audit_document, own_cut_list, read_cut_list
from eggtuck.core.audit.inverse import FREE, numbers_of
from eggtuck.core.audit.written import AuditDoc
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from tests import share
from tests.documents import checked
from tests.makes import crossed

EXAMPLES = Path(__file__).parents[2] / "examples"


def told(document):
    return audit(read_cut_list(document))


def own(form, options=None, size=None, **more):
    spec = starting_spec(CATALOGUE[form], Ruler("mm"), None)
    spec |= {"rounding": "none", "options": options or {}, **more}
    spec["size"] = {**spec["size"], **(size or {})}
    return own_cut_list(draft_spec(spec))


def changed(document, number, by=0.0, to=None):
    new = copy.deepcopy(document)
    new["numbers"][number] = to if to is not None else new["numbers"][number] + by
    return new


class RoundTrip(unittest.TestCase):
    def test_every_form_and_construction_comes_back(self):
        count = 0
        for form in CATALOGUE.values():
            for options in share(crossed(form), 3, form.place):
                if options.get("corner") == "square" or (form.id == "sleeve" and options["lining"] == "reduced"):
                    # Both have a disagreement of their own, which is told.
                    continue
                spec = {**starting_spec(form, Ruler("mm"), None), "options": options, "rounding": "none"}
                try:
                    draft = draft_spec(spec)
                except SpecError:
                    continue
                with self.subTest(form=form.id, options=str(options)):
                    found = told(own_cut_list(draft))
                    self.assertEqual((found.missing, found.findings), ((), ()))
                    for name, value in draft.finished.items():
                        if value is not None and found.draft.finished.get(name) is not None:
                            self.assertAlmostEqual(found.draft.finished[name], value, delta=1e-5 * abs(value) + 1e-5)
                    checked(AuditDoc, audit_document(found))
                    count += 1
        self.assertGreater(count, 120)

    def test_every_example_comes_back(self):
        for path in sorted(EXAMPLES.glob("*.json")):
            draft = draft_spec(json.loads(path.read_text()))
            with self.subTest(path.stem):
                found = told(own_cut_list(draft))
                self.assertEqual([f.id for f in found.findings if f.verdict == "stop"], [])
                for piece in found.draft.pieces:
                    mine = next(p for p in draft.pieces if p.id == piece.id)
                    for a, b in zip(piece.cut_size, mine.cut_size, strict=True):
                        self.assertAlmostEqual(a, b, delta=1.0)

    @given(st.floats(120, 1500), st.floats(60, 900), st.floats(3, 20), st.floats(3, 20))
    def test_a_tube_over_its_range(self, girth, wall, side, base):
        allowance = {"default": 10, "side": side, "base": base}
        made = own("cylinder", size={"girth": girth, "wall_height": wall}, allowance=allowance)
        found = told(made)
        self.assertEqual(found.findings, ())
        self.assertAlmostEqual(found.sizes["girth"], girth, 5)
        self.assertAlmostEqual(found.sizes["wall_height"], wall, 5)

    @given(st.floats(100, 800), st.floats(100, 800), st.floats(100, 600))
    def test_a_cone_over_its_range(self, bottom, top, height):
        found = told(own("cone", size={"girth_bottom": bottom, "girth_top": top, "height": height}))
        # Where a narrow ring leaves no room for two allowances, the draft itself says that it crosses.
        self.assertEqual([f for f in found.findings if not f.id.startswith("outline")], [])
        self.assertAlmostEqual(found.sizes["height"], height, delta=1e-4 * height)

    @given(st.floats(120, 700), st.floats(0.2, 0.7), st.floats(0.1, 0.8))
    def test_a_bowl_over_its_range(self, blank, long, wide):
        length = blank / 2 * long
        size = {"blank": blank, "dart_length": length, "dart_half_width": min(length, blank / 2) * wide * 0.8}
        try:
            made = own("dart-bowl", size=size)
        except SpecError:
            return
        found = told(made)
        self.assertEqual(found.findings, ())
        self.assertAlmostEqual(found.sizes["dart_half_width"], size["dart_half_width"], delta=1e-4 * blank)


class Wrong(unittest.TestCase):
    """A deliberately wrong number in each relation."""

    def only(self, document, id):
        found = told(document)
        ids = {f.id: f for f in found.findings}
        self.assertIn(id, ids, list(ids))
        return ids[id], found

    def test_a_disc_against_its_tube(self):
        finding, _ = self.only(changed(own("cylinder"), "base.width", by=15), "seam.base")
        self.assertEqual(finding.verdict, "stop")
        self.assertEqual(finding.name, "base.width")
        right = own("cylinder")["numbers"]["base.width"]
        self.assertAlmostEqual(finding.right, right, 3)
        self.assertAlmostEqual(finding.given, right + 15, 3)

    def test_a_disc_against_a_tapered_wall(self):
        good = own("cone")
        finding, _ = self.only(changed(good, "base.width", by=-12), "number.base.width")
        self.assertEqual((finding.verdict, finding.title.id), ("stop", "audit.disc"))
        self.assertAlmostEqual(finding.right, good["numbers"]["base.width"], 4)

    def test_a_binding_against_its_perimeter(self):
        for join in ("diagonal", "straight"):
            good = own("mat", {"binding_join": join})
            finding, _ = self.only(changed(good, "binding.width", by=-70), "binding.length")
            self.assertEqual(finding.verdict, "stop")
            self.assertAlmostEqual(finding.right, good["numbers"]["binding.width"], 4)

    def test_a_gusset_against_the_ring(self):
        good = own("gusset-bag")
        finding, _ = self.only(changed(good, "gusset.width", by=25), "number.gusset.width")
        self.assertEqual(finding.title.id, "audit.ring")
        self.assertAlmostEqual(finding.right, good["numbers"]["gusset.width"], 4)
        finding, _ = self.only(changed(good, "zip-strip.height", by=5), "number.zip-strip.height")
        self.assertEqual(finding.title.id, "audit.zip-section")

    def test_a_casing_against_its_frame(self):
        good = own("tetra", {"mouth": "spring-frame"}, {"width": 160, "height": 140, "frame_depth": 12})
        finding, _ = self.only(changed(good, "casing.height", by=-12), "casing.channel")
        self.assertEqual(finding.verdict, "stop")

    def test_zip_and_tabs_against_the_edge(self):
        good = own("tetra", {"mouth": "zip-end", "zip_ends": "fabric-tabs"})
        document = {**good, "claims": {"zip_opening": told(good).draft.finished["zip_opening"] + 20}}
        finding, _ = self.only(document, "claim.zip_opening")
        self.assertAlmostEqual(finding.given - finding.right, 20, 4)
        short = {**good, "size": {**good["size"], "zip_length": 90}}
        self.assertIn("zip.length", {f.id for f in told(short).findings})

    def test_front_against_back_of_a_split_circle(self):
        good = own("round-pouch")
        # Both halves cut as the circle was: without the zip's allowance.
        finding, _ = self.only(changed(good, "front-lower.height", by=-10), "number.front-lower.height")
        self.assertEqual((finding.verdict, finding.title.id), ("stop", "audit.split"))
        self.assertAlmostEqual(finding.right - finding.given, 10, 4)

    def test_a_cuff_against_the_ribbon(self):
        good = own("boxed-bag", {"top": "cuff-out"}, {"tie_height": 150, "cuff_depth": 15})
        document = {**good, "size": {"cuff_depth": 60, "tie_height": 150}}
        finding, found = self.only(document, "cannot")
        self.assertEqual(finding.message.id, "problem.cuff-over-tie")
        self.assertIsNone(found.draft)

    def test_a_square_on_a_slanted_side(self):
        good = own("wedge", {"corner": "square"})
        finding, _ = self.only(good, "box.square")
        self.assertEqual(finding.verdict, "warn")

    def test_corner_cut_outs(self):
        good = own("boxed-bag", {"cut": "side-fold"})
        finding, _ = self.only(changed(good, "cutout.fold", to=good["numbers"]["cutout.width"]), "number.cutout.fold")
        self.assertEqual(finding.title.id, "audit.cutout-fold")
        finding, _ = self.only(changed(own("boxed-bag"), "cutout.height", by=8), "number.cutout.height")
        self.assertEqual(finding.title.id, "audit.cutout")

    def test_a_height_that_was_the_cut_height(self):
        good = own("cylinder")
        document = {**good, "claims": {"wall_height": good["numbers"]["wall.height"]}}
        finding, _ = self.only(document, "claim.wall_height")
        self.assertEqual(finding.title.id, "audit.cut-not-finished")
        document = {**good, "claims": {"wall_height": good["numbers"]["wall.height"] + 44}}
        finding, _ = self.only(document, "claim.wall_height")
        self.assertEqual(finding.title.id, "audit.claim")
        self.assertEqual(told({**good, "claims": {"wall_height": 200}}).findings, ())

    def test_cloth_with_no_margin_or_too_little(self):
        good = own("cylinder")
        draft = told(good).draft
        need = next(n for n in draft.needs if n.role == "outer")
        # As it lies is what is enough.
        exact = need.exact
        for bought, verdict in ((exact, "warn"), (exact - 20, "stop"), (need.buy, None)):
            findings = told({**good, "cloth": {"outer": bought}}).findings
            self.assertEqual([f.verdict for f in findings], [verdict] if verdict else [])

    def test_tabs_that_are_not_opposite(self):
        good = own("cylinder")
        girth = told(good).draft.finished["girth"]
        self.assertEqual(told({**good, "tabs": [40, 40 + girth / 2]}).findings, ())
        finding, _ = self.only({**good, "tabs": [40, 40 + girth / 2 - 25]}, "tabs")
        # Both places, moved alike.
        (other, first), second = finding.others[0], finding.right
        self.assertEqual(other, "tabs.0")
        self.assertAlmostEqual(second - first, girth / 2, 6)
        self.assertAlmostEqual(second + first, 2 * 40 + girth / 2 - 25, 6)

    def test_every_repeated_number_of_every_form(self):
        """Whatever a list tells twice is compared: a wrong one is named with the right one."""
        for form in CATALOGUE:
            good = own(form)
            how = CATALOGUE[form].reads(good["options"])
            pairs = {*how.pairs.values(), *FREE}
            for number in sorted(set(good["numbers"]) - pairs):
                with self.subTest(form=form, number=number):
                    found = {f.name: f for f in told(changed(good, number, by=9)).findings}
                    self.assertIn(number, found)
                    self.assertAlmostEqual(found[number].right, good["numbers"][number], delta=1e-3)


class Asking(unittest.TestCase):
    def test_what_is_missing_is_asked_for_and_nothing_is_guessed(self):
        for form in CATALOGUE:
            good = own(form)
            how = CATALOGUE[form].reads(good["options"])
            for size, number in how.pairs.items():
                document = copy.deepcopy(good)
                for name in (number, *how.also.get(size, ())):
                    document["numbers"].pop(name, None)
                found = told(document)
                self.assertEqual([field for field, _ in found.missing], [f"numbers.{number}"])
                self.assertIsNone(found.draft)
            for name in how.asked:
                document = copy.deepcopy(good)
                del document["size"][name]
                self.assertEqual([field for field, _ in told(document).missing], [f"size.{name}"])

    def test_numbers_that_make_nothing_are_told_in_words(self):
        good = own("tetra")
        found = told(changed(good, "body.height", to=60))
        self.assertEqual([f.id for f in found.findings], ["cannot"])
        self.assertEqual(found.findings[0].message.id, "problem.tetra-flat")

    def test_a_number_of_another_form_is_told(self):
        good = own("bookmark")
        good["numbers"]["gusset.width"] = 120
        self.assertEqual([f.id for f in told(good).findings], ["unknown.gusset.width"])

    def test_fractions_and_both_values_are_kept(self):
        document = {
            "form": "cylinder", "unit": "in", "allowance": {"default": "3/8"},
            "numbers": {"wall.width": "11 3/4", "wall.height": "8 1/2", "base.width": "4 1/4"},
            "layers": [{"material": "linen", "role": "outer"}],
        }  # fmt: skip
        made = audit_document(told(document))
        kept = {n["name"]: n for n in made["numbers"]}
        self.assertEqual(kept["wall.width"]["typed"], "11 3/4")
        self.assertEqual(made["size"]["girth"]["text"], "11 in")
        # The corrected make can be drafted as it stands.
        self.assertAlmostEqual(draft_spec(made["spec"]).finished["girth"], 11 * 25.4, 6)

    def test_what_fits(self):
        good = own("cylinder", size={"girth": 285, "wall_height": 310})
        good["things"] = [
            {"kind": "bottle", "name": "Cordial bottle", "girth": 251, "height": 310, "base_diameter": 80},
            {"kind": "bottle", "name": "Demijohn", "girth": 700, "height": 400, "base_diameter": 200},
            {"kind": "book", "name": "Recipe notebook", "board_width": 148, "board_height": 210, "spine": 16},
        ]
        fits = {fit.name: fit.verdict for fit in told(good).fits}
        self.assertEqual(set(fits), {"Cordial bottle", "Demijohn", "Recipe notebook"})
        self.assertEqual(fits["Demijohn"], "stop")
        # A tube is for no book, and the list says so.
        self.assertEqual(fits["Recipe notebook"], "stop")
        self.assertIn(fits["Cordial bottle"], ("ok", "note"))

    def test_bad_lists_name_their_field(self):
        good = own("cylinder")
        for change, field in (
            ({"numbers": {"wall.width": "wide"}}, "numbers.wall.width"),
            ({"numbers": []}, "numbers"),
            ({"numbers": {str(i): 1 for i in range(300)}}, "numbers"),
            ({"tabs": [1]}, "tabs"),
            ({"tabs": ["a", 2]}, "tabs.0"),
            ({"form": "hat"}, "form"),
            ({"colour": "red"}, "colour"),
            ({"size": {"gap": "x"}}, "size.gap"),
            ({"things": [{"kind": "moon"}]}, "things.0.kind"),
            ({"things": {}}, "things"),
            ({"claims": {"girth": 1e9}}, "claims.girth"),
        ):
            with self.subTest(str(change)[:50]), self.assertRaises(SpecError) as caught:
                read_cut_list({**good, **change})
            self.assertEqual(caught.exception.problems[0].field, field)
        self.assertRaises(SpecError, read_cut_list, [])

    @given(
        st.dictionaries(
            st.sampled_from(("wall.width", "wall.height", "base.width")), st.floats(-100, 60000), min_size=3
        )
    )
    def test_any_numbers_end_in_a_reading_or_a_sentence(self, numbers):
        found = told({"form": "cylinder", "unit": "mm", "numbers": {k: min(v, 50000) for k, v in numbers.items()}})
        self.assertTrue(found.draft is not None or found.findings)
        if found.draft is not None:
            made = numbers_of(found.draft)
            for name in numbers:
                self.assertAlmostEqual(made[name], min(numbers[name], 50000), delta=1e-3)


if __name__ == "__main__":
    unittest.main()
