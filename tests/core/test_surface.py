"""What is worked on a face: figures as large as asked and where they are told, borders from edge to edge, cloth cut larger where it is drawn
in, work that lies still overlapped by other work, and what does not suit told with its reason."""

import itertools
import re
import unittest

import numpy as np
import shapely
from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.constructions.surface.figures import FIGURES, figure, mirrored, narrowest, rings
from eggtuck.core.constructions.surface.ideas import OCCASIONS, decoration_ideas
from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.making.operation import Operation
from eggtuck.core.making.waiting import finished_after, interleaved, meet, touched
from eggtuck.core.materials import MATERIALS
from eggtuck.core.pattern import SpecError
from eggtuck.core.plane import bounds, flatten
from eggtuck.core.plane.letters import can_draw, letters
from eggtuck.core.words import msg
from tests import share, tries
from tests.literal import complaints
from tests.makes import LAYERS, told, words_of
from tests.solids import checks

WORKS = {kind: PARTS[kind].choices["work"] for kind in ("motif", "border")}
ALL_WORKS = [(kind, work) for kind, works in WORKS.items() for work in works]
# Cloths on whose pile or loops no line shows.
PILE = {id: id in ("terry", "velveteen", "corduroy", "fleece") for id in MATERIALS}
DRAWS_IN = ("embroidery", "stitches")


def worked(form, *parts, layers="lined", thing=None, **options):
    spec = starting_spec(CATALOGUE[form], Ruler("mm"), thing)
    return {**spec, "layers": LAYERS[layers], "options": options, "parts": list(parts), "rounding": "none"}


def piece_of(draft, id):
    return next(piece for piece in draft.pieces if piece.id == id)


def shape_of(marks):
    lines = [shapely.LineString([*flatten(m.path, 0.01), m.path[-1].end]) for m in marks]
    return shapely.build_area(shapely.GeometryCollection(lines))


class Figures(unittest.TestCase):
    @tries(60)
    @given(st.sampled_from((*FIGURES, "initial")), st.text("ABQg8éÖi", min_size=1, max_size=3), st.floats(12, 400))
    def test_each_is_as_high_as_asked_and_stands_at_the_origin(self, name, text, high):
        shape = figure(name, text, high)
        self.assertTrue(shape.is_valid)
        x0, y0, _, y1 = shape.bounds
        self.assertAlmostEqual(x0, 0, delta=0.11)
        self.assertAlmostEqual(y0, 0, delta=0.11)
        self.assertAlmostEqual(y1, high, delta=0.21)
        # Another size is the same figure.
        other = figure(name, text, 2 * high)
        self.assertAlmostEqual(other.area / shape.area, 4, delta=0.2)
        again = shapely.build_area(shapely.GeometryCollection([shapely.LineString(ring) for ring in rings(shape)]))
        self.assertAlmostEqual(again.area, shape.area, delta=1e-6 * shape.area + 1e-6)

    def test_a_letter_has_its_holes_and_its_parts(self):
        holes = {"A": 1, "B": 2, "M": 0, "8": 2, "É": 0}
        parts = {"i": 2, "É": 2, "Ö": 3, "M": 1}
        for letter, count in holes.items():
            shape = letters(letter)
            self.assertEqual(sum(len(p.interiors) for p in getattr(shape, "geoms", [shape])), count, letter)
        for letter, count in parts.items():
            shape = letters(letter)
            self.assertEqual(len(getattr(shape, "geoms", [shape])), count, letter)
        # Beside each other they do not touch, in the order they are written.
        one, two = sorted(letters("AM").geoms, key=lambda part: part.bounds[0])
        self.assertLess(one.bounds[2], two.bounds[0])
        self.assertEqual((len(one.interiors), len(two.interiors)), (1, 0))
        self.assertFalse(can_draw("a b") or can_draw("") or can_draw("漢"))

    def test_mirrored_twice_it_is_itself_and_once_it_reads_backwards(self):
        for name, text in (("initial", "R"), ("leaf", ""), ("star", "")):
            shape = figure(name, text, 60.0)
            self.assertAlmostEqual(mirrored(mirrored(shape)).symmetric_difference(shape).area, 0, delta=1e-6)
            alike = mirrored(shape).symmetric_difference(shape).area < 0.02 * shape.area
            self.assertEqual(alike, name != "initial", name)

    def test_the_narrowest_limb_by_a_second_way(self):
        """A ring's limb is what lies between its radii; of a plain bar it is its width."""
        self.assertAlmostEqual(narrowest(figure("ring", "", 100.0)), 20.0, delta=0.8)
        self.assertAlmostEqual(narrowest(shapely.box(0, 0, 7, 80)), 7.0, delta=0.3)
        bars = shapely.union_all([shapely.box(0, 0, 20, 20), shapely.box(20, 8, 40, 11), shapely.box(40, 0, 60, 20)])
        self.assertAlmostEqual(narrowest(bars), 3.0, delta=0.3)


