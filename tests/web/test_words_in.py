"""Whatever is written into a name, a note or a habit comes out of every file and every list again, or is refused by its field."""

import csv
import io
import json
import unittest
import xml.dom.minidom

from .test_api import Client

ODD = (
    "a\x00b", "a\x1b[31m", "\u202e\ufeff", "=1+1", "+1", "-1", "@x", "\t=1", '<b>&"\'', "]]>", "x" * 120, "%s%n", "{0}", "🧵🐝", "½",
)  # fmt: skip
HALVES = ("\ud800", "a\udfffb")
FILES = (
    "pattern.svg", "pattern.dxf", "pattern.pdf", "pattern.pdf?part=share", "care.pdf", "pages.svg", "cut-list.csv", "draft.json",
    "project.json", "form.glb", "sitting", "beside", "makes", "picture",
)  # fmt: skip


class WordsIn(Client):
    def send(self, method, path, body):
        """As a stray program might: with halves of signs too."""
        return self.http.open(path, method=method, data=json.dumps(body), content_type="application/json")

    def no_formula(self, data):
        for row in csv.reader(io.StringIO(data.decode("utf-8-sig"))):
            for cell in row:
                if cell[:1] in ("=", "+", "-", "@", "\t"):
                    self.assertRegex(cell, r"^-?\d", row)

    def test_names_go_into_every_file(self):
        for name in ODD:
            made = self.send("POST", "/api/projects", {"preset": "jar", "name": name})
            self.assertEqual(made.status_code, 201, (name, made.data))
            id = made.json["id"]
            entry = {"made_on": "2026-01-02", "differed": name, "uses": [{"what": name[:60], "fits": True}]}
            self.assertEqual(self.send("POST", f"/api/projects/{id}/makes", entry).status_code, 201)
            for file in FILES:
                answer = self.http.get(f"/api/projects/{id}/{file}")
                self.assertEqual(answer.status_code, 200, (name, file))
                if file.endswith(".svg"):
                    xml.dom.minidom.parseString(answer.data)
                if file.endswith(".csv"):
                    self.no_formula(answer.data)
        for page in ("logbook", "orders.ics", "table", "away", "keeping"):
            self.assertEqual(self.http.get(f"/api/{page}").status_code, 200, page)
        self.no_formula(self.http.get("/api/logbook.csv").data)

    def test_halves_of_signs_are_refused_by_their_field_and_stop_nothing(self):
        for half in HALVES:
            self.refused(self.send("POST", "/api/projects", {"preset": "jar", "name": half}), 422, "name")
            for method, path, body in (
                ("POST", "/api/orders", {"title": half}),
                ("POST", "/api/things", {"name": half, "unit": "cm", "object": {"kind": half}}),
                ("POST", "/api/drafts", {"form": half, "unit": half, "layers": [{"material": half, "role": half}]}),
                ("POST", "/api/projects", {"preset": half}),
                ("POST", "/api/projects", {"thing": half}),
                ("PUT", "/api/settings", {"allowance": half}),
                ("POST", "/api/away", {"kind": "projects", "id": half}),
                ("POST", "/api/projects/away", {"ids": [half], "away": True}),
            ):
                self.assertIn(self.send(method, path, body).status_code, (404, 422), (path, body))
        for path in (
            "/api/table?words=%ED%A0%80",
            "/api/table?words=%00",
            "/api/projects/%ED%A0%80",
            "/api/away?words=%FF",
        ):
            self.assertIn(self.http.get(path).status_code, (200, 404, 422), path)

    def test_habits_take_only_what_a_project_can_begin_with(self):
        for body, field in (
            ({"allowance": "much"}, "allowance"), ({"allowance": "1/0"}, "allowance"), ({"rounding": "often"}, "rounding"),
            ({"schools": {"no-such": "x"}}, "schools.no-such"), ({"schools": {"zip_ends": "no-such"}}, "schools.zip_ends"),
        ):  # fmt: skip
            self.refused(self.send("PUT", "/api/settings", body), 422, field)
        kept = self.http.get("/api/settings").json
        self.assertEqual((kept["allowance"], kept["rounding"], kept["schools"]), ("", "", {}))
        for body in (
            {"allowance": "3/8 in"},
            {"rounding": "none"},
            {"rounding": "5 mm"},
            {"schools": {"zip_ends": ""}},
        ):
            self.assertEqual(self.send("PUT", "/api/settings", body).status_code, 200, body)


if __name__ == "__main__":
    unittest.main()
