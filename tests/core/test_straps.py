"""Straps and handles: where their ends lie on the finished form and in pictures, and that twice as many take twice as much."""

import math
import unittest
from itertools import product

import numpy as np

from eggtuck.core.drafting.hosts import hosts_of
from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.objects import DRAWER
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.picture import Cloth, Letter, Line, Spot
from eggtuck.core.words import Speaker
from tests.core.test_trust import in_space
from tests.makes import LAYERS, draft_of

# How far what is carried may lie from the cloth, and a corner from where it is cut at the edge of a slice (mm).
NEAR = 3.0


def carrying(form, layers="lined", sewn_by="machine", **part):
    spec = {**starting_spec(CATALOGUE[form], Ruler("mm"), None), "layers": LAYERS[layers], "parts": [part]}
    return draft_of({**spec, "options": {"sewn_by": sewn_by}})


def everywhere(forms=CATALOGUE, sewn_by="machine", **more):
    """Every form with a strap, and with handles, that has room for it."""
    for form, kind in product(forms, ("strap", "handle")):
        try:
            draft = carrying(form, sewn_by=sewn_by, kind=kind, **more)
        except SpecError:
            continue
        if not any(check.id.endswith(".place") and check.verdict == "warn" for check in draft.checks):
            yield form, draft, f"{kind}-1"


def loops_of(draft, part):
    return [loop for carried in draft.solid.carried if carried.piece == part for loop in carried.loops]


def told_ends(draft, part):
    """Of each end as it is marked, in space: its corners, and the middles of its lower and its upper side."""
    for piece in draft.pieces:
        for mark in piece.marks:
            if mark.part != part or mark.kind != "zone":
                continue
            low, right, top, left = (segment.start for segment in mark.path)
            for copy in [mark.copy] if mark.one else piece.copies:
                facets = [f for f in draft.solid.facets if (f.piece, f.copy) == (piece.id, copy)]
                sides = [((a[0] + b[0]) / 2, a[1]) for a, b in ((low, right), (left, top))]
                yield [in_space(facets, point) for point in (low, right, top, left, *sides)]


def away(point, others):
    return float(np.linalg.norm(np.array(others) - np.array(point), axis=1).min())


def feet(loops):
    """Middles of the sides of what is carried: where a band begins and ends is one of them."""
    return [(np.array(a) + np.array(b)) / 2 for loop in loops for a, b in zip(loop, (*loop[1:], loop[0]), strict=True)]


class Ends(unittest.TestCase):
    def test_they_lie_where_they_are_marked_and_the_strap_begins_there(self):
        tried = set()
        for form, draft, part in everywhere():
            loops = loops_of(draft, part)
            corners = [point for loop in loops for point in loop]
            for end in told_ends(draft, part):
                if any(point is None for point in end):
                    continue
                tried.add(form)
                self.assertLess(max(away(point, corners) for point in end[:4]), NEAR, (form, part))
                self.assertLess(min(away(side, feet(loops)) for side in end[4:]), NEAR, (form, part))
        self.assertLessEqual({"boxed-bag", "cylinder", "cone", "gusset-bag", "book-cover", "mat"}, tried)

    def test_sewn_on_last_they_lie_where_they_would_be_sewn_flat(self):
        tried = 0
        for form, draft, part in everywhere(sits="late"):
            flat = carrying(form, kind=part[:-2])
            lies = {item.field: item.value for item in draft.inputs}
            if lies == {item.field: item.value for item in flat.inputs}:
                self.assertEqual(loops_of(draft, part), loops_of(flat, part), form)
                tried += 1
        self.assertGreater(tried, 3)

    def test_of_several_on_one_wall_it_is_told_which_ends_are_of_one(self):
        """Those that lie next to each other, so that no two cross."""
        speaker, tried = Speaker(Ruler("mm")), 0
        for form, count in product(("cylinder", "cone", "book-cover", "mat", "neck-bag"), (2, 3)):
            try:
                draft = carrying(form, kind="handle", count=count)
            except SpecError:
                continue
            (text,) = (line.text for s in draft.steps if s.id == "handle-1-on" for line in s.lines if line.part == "do")
            ends = [mark for piece in draft.pieces for mark in piece.marks if mark.part == "handle-1"]
            if len(ends) != 2 * count or "place" not in text.params:
                continue
            across = [sum(segment.start[0] for segment in mark.path) for mark in ends]
            self.assertEqual(across, sorted(across), form)
            said = [speaker.say(mark.datum) for mark in ends]
            pairs = [f"{a}, and {b}" for a, b in zip(said[::2], said[1::2], strict=True)]
            self.assertIn("of one: " + "; those of the next: ".join(pairs), speaker.say(text))
            tried += 1
        self.assertGreater(tried, 3)

    def test_over_the_sides_they_lie_opposite_each_other_as_far_down_as_told(self):
        for form in ("boxed-bag", "cylinder"):
            draft = carrying(form, kind="strap", sits="sides", from_top=35, width=20)
            loops = loops_of(draft, "strap-1")
            top = max(point[2] for facet in draft.solid.facets for point in facet.space)
            self.assertAlmostEqual(min(point[2] for loop in loops for point in loop), top - 35, 3)
            on = np.array([point for loop in loops for point in loop if top - 30 > point[2]])
            around = np.array([point for facet in draft.solid.facets for point in facet.space])[:, :2]
            middle = (around.max(axis=0) + around.min(axis=0)) / 2
            ways = {round(math.degrees(math.atan2(y, x)) / 10) % 36 for x, y in on[:, :2] - middle}
            # What is seen of both ends from the middle lies in two directions that are opposite each other.
            for way in ways:
                self.assertTrue({(way + 18 + off) % 36 for off in (-2, -1, 0, 1, 2)} & ways, (form, ways))


