"""Parts on forms: their sums by hand, their places, and that every form carries them."""

import itertools
import math
import re
import unittest
from unittest.mock import patch

from hypothesis import given
from hypothesis import strategies as st
from shapely.geometry import LineString, Point, Polygon

from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.drafting.reading import MOST_PARTS
from eggtuck.core.forms import CATALOGUE, draft_spec, on_ruler, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials import MATERIALS
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.document import draft_document
from eggtuck.core.pattern.written import DraftDoc
from eggtuck.core.plane import along_path, flatten
from tests import share
from tests.documents import checked
from tests.literal import complaints
from tests.makes import LAYERS as CLOTHS
from tests.makes import mended, told, words_of
from tests.solids import checks, piece
from tests.words import parts

LAYERS = [{"material": "linen", "role": "outer"}]
# Bags with an open top, where a strap can be sewn on when they are closed.
OPEN = ("boxed-bag", "cylinder", "cone", "neck-bag")


def carrying(*parts, form="cylinder", **more):
    size = {"girth": 320, "wall_height": 260}
    return {
        "form": form, "unit": "mm", "size": size, "options": {"top": "plain"}, "layers": LAYERS,
        "parts": list(parts), "allowance": {"default": 10}, **more,
    }  # fmt: skip


POCKETS = ("slip-pocket", "patch-pocket", "mesh-pocket")
# What settles whether a rim is closed before it is sewn.
CLOSED = {"top", "cut", "assembly"}


class Strips(unittest.TestCase):
    def test_a_pocket_of_two_layers_is_turned_through_what_turning_takes(self):
        """Two fingers reach in, and its own cloth goes through; no more is open than leaves its seam whole."""
        for form, wide, cloth in itertools.product(
            ("boxed-bag", "gusset-bag"), (40, 60, 90, 140), ("linen", "denim", "wool-tweed")
        ):
            spec = {
                **starting_spec(CATALOGUE[form], Ruler("mm"), None),
                "layers": [{"material": cloth, "role": "outer"}],
            }
            spec["parts"] = [{"kind": "slip-pocket", "width": str(wide), "height": "40"}]
            draft = draft_spec(spec)
            thick = 2 * MATERIALS[cloth].thickness
            step = next(step for step in draft.steps if step.id == "slip-pocket-1")
            gap = next(line.text.params["gap"] for line in step.lines if "gap" in line.text.params)
            takes = max(40.0, math.sqrt(math.pi * 2 * wide * thick / 0.6))
            with self.subTest(form, wide=wide, cloth=cloth):
                self.assertLessEqual(gap, 0.7 * wide + 1e-6)
                self.assertGreaterEqual(gap, min(takes, 0.7 * wide) - 1.0)

    @given(st.floats(100, 900), st.floats(8, 60), st.floats(0, 40), st.floats(4, 15))
    def test_widths_by_the_way_they_are_made(self, length, width, end, a):
        for how, wide in (
            ("four-fold", 4 * width),
            ("turned", 2 * width + 2 * a),
            ("single", width),
            ("on-webbing", width + 2 * a),
        ):
            part = {"kind": "strap", "length": length, "width": width, "end": end, "make": how}
            cut = piece(draft_spec(carrying(part, allowance={"default": a})), "strap-1").cut_size
            self.assertAlmostEqual(cut[0], length + 2 * end, 6)
            self.assertAlmostEqual(cut[1], wide, 6)

    @given(st.floats(1100, 4000), st.floats(15, 50), st.sampled_from(("diagonal", "straight")))
    def test_strips_joined_are_long_enough_and_one_less_is_not(self, length, width, join):
        part = {"kind": "strap", "length": length, "width": width, "end": 0, "join": join}
        draft = draft_spec(carrying(part))
        check = checks(draft).get("part.strap-1.joins")
        usable = 1400 - 30
        lost = 4 * width if join == "diagonal" else 20
        if length <= usable:
            self.assertIsNone(check)
            return
        count = check.value
        self.assertGreaterEqual(count * usable - (count - 1) * lost, length - 1e-6)
        self.assertLess((count - 1) * usable - (count - 2) * lost, length)

    @given(st.floats(400, 2000), st.floats(10, 50), st.floats(20, 80), st.floats(20, 80))
    def test_an_adjustable_strap_reaches_its_longest(self, longest, width, slider, ring):
        part = {
            "kind": "adjustable-strap",
            "longest": longest,
            "width": width,
            "slider_turn": slider,
            "ring_turn": ring,
        }
        draft = draft_spec(carrying(part))
        self.assertAlmostEqual(piece(draft, "adjustable-strap-1").cut_size[0], longest + slider + ring, 6)
        worn = checks(draft)["part.adjustable-strap-1.worn"]
        self.assertLess(worn.value, worn.limit)
        self.assertEqual({n.role for n in draft.needs if n.count == 1}, {"slider", "ring"})

    def test_a_tab_is_no_wider_than_its_ring(self):
        part = {"kind": "ring-tab", "ring": "26.7", "length": 30}
        draft = draft_spec(carrying(part, rounding="5 mm"))
        self.assertLessEqual(piece(draft, "ring-tab-1").cut_size[1] / 4, 26.7)
        self.assertEqual(checks(draft)["part.ring-tab-1.opposite"].verdict, "ok")

    @given(st.floats(10, 60), st.floats(20, 150), st.floats(20, 150), st.floats(10, 60), st.floats(4, 15))
    def test_a_connector_tapers_from_its_foot_to_its_ring(self, ring, foot, length, turn, a):
        part = {"kind": "connector", "ring": ring, "foot": foot, "length": length, "ring_turn": turn}
        draft = draft_spec(carrying(part, allowance={"default": a}))
        made = piece(draft, "connector-1")
        wide = max(ring, foot)
        # A trapezoid and a straight end, both layers of both.
        area_ = (wide + ring) / 2 * length + ring * turn
        self.assertAlmostEqual(Polygon(flatten(made.stitch_outline, 0.1)).area, area_, delta=1e-6 * area_)
        self.assertAlmostEqual(made.by_key["upper"].length, ring, 6)
        self.assertAlmostEqual(made.cut_size[1], length + turn + 2 * a, 6)
        self.assertEqual(made.cuts[0].count, 4)
        self.assertAlmostEqual(draft.sums["connector-1.cut_width"].total, made.cut_size[0], 6)
        self.assertEqual(checks(draft)["part.connector-1.opposite"].verdict, "ok")
        self.assertEqual(complaints(told(draft)), [])

    def test_tabs_on_a_rim_that_is_sewn_before_a_side_are_offered_the_way_that_is_in_force(self):
        """A tube that was chosen for a lining binds nobody where there is none."""
        for assembly, layers in itertools.product(("nested", "long-tube"), ("outer", "padded")):
            for top in ("plain", "deep-hem", "bagged"):
                spec = {**starting_spec(CATALOGUE["boxed-bag"], Ruler("mm"), None), "layers": CLOTHS[layers]}
                spec["options"] = {"top": top, "hem_order": "before", "assembly": assembly}
                spec["parts"] = [{"kind": "ring-tab"}]
                found = checks(draft_spec(spec)).get("part.ring-tab-1.opposite")
                if found is None or found.fix is None:
                    continue
                after = checks(draft_spec(mended(spec, {"set": dict(found.fix.changes)})))
                self.assertEqual(after[found.id].verdict, "ok", (assembly, layers, top))

    def test_tabs_belong_a_quarter_to_each_side(self):
        quarter = draft_spec(carrying()).finished["girth"] / 4
        even = draft_spec(carrying({"kind": "ring-tab", "from_centre": quarter}))
        self.assertEqual(checks(even)["part.ring-tab-1.opposite"].verdict, "ok")
        off = checks(draft_spec(carrying({"kind": "ring-tab", "from_centre": quarter - 12})))[
            "part.ring-tab-1.opposite"
        ]
        self.assertEqual(off.verdict, "warn")
        self.assertAlmostEqual(off.limit, quarter)

    def test_loops_and_trims(self):
        parts = (
            {"kind": "loop", "length": 40, "make": "ribbon", "count": 3},
            {"kind": "piping", "length": 500, "overlap": 30, "made": "made", "cord": 5},
            {"kind": "elastic", "round": 300, "anchoring": 20, "stretch": "half"},
            {"kind": "ribbon", "round": 200, "bow": 500},
        )
        draft = draft_spec(carrying(*parts))
        self.assertAlmostEqual(draft.sums["loop-1.length"].total, 2 * 40 + 20)
        self.assertAlmostEqual(piece(draft, "piping-2").cut_size[0], 530)
        self.assertAlmostEqual(piece(draft, "piping-2").cut_size[1], math.pi * 5 + 20)
        self.assertAlmostEqual(draft.sums["elastic-3.length"].total, 170)
        self.assertAlmostEqual(draft.sums["ribbon-4.length"].total, 700)
        need = next(n for n in draft.needs if n.id == "loop-1")
        self.assertAlmostEqual(need.exact, 300)


