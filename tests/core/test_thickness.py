"""Turn of cloth: what the layers take from the inside, against offset curves of another library, and how fit answers to it."""

import math
import unittest

from hypothesis import given
from hypothesis import strategies as st
from shapely.geometry import Point as Dot
from shapely.geometry import box

from eggtuck.core.forms import CATALOGUE, draft_spec, preset_object, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.objects import PRESETS, measure_thing
from eggtuck.core.pattern import SpecError

MM = Ruler("mm")
# Forms that close round a thing, with the kinds of things they go round.
AROUND = ("boxed-bag", "cylinder", "mug-bag", "sleeve", "dart-bowl")
GRADES = ("will-not-go-in", "tight", "snug", "slides-in", "roomy", "too-loose")
PAIRS = [
    (form, preset)
    for form in AROUND
    for preset in PRESETS.values()
    if preset.kind in CATALOGUE[form].objects
]  # fmt: skip
thicknesses = st.floats(0.05, 5.0)


def layers(lining, padding=None):
    made = [
        {"material": "linen", "role": "outer", "thickness": "0,5 mm"},
        {"material": "linen", "role": "lining", "thickness": f"{lining} mm"},
    ]
    if padding:
        made.append({"material": "cotton-batting", "role": "padding", "thickness": f"{padding} mm"})
    return made


def make(form, preset, stack, **more):
    spec = starting_spec(CATALOGUE[form], MM, preset_object(preset, MM))
    spec.update(rounding="none", ease={"girth": 25}, layers=stack)
    spec.update(more)
    return draft_spec(spec)


def room(draft):
    return next(c for c in draft.checks if c.id == "fit.girth")


class TurnOfCloth(unittest.TestCase):
    def test_girth_grows_as_an_offset_curve_does(self):
        for form, preset in PAIRS:
            thing, _ = measure_thing(preset.kind, preset.measures)
            if thing.round:
                shape = Dot(0, 0).buffer(thing.girth / (2 * math.pi), quad_segs=4000)
            else:
                shape = box(0, 0, thing.base_width, thing.base_depth)
            thin = make(form, preset, layers(0.1)).finished["girth"]
            for lining, padding in ((0.3, None), (1.0, 2.5), (0.2, 6.0)):
                with self.subTest(f"{form} {preset.id} {lining} {padding}"):
                    # A bowl is padded outside and inside.
                    inside = lining + (padding or 0.0) * (2 if form == "dart-bowl" else 1)
                    grown = shape.buffer(inside, quad_segs=4000).length - shape.buffer(0.1, quad_segs=4000).length
                    thick = make(form, preset, layers(lining, padding)).finished["girth"]
                    self.assertAlmostEqual(thick - thin, grown, 3)

    @given(st.sampled_from(PAIRS), thicknesses, thicknesses)
    def test_thicker_layers_never_make_a_smaller_pattern(self, pair, first, second):
        thin, thick = sorted((first, second))
        try:
            small, large = (make(*pair, layers(t)).finished for t in (thin, thick))
        except SpecError:
            return
        for name in ("girth", "wall_height", "blank"):
            if small.get(name) is not None:
                self.assertGreaterEqual(large[name], small[name] - 1e-6, name)

    @given(st.sampled_from(PAIRS), thicknesses, st.floats(1.0, 8.0))
    def test_room_proposed_is_room_found_whatever_the_layers(self, pair, lining, padding):
        draft = make(*pair, layers(lining, padding))
        told = room(draft)
        self.assertAlmostEqual(told.value, 25.0, 4)

    def test_at_one_size_each_millimetre_inside_costs_its_turn(self):
        for form in ("boxed-bag", "cylinder"):
            preset = next(p for p in PRESETS.values() if p.kind == "jar")
            girth = make(form, preset, layers(0.1)).finished["girth"]
            found = [
                room(make(form, preset, layers(t), size={"girth": girth})) for t in (0.1, 0.6, 1.1, 2.1, 3.1, 4.1, 5.1)
            ]
            values = [check.value for check in found]
            for a, b, step in zip(values, values[1:], (0.5, 0.5, 1, 1, 1, 1), strict=False):
                self.assertAlmostEqual(a - b, 2 * math.pi * step, 6)
            # It goes from good to impossible and never back.
            ranks = [("ok", "note", "warn", "stop").index(check.verdict) for check in found]
            self.assertEqual(ranks, sorted(ranks))
            self.assertEqual((ranks[0], found[-1].verdict), (0, "stop"))

    def test_a_layer_more_or_less_changes_pieces_and_verdicts_at_once(self):
        preset = next(p for p in PRESETS.values() if p.kind == "can")
        plain = make("cylinder", preset, layers(0.3))
        padded = make("cylinder", preset, layers(0.3, 4.0))
        cut = {role for piece in plain.pieces for role in (c.role for c in piece.cuts)}
        more = {role for piece in padded.pieces for role in (c.role for c in piece.cuts)}
        self.assertEqual((cut, more), ({"outer", "lining"}, {"outer", "lining", "padding"}))
        self.assertGreater(padded.finished["girth"], plain.finished["girth"] + 2 * math.pi * 3.9)
        needs = {need.id for need in padded.needs}
        self.assertGreaterEqual(needs, {"cloth.outer", "cloth.lining", "cloth.padding"})


class Reduced(unittest.TestCase):
    def test_a_smaller_lining_that_does_not_fit_has_a_way_out_that_works(self):
        tried = 0
        for form in CATALOGUE.values():
            if not any(option.id == "lining" for option in form.options):
                continue
            stack = [*layers(0.3, 4.0), {"material": "cotton-batting", "role": "padding"}]
            spec = {**starting_spec(form, MM, None), "layers": stack, "options": {"lining": "reduced"}}
            for check in draft_spec(spec).checks:
                if check.id.startswith("seam.") and check.verdict in ("warn", "stop"):
                    self.assertIsNotNone(check.fix, (form.id, check.id))
                    changed = {"options": {"lining": check.fix.changes["options.lining"]}}
                    after = {c.id for c in draft_spec({**spec, **changed}).checks if c.verdict in ("warn", "stop")}
                    self.assertNotIn(check.id, after, form.id)
                    tried += 1
        self.assertGreater(tried, 2)


class Ease(unittest.TestCase):
    @given(st.sampled_from(PAIRS), st.floats(0.0, 120.0), st.floats(0.5, 60.0))
    def test_more_ease_is_a_looser_grade_and_a_longer_pattern(self, pair, ease, more):
        drafts = []
        for e in (ease, ease + more):
            try:
                drafts.append(make(*pair, layers(0.3), ease={"girth": e}))
            except SpecError:
                return
        tight, loose = drafts
        self.assertAlmostEqual(loose.finished["girth"] - tight.finished["girth"], more, 4)
        a, b = (room(d) for d in drafts)
        order = [f"fit.{grade}" for grade in GRADES]
        self.assertLessEqual(order.index(a.title.id), order.index(b.title.id))


if __name__ == "__main__":
    unittest.main()
