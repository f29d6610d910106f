"""What is done to the cloth: the state of what is sewn, and that a maker who does only what the steps say ends with the make."""

import copy
import itertools
import json
import math
import re
import unittest
from unittest import mock

import shapely

from eggtuck.core.forms import CATALOGUE, draft_spec, read_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.making import Sewn
from eggtuck.core.making.setting import cloths_of
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.document import draft_json, drawn_json, told_json
from eggtuck.core.pattern.mates import meeting_notches, number_notches
from eggtuck.core.plane import along_path, flatten
from tests import share
from tests.literal import complaints
from tests.makes import LAYERS, draft_of, makes, said_of, told, words_of
from tests.words import parts


def bag(**options):
    return draft_of(
        {**starting_spec(CATALOGUE["boxed-bag"], Ruler("cm"), None), "layers": LAYERS["outer"], "options": options}
    )


class State(unittest.TestCase):
    """Two panels are sewn at one side, at the other, across the base, and at both corners."""

    def setUp(self):
        self.draft = bag(top="plain", tie="none")
        self.seams = {seam.id: seam for seam in self.draft.seams}
        self.sewn = Sewn(self.draft.pieces)

    def sew(self, *ids):
        return [self.sewn.sew(self.seams[id], "outer") for id in ids]

    def test_one_side_leaves_it_flat_and_the_other_closes_it(self):
        self.assertEqual(self.sew("side-left", "side-right", "base"), [False, True, True])
        front = ("body", "front", "outer")
        self.assertTrue(self.sewn.closed(front))
        self.assertEqual(set(self.sewn.with_(front)), {front, ("body", "back", "outer")})

    def test_a_seam_ends_at_raw_edges_until_those_are_sewn(self):
        way = self.sewn.passage(self.seams["base"], "outer")
        self.assertEqual((way.start.edge.key, way.start.seam), ("box-left-upright", None))
        self.sew("side-left", "side-right", "base")
        way = self.sewn.passage(self.seams["side-left"], "outer")
        self.assertEqual(way.start.edge.key, "top")
        self.assertFalse(way.round)

    def test_a_corner_crosses_the_side_and_the_base(self):
        self.sew("side-left", "side-right", "base")
        crossed = {seam.id for seam in self.sewn.passage(self.seams["box-left"], "outer").crossed}
        self.assertEqual(crossed, {"side-left", "base"})

    def test_before_its_side_is_sewn_a_rim_does_not_go_round(self):
        draft = draft_of({**starting_spec(CATALOGUE["cylinder"], Ruler("cm"), None), "layers": LAYERS["lined"]})
        seams, sewn = {seam.id: seam for seam in draft.seams}, Sewn(draft.pieces)
        self.assertFalse(sewn.passage(seams["rim"], "outer").round)
        for layer in ("outer", "lining"):
            sewn.sew(seams["side"], layer)
        self.assertTrue(sewn.passage(seams["rim"], "outer").round)
        self.assertTrue(sewn.passage(seams["base"], "outer").round)


class Minutes(unittest.TestCase):
    def test_they_are_reckoned_without_telling_the_steps(self):
        for name, spec in makes():
            draft = draft_of(spec)
            self.assertAlmostEqual(draft.minutes, sum(step.minutes for step in draft.steps), 6, name)

    def test_what_is_drawn_is_written_without_telling_them(self):
        for name, spec in makes():
            draft = draft_spec(spec)
            with mock.patch.object(draft, "tell", side_effect=AssertionError("told")) as tell:
                drawn = drawn_json(draft)
            tell.assert_not_called()
            self.assertEqual(drawn + told_json(draft) + "\n", draft_json(draft), name)
            early, whole = json.loads(drawn + "}"), json.loads(draft_json(draft))
            self.assertEqual(whole.keys() - early.keys(), {"steps", "elapsed"}, name)


# Folded at creases that are marked, or doubled: how deep is told there.
CREASED = {"handle-strap", "handle-ends", "binding-fold", "pocket-free", "tab-round"}


