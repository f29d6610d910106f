"""What each choice of an option would change, told before it is made."""

import re
import unittest

from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lay.changes import changes
from eggtuck.core.lengths import Ruler
from tests import share
from tests.makes import draft_of

from .test_api import Client


class Choices(Client):
    def spec(self, form="boxed-bag", **options):
        return {**starting_spec(CATALOGUE[form], Ruler("cm"), None), "options": options}

    def asked(self, spec, option):
        answer = self.http.post("/api/choices", json={"spec": spec, "option": option})
        self.assertEqual(answer.status_code, 200, answer.text)
        return {choice["id"]: choice for choice in answer.json["choices"]}

    def test_each_choice_tells_pieces_cloth_notions_and_minutes(self):
        told = self.asked(self.spec(tie="none"), "tie")
        self.assertEqual(told["none"]["changes"], ["the same pieces, cloth and time"])
        self.assertTrue(any("ribbon" in text for text in told["loose"]["changes"]))
        told = self.asked(self.spec(), "cut")
        self.assertTrue(any("pieces fewer" in text for text in told["side-fold"]["changes"]))

    def test_what_is_told_is_what_comes_of_it(self):
        """For every option of every form: pieces, seams and minutes of the make with that choice differ by what was told."""
        for form in CATALOGUE.values():
            spec = self.spec(form.id)
            now = draft_of(spec)
            for option in share(form.options, 3, form.place):
                for id, choice in self.asked(spec, option.id).items():
                    if choice["refused"]:
                        continue
                    then = draft_of({**spec, "options": {option.id: id}})
                    for word, count in (
                        ("piece", lambda d: sum(c.count for p in d.pieces for c in p.cuts)),
                        ("seam", lambda d: d.seams_sewn),
                        ("minute", lambda d: round(sum(step.minutes for step in d.steps))),
                    ):
                        found = [re.match(rf"(\d+) {word}s? (more|less|fewer)$", text) for text in choice["changes"]]
                        said = sum(int(m[1]) * (1 if m[2] == "more" else -1) for m in found if m)
                        self.assertEqual(
                            said, count(then) - count(now), (form.id, option.id, id, word, choice["changes"])
                        )

    def test_there_and_back_again_cancels(self):
        one, other = draft_of(self.spec(tie="none")), draft_of(self.spec(tie="caught"))
        there, back = list(changes(one, other)), list(changes(other, one))
        self.assertEqual({m.id for m in there} & {"changes.new"}, {"changes.new"})
        self.assertIn("changes.gone", {m.id for m in back})
        self.assertEqual(list(changes(one, one)), [])

    def test_an_option_the_form_does_not_have_is_refused_by_name(self):
        answer = self.http.post("/api/choices", json={"spec": self.spec(), "option": "sparkle"})
        self.assertEqual(answer.status_code, 422)
        self.assertIn("cut", answer.text)

    def test_a_choice_that_cannot_be_had_says_why(self):
        spec = {**self.spec(tie="none"), "size": {"girth": "30", "wall_height": "10", "cuff_depth": "9"}}
        told = self.asked(spec, "top")
        self.assertTrue(told["cuff-out"]["refused"])
        self.assertTrue(told["cuff-out"]["changes"])


if __name__ == "__main__":
    unittest.main()
