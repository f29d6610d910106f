"""The form as a solid, opened by another library: its size, its area against the pieces, its unit."""

import io
import unittest

import numpy as np
import trimesh

from eggtuck.core.forms import CATALOGUE, draft_spec
from eggtuck.core.forms.starting import starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern.mesh import weld
from eggtuck.files import SOLIDS, WRITERS
from tests.specs import cordial


def drafts():
    for form in CATALOGUE.values():
        yield draft_spec(starting_spec(form, Ruler("cm"), None))


def flat_area(facet):
    points = facet.flat
    after = (*points[1:], points[0])
    return abs(sum(a[0] * b[1] - b[0] * a[1] for a, b in zip(points, after, strict=True))) / 2


class Solids(unittest.TestCase):
    def opened(self, draft, kind):
        loaded = trimesh.load(io.BytesIO(WRITERS[f".{kind}"](draft)), file_type=kind)
        return loaded.to_geometry() if isinstance(loaded, trimesh.Scene) else loaded

    def test_it_opens_elsewhere_with_the_right_size_and_area(self):
        for draft in drafts():
            points = np.array([p for facet in draft.solid.facets for p in facet.space])
            size = points.max(axis=0) - points.min(axis=0)
            for kind in SOLIDS:
                mesh = self.opened(draft, kind)
                found = mesh.bounds[1] - mesh.bounds[0]
                if kind == "glb":
                    # Metres, y up.
                    found = np.array([found[0], found[2], found[1]]) * 1000
                self.assertLess(float(np.abs(found - size).max()), 0.01, (draft.form, kind))
                if not draft.solid.soft:
                    area = mesh.area * (1e6 if kind == "glb" else 1)
                    # Layers crossed over each other, a mug bag's base, are one surface.
                    once = {
                        frozenset((round(x, 2), round(y, 2), round(z, 2)) for x, y, z in f.space): f
                        for f in draft.solid.facets
                    }
                    self.assertAlmostEqual(area / sum(map(flat_area, once.values())), 1, delta=0.01)

    def test_closed_forms_are_wound_outward_and_their_volume_is_the_drawn_one(self):
        closed = 0
        for draft in drafts():
            if not weld(draft.solid.facets).closed:
                continue
            closed += 1
            mesh = trimesh.load(io.BytesIO(WRITERS[".stl"](draft)), file_type="stl")
            mesh.merge_vertices()
            self.assertTrue(mesh.is_watertight and mesh.is_winding_consistent, draft.form)
            self.assertAlmostEqual(mesh.volume / weld(draft.solid.facets).volume, 1, delta=1e-3, msg=draft.form)
            self.assertGreater(mesh.volume, 0, draft.form)
        self.assertGreaterEqual(closed, 4)

    def test_every_panel_is_convex_so_that_a_fan_fills_it(self):
        for draft in drafts():
            for facet in draft.solid.facets:
                n = len(facet.flat)
                turns = set()
                for i in range(n):
                    a, b, c = (facet.flat[(i + k) % n] for k in range(3))
                    turn = (b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0])
                    if abs(turn) > 1e-6:
                        turns.add(turn > 0)
                self.assertLessEqual(len(turns), 1, (draft.form, facet.piece))

    def test_pieces_are_parts_of_their_own(self):
        scene = trimesh.load(io.BytesIO(WRITERS[".glb"](draft_spec(cordial()))), file_type="glb")
        self.assertEqual(set(scene.geometry), {"body-front", "body-back"})


if __name__ == "__main__":
    unittest.main()
