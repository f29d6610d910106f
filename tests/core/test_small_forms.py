"""Gathered neck, lid cover, sleeve, mug carrier and weight: figures got a second way."""

import itertools
import math
import unittest

from hypothesis import assume, given
from hypothesis import strategies as st

from eggtuck.core.forms import draft_spec
from eggtuck.core.lay.changes import changes
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials.fillings import DENSITY
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.document import draft_document
from eggtuck.core.pattern.picture import Line
from eggtuck.core.plane import area, flatten
from eggtuck.core.shop import HEM_CLEAR
from eggtuck.core.words import Speaker, msg
from tests.solids import cayley_menger, checks, convex_volume, net, piece, problem

LINED = [{"material": "linen", "role": "outer"}, {"material": "quilting-cotton", "role": "lining"}]
OUTER = LINED[:1]
FOLDED = {"bag_rim": "folded-down"}


def spec(form, size, options=None, layers=LINED, **more):
    return {"form": form, "unit": "mm", "size": size, "options": options or {}, "layers": layers, **more}


def named(filling):
    return Speaker(Ruler("cm")).say(msg(f"option.filling.{filling}"))


class NeckBags(unittest.TestCase):
    @given(
        st.floats(100, 900),
        st.floats(30, 200),
        st.floats(80, 600),
        st.floats(0.3, 0.95),
        st.floats(0, 150),
        st.floats(0, 80),
        st.floats(3, 20),
    )
    def test_lines_count_from_the_base_line(self, girth, d, height, neck, head, fold, a):
        size = {
            "girth": girth, "base_diameter": d, "object_height": height, "neck_height": height * neck,
            "headroom": head, "top_fold": fold,
        }  # fmt: skip
        # The fold comes down to the neck line at most.
        assume(fold <= height + head - height * neck - a / 2 - HEM_CLEAR)
        draft = draft_spec(spec("neck-bag", size, layers=OUTER, allowance={"default": a, "top": a / 2}))
        width, high = piece(draft, "body").cut_size
        self.assertAlmostEqual(width, girth + 2 * a, 6)
        self.assertAlmostEqual(high, d / 2 + height + head + fold + a + a / 2, 6)
        lines = {
            mark.label.id: mark.path[0].start[1]
            for mark in piece(draft, "body").marks
            if mark.path and mark.label.id != "mark.up"
        }
        self.assertAlmostEqual(lines["mark.base-line"], d / 2, 6)
        self.assertAlmostEqual(lines["mark.neck"] - lines["mark.base-line"], height * neck, 6)
        self.assertAlmostEqual(lines["mark.object-top"] - lines["mark.base-line"], height, 6)
        if fold:
            self.assertAlmostEqual(lines["mark.top-fold"] - lines["mark.base-line"], height + head, 6)
        self.assertAlmostEqual(draft.finished["wall_height"], height + head, 6)

    def test_its_base_is_sewn_with_the_back_seam_in_the_middle(self):
        """As it is told: the middle half of the piece on the two quarters beside it, which the back seam joins; and as it is drawn."""
        draft = draft_spec(spec("neck-bag", {"girth": 340, "object_height": 300, "base_diameter": 90}, layers=OUTER))
        seam = next(s for s in draft.seams if s.id == "base")
        body = piece(draft, "body")
        front, back = ([body.by_key[use.key] for use in side] for side in (seam.a, seam.b))
        x0, _, x1, _ = body.stitch_box
        self.assertEqual([(e.path[0].start[0], e.path[-1].end[0]) for e in front], [(x1 / 4, x1 * 3 / 4)])
        self.assertEqual(
            {e.path[0].start[0] for e in back} | {e.path[-1].end[0] for e in back}, {x0, x1 / 4, x1 * 3 / 4, x1}
        )
        step = next(s for s in draft.steps if s.id == "base")
        said = " ".join(Speaker(draft.ruler).say(line.text) for line in step.lines)
        self.assertRegex(said, "back seam in the middle of the back.*Crossing back seam")
        (picture,) = draft.pictures(["base"])
        lines = [item for frame in picture.frames for item in frame.items if isinstance(item, Line)]
        sewn = [p[0] for line in lines if line.kind == "sew" for p in line.path]
        upright = [line.path[0][0] for line in lines if line.kind == "sewn" and line.use.key.startswith("side")]
        self.assertTrue(upright)
        for x in upright:
            self.assertAlmostEqual(x, (min(sewn) + max(sewn)) / 2, delta=1.0)

    @given(st.floats(60, 400), st.sampled_from(("third", "quarter", "half")), st.floats(0, 60))
    def test_elastic_is_cut_shorter_by_its_share(self, neck, stretch, anchoring):
        size = {"girth": 500, "object_height": 300, "neck_girth": neck, "anchoring": anchoring}
        draft = draft_spec(spec("neck-bag", size, {"stretch": stretch}, OUTER))
        kept = {"third": 2 / 3, "quarter": 3 / 4, "half": 1 / 2}[stretch]
        # Elastic gives twice its length, and must be drawn out to the 500 mm it is sewn to.
        self.assertAlmostEqual(draft.finished["elastic"], max(neck * kept, 500 / 2) + anchoring, 6)
        # Drawn in as far as the neck, or as far as the elastic itself is long.
        self.assertAlmostEqual(draft.finished["gather_ratio"], 500 / max(neck, neck * kept, 500 / 2), 6)

    def test_a_bottle_is_measured_over_its_shoulder(self):
        bottle = {
            "kind": "bottle",
            "girth": 251,
            "height": 310,
            "base_diameter": 80,
            "shoulder_height": 195,
            "neck_height": 230,
            "neck_diameter": 32,
        }
        draft = draft_spec({"form": "neck-bag", "unit": "mm", "object": bottle, "layers": OUTER})
        r, neck = 251 / (2 * math.pi), 16.0
        along = 195 + math.hypot(230 - 195, r - neck)
        self.assertAlmostEqual(draft.finished["neck_height"], along, 6)
        self.assertAlmostEqual(draft.finished["object_height"], along + 310 - 230, 6)
        self.assertAlmostEqual(draft.finished["neck_girth"], math.pi * 32, 6)

    def test_what_cannot_be_made(self):
        size = {"girth": 300, "object_height": 200, "neck_height": 290}
        self.assertEqual(
            problem(spec("neck-bag", {**size, "headroom": 50}, layers=OUTER)),
            ("size.neck_height", "problem.neck-over-rim"),
        )
        bulky = {"girth": 900, "object_height": 300, "neck_girth": 90}
        tied = draft_spec(spec("neck-bag", bulky, {"closure": "ribbon-loose"}, layers=OUTER))
        self.assertEqual(checks(tied)["fit.gather"].verdict, "warn")


