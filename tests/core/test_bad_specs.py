"""What cannot be drafted is refused by field, with words that say what would work."""

import unittest

from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.forms import CATALOGUE, draft_spec, on_ruler, preset_object, read_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.objects import KINDS, PRESETS
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.document import draft_document, draft_json
from eggtuck.core.words import Speaker
from tests import share
from tests.makes import makes, with_field
from tests.specs import SCHOOLS, cordial, sized


def problems(spec):
    try:
        draft_spec(spec)
    except SpecError as error:
        speaker = Speaker(Ruler("cm"))
        return {p.field: speaker.say(p.message) for p in error.problems}
    return {}


class TooNarrow(unittest.TestCase):
    def test_a_cloth_of_which_nothing_can_be_joined_is_refused_and_as_wide_as_is_told_it_can(self):
        mended = 0
        for name, spec in share(makes(), 12):
            for nth, _ in enumerate(spec["layers"]):

                def made(mm, spec=spec, nth=nth):
                    narrow = {**spec["layers"][nth], "width": f"{mm} mm"}
                    layers = [*spec["layers"][:nth], narrow, *spec["layers"][nth + 1 :]]
                    allowance = {**spec.get("allowance", {}), "default": "45 mm"}
                    draft = draft_spec({**spec, "layers": layers, "allowance": allowance})
                    return [one for lay in draft.lays for one in lay.laid if one.width > lay.usable + 1e-6]

                try:
                    self.assertEqual(made(100), [], name)
                except SpecError as error:
                    for problem in error.problems:
                        if problem.message.id == "problem.cloth-narrow":
                            self.assertEqual(problem.field, f"layers.{nth}.width")
                            self.assertEqual(made(problem.message.params["low"]), [], name)
                            mended += 1
        self.assertGreater(mended, 20)


