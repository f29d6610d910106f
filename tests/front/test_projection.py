"""Which parts of a form are drawn behind what is in it, against where the eye is."""

import math
import unittest

from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler

from .node import Node

SCRIPT = """
import readline from "node:readline";
import { behind, looking, project } from "./module.mjs";
for await (const line of readline.createInterface({ input: process.stdin })) {
  const { parts, points } = JSON.parse(line);
  const looks = looking(parts);
  const hides = behind(parts, looks);
  console.log(JSON.stringify({ looks, hidden: points.map((point) => hides([point])), seen: points.map(project) }));
}
"""


class Projection(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.node = Node("kit/projection.ts", SCRIPT)

    @classmethod
    def tearDownClass(cls):
        cls.node.close()

    def test_of_a_box_three_sides_look_away(self):
        corners = [(x, y, z) for x in (-1, 1) for y in (-1, 1) for z in (-1, 1)]
        sides = []
        for axis in range(3):
            for end in (-1, 1):
                four = [c for c in corners if c[axis] == end]
                others = [i for i in range(3) if i != axis]
                four.sort(key=lambda c, o=others: math.atan2(c[o[1]], c[o[0]]))
                sides.append(four)
        looks = self.node.ask({"parts": sides, "points": []})["looks"]
        # Left, right, front, back, below, above: seen from the front right, from above.
        self.assertEqual(looks, [-1, 1, 1, -1, -1, 1])
        # Whichever way a side is written, it looks the same way.
        turned = [side[::-1] for side in sides]
        self.assertEqual(self.node.ask({"parts": turned, "points": []})["looks"], looks)

    def test_what_is_flat_hides_what_lies_on_its_far_side_and_nothing_else(self):
        sheet = [[(-100, 0, 0), (100, 0, 0), (100, 0, 60), (-100, 0, 60)]]
        points = [(x, y, z) for x in (-90, 0, 90) for z in (5, 55) for y in (-0.5, 0.5)]
        answer = self.node.ask({"parts": sheet, "points": points})
        self.assertEqual(answer["looks"], [0])
        self.assertEqual(answer["hidden"], [y > 0 for _, y, _ in points])

    def test_of_every_form_what_looks_away_lies_behind_on_the_whole(self):
        for form in CATALOGUE.values():
            draft = draft_spec(starting_spec(form, Ruler("cm"), None))
            parts = [list(facet.space) for facet in draft.solid.facets]
            middles = [[sum(p[k] for p in part) / len(part) for k in range(3)] for part in parts]
            answer = self.node.ask({"parts": parts, "points": middles})
            by = {
                look: [at[2] for at, own in zip(answer["seen"], answer["looks"], strict=True) if own == look]
                for look in (-1, 1)
            }
            if by[-1] and by[1]:
                self.assertGreater(sum(by[-1]) / len(by[-1]), sum(by[1]) / len(by[1]), form.id)
