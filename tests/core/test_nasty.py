"""Bad input without end, for a while: whatever a spec is, it is refused by name or drafted soundly. `./tuck soak` goes on with it for hours."""

import unittest
from itertools import islice
from random import Random

from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from tests import ALL
from tests.makes import mended
from tests.nasty import faults, outline, restless, specs


class Nasty(unittest.TestCase):
    def test_whatever_is_asked_is_refused_by_name_or_drafted_soundly(self):
        count = 300 if ALL else 120
        for seed in range(2 if ALL else 1):
            refused = 0
            for spec, _ in islice(specs(Random(seed)), count):
                found = faults(spec)
                self.assertEqual(found, [], spec)
                try:
                    draft_spec(spec)
                except Exception:
                    refused += 1
            # Neither all nothing nor all as it should be.
            self.assertTrue(0.2 < refused / count < 0.9, refused)

    def test_whichever_button_is_pressed_they_come_to_rest(self):
        """No two checks of a make contradict each other: what one offers does not undo what another did."""
        pressed = 0
        for spec, _ in islice(specs(Random(11)), 300 if ALL else 100):
            if not isinstance(spec, dict):
                continue
            for first in range(2):
                self.assertEqual(list(restless(spec, first)), [], spec)
            pressed += 1
        self.assertGreater(pressed, 60)

    def test_a_thing_whose_measures_disagree_is_measured_again_not_fitted(self):
        spec = starting_spec(CATALOGUE["cylinder"], Ruler(), None)
        spec["object"] = {"kind": "can", "girth": "8 cm", "height": "12 cm", "base_diameter": "8 cm"}
        checks = {check.id: check for check in draft_spec(spec).checks}
        self.assertEqual(checks["object.base-wider"].verdict, "warn")
        offers = [id for id, check in checks.items() if id.startswith("fit.") and check.fix]
        self.assertEqual(offers, [])

    def test_a_layer_added_to_a_make_nobody_told_the_layers_of_says_its_outer_cloth_too(self):
        found = 0
        for form in CATALOGUE.values():
            spec = {**starting_spec(form, Ruler(), None), "layers": []}
            for options in ({}, *({one.id: choice} for one in form.options for choice in one.choices)):
                asked = {**spec, "options": {**spec.get("options", {}), **options}}
                try:
                    checks = draft_spec(asked).checks
                except SpecError:
                    continue
                for check in checks:
                    if check.fix and any(field.startswith("layers.") for field in check.fix.changes):
                        draft_spec(mended(asked, {"set": dict(check.fix.changes)}))
                        found += 1
        self.assertGreater(found, 10)

    def test_panels_with_straight_sides_are_drafted_on_every_ruler(self):
        by = Random(1)
        straight = [[-80.0, 0.0, 0.0], [80.0, 0.0, 0.0], [80.0, 160.0, 0.0], [-80.0, 160.0, 0.0]]
        for rows in (straight, straight[:3], *(outline(by) for _ in range(12))):
            for unit, rounding in (("in", "1/8 in"), ("cm", "1 mm"), ("cm", "none")):
                spec = {**starting_spec(CATALOGUE["gusset-bag"], Ruler(unit), None), "rounding": rounding}
                spec["shape"] = {"name": "Own", "outline": rows}
                self.assertEqual(faults(spec), [], (unit, rows))
        spec = {
            **starting_spec(CATALOGUE["gusset-bag"], Ruler(), None),
            "shape": {"name": "Square", "outline": straight},
        }
        # Where nothing is curved nothing is said of curves.
        self.assertNotIn("curve", [check.id for check in draft_spec(spec).checks])

    def test_what_goes_to_nothing_leaves_nothing_behind(self):
        for radius in ("0.001 mm", "0.1 mm", "0.154 mm", "0.4 mm", "0"):
            for rounding in ("1 mm", "none", "1/8 in"):
                unit = "in" if "in" in rounding else "cm"
                spec = {**starting_spec(CATALOGUE["dart-bowl"], Ruler(unit), None), "rounding": rounding}
                spec["options"] = {"blank_shape": "square"}
                spec["size"] = {
                    "blank": "26 cm",
                    "dart_length": "5.5 cm",
                    "dart_half_width": "2.5 cm",
                    "corner_radius": radius,
                }
                self.assertEqual(faults(spec), [], (radius, rounding))


if __name__ == "__main__":
    unittest.main()
