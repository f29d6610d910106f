"""Decoration asked of the server: ideas for an occasion, letters, and what a new project begins with at this maker's machine."""

from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler

from .test_api import Client


class Decorations(Client):
    def spec(self, form="boxed-bag", **more):
        return {**starting_spec(CATALOGUE[form], Ruler("cm"), None), **more}

    def ideas(self, occasion="gift", **more):
        return self.http.post("/api/decorations", json={"spec": self.spec(**more), "occasion": occasion})

    def test_each_idea_can_be_taken_as_it_is_told(self):
        for idea in self.ideas().get_json()["ideas"]:
            if idea["part"]:
                drafted = self.http.post("/api/drafts", json=self.spec(parts=[idea["part"]]))
                self.assertEqual(drafted.status_code, 200)
                self.assertTrue(idea["adds"] and idea["title"] and idea["why"])

    def test_what_does_not_suit_says_why_and_an_occasion_nobody_knows_is_refused(self):
        hot = self.ideas("feast", form="dart-bowl", options={"use": "microwave"}).get_json()["ideas"]
        foil = next(idea for idea in hot if "foil" in idea["title"])
        self.assertTrue(any("sparks" in text for text in foil["against"]))
        self.refused(self.ideas("doomsday"), 422, "occasion")
        self.refused(
            self.http.post("/api/decorations", json={"spec": {"form": "hat"}, "occasion": "gift"}), 422, "form"
        )

    def test_letters_that_cannot_be_drawn_are_refused_by_name(self):
        spec = self.spec(parts=[{"kind": "motif", "figure": "initial", "letters": "a b"}])
        self.refused(self.http.post("/api/drafts", json=spec), 422, "parts.0.letters")

    def test_what_lies_still_makes_it_later_than_its_steps_take(self):
        plain, painted = (
            self.http.post("/api/drafts", json=self.spec(parts=parts)).get_json()
            for parts in ([], [{"kind": "motif", "work": "paint"}])
        )
        minutes = [round(sum(step["minutes"] for step in draft["steps"])) for draft in (plain, painted)]
        self.assertEqual(plain["elapsed"], minutes[0])
        self.assertGreater(painted["elapsed"], minutes[1] + 30)

    def test_the_pictures_come_with_one_thing_to_do_after_the_other(self):
        pictures = self.http.post("/api/pictures", json={"spec": self.spec()}).get_json()["pictures"]
        steps = {s["id"]: s for s in self.http.post("/api/drafts", json=self.spec()).get_json()["steps"]}
        for picture in pictures:
            said = " ".join(line["text"] for line in steps[picture["step"]]["lines"])
            self.assertTrue(picture["actions"])
            for thing in picture["actions"]:
                if ";" not in said:
                    self.assertIn(thing, said)


class Begun(Client):
    def test_a_new_project_is_put_in_the_order_the_machine_can_sew(self):
        body = self.http.get("/api/settings").get_json()
        kept = {**body, "schools": {"top": "plain"}, "machine": {**body["machine"], "free_arm": "90 cm"}}
        self.assertEqual(self.http.put("/api/settings", json=kept).status_code, 200)
        for form in ("boxed-bag", "neck-bag"):
            begun = self.http.post("/api/projects", json={"form": form, "preset": "bottle"}).get_json()
            self.assertEqual(begun["spec"]["options"].get("hem_order"), "before")

    def test_a_pace_of_one_thing_at_a_time_is_kept(self):
        body = self.http.get("/api/settings").get_json()
        self.assertEqual(self.http.put("/api/settings", json={**body, "pace": "single"}).status_code, 200)
        self.assertEqual(self.http.get("/api/settings").get_json()["pace"], "single")