class OnEveryForm(unittest.TestCase):
    def test_every_work_on_every_form_in_every_cloth_leaves_nothing_undone(self):
        for form, layers, (kind, work) in share(itertools.product(CATALOGUE, LAYERS, ALL_WORKS), 5):
            with self.subTest(form, layers=layers, kind=kind, work=work):
                draft = draft_spec(worked(form, {"kind": kind, "work": work}, layers=layers))
                document = told(draft)
                self.assertEqual(complaints(document), [])
                mine = [s for s in document["steps"] if s["id"].startswith(f"{kind}-1")]
                self.assertTrue(mine)
                self.assertIn(f"part.{kind}-1.place", checks(draft))
                # The pictures show the figure wherever a step works at it.
                if checks(draft)[f"part.{kind}-1.place"].verdict == "ok":
                    host = next(p for p in draft.pieces if any(m.label.id == "mark.pocket" for m in p.marks))
                    self.assertIn(f"{host.letter} (", " ".join(words_of(s) for s in mine))

    def test_a_figure_is_marked_inside_its_place_as_large_as_asked(self):
        for form, name in itertools.product(CATALOGUE, ("heart", "initial", "ring")):
            part = {"kind": "motif", "work": "felt", "figure": name, "letters": "G"}
            draft = draft_spec(worked(form, part))
            if checks(draft)["part.motif-1.place"].verdict != "ok":
                continue
            high = next(s.value for s in draft.inputs if s.field == "parts.0.height")
            host = next(p for p in draft.pieces if any(m.kind == "figure" for m in p.marks))
            marks = [m for m in host.marks if m.kind == "figure"]
            (place,) = [bounds(m.path) for m in host.marks if m.kind == "zone" and m.label.id == "mark.pocket"]
            shape = shape_of(marks)
            self.assertAlmostEqual(shape.area, figure(name, "G", high).area, delta=1e-3 * shape.area, msg=form)
            for a, b in zip(shape.bounds, place, strict=True):
                self.assertAlmostEqual(a, b, delta=0.3, msg=form)
            outline = shapely.Polygon(flatten(host.stitch_outline, 0.1))
            self.assertTrue(outline.contains(shape), form)

    def test_it_is_seen_on_the_form_as_large_as_it_is(self):
        for form in ("boxed-bag", "cylinder", "cone", "gusset-bag", "wedge", "book-cover"):
            draft = draft_spec(worked(form, {"kind": "motif", "work": "paint", "figure": "ring"}))
            high = next(s.value for s in draft.inputs if s.field == "parts.0.height")
            loops = [loop for c in draft.solid.carried if c.piece == "motif-1" for loop in c.loops]
            seen = sum(_area(loop) for loop in loops)
            self.assertAlmostEqual(seen / figure("ring", "", high).area, 1, delta=0.01, msg=form)

    def test_of_letters_what_is_told_is_drawn_and_a_bad_one_names_its_field(self):
        spec = worked("boxed-bag", {"kind": "motif", "figure": "initial", "letters": "Éa"})
        draft = draft_spec(spec)
        self.assertIn("Éa", " ".join(words_of(s) for s in told(draft)["steps"]))
        self.assertNotIn("parts.0.letters", draft.idle)
        self.assertIn("parts.0.letters", draft_spec(worked("boxed-bag", {"kind": "motif"})).idle)
        for bad in ("a b", "漢", "ABCDE", "   x  y", 7.5e300):
            with self.assertRaises(SpecError) as caught:
                draft_spec(worked("boxed-bag", {"kind": "motif", "figure": "initial", "letters": bad}))
            self.assertEqual([p.field for p in caught.exception.problems], ["parts.0.letters"], bad)

    def test_on_the_back_of_a_bag_cut_in_one_it_hangs_the_right_way_up(self):
        """Folded at the base the back hangs upside down: there the figure lies turned by half a turn."""
        front, back = (
            draft_spec(
                worked(
                    "boxed-bag",
                    {"kind": "motif", "figure": "drop", "work": "felt", "piece": "body", "copy": copy},
                    cut="base-fold",
                )
            )
            for copy in ("front", "back")
        )
        heavy = []
        for draft in (front, back):
            shape = shape_of([m for m in piece_of(draft, "body").marks if m.kind == "figure"])
            _, y0, _, y1 = shape.bounds
            heavy.append((shape.centroid.y - y0) / (y1 - y0))
        # A drop is heavy at its foot.
        self.assertLess(heavy[0], 0.45)
        self.assertAlmostEqual(heavy[1], 1 - heavy[0], delta=0.01)
        # And in space both hang with their foot down.
        for draft in (front, back):
            points = np.array(
                [p for c in draft.solid.carried if c.piece == "motif-1" for loop in c.loops for p in loop]
            )
            low, high = points[:, 2].min(), points[:, 2].max()
            wide = [np.ptp(points[np.abs(points[:, 2] - z) < (high - low) / 3][:, 0]) for z in (low, high)]
            self.assertGreater(wide[0], wide[1])

    def test_a_border_runs_from_raw_edge_to_raw_edge(self):
        """Its length by a second way: the cut outline sliced where the border lies."""
        for form, work in itertools.product(CATALOGUE, ("lace", "felt", "patches")):
            draft = draft_spec(worked(form, {"kind": "border", "work": work}))
            if checks(draft)["part.border-1.place"].verdict != "ok":
                continue
            host = next(
                p for p in draft.pieces if any(m.kind == "zone" and m.label.id == "mark.pocket" for m in p.marks)
            )
            (_, low, _, high) = next(bounds(m.path) for m in host.marks if m.label.id == "mark.pocket")
            points = np.array(flatten(host.cut_outline, 0.05))
            slices = [_extent(points, y) for y in np.linspace(low + 0.01, high - 0.01, 41)]
            across = max(x1 for _, x1 in slices) - min(x0 for x0, _ in slices)
            if work == "patches":
                patch = piece_of(draft, "border-1")
                a = patch.edges[0].allowance
                count = patch.cuts[0].count
                joined = count * (patch.cut_size[0] - 2 * a) + 2 * a
                self.assertGreaterEqual(joined, across - 0.5, form)
                self.assertLess(joined, across + count * 1.0 + 1.0, form)
            elif work == "lace":
                self.assertAlmostEqual(draft.sums["border-1.length"].total, across, delta=0.6, msg=form)


