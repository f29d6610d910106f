"""The same make asked for in other words is the same make: on another ruler, at another scale, on a shelf."""

import json
import math
import unittest
from dataclasses import replace
from itertools import product
from pathlib import Path
from typing import get_args

from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.audit import fits_of
from eggtuck.core.forms import CATALOGUE, draft_spec, on_ruler
from eggtuck.core.lengths.ruler import MM_PER_UNIT
from eggtuck.core.making.marking import where_on_edge
from eggtuck.core.making.operation import Centring
from eggtuck.core.objects import measure_profile, measure_thing
from eggtuck.core.pattern import SpecError
from eggtuck.core.plane import along_path, area, flatten
from eggtuck.core.words import Message
from tests import share
from tests.makes import draft_of, makes

EXAMPLES = {
    path.stem: json.loads(path.read_text()) for path in sorted((Path(__file__).parents[2] / "examples").glob("*.json"))
}
# Forms whose cut pieces are nothing but their sizes and allowances: no zip, hem or gap of a width of its own.
PURE = {
    "cylinder": ("girth", "wall_height"),
    "cone": ("girth_bottom", "girth_top", "height"),
    "boxed-bag": ("girth", "wall_height"),
    "dart-bowl": ("blank", "dart_length", "dart_half_width"),
    "weight": ("base_side", "top_side", "slant"),
}


def outlines(draft):
    """Every cut outline, by piece and layer, as points."""
    return {
        (piece.id, cut.role): flatten(piece.outline_for(cut), 0.01)
        for piece in draft.pieces
        for cut in piece.cuts
    }  # fmt: skip


class OnEveryRuler(unittest.TestCase):
    def test_every_example_is_the_same_in_every_unit(self):
        for name, spec in EXAMPLES.items():
            whole = {**spec, "rounding": "none", "ease": {"girth": "2", **spec.get("ease", {})}}
            if "object" not in spec or "ease.girth" not in {i.field for i in CATALOGUE[spec["form"]].inputs}:
                whole = {**spec, "rounding": "none"}
            here = draft_spec(whole)
            sizes = {state.field: state.value for state in here.inputs if state.field.startswith("size.")}
            for unit in ("in", "mm", "cm"):
                with self.subTest(f"{name} {unit}"):
                    # What the ruler itself proposes differs; what is asked for does not.
                    fixed = {**whole, "size": {**spec.get("size", {}), **_given(here, sizes)}}
                    fixed["parts"] = [
                        {**part, **_given(here, _part_sizes(here, i))} for i, part in enumerate(spec.get("parts", []))
                    ]
                    first, again = draft_spec(fixed), draft_spec(on_ruler(fixed, unit, "."))
                    for key, value in first.finished.items():
                        if value is None:
                            self.assertIsNone(again.finished[key])
                        else:
                            self.assertAlmostEqual(again.finished[key], value, 4, key)
                    there = outlines(again)
                    for place, points in outlines(first).items():
                        self.assertAlmostEqual(abs(area_of(there[place])), abs(area_of(points)), 2, place)
                    # What lies between two of this ruler's marks is worth no word on it.
                    quiet = {"ok": "ok", "note": "ok"}
                    verdicts = [[quiet.get(c.verdict, c.verdict) for c in d.checks] for d in (again, first)]
                    self.assertEqual(*verdicts)

    def test_cut_counts_seams_and_steps_stay(self):
        for name, spec in EXAMPLES.items():
            one, two = draft_spec(spec), draft_spec(on_ruler(spec, "in", "."))
            with self.subTest(name):
                self.assertEqual([p.id for p in one.pieces], [p.id for p in two.pieces])
                self.assertEqual([s.id for s in one.seams], [s.id for s in two.seams])
                self.assertEqual([s.id for s in one.steps], [s.id for s in two.steps])


def _given(draft, sizes):
    """All sizes in force that are lengths, written out exactly."""
    counts = {state.field for state in draft.inputs if state.of != "length"}
    return {f.removeprefix("size."): f"{v!r} mm" for f, v in sizes.items() if f not in counts}


