"""Words on a drawn piece: on it, none over others, and left out only where there is no room."""

import random
import unittest

from .node import Node

SCRIPT = """
import readline from "node:readline";
import { boxOfSpot, broken, placedRound } from "./module.mjs";
for await (const line of readline.createInterface({ input: process.stdin })) {
  const { wanted, room, taken, arrows, text, count } = JSON.parse(line);
  if (text !== undefined) { console.log(JSON.stringify(broken(text, count))); continue; }
  const spots = placedRound(wanted, room, taken, arrows ?? []);
  console.log(JSON.stringify({ spots, boxes: spots.map((spot) => spot && boxOfSpot(spot)) }));
}
"""
TEXTS = ("up", "tie", "leave open 7 cm", "mouth this way", "leave open 4,5 cm, on that panel too", "motif here")


def box(x0, y0, x1, y1):
    return {"x0": x0, "y0": y0, "x1": x1, "y1": y1}


def overlap(a, b):
    wide, high = (min(a[f"{k}1"], b[f"{k}1"]) - max(a[f"{k}0"], b[f"{k}0"]) for k in "xy")
    return min(wide, high)


class Placing(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.node = Node("kit/placing.ts", SCRIPT)

    @classmethod
    def tearDownClass(cls):
        cls.node.close()

    def tried(self, dice):
        """A piece with its letter in the middle, and marks about it."""
        wide, high = dice.uniform(95, 420), dice.uniform(135, 520)
        room = box(40, 60, 40 + wide, 60 + high)
        middle = 40 + wide / 2
        taken = [box(middle - 20, 60 + high * 0.4, middle + 20, 60 + high * 0.4 + 60)]
        wanted = []
        for text in dice.sample(TEXTS, dice.randint(1, 4)):
            ends = []
            for _ in range(dice.choice((1, 1, 2))):
                x, y = dice.uniform(45, 35 + wide), dice.uniform(65, 55 + high)
                long = dice.uniform(10, 120)
                ends.append([x, y, x + long, y] if dice.random() < 0.5 else [x, y, x, y - long])
            zone = box(middle - 30, 80, middle + 30, 140) if text == "motif here" else None
            wanted.append({"text": text, "ends": ends, "zone": zone})
        return {"wanted": wanted, "room": room, "taken": taken}

    def test_words_stand_on_the_piece_and_none_over_others(self):
        dice, stood, left_out = random.Random(4), 0, 0
        for _ in range(400):
            asked = self.tried(dice)
            answer = self.node.ask(asked)
            boxes = [one for one in answer["boxes"] if one]
            left_out += len(answer["boxes"]) - len(boxes)
            stood += len(boxes)
            for i, one in enumerate(boxes):
                for other in (*boxes[i + 1 :], *asked["taken"]):
                    self.assertLessEqual(overlap(one, other), 1.6, asked)
                room = asked["room"]
                self.assertGreaterEqual(min(one["x0"] - room["x0"], one["y0"] - room["y0"]), -1.6)
                self.assertGreaterEqual(min(room["x1"] - one["x1"], room["y1"] - one["y1"]), -1.6)
            for wanted, spot in zip(asked["wanted"], answer["spots"], strict=True):
                if spot:
                    self.assertEqual(" ".join(spot["lines"]), wanted["text"])
        self.assertGreater(stood, 10 * left_out)

    def test_words_stand_across_an_arrow_only_where_they_have_no_other_place(self):
        dice, seen = random.Random(7), set()
        for _ in range(400):
            asked = self.tried(dice)
            x, y = dice.uniform(60, 200), dice.uniform(80, 200)
            arrow = box(x, y, x + 8, y + dice.uniform(10, 120))
            answer = self.node.ask({**asked, "arrows": [arrow]})
            boxes = [one for one in answer["boxes"] if one]
            for i, one in enumerate(boxes):
                for other in (*boxes[i + 1 :], *asked["taken"]):
                    self.assertLessEqual(overlap(one, other), 1.6, asked)
                if overlap(one, arrow) <= 1.6:
                    continue
                # Beside what stands clear of it no place was left for these.
                apart = [other for other in boxes if overlap(other, arrow) <= 1.6]
                alone = {**asked, "wanted": [asked["wanted"][answer["boxes"].index(one)]]}
                (spot,) = self.node.ask({**alone, "taken": [*asked["taken"], *apart, arrow]})["spots"]
                self.assertIsNone(spot, asked)
                seen.add("across")
            without = sum(one is not None for one in self.node.ask(asked)["boxes"])
            seen.add("moved" if len(boxes) == without else "other")
        self.assertTrue({"across", "moved"} <= seen)

    def test_alone_on_a_large_piece_words_stand_by_their_mark(self):
        room = box(0, 0, 600, 600)
        for ends in ([100, 300, 220, 300], [300, 400, 300, 250], [20, 580, 140, 580]):
            for text in TEXTS:
                answer = self.node.ask(
                    {"wanted": [{"text": text, "ends": [ends], "zone": None}], "room": room, "taken": []}
                )
                (spot,) = answer["spots"]
                with self.subTest(f"{text} {ends}"):
                    near = abs(spot["y"] - (ends[1] + ends[3]) / 2) + abs(spot["x"] - (ends[0] + ends[2]) / 2)
                    self.assertLess(near, 60 + 6.4 * len(text))

    def test_the_other_of_two_marks_that_say_the_same_carries_the_words_where_the_first_has_no_room(self):
        room, text = box(0, 0, 300, 200), "leave open 7 cm"
        ends = [[10, 20, 10, 180], [290, 20, 290, 180]]
        full = [box(0, 0, 180, 200)]
        (spot,) = self.node.ask({"wanted": [{"text": text, "ends": ends, "zone": None}], "room": room, "taken": full})[
            "spots"
        ]
        self.assertGreater(spot["x"], 180)
        everything = {"wanted": [{"text": text, "ends": ends, "zone": None}], "room": room, "taken": [room]}
        self.assertEqual(self.node.ask(everything)["spots"], [None])

    def test_lines_are_as_even_as_words_are(self):
        for text in TEXTS:
            for count in (1, 2, 3):
                lines = self.node.ask({"text": text, "count": count})
                self.assertEqual(" ".join(lines), text)
                self.assertLessEqual(len(lines), count)
        self.assertEqual(self.node.ask({"text": "leave open 5 cm", "count": 2}), ["leave open", "5 cm"])


if __name__ == "__main__":
    unittest.main()
