"""Segments, outlines and exact offsets, against independent geometry."""

import itertools
import math
import unittest

from hypothesis import assume, given
from hypothesis import strategies as st
from shapely.geometry import LineString, Polygon

import tests.specs  # noqa: F401
from eggtuck.core.plane import (
    OffsetError,
    Segment,
    area,
    bounds,
    crossings,
    flatten,
    is_simple,
    offset_outline,
    perimeter,
    polyline,
    rectangle_points,
)


def closed(points):
    return polyline([*points, points[0]])


def circle(radius, x=0.0, y=0.0):
    return (Segment((x - radius, y), (x + radius, y), 1.0), Segment((x + radius, y), (x - radius, y), 1.0))


def star(radii):
    """A polygon round the origin with one corner at each angle: always simple and anticlockwise."""
    step = 2 * math.pi / len(radii)
    return [(r * math.cos(i * step), r * math.sin(i * step)) for i, r in enumerate(radii)]


class Segments(unittest.TestCase):
    def test_a_half_circle(self):
        half = Segment((0, 0), (10, 0), 1.0)
        self.assertAlmostEqual(half.radius, 5)
        self.assertAlmostEqual(half.length, math.pi * 5)
        self.assertAlmostEqual(half.angle, math.pi)
        self.assertAlmostEqual(half.center[0], 5)
        self.assertAlmostEqual(half.center[1], 0)
        # Turning left from left to right goes below.
        self.assertAlmostEqual(half.at(0.5)[1], -5)

    @given(st.floats(-3, 3).filter(lambda b: abs(b) > 1e-3), st.floats(0.01, 0.99))
    def test_points_along_an_arc_lie_on_its_circle_and_share_its_length(self, bulge, fraction):
        arc = Segment((3, 4), (40, 19), bulge)
        x, y = arc.at(fraction)
        cx, cy = arc.center
        self.assertAlmostEqual(math.hypot(x - cx, y - cy), arc.radius, 6)
        points = [arc.at(i / 2000) for i in range(2001)]
        walked = sum(math.dist(a, b) for a, b in itertools.pairwise(points))
        self.assertAlmostEqual(walked, arc.length, delta=arc.length * 1e-5)

    @given(st.floats(1e-12, 1e-4))
    def test_nearly_flat_arcs_run_smoothly_into_lines(self, bulge):
        arc = Segment((0, 0), (100, 0), bulge)
        self.assertAlmostEqual(arc.length, 100, 3)
        self.assertGreaterEqual(arc.length, 100 - 1e-9)

    @given(st.floats(-2, 2))
    def test_tangents_agree_with_small_steps(self, bulge):
        arc = Segment((0, 0), (30, 10), bulge)
        for at_end, (a, b) in ((False, (0.0, 1e-4)), (True, (1 - 1e-4, 1.0))):
            (x0, y0), (x1, y1) = arc.at(a), arc.at(b)
            length = math.hypot(x1 - x0, y1 - y0)
            tx, ty = arc.tangent(at_end)
            self.assertAlmostEqual((x1 - x0) / length, tx, 2)
            self.assertAlmostEqual((y1 - y0) / length, ty, 2)

    def test_reversed_runs_the_same_way_back(self):
        arc = Segment((0, 0), (30, 10), 0.4)
        x, y = arc.reversed().at(0.3)
        self.assertAlmostEqual(x, arc.at(0.7)[0])
        self.assertAlmostEqual(y, arc.at(0.7)[1])


