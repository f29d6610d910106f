"""A make at a maker's own machine: what is missing, how an allowance is kept, what the machine can."""

import unittest

from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.bench import equip, read_bench
from eggtuck.core.bench.equipping import guide_for
from eggtuck.core.bench.machine import Bench
from eggtuck.core.bench.tools import TOOLS
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler, read_length
from eggtuck.core.pattern import SpecError
from eggtuck.core.words import Speaker
from tests import share
from tests.makes import LAYERS, draft_of, makes

MM = Ruler("mm")


def starting(form, layers="lined", **options):
    return draft_spec({**starting_spec(CATALOGUE[form], MM, None), "layers": LAYERS[layers], "options": options})


class Reading(unittest.TestCase):
    def test_what_nobody_told_is_not_there_to_be_missed(self):
        bench = read_bench({}, MM)
        self.assertEqual(bench, Bench())
        found = equip(starting("tetra", "padded"), bench)
        self.assertEqual({tool.here for tool in found.tools}, {None})
        self.assertEqual(found.checks, ())

    def test_what_was_told_is_read_on_the_ruler(self):
        bench = read_bench(
            {"free_arm": "11 3/4", "plate": "3/8; 5/8 in", "feet": ["zip", "hat"], "tools": []}, Ruler("in")
        )
        self.assertAlmostEqual(bench.free_arm, 11.75 * 25.4)
        self.assertEqual([round(line, 3) for line in bench.plate], [9.525, 15.875])
        self.assertEqual(bench.feet, {"zip"})
        self.assertEqual(bench.tools, frozenset())

    def test_every_field_at_fault_is_named(self):
        with self.assertRaises(SpecError) as caught:
            read_bench({"free_arm": "wide", "stack": "4 m", "foot_edge": "8", "plate": "10; x"}, MM)
        self.assertEqual(
            {p.field for p in caught.exception.problems}, {"machine.free_arm", "machine.stack", "machine.plate"}
        )
        for problem in caught.exception.problems:
            self.assertTrue(Speaker(MM).say(problem.message))


class ByHand(unittest.TestCase):
    """Lengths in fingers, and what the fist goes through, beside the sentences of the steps themselves."""

    @classmethod
    def setUpClass(cls):
        cls.drafts = [draft_of(spec) for _, spec in share(makes(), 4)]

    def found(self, draft, **hand):
        return [(draft.steps[gauge.step - 1], gauge.text) for gauge in equip(draft, Bench(**hand)).gauges]

    def test_nothing_is_said_of_a_hand_nobody_measured(self):
        self.assertEqual([gauge for draft in self.drafts for gauge in self.found(draft)], [])

    def test_fingers_are_never_much_more_than_the_length_nor_much_less_and_the_length_is_in_the_step(self):
        told = set()
        for draft in self.drafts:
            speaker = Speaker(draft.ruler)
            for finger in (11.0, 16.0, 23.0):
                for step, text in self.found(draft, finger=finger):
                    words = " ".join(speaker.say(line.text) for line in step.lines)
                    with self.subTest(words):
                        self.assertIn(draft.ruler.write(text.params["length"]), words)
                        # What is marked is measured.
                        self.assertIn(step.kind, ("cut", "sew", "prepare"))
                        self.assertLessEqual(text.params["own"], text.params["length"] * 1.13)
                        self.assertGreaterEqual(text.params["own"], text.params["length"] * 0.66)
                        self.assertAlmostEqual(text.params["own"], text.params["count"] * finger)
                        told.add(text.params["count"])
        self.assertGreaterEqual(told, {1, 2, 3})

    def test_a_fist_goes_through_what_is_no_narrower(self):
        said = set()
        for draft in self.drafts:
            gaps = {gap.length for gap in draft.gaps}
            for fist in (45.0, 60.0, 82.0, 110.0):
                for step, text in self.found(draft, fist=fist):
                    said.add((step.id, text.id))
                    length = text.params["length"]
                    self.assertEqual(text.params["fist"], fist)
                    if step.id == "turn":
                        self.assertIn(length, gaps)
                        self.assertEqual(text.id == "gauge.fist-through", length >= fist)
                        continue
                    whole = draft.finished["zip_opening"]
                    half = whole / 2
                    expected = "through" if half >= fist else "zip" if whole >= fist else "not"
                    self.assertEqual(text.id, f"gauge.fist-{expected}")
                    self.assertAlmostEqual(length, half if expected == "through" else whole)
        self.assertEqual(
            said,
            {("turn", f"gauge.fist-{way}") for way in ("through", "not")}
            | {("open-zip", f"gauge.fist-{way}") for way in ("through", "zip", "not")},
        )

    def test_clips_give_way_by_no_more_than_is_told_where_a_straight_edge_goes_round_a_circle(self):
        """A clip opens by what the raw edge would be longer by, counted along both circles."""
        seen = 0
        for draft in self.drafts:
            for step in draft.steps:
                for line in step.lines:
                    if line.text.id not in ("step.clip-to-base", "step.clip-gusset"):
                        continue
                    seen += 1
                    apart = line.text.params["apart"]
                    uses = [use for seam in draft.seams if seam.id in step.seams for use in (*seam.a, *seam.b)]
                    edges = [piece.by_key[use.key] for use in uses for piece in draft.pieces if piece.id == use.piece]
                    opens = max(
                        apart / arc.radius * (arc.radius + edge.allowance) - apart
                        for edge in edges
                        for arc in edge.path
                        if arc.bulge
                    )
                    with self.subTest(f"{draft.form} {apart}"):
                        self.assertTrue(opens <= 4.0 + 0.7 or apart <= 8.1, opens)
                        self.assertGreaterEqual(apart, 6.0)
                        self.assertLessEqual(apart, 32.0)
        self.assertGreater(seen, 10)