def _beside(host, level):
    """The edges that meet a level upper edge at its ends."""
    tops = [e for e in host.edges if all(abs(p[1] - level) < 1e-6 for s in e.path for p in (s.start, s.end))]
    ends = {(round(x, 3), round(y, 3)) for e in tops for x, y in (e.path[0].start, e.path[-1].end)}
    return [e.key for e in host.edges if e not in tops and ends & {(round(x, 3), round(y, 3)) for x, y in (e.path[0].start, e.path[-1].end)}]  # fmt: skip


class Measured(unittest.TestCase):
    """What nobody told of a trim follows from where it is sewn."""

    def test_piping_is_as_long_as_the_edges_it_is_sewn_along(self):
        """Added up from the drawing: each uppermost edge, with its ends to the raw edges or what overlaps."""
        told = 0
        for form in CATALOGUE.values():
            spec = {**starting_spec(form, Ruler("cm"), None), "parts": [{"kind": "piping"}], "rounding": "1 mm"}
            try:
                draft = draft_spec(spec)
            except SpecError:
                continue
            step = next(step for step in draft.steps if step.id == "piping-1")
            host = next(piece for piece in draft.pieces if piece.id in step.pieces)
            if len(host.edges) == 1:
                length = host.edges[0].length + 40
            else:
                # A level edge runs on to the raw edges beside it.
                level = max(p[1] for p in flatten(host.stitch_outline, 0.01))
                ends = [p[0] for p in flatten(host.stitch_outline, 0.01) if abs(p[1] - level) < 1e-6]
                if len(ends) < 2 or form.id == "dart-bowl":
                    # Four rims in one go, when the darts are sewn.
                    continue
                length = max(ends) - min(ends) + sum(e.allowance for e in host.edges if e.key in _beside(host, level))
            each = next(line.text.params["piping"] for line in step.lines if "piping" in line.text.params)
            with self.subTest(form.id):
                self.assertAlmostEqual(each, length, delta=1.01)
                own = [cut for cut in host.cuts if cut.on is None]
                rims = 2 if any(fold.id.endswith("base-fold") for fold in host.folds) else sum(
                    cut.count for cut in own if cut.role == own[0].role)  # fmt: skip
                self.assertAlmostEqual(draft.sums["piping-1.length"].total, each * rims, delta=0.01)
            told += 1
        self.assertGreater(told, 6)

    def test_elastic_is_stretched_to_the_width_where_it_lies(self):
        for form in ("cylinder", "cone", "round-pouch", "wedge", "boxed-bag"):
            parts = [{"kind": "elastic", "from_top": "3"}]
            draft = draft_spec({**starting_spec(CATALOGUE[form], Ruler("cm"), None), "parts": parts})
            ring = Polygon(flatten(draft.pieces[0].stitch_outline, 0.01))
            level = ring.bounds[3] - 30
            across = ring.intersection(LineString([(-1e4, level), (1e4, level)]))
            if form == "cone":
                # All the way as far from the rim as that bends.
                (top,) = (edge for edge in draft.pieces[0].edges if edge.key == "top")
                rim = LineString([*flatten(top.path, 0.01), top.path[-1].end])
                across = rim.buffer(30, quad_segs=64).boundary.intersection(ring.buffer(-0.01))
            value = next(state.value for state in draft.inputs if state.field == "parts.0.round")
            with self.subTest(form):
                self.assertAlmostEqual(value, across.length, delta=1.0)
                # It is marked where it is sewn, as long as that.
                (line,) = (m.path for piece in draft.pieces for m in piece.marks if m.part == "elastic-1")
                self.assertAlmostEqual(sum(s.length for s in line), across.length, delta=0.1)
                ends = [line[0].start, line[-1].end]
                self.assertLess(max(ring.boundary.distance(Point(end)) for end in ends), 0.05)


