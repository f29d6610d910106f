"""The outline of what a form carries, against every side held against every other."""

import math
import random
import unittest

from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler

from ..makes import makes
from .node import Node

SCRIPT = """
import readline from "node:readline";
import { rimOf } from "./module.mjs";
for await (const line of readline.createInterface({ input: process.stdin })) {
  const carried = JSON.parse(line);
  const first = rimOf(carried);
  console.log(JSON.stringify({ rim: first, once: rimOf(carried) === first }));
}
"""
SAME = 0.4


def rim(loops):
    sides = [(a, b) for loop in loops for a, b in zip(loop, [*loop[1:], loop[0]], strict=True)]
    middles = [[(u + v) / 2 for u, v in zip(a, b, strict=True)] for a, b in sides]
    return [
        [list(a), list(b)]
        for i, (a, b) in enumerate(sides)
        if all(i == j or math.dist(middles[i], other) >= SAME for j, other in enumerate(middles))
    ]


class Rims(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.node = Node("kit/carried.ts", SCRIPT)

    @classmethod
    def tearDownClass(cls):
        cls.node.close()

    def asked(self, loops):
        answer = self.node.ask({"piece": "strap", "cloth": "outer", "loops": loops})
        self.assertTrue(answer["once"])
        return answer["rim"]

    def test_of_a_row_of_parts_the_sides_between_them_are_no_outline(self):
        row = [[[x, 0, 0], [x + 5, 0, 0], [x + 5, 0, 9], [x, 0, 9]] for x in range(-20, 20, 5)]
        self.assertEqual(len(self.asked(row)), 2 * len(row) + 2)
        self.assertEqual(self.asked(row), rim(row))

    def test_parts_anywhere(self):
        dice = random.Random(7)
        for _ in range(30):
            wide = dice.choice((3.0, 400.0))
            loops = [
                [[dice.uniform(-wide, wide) for _ in range(3)] for _ in range(dice.randint(3, 6))] for _ in range(40)
            ]
            self.assertEqual(self.asked(loops), rim(loops))

    def test_what_every_form_carries(self):
        found = 0
        specs = [starting_spec(form, Ruler("cm"), None) for form in CATALOGUE.values()]
        for spec in (*specs, *[spec for _, spec in makes()][::40]):
            for carried in draft_spec(spec).solid.carried:
                if sum(map(len, carried.loops)) > 240:
                    continue
                found += 1
                self.assertEqual(self.asked(carried.loops), rim(carried.loops), (spec["form"], carried.piece))
        self.assertGreater(found, 12)


if __name__ == "__main__":
    unittest.main()
