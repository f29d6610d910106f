"""The table with hundreds on it: found by words, form and state, page by page; many put away and brought back at once."""

import json
import unittest

from eggtuck.store import open_database, projects
from eggtuck.web.project_model import TableShown

from .test_api import Client


class Found(Client):
    def table(self, **query):
        answer = self.http.get("/api/table", query_string=query)
        self.assertEqual(answer.status_code, 200, answer.data)
        TableShown.model_validate(answer.json)
        return answer.json

    def names(self, **query):
        return [one["name"] for one in self.table(**query)["projects"]]

    def many(self, count):
        """The same again and again, straight into the file."""
        first = self.begin(preset="jar", name="Jar 0")
        connection = open_database(self.app.config["DATA"])
        self.addCleanup(connection.close)
        picture = connection.execute("SELECT picture FROM projects").fetchone()[0]
        for nth in range(1, count):
            projects.add_project(connection, f"Jar {nth}", first["spec"], picture)
        return first

    def test_it_is_found_by_words_of_its_name_thing_form_cloth_and_person(self):
        bag = self.begin(preset="bottle", name="For the fair")
        self.begin(preset="jar", name="Cosy")
        self.http.post("/api/orders", json={"title": "Bag", "whom": "Åsa", "theme": "waves", "project_id": bag["id"]})
        for words in (
            "fair",
            "FOR the",
            "bottle",
            "boxed",
            "waves",
            "fair waves",
            bag["spec"]["layers"][0]["material"],
        ):
            self.assertIn("For the fair", self.names(words=words), words)
        self.assertEqual(self.names(words="fair cosy"), [])
        self.assertEqual(self.names(words="waves"), ["For the fair"])
        self.assertEqual(self.names(words="åSA"), ["For the fair"])
        for wild in ("%", "_", "'", '"', "\\", "{"):
            self.assertLessEqual(len(self.names(words=wild)), 2)
        self.assertEqual(self.names(form="dart-bowl"), [])
        self.assertEqual(len(self.names(form="boxed-bag")), 2)
        self.assertEqual(self.names(since="2999-01-01"), [])

    def test_it_is_found_by_how_far_it_is(self):
        ids = {name: self.begin(preset="jar", name=name)["id"] for name in ("new", "begun", "made")}
        self.http.put(f"/api/projects/{ids['begun']}/progress", json={"done": ["cut"], "at_step": "cut"})
        self.http.post(f"/api/projects/{ids['made']}/makes", json={"made_on": "2026-01-02", "minutes": 9})
        for state in ids:
            self.assertEqual(self.names(state=state), [state])
        self.refused(self.http.get("/api/table?state=lost"), 422, "state")
        self.refused(self.http.get("/api/table?page=-1"), 422, "page")

    def test_every_one_of_hundreds_is_on_one_page(self):
        self.many(130)
        pages = [self.table(page=page) for page in range(6)]
        self.assertEqual([len(page["projects"]) for page in pages], [24, 24, 24, 24, 24, 10])
        self.assertEqual({(page["found"], page["pages"]) for page in pages}, {(130, 6)})
        self.assertEqual(len({one["id"] for page in pages for one in page["projects"]}), 130)
        self.assertEqual(self.table(page=9)["projects"], [])
        self.assertEqual(self.names(words="jar 129"), ["Jar 129"])
        self.assertLess(len(json.dumps(pages[0])), 250_000)

    def test_variants_lie_under_the_one_worked_on_last(self):
        first = self.begin(preset="jar", name="First")
        second = self.http.post(f"/api/projects/{first['id']}/variants", json={}).json
        (one,) = self.table()["projects"]
        self.assertEqual((one["id"], [other["id"] for other in one["others"]]), (second["id"], [first["id"]]))
        # Found by the name of one of them alone, that one is shown.
        self.http.put(f"/api/projects/{second['id']}", json={"revision": 1, "name": "Second", "spec": second["spec"]})
        self.assertEqual(self.names(words="first"), ["First"])

    def test_many_are_put_away_at_once_and_brought_back(self):
        self.many(5)
        ids = [one["id"] for one in self.table()["projects"]]
        self.assertEqual(self.http.post("/api/projects/away", json={"ids": ids[:3], "away": True}).status_code, 204)
        left = self.table()
        self.assertEqual(([one["id"] for one in left["projects"]], left["away"]), (ids[3:], 3))
        self.assertEqual({one["id"] for one in self.table(away=True)["projects"]}, set(ids[:3]))
        self.http.post("/api/projects/away", json={"ids": ids[:2], "away": False})
        self.assertEqual((self.table()["found"], self.table()["away"]), (4, 1))
        self.refused(self.http.post("/api/projects/away", json={"ids": ["none"], "away": True}), 404)
        self.refused(self.http.post("/api/projects/away", json={"ids": [], "away": True}), 422, "ids")


if __name__ == "__main__":
    unittest.main()
