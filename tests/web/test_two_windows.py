"""Two windows, two devices: what one does is not undone by the other, and nobody is overwritten unasked."""

import itertools
import unittest

from eggtuck.web.thing_model import ThingVersions

from .test_api import Client

JAR = {"name": "Jar", "unit": "cm", "object": {"kind": "jar", "girth": "24", "height": "9"}, "note": ""}


class Things(Client):
    def put(self, id, revision=None, **changes):
        return self.http.put(
            f"/api/things/{id}", json={**JAR, **changes, **({"revision": revision} if revision else {})}
        )

    def test_a_thing_changed_elsewhere_is_not_overwritten_unasked(self):
        id = self.http.post("/api/things", json=JAR).json["id"]
        first = self.put(id, 1, name="Mine")
        self.assertEqual((first.status_code, first.json["revision"]), (200, 2))
        self.refused(self.put(id, 1, name="Theirs"), 409)
        # The same sent twice is kept once, whatever it was a change of.
        self.assertEqual(self.put(id, 1, name="Mine").json["revision"], 2)
        self.assertEqual(self.put(id, name="Theirs").json["revision"], 3)
        told = self.http.get(f"/api/things/{id}/versions").json
        ThingVersions.model_validate(told)
        self.assertEqual([(one["revision"], one["name"]) for one in told["versions"]], [(2, "Mine"), (1, "Jar")])
        self.assertIn("24", told["versions"][0]["measures"])
        before = told["versions"][1]
        back = self.put(id, 3, name=before["name"], object=before["object"])
        self.assertEqual((back.json["name"], back.json["object"]), ("Jar", JAR["object"]))
        self.refused(self.http.get("/api/things/none/versions"), 404)


class Ticks(Client):
    def test_what_two_tick_is_merged(self):
        id = self.begin(preset="bottle")["id"]
        steps = ["cut", "mark", "set-up", "turn"]

        def put(done, before=None):
            body = {"done": done, "at_step": None, **({"before": before} if before is not None else {})}
            return set(self.http.put(f"/api/projects/{id}/progress", json=body).json["done"])

        # Two see the same, and each ticks or unticks something: whatever that is, both is done.
        for seen, one, other in itertools.product([[], ["cut"], ["cut", "turn"]], steps, steps):
            put(seen)
            after = [set(seen) ^ {step} for step in (one, other)]
            put(list(after[0]), seen)
            now = put(list(after[1]), seen)
            expected = (set(seen) | after[0] | after[1]) - (set(seen) - after[0]) - (set(seen) - after[1])
            self.assertEqual(now, expected, (seen, one, other))
        # Told without what was seen before it is as it is told.
        self.assertEqual(put(["cut"]), {"cut"})


class Entries(Client):
    def test_an_entry_changed_elsewhere_is_kept_beside_how_it_read(self):
        id = self.begin(preset="jar")["id"]
        make = self.http.post(f"/api/projects/{id}/makes", json={"made_on": "2026-01-02", "differed": "one"}).json
        at = f"/api/projects/{id}/makes/{make['id']}"

        def change(text, revision):
            return self.http.put(at, json={"made_on": "2026-01-02", "differed": text, "revision": revision})

        self.assertEqual(change("two", make["revision"]).status_code, 200)
        self.refused(change("three", make["revision"]), 409)
        newest = self.http.get(f"/api/projects/{id}/makes").json["makes"][0]["revision"]
        self.assertEqual(change("three", newest).status_code, 200)
        read = [one["differed"] for one in self.http.get(f"{at}/versions").json["versions"]]
        self.assertEqual(read, ["two", "one"])


class Habits(Client):
    def test_each_changes_only_what_it_names(self):
        self.http.put("/api/settings", json={"unit": "in"})
        self.http.put("/api/settings", json={"paper": "letter"})
        habits = self.http.get("/api/settings").json
        self.assertEqual((habits["unit"], habits["paper"]), ("in", "letter"))