def _extent(points, y):
    crossing = []
    for (ax, ay), (bx, by) in zip(points, np.roll(points, -1, axis=0), strict=True):
        if (ay > y) != (by > y):
            crossing.append(ax + (bx - ax) * (y - ay) / (by - ay))
    return min(crossing), max(crossing)


def _area(loop):
    points = np.array(loop)
    return (
        float(np.linalg.norm(sum(np.cross(a, b) for a, b in zip(points, np.roll(points, -1, axis=0), strict=True)))) / 2
    )


class DrawnIn(unittest.TestCase):
    def test_what_draws_the_cloth_in_is_worked_on_a_larger_piece_that_is_then_cut_to_its_outline(self):
        for form, (kind, work), layers in share(
            itertools.product(CATALOGUE, ALL_WORKS, ("outer", "lined", "padded")), 4
        ):
            draft = (
                draft_spec(worked(form, {"kind": kind, "work": work, "extra": "22"}, layers=layers))
                if (work in DRAWS_IN)
                else draft_spec(worked(form, {"kind": kind, "work": work}, layers=layers))
            )
            larger = {p.id: dict(p.larger) for p in draft.pieces if p.larger}
            fields = {s.field for s in draft.inputs}
            with self.subTest(form, work=work, layers=layers):
                self.assertEqual("parts.0.extra" in fields, bool(larger))
                ids = [step.id for step in draft.steps]
                trims = [id for id in ids if id.startswith("cut-to-outline")]
                self.assertEqual(len(trims), len(larger))
                if work not in DRAWS_IN:
                    self.assertEqual(larger, {})
                    continue
                for piece, copies in larger.items():
                    ((_, over),) = copies.items()
                    self.assertEqual(over, 22.0)
                    said = next(words_of(s) for s in told(draft)["steps"] if s["id"] == "cut")
                    self.assertIn("22 mm larger all round", said)
                    # Nothing of the piece is sewn, marked or backed before it has its outline.
                    before = draft.steps[: ids.index(trims[0])]
                    mine = [s.id for s in before if any(t.piece == piece and t.layer != "lining" for t in s.things)]
                    self.assertEqual([id for id in mine if not id.startswith((kind, "cut"))], [])
                    self.assertGreater(ids.index("mark"), ids.index(trims[0])) if "mark" in ids else None

    def test_with_nothing_more_all_round_nothing_is_trimmed(self):
        for part in ({"kind": "motif", "work": "embroidery"}, {"kind": "border", "work": "stitches"}):
            draft = draft_spec(worked("boxed-bag", {**part, "extra": "0"}))
            self.assertFalse(any(piece.larger for piece in draft.pieces))
            self.assertFalse([step.id for step in draft.steps if step.id.startswith("cut-to-outline")])
            self.assertEqual(complaints(told(draft)), [])

    def test_the_cloth_that_takes_is_bought(self):
        plain = {n.id: n for n in draft_spec(worked("boxed-bag")).needs}
        some = {
            n.id: n
            for n in draft_spec(worked("boxed-bag", {"kind": "motif", "work": "embroidery", "extra": "60"})).needs
        }
        self.assertGreaterEqual(some["cloth.outer"].exact, plain["cloth.outer"].exact + 100)
        self.assertEqual(some["cloth.lining"].exact, plain["cloth.lining"].exact)

    def test_two_works_on_one_copy_are_trimmed_once_by_the_larger(self):
        parts = [
            {"kind": "motif", "work": "embroidery", "extra": "10"},
            {"kind": "border", "work": "stitches", "extra": "30"},
        ]
        draft = draft_spec(worked("boxed-bag", *parts))
        self.assertEqual(dict(piece_of(draft, "body").larger), {"front": 30.0})
        self.assertEqual(sum(step.id.startswith("cut-to-outline") for step in draft.steps), 1)

    def test_the_picture_shows_the_cloth_beyond_the_outline_till_it_is_cut(self):
        draft = draft_spec(worked("cylinder", {"kind": "motif", "work": "embroidery", "extra": "25"}))
        wide = piece_of(draft, "wall").cut_size[0]
        sizes = {}
        for picture in draft.pictures():
            cloths = [
                i
                for f in picture.frames
                for i in f.items
                if getattr(i, "piece", "") == "wall" and hasattr(i, "outline")
            ]
            outers = [np.ptp([p[0] for p in c.outline]) for c in cloths if c.role == "outer"]
            sizes[picture.step] = max(outers, default=0.0)
        for step in ("cut", "motif-1", "motif-1-press", "cut-to-outline-wall"):
            self.assertAlmostEqual(sizes[step], wide + 50, delta=0.5, msg=step)
        self.assertAlmostEqual(sizes["mark"], wide, delta=0.5)