class Outlines(unittest.TestCase):
    def test_rectangle(self):
        box = closed(rectangle_points(40, 25))
        self.assertAlmostEqual(area(box), 1000)
        self.assertAlmostEqual(perimeter(box), 130)
        self.assertEqual(bounds(box), (0, 0, 40, 25))

    @given(st.floats(0.5, 500))
    def test_circle(self, radius):
        ring = circle(radius, 3, -2)
        self.assertAlmostEqual(area(ring), math.pi * radius**2, delta=radius**2 * 1e-9)
        self.assertAlmostEqual(perimeter(ring), 2 * math.pi * radius, delta=radius * 1e-9)
        for got, want in zip(bounds(ring), (3 - radius, -2 - radius, 3 + radius, -2 + radius), strict=True):
            self.assertAlmostEqual(got, want, 6)

    @given(st.lists(st.floats(10, 100), min_size=3, max_size=9))
    def test_area_of_any_star_agrees_with_another_library(self, radii):
        points = star(radii)
        self.assertAlmostEqual(area(closed(points)), Polygon(points).area, 6)

    @given(st.tuples(*[st.floats(-300, 300)] * 4), st.floats(0.001, 30) | st.floats(-30, -0.001))
    def test_the_box_round_any_arc_is_the_one_round_its_points(self, ends, bulge):
        (x0, y0, x1, y1), many = ends, 4000
        assume(math.dist((x0, y0), (x1, y1)) > 1)
        arc = Segment((x0, y0), (x1, y1), bulge)
        xs, ys = zip(*[arc.at(i / many) for i in range(many + 1)], strict=True)
        # Between two of so many an arc rises by next to nothing.
        near = arc.radius * (arc.angle / many) ** 2 + 1e-6
        for got, want in zip(bounds([arc]), (min(xs), min(ys), max(xs), max(ys)), strict=True):
            self.assertAlmostEqual(got, want, delta=near)

    @given(st.lists(st.floats(10, 100), min_size=3, max_size=9), st.floats(-99, 99), st.sampled_from("xy"))
    def test_where_a_line_crosses_a_star_agrees_with_another_library(self, radii, at, across):
        points = star(radii)
        far = 1000.0
        line = [(-far, at), (far, at)] if across == "y" else [(at, -far), (at, far)]
        # A corner that lies on the line is taken for one side of it.
        assume(all(abs(point[across == "y"] - at) > 1e-6 for point in points))
        met = Polygon(points).exterior.intersection(LineString(line))
        want = [
            getattr(point, "x" if across == "y" else "y") for point in getattr(met, "geoms", [met]) if not met.is_empty
        ]
        got = sorted(crossings(points, at, across))
        self.assertEqual(len(got), len(want))
        for one, other in zip(got, sorted(want), strict=True):
            self.assertAlmostEqual(one, other, 6)

    def test_simple_and_crossing(self):
        self.assertTrue(is_simple(closed(rectangle_points(10, 10))))
        self.assertTrue(is_simple(circle(10)))
        self.assertFalse(is_simple(closed([(0, 0), (10, 10), (10, 0), (0, 10)])))
        self.assertFalse(is_simple(closed([(0, 0), (10, 0), (10, 10), (5, 0), (0, 10)])))

    @given(st.lists(st.tuples(st.integers(0, 12), st.integers(0, 12)), min_size=4, max_size=7, unique=True))
    def test_simplicity_agrees_with_another_library(self, points):
        polygon = Polygon(points)
        assume(polygon.area > 0)
        # Straight-through and doubled-back corners are judged differently; leave them out.
        for i in range(len(points)):
            (x0, y0), (x1, y1), (x2, y2) = points[i - 2], points[i - 1], points[i]
            assume((x1 - x0) * (y2 - y1) != (y1 - y0) * (x2 - x1))
        self.assertEqual(is_simple(closed(points)), polygon.is_valid)


