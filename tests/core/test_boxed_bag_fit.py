"""Sizes that follow from a thing, verdicts on its fit, and the changes that would mend them."""

import math
import unittest

from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.drafting.reading import read_thing
from eggtuck.core.fit.ease import ease_habit, proposed_ease
from eggtuck.core.fit.measured import difference_message
from eggtuck.core.forms import CATALOGUE, draft_spec
from eggtuck.core.lengths import Grid, Ruler
from eggtuck.core.pattern.document import draft_document
from tests.specs import cordial, sized


def checks(draft):
    return {check.id: check for check in draft.checks}


def mended(spec, check):
    """The spec with a check's fix applied the way the table applies it."""
    document = draft_document(draft_spec(spec))
    fix = next(c["fix"] for c in document["checks"] if c["id"] == check)
    changed = {**spec}
    for field, value in fix["set"].items():
        group, name = field.split(".")
        if group == "layers":
            changed["layers"] = [*changed["layers"], {"material": value, "role": name}]
        else:
            changed[group] = {**changed.get(group, {}), name: value}
    return changed


class FollowingAThing(unittest.TestCase):
    def test_the_girth_is_thing_plus_ease_plus_turn_of_cloth(self):
        draft = draft_spec(cordial(rounding="none"))
        self.assertAlmostEqual(draft.finished["girth"], 251 + 39 + 2 * math.pi * 0.3)
        chain = draft.sums["finished.girth"]
        self.assertEqual([line.operation for line in chain.lines], ["start", "plus", "plus"])

    def test_only_what_lies_inside_the_outer_counts_as_turn_of_cloth(self):
        layers = [{"material": "canvas", "role": "outer", "thickness": "2"}]
        draft = draft_spec(cordial(layers=layers, rounding="none"))
        self.assertAlmostEqual(draft.finished["girth"], 290)
        unlined = cordial(options={"top": "plain"}, rounding="none")
        unlined["layers"] = unlined["layers"][:1]
        self.assertAlmostEqual(draft_spec(unlined).finished["girth"], 290)
        # A lining no seam joins lines the cloth flat: it takes room too.
        flat = cordial(options={"top": "plain"}, rounding="none")
        self.assertAlmostEqual(draft_spec(flat).finished["girth"], 290 + 2 * math.pi * 0.3)

    def test_sizes_given_by_hand_overrule_the_thing(self):
        spec = cordial(size={"girth": "33", "wall_height": "20", "base_depth": "8"}, rounding="none")
        finished = draft_spec(spec).finished
        self.assertEqual((finished["girth"], finished["wall_height"], finished["base_depth"]), (330, 200, 80))

    def test_base_depth_proposed_for_a_round_thing(self):
        """``min(d + 2t, G/4)``: its own width when that fits, else the square base."""
        small = cordial(object={"base_diameter": "5"}, size={"base_depth": ""}, rounding="none")
        self.assertAlmostEqual(draft_spec(small).finished["base_depth"], 50 + 2 * 0.3)
        wide = draft_spec(cordial(size={"base_depth": ""}, rounding="none"))
        self.assertAlmostEqual(wide.finished["base_depth"], wide.finished["girth"] / 4)

    def test_base_depth_rounds_up_when_it_is_the_thing_s_own_width_else_to_the_nearest(self):
        small = draft_spec(cordial(object={"base_diameter": "5"}, size={"base_depth": ""}))
        self.assertAlmostEqual(small.finished["base_depth"], 51)
        wide = draft_spec(cordial(size={"base_depth": ""}))
        self.assertAlmostEqual(wide.finished["base_depth"], Grid(1.0).round(wide.finished["girth"] / 4))

    def test_the_wall_allows_for_what_a_tight_base_takes(self):
        draft = draft_spec(cordial(rounding="none"))
        shortfall = 80 + 2 * 0.3 - 70
        self.assertAlmostEqual(draft.finished["wall_height"], 310 + 40 + shortfall / 2)

    def test_a_carton_sits_on_its_own_footprint(self):
        thing = {"kind": "carton", "width": 90, "depth": 60, "height": 140}
        bare = [{"material": "linen", "role": "outer"}]
        nothing = {"girth": None, "wall_height": None, "base_depth": None}
        spec = sized(object=thing, ease={"girth": 20}, size=nothing, layers=bare)
        draft = draft_spec(spec)
        self.assertAlmostEqual(draft.finished["girth"], 320)
        self.assertAlmostEqual(draft.finished["base_depth"], 60)
        self.assertAlmostEqual(draft.finished["base_width"], 100)
        self.assertEqual(checks(draft)["fit.base"].verdict, "ok")

    def test_the_tie_lies_over_the_shoulder(self):
        """The tape runs up the body and over the shoulder, so the line is further than the neck is high."""
        draft = draft_spec(cordial(rounding="none", size={"base_depth": ""}))
        radius = 251 / (2 * math.pi)
        along = 195 + math.hypot(230 - 195, radius - 16)
        loss = (80.6 - draft.finished["base_depth"]) / 2
        self.assertAlmostEqual(draft.finished["tie_height"], along + loss)
        marks = [m for m in draft.pieces[0].marks if m.kind == "tie"]
        self.assertTrue(marks)
        height = marks[0].path[0].start[1] - draft.finished["base_depth"] / 2
        self.assertAlmostEqual(height, draft.finished["tie_height"])

    def test_the_ribbon_goes_round_the_neck_and_makes_a_bow(self):
        draft = draft_spec(cordial(size={"bow": "50"}, rounding="none"))
        ribbon = next(need for need in draft.needs if need.id == "ribbon")
        self.assertAlmostEqual(ribbon.exact, math.pi * 32 + 2 * math.pi * 0.7 + 500)
        self.assertGreaterEqual(ribbon.buy, ribbon.exact)
        none = draft_spec(cordial(options={"tie": "none"}))
        self.assertFalse(any(need.id == "ribbon" for need in none.needs))
        self.assertFalse(any(step.id == "tie" for step in none.steps))


