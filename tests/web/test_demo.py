"""The demo workshop is as a maker would have left it."""

import json
import unittest
from importlib.resources import files

from eggtuck.core.forms import draft_spec

WORKSHOP = json.loads((files("eggtuck.demo") / "workshop.json").read_text("utf-8"))


class Workshop(unittest.TestCase):
    def test_steps_are_ticked_in_their_order(self):
        begun = 0
        for project in WORKSHOP["projects"]:
            done = project.get("done") or []
            ids = [step.id for step in draft_spec(project["spec"]).steps]
            self.assertEqual(done, ids[: len(done)], project["name"])
            begun += bool(done)
        self.assertTrue(begun)


if __name__ == "__main__":
    unittest.main()
