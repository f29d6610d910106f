"""Tetrahedron, wedge, round pouch and gusset bag: figures got a second way, over the whole range of sizes."""

import copy
import itertools
import math
import random
import unittest

import numpy as np
from hypothesis import assume, given
from hypothesis import strategies as st
from shapely.geometry import LineString, Point, Polygon

from eggtuck.core.fit.in_tetra import ball_across, face_normals, least_reach, room_for
from eggtuck.core.forms import draft_spec
from eggtuck.core.pattern import SpecError
from eggtuck.core.plane import area, flatten, perimeter
from tests.solids import cayley_menger, checks, convex_volume, net, piece, problem, surface_area, trilaterate

LAYERS = [{"material": "linen", "role": "outer"}, {"material": "quilting-cotton", "role": "lining"}]
MOUTHS = ("zip-end", "zip-face", "spring-frame")


def spec(form, size, options=None, **more):
    return {"form": form, "unit": "mm", "size": size, "options": options or {}, "layers": LAYERS, **more}


def tetra(w, h, z=10.0, mouth="zip-end", **more):
    size = {"width": w, "height": h}
    if mouth != "spring-frame":
        size["zip_width"] = z
    return spec("tetra", size, {"mouth": mouth, "zip_ends": "plain"}, **more)


class Tetrahedra(unittest.TestCase):
    @given(st.floats(60, 800), st.floats(0.55, 2.5), st.floats(0, 20), st.sampled_from(MOUTHS))
    def test_figures_follow_from_six_edges_measured_on_the_flat_tube(self, w, share, z, mouth):
        """Cayley and Menger's determinant of distances measured on the flat tube, and 3V/S."""
        h = min(w * share, 1490)
        draft = draft_spec(tetra(w, h, z, mouth))
        side = math.hypot(h, w / 2)
        volume = cayley_menger(w, side, side, side, side, w)
        f = draft.finished
        self.assertAlmostEqual(f["edge_end"], w)
        self.assertAlmostEqual(f["edge_side"], side)
        self.assertAlmostEqual(f["volume"], volume / 1000, delta=1e-5 * volume / 1000 + 1e-6)
        # Opposite edges at right angles: V = w * w * distance / 6.
        self.assertAlmostEqual(f["depth"], 6 * volume / (w * w), delta=1e-4 * w)
        self.assertAlmostEqual(f["ball"], 2 * 3 * volume / (2 * w * h), delta=1e-4 * w)

    @given(st.floats(60, 500), st.floats(0.6, 2.0), st.floats(0, 15), st.sampled_from(("zip-end", "zip-face")))
    def test_the_sewn_surface_closes_round_that_volume(self, w, share, z, mouth):
        draft = draft_spec(tetra(w, w * share, z, mouth))
        self.assertAlmostEqual(convex_volume(draft), draft.finished["volume"], delta=1e-6 * w**3 / 1000)
        shown = surface_area(draft, {"body", "zip"})
        self.assertAlmostEqual(shown, 2 * w * w * share, delta=1e-6 * w * w)

    @given(st.floats(60, 500), st.floats(0.6, 2.0), st.floats(0, 15), st.floats(3, 20))
    def test_cut_sizes_by_hand(self, w, share, z, a):
        h = w * share
        allowance = {"default": a, "zip": a / 2, "end": a * 1.5, "side": a}
        end = piece(draft_spec(tetra(w, h, z, "zip-end", allowance=allowance)), "body").cut_size
        self.assertAlmostEqual(end[0], w + 2 * a, 6)
        self.assertAlmostEqual(end[1], h - z / 2 + a / 2 + a * 1.5, 6)
        face = piece(draft_spec(tetra(w, h, z, "zip-face", allowance=allowance)), "body").cut_size
        self.assertAlmostEqual(face[0], 2 * w - z + a, 6)
        self.assertAlmostEqual(face[1], h + 3 * a, 6)

    @given(st.floats(60, 400), st.floats(0, 20))
    def test_the_zip_counts_where_it_crosses_a_seam(self, w, z):
        flat = draft_spec(tetra(w, w, z, "zip-face"))
        seams = {seam.id: seam for seam in flat.seams}
        self.assertAlmostEqual(seams["flat"].length_a, w)
        self.assertAlmostEqual(seams["flat"].length_b, w)
        self.assertAlmostEqual(seams["end"].length_a, w)
        ended = {seam.id: seam for seam in draft_spec(tetra(w, w, z, "zip-end")).seams}
        self.assertAlmostEqual(ended["side-left"].length_a, w)
        # Every zip edge is sewn to the tape, never to the other panel.
        for draft in (flat, draft_spec(tetra(w, w, z, "zip-end"))):
            seams = [s for s in draft.seams if s.id.startswith("zip-")]
            self.assertEqual([use.edge for seam in seams for use in seam.b], ["zip.upper", "zip.lower"])

    def test_equal_edges_are_told(self):
        self.assertEqual(checks(draft_spec(tetra(160, 160 * math.sqrt(3) / 2)))["shape"].verdict, "ok")
        off = checks(draft_spec(tetra(160, 150)))["shape"]
        self.assertEqual(off.verdict, "note")
        # On a mark of the ruler: 13.86 cm.
        self.assertAlmostEqual(off.fix.changes["size.height"], 138.6)

    @given(st.floats(4, 30), st.floats(2, 15), st.floats(4, 40))
    def test_a_frame_passes_the_channel_left_after_the_last_seam(self, deep, last, channel):
        size = {"width": 200, "height": 180, "frame_depth": deep, "channel": channel}
        draft = draft_spec(spec("tetra", size, {"mouth": "spring-frame"}, allowance={"default": 10, "casing": last}))
        strip = piece(draft, "casing").cut_size[1]
        # Folded strip width less the last allowance, from the cut strip alone.
        self.assertAlmostEqual(strip / 2 - last, channel, 6)
        verdict = checks(draft)["casing.channel"].verdict
        self.assertEqual(verdict, "ok" if strip / 2 - last >= deep + 2 - 1e-9 else "stop")

    def test_a_casing_needs_ends_to_turn_under(self):
        for allowance, field in (
            ({"default": "0"}, "allowance.default"),
            ({"default": "10", "end": "2"}, "allowance.end"),
        ):
            with self.assertRaises(SpecError) as caught:
                draft_spec(
                    {
                        "form": "tetra",
                        "unit": "mm",
                        "size": {"width": "160", "height": "140"},
                        "allowance": allowance,
                        "options": {"mouth": "spring-frame"},
                    }
                )
            self.assertEqual([p.field for p in caught.exception.problems], [field])

    def test_tabs_and_zip_span_the_edge(self):
        options = {"mouth": "zip-end", "zip_ends": "fabric-tabs"}
        draft = draft_spec(spec("tetra", {"width": 150, "height": 140, "tab_length": 22}, options))
        self.assertAlmostEqual(draft.finished["zip_opening"] + 2 * 22, 150)
        tab = piece(draft, "zip-tab")
        self.assertAlmostEqual(tab.cut_size[0], 4 * 11 + 20)

    def test_a_short_zip_is_told(self):
        """By hand, in an edge of 150 mm: tabs of 22 leave 106, stops 5 mm clear leave 140, a tape sewn through takes more than 170."""
        for ends, zip_length, verdict in (
            ("fabric-tabs", 100, "stop"),
            ("fabric-tabs", 106, "ok"),
            ("fabric-tabs", 200, "ok"),
            ("plain", 120, "note"),
            ("plain", 140, "ok"),
            ("plain", 200, "warn"),
            ("shortened", 130, "stop"),
            ("shortened", 200, "ok"),
            ("long-tape", 165, "stop"),
            ("long-tape", 205, "ok"),
        ):
            size = {"width": 150, "height": 140, "zip_length": zip_length, "tab_length": 22}
            found = checks(draft_spec(spec("tetra", size, {"mouth": "zip-end", "zip_ends": ends})))["zip.length"]
            with self.subTest(ends=ends, zip_length=zip_length):
                self.assertEqual(found.verdict, verdict)

    def test_a_zip_that_does_not_reach_is_not_to_be_had_ready_and_what_is_offered_instead_does(self):
        for ends, own in itertools.product(("fabric-tabs", "shortened", "long-tape"), (60, 100, 128)):
            size = {"width": 150, "height": 140, "zip_length": own, "tab_length": 22}
            told = spec("tetra", size, {"mouth": "zip-end", "zip_ends": ends})
            draft = draft_spec(told)
            (need,) = (need for need in draft.needs if need.id == "zip")
            self.assertGreaterEqual(need.buy, need.exact - 1e-6)
            found = checks(draft)["zip.length"]
            if found.verdict == "stop" and found.fix is not None:
                other = copy.deepcopy(told)
                for field, value in found.fix.changes.items():
                    where, _, name = field.partition(".")
                    other[where][name] = value
                self.assertNotEqual(checks(draft_spec(other))["zip.length"].verdict, "stop", (ends, own))

    def test_what_cannot_be_made(self):
        self.assertEqual(problem(tetra(200, 99)), ("size.height", "problem.tetra-flat"))
        self.assertEqual(problem(tetra(60, 60, 40)), ("size.zip_width", "problem.zip-wide"))
        self.assertEqual(problem(spec("tetra", {"height": 100})), ("size.width", "problem.size-missing"))
        self.assertEqual(problem(tetra(26, 30, mouth="spring-frame")), ("size.width", "problem.casing-short"))