class Literal(unittest.TestCase):
    def test_what_a_hem_takes_is_told_where_it_is_sewn(self):
        seen = set()
        for name, spec in makes():
            draft = draft_of(spec)
            hems = {hem.id: hem for hem in draft.hems}
            for step in draft.steps:
                said = [text for line in step.lines for text in parts(line.text)]
                told = [value for text in said for value in text.params.values() if isinstance(value, float)]
                for id in {*step.seams} & hems.keys() - CREASED:
                    if hems[id].depth > 0:
                        seen.add(id)
                        self.assertTrue(any(abs(mm - hems[id].depth) < 1e-6 for mm in told), (name, step.id, id))
        self.assertGreater(len(seen), 8)

    def test_all_round_is_said_of_what_a_seam_closes_to_a_ring(self):
        """Its one copy lies on both sides of a seam of that step; what is sewn to another is as wide as it is, not half of it."""
        seen = set()
        for name, spec in makes():
            draft = draft_of(spec)
            seams = {seam.id: seam for seam in draft.seams}
            for step in draft.steps:
                if step.check is None or step.check.id != "look.round":
                    continue
                sides = [
                    [{(u.piece, u.copy) for u in side} for side in (s.a, s.b)] for s in map(seams.get, step.seams) if s
                ]
                self.assertTrue(any(a & b for a, b in sides), (name, step.id))
                seen.add(spec["form"])
        self.assertGreaterEqual(seen, {"boxed-bag", "cylinder", "cone", "sleeve"})

    def test_how_the_arrows_lie_is_said_once_and_agrees_with_the_lay(self):
        """Along the grain, along it but for some, or all across: in the short form too."""
        seen, wide = set(), 0
        linen = {"material": "linen", "role": "outer", "width": "40 cm"}
        narrow = [
            (f"{form.id}, narrow", {**starting_spec(form, Ruler("cm"), None), "layers": [linen]})
            for form in CATALOGUE.values()
        ]
        for name, spec in (*makes(), *narrow):
            lays = [lay for lay in draft_of(spec).lays if lay.grain]
            turned = [one.turned for lay in lays for one in lay.laid]
            too_wide = {one.height > lay.usable + 0.05 for lay in lays for one in lay.laid if one.turned}
            cut = next(step for step in said_of(spec)["steps"] if step["id"] == "cut")
            text = " ".join(line["text"] for line in cut["lines"])
            along = bool(re.search(r"Lay (it|each) with its arrow along the grain\.", text))
            but = "along the grain, but for what is laid across" in text
            across = "lay these across" in text
            # Why is told as it is: an upright one may not have gone on the cloth at all.
            self.assertEqual("To save cloth lay these across" in text, False in too_wide, name)
            self.assertEqual("Too wide to lie upright" in text, True in too_wide, name)
            wide += True in too_wide
            none = bool(lays) and not any(turned)
            self.assertEqual((along, but), (none, any(turned) and not all(turned)), name)
            self.assertEqual(across, any(turned), name)
            self.assertEqual(across, "lay these across" in " ".join(cut["short"]), name)
            seen.add((along, but))
        self.assertEqual(len(seen), 3)
        self.assertGreater(wide, 0)

    def test_both_flaps_are_taken_though_one_of_them_has_its_pocket_by_then(self):
        for make, step in (("bagged", "book-layers"), ("bound", "book-stack")):
            spec = starting_spec(CATALOGUE["book-cover"], Ruler("cm"), None)
            spec |= {"layers": LAYERS["lined"], "options": {"make": make, "pockets": "slip-pocket"}}
            steps = {step["id"]: words_of(step) for step in said_of(spec)["steps"]}
            self.assertRegex(steps["slip-pocket"], r"\bone flap \(B\)")
            self.assertIn("both pieces B (flap)", steps[step])

    def test_where_copies_that_lie_apart_are_sewn_each_of_them_is_named(self):
        """One panel is not both: of a single cloth, by what earlier steps have joined, or where each lies in a seam of its own."""
        told_each = set()
        for name, spec in makes():
            draft = draft_of(spec)
            if {cut.role for piece in draft.pieces for cut in piece.cuts if cut.on is None} != {"outer"}:
                continue
            joined, seams = {}, {seam.id: seam for seam in draft.seams}
            letters = {piece.id: piece.letter for piece in draft.pieces if piece.cuts}

            def found(one, joined=joined):
                while one in joined:
                    one = joined[one]
                return one

            for step in draft.steps:
                uses = [use for id in step.seams if id in seams for use in (*seams[id].a, *seams[id].b)]
                lays = [
                    line.text for line in step.lines if line.text.id in ("lay.on", "lay.round", "lay.fold", "lay.tape")
                ]
                for piece, letter in letters.items():
                    copies = {(use.piece, use.copy) for use in uses if use.piece == piece}
                    sewn = [seams[id] for id in step.seams if id in seams]
                    alone = all(len({u.copy for u in (*s.a, *s.b) if u.piece == piece}) < 2 for s in sewn)
                    apart = len(copies) > 1 and (alone or len({found(copy) for copy in copies}) == len(copies))
                    said = [repr(text.params.get(side)) for text in lays for side in ("what", "other")]
                    of_it = [text for text in said if f"'letter': '{letter}'" in text]
                    with self.subTest(f"{name}: {step.id}", piece=piece):
                        if of_it and apart:
                            self.assertTrue(all("thing.each" in text or "thing.one" in text for text in of_it), of_it)
                            told_each.add((draft.form, step.id))
                        elif of_it and len(copies) > 1:
                            self.assertFalse(
                                any("thing.each" in text for text in of_it if text.count("letter") == 1), of_it
                            )
                for id in (id for id in step.seams if id in seams):
                    seam = seams[id]
                    first, *rest = ((use.piece, use.copy) for use in (*seam.a, *seam.b, *seam.caught))
                    for other in rest:
                        if found(first) != found(other):
                            joined[found(other)] = found(first)
        self.assertTrue({("book-cover", "flaps-on"), ("gusset-bag", "outer-round")} <= told_each, told_each)

    def test_nothing_is_stitched_before_needle_and_thread_are_ready(self):
        """Layers are basted and quilted with them too."""
        seen = set()
        first = {"material": "cotton-batting", "role": "padding", "held": "quilted", "margin": "2 cm"}
        quilted = {**starting_spec(CATALOGUE["cylinder"], Ruler("cm"), None), "layers": [*LAYERS["lined"], first]}
        for name, spec in (*makes(), ("quilted before it is cut", quilted)):
            steps = draft_of(spec).steps
            at = next(i for i, step in enumerate(steps) if step.id == "set-up")
            self.assertEqual([step.id for step in steps[:at] if step.stitch is not None or step.foot], [], name)
            for step in steps:
                if any(line.text.id == "quilt.lines" for line in step.lines):
                    self.assertEqual(step.foot, "walking", (name, step.id))
            seen.add(steps[at + 1].id)
        self.assertTrue({"padding", "interfacing", "underline", "mark", "quilt"} <= seen, seen)

    def test_of_what_has_no_threads_nothing_lies_along_or_across_them(self):
        """Felt, cork and leather-like sheet; oilcloth is woven underneath."""
        for material, threads in (
            ("craft-felt", False),
            ("cork-sheet", False),
            ("leather-like-sheet", False),
            ("oilcloth", True),
        ):
            bare = [{"material": material, "role": "outer"}]
            for form in CATALOGUE.values():
                lined = [*bare, {"material": "quilting-cotton", "role": "lining"}]
                for layers in (bare, lined):
                    spec = {**starting_spec(form, Ruler("cm"), None), "layers": layers}
                    try:
                        document, draft = said_of(spec), draft_of(spec)
                    except SpecError:
                        continue
                    cut = " ".join(line["text"] for line in document["steps"][0]["lines"])
                    cut += " ".join(line["text"] for s in document["steps"] if s["id"] == "cut" for line in s["lines"])
                    woven = [lay for lay in draft.lays if lay.grain]
                    with self.subTest(form.id, material=material, layers=len(layers)):
                        self.assertEqual("has no grain" in cut, not threads)
                        if not woven:
                            self.assertNotIn("along the grain", cut)
                            self.assertNotIn("lay these across", cut)
                            labels = {mark.label.id for piece in draft.pieces for mark in piece.marks}
                            self.assertNotIn("mark.grain", labels)

    def test_a_corner_s_line_ends_on_the_base_line_that_is_marked(self):
        """Squashed, the sides of a corner that is sewn first meet where the base line begins: there the line across it ends."""
        seen = set()
        for name, spec in makes():
            steps = [step for step in said_of(spec)["steps"] if step["id"].endswith("corner-lines")]
            draft = draft_of(spec)
            for step in steps:
                self.assertIn("both ends on the base line", step["check"], name)
                pieces = [piece for piece in draft.pieces if any(mark.kind == "box-line" for mark in piece.marks)]
                self.assertTrue(pieces, name)
                for piece in pieces:
                    lines = [mark for mark in piece.marks if mark.label.id == "mark.base-line"]
                    self.assertTrue(lines, (name, piece.id))
                    ends = [p for line in lines for p in (line.path[0].start, line.path[-1].end)]
                    for box in (mark for mark in piece.marks if mark.kind == "box-line"):
                        inner = box.path[0].end
                        self.assertLess(min(math.dist(inner, end) for end in ends), 1e-6, (name, piece.id))
                        seen.add(draft.form)
        self.assertGreaterEqual(seen, {"boxed-bag", "wedge"})

    def test_nothing_is_clipped_inside_an_allowance_that_is_not_there(self):
        seen = 0
        for name, spec in makes():
            for step in said_of(spec)["steps"]:
                text = " ".join(line["text"] for line in step["lines"])
                if re.search(r"from the folded rims|the same stitching closes", text):
                    seen += 1
                    self.assertNotIn("inside the new seam's allowance", text, f"{name} {step['id']}")
        self.assertGreater(seen, 10)

    def test_no_step_says_the_same_twice(self):
        for name, spec in makes():
            for step in said_of(spec)["steps"]:
                said = [line["text"] for line in step["lines"]]
                self.assertEqual(len(said), len(set(said)), (name, step["id"], said))

    def test_of_two_cloths_that_differ_the_step_says_which_is_the_longer_and_by_how_much(self):
        eased = set()
        smaller = [form for form in CATALOGUE.values() if any("reduced" in option.choices for option in form.options)]
        for form in smaller:
            ways = [
                {option.id: way} for option in form.options if option.id in {"top", "mouth"} for way in option.choices
            ]
            # A lining that gives takes a rim that is longer, one that does not needs pleats.
            knit = [
                {**layer, "material": "cotton-jersey"} if layer["role"] == "lining" else layer
                for layer in LAYERS["padded"]
            ]
            for layers, unit, way in itertools.product((LAYERS["padded"], knit), ("cm", "in"), ways or [{}]):
                spec = starting_spec(form, Ruler(unit), None)
                try:
                    draft = draft_of({**spec, "layers": layers, "options": {"lining": "reduced", **way}})
                except SpecError:
                    continue
                walked = {check.id: check for check in draft.checks}
                lengths = {
                    (piece.id, edge.key): shapely.LineString([*flatten(edge.path, 1e-3), edge.path[-1].end]).length
                    for piece in draft.pieces
                    for edge in piece.edges
                }
                for step in draft.steps:
                    told = [line.text for line in step.lines if line.text.id.startswith("lay.longer")]
                    self.assertTrue(all(text in step.short for text in told))
                    seams = [seam for seam in draft.seams if seam.id in step.seams and f"seam.{seam.id}" in walked]
                    self.assertEqual(bool(told), bool(seams))
                    for seam, text in zip(seams, told * len(seams), strict=False):
                        check = walked.pop(f"seam.{seam.id}")
                        sides = [sum(lengths[use.piece, use.key] for use in side) for side in (seam.a, seam.b)]
                        self.assertAlmostEqual(max(sides) - min(sides), text.params["off"], delta=0.3)
                        longer = {use.piece for use in (seam.a if sides[0] > sides[1] else seam.b)}
                        letters = {piece.letter for piece in draft.pieces if piece.id in longer}
                        named = {part.params["letter"] for part in parts(text) if "letter" in part.params}
                        self.assertEqual(named, letters)
                        self.assertEqual(text.id == "lay.longer-eased", check.title.id == "check.seam-eased")
                        eased.add((form.id, text.id))
                # Every one that is told at the pieces is told where it is sewn.
                self.assertEqual([id for id in walked if id.startswith("seam.")], [], form.id)
        self.assertEqual({id for _, id in eased}, {"lay.longer", "lay.longer-eased"})
        self.assertGreaterEqual({form for form, _ in eased}, {"boxed-bag", "cylinder", "cone", "tetra"})

    def test_outer_is_said_of_a_seam_only_where_something_else_is_sewn_too(self):
        apart = set()
        for name, spec in share(makes(), 3):
            draft = draft_of(spec)
            sewn = {step.layer for step in draft.steps if step.seams}
            # A part lies on a piece, whatever is sewn of it.
            titles = [step.title for step in draft.steps if step.seams and not step.id[-1].isdigit()]
            roles = {part.id for title in titles for part in parts(title)}
            with self.subTest(name):
                if sewn <= {None, "outer"}:
                    self.assertNotIn("role.outer", roles)
                else:
                    self.assertNotIn("role.only", roles)
            apart.add("role.only" in roles)
        self.assertEqual(apart, {False, True})

    def test_corners_are_trimmed_before_they_are_turned(self):
        seen = set()
        for name, spec in makes():
            pivoted = None
            for step in draft_of(spec).steps:
                if any(text.id == "sew.pivot" for line in step.lines for text in parts(line.text)):
                    pivoted = step.id
                trims = [id for text in parts(step.title) for id in ("trim-corners", "bowl-clip") if id in text.id]
                if step.kind == "cut" and trims:
                    pivoted = None
                    seen.add(spec["form"])
                if step.turns:
                    self.assertIsNone(pivoted, (name, step.id))
        self.assertGreaterEqual(seen, {"book-cover", "bookmark", "mug-bag"})

    def test_what_is_cut_otherwise_than_it_is_sewn_is_trimmed_before_its_edges_are_marked(self):
        """A circle that is trimmed to an oval, a dart that is cut open, what is cut larger to be worked on; and the notches at such edges."""
        trimmed, waiting = set(), 0
        for name, spec in makes():
            draft = draft_of(spec)
            cutting = [step for step in draft.steps if step.kind == "cut" and step.id != "cut"]
            for piece in draft.pieces:
                cut = shapely.LinearRing([*flatten(piece.cut_outline, 0.02), piece.cut_outline[0].start])
                if piece.join_loss is None and (piece.cut_as is not None or any(piece.larger.values())):
                    self.assertTrue([step for step in cutting if piece.id in step.pieces], (name, piece.id))
                    trimmed.add(draft.form)
                for edge in piece.edges if piece.cut_as is not None else ():
                    for mark in piece.marks:
                        if mark.kind != "notch" or along_path(edge.path, mark.point) is None:
                            continue
                        off = cut.distance(shapely.Point(mark.point)) - edge.allowance
                        if abs(off) > 0.1 * edge.allowance and piece.join_loss is None:
                            self.assertTrue(mark.late, (name, piece.id, mark.label.id, off))
                            waiting += 1
        self.assertGreaterEqual(trimmed, {"round-pouch", "dart-bowl"})
        self.assertGreater(waiting, 1)

    def test_what_is_on_the_face_of_a_trimmed_back_is_not_marked_when_it_is_worked(self):
        begun = {**starting_spec(CATALOGUE["round-pouch"], Ruler("cm"), None), "layers": LAYERS["outer"]}
        for kind, at_its_edge in (("motif", False), ("ribbon", True)):
            spec = {**begun, "options": {"split": "cut-and-trim"}, "parts": [{"kind": kind}]}
            steps = {step["id"]: words_of(step) for step in said_of(spec)["steps"]}
            self.assertIn("notch 5", steps["mark-back"])
            self.assertEqual("ribbon here" in steps["mark-back"], at_its_edge)
            self.assertNotIn("motif:", steps["mark-back"])

    def test_who_does_only_what_the_steps_say_ends_with_the_make(self):
        for name, spec in makes():
            found = complaints(said_of(spec))
            if found:
                with self.subTest(name):
                    self.fail("; ".join(found))

    def test_parts_leave_nothing_undone(self):
        from eggtuck.core.drafting.parts import PARTS

        for form, part in share(itertools.product(CATALOGUE, PARTS), 3):
            spec = {**starting_spec(CATALOGUE[form], Ruler("cm"), None), "parts": [{"kind": part}]}
            try:
                document = told(draft_spec(spec))
            except SpecError:
                continue
            with self.subTest(form=form, part=part):
                self.assertEqual(complaints(document), [])

    def test_parts_lie_on_what_is_there_whatever_is_chosen(self):
        from eggtuck.core.drafting.parts import PARTS

        kinds, cloths, nth = itertools.cycle(PARTS), itertools.cycle(("lined", "padded", "padded")), itertools.count()
        for form in CATALOGUE.values():
            for option in form.options:
                for choice, layers in share(zip(option.choices, cloths, strict=False), 3, next(nth)):
                    needed = {field.split(".")[1]: values[0] for field, values in option.when.items()}
                    spec = {**starting_spec(form, Ruler("cm"), None), "layers": LAYERS[layers]}
                    spec |= {
                        "options": {**needed, option.id: choice},
                        "parts": [{"kind": next(kinds)}, {"kind": "snap"}],
                    }
                    try:
                        document = told(draft_spec(spec))
                    except SpecError:
                        continue
                    with self.subTest(form=form.id, layers=layers, part=spec["parts"][0]["kind"], **spec["options"]):
                        self.assertEqual(complaints(document), [])

    def test_a_bag_that_hangs_in_another_is_not_turned(self):
        """Its seams lie between the two: what is turned is the wrap, where it is lined."""
        for layers in LAYERS.values():
            document = told(draft_of({**starting_spec(CATALOGUE["mug-bag"], Ruler("cm"), None), "layers": layers}))
            turned = [step["id"] for step in document["steps"] if step["turns"]]
            lined = any(layer["role"] == "lining" for layer in layers)
            self.assertEqual(turned, ["turn"] if lined else [])
            self.assertEqual(complaints(document), [])

    def test_she_notices_what_is_left_out(self):
        """Each omission planted in a whole set of steps is told."""
        spec = {**starting_spec(CATALOGUE["boxed-bag"], Ruler("cm"), None), "layers": LAYERS["lined"]}
        whole = said_of({**spec, "options": {"tie": "none"}})
        self.assertEqual(complaints(whole), [])
        planted = {
            "outer-base": "base was sewn",
            "mark": "never marked",
            "turn": "inside out",
            "close-gap": "still open",
            "cut": "never cut",
        }
        for id, word in planted.items():
            document = copy.deepcopy(whole)
            document["steps"] = [step for step in document["steps"] if step["id"] != id]
            if id == "turn":
                # What follows would not have been turned either.
                at = next(i for i, step in enumerate(whole["steps"]) if step["id"] == "turn")
                for step in document["steps"][at:]:
                    step["inside_out"] = True
            with self.subTest(id):
                self.assertIn(word, "; ".join(complaints(document)))

    def test_she_notices_what_is_not_said(self):
        spec = {**starting_spec(CATALOGUE["boxed-bag"], Ruler("cm"), None), "layers": LAYERS["lined"]}
        whole = said_of({**spec, "options": {"tie": "none"}})
        for part, word in (
            ("open", "does not say where"),
            ("lay", "how the pieces lie"),
            ("do", "how far from the edge"),
        ):
            document = copy.deepcopy(whole)
            for step in document["steps"]:
                step["lines"] = [line for line in step["lines"] if line["part"] != part]
            with self.subTest(part):
                self.assertIn(word, "; ".join(complaints(document)))
        document = copy.deepcopy(whole)
        for line in next(step for step in document["steps"] if step["id"] == "outer-base")["lines"]:
            line["text"] = line["text"].replace("pieces A", "pieces")
        self.assertIn("does not name A", "; ".join(complaints(document)))
        document = copy.deepcopy(whole)
        close = next(step for step in document["steps"] if step["id"] == "close-gap")
        document["steps"].remove(close)
        document["steps"].insert(next(i for i, s in enumerate(document["steps"]) if s["id"] == "turn"), close)
        self.assertIn("a gap that is not open", "; ".join(complaints(document)))
        for wrong, word in (("Z", "there is no Z"), ("99", "never marked")):
            document = copy.deepcopy(whole)
            step = next(step for step in document["steps"] if step["id"] == "outer-base")
            step["lines"].append(
                {
                    "part": "lay",
                    "text": f"Lay the body ({wrong}) on it." if wrong == "Z" else f"Match notch {wrong} on the way.",
                }
            )
            with self.subTest(wrong):
                self.assertIn(word, "; ".join(complaints(document)))


