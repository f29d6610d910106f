"""What has a nap is cut with a way up unless the maker says otherwise, and it is told that it has; what stretches never lies across."""

import itertools
import unittest

from eggtuck.core.cutting.table import Make, Wish, cloths_of
from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials import MATERIALS
from tests.makes import draft_of, said_of

# Written down a second time by hand.
NAPPED = {"corduroy", "velveteen", "fleece"}
STRETCHING = {"cotton-jersey", "fleece", "stretch-sheet", "mesh"}
ROLES = ("outer", "lining")


def made(form, cloth, directional=None, **options):
    """The form with an outer and a lining of this cloth, and whether it has a way up where that is told."""
    told = {} if directional is None else {"directional": directional}
    layers = [{"material": cloth, "role": role, **told} for role in ROLES]
    return {**starting_spec(CATALOGUE[form], Ruler("cm"), None), "layers": layers, "options": options, "parts": []}


def turned(draft):
    return any(one.turned for lay in draft.lays if lay.role in ROLES for one in lay.laid)


def told(spec, word):
    """What the step that cuts tells with this word."""
    (cut,) = (step for step in said_of(spec)["steps"] if step["id"] == "cut")
    return [line["text"] for line in cut["lines"] if word in line["text"]]


class Nap(unittest.TestCase):
    def test_those_that_have_one(self):
        self.assertEqual({id for id, material in MATERIALS.items() if material.nap}, NAPPED)

    def test_no_piece_of_it_is_turned_unless_the_maker_says_so(self):
        lain = set()
        for form in CATALOGUE:
            for cloth in sorted(NAPPED | {"linen"}):
                spec, flat = made(form, cloth), made(form, cloth, False)
                with self.subTest(f"{form} {cloth}"):
                    self.assertFalse(cloth in NAPPED and turned(draft_of(spec)))
                    # Told to have no way up it lies as any other, but for one that stretches.
                    self.assertFalse(told(flat, " nap"))
                    # Of two layers of one cloth it is told once.
                    self.assertEqual(len(told(spec, " nap")), cloth in NAPPED)
                lain.add((cloth, turned(draft_of(flat))))
        self.assertTrue({("corduroy", True), ("linen", True)} <= lain)
        self.assertNotIn(("fleece", True), lain)

    def test_padding_is_laid_any_way_round(self):
        """Nobody sees it, whatever was told of it."""
        for told in ({}, {"directional": True}):
            spec = made("sleeve", "linen")
            spec["layers"].append({"role": "padding", "material": "fleece", **told})
            self.assertEqual([lay.directional for lay in draft_of(spec).lays], [False, False, False])

    def test_on_the_table_it_lies_with_its_way_up_too(self):
        for form in ("boxed-bag", "tetra", "sleeve"):
            for directional in (None, False):
                draft = draft_of(made(form, "corduroy", directional))
                for cloth in cloths_of((Make("1", "a make", 1, draft),), {}, {}, Ruler("cm")):
                    self.assertEqual(cloth.directional, directional is None)
                    self.assertEqual(cloth.task.across and cloth.directional, False)

    def test_folded_at_its_base_it_runs_the_other_way_at_the_back(self):
        """A print there stands on its head, a nap runs up; each is told of its own cloth, and not of padding, which is not seen."""
        ways = {"linen": None, "printed": ("print", "warn"), **dict.fromkeys(NAPPED, ("nap", "note"))}
        for outer, lining in itertools.product(ways, repeat=2):
            spec = made("boxed-bag", "linen", cut="base-fold")
            spec["layers"] = [layer_of(role, cloth) for role, cloth in (("outer", outer), ("lining", lining))]
            spec["layers"].append({"role": "padding", "material": "fleece", "directional": True})
            checks = {check["id"]: check for check in said_of(spec)["checks"]}
            with self.subTest(f"{outer} {lining}"):
                found = {id: checks[id]["verdict"] for id in ("print", "nap") if id in checks}
                self.assertEqual(found, dict(filter(None, (ways[outer], ways[lining]))))
                for id in found:
                    self.assertIn(id, checks[id]["title"].lower())
                    self.assertEqual(checks[id]["fix"]["set"], {"options.cut": "two-panels"})

    def test_a_lining_without_it_takes_no_more(self):
        for cloth in NAPPED:
            checks = {check["id"]: check for check in said_of(made("boxed-bag", cloth))["checks"]}
            self.assertIn("nap", checks["cloth.lining-print"]["title"])


