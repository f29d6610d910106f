"""Every choice of a part changes something, or is not asked: tried on makes that have a contrast and on makes that have none."""

import unittest

from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.plane import bounds
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

    def test_what_is_entered_goes_to_where_it_says(self):
        """Held against the marks: the box of what has an outline, the middle of what is set or caught by its middle."""
        seen = set()
        for kind in PARTS.values():
            down = next((x for x in kind.lengths if x.name == "from_top"), None)
            for choice, way in [("sewn", x) for x in kind.choices["sewn"]] if "sewn" in kind.choices else [("", "")]:
                if down is None:
                    continue
                told_of = {"kind": kind.id, "from_top": "63 mm", "from_side": "37 mm", choice: way}
                part = {name: value for name, value in told_of.items() if name in _names(kind)}
                draft = draft_spec(_spec("boxed-bag", [{"role": "outer", "material": "linen"}], part))
                piece = next(p for p in draft.pieces if p.id == "body")
                # What lies on it begins at its part of the wall, below what is turned in.
                x0, _, _, y1 = piece.stitch_box
                marks = [mark for mark in piece.marks if mark.part == f"{kind.id}-1" and mark.kind != "figure"]
                boxes = [bounds(mark.path) if mark.path else (*mark.point, *mark.point) for mark in marks]
                with self.subTest(kind=kind.id, way=way):
                    self.assertTrue(boxes or kind.id == "adjustable-strap")
                    for _, low, _, high in boxes:
                        to = down.to if down.to != "either" else {"flat": "", "in-seam": "middle"}[way]
                        rim = _across(kind) / 2
                        found = {"": high, "end": low, "middle": (low + high) / 2, "rim": (low + high) / 2 + rim}[to]
                        self.assertAlmostEqual(y1 - found, 63, 6)
                        seen.add(to)
                    if "from_side" in part and way != "in-seam":
                        self.assertAlmostEqual(
                            boxes[0][0] - x0 if to != "rim" else sum(boxes[0][::2]) / 2 - x0 - rim, 37, 6
                        )
        self.assertEqual(seen, {"", "end", "middle", "rim"})


def _names(kind):
    return {"kind", *(length.name for length in kind.lengths), *kind.choices}


def _across(kind):
    """What is round is so wide where nobody told it."""
    return next((length.usual for length in kind.lengths if length.name == "across"), 0.0)


if __name__ == "__main__":
    unittest.main()
