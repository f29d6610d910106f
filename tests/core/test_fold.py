"""From flat pieces to the sewn form: rigid all the way, flat at the beginning, the solid at the end."""

import itertools
import math
import unittest

import numpy as np

from eggtuck.core.drafting.starting import starting_spec
from eggtuck.core.forms import CATALOGUE, draft_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern.fold import fold_frames, fold_units

CM = Ruler("cm")


def drafts():
    """Every solid that a choice makes, each once: most choices change none."""
    seen = set()
    for form in CATALOGUE.values():
        spec = starting_spec(form, CM, None)
        for option in form.options:
            for choice in option.choices:
                try:
                    made = draft_spec({**spec, "options": {option.id: choice}})
                except ValueError:
                    continue
                if made.solid.facets not in seen:
                    seen.add(made.solid.facets)
                    yield form.id, made


def by_facet(solid, stage):
    at = 0
    for facet in solid.facets:
        yield facet, stage[at : at + len(facet.flat)]
        at += len(facet.flat)


class Folding(unittest.TestCase):
    def test_the_first_stage_lies_flat_without_overlap_and_the_last_is_the_solid(self):
        for form, made in drafts():
            solid = made.solid
            first, last = fold_frames(solid, 2)
            self.assertLess(float(np.abs(first[:, 2]).max()), 1e-6, form)
            want = np.array([p for facet in solid.facets for p in facet.space])
            self.assertLess(float(np.abs(last - want).max()), 1e-6, form)
            # Laid out as cut: a flat panel is only shifted, all panels of one piece alike.
            shifts = {}
            for facet, corners in by_facet(solid, first):
                shift = corners[0, :2] - np.array(facet.flat[0])
                known = shifts.setdefault((facet.piece, facet.copy), shift)
                self.assertLess(float(np.abs(shift - known).max()), 1e-6, form)
                self.assertLess(float(np.abs(corners[:, :2] - np.array(facet.flat) - shift).max()), 1e-6)
            boxes = {}
            for facet, corners in by_facet(solid, first):
                boxes.setdefault((facet.piece, facet.copy), []).extend(corners[:, :2])
            boxes = {key: (np.min(points, axis=0), np.max(points, axis=0)) for key, points in boxes.items()}
            for one, other in itertools.combinations(boxes.values(), 2):
                apart = (one[1] < other[0] + 1e-6) | (other[1] < one[0] + 1e-6)
                self.assertTrue(bool(apart.any()), form)

    def test_every_panel_keeps_its_shape_and_every_crease_its_length(self):
        for form, made in drafts():
            solid = made.solid
            if solid.soft:
                continue
            units = fold_units(solid)
            for stage in fold_frames(solid, 7):
                placed = list(by_facet(solid, stage))
                for facet, corners in placed:
                    for i, j in itertools.combinations(range(len(corners)), 2):
                        flat = math.dist(facet.flat[i], facet.flat[j])
                        # A slice of a curve is drawn by its chord.
                        self.assertAlmostEqual(float(np.linalg.norm(corners[i] - corners[j])), flat, delta=0.06)
                for unit in units:
                    for crease in unit.creases:
                        for p in (crease.start, crease.end):
                            a, b = (self.on(*placed[i], p) for i in (crease.facet, crease.parent))
                            # A wrap is drawn a hair outside what it goes round.
                            self.assertLess(float(np.linalg.norm(a - b)), 0.7 if form == "mug-bag" else 0.1, form)

    def on(self, facet, corners, p):
        """Where a point of the flat piece lies, by the panel it is on."""
        a, b, c = (np.array(facet.flat[i]) for i in (0, 1, len(facet.flat) - 1))
        s, t = np.linalg.solve(np.array([b - a, c - a]).T, np.array(p) - a)
        return corners[0] + s * (corners[1] - corners[0]) + t * (corners[-1] - corners[0])

    def test_every_panel_hangs_on_one_chain(self):
        for form, made in drafts():
            units = fold_units(made.solid)
            seen = [unit.root for unit in units] + [c.facet for unit in units for c in unit.creases]
            self.assertEqual(sorted(seen), list(range(len(made.solid.facets))), form)
            copies = {(f.piece, f.copy) for f in made.solid.facets}
            self.assertEqual(len(units), len(copies), form)

    def test_a_boxed_bag_is_folded_at_right_angles(self):
        made = draft_spec(
            {"form": "boxed-bag", "unit": "mm", "size": {"girth": 300, "wall_height": 200, "base_depth": 60}}
        )
        for unit in fold_units(made.solid):
            for crease in unit.creases:
                self.assertAlmostEqual(abs(crease.angle), math.pi / 2, places=6)


if __name__ == "__main__":
    unittest.main()