class RoundedSizes(unittest.TestCase):
    @given(
        st.floats(180, 500), st.floats(5, 60), st.floats(60, 400), st.sampled_from(["1 mm", "5 mm", "1/8 in", "1/4 in"])
    )
    def test_cut_sizes_lie_on_the_ruler_and_the_net_sizes_follow(self, girth, ease, height, rounding):
        spec = sized(
            object={"kind": "jar", "girth": girth, "height": height},
            size={"girth": None, "wall_height": None, "base_depth": None},
            ease={"girth": ease},
            layers=[{"material": "linen", "role": "outer"}],
            rounding=rounding,
        )
        draft = draft_spec(spec)
        grid = Grid({"1 mm": 1.0, "5 mm": 5.0, "1/8 in": 25.4 / 8, "1/4 in": 25.4 / 4}[rounding])
        width, high = draft.pieces[0].cut_size
        self.assertTrue(grid.shows(round(width, 6)), width)
        self.assertTrue(grid.shows(round(high, 6)), high)
        # Rounded up, never down, and by less than one mark on each panel.
        self.assertGreaterEqual(draft.finished["girth"], girth + ease - 1e-6)
        self.assertLess(draft.finished["girth"] - girth - ease, 2 * grid.step)
        self.assertAlmostEqual(draft.finished["girth"], 2 * (width - 20), 6)
        self.assertAlmostEqual(draft.finished["wall_height"], high - 20 - draft.finished["base_depth"] / 2, 6)
        for seam in draft.seams:
            self.assertLess(abs(seam.difference), 0.001)

    def test_a_given_size_that_was_rounded_is_told(self):
        draft = draft_spec(sized(size={"girth": 303}, rounding="5 mm"))
        note = checks(draft)["rounding"]
        self.assertEqual(note.verdict, "note")
        self.assertAlmostEqual(note.value, draft.finished["girth"] - 303)
        self.assertNotIn("rounding", checks(draft_spec(sized(rounding="5 mm"))))

    def test_a_cut_out_between_marks_is_told_and_mended(self):
        spec = sized(size={"base_depth": 71}, rounding="1 mm")
        self.assertEqual(checks(draft_spec(spec))["box.ruler"].verdict, "note")
        self.assertNotIn("box.ruler", checks(draft_spec(mended(spec, "box.ruler"))))


