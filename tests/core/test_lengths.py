"""Reading, rounding and writing lengths."""

import math
import unittest
from fractions import Fraction

from hypothesis import given
from hypothesis import strategies as st

import tests.specs  # noqa: F401
from eggtuck.core.lengths import Grid, LengthError, Ruler, read_length

INCH = 25.4


class ReadingLengths(unittest.TestCase):
    def test_every_way_of_writing_a_length(self) -> None:
        cases = [
            ("3 1/8", "in", 3.125 * INCH), ("3⅛", "in", 3.125 * INCH), ("3 ⅛", "in", 3.125 * INCH),
            ("3-1/8", "in", 3.125 * INCH), ("3.125\"", "cm", 3.125 * INCH), ("3.125 in", "mm", 3.125 * INCH),
            ("3 1/8 inches", "cm", 3.125 * INCH), ("3 1⁄8″", "cm", 3.125 * INCH), ("⅞", "in", 0.875 * INCH),
            ("5/8", "in", 0.625 * INCH), ("7/8in", "cm", 0.875 * INCH), ("12''", "cm", 12 * INCH),
            ("7,9 cm", "in", 79.0), ("7.9cm", "in", 79.0), ("79mm", "in", 79.0), ("79", "mm", 79.0),
            ("7,9", "cm", 79.0), (",5", "cm", 5.0), (".5", "cm", 5.0), ("5.", "cm", 50.0), ("0,3 m", "cm", 300.0),
            ("+4", "cm", 40.0), ("-4", "cm", -40.0), ("−4", "cm", -40.0), ("-1 1/2", "in", -1.5 * INCH),
            ("  8  cm ", "in", 80.0), ("8\u00a0cm", "in", 80.0), ("8\u202fcm", "in", 80.0),
            ("about 8 in", "cm", 8 * INCH), ("ca. 20", "cm", 200.0), ("~20", "cm", 200.0), ("approx 20 cm", "in", 200.0),
            ("half", "in", 0.5 * INCH), ("three and a half", "in", 3.5 * INCH), ("7 and a quarter", "in", 7.25 * INCH),
            ("half an", "in", None), ("three quarters", "in", 0.75 * INCH), ("twelve", "cm", 120.0),
            ("two and a half cm", "in", 25.0), (12, "cm", 120.0), (12.5, "mm", 12.5), (0, "cm", 0.0),
        ]  # fmt: skip
        for text, unit, expected in cases:
            with self.subTest(text=text, unit=unit):
                if expected is None:
                    self.assertRaises(LengthError, read_length, text, unit)
                else:
                    self.assertAlmostEqual(read_length(text, unit).mm, expected, 9)

    def test_a_length_in_two_units(self) -> None:
        foot = 12 * INCH
        cases = [
            ("3 ft 2 in", 3 * foot + 2 * INCH), ("3\u2032 2\u2033", 3 * foot + 2 * INCH), ("3 feet 2", 3 * foot + 2 * INCH),
            ("1 yd 4 1/2 in", 36 * INCH + 4.5 * INCH), ("2 yards and 1 ft", 84 * INCH), ("1 m 20", 1200.0), ("1m20", 1200.0),
            ("1 m 20 cm", 1200.0), ("1 metre, 5 mm", 1005.0), ("12 cm and 5 mm", 125.0), ("1 metro e 20 centímetros", 1200.0),
            ("about 1 m 20", 1200.0), ("1 m 10 to 1 m 20", 1200.0), ("uns 12", 120.0),
        ]  # fmt: skip
        for text, expected in cases:
            with self.subTest(text=text):
                self.assertAlmostEqual(read_length(text, "cm").mm, expected, 9)
        # More of the smaller than there is in the larger, or none that is smaller, was meant otherwise.
        for text in ("1 m 200", "5 ft 30 in", "2 cm 3 in", "-1 m 20", "1 m 1/2", "1 in 2 cm", "1 m 20 m"):
            with self.subTest(text=text):
                self.assertRaises(LengthError, read_length, text, "cm")

    def test_ranges_work_with_the_larger_end_and_keep_the_smaller(self) -> None:
        for text in ("24 to 26", "24-26", "24 - 26", "24–26 cm", "26 to 24", "240mm to 26cm"):
            with self.subTest(text):
                reading = read_length(text, "cm")
                self.assertAlmostEqual(reading.mm, 260)
                self.assertAlmostEqual(reading.low, 240)
                self.assertTrue(reading.is_range)
        self.assertFalse(read_length("3-1/8", "in").is_range)
        self.assertTrue(read_length("about 3", "in").about)

    def test_what_cannot_be_read_says_why(self) -> None:
        cases = [
            ("", "empty"), ("cm", "unreadable"), ("about", "unreadable"), ("abc", "unreadable"), ("12 furlongs", "unit"),
            ("12 furlongs", "unit"), ("1/0", "fraction"), ("3 9/8", "fraction"), ("1,234.5", "unreadable"), ("1e5", "unreadable"),
            ("--4", "unreadable"), ("4 4", "unreadable"), ("9" * 80, "too-long"), ("½½", "unreadable"),
            (float("nan"), "not-finite"), (float("inf"), "not-finite"), (True, "unreadable"), (None, "unreadable"),
            ([], "unreadable"), ({"mm": 3}, "unreadable"), (10**400, "not-finite"),
        ]  # fmt: skip
        for value, fault in cases:
            with self.subTest(value=str(value)[:20]):
                with self.assertRaises(LengthError) as caught:
                    read_length(value, "cm")
                self.assertIn(caught.exception.fault, (fault, "unreadable", "empty"))
                if fault not in ("unreadable", "empty"):
                    self.assertEqual(caught.exception.fault, fault)

    @given(st.text(max_size=70))
    def test_any_text_is_read_or_refused_cleanly(self, text: str) -> None:
        try:
            mm = read_length(text, "cm").mm
        except LengthError:
            return
        self.assertTrue(math.isfinite(mm))

    @given(st.integers(0, 99), st.integers(1, 63), st.sampled_from([2, 4, 8, 16, 32, 64]))
    def test_mixed_fractions_are_exact(self, whole: int, num: int, den: int) -> None:
        num %= den
        text = f"{whole} {num}/{den}"
        expected = float(Fraction(whole) + Fraction(num, den)) * INCH
        self.assertAlmostEqual(read_length(text, "in").mm, expected, 9)

    @given(st.integers(0, 99999), st.sampled_from([".", ","]))
    def test_decimal_point_and_comma_read_alike(self, tenths: int, mark: str) -> None:
        self.assertAlmostEqual(read_length(f"{tenths // 10}{mark}{tenths % 10}", "mm").mm, tenths / 10, 9)


