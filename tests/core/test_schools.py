"""Ways of putting a make together: each ends with the same make, and each by what its steps say."""

import math
import unittest

from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.document import draft_document
from tests import share, tries
from tests.literal import complaints
from tests.makes import LAYERS, told
from tests.solids import piece


def drafted(form, layers="lined", size=None, **options):
    spec = starting_spec(CATALOGUE[form], Ruler("mm"), None)
    return draft_spec(
        {
            **spec,
            "layers": LAYERS[layers],
            "options": options,
            "size": {**spec["size"], **(size or {})},
            "rounding": "none",
        }
    )


class PanelByPanel(unittest.TestCase):
    @tries(40)
    @given(
        st.integers(80, 500),
        st.integers(24, 160),
        st.sampled_from(["lined", "padded"]),
        st.sampled_from(["hand", "machine"]),
    )
    def test_it_is_the_same_bag(self, across, wide, layers, closing):
        size = {"diameter": f"{across} mm", "gusset_width": f"{wide} mm"}
        try:
            nested = drafted("gusset-bag", layers, size, closing=closing)
        except SpecError:
            return
        panels = drafted("gusset-bag", layers, size, closing=closing, assembly="panels")
        self.assertEqual([p.cut_size for p in nested.pieces], [p.cut_size for p in panels.pieces])
        self.assertEqual(nested.finished, panels.finished)
        self.assertEqual(complaints(told(panels)), [])
        # A panel's finished edge is as long as what it is put to.
        strip = piece(panels, "zip-strip").by_key["outside"].length + piece(panels, "gusset").by_key["front"].length
        self.assertAlmostEqual(piece(panels, "panel").by_key["rim"].length, strip, delta=1e-6 * strip + 1e-3)

    def test_each_panel_has_its_gap_which_the_ring_closes(self):
        draft = drafted("gusset-bag", assembly="panels")
        self.assertEqual([gap.seam for gap in draft.gaps], ["round-front", "round-back"])
        steps = {step["id"]: step for step in told(draft)["steps"]}
        ids = list(steps)
        order = ["ring", "ring-edges", "panel-front", "panel-back", "turn-panels", "join"]
        self.assertEqual([id for id in ids if id in order], order)
        self.assertEqual([steps[f"panel-{c}"]["leaves_open"] for c in ("front", "back")], ["gap", "gap-back"])
        self.assertTrue(steps["join"]["closes"])
        self.assertEqual([s for s in steps.values() if s["closes"] and s["id"] != "join"], [])
        # Clear of where the ring opens: measured along the rim from the end of the opening.
        rim, gap = piece(draft, "panel").by_key["rim"], draft.gaps[0]
        self.assertLess(gap.end, rim.length - (draft.finished["opening"] or 0.0))
        # Nothing is turned through the zip, and nothing is sewn through a hump by hand.
        self.assertNotIn("turn-out", ids)
        self.assertNotIn("wheel", " ".join(line["text"] for line in steps["join"]["lines"]))

    def test_without_a_lining_or_with_a_recessed_zip_it_is_not_asked(self):
        self.assertIn("assembly", drafted("gusset-bag", "outer", assembly="panels").idle)
        form = CATALOGUE["gusset-bag"]
        when = next(o.when for o in form.options if o.id == "assembly")
        self.assertEqual(dict(when), {"options.mouth": ("zip-in-gusset",)})
        recessed = drafted("gusset-bag", mouth="recessed-zip", assembly="panels")
        self.assertEqual(complaints(told(recessed)), [])


