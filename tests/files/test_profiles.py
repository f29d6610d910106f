"""Profiles from tables and scans: against analytic solids, and hostile or broken files."""

import math
import unittest

import numpy as np
import trimesh

from eggtuck.files.profiles import ProfileError, profile_text, read_profile_csv, read_scan
from eggtuck.files.scanning import hull_length


def cone(bottom=40.0, top=60.0, height=120.0, sections=96):
    """A closed frustum, z up, in mm."""
    turns = np.linspace(0, 2 * np.pi, sections, endpoint=False)
    ring = np.column_stack([np.cos(turns), np.sin(turns)])
    low = np.column_stack([ring * bottom, np.zeros(sections)])
    high = np.column_stack([ring * top, np.full(sections, height)])
    vertices = np.vstack([low, high, [[0, 0, 0], [0, 0, height]]])
    faces = []
    for i in range(sections):
        j = (i + 1) % sections
        faces += [
            [i, j, sections + i],
            [j, sections + j, sections + i],
            [2 * sections, j, i],
            [2 * sections + 1, sections + i, sections + j],
        ]
    return trimesh.Trimesh(vertices, faces, process=False)


def exported(mesh, kind):
    data = mesh.export(file_type=kind)
    return data if isinstance(data, bytes) else data.encode()


class Tables(unittest.TestCase):
    def test_columns_by_name_by_place_and_by_diameter(self):
        want = [(0.0, 220.0), (50.0, 251.0)]
        for text in (
            "height;girth\n0;22\n5;25,1\n",
            "Girth (cm),note,Height (cm)\n22,foot,0\n25.1,belly,5\n",
            "0\t22\n5\t25,1\n",
            "5;25,1\n0;22\n",
            "height,girth\n0,220 mm\n5,251 mm\n",
            "Altura (cm);nota;Volta (cm)\n0;pé;22\n5;bojo;25,1\n",
        ):
            self.assertEqual([(round(h, 6), round(g, 6)) for h, g in read_profile_csv(text, "cm")], want, text)
        across = read_profile_csv("height;diameter\n0;7\n5;8\n", "cm")
        self.assertAlmostEqual(across[1][1], 80 * math.pi)
        self.assertEqual(read_profile_csv("altura;diâmetro\n0;7\n5;8\n", "cm"), across)
        inches = read_profile_csv("height;girth\n0;8 1/4\n4 1/8;9\n", "in")
        self.assertAlmostEqual(inches[0][1], 8.25 * 25.4)

    def test_text_reads_back(self):
        rows = [(0.0, 220.0), (51.25, 251.5), (310.0, 100.0)]
        for unit in ("cm", "mm", "in"):
            again = read_profile_csv(profile_text(rows, unit), unit)
            for (h, g), (h2, g2) in zip(rows, again, strict=True):
                self.assertAlmostEqual(h, h2, delta=0.1)
                self.assertAlmostEqual(g, g2, delta=0.1)

    def test_bad_tables(self):
        for text, key in (
            ("", "empty"),
            ("\n\n", "empty"),
            ("height;colour\n0;red\n", "columns"),
            ("0;22\n5\n", "row"),
            ("0;22\nfive;wide\n", "row"),
            ("\n".join(f"{i};20" for i in range(900)), "long"),
        ):
            with self.subTest(text[:20]), self.assertRaises(ProfileError) as caught:
                read_profile_csv(text, "cm")
            self.assertEqual(caught.exception.key, key)


class Scans(unittest.TestCase):
    def test_girths_of_a_frustum_in_every_kind_of_file(self):
        for kind in ("stl", "obj", "ply"):
            rows = read_scan(exported(cone(), kind), kind, "mm", slices=10)
            self.assertGreaterEqual(len(rows), 10)
            for height, girth in rows:
                radius = 40 + 20 * height / 120
                # A polygon of 96 sides is a little shorter round than its circle.
                wanted = 2 * 96 * radius * math.sin(math.pi / 96)
                self.assertAlmostEqual(girth, wanted, delta=0.03 * radius * 0.1 + 0.05, msg=kind)
            self.assertAlmostEqual(rows[-1][0], 120, delta=0.1)

    def test_units_scale(self):
        data = exported(cone(4, 6, 12), "stl")
        rows = read_scan(data, "stl", "cm", slices=4)
        self.assertAlmostEqual(rows[-1][0], 120, delta=0.1)

    def test_a_handle_makes_the_tape_go_round_it(self):
        cup = cone(40, 40, 100)
        handle = trimesh.Trimesh(
            [[40, -5, 30], [70, 0, 30], [40, 5, 30], [40, -5, 70], [70, 0, 70], [40, 5, 70]],
            [[0, 1, 2], [3, 5, 4], [0, 3, 1], [1, 3, 4], [1, 4, 2], [2, 4, 5]],
            process=False,
        )
        both = trimesh.util.concatenate([cup, handle])
        rows = dict(read_scan(exported(both, "stl"), "stl", "mm", slices=10))
        plain = 2 * math.pi * 40
        self.assertAlmostEqual(rows[10.0], plain, delta=0.5)
        # Two tangents to the cup and the arc behind them.
        reach = 70.0
        turn = math.acos(40 / reach)
        wanted = 2 * math.sqrt(reach**2 - 40**2) + 40 * (2 * math.pi - 2 * turn)
        self.assertAlmostEqual(rows[50.0], wanted, delta=1.0)

    def test_a_hull_against_the_convex_shape_itself(self):
        square = np.array([[0, 0], [10, 0], [10, 10], [0, 10], [5, 5], [2, 7]], float)
        self.assertAlmostEqual(hull_length(square), 40)
        turns = np.linspace(0, 2 * np.pi, 9000, endpoint=False)
        circle = np.column_stack([np.cos(turns), np.sin(turns)]) * 50
        self.assertAlmostEqual(hull_length(circle), 2 * math.pi * 50, delta=0.05)

    def test_broken_and_hostile_files_end_in_a_sentence(self):
        good = exported(cone(), "stl")
        cases = (
            (b"", "stl"),
            (b"solid nothing\nendsolid nothing\n", "stl"),
            (b"\x00" * 5000, "stl"),
            (b"not a mesh at all", "ply"),
            (b"v 1 2\nf 1 2 9\n", "obj"),
            (b"v nan nan nan\nv 1 0 0\nv 0 1 0\nf 1 2 3\n", "obj"),
            (b"v 0 0 0\nv 10 0 0\nv 0 10 0\nf 1 2 3\n", "obj"),
            (good[:200], "stl"),
        )
        for data, kind in cases:
            with self.subTest(data[:20]), self.assertRaises(ProfileError) as caught:
                read_scan(data, kind, "mm")
            self.assertTrue(caught.exception.key.startswith("scan-"))
        with self.assertRaises(ProfileError) as caught:
            read_scan(good, "docx", "mm")
        self.assertEqual(caught.exception.key, "scan-kind")
        with self.assertRaises(ProfileError) as caught:
            read_scan(good, "stl", "m")
        self.assertEqual(caught.exception.key, "scan-unit")

    def test_many_triangles_are_read_within_the_limits(self):
        # As many as a fine scan has: read apart, where the time of the processor is limited.
        rows = read_scan(exported(cone(sections=60_000), "stl"), "stl", "mm", 10)
        self.assertAlmostEqual(rows[5][1], 2 * math.pi * 50, delta=0.1)


if __name__ == "__main__":
    unittest.main()
