"""Parts on any copy of any piece: marked and sewn there, seen there, and in nobody's way elsewhere."""

import itertools
import unittest

import numpy as np
import shapely
from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.drafting.starting import as_form
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.picture import Letter, Line
from eggtuck.core.plane import bounds
from eggtuck.core.words import Speaker
from tests import share, tries
from tests.literal import complaints, lines_of
from tests.makes import LAYERS, told
from tests.solids import checks
from tests.words import parts

# What lies on its place, marked there.
LAID = ("slip-pocket", "patch-pocket", "label", "snap", "button", "hook-and-loop", "eyelet")


def carrying(form, *parts, layers="lined", **options):
    spec = starting_spec(CATALOGUE[form], Ruler("mm"), None)
    return {**spec, "layers": LAYERS[layers], "options": options, "parts": list(parts), "rounding": "none"}


def on(host, **part):
    piece, copy, _ = host
    return {**part, "piece": piece, "copy": copy}


def rise(draft, grip, y):
    """How much a piece rises where a part lies on it, for each mm upward on the piece: by the sewn form in space. None where that does not show it."""
    x = (grip.box[0] + grip.box[2]) / 2
    for facet in draft.solid.facets:
        if facet.piece == grip.piece and shapely.Polygon(facet.flat).covers(shapely.Point(x, y)):
            flat = np.c_[np.array(facet.flat), np.ones(len(facet.flat))]
            slopes = np.linalg.lstsq(flat, np.array(facet.space)[:, 2])[0]
            return float(slopes[1])
    return None