class Sentences(unittest.TestCase):
    def test_what_a_step_speaks_of_has_been_sewn_and_is_there(self):
        """Seams crossed, and seams it begins or ends at or measures from, were sewn before; edges belong to pieces of the make."""
        for name, spec in makes():
            draft = draft_of(spec)
            edges = {edge.name.id for piece in draft.pieces for edge in piece.by_key.values()}
            # Two halves are an edge, too.
            stems = {id.removesuffix("-left") for id in edges if id.endswith("-left")}
            edges |= {id for stem in stems if f"{stem}-right" in edges for id in (stem, f"{stem}-end")}
            # Front and back of it lie on each other by then.
            edges |= {id.removesuffix("-back") for id in edges if f"{id.removesuffix('-back')}-front" in edges}
            seams, before = {seam.id: seam for seam in draft.seams}, set()
            for step in draft.steps:
                own = {seams[id].name.id for id in step.seams if id in seams}
                for line in step.lines:
                    for message in parts(line.text):
                        if message.id.startswith("edge."):
                            self.assertIn(message.id, edges, (name, step.id))
                        if message.id.startswith("seam.") and step.id != "edges-together":
                            # What is marked is for a seam to come.
                            known = {seam.name.id for seam in draft.seams} if step.kind == "mark" else before | own
                            # A dart is drawn before anything lies beside it.
                            known |= {"seam.dart"} if step.id[-1].isdigit() else set()
                            self.assertIn(message.id, known, (name, step.id, line.text.id))
                        if message.id.startswith(("bulk.", "open.seam")):
                            named = {m.id for m in parts(message) if m.id.startswith("seam.")}
                            self.assertLessEqual(named, before, (name, step.id))
                before |= own

    def test_the_short_form_keeps_every_number_of_a_seam(self):
        for name, spec in makes():
            for step in said_of(spec)["steps"]:
                lines = [line["text"] for line in step["lines"] if line["part"] in ("open", "do")]
                if not any(line["part"] == "lay" for line in step["lines"]):
                    lines = [line["text"] for line in step["lines"] if line["part"] != "mark"]
                short = " ".join(step["short"])
                for number in re.findall(r"\d+(?:[.,]\d+)?(?: \d/\d)? (?:cm|mm|in)\b", " ".join(lines)):
                    self.assertIn(number, short, (name, step["id"], number, short))

    def test_checks_with_a_number_pass_around_it_and_have_a_remedy(self):
        for name, spec in makes():
            for step in draft_of(spec).steps:
                if step.band is not None:
                    self.assertLess(step.band.least, step.band.value, (name, step.id))
                    self.assertGreater(step.band.most, step.band.value, (name, step.id))
                    self.assertTrue(step.causes and step.remedy, (name, step.id))
                    self.assertIn(
                        step.band.value,
                        [round(v, 9) and v for v in step.check.params.values() if isinstance(v, float)]
                        + [step.band.value],
                    )

    def test_an_edge_measured_from_seam_to_seam_is_as_long_as_its_net_edge(self):
        """What is told to be measured along an edge is the length of its stitch line between the two seams that end there."""
        seen = 0
        for name, spec in makes():
            draft = draft_of(spec)
            for step in draft.steps:
                if step.check is None or step.check.id not in ("look.across", "look.round"):
                    continue
                seen += 1
                edge = step.check.params["edge"]
                lengths = [e.length for piece in draft.pieces for e in piece.edges if e.name == edge]
                self.assertTrue(
                    any(abs(length - step.check.params["length"]) < 1e-6 for length in lengths), (name, step.id)
                )
        self.assertGreater(seen, 100)

    def test_the_machine_is_told_anew_only_when_something_changes(self):
        for name, spec in makes():
            foot = stitch = None
            for step in draft_of(spec).steps:
                now = None if step.sewn is None else (step.sewn, step.stitch)
                changed = {"foot"} if step.foot is not None and step.foot != foot else set()
                changed |= {"stitch"} if now is not None and now != stitch else set()
                self.assertEqual(set(step.changed), changed, (name, step.id))
                foot, stitch = step.foot or foot, now or stitch

    def test_nothing_loose_is_spoken_of_before_it_is_tacked_or_after_it_is_turned(self):
        for name, spec in makes():
            there = False
            for step in draft_of(spec).steps:
                clear = [line for line in step.lines if line.text.id == "clear.loose"]
                self.assertTrue(there or not clear, (name, step.id))
                there = (
                    there or any(part in step.id for part in ("in", "on", "tab", "tack", "ribbon", "loop", "tassel"))
                ) and "whole" not in step.turns


