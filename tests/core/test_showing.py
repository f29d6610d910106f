"""What the pictures of steps claim, held against the words of the same step and against geometry of our own."""

import itertools
import math
import unittest
from itertools import pairwise
from unittest import mock

import numpy as np
import shapely

from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.picture import Arrow, Cloth, Letter, Line, Note, Spot
from eggtuck.core.pattern.walk import legs
from eggtuck.core.plane import flatten
from eggtuck.core.showing.flat import Half
from eggtuck.core.showing.isometry import Isometry
from eggtuck.core.showing.space import Surface
from tests import share
from tests.makes import LAYERS, draft_of, makes

# Every so many of all makes; with it each form, layer and most choices come.
SOME = 2


def pictured():
    """Makes with their steps and pictures."""
    for name, spec in share(makes(), SOME):
        draft = draft_of(spec)
        yield name, draft, draft.steps, draft.pictures()


def of(picture, kind):
    return [item for frame in picture.frames for item in frame.items if isinstance(item, kind)]


def length(path):
    return sum(math.dist(p, q) for p, q in pairwise(path))


def starting(form, layers="lined", **options):
    return draft_spec(
        {**starting_spec(CATALOGUE[form], Ruler("mm"), None), "layers": LAYERS[layers], "options": options}
    )


def without_stitches(draft, step):
    roomless = {
        check.id.split(".")[1] for check in draft.checks if check.id.endswith(".place") and check.verdict == "warn"
    }
    riveted = {need.id.removesuffix("-rivets") for need in draft.needs if need.id.endswith("-rivets")}
    # Where the second of two halves meets the first is seen when the make is closed.
    return step.id.endswith("-meets") or any(step.id.startswith(part) for part in roomless | riveted)


