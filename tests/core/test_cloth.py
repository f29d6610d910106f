"""What materials allow: the microwave claim against a plain restatement of its rule, heat, metal, washing, buying."""

import itertools
import unittest

from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.drafting.description import COUNTS
from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.drafting.starting import starting_spec
from eggtuck.core.forms import CATALOGUE, draft_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials import MATERIALS
from eggtuck.core.pattern import SpecError
from eggtuck.core.words import Speaker
from tests.makes import draft_of, makes

BOWL = {"kind": "bowl", "rim_diameter": "18,5", "base_diameter": "9", "depth": "7,5"}
# Written down a second time by hand, from what the cloths are made of.
PLANT = {
    "quilting-cotton", "calico", "linen", "canvas", "denim", "corduroy", "velveteen", "terry", "cotton-jersey",
    "woven-interfacing", "sew-in-interfacing", "cotton-batting",
}  # fmt: skip
METAL = {"reflective-batting", "foil-insulation"}


def draft(**spec):
    return draft_spec({"unit": "cm", "allowance": {"default": "1"}, **spec})


def bowl(layers, thread="plant", trims="plant", use="microwave"):
    return draft(
        form="dart-bowl", object=BOWL, layers=layers, options={"use": use, "heat_thread": thread, "heat_trims": trims}
    )


def layer(material, role, **more):
    return {"material": material, "role": role, **more}


def check(made, id):
    return next((c for c in made.checks if c.id == id), None)


class Microwave(unittest.TestCase):
    def test_each_single_gap_refuses(self):
        for flags in itertools.product((True, False), repeat=5):
            outer, lining, padding, thread, trims = flags
            made = bowl(
                [
                    layer("linen", "outer", confirmed=outer),
                    layer("quilting-cotton", "lining", confirmed=lining),
                    layer("cotton-batting", "padding", confirmed=padding),
                ],
                "plant" if thread else "open",
                "plant" if trims else "open",
            )
            told = check(made, "caution.microwave")
            self.assertEqual(told.verdict, "note" if all(flags) else "stop", flags)

    @given(st.sampled_from(sorted(MATERIALS)), st.sampled_from(sorted(MATERIALS)))
    def test_no_confirming_makes_a_synthetic_fit(self, lining, padding):
        made = bowl(
            [
                layer("linen", "outer", confirmed=True),
                layer(lining, "lining", confirmed=True),
                layer(padding, "padding", confirmed=True),
            ]
        )
        allowed = {lining, padding} <= PLANT
        self.assertEqual(check(made, "caution.microwave").verdict, "note" if allowed else "stop")

    def test_no_confirming_makes_metal_rubber_or_plastic_on_it_fit(self):
        """Every part, every way it is made: by what there is to buy for it, said once more in plain words."""
        layers = [layer("linen", "outer", confirmed=True)]
        verdicts = set()
        for kind in PARTS.values():
            for way in [{}, *({name: one} for name, choices in kind.choices.items() for one in choices)]:
                part = {"kind": kind.id, **way}
                options = {"use": "microwave", "heat_thread": "plant", "heat_trims": "plant"}
                try:
                    made = draft(form="dart-bowl", object=BOWL, layers=layers, options=options, parts=[part])
                except SpecError:
                    continue
                bought = {need.role for need in made.needs}
                bad = bought & {"eyelet", "snap", "ring", "slider", "rivet", "elastic", "hook-and-loop", "web", "foil"}
                told = check(made, "caution.microwave")
                with self.subTest(**part):
                    self.assertEqual(told.verdict, "stop" if bad else "note")
                    if bad:
                        for need in (need for need in made.needs if need.role in bad):
                            self.assertIn(need.name, told.message.params["materials"])
                    verdicts.add((told.verdict, kind.id))
        self.assertTrue({("stop", "eyelet"), ("stop", "strap"), ("note", "strap"), ("note", "label")} <= verdicts)

    def test_beside_something_hot_what_melts_and_what_burns_is_named(self):
        """By what the thing is called that the make is put between: every cloth, every part."""
        hot, melting = ("dart-bowl", "mat", "sleeve"), set()
        for form, material in itertools.product(CATALOGUE.values(), MATERIALS.values()):
            if material.kind not in ("woven", "knit", "sheet", "mesh"):
                continue
            layers = [layer(material.id, "outer"), layer("linen", "lining"), layer("cotton-batting", "padding")]
            spec = {**starting_spec(form, Ruler("cm"), None), "layers": layers}
            told = check(draft_of(spec), "caution.melts")
            bears = material.id in PLANT or material.fibre == "animal"
            with self.subTest(form=form.id, material=material.id):
                self.assertEqual(told is not None, form.id in hot and not bears)
                if told is not None:
                    self.assertEqual([name.id for name in told.message.params["materials"]], [material.name.id])
                    melting.add(material.id)
        self.assertTrue({"leather-like-sheet", "fleece", "oilcloth", "ripstop", "waxed-cotton"} <= melting)
        burns = {"eyelet": True, "ring-tab": True, "snap": True, "elastic": True, "ribbon": False, "label": False}
        for form, (kind, burnt) in itertools.product(("mat", "sleeve", "boxed-bag"), burns.items()):
            spec = {**starting_spec(CATALOGUE[form], Ruler("cm"), None), "parts": [{"kind": kind}]}
            told = check(draft_of(spec), "caution.hot-parts")
            self.assertEqual(told is not None, burnt and form in hot, (form, kind))

    def test_a_cloth_of_unknown_fibre_waits_for_its_maker(self):
        for confirmed, verdict in ((False, "stop"), (True, "note")):
            made = bowl([layer("Grandmother's sheet", "outer", thickness="0,3 mm", confirmed=confirmed)])
            self.assertEqual(check(made, "caution.microwave").verdict, verdict)

    def test_the_claim_is_made_only_when_asked(self):
        layers = [layer("linen", "outer", confirmed=True)]
        made = bowl(layers, use="table")
        self.assertEqual(check(made, "caution.microwave").title.id, "caution.microwave")

    def test_a_confirmation_is_yes_or_no(self):
        for wrong in ("yes", 1, None, []):
            with self.assertRaises(SpecError) as caught:
                bowl([layer("linen", "outer", confirmed=wrong)])
            self.assertEqual([p.field for p in caught.exception.problems], ["layers.0.confirmed"])