class Marked(unittest.TestCase):
    def test_elastic_is_sewn_to_the_side_it_is_marked_on(self):
        sides = set()
        for form, layers in itertools.product(CATALOGUE.values(), ("outer", "lined")):
            spec = {**starting_spec(form, Ruler("cm"), None), "layers": CLOTHS[layers], "parts": [{"kind": "elastic"}]}
            for top in next((option.choices for option in form.options if option.id == "top"), ("",)):
                try:
                    draft = draft_spec({**spec, "options": {"top": top} if top else {}})
                except SpecError:
                    continue
                steps = {step["id"]: words_of(step) for step in told(draft)["steps"]}
                marked = [line for line in steps["mark"].splitlines() if "elastic:" in line]
                sewn, lines = (
                    re.findall(r"[Oo]n the (lining|wrong) side", text) for text in (steps["elastic-1"], "".join(marked))
                )
                if sewn and lines:
                    self.assertEqual({*sewn}, {*lines}, (form.id, layers, top))
                    sides |= {*sewn}
        self.assertEqual(sides, {"lining", "wrong"})

    def test_elastic_has_its_line_marked_before_or_drawn_with_it_on_what_can_be_reached(self):
        ways = set()
        for form, layers in itertools.product(CATALOGUE.values(), CLOTHS):
            spec = {**starting_spec(form, Ruler("cm"), None), "layers": CLOTHS[layers], "parts": [{"kind": "elastic"}]}
            steps = told(draft_spec(spec))["steps"]
            at = next(nth for nth, step in enumerate(steps) if step["id"] == "elastic-1")
            marked = [line["text"] for step in steps[:at] for line in step["lines"] if line["part"] == "mark"]
            drawn = "draw a line" in words_of(steps[at])
            within = any(step["id"] in ("mat-layers", "mat-lay") for step in steps[:at])
            with self.subTest(form=form.id, layers=layers):
                self.assertNotEqual(drawn, any("elastic:" in text for text in marked))
                self.assertEqual("wrong side" in words_of(steps[at]) and within, False)
                ways.add(drawn)
        self.assertEqual(ways, {False, True})

    def test_what_lies_on_one_copy_is_marked_on_one(self):
        """On a panel that is cut twice a part of its own is marked on one of them, two handles on each."""
        for kind, count, each in (("snap", 1, False), ("slip-pocket", 1, False), ("loop", 1, False), ("handle", 2, True), ("strap", 1, False)):  # fmt: skip
            spec = starting_spec(CATALOGUE["boxed-bag"], Ruler("cm"), None)
            draft = draft_spec({**spec, "parts": [{"kind": kind, "count": count}]})
            lines = [line["text"] for s in told(draft)["steps"] if s["id"] == "mark" for line in s["lines"]]
            name = {"snap": "press fastener", "slip-pocket": "slip pocket", "loop": "loop here"}.get(kind, kind)
            said = next(text for text in lines if f"{name}:" in text)
            with self.subTest(kind):
                self.assertIn("each outer body (A)" if each else "one outer body (A)", said)