class Pictures(unittest.TestCase):
    def test_each_end_is_drawn_with_what_holds_it(self):
        tried = set()
        for sits, attach in product(("faces", "late", "sides"), ("boxed-cross", "square", "rivets")):
            for form, draft, part in everywhere(sits=sits, attach=attach):
                (picture,) = [p for p in draft.pictures([f"{part}-on"]) if p.step == f"{part}-on"]
                items = [item for frame in picture.frames for item in frame.items]
                sewn = [item.path for item in items if isinstance(item, Line) and item.kind == "sew"]
                holes = [item for item in items if isinstance(item, Spot) and item.kind == "hole"]
                squares = [path for path in sewn if math.dist(path[0], path[-1]) < 0.01]
                with self.subTest(form=form, part=part, sits=sits, attach=attach):
                    if attach == "rivets":
                        self.assertFalse(sewn)
                        self.assertTrue(holes)
                    else:
                        self.assertTrue(sewn)
                        self.assertFalse(holes)
                    if attach == "boxed-cross" and sits == "faces":
                        self.assertEqual(len(sewn), 3 * len(squares))
                    for path in squares if sits == "faces" and not _in_space(picture, draft) else ():
                        wide, high = (max(p[i] for p in path) - min(p[i] for p in path) for i in range(2))
                        self.assertAlmostEqual(wide, high, delta=1.0)
                        self.assertAlmostEqual(wide, _width(draft), delta=1.0)
                        tried.add(form)
        self.assertLessEqual({"boxed-bag", "cylinder", "gusset-bag", "book-cover", "mat"}, tried)

    def test_so_they_are_on_every_piece_that_bears_one(self):
        """Also on what is itself put on another, as the make's own pockets."""
        tried = set()
        for form, attach in product(CATALOGUE, ("boxed-cross", "rivets")):
            bare = draft_of({**starting_spec(CATALOGUE[form], Ruler("mm"), None), "layers": LAYERS["lined"]})
            for host in hosts_of(bare.pieces):
                on = {"piece": host.piece, "copy": host.copy}
                for _, draft, part in everywhere((form,), attach=attach, **on):
                    (picture,) = [p for p in draft.pictures([f"{part}-on"]) if p.step == f"{part}-on"]
                    items = [item for frame in picture.frames for item in frame.items]
                    sewn = [item for item in items if isinstance(item, Line) and item.kind == "sew"]
                    holes = [item for item in items if isinstance(item, Spot) and item.kind == "hole"]
                    with self.subTest(form=form, part=part, attach=attach, **on):
                        self.assertTrue(holes if attach == "rivets" else sewn)
                        self.assertFalse(sewn if attach == "rivets" else holes)
                        if not _in_space(picture, draft):
                            # Of two that lie on one piece the ends of both.
                            self.assertEqual((len(sewn) % 6, len(holes) % 4), (0, 0))
                        tried.add(host.piece)
        self.assertLessEqual({"body", "wrap", "pocket", "panel", "cover"}, tried)

    def test_what_is_riveted_is_not_sewn(self):
        """Neither by machine nor by hand: two rivets an end, clear of each other and of the strap's sides, each told from hole to hammer."""
        for sits, how in product(("faces", "late", "sides"), ("machine", "hand")):
            for form, draft, part in everywhere(sewn_by=how, sits=sits, attach="rivets"):
                step = next(step for step in draft.steps if step.id == f"{part}-on")
                said = " ".join(Speaker(draft.ruler).say(line.text) for line in step.lines)
                with self.subTest(form=form, sits=sits, how=how):
                    self.assertEqual(
                        (step.kind, step.stitch, step.foot, bool(step.hand)), ("finish", None, None, False)
                    )
                    self.assertNotRegex(said.lower(), r"backstitch|stitch")
                    self.assertRegex(said, r"punch a hole.*set it on something hard")
                    set_ = next(line.text for line in step.lines if line.text.id == "rivet.set")
                    (rivets,) = [need for need in draft.needs if need.id == f"{part}-rivets"]
                    apart = _width(draft) - 2 * set_.params["side"]
                    self.assertGreaterEqual(apart, rivets.exact)
                    self.assertGreaterEqual(2 * set_.params["side"], rivets.exact)

    def test_what_is_folded_is_drawn_as_wide_as_it_is_made(self):
        for make, folds in (("four-fold", 4), ("turned", 2), ("single", 1)):
            draft = carrying("boxed-bag", kind="strap", make=make)
            cut = next(piece for piece in draft.pieces if piece.id == "strap-1").cut_size[1]
            (picture,) = draft.pictures(["strap-1-on"])
            drawn = [
                i.outline for f in picture.frames for i in f.items if isinstance(i, Cloth) and i.piece == "strap-1"
            ]
            longest = max(drawn, key=lambda ring: max(x for x, _ in ring) - min(x for x, _ in ring))
            self.assertAlmostEqual(max(y for _, y in longest) - min(y for _, y in longest), cut / folds, 3)

    def test_slider_and_ring_are_seen_threaded(self):
        seen = 0
        for form in CATALOGUE:
            draft = carrying(form, kind="adjustable-strap")
            step = next(step for step in draft.steps if step.title.id.startswith("step.part-slider"))
            (picture,) = draft.pictures([step.id])
            letters = {item.text for item in picture.frames[0].items if isinstance(item, Letter)}
            own = {piece.letter for piece in draft.pieces if piece.id in ("adjustable-strap-1", "ring-tab-1")}
            self.assertEqual(letters, own, form)
            sewn = [item for item in picture.frames[0].items if isinstance(item, Line) and item.kind == "sew"]
            self.assertEqual(len(sewn), 1, form)
            seen += 1
        self.assertEqual(seen, len(CATALOGUE))


