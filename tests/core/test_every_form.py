"""What holds for every form in the catalogue, with every combination of its choices, whatever it is made for."""

import itertools
import math
import unittest
from dataclasses import replace
from functools import cached_property, lru_cache
from typing import ClassVar

import numpy as np
from hypothesis import given
from hypothesis import strategies as st
from shapely.geometry import Point as ShapelyPoint
from shapely.geometry import Polygon

from eggtuck.core.forms import CATALOGUE, draft_spec, preset_object, starting_spec
from eggtuck.core.lengths import Ruler, read_length
from eggtuck.core.objects import PRESETS
from eggtuck.core.pattern import Mark, Piece, SpecError
from eggtuck.core.pattern.written import DraftDoc
from eggtuck.core.plane import area, flatten, is_simple
from tests import ALL, share
from tests.documents import checked
from tests.makes import SMALL, checks_told, crossed, document_of, draft_of, makes, said_of, with_field

CM = Ruler("cm")
PADDED = [
    {"material": "linen", "role": "outer"},
    {"material": "quilting-cotton", "role": "lining"},
    {"material": "light-interfacing", "role": "interfacing"},
    {"material": "cotton-batting", "role": "padding"},
]


# Choices that change no outline, or one small thing that is tried one at a time.
QUIET = (*SMALL, "gap_place", "use", "heat_thread", "heat_trims")


def combinations(form):
    """Every combination of the options that shape pieces; the rest one after the other."""
    yield from crossed(form, QUIET)


def few_combinations(form):
    """One combination for each value of each option, the others at their first; each once."""
    first = {option.id: option.choices[0] for option in form.options}
    yield first
    for option in form.options:
        for choice in option.choices[1:]:
            yield {**first, option.id: choice}


def specs(every=False):
    """Specs of every form, padded: from finished sizes and for the things it covers in turn; with ``--all`` every choice for all of them."""
    for form in CATALOGUE.values():
        chosen = combinations(form) if every else few_combinations(form)
        things = [None, *(preset_object(p, CM) for p in PRESETS.values() if p.kind in form.objects and p.id == p.kind)]
        turn = itertools.cycle(things)
        for options in chosen:
            if options.get("cut") == "base-fold" and options.get("gap_place") == "lining-base":
                options = {k: v for k, v in options.items() if k != "gap_place"}
            for thing in [None] if every else things if ALL else [next(turn)]:
                spec = {**starting_spec(form, CM, thing), "options": options, "rounding": "none", "layers": PADDED}
                yield form.id, spec


def label(form, spec):
    return {"form": form, "thing": (spec.get("object") or {}).get("kind"), "options": str(spec["options"])}