GRADES = ["will-not-go-in", "tight", "snug", "slides-in", "roomy", "too-loose"]
forms = st.sampled_from(("boxed-bag", "cylinder", "neck-bag", "dart-bowl", "sleeve", "mug-bag"))
kinds = st.sampled_from(("bottle", "carton", "rod", "bowl"))


class EaseVerdicts(unittest.TestCase):
    def test_grades_run_from_will_not_go_in_to_too_loose(self):
        habit = ease_habit(CATALOGUE["boxed-bag"].traits.ease, "bottle", 0.0)
        names = [habit.grade(room / 100)[0] for room in (-1, 0.5, 3, 12, 30, 60)]
        self.assertEqual(names, GRADES)

    @given(forms, kinds, st.floats(0, 10), st.sampled_from((0.0, 0.05, 0.3)), st.floats(-0.5, 2), st.floats(0, 1))
    def test_more_room_never_goes_back_a_grade(self, form, kind, between, stretch, share, more):
        habit = ease_habit(CATALOGUE[form].traits.ease, kind, between, stretch)
        order = GRADES.index
        self.assertLessEqual(order(habit.grade(share)[0]), order(habit.grade(share + more)[0]))

    @given(forms, kinds, st.floats(0, 10), st.floats(60, 900))
    def test_the_proposed_ease_slides_in(self, form, kind, between, girth):
        habit = ease_habit(CATALOGUE[form].traits.ease, kind, between)
        self.assertEqual(habit.grade(proposed_ease(habit, girth, 0.1) / girth)[0], "slides-in")
        self.assertLess(habit.low, habit.usual)
        self.assertLess(habit.usual, habit.high)

    def test_cloth_that_stretches_goes_on_with_less_than_no_room(self):
        woven, knit = (
            ease_habit(CATALOGUE["sleeve"].traits.ease, "rod", 0.0),
            ease_habit(CATALOGUE["sleeve"].traits.ease, "rod", 0.0, stretch=0.1),
        )
        self.assertEqual(woven.grade(-0.01)[0], "will-not-go-in")
        self.assertEqual(knit.grade(-0.01)[1], "ok")
        self.assertEqual(knit.grade(-0.1)[0], "will-not-go-in")

    def test_the_usual_range_is_told_with_the_ease(self):
        state = next(s for s in draft_spec(cordial()).inputs if s.field == "ease.girth")
        self.assertLess(state.usual[0], state.proposed)
        self.assertGreater(state.usual[1], state.proposed)

    def test_padding_takes_room_from_the_inside(self):
        thin = draft_spec(cordial(size={"girth": "29"}, rounding="none"))
        layers = [*cordial()["layers"], {"material": "thin-foam", "role": "padding"}]
        thick = draft_spec(cordial(size={"girth": "29"}, layers=layers, rounding="none"))
        lost = checks(thin)["fit.girth"].value - checks(thick)["fit.girth"].value
        self.assertAlmostEqual(lost, 2 * math.pi * 3.0)

    def test_every_bad_ease_can_be_mended_by_its_button(self):
        for ease in ("-2", "0.1", "9", "15"):
            for by_hand in (False, True):
                with self.subTest(ease=ease, by_hand=by_hand):
                    spec = cordial(ease={"girth": ease})
                    if by_hand:
                        spec["size"] = {**spec["size"], "girth": 25.1 + float(ease)}
                    self.assertNotEqual(checks(draft_spec(spec))["fit.girth"].verdict, "ok")
                    self.assertEqual(checks(draft_spec(mended(spec, "fit.girth")))["fit.girth"].verdict, "ok")


