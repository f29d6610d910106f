"""Pictures of steps, asked of the server."""

from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler

from .test_api import Client


class Pictures(Client):
    def ask(self, **body):
        spec = {**starting_spec(CATALOGUE["tetra"], Ruler("cm"), None)}
        return self.http.post("/api/pictures", json={"spec": spec, **body})

    def test_all_of_them_come_in_their_order_and_some_when_asked(self):
        pictures = self.ask().get_json()["pictures"]
        spec = starting_spec(CATALOGUE["tetra"], Ruler("cm"), None)
        steps = self.http.post("/api/drafts", json=spec).get_json()["steps"]
        self.assertEqual([p["step"] for p in pictures], [s["id"] for s in steps])
        some = self.ask(steps=["turn", "cut"]).get_json()["pictures"]
        self.assertEqual(some, [p for p in pictures if p["step"] in ("turn", "cut")])

    def test_everything_drawn_lies_in_its_box(self):
        for picture in self.ask().get_json()["pictures"]:
            for frame in picture["frames"]:
                left, low, right, high = frame["box"]
                for item in frame["items"]:
                    points = item.get("outline") or item.get("path") or [item["at"]]
                    for x, y in points:
                        self.assertTrue(left <= x <= right and low <= y <= high, (picture["step"], item))

    def test_lengths_are_said_on_the_ruler(self):
        said = [item["text"] for p in self.ask().get_json()["pictures"] for f in p["frames"] for item in f["items"] if item["item"] == "note"]  # fmt: skip
        self.assertTrue([text for text in said if text.endswith("cm")], said)

    def test_a_step_that_is_not_there_has_no_picture_and_a_bad_spec_is_refused(self):
        self.assertEqual(self.ask(steps=["sweep"]).get_json()["pictures"], [])
        self.refused(self.ask(steps="turn"), 422, "steps")
        self.refused(self.http.post("/api/pictures", json={"spec": {"form": "hat"}}), 422, "form")