class LidCovers(unittest.TestCase):
    @given(st.floats(40, 400), st.floats(5, 80), st.floats(0, 60), st.floats(5, 30), st.floats(3, 15), st.booleans())
    def test_the_circle_is_mouth_drop_channel_and_frill(self, mouth, drop, frill, channel, a, lined):
        size = {"mouth_diameter": mouth, "drop": drop, "frill": frill, "channel": channel}
        draft = draft_spec(spec("lid-cover", size, layers=LINED if lined else OUTER, allowance={"default": a}))
        radius = mouth / 2 + drop + channel + frill
        circle = piece(draft, "circle")
        self.assertAlmostEqual(circle.cut_size[0], 2 * (radius + a), 5)
        self.assertAlmostEqual(area(circle.stitch_outline), math.pi * radius**2, delta=1e-6 * radius**2)
        # Along the cloth: from the middle to the mouth's edge, down the drop, and there the casing begins.
        self.assertAlmostEqual(draft.finished["casing_radius"], mouth / 2 + drop, 6)
        if not lined:
            casing = piece(draft, "casing").cut_size
            self.assertAlmostEqual(casing[0], 2 * math.pi * (mouth / 2 + drop + channel / 2) + 2 * a, 5)

    def test_cord_goes_round_with_two_tails(self):
        size = {"mouth_diameter": 100, "drop": 20, "cord_tails": 150}
        draft = draft_spec(spec("lid-cover", size, {"closure": "cord"}))
        self.assertAlmostEqual(draft.finished["cord"], 2 * math.pi * 70 + 300, 6)
        self.assertIn("caution.cord", checks(draft))

    def test_what_cannot_be_made(self):
        self.assertEqual(
            problem(spec("lid-cover", {"mouth_diameter": 790, "drop": 299, "frill": 100}))[0], "size.mouth_diameter"
        )