class Pile(unittest.TestCase):
    def test_what_has_a_nap_is_never_pressed_flat_on_it(self):
        """An iron set down on its right side leaves it shining: every step that irons it says so, and none tells to press that side."""
        for form, cloth in itertools.product(CATALOGUE, (*sorted(NAPPED), "linen")):
            spec = made(form, "linen")
            spec["layers"] = [{"role": "outer", "material": cloth}, {"role": "lining", "material": "linen"}]
            spec["layers"].append({"role": "padding", "material": "fleece"})
            steps = said_of(spec)["steps"]
            minded = 0
            for step in steps:
                said = [line["text"] for line in step["lines"]]
                pile = [text for text in said if "pile" in text and step["id"] not in ("cut", "mark")]
                with self.subTest(f"{form} {cloth}", step=step["id"]):
                    if cloth not in NAPPED:
                        self.assertEqual(pile, [])
                        continue
                    outer = any(thing["layer"] == "outer" for thing in step["things"]) or not step["things"]
                    if step["kind"] == "press" and outer and step["id"] != "press-gap":
                        self.assertTrue(pile)
                    self.assertFalse([text for text in said if text.startswith("Press it from the right side")])
                minded += bool(pile)
            self.assertEqual(minded > 0, cloth in NAPPED)

    def test_what_is_fused_to_it_is_fused_from_behind_on_a_towel(self):
        for cloth in (*sorted(NAPPED), "linen"):
            spec = made("boxed-bag", "linen")
            spec["layers"] = [{"role": "outer", "material": cloth}, {"role": "lining", "material": "linen"}]
            spec["layers"].append({"role": "interfacing", "material": "light-interfacing"})
            (fused,) = (step for step in said_of(spec)["steps"] if step["id"] == "interfacing")
            said = " ".join(line["text"] for line in fused["lines"])
            self.assertEqual("pile down on a towel" in said, cloth in NAPPED, cloth)


class Film(unittest.TestCase):
    def test_padding_with_a_film_has_a_side_and_other_padding_has_none(self):
        for id, material in MATERIALS.items():
            if material.kind != "padding":
                continue
            for held in ("basted", "quilted"):
                spec = made("boxed-bag", "linen")
                spec["layers"].append({"role": "padding", "material": id, "held": held})
                said = " ".join(line["text"] for step in said_of(spec)["steps"] for line in step["lines"])
                with self.subTest(id, held=held):
                    self.assertEqual("film towards what is to be kept warm or cold" in said, material.metal)
                    self.assertEqual("Which side of it is up is free." in said, not material.metal)


def layer_of(role, cloth):
    """A layer of the make: a cloth, or one that is printed with a way up."""
    return (
        {"role": role, "material": "linen", "directional": True}
        if cloth == "printed"
        else {"role": role, "material": cloth}
    )


class Stretch(unittest.TestCase):
    def test_it_goes_round_what_the_make_is_drafted_to_stretch_round(self):
        """Across its width it stretches; a sleeve drafted smaller than its handle, laid across, stretches along it instead."""
        lain = set()
        for form in CATALOGUE:
            for cloth in sorted(STRETCHING | {"linen"}):
                spec = made(form, cloth)
                draft = draft_of(spec)
                lain.add((cloth == "linen", turned(draft)))
                with self.subTest(f"{form} {cloth}"):
                    self.assertEqual(len(told(spec, "stretches most")), cloth in STRETCHING)
                    self.assertFalse(cloth in STRETCHING and turned(draft))
        self.assertEqual(lain, {(False, False), (True, False), (True, True)})

    def test_nor_does_it_on_the_table_where_that_is_wished(self):
        for cloth in (*STRETCHING, "linen"):
            make = Make("1", "a make", 2, draft_of(made("sleeve", cloth)))
            (key,) = {one.key for one in cloths_of((make,), {}, {}, Ruler("cm")) if one.role == "outer"}
            for one in cloths_of((make,), {key: Wish(across=True)}, {}, Ruler("cm")):
                if one.key == key:
                    self.assertEqual(one.stretches, cloth in STRETCHING)
                    angles = {angle for cutout in one.task.cutouts for angle in one.task.angles(cutout)}
                    self.assertEqual(90 in angles, cloth not in STRETCHING)


if __name__ == "__main__":
    unittest.main()
