"""Whatever is sent, the server answers with a document or a problem document, and keeps what it kept."""

import json
import tempfile
import unittest
from pathlib import Path

from hypothesis import HealthCheck, given
from hypothesis import strategies as st

from eggtuck.web import create_app
from eggtuck.web.openapi import openapi_document
from tests import tries
from tests.specs import cordial

JUNK = st.recursive(
    st.none() | st.booleans() | st.integers() | st.floats(allow_nan=False) | st.text(max_size=12),
    lambda inner: st.lists(inner, max_size=3) | st.dictionaries(st.text(max_size=10), inner, max_size=4),
    max_leaves=8,
)
NAMES = ("spec", "name", "revision", "done", "at_step", "unit", "object", "note", "made_on", "minutes", "measured",
         "form", "thing", "preset", "decimal", "paper", "pace", "makes", "format", "version")  # fmt: skip
BODIES = st.dictionaries(st.sampled_from(NAMES), JUNK | st.just(cordial()), max_size=6)


class Hostile(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        folder = tempfile.TemporaryDirectory()
        cls.addClassCleanup(folder.cleanup)
        cls.http = create_app(Path(folder.name)).test_client()
        cls.kept = cls.http.post("/api/projects", json={"preset": "jar"}).json
        cls.thing = cls.http.post(
            "/api/things", json={"name": "Jar", "unit": "cm", "object": {"kind": "jar", "girth": "24", "height": "9"}}
        ).json

    def addresses(self):
        for path, methods in openapi_document()["paths"].items():
            for method, described in methods.items():
                if "requestBody" in described:
                    id = self.thing["id"] if "/things/" in path else self.kept["id"]
                    yield method, path.replace("{id}", id).replace("{make}", "none")

    @tries(40, suppress_health_check=list(HealthCheck))
    @given(BODIES)
    def test_any_body_is_answered_properly(self, body):
        for method, path in self.addresses():
            answer = self.http.open(path, method=method.upper(), json=body)
            self.assertLess(answer.status_code, 500, (method, path, body))
            if answer.status_code >= 400:
                self.assertEqual(answer.mimetype, "application/problem+json")
                self.assertTrue(json.loads(answer.data)["detail"])

    @tries(40, suppress_health_check=list(HealthCheck))
    @given(st.binary(max_size=200))
    def test_any_bytes_are_answered_properly(self, data):
        for method, path in self.addresses():
            answer = self.http.open(path, method=method.upper(), data=data, content_type="application/json")
            self.assertIn(answer.status_code, (200, 201, 400, 409, 415, 422))

    def test_afterwards_the_first_project_still_drafts(self):
        kept = self.http.get(f"/api/projects/{self.kept['id']}").json
        self.assertEqual(self.http.post("/api/drafts", json=kept["spec"]).status_code, 200)

    def test_odd_addresses(self):
        for path in (
            "/api/projects/%00",
            "/api/projects/" + "x" * 500,
            "/api/projects/..%2f..%2fetc",
            "/api//projects",
        ):
            self.assertIn(self.http.get(path).status_code, (308, 404))

    def test_changing_the_form(self):
        answer = self.http.post("/api/specs/form", json={"spec": cordial(), "form": "cylinder"})
        self.assertEqual(answer.json["spec"]["form"], "cylinder")
        self.assertEqual(answer.json["spec"]["object"], cordial()["object"])
        self.assertNotIn("base_depth", answer.json["spec"]["size"])
        self.assertEqual(self.http.post("/api/specs/form", json={"spec": cordial(), "form": "hat"}).status_code, 422)
        carton = {"kind": "carton", "width": "9", "depth": "6", "height": "14"}
        other = self.http.post("/api/specs/form", json={"spec": {**cordial(), "object": carton}, "form": "cone"})
        # A cone does not cover a carton: the form begins with sizes of its own instead.
        self.assertNotIn("object", other.json["spec"])
        self.assertEqual(self.http.post("/api/drafts", json=other.json["spec"]).status_code, 200)


if __name__ == "__main__":
    unittest.main()
