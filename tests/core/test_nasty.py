"""Bad input without end, for a while: whatever a spec is, it is refused by name or drafted soundly. `./tuck soak` goes on with it for hours."""

import unittest
from itertools import islice
from random import Random

from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from tests.nasty import faults, outline, specs


class Nasty(unittest.TestCase):
    def test_whatever_is_asked_is_refused_by_name_or_drafted_soundly(self):
        for seed in range(2):
            refused = 0
            for spec, _ in islice(specs(Random(seed)), 300):
                found = faults(spec)
                self.assertEqual(found, [], spec)
                try:
                    draft_spec(spec)
                except Exception:
                    refused += 1
            # Neither all nothing nor all as it should be.
            self.assertTrue(60 < refused < 270, refused)

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