class Sleeves(unittest.TestCase):
    @given(st.floats(40, 400), st.floats(0.6, 1.8), st.floats(60, 600), st.floats(3, 12))
    def test_folded_lengthwise_the_edges_meet(self, girth, share, length, a):
        wide = girth * share
        size = {"girth": girth, "girth_mouth": wide, "length": length}
        draft = draft_spec(spec("sleeve", size, allowance={"default": a}, layers=OUTER))
        # Mirrored in its fold the outline lies on itself.
        points = net(draft, "body")
        mirrored = {(round(-x, 6) + 0.0, round(y, 6)) for x, y in points}
        self.assertEqual(mirrored, {(round(x, 6) + 0.0, round(y, 6)) for x, y in points})
        self.assertAlmostEqual(draft.edge("body.side-left").length, math.hypot(length, (wide - girth) / 2), 6)
        self.assertAlmostEqual(piece(draft, "body").cut_size[1], length + 2 * a, 6)
        self.assertAlmostEqual(draft.edge("body.mouth").length, wide, 6)

    def test_a_blunt_end_takes_half_the_thickness(self):
        rod = {"kind": "rod", "girth": 95, "length": 150}
        base = {"form": "sleeve", "unit": "mm", "object": rod, "layers": LINED}
        pointed = draft_spec({**base, "options": {"end": "pointed"}}).finished["length"]
        blunt = draft_spec({**base, "options": {"end": "blunt"}}).finished["length"]
        self.assertAlmostEqual(pointed, 150)
        self.assertAlmostEqual(blunt - pointed, 95 / math.pi / 2)

    @given(st.floats(60, 300), st.floats(0, 60), st.floats(0.2, 4))
    def test_the_girth_goes_round_handle_ease_and_layers(self, around, ease, thick):
        layers = [*LINED, {"material": "cotton-batting", "role": "padding", "thickness": thick}]
        draft = draft_spec(
            {
                "form": "sleeve",
                "unit": "mm",
                "object": {"kind": "handle", "girth": around, "length": 160},
                "ease": {"girth": ease},
                "layers": layers,
            }
        )
        self.assertAlmostEqual(draft.finished["girth"], around + ease + 2 * math.pi * (thick + 0.3), 6)
        self.assertIn("caution.heat", checks(draft))

    def test_reduced_lining_is_smaller_by_the_turn_of_cloth(self):
        layers = [*LINED, {"material": "cotton-batting", "role": "padding"}]
        draft = draft_spec(spec("sleeve", {"girth": 140, "length": 160}, {"lining": "reduced"}, layers))
        # As wide as the outer at the mouth they share, by the turn of cloth narrower at the end.
        self.assertAlmostEqual(draft.edge("body-lining.mouth").length, 140, 6)
        end = sum(draft.edge(f"body-lining.end-{hand}").length for hand in ("left", "right"))
        self.assertAlmostEqual(end, 140 - 2 * math.pi * 2.5, 6)
        self.assertAlmostEqual(piece(draft, "body-lining").cut_size[1], 160 - 2.5 + 20, 6)
        tiny = spec("sleeve", {"girth": 25, "length": 60}, {"lining": "reduced"}, layers)
        self.assertEqual(problem(tiny), ("options.lining", "problem.lining-vanishes"))