class InATetrahedron(unittest.TestCase):
    def support(self, w, h, box, turn):
        return [sum(abs(np.dot(n, turn[:, k])) * box[k] / 2 for k in range(3)) for n in np.array(face_normals(w, h))]

    def turns(self, count, seed):
        chance = random.Random(seed)
        for _ in range(count):
            q = np.array([chance.gauss(0, 1) for _ in range(4)])
            a, b, c, d = q / np.linalg.norm(q)
            yield np.array(
                [
                    [1 - 2 * (c * c + d * d), 2 * (b * c - a * d), 2 * (b * d + a * c)],
                    [2 * (b * c + a * d), 1 - 2 * (b * b + d * d), 2 * (c * d - a * b)],
                    [2 * (b * d - a * c), 2 * (c * d + a * b), 1 - 2 * (b * b + c * c)],
                ]
            )

    def test_normals_are_those_of_the_four_faces(self):
        w, h = 150.0, 140.0
        depth = math.sqrt(h * h - w * w / 4)
        corners = np.array([(-w / 2, 0, 0), (w / 2, 0, 0), (0, -w / 2, depth), (0, w / 2, depth)])
        middle = corners.mean(axis=0)
        found = []
        for three in itertools.combinations(range(4), 3):
            a, b, c = corners[list(three)]
            n = np.cross(b - a, c - a)
            n /= np.linalg.norm(n)
            found.append(n if n @ (a - middle) > 0 else -n)
        for normal in face_normals(w, h):
            self.assertTrue(any(np.allclose(normal, n, atol=1e-9) for n in found))
        self.assertAlmostEqual(float(np.abs(np.sum(face_normals(w, h), axis=0)).max()), 0)

    def test_the_sum_tells_whether_a_turned_box_fits_somewhere(self):
        """Against pushing the box into three faces and looking at the fourth."""
        chance = random.Random(5)
        for turn in self.turns(300, 7):
            w = chance.uniform(80, 200)
            h = w * chance.uniform(0.6, 1.6)
            depth = math.sqrt(h * h - w * w / 4)
            box = [chance.uniform(10, 90) for _ in range(3)]
            normals = np.array(face_normals(w, h))
            # Distances of the faces from the middle of the edge on the table.
            corners = np.array([(-w / 2, 0, 0), (w / 2, 0, 0), (0, -w / 2, depth), (0, w / 2, depth)])
            d = (normals @ corners.T).max(axis=1)
            reach = self.support(w, h, box, turn)
            at = np.linalg.solve(normals[:3], d[:3] - np.array(reach[:3]))
            fits = normals[3] @ at <= d[3] - reach[3] + 1e-9
            self.assertEqual(bool(fits), sum(reach) <= room_for(w, h) + 1e-9)

    def test_no_turn_found_at_random_does_better(self):
        for box in ((60.0, 40.0, 30.0), (50.0, 50.0, 50.0), (90.0, 20.0, 10.0)):
            w, h = 150.0, 145.0
            best = least_reach(w, h, box)
            tried = min(sum(self.support(w, h, sorted(box, reverse=True), turn)) for turn in self.turns(4000, 3))
            self.assertLessEqual(best, tried + 1e-9)
            self.assertGreater(best, tried * 0.9)

    def test_a_cube_as_a_ball_bounds_it(self):
        # A ball across the cube's diagonal holds the cube; a cube is wider than the ball within it.
        w, h = 150.0, 150 * math.sqrt(3) / 2
        ball = ball_across(w, h)
        self.assertLessEqual(least_reach(w, h, (ball / math.sqrt(3),) * 3), room_for(w, h))
        self.assertGreater(least_reach(w, h, (ball * 1.3,) * 3), room_for(w, h))

    @given(st.floats(20, 120), st.floats(20, 120), st.floats(20, 120))
    def test_a_pouch_proposed_for_a_box_holds_it(self, a, b, c):
        thing = {"kind": "box", "width": a, "depth": b, "height": c}
        draft = draft_spec({"form": "tetra", "unit": "mm", "object": thing, "layers": LAYERS})
        self.assertEqual(checks(draft)["fit.inside"].verdict, "ok")
        small = draft_spec(
            {
                "form": "tetra",
                "unit": "mm",
                "object": thing,
                "size": {"width": draft.finished["width"] / 1.4},
                "layers": LAYERS,
            }
        )
        stop = checks(small)["fit.inside"]
        self.assertEqual(stop.verdict, "stop")
        self.assertIn("size.width", stop.fix.changes)

    @given(st.floats(25, 150))
    def test_a_pouch_proposed_for_a_ball_holds_it(self, across):
        thing = {"kind": "ball", "diameter": across}
        draft = draft_spec({"form": "tetra", "unit": "mm", "object": thing, "layers": LAYERS})
        self.assertEqual(checks(draft)["fit.inside"].verdict, "ok")
        self.assertGreater(draft.finished["ball"], across)


