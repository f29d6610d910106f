"""The darted bowl, solved once more in space from distances on the flat blank."""

import itertools
import math
import unittest

import numpy as np
from hypothesis import assume, given
from hypothesis import strategies as st
from shapely.geometry import LineString, Point, Polygon

from eggtuck.core.forms import draft_spec
from eggtuck.core.forms.dart_bowl.sizes import Bowl
from eggtuck.core.moves.folding import folded
from eggtuck.core.pattern import SpecError
from eggtuck.core.plane import flatten
from tests import tries
from tests.literal import complaints
from tests.makes import told
from tests.solids import bisect, checks, piece, problem, trilaterate

LAYERS = [{"material": "linen", "role": "outer"}, {"material": "quilting-cotton", "role": "lining"}]


def bowl(size, shape="square", **more):
    return {
        "form": "dart-bowl",
        "unit": "mm",
        "size": size,
        "options": {"blank_shape": shape},
        "layers": LAYERS,
        **more,
    }


@st.composite
def blanks(draw):
    """A square or a circle with darts that can be sewn, over the whole range."""
    shape = draw(st.sampled_from(("square", "circle")))
    darts = 4 if shape == "square" else draw(st.integers(4, 8))
    blank = draw(st.floats(100, 1200))
    length = blank / 2 * draw(st.floats(0.15, 0.8))
    most = length * (math.tan(2 * math.pi / darts) if darts > 4 else 3)
    half = min(most, blank / 2 * math.sin(math.pi / darts)) * draw(st.floats(0.05, 0.9))
    size = {"blank": blank, "dart_length": length, "dart_half_width": half}
    if shape == "circle":
        size["darts"] = darts
    return shape, darts, size


def drafted(shape, size, **more):
    try:
        return draft_spec(bowl(size, shape, **more))
    except SpecError:
        assume(False)