class Shapes(unittest.TestCase):
    def test_outlines_close_run_anticlockwise_and_do_not_cross(self):
        for form, spec in specs(every=True):
            with self.subTest(**label(form, spec)):
                for piece in draft_of(spec).pieces:
                    for outline in (
                        piece.stitch_outline,
                        piece.cut_outline,
                        *(piece.outline_for(c) for c in piece.cuts),
                    ):
                        for a, b in itertools.pairwise((*outline, outline[0])):
                            self.assertLess(math.dist(a.end, b.start), 1e-6)
                        self.assertGreater(area(outline), 0)
                        self.assertTrue(is_simple(outline))

    def test_the_cut_line_lies_outside_the_stitch_line_by_each_edge_s_own_allowance(self):
        for form, spec in specs():
            wanted = {"side": "0.7", "base": "1.2", "top": "1.5", "zip": "0.8", "rim": "1.1", "end": "1.3"}
            known = CATALOGUE[form].allowances
            spec["allowance"] = {"default": "1", **{k: v for k, v in wanted.items() if k in known}}
            with self.subTest(**label(form, spec)):
                for piece in draft_of(spec).pieces:
                    if piece.cut_as is not None:
                        continue
                    cut = Polygon(flatten(piece.cut_outline, 0.005))
                    for edge in piece.edges:
                        for segment in edge.path:
                            x, y = segment.at(0.5)
                            away = cut.exterior.distance(ShapelyPoint(x, y))
                            self.assertTrue(cut.buffer(1e-6).contains(ShapelyPoint(x, y)))
                            # Another edge may be nearer at a narrow place, never further.
                            self.assertLess(away, edge.allowance + 0.02)
                            if edge.allowance == 0:
                                continue
                            tx, ty = segment.tangent()
                            if segment.bulge == 0:
                                out = (x + ty * (edge.allowance - 0.05), y - tx * (edge.allowance - 0.05))
                                over = (x + ty * (edge.allowance + 0.05), y - tx * (edge.allowance + 0.05))
                                self.assertTrue(cut.contains(ShapelyPoint(out)))
                                self.assertFalse(cut.contains(ShapelyPoint(over)))

    def test_what_a_piece_remembers_is_what_is_worked_out_anew(self):
        own = [name for name, of in vars(Piece).items() if isinstance(of, property | cached_property)]
        told = [name for name in own if not name.startswith("_")]
        self.assertGreater(len(told), 8)
        for name, spec in makes():
            for piece in draft_of(spec).pieces:
                before = {one: getattr(piece, one) for one in told}
                # What was worked out before there was a mark stays with it, but for what follows from marks.
                notch = Mark("notch", piece.name, point=piece.edges[0].path[0].at(0.37))
                marked = piece.with_marks(notch)
                for one, value in before.items():
                    with self.subTest(make=name, piece=piece.id, of=one):
                        self.assertEqual(value, getattr(replace(piece), one))
                        self.assertEqual(getattr(marked, one), getattr(replace(marked), one))

    def test_marks_and_folds_lie_on_their_piece(self):
        for form, spec in specs():
            with self.subTest(**label(form, spec)):
                for piece in draft_of(spec).pieces:
                    cloth = Polygon(flatten(piece.cut_outline, 0.001)).buffer(1e-3)
                    points = [m.point for m in piece.marks if m.point is not None]
                    points += [p for m in piece.marks for s in m.path for p in (s.start, s.end)]
                    points += [p for fold in piece.folds for p in (fold.line.start, fold.line.end)]
                    for point in points:
                        self.assertTrue(cloth.contains(ShapelyPoint(point)), (piece.id, point))

    def test_the_sewn_form_is_made_of_the_pieces(self):
        for form, spec in specs():
            with self.subTest(**label(form, spec)):
                draft = draft_of(spec)
                outlines = {p.id: Polygon(flatten(p.stitch_outline, 0.01)).buffer(0.15) for p in draft.pieces}
                self.assertTrue(draft.solid.facets)
                for facet in draft.solid.facets:
                    self.assertEqual(len(facet.flat), len(facet.space))
                    for point in facet.flat:
                        self.assertTrue(outlines[facet.piece].contains(ShapelyPoint(point)))
                    if draft.solid.soft:
                        continue
                    for (a, p), (b, q) in itertools.combinations(zip(facet.flat, facet.space, strict=True), 2):
                        # A flat facet is carried rigidly; a strip of a curved wall shortens a little across.
                        self.assertAlmostEqual(math.dist(a, b), math.dist(p, q), delta=0.012 * math.dist(a, b) + 1e-6)
                low = min(point[2] for facet in draft.solid.facets for point in facet.space)
                # A lid lies on its jar; everything else stands on the table.
                self.assertGreaterEqual(low, -1e-9)
                if form != "lid-cover":
                    self.assertAlmostEqual(low, 0.0)

    def test_edges_that_are_sewn_together_lie_together_in_the_sewn_form(self):
        """Sew the form up from its pieces: carry both sides of every seam into space by the flat parts they lie on."""
        sewn = set()
        for form, spec in specs(every=True):
            draft = draft_of(spec)
            if draft.solid.soft or form in ("book-cover", "bookmark", "mat"):
                continue
            with self.subTest(**label(form, spec)):
                for seam in draft.seams:
                    if "outer" not in seam.layers:
                        continue
                    sides = [[spots(draft, use) for use in uses] for uses in (seam.a, seam.b)]
                    if any(not found for side in sides for found in side):
                        continue
                    sewn.add((form, seam.id))
                    # A round wall is shown in strips, and the carrier's wrap stands off its bag a little.
                    stray = {"gusset-bag": 0.02, "cylinder": 0.02, "cone": 0.02}.get(form, 0.0) * seam.length_a + 0.01
                    for one, other in (sides, sides[::-1]):
                        points = [p for found in one for p in found]
                        nearest = np.min([from_path(points, found) for found in other], axis=0)
                        self.assertLess(nearest.max(), stray, (seam.id, points[int(nearest.argmax())]))
        self.assertGreater(len(sewn), 30)
        self.assertEqual(
            {form for form, _ in sewn},
            {"boxed-bag", "cylinder", "cone", "mug-bag", "dart-bowl", "tetra", "wedge", "gusset-bag", "weight"},
        )