class AllLayersInOneSeam(unittest.TestCase):
    @given(
        st.integers(110, 400),
        st.sampled_from(["lined", "padded"]),
        st.sampled_from(["allowance-added", "cut-and-trim"]),
    )
    def test_it_is_the_same_pouch(self, across, layers, split):
        size = {"diameter": f"{across} mm"}
        try:
            nested = drafted("round-pouch", layers, size, split=split)
        except SpecError:
            return
        draft = drafted("round-pouch", layers, size, split=split, assembly="one-seam")
        self.assertEqual([p.cut_size for p in nested.pieces], [p.cut_size for p in draft.pieces])
        self.assertEqual(nested.finished, draft.finished)
        self.assertEqual(complaints(told(draft)), [])

    def test_one_seam_takes_every_layer_and_its_gap_is_closed_twice(self):
        draft = drafted("round-pouch", assembly="one-seam")
        steps = {step.id: step for step in draft.steps}
        rounds = [step for step in draft.steps if any(seam.startswith("round") for seam in step.seams)]
        self.assertEqual([step.id for step in rounds], ["round"])
        self.assertEqual(set(rounds[0].pieces), {"back", "front-upper", "front-lower"})
        ids = list(steps)
        self.assertLess(ids.index("open-zip"), ids.index("round"))
        self.assertLess(ids.index("zip-tails"), ids.index("turn"))
        self.assertEqual([step.id for step in draft.steps if step.closes], ["close-gap"])
        # By hand, once outside and once in the lining.
        nested = {step.id: step for step in drafted("round-pouch").steps}
        self.assertGreater(steps["close-gap"].minutes, nested["close-gap"].minutes)

    def test_without_a_hung_lining_there_is_nothing_to_take_in(self):
        self.assertIn("assembly", drafted("round-pouch", "outer", assembly="one-seam").idle)


class InPairs(unittest.TestCase):
    """Ways that are asked make a difference, whatever else is chosen, or are said to make none."""

    def test_no_way_is_asked_that_another_choice_has_taken_the_effect_of(self):
        for form in CATALOGUE.values():
            for option in (o for o in form.options if o.id in ("assembly", "beside_zip", "collar_by", "flaps")):
                others = [(other, choice) for other in form.options if other is not option for choice in other.choices]
                for other, choice in share(others, 3, form.place):
                    self.differs(form, option, {**needed(option), **needed(other), other.id: choice})

    def differs(self, form, option, chosen):
        if any(chosen.get(field.split(".")[1], values[0]) not in values for field, values in option.when.items()):
            return
        try:
            made = [drafted(form.id, "padded", **{**chosen, option.id: choice}) for choice in option.choices]
        except SpecError:
            return
        if not any(option.id in draft.idle for draft in made):
            said = [str(told(draft)["steps"]) for draft in made]
            self.assertEqual(len(set(said)), len(made), (form.id, option.id, chosen))


def needed(option):
    """The first choices under which an option is asked."""
    return {field.split(".")[1]: values[0] for field, values in option.when.items()}


class BesideTheZip(unittest.TestCase):
    ZIPPED = ("wedge", "round-pouch", "tetra", "gusset-bag")

    def test_to_the_lining_nothing_shows_outside_and_nothing_else_changes(self):
        for form in self.ZIPPED:
            for layers in ("lined", "padded"):
                shown, hidden = (drafted(form, layers, beside_zip=way) for way in ("topstitched", "to-lining"))
                self.assertEqual([p.cut_size for p in shown.pieces], [p.cut_size for p in hidden.pieces])
                self.assertEqual([s.id for s in shown.steps], [s.id for s in hidden.steps])
                one, other = (next(s for s in told(d)["steps"] if s["id"] == "zip-topstitch") for d in (shown, hidden))
                self.assertNotEqual([line["text"] for line in one["lines"]], [line["text"] for line in other["lines"]])
                self.assertIn("lining", " ".join(line["text"] for line in other["lines"]))
                self.assertNotIn("opstitch", other["title"])
                self.assertEqual(complaints(told(hidden)), [], form)

    def test_where_no_lining_hangs_it_is_not_asked(self):
        for form in self.ZIPPED:
            self.assertIn("beside_zip", drafted(form, "outer", beside_zip="to-lining").idle, form)
        for form in ("wedge", "tetra", "round-pouch"):
            self.assertIn("beside_zip", drafted(form, "lined", joined="as-one").idle, form)
        for form, mouth in (("tetra", "spring-frame"), ("gusset-bag", "recessed-zip")):
            when = next(o.when for o in CATALOGUE[form].options if o.id == "beside_zip")
            self.assertNotIn(mouth, dict(when)["options.mouth"])