class Folded(unittest.TestCase):
    def points(self, shape, darts, size):
        """Dart points, leg ends and the far point of a panel on the flat blank, written without the form's own code."""
        half, blank = size["dart_half_width"], size["blank"]
        reach = blank / 2 if shape == "square" else math.sqrt(blank**2 / 4 - half**2)
        p = reach - size["dart_length"]
        turn = 2 * math.pi / darts

        def at(out, across, angle):
            return np.array(
                [out * math.cos(angle) - across * math.sin(angle), out * math.sin(angle) + across * math.cos(angle), 0]
            )

        first, second = at(p, 0, 0), at(p, 0, turn)
        leg = at(reach, half, 0)
        far = at(reach, reach, 0) if shape == "square" else at(blank / 2, 0, turn / 2)
        return p, first, second, leg, far

    @given(blanks())
    def test_the_rim_lies_where_rigid_panels_put_it(self, given_blank):
        shape, darts, size = given_blank
        draft = drafted(shape, size)
        p, first, second, leg, far = self.points(shape, darts, size)
        self.assertAlmostEqual(draft.finished["base_circumradius"], p, 6)
        # The seam's end swings round its dart point in the plane of the dart, until the panel beside it is as wide as cut.
        run, across = float(np.linalg.norm(leg - first)), float(np.linalg.norm(leg - second))

        def end(angle):
            return np.array([p + run * math.cos(angle), 0, run * math.sin(angle)])

        angle = bisect(lambda a: float(np.linalg.norm(end(a) - second)) - across, 0.0, math.pi)
        rim = end(angle)
        scale = size["blank"]
        self.assertAlmostEqual(draft.finished["rim_radius"], rim[0], delta=1e-6 * scale)
        self.assertAlmostEqual(draft.finished["rim_height"], rim[2], delta=1e-6 * scale)
        # The far point of the panel keeps its distances to both dart points and to the seam's end.
        assume(rim[2] > 1e-3 * scale)
        top = trilaterate([first, second, rim], [float(np.linalg.norm(far - q)) for q in (first, second, leg)])
        low = trilaterate(
            [first, second, rim], [float(np.linalg.norm(far - q)) for q in (first, second, leg)], up=False
        )
        # Three points leave two places, mirrored in their own plane; the panel is flat, so both are one.
        self.assertLess(np.linalg.norm(top - low), 2e-2 * scale)
        self.assertAlmostEqual(draft.finished["corner_height"], (top[2] + low[2]) / 2, delta=2e-4 * scale)

    @given(blanks())
    def test_the_shown_surface_meets_along_every_dart(self, given_blank):
        shape, darts, size = given_blank
        draft = drafted(shape, size)
        panels = [f for f in draft.solid.facets if len(f.space) > 3][-darts:]
        for one, other in itertools.pairwise([*panels, panels[0]]):
            # Each panel ends at the next dart: its last two corners are the next one's first two.
            self.assertLess(math.dist(one.space[-2], other.space[1]), 1e-5 * size["blank"])
            self.assertLess(math.dist(one.space[-1], other.space[0]), 1e-5 * size["blank"])

    @given(st.floats(120, 400), st.floats(0.3, 0.9), st.floats(0.15, 0.6), st.integers(4, 8), st.booleans())
    def test_a_bowl_gives_its_own_blank_back(self, rim, share, deep, darts, square):
        """From the bowl to the blank, and from the blank alone to the bowl."""
        thing = {"kind": "bowl", "rim_diameter": rim, "base_diameter": rim * share, "depth": rim * deep}
        shape = "square" if square else "circle"
        size = {} if square else {"darts": darts}
        spec = {**bowl(size, shape), "object": thing}
        try:
            first = draft_spec(spec)
        except SpecError as error:
            self.assertTrue(error.problems[0].field.startswith("size."))
            return
        f = first.finished
        n = 4 if square else darts
        self.assertAlmostEqual(f["rim_height"], thing["depth"], delta=1e-6 * rim)
        # The seamed rim is as long round as the bowl with its ease and layers; the base holds the bowl's base.
        ease = next(s.value for s in first.inputs if s.field == "ease.girth")
        girth = 2 * n * f["rim_radius"] * math.sin(math.pi / n)
        self.assertAlmostEqual(girth, math.pi * rim + ease + 2 * math.pi * 0.3, delta=1e-6 * rim)
        self.assertAlmostEqual(f["base_circumradius"] * math.cos(math.pi / n), thing["base_diameter"] / 2 + 0.3, 6)
        again = {name: f[name] for name in ("blank", "dart_length", "dart_half_width")}
        second = draft_spec(bowl({**again, **size}, shape))
        for name in ("base_circumradius", "rim_radius", "rim_height", "corner_height"):
            self.assertAlmostEqual(second.finished[name], f[name], delta=1e-6 * rim)

    def test_the_square_by_its_own_formulas(self):
        s, length, b = 280.0, 60.0, 28.0
        f = draft_spec(bowl({"blank": s, "dart_length": length, "dart_half_width": b})).finished
        self.assertAlmostEqual(f["rim_radius"], s / 2 - b)
        self.assertAlmostEqual(f["rim_height"], math.sqrt(2 * length * b))
        self.assertAlmostEqual(f["corner_height"], math.sqrt(2 * length * b) * (s / 2 + length) / (length + b))
        rounded = draft_spec(
            bowl({"blank": s, "dart_length": length, "dart_half_width": b, "corner_radius": 40})
        ).finished
        tilt = math.acos((length - b) / (length + b))
        away = (s - f["base_circumradius"]) / math.sqrt(2) - 40 * (math.sqrt(2) - 1)
        self.assertAlmostEqual(rounded["corner_height"], away * math.sin(tilt))
        self.assertAlmostEqual(f["tilt"], math.degrees(tilt))