class Pockets(unittest.TestCase):
    @given(st.floats(40, 150), st.floats(40, 120), st.floats(4, 15))
    def test_cut_sizes_by_hand(self, w, h, a):
        place = {"width": w, "height": h, "from_top": 40, "from_side": 30}
        allowance = {"default": a}
        slip = piece(
            draft_spec(carrying({"kind": "slip-pocket", **place}, allowance=allowance)), "slip-pocket-1"
        ).cut_size
        self.assertAlmostEqual(slip[0], w + 2 * a, 6)
        self.assertAlmostEqual(slip[1], 2 * h + 2 * a, 6)
        patch = piece(
            draft_spec(carrying({"kind": "patch-pocket", "hem": 20, **place}, allowance=allowance)), "patch-pocket-1"
        ).cut_size
        self.assertAlmostEqual(patch[1], h + a + 20, 6)
        mesh = draft_spec(carrying({"kind": "mesh-pocket", "edging": 32, **place}, allowance=allowance))
        self.assertAlmostEqual(piece(mesh, "mesh-pocket-1").cut_size[1], h + a, 6)
        self.assertAlmostEqual(piece(mesh, "edging-1").cut_size[0], w + 2 * a, 6)

    @given(st.floats(20, 400), st.floats(20, 400), st.floats(0, 300), st.floats(0, 300))
    def test_a_pocket_lies_clear_or_is_told(self, w, h, top, side):
        draft = draft_spec(
            carrying({"kind": "slip-pocket", "width": w, "height": h, "from_top": top, "from_side": side})
        )
        girth, wall = draft.finished["girth"], draft.finished["wall_height"]
        clear = side >= 5 and side + w <= girth - 5 and top + h <= wall - 5 and top > 1e-6
        verdict = checks(draft)["part.slip-pocket-1.place"].verdict
        if min(abs(side - 5), abs(side + w - girth + 5), abs(top + h - wall + 5), top) > 1e-3:
            self.assertEqual(verdict, "ok" if clear else "warn")

    @given(st.floats(60, 300), st.floats(50, 200), st.sampled_from(["slip-pocket", "patch-pocket", "mesh-pocket"]))
    def test_what_it_must_hold_goes_in(self, girth, height, kind):
        """A flat pocket goes round what is as round as both its walls are wide; a little more is asked for, and not much."""
        held = {"kind": kind, "holds": "measured", "holds_girth": girth, "holds_height": height}
        draft = draft_spec(carrying(held))
        size = {s.field: s.value for s in draft.inputs}
        wide, high = size["parts.0.width"], size["parts.0.height"]
        self.assertTrue(girth < 2 * wide <= girth + 2 * 5 + 2.1, (girth, wide))
        self.assertTrue(height * 0.8 - 1e-6 <= high < height)
        told = checks(draft)[f"part.{kind}-1.holds"]
        self.assertEqual((told.verdict, told.limit), ("ok", girth))
        narrow = checks(draft_spec(carrying({**held, "width": girth / 2 - 6})))[f"part.{kind}-1.holds"]
        self.assertEqual((narrow.verdict, narrow.fix.changes), ("warn", {"parts.0.width": ""}))
        shallow = checks(draft_spec(carrying({**held, "height": height * 0.4})))[f"part.{kind}-1.holds"]
        self.assertEqual((shallow.verdict, shallow.fix.changes), ("warn", {"parts.0.height": ""}))

    def test_inside_it_lies_on_the_lining_where_one_hangs(self):
        seen = set()
        for form, layers in itertools.product(
            CATALOGUE.values(), (LAYERS, [*LAYERS, {"material": "calico", "role": "lining"}])
        ):
            both = [{"kind": "patch-pocket"}, {"kind": "patch-pocket", "side": "inside"}]
            spec = {**starting_spec(form, Ruler("cm"), None), "layers": layers, "parts": both}
            if form.traits.ends != "open":
                with self.assertRaises(SpecError) as caught:
                    draft_spec(spec)
                self.assertEqual([p.field for p in caught.exception.problems], ["parts.1.side"])
                continue
            draft = draft_spec(spec)
            document = told(draft)
            self.assertEqual(complaints(document), [], form.id)
            step = next(step for step in document["steps"] if step["id"] == "patch-pocket-2")
            text = " ".join(line["text"] for line in step["lines"])
            own = {p.id: {c.role for c in p.cuts if c.on is None} for p in draft.pieces}
            first = min(
                own, key=lambda id: next(len(p.letter) * 100 + ord(p.letter[0]) for p in draft.pieces if p.id == id)
            )
            hangs = f"{first}-lining" in own or "lining" in own[first]
            self.assertEqual("wrong side of the" in text or "lining side of the" in text, not hangs, (form.id, text))
            marked = [
                (p.id, m.role)
                for p in draft.pieces
                for m in p.marks
                if m.kind == "zone" and m.label.id == "mark.pocket"
            ]
            if hangs and len(marked) == 2:
                seen.add(form.id)
                # Two pockets in one place do not meet: they lie on two cloths.
                self.assertEqual({role for _, role in marked} & {"lining"}, {"lining"}, form.id)
        self.assertGreater(len(seen), 6)

    def test_without_a_thing_nothing_is_said_of_it(self):
        draft = draft_spec(carrying({"kind": "slip-pocket", "holds_girth": 100}))
        self.assertNotIn("part.slip-pocket-1.holds", checks(draft))
        self.assertNotIn("parts.0.holds_girth", [s.field for s in draft.inputs])

    def test_it_is_marked_where_it_goes(self):
        part = {"kind": "patch-pocket", "width": 80, "height": 60, "from_top": 50, "from_side": 35}
        for form in ("cylinder", "boxed-bag"):
            draft = draft_spec(carrying(part, form=form))
            host = draft.pieces[0]
            mark = next(m for m in host.marks if m.label.id == "mark.pocket")
            xs = [p[0] for s in mark.path for p in (s.start, s.end)]
            ys = [p[1] for s in mark.path for p in (s.start, s.end)]
            net = [p for s in host.stitch_outline for p in (s.start, s.end)]
            self.assertAlmostEqual(min(xs) - min(p[0] for p in net), 35)
            self.assertAlmostEqual(max(p[1] for p in net) - max(ys), 50)
            self.assertAlmostEqual(max(xs) - min(xs), 80)

    @given(st.floats(60, 120), st.floats(40, 120), st.floats(5, 25), st.floats(4, 15), st.sampled_from(POCKETS))
    def test_a_foot_folded_under_hangs_past_the_raw_base_edge(self, w, h, past, base, kind):
        told_ = {"kind": kind, "foot": "under", "width": w, "height": h, "under": past}
        draft = draft_spec(carrying(told_, allowance={"default": 10, "base": base}))
        cut, host = piece(draft, f"{kind}-1").cut_size, piece(draft, "wall")
        more = {"slip-pocket": h + base + past, "patch-pocket": 20, "mesh-pocket": 0}[kind]
        self.assertAlmostEqual(cut[0], w + 20, 6)
        self.assertAlmostEqual(cut[1], h + base + past + more, 6)
        step = next(s for s in draft.steps if s.id == f"{kind}-1")
        place = next(line.text for line in step.lines if "place" in line.text.params).params["place"]
        # Down from the raw top edge, its height, and the allowance below it: there is the raw base edge.
        self.assertAlmostEqual(place.params["raw"] + h + base, host.cut_size[1], 6)
        self.assertEqual(checks(draft)[f"part.{kind}-1.place"].verdict, "ok")
        ids = [s.id for s in draft.steps]
        self.assertLess(ids.index(f"{kind}-1"), ids.index("outer-base"))
        self.assertEqual(complaints(told(draft)), [])

    def test_without_a_seam_along_a_straight_lower_edge_there_is_nothing_to_fold_it_under(self):
        taken = set()
        for form, kind in itertools.product(CATALOGUE, POCKETS):
            spec = {**starting_spec(CATALOGUE[form], Ruler("cm"), None), "parts": [{"kind": kind, "foot": "under"}]}
            try:
                draft = draft_spec(spec)
            except SpecError as error:
                self.assertEqual([p.field for p in error.problems], ["parts.0.foot"], form)
                continue
            taken.add(form)
            # What it is folded round is an edge of that piece, level and sewn.
            step = next(s for s in draft.steps if s.id == f"{kind}-1")
            lower = next(line.text for line in step.lines if "lower" in line.text.params).params["lower"]
            edges = [e for p in draft.pieces for e in p.edges if e.name == lower]
            sewn = {use.key for seam in draft.seams for use in (*seam.a, *seam.b)}
            self.assertTrue(any(e.key in sewn and e.path[0].start[1] == e.path[-1].end[1] for e in edges), form)
        self.assertIn("cylinder", taken)
        self.assertFalse(taken & {"mat", "boxed-bag", "cone", "dart-bowl", "round-pouch", "lid-cover"})

    def test_a_pocket_over_the_base_of_a_boxed_bag_is_told(self):
        part = {"kind": "slip-pocket", "width": 60, "height": 100, "from_top": 190, "from_side": 40}
        size = {"girth": 400, "wall_height": 260, "base_depth": 80}
        draft = draft_spec(carrying(part, form="boxed-bag") | {"size": size})
        self.assertEqual(checks(draft)["part.slip-pocket-1.place"].verdict, "warn")


