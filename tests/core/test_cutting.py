"""The cutting table: nothing over another, nothing outside, every copy once, on rolls, folded cloth and scraps; looked at by a checker of its own."""

import itertools
import math
import random
import unittest
from collections import Counter
from dataclasses import replace

import numpy as np
import rectpack
import shapely
from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.cutting.cutout import Cutout, cutouts_of
from eggtuck.core.cutting.faults import faults_of
from eggtuck.core.cutting.ground import Ground, Spot
from eggtuck.core.cutting.laying import MOST, Layout, Repeat, Task, ever_better, lay_out
from eggtuck.core.cutting.moving import next_angle, put_down
from eggtuck.core.cutting.raster import touched
from eggtuck.core.cutting.reading import read_spots, read_task
from eggtuck.core.cutting.settle import slide_down, slide_left
from eggtuck.core.cutting.table import Make, Piled, Wish, cloths_of, fat_quarter, laid, with_nowhere
from eggtuck.core.cutting.writing import spots_document, task_document
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from tests import ALL, share, tries
from tests.makes import LAYERS, draft_of, makes

ROLL = Ground("new", 1070.0)
# What two outlines may share, or lie outside by (mm).
HAIR = 0.15


def turned(points, angle):
    """By another way than the room's own: a rotation, moved back to where it begins."""
    turn = math.radians(angle)
    round_ = [(x * math.cos(turn) - y * math.sin(turn), x * math.sin(turn) + y * math.cos(turn)) for x, y in points]
    low = min(x for x, _ in round_), min(y for _, y in round_)
    return [(x - low[0], y - low[1]) for x, y in round_]


def seen(layout, task):
    """What a pair of scissors would find wrong."""
    by_id, grounds = {one.id: one for one in task.cutouts}, {one.id: one for one in task.grounds}
    there = Counter(spot.cutout for spot in layout.spots) + Counter(layout.left)
    found = [f"{id} lies {times} times" for id, times in there.items() if times != 1]
    found += [f"{id} lies nowhere" for id in by_id if id not in there]
    for id, ground in grounds.items():
        here = [spot for spot in layout.spots if spot.ground == id]
        shapes = []
        for spot in here:
            one = by_id[spot.cutout]
            shapes.append(shapely.Polygon([(x + spot.x, y + spot.y) for x, y in turned(one.outline, spot.angle)]))
            if one.upright and spot.angle:
                found.append(f"{one.id} is turned")
            if one.on_fold and abs(spot.x) > HAIR:
                found.append(f"{one.id} is off the fold")
        length = ground.length if ground.length is not None else 1e6
        cloth = shapely.Polygon(ground.outline) if ground.outline else shapely.box(0, 0, ground.width, length)
        for hole in ground.holes:
            cloth = cloth.difference(shapely.Polygon(hole))
        room = cloth.buffer(HAIR, join_style="mitre")
        found += [
            f"{spot.cutout} lies outside" for spot, shape in zip(here, shapes, strict=True) if not room.covers(shape)
        ]
        for i, j in itertools.combinations(range(len(here)), 2):
            if shapes[i].distance(shapes[j]) < task.gap - HAIR:
                found.append(f"{here[i].cutout} is too near {here[j].cutout}")
            elif shapes[i].intersection(shapes[j]).area > HAIR * 40:
                found.append(f"{here[i].cutout} lies over {here[j].cutout}")
    return found


def oblong(id, width, height, **more):
    outline = ((0.0, 0.0), (width, 0.0), (width, height), (0.0, height))
    return Cutout(id, "make.0", id, 0, 0, outline, 0.0, (0.0, 0.0), **more)