class Imported(Client):
    def test_a_project_that_is_here_is_known_again(self):
        made = self.begin(preset="jar", name="Cosy")
        at = f"/api/projects/{made['id']}"
        self.http.put(at, json={"revision": 1, "name": "Cosy", "spec": {**made["spec"], "rounding": "none"}})
        self.http.post(f"{at}/makes", json={"made_on": "2026-01-02", "minutes": 30})
        self.http.put(f"{at}/why", json={"wrong": ["slips"], "text": "It slips."})
        file = self.http.get(f"{at}/project.json").json

        def bring(meeting="ask", **changes):
            return self.http.post(f"/api/projects/import?meeting={meeting}", json={**file, **changes})

        def names():
            return sorted(one["name"] for one in self.http.get("/api/projects").json["projects"])

        # As it is: it is there already.
        self.assertEqual(bring().json["id"], made["id"])
        self.assertEqual((names(), len(self.http.get(f"{at}/makes").json["makes"])), (["Cosy"], 1))
        told = self.refused(bring(name="Other"), 409)
        self.assertIn("Cosy", told["detail"])
        self.assertEqual(bring("leave", name="Other").json["name"], "Cosy")
        replaced = bring("replace", name="Other").json
        self.assertEqual((replaced["id"], replaced["name"], names()), (made["id"], "Other", ["Other"]))
        self.assertEqual(len(self.http.get(f"{at}/makes").json["makes"]), 1)
        back = self.http.post(f"{at}/undo", json={"revision": replaced["revision"]}).json
        self.assertEqual(back["name"], "Cosy")
        both = bring("both", name="Beside").json
        self.assertEqual(names(), ["Beside", "Cosy"])
        self.assertEqual(len(self.http.get(f"/api/projects/{both['id']}/makes").json["makes"]), 1)
        # Put away it is on the table again.
        self.http.delete(at)
        self.assertEqual(bring("leave").json["id"], made["id"])
        self.assertEqual(names(), ["Beside", "Cosy"])

    def test_it_comes_back_whole_in_another_workshop(self):
        made = self.begin(preset="jar", name="Cosy")
        at = f"/api/projects/{made['id']}"
        for nth, rounding in enumerate(("none", "5 mm"), 1):
            spec = {**made["spec"], "rounding": rounding}
            self.http.put(at, json={"revision": nth, "name": "Cosy", "spec": spec})
        self.http.put(f"{at}/why", json={"wrong": ["slips"], "text": "It slips."})
        self.http.put(f"{at}/progress", json={"done": ["cut"], "at_step": "cut"})
        file = self.http.get(f"{at}/project.json").json
        other = Client("refused")
        other.setUp()
        self.addCleanup(other.doCleanups)
        here = other.http.post("/api/projects/import", json=file)
        self.assertEqual(here.status_code, 201, here.data)
        here = here.json
        self.assertEqual((here["id"], here["done"], here["can_undo"]), (made["id"], ["cut"], True))
        self.assertEqual(other.http.get(f"/api/projects/{here['id']}/why").json["text"], "It slips.")
        back = other.http.post(f"/api/projects/{here['id']}/undo", json={"revision": here["revision"]}).json
        self.assertEqual(back["spec"]["rounding"], "none")
        # However much is in its log, what was saved comes in again.
        many = [{"made_on": "2026-01-02", "minutes": nth, "differed": "x" * 3000} for nth in range(420)]
        large = other.http.post("/api/projects/import?meeting=both", json={**file, "name": "Much made", "makes": many})
        self.assertEqual((large.status_code, large.json["makes"]), (201, 420))
        again = other.http.get(f"/api/projects/{large.json['id']}/project.json")
        self.assertGreater(len(again.data), 1_200_000)
        self.assertEqual(other.http.post("/api/projects/import", json=again.json).json["id"], large.json["id"])
        other.http.delete(f"/api/projects/{large.json['id']}")
        # What cannot be read leaves nothing behind.
        spoilt = {**file, "id": "another", "makes": [{"made_on": "2026-01-02", "spec": {"form": "hat"}}]}
        other.refused(other.http.post("/api/projects/import", json=spoilt), 422)
        self.assertEqual(len(other.http.get("/api/projects").json["projects"]), 1)


if __name__ == "__main__":
    unittest.main()
