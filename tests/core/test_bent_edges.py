"""Parts on pieces whose upper edge is bent: a cone's wall unrolled, where everything is told by how far from its apex it is; bowls."""

import itertools
import math
import unittest

import shapely

from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.plane import along_path, flatten
from tests.makes import LAYERS
from tests.solids import checks

# Wider above, a little, and narrower; far from upright both.
WALLS = ({"girth_top": "420"}, {"girth_top": "330"}, {"girth_top": "230"})


def cone(size, *parts, layers="outer"):
    spec = starting_spec(CATALOGUE["cone"], Ruler("mm"), None)
    spec = {**spec, "size": {"girth_bottom": "300", "height": "180", **size}}
    return draft_spec({**spec, "layers": LAYERS[layers], "parts": list(parts), "rounding": "none"})


def bowl(layers, shape, *parts, **size):
    spec = starting_spec(CATALOGUE["dart-bowl"], Ruler("mm"), None)
    spec = {**spec, "layers": LAYERS[layers], "options": {"blank_shape": shape}, "parts": list(parts)}
    return draft_spec({**spec, "size": {**spec.get("size", {}), **size}})


def wall(draft):
    return next(piece for piece in draft.pieces if piece.id == "wall")


def edge(piece, key):
    return next(edge for edge in piece.edges if edge.key == key)


class Wall:
    """A wall as a part of a cone: where its two sides would meet, every place lies as far below its rim as it is nearer to there, or farther."""

    def __init__(self, piece):
        self.piece = piece
        (a, b), (c, d) = (self._ends(piece, key) for key in ("side-left", "side-right"))
        cross = (b[0] - a[0]) * (d[1] - c[1]) - (b[1] - a[1]) * (d[0] - c[0])
        share = ((c[0] - a[0]) * (d[1] - c[1]) - (c[1] - a[1]) * (d[0] - c[0])) / cross
        self.apex = a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])
        self.rim = math.dist(self.apex, edge(piece, "top").path[0].start)

    @staticmethod
    def _ends(piece, key):
        path = edge(piece, key).path
        return path[0].start, path[-1].end

    def down(self, point):
        away = self.rim - math.dist(self.apex, point)
        return away if self.apex[1] < point[1] else -away


class Cones(unittest.TestCase):
    def test_what_is_laid_on_lies_as_far_below_the_rim_as_is_asked_and_told(self):
        kinds = ("eyelet", "button", "snap", "patch-pocket", "slip-pocket", "label", "motif", "hook-and-loop")
        told = 0
        for size, kind, down, side in itertools.product(WALLS, kinds, ("15", "40"), (None, "30", "90")):
            part = {"kind": kind, "from_top": down} | ({} if side is None else {"from_side": side})
            draft = cone(size, part)
            if checks(draft)[f"part.{kind}-1.place"].verdict != "ok":
                continue
            shape = Wall(wall(draft))
            for mark in (m for m in wall(draft).marks if m.label.id == "mark.pocket" and m.datum is not None):
                points = [*flatten(mark.path, 0.01), mark.path[-1].end]
                x = (min(x for x, _ in points) + max(x for x, _ in points)) / 2
                place = x, max(y for _, y in points)
                say, told = mark.datum.params, told + 1
                case = (size, part)
                self.assertAlmostEqual(say["top"].params["down"], shape.down(place), delta=0.1, msg=case)
                # The raw edge, by the outline that is cut: the middle of its top.
                cut = flatten(wall(draft).cut_outline, 0.01)
                middle = min((p for p in cut if p[1] > place[1]), key=lambda p: abs(p[0]))
                self.assertAlmostEqual(say["raw"], shape.down(place) - shape.down(middle), delta=0.1, msg=case)
                if mark.kind == "zone":
                    self.assertAlmostEqual(say["top"].params["down"], float(down), delta=0.1, msg=case)
        self.assertGreater(told, 40)

    def test_what_is_caught_in_its_side_lies_as_far_below_the_rim_as_is_asked(self):
        for size, kind, down in itertools.product(WALLS, ("ribbon", "loop"), ("20", "55")):
            draft = cone(size, {"kind": kind, "from_top": down})
            (mark,) = (m for m in wall(draft).marks if m.label.id == "mark.caught")
            self.assertAlmostEqual(Wall(wall(draft)).down(mark.point), float(down), delta=0.05)
            self.assertAlmostEqual(mark.datum.params["down"].params["down"], float(down), delta=0.05)
            self.assertAlmostEqual(
                mark.datum.params["raw"], float(down) + edge(wall(draft), "top").allowance, delta=0.05
            )

    def test_elastic_lies_all_the_way_as_far_below_the_rim_as_is_asked(self):
        for size, down in itertools.product(WALLS, ("25", "60")):
            draft = cone(size, {"kind": "elastic", "from_top": down})
            (line,) = (m for m in wall(draft).marks if m.part == "elastic-1")
            shape = Wall(wall(draft))
            for point in [*flatten(line.path, 0.01), line.path[-1].end]:
                self.assertAlmostEqual(shape.down(point), float(down), delta=0.1)
            self.assertAlmostEqual(line.datum.params["top"].params["down"], float(down), delta=0.05)

    def test_straps_end_as_far_below_the_rim_as_is_told(self):
        for size, sits in itertools.product(WALLS, ("faces", "late")):
            draft = cone(size, {"kind": "strap", "sits": sits, "from_top": "30", "apart": "60"})
            shape = Wall(wall(draft))
            for mark in (m for m in wall(draft).marks if m.part == "strap-1" and m.kind == "zone"):
                points = [p for s in mark.path for p in (s.start, s.end)]
                x = (min(x for x, _ in points) + max(x for x, _ in points)) / 2
                self.assertAlmostEqual(shape.down((x, min(y for _, y in points))), 30.0, delta=0.1)

    def test_rows_of_stitches_keep_their_distance_and_straight_strips_are_told_to_bow(self):
        for size in WALLS:
            draft = cone(size, {"kind": "border", "work": "stitches", "from_top": "70", "count": 2, "spacing": "12"})
            shape = Wall(wall(draft))
            rows = [m for m in wall(draft).marks if m.part == "border-1"]
            self.assertEqual(len(rows), 2)
            for nth, mark in enumerate(rows):
                downs = [shape.down(point) for point in flatten(mark.path, 0.01)]
                self.assertAlmostEqual((min(downs) + max(downs)) / 2, 70.0 + 12.0 * nth, delta=0.1)
                self.assertLess(max(downs) - min(downs), 3.2)
                self.assertAlmostEqual(mark.datum.params["top"].params["down"], 70.0 + 12.0 * nth, delta=0.1)
            for work in ("lace", "felt", "patches"):
                draft = cone(size, {"kind": "border", "work": work, "from_top": "70"})
                (mark,) = (m for m in wall(draft).marks if m.part == "border-1")
                points = flatten(mark.path, 0.01)
                low = min(y for _, y in points)
                lower = [shape.down(p) for p in points if p[1] < low + 1e-6]
                x0, _, x1, _ = wall(draft).stitch_box
                off = max(abs(shape.down(((x0 + x1) / 2, low)) - down) for down in lower)
                found = checks(draft).get("part.border-1.bows")
                if off < 2.9:
                    self.assertIsNone(found)
                elif off > 3.1:
                    self.assertAlmostEqual(found.value, off, delta=0.1)
                    mended = cone(size, {"kind": "border", "work": "stitches", "from_top": "70"})
                    self.assertNotIn("part.border-1.bows", checks(mended))