def jagged(id, seed, size=120.0):
    """A star-shaped outline, its lower left corner at the origin."""
    chance = np.random.default_rng(seed)
    count = int(chance.integers(3, 9))
    angles = np.sort(chance.uniform(0, 2 * math.pi, count)) + np.arange(count) * 1e-3
    points = [
        (size * r * math.cos(a), size * r * math.sin(a))
        for a, r in zip(angles, chance.uniform(0.3, 1, count), strict=True)
    ]
    shape = shapely.Polygon(points).buffer(0)
    shape = max(getattr(shape, "geoms", [shape]), key=lambda part: part.area)
    ring = list(shapely.geometry.polygon.orient(shape).exterior.coords)[:-1]
    low = min(x for x, _ in ring), min(y for _, y in ring)
    return Cutout(id, "make.0", id, 0, 0, tuple((x - low[0], y - low[1]) for x, y in ring), 0.0, (0.0, 0.0))


SIZES = st.lists(st.tuples(st.floats(8, 600), st.floats(8, 600)), min_size=1, max_size=12)


class Laying(unittest.TestCase):
    @tries(40)
    @given(SIZES, st.sampled_from((0.0, 3.0, 12.5)), st.sampled_from((650.0, 1070.0)), st.booleans(), st.booleans())
    def test_rectangles_on_a_roll(self, sizes, gap, width, upright, across):
        cutouts = tuple(oblong(f"{n}", w, h, upright=upright) for n, (w, h) in enumerate(sizes))
        task = Task(cutouts, (Ground("new", width),), gap, across=across)
        layout = lay_out(task)
        self.assertEqual(seen(layout, task), [])
        self.assertEqual(layout.left, ())
        self.assertFalse(not across and any(spot.angle in (90, 270) for spot in layout.spots))

    @tries(30)
    @given(st.lists(st.integers(0, 10_000), min_size=1, max_size=9), st.sampled_from((0.0, 5.0)))
    def test_any_outline_on_a_roll_and_none_longer_than_its_rows(self, seeds, gap):
        task = Task(tuple(jagged(f"{n}", seed) for n, seed in enumerate(seeds)), (ROLL,), gap)
        layout = lay_out(task)
        self.assertEqual(seen(layout, task), [])
        x = y = high = 0.0
        for one in task.cutouts:
            wide, tall = one.size
            if x + wide > ROLL.width:
                x, y, high = 0.0, y + high + gap, 0.0
            x, high = x + wide + gap, max(high, tall)
        self.assertLessEqual(layout.length(task, "new"), y + high + 1e-6)

    @tries(30)
    @given(
        st.lists(st.integers(0, 10_000), min_size=1, max_size=8),
        st.integers(0, 10_000),
        st.sampled_from((0.0, 4.0)),
        st.booleans(),
    )
    def test_on_a_scrap_with_holes_what_fits_lies_in_it_and_the_rest_is_told(self, seeds, scrap, gap, rest):
        shape = jagged("scrap", scrap, 420.0)
        wide, high = shape.size
        hole = [(wide * u, high * v) for u, v in ((0.45, 0.45), (0.55, 0.45), (0.55, 0.55), (0.45, 0.55))]
        ground = Ground("scrap", wide, high, shape.outline, (tuple(hole),))
        grounds = (ground, ROLL) if rest else (ground,)
        task = Task(tuple(jagged(f"{n}", seed) for n, seed in enumerate(seeds)), grounds, gap)
        layout = lay_out(task)
        self.assertEqual(seen(layout, task), [])
        self.assertFalse(rest and layout.left)

    def test_small_things_find_the_room_a_large_one_leaves(self):
        """A scrap of exactly four squares takes four, and a fifth nowhere."""
        ground = Ground("scrap", 200.0, 200.0, ((0.0, 0.0), (200.0, 0.0), (200.0, 200.0), (0.0, 200.0)))
        task = Task(tuple(oblong(f"{n}", 100.0, 100.0) for n in range(5)), (ground,))
        layout = lay_out(task)
        self.assertEqual((len(layout.spots), len(layout.left)), (4, 1))

    def test_what_is_pinned_stays_and_the_rest_lies_round_it(self):
        task = Task(tuple(jagged(f"{n}", n) for n in range(8)), (ROLL,), 4.0)
        pins = (Spot("3", "new", 400.0, 260.0, 90, True), Spot("5", "new", 40.0, 90.0, 0, True))
        layout = lay_out(task, pins)
        self.assertEqual(seen(layout, task), [])
        self.assertTrue(set(pins) <= set(layout.spots))

    def test_a_matched_print_meets_every_piece_alike(self):
        cutouts = tuple(
            Cutout(str(n), "make.0", str(n), 0, 0, oblong("", 90.0 + n, 140.0).outline, 5.0 + n, (0.0, 0.0))
            for n in range(7)
        )
        for up, across in ((64.0, 0.0), (0.0, 75.0), (64.0, 75.0)):
            task = Task(cutouts, (ROLL,), 2.0, Repeat(up, across))
            layout = lay_out(task)
            self.assertEqual(seen(layout, task), [])
            self.assertEqual(layout.left, ())
            for spot in layout.spots:
                one = task.by_id[spot.cutout]
                if up:
                    self.assertAlmostEqual(math.remainder(spot.y + one.base, up), 0.0, places=6)
                if across:
                    self.assertAlmostEqual(math.remainder(spot.x + one.size[0] / 2, across), 0.0, places=6)
                self.assertEqual(spot.angle, 0)

    def test_a_search_never_gets_worse_and_is_right_at_every_moment(self):
        task = Task(tuple(jagged(f"{n}", 50 + n) for n in range(10)), (ROLL,), 3.0)
        lengths = []
        for layout in itertools.islice(ever_better(task), 12):
            self.assertEqual(seen(layout, task), [])
            lengths.append(layout.length(task, "new"))
        self.assertEqual(lengths, sorted(lengths, reverse=True))

    def test_more_than_anybody_cuts_is_laid_in_bounded_work(self):
        task = Task(tuple(oblong(f"{n}", 20.0 + n % 17, 15.0 + n % 23) for n in range(MOST + 100)), (ROLL,), 1.0)
        self.assertGreater(len(task.cutouts), MOST)
        layout = lay_out(task)
        self.assertEqual(len(layout.spots), MOST + 100)
        boxes = [spot.shape(task.by_id[spot.cutout]) for spot in layout.spots]
        tree = shapely.STRtree(boxes)
        near = tree.query(boxes, predicate="dwithin", distance=1.0 - HAIR)
        self.assertFalse([(i, j) for i, j in near.T if i < j])

    def test_it_reads_back_what_it_wrote(self):
        task = Task(tuple(jagged(f"{n}", n) for n in range(3)), (ROLL,), 2.0, Repeat(10.0))
        self.assertEqual(read_task(task_document(task)), task)
        spots = lay_out(task).spots
        for kept, spot in zip(read_spots(spots_document(spots)), spots, strict=True):
            self.assertAlmostEqual(kept.x, spot.x, delta=1e-3)
            self.assertEqual((kept.cutout, kept.angle, kept.pinned), (spot.cutout, spot.angle, spot.pinned))