class MugBags(unittest.TestCase):
    @given(st.floats(200, 800), st.floats(0.1, 0.3), st.floats(60, 300), st.floats(0.1, 0.9), st.floats(3, 12))
    def test_the_wrap_goes_down_under_up_and_over(self, girth, deep, wall, over, a):
        depth = girth * deep
        assume(depth > 25)
        flap = depth + wall * over
        size = {"girth": girth, "base_depth": depth, "wall_height": wall, "flap": flap, "corner_radius": 0}
        draft = draft_spec(spec("mug-bag", size, allowance={"default": a}))
        wrap = piece(draft, "wrap").cut_size
        self.assertAlmostEqual(wrap[0], girth / 2 - depth + 2 * a, 6)
        self.assertAlmostEqual(wrap[1], wall + depth + wall + flap + 2 * a, 6)
        body = piece(draft, "body").cut_size
        self.assertAlmostEqual(body[0], girth / 2 + 2 * a, 6)
        self.assertAlmostEqual(body[1], wall + depth / 2 + 2 * a, 6)
        self.assertAlmostEqual(
            convex_volume(draft, {"body"}) * 0 + draft.finished["volume"], (girth / 2 - depth) * depth * wall / 1000, 6
        )

    def test_rounded_corners_shorten_the_sides_only(self):
        size = {"girth": 340, "base_depth": 80, "wall_height": 110, "flap": 130}
        sharp = draft_spec(spec("mug-bag", {**size, "corner_radius": 0}))
        soft = draft_spec(spec("mug-bag", {**size, "corner_radius": 30}))
        self.assertAlmostEqual(piece(sharp, "wrap").cut_size[1], piece(soft, "wrap").cut_size[1], 6)
        lost = area(piece(sharp, "wrap").stitch_outline) - area(piece(soft, "wrap").stitch_outline)
        self.assertAlmostEqual(lost, 2 * (30 * 30 - math.pi * 30 * 30 / 4), 4)

    def test_what_cannot_be_made(self):
        size = {"girth": 340, "base_depth": 80, "wall_height": 110}
        self.assertEqual(problem(spec("mug-bag", {**size, "base_depth": 165}))[0], "size.base_depth")
        self.assertEqual(problem(spec("mug-bag", {**size, "flap": 300}))[0], "size.flap")
        self.assertEqual(problem(spec("mug-bag", {**size, "pocket_height": 105}))[0], "size.pocket_height")
        short = checks(draft_spec(spec("mug-bag", {**size, "flap": 60})))["flap"]
        self.assertEqual(short.verdict, "warn")

    def test_a_rim_that_is_folded_down_stands_over_the_same_bag(self):
        for girth, deep, rim in ((340, 80, None), (400, 90, 60), (300, 60, 20)):
            size = {"girth": girth, "base_depth": deep, "wall_height": 110}
            plain = draft_spec(spec("mug-bag", size))
            more = {"rim_fold": rim} if rim else {}
            folded = draft_spec(spec("mug-bag", {**size, **more}, FOLDED))
            stands = folded.finished["rim_fold"]
            self.assertAlmostEqual(stands, rim or deep / 2 + 15, 6)
            one, other = (piece(d, "body").cut_size for d in (plain, folded))
            self.assertEqual((other[0], round(other[1] - one[1], 6)), (one[0], stands))
            self.assertEqual(piece(plain, "wrap").cut_size, piece(folded, "wrap").cut_size)
            steps = {step.id: step for step in folded.steps}
            ids = list(steps)
            self.assertLess(ids.index("bag-in"), ids.index("rim-down"))
            self.assertLess(ids.index("rim-down"), ids.index("close-button-loop"))
            check = steps["rim-down"].check
            # What is over each other, or open, across the opening.
            self.assertAlmostEqual(check.params["width"], abs(2 * stands - deep), 6)
            self.assertEqual(check.id.rsplit("-")[-1], "over" if 2 * stands >= deep else "open")

    def test_a_rim_goes_no_further_than_the_opening(self):
        size = {"girth": 340, "base_depth": 80, "wall_height": 110, "rim_fold": 85}
        self.assertEqual(problem(spec("mug-bag", size, FOLDED))[0], "size.rim_fold")