class Showing(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.all = list(pictured())

    def test_every_step_has_a_picture_of_what_it_takes_in_hand(self):
        for name, draft, steps, pictures in self.all:
            self.assertEqual([p.step for p in pictures], [s.id for s in steps], name)
            letters = {piece.id: piece.letter for piece in draft.pieces}
            for step, picture in zip(steps, pictures, strict=True):
                with self.subTest(name, step=step.id):
                    for frame in picture.frames:
                        self.assertTrue([item for item in frame.items if isinstance(item, Cloth)])
                        self.assertTrue(all(math.isfinite(v) for v in frame.box))
                    told = {letters[thing.piece] for thing in step.things}
                    if step.id not in ("flaps-on",):
                        self.assertLessEqual(told, {letter.text for letter in of(picture, Letter)})

    def test_what_is_sewn_is_drawn_as_a_line_of_stitching_and_nothing_else_is(self):
        for name, draft, steps, pictures in self.all:
            for step, picture in zip(steps, pictures, strict=True):
                lines = [line for line in of(picture, Line) if line.kind == "sew"]
                with self.subTest(name, step=step.id):
                    # Rivets are no stitching, and what has no room, as is warned, nowhere to be drawn.
                    if step.kind == "sew" and not without_stitches(draft, step):
                        self.assertTrue(lines)
                    hems = [hem for hem in draft.hems if hem.id in step.seams]
                    edges = {use.edge for use in (*step.edges, *(use for hem in hems for use in hem.edges))}
                    drawn = {line.use.edge for line in lines if line.use is not None}
                    self.assertLessEqual(drawn, edges)
                    if step.kind in ("cut", "mark", "press"):
                        self.assertFalse(lines)

    def test_a_gap_is_left_where_and_as_long_as_it_is_told(self):
        flat = 0
        for name, draft, steps, pictures in self.all:
            gaps = {gap.id: gap for gap in draft.gaps}
            for step, picture in zip(steps, pictures, strict=True):
                opened = [line for line in of(picture, Line) if line.kind == "open"]
                with self.subTest(name, step=step.id):
                    if step.leaves_open is None:
                        self.assertFalse([line for line in opened if step.kind == "sew"])
                        continue
                    if not step.seams:
                        continue
                    gap = gaps[step.leaves_open]
                    self.assertTrue(opened)
                    self.assertTrue({line.use.key for line in opened} <= {use.key for use in gap.edges})
                    notes = [n.text.params["length"] for n in of(picture, Note) if n.text.id == "picture.open"]
                    if notes:
                        # On the table it is as long as it is.
                        flat += 1
                        self.assertAlmostEqual(notes[0], gap.length, places=6)
                        self.assertAlmostEqual(sum(length(line.path) for line in opened), gap.length, delta=0.6)
        self.assertGreater(flat, 30)

    def test_the_allowance_told_lies_between_the_stitching_and_the_raw_edge(self):
        seen = 0
        for name, draft, steps, pictures in self.all:
            edges = {(piece.id, edge.key): edge for piece in draft.pieces for edge in (*piece.edges, *piece.lines)}
            for step, picture in zip(steps, pictures, strict=True):
                notes = [n.text.params["allowance"] for n in of(picture, Note) if n.text.id == "picture.allowance"]
                if not notes:
                    continue
                with self.subTest(name, step=step.id):
                    self.assertAlmostEqual(notes[0], step.allowance, places=6)
                    frame = picture.frames[0]
                    if [c for c in frame.items if isinstance(c, Cloth) and not c.aside][-1].role is None:
                        # The tape of a zip lies on top: what is measured from lies below it.
                        continue
                    rings = [shapely.Polygon(c.outline) for c in frame.items if isinstance(c, Cloth) and not c.aside]
                    # A casing set back stands out beyond what it is sewn to.
                    depths = {step.allowance, *(edges[use.piece, use.key].allowance for use in step.edges)}
                    # A tape that is wider than the allowances told for it is measured from its own edge.
                    depths.add(draft.finished.get("tape_seam") or step.allowance)
                    for line in frame.items:
                        if not isinstance(line, Line) or line.kind != "sew" or length(line.path) < 3 * step.allowance:
                            continue
                        # Beside its middle, where two halves may meet; what bends is drawn straight from point to point.
                        middle = shapely.LineString(line.path).interpolate(0.4, normalized=True)
                        near = min(abs(ring.exterior.distance(middle) - deep) for ring in rings for deep in depths)
                        self.assertLess(near, 2.0)
                        seen += 1
        self.assertGreater(seen, 200)

    def test_what_was_cut_to_its_outline_is_drawn_so_from_then_on(self):
        seen = 0
        for name, draft, steps, pictures in self.all:
            by_id = {piece.id: piece for piece in draft.pieces if piece.cut_as is not None}
            for after, step in enumerate(steps):
                for piece in (by_id[id] for id in step.pieces if step.id == f"trim-{id}" and id in by_id):
                    (allowance,) = {edge.allowance for edge in piece.edges}
                    whole = shapely.Polygon(flatten(piece.cut_outline, 0.1)).area
                    net = shapely.Polygon(flatten(piece.stitch_outline, 0.1))
                    cut = net.buffer(allowance, join_style="mitre").area
                    # Padding that is cut smaller all round has an outline of its own.
                    full = {c.role for c in piece.cuts if not c.inset}
                    for nth, picture in enumerate(pictures):
                        here = [c for c in of(picture, Cloth) if c.piece == piece.id and c.role in full]
                        for cloth in (c for c in here if not c.aside):
                            drawn = shapely.Polygon(cloth.outline).area
                            with self.subTest(name, step=steps[nth].id, piece=piece.id):
                                # Whole it is drawn when it lies there by itself, and never again when it is cut.
                                self.assertEqual(abs(drawn - whole) < abs(drawn - cut), nth <= after)
                                seen += nth > after
        self.assertGreater(seen, 3)

    def test_right_sides_together_lies_right_side_up_below_and_wrong_side_up_on_top(self):
        seen = 0
        for name, _, steps, pictures in self.all:
            for step, picture in zip(steps, pictures, strict=True):
                texts = [part.id for line in step.lines for part in line.text.params.values() if hasattr(part, "id")]
                notes = [n for n in of(picture, Note) if n.text.id == "picture.allowance"]
                if "faces.right-together" not in texts or not notes:
                    continue
                cloths = [
                    c for c in picture.frames[0].items if isinstance(c, Cloth) and c.role is not None and not c.aside
                ]
                # What is kept out of the seam lies there too, and may be seen from either side.
                cloths = [c for c in cloths if step.layer in (None, c.role)]
                with self.subTest(name, step=step.id):
                    self.assertEqual(cloths[0].face, "right")
                    self.assertEqual(cloths[-1].face, "wrong")
                    seen += 1
        self.assertGreater(seen, 100)

    def test_what_is_kept_clear_is_told_on_the_picture_too(self):
        seen = 0
        for name, _, steps, pictures in self.all:
            for step, picture in zip(steps, pictures, strict=True):
                clear = [line for line in step.lines if line.part == "clear"]
                if step.seams and step.things:
                    with self.subTest(name, step=step.id):
                        said = picture.frames[0].caption
                        sews = any(line.text.id.startswith("clear.") for line in clear)
                        self.assertEqual(said is not None, sews)
                        seen += sews
        self.assertGreater(seen, 20)

    def test_turning_is_drawn_before_and_after(self):
        for name, _, steps, pictures in self.all:
            for step, picture in zip(steps, pictures, strict=True):
                if not step.turns or step.kind != "finish":
                    continue
                with self.subTest(name, step=step.id):
                    before, after = picture.frames
                    self.assertTrue([a for a in before.items if isinstance(a, Arrow) and a.kind == "turn"])
                    faces = [
                        [c.face for c in f.items if isinstance(c, Cloth) and c.role is not None]
                        for f in (before, after)
                    ]
                    self.assertIn("wrong", faces[0])
                    self.assertIn("right", faces[1])
                    self.assertNotEqual(*faces)

    def test_what_is_cut_marked_or_folded_is_drawn_where_it_is(self):
        seen = set()
        for name, _, steps, pictures in self.all:
            for step, picture in zip(steps, pictures, strict=True):
                drawn = {line.kind for line in of(picture, Line)}
                with self.subTest(name, step=step.id):
                    if step.kind == "cut" and step.id != "cut":
                        self.assertIn("cut", drawn)
                    elif step.kind == "mark":
                        self.assertTrue(drawn & {"mark", "fold"} or of(picture, Spot))
                    elif step.kind == "press" and step.id not in ("press-done", "press-last"):
                        self.assertTrue(drawn - {"sewn"} or of(picture, Arrow))
                    elif step.id in ("binding-folds", "zip-ends"):
                        self.assertTrue(drawn & {"fold", "cut", "mark"})
                    elif step.id == "mat-baste":
                        below, above = (shapely.Polygon(cloth.outline) for cloth in of(picture, Cloth))
                        self.assertGreater(below.intersection(above).area, 0.8 * below.area)
                    else:
                        continue
                    seen.add(step.id)
        self.assertGreater(len(seen), 12)

    def test_stitching_begins_and_ends_where_it_is_drawn(self):
        """On the table it has two ends, or goes round and round."""
        for name, _, steps, pictures in self.all:
            for step, picture in zip(steps, pictures, strict=True):
                spots = {kind: [s for s in of(picture, Spot) if s.kind == kind] for kind in ("start", "stop")}
                with self.subTest(name, step=step.id):
                    self.assertEqual(len(spots["start"]), len(spots["stop"]))
                    lines = [line for line in of(picture, Line) if line.kind == "sew"]
                    for spot in (*spots["start"], *spots["stop"]):
                        near = min(math.dist(spot.at, end) for line in lines for end in (line.path[0], line.path[-1]))
                        self.assertLess(near, 0.1)


def bends_near(path, point, near):
    """Whether a drawn curve, which is made of short straight parts, bends a little within some way of a point."""
    # Where two parts of a drawn line meet a point may stand twice.
    path = [path[0], *(b for a, b in itertools.pairwise(path) if math.dist(a, b) > 0.1)]
    for a, b, c in zip(path, path[1:], path[2:], strict=False):
        turn = math.atan2(c[1] - b[1], c[0] - b[0]) - math.atan2(b[1] - a[1], b[0] - a[0])
        turn = abs((turn + math.pi) % (2 * math.pi) - math.pi)
        if 1e-3 < turn < 0.6 and math.dist(b, point) <= near:
            return True
    return False


class Planted(unittest.TestCase):
    """What is known of one make, by hand."""

    def picture(self, draft, step):
        return next(picture for picture in draft.pictures([step]) if picture.step == step)

    def test_the_lining_closes_with_its_gap_and_the_bag_is_turned_through_it(self):
        draft = starting("boxed-bag")
        base = self.picture(draft, "lining-base")
        self.assertEqual({c.role for c in of(base, Cloth)}, {"lining"})
        self.assertEqual([c.face for c in of(base, Cloth)], ["right", "wrong"])
        turn = self.picture(draft, "turn")
        self.assertEqual(turn.frames[1].items[-1].text, "A")
        self.assertEqual({(c.role, c.face) for c in turn.frames[1].items if isinstance(c, Cloth)}, {("outer", "right"), ("lining", "right")})  # fmt: skip

    def test_a_zip_is_laid_on_the_outer_with_the_lining_on_top(self):
        first = self.picture(starting("tetra"), "zip-first")
        self.assertEqual(
            [(c.role, c.face) for c in of(first, Cloth)], [("outer", "right"), (None, "wrong"), ("lining", "wrong")]
        )
        opened = self.picture(starting("tetra"), "open-zip")
        self.assertEqual([s.kind for s in of(opened, Spot) if s.kind == "slider"], ["slider"])

    def test_clips_lie_in_the_allowance(self):
        """Each begins near the stitching and runs away from the middle of the circle."""
        picture = self.picture(starting("lid-cover"), "clip-curve")
        cuts = [line for line in of(picture, Line) if line.kind == "cut"]
        self.assertGreater(len(cuts), 20)
        left, low, right, high = picture.frames[0].box
        middle = ((left + right) / 2, (low + high) / 2)
        for line in cuts:
            self.assertGreater(math.dist(line.path[1], middle), math.dist(line.path[0], middle) - 0.5)

    def test_what_is_cut_off_is_cut_of_what_the_step_names_and_curves_are_clipped_where_they_bend(self):
        seen = set()
        for name, spec in makes():
            draft = draft_of(spec)
            ids = [step.id for step in draft.steps if step.id in ("trim-corners", "clip-curve")]
            for picture in draft.pictures(ids) if ids else ():
                step = next(step for step in draft.steps if step.id == picture.step)
                # A lining in parts has their corners.
                cloths = [cloth for cloth in of(picture, Cloth) if not cloth.aside]
                seams = [line.path for line in of(picture, Line) if line.kind == "sewn" and not line.hidden]
                size = max(picture.frames[0].box[2] - picture.frames[0].box[0], 1.0)
                for line in [line for line in of(picture, Line) if line.kind == "cut"]:
                    seen.add((spec["form"], step.id))
                    if step.id == "trim-corners":
                        rims = [shapely.LinearRing(cloth.outline) for cloth in cloths]
                        away = max(min(rim.distance(shapely.Point(end)) for rim in rims) for end in line.path)
                        # Of what stands no allowance is drawn.
                        self.assertTrue(away < 0.5 or spec["form"] == "gusset-bag", (name, step.id))
                        # Where two parts of one cloth are joined it has no corner.
                        middle = shapely.LineString(line.path).centroid
                        for role in ("outer", "lining"):
                            near = [
                                shapely.Polygon(c.outline)
                                for c in cloths
                                if c.role == role and shapely.Polygon(c.outline).distance(middle) < 0.1
                            ]
                            for one, other in itertools.combinations(near, 2):
                                self.assertGreater(one.intersection(other).area, 100.0, (name, role))
                    else:
                        # The seam it lies beside, not one across that ends near it.
                        foot = shapely.Point(line.path[0])
                        away = [shapely.LineString(path).distance(foot) for path in seams]
                        # Another may end by chance nearer to it.
                        near = max(2 * min(away), 0.02 * size) + 0.1
                        beside = [path for path, far in zip(seams, away, strict=True) if far < near]
                        bends = [bends_near(path, line.path[0], 0.12 * size) for path in beside]
                        self.assertTrue(any(bends), (name, step.id))
        self.assertGreater(len({form for form, id in seen if id == "trim-corners"}), 3)
        self.assertGreater(len({form for form, id in seen if id == "clip-curve"}), 3)

    def test_padding_shows_on_the_wrong_side_when_it_is_on(self):
        draft = starting("round-pouch", "padded")
        seam = self.picture(draft, "outer-round")
        self.assertEqual({c.covered for c in of(seam, Cloth) if c.face == "wrong" and c.role == "outer"}, {"padding"})

    def test_what_is_caught_loose_lies_where_it_is_tacked_and_only_there_it_is_sewn(self):
        caught = (
            ("neck-bag", {"closure": "ribbon-caught"}, "neck-ribbon", ()),
            ("neck-bag", {"closure": "elastic-ribbon"}, "neck-ribbon", ()),
            ("boxed-bag", {"tie": "caught"}, "ribbon-in", ()),
            ("round-pouch", {"hanger": "ribbon-loop"}, "loop-in", ()),
            ("tetra", {"hanger": "ribbon-loop"}, "loop-in", ()),
            *((form, {}, "ribbon-1", ({"kind": "ribbon"},)) for form in ("boxed-bag", "sleeve", "dart-bowl", "wedge")),
        )
        for form, options, step, parts in caught:
            begun = starting_spec(CATALOGUE[form], Ruler("mm"), None)
            draft = draft_spec({**begun, "layers": LAYERS["outer"], "options": options, "parts": list(parts)})
            (picture,) = draft.pictures([step])
            with self.subTest(form, step=step):
                self.assertTrue([cloth for cloth in of(picture, Cloth) if (cloth.piece, cloth.role) == ("part", None)])
                (x0, y0, x1, y1) = picture.frames[0].box
                sewn = [line for line in of(picture, Line) if line.kind == "sew"]
                self.assertTrue(sewn)
                self.assertLess(max(length(line.path) for line in sewn), 0.2 * max(x1 - x0, y1 - y0))

    def test_what_is_caught_along_a_seam_lies_at_it(self):
        """A zip's tape, a pocket that hangs from a join, a casing folded in two: not somewhere on the piece."""
        caught = {}
        for spec in (spec for _, spec in makes()):
            draft = draft_of(spec)
            seams = {seam.id: seam for seam in draft.seams}
            by_id = {piece.id: piece for piece in draft.pieces}
            for step in draft.steps:
                for seam in (seams[id] for id in step.seams if id in seams):
                    for use in seam.caught:
                        if legs([by_id[use.piece]], [use])[-1].end > 0.6 * seam.length_a:
                            caught.setdefault((draft.form, seam.id, use.piece), (draft, step, seam))
        self.assertGreater(len(caught), 6)
        drawn = 0
        for (form, _, piece), (draft, step, seam) in caught.items():
            (picture,) = draft.pictures([step.id])
            frame = picture.frames[0]
            sewn = [
                shapely.LineString(item.path) for item in frame.items if isinstance(item, Line) and item.kind == "sew"
            ]
            for item in frame.items:
                if isinstance(item, Cloth) and item.piece == piece and item.aside:
                    away = min(shapely.Polygon(item.outline).distance(line) for line in sewn)
                    with self.subTest(form, step=step.id, piece=piece):
                        self.assertLess(away, seam.allowance + 1.0)
                        drawn += 1
        self.assertGreater(drawn, 6)

    def test_every_part_that_is_sewn_is_drawn_with_its_stitching(self):
        tried = 0
        for form, kind in share(itertools.product(CATALOGUE.values(), PARTS.values()), 3):
            sewn = kind.choices.get("sewn", ("",))
            for choice in sewn if "work" not in kind.choices else ():
                part = {"kind": kind.id} | ({"sewn": choice} if choice else {})
                try:
                    draft = draft_spec({**starting_spec(form, Ruler("cm"), None), "parts": [part]})
                except SpecError:
                    continue
                # What does not go on it is told, and nowhere to be drawn.
                if any(check.id.startswith(("part.", "parts.")) and check.verdict != "ok" for check in draft.checks):
                    continue
                sewn_here = [step for step in draft.steps if step.kind == "sew" and step.id.startswith(f"{kind.id}-1")]
                own = [step.id for step in sewn_here if not without_stitches(draft, step)]
                for picture in draft.pictures(own) if own else ():
                    with self.subTest(form=form.id, **part, step=picture.step):
                        self.assertTrue([line for line in of(picture, Line) if line.kind == "sew"])
                        tried += 1
        self.assertGreater(tried, 20)

    def test_panels_of_any_outline_are_drawn_in_every_step(self):
        """Those too that turn so sharply between a bend and a straight side that no line runs beside them in one part."""
        bent = (
            [[134.8, 0, 0], [-34.9, 60.4, 0.2], [-64.6, -111.9, 1.0]],
            [[100, 0, 1.0], [-90, 50, 0], [-60, -110, 0.6], [20, -20, -0.2]],
        )
        forms = [form for form in CATALOGUE.values() if form.takes_shape]
        drawn = 0
        for form, outline, across in itertools.product(forms, bent, (11, 19, 27)):
            spec = {**starting_spec(form, Ruler("cm"), None), "shape": {"name": "any", "outline": outline}}
            size = {name: text for name, text in spec["size"].items() if name in ("gusset_width", "cord_tails")}
            spec |= {"layers": LAYERS["outer"], "size": {**size, "diameter": f"{across} cm"}}
            try:
                draft = draft_spec(spec)
            except SpecError:
                continue
            self.assertEqual([picture.step for picture in draft.pictures()], [step.id for step in draft.steps])
            drawn += 1
        self.assertGreater(drawn, 4)

    def test_of_two_parts_alike_each_step_draws_its_own(self):
        tried = 0
        for kind in PARTS.values():
            if "from_top" not in {length.name for length in kind.lengths}:
                continue
            begun = starting_spec(CATALOGUE["boxed-bag"], Ruler("mm"), None)
            begun = {**begun, "layers": LAYERS["lined"], "size": {"girth": "400 mm", "wall_height": "320 mm"}}
            parts = [{"kind": kind.id, "from_top": "40 mm"}, {"kind": kind.id, "from_top": "200 mm"}]
            drawn = []
            for some in (parts[:1], parts):
                draft = draft_spec({**begun, "parts": some})
                for nth in range(len(some)):
                    ids = [s.id for s in draft.steps if f"{s.id}-".startswith(f"{kind.id}-{nth + 1}-")]
                    drawn.append([picture for picture in draft.pictures(ids) if ids])
            alone, first, second = ([[len(of(p, Cloth)), len(of(p, Spot))] for p in pictures] for pictures in drawn)
            with self.subTest(kind.id):
                self.assertEqual(first, alone)
                self.assertEqual(second, alone)
                tried += bool(alone)
        self.assertGreater(tried, 6)

    def test_a_zip_that_is_shortened_is_sewn_across_and_cut_beyond(self):
        for form in ("round-pouch", "wedge", "tetra"):
            draft = starting(form, "outer", zip_ends="shortened")
            (zip_piece,) = [piece for piece in draft.pieces if piece.id == "zip"]
            picture = self.picture(draft, "zip-ends")
            lines = {line.kind: line.path[0][0] for line in of(picture, Line)}
            (letter,) = of(picture, Letter)
            self.assertEqual(letter.text, zip_piece.letter)
            self.assertAlmostEqual(lines["sew"], max(zip_piece.cut_size), delta=0.6)
            self.assertGreater(lines["cut"], lines["sew"])

    def test_a_ribbon_is_seen_tied_where_its_line_is(self):
        for form, options in (("neck-bag", {"closure": "ribbon-loose"}), ("boxed-bag", {"tie": "caught"})):
            draft = starting(form, "outer", **options)
            frame = self.picture(draft, "tie").frames[0]
            band, *bow = [item.outline for item in frame.items if isinstance(item, Cloth) and item.role is None]
            body = shapely.union_all(
                [
                    shapely.Polygon(item.outline).buffer(0)
                    for item in frame.items
                    if isinstance(item, Cloth) and item.role
                ]
            )
            left, low, right, high = body.bounds
            (a, y0), (b, _), (_, y1), _ = band
            self.assertEqual(len(bow), 4)
            level = body.intersection(shapely.LineString([(left, (y0 + y1) / 2), (right, (y0 + y1) / 2)])).bounds
            self.assertAlmostEqual(level[0], a, delta=0.5)
            self.assertAlmostEqual(level[2], b, delta=0.5)
            self.assertTrue(0.4 < ((y0 + y1) / 2 - low) / (high - low) < 0.95, form)

    def test_elastic_is_seen_on_the_side_it_is_sewn_to(self):
        for layers, form in (("outer", "neck-bag"), ("lined", "neck-bag"), ("outer", "sleeve"), ("outer", "boxed-bag")):
            begun = starting_spec(CATALOGUE[form], Ruler("mm"), None)
            neck = form == "neck-bag"
            more = (
                {"options": {"closure": "elastic"}} if neck else {"parts": [{"kind": "elastic", "from_top": "60 mm"}]}
            )
            draft = draft_spec({**begun, "layers": LAYERS[layers], **more})
            (picture,) = draft.pictures(["neck-elastic" if neck else "elastic-1"])
            seen = [cloth for cloth in of(picture, Cloth) if cloth.piece == draft.pieces[0].id]
            self.assertTrue(seen, form)
            for cloth in seen:
                self.assertTrue(cloth.face == "wrong" or cloth.role == "lining", (form, cloth.face, cloth.role))
            # From one side of it to the other.
            sewn = [line.path for line in of(picture, Line) if line.kind == "sew"]
            x0, _, x1, _ = picture.frames[0].box
            self.assertGreater(max(map(length, sewn), default=0.0), 0.5 * (x1 - x0), form)

    def test_strips_across_each_other_are_sewn_all_round_the_square_they_share(self):
        for side in (60.0, 85.0):
            draft = draft_spec(
                {
                    **starting_spec(CATALOGUE["weight"], Ruler("mm"), None),
                    "layers": LAYERS["outer"],
                    "size": {"base_side": side, "top_side": side / 2, "slant": side},
                }
            )
            (picture,) = draft.pictures(["base"])
            sewn = [line.path for line in of(picture, Line) if line.kind == "sew"]
            self.assertAlmostEqual(sum(map(length, sewn)), 4 * side, delta=0.1)
            square = shapely.polygonize([shapely.LineString(path) for path in sewn])
            self.assertAlmostEqual(shapely.area(square), side * side, delta=1.0)
            # Both lie the same side up, as both have the same side outward where they are sewn up: what is up is inside then.
            self.assertEqual({cloth.face for cloth in of(picture, Cloth)}, {"wrong"})
            outward = set()
            for facet in draft.solid.facets:
                if facet.piece == "panel":
                    (ax, ay), (bx, by), (cx, cy), *_ = facet.flat
                    a, b, c = (np.array(point) for point in facet.space[:3])
                    faces = np.cross(b - a, c - a) * ((bx - ax) * (cy - ay) - (by - ay) * (cx - ax))
                    outward.add(bool(faces @ (a - np.array([0.0, 0.0, side / 2])) > 0))
            self.assertEqual(len(outward), 1)

    def test_a_line_keeps_its_corners_however_seldom_it_is_looked_at(self):
        def lines(draft):
            pictures = draft.pictures()
            for picture in pictures:
                for nth, frame in enumerate(picture.frames):
                    on_edges = [i for i in frame.items if isinstance(i, Line) and i.use is not None and len(i.path) > 1]
                    for hidden in (False, True):
                        paths = [line.path for line in on_edges if line.hidden is hidden]
                        if paths:
                            yield (picture.step, nth, hidden), shapely.MultiLineString(paths)

        seen = set()
        for name, spec in share(makes(), 40):
            seldom = dict(lines(draft_spec(spec)))
            with mock.patch("eggtuck.core.showing.standing._LOOKS", 129):
                often = dict(lines(draft_spec(spec)))
            seen.add(spec["form"])
            for where, drawn in seldom.items():
                with self.subTest(name, where=where):
                    self.assertIn(where, often)
                    # No further than a line is wide.
                    self.assertLess(drawn.hausdorff_distance(often[where]), 1.5)
        self.assertGreater(len(seen), 8)

    def test_asked_for_some_it_draws_those_alike(self):
        draft = starting("mug-bag", "padded")
        for picture in draft.pictures():
            self.assertEqual(draft.pictures([picture.step]), (picture,))


class Geometry(unittest.TestCase):
    def test_what_is_moved_twice_is_moved_by_both_in_turn(self):
        one, other = (
            Isometry.onto((0, 0), (3, 4), (1, 1), (1, 6)),
            Isometry.onto((2, 0), (0, 0), (5, 5), (5, 7), over=True),
        )
        for point in ((0.0, 0.0), (3.0, -2.0), (-7.5, 4.25)):
            self.assertLess(math.dist(one.then(other)(point), other(one(point))), 1e-9)
            self.assertLess(math.dist(other.then(one)(point), one(other(point))), 1e-9)
        for move in (one, other, one.then(other)):
            self.assertAlmostEqual(math.dist(move((1, 2)), move((4, 6))), 5.0)

    def test_half_of_a_square(self):
        square = ((0.0, 0.0), (4.0, 0.0), (4.0, 4.0), (0.0, 4.0))
        for half, area in (
            (Half((2, 0), (2, 9)), 8.0),
            (Half((1, 0), (1, 9), right=True), 12.0),
            (Half((0, 0), (4, 4)), 8.0),
        ):
            self.assertAlmostEqual(shapely.Polygon(half.kept(square)).area, area)

    def test_a_corner_of_the_surface_is_seen_where_it_is(self):
        for form in CATALOGUE:
            solid = starting(form, "outer").solid
            for base_up in (False, True):
                surface = Surface(solid.facets, base_up)
                for facet in solid.facets[:: max(1, len(solid.facets) // 12)]:
                    found = surface.on((facet.piece, facet.copy), facet.flat[1])
                    space = facet.space[1]
                    self.assertLess(math.dist(found.space, space), 1.0, form)
                    self.assertLess(math.dist(found.at, surface.place([space])[0]), 1.0)

    def test_what_is_seen_is_as_large_as_its_parts(self):
        """Of a form none of whose parts hides another of its side: outlines against the sum of the facets, each projected by itself."""
        for form in ("boxed-bag", "cylinder", "cone", "tetra", "weight"):
            solid = starting(form, "outer").solid
            surface = Surface(solid.facets)
            seen = surface.seen(surface.keys)
            parts = sum(shapely.Polygon(surface.place(f.space)).area for f in solid.facets if len(f.space) > 2)
            self.assertAlmostEqual(sum(s.area for s in seen) / parts, 1.0, delta=0.02, msg=form)


if __name__ == "__main__":
    unittest.main()