@st.composite
def wedges(draw):
    bottom = draw(st.floats(80, 600))
    top = bottom * draw(st.floats(0.5, 1.4))
    depth = bottom * draw(st.floats(0.08, 0.4))
    slant = depth * draw(st.floats(0.7, 3.0))
    z = draw(st.floats(0, min(20, slant / 3)))
    return {"bottom_width": bottom, "top_width": top, "base_depth": depth, "slant": slant, "zip_width": z}


class Wedges(unittest.TestCase):
    def draft(self, size, boxing="cut-first"):
        options = {"boxing": boxing, "zip_ends": "plain"}
        try:
            return draft_spec(spec("wedge", size, options, allowance={"default": 5}))
        except Exception as error:
            assume("problem" not in str(error))
            raise

    @given(wedges())
    def test_folded_up_again_from_the_flat_piece(self, size):
        """Face, half ends and base measured on the net outline, put together in space by distances."""
        draft = self.draft(size)
        # Net corners, anticlockwise from the left end of the base.
        base_l, base_r, in_r, side_r, zip_r, zip_l, side_l, in_l = net(draft, "body")
        depth, z = size["base_depth"], size["zip_width"]
        self.assertAlmostEqual(math.dist(base_l, base_r), draft.finished["base_width"], 6)
        for point, corner in ((in_l, base_l), (in_l, side_l), (in_r, base_r), (in_r, side_r)):
            self.assertAlmostEqual(math.dist(point, corner), depth / 2, 6)
        # The two cut edges leave their seams at right angles.
        for corner, inner, along in ((base_l, in_l, base_r), (side_l, in_l, zip_l), (side_r, in_r, zip_r)):
            u, v = np.subtract(inner, corner), np.subtract(along, corner)
            self.assertAlmostEqual(float(u @ v) / (np.linalg.norm(u) * np.linalg.norm(v)), 0, 6)
        # The apex on the zip's middle line, from base corners and the foot of the side seam.
        w = draft.finished["base_width"]
        tip_l = np.add(
            zip_l,
            np.subtract(zip_l, side_l)
            / np.linalg.norm(np.subtract(zip_l, side_l))
            * (z / 2)
            / math.sin(self.angle(size)),
        )
        apex = trilaterate(
            [(-w / 2, -depth / 2, 0), (-w / 2, depth / 2, 0), (w / 2, -depth / 2, 0)],
            [math.dist(in_l, tip_l), math.dist(in_l, tip_l), math.dist(in_r, tip_l)],
        )
        self.assertAlmostEqual(apex[2], draft.finished["height"], delta=1e-5 * size["slant"])
        self.assertAlmostEqual(apex[0], -size["top_width"] / 2, delta=1e-5 * size["bottom_width"])
        self.assertAlmostEqual(math.dist(apex, (-w / 2, 0, 0)), math.dist(side_l, tip_l), delta=1e-5 * size["slant"])

    def angle(self, size):
        return math.atan2(size["slant"] + size["base_depth"] / 2, (size["bottom_width"] - size["top_width"]) / 2)

    @given(wedges())
    def test_volume_from_the_sewn_surface(self, size):
        draft = self.draft(size)
        self.assertAlmostEqual(
            convex_volume(draft), draft.finished["volume"], delta=1e-6 * size["bottom_width"] ** 3 / 1000
        )

    @given(wedges())
    def test_both_ways_of_boxing_give_the_same_bag(self, size):
        first, second = self.draft(size), self.draft(size, "sew-first")
        for name in ("base_width", "height", "corner", "volume"):
            self.assertAlmostEqual(first.finished[name], second.finished[name], 6)
        # Sewn first, the line across the corner is as long as the base is deep, its middle m from the tip.
        lines = [second.edge(f"body.box-left-{n}").length for n in ("level", "upright")]
        self.assertAlmostEqual(2 * lines[0], size["base_depth"], 6)
        self.assertAlmostEqual(lines[0], lines[1], 6)

    def test_a_square_on_a_slanted_side_is_told_and_mended(self):
        size = {"bottom_width": 220, "top_width": 160, "slant": 120, "base_depth": 70}
        check = checks(draft_spec(spec("wedge", size, {"corner": "square"})))["box.square"]
        self.assertEqual(check.verdict, "warn")
        self.assertGreater(check.value, 5)
        self.assertEqual(check.fix.changes, {"options.corner": "kite"})
        upright = {**size, "top_width": 220}
        self.assertNotIn("box.square", checks(draft_spec(spec("wedge", upright, {"corner": "square"}))))

    def test_what_cannot_be_made(self):
        size = {"bottom_width": 220, "top_width": 180, "slant": 30, "base_depth": 70}
        self.assertEqual(problem(spec("wedge", size)), ("size.slant", "problem.wedge-flat"))
        deep = {"bottom_width": 100, "top_width": 100, "slant": 200, "base_depth": 99.5}
        self.assertEqual(problem(spec("wedge", deep)), ("size.base_depth", "problem.wedge-no-base"))
        thin = {"bottom_width": 220, "top_width": 180, "slant": 100, "base_depth": 4}
        found = problem(spec("wedge", thin, allowance={"default": 5, "box": 12}))
        self.assertEqual(found, ("size.base_depth", "problem.cutout-vanishes"))


