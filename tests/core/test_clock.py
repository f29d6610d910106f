"""The maker's clock, and where a make stands between sittings: against the time that really went by, and every order there could be."""

import itertools
import unittest
from datetime import date

from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.learning.pace import Pace
from eggtuck.core.making.waiting import meet
from eggtuck.core.plan.standing import standing
from eggtuck.core.record.clock import Span, after, spent_by_step, spent_in_all
from eggtuck.core.record.trial import WRONG, trial_tests
from eggtuck.core.record.year import Sold, year_sums
from eggtuck.core.shop import LOST_AFTER
from tests import tries
from tests.makes import draft_of, makes

from .test_surface import worked as worked_surface

ACTS = ("start", "step", "pause", "resume", "wait", "stop", "alive")
LOST = LOST_AFTER * 60


def worked(acts):
    """All stretches of a series of ``(act, step, when)``, with the one left open."""
    ended, running = [], None
    for act, step, when in acts:
        more, running = after(running, act, step, when)
        ended += more
    return ended, running


class Clock(unittest.TestCase):
    @given(st.lists(st.tuples(st.sampled_from(ACTS), st.sampled_from("abc"), st.floats(0, 700)), max_size=25))
    @tries(300)
    def test_no_minute_is_lost_and_none_counted_twice(self, acts):
        now, timed, runs = 1000.0, [], 0.0
        on = False
        for act, step, gap in acts:
            now += gap
            timed.append((act, step, now))
            runs += gap if on else 0.0
            on = (on or act in ("start", "resume")) and act != "stop"
        ended, running = worked(timed)
        spans = [*ended, *([running] if running is not None else [])]
        self.assertEqual(running is not None, on)
        spent = spent_in_all(spans)
        self.assertAlmostEqual((spent.hands + spent.wait + spent.away) * 60, runs, places=3)
        for one, other in itertools.pairwise(spans):
            self.assertLessEqual(one.seen, other.began)
        # Nothing was heard for longer than that: it was not work.
        self.assertTrue(all(span.kind != "hands" or span.seen - span.began <= len(acts) * LOST for span in spans))
        self.assertAlmostEqual(sum(one.hands for one in spent_by_step(spans).values()), spent.hands)

    def test_a_step_gets_the_time_till_the_next(self):
        ended, running = worked([("start", "a", 0), ("step", "b", 120), ("step", "c", 150), ("stop", "c", 155)])
        self.assertEqual(
            {step: one.hands for step, one in spent_by_step(ended).items()}, {"a": 2.0, "b": 0.5, "c": 5 / 60}
        )
        self.assertIsNone(running)

    def test_a_table_that_was_closed_is_an_interruption_and_a_wait_is_not(self):
        acts = [("start", "a", 0), ("alive", "a", 60), ("alive", "a", 60 + LOST + 600)]
        spent = spent_in_all([*worked(acts)[0], worked(acts)[1]])
        self.assertAlmostEqual(spent.away, (LOST + 600) / 60)
        self.assertAlmostEqual(spent.hands, 1.0)
        acts = [("start", "a", 0), ("wait", "a", 60), ("step", "b", 7260), ("resume", "b", 7300)]
        spent = spent_in_all([*worked(acts)[0], worked(acts)[1]])
        self.assertAlmostEqual(spent.wait, 7240 / 60)
        self.assertEqual(spent.away, 0.0)

    def test_looking_at_other_steps_in_a_pause_does_not_end_it(self):
        ended, running = worked([("start", "a", 0), ("pause", "a", 60), ("step", "b", 90), ("step", "a", 100)])
        self.assertEqual((running.kind, spent_in_all(ended).hands), ("away", 1.0))

    def test_a_clock_put_back_stands_still(self):
        running = Span("a", "hands", 100.0, 200.0)
        for act in ACTS:
            ended, now = after(running, act, "b", 50.0)
            self.assertTrue(all(span.seen >= span.began for span in [*ended, *([now] if now else [])]))

    def test_without_a_start_nothing_runs(self):
        for act in ("step", "pause", "wait", "stop", "alive"):
            self.assertEqual(after(None, act, "a", 5.0), ((), None))


