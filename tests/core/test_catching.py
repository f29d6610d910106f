"""What is tacked to an edge is sewn over three times in the seam that it lies in, and nothing else is."""

import itertools
import math
import re
import unittest
from collections import Counter

from shapely import LineString, Point

from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.pattern import SpecError
from eggtuck.core.shop import THICK_STACK
from eggtuck.core.words import Speaker

from .. import share
from ..makes import LAYERS, draft_of, makes, said_of, told, with_choice
from ..words import parts

# Ends that lie in a seam; the cord's and what is folded out of every seam have words of their own.
TACKED = re.compile(
    r"\b[Tt]ack (its ends|the ends|its foot|its raw end|the other end|the fold|them to|it to|the tab|both feet)\b"
)
OVER = re.compile(r"(?:Go back and forth|Sew) three times over each end of (.+?) that lies in this seam\.")
KINDS = ("loop", "ribbon", "ring-tab", "connector", "adjustable-strap", "strap", "handle")
SEWN_ON = ("strap", "handle")


def said_in(step):
    return " ".join(line["text"] for line in step["lines"])


def over_in(step):
    """What a step sews over three times."""
    return [thing for line in step.lines for thing in OVER.findall(Speaker(Ruler("cm")).say(line.text))]


def points_of(edge):
    """Points along an edge, close enough to measure from (mm)."""
    return [segment.at(share / 32) for segment in edge.path for share in range(33)]


def with_part(form, kind, hand):
    spec = starting_spec(CATALOGUE[form], Ruler("cm"), None)
    options = {**spec.get("options", {}), **({"sewn_by": "hand"} if hand else {})}
    return {**spec, "options": options, "parts": [{"kind": kind}]}