class Nested(unittest.TestCase):
    """A lining cut smaller hangs within the outer: as far from base and walls as what lies between is thick, its rim on the outer's."""

    @given(blanks(), st.floats(0.5, 9.0))
    def test_it_lies_so_far_within_it_and_meets_it_at_the_rim(self, given_blank, t):
        shape, darts, size = given_blank
        drafted(shape, size, rounding="none")
        outer = Bowl(shape == "square", size["blank"], darts, size["dart_length"], size["dart_half_width"])
        inner = outer.inside(t)
        assume(inner is not None and inner.half > 0.5 and outer.tilt < math.radians(120))
        # Sewn edge to edge, the rims are as long; over a smaller circle's arcs the leg ends then lie a little further in.
        rims = [
            4 * b.blank - 8 * b.half
            if b.square
            else b.darts * b.blank * (math.pi / b.darts - math.asin(2 * b.half / b.blank))
            for b in (outer, inner)
        ]
        self.assertAlmostEqual(rims[0], rims[1], delta=1e-6 * rims[0])
        self.assertLessEqual(inner.rim_radius, outer.rim_radius + 1e-9)
        if outer.square:
            self.assertAlmostEqual(inner.rim_radius, outer.rim_radius, 6)
        self.assertAlmostEqual(inner.rim_height + t, outer.rim_height, 6)
        walls = []
        for bowl, lift in ((outer, 0.0), (inner, t)):
            a, b = bowl.legs(0)[1], bowl.legs(1 % bowl.darts)[1]
            corners = [a, b, bowl.legs(0)[2], bowl.legs(1)[0]]
            walls.append([np.array(folded(p, a, b, bowl.tilt)) + np.array([0.0, 0.0, lift]) for p in corners])
        (a, b, end, _), within = walls
        normal = np.cross(b - a, end - a)
        normal /= np.linalg.norm(normal)
        away = [abs(float(normal @ (p - a))) for p in within]
        # The base's own corners are so far from the wall; the leg ends, sewn to the outer's, lie on it or as near.
        for distance in away[:2]:
            self.assertAlmostEqual(distance, t, 4)
        further = outer.rim_radius - inner.rim_radius
        self.assertLess(further, 0.05 * outer.rim_radius)
        for distance in away[2:]:
            self.assertLess(distance, further + 1e-3)
        for mine, its in zip(within[2:], walls[0][2:], strict=True):
            self.assertLess(np.linalg.norm(mine - its), further + 1e-3)

    def test_what_is_cut_meets_it_still(self):
        """Blank and darts moved to marks: the rim is as long, to what an edge gives."""
        for shape, blank, unit in itertools.product(("square", "circle"), (200, 280, 420), ("cm", "in")):
            layers = [
                {"material": "linen", "role": "outer"},
                {"material": "quilting-cotton", "role": "lining"},
                {"material": "cotton-batting", "role": "padding", "on": "both"},
            ]
            spec = {"form": "dart-bowl", "unit": unit, "size": {"blank": f"{blank} mm"}, "layers": layers}
            spec |= {
                "options": {"blank_shape": shape, "lining": "reduced"},
                "rounding": "1 mm" if unit == "cm" else "1/8 in",
            }
            draft = draft_spec(spec)
            rim = next(seam for seam in draft.seams if seam.id == "rim")
            self.assertLess(abs(rim.difference), 0.02 * rim.length_a, (shape, blank, unit))
            lining = piece(draft, "body-lining")
            self.assertLess(lining.cut_size[0], piece(draft, "body").cut_size[0])
            step = 1.0 if unit == "cm" else 25.4 / 8
            self.assertAlmostEqual(lining.cut_size[0] / step, round(lining.cut_size[0] / step), 6)
            self.assertEqual({seam.id for seam in draft.seams if seam.id.startswith("lining-dart")},
                             {f"lining-dart-{n}" for n in range(1, int(draft.finished["darts"]) + 1)})  # fmt: skip
            self.assertEqual(complaints(told(draft)), [])


