"""Many makes at once: against every order there is, on small cases; and what must hold of any order on large ones."""

import itertools
import math
import random
import unittest
from dataclasses import replace
from datetime import date, timedelta

from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.learning.pace import Pace
from eggtuck.core.making.waiting import meet
from eggtuck.core.plan.batch import (
    Evenings,
    Station,
    Task,
    by_station,
    change_minutes,
    cost,
    ever_better,
    greedy,
    tasks_of,
    walk,
)
from eggtuck.core.plan.dates import backwards, evenings_before, evenings_from
from tests import ALL, tries
from tests.makes import draft_of, makes

from .test_surface import worked as worked_surface

COTTON = Station("machine", "standard", 2.5, "cotton")
STATIONS = (
    Station("cutting"), Station("iron"), Station("table"), Station("hand"), COTTON,
    COTTON._replace(foot="zipper"), COTTON._replace(stitch=3.0), COTTON._replace(thread="linen"),
)  # fmt: skip
LONG = Evenings()


def tangle(seed, makes=3, steps=4, rests=True):
    by = random.Random(seed)
    chains = [
        tuple(
            Task(
                f"m{make}",
                f"s{nth}",
                nth + 1,
                by.choice((2.0, 5.0, 12.0)),
                by.choice(STATIONS),
                by.choice((0.0, 0.0, 0.0, 30.0, 90.0)) if rests else 0.0,
                by.choice((None, frozenset({("a", None)}), frozenset({("b", None)}), frozenset())),
            )
            for nth in range(by.randint(1, steps))
        )
        for make in range(by.randint(2, makes))
    ]
    for nth, chain in enumerate(chains[1:], 1):
        # What is done on the machine waits for something of a make before it.
        first = by.choice(by.choice(chains[:nth])).id if by.random() < 0.4 else ""
        chains[nth] = tuple(replace(t, after=first) if t.station.place == "machine" else t for t in chain)
    return chains


def in_turn(order):
    """Whether nothing comes before what it is done after."""
    at = {task.id: nth for nth, task in enumerate(order)}
    return all(at.get(task.after, -1) < nth for nth, task in enumerate(order))


def every_order(chains):
    """Each way to go through all chains, each in its order."""
    tokens = [nth for nth, chain in enumerate(chains) for _ in chain]
    for order in sorted(set(itertools.permutations(tokens))):
        at = [iter(chain) for chain in chains]
        found = [next(at[nth]) for nth in order]
        if in_turn(found):
            yield found


def searched(chains, evenings, rounds):
    return list(itertools.islice(ever_better(chains, evenings, greedy(chains, evenings)), rounds))[-1]


