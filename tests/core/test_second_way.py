"""Numbers a maker would cut or sew by, worked out once more by hand: the room in a bound cover, a zip with each kind of end, a casing and
its frame."""

import math
import unittest

from hypothesis import assume, given
from hypothesis import strategies as st

from eggtuck.core.forms import draft_spec
from eggtuck.core.pattern import SpecError
from tests.solids import checks, piece

LINED = [{"material": "linen", "role": "outer"}, {"material": "quilting-cotton", "role": "lining"}]
THICK = 0.4 + 0.3


def drafted(form, size, options, **more):
    spec = {"form": form, "unit": "mm", "size": size, "options": options, "layers": LINED, "rounding": "none", **more}
    try:
        return draft_spec({"allowance": {"default": 10}, **spec})
    except SpecError:
        assume(False)


class BoundCovers(unittest.TestCase):
    @given(st.floats(80, 300), st.floats(100, 400), st.floats(4, 60), st.floats(30, 70))
    def test_the_binding_leaves_room_for_the_book(self, wide, high, spine, strip):
        """The strip is folded in four: its seam takes a quarter of it on every side, and what is left must go round both boards, the
        spine and four quarter turns of the cloth."""
        size = {"board_width": wide, "board_height": high, "spine": spine, "strip_width": strip}
        made = drafted("book-cover", size, {"make": "bound"})
        cover, eaten = piece(made, "cover").cut_size, strip / 4
        room = cover[0] - 2 * eaten, cover[1] - 2 * eaten
        self.assertAlmostEqual(made.finished["room_width"], room[0], 4)
        self.assertAlmostEqual(made.finished["room_height"], room[1], 4)
        turn = 4 * (math.pi / 2) * THICK
        self.assertGreaterEqual(room[0], 2 * wide + spine + turn - 1e-3)
        # Up and down the flaps are two layers more between the seams: half a turn round each edge of the board.
        self.assertGreaterEqual(room[1], high + 2 * THICK)
        self.assertEqual(checks(made)["fit.closes"].verdict, "ok")
        self.assertEqual(checks(made)["fit.height"].verdict, "ok")

    @given(st.floats(100, 300), st.floats(1, 30))
    def test_one_that_is_too_low_is_stopped_and_its_button_makes_room(self, high, less):
        size = {"board_width": 148, "board_height": high, "spine": 18, "ease_height": 0}
        made = drafted("book-cover", size, {"make": "bound"})
        found = checks(made)["fit.height"]
        self.assertEqual(found.verdict, "stop")
        mended = {**size, **{k.split(".")[1]: v for k, v in found.fix.changes.items()}}
        mended = {k: v for k, v in mended.items() if v != ""}
        self.assertEqual(checks(drafted("book-cover", mended, {"make": "bound"}))["fit.height"].verdict, "ok")


class Zips(unittest.TestCase):
    """In a wedge's mouth of net length ``E``."""

    edge = st.floats(120, 500)

    def mouth(self, edge, ends, **size):
        told = {"bottom_width": edge + 40, "top_width": edge, "slant": 120, "base_depth": 70, **size}
        return drafted("wedge", told, {"zip_ends": ends})

    @given(edge, st.floats(15, 40))
    def test_between_tabs_the_zip_is_the_edge_less_what_shows_of_both(self, edge, tab):
        made = self.mouth(edge, "fabric-tabs", tab_length=tab)
        self.assertAlmostEqual(made.finished["zip_opening"], edge - 2 * tab, 4)
        need = next(need for need in made.needs if need.id == "zip")
        self.assertAlmostEqual(need.exact, edge - 2 * tab, 4)
        # A tab shows so much on both sides of its fold, and lies in the seam besides.
        self.assertAlmostEqual(piece(made, "zip-tab").cut_size[0], 2 * (tab + 10), 4)

    @given(edge, st.floats(2, 15))
    def test_plain_ends_stop_short_of_the_seams(self, edge, clear):
        made = self.mouth(edge, "plain", zip_clearance=clear)
        need = next(need for need in made.needs if need.id == "zip")
        self.assertAlmostEqual(need.exact, edge - 2 * clear, 4)
        self.assertLessEqual(need.buy, need.exact + 1e-6)

    @given(edge)
    def test_a_long_tape_is_sewn_over_at_both_ends(self, edge):
        made = self.mouth(edge, "long-tape")
        need = next(need for need in made.needs if need.id == "zip")
        self.assertGreater(need.exact, edge + 2 * 10)
        self.assertGreaterEqual(need.buy, need.exact)

    @given(edge, st.floats(-60, 60))
    def test_a_zip_at_hand_is_short_exactly_when_it_does_not_reach(self, edge, off):
        assume(abs(off) > 1)
        wanted = edge - 2 * 25
        made = self.mouth(edge, "fabric-tabs", tab_length=25, zip_length=wanted + off)
        found = checks(made)["zip.length"]
        self.assertEqual(found.verdict == "stop", off < 0)

    @given(st.floats(22, 40), st.floats(4, 12))
    def test_the_seam_lies_where_tape_and_opening_put_it(self, tape, visible):
        made = self.mouth(200, "plain", tape_width=tape, zip_width=visible)
        self.assertAlmostEqual(made.finished["tape_seam"], (tape - visible) / 2, 6)


class Frames(unittest.TestCase):
    @given(st.floats(80, 250), st.floats(6, 14), st.floats(30, 80))
    def test_the_sewn_channel_passes_the_bar_and_the_casing_lies_on_the_frame(self, frame, bar, more):
        size = {"width": frame + more, "height": frame, "frame_length": frame, "frame_depth": bar}
        made = drafted("tetra", size, {"mouth": "spring-frame"})
        strip = piece(made, "casing").cut_size
        self.assertAlmostEqual(made.finished["channel"], strip[1] / 2 - 10, 4)
        self.assertGreater(made.finished["channel"], bar)
        self.assertEqual(checks(made)["casing.channel"].verdict, "ok")
        # Hemmed by an allowance at both ends, it leaves the hinges of the frame free.
        self.assertAlmostEqual(made.finished["casing_length"], strip[0] - 2 * 10, 4)
        self.assertLess(made.finished["casing_length"], frame)
        self.assertLess(made.finished["casing_length"], frame + more)


if __name__ == "__main__":
    unittest.main()
