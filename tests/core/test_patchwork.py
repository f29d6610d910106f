"""Tops pieced of rows of the maker's own, and the mat that folds into a carrier's pocket."""

import itertools
import unittest
from itertools import pairwise

import shapely
from hypothesis import assume, given
from hypothesis import strategies as st

from eggtuck.core.drafting.scaling import SCALES, scaled
from eggtuck.core.forms import CATALOGUE, as_form, change_ruler, draft_spec, read_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.words import said_in
from tests import tries
from tests.makes import LAYERS, told

CLOTHS = [
    {"material": "linen", "role": "outer"},
    {"material": "quilting-cotton", "role": "lining"},
    {"material": "cotton-batting", "role": "padding"},
]
TWO_CLOTHS = [*CLOTHS, {"material": "quilting-cotton", "role": "contrast"}]


def mat(blocks=None, width=420, height=300, allowance=8, layers=TWO_CLOTHS, rounding="none", unit="mm"):
    """A mat of rows, in mm."""
    return {
        "form": "mat",
        "unit": unit,
        "size": {"width": f"{width} mm", "height": f"{height} mm"},
        "allowance": {"default": f"{allowance} mm"},
        "options": {"patchwork": "rows"},
        "layers": layers,
        "rounding": rounding,
        **({"blocks": blocks} if blocks else {}),
    }


def carrier(**changes):
    spec = starting_spec(CATALOGUE["mug-bag"], Ruler("mm"), None)
    size = changes.pop("size", {})
    return {**spec, "layers": CLOTHS, "size": {**spec["size"], **size}, "options": {"carried_mat": "whole", **changes}}


def refusal(spec):
    try:
        draft_spec(spec)
    except SpecError as error:
        return error.problems[0].field, error.problems[0].message.id
    return None


widths = st.lists(st.one_of(st.just(""), st.integers(20, 90)), min_size=1, max_size=5)
rows = st.lists(
    st.builds(lambda high, wide: {"height": high, "widths": wide}, st.one_of(st.just(""), st.integers(20, 70)), widths),
    min_size=1,
    max_size=4,
)