def _part_sizes(draft, index):
    start = f"parts.{index}."
    return {s.field.removeprefix(start): s.value for s in draft.inputs if s.field.startswith(start)}


def area_of(points):
    return sum(a[0] * b[1] - b[0] * a[1] for a, b in zip(points, [*points[1:], points[0]], strict=True)) / 2


class AtAnotherScale(unittest.TestCase):
    @given(st.sampled_from(sorted(PURE)), st.floats(1.1, 2.2))
    def test_areas_grow_with_the_square_and_lengths_alike(self, form, scale):
        drafts = []
        for k in (1.0, scale):
            start = CATALOGUE[form].start
            size = {name: f"{start[name] * k!r} mm" for name in PURE[form] if name in start}
            counts = {n: str(int(v)) for n, v in start.items() if n not in PURE[form]}
            spec = {
                "form": form,
                "unit": "mm",
                "size": {**counts, **size},
                "allowance": {"default": f"{8 * k!r} mm"},
                "layers": [{"material": "linen", "role": "outer", "thickness": f"{0.4 * k!r} mm"}],
                "options": {"top": "plain"} if form in ("cylinder", "cone", "boxed-bag") else {},
                "rounding": "none",
            }
            drafts.append(draft_spec(spec))
        one, two = drafts
        for name in PURE[form]:
            if one.finished.get(name):
                self.assertAlmostEqual(two.finished[name], scale * one.finished[name], 4, name)
        for piece, same in zip(one.pieces, two.pieces, strict=True):
            net, grown = (abs(area(p.stitch_outline)) for p in (piece, same))
            self.assertAlmostEqual(grown / net, scale**2, 3, piece.id)


class OnTheShelf(unittest.TestCase):
    """What goes into a tube, by looking at it."""

    things = st.one_of(
        st.builds(
            lambda g, h: measure_thing("can", {"girth": g, "height": h})[0], st.floats(150, 420), st.floats(60, 260)
        ),
        st.builds(
            lambda g, h: measure_profile([(0.0, g * 0.8), (h / 2, g), (h, g * 0.7)], [])[0],
            st.floats(150, 420),
            st.floats(60, 260),
        ),
    )

    @given(st.lists(things, min_size=1, max_size=10), st.floats(200, 400), st.floats(0.2, 4.0))
    def test_it_goes_in_where_the_tape_says_so(self, things, girth, lining):
        spec = {
            "form": "cylinder",
            "unit": "mm",
            "size": {"girth": f"{girth!r} mm", "wall_height": "200 mm"},
            "layers": [
                {"material": "linen", "role": "outer"},
                {"material": "linen", "role": "lining", "thickness": f"{lining!r} mm"},
            ],
            "rounding": "none",
        }
        named = [(f"thing {i}", thing) for i, thing in enumerate(things)]
        fits = {fit.name: fit for fit in fits_of(spec, named)}
        self.assertEqual(len(fits), len(named))
        inside = girth - 2 * math.pi * lining
        for name, thing in named:
            widest = max(thing.girth_at(thing.height * i / 400) for i in range(401))
            found = {c.id: c for c in fits[name].checks}["fit.girth"]
            self.assertAlmostEqual(found.value, inside - thing.girth, 4)
            self.assertGreaterEqual(thing.girth, widest - 1e-6)
            self.assertEqual(found.verdict == "stop", inside < thing.girth)
        order = [("ok", "note", "warn", "stop").index(fit.verdict) for fit in fits_of(spec, named)]
        self.assertEqual(order, sorted(order))

    @given(st.lists(things, min_size=1, max_size=6), st.floats(200, 350), st.floats(1, 80))
    def test_a_wider_tube_takes_everything_a_narrower_one_took(self, things, girth, more):
        named = [(f"thing {i}", thing) for i, thing in enumerate(things)]
        goes_in = []
        for g in (girth, girth + more):
            spec = {
                "form": "cylinder",
                "unit": "mm",
                "size": {"girth": f"{g!r} mm", "wall_height": "200 mm"},
                "layers": [{"material": "linen", "role": "outer"}, {"material": "linen", "role": "lining"}],
                "rounding": "none",
            }
            fits = fits_of(spec, named)
            goes_in.append({f.name for f in fits if all(c.verdict != "stop" for c in f.checks if c.id == "fit.girth")})
        self.assertLessEqual(goes_in[0], goes_in[1])


