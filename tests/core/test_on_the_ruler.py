"""Cut sizes on the maker's ruler: for every form, on every grid."""

import itertools
import unittest

from hypothesis import example, given
from hypothesis import strategies as st

from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Grid, Ruler, read_length
from eggtuck.core.pattern import SpecError

# What of each form is cut with straight edges and read off a ruler: piece and side.
RULED = {
    "boxed-bag": ("body.width", "body.height"),
    "cylinder": ("wall.width", "wall.height", "base.width"),
    "neck-bag": ("body.width", "body.height"),
    "mug-bag": ("body.width", "body.height"),
    "dart-bowl": ("body.width", "body.height"),
    "lid-cover": ("circle.width",),
    "sleeve": ("body.height",),
    "tetra": ("body.width", "body.height"),
    "wedge": ("body.height",),
    "round-pouch": ("back.width",),
    "gusset-bag": ("panel.width", "gusset.width", "gusset.height", "zip-strip.width"),
    "book-cover": ("cover.width", "cover.height", "flap.width"),
    "bookmark": ("body.width", "body.height"),
    "weight": ("panel.width", "panel.height", "top.width"),
    "mat": ("top.width", "top.height", "binding.height"),
}
STEPS = {"1 mm": 1.0, "5 mm": 5.0, "1/8 in": 3.175, "1/16 in": 1.5875}


class Ruled(unittest.TestCase):
    def test_cut_sizes_lie_on_marks(self):
        for form, (text, step) in itertools.product(CATALOGUE.values(), STEPS.items()):
            spec = {**starting_spec(form, Ruler("mm"), None), "rounding": text}
            with self.subTest(form=form.id, step=text):
                draft = draft_spec(spec)
                grid = Grid(step)
                for name in RULED.get(form.id, ()):
                    id, side = name.split(".")
                    piece = next(p for p in draft.pieces if p.id == id)
                    size = piece.cut_size[0 if side == "width" else 1]
                    if form.id == "weight" and name == "panel.width":
                        continue
                    self.assertTrue(grid.shows(round(size, 5)), (name, size))

    def test_seams_match_within_what_is_told(self):
        for form, (text, step) in itertools.product(CATALOGUE.values(), STEPS.items()):
            spec = {**starting_spec(form, Ruler("mm"), None), "rounding": text}
            with self.subTest(form=form.id, step=text):
                draft = draft_spec(spec)
                told = {check.id for check in draft.checks}
                for seam in draft.seams:
                    off = abs(seam.difference)
                    self.assertLess(off, max(0.3, 4 * step))
                    # What the ruler cannot show is no news.
                    if off > max(0.5, step / 2, 0.0025 * min(seam.length_a, seam.length_b)):
                        self.assertIn(f"seam.{seam.id}", told)

    @given(st.sampled_from(sorted(CATALOGUE)), st.floats(0.6, 1.8), st.sampled_from(sorted(STEPS)))
    def test_given_sizes_move_by_less_than_a_few_marks_and_it_is_said(self, id, scale, text):
        form = CATALOGUE[id]
        counts = {i.field.removeprefix("size.") for i in form.inputs if i.of == "count"}
        size = {n: v if n in counts else round(v * scale, 2) for n, v in form.start.items()}
        spec = {**starting_spec(form, Ruler("mm"), None), "size": size, "rounding": text}
        try:
            draft = draft_spec(spec)
        except SpecError:
            return
        moved = {n: abs(draft.finished[n] - v) for n, v in size.items() if draft.finished.get(n) is not None}
        for name, by in moved.items():
            self.assertLess(by, 5 * STEPS[text], name)

    @given(st.sampled_from(["dart-bowl", "lid-cover"]), st.floats(0.6, 1.8), st.sampled_from(sorted(STEPS)))
    @example("lid-cover", 0.655, "1/8 in")
    def test_told_from_both_sides_a_mark_lies_in_one_place(self, id, scale, text):
        form, step = CATALOGUE[id], STEPS[text]
        counts = {i.field.removeprefix("size.") for i in form.inputs if i.of == "count"}
        size = {n: v if n in counts else round(v * scale / step) * step for n, v in form.start.items()}
        spec = {**starting_spec(form, Ruler("in" if "in" in text else "mm"), None), "rounding": text}
        try:
            draft = draft_spec({**spec, "size": {name: f"{value} mm" for name, value in size.items()}})
        except SpecError:
            return
        for piece in draft.pieces:
            wholes = [
                whole for size in piece.cut_size for whole in (size, size / 2) if Grid(step).shows(round(whole, 5))
            ]
            for mark in piece.marks:
                if mark.datum is None or mark.datum.id not in {"mark.from-middle", "mark.dart-point.datum"}:
                    continue
                lengths = [length for length in mark.datum.params.values() if isinstance(length, float)]
                self.assertEqual(len(lengths), 2)
                if any(abs(sum(lengths) - whole) < 1e-6 for whole in wholes):
                    told = [read_length(draft.ruler.write(length), "mm").mm for length in lengths]
                    self.assertAlmostEqual(sum(told), sum(lengths), 3, mark.datum)

    def test_without_a_ruler_given_sizes_stay(self):
        for form in CATALOGUE.values():
            draft = draft_spec({**starting_spec(form, Ruler("mm"), None), "rounding": "none"})
            for name, value in form.start.items():
                if draft.finished.get(name) is not None:
                    self.assertAlmostEqual(draft.finished[name], value, 6)


if __name__ == "__main__":
    unittest.main()