class Hosts(unittest.TestCase):
    @tries(150)
    @given(st.sampled_from(sorted(CATALOGUE)), st.sampled_from(sorted(LAYERS)), st.sampled_from(LAID), st.randoms())
    def test_what_is_put_somewhere_is_marked_and_sewn_there(self, form, layers, kind, random):
        try:
            bare = draft_spec(carrying(form, layers=layers))
        except SpecError:
            return
        self.assertTrue(bare.hosts, form)
        host = random.choice(bare.hosts)
        try:
            draft = draft_spec(carrying(form, on(host, kind=kind), layers=layers))
        except SpecError as error:
            self.assertTrue(error.problems[0].field.startswith("parts.0"), error)
            return
        self.assertNotIn(f"part.{kind}-1.host", checks(draft))
        piece = next(p for p in draft.pieces if p.id == host[0])
        step = next(s for s in told(draft)["steps"] if s["id"] == f"{kind}-1")
        self.assertIn(f"({piece.letter})", " ".join(line["text"] for line in step["lines"]))
        own = [m for m in piece.marks if m.label.id == "mark.pocket"]
        placed = checks(draft)[f"part.{kind}-1.place"]
        self.assertEqual(bool(own), placed.verdict == "ok")
        for mark in own:
            # It lies on the piece, on the copy that was chosen.
            x0, y0, x1, y1 = bounds(mark.path)
            a0, b0, a1, b1 = bounds(piece.stitch_outline)
            self.assertTrue(a0 - 1e-6 <= x0 and x1 <= a1 + 1e-6 and b0 - 1e-6 <= y0 and y1 <= b1 + 1e-6)
            if host[1] in piece.copies:
                self.assertEqual(mark.copy, host[1])
        others = [p for p in draft.pieces if p.id != host[0] and any(m.label.id == "mark.pocket" for m in p.marks)]
        self.assertEqual(others, [])

    def test_a_part_is_laid_clear_of_the_form_s_own_pockets(self):
        for kind, pockets in itertools.product(
            ("patch-pocket", "label", "motif", "snap"), ("two-stacked", "one", "none")
        ):
            part = {"kind": kind, "piece": "wrap", "copy": "whole"}
            draft = draft_spec(carrying("mug-bag", part, pockets=pockets))
            wrap = next(p for p in draft.pieces if p.id == "wrap")
            back = next(fold.line.start[1] for fold in wrap.folds if fold.id == "wrap.back-base")
            tops = [mark.path[0].start[1] for mark in wrap.marks if mark.label.id == "mark.pocket-here"]
            (grip,) = (grip for grip in draft.grips if grip.part == 0)
            with self.subTest(kind, pockets=pockets):
                self.assertEqual(checks(draft)[f"part.{kind}-1.place"].verdict, "ok")
                self.assertTrue(not tops or grip.box[1] >= max(tops) or grip.box[3] <= back, grip.box)
            if tops:
                low = f"{wrap.stitch_box[3] - max(tops) + 5} mm"
                told_on = draft_spec(carrying("mug-bag", {**part, "from_top": low}, pockets=pockets))
                self.assertEqual(checks(told_on)[f"part.{kind}-1.place"].verdict, "warn", (kind, pockets))

    def test_nothing_is_proposed_upside_down(self):
        """What opens at its top would lose what is in it: where a piece goes down again beyond a base nothing is laid."""
        kinds, seen = ("patch-pocket", "slip-pocket", "label", "motif", "snap"), set()
        for form, kind, high in itertools.product(sorted(CATALOGUE), kinds, (None, "25 mm", "60 mm")):
            sized = {"height": high} if high and kind not in ("snap",) else {}
            try:
                bare = draft_spec(carrying(form))
            except SpecError:
                continue
            for host in bare.hosts:
                try:
                    draft = draft_spec(carrying(form, on(host, kind=kind, **sized)))
                except SpecError:
                    continue
                grip = next((grip for grip in draft.grips if grip.part == 0), None)
                if grip is None or checks(draft)[f"part.{kind}-1.place"].verdict != "ok":
                    continue
                low, high_at = (rise(draft, grip, y) for y in (grip.box[1] + 0.5, grip.box[3] - 0.5))
                told = [up for up in (low, high_at) if up is not None]
                # A pouch that lies on any of its sides has no way up, nor has what lies flat.
                if form != "tetra" and told:
                    self.assertGreater(min(told), -0.4, (form, host, kind, high))
                    seen.add((form, host[0]))
        self.assertTrue({("weight", "panel"), ("dart-bowl", "body"), ("boxed-bag", "body")} <= seen, seen)

    def test_what_hangs_over_a_seam_is_tacked_on_when_that_is_sewn(self):
        """On a lining of its own too, whose seams are not the outer's, and where another lies on the outer."""
        kinds, seen = ("ring-tab", "adjustable-strap", "connector"), set()
        for form, kind in itertools.product(sorted(CATALOGUE), kinds):
            asked = {option.id for option in CATALOGUE[form].options}
            ways = {"layers": "padded", **({"lining": "reduced"} if "lining" in asked else {})}
            for host in draft_spec(carrying(form, **ways)).hosts:
                for also in ((), ({"kind": kind},)):
                    try:
                        draft = draft_spec(carrying(form, on(host, kind=kind), *also, **ways))
                    except SpecError:
                        continue
                    of_it = {s.name.id: s.id for s in draft.seams if host[0] in {u.piece for u in (*s.a, *s.b)}}
                    sewn = set()
                    for step in draft.steps:
                        if step.id == f"{kind}-1-on":
                            spoken = {m.id for line in step.lines for m in parts(line.text) if m.id in of_it}
                            with self.subTest(f"{form} {host[0]} {kind} {len(also)}"):
                                self.assertLessEqual({of_it[id] for id in spoken}, sewn)
                            seen |= {host[0]} if spoken else set()
                        sewn |= set(step.seams)
        self.assertIn("body-lining", seen)

    def test_what_is_caught_in_a_side_lies_as_far_below_the_top_as_it_is_told(self):
        """On either half of a piece that is folded at its base too: measured from that half's own top."""
        kinds, seen = ({"kind": "ribbon"}, {"kind": "loop"}, {"kind": "label", "sewn": "in-seam"}), set()
        ways = [(form, {}) for form in sorted(CATALOGUE)]
        ways += [("boxed-bag", {"cut": cut}) for cut in ("two-panels", "side-fold", "base-fold")]
        for (form, way), part in itertools.product(ways, kinds):
            for host in (None, *draft_spec(carrying(form, layers="outer", **way)).hosts):
                placed = part if host is None else on(host, **part)
                for down in (30, 45):
                    try:
                        draft = draft_spec(carrying(form, {**placed, "from_top": f"{down} mm"}, layers="outer", **way))
                    except SpecError:
                        continue
                    caught = [m for p in draft.pieces for m in p.marks if m.label.id == "mark.caught"]
                    where = next((m.datum for m in caught if m.datum.id == "caught.upper"), None)
                    verdict = checks(draft).get(f"part.{part['kind']}-1.place")
                    if where is None or (verdict is not None and verdict.verdict != "ok"):
                        continue
                    with self.subTest(form, way=way, host=host, part=part["kind"], down=down):
                        # Down a slanting side it lies a little less deep.
                        self.assertLessEqual(where.params["down"].params["down"], down + 1e-6)
                        self.assertGreaterEqual(where.params["down"].params["down"], 0.7 * down)
                    seen.add((form, way.get("cut"), host and host[1]))
        self.assertTrue({("boxed-bag", "base-fold", half) for half in (None, "front", "back")} <= seen, seen)
        self.assertGreater(len(seen), 15)

    def test_nothing_lies_where_the_finished_top_is_stitched(self):
        """A pocket whose opening is sewn over is shut: told there it is warned of, and never proposed there."""
        kinds = (
            "slip-pocket",
            "patch-pocket",
            "mesh-pocket",
            "label",
            "snap",
            "button",
            "hook-and-loop",
            "eyelet",
            "motif",
        )
        seen = set()
        for form, kind, edge in itertools.product(sorted(CATALOGUE), kinds, (2, 9)):
            least = max(5, edge + 2)
            for told_as in ({}, {"from_top": f"{least - 1} mm"}, {"from_top": "0 mm"}):
                spec = carrying(form, {"kind": kind, **told_as})
                draft = draft_spec({**spec, "size": {**spec.get("size", {}), "edge_stitch": f"{edge} mm"}})
                verdict = checks(draft)[f"part.{kind}-1.place"].verdict
                at = next((one.value for one in draft.inputs if one.field == "parts.0.from_top"), None)
                if verdict == "ok" and at is not None:
                    self.assertGreaterEqual(at, least - 1e-6, (form, kind, edge, told_as))
                seen.add((bool(told_as), verdict))
        self.assertEqual(seen, {(False, "ok"), (False, "warn"), (True, "warn")})

    def test_a_seam_holds_one_piping(self):
        """Two along one edge are told, and one along the edge that the other's is sewn to, or a form's own."""
        tried = 0
        for form in sorted(CATALOGUE):
            try:
                once = draft_spec(carrying(form, {"kind": "piping"}))
            except SpecError:
                continue
            self.assertNotIn("part.piping-1.over", checks(once), form)
            twice = draft_spec(carrying(form, {"kind": "piping"}, {"kind": "piping"}))
            self.assertEqual(checks(twice)["part.piping-2.over"].verdict, "warn", form)
            tried += 1
        self.assertGreater(tried, 8)
        for piece in ("panel", "gusset"):
            own = draft_spec(carrying("gusset-bag", {"kind": "piping", "piece": piece}, piping="piped"))
            self.assertEqual(checks(own)["part.piping-1.over"].verdict, "warn", piece)

    def test_what_is_sewn_over_piping_is_sewn_along_its_cord(self):
        """With a foot that runs beside it: another would ride on it, and leave its stitching to be seen."""
        sewn = set()
        ways = [(form, {}) for form in sorted(CATALOGUE)]
        ways += [("boxed-bag", {"top": "folded-in"}), ("gusset-bag", {"assembly": "panels"})]
        for (form, way), layers, by in itertools.product(ways, ("outer", "lined"), ("machine", "hand")):
            own = form == "gusset-bag" and by == "machine" and not way
            options = {**way, **({"piping": "piped"} if own else {})}
            try:
                draft = draft_spec(
                    carrying(form, *([] if own else [{"kind": "piping"}]), layers=layers, sewn_by=by, **options)
                )
            except SpecError:
                continue
            at = next(i for i, step in enumerate(draft.steps) if step.id in ("piping-1", "piping-on"))
            piped = {(use.piece, use.key) for use in draft.steps[at].edges}
            seams = {seam.id: seam for seam in draft.seams}
            for step in draft.steps[at + 1 :]:
                over = [seams[id] for id in step.seams if id in seams]
                lies = any((use.piece, use.key) in piped for seam in over for use in (*seam.a, *seam.b))
                if not lies or step.layer == "lining":
                    continue
                sewn.add((form, by))
                with self.subTest(form, layers=layers, by=by, step=step.id):
                    self.assertTrue(step.hand or step.foot == "zip", step.foot)
                    # Finished edges that are stitched or whipped together have theirs outside.
                    within = step.allowance is not None
                    self.assertEqual("bulk.piping" in {line.text.id for line in step.lines}, within)
            for step in draft.steps:
                if "bulk.piping" in {line.text.id for line in step.lines}:
                    self.assertGreater([s.id for s in draft.steps].index(step.id), at, form)
        self.assertGreater(len(sewn), 12)

    def test_what_lies_over_another_is_told_once(self):
        tried = 0
        for form, kind in itertools.product(
            sorted(CATALOGUE), ("ring-tab", "connector", "adjustable-strap", "label", "snap")
        ):
            try:
                draft = draft_spec(carrying(form, {"kind": kind}, {"kind": kind}))
            except SpecError:
                continue
            said = [check.message for check in draft.checks if check.id.startswith(f"part.{kind}-2.")]
            self.assertEqual(len(said), len({repr(text) for text in said}), (form, kind))
            tried += 1
        self.assertGreater(tried, 40)

    def test_of_two_elastics_each_is_told_its_own_line(self):
        for form in sorted(CATALOGUE):
            try:
                draft = draft_spec(carrying(form, {"kind": "elastic"}, {"kind": "elastic"}))
            except SpecError:
                continue
            speaker = Speaker(Ruler("mm"))
            marks = [m for p in draft.pieces for m in p.marks if m.label.id == "mark.pocket" and m.datum is not None]
            places = {speaker.say(m.datum) for m in marks if "elastic" in speaker.say(m.label)}
            steps = [step for step in told(draft)["steps"] if step["id"] in ("elastic-1", "elastic-2")]
            texts = [" ".join(line["text"] for line in step["lines"]) for step in steps]
            for text in texts:
                # Under layers that are laid by then nothing is marked: the line is drawn where the step says.
                self.assertTrue("draw a line" in text or any(place in text for place in places), (form, text, places))
            if len(places) > 1:
                self.assertNotEqual(*({place for place in places if place in text} for text in texts), form)

    def test_front_and_back_are_in_nobody_s_way(self):
        """The same place on both copies, or on both halves: no clash; twice on one copy: one is told."""
        places = (
            ("boxed-bag", {}, 30),
            ("boxed-bag", {"cut": "side-fold"}, 30),
            ("boxed-bag", {"cut": "base-fold"}, 30),
            ("wedge", {}, 30),
            ("gusset-bag", {}, 70),
        )
        for form, options, down in places:
            hosts = draft_spec(carrying(form, **options)).hosts[:2]
            front, back = (on(host, kind="label", from_top=down, from_side=down) for host in hosts)
            both = draft_spec(carrying(form, front, back, **options))
            found = [checks(both)[f"part.label-{n}.place"].verdict for n in (1, 2)]
            self.assertEqual(found, ["ok", "ok"], (form, options))
            body = next(p for p in both.pieces if p.id == hosts[0][0])
            marks = [bounds(m.path) for m in body.marks if m.label.id == "mark.pocket"]
            if options:
                # Each on its own half, as far from its own upper edge.
                (_, a0, _, a1), (_, b0, _, b1) = marks
                level = options["cut"] == "side-fold"
                whole = body.cut_size[1]
                self.assertAlmostEqual((a1, a0)[0], b1 if level else whole - 2 * 10 - b0, 4)
            self.assertEqual([g.box for g in both.grips], marks)
            twice = draft_spec(carrying(form, front, front, **options))
            self.assertEqual(checks(twice)["part.label-2.place"].verdict, "warn", (form, options))
            lies = [grip.box for grip in both.grips]
            if options:
                self.assertNotEqual(lies[0], lies[1])
            else:
                self.assertEqual(lies[0], lies[1])

    def test_it_is_drawn_there_with_what_holds_it(self):
        """Every part on every copy of every piece of every form: in the pictures of its steps lies what they speak of, and what is sewn has its line."""
        drawn = set()
        every = [
            (form, host, kind)
            for form in CATALOGUE
            for host in draft_spec(carrying(form)).hosts
            for kind in PARTS
            if kind not in ("border", "motif")
        ]
        for form, host, kind in share(every, 4):
            try:
                draft = draft_spec(carrying(form, on(host, kind=kind)))
            except SpecError:
                continue
            roomless = checks(draft).get(f"part.{kind}-1.place")
            letters = {piece.id: piece.letter for piece in draft.pieces}
            steps = [step for step in draft.steps if step.id.startswith(f"{kind}-1")]
            for step, picture in zip(steps, draft.pictures([step.id for step in steps]), strict=True):
                items = [item for frame in picture.frames for item in frame.items]
                with self.subTest(form, host=host, step=step.id):
                    told = {letters[thing.piece] for thing in step.things}
                    self.assertLessEqual(told, {item.text for item in items if isinstance(item, Letter)})
                    sewn = any(isinstance(item, Line) and item.kind == "sew" for item in items)
                    if step.kind == "sew" and not step.id.endswith("-meets"):
                        self.assertTrue(sewn or (roomless is not None and roomless.verdict == "warn"))
                    drawn.add(kind)
        self.assertGreater(len(drawn), 12)

    def test_the_other_copy_is_told(self):
        spec = carrying("boxed-bag", on(("body", "front", ""), kind="label"), on(("body", "back", ""), kind="snap"))
        steps = {s["id"]: " ".join(line["text"] for line in s["lines"]) for s in told(draft_spec(spec))["steps"]}
        self.assertIn("one outer body (A)", steps["label-1"])
        self.assertIn("the other outer body (A)", steps["mark"])
        self.assertEqual(complaints(told(draft_spec(spec))), [])

    def test_it_is_seen_on_its_own_copy(self):
        """A label on the back lies behind the bag's middle, one on the front before it."""
        for copy, way in (("front", -1), ("back", 1)):
            draft = draft_spec(carrying("boxed-bag", on(("body", copy, ""), kind="slip-pocket")))
            points = [p for c in draft.solid.carried if c.piece == "slip-pocket-1" for loop in c.loops for p in loop]
            self.assertTrue(points)
            self.assertGreater(way * sum(p[1] for p in points) / len(points), 10)

    def test_a_place_that_is_not_there_is_told_and_another_taken(self):
        spec = carrying(
            "boxed-bag", {"kind": "label", "piece": "wrap"}, {"kind": "label", "piece": "body", "copy": "left"}
        )
        draft = draft_spec(spec)
        for n in (1, 2):
            check = checks(draft)[f"part.label-{n}.host"]
            self.assertEqual(check.verdict, "note")
            self.assertEqual(set(check.fix.changes), {f"parts.{n - 1}.piece", f"parts.{n - 1}.copy"})
        other = as_form(spec, CATALOGUE["cylinder"], Ruler("mm"))
        self.assertEqual(draft_spec(other).form, "cylinder")
        for bad in (3, None, ["body"], {}, "x" * 200):
            with self.assertRaises(SpecError):
                draft_spec(carrying("boxed-bag", {"kind": "label", "piece": bad}))

    def test_a_strap_sewn_on_at_the_end_goes_on_either_wall_and_on_nothing_else(self):
        for form, options in (("boxed-bag", {}), ("boxed-bag", {"cut": "side-fold"}), ("boxed-bag", {"cut": "base-fold"}), ("cylinder", {}), ("cone", {}), ("neck-bag", {})):  # fmt: skip
            seen = set()
            hosts = draft_spec(carrying(form, **options)).hosts
            for piece, copy, _ in hosts:
                for sits in ("late", "sides"):
                    with self.subTest(form, piece=piece, copy=copy, sits=sits):
                        part = on((piece, copy, ""), kind="strap", sits=sits)
                        if sits == "sides" or piece != hosts[0][0]:
                            with self.assertRaises(SpecError) as caught:
                                draft_spec(carrying(form, part, **options))
                            self.assertEqual([p.field for p in caught.exception.problems], ["parts.0.sits"])
                            continue
                        document = told(draft_spec(carrying(form, part, **options)))
                        self.assertEqual(complaints(document), [])
                        text = " ".join(lines_of(next(s for s in document["steps"] if s["id"] == "strap-1-on")))
                        wall = "back" if copy == "back" else "front"
                        self.assertIn(f"On the {wall} lay the ends", text)
                        seen.add(wall)
            self.assertIn("front", seen)
            if len([1 for piece, *_ in hosts if piece == hosts[0][0]]) > 1:
                self.assertEqual(seen, {"front", "back"})

    def test_beside_the_middle_of_a_slanting_piece_the_hand_is_told(self):
        """From the mark as it is drawn, not from what was asked."""
        for side in (5, 20, 60, 100, 130):
            draft = draft_spec(carrying("cone", {"kind": "snap", "from_side": side, "from_top": 30}))
            marked = [(p, m) for p in draft.pieces for m in p.marks if m.label.id == "mark.pocket"]
            for piece, mark in marked:
                (a, _, b, _), (x0, _, x1, _) = bounds(mark.path), bounds(piece.cut_outline)
                off = (a + b) / 2 - (x0 + x1) / 2
                said = Speaker(draft.ruler).say(mark.datum)
                self.assertEqual("left of the middle" in said, off < -1.0, (side, said))
                self.assertEqual("right of the middle" in said, off > 1.0, (side, said))
                self.assertTrue(marked)

    def test_every_kind_can_be_put_on_every_host(self):
        for form in ("mug-bag", "gusset-bag", "book-cover", "tetra"):
            for nth, host in enumerate(draft_spec(carrying(form, layers="padded")).hosts):
                for kind in share(PARTS, 4, nth):
                    try:
                        draft = draft_spec(carrying(form, on(host, kind=kind), layers="padded"))
                    except SpecError as error:
                        self.assertTrue(error.problems[0].field.startswith("parts.0"), (form, host, kind))
                        continue
                    self.assertEqual(complaints(told(draft)), [], (form, host, kind))
