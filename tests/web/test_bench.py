"""The maker's machine, kept and asked for."""

from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler

from .test_api import Client


class Machine(Client):
    def told(self, **machine):
        body = self.http.get("/api/settings").get_json()
        return self.http.put("/api/settings", json={**body, "machine": {**body["machine"], **machine}})

    def asked(self, form="tetra"):
        return self.http.post("/api/bench", json=starting_spec(CATALOGUE[form], Ruler("cm"), None)).get_json()

    def test_what_is_told_is_kept_and_held_against_a_make(self):
        self.assertEqual({tool["here"] for tool in self.asked()["tools"]}, {None})
        self.assertEqual(self.told(feet=["standard"], tools=[], foot_edge="1 cm", stack="9 mm").status_code, 200)
        shown = self.asked()
        self.assertEqual({tool["id"] for tool in shown["tools"] if tool["here"]}, {"standard"})
        self.assertIn("right edge of the foot", shown["guides"][0]["text"])
        self.assertEqual([check["id"] for check in shown["checks"]], ["machine.stack"])
        self.assertIn("9 mm", shown["checks"][0]["message"])

    def test_what_is_no_length_is_refused_by_name_and_nothing_kept_is_lost(self):
        self.told(foot_edge="7 mm")
        self.refused(self.told(foot_edge="about so"), 422, "machine.foot_edge")
        self.refused(self.told(free_arm="3 m"), 422, "machine.free_arm")
        self.refused(self.told(feet="zip"), 422)
        self.assertEqual(self.http.get("/api/settings").get_json()["machine"]["foot_edge"], "7 mm")

    def test_a_hand_is_measured_and_what_is_told_by_it_follows(self):
        self.assertEqual(self.asked()["gauges"], [])
        self.assertEqual(self.told(finger="1,7 cm", fist="8,8 cm").status_code, 200)
        gauges = self.asked()["gauges"]
        self.assertEqual(len(gauges), 2)
        self.assertTrue(all("Your fist" in gauge["text"] and "8.8 cm" in gauge["text"] for gauge in gauges))
        self.refused(self.told(finger="9 cm"), 422, "machine.finger")
        self.refused(self.told(fist="huge"), 422, "machine.fist")
        self.assertEqual(self.http.get("/api/settings").get_json()["machine"]["finger"], "1,7 cm")

    def test_a_machine_that_was_kept_before_hands_were_measured_is_still_read(self):
        body = self.http.get("/api/settings").get_json()
        old = {name: value for name, value in body["machine"].items() if name not in ("finger", "fist")}
        self.assertEqual(
            self.http.put("/api/settings", json={**body, "machine": {**old, "stack": "9 mm"}}).status_code, 200
        )
        kept = self.http.get("/api/settings").get_json()["machine"]
        self.assertEqual((kept["stack"], kept["finger"], kept["fist"]), ("9 mm", "", ""))

    def test_every_tool_is_listed_with_its_job(self):
        tools = self.http.get("/api/bench/tools").get_json()["tools"]
        self.assertEqual(len({(tool["foot"], tool["id"]) for tool in tools}), len(tools))
        self.assertTrue(all(tool["job"] and tool["instead"] and tool["lost"] for tool in tools))
