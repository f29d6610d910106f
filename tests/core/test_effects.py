"""What is asked of a maker makes a difference, and what makes none is not asked."""

import copy
import json
import unittest

from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE
from eggtuck.core.pattern import SpecError
from tests import share
from tests.makes import draft_of, makes, told

# What a maker reads, cuts, buys or sews. Not how a sum comes to the same, nor what a button would set besides.
MADE = ("finished", "pieces", "seams", "hems", "gaps", "needs", "lays", "sections", "backings", "checks", "steps")


def made(spec):
    """What comes of a spec, and what makes no difference there. Raises `SpecError`."""
    draft = draft_of(spec)
    document = told(draft)
    for check in document["checks"]:
        check.pop("fix")
    return json.dumps([document[name] for name in MADE]), draft.idle


def others(spec, now, choices, with_):
    """The same with each of the other choices, where that can be made."""
    for choice in choices:
        if choice != now:
            try:
                yield choice, *made(with_(spec, choice))
            except SpecError:
                continue


class Effects(unittest.TestCase):
    def differs(self, name, asked, spec, now, choices, with_):
        """``asked`` changes something of the make, or is not asked; what is not asked under either choice changes nothing."""
        this, idle = made(spec)
        found = list(others(spec, now, choices, with_))
        if asked in idle:
            for choice, that, also in found:
                self.assertFalse(asked in also and this != that, f"{name}: {asked} {now} or {choice} is not asked")
        elif found:
            self.assertTrue(any(this != that for _, that, _ in found), f"{name}: {asked} {now} is asked for nothing")

    def test_of_the_choices_of_every_form(self):
        for name, spec in share(makes(), 12):
            form, chosen = CATALOGUE[spec["form"]], draft_of(spec).spec["options"]
            asked = [o for o in form.options if all(chosen.get(f.split(".")[1]) in v for f, v in o.when.items())]
            for option in share(asked, 6, len(name)):

                def choosing(spec, choice, id=option.id):
                    return {**spec, "options": {**spec["options"], id: choice}}

                self.differs(name, option.id, spec, chosen[option.id], option.choices, choosing)

    def test_of_the_choices_of_what_it_carries(self):
        for name, spec in share([one for one in makes() if one[1].get("parts")], 4):
            for nth, part in enumerate(spec["parts"]):
                for id, choices in share(PARTS[part["kind"]].choices.items(), 3, len(name)):

                    def choosing(spec, choice, nth=nth, id=id):
                        parts = copy.deepcopy(spec["parts"])
                        parts[nth][id] = choice
                        return {**spec, "parts": parts}

                    now = part.get(id, choices[0])
                    self.differs(name, f"parts.{nth}.{id}", spec, now, choices, choosing)


if __name__ == "__main__":
    unittest.main()