class Cloth(unittest.TestCase):
    def test_every_material_is_described_and_drafts_in_every_form(self):
        self.assertEqual({id for id, m in MATERIALS.items() if m.metal}, METAL)
        self.assertEqual({id for id, m in MATERIALS.items() if m.fibre == "plant"}, PLANT)
        for id, material in MATERIALS.items():
            with self.subTest(id):
                self.assertTrue(0 < material.thickness <= 10 and 400 <= material.width <= 2000)
                self.assertTrue(0 <= material.shrink < 0.1 and 0 <= material.ease_in < 0.1)
                made = bowl([layer("linen", "outer"), layer(id, "padding")], use="table")
                self.assertEqual(check(made, "cloth.metal") is not None, id in METAL)
                self.assertEqual(check(made, "cloth.iron") is not None, material.iron in ("cool", "never"))
                self.assertEqual(check(made, "cloth.heat") is None, material.heat)
                linen = MATERIALS["linen"].shrink
                # Linen is washed before it is cut, and draws in no more.
                apart = max(abs(material.shrink - linen), 0 if material.kind in ("woven", "knit") else material.shrink)
                self.assertEqual(check(made, "cloth.shrink") is not None, apart > 0.02 + 1e-9)

    def test_what_is_said_of_shrinking_agrees_with_what_is_washed_first(self):
        speaker, said = Speaker(Ruler("cm")), set()
        for outer, lining in itertools.permutations(MATERIALS, 2):
            if {MATERIALS[outer].kind, MATERIALS[lining].kind} - {"woven", "knit", "sheet"}:
                continue
            made = bowl([layer(outer, "outer"), layer(lining, "lining")], use="table")
            found = check(made, "cloth.shrink")
            washed = next(step for step in made.steps if step.id == "press-cloth").lines
            names = {line.text.id.rpartition(".")[2]: line.text.params.get("materials", ()) for line in washed}
            first, dry = ({name.id for name in names.get(what, ())} for what in ("wash", "dry"))
            shrinks = {f"material.{id}": MATERIALS[id].shrink for id in (outer, lining)}
            left = [0.0 if name in first else share for name, share in shrinks.items()]
            apart = max(max(some) - min(some) for some in (shrinks.values(), left))
            with self.subTest(outer=outer, lining=lining):
                self.assertEqual(found is not None, apart > 0.02 + 1e-9)
                if found is None:
                    continue
                told = {what: {name.id for name in found.message.params[what]} for what in ("first", "later")}
                self.assertLessEqual(told["first"], first)
                self.assertLessEqual(told["later"], dry)
                self.assertTrue(all(shrinks[name] > 0 for names in told.values() for name in names))
                text = speaker.say(found.message)
                said.add(found.message.id)
                alike = len(set(shrinks.values())) == 1
                wash = "only this is washed before cutting" if alike else "Wash before cutting"
                self.assertEqual("each loses" in text, alike)
                for what, words in (("first", wash), ("later", "drawn in later")):
                    self.assertEqual(bool(told[what]), words in text)
        self.assertEqual(len(said), 4)

    def test_nothing_is_said_of_how_an_unknown_cloth_washes(self):
        own = layer("Grandmother's sheet", "lining", thickness="0,3 mm")
        self.assertIsNone(check(bowl([layer("linen", "outer"), own], use="table"), "cloth.shrink"))
        known = layer("polyester-lining", "lining")
        self.assertIsNotNone(check(bowl([layer("linen", "outer"), known], use="table"), "cloth.shrink"))

    def test_every_form_tells_of_metal(self):
        for form in CATALOGUE.values():
            with self.subTest(form.id):
                made = draft(
                    form=form.id,
                    size={n: str(v) if n in COUNTS else f"{v} mm" for n, v in form.start.items()},
                    layers=[layer("linen", "outer"), layer("foil-insulation", "padding")],
                )
                self.assertIsNotNone(check(made, "cloth.metal"))

    def test_raw_edges_that_fray_are_told_or_finished(self):
        # Two layers turned right side out enclose theirs.
        enclosed = {"bookmark"}
        seen = set()
        for name, spec in makes():
            roles = {layer["role"]: layer["material"] for layer in spec["layers"]}
            if "lining" in roles or roles.get("outer") != "linen" or spec["form"] in enclosed:
                continue
            seen.add(spec["form"])
            draft = draft_of(spec)
            told = any(check.id in ("layers.edges", "layers.fray") for check in draft.checks)
            finished = any("overcast" in step.id or "binding" in step.id for step in draft.steps)
            self.assertTrue(told or finished, name)
        self.assertEqual(seen, set(CATALOGUE) - enclosed)

    def test_what_is_bought_is_enough_after_the_wash(self):
        for id, material in MATERIALS.items():
            made = bowl([layer(id, "outer")], use="table")
            need = next(n for n in made.needs if n.id == "cloth.outer")
            left = need.buy * (1 - material.shrink)
            self.assertGreaterEqual(left + 1e-6, need.exact * 1.05, id)
            # And no more than one step of the shop's ruler too much.
            self.assertLess(need.buy - need.exact * 1.05 / (1 - material.shrink), 100.0)


