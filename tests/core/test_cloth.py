"""What materials allow: the microwave claim against a plain restatement of its rule, heat, metal, washing, buying."""

import itertools
import unittest

from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.forms import CATALOGUE, draft_spec
from eggtuck.core.forms.description import COUNTS
from eggtuck.core.materials import MATERIALS
from eggtuck.core.pattern import SpecError

BOWL = {"kind": "bowl", "rim_diameter": "18,5", "base_diameter": "9", "depth": "7,5"}
# Written down a second time by hand, from what the cloths are made of.
PLANT = {
    "quilting-cotton", "calico", "linen", "canvas", "denim", "corduroy", "velveteen", "terry", "cotton-jersey",
    "woven-interfacing", "cotton-batting",
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
                apart = abs(material.shrink - MATERIALS["linen"].shrink)
                self.assertEqual(check(made, "cloth.shrink") is not None, apart > 0.02 + 1e-9)

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

    def test_what_is_bought_is_enough_after_the_wash(self):
        for id, material in MATERIALS.items():
            made = bowl([layer(id, "outer")], use="table")
            need = next(n for n in made.needs if n.id == "cloth.outer")
            left = need.buy * (1 - material.shrink)
            self.assertGreaterEqual(left + 1e-6, need.exact * 1.05, id)
            # And no more than one step of the shop's ruler too much.
            self.assertLess(need.buy - need.exact * 1.05 / (1 - material.shrink), 100.0)


if __name__ == "__main__":
    unittest.main()