class OnMats(unittest.TestCase):
    """What is pieced, quilted and trimmed takes its parts when that is done: measured from the edges it then has, and no quilting over it."""

    def test_parts_go_on_when_the_mat_is_trimmed_and_before_it_is_bound(self):
        for kind, pieced, layers in itertools.product(PARTS, ("whole", "corner-squares", "rows"), ("lined", "padded")):
            spec = {**starting_spec(CATALOGUE["mat"], Ruler("mm"), None), "layers": CLOTHS[layers]}
            spec |= {"parts": [{"kind": kind}], "options": {"patchwork": pieced}, "rounding": "none"}
            try:
                draft = draft_spec(spec)
            except SpecError:
                continue
            ids = [step.id for step in draft.steps]
            # What meets it goes on when all is closed, what comes off when all is done.
            mine = [
                i for i, id in enumerate(ids) if id.startswith(f"{kind}-1") and not id.endswith(("-meets", "-clip"))
            ]
            trim = {"padded": "mat-trim", "lined": "mat-trim-top"}[layers]
            if trim in ids:
                self.assertGreater(min(mine), ids.index(trim), (kind, pieced, layers))
            self.assertLess(max(mine), ids.index("binding"), (kind, pieced, layers))
            # Nothing that is measured from those edges is marked before they are there.
            words = " ".join(words_of(step) for step in told(draft)["steps"] if step["id"] == "mark")
            if trim in ids:
                self.assertNotIn("below the raw top", words, (kind, pieced, layers))
            self.assertEqual(complaints(told(draft)), [], (kind, pieced, layers))


class Piping(unittest.TestCase):
    def test_its_tape_is_clipped_on_curves_and_only_there(self):
        seen = set()
        for form in CATALOGUE.values():
            draft = draft_spec({**starting_spec(form, Ruler("cm"), None), "parts": [{"kind": "piping"}]})
            step = next(step for step in draft_document(draft)["steps"] if step["id"] == "piping-1")
            by_key = {(piece.id, key): edge for piece in draft.pieces for key, edge in piece.by_key.items()}
            edges = [by_key[use.piece, use.key] for told in draft.steps if told.id == "piping-1" for use in told.edges]
            curved = any(segment.bulge for edge in edges for segment in edge.path) or len({e.key for e in edges}) > 1
            clips = any("lip its tape on every curve" in line["text"] for line in step["lines"])
            self.assertEqual(clips, curved, form.id)
            seen.add(clips)
        self.assertEqual(seen, {True, False})


