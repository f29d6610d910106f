"""The form as a solid, opened by another library: its size, its area against the pieces, its unit."""

import io
import unittest

import numpy as np
import trimesh

from eggtuck.core.drafting.starting import starting_spec
from eggtuck.core.forms import CATALOGUE, draft_spec
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


def area_of(carried):
    total = 0.0
    for loop in carried.loops:
        points = np.array(loop)
        total += np.linalg.norm(np.cross(points[1:-1] - points[0], points[2:] - points[0]), axis=1).sum() / 2
    return float(total)


class Solids(unittest.TestCase):
    def opened(self, draft, kind):
        loaded = trimesh.load(io.BytesIO(WRITERS[f".{kind}"](draft)), file_type=kind)
        return loaded.to_geometry() if isinstance(loaded, trimesh.Scene) else loaded

    def test_it_opens_elsewhere_with_the_right_size_and_area(self):
        for draft in drafts():
            form = [p for facet in draft.solid.facets for p in facet.space]
            sewn_on = [p for carried in draft.solid.carried for loop in carried.loops for p in loop]
            for kind in SOLIDS:
                points = np.array(form if kind == "stl" else form + sewn_on)
                size = points.max(axis=0) - points.min(axis=0)
                mesh = self.opened(draft, kind)
                found = mesh.bounds[1] - mesh.bounds[0]
                if kind == "glb":
                    # Metres, y up.
                    found = np.array([found[0], found[2], found[1]]) * 1000
                self.assertLess(float(np.abs(found - size).max()), 0.01, (draft.form, kind))
                if not draft.solid.soft:
                    area = mesh.area * (1e6 if kind == "glb" else 1)
                    area -= 0 if kind == "stl" else sum(area_of(c) for c in draft.solid.carried)
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

    def test_what_is_carried_is_a_part_of_its_own(self):
        draft = draft_spec({**cordial(), "parts": [{"kind": "strap"}, {"kind": "slip-pocket"}]})
        scene = trimesh.load(io.BytesIO(WRITERS[".glb"](draft)), file_type="glb")
        self.assertEqual(set(scene.geometry), {"body-front", "body-back", "strap-1", "slip-pocket-2"})

    def test_round_cloth_is_shaded_round_and_a_fold_sharp(self):
        for form in ("cylinder", "cone"):
            draft = draft_spec(starting_spec(CATALOGUE[form], Ruler("cm"), None))
            scene = trimesh.load(io.BytesIO(WRITERS[".glb"](draft)), file_type="glb", process=False)
            wall = scene.geometry["wall-whole"]
            axis = (wall.vertices.max(axis=0) + wall.vertices.min(axis=0)) / 2
            out = (wall.vertices - axis)[:, :2]
            out /= np.linalg.norm(out, axis=1)[:, None]
            normal = wall.vertex_normals[:, :2]
            normal = normal / np.linalg.norm(normal, axis=1)[:, None]
            # Each corner looks straight out from the axis: no strip can be seen.
            self.assertGreater(float((out * normal).sum(axis=1).min()), np.cos(np.radians(1.3)), form)
        bag = trimesh.load(io.BytesIO(WRITERS[".glb"](draft_spec(cordial()))), file_type="glb", process=False)
        for mesh in bag.geometry.values():
            # On a bag of flat panels every corner looks as its panel does.
            for face, normal in zip(mesh.faces, mesh.face_normals, strict=True):
                self.assertGreater(float((mesh.vertex_normals[face] @ normal).min()), 0.999)


if __name__ == "__main__":
    unittest.main()
