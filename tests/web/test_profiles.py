"""Profiles of things read from files over HTTP."""

import trimesh

from .test_api import Client

SCAN = "/api/things/read-scan"
CUP = trimesh.creation.cylinder(radius=4.0, height=12.0, sections=256).export(file_type="stl")


class Profiles(Client):
    def test_a_table_becomes_a_thing(self):
        answer = self.http.post("/api/things/read-table", json={"text": "height;girth\n0;22\n12,5;25,1", "unit": "cm"})
        self.assertEqual(answer.status_code, 200, answer.data)
        thing = answer.json["object"]
        self.assertEqual(thing["kind"], "profile")
        kept = self.http.post("/api/things", json={"name": "Lantern", "unit": "cm", "object": thing, "note": ""})
        self.assertEqual(kept.status_code, 201, kept.data)
        self.assertEqual(kept.json["object"]["profile"].split(), ["0;", "22", "12.5;", "25.1"])

    def test_a_scan_becomes_a_thing_in_the_unit_it_was_made_in(self):
        for scan_unit, unit, girth in (("cm", "cm", 25.133), ("cm", "mm", 251.33), ("in", "in", 25.133)):
            asked = {"kind": "stl", "scan_unit": scan_unit, "unit": unit}
            answer = self.http.post(SCAN, query_string=asked, data=CUP)
            self.assertEqual(answer.status_code, 200, answer.data)
            rows = [[float(cell) for cell in line.split(";")] for line in answer.json["object"]["profile"].splitlines()]
            self.assertGreater(len(rows), 10)
            self.assertAlmostEqual(rows[-1][0], 120 if unit == "mm" else 12, delta=0.01)
            for _, around in rows:
                self.assertAlmostEqual(around / girth, 1, delta=2e-4)

    def test_nothing_is_guessed(self):
        self.refused(self.http.post(SCAN, query_string={"kind": "stl"}, data=CUP), 422, "scan_unit")
        self.refused(
            self.http.post(SCAN, query_string={"kind": "stl", "scan_unit": "foot"}, data=CUP), 422, "scan_unit"
        )
        # Metres instead of centimetres: a thing of four metres' breadth is refused, not kept.
        self.refused(
            self.http.post(SCAN, query_string={"kind": "stl", "scan_unit": "m"}, data=CUP), 422, "object.profile"
        )

    def test_broken_files_are_told(self):
        for kind, data in (("stl", b"solid nothing"), ("ply", b"\x00" * 500), ("obj", b"v 1 2"), ("exe", CUP)):
            answer = self.http.post(SCAN, query_string={"kind": kind, "scan_unit": "mm"}, data=data)
            self.refused(answer, 422, "object.profile")
        for text in ("", "height;colour\n0;red", "0;22\nup;wide"):
            answer = self.http.post("/api/things/read-table", json={"text": text, "unit": "cm"})
            self.refused(answer, 422, "object.profile")
        # Rows that read well but measure no thing: told by the same field.
        answer = self.http.post("/api/things/read-table", json={"text": "0;22\n0;25", "unit": "cm"})
        self.refused(answer, 422, "object.profile")


class Cards(Client):
    def test_a_card_to_measure_by(self):
        one = self.http.get("/api/measuring-card.pdf?kind=bottle&unit=in")
        every = self.http.get("/api/measuring-card.pdf")
        for answer in (one, every):
            self.assertEqual((answer.status_code, answer.mimetype), (200, "application/pdf"))
            self.assertTrue(answer.data.startswith(b"%PDF"))
        self.assertGreater(len(every.data), len(one.data))
        for query, field in (("kind=hat", "kind"), ("unit=ell", "unit"), ("kind=", "kind"), ("colour=red", "colour")):
            self.refused(self.http.get(f"/api/measuring-card.pdf?{query}"), 422, field)