class Rings(unittest.TestCase):
    """What holds rings in an upper edge: whole on it while that is flat, else over seams that are sewn by then."""

    def made(self):
        for form in CATALOGUE.values():
            ways = [{option.id: way} for option in form.options if option.id in CLOSED for way in option.choices]
            for options, layers in itertools.product(ways or [{}], ("outer", "lined")):
                for kind, wide in (("ring-tab", 25.0), ("connector", 60.0), ("adjustable-strap", 30.0)):
                    spec = {**starting_spec(form, Ruler("mm"), None), "layers": CLOTHS[layers], "options": options}
                    try:
                        draft = draft_spec({**spec, "parts": [{"kind": kind}]})
                    except SpecError:
                        continue
                    if kind != "adjustable-strap" or "adjustable-strap-1-threaded" in {s.id for s in draft.steps}:
                        yield form.id, options, wide, draft

    def test_they_lie_whole_on_the_edge_or_over_seams_that_are_sewn(self):
        ways = set()
        for form, options, wide, draft in self.made():
            with self.subTest(form=form, **options):
                order = [step.id for step in draft.steps]
                at = next(nth for nth, step in enumerate(draft.steps) if step.id.endswith("-1-on"))
                (tack,) = (
                    text
                    for line in draft.steps[at].lines
                    for text in parts(line.text)
                    if text.id in ("tack.flat", "tack.round", "tack.late", "tack.over")
                )
                self.assertGreater(at, order.index("mark"))
                body = draft.pieces[0]
                # Of an edge that is turned in or out it is told where they come to lie.
                turned = [c.verdict for c in draft.checks if c.id.startswith("part.") and c.id.endswith(".turned")]
                kind = {"cuff-out": ["warn"], "deep-hem": ["note"]}.get(options.get("top", ""), [])
                self.assertEqual(turned, ["note"] if form == "neck-bag" else kind)
                top = max(y for _, y in body.stitch_points)
                if tack.id in ("tack.flat", "tack.round"):
                    level = [e for e in body.edges if min(s.start[1] + s.end[1] for s in e.path) > 2 * top - 40]
                    half = max((e.length for e in level), default=math.inf) / 2
                    warned = {check.id.rpartition(".")[2] for check in draft.checks if check.id.startswith("part.")}
                    fits = tack.params["away"] + wide / 2 <= half + 0.6 and 2 * tack.params["away"] >= wide - 0.6
                    self.assertTrue(tack.id == "tack.round" or fits or warned & {"narrow", "beyond"})
                    self.assertEqual(len([m for m in body.marks if m.label.id == "mark.caught"]), 2)
                else:
                    names = [tack.params[name] for name in ("first", "second") if tack.params[name].id != "tack.fold"]
                    over = {seam.id for seam in draft.seams if seam.name in names}
                    self.assertTrue(over)
                    before = {id for step in draft.steps[:at] for id in step.seams}
                    self.assertLessEqual(over, before)
                    # The rim goes on beside those seams: nothing of it is sewn yet.
                    ends = {(use.piece, use.key) for s in draft.seams if s.id in over for use in (*s.a, *s.b)}
                    beside = {
                        (body.id, edge.key)
                        for nth, edge in enumerate(body.edges)
                        for other in (body.edges[nth - 1], body.edges[(nth + 1) % len(body.edges)])
                        if (body.id, other.key) in ends and edge.key not in {key for _, key in ends}
                        if max(s.end[1] for s in edge.path) > top - 1 or edge.key.startswith("rim")
                    }
                    self.assertTrue(beside)
                    sewn = [
                        {
                            (use.piece, use.key)
                            for seam in draft.seams
                            if seam.id in step.seams
                            for use in (*seam.a, *seam.b)
                        }
                        | {(use.piece, use.key) for hem in draft.hems if hem.id in step.seams for use in hem.edges}
                        for step in draft.steps
                    ]
                    self.assertFalse(beside & set().union(*sewn[:at]))
                    self.assertTrue(beside & set().union(*sewn[at:]))
                ways.add((tack.id, form))
                self.assertEqual(complaints(told(draft)), [])
        self.assertGreaterEqual({way for way, _ in ways}, {"tack.flat", "tack.round", "tack.over"})
        self.assertGreaterEqual(
            {f for way, f in ways if way == "tack.over"}, {"boxed-bag", "mug-bag", "dart-bowl", "weight"}
        )

    def test_both_ends_of_an_adjustable_strap_never_lie_in_one_place(self):
        """Of two sides that are sewn to each other its ends go into the rim, opposite each other; else one is in each, at the same height."""
        on_rim = set()
        for form, layers, down in itertools.product(CATALOGUE, CLOTHS, ("40", "70")):
            spec = {**starting_spec(CATALOGUE[form], Ruler("mm"), None), "layers": CLOTHS[layers]}
            draft = draft_spec({**spec, "parts": [{"kind": "adjustable-strap", "from_top": down}]})
            host = min(draft.pieces, key=lambda piece: (len(piece.letter), piece.letter))
            marks = [mark for mark in host.marks if mark.label.id == "mark.caught"]
            with self.subTest(form=form, layers=layers):
                asked = {state.field for state in draft.inputs}
                if "adjustable-strap-1-threaded" in {step.id for step in draft.steps}:
                    on_rim.add(form)
                    self.assertNotIn("parts.0.from_top", asked)
                    continue
                self.assertIn("parts.0.from_top", asked)
                (a, b), (x0, _, x1, _) = (mark.point for mark in marks), host.stitch_box
                self.assertAlmostEqual(a[0] + b[0], x0 + x1, delta=0.6)
                self.assertAlmostEqual(a[1], b[1], delta=0.6)
                self.assertGreater(abs(a[0] - b[0]), 20.0)
                keys = {e.key for e in host.edges for m in marks if along_path(e.path, m.point) is not None}
                for seam in draft.seams:
                    sides = [{u.key for u in side if u.piece == host.id} & keys for side in (seam.a, seam.b)]
                    copies = [{u.copy for u in side if u.piece == host.id} for side in (seam.a, seam.b)]
                    self.assertFalse(all(sides) and sides[0] != sides[1] and copies[0] == copies[1], seam.id)
        self.assertGreaterEqual(on_rim, {"cylinder", "cone", "neck-bag", "dart-bowl"})

    def test_by_hand_the_ends_of_a_strap_are_tacked_with_a_few_stitches_too(self):
        spec = {**starting_spec(CATALOGUE["cylinder"], Ruler("cm"), None), "options": {"sewn_by": "hand"}}
        steps = draft_spec({**spec, "parts": [{"kind": "adjustable-strap"}]}).steps
        said = {step.id: {line.text.id for line in step.lines} for step in steps}
        tacked = [id for id in said if id.startswith("adjustable-strap-1-on")]
        self.assertEqual([("hand.tacked" in said[id]) for id in tacked], [True])
        self.assertNotIn("hand.tacked", said["adjustable-strap-1-threaded"])

    def test_by_hand_they_are_sewn_in_backstitch_and_tacked_with_a_few(self):
        for form, kind, count in itertools.product(("boxed-bag", "cylinder"), ("ring-tab", "connector"), (1, 2)):
            spec = {**starting_spec(CATALOGUE[form], Ruler("cm"), None), "options": {"sewn_by": "hand"}}
            steps = draft_spec({**spec, "parts": [{"kind": kind, "count": count}]}).steps
            said = {step.id: {line.text.id for line in step.lines} for step in steps}
            made, tacked = said[f"{kind}-1"], said[f"{kind}-1-on"]
            self.assertEqual(("hand.tacked" in made, "hand.tacked" in tacked), (False, True), (form, kind, count))
            self.assertTrue({"hand.backstitch", "hand.backstitch-again"} & made)

    def test_of_more_than_two_it_is_told_that_the_others_have_no_place(self):
        for form, count in itertools.product(("boxed-bag", "cylinder", "lid-cover"), (1, 2, 3, 4)):
            tabs = [{"kind": "ring-tab", "count": count}]
            draft = draft_spec({**starting_spec(CATALOGUE[form], Ruler("cm"), None), "parts": tabs})
            warned = [check.verdict for check in draft.checks if check.id == "part.ring-tab-1.more"]
            self.assertEqual(warned, ["warn"] if count > 2 else [], (form, count))

    def test_where_they_stand_they_are_opposite(self):
        """In the form that is sewn up: half the rim lies between their middles, whichever way it is gone round."""
        for form, options, wide, draft in self.made():
            if form not in ("boxed-bag", "cylinder", "cone", "neck-bag", "dart-bowl"):
                continue
            if any(check.id.endswith(".opposite") and check.verdict == "warn" for check in draft.checks):
                self.assertEqual(options, {"assembly": "long-tube"})
                continue
            with self.subTest(form=form, **options):
                carried = {c.piece: c.loops for c in draft.solid.carried}
                tabs = carried.get("ring-tab-1", carried.get("connector-1", ()))
                feet = [(loop[0], loop[1]) for loop in tabs if abs(math.dist(loop[0], loop[1]) - wide) < wide / 3]
                if "adjustable-strap-1" in carried:
                    # Its free end lies where another tab would.
                    feet.append(carried["adjustable-strap-1"][-1][1:3])
                one, other = [tuple((p + q) / 2 for p, q in zip(*foot, strict=True)) for foot in feet]
                points = [p for facet in draft.solid.facets for p in facet.space]
                high = max(p[2] for p in points)
                rim = [p for p in points if p[2] > high - 1.0] if form != "dart-bowl" else points
                middle = [(max(p[i] for p in rim) + min(p[i] for p in rim)) / 2 for i in (0, 1)]
                for i in (0, 1):
                    self.assertAlmostEqual((one[i] + other[i]) / 2, middle[i], delta=2.0)


