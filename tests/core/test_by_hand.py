"""A whole make by hand, and how a maker works: nothing speaks of a machine, the times are the hand's, and each habit is told where it counts."""

import re
import unittest

from eggtuck.core.bench import Bench, equip
from eggtuck.core.bench.suited import suited
from eggtuck.core.drafting.description import WORKING
from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.making.by_hand import SPOKEN
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.actions import actions_of
from eggtuck.core.showing.lessons import LESSONS
from eggtuck.core.words import Speaker
from tests import share
from tests.literal import complaints
from tests.makes import LAYERS, draft_of, makes, mended, said_of, words_of
from tests.solids import checks

# What only a machine has or does, and a choice that there is none of.
MACHINE = re.compile(
    r"zigzag|machine|feed dog|free arm|needle down|walking|bobbin|under the foot|lift the foot|back and forth|overlock|wheel|by hand or|or by hand"
    r"|backstitch to backstitch|two backstitches|upper thread|lower thread",
    re.I,
)
TOLD = ("title", "check", "remedy", "caution", "why", "lost", "decided")


def specs():
    """Every form in every cloth, with each choice of each option, and with every part in every make, all by hand."""
    for form in CATALOGUE.values():
        for name, layers in LAYERS.items():
            for option in (None, *form.options):
                told = ("lined", "outer") if option is not None and option.id == "hem_order" else ("lined",)
                if option is not None and (name not in told or option.id in ("user", "holds", "sewn_by")):
                    continue
                for choice in option.choices if option else ("",):
                    options = {**({option.id: choice} if option else {}), "sewn_by": "hand"}
                    yield {**starting_spec(form, Ruler("mm"), None), "layers": layers, "options": options}
        # Parts are told alike on all forms: on a few of them.
        for kind in PARTS.values() if form.place % 4 == 0 or form.id == "boxed-bag" else ():
            for chosen in ({}, *({n: c} for n, every in kind.choices.items() for c in every[1:])):
                yield {
                    **starting_spec(form, Ruler("mm"), None),
                    "options": {"sewn_by": "hand"},
                    "parts": [{"kind": kind.id, **chosen}],
                }


def texts(step):
    yield from (line["text"] for line in step["lines"])
    yield from step["short"]
    yield from step["causes"]
    yield from (step[name] for name in TOLD if step[name])