class Quilting(unittest.TestCase):
    PADDED = (("linen", "outer"), ("quilting-cotton", "lining"), ("cotton-batting", "padding"))

    def made(self, form, margin):
        layers = [layer(m, r, **({"margin": margin} if r == "padding" and margin else {})) for m, r in self.PADDED]
        return draft_spec({**starting_spec(CATALOGUE[form], Ruler("cm"), None), "layers": layers})

    def test_what_is_cut_over_is_bought_quilted_first_and_trimmed_to_the_same_pieces(self):
        for form in CATALOGUE:
            plain, over = self.made(form, None), self.made(form, "3")
            if not any(c.role == "padding" for p in plain.pieces for c in p.cuts):
                continue
            sizes = lambda made: [(p.id, p.cut_size) for p in made.pieces]  # noqa: E731
            self.assertEqual(sizes(plain), sizes(over), form)
            need = lambda made, role: next(n.exact for n in made.needs if n.role == role and n.width)  # noqa: E731
            for role in ("outer", "padding"):
                self.assertGreater(need(over, role), need(plain, role), (form, role))
            steps = [step.id for step in over.steps]
            if form != "mat":
                self.assertLess(steps.index("quilt"), steps.index("cut"), form)
                self.assertNotIn("padding", steps)
                self.assertIn("cloth.quilting", {c.id for c in over.checks})

    def test_a_margin_too_small_for_what_quilting_takes_is_told_and_mended(self):
        made = self.made("boxed-bag", "1 mm")
        told = check(made, "cloth.quilting")
        self.assertEqual(told.verdict, "warn")
        longest = max(max(p.cut_size) for p in made.pieces if any(c.role == "padding" for c in p.cuts))
        self.assertAlmostEqual(told.limit, 0.04 * longest)
        again = self.made("boxed-bag", f"{told.fix.changes['layers.padding.margin']} mm")
        self.assertEqual(check(again, "cloth.quilting").verdict, "ok")

    def test_only_padding_is_quilted(self):
        with self.assertRaises(SpecError) as caught:
            draft(form="boxed-bag", size={"girth": 30, "wall_height": 20}, layers=[layer("linen", "outer", margin="2")])
        self.assertEqual(caught.exception.problems[0].field, "layers.0.margin")


class Stretch(unittest.TestCase):
    def grade(self, ease, *materials):
        roles = ("outer", "lining")
        layers = [layer(m, r) for m, r in zip(materials, roles, strict=False)]
        return check(
            draft(
                form="sleeve",
                object={"kind": "rod", "girth": "10", "length": "16"},
                ease={"girth": ease},
                layers=layers,
            ),
            "fit.girth",
        ).verdict

    def test_layers_stretch_as_far_as_the_stiffest_of_them(self):
        # 0.6 mm of jersey lining takes 3.8 mm of room by itself.
        self.assertEqual(self.grade("-0.2", "stretch-sheet"), "ok")
        self.assertEqual(self.grade("-0.2", "quilting-cotton"), "stop")
        self.assertEqual(self.grade("-0.2", "stretch-sheet", "quilting-cotton"), "stop")
        self.assertNotEqual(self.grade("-0.2", "stretch-sheet", "cotton-jersey"), "stop")

    def test_no_cloth_is_asked_for_more_than_half_of_its_stretch(self):
        for name, share in (("stretch-sheet", 0.3), ("cotton-jersey", 0.2), ("fleece", 0.1)):
            self.assertEqual(MATERIALS[name].stretch, share)
            within, beyond = -(share / 2) * 10 + 0.05, -(share / 2) * 10 - 0.05
            self.assertNotEqual(self.grade(f"{within:.3f}", name), "stop", name)
            self.assertEqual(self.grade(f"{beyond:.3f}", name), "stop", name)


if __name__ == "__main__":
    unittest.main()
