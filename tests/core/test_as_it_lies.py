"""What has only been sewn edge on like edge still lies flat, and is drawn so: its seams as long as they are, not as they are seen in space; and raw
edges are drawn where they are."""

import unittest
from collections import Counter
from functools import cache
from itertools import pairwise, product
from math import dist

import shapely
from shapely.ops import substring

from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern.picture import Cloth, Line
from eggtuck.core.plane import flatten
from tests import share
from tests.makes import draft_of, makes, told, words_of


@cache
def pictured():
    """Some makes with their pictures, drawn once."""
    some = [(name, draft_of(spec)) for name, spec in share(makes(), 3)]
    return [(name, draft, draft.pictures()) for name, draft in some]


def stands(draft, frame, only=None):
    """Whether what is drawn stands in space: nothing of it, or of some pieces only, is as large as it is sewn, or cut, or in two halves."""
    areas = {piece.id: shapely.Polygon(flatten(piece.stitch_outline, 0.1)).area for piece in draft.pieces}
    cloths = [i for i in frame.items if isinstance(i, Cloth) and i.piece in areas and not areas[i.piece] < 1.0]
    cloths = [i for i in cloths if only is None or i.piece in only]
    return not any(shapely.Polygon(i.outline).area > 0.97 * areas[i.piece] for i in cloths)


def in_pairs(seam, bought):
    """Whether a seam lays an edge of one copy on the same edge of another, or on what is bought."""
    sides = [[(use.piece, use.key) for use in side if use.piece not in bought] for side in (seam.a, seam.b)]
    return not all(sides) or sides[0] == sides[1] or sides[0] == sides[1][::-1]


def drawn(picture, keys):
    """How much stitching, or gap in it, is drawn along some edges (mm), copy by copy."""
    long = Counter()
    for line in picture.frames[0].items:
        if not isinstance(line, Line) or line.kind not in ("sew", "open") or line.use is None:
            continue
        if (line.use.piece, line.use.key) in keys:
            long[line.use.copy] += sum(dist(p, q) for p, q in pairwise(line.path))
    return long


class AsItLies(unittest.TestCase):
    def test_what_is_sewn_edge_on_like_edge_is_drawn_flat(self):
        seen = Counter()
        for name, draft, pictures in pictured():
            bought = {piece.id for piece in draft.pieces if not piece.own_cloths}
            seams = {seam.id: seam for seam in draft.seams}
            edges = {(piece.id, edge.key): edge for piece in draft.pieces for edge in piece.edges}
            shaped = set()
            for step, picture in zip(draft.steps, pictures, strict=True):
                here = [seams[id] for id in step.seams if id in seams]
                if not here:
                    continue
                if not all(in_pairs(seam, bought) for seam in here):
                    shaped.add(step.layer)
                if shaped & {step.layer, "both"} or (shaped and step.layer == "both"):
                    continue
                for seam in here:
                    cloth = [[use for use in side if use.piece not in bought] for side in (seam.a, seam.b)]
                    if len(cloth[0]) != 1 or len(cloth[1]) != 1 or cloth[0][0].copy == cloth[1][0].copy:
                        continue
                    use = cloth[0][0]
                    edge = edges[use.piece, use.key]
                    along = drawn(picture, {(use.piece, use.key)})
                    if not along:
                        # Of several seams alike one is drawn.
                        continue
                    seen[draft.form] += 1
                    with self.subTest(name, step=step.id, seam=seam.id):
                        ends = [other.allowance for other in edges.values() if other.piece == use.piece]
                        for long in along.values():
                            self.assertGreater(long, edge.length - 0.6)
                            # To the raw edge at both ends, at most.
                            self.assertLess(long, edge.length + 2 * max(ends) + 0.6)
        self.assertGreater(len(seen), 3)

    def test_what_is_overcast_or_pinked_flat_is_drawn_on_its_raw_edge(self):
        seen, tools = Counter(), set()
        for name, draft, pictures in pictured():
            for step, picture in zip(draft.steps, pictures, strict=True):
                if step.id not in ("edges", "edges-together"):
                    continue
                pinked = "pinked" in step.title.id
                with self.subTest(name, step=step.id):
                    wanted = {"scissors"} if pinked else {"needle"} if step.hand else {"machine"}
                    self.assertLessEqual(wanted, set(picture.tools))
                    tools |= wanted
                if step.id != "edges":
                    continue
                edges = {(use.piece, use.key) for use in step.edges}
                for frame in picture.frames:
                    lines = [i for i in frame.items if isinstance(i, Line) and i.kind == "finish"]
                    rings = [shapely.LinearRing(i.outline) for i in frame.items if isinstance(i, Cloth)]
                    for line in lines:
                        key = line.use.piece, line.use.key
                        (piece,) = (p for p in draft.pieces if p.id == key[0])
                        most = max(e.allowance for e in piece.edges)
                        path = shapely.LineString(line.path)
                        with self.subTest(name, edge=key):
                            self.assertIn(key, edges)
                            at = shapely.points(shapely.get_coordinates(path.segmentize(2.0)))
                            self.assertLess(min(shapely.distance(at, ring).max() for ring in rings), 0.5)
                            self.assertGreater(path.length, piece.by_key[key[1]].length - 4 * most)
                            # Where two raw edges run on in one line, each keeps to its own.
                            for other in lines:
                                if other.use.piece == key[0] and other.use.key != key[1]:
                                    beside = shapely.LineString(other.path).buffer(0.1, cap_style="flat")
                                    self.assertLess(path.intersection(beside).length, 1.0)
                        seen[draft.form] += 1
        self.assertGreater(len(seen), 6)
        self.assertLessEqual({"machine", "scissors"}, tools)