class RoundPouches(unittest.TestCase):
    @given(st.floats(60, 600), st.floats(-0.7, 0.7), st.floats(0, 15), st.floats(3, 15))
    def test_front_and_back_agree_when_the_allowance_is_added(self, d, share, z, a):
        o = d / 2 * share
        assume(abs(o) + z / 2 < d / 2 - 4)
        draft = draft_spec(
            spec("round-pouch", {"diameter": d, "zip_offset": o, "zip_width": z}, allowance={"default": a})
        )
        upper, lower = piece(draft, "front-upper"), piece(draft, "front-lower")
        # Both halves and the open strip between them make the whole circle again.
        whole = Point(0, 0).buffer(d / 2, quad_segs=720)
        strip = whole.intersection(Polygon([(-d, o - z / 2), (d, o - z / 2), (d, o + z / 2), (-d, o + z / 2)]))
        halves = area(upper.stitch_outline) + area(lower.stitch_outline)
        self.assertAlmostEqual(halves + strip.area, math.pi * d * d / 4, delta=1e-4 * d * d)
        # The opening is the chord on the zip's middle line.
        chord = whole.intersection(LineString([(-d, o), (d, o)])).length
        self.assertAlmostEqual(draft.finished["zip_opening"], chord, delta=1e-3 * d)
        seam = next(s for s in draft.seams if s.id == "round")
        self.assertAlmostEqual(seam.length_a, math.pi * d, delta=1e-6 * d)
        self.assertAlmostEqual(seam.length_b, math.pi * d, delta=1e-6 * d)
        # Cut heights by hand: from the straight edge to the top, both allowances.
        self.assertAlmostEqual(upper.cut_size[1], d / 2 - o - z / 2 + 2 * a, 5)
        self.assertAlmostEqual(lower.cut_size[1], d / 2 + o - z / 2 + 2 * a, 5)

    @given(st.floats(80, 500), st.floats(-0.5, 0.5), st.floats(0, 15), st.floats(4, 12))
    def test_cut_in_two_the_pouch_loses_what_the_zip_seams_take(self, d, share, z, a):
        o = d / 2 * share
        assume(abs(o) + max(a, z / 2) < d / 2 - 4)
        size = {"diameter": d, "zip_offset": o, "zip_width": z}
        draft = draft_spec(spec("round-pouch", size, {"split": "cut-and-trim"}, allowance={"default": a}))
        # The raw straight edges of both halves lie where the circle was cut: together they are the circle.
        upper, lower = piece(draft, "front-upper"), piece(draft, "front-lower")
        raw = min(p[1] for p in flatten(upper.cut_outline)), max(p[1] for p in flatten(lower.cut_outline))
        self.assertAlmostEqual(raw[0], o, 5)
        self.assertAlmostEqual(raw[1], o, 5)
        self.assertAlmostEqual(draft.finished["size_lost"], 2 * a - z, 6)
        self.assertAlmostEqual(draft.finished["height"], d - (2 * a - z), 6)
        # A zip wider than its seams take pushes the halves apart: the back is as wide as the front then is, their widest chord.
        widest = d if z <= 2 * a else 2 * math.sqrt(d * d / 4 - max(0.0, a - abs(o)) ** 2)
        self.assertAlmostEqual(piece(draft, "back").cut_size[0], widest + 2 * a, delta=0.05)
        seam = next(s for s in draft.seams if s.id == "round")
        self.assertAlmostEqual(seam.difference, 0, 6)
        back = [p[1] for p in flatten(piece(draft, "back").stitch_outline, 0.001)]
        self.assertAlmostEqual(max(back) - min(back), d - (2 * a - z), delta=2e-3)

    def test_what_cannot_be_made(self):
        found = problem(spec("round-pouch", {"diameter": 120, "zip_offset": 58}))
        self.assertEqual(found, ("size.zip_offset", "problem.zip-off"))
        self.assertEqual(problem(spec("round-pouch", {"zip_offset": 5})), ("size.diameter", "problem.size-missing"))