class ByHand(unittest.TestCase):
    def test_nothing_speaks_of_a_machine_and_nothing_is_left_undone(self):
        tried = 0
        for spec in share(specs(), 4):
            try:
                draft = draft_of(spec)
            except SpecError:
                continue
            tried += 1
            document = said_of(spec)
            with self.subTest(spec["form"], options=spec["options"], parts=spec.get("parts")):
                self.assertEqual(complaints(document), [])
                for step, told in zip(draft.steps, document["steps"], strict=True):
                    self.assertEqual([t for t in texts(told) if MACHINE.search(t)], [], step.id)
                    self.assertIsNone(step.foot)
                    self.assertIsNone(step.stitch)
                    # A few stitches across a zip's teeth are told with what is done there.
                    own = step.id == "set-up" or "zip-ends-shortened" in step.title.id
                    self.assertEqual(step.hand, step.kind == "sew" or own or bool(step.stitches), step.id)
                    self.assertLessEqual(set(step.stitches), {lesson.id for lesson in LESSONS}, step.id)
                    if (
                        step.seams
                        and step.kind == "sew"
                        and draft.seams
                        and any(s.id in step.seams for s in draft.seams)
                    ):
                        self.assertTrue({"back", "slip", "ladder", "whip", "running"} & set(step.stitches), step.id)
        self.assertGreater(tried, 150)

    def test_whatever_is_stitched_says_in_which_stitches(self):
        """What is basted, tacked or closed by hand in any make says so itself."""
        stitched = re.compile(
            r"\b(stitch|quilt|sew) (along|round|across|both|it on|from|all round|twice|three times|the)\b", re.I
        )
        seen = set()
        hosts = (spec for _, spec in makes() if spec["options"].get("sewn_by") == "hand")
        for spec in (*share(specs(), 3), *hosts):
            try:
                draft = draft_of(spec)
            except SpecError:
                continue
            said = {step["id"]: words_of(step) for step in said_of(spec)["steps"]}
            for step in draft.steps:
                if step.kind in ("sew", "prepare") and stitched.search(said[step.id]):
                    by_hand = re.search(
                        r"by hand|backstitch|running stitch|whip|a few stitches|blind stitches", said[step.id]
                    )
                    self.assertTrue(step.stitches or by_hand, (spec["form"], step.id, said[step.id]))
                    seen.add(step.title.id)
        self.assertGreater(len(seen), 20)

    def test_it_takes_longer_by_what_the_stitching_takes(self):
        """A seam's time by a second way: its length at the pace of a backstitch, and what it takes to lay it."""
        for form in CATALOGUE.values():
            spec = {**starting_spec(form, Ruler("mm"), None), "layers": LAYERS["lined"]}
            machine, hand = (draft_spec({**spec, "options": {"sewn_by": how}}) for how in ("machine", "hand"))
            self.assertGreater(hand.minutes, 1.05 * machine.minutes, form.id)
            self.assertCountEqual([s.id for s in hand.steps], [s.id for s in machine.steps], form.id)
            lengths = {s.id: s.length_a for s in hand.seams}
            for step in hand.steps:
                sewn = [id for id in step.seams if id in lengths]
                if sewn and "knot" in step.stitches and "back" in step.stitches:
                    self.assertAlmostEqual(
                        step.minutes,
                        sum(1.5 + lengths[id] / 40 for id in dict.fromkeys(sewn)),
                        delta=0.4 + 0.25 * len(sewn) + 1.5 * (len(sewn) - len(set(sewn))),
                        msg=(form.id, step.id),
                    )
            # Its pieces and their seams are the same.
            self.assertEqual([p.cut_size for p in hand.pieces], [p.cut_size for p in machine.pieces])

    def test_no_foot_and_no_machine_is_asked_for(self):
        for form in CATALOGUE.values():
            draft = draft_spec({**starting_spec(form, Ruler("mm"), None), "options": {"sewn_by": "hand"}})
            found = equip(draft, Bench(free_arm=400.0, stack=1.0))
            tools = {tool.id for tool in found.tools}
            self.assertFalse(any(tool.foot for tool in found.tools))
            self.assertFalse(tools & {"zigzag", "overlock", "decorative-stitch"})
            self.assertIn("hand-needle", tools)
            self.assertEqual((found.changes, found.checks), ((), ()), form.id)

    def test_a_choice_by_machine_is_not_asked(self):
        draft = draft_spec(
            {
                **starting_spec(CATALOGUE["mat"], Ruler("mm"), None),
                "options": {"sewn_by": "hand", "binding_by": "machine"},
            }
        )
        self.assertIn("binding_by", draft.idle)
        draft = draft_spec(
            {
                **starting_spec(CATALOGUE["boxed-bag"], Ruler("mm"), None),
                "layers": LAYERS["lined"],
                "options": {"sewn_by": "hand", "closing": "machine"},
            }
        )
        self.assertIn("closing", draft.idle)
        self.assertIn("ladder", next(s for s in draft.steps if s.closes).stitches)

    def test_every_sentence_for_the_hand_is_said_by_some_make(self):
        # Only with a second try at a dart's gap, or a zip sewn in two rounds.
        seldom = {"ends.dart-gap", "remedy.zip", "cause.gap", "remedy.gap", "step.zip-slider-again"}
        missing = {f"hand.{id}" for id in SPOKEN if id not in seldom}
        rows = {"parts": [{"kind": "border", "work": "stitches", "count": 2}], "options": {"sewn_by": "hand"}}
        for spec in (
            *share(specs(), 3),
            {**starting_spec(CATALOGUE["boxed-bag"], Ruler("mm"), None), **rows},
            *specs(),
        ):
            if not missing:
                break
            try:
                draft = draft_of(spec)
            except SpecError:
                continue
            for step in draft.steps:
                for message in (
                    step.title,
                    *(line.text for line in step.lines),
                    step.check,
                    step.caution,
                    step.remedy,
                    *step.causes,
                    step.why,
                    step.decided,
                ):
                    missing -= set(_ids(message)) if message is not None else set()
        self.assertEqual(missing, set())


def _ids(message):
    yield message.id
    for value in message.params.values():
        for part in value if isinstance(value, tuple) else (value,):
            if hasattr(part, "params"):
                yield from _ids(part)