class Sliding(unittest.TestCase):
    @tries(80)
    @given(st.integers(0, 10_000), st.lists(st.integers(0, 10_000), max_size=4), st.randoms(use_true_random=False))
    def test_it_goes_as_far_as_it_goes_and_no_further(self, seed, below, chance):
        piece = jagged("piece", seed)
        mine = [(x + 100, y + 400) for x, y in piece.outline]
        others = []
        for other in below:
            dx, dy = chance.uniform(0, 200), chance.uniform(0, 250)
            others.append([(x + dx, y + dy) for x, y in jagged("", other, 100.0).outline])
        shape = shapely.Polygon(mine)
        still = [shapely.Polygon(other) for other in others]
        if any(shape.intersects(one) for one in still):
            return
        for slide, way in ((slide_down, (0, -1)), (slide_left, (-1, 0))):
            gone = slide(mine, others)
            there = shapely.affinity.translate(shape, way[0] * gone, way[1] * gone)
            self.assertGreaterEqual(min(there.bounds[0], there.bounds[1]), -1e-6)
            self.assertLess(max((there.intersection(one).area for one in still), default=0.0), 1e-3)
            # All of the way is free, and a little more is not.
            corridor = shapely.unary_union(
                [shapely.convex_hull(shapely.union(shape, there))] if not shape.equals(there) else [shape]
            )
            if len(piece.outline) == 3:
                swept = [
                    shapely.affinity.translate(shape, way[0] * gone * k / 40, way[1] * gone * k / 40) for k in range(41)
                ]
                self.assertLess(max((s.intersection(one).area for s in swept for one in still), default=0.0), 1e-3)
            self.assertTrue(corridor.covers(there.buffer(-1e-6)))
            # A tip that grazes another is past it in half a millimetre.
            ways = [
                shapely.affinity.translate(there, way[0] * step, way[1] * step) for step in (1e-4, 1e-3, 0.01, 0.1, 0.5)
            ]
            edge = any(min(one.bounds[0], one.bounds[1]) < 0 for one in ways)
            self.assertTrue(edge or any(one.intersection(other).area > 0 for one in ways for other in still))

    @tries(60)
    @given(st.integers(0, 10_000))
    def test_every_cell_it_touches_is_taken_and_hardly_more(self, seed):
        outline = [(x / 7.3, y / 7.3) for x, y in jagged("", seed).outline]
        cells, shape = touched(outline), shapely.Polygon(outline)
        for row, column in itertools.product(range(cells.shape[0]), range(cells.shape[1])):
            cell = shapely.box(column, row, column + 1, row + 1)
            if shape.intersection(cell).area > 1e-5:
                self.assertTrue(cells[row, column], (row, column))
            elif cells[row, column]:
                self.assertLess(shape.distance(cell), 1e-3)


