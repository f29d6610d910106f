"""What is asked of every make early: who will use it, and whether it will hold something wet; and what it must keep."""

import itertools
import unittest

from eggtuck.core.drafting.description import EARLY
from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials import MATERIALS
from tests import share
from tests.makes import LAYERS, draft_of, mended, said_of


def spec(form, parts=(), layers="lined", **options):
    start = starting_spec(CATALOGUE[form], Ruler("cm"), None)
    return {**start, "layers": LAYERS[layers], "options": options, "parts": [{"kind": kind} for kind in parts]}


def told(asked, id):
    return next((check for check in said_of(asked)["checks"] if check["id"] == id), None)


class Asked(unittest.TestCase):
    def test_every_form_asks_them_first(self):
        for form in CATALOGUE.values():
            self.assertEqual(form.options[: len(EARLY)], EARLY, form.id)

    def test_what_a_child_could_be_caught_in_or_swallow_is_named(self):
        asked = spec(
            "boxed-bag", ("strap", "snap", "slip-pocket"), user="young-child", tie="caught", top="plain", layers="outer"
        )
        check = told(asked, "caution.child")
        self.assertEqual(check["verdict"], "warn")
        for name in ("ribbon", "strap", "press fastener"):
            self.assertIn(name, check["message"])
        self.assertNotIn("pocket", check["message"])

    def test_what_keeps_warm_or_cold_is_the_padding_and_nothing_is_promised(self):
        asked = [form.id for form in CATALOGUE.values() if "keeps" in {option.id for option in form.options}]
        self.assertGreater(len(asked), 4)
        paddings = [None, *(m for m in MATERIALS.values() if m.kind == "padding")]
        for form, keeps, padding in itertools.product(asked, ("warm", "cold"), paddings):
            make = spec(form, keeps=keeps)
            make["layers"] = [*LAYERS["lined"], *([{"material": padding.id, "role": "padding"}] if padding else [])]
            check = told(make, "layers.keeps")
            good = padding is not None and (padding.heat if keeps == "warm" else padding.cold)
            self.assertEqual(check["verdict"], "ok" if good else "warn", (form, keeps, padding))
            self.assertIn("only slow", told(make, "caution.keeps")["message"])
            if not good:
                padded = mended(make, check["fix"])
                self.assertEqual(told(padded, "layers.keeps")["verdict"], "ok")
                # What is proposed bears what the make holds.
                if told(make, "caution.melts") is None:
                    self.assertIsNone(told(padded, "caution.melts"), (form, keeps))
                # It lies in folds where the make is drawn together.
                drawn = {**make, "parts": [{"kind": "elastic"}]}
                self.assertIsNone(told(mended(drawn, told(drawn, "layers.keeps")["fix"]), "layers.gathers"))
        for form in asked:
            self.assertIsNone(told(spec(form), "layers.keeps") or told(spec(form), "caution.keeps"))

    def test_nothing_with_metal_is_proposed_for_the_microwave_oven(self):
        for keeps in ("warm", "cold"):
            make = spec("dart-bowl", use="microwave", heat_thread="plant", keeps=keeps)
            fix = told(make, "layers.keeps")["fix"]
            materials = [MATERIALS[id] for id in ((fix or {}).get("set") or {}).values()]
            self.assertEqual([material.fibre for material in materials], ["plant"] if keeps == "warm" else [])

    def test_a_caution_is_of_what_the_make_has(self):
        """What can be swallowed is named; no ribbon where there is a cord, no cup where none goes in."""
        names = {"snap": "press fastener", "button": "button", "eyelet": "eyelet"}
        for form, kind in itertools.product(CATALOGUE, names):
            said = told(spec(form, (kind,)), f"caution.{kind}-1")["message"]
            self.assertEqual({other for other, name in names.items() if name in said}, {kind}, form)
        for form, kind in itertools.product(CATALOGUE, ("strap", "handle")):
            said = told(spec(form, (kind,)), "caution.load")
            self.assertEqual("cup" in said["message"], form == "mug-bag", form)
            self.assertNotIn("handle", said["title"])
        corded = told(spec("lid-cover", closure="cord"), "caution.cord")
        self.assertNotIn("ibbon", corded["title"] + corded["message"])

    def test_a_filling_is_named(self):
        self.assertIn("filling", told(spec("weight", layers="outer", user="young-child"), "caution.child")["message"])

    def test_a_plain_one_says_so_and_still_leaves_it_to_the_maker_and_the_law(self):
        check = told(spec("sleeve", user="young-child"), "caution.child")
        self.assertEqual(check["verdict"], "note")
        self.assertIn("law", check["message"])

    def test_nothing_is_said_of_children_where_nobody_asked(self):
        self.assertIsNone(told(spec("boxed-bag", ("snap",)), "caution.child"))

    def test_something_wet_asks_for_a_cloth_that_sheds_or_drains(self):
        self.assertEqual(told(spec("cylinder", holds="wet"), "layers.wet")["verdict"], "warn")
        oilcloth = {
            **spec("cylinder", holds="wet"),
            "layers": [LAYERS["lined"][0], {"material": "oilcloth", "role": "lining"}],
        }
        self.assertEqual(told(oilcloth, "layers.wet")["verdict"], "ok")
        mesh = spec("cylinder", layers="outer", holds="wet", top="plain", base_cloth="mesh")
        mesh["layers"] = [*mesh["layers"], {"material": "mesh", "role": "mesh"}]
        self.assertEqual(told(mesh, "layers.wet")["verdict"], "ok")
        # A sheet that is among the layers, but that nothing is cut from, keeps no water.
        unused = {**oilcloth, "layers": [LAYERS["lined"][0], {"material": "oilcloth", "role": "contrast"}]}
        self.assertEqual(told(unused, "layers.wet")["verdict"], "warn")

    def test_metal_on_something_wet_is_named(self):
        asked = spec("cylinder", ("eyelet",), holds="wet")
        self.assertIn("eyelet", told(asked, "layers.rust")["message"])
        self.assertIsNone(told(spec("cylinder", holds="wet"), "layers.rust"))

    def test_the_answers_change_nothing_that_is_cut_or_sewn(self):
        for form in CATALOGUE:
            plain, other = draft_of(spec(form)), draft_of(spec(form, user="young-child", holds="wet"))
            self.assertEqual([s.id for s in plain.steps], [s.id for s in other.steps], form)
            self.assertEqual([p.cut_size for p in plain.pieces], [p.cut_size for p in other.pieces], form)

    def test_what_another_choice_leaves_no_question_of_has_no_effect(self):
        """An answer stays with the make for when it is asked again; until then nothing is made otherwise for it."""
        tried = set()
        for nth, form in enumerate(CATALOGUE.values()):
            for option in form.options:
                for field, choices in option.when.items():
                    other = next(o for o in form.options if o.id == field.removeprefix("options."))
                    for without in share([c for c in other.choices if c not in choices], 2, nth):
                        make = spec(form.id, ("loop", "patch-pocket"), layers="padded", **{other.id: without})
                        make["layers"] = [*make["layers"], {"material": "mesh", "role": "mesh"}]
                        plain = said_of(make)
                        for choice in option.choices[1:]:
                            with self.subTest(form.id, option=option.id, choice=choice, without=without):
                                answered = said_of({**make, "options": {**make["options"], option.id: choice}})
                                for key in ("pieces", "steps", "needs", "checks", "finished"):
                                    self.assertEqual(plain[key], answered[key])
                                tried.add((form.id, option.id))
        self.assertGreater(len(tried), 30)


if __name__ == "__main__":
    unittest.main()