class Rows(unittest.TestCase):
    @tries(30)
    @given(rows, st.integers(4, 12), st.sampled_from(["none", "1 mm", "5 mm"]))
    def test_the_blocks_sewn_up_are_the_top(self, blocks, a, rounding):
        """Each row walked from the left, as the step tells it: every seam takes two allowances, and the rows the same."""
        spec = mat(blocks, allowance=a, rounding=rounding)
        assume(refusal(spec) is None)
        draft = draft_spec(spec)
        by_letter = {p.letter: p for p in draft.pieces}
        cut = {p.id: sum(c.count for c in p.cuts) for p in draft.pieces if p.id.startswith("block")}
        used, high = {}, 0.0
        for row in _rows_told(draft):
            pieces = [by_letter[letter] for letter in row]
            wide = sum(p.cut_size[0] for p in pieces) - 2 * a * (len(pieces) - 1)
            self.assertAlmostEqual(wide - 2 * a, draft.finished["width"], 2)
            self.assertEqual(len({round(p.cut_size[1], 5) for p in pieces}), 1)
            high += pieces[0].cut_size[1] - 2 * a
            for p in pieces:
                used[p.id] = used.get(p.id, 0) + 1
        self.assertAlmostEqual(high, draft.finished["height"], 2)
        self.assertEqual(used, cut)

    @given(rows)
    def test_what_is_told_is_cut_and_what_is_open_takes_the_rest(self, blocks):
        spec = mat(blocks)
        assume(refusal(spec) is None)
        draft = draft_spec(spec)
        states = {state.field: state for state in draft.inputs}
        for i, row in enumerate(blocks):
            found = [states[f"blocks.{i}.widths.{k}"] for k in range(len(row["widths"]))]
            self.assertAlmostEqual(sum(s.value for s in found), 420, 5)
            for asked, state in zip(row["widths"], found, strict=True):
                if asked != "":
                    self.assertAlmostEqual(state.value, asked, 6)
                self.assertEqual(state.proposed is None, asked != "")
            opened = [s.value for asked, s in zip(row["widths"], found, strict=True) if asked == ""]
            self.assertTrue(all(abs(x - y) < 1e-6 for x, y in pairwise(opened)))

    def test_neighbours_are_of_two_cloths_where_there_are_two(self):
        blocks = [{"widths": ["", "", ""]}, {"widths": ["", ""]}]
        for layers, roles in ((TWO_CLOTHS, {"outer", "contrast"}), (CLOTHS, {"outer"})):
            draft = draft_spec(mat(blocks, layers=layers))
            found = {c.role for p in draft.pieces if p.id.startswith("block") for c in p.cuts}
            self.assertEqual(found, roles)
            by_letter = {p.letter: p for p in draft.pieces}
            for row in _rows_told(draft):
                for one, other in pairwise(by_letter[letter].cuts[0].role for letter in row):
                    self.assertEqual(one == other, len(roles) == 1)

    def test_what_does_not_add_up_is_refused_where_it_was_told(self):
        too_wide = mat([{"height": "", "widths": [200, 100]}])
        self.assertEqual(refusal(too_wide), ("blocks.0.widths.0", "problem.row-sum"))
        full = mat([{"height": "", "widths": ["", 100]}, {"height": "", "widths": [300, 120, ""]}])
        self.assertEqual(refusal(full), ("blocks.1.widths.0", "problem.row-full"))
        high = mat([{"height": 100, "widths": [""]}, {"height": 100, "widths": [""]}])
        self.assertEqual(refusal(high), ("blocks.0.height", "problem.rows-sum"))
        small = mat([{"height": "", "widths": [410, ""]}])
        self.assertEqual(refusal(small)[1], "problem.blocks-small")
        for bad in ({}, [{}], [{"widths": []}], [{"widths": "12"}], ["row"], [{"widths": [""], "depth": 3}], [1] * 99):
            answer = refusal({**mat(), "blocks": bad})
            self.assertTrue(answer is None if not bad else answer[0].startswith("blocks"), (bad, answer))
        self.assertEqual(
            refusal({**carrier(), "form": "wedge", "size": {}, "options": {}, "blocks": [{"widths": [""]}]})[0],
            "blocks",
        )

    def test_the_rows_go_along_with_the_make(self):
        blocks = [{"height": "6", "widths": ["12", ""]}, {"widths": [""]}]
        spec = {**mat(blocks), "unit": "cm"}
        inches = draft_spec(change_ruler(spec, "in", "."))
        self.assertAlmostEqual({s.field: s.value for s in inches.inputs}["blocks.0.widths.0"], 120, 1)
        twice = draft_spec(scaled(spec, CATALOGUE["mat"], SCALES["double"]))
        self.assertAlmostEqual({s.field: s.value for s in twice.inputs}["blocks.0.widths.0"], 240, delta=1)
        self.assertAlmostEqual({s.field: s.value for s in twice.inputs}["blocks.1.widths.0"], 840, delta=1)
        self.assertNotIn("blocks", as_form(spec, CATALOGUE["wedge"], Ruler("cm")))

    def test_the_cut_through_a_mat_goes_through_its_top(self):
        for pieced, lined in itertools.product(("whole", "corner-squares", "rows"), (True, False)):
            layers = LAYERS["padded"] if lined else [o for o in LAYERS["padded"] if o["role"] != "lining"]
            spec = {**starting_spec(CATALOGUE["mat"], Ruler("mm"), None), "layers": layers}
            draft = draft_spec({**spec, "options": {"patchwork": pieced}})
            self.assertEqual(len(draft.sections), 1, pieced)
            section = draft.sections[0]
            blocks = {p.id for p in draft.pieces if p.id.startswith("block")} or {"top"}
            self.assertEqual(set(section.pieces), {*blocks, "backing"}, pieced)
            told = [(layer.role, layer.right) for layer in section.layers]
            self.assertEqual(told[0], ("outer", "out"))
            self.assertEqual(told[-1], ("lining" if lined else "outer", "in"))
            self.assertEqual([role for role, _ in told[1:-1]], ["padding", "interfacing"])

    def test_without_padding_the_top_is_trimmed_all_the_same(self):
        """It is larger than its backing by an allowance on every side."""
        for option in ("rows", "corner-squares"):
            spec = {**mat(layers=CLOTHS[:2]), "options": {"patchwork": option}}
            draft = draft_spec(spec)
            ids = [step.id for step in draft.steps]
            self.assertLess(ids.index("mat-trim-top"), ids.index("mat-baste"))


def _rows_told(draft):
    """The letters of each row, read from the steps in their words."""
    found = {}
    for step in told(draft)["steps"]:
        for line in step["lines"]:
            words = line["text"]
            if words.startswith("Row "):
                number = int(words.split()[1])
                found[number] = [part.split(")")[0] for part in words.split("(")[1:]]
    if not found:
        # One block is all there is.
        return [[p.letter for p in draft.pieces if p.id.startswith("block")]] if _one_each(draft) else _stacked(draft)
    return [found[number] for number in sorted(found)]


def _one_each(draft):
    return sum(c.count for p in draft.pieces if p.id.startswith("block") for c in p.cuts) == 1