class StandingVerdicts(unittest.TestCase):
    def test_a_base_as_large_as_the_thing_is_flat(self):
        spec = cordial(object={"base_diameter": "6"}, size={"base_depth": "7"})
        self.assertEqual(checks(draft_spec(spec))["fit.base"].verdict, "ok")

    def test_a_tight_base_loses_half_its_shortfall(self):
        check = checks(draft_spec(cordial(size={"base_depth": "6"}, rounding="none")))["fit.base"]
        self.assertAlmostEqual(check.value, (80.6 - 60) / 2)
        self.assertEqual(check.verdict, "warn")

    def test_the_offered_base_is_better(self):
        spec = cordial(size={"base_depth": "5"})
        before = checks(draft_spec(spec))["fit.base"].value
        self.assertLess(checks(draft_spec(mended(spec, "fit.base")))["fit.base"].value, before)

    def test_height_from_proud_to_drowning(self):
        for headroom, title in (
            ("-25", "fit.proud"),
            ("-3", "fit.proud"),
            ("0", "fit.level"),
            ("4", "fit.covered"),
            ("20", "fit.folds-down"),
        ):
            with self.subTest(headroom):
                check = checks(draft_spec(cordial(size={"headroom": headroom}, options={"tie": "none"})))["fit.height"]
                self.assertEqual(check.title.id, title)
                if check.fix:
                    spec = mended(cordial(size={"headroom": headroom}, options={"tie": "none"}), "fit.height")
                    self.assertEqual(checks(draft_spec(spec))["fit.height"].title.id, "fit.level")

    def test_a_tie_on_the_shoulder_is_moved_up(self):
        spec = cordial(size={"tie_height": "21,2"})
        self.assertEqual(checks(draft_spec(spec))["fit.tie"].title.id, "fit.tie-low")
        self.assertEqual(checks(draft_spec(mended(spec, "fit.tie")))["fit.tie"].verdict, "ok")

    def test_a_tie_in_the_air_and_a_short_ruffle(self):
        high = cordial(size={"tie_height": "36", "headroom": "8"})
        self.assertEqual(checks(draft_spec(high))["fit.tie"].title.id, "fit.tie-high")
        short = cordial(size={"headroom": "-6"})
        self.assertEqual(checks(draft_spec(short))["fit.tie"].title.id, "fit.tie-short")
        self.assertEqual(checks(draft_spec(mended(short, "fit.tie")))["fit.tie"].verdict, "ok")

    def test_a_bag_that_ends_below_the_neck_has_no_tie(self):
        draft = draft_spec(cordial(size={"headroom": "-12"}))
        self.assertNotIn("tie_height", draft.finished)
        self.assertEqual(checks(draft)["fit.tie"].title.id, "fit.no-tie")


class OtherChecks(unittest.TestCase):
    def test_allowances_that_meet_unequal_are_told_and_mended(self):
        spec = cordial(allowance={"lining-top": "1.5"})
        self.assertEqual(checks(draft_spec(spec))["allowance.rim"].verdict, "warn")
        self.assertNotIn("allowance.rim", checks(draft_spec(mended(spec, "allowance.rim"))))

    def test_a_seam_with_nothing_to_sew_on(self):
        found = checks(draft_spec(cordial(allowance={"side": "0,1"})))
        self.assertEqual(found["thin.side-left"].verdict, "warn")

    def test_corners_beside_folds_and_oblong_cut_outs(self):
        side = checks(draft_spec(cordial(options={"cut": "side-fold"})))["box.fold"]
        self.assertAlmostEqual(side.value, 35 - 10)
        self.assertIn("box.fold", checks(draft_spec(cordial(options={"cut": "base-fold"}))))
        self.assertNotIn("box.fold", checks(draft_spec(cordial())))
        self.assertIn("box.unequal", checks(draft_spec(cordial(allowance={"side": "0,7"}))))
        self.assertNotIn("box.unequal", checks(draft_spec(cordial(allowance={"side": "0,7", "base": "0,7"}))))

    def test_a_print_with_a_way_up_on_a_base_fold(self):
        layers = [{"material": "linen", "role": "outer", "directional": True}, {"material": "linen", "role": "lining"}]
        spec = cordial(layers=layers, options={"cut": "base-fold"})
        self.assertEqual(checks(draft_spec(spec))["print"].verdict, "warn")
        self.assertNotIn("print", checks(draft_spec(mended(spec, "print"))))

    def test_a_gap_too_short_to_turn_thick_layers_through(self):
        layers = [*cordial()["layers"], {"material": "thin-foam", "role": "padding", "thickness": "1"}]
        spec = cordial(layers=layers, size={"gap": "4"})
        check = checks(draft_spec(spec))["gap"]
        self.assertEqual(check.verdict, "warn")
        self.assertGreater(check.limit, 40)
        after = checks(draft_spec(mended(spec, "gap")))["gap"]
        self.assertTrue(after.verdict == "ok" or after.fix != check.fix)

    def test_a_missing_lining_is_offered(self):
        spec = cordial(layers=[{"material": "linen", "role": "outer"}])
        self.assertIn("layers.lining", checks(draft_spec(spec)))
        self.assertNotIn("layers.lining", checks(draft_spec(mended(spec, "layers.lining"))))

    def test_cautions_for_glass_and_ribbon(self):
        self.assertIn("caution.fragile", checks(draft_spec(cordial())))
        self.assertIn("caution.ribbon", checks(draft_spec(cordial())))
        self.assertNotIn("caution.fragile", checks(draft_spec(sized())))

    def test_measures_that_disagree(self):
        apart = checks(draft_spec(cordial(object={"diameter": "9"})))
        self.assertEqual(apart["object.girth-diameter"].verdict, "warn")
        near = checks(draft_spec(cordial(object={"diameter": "8,1"})))
        self.assertNotIn("object.girth-diameter", near)
        wide = checks(draft_spec(cordial(object={"base_diameter": "9"})))
        self.assertEqual(wide["object.base-wider"].verdict, "warn")

    def test_diameter_alone_gives_the_girth(self):
        thing = read_thing({"kind": "jar", "diameter": "10", "height": "12"}, "cm")
        self.assertAlmostEqual(thing.girth, 100 * math.pi)


