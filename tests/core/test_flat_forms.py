"""Mat, notebook cover and bookmark: figures got a second way."""

import itertools
import math
import re
import unittest

from hypothesis import assume, given
from hypothesis import strategies as st

from eggtuck.core.forms import draft_spec
from eggtuck.core.pattern.document import draft_document
from eggtuck.core.pattern.picture import Cloth
from eggtuck.core.plane import area, perimeter
from tests.makes import words_of
from tests.solids import checks, piece, problem

LAYERS = [
    {"material": "linen", "role": "outer"},
    {"material": "quilting-cotton", "role": "lining"},
    {"material": "cotton-batting", "role": "padding"},
]


def spec(form, size, options=None, layers=LAYERS, **more):
    return {"form": form, "unit": "mm", "size": size, "options": options or {}, "layers": layers, **more}


class Covers(unittest.TestCase):
    def test_how_edges_are_finished_is_asked_where_it_is_done(self):
        for make in ("bagged", "bound"):
            for layers in (LAYERS[:1], LAYERS):
                drafts = [
                    draft_spec(
                        spec("book-cover", {"board_width": 150, "board_height": 210, "spine": 20},
                             {"make": make, "edges": way}, layers)
                    )
                    for way in ("overcast", "pinked")
                ]  # fmt: skip
                changed = drafts[0].steps != drafts[1].steps
                self.assertEqual("edges" not in drafts[0].idle, changed, (make, len(layers)))