class Caught(unittest.TestCase):
    def test_what_is_tacked_to_an_edge_is_sewn_over_later(self):
        seen = set()
        for name, spec in share(makes(), 2):
            steps = said_of(spec)["steps"]
            for nth, step in enumerate(steps):
                if step["id"] in ("mark", "zip-ends") or not TACKED.search(said_in(step)):
                    continue
                if step["id"].startswith("label-"):
                    # Nothing pulls at it.
                    continue
                seen.add((spec["form"], step["id"]))
                with self.subTest(f"{name}: {step['id']}"):
                    self.assertTrue(any(OVER.search(said_in(later)) for later in steps[nth + 1 :]), said_in(step))
        self.assertGreater(len({form for form, _ in seen}), 6, seen)

    def test_whichever_cloth_its_piece_is_cut_of(self):
        """Pieces that lie inside are of the lining, or of the outer where there is none."""
        found = set()
        for layers, mouth in itertools.product(LAYERS, ("zip-in-gusset", "recessed-zip")):
            spec = {**starting_spec(CATALOGUE["gusset-bag"], Ruler("cm"), None), "layers": LAYERS[layers]}
            spec["options"] = {**spec["options"], "mouth": mouth}
            for piece, copy in {(p.id, copy) for p in draft_of(spec).pieces for copy in p.copies if p.cuts}:
                part = {"kind": "adjustable-strap", "piece": piece, "copy": copy}
                try:
                    steps = said_of({**spec, "parts": [part]})["steps"]
                except SpecError:
                    continue
                tacks = [
                    nth
                    for nth, s in enumerate(steps)
                    if s["id"] == "adjustable-strap-1-on" and TACKED.search(said_in(s))
                ]
                for nth in tacks:
                    found.add((mouth, piece))
                    with self.subTest(layers=layers, mouth=mouth, piece=piece, copy=copy):
                        self.assertTrue(any(OVER.search(said_in(later)) for later in steps[nth + 1 :]))
        self.assertLessEqual({("zip-in-gusset", "panel"), ("recessed-zip", "panel-lining")}, found)

    def test_where_it_lies_the_seam_is_so_much_thicker_and_where_that_is_thick_it_is_told(self):
        layers = {("loop", "four-fold"): 8, ("loop", "single"): 2, ("ring-tab", None): 8, ("connector", None): 4}
        # Folded double over its ring the tab of a strap on webbing holds two layers of that, 1.5 mm each.
        layers["adjustable-strap", "on-webbing"] = 4 + 2 * 1.5 / 1.1
        heavy, told_of = [{"material": "denim", "role": "outer", "thickness": "1.1 mm"}], set()
        for (kind, made), hand in itertools.product(layers, (False, True)):
            part = {"kind": kind, **({"make": made} if made else {})}
            for form in CATALOGUE:
                plain = {**with_part(form, kind, hand), "layers": heavy, "parts": []}
                try:
                    without, having = (draft_spec({**plain, "parts": parts}) for parts in ([], [part]))
                except SpecError:
                    continue
                before = {step.id: step for step in without.steps}
                for step in having.steps:
                    # What a form catches there by itself is not what is put on it.
                    if step.id not in before or not over_in(step) or over_in(before[step.id]):
                        continue
                    with self.subTest(form, kind=kind, made=made, step=step.id):
                        alone, there = before[step.id].thick, step.thick
                        if alone is None:
                            # A hem, folded once or twice.
                            self.assertIn(round((there / 1.1 - layers[kind, made]), 6), (2.0, 3.0))
                        else:
                            self.assertAlmostEqual(there, alone + layers[kind, made] * 1.1)
                        self.assertEqual("bulk.caught" in str(step.lines), there >= THICK_STACK)
                        self.assertEqual(
                            step.caution is not None, there >= THICK_STACK or before[step.id].caution is not None
                        )
                        told_of.add((kind, made, alone is None))
        self.assertLessEqual({(*one, False) for one in layers}, told_of)
        self.assertIn(("ring-tab", None, True), told_of)

    def test_what_is_tacked_on_is_made_before_and_over_a_seam_that_is_sewn(self):
        chosen = [
            (form, option, choice)
            for form in CATALOGUE.values()
            for option in form.options
            for choice in option.choices
        ]
        seen = set()
        for (form, option, choice), kind in itertools.product(
            share(chosen, 6), ("ring-tab", "connector", "adjustable-strap")
        ):
            spec = {**starting_spec(form, Ruler("cm"), None), "options": with_choice(form, option, choice)}
            try:
                steps = draft_of({**spec, "parts": [{"kind": kind}]}).steps
            except SpecError:
                continue
            ids = [step.id for step in steps]
            for nth, step in enumerate(steps):
                if step.id != f"{kind}-1-on":
                    continue
                with self.subTest(form=form.id, option=option.id, choice=choice, kind=kind):
                    made = [at for at, id in enumerate(ids) if id in (f"{kind}-1", f"{kind}-1-threaded")]
                    self.assertLess(max(made, default=-1), nth)
                    sewn = {seam for before in steps[:nth] for seam in before.seams}
                    for line in step.lines:
                        for message in parts(line.text):
                            if message.id.startswith("tack.over"):
                                told = [message.params[key] for key in ("first", "second") if key in message.params]
                                names = [
                                    s for s in draft_of({**spec, "parts": [{"kind": kind}]}).seams if s.name in told
                                ]
                                self.assertLessEqual({s.id for s in names}, sewn)
                                seen.add(form.id)
        self.assertGreater(len(seen), 1)

    def test_on_every_rim_what_is_tacked_is_sewn_over(self):
        """Whatever the order outer, lining and hem are sewn in, and wherever the piece is folded."""
        rims = ("top", "assembly", "hem_order", "cut")
        seen = set()
        for form in (form for form in CATALOGUE.values() if any(option.id in rims for option in form.options)):
            asked = [option for option in form.options if option.id in rims]
            every = itertools.product(
                itertools.product(*(option.choices for option in asked)),
                ("lined", "outer"),
                ("ring-tab", "connector", "adjustable-strap"),
            )
            for choices, layers, kind in share(every, 5):
                options = dict(zip((option.id for option in asked), choices, strict=True))
                spec = {**starting_spec(form, Ruler("cm"), None), "layers": LAYERS[layers], "options": options}
                try:
                    draft = draft_of({**spec, "parts": [{"kind": kind}]})
                except SpecError:
                    continue
                if any(check.id == "layers.lining" and check.verdict == "warn" for check in draft.checks):
                    # Without the lining it is to be joined to, its rim is sewn to nothing.
                    continue
                steps = told(draft)["steps"]
                nth = next(nth for nth, step in enumerate(steps) if step["id"] == f"{kind}-1-on")
                with self.subTest(form=form.id, options=options, layers=layers, kind=kind):
                    self.assertTrue(any(OVER.search(said_in(later)) for later in steps[nth + 1 :]))
                    seen.add(form.id)
        self.assertGreater(len(seen), 2)

    def test_nothing_is_closed_before_it_is_sewn(self):
        closed = set()
        for form, kind in itertools.product(CATALOGUE, PARTS):
            try:
                steps = draft_spec(with_part(form, kind, False)).steps
            except SpecError:
                continue
            last = max((nth for nth, step in enumerate(steps) if step.seams), default=-1)
            speaker = Speaker(Ruler("cm"))
            for nth, step in enumerate(steps):
                if step.id.startswith(kind) and any("lose the make" in speaker.say(line.text) for line in step.lines):
                    self.assertGreater(nth, last, (form, kind, step.id))
                    closed.add(kind)
        self.assertEqual(closed, {"hook-and-loop", "snap"})

    def test_nothing_is_sewn_over_before_it_is_tacked_and_its_ends_no_more_than_twice(self):
        for name, spec in share(makes(), 3, 1):
            steps = said_of(spec)["steps"]
            counted: dict[str, int] = {}
            for nth, step in enumerate(steps):
                for over in OVER.findall(said_in(step)):
                    for thing in re.split(r", | and ", over):
                        counted[thing] = counted.get(thing, 0) + 1
                        before = " ".join(said_in(one) for one in steps[:nth])
                        with self.subTest(f"{name}: {thing}"):
                            self.assertRegex(before, r"[Tt]ack")
            # Of several that are called alike each is sewn over.
            alike = Counter(part["kind"] for part in spec.get("parts", ()))
            alike["loop"] += any("loop" in choice for choice in spec["options"].values())
            self.assertLessEqual(max(counted.values(), default=0), 2 * max(1, *alike.values()), name)

    def test_of_parts_the_seam_that_says_so_is_sewn_along_their_edge(self):
        told = set()
        for form in CATALOGUE:
            for nth, kind in enumerate(KINDS):
                spec = with_part(form, kind, hand=nth % 2 == 1)
                try:
                    draft = draft_of(spec)
                except SpecError:
                    continue
                ids = {"loop": "loose.loop", "ribbon": "loose.ribbon", "adjustable-strap": "loose.ringed"}
                over = [
                    (step, line.text)
                    for step in draft.steps
                    for line in step.lines
                    if line.text.id in ("ends.over", "hand.ends.over")
                    and any(thing.id == ids.get(kind, "loose.part") for thing in line.text.params["things"])
                ]
                points = [m.point for p in draft.pieces for m in p.marks if m.part == f"{kind}-1" and m.point]
                with self.subTest(f"{form} {kind}"):
                    if kind in SEWN_ON:
                        self.assertEqual(over, [])
                        continue
                    if not points:
                        continue
                    self.assertTrue(over, "nothing is sewn over it")
                    told.add(kind)
                    edges = [
                        LineString(points_of(edge))
                        for step, _ in over
                        for use in (*step.edges, *(u for hem in draft.hems if hem.id in step.seams for u in hem.edges))
                        for piece in draft.pieces
                        if piece.id == use.piece
                        for edge in piece.edges
                        if edge.key == use.key
                    ]
                    self.assertLess(min(Point(points[0]).distance(edge) for edge in edges), 0.1)
        self.assertEqual(told, {"loop", "ribbon", "adjustable-strap", "ring-tab", "connector"})

    def test_what_is_tacked_to_one_edge_lies_beside_what_is_there_or_is_told_to_lie_on_it(self):
        """By the marks of both: nearer than they are wide is on each other."""
        reach, verdicts = {"loop": 5.0, "ribbon": 7.5, "label": 15.0, "adjustable-strap": 15.0, "ring-tab": 12.5}, set()
        pairs = itertools.product(CATALOGUE, itertools.combinations_with_replacement(reach, 2))
        for form, (one, other) in share(pairs, 4):
            for typed in (False, True):
                parts = [{"kind": one}, {"kind": other}]
                for part in parts:
                    part |= {"sewn": "in-seam"} if part["kind"] == "label" else {}
                    part |= {"from_top": "40"} if typed and part["kind"] != "ring-tab" else {}
                spec = {**starting_spec(CATALOGUE[form], Ruler("mm"), None), "parts": parts}
                try:
                    draft = draft_of(spec)
                except SpecError:
                    continue
                first, second = (
                    [m.point for p in draft.pieces for m in p.marks if m.part == f"{kind}-{nth}"]
                    for nth, kind in ((1, one), (2, other))
                )
                if not first or not second:
                    # Tacked over seams it has no mark.
                    continue
                near = min(math.dist(a, b) for a in first for b in second)
                with self.subTest(form=form, one=one, other=other, typed=typed):
                    warned = f"part.{other}-2.tacked" in {check.id for check in draft.checks}
                    self.assertEqual(warned, near < reach[one] + reach[other] - 1e-6)
                    verdicts.add((warned, typed))
                    said = [step["lines"] for step in said_of(spec)["steps"]]
                    for over in filter(None, (OVER.search(line["text"]) for line in itertools.chain(*said))):
                        names = re.split(r", | and ", over[1])
                        self.assertEqual(len(names), len(set(names)), over[0])
        self.assertGreaterEqual(verdicts, {(False, False), (False, True), (True, True)})

    def test_ring_tabs_and_connectors_lie_in_the_seam_of_the_uppermost_edge(self):
        tried = 0
        for form in CATALOGUE:
            for kind in ("ring-tab", "connector"):
                try:
                    draft = draft_of(with_part(form, kind, hand=False))
                except SpecError:
                    continue
                over = [s for s in draft.steps for line in s.lines if line.text.id == "ends.over"]
                hosts = {piece.id: piece for piece in draft.pieces}
                host = next(
                    (
                        hosts[t.piece]
                        for s in draft.steps
                        if s.id == f"{kind}-1-on"
                        for t in s.things
                        if t.piece != f"{kind}-1"
                    ),
                    None,
                )
                if host is None or not over:
                    continue
                tried += 1
                top = max(y for edge in host.edges for _, y in points_of(edge))
                uses = [
                    use
                    for step in over
                    for use in (*step.edges, *(u for hem in draft.hems if hem.id in step.seams for u in hem.edges))
                    if use.piece == host.id
                ]
                with self.subTest(f"{form} {kind}"):
                    highest = max(y for use in uses for _, y in points_of(host.by_key[use.key]))
                    self.assertAlmostEqual(highest, top, 3)
        self.assertGreater(tried, 12)

    def test_what_is_sewn_on_whole_has_no_tacked_ends(self):
        kept = 0
        for form in CATALOGUE:
            for kind in SEWN_ON:
                try:
                    steps = said_of(with_part(form, kind, hand=False))["steps"]
                except SpecError:
                    continue
                words = " ".join(said_in(step) for step in steps)
                with self.subTest(f"{form} {kind}"):
                    self.assertNotRegex(words, rf"tacked ends of (the|each|) ?{kind}\b")
                kept += "clear of this seam" in words
        self.assertGreater(kept, 8)