class OverTheRange(unittest.TestCase):
    """The same for sizes over the whole range, on the forms whose surface is exact."""

    EXACT: ClassVar = ("boxed-bag", "tetra", "wedge", "dart-bowl", "weight", "mug-bag")

    @given(
        st.sampled_from(EXACT),
        st.lists(st.floats(0.55, 1.9), min_size=6, max_size=6),
        st.floats(0.5, 2.5),
        st.integers(0, 10**6),
    )
    def test_rigid_parts_meet_along_every_seam(self, id, scales, whole, pick):
        form = CATALOGUE[id]
        counts = {i.field.removeprefix("size.") for i in form.inputs if i.of == "count"}
        size = {
            name: value if name in counts else value * scale * whole
            for (name, value), scale in zip(form.start.items(), itertools.cycle(scales))
        }
        # A flat bag is shown as it is pushed open, softer than it is.
        every = [
            o
            for o in combinations(form)
            if o.get("corner") != "square" and (o.get("boxing") != "flat" or id != "boxed-bag")
        ]
        spec = {
            **starting_spec(form, Ruler("mm"), None),
            "size": size,
            "rounding": "none",
            "options": every[pick % len(every)],
            "allowance": {"default": 4},
        }
        try:
            draft = draft_of(spec)
        except SpecError as error:
            self.assertTrue(error.problems[0].field)
            return
        scale = max(size.values())
        for facet in draft.solid.facets:
            for (a, p), (b, q) in itertools.combinations(zip(facet.flat, facet.space, strict=True), 2):
                self.assertAlmostEqual(math.dist(a, b), math.dist(p, q), delta=1e-6 * scale)
        for seam in draft.seams:
            self.assertLess(abs(seam.difference), 1e-3)
            sides = [[spots(draft, use) for use in uses] for uses in (seam.a, seam.b)]
            if "outer" not in seam.layers or any(not found for side in sides for found in side):
                continue
            for one, other in (sides, sides[::-1]):
                points = [p for found in one for p in found[::6]]
                nearest = np.min([from_path(points, found) for found in other], axis=0)
                self.assertLess(nearest.max(), 1e-4 * scale + 0.01)


def spots(draft, use):
    """Points along an edge where they lie in space; none when no flat part shows that edge."""
    edge = draft.edge(use.edge)
    facets = [
        f
        for f in draft.solid.facets
        if (f.piece == use.piece and use.copy in (f.copy, "whole")) or f.piece == use.piece == "zip"
    ]
    found = []
    for segment in edge.path:
        for i in range(25):
            point = segment.at(i / 24)
            near = ShapelyPoint(point)
            for facet in facets:
                outline, (x0, y0, x1, y1) = outline_of(facet.flat)
                reach = 0.6 if facet.smooth or segment.bulge else 0.01
                if not (x0 - reach <= point[0] <= x1 + reach and y0 - reach <= point[1] <= y1 + reach):
                    continue
                if outline.distance(near) < reach:
                    found.append(carried(facet, point))
                    break
    return found if len(found) >= 24 * len(edge.path) else []


@lru_cache(maxsize=4000)
def outline_of(flat):
    outline = Polygon(flat)
    return outline, outline.bounds


def from_path(points, path):
    """Distance of points in space, each by itself, from the straight pieces of a path."""
    a, b, p = np.array(path[:-1]), np.array(path[1:]), np.array(points)[:, None]
    along = b - a
    length = np.maximum((along**2).sum(axis=1), 1e-18)
    share = np.clip(((p - a) * along).sum(axis=2) / length, 0.0, 1.0)
    return np.linalg.norm(a + along * share[:, :, None] - p, axis=2).min(axis=1)