class RawEdges(unittest.TestCase):
    def finished(self, spec):
        """The edges of seams that the steps finish, by cloth edge."""
        steps = [step for step in draft_of(spec).steps if step.id in ("edges", "edges-together")]
        return {(use.piece, use.key, use.copy) for step in steps for use in step.edges}

    def test_every_seam_edge_that_shows_and_frays_is_finished_as_chosen(self):
        for name, spec in makes():
            draft = draft_of(spec)
            layers = read_spec(spec, CATALOGUE)[1].stack.layers
            told = next((check for check in draft.checks if check.id == "layers.edges"), None)
            done = self.finished(spec)
            if told is None or told.title.id == "check.edges-raw":
                self.assertEqual(done, set(), name)
                continue
            fraying = {layer.role for layer in layers if layer.material.frays}
            cloth = {
                piece.id
                for piece in draft.pieces
                # A lining that lies flat on the outer is sewn with it.
                if {c.role for c in piece.cuts if c.on is None or c.role == "lining"} & fraying
            }
            if draft.form == "mug-bag" and any(layer.role == "lining" for layer in layers):
                # The lining hides those of the wrap, not those of the bag that hangs in it.
                cloth &= {"body"}
            # A strip that is turned shows none.
            cloth -= {"page-strip"}
            # What a binding takes is folded away in it.
            open_ = [s for s in draft.seams if s.layers != ("binding",)]
            wanted = {(u.piece, u.key, u.copy) for s in open_ for u in (*s.a, *s.b, *s.caught) if u.piece in cloth}
            self.assertEqual(done, wanted, name)

    def test_a_raw_edge_that_is_folded_and_stitched_is_finished_first_where_its_cloth_frays(self):
        """Once folded it shows inside: of the frayed end of a casing a frame would take hold."""
        seen = set()
        for name, spec in makes():
            draft = draft_of(spec)
            stack = read_spec(spec, CATALOGUE)[1].stack
            chosen = spec.get("options", {}).get("edges", "overcast")
            for step in told(draft)["steps"]:
                text = " ".join(line["text"] for line in step["lines"])
                if not re.search(r"([Ff]old|[Tt]urn in) [\d/. ]+ (cm|in)\b.* from the raw edge\.", text):
                    continue
                pieces = [piece for piece in draft.pieces if piece.id in step["pieces"] and piece.cuts]
                frays = any(layer.material.frays for piece in pieces for layer in cloths_of(piece, stack))
                seen.add((spec["form"], step["id"]))
                with self.subTest(name, step=step["id"]):
                    first = {"overcast": "Overcast the raw edge", "pinked": "Pink the raw edge"}.get(chosen)
                    self.assertEqual(bool(first) and first in text, bool(first) and frays)
                    self.assertFalse(frays and "edges" in draft.idle)
        self.assertGreaterEqual(
            seen,
            {
                ("tetra", "casing-ends"),
                ("tetra", "mouth-ends"),
                ("gusset-bag", "lining-free"),
                ("book-cover", "cover-edge"),
            },
        )

    def test_what_nothing_is_sewn_to_is_hemmed_whole(self):
        """Deep facings have sides of their own, which go on from the inner panel's edge."""
        spec = {
            **starting_spec(CATALOGUE["gusset-bag"], Ruler("cm"), None),
            "layers": LAYERS["outer"],
            "options": {"mouth": "recessed-zip"},
        }
        draft = draft_of(spec)
        (step,) = (step for step in told(draft)["steps"] if step["id"] == "lining-free")
        hem = next(hem for hem in draft.hems if hem.id == "lining-free")
        self.assertEqual(set(step["pieces"]), {use.piece for use in hem.edges})
        self.assertEqual("facing" in step["pieces"], "the sides of the facing" in step["lines"][-1]["text"])
        self.assertIn("facing", step["pieces"])

    def test_left_raw_is_told_with_a_way_out(self):
        spec = {
            **starting_spec(CATALOGUE["tetra"], Ruler("cm"), None),
            "layers": LAYERS["outer"],
            "options": {"edges": "raw"},
        }
        draft = draft_of(spec)
        check = next(check for check in draft.checks if check.id == "layers.edges")
        self.assertEqual((check.verdict, check.title.id), ("note", "check.edges-raw"))
        self.assertIsNotNone(check.fix)
        self.assertEqual(self.finished(spec), set())


