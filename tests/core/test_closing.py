"""Closing up a lay: nothing over anything, nothing longer, and as short as it gets without changing the order."""

import itertools
import unittest
from dataclasses import replace

import numpy as np
import shapely
from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.cutting.closing import closing_up, convex_parts
from eggtuck.core.cutting.cutout import cutouts_of
from eggtuck.core.cutting.ground import Ground, Spot
from eggtuck.core.cutting.laying import Layout, Repeat, Task, lay_out
from eggtuck.core.cutting.settle import slide_down
from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from tests import tries
from tests.core.test_cutting import ROLL, jagged, oblong, seen
from tests.makes import LAYERS, draft_of

RULER = Ruler("cm")
SEEDS = st.lists(st.integers(0, 10_000), min_size=2, max_size=9)


def loosened(layout, by, further):
    """The same lay with every piece further from the cut end and the left selvedge, none over another: convex ones stay apart."""
    return Layout(tuple(replace(spot, x=spot.x * by, y=spot.y * by + further) for spot in layout.spots))


def close_up(task, layout):
    """As far as it goes, which is not for ever."""
    every = list(itertools.islice(closing_up(task, layout), 500))
    lengths = [one.length(task, "new") for one in (layout, *every)]
    assert all(b <= a + 1e-6 for a, b in itertools.pairwise(lengths)), lengths
    assert len(every) < 500
    return every[-1] if every else layout


class ConvexParts(unittest.TestCase):
    @tries(120)
    @given(st.integers(0, 100_000))
    def test_they_are_convex_and_make_up_the_outline_once(self, seed):
        outline = jagged("", seed).outline
        parts = [shapely.Polygon(part) for part in convex_parts(outline)]
        for part in parts:
            self.assertTrue(part.is_valid)
            self.assertTrue(part.exterior.is_ccw)
            self.assertAlmostEqual(part.area, part.convex_hull.area, delta=1e-6 * part.area)
        whole = shapely.Polygon(outline)
        self.assertAlmostEqual(sum(part.area for part in parts), whole.area, delta=1e-6 * whole.area)
        self.assertLess(shapely.union_all(parts).symmetric_difference(whole).area, 1e-6 * whole.area)

    def test_they_are_few(self):
        """A convex outline is one, and an L is two."""
        self.assertEqual(len(convex_parts(oblong("", 10.0, 20.0).outline)), 1)
        corner = ((0.0, 0.0), (30.0, 0.0), (30.0, 10.0), (10.0, 10.0), (10.0, 30.0), (0.0, 30.0))
        self.assertEqual(len(convex_parts(corner)), 2)