class Everywhere(unittest.TestCase):
    # As they are written: parts sewn alike change what is grouped (`test_arranging`).
    @patch("eggtuck.core.making.arranging.grouped", lambda operations, stack: list(operations))
    def test_every_form_carries_every_part(self):
        every = []
        # What is worked on bare cloth changes the order (`test_surface`).
        for kind in (kind for kind in PARTS.values() if "work" not in kind.choices):
            every.append({"kind": kind.id})
            every += [
                {"kind": kind.id, name: choice} for name, allowed in kind.choices.items() for choice in allowed[1:]
            ]
        for form, half in share(itertools.product(CATALOGUE.values(), (every[::2], every[1::2])), 3):
            some = [part for part in half if form.traits.ends == "open" or part.get("side") != "inside"]
            # A pocket is folded under a lower edge that is one (`Pockets`).
            some = [part for part in some if "foot" not in part]
            # What is sewn on at the end takes an open bag (`test_over_sides`).
            some = [{**part, "count": 1} if "sits" in part else part for part in some if "sits" not in part or form.id in OPEN]  # fmt: skip
            with self.subTest(form=form.id):
                spec = {**starting_spec(form, Ruler("cm"), None), "parts": some}
                draft = draft_spec(spec)
                checked(DraftDoc, draft_document(draft))
                ids = [p.id for p in draft.pieces]
                letters = [p.letter for p in draft.pieces]
                self.assertEqual(len(set(ids)), len(ids))
                self.assertEqual(len(set(letters)), len(letters))
                bare = draft_spec({k: v for k, v in spec.items() if k != "parts"})
                # Switched off again nothing of them is left: pieces, notions, steps, sums.
                self.assertTrue({p.id for p in bare.pieces} <= set(ids))
                self.assertGreater(len(draft.steps), len(bare.steps))
                order = [step.id for step in draft.steps]
                self.assertEqual([s for s in order if s in {x.id for x in bare.steps}], [s.id for s in bare.steps])
                # Flat work comes before the first closing seam.
                first = next(i for i, s in enumerate(order) if s.startswith(("strap-", "label-", "piping-", "button-")))
                self.assertGreater(first, order.index("mark"))

    def test_what_meets_another_half_is_brought_to_it_as_the_make_can_be(self):
        """What lies flat is folded, nothing is opened that was filled and closed, anything else can be closed."""
        seen = set()
        for form, kind in itertools.product(CATALOGUE.values(), ("snap", "hook-and-loop")):
            draft = draft_spec({**starting_spec(form, Ruler("cm"), None), "parts": [{"kind": kind}]})
            ids = [step.id for step in draft.steps]
            meets = next(step for step in told(draft)["steps"] if step["id"] == f"{kind}-1-meets")
            thick = max(point[1] for facet in draft.solid.facets for point in facet.space) - min(
                point[1] for facet in draft.solid.facets for point in facet.space
            )
            filled = "fill" in ids[: ids.index(meets["id"])]
            way = "closed for good" if filled else "Close the make" if thick > 0 else "Fold the make"
            self.assertIn(way, words_of(meets), form.id)
            seen.add(way)
        self.assertEqual(len(seen), 3)

    def test_what_is_caught_in_a_side_is_marked_where_it_is_told(self):
        """The place told, walked once more along the piece from where it is measured, is the mark."""
        kinds = set()
        for form, down in itertools.product(CATALOGUE.values(), ("2,5", "6")):
            loop = {"kind": "loop", "from_top": down}
            draft = draft_spec({**starting_spec(form, Ruler("cm"), None), "parts": [loop], "rounding": "none"})
            host = min(draft.pieces, key=lambda piece: (len(piece.letter), piece.letter))
            mark = next(mark for mark in host.marks if mark.label.id == "mark.caught")
            kinds.add(mark.datum.id)
            say, (x, y) = mark.datum.params, mark.point
            edge = min(host.edges, key=lambda e: min(math.dist(p, mark.point) for p in flatten(e.path, 0.005)))
            points = [p for s in edge.path for p in s.sampled(1e-4)] + [edge.path[-1].end]
            if mark.datum.id == "caught.round":
                top = max(p[1] for p in points)
                turn = sum(
                    math.dist(a, b)
                    for a, b in itertools.pairwise(
                        sorted(
                            (
                                p
                                for p in points
                                if p[0] >= -1e-6 + (max(q[0] for q in points) + min(q[0] for q in points)) / 2
                                and p[1] >= y
                            ),
                            key=lambda p: -p[1],
                        )
                    )
                )
                self.assertAlmostEqual(turn, say["along"], delta=1.0, msg=form.id)
                self.assertAlmostEqual(top - y, float(down.replace(",", ".")) * 10, delta=0.6, msg=form.id)
            elif mark.datum.id in ("caught.middle", "caught.corner"):
                half = along_path(edge.path, mark.point)
                self.assertAlmostEqual(half, edge.length / 2, 1, form.id)
                # Nobody is asked how far down a corner lies; it is told by the seams to both sides of it.
                self.assertNotIn("parts.0.from_top", {state.field for state in draft.inputs})
                if mark.datum.id == "caught.corner":
                    self.assertIn(mark.point, {s.end for s in edge.path})
                    at = host.edges.index(edge)
                    beside = {host.edges[at - 1].key, host.edges[(at + 1) % len(host.edges)].key}
                    for name in (say["first"], say["second"]):
                        (seam,) = (s for s in draft.seams if s.name == name)
                        self.assertTrue(beside & {use.key for use in (*seam.a, *seam.b)})
            else:
                high = max((edge.path[0].start, edge.path[-1].end), key=lambda p: p[1])
                beyond = min(
                    (e.allowance for e in host.edges if e is not edge and high in (e.path[0].start, e.path[-1].end)),
                    default=0.0,
                )
                self.assertAlmostEqual(math.dist(high, (x, y)) + beyond, say["raw"], delta=0.05, msg=form.id)
        self.assertEqual(kinds, {"caught.round", "caught.middle", "caught.corner", "caught.upper"})

    def test_what_is_typed_is_kept_and_read_on_another_ruler(self):
        spec = {
            **starting_spec(CATALOGUE["cylinder"], Ruler("in"), None),
            "parts": [{"kind": "strap", "length": "24 1/2", "width": "1"}],
        }
        draft = draft_spec(spec)
        state = next(s for s in draft.inputs if s.field == "parts.0.length")
        self.assertEqual(state.typed, "24 1/2")
        metric = on_ruler(spec, "cm", ",")
        there = next(s for s in draft_spec(metric).inputs if s.field == "parts.0.length")
        self.assertEqual(there.typed, "24 1/2 in")
        self.assertAlmostEqual(there.value, 24.5 * 25.4)

    def test_bad_parts_name_their_field(self):
        for part, field in (
            ({"kind": "wing"}, "parts.0.kind"),
            ({"kind": "strap", "length": "long"}, "parts.0.length"),
            ({"kind": "strap", "length": 99999}, "parts.0.length"),
            ({"kind": "strap", "make": "woven"}, "parts.0.make"),
            ({"kind": "strap", "colour": "red"}, "parts.0.colour"),
            ({"kind": "strap", "count": 0}, "parts.0.count"),
            ({"kind": "strap", "count": "two"}, "parts.0.count"),
            ("strap", "parts.0.kind"),
        ):
            with self.subTest(str(part)), self.assertRaises(SpecError) as caught:
                draft_spec(carrying(part))
            self.assertEqual(caught.exception.problems[0].field, field)
        for many in ("strap", [{"kind": "label"}] * (MOST_PARTS + 1)):
            with self.assertRaises(SpecError) as caught:
                draft_spec({**carrying(), "parts": many})
            self.assertEqual(caught.exception.problems[0].field, "parts")


if __name__ == "__main__":
    unittest.main()
