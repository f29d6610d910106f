"""Parts moved by hand: what is told of a place puts the part there when the make is drafted anew."""

import random
import unittest

from eggtuck.core.drafting.moving import put_down
from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, draft_spec, read_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.plane import bounds
from eggtuck.core.shop import SNAP
from tests import share

CM, INCH = Ruler("cm"), Ruler("in")
# A number on the ruler is off by no more than half a mark.
HALF = {"cm": 0.5, "in": 25.4 / 8 / 2}


def moved(spec, grip, right, up):
    """The spec with a part put down so far from where it lay."""
    fields = put_down(grip, read_spec(spec, CATALOGUE)[1], right, up)
    parts = [dict(part) for part in spec["parts"]]
    for field, text in fields.items():
        _, index, name = field.split(".")
        parts[int(index)][name] = text
    return {**spec, "parts": parts}


def carried():
    """Every part on every form that carries it, on two rulers, one and two of it."""
    for form in CATALOGUE.values():
        every = ((ruler, kind, count) for ruler in (CM, INCH) for kind in PARTS.values() for count in {kind.count, 1})
        for ruler, kind, count in share(every, 4, form.place):
            spec = starting_spec(form, ruler, None)
            spec |= {"rounding": "1/8 in" if ruler.unit == "in" else "1 mm"}
            spec["parts"] = [{"kind": kind.id, "count": count}]
            try:
                draft = draft_spec(spec)
            except SpecError:
                continue
            yield form.id, kind.id, spec, draft


class Moving(unittest.TestCase):
    def test_a_part_lies_where_it_was_let_go(self):
        """Within half a mark, or in a middle it was let go near; what has one way to go goes that way alone."""
        dice, tried = random.Random(12), 0
        for form, kind, spec, draft in carried():
            for nth, grip in enumerate(draft.grips):
                low, high = -min(20.0, grip.box[1]), 20.0
                # Two that come too near each other lie under one another from then on.
                wide = 2 if spec["parts"][0]["count"] > 1 else 15
                right, up = dice.uniform(-wide, wide), dice.uniform(low, high)
                clamped = any(move.moved(right, up) in (move.low, move.high) for move in grip.moves)
                try:
                    after = draft_spec(moved(spec, grip, right, up)).grips[nth]
                except SpecError:
                    continue
                names = {move.name for move in grip.moves}
                for axis, (asked, free) in enumerate(((right, names & {"from_side", "apart", "from_centre"}), (up, "from_top" in names))):  # fmt: skip
                    went = after.box[axis] - grip.box[axis]
                    with self.subTest(form=form, kind=kind, nth=nth, axis="xy"[axis], unit=spec["unit"]):
                        if not free or all(not (m.right if axis == 0 else m.up) for m in grip.moves):
                            if len(grip.moves) > 1:
                                self.assertAlmostEqual(went, 0.0, delta=0.02)
                        elif not clamped:
                            tried += 1
                            self.assertAlmostEqual(went, asked, delta=max(HALF[spec["unit"]], SNAP) + 0.02)
        self.assertGreater(tried, 120)

    def test_it_is_read_back_on_the_ruler(self):
        spec = {**starting_spec(CATALOGUE["boxed-bag"], CM, None), "parts": [{"kind": "slip-pocket"}]}
        grip = draft_spec(spec).grips[0]
        told = put_down(grip, read_spec(spec, CATALOGUE)[1], 7.3, -11.2)
        # Its size stays what it was, though nobody told it.
        self.assertEqual(set(told), {f"parts.0.{name}" for name in ("from_side", "from_top", "width", "height")})
        for text in told.values():
            self.assertRegex(text, r"^\d+(\.\d)? cm$")
        self.assertEqual(put_down(grip, read_spec(spec, CATALOGUE)[1], 0.0, 0.0), {})

    def test_let_go_near_the_middle_it_lies_in_the_middle(self):
        spec = {**starting_spec(CATALOGUE["boxed-bag"], CM, None), "parts": [{"kind": "slip-pocket", "from_side": "4"}]}
        draft = draft_spec(spec)
        grip, piece = draft.grips[0], draft.pieces[0]
        xs = [s.start[0] for s in piece.stitch_outline]
        middle = (min(xs) + max(xs)) / 2
        off = middle - (grip.box[0] + grip.box[2]) / 2
        for near in (-3.0, 0.0, 2.5):
            after = draft_spec(moved(spec, grip, off + near, 0.0)).grips[0]
            self.assertAlmostEqual((after.box[0] + after.box[2]) / 2, middle, delta=0.02)
        after = draft_spec(moved(spec, grip, off + 9.0, 0.0)).grips[0]
        self.assertAlmostEqual((after.box[0] + after.box[2]) / 2, middle + 9.0, delta=0.51)

    def test_a_step_by_one_mark_is_one_mark(self):
        """Also out of a middle."""
        spec = {**starting_spec(CATALOGUE["boxed-bag"], CM, None), "parts": [{"kind": "label", "from_top": "6"}]}
        grip = draft_spec(spec).grips[0]
        for step in (-1.0, 1.0):
            after = draft_spec(moved(spec, grip, step, 0.0)).grips[0]
            self.assertAlmostEqual(after.box[0] - grip.box[0], step, delta=0.51)
            self.assertNotAlmostEqual(after.box[0], grip.box[0])

    def test_a_motif_keeps_clear_of_what_lies_there(self):
        """Wherever the pocket is put, and inside where it was."""
        dice = random.Random(3)
        for form in ("boxed-bag", "book-cover"):
            spec = {**starting_spec(CATALOGUE[form], CM, None), "parts": [{"kind": "slip-pocket", "width": "4", "height": "4"}]}  # fmt: skip
            bare = draft_spec({**spec, "parts": []}).pieces[0]
            for _ in range(12):
                grip = draft_spec(spec).grips[0]
                here = moved(spec, grip, dice.uniform(-60, 60), dice.uniform(-120, 0))
                try:
                    draft = draft_spec(here)
                except SpecError:
                    continue
                boxes = [bounds(m.path) for m in draft.pieces[0].marks if m.label.id == "mark.motif"]
                whole = next(bounds(m.path) for m in bare.marks if m.label.id == "mark.motif")
                pocket = draft.grips[0].box
                for x0, y0, x1, y1 in boxes:
                    apart = x1 <= pocket[0] or x0 >= pocket[2] or y1 <= pocket[1] or y0 >= pocket[3]
                    self.assertTrue(apart, (boxes, pocket))
                    self.assertTrue(whole[0] - 0.01 <= x0 and whole[1] - 0.01 <= y0 and x1 <= whole[2] + 0.01 and y1 <= whole[3] + 0.01)  # fmt: skip


if __name__ == "__main__":
    unittest.main()