class ByHand(unittest.TestCase):
    def test_put_down_where_there_is_room_it_lies_just_there(self):
        task = Task(tuple(oblong(f"{n}", 100.0, 80.0) for n in range(6)), (ROLL,))
        layout = lay_out(task)
        found = put_down(task, layout, Spot("2", "new", 333.0, 222.0, 0, True))
        self.assertIn(Spot("2", "new", 333.0, 222.0, 0, True), found.spots)
        self.assertEqual(seen(found, task), [])
        # Over one that is pinned it is put beside it, and over the edge inside it.
        again = put_down(task, found, Spot("4", "new", 340.0, 230.0, 0, True))
        beside = next(spot for spot in again.spots if spot.cutout == "4")
        self.assertLess(math.dist((beside.x, beside.y), (340.0, 230.0)), 120.0)
        self.assertEqual(seen(again, task), [])
        edge = put_down(task, again, Spot("1", "new", -50.0, -20.0, 90, True))
        self.assertEqual([(s.x, s.y, s.angle) for s in edge.spots if s.cutout == "1"], [(0.0, 0.0, 90)])

    def test_it_is_never_put_where_it_may_not_lie(self):
        upright = Task((oblong("a", 100.0, 80.0, upright=True),), (ROLL,))
        layout = lay_out(upright)
        self.assertIsNone(put_down(upright, layout, Spot("a", "new", 0.0, 0.0, 90, True)))
        self.assertEqual(next_angle(upright, "a", 0), 0)
        free = Task((oblong("a", 100.0, 80.0),), (ROLL,))
        self.assertEqual([next_angle(free, "a", angle) for angle in (0, 90, 180, 270)], [90, 180, 270, 0])
        small = Task((oblong("a", 100.0, 80.0),), (Ground("scrap", 90.0, 70.0),))
        self.assertIsNone(put_down(small, Layout(()), Spot("a", "scrap", 0.0, 0.0, 0, True)))

    def test_every_fault_is_found_and_told_of_what_it_is(self):
        task = Task((oblong("a", 100.0, 80.0, upright=True), oblong("b", 50.0, 50.0)), (Ground("new", 300.0),), 5.0)

        def kinds(*spots):
            return [fault.kind for fault in faults_of(spots, task.by_id, task.ground_ids, task.gap)]

        self.assertEqual(kinds(Spot("a", "new", 0.0, 0.0), Spot("b", "new", 105.0, 0.0)), [])
        self.assertEqual(kinds(Spot("a", "new", 0.0, 0.0), Spot("b", "new", 103.0, 0.0)), ["over"])
        self.assertEqual(kinds(Spot("a", "new", 0.0, 0.0), Spot("b", "new", 60.0, 20.0)), ["over"])
        self.assertEqual(kinds(Spot("a", "new", 201.0, 0.0)), ["outside"])
        self.assertEqual(kinds(Spot("a", "new", 0.0, -1.0)), ["outside"])
        self.assertEqual(kinds(Spot("a", "new", 0.0, 0.0, 180)), ["turned"])