class Cutting(unittest.TestCase):
    @given(blanks(), st.floats(3, 20))
    def test_the_blank_is_cut_whole_and_the_dart_runs_straight_to_its_raw_edge(self, given_blank, a):
        shape, _, size = given_blank
        draft = drafted(shape, size, allowance={"default": a})
        body = piece(draft, "body")
        for side in body.cut_size:
            self.assertAlmostEqual(side, size["blank"] + 2 * a, 5)
        raw = Polygon(flatten(body.cut_outline, 1e-3)).exterior
        long, half = draft.sums["dart.raw_length"].total, draft.sums["dart.raw_half"].total
        if shape == "circle":
            # Out along the middle of the dart the cloth ends on the raw circle; a leg drawn on straight leaves it nearer by.
            r, b, run = size["blank"] / 2, size["dart_half_width"], size["dart_length"]
            p = math.sqrt(r * r - b * b) - run
            self.assertAlmostEqual(long, r + a - p, 6)
            u = np.array([run, b]) / math.hypot(run, b)
            share = bisect(lambda t: math.hypot(p + t * u[0], t * u[1]) - (r + a), 0.0, 2 * (r + a))
            self.assertAlmostEqual(half, share * u[1], 5)
            return
        self.assertAlmostEqual(half / long, size["dart_half_width"] / size["dart_length"], 9)
        if shape == "square":
            # Drawn on from its point through the net rim, a leg meets the raw edge where the sums say.
            right, left = draft.edge("body.dart-1-right").path[0], draft.edge("body.dart-1-left").path[0]
            ends = []
            for leg in (right.reversed(), left):
                u = np.subtract(leg.end, leg.start)
                ray = LineString([leg.start, tuple(np.add(leg.start, u / np.linalg.norm(u) * size["blank"] * 3))])
                ends.append(
                    min(
                        raw.intersection(ray).geoms
                        if raw.intersection(ray).geom_type != "Point"
                        else [raw.intersection(ray)],
                        key=lambda p, s=leg.start: p.distance(Point(s)),
                    )
                )
            self.assertAlmostEqual(ends[0].distance(ends[1]), 2 * half, delta=1e-2)

    @given(
        st.sampled_from(("square", *range(3, 9))), st.floats(60, 900), st.floats(0.05, 0.5), st.floats(0.7, 1.05),
        st.sampled_from(("none", "1 mm", "5 mm", "1/8 in", "1/4 in")),
    )  # fmt: skip
    @tries(1000)
    def test_on_any_ruler_it_is_refused_by_name_or_its_darts_do_not_meet(self, darts, blank, deep, share, rounding):
        shape = "square" if darts == "square" else "circle"
        half = blank / 2 * math.sin(math.pi / (4 if shape == "square" else darts)) * share
        size = {"blank": blank, "dart_length": deep * blank, "dart_half_width": half}
        if shape == "circle":
            size["darts"] = darts
        try:
            draft = draft_spec(bowl(size, shape, rounding=rounding))
        except SpecError:
            return
        for body in draft.pieces:
            for outline in (body.stitch_outline, body.cut_outline):
                self.assertTrue(Polygon(flatten(outline, 0.05)).is_valid, body.id)
            # Something of the rim is left beside every dart.
            self.assertEqual(sum(edge.key.startswith("rim") for edge in body.edges), 4 if darts == "square" else darts)
            self.assertTrue(all(edge.length > 0.3 for edge in body.edges if edge.key.startswith("rim")))

    def test_each_layer_has_padding_of_its_own(self):
        layers = [*LAYERS, {"material": "cotton-batting", "role": "padding"}]
        draft = draft_spec({**bowl({"blank": 260, "dart_length": 50, "dart_half_width": 20}), "layers": layers})
        cuts = [(cut.role, cut.on, cut.count) for cut in piece(draft, "body").cuts]
        own = [("outer", None, 1), ("lining", None, 1)]
        self.assertEqual(cuts, [*own, ("padding", "outer", 1), ("padding", "lining", 1)])
        self.assertEqual(checks(draft)["caution.microwave"].verdict, "note")

    def test_what_cannot_be_made(self):
        good = {"blank": 280, "dart_length": 60, "dart_half_width": 25}
        self.assertIsNone(problem(bowl(good)))
        self.assertEqual(problem(bowl({**good, "dart_length": 140})), ("size.dart_length", "problem.darts-centre"))
        self.assertEqual(
            problem(bowl({**good, "dart_half_width": 139.9})), ("size.dart_half_width", "problem.darts-meet")
        )
        round_ = {**good, "darts": 8}
        self.assertEqual(problem(bowl({**round_, "dart_half_width": 60}, "circle"))[0], "size.dart_half_width")
        self.assertEqual(problem(bowl({**good, "darts": 6})), ("size.darts", "problem.darts-square"))
        self.assertEqual(problem(bowl({**round_, "darts": "5.5"}, "circle")), ("size.darts", "problem.count"))
        self.assertEqual(problem(bowl({**round_, "darts": 3}, "circle")), ("size.darts", "problem.count"))
        self.assertEqual(problem(bowl({**round_, "darts": "many"}, "circle")), ("size.darts", "problem.count"))
        self.assertEqual(problem(bowl({**round_, "darts": True}, "circle")), ("size.darts", "problem.count"))