class Notches(unittest.TestCase):
    def test_notches_that_meet_have_one_number_and_no_others_share_it(self):
        for name, spec in makes():
            draft = draft_of(spec)
            numbers = number_notches(draft.pieces, draft.seams)
            pairs = [pair for seam in draft.seams for pair in meeting_notches(draft.pieces, seam)]
            for one, other in pairs:
                self.assertEqual(numbers[one], numbers[other], name)
            met = {notch for pair in pairs for notch in pair}
            self.assertEqual(met, set(numbers), name)
            # Counted from one, none left out.
            self.assertEqual(set(numbers.values()), set(range(1, len(set(numbers.values())) + 1)), name)

    def test_what_is_sewn_to_a_zip_tells_where_along_it(self):
        """A zip carries no notch: the middle of what opens is its own. A lining cut smaller meets it by the same number as its outer."""
        ways, smaller = set(), 0
        for name, spec in makes():
            draft, document = draft_of(spec), said_of(spec)
            for step in document["steps"]:
                if step["id"] not in ("zip-first", "zip-second"):
                    continue
                text = " ".join(line["text"] for line in step["lines"])
                long = draft.spec["options"]["zip_ends"] == "long-tape"
                onto = "the zip" if long else f"the {draft.ruler.write(draft.finished['zip_opening'])} of zip that open"
                number = re.search(rf"Bring notch (\d+) onto the middle of {onto}\.", text)
                self.assertIsNotNone(number, (name, text))
                self.assertNotIn("Match notch", text, name)
                for piece in document["pieces"]:
                    if any(thing["letter"] == piece["letter"] for thing in step["things"]):
                        carried = [str(mark["number"]) for mark in piece["marks"]]
                        self.assertIn(number[1], carried, (name, piece["id"]))
                ways.add(draft.spec["options"]["zip_ends"])
                smaller += len(step["things"]) > 1 and any("lining" in piece["id"] for piece in document["pieces"])
        self.assertEqual(ways, {"fabric-tabs", "long-tape", "plain", "shortened"})
        self.assertGreater(smaller, 3)

    def test_what_is_to_be_matched_is_marked_twice(self):
        for name, spec in makes():
            document = said_of(spec)
            pieces = {piece["letter"]: piece for piece in document["pieces"]}
            for step in document["steps"]:
                text = " ".join(line["text"] for line in step["lines"])
                for numbers in re.findall(r"Match notch(?:es)? ([\d, and]+) on the way", text):
                    for number in map(int, re.findall(r"\d+", numbers)):
                        there = [pieces[thing["letter"]] for thing in step["things"]]
                        marked = sum(
                            sum(cut["count"] for cut in piece["cuts"])
                            for piece in {piece["id"]: piece for piece in there}.values()
                            for mark in piece["marks"]
                            if mark["number"] == number
                        )
                        self.assertGreater(marked, 1, (name, step["id"], number))

    def test_the_step_that_marks_names_each_of_them(self):
        for name, spec in makes():
            draft, document = draft_of(spec), said_of(spec)
            marking = [step for step in document["steps"] if step["id"] in ("mark", "mark-back")]
            text = " ".join(line["text"] for step in marking for line in step["lines"])
            for piece in document["pieces"]:
                for mark in piece["marks"]:
                    if mark["number"] is not None and piece["cuts"]:
                        self.assertRegex(text, rf"\bnotch {mark['number']}\b", (name, piece["id"]))
            self.assertEqual(bool(draft.notch_numbers) and not text, False, name)