class Guides(unittest.TestCase):
    @given(st.floats(3, 30), st.floats(4, 15), st.floats(0, 6), st.lists(st.floats(5, 30), max_size=3))
    def test_the_edge_runs_where_the_allowance_lies(self, allowance, edge, moves, plate):
        """Where the sentence says the raw edge runs, counted from the needle by hand."""
        bench = Bench(foot_edge=edge, needle_moves=moves, plate=tuple(plate))
        text = guide_for(allowance, bench, MM)
        by = allowance - edge
        if text.id == "guide.foot":
            self.assertLessEqual(abs(by), 0.5)
        elif text.id.startswith("guide.needle"):
            # Moved left the needle lies farther from the edge on the right.
            self.assertEqual(text.id, "guide.needle-left" if by > 0 else "guide.needle-right")
            self.assertLessEqual(abs(by), moves + 1e-6)
            self.assertEqual(text.params["by"], MM.stitch(abs(by)))
        elif text.id == "guide.plate":
            self.assertLessEqual(min(abs(line - allowance) for line in plate), 0.5)
        else:
            self.assertGreater(abs(by), moves)
            self.assertTrue(all(abs(line - allowance) > 0.5 for line in plate))
        self.assertEqual(text.params["allowance"], allowance)

    @given(st.floats(5, 30), st.floats(-3, 3), st.sampled_from((None, 6.0, 8.5)), st.sampled_from(("mm", "cm", "in")))
    def test_who_sews_wide_is_guided_nearer_so_that_the_seam_comes_out_as_told(self, allowance, wide, edge, unit):
        ruler = Ruler(unit)
        text = guide_for(allowance, Bench(foot_edge=edge, needle_moves=1.0, sews_wide=wide), ruler)
        if abs(wide) < 0.5:
            self.assertEqual(text, guide_for(allowance, Bench(foot_edge=edge, needle_moves=1.0), ruler))
            return
        self.assertEqual(text.id, "guide.sews-wide" if wide > 0 else "guide.sews-narrow")
        self.assertEqual(text.params["allowance"], allowance)
        inner = text.params["guide"]
        # Where the edge runs by the sentence, and how wide it is sewn there.
        runs = read_length(inner.params["allowance"], unit).mm
        self.assertLessEqual(abs(runs + wide - allowance), 0.35)
        if inner.id.startswith("guide.needle"):
            by = float(inner.params["by"].split()[0]) * (1 if inner.id.endswith("left") else -1)
            self.assertLessEqual(abs(edge + by + wide - allowance), 0.1)

    def test_every_allowance_of_a_make_has_one(self):
        draft = starting("gusset-bag")
        found = equip(draft, Bench(foot_edge=8.0))
        self.assertEqual(
            [g.allowance for g in found.guides],
            sorted({s.allowance for s in draft.steps if s.kind == "sew" and s.allowance}),
        )