class WhereItIsWorkedOn(unittest.TestCase):
    def test_the_place_of_a_part_is_marked_on_the_side_that_it_is_sewn_to(self):
        sides = {"right": set(), "wrong": set()}
        for form in share(CATALOGUE, 2):
            for kind in PARTS:
                spec = with_part(form, kind, hand=False)
                try:
                    draft, steps = draft_of(spec), said_of(spec)["steps"]
                except SpecError:
                    continue
                speaker = Speaker(draft.ruler)
                labels = {
                    speaker.say(mark.label)
                    for piece in draft.pieces
                    for mark in piece.marks
                    if mark.part == f"{kind}-1" and mark.datum is not None and not mark.late
                }
                work = " ".join(said_in(step) for step in steps if step["id"].startswith(f"{kind}-1"))
                side = "wrong" if "On the wrong side of" in work else "right"
                for label in labels:
                    (told,) = {
                        line["text"]
                        for step in steps
                        for line in step["lines"]
                        if line["part"] == "mark" and f"{label}:" in line["text"]
                    }
                    with self.subTest(f"{form} {kind}"):
                        padding = "|on the padding of|on the back of" if side == "wrong" else ""
                        self.assertRegex(told, rf"on the {side} side of|^With a loose|^With tailor{padding}")
                        sides[side].add(kind)
        self.assertIn("elastic", sides["wrong"])
        self.assertGreater(len(sides["right"]), 8, sides)

    def test_one_is_called_one(self):
        for kind, one in (
            ("button", "Sew the button on"),
            ("snap", "Set the press fastener"),
            ("eyelet", "Set the eyelet"),
        ):
            for count in (1, 2):
                spec = with_part("boxed-bag", kind, hand=False)
                steps = said_of({**spec, "parts": [{"kind": kind, "count": count}]})["steps"]
                title = next(step["title"] for step in steps if step["id"].startswith(f"{kind}-1"))
                with self.subTest(f"{count} {kind}"):
                    self.assertEqual(title == one, count == 1)

    def test_piping_along_an_edge_that_is_folded_in_stops_the_cutting(self):
        for form, top in (("boxed-bag", "deep-hem"), ("cylinder", "deep-hem"), ("neck-bag", None)):
            spec = {**with_part(form, "piping", hand=False), "layers": [{"material": "linen", "role": "outer"}]}
            options = {**spec.get("options", {}), **({"top": top} if top else {})}
            draft = draft_spec({**spec, "options": options})
            hem = max(hem.depth for hem in draft.hems if hem.id == "hem")
            with self.subTest(form):
                found = [check for check in draft.checks if check.id == "part.piping-1.hem"]
                self.assertEqual([(check.verdict, check.value) for check in found], [("stop", hem)])
            if top:
                plain = draft_spec({**spec, "options": {**options, "top": "plain"}})
                self.assertNotIn("part.piping-1.hem", {check.id for check in plain.checks})


if __name__ == "__main__":
    unittest.main()