class WritingLengths(unittest.TestCase):
    def test_fractions_and_decimal_signs(self) -> None:
        cases = [
            (Ruler("in"), 3.125 * INCH, "3 1/8 in"), (Ruler("in"), 0.5 * INCH, "1/2 in"), (Ruler("in"), 0, "0 in"),
            (Ruler("in"), 4 * INCH, "4 in"), (Ruler("in"), -1.25 * INCH, "-1 1/4 in"), (Ruler("cm"), 79, "7.9 cm"),
            (Ruler("cm", ","), 79, "7,9 cm"), (Ruler("cm"), 80, "8 cm"), (Ruler("cm"), -0.001, "0 cm"),
            (Ruler("mm"), 79.04, "79 mm"), (Ruler("cm"), 1000, "100 cm"), (Ruler("in"), 0.0004, "0 in"),
        ]  # fmt: skip
        for ruler, mm, text in cases:
            with self.subTest(text):
                self.assertEqual(ruler.write(mm), text)

    @given(st.integers(1, 20000), st.sampled_from(["cm", "mm", "in"]), st.sampled_from([0.0, 0.5, 1.0, 25.4 / 8]))
    def test_what_lies_halfway_is_told_the_same_however_it_was_reckoned(
        self, halves: int, unit: str, mark: float
    ) -> None:
        step = mark or (25.4 / 16 if unit == "in" else 0.1)
        mm = (halves + 0.5) * step
        ruler = Ruler(unit).told(mark, [])  # type: ignore[arg-type]
        self.assertEqual({ruler.write(mm + off) for off in (0.0, 1e-10, -1e-10, 1e-8, -1e-8)}, {ruler.write(mm)})

    def test_small_inches_are_never_written_as_nothing(self) -> None:
        self.assertNotEqual(Ruler("in").bare(0.3), "0")

    def test_stitches_are_told_in_mm_with_the_maker_s_sign(self) -> None:
        for unit in ("cm", "in", "mm"):
            self.assertEqual(Ruler(unit, ",").stitch(2.5), "2,5 mm")
            self.assertEqual(Ruler(unit).stitch(2.5), "2.5 mm")
            self.assertEqual(Ruler(unit, ",").stitch(3.0), "3 mm")

    def test_lengths_off_the_roll(self) -> None:
        self.assertEqual(Ruler("cm").sold(15000), "15 m")
        self.assertEqual(Ruler("cm", ",").sold(2500), "2,5 m")
        self.assertEqual(Ruler("cm").sold(400), "40 cm")
        self.assertEqual(Ruler("in").sold(914.4 * 3 / 8), "3/8 yd")
        self.assertEqual(Ruler("in").sold(914.4 * 1.25), "1 1/4 yd")

    @given(st.floats(-3000, 3000), st.sampled_from(["in", "cm", "mm"]), st.sampled_from([".", ","]))
    def test_writing_and_reading_agree_as_far_as_the_ruler_shows(self, mm: float, unit: str, decimal: str) -> None:
        ruler = Ruler(unit, decimal)
        shown = INCH / 32 if unit == "in" else 0.051
        self.assertLessEqual(abs(read_length(ruler.write(mm), unit).mm - mm), shown + 1e-9)

    @given(st.floats(0.5, 3000), st.sampled_from(["in", "cm", "mm"]))
    def test_exact_text_reads_back_exactly(self, mm: float, unit: str) -> None:
        ruler = Ruler(unit)
        read = read_length(ruler.exact(mm), unit).mm
        self.assertLessEqual(abs(read - mm), 6e-6 * mm)