class LiningSizes(unittest.TestCase):
    @given(st.floats(120, 400), st.floats(0.5, 6), st.sampled_from(["sleeve", "tetra", "wedge", "round-pouch"]))
    def test_thickness_decides_whether_one_pattern_will_do(self, around, thick, form):
        layers = [
            {"material": "linen", "role": "outer"},
            {"material": "quilting-cotton", "role": "lining"},
            {"material": "cotton-batting", "role": "padding", "thickness": f"{thick} mm"},
        ]
        spec = starting_spec(CATALOGUE[form], Ruler("mm"), None)
        size = {"sleeve": {"girth": f"{around} mm"}, "round-pouch": {"diameter": f"{around / math.pi} mm"}}.get(
            form, {}
        )
        spec = {**spec, "layers": layers, "size": {**spec["size"], **size}, "rounding": "none"}
        try:
            draft = draft_spec(spec)
        except SpecError:
            return
        check = next(c for c in draft.checks if c.id == "layers.lining")
        girth = around if size else draft.finished["girth"]
        share = 2 * math.pi * thick / girth
        if abs(share - 0.03) > 1e-6:
            self.assertEqual(check.verdict, "note" if share > 0.03 else "ok")
        if check.fix is not None:
            own = draft_spec({**spec, "options": {"lining": "reduced"}})
            self.assertEqual(next(c for c in own.checks if c.id == "layers.lining").verdict, "ok")
            self.assertFalse([c for c in own.checks if c.id.startswith("seam.")])

    def test_a_sleeve_s_own_lining_meets_the_outer_at_the_mouth(self):
        draft = drafted("sleeve", "padded", lining="reduced")
        outer, lining = (piece(draft, id).by_key for id in ("body", "body-lining"))
        self.assertAlmostEqual(outer["mouth"].length, lining["mouth"].length, 6)
        self.assertLess(lining["end-left"].length, outer["end-left"].length - 5)


class InTime(unittest.TestCase):
    def test_what_is_easier_flat_is_told_what_closes_it(self):
        """A part's moment ends with a later step that sews its piece; what is done after that step has no such moment any more."""
        for form in CATALOGUE:
            for layers in ("outer", "lined"):
                spec = starting_spec(CATALOGUE[form], Ruler("mm"), None)
                try:
                    draft = draft_spec({**spec, "layers": LAYERS[layers], "parts": [{"kind": "label"}]})
                except SpecError:
                    continue
                steps = {step.id: (at, step) for at, step in enumerate(draft.steps)}
                host = draft.hosts[0][0]
                label = steps["label-1"][1]
                sewn = [step for step in draft.steps if step.seams and host in step.pieces]
                # What is never closed all round stays within reach.
                open_forms = ("mat", "weight", "bookmark", "dart-bowl", "lid-cover")
                if sewn and form not in open_forms and (form, layers) != ("book-cover", "outer"):
                    self.assertIsNotNone(label.before, form)
                for at, step in steps.values():
                    if step.before is not None:
                        later, closing = steps[step.before]
                        self.assertLess(at, later, (form, step.id))
                        self.assertTrue(closing.seams, (form, step.id))
                        if step.id != "mark":
                            self.assertTrue(set(closing.pieces) & set(step.pieces), (form, step.id))


class UnlikeCloths(unittest.TestCase):
    def test_the_front_below_the_zip_is_of_the_contrast_with_all_that_lies_on_an_outer(self):
        padded = [*LAYERS["padded"], {"material": "corduroy", "role": "contrast"}]
        for joined in ("apart", "as-one"):
            spec = starting_spec(CATALOGUE["round-pouch"], Ruler("mm"), None)
            spec = {**spec, "layers": padded, "options": {"lower_front": "contrast", "joined": joined}}
            draft = draft_spec(spec)
            for id, own in (("front-upper", "outer"), ("front-lower", "contrast")):
                cuts = piece(draft, id).cuts
                self.assertEqual(next(c.role for c in cuts if c.on is None), own)
                self.assertEqual({c.on for c in cuts if c.role in ("padding", "interfacing")}, {own})
            self.assertEqual(complaints(told(draft)), [])
            # It is drawn in its cloth, and the zip in none.
            shown = {facet["piece"]: facet["cloth"] for facet in draft_document(draft)["solid"]["facets"]}
            self.assertEqual(
                {k: shown.get(k) for k in ("front-upper", "front-lower", "zip")},
                {"front-upper": "outer", "front-lower": "contrast", "zip": None},
            )
            none = draft_spec({**spec, "layers": padded[:-1]})
            check = next(c for c in none.checks if c.id == "layers.contrast")
            self.assertEqual((check.verdict, set(check.fix.changes)), ("warn", {"layers.contrast"}))


