"""What a check offers: its button removes the cause and makes nothing worse. And what a form asks: every choice makes a difference."""

import json
import unittest

from eggtuck.core.forms import CATALOGUE
from eggtuck.core.pattern import SpecError
from tests.makes import document_of, makes, mended, odd_makes

ORDER = ("ok", "note", "warn", "stop")


class Fixes(unittest.TestCase):
    def test_a_button_removes_its_cause_and_makes_nothing_worse(self):
        """Once for each button of each form, on makes with one size, ease or allowance out of the ordinary."""
        pressed = set()
        for name, spec in (*makes(), *odd_makes(3)):
            before = {check["id"]: check for check in document_of(spec)["checks"]}
            for id, check in before.items():
                if check["fix"] is None or (spec["form"], id, check["verdict"], check["title"]) in pressed:
                    continue
                pressed.add((spec["form"], id, check["verdict"], check["title"]))
                with self.subTest(make=name, check=id, fix=check["fix"]["set"]):
                    changed = mended(spec, check["fix"])
                    self.assertNotEqual(changed, spec)
                    after = {c["id"]: c["verdict"] for c in document_of(changed)["checks"]}
                    # A stop may leave something to note; nothing else is left.
                    left = ("ok", "note") if check["verdict"] == "stop" else ("ok",)
                    self.assertIn(after.get(id, "ok"), left)
                    for other, verdict in after.items():
                        was = before[other]["verdict"] if other in before else "ok"
                        if verdict in ("warn", "stop"):
                            self.assertLessEqual(ORDER.index(verdict), ORDER.index(was), other)
        self.assertGreater(len(pressed), 60)


class Choices(unittest.TestCase):
    def test_every_choice_that_is_asked_makes_a_difference_or_is_said_not_to(self):
        differs: dict[tuple[str, str, str], bool] = {}
        for _, spec in makes():
            if spec["rounding"] != "1 mm":
                continue
            form, document = CATALOGUE[spec["form"]], document_of(spec)
            chosen = document["spec"]["options"]
            for option in form.options:
                asked = all(chosen.get(field.split(".")[1]) in values for field, values in option.when.items())
                if not asked or option.id in document["idle"]:
                    continue
                first = made(spec, option.id, option.choices[0])
                for choice in option.choices[1:]:
                    key = form.id, option.id, choice
                    if not differs.get(key):
                        differs[key] = made(spec, option.id, choice) != first
        self.assertEqual([key for key, found in differs.items() if not found], [])
        self.assertGreater(len(differs), 60)


def made(spec, option, choice):
    """What is cut, sewn, bought and told with an option chosen; None where it is refused."""
    try:
        document = document_of({**spec, "options": {**spec["options"], option: choice}})
    except SpecError:
        return None
    keys = ("pieces", "seams", "steps", "needs", "checks", "gaps")
    return json.dumps([document[key] for key in keys], default=str)


if __name__ == "__main__":
    unittest.main()