def _stacked(draft):
    """Rows of one block each."""
    return [[p.letter] for p in draft.pieces if p.id.startswith("block") for _ in range(p.cuts[0].count)]


class FoldedMats(unittest.TestCase):
    @tries(40)
    @given(
        st.sampled_from(["quarter", "half", "third"]),
        st.sampled_from(["one", "two-stacked"]),
        st.integers(260, 600),
        st.integers(80, 240),
        st.sampled_from(["whole", "corner-squares"]),
    )
    def test_the_proposed_mat_goes_into_its_pocket(self, fold, pockets, girth, wall, pieced):
        spec = carrier(mat_fold=fold, pockets=pockets, carried_mat=pieced, size={"girth": girth, "wall_height": wall})
        try:
            draft = draft_spec(spec)
        except SpecError as error:
            self.assertTrue(all(p.field for p in error.problems))
            return
        check = next(c for c in draft.checks if c.id == "mat.pocket")
        self.assertEqual(check.verdict, "ok")
        # Folded by hand: halves and thirds of what is trimmed, as many layers thick as it is folded.
        across, up = {"quarter": (2, 2), "half": (1, 2), "third": (1, 3)}[fold]
        pocket = next(p for p in draft.pieces if p.id == "pocket")
        end = 10.0
        inside, deep = pocket.cut_size[0] - 2 * end, (pocket.cut_size[1] - 2 * end) / 2
        thick = across * up * sum(layer.thickness for layer in read_spec(spec, CATALOGUE)[1].stack.layers)
        wide, high = draft.finished["mat_width"] / across, draft.finished["mat_height"] / up
        # Half its girth lies within the pocket's width.
        self.assertLessEqual(wide + thick, inside + 1.5)
        self.assertGreater(wide + thick, inside - 12)
        self.assertLessEqual(high * 0.8, deep + 1.5)

    def test_a_mat_too_large_is_told_and_its_button_mends_it(self):
        both = {"mat_width": "260", "mat_height": "300"}
        for size in ({"mat_width": "260"}, {"mat_height": "300"}, {"mat_height": "160"}, both):
            spec = carrier(size={k: v + " mm" for k, v in size.items()})
            told = self.told(spec)
            # What is too wide and too high is told of both at once, and each by its button.
            self.assertEqual(set(told), {"mat.pocket-high" if name == "mat_height" else "mat.pocket" for name in size})
            for check in told.values():
                self.assertIsNotNone(check.fix)
                changes = {k.removeprefix("size."): f"{v} mm" for k, v in check.fix.changes.items()}
                spec = {**spec, "size": {**spec["size"], **changes}}
            self.assertEqual([check.verdict for check in self.told(spec).values()], ["ok"], size)

    @staticmethod
    def told(spec):
        return {c.id: c for c in draft_spec(spec).checks if c.id.startswith("mat.pocket")}

    def test_no_pocket_no_mat(self):
        draft = draft_spec(carrier(pockets="none"))
        self.assertFalse([p.id for p in draft.pieces if p.id.startswith("mat") or p.id == "binding"])
        self.assertFalse([s.id for s in draft.steps if "mat" in s.id.split("-")])
        self.assertLessEqual({"mat_fold", "binding_join", "binding_by"}, draft.idle)

    def test_a_joined_lining_is_the_wrap_again(self):
        layers = [*CLOTHS, {"material": "light-interfacing", "role": "interfacing", "on": "both"}]
        for radius in ("0 mm", "20 mm"):
            spec = {
                **carrier(carried_mat="none", flap_pocket="in-lining", size={"corner_radius": radius}),
                "layers": layers,
            }
            draft = draft_spec(spec)
            by_id = {p.id: p for p in draft.pieces}
            wrap, body, flap = (by_id[id] for id in ("wrap", "wrap-lining", "flap-lining"))
            self.assertAlmostEqual(body.cut_size[1] + flap.cut_size[1] - 20, wrap.cut_size[1], 6)
            # Fused when they are joined, and each once.
            steps = [s.id for s in draft.steps]
            self.assertLess(steps.index("lining-join"), steps.index("interfacing-late"))
            things = [t.piece for s in draft.steps if s.id.startswith("interfacing") for t in s.things]
            self.assertEqual(len(things), len(set(things)))
        short = {**carrier(carried_mat="none", flap_pocket="in-lining"), "size": {**carrier()["size"], "flap": "30 mm"}}
        self.assertEqual(refusal(short), ("size.flap", "problem.flap-pocket"))


