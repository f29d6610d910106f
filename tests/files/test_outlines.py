"""Outlines out of SVG and DXF files: sizes by hand, arcs kept, and files that are broken, open, vast or hostile."""

import io
import math
import unittest

import ezdxf

from eggtuck.core.drafting.panel import read_shape
from eggtuck.core.plane import area, bounds, perimeter
from eggtuck.files.outlines import OutlineError, read_outline

HEAD = '<svg xmlns="http://www.w3.org/2000/svg" {size} viewBox="0 0 200 200">{body}</svg>'
MM = 'width="200mm" height="200mm"'


def svg(body, size=MM):
    return HEAD.format(size=size, body=body).encode()


def dxf(draw, units=4):
    document = ezdxf.new("R2010")
    document.units = units
    draw(document.modelspace())
    text = io.StringIO()
    document.write(text)
    return text.getvalue().encode()


def shape(data, kind, unit=None):
    found, problems = read_shape("", read_outline(data, kind, unit))
    assert not problems, problems
    return found.outline


class Read(unittest.TestCase):
    def measured(self, outline, wide, high, inside, round_, delta=0.05):
        x0, y0, x1, y1 = bounds(outline)
        self.assertAlmostEqual(x1 - x0, wide, delta=delta)
        self.assertAlmostEqual(y1 - y0, high, delta=delta)
        self.assertAlmostEqual(area(outline), inside, delta=0.001 * inside)
        self.assertAlmostEqual(perimeter(outline), round_, delta=0.001 * round_)

    def test_svg_shapes_have_their_size_in_mm(self):
        arch = "M0 200 V100 A100 100 0 0 1 200 100 V200 Z"
        size = (200, 200, 200 * 100 + math.pi * 100**2 / 2, 400 + math.pi * 100)
        self.measured(shape(svg(f'<path d="{arch}"/>'), "svg"), *size)
        self.measured(
            shape(svg(f'<g transform="scale(0.5)"><path d="{arch}"/></g>'), "svg"), 100, 100, size[2] / 4, size[3] / 2
        )
        self.measured(shape(svg('<rect x="10" y="20" width="120" height="80"/>'), "svg"), 120, 80, 9600, 400)
        self.measured(shape(svg('<circle cx="90" cy="90" r="60"/>'), "svg"), 120, 120, math.pi * 3600, math.pi * 120)
        self.measured(shape(svg('<polygon points="0,0 90,0 0,120"/>'), "svg"), 90, 120, 5400, 360)
        self.measured(
            shape(svg('<rect width="10" height="10"/>', 'width="20in" height="20in"'), "svg"),
            25.4,
            25.4,
            25.4**2,
            4 * 25.4,
        )
        ellipse = shape(svg('<ellipse cx="100" cy="100" rx="90" ry="40"/>'), "svg")
        self.measured(ellipse, 180, 80, math.pi * 90 * 40, 423.66, 0.2)

    def test_arcs_stay_arcs(self):
        self.assertEqual(len(shape(svg('<path d="M0 100 A100 100 0 0 1 200 100 Z"/>'), "svg")), 2)
        rows = read_outline(dxf(lambda m: m.add_circle((0, 0), 70)), "dxf", None)
        self.assertEqual([row[2] for row in rows], [1.0, 1.0])

    def test_a_drawing_without_a_unit_asks_for_it(self):
        plain = svg('<rect width="120" height="80"/>', "")
        with self.assertRaises(OutlineError) as caught:
            read_outline(plain, "svg", None)
        self.assertEqual(caught.exception.key, "outline-unit")
        for unit, factor in (("mm", 1), ("cm", 10), ("in", 25.4)):
            self.measured(shape(plain, "svg", unit), 120 * factor, 80 * factor, 9600 * factor**2, 400 * factor)
        unitless = dxf(lambda m: m.add_circle((0, 0), 3), units=0)
        with self.assertRaises(OutlineError):
            read_outline(unitless, "dxf", None)
        self.measured(shape(unitless, "dxf", "cm"), 60, 60, math.pi * 900, math.pi * 60)

    def test_the_largest_closed_shape_is_taken(self):
        body = '<circle cx="5" cy="5" r="4"/><path d="M0 0 L190 190"/><rect width="100" height="90"/>'
        self.measured(shape(svg(body), "svg"), 100, 90, 9000, 380)

    def test_dxf_lines_and_arcs_are_joined_in_any_order_and_direction(self):
        def arch(m):
            m.add_line((200, 100), (200, 0))
            m.add_line((0, 0), (200, 0))
            m.add_arc((100, 100), 100, 0, 180)
            m.add_line((0, 100), (0, 0))

        self.measured(shape(dxf(arch), "dxf"), 200, 200, 20000 + math.pi * 5000, 400 + math.pi * 100)
        rounded = lambda m: m.add_lwpolyline([(0, 0, 0), (100, 0, 0.5), (100, 60, 0), (0, 60, 0)], "xyb", close=True)  # noqa: E731
        found = shape(dxf(rounded), "dxf")
        self.assertEqual(len(found), 4)
        self.assertGreater(bounds(found)[2], 100)
        inch = dxf(lambda m: m.add_circle((0, 0), 2), units=1)
        self.measured(shape(inch, "dxf"), 101.6, 101.6, math.pi * 50.8**2, math.pi * 101.6)
        spline = dxf(lambda m: m.add_spline([(0, 0), (60, 30), (100, 0), (60, -50), (0, 0)]))
        self.assertGreater(area(shape(spline, "dxf")), 1000)

    def test_what_cannot_be_read_says_why(self):
        many = "".join(f"L{math.cos(i) * (i % 90 + 10):.2f} {math.sin(i) * 90:.2f}" for i in range(4000))
        for data, kind, key in (
            (b"", "svg", "outline-broken"),
            (b"<html/>", "svg", "outline-broken"),
            (b"<svg", "svg", "outline-broken"),
            (b"0\nSECTION\n2\nENT", "dxf", "outline-broken"),
            (b"\x00\xff" * 500, "dxf", "outline-broken"),
            (svg('<path d="M0 0 L50 0 L50 50"/>'), "svg", "outline-open"),
            (svg("<text>heart</text>"), "svg", "outline-open"),
            (dxf(lambda m: m.add_line((0, 0), (50, 50))), "dxf", "outline-open"),
            (svg('<rect width="9" height="9"/>'), "pdf", "outline-kind"),
            (b"<svg>" + b" " * 5_000_000, "svg", "outline-large"),
            (svg(f'<path d="M0 0 {many} Z"/>'), "svg", "outline-detailed"),
        ):
            with self.assertRaises(OutlineError, msg=key) as caught:
                read_outline(data, kind, None)
            self.assertEqual(caught.exception.key, key, data[:60])

    def test_nothing_is_brought_in_from_elsewhere(self):
        bomb = b'<?xml version="1.0"?><!DOCTYPE svg [<!ENTITY a "AAAAAAAAAA"><!ENTITY b "&a;&a;&a;&a;&a;&a;">]>'
        with self.assertRaises(OutlineError):
            read_outline(bomb + svg("<desc>&b;</desc><rect width='9' height='9'/>"), "svg", None)
        fetched = svg('<image href="file:///etc/passwd" width="50" height="50"/><rect width="9" height="8"/>')
        self.measured(shape(fetched, "svg"), 9, 8, 72, 34)


if __name__ == "__main__":
    unittest.main()