class Needs(unittest.TestCase):
    def test_cloth_is_bought_with_a_margin_in_steps_of_10_cm(self):
        draft = draft_spec(cordial())
        for need in draft.needs:
            self.assertGreaterEqual(need.buy, need.exact)
            if need.id.startswith("cloth"):
                self.assertGreaterEqual(need.buy, need.exact * 1.05 - 1e-6)
                self.assertAlmostEqual(need.buy % 100, 0)
        self.assertEqual({n.role for n in draft.needs}, {"outer", "lining", "ribbon", "thread"})

    def test_brute_force_rows(self):
        """Lay 2 panels in rows by hand, upright and turned, and take the shorter."""
        draft = draft_spec(cordial())
        width, height = draft.pieces[0].cut_size
        usable = 1400 - 30
        upright = math.ceil(2 / (usable // width)) * height
        turned = math.ceil(2 / (usable // height)) * width
        self.assertAlmostEqual(draft.needs[0].exact, min(upright, turned))

    def test_a_piece_wider_than_the_cloth_is_told(self):
        layers = [{"material": "linen", "role": "outer", "width": "30", "directional": True}]
        draft = draft_spec(cordial(layers=layers, options={"cut": "side-fold"}, object={"girth": "60"}))
        self.assertEqual(draft.needs[0].note.params["note"].id, "need.joined")

    def test_no_lining_no_lining_cloth(self):
        draft = draft_spec(cordial(options={"top": "deep-hem"}, layers=[{"material": "linen", "role": "outer"}]))
        self.assertNotIn("lining", {n.role for n in draft.needs})


class Afterwards(unittest.TestCase):
    def test_a_girth_that_is_off_is_shared_out_among_the_seams(self):
        message = difference_message("girth", 290, 282, 2)
        self.assertEqual(message.id, "measured.smaller-girth")
        # Two seams, each taking from front and back.
        self.assertAlmostEqual(message.params["each"], 2)
        self.assertEqual(difference_message("girth", 290, 291, 2).id, "measured.same")
        self.assertEqual(difference_message("wall_height", 290, 300, 2).id, "measured.larger")

    def test_inputs_say_what_is_given_and_what_is_proposed(self):
        document = draft_document(draft_spec(cordial()))
        inputs = {item["field"]: item for item in document["inputs"]}
        self.assertEqual(inputs["size.base_depth"]["typed"], "7")
        self.assertIsNone(inputs["size.wall_height"]["typed"])
        self.assertIsNotNone(inputs["size.base_depth"]["proposed"])
        self.assertEqual(inputs["object.girth"]["typed"], "25,1")
        for item in inputs.values():
            if item["low"]["mm"] < item["value"]["mm"] < item["high"]["mm"]:
                up, down = (Ruler("cm"), item["up"]), (Ruler("cm"), item["down"])
                self.assertNotEqual(up[1], down[1])


if __name__ == "__main__":
    unittest.main()
