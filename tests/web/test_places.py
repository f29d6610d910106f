"""Where a part lies when it has been moved, asked of the server."""

from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler, read_length

from .test_api import Client


class Places(Client):
    def ask(self, **body):
        spec = {**starting_spec(CATALOGUE["boxed-bag"], Ruler("in"), None), "parts": [{"kind": "snap"}]}
        return self.http.post("/api/parts/places", json={"spec": spec, "part": 0, "right": 0, "up": 0, **body})

    def test_the_fields_of_the_place_come_back_on_the_ruler(self):
        fields = self.ask(right=13.0, up=-20.0).get_json()["fields"]
        self.assertEqual(set(fields), {"parts.0.from_side", "parts.0.from_top"})
        self.assertTrue(all(text.endswith(" in") for text in fields.values()), fields)
        self.assertEqual(self.ask().get_json()["fields"], {})

    def test_a_mark_is_one_of_the_ruler(self):
        near, far = (self.ask(up=-n, marks=True).get_json()["fields"]["parts.0.from_top"] for n in (1, 3))
        down = [read_length(text, "in").mm for text in (near, far)]
        # This make is cut on eighths.
        self.assertAlmostEqual(down[1] - down[0], 2 * 25.4 / 8)

    def test_what_is_not_there_cannot_be_moved(self):
        self.refused(self.ask(part=3), 422)
        self.refused(self.ask(nth=2), 422)
        self.refused(self.ask(nth=-1), 422)
        self.refused(self.ask(right="much"), 422, "right")
        self.refused(self.ask(right=float("1e400")), 422)
