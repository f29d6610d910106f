"""From where places are measured on the sewn make: from its finished top, and where a piece ends at a seam, from that."""

import unittest

from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.words import Message
from tests.makes import LAYERS, draft_of, makes

WAYS = ("top", "mouth", "rim", "make")


def named(value):
    """Every sentence within a sentence."""
    if isinstance(value, Message):
        yield value.id
        for inner in value.params.values():
            yield from named(inner)
    elif isinstance(value, tuple):
        for inner in value:
            yield from named(inner)


def goes_on(draft, piece):
    """Whether another piece of cloth than its own lining is sewn to the highest edge of a piece, the longest where there are several."""
    heights = {e.key: max(s.at(i / 16)[1] for s in e.path for i in (1, 4, 8, 12, 15)) for e in piece.edges}
    highest = [edge for edge in piece.edges if heights[edge.key] > max(heights.values()) - 0.5]
    upper = max(highest, key=lambda edge: edge.length).key
    cut = {p.id for p in draft.pieces if p.cuts}
    twins = {piece.id, f"{piece.id}-lining", piece.id.removesuffix("-lining")}
    for seam in draft.seams:
        for one, other in ((seam.a, seam.b), (seam.b, seam.a)):
            here = any(use.piece == piece.id and use.key == upper for use in one)
            if here and seam.layers != ("binding",) and ({use.piece for use in other} & cut) - twins:
                return True
    return False


def with_parts():
    for form in CATALOGUE.values():
        ways = [(o.id, way) for o in form.options if o.id in WAYS for way in o.choices] or [("", "")]
        for id, way in ways:
            spec = {**starting_spec(form, Ruler("mm"), None), "layers": LAYERS["lined"]}
            spec["options"] = {**spec["options"], **({id: way} if id else {})}
            for part in ({"kind": "label"}, {"kind": "strap", "sits": "late"}, {"kind": "strap", "sits": "sides"}):
                try:
                    yield f"{form.id} {way} {part}", draft_spec({**spec, "parts": [part]})
                except SpecError:
                    continue


class Below(unittest.TestCase):
    def test_what_lies_on_a_piece_is_measured_from_where_that_ends(self):
        """A cord's collar stands up from the wall: nothing on the wall is so far below the finished top as below the collar's seam."""
        seen = set()
        for name, draft in (*((name, draft_of(spec)) for name, spec in makes()), *with_parts()):
            for piece in draft.pieces:
                said = {id for mark in piece.marks if mark.datum is not None for id in named(mark.datum)}
                with self.subTest(name, piece=piece.id):
                    self.assertNotIn("place.below-top" if goes_on(draft, piece) else "place.below-seam", said)
                seen |= said
            if " {'kind': 'strap', 'sits'" in name:
                wall = draft.pieces[0]
                said = {id for step in draft.steps for line in step.lines for id in named(line.text)}
                with self.subTest(name):
                    self.assertNotIn("place.below-rim" if goes_on(draft, wall) else "place.below-named", said)
                seen |= said
        self.assertLessEqual({f"place.below-{where}" for where in ("top", "seam", "rim", "named")}, seen)


if __name__ == "__main__":
    unittest.main()