class Machines(unittest.TestCase):
    def test_the_thickest_seam_is_held_against_what_it_sews(self):
        draft = starting("round-pouch", "padded")
        most = max(step.thick for step in draft.steps if step.thick is not None and not step.hand)
        for stack, verdict in ((most - 0.1, "warn"), (most, "ok"), (most + 1, "ok")):
            (check,) = equip(draft, Bench(stack=stack)).checks
            self.assertEqual(check.verdict, verdict)
            self.assertAlmostEqual(check.value, most)

    def test_a_tube_narrower_than_the_arm_is_hemmed_flat_where_that_can_be_chosen(self):
        for form in ("boxed-bag", "neck-bag"):
            asks = tuple(option.id for option in CATALOGUE[form].options)
            draft = starting(form, "outer")
            around = min(step.around for step in draft.steps if step.around is not None)
            (check,) = equip(draft, Bench(free_arm=around + 10), asks).checks
            self.assertEqual((check.verdict, dict(check.fix.changes)), ("warn", {"options.hem_order": "before"}))
            mended = starting(form, "outer", hem_order="before")
            again = equip(mended, Bench(free_arm=around + 10), asks).checks
            self.assertFalse([c for c in again if c.fix is not None])
            (fits,) = equip(draft, Bench(free_arm=around - 10), asks).checks
            self.assertEqual(fits.verdict, "ok")

    def test_how_far_round_it_is_is_measured_on_the_finished_make(self):
        draft = starting("cylinder", "lined")
        rim = next(step for step in draft.steps if step.id == "topstitch")
        self.assertAlmostEqual(rim.around, draft.finished["girth"], delta=0.01)

    def test_what_is_missing_is_what_is_asked_for_and_not_there(self):
        draft = starting("tetra", "padded")
        found = equip(draft, Bench(feet=frozenset(("standard",)), tools=frozenset(TOOLS) - {"turner"}))
        self.assertEqual([tool.id for tool in found.tools if tool.here is False], ["zip", "walking", "turner"])
        turner = next(tool for tool in found.tools if tool.id == "turner")
        self.assertEqual([draft.steps[n - 1].id for n in turner.steps], [s.id for s in draft.steps if s.turns])

    def test_what_holds_layers_is_wanted_where_it_is_told_and_at_every_seam(self):
        for form, layers, tool in (("boxed-bag", "lined", "pins"), ("boxed-bag", "sheet", "clips")):
            draft = starting(form, layers)
            found = {t.id: t for t in equip(draft, Bench()).tools}
            seams = [
                n for n, step in enumerate(draft.steps, 1) if step.id == "set-up" or (step.seams and not step.hand)
            ]
            self.assertEqual(list(found[tool].steps), seams)
            self.assertNotIn({"pins": "clips", "clips": "pins"}[tool], found)

    def test_why_clips_is_told_where_the_cloth_wants_them_and_not_where_a_maker_does(self):
        for layers, held, why in (
            ("lined", "clips", None),
            ("sheet", "clips", "holes of pins would stay"),
            ("sheet", "cloth", "holes of pins would stay"),
            ("lined", "cloth", None),
        ):
            draft = starting("boxed-bag", layers, held_with=held)
            (line,) = next(step for step in draft.steps if step.id == "set-up").lines
            said = Speaker(MM).say(line.text)
            self.assertEqual("clips" in said, (layers, held) != ("lined", "cloth"))
            self.assertEqual("would stay" in said, why is not None, (layers, held))
            self.assertNotIn("so thick", said)
        thick = [
            *LAYERS["padded"],
            {"material": "thin-foam", "role": "padding"},
            {"material": "thin-foam", "role": "padding"},
        ]
        spec = {**starting_spec(CATALOGUE["boxed-bag"], MM, None), "layers": thick}
        step = next(step for step in draft_spec(spec).steps if step.id == "set-up")
        self.assertIn("so thick", Speaker(MM).say(step.lines[0].text))

    def test_what_is_set_anew_is_told_at_its_step(self):
        draft = starting("gusset-bag", "padded")
        found = equip(draft, Bench())
        self.assertEqual([n for n, _ in found.changes], [n for n, step in enumerate(draft.steps, 1) if step.changed])


class Symptoms(unittest.TestCase):
    def test_only_what_a_make_can_have_is_told_with_the_step_it_comes_from(self):
        speaker, seen = Speaker(MM), set()
        for name, spec in share(makes(), 3):
            draft = draft_of(spec)
            for symptom in equip(draft, Bench()).symptoms:
                with self.subTest(name, symptom=symptom.id):
                    seen.add(symptom.id)
                    step = draft.steps[symptom.step - 1]
                    said = (
                        " ".join(speaker.say(line.text) for line in step.lines).lower()
                        + speaker.say(step.title).lower()
                    )
                    about = {"zip-waves": "zip", "zip-shut": "slider", "frame": "frame", "corners": "corner", "binding": "fold the binding over", "elastic": "elastic", "gap-shows": "gap"}  # fmt: skip
                    self.assertIn(about.get(symptom.id, ""), said)
                    self.assertTrue(speaker.say(symptom.name) and speaker.say(symptom.remedy))
                    self.assertEqual(len({speaker.say(cause) for cause in symptom.causes}), 2)
            zips = {s.id for s in equip(draft, Bench()).symptoms} & {"zip-waves", "zip-shut"}
            self.assertEqual(bool(zips), any(piece.id == "zip" for piece in draft.pieces), name)
        self.assertEqual(len(seen), 14)

    def test_what_may_be_left_out_says_what_is_lost(self):
        """Nothing that closes, holds or turns anything may be left out."""
        seen = set()
        for name, spec in share(makes(), 3):
            for step in draft_of(spec).steps:
                if step.lost is not None:
                    with self.subTest(name, step=step.id):
                        seen.add(step.id)
                        self.assertFalse(step.closes or step.turns or step.leaves_open)
        self.assertEqual(
            seen | {"understitch", "press-cloth"}, {"topstitch", "understitch", "zip-topstitch", "press-cloth"}
        )


if __name__ == "__main__":
    unittest.main()