if __name__ == "__main__":
    unittest.main()


def told_of(draft):
    """Every sentence of every step as what it says: by its place the id, the words and the numbers in it. How the lay turns out is no sentence's."""
    return {
        at: value
        for step in draft.steps
        for i, line in enumerate(step.lines)
        if line.text.id != "cut-out.across"
        for at, value in _said(line.text, f"{step.id} {i}")
    }


def _said(value, at):
    if isinstance(value, Message):
        yield at, value.id
        for name, param in value.params.items():
            yield from _said(param, f"{at}.{name}")
    elif isinstance(value, tuple | list):
        yield f"{at}#", len(value)
        for i, one in enumerate(value):
            yield from _said(one, f"{at}.{i}")
    else:
        yield at, value


class HairsBreadths(unittest.TestCase):
    def test_sizes_a_thousandth_of_a_hair_aside_are_sewn_as_they_were(self):
        tried = 0
        # A part is proposed where there is room for it, to the last digit.
        for name, spec in share([one for one in makes() if not one[1].get("parts")], 3):
            draft = draft_of(spec)
            # What is nothing stays so: a corner that is rounded by however little is a round one.
            lengths = {item.field for item in CATALOGUE[spec["form"]].inputs if item.of == "length"}
            sizes = {s.field[5:]: s.value for s in draft.inputs if s.field.startswith("size.") and s.value}
            sizes = {name: mm for name, mm in sizes.items() if f"size.{name}" in lengths}
            per = MM_PER_UNIT[draft.ruler.unit]

            def at(aside, sizes=sizes, per=per, spec=spec):
                size = {name: f"{(mm + aside) / per:.10f}" for name, mm in sizes.items()}
                return told_of(draft_spec({**spec, "rounding": "none", "size": {**spec.get("size", {}), **size}}))

            try:
                was, *others = at(0.0), at(1e-7), at(-1e-7)
            except SpecError:
                # At the end of what it may be.
                continue
            tried += 1
            for now in others:
                with self.subTest(name):
                    self.assertEqual(set(now), set(was))
                    for place, value in was.items():
                        if isinstance(value, float):
                            self.assertAlmostEqual(now[place], value, delta=1e-4 * max(1.0, abs(value)), msg=place)
                        else:
                            self.assertEqual(now[place], value, place)
        self.assertGreater(tried, 80)

    def test_a_notch_a_thousandth_of_a_hair_aside_is_told_as_it_was(self):
        """What lies halfway is as far from one end as from the other: which is told must not hang on the last digit of a sum."""
        halfway = 0
        for name, spec in share(makes(), 2):
            for piece in draft_of(spec).pieces:
                for mark, edge in product(piece.marks, piece.edges):
                    at = None if mark.point is None else along_path(edge.path, mark.point)
                    if mark.kind != "notch" or at is None or len(edge.path) > 1 or edge.length < 1.0:
                        continue
                    halfway += abs(at - edge.length / 2) < 1e-6
                    (ax, ay), (bx, by) = edge.path[0].start, edge.path[-1].end
                    u, v = 1e-7 * (bx - ax) / edge.length, 1e-7 * (by - ay) / edge.length
                    for centring in get_args(Centring):
                        told = set()
                        for way in (-1, 0, 1):
                            spot = replace(mark, point=(mark.point[0] + way * u, mark.point[1] + way * v))
                            where = where_on_edge(piece, spot, centring)
                            told.add(None if where is None else (where.id, str(where.params.get("other"))))
                        with self.subTest(name, piece=piece.id, mark=mark.label.id, edge=edge.key):
                            self.assertEqual(len(told), 1)
        self.assertGreater(halfway, 200)