class Order(unittest.TestCase):
    def kept(self, order, chains, evenings):
        """Each make in its own order, everything once, nothing while it lies still, no evening overrun."""
        self.assertEqual(sorted(task.id for task in order), sorted(task.id for chain in chains for task in chain))
        for chain in chains:
            own = [task for task in order if task.make == chain[0].make]
            self.assertEqual(own, list(chain))
        self.assertTrue(in_turn(order))
        done = walk(order, evenings)
        length = evenings.length
        for one, other in itertools.combinations(done, 2):
            self.assertLessEqual(one.end, other.begin + 1e-6)
            rests = one.task.rests
            if rests and one.task.make == other.task.make and meet(one.task.touches, other.task.touches):
                nights = 0 if length == math.inf else int(other.begin // length + 1e-9) - int(one.end / length + 1e-9)
                real = other.begin - one.end + nights * evenings.between
                self.assertGreaterEqual(real, rests - 1e-6)
        for one in done:
            if length < math.inf and one.task.minutes <= length:
                self.assertLessEqual(one.end, (one.evening + 1) * length + 1e-6)
        for one, other in itertools.pairwise(done):
            self.assertGreaterEqual(other.begin - one.end, min(other.change, length / 2) - 1e-6)
        return done

    def test_the_search_finds_the_best_order_of_few_things(self):
        better = 0
        for seed in range(40 if ALL else 12):
            chains = tangle(seed, 3, 3)
            for evenings in (LONG, Evenings(30.0, 100.0)):
                best = min(cost(order, evenings)[0] for order in every_order(chains))
                found = searched(chains, evenings, 330)
                self.kept(found, chains, evenings)
                self.assertAlmostEqual(cost(found, evenings)[0], best, places=6, msg=(seed, evenings.length))
                better += cost(greedy(chains, evenings), evenings)[0] > best + 1e-6
        # The first order alone does not.
        self.assertGreater(better, 2)

    @given(st.integers(0, 10**6), st.sampled_from((LONG, Evenings(25.0, 60.0), Evenings(90.0, 1350.0, 20.0))))
    @tries(60)
    def test_every_order_keeps_what_must_be_kept(self, seed, evenings):
        chains = tangle(seed, 6, 9)
        first = greedy(chains, evenings)
        for order in (first, by_station(chains), searched(chains, evenings, 305)):
            self.kept(order, chains, evenings)

    @given(st.integers(0, 10**6))
    @tries(40)
    def test_a_search_never_makes_it_worse(self, seed):
        chains = tangle(seed, 5, 8, rests=seed % 2 == 0)
        evenings = (LONG, Evenings(40.0, 200.0))[seed // 2 % 2]
        first = greedy(chains, evenings)
        costs = [cost(first, evenings)[0]]
        costs += [cost(order, evenings)[0] for order in itertools.islice(ever_better(chains, evenings, first), 320)]
        self.assertEqual(costs, sorted(costs, reverse=True))

    def test_what_it_takes_to_change(self):
        self.assertEqual(change_minutes(None, COTTON, None), 0.0)
        self.assertEqual(change_minutes(COTTON, COTTON, COTTON), 0.0)
        self.assertEqual(change_minutes(COTTON, Station("iron"), COTTON), 1.0)
        # Back from the iron the machine is as it was left.
        self.assertEqual(change_minutes(Station("iron"), COTTON, COTTON), 1.0)
        other = COTTON._replace(foot="zipper", stitch=3.0, thread="linen")
        self.assertEqual(change_minutes(COTTON, other, COTTON), 5.5)

    def test_six_alike_are_made_station_by_station(self):
        draft = draft_of(makes()[0][1])
        chains = [tasks_of(f"m{nth}", draft, Pace(), "m0" if nth else "") for nth in range(6)]
        alone = [task for chain in chains for task in chain]
        first = greedy(chains, LONG)
        self.assertLess(cost(first, LONG)[1], cost(alone, LONG)[1] / 3)
        # All are cut before any is sewn.
        places = [task.station.place for task in first]
        self.assertLess(max(i for i, p in enumerate(places) if p == "cutting"), places.index("machine"))

    def test_all_steps_of_all_forms_find_a_place_and_paint_dries_while_others_are_sewn(self):
        chains = []
        for nth, (_, spec) in enumerate(makes()[::60]):
            draft = draft_of(spec)
            chain = tasks_of(f"m{nth}", draft, Pace())
            self.assertAlmostEqual(sum(task.minutes for task in chain), sum(step.minutes for step in draft.steps))
            chains.append(chain)
        self.kept(greedy(chains, Evenings(120, 1320)), chains, Evenings(120, 1320))
        painted = tasks_of("painted", draft_of(worked_surface("boxed-bag", {"kind": "motif", "work": "paint"})), Pace())
        alone, plain = cost(painted, LONG)[0], chains[0]
        both = cost(greedy([painted, plain], LONG), LONG)[0]
        self.assertLess(both, alone + sum(task.minutes for task in plain) - 30)

    def test_the_needle_is_tried_at_the_stitch_most_is_sewn_in(self):
        basted = 0
        for name, spec in makes()[::7]:
            tasks = tasks_of("make", draft_of(spec), Pace())
            straight = [t.station for t in tasks if t.station.sewn == "straight" and t.step != "set-up"]
            tried = [t.station for t in tasks if t.step == "set-up" and t.station.place == "machine"]
            with self.subTest(name):
                for station in tried if straight else ():
                    self.assertEqual(straight.count(station), max(straight.count(one) for one in straight))
                    basted += straight[0] != station
        self.assertTrue(basted)


class Dates(unittest.TestCase):
    @given(st.dates(date(2024, 1, 1), date(2030, 1, 1)), st.sets(st.integers(0, 6), min_size=1), st.integers(1, 20))
    @tries(120)
    def test_evenings_lie_on_days_with_time_and_none_is_passed_over(self, day, weekdays, count):
        for found, first, last in (
            (evenings_from(day, weekdays, count), day, None),
            (evenings_before(day, weekdays, count), None, day - timedelta(days=1)),
        ):
            self.assertEqual(len(found), count)
            self.assertEqual(found, sorted(set(found)))
            begin, end = first or found[0], last or found[-1]
            days = [begin + timedelta(days=n) for n in range((end - begin).days + 1)]
            self.assertEqual(found, [one for one in days if one.weekday() in weekdays])

    def test_backwards_from_a_deadline_everything_is_done_the_evening_before(self):
        by = random.Random(4)
        for _, spec in makes()[::130]:
            draft = draft_of(spec)
            for count in (1, 3):
                length, weekdays = by.choice((45.0, 90.0, 180.0)), {by.randrange(7), by.randrange(7)}
                due = date(2026, 12, 24)
                told = backwards([("a", draft, count)], Pace(), due, date(2026, 11, 27), weekdays, length)
                self.assertLess(told.evenings[-1], due)
                self.assertTrue(all(day.weekday() in weekdays for day in told.evenings))
                # No more evenings than the work takes, and enough for it.
                self.assertGreaterEqual(len(told.evenings) * length, told.minutes - 1e-6)
                self.assertLessEqual(told.begin, told.cut_by)
                self.assertEqual(told.late, told.begin < date(2026, 11, 27))
        everything = {f"a.0/{step.id}" for step in draft.steps}
        self.assertIsNone(backwards([("a", draft, 1)], Pace(), due, due, {0}, 60.0, everything))
        half = {f"a.0/{step.id}" for step in draft.steps[: len(draft.steps) // 2]}
        left = backwards([("a", draft, 1)], Pace(), due, due, {0}, 60.0, half)
        whole = backwards([("a", draft, 1)], Pace(), due, due, {0}, 60.0)
        self.assertLess(left.minutes, whole.minutes)

    def test_a_slower_maker_begins_earlier(self):
        draft = draft_of(makes()[0][1])
        begins = [
            backwards([("a", draft, 4)], Pace({}, ratio, 5), date(2026, 12, 24), date(2026, 1, 1), range(7), 60.0).begin
            for ratio in (0.5, 1.0, 2.0)
        ]
        self.assertEqual(begins, sorted(begins, reverse=True))
        self.assertGreater(begins[0], begins[2])


if __name__ == "__main__":
    unittest.main()
