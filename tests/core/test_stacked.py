"""Pockets on one another: the wide one first, the narrow one on it, marked on it and told with what it parts."""

import unittest

from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.forms import draft_spec
from eggtuck.core.pattern.document import draft_document
from tests.core.test_parts import carrying
from tests.literal import complaints, lines_of
from tests.solids import checks

WIDE = {"kind": "slip-pocket", "width": 160, "height": 120, "from_top": 40, "from_side": 60}


def narrow(**more):
    return {"kind": "patch-pocket", "width": 90, "height": 70, "from_top": 70, "from_side": 80, **more}


class Stacked(unittest.TestCase):
    def test_it_is_sewn_on_the_other_after_that(self):
        document = draft_document(draft_spec(carrying(WIDE, narrow())))
        self.assertEqual(complaints(document), [])
        order = [step["id"] for step in document["steps"]]
        self.assertLess(order.index("slip-pocket-1"), order.index("patch-pocket-2"))
        text = " ".join(lines_of(next(step for step in document["steps"] if step["id"] == "patch-pocket-2")))
        self.assertIn("3 cm below its upper edge and 2 cm from its left side", text.replace("30 mm", "3 cm").replace("20 mm", "2 cm"))  # fmt: skip

    @given(st.floats(0, 200), st.floats(0, 250), st.floats(30, 160), st.floats(30, 120))
    def test_on_it_or_beside_it_or_told(self, side, top, w, h):
        """By boxes of our own: inside its sides and lower than its edge it lies on it; clear of it it lies by itself; all else clashes."""
        draft = draft_spec(carrying(WIDE, narrow(width=w, height=h, from_side=side, from_top=top)))
        found = checks(draft)
        left, right, up, down = side, side + w, top, top + h
        apart = right <= 60 or left >= 220 or down <= 40 or up >= 160
        on = left >= 60 and right <= 220 and up > 40 and down <= 160
        near = any(abs(a - b) < 0.01 for a, b in ((left, 60), (right, 220), (up, 40), (down, 160), (right, 60), (left, 220)))  # fmt: skip
        if near:
            return
        self.assertEqual("part.patch-pocket-2.on" in found, on)
        verdict = found["part.patch-pocket-2.place"].verdict
        if on:
            self.assertEqual(verdict, "ok")
            self.assertAlmostEqual(
                found["part.patch-pocket-2.on"].message.params["widest"], max(left - 60, w, 220 - right), delta=0.01
            )
        elif not apart:
            self.assertEqual(verdict, "warn")

    def test_on_the_other_side_of_one_cloth_it_lies_on_no_pocket(self):
        """Unlined, an inside and an outside pocket share the cloth: one is not sewn on the other."""
        for sides in (("inside", "outside"), ("outside", "inside")):
            wide, small = ({**part, "side": side} for part, side in zip((WIDE, narrow()), sides, strict=True))
            found = checks(draft_spec(carrying(wide, small)))
            self.assertNotIn("part.patch-pocket-2.on", found)
            self.assertEqual(found["part.patch-pocket-2.place"].verdict, "warn")
        both = ({**part, "side": "inside"} for part in (WIDE, narrow()))
        self.assertIn("part.patch-pocket-2.on", checks(draft_spec(carrying(*both))))

    def test_its_mark_lies_on_the_pocket_it_is_sewn_to(self):
        draft = draft_spec(carrying(WIDE, narrow()))
        pieces = {piece.id: piece for piece in draft.pieces}
        names = [m.label.params.get("pocket") for m in pieces["wall"].marks if m.label.id == "mark.pocket"]
        self.assertEqual([name.id for name in names], ["part.slip-pocket"])
        mark = next(m for m in pieces["slip-pocket-1"].marks if m.label.id == "mark.pocket")
        xs, ys = ([p[i] for s in mark.path for p in (s.start, s.end)] for i in range(2))
        # The fold of the doubled pocket is its upper edge, 12 cm up.
        self.assertAlmostEqual(min(xs), 20)
        self.assertAlmostEqual(120 - max(ys), 30)
        self.assertAlmostEqual(max(xs) - min(xs), 90)

    def test_three_on_each_other(self):
        third = {"kind": "slip-pocket", "width": 50, "height": 40, "from_top": 95, "from_side": 95}
        document = draft_document(draft_spec(carrying(WIDE, narrow(), third)))
        self.assertEqual(complaints(document), [])
        on = [c["id"] for c in document["checks"] if c["id"].endswith(".on")]
        self.assertEqual(on, ["part.patch-pocket-2.on", "part.slip-pocket-3.on"])


if __name__ == "__main__":
    unittest.main()