class BesideEdges(unittest.TestCase):
    def test_what_is_stitched_beside_an_edge_is_drawn_on_the_cloth_beside_it_and_as_long(self):
        seen = Counter()
        for name, draft, pictures in pictured():
            edges = {(piece.id, edge.key): edge for piece in draft.pieces for edge in piece.edges}
            bought = {piece.id for piece in draft.pieces if not piece.own_cloths}
            for step, picture in zip(draft.steps, pictures, strict=True):
                (frame, *_) = picture.frames
                if "topstitch" not in step.id or not step.edges or stands(draft, frame, {u.piece for u in step.edges}):
                    continue
                sewn = [i for i in frame.items if isinstance(i, Line) and i.kind == "sew" and i.use is not None]
                with self.subTest(name, step=step.id):
                    self.assertTrue(sewn)
                    # The tape of a zip is held by stitching on the cloth, not round itself.
                    self.assertFalse({line.use.piece for line in sewn} & bought)
                    for line in sewn:
                        path = shapely.LineString(line.path)
                        on = [
                            shapely.Polygon(i.outline).buffer(0.01)
                            for i in frame.items
                            if isinstance(i, Cloth) and i.piece == line.use.piece
                        ]
                        if step.id in ("zip-topstitch", "cover-topstitch", "wrap-topstitch"):
                            edge = edges[line.use.piece, line.use.key]
                            # On the table: on its cloth, and all along.
                            self.assertTrue(any(cloth.contains(path) for cloth in on), line.use)
                            self.assertGreater(path.length, 0.9 * edge.length - 12.0)
                            # Folded at both its ends too, it runs from one to the other.
                            between = substring(path, 0.1, 0.9, normalized=True)
                            self.assertGreater(max(cloth.exterior.distance(between) for cloth in on), 1.5)
                            seen[step.id] += 1
        self.assertGreater(len(seen), 2)

    def test_from_the_right_side_a_tape_lies_under_the_cloth_that_is_folded_away_from_it(self):
        seen = 0
        for name, draft, pictures in pictured():
            bought = {piece.id for piece in draft.pieces if not piece.own_cloths}
            for step, picture in zip(draft.steps, pictures, strict=True):
                if step.id not in ("zip-topstitch", "open-zip") or stands(draft, picture.frames[0]):
                    continue
                cloths = [i for i in picture.frames[0].items if isinstance(i, Cloth)]
                faces = {i.face for i in cloths}
                with self.subTest(name, step=step.id):
                    if faces == {"right"} and any(i.piece in bought for i in cloths):
                        order = [i.piece in bought for i in cloths]
                        self.assertEqual(order, sorted(order, reverse=True))
                        seen += 1
        self.assertGreater(seen, 40)


class Places(unittest.TestCase):
    def test_what_has_edges_is_told_by_them_and_what_is_round_by_its_middle(self):
        """Measured as told, the upper left corner of what is drawn, or the middle of what is punched or sewn on through it."""
        cases = (
            ("hook-and-loop", {"length": "60 mm", "width": "20 mm"}, (60.0, 20.0)),
            ("label", {"sewn": "flat", "width": "50 mm", "height": "20 mm"}, (50.0, 20.0)),
            ("button", {}, None),
            ("snap", {}, None),
            ("eyelet", {}, None),
        )
        for form, (kind, size, outline) in product(("boxed-bag", "cylinder", "mug-bag"), cases):
            spec = {**starting_spec(CATALOGUE[form], Ruler("mm"), None), "parts": [{"kind": kind, "count": 1, **size}]}
            draft = draft_of(spec)
            (piece, mark) = next((p, m) for p in draft.pieces for m in p.marks if m.part == f"{kind}-1")
            left, _, _, top = piece.cut_box
            x, y = left + mark.datum.params["side"], top - mark.datum.params["raw"]
            points = [p for segment in mark.path for p in (segment.start, segment.end)]
            xs, ys = zip(*points, strict=True)
            with self.subTest(form, part=kind):
                if outline is None:
                    # And says so.
                    self.assertIn(
                        "its middle", words_of(next(s for s in told(draft)["steps"] if s["id"] == f"{kind}-1"))
                    )
                    self.assertAlmostEqual((min(xs) + max(xs)) / 2, x, 6)
                    self.assertAlmostEqual((min(ys) + max(ys)) / 2, y, 6)
                else:
                    self.assertAlmostEqual(min(xs), x, 6)
                    self.assertAlmostEqual(max(ys), y, 6)
                    self.assertAlmostEqual(max(xs) - min(xs), outline[0], 6)
                    self.assertAlmostEqual(max(ys) - min(ys), outline[1], 6)