class FromTheBlank(unittest.TestCase):
    @tries(60)
    @given(st.integers(160, 500), st.integers(120, 400), st.integers(-20, 50), st.integers(15, 60), st.integers(4, 14))
    def test_the_blank_is_what_is_cut(self, wide, high, taper, square, a):
        """Sewn first, nothing is cut out of it: its raw corners lie where they were told, and the square from the raw corner ends where the
        line across the squashed corner does, on an upright side."""
        spec = starting_spec(CATALOGUE["wedge"], Ruler("mm"), None)
        size = {"blank_width": wide, "blank_height": high, "blank_taper": taper, "blank_square": square}
        options = {"sized": "blank", "boxing": "sew-first"}
        spec = {**spec, "size": size, "options": options, "allowance": {"default": a}, "rounding": "none"}
        try:
            draft = draft_spec(spec)
        except SpecError as error:
            self.assertTrue(all("blank" in p.field or "zip" in p.field for p in error.problems), error)
            return
        body = piece(draft, "body")
        raw = sorted(
            {(round(s.start[0], 4), round(s.start[1], 4)) for s in body.cut_outline}, key=lambda p: (p[1], p[0])
        )
        (x0, y0), (x1, _), (x2, y2), (x3, _) = raw
        self.assertAlmostEqual(x1 - x0, wide, 2)
        self.assertAlmostEqual(y2 - y0, high, 2)
        self.assertAlmostEqual(x2 - x0, taper, 2)
        self.assertAlmostEqual(x1 - x3, taper, 2)
        self.assertAlmostEqual(draft.finished["base_depth"], 2 * square, 6)
        # The same pouch from its finished sizes.
        names = ("bottom_width", "top_width", "slant", "base_depth")
        own = {name: draft.finished[name] for name in names}
        again = draft_spec({**spec, "size": own, "options": {"boxing": "sew-first"}})
        for name in ("volume", "height", "base_width"):
            self.assertAlmostEqual(again.finished[name], draft.finished[name], 4)
        self.assertEqual(again.pieces[0].cut_size, body.cut_size)

    @tries(60)
    @given(
        st.sampled_from(["square", "kite"]),
        st.integers(-30, 50),
        st.integers(15, 60),
        st.integers(4, 14),
        st.integers(4, 14),
    )
    def test_what_is_cut_out_of_a_corner_is_measured_on_the_cloth(self, corner, taper, square, side, box):
        """The cut leaves the raw base edge so far from the raw corner as is told, and is square to it."""
        size = {"blank_taper": f"{taper} mm", "blank_square": f"{square} mm"}
        spec = starting_spec(CATALOGUE["wedge"], Ruler("mm"), None)
        spec = {**spec, "size": size, "allowance": {"side": f"{side} mm", "box": f"{box} mm"}, "rounding": "none"}
        options = {"sized": "blank", "corner": corner}
        try:
            whole = draft_spec({**spec, "options": {**options, "boxing": "sew-first"}})
            draft = draft_spec({**spec, "options": options})
        except SpecError:
            return
        raw = min((s.start for s in piece(whole, "body").cut_outline), key=lambda p: (round(p[1], 3), p[0]))
        cut = piece(draft, "body").cut_outline
        foot = min((s.start for s in cut if abs(s.start[1] - raw[1]) < 1e-6), key=lambda p: p[0])
        self.assertAlmostEqual(foot[0] - raw[0], draft.sums["cutout.width"].total, 6)
        near = next(s for s in cut if math.dist(s.end, foot) < 1e-6)
        self.assertAlmostEqual(near.start[0], foot[0], 6)
        if corner == "square":
            self.assertAlmostEqual(near.start[1] - foot[1], draft.sums["cutout.height"].total, 6)
        self.assertAlmostEqual(piece(draft, "body").by_key["base"].length, draft.finished["base_width"], 6)

    def test_everything_it_can_be_made_like_is_told_whole(self):
        for boxing in ("cut-first", "sew-first", "flat"):
            for layers in ("outer", "padded"):
                draft = drafted("wedge", layers, sized="blank", boxing=boxing)
                self.assertEqual(complaints(told(draft)), [], boxing)