class Weights(unittest.TestCase):
    @given(st.floats(30, 400), st.floats(0.2, 1.0), st.floats(0.5, 2.5))
    def test_height_and_volume_from_the_sewn_form(self, b, share, tall):
        k, s = b * share, b * tall
        assume(k >= 5 and s < 600)
        draft = draft_spec(
            spec(
                "weight",
                {"base_side": b, "top_side": k, "slant": s},
                layers=[{"material": "wool-felt", "role": "outer"}],
            )
        )
        f = draft.finished
        self.assertAlmostEqual(convex_volume(draft), f["volume"], delta=1e-6 * b**3 / 1000)
        # The corner edge as cut on both strips, and the height over the base by Cayley and Menger.
        self.assertAlmostEqual(draft.edge("panel.flap-lower-right").length, f["corner_edge"], 6)
        e = f["corner_edge"]
        diagonal = math.hypot((b + k) / 2, s)
        # Base corner, its two neighbours, and the top corner above it.
        volume = cayley_menger(b, b, e, b * math.sqrt(2), diagonal, diagonal)
        self.assertAlmostEqual(volume, b * b / 2 * f["height"] / 3, delta=1e-5 * b**3)

    def test_what_is_poured_in_is_named_and_to_be_had_ready_as_heavy_as_it_is_told(self):
        sizes = {"base_side": 80, "top_side": 40, "slant": 70}
        for filling, filled in itertools.product(DENSITY, ("full", "two-thirds")):
            told = spec("weight", sizes, options={"filling": filling, "filled": filled})
            document = draft_document(draft_spec(told))
            ready = [need for need in document["needs"] if need["role"] == "filling"]
            self.assertEqual([need["name"] for need in ready], [named(filling)])
            millilitres, grams = document["finished"]["fill_volume"], document["finished"]["fill_grams"]
            self.assertEqual(ready[0]["buy"]["text"], f"{round(grams)} g")
            self.assertAlmostEqual(grams, millilitres * DENSITY[filling], places=3)
            (step,) = (step for step in document["steps"] if step["id"] == "fill")
            text = " ".join(line["text"] for line in step["lines"])
            for part in (f"{round(millilitres)} ml of {named(filling)} ", f"{round(grams)} g"):
                self.assertIn(part, text)
            self.assertIn(f"{round(millilitres)} ml", ready[0]["note"])

    def test_more_filling_is_told_as_so_much_heavier(self):
        less, more = (
            draft_spec(spec("weight", {"base_side": 80, "top_side": 40, "slant": 70}, options={"filled": filled}))
            for filled in ("two-thirds", "full")
        )
        grams = round(more.finished["fill_grams"]) - round(less.finished["fill_grams"])
        said = [Speaker(Ruler("cm")).say(message) for message in changes(less, more)]
        self.assertIn(f"{grams} g more rice", said)
        said = [Speaker(Ruler("cm")).say(message) for message in changes(more, less)]
        self.assertIn(f"{grams} g less rice", said)
        # Another filling is not more of the first one.
        sizes = {"base_side": 80, "top_side": 40, "slant": 70}
        sand = draft_spec(spec("weight", sizes, options={"filling": "sand", "filled": "full"}))
        said = [Speaker(Ruler("cm")).say(message) for message in changes(more, sand)]
        self.assertIn(f"{round(sand.finished['fill_grams'])} g of {named('sand')}", said)
        self.assertIn("no rice", said)

    @given(st.floats(40, 200), st.floats(3, 15), st.floats(3, 15), st.floats(3, 15))
    def test_cut_sizes_by_hand(self, b, side, base, top):
        size = {"base_side": b, "top_side": b / 2, "slant": b}
        draft = draft_spec(spec("weight", size, allowance={"default": 10, "side": side, "base": base, "top": top}))
        # A wide flap allowance may stand out beyond a narrow base.
        width, height = piece(draft, "panel").cut_size
        self.assertGreaterEqual(width, b + 2 * base - 1e-6)
        if base >= side * 1.2:
            self.assertAlmostEqual(width, b + 2 * base, 5)
        self.assertAlmostEqual(height, 3 * b + 2 * top, 5)
        self.assertAlmostEqual(piece(draft, "top").cut_size[0], b / 2 + 2 * top, 5)

    def test_filling_follows_volume_share_and_kind(self):
        size = {"base_side": 80, "top_side": 40, "slant": 70}
        f = draft_spec(spec("weight", size, {"filled": "four-fifths", "filling": "sand"})).finished
        self.assertAlmostEqual(f["fill_volume"], f["volume"] * 0.8)
        self.assertAlmostEqual(f["fill_grams"], f["fill_volume"] * 1.6)
        self.assertAlmostEqual(f["fill_spoons"] * 15, f["fill_volume"])

    def test_what_cannot_be_made_and_what_is_told(self):
        flat = {"base_side": 200, "top_side": 20, "slant": 85}
        self.assertEqual(problem(spec("weight", flat)), ("size.slant", "problem.weight-flat"))
        self.assertEqual(checks(draft_spec(spec("weight", {"base_side": 80})))["layers.fray"].verdict, "warn")
        felt = [{"material": "wool-felt", "role": "outer"}]
        self.assertNotIn("layers.fray", checks(draft_spec(spec("weight", {"base_side": 80}, layers=felt))))

    def test_what_the_filling_gets_through_is_told(self):
        mesh = [{"material": "mesh", "role": "outer"}]
        for layers, parts, leaks in ((None, ["eyelet"], 1), (mesh, [], 1), (None, ["button", "label"], 0)):
            more = {"layers": layers} if layers else {}
            made = draft_spec(spec("weight", {"base_side": 80}, parts=[{"kind": kind} for kind in parts], **more))
            self.assertEqual("filling.leaks" in checks(made), bool(leaks), (layers, parts))


