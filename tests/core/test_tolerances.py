"""Which way each size may be off when it is made: told in a word, true of how it is rounded and of what is checked."""

import unittest

from eggtuck.core.fit.measured import difference_message
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.words import Speaker
from tests import share
from tests.makes import document_of, draft_of, makes

WORDS = {"at-least": "at least", "at-most": "at most", "matched-pair": "matched pair", "either-way": "forgiving"}
# What is there before anything is made: it is as it is.
MEASURED = {
    "object.girth", "object.height", "size.zip_width", "size.tape_width", "size.frame_length", "size.frame_depth",
    "size.board_width", "size.board_height", "size.spine", "size.pen_girth", "size.neck_girth", "size.darts", "size.rows",
}  # fmt: skip


class Tolerances(unittest.TestCase):
    def test_every_size_that_is_made_has_one_and_nothing_that_is_measured(self):
        tried = set()
        for name, spec in share(makes(), 3):
            for state in draft_of(spec).inputs:
                made = (
                    state.field.startswith(("size.", "ease.")) and state.field not in MEASURED and state.of == "length"
                )
                with self.subTest(name, field=state.field):
                    if state.field in MEASURED or state.field.startswith(("object.", "allowance.")):
                        self.assertIsNone(state.tolerance)
                    elif made and not state.field.startswith(("size.base_diameter", "size.object", "size.neck")):
                        self.assertIn(state.tolerance, WORDS)
                tried.add(state.tolerance)
        self.assertEqual(tried, {None, *WORDS})

    def test_the_field_and_the_sum_of_a_finished_size_say_the_same(self):
        told = 0
        for _, spec in share(makes(), 9):
            document = document_of(spec)
            inputs = {one["field"]: one["tolerance"] for one in document["inputs"]}
            for name, way in draft_of(spec).tolerances.items():
                sum_ = document["sums"].get(f"finished.{name}")
                if sum_ is not None:
                    self.assertEqual(sum_["tolerance"]["short"], WORDS[way])
                    told += 1
                    if inputs.get(f"size.{name}") is not None:
                        self.assertEqual(inputs[f"size.{name}"], sum_["tolerance"])
            for name, sum_ in document["sums"].items():
                if not name.startswith("finished."):
                    # What is cut is as its finished size is told.
                    self.assertEqual(sum_["tolerance"] is not None, name in draft_of(spec).tolerances)
        self.assertGreater(told, 40)

    def test_what_is_at_least_is_never_rounded_down_and_what_is_at_most_never_up(self):
        """Of what is proposed, on a coarse ruler: what the marks add to a sum, or take off it."""
        tried = 0
        for name, spec in share(makes(), 4):
            try:
                draft = draft_spec({**spec, "rounding": "1/4 in" if spec["unit"] == "in" else "5 mm"})
            except SpecError:
                continue
            typed = {state.field for state in draft.inputs if state.given}
            for size, way in draft.tolerances.items():
                sum_ = draft.sums.get(f"finished.{size}")
                if sum_ is None or f"size.{size}" in typed or way not in ("at-least", "at-most"):
                    continue
                if size == "girth" and "size.base_diameter" in typed:
                    # It follows the base that is told, as near as the ruler allows.
                    continue
                moved = sum(line.amount for line in sum_.lines if line.label.id == "sum.rounding-gain")
                tried += moved != 0
                with self.subTest(name, size=size):
                    self.assertGreaterEqual(moved if way == "at-least" else -moved, -1e-6)
        self.assertGreater(tried, 20)

    def test_the_forgiving_sizes_makers_speak_of(self):
        for form, name in (("sleeve", "length"), ("dart-bowl", "dart_length"), ("round-pouch", "diameter")):
            spec = starting_spec(CATALOGUE[form], Ruler("cm"), None)
            self.assertEqual(draft_spec(spec).tolerances[name], "either-way", form)

    def test_what_came_out_otherwise_is_judged_by_its_direction(self):
        told = {
            ("at-least", 280.0): "see whether it still goes round",
            ("at-least", 320.0): "at least that, and is",
            ("at-most", 280.0): "at most that, and is",
            ("at-most", 320.0): "see whether it still passes",
            ("matched-pair", 320.0): "matched pair",
            ("either-way", 320.0): "forgiving",
        }
        speaker = Speaker(Ruler("cm"))
        for (way, measured), words in told.items():
            text = speaker.say(difference_message("wall_height", 300.0, measured, 2, way))
            self.assertIn("2 cm", text)
            self.assertIn(words, text)
            self.assertNotIn(words, speaker.say(difference_message("wall_height", 300.0, 300.5, 2, way)))


if __name__ == "__main__":
    unittest.main()