class GussetBags(unittest.TestCase):
    @given(st.floats(80, 800), st.floats(0.1, 0.5), st.floats(0.1, 0.6), st.floats(0, 12))
    def test_strips_go_exactly_round(self, d, wide, share, z):
        g = d * wide
        assume(z < g - 5)
        opening = math.pi * d * share
        size = {"diameter": d, "gusset_width": g, "opening": opening, "zip_width": z}
        draft = draft_spec(spec("gusset-bag", size, {"zip_ends": "plain"}))
        round_ = perimeter(piece(draft, "panel").stitch_outline)
        sampled = Polygon(flatten(piece(draft, "panel").stitch_outline, 1e-4)).exterior.length
        self.assertAlmostEqual(round_, sampled, delta=1e-3 * d)
        self.assertAlmostEqual(draft.edge("gusset.front").length + draft.edge("zip-strip.outside").length, round_, 6)
        self.assertAlmostEqual(draft.finished["gusset_length"], round_ - opening, 6)
        # Two strips and the zip between them are as wide as the gusset.
        self.assertAlmostEqual(2 * draft.edge("zip-strip.end-left").length + z, g, 6)
        for seam in draft.seams:
            self.assertLess(abs(seam.difference), 1e-3)
        self.assertAlmostEqual(draft.finished["volume"], math.pi * d * d / 4 * g / 1000, delta=1e-9 * d**3)

    @given(st.floats(80, 1100), st.floats(0.08, 0.45), st.floats(0, 1))
    def test_facing_and_lining_rebuild_the_circle(self, d, share, more):
        opening = math.pi * d * share
        least = d / 2 * (1 - math.cos(opening / d))
        depth = max(5.0, least + more * (d / 2 - least) * 0.99)
        size = {"diameter": d, "gusset_width": d / 4, "opening": opening, "facing_depth": depth}
        draft = draft_spec(spec("gusset-bag", size, {"mouth": "recessed-zip", "zip_ends": "plain"}))
        facing, lining = (Polygon(flatten(piece(draft, id).stitch_outline, 0.002)) for id in ("facing", "panel-lining"))
        whole = facing.union(lining.buffer(1e-4))
        self.assertAlmostEqual(whole.area, math.pi * d * d / 4, delta=2e-3 * d * d)
        self.assertLess(facing.intersection(lining).area, 1e-3 * d * d)
        self.assertAlmostEqual(draft.edge("facing.chord").length, draft.edge("panel-lining.chord").length, 6)
        # What the gusset leaves open is the mouth, centred at the top.
        self.assertAlmostEqual(draft.edge("panel.mouth").length, opening, 5)
        ends = [draft.edge("panel.mouth").path[0].start, draft.edge("panel.mouth").path[-1].end]
        self.assertAlmostEqual(ends[0][0], -ends[1][0], 6)
        self.assertAlmostEqual(ends[0][1], ends[1][1], 6)

    @given(st.floats(80, 600), st.floats(0.1, 0.45), st.floats(0.05, 0.4), st.sampled_from(("plain", "shortened")))
    def test_a_recessed_zip_lets_the_gusset_lie_flat_at_the_ends_of_the_mouth(self, d, share, wide, way):
        size = {"diameter": d, "gusset_width": max(14.0, d * wide), "opening": math.pi * d * share}
        draft = draft_spec(spec("gusset-bag", size, {"mouth": "recessed-zip", "free_ends": way}))
        chord, opens, z = (draft.finished[name] for name in ("chord", "zip_opening", "zip_width"))
        # From the zip's end its two sides go to the edges of the gusset: across that alone they need half of what those lie apart.
        needed = (size["gusset_width"] - z) / 2
        clear = (chord - opens) / 2
        self.assertTrue(clear >= needed - 1e-6 or opens <= 20.0 + 1e-6, (clear, needed, opens))
        near = spec("gusset-bag", {**size, "free_clearance": needed / 2}, {"mouth": "recessed-zip", "free_ends": way})
        try:
            nearer = draft_spec(near)
        except SpecError as error:
            # A mouth so short has not even room for half of it.
            self.assertEqual([p.field for p in error.problems], ["size.free_clearance"])
            return
        told = checks(nearer).get("zip.near-end")
        self.assertIsNotNone(told)
        if told.fix is not None:
            mended = draft_spec(
                spec("gusset-bag", {**size, "free_clearance": told.fix.changes["size.free_clearance"]},
                     {"mouth": "recessed-zip", "free_ends": way})
            )  # fmt: skip
            self.assertNotIn("zip.near-end", checks(mended))

    def test_on_a_ruler_the_pair_that_matches_best_is_taken(self):
        for step in ("1 mm", "5 mm", "1/8 in"):
            size = {"diameter": "20 cm", "gusset_width": "6 cm", "opening": "16 cm"}
            draft = draft_spec(spec("gusset-bag", size, rounding=step))
            grid = {"1 mm": 1.0, "5 mm": 5.0, "1/8 in": 3.175}[step]
            # Two panels, each off by no more than half a mark of the strip.
            for seam in (s for s in draft.seams if s.id.startswith("round-")):
                self.assertLessEqual(abs(seam.difference), grid / 2 + 1e-6)
                self.assertLess(abs(seam.difference) / seam.length_a, 0.02)

    def test_a_tight_curve_is_told(self):
        size = {"diameter": 50, "gusset_width": 30, "opening": 40}
        check = checks(draft_spec(spec("gusset-bag", size, allowance={"default": 15})))["curve"]
        self.assertEqual(check.verdict, "warn")
        self.assertLess(check.fix.changes["allowance.side"], 15)

    def test_what_cannot_be_made(self):
        size = {"diameter": 200, "gusset_width": 12, "zip_width": 10}
        self.assertEqual(problem(spec("gusset-bag", size)), ("size.zip_width", "problem.zip-wide"))
        wide = {"diameter": 200, "gusset_width": 60, "opening": 620}
        self.assertEqual(problem(spec("gusset-bag", wide))[0], "size.opening")
        shallow = {"diameter": 200, "gusset_width": 60, "opening": 200, "facing_depth": 6}
        self.assertEqual(problem(spec("gusset-bag", shallow, {"mouth": "recessed-zip"}))[0], "size.facing_depth")


if __name__ == "__main__":
    unittest.main()