class FusedLate(unittest.TestCase):
    def made(self, *more, **options):
        return draft_spec(
            bowl({"blank": 300, "dart_length": 60, "dart_half_width": 25}, layers=[*LAYERS, *more], options=options)
        )

    def test_what_is_fused_when_it_has_its_shape_has_no_dart_in_it(self):
        stiff = {"material": "light-interfacing", "role": "interfacing", "on": "both"}
        draft = self.made(stiff, fuse_when="shaped")
        document = told(draft)
        self.assertEqual(complaints(document), [])
        order = [step["id"] for step in document["steps"]]
        self.assertGreater(order.index("interfacing-late"), max(i for i, id in enumerate(order) if "darts" in id))
        self.assertNotIn("interfacing", order)
        body = piece(draft, "body")
        cut = next(cut for cut in body.cuts if cut.role == "interfacing")
        # By area: the blank's square less its four triangles.
        self.assertAlmostEqual(Polygon(flatten(body.outline_for(cut), 0.01)).area, 300 * 300 - 4 * 60 * 25, delta=1.0)
        flat = self.made(stiff)
        whole = next(cut for cut in piece(flat, "body").cuts if cut.role == "interfacing")
        self.assertGreater(Polygon(flatten(piece(flat, "body").outline_for(whole), 0.01)).area, 300 * 300)

    def test_told_to_be_cut_whole_it_ends_at_the_darts_all_the_same_and_that_is_said(self):
        for when, cut in itertools.product(("flat", "shaped"), (None, "full", "smaller")):
            fused = {"material": "woven-interfacing", "role": "interfacing"} | ({"cut": cut} if cut else {})
            spec = bowl({"blank": 260, "dart_length": 55, "dart_half_width": 25}) | {"layers": [LAYERS[0], fused]}
            draft = draft_spec({**spec, "options": {"blank_shape": "square", "fuse_when": when}})
            said = checks(draft).get("layers.rule.interfacing")
            rules = {cut.rule for cut in piece(draft, "body").cuts if cut.role == "interfacing"}
            self.assertEqual(said is not None, cut == "full" and rules != {"full"}, (when, cut))
            if said is not None:
                self.assertEqual(said.fix.changes, {"layers.interfacing.cut": ""})
        # Of two it is said of the one that is fused.
        sewn = {"material": "sew-in-interfacing", "role": "interfacing", "cut": "full", "held": "basted"}
        for cut, others in (("full", True), (None, False)):
            fused = {"material": "woven-interfacing", "role": "interfacing"} | ({"cut": cut} if cut else {})
            draft = draft_spec({**spec, "layers": [LAYERS[0], sewn, fused], "options": {"fuse_when": "shaped"}})
            self.assertEqual("layers.rule.interfacing" in checks(draft), others)

    def test_under_a_padding_it_is_not_asked(self):
        stiff = {"material": "light-interfacing", "role": "interfacing"}
        for more, asked in (
            ((), False),
            ((stiff,), True),
            ((stiff, {"material": "cotton-batting", "role": "padding"}), False),
        ):
            draft = self.made(*more, fuse_when="shaped")
            self.assertEqual("fuse_when" not in draft.idle, asked)
            self.assertEqual("interfacing-late" in [s.id for s in draft.steps], asked)


if __name__ == "__main__":
    unittest.main()