class Standing(unittest.TestCase):
    def test_at_the_begin_everything_is_to_do_and_at_the_end_nothing(self):
        for _, spec in makes()[::23]:
            draft = draft_of(spec)
            whole = sum(step.minutes for step in draft.steps)
            begun = standing(draft.steps, {}, 0.0, Pace())
            self.assertEqual((begun.next, begun.resting, begun.is_open), (1, (), None))
            self.assertAlmostEqual(begun.minutes, whole)
            self.assertAlmostEqual(begun.finish / 60, draft.elapsed if any(s.rests for s in draft.steps) else whole)
            self.assertIn(1, begun.free)
            long_ago = dict.fromkeys((step.id for step in draft.steps), -1e9)
            over = standing(draft.steps, long_ago, 0.0, Pace())
            self.assertEqual((over.next, over.free, over.ready, over.minutes, over.finish), (None, (), (), 0, 0.0))
            self.assertIsNone(over.is_open)

    def test_twice_as_slow_takes_twice_as_long(self):
        draft = draft_of(makes()[0][1])
        slow = standing(draft.steps, {}, 0.0, Pace({}, 2.0, 5))
        self.assertAlmostEqual(slow.minutes, 2 * sum(step.minutes for step in draft.steps))

    def test_what_is_free_touches_nothing_that_is_not_done_or_not_dry(self):
        seen_rest = 0
        painted = worked_surface("boxed-bag", {"kind": "motif", "work": "paint"})
        for spec in [painted, *(spec for _, spec in makes()[::11])]:
            steps = draft_of(spec).steps
            for at in range(0, len(steps), 3 if spec is not painted else 1):
                done = {step.id: 1000.0 for step in steps[:at]}
                stands = standing(steps, done, 1060.0, Pace())
                self.assertEqual(stands.next, at + 1)
                for number in stands.free:
                    for before in range(1, number):
                        step = steps[before - 1]
                        if meet(step.touches, steps[number - 1].touches):
                            self.assertIn(step.id, done)
                            self.assertNotIn(before, [one for one, _ in stands.resting])
                for number, until in stands.resting:
                    self.assertEqual(until, 1000.0 + steps[number - 1].rests * 60)
                    seen_rest += 1
                for one in stands.ready:
                    self.assertTrue(one.last is None or one.last <= at)
                self.assertGreaterEqual(stands.finish, 1060.0 + stands.minutes * 60 - 1e-6)
        self.assertGreater(seen_rest, 3)

    def test_the_gap_that_is_open_is_the_one_that_was_left(self):
        opened = 0
        for _, spec in makes()[::17]:
            steps = draft_of(spec).steps
            for at in range(len(steps) + 1):
                stands = standing(steps, {step.id: 0.0 for step in steps[:at]}, 1e9, Pace())
                last = None
                for number, step in enumerate(steps[:at], 1):
                    last = number if step.leaves_open else None if step.closes else last
                self.assertEqual(stands.is_open, last)
                opened += last is not None
                if at:
                    self.assertEqual(stands.inside_out, steps[at - 1].inside_out)
        self.assertGreater(opened, 5)


class Years(unittest.TestCase):
    DAYS = st.dates(date(2024, 1, 1), date(2027, 12, 31)).map(lambda day: day.isoformat())
    MONEY = st.none() | st.integers(0, 9000).map(lambda cents: cents / 100)
    MADE = st.builds(Sold, DAYS, st.none() | st.integers(0, 600), st.just("") | DAYS, MONEY, MONEY)

    @given(st.lists(MADE, max_size=12))
    @tries(150)
    def test_years_add_up_to_all_that_was_made_and_sold(self, makes):
        years = year_sums(makes)
        self.assertEqual([one.year for one in years], sorted({one.year for one in years}, reverse=True))
        sold = [one for one in makes if one.price is not None]
        self.assertEqual(sum(one.made for one in years), len(makes))
        self.assertEqual(sum(one.minutes for one in years), sum(one.minutes or 0 for one in makes))
        self.assertEqual(sum(one.sold for one in years), len(sold))
        self.assertAlmostEqual(sum(one.income for one in years), sum(one.price for one in sold))
        self.assertAlmostEqual(sum(one.cost for one in years), sum(one.cost or 0 for one in sold))
        for one in years:
            if one.hour is not None:
                here = [m for m in sold if (m.sold_on or m.made_on).startswith(one.year)]
                self.assertAlmostEqual(one.hour * sum(m.minutes for m in here) / 60, one.income - one.cost)


class Trial(unittest.TestCase):
    @given(st.lists(st.sampled_from(WRONG)), st.sampled_from(("", "  ", "It slid about")), st.booleans())
    @tries(100)
    def test_everything_that_was_wrong_is_tried_and_once(self, wrong, text, stands):
        names = [id for id, _, _ in trial_tests(wrong, text, stands)]
        self.assertEqual(len(names), len(set(names)))
        expected = {one for one in wrong if one != "other"} | ({"tips"} if stands else set())
        self.assertEqual(set(names), expected | ({"other"} if text.strip() else set()))

    def test_what_can_hurt_comes_with_a_caution(self):
        cautioned = {id for id, _, caution in trial_tests(WRONG, "x", True) if caution is not None}
        self.assertTrue({"too-hot", "tore"} <= cautioned)


if __name__ == "__main__":
    unittest.main()