class Refusals(unittest.TestCase):
    def test_each_bad_entry_names_its_field(self):
        cases = [
            (cordial(object={"girth": "a lot"}), "object.girth"), (cordial(object={"girth": "0"}), "object.girth"),
            (cordial(object={"girth": "-25"}), "object.girth"), (cordial(object={"girth": "3 km"}), "object.girth"),
            (cordial(object={"girth": "3000 m"}), "object.girth"), (cordial(object={"height": ""}), "object.height"),
            (cordial(object={"girth": None}), "object.girth"), (cordial(object={"kind": "whale"}), "object.kind"),
            (cordial(object={"kind": None}), "object.kind"), (cordial(object={"wings": "2"}), "object.wings"),
            (cordial(object={"neck_height": "40"}), "object.neck_height"),
            (cordial(object={"neck_diameter": "12"}), "object.neck_diameter"),
            (cordial(object={"shoulder_height": "28"}), "object.shoulder_height"),
            (cordial(object={"neck_height": None}), "object.neck_height"),
            (cordial(size={"base_depth": "30"}), "size.base_depth"), (cordial(size={"base_depth": "0,3"}), "size.base_depth"),
            (cordial(size={"girth": "2"}), "size.girth"), (cordial(size={"colour": "2"}), "size.colour"),
            (cordial(size={"tie_height": "60"}), "size.tie_height"), (cordial(size={"gap": "15"}), "size.gap"),
            (cordial(size={"gap": "0"}), "size.gap"), (cordial(size={"headroom": "-40"}), "size.headroom"),
            (cordial(size={"cuff_depth": "20"}, options={"top": "cuff-out"}), "size.cuff_depth"),
            (cordial(size={"hem_depth": "30"}, options={"top": "deep-hem"}), "size.hem_depth"),
            (cordial(ease={"girth": "-30"}), "ease.girth"), (cordial(ease={"round": "3"}), "ease.round"),
            (cordial(allowance={"side": "9"}), "allowance.side"), (cordial(allowance={"sides": "1"}), "allowance.sides"),
            (cordial(allowance={"box": "6"}), "size.base_depth"), (cordial(options={"cut": "zigzag"}), "options.cut"),
            (cordial(options={"lid": "on"}), "options.lid"), (cordial(options={"cut": 3}), "options.cut"),
            (cordial(options={"cut": "base-fold", "gap_place": "lining-base"}), "options.gap_place"),
            (cordial(layers="linen"), "layers"), (cordial(layers=[{"role": "lining", "material": "linen"}]), "layers"),
            (cordial(layers=[{"role": "outer", "material": "iron"}]), "layers.0.material"),
            (cordial(layers=[{"role": "hat", "material": "linen"}]), "layers.0.role"),
            (cordial(layers=[{"role": "outer", "material": "linen", "thickness": "9"}]), "layers.0.thickness"),
            (cordial(layers=[{"role": "outer", "material": "linen", "directional": "yes"}]), "layers.0.directional"),
            (cordial(layers=[3]), "layers.0"), (cordial(rounding="7 in"), "rounding"), (cordial(rounding=[]), "rounding"),
            (cordial(unit="ell"), "unit"), (cordial(decimal=";"), "decimal"), (cordial(language="xx"), "language"),
            (cordial(form="hat"), "form"), (cordial(form=None), "form"), ({}, "form"), (cordial(stitch=3), "stitch"),
            (cordial(size=[1]), "size"), (cordial(object=7), "object"), ([], ""), ("bag", ""), (None, ""),
        ]  # fmt: skip
        for spec, field in cases:
            with self.subTest(field=field, spec=str(spec)[:90]):
                found = problems(spec)
                self.assertIn(field, found)
                self.assertGreater(len(found[field]), 15)

    def test_every_length_out_of_its_range_is_told_both_ends_with_their_unit(self):
        tried = 0
        for form in CATALOGUE.values():
            parts = [{"kind": "patch-pocket"}, {"kind": "strap"}]
            for option in share([{}, *({o.id: choice} for o in form.options for choice in o.choices)], 6):
                spec = {**starting_spec(form, Ruler("cm"), None), "options": option, "parts": parts}
                try:
                    inputs = draft_spec(spec).inputs
                except SpecError:
                    continue
                for state in inputs:
                    if state.of != "length":
                        continue
                    field = state.field
                    if field.startswith("parts."):
                        _, nth, name = field.split(".")
                        wrong = {**spec, "parts": [dict(part) for part in parts]}
                        wrong["parts"][int(nth)][name] = "9999 m"
                    else:
                        wrong = with_field(spec, field, "9999 m")
                    told = problems(wrong)
                    self.assertIn(field, told, (form.id, option))
                    if "between" in told[field]:
                        tried += 1
                        self.assertRegex(told[field], r"between -?[\d.]+ cm and [\d.]+ cm\.$", field)
        self.assertGreater(tried, 400)

    def test_messages_say_what_would_work(self):
        self.assertIn("13.9 cm", problems(cordial(size={"base_depth": "30"}))["size.base_depth"])
        self.assertRegex(problems(cordial(size={"gap": "15"}))["size.gap"], r"at most \d")
        self.assertRegex(problems(cordial(object={"girth": "3000 m"}))["object.girth"], r"between 4 cm and 200 cm")
        self.assertIn("7.9 cm", problems(cordial(object={"girth": "xyz"}))["object.girth"])
        self.assertIn("two-panels", problems(cordial(options={"cut": "zigzag"}))["options.cut"])

    def test_a_cuff_over_the_tie_line_is_told_the_largest_that_clears_it(self):
        spec = cordial(options={"top": "cuff-out"}, rounding="none")
        draft = draft_spec(spec)
        limit = draft.finished["wall_height"] - draft.finished["tie_height"]
        text = problems({**spec, "size": {**spec["size"], "cuff_depth": f"{limit + 1} mm"}})["size.cuff_depth"]
        self.assertIn("tie line", text)
        fits = draft_spec({**spec, "size": {**spec["size"], "cuff_depth": f"{limit - 0.01} mm"}})
        self.assertAlmostEqual(fits.finished["cuff_depth"], limit - 0.01)

    def test_all_problems_are_told_at_once(self):
        found = problems(cordial(object={"girth": "x"}, options={"cut": "y"}, rounding="z"))
        self.assertEqual(set(found), {"object.girth", "options.cut", "rounding"})

    def test_without_a_thing_the_sizes_are_asked_for(self):
        found = problems({"form": "boxed-bag", "unit": "cm"})
        self.assertEqual(set(found), {"size.girth", "size.wall_height"})

    @given(
        st.dictionaries(
            st.sampled_from(["form", "unit", "object", "size", "ease", "allowance", "options", "layers", "rounding"]),
            st.recursive(
                st.none() | st.booleans() | st.floats(allow_nan=True) | st.text(max_size=8) | st.integers(),
                lambda inner: st.lists(inner, max_size=3) | st.dictionaries(st.text(max_size=9), inner, max_size=3),
                max_leaves=6,
            ),
        )
    )
    def test_any_junk_is_drafted_or_refused_cleanly(self, junk):
        for spec in (junk, {"form": "boxed-bag", **junk}, {**sized(), **junk, "form": "boxed-bag"}):
            try:
                draft_json(draft_spec(spec))
            except SpecError as error:
                self.assertTrue(error.problems)

    @given(st.floats(40, 2500), st.floats(10, 2000), st.floats(4, 1200), st.floats(0, 60), st.sampled_from(SCHOOLS))
    def test_any_sizes_in_range_are_drafted_soundly_or_refused(self, girth, wall, depth, allowance, school):
        cut, boxing, top = school
        spec = sized(
            size={"girth": girth, "wall_height": wall, "base_depth": depth},
            allowance={"default": allowance},
            options={"cut": cut, "boxing": boxing, "top": top},
        )
        try:
            draft = draft_spec(spec)
        except SpecError as error:
            self.assertTrue(all(p.field.startswith(("size.", "allowance.")) for p in error.problems))
            return
        self.assertFalse([check for check in draft.checks if check.verdict == "stop"])
        self.assertTrue(all(abs(seam.difference) < 0.001 for seam in draft.seams))