def carried(facet, point):
    """A point of a flat part in space, from three of its corners that are not in a line."""
    (a, p), (b, q), (c, r) = widest(facet.flat, facet.space)
    det = (b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1])
    s = ((point[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (point[1] - a[1])) / det
    t = ((b[0] - a[0]) * (point[1] - a[1]) - (point[0] - a[0]) * (b[1] - a[1])) / det
    return tuple(p[i] + s * (q[i] - p[i]) + t * (r[i] - p[i]) for i in range(3))


@lru_cache(maxsize=4000)
def widest(flat, space):
    """Those three corners that are farthest from lying in a line."""
    return max(
        itertools.combinations(zip(flat, space, strict=True), 3),
        key=lambda c: abs(
            (c[1][0][0] - c[0][0][0]) * (c[2][0][1] - c[0][0][1])
            - (c[2][0][0] - c[0][0][0]) * (c[1][0][1] - c[0][0][1])
        ),
    )


class Seams(unittest.TestCase):
    def test_both_sides_are_equal_unless_the_lining_is_made_smaller(self):
        for form, spec in specs(every=True):
            with self.subTest(**label(form, spec)):
                draft = draft_of(spec)
                for seam in draft.seams:
                    if spec["options"].get("lining") == "reduced" and seam.id in (
                        "rim",
                        "rim-front",
                        "rim-back",
                        "mouth",
                        "mouth-front",
                        "mouth-back",
                    ):
                        self.assertGreaterEqual(seam.difference, -1e-9)
                        continue
                    square = (spec["options"].get("boxing"), spec["options"].get("corner")) == ("cut-first", "square")
                    if square and "box-" in seam.id:
                        # A true square at slanting sides leaves the base's part longer, and says so.
                        told = {c.id: c.verdict for c in draft.checks}
                        self.assertEqual(told[f"seam.{seam.id}"], "warn")
                        continue
                    self.assertLess(abs(seam.difference), 0.001)

    def test_stated_lengths_are_those_of_the_edges(self):
        for form, spec in specs():
            with self.subTest(**label(form, spec)):
                draft = draft_of(spec)
                for seam in draft.seams:
                    for uses, length in ((seam.a, seam.length_a), (seam.b, seam.length_b)):
                        self.assertAlmostEqual(sum(draft.edge(use.edge).length for use in uses), length, 6)
                self.assertRaises(KeyError, draft.edge, "no.such-edge")

    def test_a_gap_lies_within_its_seam(self):
        for form, spec in specs():
            draft = draft_of(spec)
            for gap in draft.gaps:
                seam = next(s for s in draft.seams if s.id == gap.seam)
                with self.subTest(**label(form, spec)):
                    self.assertGreater(gap.length, 0)
                    self.assertGreaterEqual(gap.start, -1e-9)
                    usable = sum(draft.edge(use.edge).length for use in (gap.edges if gap.chain else gap.edges[:1]))
                    self.assertLessEqual(gap.end, usable + 1e-9)
                    self.assertLessEqual(gap.end, seam.length_a + 1e-9)
                    self.assertLessEqual(set(gap.edges), {*seam.a, *seam.b})


class Sums(unittest.TestCase):
    def test_every_chain_adds_up_line_by_line(self):
        """Evaluate each chain again from its operations alone."""
        for form, spec in specs():
            spec = {**spec, "rounding": "1 mm"}
            draft = draft_of(spec)
            for name, chain in draft.sums.items():
                with self.subTest(name=name, **label(form, spec)):
                    total = 0.0
                    for line in chain.lines:
                        match line.operation:
                            case "start" | "most" | "least":
                                total = line.amount
                            case "plus":
                                total += line.amount
                            case "minus":
                                total -= line.amount
                            case "times":
                                total *= line.amount
                            case "divide":
                                total /= line.amount
                            case "round":
                                self.assertLess(abs(line.total - total), line.amount)
                                total = line.total
                        self.assertAlmostEqual(total, line.total, 9)
                    self.assertAlmostEqual(total, chain.total, 9)

    def test_a_size_s_chain_ends_in_the_size(self):
        for form, spec in specs():
            spec = {**spec, "rounding": "1 mm"}
            draft = draft_of(spec)
            for name, value in draft.finished.items():
                chain = draft.sums.get(f"finished.{name}")
                if chain is not None and value is not None:
                    with self.subTest(name=name, **label(form, spec)):
                        self.assertAlmostEqual(chain.total, value, 6)
            for piece in draft.pieces:
                for side, size in zip(("width", "height"), piece.cut_size, strict=True):
                    chain = draft.sums.get(f"{piece.id}.cut_{side}")
                    if chain is not None:
                        with self.subTest(piece=piece.id, side=side, **label(form, spec)):
                            self.assertAlmostEqual(chain.total, size, 6)


class Sentences(unittest.TestCase):
    def test_documents_are_as_described(self):
        for form, spec in share(specs(every=True), 4):
            with self.subTest(**label(form, spec)):
                document = checked(DraftDoc, document_of(spec))
                self.assertTrue(all(check["message"] for check in document["checks"]))
                self.assertEqual([s["number"] for s in document["steps"]], list(range(1, len(document["steps"]) + 1)))

    def test_every_fix_leads_to_a_draft_that_no_longer_offers_it(self):
        pressed = set()
        for form, spec in specs():
            if not any(check.fix for check in draft_of(spec).checks):
                continue
            for check in checks_told(draft_of(spec)):
                button = (form, check["id"], *(check["fix"] or {"set": ()})["set"])
                if check["fix"] is None or (button in pressed and not ALL):
                    continue
                pressed.add(button)
                with self.subTest(check=check["id"], **label(form, spec)):
                    changed = {**spec, "size": dict(spec.get("size", {})), "layers": list(spec["layers"])}
                    for field, value in check["fix"]["set"].items():
                        group, name = field.split(".")
                        if group == "layers":
                            changed["layers"].append({"material": value, "role": name})
                        else:
                            changed[group] = {**changed.get(group, {}), name: value}
                    after = {c["id"]: c for c in checks_told(draft_spec(changed))}
                    same = after.get(check["id"])
                    self.assertTrue(same is None or same["fix"] != check["fix"] or same["verdict"] == "ok", check)

    def test_inputs_can_be_given_as_they_stand_and_as_proposed(self):
        """Typing what is shown changes nothing; what is proposed can be drafted."""
        for nth, (form, spec) in enumerate(specs()):
            for item in share(said_of(spec)["inputs"], 6, nth):
                if item["field"].startswith("object."):
                    continue
                with self.subTest(field=item["field"], **label(form, spec)):
                    self.assertLessEqual(item["low"]["mm"], item["value"]["mm"] + 1e-6)
                    self.assertGreaterEqual(item["high"]["mm"], item["value"]["mm"] - 1e-6)
                    counted = item["value"]["text"] == f"{item['value']['mm']:g}"
                    exact = item["value"]["text"] if counted else f"{item['value']['mm']} mm"
                    again = draft_spec(with_field(spec, item["field"], exact))
                    for size, value in draft_of(spec).finished.items():
                        if value is not None and again.finished.get(size) is not None:
                            self.assertAlmostEqual(again.finished[size], value, delta=1e-3 + 1e-6 * value)
                    if item["proposed"] is not None:
                        draft_spec(with_field(spec, item["field"], item["proposed"]["text"]))

    def test_stepping_an_input_is_drafted_or_refused_at_its_field(self):
        for nth, (form, spec) in enumerate(specs()):
            for item, way in share(itertools.product(said_of(spec)["inputs"], ("up", "down")), 12, nth):
                read_length(item[way], "cm")
                changed = with_field(spec, item["field"], item[way])
                with self.subTest(field=item["field"], way=way, **label(form, spec)):
                    try:
                        draft_spec(changed)
                    except SpecError as error:
                        self.assertTrue(error.problems)

    def test_steps_begin_with_the_cloth_and_end_with_the_thing(self):
        for form, spec in specs():
            with self.subTest(**label(form, spec)):
                steps = draft_of(spec).steps
                self.assertEqual(steps[0].id, "press-cloth")
                self.assertEqual(steps[-1].kind, "press" if steps[-1].id == "press-done" else "finish")
                self.assertEqual(len({step.id for step in steps}), len(steps))
                kinds = [step.kind for step in steps]
                self.assertLess(kinds.index("cut"), kinds.index("sew"))
                for step in steps:
                    if step.id in ("cut", "cut-corners") or step.id.endswith("-trim"):
                        self.assertIsNotNone(step.caution)

    def test_needs_name_every_cloth_and_never_buy_less_than_the_pieces_take(self):
        for form, spec in specs():
            with self.subTest(**label(form, spec)):
                draft = draft_of(spec)
                roles = {cut.role for piece in draft.pieces for cut in piece.cuts}
                self.assertEqual(roles, {need.role for need in draft.needs if need.width is not None})
                for need in draft.needs:
                    self.assertGreater(need.exact if need.grams is None else need.grams, 0)
                    ends = "free_ends" if spec["options"].get("mouth") == "recessed-zip" else "zip_ends"
                    if need.id == "zip" and spec["options"].get(ends) == "plain":
                        # It must end before the seams: the next one sold that is no longer.
                        self.assertLessEqual(need.buy, need.exact + 1e-6)
                        self.assertLess(need.exact - need.buy, 25.4 + 1e-6)
                        continue
                    self.assertGreaterEqual(need.buy, need.exact - 1e-6)


if __name__ == "__main__":
    unittest.main()