class Clipped(unittest.TestCase):
    """A strap with hooks: cut for what turns round them, its rings as wide as it is, clipped on when the make is done."""

    def test_it_is_as_long_as_told_between_its_hooks_and_its_rings_take_its_width(self):
        tried = 0
        for form, turn, width in product(CATALOGUE, (20, 45), (15, 25)):
            draft = carrying(form, kind="clip-strap", length=900, hook_turn=turn, width=width)
            by, needs = {piece.id: piece for piece in draft.pieces}, {need.role: need for need in draft.needs}
            strap, tab = by["clip-strap-1"], by["ring-tab-1"]
            self.assertAlmostEqual(strap.cut_size[0] - 2 * turn, 900.0, 6, form)
            # Folded in four both are as wide as the ring is inside.
            self.assertEqual((strap.cut_size[1] / 4, tab.cut_size[1] / 4), (width, width))
            self.assertEqual([(needs[role].count, needs[role].exact) for role in ("hook", "ring")], [(2, width)] * 2)
            self.assertEqual(sum(cut.count for cut in tab.cuts), 2)
            tried += 1
        self.assertEqual(tried, 4 * len(CATALOGUE))

    def test_nothing_of_it_is_sewn_to_the_make_and_it_is_clipped_on_at_the_end(self):
        for form in CATALOGUE:
            draft = carrying(form, kind="clip-strap")
            at = {step.id: n for n, step in enumerate(draft.steps)}
            takes = [step for step in draft.steps if any(thing.piece == "clip-strap-1" for thing in step.things)]
            sewn = [step for step in takes if step.kind == "sew"]
            self.assertTrue(all({thing.piece for thing in step.things} == {"clip-strap-1"} for step in sewn), form)
            self.assertLess(at["clip-strap-1"], at["clip-strap-1-hooks"], form)
            closing = [
                n for n, step in enumerate(draft.steps) if step.kind == "sew" and step.id != "clip-strap-1-hooks"
            ]
            self.assertGreater(at["clip-strap-1-clip"], max(closing), form)

    def test_the_hook_is_seen_with_the_end_sewn_round_it(self):
        for form in CATALOGUE:
            draft = carrying(form, kind="clip-strap")
            (picture,) = draft.pictures(["clip-strap-1-hooks"])
            items = picture.frames[0].items
            self.assertEqual(sum(isinstance(item, Line) and item.kind == "sew" for item in items), 2, form)
            self.assertIn("clip-strap-1", {item.piece for item in items if isinstance(item, Cloth)})

    def test_a_measured_hook_sets_its_width(self):
        hook = next(kind for kind in DRAWER.values() if kind.id == "hook")
        self.assertIn("parts.clip-strap.width", hook.sets)
        self.assertIn("width", {length.name for length in PARTS["clip-strap"].lengths})