class RoundingToTheRuler(unittest.TestCase):
    @given(st.floats(-500, 3000), st.sampled_from([1.0, 5.0, INCH / 8, INCH / 16]))
    def test_each_way_lands_on_a_mark_on_the_right_side(self, mm: float, step: float) -> None:
        grid = Grid(step)
        up, down, near = (grid.round(mm, way) for way in ("up", "down", "nearest"))
        for mark in (up, down, near):
            self.assertTrue(grid.shows(mark))
        self.assertGreaterEqual(up, mm - 2e-6)
        self.assertLessEqual(down, mm + 2e-6)
        self.assertLessEqual(abs(near - mm), step / 2 + 1e-9)
        self.assertLess(up - mm, step)
        self.assertLess(mm - down, step)

    def test_a_hair_over_a_mark_is_on_it(self) -> None:
        self.assertEqual(Grid(1.0).round(0.1 * 3 * 100, "up"), 30.0)
        self.assertEqual(Grid(INCH / 8).round(13 * INCH / 8 + 1e-9, "up"), 13 * INCH / 8)

    def test_no_grid_changes_nothing(self) -> None:
        self.assertEqual(Grid().round(12.3456, "up"), 12.3456)
        self.assertTrue(Grid().shows(12.3456))


if __name__ == "__main__":
    unittest.main()
