"""Whether an empty bag stands, and what would make it: whatever is proposed can be put on, and settles it."""

import unittest

from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials import MATERIALS
from tests.makes import told
from tests.solids import checks

OUTERS = [m for m in MATERIALS.values() if m.kind in ("woven", "sheet")]


def made(outer, *more, form="boxed-bag", **size):
    spec = starting_spec(CATALOGUE[form], Ruler("cm"), None)
    layers = [{"material": outer, "role": "outer"}, *more]
    return draft_spec({**spec, "layers": layers, **size})


class Stands(unittest.TestCase):
    def test_thin_cloth_is_told_and_firm_cloth_is_not(self):
        for outer in OUTERS:
            found = checks(made(outer.id))["layers.stands"]
            with self.subTest(outer.id):
                self.assertEqual(found.verdict, "ok" if outer.kind == "sheet" or outer.thickness >= 0.6 else "note")

    def test_what_is_proposed_is_borne_and_mends_it(self):
        """Fused only where its glue takes no hotter iron than the cloth bears, and no step irons what must not be."""
        irons = ("never", "cool", "medium", "hot")
        for outer in OUTERS:
            for form in ("boxed-bag", "cylinder", "cone"):
                check = checks(made(outer.id, form=form))["layers.stands"]
                if check.fix is None:
                    continue
                stiff = MATERIALS[check.fix.changes["layers.interfacing"]]
                if stiff.glue:
                    self.assertLessEqual(irons.index(stiff.iron), irons.index(outer.iron))
                after = made(outer.id, {"material": stiff.id, "role": "interfacing"}, form=form)
                self.assertEqual(checks(after)["layers.stands"].verdict, "ok")
                held = {b["role"]: b["held"] for b in told(after)["backings"]}
                self.assertEqual(held["interfacing"], "fused" if stiff.glue else "basted", (outer.id, stiff.id))

    def test_what_is_in_it_holds_it_up(self):
        bottle = {"kind": "bottle", "girth": "25", "height": "30", "base_diameter": "8"}
        self.assertNotIn("layers.stands", checks(made("linen", object=bottle, size={})))
        low = {**bottle, "height": "6"}
        self.assertIn("layers.stands", checks(made("linen", object=low, size={"wall_height": "20"})))

    def test_only_what_is_meant_to_stand_is_asked(self):
        for form in CATALOGUE:
            spec = starting_spec(CATALOGUE[form], Ruler("cm"), None)
            found = checks(draft_spec({**spec, "layers": [{"material": "linen", "role": "outer"}]}))
            self.assertEqual("layers.stands" in found, CATALOGUE[form].traits.stands, form)


if __name__ == "__main__":
    unittest.main()