class UnderstoodSpecs(unittest.TestCase):
    def test_the_spec_as_understood_drafts_the_same(self):
        for cut, boxing, top in SCHOOLS:
            draft = draft_spec(cordial(options={"cut": cut, "boxing": boxing, "top": top}))
            self.assertEqual(draft_json(draft), draft_json(draft_spec(dict(draft.spec))))

    def test_a_cloth_of_the_maker_s_own(self):
        layers = [{"material": "grandmother's curtain", "role": "outer", "thickness": "1 mm"}, *cordial()["layers"][1:]]
        draft = draft_spec(cordial(layers=layers))
        self.assertIn("grandmother's curtain", [need["name"] for need in draft_document(draft)["needs"]])
        self.assertIn("layers.0.material", problems(cordial(layers=[{"material": "curtain", "role": "outer"}])))

    def test_the_maker_s_wording_is_kept(self):
        spec = draft_document(draft_spec(cordial()))["spec"]
        self.assertEqual(spec["object"]["girth"], "25,1")
        self.assertEqual(spec["options"]["cut"], "two-panels")

    def test_the_same_lengths_in_any_unit_make_the_same_bag(self):
        inches = sized(unit="in", size={"girth": "11 3/4", "wall_height": "9 1/2", "base_depth": "2 3/4"},
                       allowance={"default": "3/8"})  # fmt: skip
        metric = sized(size={"girth": 298.45, "wall_height": 241.3, "base_depth": 69.85}, allowance={"default": 9.525})
        for name, value in draft_spec(metric).finished.items():
            self.assertAlmostEqual(draft_spec(inches).finished[name], value, 6)

    def test_changing_the_ruler_changes_no_length(self):
        for unit in ("in", "cm", "mm"):
            moved = on_ruler(cordial(), unit, ".")
            before, after = draft_spec(cordial()).finished, draft_spec({**moved, "rounding": "1 mm"}).finished
            for name, value in before.items():
                self.assertAlmostEqual(after[name], value, 6)
            # And nothing more happens when it is asked again.
            self.assertEqual(on_ruler(moved, unit, "."), moved)

    def test_every_start_can_be_drafted_at_once(self):
        for form in CATALOGUE:
            for ruler in (Ruler("cm", ","), Ruler("in"), Ruler("mm")):
                draft_spec(starting_spec(CATALOGUE[form], ruler, None))
                for preset in PRESETS.values():
                    if preset.kind in CATALOGUE[form].objects:
                        draft = draft_spec(starting_spec(CATALOGUE[form], ruler, preset_object(preset, ruler)))
                        # Nothing but that the made-up thing has not been measured.
                        found = [c.id for c in draft.checks if c.verdict in ("stop", "warn")]
                        self.assertEqual(found, ["object.assumed"])

    def test_every_kind_of_thing_is_known_to_a_form(self):
        self.assertEqual({k for form in CATALOGUE.values() for k in form.objects}, set(KINDS))

    def test_reading_gives_the_form_and_the_stack(self):
        form, spec = read_spec(cordial(), CATALOGUE)
        self.assertEqual(form.id, "boxed-bag")
        self.assertAlmostEqual(spec.stack.total, 0.7)
        self.assertEqual(spec.seam_allowance("side"), 10)


if __name__ == "__main__":
    unittest.main()