class Offsets(unittest.TestCase):
    def test_rectangle_with_four_different_allowances(self):
        moved = offset_outline(closed(rectangle_points(100, 60)), [5, 7, 11, 13])
        self.assertEqual(tuple(round(v, 9) for v in bounds(moved)), (-13, -5, 107, 71))
        self.assertAlmostEqual(area(moved), 120 * 76)

    def test_inner_corner_takes_each_edge_by_its_own_allowance(self):
        # A corner cut out of a panel: side 6, base 9, box 4.
        points = [(20, 0), (80, 0), (80, 60), (0, 60), (0, 20), (20, 20)]
        moved = offset_outline(closed(points), [9, 6, 10, 6, 4, 4])
        corners = [tuple(round(v, 6) for v in s.start) for s in moved]
        # Level box edge: 20 - 4 up; upright: 20 - 4 across; raw side at -6, raw base at -9.
        self.assertIn((-6, 16), corners)
        self.assertIn((16, 16), corners)
        self.assertIn((16, -9), corners)

    @given(st.floats(5, 300), st.floats(0.5, 40))
    def test_circle_grows_by_the_allowance(self, radius, allowance):
        moved = offset_outline(circle(radius), [allowance, allowance])
        self.assertEqual(len(moved), 2)
        self.assertAlmostEqual(area(moved), math.pi * (radius + allowance) ** 2, delta=1e-6 * (radius + allowance) ** 2)

    def test_a_circle_cannot_be_moved_in_past_its_centre(self):
        self.assertRaises(OffsetError, offset_outline, circle(5), [-6, -6])
        self.assertRaises(OffsetError, offset_outline, closed(rectangle_points(10, 10)), [-6] * 4)

    def test_smooth_neighbours_with_different_allowances_step_squarely(self):
        points = [(0, 0), (50, 0), (100, 0), (100, 60), (0, 60)]
        moved = offset_outline(closed(points), [5, 9, 5, 5, 5])
        corners = [tuple(round(v, 6) for v in s.start) for s in moved]
        self.assertIn((50, -5), corners)
        self.assertIn((50, -9), corners)

    def test_a_line_running_into_an_arc_stays_smooth(self):
        # A rounded corner, tangent on both sides.
        outline = [
            Segment((0, 0), (90, 0)), Segment((90, 0), (100, 10), math.tan(math.pi / 8)),
            *polyline([(100, 10), (100, 60), (0, 60), (0, 0)]),
        ]  # fmt: skip
        moved = offset_outline(outline, [7] * 5)
        arc = next(s for s in moved if s.bulge)
        self.assertAlmostEqual(arc.radius, 17)
        self.assertAlmostEqual(arc.angle, math.pi / 2)
        self.assertEqual(len(moved), 5)

    def test_long_mitres_are_cut_off(self):
        sliver = [(0, 0), (200, 0), (0, 10)]
        moved = offset_outline(closed(sliver), [10, 10, 10])
        self.assertLess(bounds(moved)[2], 200 + 45)
        self.assertTrue(is_simple(moved))

    @given(st.lists(st.floats(60, 100), min_size=5, max_size=8), st.floats(1, 12))
    def test_even_offsets_of_stars_agree_with_another_library(self, radii, allowance):
        points = star(radii)
        moved = offset_outline(closed(points), [allowance] * len(points))
        buffered = Polygon(points).buffer(allowance, join_style="mitre", mitre_limit=4)
        self.assertAlmostEqual(Polygon(flatten(moved)).symmetric_difference(buffered).area, 0, delta=2.0)

    @given(st.lists(st.floats(60, 100), min_size=4, max_size=8), st.data())
    def test_every_moved_edge_lies_its_own_allowance_outside(self, radii, data):
        points = star(radii)
        outline = closed(points)
        distances = [data.draw(st.floats(1, 10)) for _ in points]
        moved = offset_outline(outline, distances)
        for segment, distance in zip(outline, distances, strict=True):
            tx, ty = segment.tangent()
            parallel = [
                s for s in moved
                if abs(s.tangent()[0] - tx) < 1e-9 and abs(s.tangent()[1] - ty) < 1e-9
                and abs((s.start[0] - segment.start[0]) * ty - (s.start[1] - segment.start[1]) * tx - distance) < 1e-6
            ]  # fmt: skip
            self.assertTrue(parallel)

    @given(st.floats(20, 200), st.floats(1, 15), st.floats(1, 15))
    def test_segment_of_a_circle_with_its_own_chord_allowance(self, radius, rim, chord):
        # The lower half disc: arc first, then the straight edge back.
        outline = (Segment((-radius, 0), (radius, 0), 1.0), Segment((radius, 0), (-radius, 0)))
        moved = offset_outline(outline, [rim, chord])
        _x0, y0, _x1, y1 = bounds(moved)
        self.assertAlmostEqual(y1, chord, 6)
        self.assertAlmostEqual(y0, -(radius + rim), 6)
        half = math.sqrt((radius + rim) ** 2 - chord**2)
        line = next(s for s in moved if s.bulge == 0)
        self.assertAlmostEqual(abs(line.start[0]), half, 6)


if __name__ == "__main__":
    unittest.main()