def gaps_of_many_lengths():
    """Every form that is turned through a gap, with gaps of many lengths on a ruler of eighths."""
    for form in CATALOGUE.values():
        base = {**starting_spec(form, Ruler("in"), None), "layers": LAYERS["lined"], "rounding": "1/8 in"}
        for state in draft_of(base).inputs:
            if state.field == "size.gap":
                for eighths in range(14, 44, 3):
                    size = {**base["size"], "gap": f"{eighths}/8 in"}
                    yield form.id, {**base, "size": size}


class Gaps(unittest.TestCase):
    def test_what_is_stitched_from_outside_is_marked_outside(self):
        """The wrong side is covered by then: lines of a channel on a lined cover, and of quilting on a mat."""
        for form, mark, later in (
            ("lid-cover", "channel, inner line", "lid-channel"),
            ("mat", "quilting", "mat-quilt"),
        ):
            steps = said_of({**starting_spec(CATALOGUE[form], Ruler("cm"), None), "layers": LAYERS["padded"]})["steps"]
            ids = [step["id"] for step in steps]
            self.assertLess(ids.index("mark"), ids.index(later))
            lines = [line["text"] for line in steps[ids.index("mark")]["lines"] if mark in line["text"]]
            self.assertTrue(lines and all("on the right side" in text for text in lines), lines)
        for closure, side in (("elastic", "wrong side"), ("ribbon-loose", "right side")):
            neck = said_of({**starting_spec(CATALOGUE["neck-bag"], Ruler("cm"), None), "options": {"closure": closure}})
            lines = [line["text"] for step in neck["steps"] if step["id"] == "mark" for line in step["lines"]]
            self.assertTrue(any("neck:" in text and f"on the {side}" in text for text in lines), lines)
        bare = said_of({**starting_spec(CATALOGUE["dart-bowl"], Ruler("cm"), None), "layers": LAYERS["lined"]})
        self.assertNotIn("quilting:", " ".join(line["text"] for step in bare["steps"] for line in step["lines"]))

    def test_it_is_marked_at_the_same_place_of_its_seam_on_both_sides(self):
        """Also where it does not lie in the middle: gaps of many lengths on a ruler of eighths."""
        tried, off = 0, 0
        for _, spec in (*makes(), *share(gaps_of_many_lengths(), 3)):
            try:
                draft = draft_of(spec)
            except SpecError:
                continue
            by_id = {piece.id: piece for piece in draft.pieces}
            for gap in (gap for gap in draft.gaps if not gap.chain):
                for use in gap.edges:
                    piece = by_id[use.piece]
                    edge = piece.by_key[use.key]
                    for mark in piece.marks:
                        if mark.label.id not in ("mark.gap", "mark.gap-one", "mark.gap-same") or mark.role != gap.layer:
                            continue
                        ends = [along_path(edge.path, p) for p in (mark.path[0].start, mark.path[-1].end)]
                        if None in ends:
                            continue
                        tried += 1
                        off += abs(gap.start + gap.end - edge.length) > 1
                        alike = use.reversed == gap.edges[0].reversed
                        start, end = sorted(ends) if alike else sorted(edge.length - end for end in ends)
                        with self.subTest(spec["form"], options=spec["options"], edge=use.edge):
                            self.assertAlmostEqual(start, gap.start, delta=1e-3)
                            self.assertAlmostEqual(end, gap.end, delta=1e-3)
        self.assertGreater(tried, 300)
        self.assertGreater(off, 30)

    def test_where_the_step_leaves_it_open_is_where_it_is_marked(self):
        """While both ends of its edge are raw, mark and step tell the same two distances."""
        same = 0
        for name, spec in makes():
            document = said_of(spec)
            for step in document["steps"]:
                opened = [line["text"] for line in step["lines"] if line["part"] == "open"]
                if not opened or "measured from the raw edge" not in opened[0]:
                    continue
                ends = re.search(r"from (.+?) to (.+?), measured", opened[0])
                marking = next(s for s in document["steps"] if s["id"] == "mark")
                text = " ".join(line["text"] for line in marking["lines"])
                self.assertIn(f"from {ends[1]} to {ends[2]} along", text, (name, opened[0]))
                same += 1
        self.assertGreater(same, 5)


if __name__ == "__main__":
    unittest.main()
