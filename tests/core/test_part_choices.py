"""Every choice of a part changes something, or is not asked: tried on makes that have a contrast and on makes that have none."""

import unittest

from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from tests import share
from tests.makes import LAYERS, told

CONTRAST = {"role": "contrast", "material": "quilting-cotton"}


def _spec(form, layers, part):
    spec = starting_spec(CATALOGUE[form], Ruler("mm"), None)
    return {**spec, "layers": layers, "options": {}, "parts": [part]}


def _made(form, layers, part):
    """What is told of a make with this part, and what of it is not asked; None where it is refused by name."""
    try:
        draft = draft_spec(_spec(form, layers, part))
    except SpecError as error:
        assert all(p.field.startswith("parts.0") for p in error.problems), error
        return None
    document = told(draft)
    return {key: document[key] for key in ("steps", "pieces", "needs", "checks")}, draft.idle


class PartChoices(unittest.TestCase):
    def test_what_is_asked_changes_something_and_what_changes_nothing_is_not_asked(self):
        cloths = (("plain", LAYERS["lined"]), ("contrast", [*LAYERS["lined"], CONTRAST]))
        for nth, form in enumerate(("boxed-bag", "book-cover", "tetra")):
            for name, layers in share(cloths, 2, nth):
                for kind in PARTS.values():
                    for choice, choices in kind.choices.items():
                        first, *others = (_made(form, layers, {"kind": kind.id, choice: c}) for c in choices)
                        with self.subTest(form, layers=name, kind=kind.id, choice=choice):
                            if first is None:
                                continue
                            changed = [other is None or other[0] != first[0] for other in others]
                            idle = f"parts.0.{choice}" in first[1]
                            self.assertEqual(any(changed), not idle)


if __name__ == "__main__":
    unittest.main()
