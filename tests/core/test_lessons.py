"""Hand stitches as they are drawn: told in three, drawn up at the end, and asked for by the steps that are sewn by hand."""

import unittest

from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern.picture import Cloth, Line
from eggtuck.core.showing.lessons import LESSONS
from eggtuck.core.words import Speaker
from tests import share
from tests.makes import draft_of, makes, said_of, words_of

NAMED = {"backstitch": "back", "running stitch": "running", "ladder stitch": "ladder", "slip stitch": "slip"}


class Lessons(unittest.TestCase):
    def test_each_is_told_and_drawn_in_three(self):
        speaker = Speaker(Ruler())
        for lesson in LESSONS:
            with self.subTest(lesson.id):
                self.assertEqual(len(lesson.frames), 3)
                self.assertEqual(len({speaker.say(frame.caption) for frame in lesson.frames}), 3)
                self.assertTrue(speaker.say(lesson.name) and speaker.say(lesson.use))
                for frame in lesson.frames:
                    self.assertTrue([item for item in frame.items if isinstance(item, Cloth)])
                self.assertTrue(
                    [item for item in lesson.frames[2].items if isinstance(item, Line) and item.kind == "sew"]
                )

    def test_a_ladder_crosses_straight_and_is_not_seen_when_it_is_drawn_up(self):
        ladder = next(lesson for lesson in LESSONS if lesson.id == "ladder")
        loose, drawn = ([i for i in f.items if isinstance(i, Line) and i.kind == "sew"] for f in ladder.frames[1:])
        for line in loose:
            (ax, ay), (bx, by) = line.path
            # Across in sight, along out of sight.
            self.assertTrue((ax == bx) if not line.hidden else (ay == by))
        self.assertTrue([line for line in loose if not line.hidden])
        self.assertTrue(all(line.hidden for line in drawn))

    def test_what_is_sewn_by_hand_says_in_which_stitches(self):
        known = {lesson.id for lesson in LESSONS}
        seen = 0
        for name, spec in share(makes(), 3):
            for step in draft_of(spec).steps:
                with self.subTest(name, step=step.id):
                    self.assertLessEqual(set(step.stitches), known)
                    self.assertLessEqual(bool(step.stitches), step.hand)
                    if spec["options"].get("sewn_by") == "hand":
                        # A few stitches on the spot, and a stitch that its own sentence tells, need no teaching.
                        text = words_of(next(told for told in said_of(spec)["steps"] if told["id"] == step.id))
                        for named, stitch in NAMED.items():
                            if named in text:
                                self.assertIn(stitch, step.stitches)
                    else:
                        self.assertEqual(step.hand, bool(step.stitches))
                    seen += step.hand
        self.assertGreater(seen, 30)


if __name__ == "__main__":
    unittest.main()
