"""What something is cut from can be chosen, whatever the form: a contrast for a strap, mesh for a pocket, a binding for its edge."""

import unittest
from typing import get_args

from eggtuck.core.drafting.layers import USUAL_ROLES
from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials import MATERIALS
from eggtuck.core.pattern import Role, SpecError
from tests import share
from tests.makes import LAYERS, draft_of, makes, mended, said_of

OF = {"contrast": "canvas", "mesh": "mesh", "binding": "calico"}


def cut_of(draft):
    return {cut.role for piece in draft.pieces for cut in piece.cuts}


def with_cloth(spec, role):
    others = [layer for layer in spec["layers"] if layer["role"] != role]
    return {**spec, "layers": [*others, {"material": OF[role], "role": role}]}


def carrying(form, kind, **more):
    start = starting_spec(CATALOGUE[form], Ruler("cm"), None)
    return {**start, "layers": LAYERS["lined"], "parts": [{"kind": kind, **more}]}


class ClothsAsked(unittest.TestCase):
    def test_the_cloths_tried_are_known(self):
        self.assertLessEqual(set(OF.values()), set(MATERIALS))

    def test_what_stiffens_or_pads_is_offered_first_where_that_is_asked(self):
        sold = {role: {m.id for m in MATERIALS.values() if m.sold_for(role)} for role in get_args(Role)}
        self.assertEqual(set().union(*sold.values()), set(MATERIALS))
        for role in ("interfacing", "padding"):
            # What is glued on, or keeps warm or cold, is nothing else.
            self.assertFalse(sold[role] & sold["outer"])
            self.assertEqual(sold["outer"], sold["lining"])
        for id, material in MATERIALS.items():
            if material.glue or material.heat or material.cold:
                self.assertNotIn(id, sold["outer"])

    def test_what_is_cut_or_offered_can_be_chosen(self):
        for name, spec in share(makes(), 2):
            draft = draft_of(spec)
            with self.subTest(name):
                self.assertLessEqual(cut_of(draft), set(draft.roles))
                self.assertLessEqual(set(USUAL_ROLES), set(draft.roles))
                fixes = (check.fix for check in draft.checks if check.fix is not None)
                offered = {field.split(".")[1] for fix in fixes for field in fix.changes if field.startswith("layers.")}
                self.assertLessEqual(offered - {layer["role"] for layer in spec["layers"]}, set(draft.roles))

    def test_something_is_cut_from_each_cloth_that_is_asked_for(self):
        tried = set()
        for name, spec in share(makes(), 3, turn=1):
            for role in set(draft_of(spec).roles) - set(USUAL_ROLES):
                if any(part.get("of") == "outer" for part in spec.get("parts", ())):
                    continue
                try:
                    told = draft_of(with_cloth(spec, role))
                except SpecError:
                    continue
                with self.subTest(name, role=role):
                    self.assertIn(role, cut_of(told))
                    tried.add(role)
        self.assertEqual(tried, set(OF))

    def test_a_part_of_cloth_can_be_of_another_on_every_form(self):
        tried = set()
        for form in CATALOGUE:
            for kind in PARTS.values():
                if "of" not in kind.choices:
                    continue
                try:
                    draft = draft_of(carrying(form, kind.id))
                    told = draft_of(with_cloth(carrying(form, kind.id), "contrast"))
                except SpecError:
                    continue
                with self.subTest(form, kind=kind.id):
                    self.assertIn("contrast", draft.roles)
                    self.assertIn("contrast", cut_of(told))
                    tried.add(form)
                # Whoever takes the make's own cloth for it may still take another.
                own = draft_of(carrying(form, kind.id, of="outer"))
                self.assertIn("contrast", own.roles)
        self.assertEqual(tried, set(CATALOGUE))

    def test_a_mesh_pocket_without_mesh_says_so_and_takes_it(self):
        for form in CATALOGUE:
            spec = carrying(form, "mesh-pocket")
            try:
                checks = said_of(spec)["checks"]
            except SpecError:
                continue
            with self.subTest(form):
                found = next(check for check in checks if check["id"] == "part.mesh-pocket-1.mesh")
                self.assertIn("cut from the outer", found["message"])
                if found["fix"] is None:
                    # Mesh beside something hot is no way out.
                    hot = mended(spec, {"set": {"layers.mesh": "mesh"}})
                    self.assertIn("caution.melts", {check["id"] for check in said_of(hot)["checks"]})
                    continue
                told = mended(spec, found["fix"])
                self.assertNotIn(found["id"], {check["id"] for check in said_of(told)["checks"]})
                pocket = next(piece for piece in draft_of(told).pieces if piece.id == "mesh-pocket-1")
                self.assertEqual({cut.role for cut in pocket.cuts}, {"mesh"})

    def test_what_nothing_wants_is_not_asked_for(self):
        plain = {**starting_spec(CATALOGUE["boxed-bag"], Ruler("cm"), None), "layers": LAYERS["lined"]}
        self.assertEqual(draft_of(plain).roles, USUAL_ROLES)


if __name__ == "__main__":
    unittest.main()