class Bowls(unittest.TestCase):
    def test_no_part_takes_the_leg_of_a_dart_for_an_edge(self):
        kinds, sizes = ("piping", "loop", "ribbon"), ({}, {"blank": "299"}, {"blank": "292", "dart_length": "51"})
        for layers, shape, kind, size in itertools.product(LAYERS, ("square", "circle"), kinds, sizes):
            with self.subTest(layers=layers, shape=shape, kind=kind, size=size):
                draft = bowl(layers, shape, {"kind": kind}, **size)
                body = next(piece for piece in draft.pieces if piece.id == "body")
                rims = [e for e in body.edges if e.key.startswith("rim")]
                if kind == "piping":
                    around = sum(e.length for e in rims)
                    self.assertAlmostEqual(draft.sums["piping-1.length"].lines[0].amount, around, delta=1.0)
                    continue
                (mark,) = (m for m in body.marks if m.label.id == "mark.caught")
                (on,) = (e for e in rims if along_path(e.path, mark.point) is not None)
                self.assertAlmostEqual(along_path(on.path, mark.point), on.length / 2, delta=0.1)
                self.assertEqual(mark.datum.id, "caught.corner" if shape == "square" else "caught.between")
                # Between the darts at its two ends, as told.
                for name, at in zip(("first", "second"), (-1, 1), strict=True):
                    beside = body.edges[(body.edges.index(on) + at) % len(body.edges)].key
                    (seam,) = (seam for seam in draft.seams if seam.name == mark.datum.params[name])
                    self.assertIn(beside, {use.key for use in (*seam.a, *seam.b)})

    def test_between_two_darts_is_told_by_both_whatever_the_lining_is_cut_from(self):
        for layers, shape, lining in itertools.product(LAYERS, ("square", "circle"), ("equal", "reduced")):
            spec = starting_spec(CATALOGUE["dart-bowl"], Ruler("mm"), None)
            options = {"blank_shape": shape, "lining": lining}
            draft = draft_spec({**spec, "layers": LAYERS[layers], "options": options, "parts": [{"kind": "ribbon"}]})
            (mark,) = (m for piece in draft.pieces for m in piece.marks if m.label.id == "mark.caught")
            darts = [mark.datum.params[name].params["number"] for name in ("first", "second")]
            last = sum(seam.id.startswith("dart-") and "lining" not in seam.id for seam in draft.seams)
            self.assertEqual(darts, [last, 1], (layers, shape, lining))

    def test_on_a_round_blank_below_is_away_from_the_rim(self):
        told = 0
        for kind, down, side in itertools.product(
            ("eyelet", "label", "patch-pocket"), ("12", "20", "28"), (None, "60", "120")
        ):
            part = {"kind": kind, "from_top": down} | ({} if side is None else {"from_side": side})
            draft = bowl("outer", "circle", part)
            body = next(piece for piece in draft.pieces if piece.id == "body")
            rims = shapely.MultiLineString(
                [[*flatten(e.path, 0.01), e.path[-1].end] for e in body.edges if e.key.startswith("rim")]
            )
            for mark in (m for m in body.marks if m.label.id == "mark.pocket"):
                points = [p for s in mark.path for p in (s.start, s.end)]
                x = (min(x for x, _ in points) + max(x for x, _ in points)) / 2
                away = rims.distance(shapely.Point(x, max(y for _, y in points)))
                self.assertAlmostEqual(mark.datum.params["top"].params["down"], away, delta=0.1)
                told += 1
        self.assertGreater(told, 4)


if __name__ == "__main__":
    unittest.main()