class OnTheTable(unittest.TestCase):
    """Cloths of real makes, laid as a maker wishes."""

    def of(self, wish, layers="padded", count=2, pile=(), forms=CATALOGUE):
        for form in forms:
            draft = draft_spec({**starting_spec(CATALOGUE[form], Ruler("cm"), None), "layers": LAYERS[layers]})
            made = [Make("a", form, count, draft)]
            keys = [cloth.key for cloth in cloths_of(made, {}, {}, Ruler("cm"))]
            for cloth in cloths_of(made, dict.fromkeys(keys, wish), {one.id: one for one in pile}, Ruler("cm")):
                yield made[0], cloth

    def counted(self, made, cloth):
        """Every copy of every piece of this cloth is cut as often as the makes need it; of what is joined each part once."""
        got = Counter()
        for one in cloth.task.cutouts:
            if one.part in (None, 0):
                got[one.piece, one.cut] += 2 if one.through else 1
        wanted = Counter()
        for piece in made.draft.pieces:
            for at, cut in enumerate(piece.cuts):
                if (cut.role, cut.nth) == (cloth.role, cloth.nth):
                    wanted[piece.id, at] += made.count * cut.count
        self.assertEqual(got, wanted, cloth.key)

    def test_every_form_on_a_roll_and_folded(self):
        for turn, wish in enumerate((Wish(), Wish(fold=True), Wish(gap=5.0, across=False))):
            for made, cloth in share(self.of(wish), 3, turn):
                layout, anew = laid(cloth, [])
                self.assertTrue(anew)
                self.assertEqual(seen(layout, cloth.task), [], (made.name, cloth.key))
                self.assertEqual(layout.left, (), (made.name, cloth.key))
                self.counted(made, cloth)
                if not wish.gap and not wish.fold:
                    self.assertLessEqual(layout.length(cloth.task, "new"), cloth.rows + 1e-6)
                kept, again = laid(cloth, with_nowhere(layout))
                self.assertFalse(again)
                self.assertEqual(set(kept.spots), set(layout.spots))

    def test_no_first_lay_of_several_makes_is_longer_than_another_packer_s(self):
        """As rectangles, upright, by the packer's own beginnings: its way and order are none of those that are tried."""
        chance, compared = random.Random(7), 0
        every = [spec for _, spec in makes()]
        for _ in range(60 if ALL else 15):
            sewn = [
                Make(str(n), "", chance.randint(1, 3), draft_of(spec)) for n, spec in enumerate(chance.sample(every, 3))
            ]
            for cloth in cloths_of(sewn, {}, {}, Ruler("cm")):
                task = replace(cloth.task, across=False)
                if not task.plain or not 6 <= len(task.cutouts) <= 80:
                    continue
                packer = rectpack.newPacker(
                    rotation=False, pack_algo=rectpack.MaxRectsBssf, sort_algo=rectpack.SORT_AREA
                )
                packer.add_bin(task.grounds[0].width + task.gap + 1e-6, 1e6)
                for one in task.cutouts:
                    packer.add_rect(one.size[0] + task.gap, one.size[1] + task.gap)
                packer.pack()
                if len(packer.rect_list()) < len(task.cutouts):
                    continue
                theirs = max(y + high for _, _, y, _, high, _ in packer.rect_list()) - task.gap
                layout = lay_out(task)
                compared += 1
                self.assertEqual(seen(layout, task), [])
                self.assertLessEqual(layout.length(task, "new"), 1.005 * theirs)
        self.assertGreater(compared, 5)

    def test_outlines_are_those_of_the_pieces_on_every_make(self):
        for _, spec in makes()[::60]:
            draft = draft_of(spec)
            by_id = {piece.id: piece for piece in draft.pieces}
            for lay in draft.lays:
                for one in cutouts_of(draft, lay, ["a.0"]):
                    piece = by_id[one.piece]
                    shape = shapely.Polygon(one.outline)
                    self.assertTrue(shape.is_valid)
                    self.assertAlmostEqual(shape.bounds[0], 0.0, delta=1e-6)
                    self.assertAlmostEqual(shape.bounds[1], 0.0, delta=1e-6)
                    if one.part is None:
                        width, height = piece.size_for(piece.cuts[one.cut])
                        self.assertAlmostEqual(one.size[0], width + 2 * one.over, delta=HAIR)
                        self.assertAlmostEqual(one.size[1], height + 2 * one.over, delta=HAIR)
                    self.assertEqual(one.upright, lay.directional)

    def test_half_a_piece_on_the_fold_is_half_of_it(self):
        found = 0
        for made, cloth in self.of(Wish(fold=True), "lined", count=1):
            flat = {
                one.id: one for draft in [made.draft] for lay in draft.lays for one in cutouts_of(draft, lay, ["a.0"])
            }
            for one in cloth.task.cutouts:
                if one.on_fold:
                    whole = shapely.Polygon(flat[one.id].outline).area
                    self.assertAlmostEqual(2 * shapely.Polygon(one.outline).area, whole, delta=1e-3 * whole)
                    found += 1
        self.assertGreater(found, 5)

    def test_what_lies_on_the_pile_is_used_before_any_is_bought(self):
        scrap = Piled(
            "s",
            "scrap",
            "linen",
            400.0,
            300.0,
            ((0.0, 0.0), (400.0, 0.0), (400.0, 200.0), (200.0, 300.0), (0.0, 300.0)),
        )
        roll = Piled("r", "roll", "linen", 1400.0, 250.0)
        for first in ("small", "large"):
            for _, cloth in self.of(Wish(("s", "r"), first=first), "outer", pile=(scrap, roll)):
                layout, _ = laid(cloth, [])
                self.assertEqual(seen(layout, cloth.task), [])
                self.assertEqual(layout.left, ())
                on = Counter(spot.ground for spot in layout.spots)
                order = [ground.id for ground in cloth.task.grounds]
                self.assertEqual(order, ["s", "r", "new"] if first == "small" else ["r", "s", "new"])
                # Nothing lies on new cloth that would have fitted, alone, what is left of the roll's length.
                taken = layout.length(cloth.task, "r")
                for spot in layout.spots:
                    if spot.ground == "new":
                        height = cloth.task.by_id[spot.cutout].size[1]
                        self.assertGreater(height, 250.0 - taken - 20.0, (cloth.key, on))

    def test_the_least_is_bought_whichever_way_round_the_pile_is_used(self):
        tried = 0
        for turn, (width, length) in enumerate(((300.0, 260.0), (420.0, 180.0))):
            corners = ((0.0, 0.0), (width, 0.0), (width, length), (0.0, length))
            pile = (Piled("s", "scrap", "linen", width, length, corners), Piled("r", "roll", "linen", 700.0, 200.0))
            bought = {}
            for first in ("small", "large", "least"):
                for made, cloth in share(self.of(Wish(("s", "r"), first=first), "outer", pile=pile), 2, turn):
                    layout, _ = laid(cloth, [])
                    bought.setdefault(made.name, {})[first] = layout.length(cloth.task, "new")
            for found in bought.values():
                self.assertLessEqual(found["least"], min(found["small"], found["large"]) + 1e-6)
                tried += found["small"] != found["large"]
        self.assertGreater(tried, 0)

    def test_without_buying_what_finds_no_place_is_told(self):
        tiny = Piled("s", "scrap", "linen", 60.0, 60.0, ((0.0, 0.0), (60.0, 0.0), (60.0, 60.0), (0.0, 60.0)))
        for _, cloth in self.of(Wish(("s",), buy=False), "outer", pile=(tiny,)):
            layout, _ = laid(cloth, [])
            self.assertEqual(len(layout.spots) + len(layout.left), len(cloth.task.cutouts))
            self.assertEqual(seen(layout, cloth.task), [])
            self.assertTrue(layout.left)

    def test_with_nothing_to_cut_from_everything_is_told_to_have_no_place(self):
        gone = Piled("r", "roll", "linen", 1400.0, 0.0)
        for on in ((), ("r",)):
            for made, cloth in self.of(Wish(on, buy=False), "outer", pile=(gone,)):
                layout, _ = laid(cloth, [])
                self.assertEqual((layout.spots, len(layout.left)), ((), len(cloth.task.cutouts)), made.name)
                self.assertFalse(cloth.task.plain)

    def test_what_is_there_is_used_before_a_fat_quarter_is_bought(self):
        rolls = (Piled("r", "roll", "linen", 1400.0, 900.0), Piled("q", "roll", "linen", 1400.0, 700.0))
        for made, cloth in self.of(Wish(("r", "q"), sold="fat-quarter"), "outer", pile=rolls):
            layout, _ = laid(cloth, [])
            self.assertEqual({spot.ground for spot in layout.spots} - {"r", "q"}, set(), made.name)

    def test_fat_quarters_are_as_large_as_they_are_sold_and_hold_what_lies_on_them(self):
        self.assertEqual(fat_quarter(Ruler("cm")), (550.0, 500.0))
        across, along = fat_quarter(Ruler("in"))
        self.assertAlmostEqual(across / 25.4, 22)
        self.assertAlmostEqual(along / 25.4, 18)
        for _, cloth in self.of(Wish(sold="fat-quarter"), "lined"):
            layout, _ = laid(cloth, [])
            self.assertEqual(seen(layout, cloth.task), [])
            for spot in layout.spots:
                one = cloth.task.by_id[spot.cutout]
                self.assertLessEqual(max(one.size), 550.0)

    def test_one_cloth_cut_from_another_lies_on_it_with_everything(self):
        for form in CATALOGUE:
            draft = draft_spec({**starting_spec(CATALOGUE[form], Ruler("cm"), None), "layers": LAYERS["lined"]})
            made = [Make("a", form, 1, draft)]
            own = {cloth.key: cloth for cloth in cloths_of(made, {}, {}, Ruler("cm"))}
            if len(own) < 2:
                continue
            host, guest = list(own)[:2]
            (both,) = cloths_of(made, {guest: Wish(as_=host)}, {}, Ruler("cm"))
            self.assertEqual(both.key, host)
            self.assertEqual(both.also, (guest,))
            self.assertEqual(len(both.task.cutouts), sum(len(cloth.task.cutouts) for cloth in own.values()))
            layout, _ = laid(both, [])
            self.assertEqual(seen(layout, both.task), [])

    def test_a_make_that_has_changed_is_laid_again_round_what_is_still_pinned_rightly(self):
        (_, cloth), *_ = self.of(Wish(), "outer", forms=["boxed-bag"] if "boxed-bag" in CATALOGUE else CATALOGUE)
        layout, _ = laid(cloth, [])
        first = layout.spots[0]
        moved = put_down(cloth.task, layout, Spot(first.cutout, "new", 500.0, 300.0, first.angle, True))
        pin = next(spot for spot in moved.spots if spot.pinned)
        gone = [spot for spot in moved.spots if spot is not pin][1:]
        again, anew = laid(cloth, [pin, *gone])
        self.assertTrue(anew)
        self.assertIn(pin, again.spots)
        self.assertEqual(seen(again, cloth.task), [])


if __name__ == "__main__":
    unittest.main()