class Working(unittest.TestCase):
    def made(self, layers="lined", form="boxed-bag", **options):
        spec = {**starting_spec(CATALOGUE[form], Ruler("mm"), None), "layers": LAYERS[layers], "options": options}
        return draft_spec(spec), said_of(spec), spec

    def test_each_habit_changes_something_or_is_not_asked(self):
        for form in CATALOGUE.values():
            for layers in share(LAYERS, 3, form.place):
                plain, said, _ = self.made(layers, form.id)
                for option in WORKING:
                    others = [self.made(layers, form.id, **{option.id: c}) for c in option.choices[1:]]
                    changed = any(o[1]["steps"] != said["steps"] or o[1]["needs"] != said["needs"] for o in others)
                    self.assertEqual(changed, option.id not in plain.idle, (form.id, layers, option.id))

    def test_what_is_marked_with_is_told_where_the_cloth_bears_it(self):
        words = {
            "wash-out": "pen that washes out, on the wrong side",
            "heat": "pen that heat takes off",
            "thread": "tailor's tacks",
        }
        for habit, said in words.items():
            _, document, _ = self.made(marks_with=habit)
            mark = " ".join(line["text"] for s in document["steps"] if s["id"] == "mark" for line in s["lines"])
            self.assertIn(said, mark, habit)
            # A sheet is never marked with what water or heat takes off.
            _, sheet, _ = self.made("sheet", marks_with=habit)
            mark = " ".join(line["text"] for s in sheet["steps"] if s["id"] == "mark" for line in s["lines"])
            self.assertNotIn("washes out", mark)
            self.assertNotIn("heat takes", mark)

    def test_what_holds_is_set_up_counted_and_told_when_it_harms(self):
        for habit, held in (("pins", "pins"), ("clips", "clips"), ("basting", "basting thread")):
            draft, document, spec = self.made("sheet", held_with=habit)
            steps = {s["id"]: " ".join(line["text"] for line in s["lines"]) for s in document["steps"]}
            self.assertIn(held.split()[0], steps["set-up"])
            self.assertIn(held, steps["ends"])
            harms = habit != "clips"
            self.assertEqual("habits.held_with" in checks(draft), harms)
            if harms:
                found = checks(draft)["habits.held_with"]
                self.assertNotIn("habits.held_with", checks(draft_spec(mended(spec, {"set": dict(found.fix.changes)}))))

    def test_thread_is_bought_and_threaded_as_chosen(self):
        for form, options, spun in (
            ("boxed-bag", {}, "polyester"),
            ("boxed-bag", {"thread_of": "cotton"}, "cotton"),
            ("dart-bowl", {"use": "microwave"}, "cotton"),
        ):
            _, document, _ = self.made("padded", form, **options)
            setup = next(s for s in document["steps"] if s["id"] == "set-up")["lines"][0]["text"]
            self.assertIn(f"{spun} thread", setup)
            note = next(n["note"] for n in document["needs"] if n["id"] == "thread")
            self.assertIn(spun, note.lower())

    def test_pressing_first_may_be_left_out_where_cloth_lies_smooth(self):
        for habit, free in (("always", False), ("creased", True)):
            draft, _, _ = self.made(press_first=habit)
            self.assertEqual(draft.steps[0].id, "press-cloth")
            self.assertEqual(draft.steps[0].lost is not None, free)


class Decided(unittest.TestCase):
    def test_where_it_could_be_otherwise_the_step_says_what_was_decided(self):
        spec = {**starting_spec(CATALOGUE["boxed-bag"], Ruler("mm"), None), "layers": LAYERS["outer"]}
        for order, word in (("after", "after the seams"), ("before", "while flat")):
            document = said_of({**spec, "options": {"top": "plain", "hem_order": order}})
            hem = next(s for s in document["steps"] if s["id"] == "hem")
            self.assertIn(word, hem["decided"])
        cover = said_of({**starting_spec(CATALOGUE["book-cover"], Ruler("mm"), None), "layers": LAYERS["lined"]})
        self.assertIn("flaps", next(s for s in cover["steps"] if s["id"] == "book-layers")["decided"])

    def test_the_machine_settles_the_order_that_nobody_chose(self):
        spec = {
            **starting_spec(CATALOGUE["boxed-bag"], Ruler("mm"), None),
            "layers": LAYERS["outer"],
            "options": {"top": "plain"},
            "size": {"girth": "200 mm", "wall_height": "150 mm"},
        }
        asks = tuple(o.id for o in CATALOGUE["boxed-bag"].options)
        narrow, wide = Bench(free_arm=350.0), Bench(free_arm=150.0)
        self.assertEqual(suited(spec, narrow, asks, draft_spec)["options"].get("hem_order"), "before")
        self.assertEqual(suited(spec, wide, asks, draft_spec), spec)
        chosen = {**spec, "options": {**spec["options"], "hem_order": "after"}}
        self.assertEqual(suited(chosen, narrow, asks, draft_spec), chosen)
        # Then nothing of it has to pass over the arm.
        done = draft_spec(suited(spec, narrow, asks, draft_spec))
        self.assertNotIn("warn", [c.verdict for c in equip(done, narrow, asks).checks])


class OneThingAtATime(unittest.TestCase):
    def test_together_the_things_to_do_say_all_that_the_step_says(self):
        for _, spec in makes()[::9]:
            draft = draft_of(spec)
            say = Speaker(draft.ruler, draft.language).say
            for step in draft.steps:
                things = actions_of(step, say)
                self.assertTrue(all(thing.strip() and thing[-1] in ".!?" for thing in things), step.id)
                words = [
                    set(re.findall(r"\w+", text))
                    for text in (" ".join(say(line.text) for line in step.lines), " ".join(things))
                ]
                self.assertEqual(*words, step.id)

    def test_every_mark_is_a_thing_by_itself(self):
        draft = draft_of(makes()[40][1])
        say = Speaker(draft.ruler, draft.language).say
        mark = next(s for s in draft.steps if s.id == "mark")
        for thing in actions_of(mark, say):
            self.assertLessEqual(thing.count("notch "), 1, thing)


if __name__ == "__main__":
    unittest.main()