class Mats(unittest.TestCase):
    @given(
        st.floats(100, 1500),
        st.floats(100, 1500),
        st.floats(20, 120),
        st.floats(3, 15),
        st.sampled_from(("diagonal", "straight")),
    )
    def test_the_loop_goes_exactly_round(self, w, h, strip, a, join):
        size = {"width": w, "height": h, "strip_width": strip}
        draft = draft_spec(spec("mat", size, {"binding_join": join}, allowance={"default": a}))
        round_ = perimeter(piece(draft, "top").stitch_outline)
        self.assertAlmostEqual(round_, 2 * (w + h), 6)
        extra = strip if join == "diagonal" else 2 * a
        self.assertAlmostEqual(draft.finished["binding_length"], round_ + extra, 6)
        # The strip is cut with square ends, whatever the join.
        cut = piece(draft, "binding").cut_size
        self.assertAlmostEqual(cut[0], round_ + extra, 6)
        self.assertAlmostEqual(cut[1], strip, 6)
        self.assertAlmostEqual(area(piece(draft, "binding").cut_outline), cut[0] * cut[1], delta=1e-6 * cut[0] * cut[1])
        # Joined, it is as long as the edge: what a slanted join leaves is a leaning strip of that length.
        self.assertAlmostEqual(draft.edge("binding.edge").length, round_, 6)
        self.assertAlmostEqual(
            area(piece(draft, "binding").stitch_outline), round_ * strip, delta=1e-6 * round_ * strip
        )
        # Bound edges carry no allowance.
        self.assertAlmostEqual(piece(draft, "top").cut_size[0], w, 6)
        self.assertAlmostEqual(piece(draft, "backing").cut_size[1], h, 6)

    def test_quilted_layers_are_cut_larger(self):
        draft = draft_spec(spec("mat", {"width": 400, "height": 300, "quilting_margin": 25}))
        insets = {cut.role: cut.inset for p in draft.pieces if p.id in ("top", "backing") for cut in p.cuts}
        self.assertEqual(insets, {"outer": -25, "lining": -25, "padding": -25})
        top = piece(draft, "top")
        self.assertAlmostEqual(area(top.outline_for(top.cuts[0])), 450 * 350, 4)
        thin = draft_spec(spec("mat", {"width": 400, "height": 300}, layers=LAYERS[:2]))
        self.assertEqual({cut.inset for p in thin.pieces for cut in p.cuts}, {0.0})

    def test_the_loop_is_laid_on_the_face_that_is_named_and_drawn(self):
        """By machine on the back, so that the row that is seen is sewn from the front."""
        for by, letter, name in (("hand", "A", "top"), ("machine", "B", "backing")):
            draft = draft_spec(spec("mat", {"width": 400, "height": 300}, {"binding_by": by}))
            step = next(step for step in draft_document(draft)["steps"] if step["id"] == "binding")
            self.assertIn(f"on the right side of the {name} ({letter})", step["lines"][1]["text"])
            (frame,) = next(p.frames for p in draft.pictures() if p.step == "binding")
            cloths = [cloth.piece for cloth in frame.items if isinstance(cloth, Cloth)]
            self.assertEqual(cloths[-2:], [name, "binding"])

    def test_a_strip_too_short_stops_the_cutting(self):
        size = {"width": 400, "height": 300, "strip_width": 50}
        check = checks(draft_spec(spec("mat", {**size, "binding_length": 1390})))["binding.length"]
        self.assertEqual(check.verdict, "stop")
        self.assertAlmostEqual(check.fix.changes["size.binding_length"], 1450)
        self.assertEqual(
            checks(draft_spec(spec("mat", {**size, "binding_length": 1600})))["binding.length"].verdict, "note"
        )
        self.assertNotIn("binding.length", checks(draft_spec(spec("mat", size))))
        # What is over is cut off before the loop is joined, so that nothing of it is eased or told not to match.
        for length, over in ((1600, 150.0), (None, None)):
            more = {} if length is None else {"binding_length": length}
            long = draft_spec(spec("mat", {**size, **more}))
            self.assertNotIn("seam.binding", checks(long))
            join = next(step for step in long.steps if step.id == "binding-join")
            cut = [line.text.params["over"] for line in join.lines if line.text.id == "lay.of-longer"]
            self.assertEqual(cut, [] if over is None else [over])

    @given(st.integers(1, 8), st.integers(1, 8), st.floats(3, 12))
    def test_blocks_make_the_mat_again(self, rows, columns, a):
        w, h = 600.0, 480.0
        size = {"width": w, "height": h, "rows": rows, "columns": columns, "corner": 20}
        draft = draft_spec(spec("mat", size, {"patchwork": "corner-squares"}, allowance={"default": a}))
        block = piece(draft, "block")
        self.assertAlmostEqual((block.cut_size[0] - 2 * a) * columns, w, 6)
        self.assertAlmostEqual((block.cut_size[1] - 2 * a) * rows, h, 6)
        self.assertEqual(block.cuts[0].count, rows * columns)
        corner = piece(draft, "corner")
        self.assertEqual(corner.cuts[0].count, 4 * rows * columns)
        self.assertAlmostEqual(corner.cut_size[0], 20 + 2 * a, 6)
        self.assertEqual(piece(draft, "top").cuts, ())

    def test_what_cannot_be_made(self):
        size = {"width": 200, "height": 200, "rows": 20, "columns": 20, "corner": 5}
        self.assertEqual(problem(spec("mat", size, {"patchwork": "corner-squares"}))[0], "size.columns")
        found = problem(spec("mat", {"width": 200, "height": 200, "rows": 0}, {"patchwork": "corner-squares"}))
        self.assertEqual(found, ("size.rows", "problem.count"))
        self.assertEqual(problem(spec("mat", {"height": 200}))[0], "size.width")


BOARDS = {"board_width": 148, "board_height": 210, "spine": 15}