class Everywhere(unittest.TestCase):
    def test_missing_sizes_are_named(self):
        for form, name in (
            ("neck-bag", "girth"),
            ("lid-cover", "mouth_diameter"),
            ("sleeve", "girth"),
            ("mug-bag", "girth"),
            ("weight", "base_side"),
        ):
            self.assertEqual(problem(spec(form, {})), (f"size.{name}", "problem.size-missing"))

    @given(
        st.sampled_from(("neck-bag", "lid-cover", "sleeve", "mug-bag", "weight")),
        st.floats(-50, 3000),
        st.floats(-50, 3000),
        st.floats(-50, 3000),
    )
    def test_any_three_numbers_are_drafted_or_refused_by_name(self, form, x, y, z):
        names = {
            "neck-bag": ("girth", "object_height", "neck_height"),
            "lid-cover": ("mouth_diameter", "drop", "frill"),
            "sleeve": ("girth", "girth_mouth", "length"),
            "mug-bag": ("girth", "wall_height", "base_depth"),
            "weight": ("base_side", "top_side", "slant"),
        }[form]
        try:
            draft = draft_spec(spec(form, dict(zip(names, (x, y, z), strict=True))))
        except SpecError as error:
            self.assertTrue(error.problems[0].field.split(".")[0] in ("size", "options", "allowance", "ease"), error)
            return
        for part in draft.pieces:
            self.assertTrue(all(math.isfinite(v) for p in flatten(part.cut_outline) for v in p))


class HandleEnds(unittest.TestCase):
    """A sleeve over a ring or a bulge, and whether it holds behind it."""

    def made(self, parts=(), size=None, **end):
        thing = {"kind": "rod", "girth": 90, "length": 180, **end}
        spec = {"form": "sleeve", "unit": "mm", "object": thing, "layers": [{"material": "canvas", "role": "outer"}]}
        return draft_spec({**spec, "size": size or {}, "parts": list(parts)})

    def told(self, made):
        return {c.id: c for c in made.checks if c.id in ("fit.end", "fit.grip")}

    def test_the_sleeve_is_sized_for_what_must_pass(self):
        plain, ring, knob = self.made(), self.made(ring_across=60), self.made(end_girth=130)
        self.assertEqual(self.told(plain), {})
        self.assertGreater(plain.finished["girth"], 90)
        self.assertGreater(ring.finished["girth"], 2 * 60 + 10)
        self.assertGreater(knob.finished["girth"], 130)
        for made in (ring, knob):
            self.assertEqual(self.told(made)["fit.end"].verdict, "ok")

    def test_a_mouth_that_does_not_pass_the_end_stops_the_cutting(self):
        made = self.made(size={"girth": 128, "girth_mouth": 128}, end_girth=130)
        self.assertEqual(self.told(made)["fit.end"].verdict, "stop")

    def test_loose_behind_the_end_is_told_unless_elastic_draws_it_in(self):
        self.assertEqual(self.told(self.made(end_girth=100))["fit.grip"].verdict, "ok")
        loose = self.told(self.made(end_girth=150))["fit.grip"]
        self.assertEqual(loose.verdict, "warn")
        mouth = self.made(end_girth=150).finished["girth"]
        self.assertAlmostEqual(loose.value, mouth - 90)
        for stretch, verdict in (("half", "ok"), ("quarter", "warn")):
            elastic = {"kind": "elastic", "round": mouth, "stretch": stretch}
            drawn = mouth * (0.5 if stretch == "half" else 0.75)
            self.assertEqual(drawn <= 90, verdict == "ok")
            self.assertEqual(self.told(self.made([elastic], end_girth=150))["fit.grip"].verdict, verdict)

    def test_a_handle_has_one_end(self):
        with self.assertRaises(SpecError) as caught:
            self.made(ring_across=40, end_girth=120)
        self.assertEqual(caught.exception.problems[0].field, "object.end_girth")


if __name__ == "__main__":
    unittest.main()