class Waiting(unittest.TestCase):
    def operation(self, id, minutes=10.0, rests=0.0, pieces=(), **more):
        return Operation(id=id, kind="sew", minutes=minutes, title=msg("x"), rests=rests, pieces=tuple(pieces), **more)

    def test_what_touches_nothing_that_lies_still_is_brought_forward(self):
        paint = self.operation("paint", rests=60, pieces=["A"])
        set_, on_a, strap, on_b = (
            self.operation(id, pieces=pieces)
            for id, pieces in (("set", "A"), ("on-a", "AB"), ("strap", "C"), ("on-b", "B"))
        )
        order = [o.id for o in interleaved([paint, set_, on_a, strap, on_b])]
        # What is on B has to wait for what is on both.
        self.assertEqual(order, ["paint", "strap", "set", "on-a", "on-b"])

    @tries(200)
    @given(
        st.lists(
            st.tuples(st.sets(st.sampled_from("ABCD"), min_size=1, max_size=2), st.sampled_from((0, 0, 0, 10, 30, 90))),
            min_size=1,
            max_size=9,
        )
    )
    def test_no_order_that_counts_is_changed_and_it_is_never_later(self, given_):
        every = [
            self.operation(str(n), rests=float(rests), pieces=sorted(pieces))
            for n, (pieces, rests) in enumerate(given_)
        ]
        order = interleaved(every)
        self.assertEqual(sorted(o.id for o in order), sorted(o.id for o in every))
        at = {o.id: i for i, o in enumerate(order)}
        for one, other in itertools.combinations(every, 2):
            if meet(touched(one), touched(other)):
                self.assertLess(at[one.id], at[other.id])
        work = sum(o.minutes for o in every)
        rests = sum(o.rests for o in every)
        self.assertLessEqual(finished_after(order), finished_after(every) + 1e-9)
        self.assertTrue(work <= finished_after(order) <= work + rests + 1e-9)

    def test_when_it_can_be_finished_by_hand(self):
        paint = self.operation("paint", 10, rests=60, pieces=["A"])
        other = self.operation("other", 25, pieces=["B"])
        on_a = self.operation("on-a", 5, pieces=["A"])
        # 10 of painting, 60 of drying with 25 of other work in them, 5 after it.
        self.assertEqual(finished_after([paint, other, on_a]), 75)
        self.assertEqual(finished_after([other, paint, on_a]), 100)
        self.assertEqual(finished_after([other, on_a]), 30)

    def test_the_make_tells_how_long_and_what_meanwhile_and_both_are_true(self):
        hours = {"an hour": 60, "2 hours": 120, "30 minutes": 30, "10 minutes": 10}
        told_waits = 0
        for form, (kind, work) in itertools.product(CATALOGUE, ALL_WORKS):
            draft = draft_spec(worked(form, {"kind": kind, "work": work}, {"kind": "label"}))
            document = told(draft)
            steps = document["steps"]
            rests = [(i, s.rests) for i, s in enumerate(draft.steps) if s.rests]
            self.assertEqual(
                document["elapsed"] > round(draft.minutes), bool(rests) and document["elapsed"] > round(draft.minutes)
            )
            self.assertGreaterEqual(draft.elapsed, draft.minutes - 1e-9)
            for i, mm in rests:
                said = [
                    line["text"]
                    for line in steps[i]["lines"]
                    if line["text"].startswith(("It lies still", "Let it lie for"))
                ]
                self.assertEqual(len(said), 1)
                self.assertEqual(next(v for k, v in hours.items() if f"about {k}" in said[0]), mm)
                told_waits += 1
                worked_on = {(t.piece, t.layer) for t in draft.steps[i].things}
                free = 0
                for later in draft.steps[i + 1 :]:
                    here = {(t.piece, t.layer) for t in later.things}
                    if here & worked_on or later.kind in ("finish", "press"):
                        break
                    free += 1
                if said[0].startswith("Let it lie"):
                    self.assertLess(mm, 15)
                elif "Go on with" not in said[0]:
                    self.assertIn("plan a break", said[0])
                else:
                    self.assertGreaterEqual(free, 1, (form, work, said[0]))
        self.assertGreater(told_waits, 50)

    def test_lining_seams_are_sewn_while_the_paint_dries(self):
        ids = [s.id for s in draft_spec(worked("boxed-bag", {"kind": "motif", "work": "paint"})).steps]
        dries = ids[ids.index("motif-1") + 1 : ids.index("motif-1-set")]
        self.assertTrue(dries and all(id.startswith("lining") for id in dries), ids)