class BookCovers(unittest.TestCase):
    @given(
        st.floats(60, 400),
        st.floats(60, 400),
        st.floats(0, 80),
        st.floats(0, 40),
        st.floats(0, 30),
        st.floats(0.2, 0.9),
        st.floats(3, 15),
    )
    def test_cut_sizes_by_hand(self, wb, hb, sp, ew, eh, share, a):
        size = {
            "board_width": wb, "board_height": hb, "spine": sp, "ease_width": ew, "ease_height": eh,
            "flap": wb * share, "flap_hem": 12,
        }  # fmt: skip
        assume(wb * share >= 15)
        draft = draft_spec(spec("book-cover", size, allowance={"default": a}))
        cover, flap = piece(draft, "cover").cut_size, piece(draft, "flap").cut_size
        self.assertAlmostEqual(cover[0], 2 * wb + sp + ew + 2 * a, 6)
        self.assertAlmostEqual(cover[1], hb + eh + 2 * a, 6)
        self.assertAlmostEqual(flap[0], wb * share + 12 + a, 6)
        self.assertAlmostEqual(flap[1], cover[1], 6)

    @given(st.floats(0.1, 6), st.floats(100, 300), st.floats(0, 60))
    def test_the_ease_lets_the_book_close(self, thick, wb, sp):
        """Bent round two fore-edges by a quarter turn each and round the spine by two, layers ``t`` thick take half a turn and half
        a turn: ``2 pi t``."""
        layers = [*LAYERS[:2], {"material": "cotton-batting", "role": "padding", "thickness": thick}]
        size = {"board_width": wb, "board_height": 200, "spine": sp}
        draft = draft_spec(spec("book-cover", size, layers=layers))
        quarter_turns = 4
        least = quarter_turns * (math.pi / 2) * (thick + 0.3)
        self.assertGreaterEqual(draft.finished["open_width"], 2 * wb + sp + least)
        tight = draft_spec(spec("book-cover", {**size, "ease_width": least * 0.9}, layers=layers))
        self.assertEqual(checks(tight)["fit.closes"].verdict, "stop")

    def test_bound_edges_carry_no_allowance_and_the_loop_goes_round(self):
        draft = draft_spec(spec("book-cover", BOARDS, {"make": "bound"}))
        cover = piece(draft, "cover")
        self.assertAlmostEqual(cover.cut_size[0], draft.finished["open_width"], 6)
        seam = next(s for s in draft.seams if s.id == "binding")
        self.assertAlmostEqual(seam.length_a, 2 * (draft.finished["open_width"] + draft.finished["height"]), 6)
        self.assertAlmostEqual(seam.difference, 0, 6)
        # Flaps lie between the layers and are caught by the binding.
        self.assertTrue({"flap.lower", "flap.outer", "flap.upper"} <= {use.edge for use in seam.caught})

    def test_however_far_in_the_topstitch_lies_there_is_tape_on_a_tab(self):
        for edge, wide in itertools.product((1, 2, 9, 18, 30), (15, 35, 80)):
            size = {**BOARDS, "edge_stitch": edge, "tab_width": wide}
            draft = draft_spec(spec("book-cover", size, {"tab": "folded-tab"}))
            (tape,) = (need for need in draft.needs if need.role == "hook-and-loop")
            self.assertGreater(tape.exact, 0.0, (edge, wide))
            self.assertGreater(tape.wide, 0.0, (edge, wide))
            self.assertLess(tape.wide, wide)

    def test_extras(self):
        options = {"tab": "tab", "pen_loop": "elastic-loop", "marker": "ribbon", "pockets": "slip-pocket"}
        size = {**BOARDS, "tab_overlap": 30, "tab_width": 36, "pen_girth": 33, "ribbon_tails": 50, "pocket_height": 100}
        draft = draft_spec(spec("book-cover", size, options, allowance={"default": 8}))
        self.assertAlmostEqual(draft.finished["closing_tab"], 15 + 60)
        self.assertAlmostEqual(piece(draft, "tab").cut_size[1], 36 + 16)
        self.assertAlmostEqual(draft.finished["pen_loop"], 33 + 16)
        self.assertAlmostEqual(draft.finished["ribbon"], math.hypot(148, 210) + 50)
        self.assertAlmostEqual(piece(draft, "pocket").cut_size[1], 2 * 100 + 16)
        ids = {need.id for need in draft.needs}
        self.assertTrue({"fastener", "elastic", "ribbon"} <= ids)
        steps = [step.id for step in draft.steps]
        self.assertLess(steps.index("pen-loop"), steps.index("round"))
        self.assertLess(steps.index("ribbon-marker"), steps.index("round"))
        self.assertGreater(steps.index("fastener"), steps.index("round"))

    def test_a_book_is_measured_on_itself(self):
        book = {"kind": "notebook", "board_width": 148, "board_height": 210, "spine": 15}
        draft = draft_spec({"form": "book-cover", "unit": "mm", "object": book, "layers": LAYERS[:2]})
        self.assertAlmostEqual(draft.finished["board_width"], 148)
        self.assertEqual(draft.object.kind, "book")

    def test_flaps_too_shallow_or_deep_are_told(self):
        for flap, title in ((40, "check.flap-shallow"), (140, "check.flap-deep")):
            check = checks(draft_spec(spec("book-cover", {**BOARDS, "flap": flap})))["flap"]
            self.assertEqual((check.verdict, check.title.id), ("note", title))
            self.assertTrue(148 / 3 - 1e-6 <= check.fix.changes["size.flap"] <= 148 * 2 / 3 + 1e-6)

    def test_what_cannot_be_made(self):
        self.assertEqual(problem(spec("book-cover", {**BOARDS, "flap": 147.5}))[0], "size.flap")
        self.assertEqual(problem(spec("book-cover", {"board_width": 148}))[0], "size.board_height")

    def test_the_front_is_the_half_with_the_motif_and_the_tab_is_on_the_back(self):
        options = {"tab": "folded-tab", "pen_loop": "elastic-loop", "pockets": "slip-pocket"}
        for layers in (LAYERS[:1], LAYERS):
            draft = draft_spec(spec("book-cover", BOARDS, options, layers, allowance={"side": 8, "top": 10}))
            cover = piece(draft, "cover")
            motif = next(mark for mark in cover.marks if mark.kind == "zone")
            front = "right" if motif.path[0].start[0] > draft.finished["open_width"] / 2 else "left"
            at = {}
            for seam in draft.seams:
                for key in {use.key for use in (*seam.a, *seam.b) if use.piece == "cover"} & {"left", "right"}:
                    found = {(use.piece, use.copy) for use in (*seam.a, *seam.b, *seam.caught) if use.piece != "cover"}
                    at.setdefault("front" if key == front else "back", set()).update(found)
            flaps = {name: {found for found in at[name] if found[0] == "flap"} for name in at}
            self.assertEqual(flaps, {name: {("flap", name)} for name in ("front", "back")})
            pieces = {name: {found[0] for found in at[name]} - {"flap"} for name in at}
            self.assertEqual(pieces, {"front": {"pocket"}, "back": {"tab"}})

    def test_the_tab_is_told_at_its_own_allowance_and_the_loop_clear_of_it(self):
        for tab in ("tab", "folded-tab"):
            options = {"tab": tab, "pen_loop": "elastic-loop"}
            allowance = {"default": 10, "side": 7, "top": 12}
            draft = draft_spec(spec("book-cover", BOARDS, options, allowance=allowance))
            said = {step["id"]: words_of(step) for step in draft_document(draft)["steps"]}
            self.assertIn("7 mm from the raw edges", said["tab"])
            # The middle of the loop is as far from the raw upper edge as told, and farther from the tab than that is wide.
            raw = float(re.search(r"([\d.]+) mm below", said["pen-loop"])[1])
            free = (draft.finished["height"] - draft.finished["tab_width"]) / 2
            self.assertAlmostEqual(raw - 12, free / 2, delta=0.51)


class Bookmarks(unittest.TestCase):
    @given(st.floats(15, 200), st.floats(40, 500), st.floats(2, 10))
    def test_folded_or_faced_it_is_the_same_strip(self, w, length, a):
        for make, wide in (("faced", w), ("folded", 2 * w)):
            draft = draft_spec(
                spec("bookmark", {"width": w, "length": length}, {"make": make}, allowance={"default": a})
            )
            self.assertAlmostEqual(piece(draft, "body").cut_size[0], wide + 2 * a, 6)
            self.assertAlmostEqual(piece(draft, "body").cut_size[1], length + 2 * a, 6)
            self.assertEqual(
                draft.finished["width"], draft_spec(spec("bookmark", {"width": w, "length": length})).finished["width"]
            )

    def test_a_book_proposes_its_size(self):
        book = {"kind": "book", "board_width": 150, "board_height": 210, "spine": 15}
        draft = draft_spec({"form": "bookmark", "unit": "mm", "object": book, "layers": LAYERS[:2]})
        self.assertAlmostEqual(draft.finished["width"], 45)
        self.assertAlmostEqual(draft.finished["length"], 168)


if __name__ == "__main__":
    unittest.main()