def _in_space(picture, draft):
    """Whether the host is drawn as it stands."""
    flat = {round(n) for piece in draft.pieces for n in piece.cut_size}
    hosts = [
        i for f in picture.frames for i in f.items if isinstance(i, Cloth) and i.piece in {"body", "wall", "panel"}
    ]
    return bool(hosts) and not any(
        round(max(y for _, y in item.outline) - min(y for _, y in item.outline)) in flat for item in hosts
    )


def _width(draft):
    return next(item.value for item in draft.inputs if item.field == "parts.0.width")


class Twice(unittest.TestCase):
    def test_twice_as_many_take_twice_as_much_or_are_refused_where_they_are_counted(self):
        refused = set()
        for form, kind in product(CATALOGUE, PARTS.values()):
            try:
                one = carrying(form, kind=kind.id, count=kind.count)
            except SpecError:
                continue
            try:
                two = carrying(form, kind=kind.id, count=2 * kind.count)
            except SpecError as error:
                self.assertEqual([p.field for p in error.problems], ["parts.0.count"], (form, kind.id))
                refused.add(kind.id)
                continue
            had, has = ({p.id: [c.count for c in p.cuts] for p in draft.pieces} for draft in (one, two))
            for id in had:
                if id.endswith("-1"):
                    self.assertEqual([2 * count for count in had[id]], has[id], (form, id))
            had, has = ({n.id: n.count for n in draft.needs} for draft in (one, two))
            for id, count in had.items():
                if f"{kind.id}-1" in id and count is not None:
                    self.assertEqual(has[id], 2 * count, (form, id))
        self.assertEqual(refused, {"adjustable-strap", "clip-strap"})


class Made(unittest.TestCase):
    def test_a_strip_is_drawn_as_it_is_told_to_be_made(self):
        """Folded as often as is said, turned where it is turned, on webbing where there is some; stitched along both sides in the end."""
        folds, seen = {"four-fold": 3, "turned": 1, "single": 0, "on-webbing": 2}, set()
        for kind in PARTS.values():
            for make in kind.choices.get("make", ()):
                if make not in folds:
                    continue
                draft = carrying("boxed-bag", kind=kind.id, make=make, width="25 mm")
                (piece,) = (piece for piece in draft.pieces if piece.id == f"{kind.id}-1")
                pictures = zip(draft.steps, draft.pictures(), strict=True)
                frames = next(p.frames for s, p in pictures if s.id in (piece.id, f"{piece.id}-strip"))
                lines = [[i for i in frame.items if isinstance(i, Line)] for frame in frames]
                with self.subTest(kind=kind.id, make=make):
                    self.assertEqual(sum(line.kind == "fold" for line in lines[0]), folds[make])
                    self.assertEqual(len(frames), {"turned": 3, "single": 1}.get(make, 2))
                    cloth = next(i for i in frames[-1].items if isinstance(i, Cloth) and i.piece == piece.id)
                    xs, ys = zip(*cloth.outline, strict=True)
                    sewn = [line.path for line in lines[-1] if line.kind == "sew"]
                    # One along each side, from end to end.
                    self.assertEqual(sorted(path[0][1] > (min(ys) + max(ys)) / 2 for path in sewn), [False, True])
                    for path in sewn:
                        self.assertEqual({x for x, _ in path}, {min(xs), max(xs)})
                    wide = {"turned": 2, "four-fold": 4}.get(make, 1)
                    under = 20.0 if make == "on-webbing" else 0.0
                    self.assertAlmostEqual((max(ys) - min(ys)) * wide, piece.cut_size[1] - under, 6)
                    below = [i for i in frames[-1].items if isinstance(i, Cloth) and i.piece != piece.id]
                    self.assertEqual(bool(below), make == "on-webbing")
                    seen.add(make)
        self.assertEqual(seen, set(folds))


if __name__ == "__main__":
    unittest.main()
