"""Whatever a make, a cutting table or a batch can be read as is read: each way of asking for it that the interface has a word for."""

import itertools
import unittest

from eggtuck.core.forms import CATALOGUE
from eggtuck.web.openapi import openapi_document
from tests import ALL

from .test_api import Client

# What a way of asking is filled in with where its words are not listed: by its path.
KINDS = {
    "/api/projects/{id}/form.{kind}": ("glb", "obj", "stl"),
    "/api/cuttings/{id}/lay.{kind}": ("pdf", "svg", "dxf"),
}
# Asked by what is in the make: a step's photo, a make of the log.
INNER = ("{make}", "{photo}", "{before}", "{note}")


def ways(path):
    """``(address, what is asked of it)`` of a way of reading: each word of each question once, and each two of them."""
    asked = openapi_document()["paths"][path]["get"].get("parameters", [])
    words = {p["name"]: words_of(p["schema"]) for p in asked if p["in"] == "query"}
    words = {name: found for name, found in words.items() if found}
    for kind in KINDS.get(path, ("",)):
        for values in itertools.product(*words.values()):
            yield path.replace("{kind}", kind), dict(zip(words, values, strict=True))


def words_of(schema):
    every = [schema, *schema.get("anyOf", ())]
    return [word for one in every for word in (*one.get("enum", ()), *([one["const"]] if "const" in one else ()))]


class EveryWayOut(Client):
    def read_all(self, prefix, id):
        tried = 0
        for path, methods in openapi_document()["paths"].items():
            if "get" not in methods or not path.startswith(prefix) or any(name in path for name in INNER):
                continue
            for address, query in ways(path):
                with self.subTest(address, **query):
                    answer = self.http.get(address.replace("{id}", id), query_string=query)
                    self.assertEqual(answer.status_code, 200, answer.data[:300])
                    self.assertTrue(answer.data)
                    tried += 1
        return tried

    def test_a_make_is_read_in_every_way(self):
        forms = list(CATALOGUE) if ALL else ["gusset-bag", "mat"]
        for form in forms:
            id = self.begin(form=form)["id"]
            self.assertGreater(self.read_all("/api/projects/{id}", id), 40)

    def test_a_cutting_table_is_read_in_every_way(self):
        id = self.begin(form="boxed-bag")["id"]
        cutting = self.http.post("/api/cuttings", json={"makes": [{"project": id, "count": 2}]})
        self.assertEqual(cutting.status_code, 201, cutting.data)
        self.assertGreater(self.read_all("/api/cuttings/{id}", cutting.json["id"]), 5)

    def test_a_batch_is_read_in_every_way(self):
        id = self.begin(form="boxed-bag")["id"]
        batch = self.http.post("/api/batches", json={"name": "Two", "makes": [{"project": id, "count": 2}]})
        self.assertEqual(batch.status_code, 201, batch.data)
        self.assertGreater(self.read_all("/api/batches/{id}", batch.json["id"]), 0)

    def test_what_belongs_to_no_make_is_read_in_every_way(self):
        self.begin(form="boxed-bag")
        tried = 0
        for path, methods in openapi_document()["paths"].items():
            if "get" in methods and "{" not in path:
                for address, query in ways(path):
                    with self.subTest(address, **query):
                        answer = self.http.get(address, query_string=query)
                        self.assertIn(answer.status_code, (200, 204), answer.data[:300])
                        tried += 1
        self.assertGreater(tried, 25)


if __name__ == "__main__":
    unittest.main()