class CornerSquares(unittest.TestCase):
    def test_turned_over_its_seam_a_square_has_the_corner_of_the_block(self):
        """The line as it is told for the block, measured along its raw edges, and the one on the square, corner to corner."""
        for corner, allowance in ((20, 6), (35, 10), (60, 12.5)):
            spec = mat(width=480, height=360, allowance=allowance)
            spec = {**spec, "options": {"patchwork": "corner-squares"}}
            draft = draft_spec({**spec, "size": {**spec["size"], "corner": f"{corner} mm"}})
            block, square = (next(p for p in draft.pieces if p.id == id) for id in ("block", "corner"))
            lines = [mark for mark in block.marks if mark.label.id == "mark.corner-diagonal"]
            left, low, right, high = block.cut_box
            self.assertEqual(len(lines), 4)
            for mark in lines:
                raw, at = mark.datum.params["raw"], mark.path[0].at(0.5)
                x, y = (left if at[0] < (left + right) / 2 else right), (low if at[1] < (low + high) / 2 else high)
                dx, dy = (1 if x == left else -1), (1 if y == low else -1)
                told = shapely.LineString([(x + dx * raw, y), (x, y + dy * raw)])
                with self.subTest(corner=corner, allowance=allowance, at=(x, y)):
                    drawn = shapely.LineString([mark.path[0].start, mark.path[0].end])
                    self.assertLess(told.hausdorff_distance(drawn), 1e-6)
                    # The corner of the square that lies inward comes out on the raw corner of the block.
                    side = square.cut_size[0]
                    inner = shapely.Point(x + dx * side, y + dy * side)
                    self.assertAlmostEqual(told.distance(inner), told.distance(shapely.Point(x, y)), 6)
                    self.assertLess(
                        told.interpolate(0.5, normalized=True).distance(
                            shapely.Point(x + dx * side / 2, y + dy * side / 2)
                        ),
                        1e-6,
                    )
            (own,) = [mark for mark in square.marks if mark.label.id == "mark.sew-diagonal"]
            a, b, c, d = square.cut_box
            self.assertEqual({own.path[0].start, own.path[0].end}, {(a, d), (c, b)})


class Carrying(unittest.TestCase):
    def test_a_block_that_carries_something_is_told_apart_and_where_it_lies(self):
        """Of blocks that are alike: by its number wherever it is taken, and by row and place when they are joined."""
        own = [{"height": "", "widths": ["", "", ""]}, {"height": "", "widths": ["", ""]}]
        corner = {"size": {"width": "44 cm", "height": "30 cm"}, "options": {"patchwork": "corner-squares"}}
        seen = 0
        for spec in (mat(own), {**mat(), **corner}):
            draft = draft_spec(spec)
            blocks = {
                piece.id: piece for piece in draft.pieces if piece.id.startswith("block") and len(piece.copies) > 1
            }
            for id, copy in ((id, copy) for id, piece in blocks.items() for copy in piece.copies):
                number = blocks[id].copies.index(copy) + 1
                part = {"kind": "button", "piece": id, "copy": copy}
                with self.subTest(spec["options"]["patchwork"], block=id, copy=copy):
                    made = draft_spec({**spec, "parts": [part]})
                    lies = [
                        m
                        for s in made.steps
                        for line in s.lines
                        for m in said_in(line.text)
                        if m.id == "mat.block-lies"
                    ]
                    (told,) = lies
                    rows = next(step for step in made.steps if step.id in ("mat-rows", "mat-row-blocks"))
                    grid = grid_of(made, rows)
                    self.assertEqual(grid[told.params["row"] - 1][told.params["column"] - 1], (id, number))
                    self.assertIn(
                        "thing.nth", {m.id for s in made.steps for line in s.lines for m in said_in(line.text)}
                    )
                    seen += 1
            plain = {m.id for s in draft.steps for line in s.lines for m in said_in(line.text)}
            self.assertNotIn("mat.block-lies", plain)
        self.assertGreater(seen, 6)


def grid_of(draft, step):
    """Which block lies where, as the finished top shows them: row by row from the top, each from the left."""
    by_letter = {piece.letter: piece.id for piece in draft.pieces}
    rows = [m for line in step.lines for m in said_in(line.text) if m.id in ("mat.row", "mat.row-whole")]
    if rows:
        named = [[by_letter[thing.params["letter"]] for thing in row.params["blocks"]] for row in rows]
    else:
        rows, columns = (int(draft.finished[name]) for name in ("rows", "columns"))
        named = [["block"] * columns for _ in range(rows)]
    met, grid = {}, []
    for row in named:
        grid.append([])
        for id in row:
            met[id] = met.get(id, 0) + 1
            grid[-1].append((id, met[id]))
    return grid