class Suits(unittest.TestCase):
    def test_what_does_not_suit_is_told_with_its_button_and_that_mends_it(self):
        from tests.makes import mended

        cases = (
            ("dart-bowl", {"kind": "motif", "work": "foil"}, "padded", {"use": "microwave"}, "metal", "stop"),
            ("mat", {"kind": "motif", "work": "paint"}, "padded", {}, "hot", "warn"),
            ("sleeve", {"kind": "border", "work": "felt"}, "padded", {}, "hot", "warn"),
            ("boxed-bag", {"kind": "motif", "work": "applique"}, "sheet", {}, "no-iron", "warn"),
        )
        for form, part, layers, options, kind, verdict in cases:
            spec = worked(form, part, layers=layers, **options)
            found = checks(draft_spec(spec))[f"part.{part['kind']}-1.{kind}"]
            self.assertEqual(found.verdict, verdict, form)
            fix = {"set": dict(found.fix.changes)}
            again = checks(draft_spec(mended(spec, fix)))
            self.assertNotIn(found.id, again, form)

    def test_no_work_is_offered_that_something_else_speaks_against(self):
        """Every work on every cloth, large and thin, where it is hot, where a microwave is, and where neither is."""
        from tests.makes import mended

        uses = (("dart-bowl", {"use": "microwave"}), ("dart-bowl", {}), ("boxed-bag", {}))
        offered = set()
        cloths = [m for m in MATERIALS.values() if m.kind in ("woven", "knit", "sheet") or PILE[m.id]]
        thin = {"figure": "initial", "letters": "i", "height": "25"}
        for (kind, work), size, material, (form, options) in share(
            itertools.product(ALL_WORKS, ({}, thin), cloths, uses), 3
        ):
            if size and kind != "motif":
                continue
            spec = {
                **worked(form, {"kind": kind, "work": work, **size}, **options),
                "layers": [{"material": material.id, "role": "outer"}, {"material": "linen", "role": "lining"}],
            }
            against = ("metal", "hot", "no-iron", "pile", "limb")
            try:
                found = {id: c for id, c in checks(draft_spec(spec)).items() if id.rpartition(".")[2] in against}
            except SpecError:
                continue
            for id, check in found.items():
                if check.fix is None:
                    continue
                offered.add(id)
                after = checks(draft_spec(mended(spec, {"set": dict(check.fix.changes)})))
                left = {other for other in after if other.rpartition(".")[2] in against}
                with self.subTest(form, work=work, material=material.id, check=id):
                    self.assertNotIn(id, left)
                    self.assertLessEqual(left, set(found))
        self.assertGreater(len(offered), 4)

    def test_no_cloth_is_drawn_on_rinsed_or_ironed_that_does_not_bear_it(self):
        cloths = [cloth for cloth in MATERIALS.values() if cloth.kind in ("woven", "knit", "sheet", "mesh")]
        for material, work in itertools.product(cloths, ("embroidery", "stitches")):
            part = {"kind": "motif" if work == "embroidery" else "border", "work": work}
            spec = {**worked("boxed-bag", part), "layers": [{"material": material.id, "role": "outer"}]}
            try:
                steps = [step for step in told(draft_spec(spec))["steps"] if step["id"].startswith(part["kind"])]
            except SpecError:
                continue
            said = " ".join(words_of(step) for step in steps)
            with self.subTest(material=material.id, work=work):
                ironed = "Press" in said or "dry iron" in said
                self.assertEqual(ironed, material.iron != "never")
                if work == "embroidery":
                    rinsed = any(step["id"].endswith("-rinse") for step in steps)
                    self.assertEqual(rinsed, "pen that washes out" in said)
                    self.assertEqual(rinsed, material.kind in ("woven", "knit") and not PILE[material.id] and ironed)
                else:
                    # What is pressed next is drawn with nothing that heat sets.
                    self.assertNotIn("pen", said.split())
                    self.assertEqual(
                        "tape that comes off" in said, material.kind in ("sheet", "mesh") or PILE[material.id]
                    )

    def test_what_holds_by_heat_is_never_told_to_be_done_without_an_iron(self):
        seen = set()
        for id, (kind, work) in itertools.product(MATERIALS, ALL_WORKS):
            material = MATERIALS[id]
            spec = worked("boxed-bag", {"kind": kind, "work": work})
            try:
                draft = draft_spec({**spec, "layers": [{"material": id, "role": "outer"}]})
            except SpecError:
                continue
            for step in told(draft)["steps"]:
                text = " ".join(line["text"] for line in step["lines"])
                hot = re.search(r"fuse it with|[Ff]use it|iron it dry|foil.*iron", text) and step["id"].startswith(kind)
                with self.subTest(id, work=work, step=step["id"]):
                    if hot:
                        self.assertEqual("would melt or crack" in text, material.iron == "never")
                        self.assertEqual("It holds by heat" in text, material.iron in ("never", "cool"))
                        self.assertNotIn("No iron", text)
                        seen.add((work, material.iron))
                    self.assertFalse("No iron" in text and "It holds by heat" in text)
        for work in ("applique", "paint", "foil"):
            self.assertLessEqual({(work, "hot"), (work, "cool"), (work, "never")}, seen)

    def test_a_thin_limb_is_told_and_mended(self):
        from tests.makes import mended

        spec = worked("boxed-bag", {"kind": "motif", "figure": "initial", "letters": "i", "height": "25"})
        found = checks(draft_spec(spec))["part.motif-1.limb"]
        self.assertEqual(found.verdict, "warn")
        text = draft_spec(spec).ruler.exact(found.fix.changes["parts.0.height"])
        self.assertNotIn("part.motif-1.limb", checks(draft_spec(mended(spec, {"set": {"parts.0.height": text}}))))
        painted = worked(
            "boxed-bag", {"kind": "motif", "work": "paint", "figure": "initial", "letters": "i", "height": "25"}
        )
        self.assertNotIn("part.motif-1.limb", checks(draft_spec(painted)))

    def test_what_must_not_lie_under_the_iron_is_told_at_every_pressing_after_it(self):
        for work, guarded in (("paint", True), ("foil", True), ("embroidery", False)):
            document = told(draft_spec(worked("boxed-bag", {"kind": "motif", "work": work})))
            after = [s["id"] for s in document["steps"]]
            last = max(i for i, id in enumerate(after) if id.startswith("motif-1"))
            for step in document["steps"][last + 1 :]:
                pressed = [line["text"] for line in step["lines"] if line["part"] == "press"]
                outer = any(t["layer"] == "outer" for t in step["things"])
                if pressed and outer:
                    self.assertEqual(
                        any("From the wrong side" in t or "Never set the iron" in t for t in pressed),
                        guarded,
                        step["id"],
                    )

    def test_ideas_are_tried_on_the_make_itself(self):
        for occasion, form in itertools.product(OCCASIONS, ("boxed-bag", "dart-bowl", "mat", "round-pouch")):
            spec = worked(form, layers="padded")
            ideas = list(decoration_ideas(spec, occasion, draft_spec))
            self.assertEqual(len(ideas), len(OCCASIONS[occasion]))
            against = [bool(idea.against) for idea in ideas]
            self.assertEqual(against, sorted(against))
            for idea in ideas:
                if not idea.part:
                    self.assertFalse(idea.against)
                    continue
                draft = draft_spec({**spec, "parts": [dict(idea.part)]})
                bad = [
                    c
                    for c in draft.checks
                    if c.id.startswith(f"part.{idea.part['kind']}-1.") and c.verdict in ("warn", "stop")
                ]
                self.assertEqual(len(idea.against), len(bad))
                self.assertTrue(idea.adds)


if __name__ == "__main__":
    unittest.main()