class ClosingUp(unittest.TestCase):
    def closed(self, task, layout):
        found = close_up(task, layout)
        self.assertEqual(seen(found, task), [])
        before = {spot.cutout: spot for spot in layout.spots}
        for spot in found.spots:
            self.assertEqual((spot.angle, spot.ground), (before[spot.cutout].angle, before[spot.cutout].ground))
            if spot.pinned:
                self.assertEqual(spot, before[spot.cutout])
        self.assertLessEqual(found.length(task, "new"), layout.length(task, "new") + 1e-6)
        return found

    @tries(60)
    @given(SEEDS, st.sampled_from((0.0, 5.0)), st.sampled_from((260.0, 1070.0)))
    def test_no_lay_of_any_outlines_is_spoilt_or_longer(self, seeds, gap, width):
        task = Task(tuple(jagged(f"{n}", seed) for n, seed in enumerate(seeds)), (Ground("new", width),), gap)
        layout = lay_out(task)
        self.closed(task, layout)
        self.closed(task, replace(layout, spots=loosened(layout, 1.0, 30.0).spots))

    @tries(80)
    @given(st.lists(st.tuples(st.floats(8, 400), st.floats(8, 400)), min_size=2, max_size=9), st.floats(1.0, 1.4))
    def test_pulled_apart_and_closed_one_stands_on_the_other_all_the_way_up(self, sizes, by):
        """Why it is no shorter: from its end down to the cut end of the cloth each rectangle stands on the next."""
        task = Task(tuple(oblong(f"{n}", w, h) for n, (w, h) in enumerate(sizes)), (Ground("new", 1500.0),))
        layout = lay_out(replace(task, grounds=(ROLL,)))
        found = self.closed(task, loosened(layout, by, 7.0))
        boxes = [spot.shape(task.by_id[spot.cutout]).bounds for spot in found.spots]
        near = 0.3
        here = max(boxes, key=lambda box: box[3])
        while here[1] > near:
            under = [
                box
                for box in boxes
                if abs(box[3] - here[1]) < near and box[0] < here[2] + near and here[0] < box[2] + near
            ]
            self.assertTrue(under, f"{here} stands on nothing")
            here = min(under, key=lambda box: box[1])

    @tries(60)
    @given(
        st.lists(st.tuples(st.floats(8, 400), st.floats(0, 60)), min_size=2, max_size=8), st.sampled_from((0.0, 4.0))
    )
    def test_a_pile_is_as_high_as_what_lies_in_it(self, pile, gap):
        """On a cloth so narrow that none goes beside another: the sum is known."""
        task = Task(
            tuple(oblong(f"{n}", 200.0, high) for n, (high, _) in enumerate(pile)), (Ground("new", 300.0),), gap
        )
        spots, y = [], 0.0
        for n, (high, between) in enumerate(pile):
            y += between
            spots.append(Spot(f"{n}", "new", min(90.0, 7.0 * n), y, 0))
            y += high + gap
        found = self.closed(task, Layout(tuple(spots)))
        self.assertAlmostEqual(found.length(task, "new"), sum(high + gap for high, _ in pile) - gap, delta=0.1)

    @tries(60)
    @given(SEEDS, st.integers(0, 1000))
    def test_no_shorter_than_closed_is_longer_than_slid_one_by_one(self, seeds, seed):
        """Each slid down by itself, the lowest first, is another way to do it: all at once is no worse on a pile of convex ones, but where one comes to rest
        on the shoulder of another that it would have slid past; then by little."""
        chance = np.random.default_rng(seed)
        hulls = [shapely.Polygon(jagged("", seed).outline).convex_hull for seed in seeds]
        cutouts = [
            replace(oblong(f"{n}", 1.0, 1.0), outline=tuple(shapely.geometry.polygon.orient(hull).exterior.coords)[:-1])
            for n, hull in enumerate(hulls)
        ]
        task = Task(tuple(cutouts), (Ground("new", 250.0),))
        spots, y = [], 0.0
        for one in cutouts:
            y += float(chance.uniform(0, 30))
            spots.append(Spot(one.id, "new", float(chance.uniform(0, 250.0 - one.size[0])), y, 0))
            y += one.size[1]
        slid: list[list[tuple[float, float]]] = []
        for spot, one in zip(spots, cutouts, strict=True):
            lies = [(x + spot.x, y + spot.y) for x, y in one.outline]
            down = slide_down(lies, slid)
            slid.append([(x, y - down) for x, y in lies])
        found = self.closed(task, Layout(tuple(spots)))
        self.assertLess(found.length(task, "new"), max(y for lies in slid for _, y in lies) * 1.04 + 1.0)

    def test_what_is_pinned_stays_and_holds_up_what_lies_on_it(self):
        task = Task(tuple(oblong(f"{n}", 100.0, 80.0) for n in range(3)), (Ground("new", 150.0),))
        spots = (Spot("0", "new", 0.0, 0.0, 0), Spot("1", "new", 20.0, 110.0, 0, True), Spot("2", "new", 5.0, 230.0, 0))
        found = self.closed(task, Layout(spots))
        self.assertAlmostEqual(found.length(task, "new"), 270.0, delta=1e-3)

    def test_no_matched_print_is_moved_and_nothing_off_scraps(self):
        cutouts = tuple(oblong(f"{n}", 100.0, 80.0) for n in range(4))
        scrap = Ground("scrap", 210.0, 170.0)
        for task in (Task(cutouts, (ROLL,), 0.0, Repeat(64.0)), Task(cutouts, (scrap, ROLL))):
            layout = lay_out(task)
            self.assertIs(close_up(task, layout), layout)

    def test_every_form(self):
        gained = 0.0
        for (nth, form), gap in zip(enumerate(CATALOGUE.values()), itertools.cycle((0.0, 5.0)), strict=False):
            draft = draft_of({**starting_spec(form, RULER, None), "layers": LAYERS["padded"]})
            lay = draft.lays[nth % len(draft.lays)]
            task = Task(tuple(cutouts_of(draft, lay, ("a", "b"))), (Ground("new", lay.usable),), gap)
            with self.subTest(form.id):
                layout = lay_out(task)
                gained += layout.length(task, "new") - self.closed(task, layout).length(task, "new")
        self.assertGreater(gained, 0.0)


if __name__ == "__main__":
    unittest.main()
