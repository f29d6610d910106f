"""A lining with allowances of its own: asked where it hangs by itself, cut from patterns of its own, sewn as told; where it meets the outer
at another width that is said, and mended."""

import itertools
import unittest

from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from tests.makes import LAYERS, draft_of, mended, said_of

FORMS = [form for form in CATALOGUE.values() if form.lining_allowances]
OWN = 14.0


def begun(form, layers="lined", **more):
    return {**starting_spec(form, Ruler("cm"), None), "layers": LAYERS[layers], "rounding": "none", **more}


def linings(draft):
    return [piece for piece in draft.pieces if {cut.role for cut in piece.cuts if cut.on is None} == {"lining"}]


def told():
    """``(form, kind of edge, choices, spec)`` with one of the lining's allowances told, wherever it is asked."""
    for form in FORMS:
        tops = next((option.choices for option in form.options if option.id in ("mouth", "top", "make")), ("",))
        name = next((option.id for option in form.options if option.id in ("mouth", "top", "make")), None)
        for top, size in itertools.product(tops, ("equal", "reduced")):
            options = {"lining": size, **({name: top} if name else {})}
            spec = begun(form, "padded", options=options)
            try:
                asked = {state.field for state in draft_of(spec).inputs}
            except SpecError:
                continue
            for key in form.lining_allowances:
                if f"allowance.{key}" in asked:
                    yield form, key, options, {**spec, "allowance": {"default": "1", key: f"{OWN} mm"}}


class OwnLining(unittest.TestCase):
    def test_forms_that_cut_a_lining_of_its_own_ask(self):
        self.assertEqual(
            {form.id for form in FORMS}, {"boxed-bag", "cylinder", "cone", "wedge", "round-pouch", "tetra", "dart-bowl"}
        )
        for form in CATALOGUE.values():
            spec = begun(form)
            asked = {s.field for s in draft_of(spec).inputs if s.field.startswith("allowance.lining-")}
            self.assertEqual(bool(asked), bool(form.lining_allowances), form.id)
            for bare in ({**spec, "layers": LAYERS["outer"]}, {**spec, "options": {"joined": "as-one"}}):
                if "options" in bare and bare["options"] and "joined" not in {o.id for o in form.options}:
                    continue
                self.assertFalse([s for s in draft_of(bare).inputs if s.field.startswith("allowance.lining-")], form.id)

    def test_untold_it_follows_the_outer_s_and_is_cut_from_its_pattern(self):
        for form in FORMS:
            spec = begun(form, allowance={"default": "1", form.allowances[0]: "1.7"})
            draft = draft_of(spec)
            state = {s.field: s for s in draft.inputs}
            for key in form.lining_allowances:
                if f"allowance.{key}" in state:
                    outer = state[f"allowance.{key.removeprefix('lining-')}"]
                    self.assertEqual(state[f"allowance.{key}"].value, outer.value)
            self.assertEqual(linings(draft), [], form.id)

    def test_what_is_assumed_is_told_of_the_seams_nobody_has_told(self):
        for form in FORMS:
            spec = {**begun(form), "allowance": {}}
            told = {key: {**spec, "allowance": {key: f"{OWN} mm"}} for key in form.lining_allowances[:1]}
            (none,) = (check["message"] for check in said_of(spec)["checks"] if check["id"] == "allowance.assumed")
            self.assertIn("how wide the seams are", none, form.id)
            for one in told.values():
                (some,) = (check["message"] for check in said_of(one)["checks"] if check["id"] == "allowance.assumed")
                self.assertIn("how wide these seams are", some, form.id)
                self.assertNotIn("lining", some)

    def test_told_it_is_on_every_edge_of_that_kind_and_in_its_seams(self):
        kinds = set()
        for form, key, options, spec in told():
            draft = draft_of(spec)
            with self.subTest(form.id, key=key, **options):
                own = linings(draft)
                wide = [edge.id for piece in own for edge in piece.edges if abs(edge.allowance - OWN) < 1e-9]
                self.assertTrue(wide)
                # Of the outer none is.
                for piece in draft.pieces:
                    if piece not in own:
                        self.assertFalse([e.key for e in piece.edges if abs(e.allowance - OWN) < 1e-9], piece.id)
                # What is sewn of the lining alone is sewn as wide as its edges are told.
                for seam in draft.seams:
                    if seam.layers != ("lining",):
                        continue
                    by = {piece.id: piece for piece in draft.pieces}
                    sides = {
                        by[use.piece].by_key[use.key].allowance for use in (*seam.a, *seam.b) if use.piece != "zip"
                    }
                    self.assertEqual(sides, {seam.allowance}, seam.id)
                kinds.add((form.id, key))
        self.assertGreater(len(kinds), 18)

    def test_each_of_its_seams_is_told_at_its_own_allowance(self):
        sewn = 0
        for form, key, options, spec in told():
            # A dart runs from its leg to nothing.
            mine = [seam for seam in draft_of(spec).seams if abs(seam.allowance - OWN) < 1e-9 and key != "lining-dart"]
            steps = [step for step in said_of(spec)["steps"] if step["kind"] == "sew"]
            with self.subTest(form.id, key=key, **options):
                said = " ".join(line["text"] for step in steps for line in step["lines"])
                self.assertEqual(bool(mine), "1.4 cm from the raw edges" in said)
                sewn += bool(mine)
        self.assertGreater(sewn, 12)

    def test_cut_apart_it_is_as_large_as_the_outer_on_the_stitch_line(self):
        for form, key, options, spec in told():
            if options["lining"] != "equal":
                continue
            draft, alike = draft_of(spec), draft_of({**spec, "allowance": {"default": "1"}})
            before = {piece.id: piece for piece in alike.pieces}
            for piece in linings(draft):
                outer = before.get(piece.id.replace("-lining", ""), before.get(piece.id))
                with self.subTest(form.id, key=key, piece=piece.id, **options):
                    for one, other in zip(piece.stitch_box, outer.stitch_box, strict=True):
                        self.assertAlmostEqual(one, other, places=6)

    def test_where_it_meets_the_outer_at_another_width_that_is_said_and_mended(self):
        found = 0
        for form, key, options, spec in told():
            checks = {check["id"]: check for check in said_of(spec)["checks"]}
            differ = [
                check for id, check in checks.items() if id.startswith("allowance.") and check["verdict"] == "warn"
            ]
            met = key in ("lining-top", "lining-mouth", "lining-rim") and form.id != "round-pouch"
            with self.subTest(form.id, key=key, **options):
                self.assertEqual(bool(differ), met)
                for check in differ:
                    found += 1
                    after = said_of(mended(spec, check["fix"]))["checks"]
                    self.assertNotIn(check["id"], {one["id"] for one in after if one["verdict"] == "warn"})
        self.assertGreater(found, 6)

    def test_of_a_form_that_has_none_it_is_said_to_be_idle(self):
        for form in CATALOGUE.values():
            for key in ("lining-side", "lining-zip"):
                if key in form.lining_allowances:
                    continue
                spec = begun(form, allowance={"default": "1", key: "1,4"})
                with self.subTest(form.id, key=key):
                    self.assertIn("allowance.unused", {check["id"] for check in said_of(spec)["checks"]})


if __name__ == "__main__":
    unittest.main()
