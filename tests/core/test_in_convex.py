"""Boxes and balls in a wedge: faces against the drafted solid, room against thousands of random poses."""

import math
import random
import unittest

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.fit.in_convex import box_room, largest_ball
from eggtuck.core.forms import draft_spec
from eggtuck.core.forms.wedge.room import wedge_faces
from eggtuck.core.forms.wedge.sizes import Wedge

WEDGES = [
    Wedge(200.0, 160.0, 110.0, 60.0, 8.0),
    Wedge(180.0, 180.0, 120.0, 80.0, 8.0),
    Wedge(150.0, 240.0, 100.0, 50.0, 0.0),
]


def corners(size):
    half, d2, top = size.base_width / 2, size.depth / 2, size.top / 2
    base = [(x, y, 0.0) for x in (-half, half) for y in (-d2, d2)]
    return np.array([*base, (-top, 0.0, size.height), (top, 0.0, size.height)])


def turns(count, seed):
    """Rotations spread evenly, from random quaternions."""
    q = np.random.default_rng(seed).normal(size=(count, 4))
    a, b, c, d = (q / np.linalg.norm(q, axis=1)[:, None]).T
    rows = [
        [1 - 2 * (c * c + d * d), 2 * (b * c - a * d), 2 * (b * d + a * c)],
        [2 * (b * c + a * d), 1 - 2 * (b * b + d * d), 2 * (c * d - a * b)],
        [2 * (b * d - a * c), 2 * (c * d + a * b), 1 - 2 * (b * b + c * c)],
    ]
    return np.moveaxis(np.array(rows), 2, 0)


def inside(faces, points):
    normals, d = np.array([n for n, _ in faces]), np.array([d for _, d in faces])
    return (points @ normals.T <= d + 1e-9).all(axis=-1)


class Faces(unittest.TestCase):
    def test_each_face_holds_its_corners_and_no_corner_lies_outside(self):
        for size in WEDGES:
            faces, points = wedge_faces(size), corners(size)
            self.assertTrue(inside(faces, points).all())
            for normal, d in faces:
                self.assertAlmostEqual(math.hypot(*normal), 1.0)
                on = np.isclose(points @ np.array(normal), d, atol=1e-6)
                self.assertGreaterEqual(int(on.sum()), 3)

    def test_the_faces_are_those_of_the_sewn_form(self):
        size = {"bottom_width": 200, "top_width": 160, "slant": 110, "base_depth": 60, "zip_width": 8}
        made = draft_spec({"form": "wedge", "unit": "mm", "size": size})
        points = np.array([p for facet in made.solid.facets for p in facet.space])
        self.assertTrue(inside(wedge_faces(WEDGES[0]), points).all())


class BoxesAndBalls(unittest.TestCase):
    def test_a_box_with_room_is_inside_in_some_pose_and_no_random_pose_beats_it(self):
        chance = random.Random(3)
        spread = turns(3000, 11)
        for size in WEDGES:
            faces = wedge_faces(size)
            normals, d = np.array([n for n, _ in faces]), np.array([d for _, d in faces])
            for _ in range(6):
                box = tuple(chance.uniform(8, 90) for _ in range(3))
                room = box_room(faces, box)
                reach = (np.abs(np.einsum("nak,fa->nkf", spread, normals)) * (np.array(box) / 2)[:, None]).sum(1)
                # Random places for random turns: whatever lies inside by its eight corners can at most have that room.
                places = np.random.default_rng(5).uniform(corners(size).min(0), corners(size).max(0), (3000, 3))
                spare = (d - places @ normals.T - reach).min(axis=1).max()
                self.assertLessEqual(spare, room + 0.5)

    def test_a_box_said_to_fit_snugly_can_be_placed(self):
        """Found by brute force over places for the axis-parallel turn, which must never have more room than is claimed."""
        for size in WEDGES:
            faces = wedge_faces(size)
            d = np.array([d for _, d in faces])
            normals = np.array([n for n, _ in faces])
            for box in ((60.0, 30.0, 20.0), (90.0, 40.0, 10.0), (20.0, 20.0, 60.0)):
                reach = np.abs(normals) @ (np.array(box) / 2)
                grid = np.linspace(0, size.height, 801)
                up = np.stack([np.zeros(801), np.zeros(801), grid], axis=1)
                spare = (d - up @ normals.T - reach).min(axis=1).max()
                self.assertGreaterEqual(box_room(faces, box), spare - 1e-6)

    def test_the_largest_ball_touches_and_a_larger_does_not_go_in(self):
        for size in WEDGES:
            faces = wedge_faces(size)
            r = largest_ball(faces) / 2
            # In the triangle seen from the side: area over half the perimeter; the ends may be nearer still.
            across = size.depth * size.height / (size.depth + 2 * math.hypot(size.height, size.depth / 2))
            self.assertLessEqual(r, across + 1e-6)
            d = np.array([d for _, d in faces])
            normals = np.array([n for n, _ in faces])
            y0 = np.array([(x, 0.0, z) for x in np.linspace(-60, 60, 61) for z in np.linspace(0, size.height, 400)])
            best = (d - y0 @ normals.T).min(axis=1).max()
            self.assertAlmostEqual(best, r, delta=0.3)

    @given(st.floats(20, 160), st.floats(15, 120), st.floats(10, 90), st.sampled_from(("none", "1 mm", "1/8 in")))
    def test_a_wedge_proposed_for_a_box_holds_it_and_a_smaller_one_says_so(self, a, b, c, rounding):
        thing = {"kind": "carton", "width": a, "depth": b, "height": c}
        told = {"form": "wedge", "unit": "mm", "object": thing, "rounding": rounding}
        made = draft_spec(told)
        self.assertEqual(next(c for c in made.checks if c.id == "fit.inside").verdict, "ok")
        small = {name: made.finished[name] * 0.5 for name in ("bottom_width", "top_width", "slant", "base_depth")}
        try:
            half = draft_spec({**told, "size": {**small, "zip_width": 0}})
        except ValueError:
            return
        found = next(check for check in half.checks if check.id == "fit.inside")
        self.assertEqual(found.verdict, "stop")
        mended = draft_spec({**half.spec, "size": {f.removeprefix("size."): v for f, v in found.fix.changes.items()}})
        self.assertEqual(next(c for c in mended.checks if c.id == "fit.inside").verdict, "ok")

    def test_a_wedge_proposed_for_a_ball_holds_it(self):
        for across in (30, 65, 120):
            made = draft_spec({"form": "wedge", "unit": "mm", "object": {"kind": "ball", "diameter": across}})
            self.assertEqual(next(c for c in made.checks if c.id == "fit.inside").verdict, "ok")


if __name__ == "__main__":
    unittest.main()
