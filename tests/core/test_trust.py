"""What a maker trusts a draft for, over the whole catalogue: cut sizes the ruler can show, notches that meet, one allowance for both sides
and in the step that sews them, layers that are cut or spoken of, gaps that can be sewn shut, numbers that add up as they are shown."""

import collections
import itertools
import math
import re
import unittest
from fractions import Fraction
from functools import lru_cache

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.forms import CATALOGUE, read_spec, starting_spec
from eggtuck.core.lengths import Grid, Ruler, read_length
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.mesh import weld
from eggtuck.core.pattern.walk import legs, notches
from eggtuck.core.shop import ZIP_TAIL
from eggtuck.core.words import Speaker, msg
from tests.makes import LAYERS, draft_of, makes, said_of, words_of

NUMBER = re.compile(r"(-?\d+(?:\.\d+)?(?: \d+/\d+)?|\d+/\d+) (cm|in|mm)\b")


def step_of(spec):
    return 0.0 if spec["rounding"] == "none" else read_length(spec["rounding"], "cm").mm


def number(text):
    sign = -1 if text.startswith("-") else 1
    return sign * sum(Fraction(part) for part in text.lstrip("-").split())


def has_sides(outline, axis):
    """Whether a ruler can be laid from side to side: along straight edges square to the axis at both ends, or over a whole disc."""
    if all(segment.bulge for segment in outline):
        return len({round(segment.radius, 3) for segment in outline}) == 1
    ends = [(segment.start[axis], segment.end[axis]) for segment in outline]
    square = {
        round(a, 3) for (a, b), segment in zip(ends, outline, strict=True) if not segment.bulge and abs(a - b) < 1e-6
    }
    low, high = min(map(min, ends)), max(map(max, ends))
    return {round(low, 3), round(high, 3)} <= square


# How a machine is set is read on the machine, which knows mm, and how thick cloth is told finer than a ruler shows.
STITCHES = re.compile(
    r"Zigzag \S+ mm wide|one stitch \S+ mm after the other|together are \S+ (mm|in), and a rivet holds from \S+ (mm|in)"
    # How thick layers are is told finer than any ruler shows.
    r"|\S+ (mm|in) (thick|are under the foot|that lie between)"
)
# Parts with corners of their own.
CORNERED = {"connector", "label", "motif", "patch-pocket", "slip-pocket", "mesh-pocket", "handle", "strap"}
FOLDED_ON_LINES = {("neck-bag", "hem"), ("weight", "handle-ends")}


def taped():
    """Makes with a zip whose tape is an odd number of marks wider than its teeth, backed within the stitch lines."""
    layers = [
        {"material": "linen", "role": "outer"},
        {"material": "sew-in-interfacing", "role": "interfacing", "cut": "net", "held": "basted"},
    ]
    for form in CATALOGUE.values():
        spec = {**starting_spec(form, Ruler("cm"), None), "layers": layers, "rounding": "1 mm"}
        sizes = {**spec["size"], "zip_width": "1 cm", "tape_width": "3.5 cm"}
        if {"size.zip_width", "size.tape_width"} <= {item.field for item in form.inputs}:
            yield f"{form.id} taped", {**spec, "size": sizes}


class Cloth(unittest.TestCase):
    def test_what_is_cut_lies_on_the_maker_s_ruler(self):
        for name, spec in (*makes(), *taped()):
            if spec["rounding"] == "none":
                continue
            grid = Grid(step_of(spec))
            unread = [c for c in draft_of(spec).checks if c.id == "cut.pattern"]
            named = {item.params["letter"] for check in unread for item in check.message.params["pieces"]}
            for piece in draft_of(spec).pieces:
                if piece.id.startswith("motif-"):
                    # A figure is cut along its outline, which is drawn.
                    continue
                if (spec.get("options") or {}).get("sized") == "blank":
                    # What is measured is the blank, not what is left when its corners are cut out.
                    for name_, value in draft_of(spec).finished.items():
                        if name_.startswith("blank_"):
                            self.assertAlmostEqual(grid.round(value), value, 3, (name, name_))
                    continue
                off = set()
                for cut in piece.cuts:
                    for axis, value in enumerate(piece.size_for(cut)):
                        if abs(grid.round(value) - value) > 5e-4:
                            off.add(piece.letter)
                            self.assertFalse(has_sides(piece.outline_for(cut), axis), (name, piece.id, cut.role))
                # Nobody is left to measure what cannot be read off.
                self.assertEqual(off, named & {piece.letter}, (name, piece.id))

    def test_what_is_cut_was_chosen_and_what_was_chosen_is_cut_or_spoken_of(self):
        for name, spec in makes():
            draft = draft_of(spec)
            roles = {layer.role for layer in read_spec(spec, CATALOGUE)[1].stack.layers}
            cut = {cut.role for piece in draft.pieces for cut in piece.cuts}
            told = {check.id for check in draft.checks}
            self.assertLessEqual(cut, roles, name)
            for role in roles - cut:
                self.assertIn(f"layers.unused.{role}", told, name)

    def test_the_cutting_step_counts_every_piece(self):
        for name, spec in makes():
            draft = draft_of(spec)
            step = next(step for step in draft.steps if step.id == "cut")
            self.assertEqual(
                step.lines[0].text.params["count"], sum(c.count for p in draft.pieces for c in p.cuts), name
            )


class Seams(unittest.TestCase):
    def test_a_notch_meets_a_notch_or_the_end_of_an_edge(self):
        for name, spec in makes():
            draft = draft_of(spec)
            for seam in draft.seams:
                sides = [legs(draft.pieces, uses) for uses in (seam.a, seam.b)]
                found = []
                for side, length in zip(sides, (seam.length_a, seam.length_b), strict=True):
                    inner = [at for at, _ in notches(side, seam.layers) if 1 < at < length - 1]
                    found.append((inner, [*inner, *(leg.end for leg in side)]))
                room = abs(seam.difference) + 1.0
                for (inner, _), (others, places) in (found, found[::-1]):
                    if not others:
                        # A binding, and what else is walked along without a mark of its own.
                        continue
                    for at in inner:
                        near = min(abs(at - place) for place in places)
                        self.assertLessEqual(near, room, (name, seam.id, at))

    def test_every_seam_is_sewn_in_a_step_and_at_its_own_allowance(self):
        for name, spec in makes():
            draft = draft_of(spec)
            sewn = collections.defaultdict(list)
            for step in draft.steps:
                for id in step.seams:
                    sewn[id].append(step)
            for seam in draft.seams:
                self.assertTrue(sewn[seam.id], (name, seam.id))
                for step in sewn[seam.id]:
                    if step.allowance is not None:
                        self.assertAlmostEqual(step.allowance, seam.allowance, 6, (name, seam.id, step.id))

    def test_what_is_caught_in_a_seam_is_cut_for_its_allowance(self):
        """A pocket's side lies in the side seam, its foot in the lower one: with unlike allowances these are two steps."""
        seen = 0
        for (name, spec), (key, allowance) in zip(
            ((name, spec) for name, spec in makes() if spec["form"] in ("book-cover", "mug-bag")),
            itertools.cycle((("side", 14), ("top", 13), ("end", 12))),
            strict=False,
        ):
            given = {**(spec.get("allowance") or {}), key: f"{allowance} mm"}
            try:
                draft = draft_of({**spec, "allowance": given})
            except SpecError:
                continue
            by_id = {piece.id: piece for piece in draft.pieces}
            for seam in draft.seams:
                for use in seam.caught:
                    edge = by_id[use.piece].by_key.get(use.key)
                    if edge is not None and not edge.internal and edge.allowance:
                        seen += 1
                        self.assertAlmostEqual(edge.allowance, seam.allowance, 6, (name, seam.id, use.edge))
        self.assertGreater(seen, 50)

    def test_edges_sewn_at_two_depths_are_called_what_they_are(self):
        for form, key in (
            ("mug-bag", "side"),
            ("mug-bag", "end"),
            ("book-cover", "side"),
            ("book-cover", "top"),
            ("bookmark", "end"),
        ):
            spec = {**starting_spec(CATALOGUE[form], Ruler("cm"), None), "layers": LAYERS["lined"]}
            draft = draft_of({**spec, "allowance": {key: "1.4 cm"}})
            found = {seam.id: seam for seam in draft.seams if seam.id.startswith("round")}
            self.assertGreater(len(found), 1, (form, key))
            for seam in found.values():
                said = Speaker(draft.ruler).say(seam.name)
                upright = {use.key.removeprefix("side-") for use in seam.a} <= {"left", "right"}
                with self.subTest(form, seam=seam.id, said=said):
                    self.assertEqual(bool(re.search(r"\b(sides|long edges)\b", said)), upright)

    def test_of_pieces_cut_alike_those_are_marked_that_are_left_open(self):
        """Across a tetrahedron's end only one panel is; along a wedge's base both are."""
        labels = {"tetra": set(), "wedge": set(), "boxed-bag": set()}
        for _, spec in makes():
            if spec["form"] not in labels:
                continue
            for piece in draft_of(spec).pieces:
                alike = sum(cut.count for cut in piece.cuts if cut.role == "lining")
                marks = [m.label.id for m in piece.marks if m.kind == "gap" and m.path]
                if alike > 1:
                    labels[spec["form"]] |= set(marks)
        self.assertEqual(
            labels, {"tetra": {"mark.gap-one", "mark.gap-same"}, "wedge": {"mark.gap"}, "boxed-bag": {"mark.gap"}}
        )

    def test_a_gap_lies_in_a_straight_stretch_where_there_is_one(self):
        for name, spec in makes():
            draft = draft_of(spec)
            for gap in draft.gaps:
                straight = any(
                    segment.bulge == 0 and segment.length > 40
                    for piece in draft.pieces
                    for edge in piece.edges
                    if edge.id in {use.edge for use in gap.edges}
                    for segment in edge.path
                )
                for mark in (m for p in draft.pieces for m in p.marks if m.kind == "gap" and m.path):
                    if straight:
                        self.assertFalse(any(segment.bulge for segment in mark.path), name)
                        self.assertEqual(len(mark.path), 1, name)


class Space(unittest.TestCase):
    def test_both_sides_of_a_seam_run_the_same_way_in_space(self):
        """Carry evenly spread points of both sides into space by the flat parts they lie on: each meets its mate."""
        tried = collections.Counter()
        for name, spec in makes():
            draft = draft_of(spec)
            if spec["rounding"] != "none" or spec.get("object") or (draft.solid.soft and spec["form"] != "gusset-bag"):
                continue
            parts = collections.defaultdict(list)
            for facet in draft.solid.facets:
                parts[facet.piece, facet.copy].append(facet)
            for seam in draft.seams:
                sides = [carried(parts, legs(draft.pieces, uses)) for uses in (seam.a, seam.b)]
                if any(side is None for side in sides):
                    continue
                tried[spec["form"]] += 1
                apart = np.linalg.norm(sides[0] - sides[1], axis=1).max()
                self.assertLess(apart, 0.03 * min(seam.length_a, seam.length_b) + 1, (name, seam.id))
        self.assertGreater(sum(tried.values()), 150)
        self.assertGreaterEqual(len(tried), 8, tried)

    def test_what_holds_a_volume_is_closed_and_the_volume_is_told(self):
        tried = set()
        for name, spec in makes():
            draft = draft_of(spec)
            told = draft.finished.get("volume")
            square = spec["options"].get("corner") == "square"
            if not told or square or spec["rounding"] != "none" or (draft.solid.soft and spec["form"] != "gusset-bag"):
                continue
            mesh = weld(draft.solid.facets)
            if spec["form"] in ("tetra", "wedge", "gusset-bag", "weight"):
                tried.add(spec["form"])
                self.assertTrue(mesh.closed, name)
                self.assertAlmostEqual(mesh.volume / 1000 / told, 1, delta=0.004, msg=name)
        self.assertEqual(tried, {"tetra", "wedge", "gusset-bag", "weight"})

    @given(
        st.floats(60, 900),
        st.floats(0.05, 0.9),
        st.sampled_from(({"assembly": "nested"}, {"assembly": "panels"}, {"mouth": "recessed-zip"})),
    )
    def test_a_ring_meets_its_panels_wherever_its_opening_ends(self, across, share, options):
        spec = {**starting_spec(CATALOGUE["gusset-bag"], Ruler("mm"), None), "layers": LAYERS["lined"]}
        spec |= {"rounding": "none", "options": options}
        spec["size"] = {"diameter": across, "gusset_width": 70, "opening": share * math.pi * across}
        try:
            draft = draft_of(spec)
        except SpecError:
            return
        mesh = weld(draft.solid.facets)
        self.assertTrue(mesh.closed)
        self.assertAlmostEqual(mesh.volume / 1000 / draft.finished["volume"], 1, delta=0.004)


def carried(parts, side):
    """Points spread along a side of a seam, in space; None when no flat part shows them."""
    whole, found = side[-1].end, []
    for k in range(41):
        at = (k + 0.5) / 41 * whole
        leg = next(leg for leg in side if leg.start - 1e-9 <= at <= leg.end + 1e-9)
        id = leg.piece.id
        facets = parts.get((id, leg.use.copy)) or parts.get((id, "whole"))
        if facets is None and leg.use.copy == "whole":
            facets = parts.get((id, "front"))
        point = None if not facets else in_space(facets, leg.at(at))
        if point is None:
            return None
        found.append(point)
    return np.array(found)


def in_space(facets, point):
    """The point carried by the flat part it lies deepest in, or nearest to; None when all are further than 1.5 mm."""
    best = None
    for facet in facets:
        corners, along, turn, length, (x0, y0, x1, y1) = sides_of(facet.flat)
        x, y = point
        if not (x0 <= x <= x1 and y0 <= y <= y1):
            continue
        beside = along[:, 0] * (y - corners[:, 1]) - along[:, 1] * (x - corners[:, 0])
        depth = float((turn * beside / length).min())
        if best is None or depth > best[0]:
            best = depth, facet
    if best is None or best[0] < -1.5:
        return None
    return np.array([*point, 1.0]) @ carrying(best[1].flat, best[1].space)


@lru_cache(maxsize=20000)
def sides_of(flat):
    """A flat part's corners, sides, way round and the box within which a point can be near it."""
    corners = np.array(flat)
    after = np.roll(corners, -1, axis=0)
    along = after - corners
    turn = np.sign((corners[:, 0] * after[:, 1] - after[:, 0] * corners[:, 1]).sum())
    length = np.linalg.norm(along, axis=1)
    kept = length > 1e-6
    near = (*(corners.min(axis=0) - 1.5).tolist(), *(corners.max(axis=0) + 1.5).tolist())
    return corners[kept], along[kept], turn, length[kept], near


@lru_cache(maxsize=20000)
def carrying(flat, space):
    solved, *_ = np.linalg.lstsq(np.column_stack([np.array(flat), np.ones(len(flat))]), np.array(space), rcond=None)
    return solved


class Said(unittest.TestCase):
    def test_no_number_is_finer_than_the_maker_s_ruler(self):
        for name, spec in makes():
            # A tape and the teeth in it both as measured put the seam where they put it.
            measured = {"zip_width", "tape_width"} <= (spec.get("size") or {}).keys()
            if spec["rounding"] == "none" or measured:
                continue
            grid = Grid(step_of(spec))
            for place, text in sentences(said_of(spec)):
                for told, unit in NUMBER.findall(STITCHES.sub("", text)):
                    mm = read_length(f"{told} {unit}", "cm").mm
                    self.assertAlmostEqual(grid.round(mm), mm, 5, (name, place, text))

    def test_no_length_is_told_as_nothing_in_a_sum(self):
        for name, spec in makes():
            draft = draft_of(spec)
            for key, chain in draft.sums.items():
                texts = [line["label"] for line in said_of(spec)["sums"][key]["lines"]]
                for line, text in zip(chain.lines, texts, strict=True):
                    told = [v for v in line.label.params.values() if isinstance(v, float)]
                    if told and min(map(abs, told)) > 0.01:
                        self.assertIsNone(re.search(r"(?<![\d.,/])0 (cm|in|mm)", text), (name, key, text))

    def test_no_step_speaks_of_a_layer_or_notion_the_make_does_not_have(self):
        for name, spec in makes():
            draft, document = draft_of(spec), said_of(spec)
            roles = {layer.role for layer in read_spec(spec, CATALOGUE)[1].stack.layers}
            # A part's are numbered.
            needs = {re.sub(r"-\d+$", "", need.id) for need in draft.needs}
            has = {role: role in roles for role in ("lining", "interfacing", "padding")}
            has |= {notion: notion in needs for notion in ("zip", "elastic", "ribbon", "cord", "frame")}
            # Piping has a cord of its own, a button's loop is of one; a made one is a piece.
            has["cord"] |= bool(needs & {"piping", "loop"}) or any(piece.id == "cord" for piece in draft.pieces)
            has["ribbon"] |= any(piece.id.split("-")[0] == "ribbon" for piece in draft.pieces)
            for notion in ("ribbon", "cord"):
                has[notion] |= any(need.role == notion for need in draft.needs)
            named = [layer.material.name for layer in read_spec(spec, CATALOGUE)[1].stack.layers]
            materials = [Speaker(draft.ruler).say(material).lower() for material in named]
            for step in document["steps"]:
                # What is done and why, not what a caution weighs, nor what a material is called.
                said = (step["title"], words_of(step), step["check"], step["why"], step["lost"])
                text = " ".join(part for part in said if part).lower()
                # The hoop that cloth is embroidered in is no part of it.
                text = re.sub(r"(in a|in the|out of the) frame|a frame would leave its ring", "", text)
                for material in materials:
                    text = text.replace(material, "")
                for word, there in has.items():
                    if not there:
                        self.assertIsNone(re.search(rf"\b{word}\b", text), (name, step["id"], text))
                self.assertIsNone(re.search(r"\b1 (pieces|corners|seams|tablespoons)\b", text), (name, text))

    def test_what_is_folded_in_says_what_becomes_of_its_padding(self):
        """Hems and folded rims; the allowances of seams say it where they are sewn."""
        padded = [{"material": "cotton-batting", "role": "padding"}]
        plain = [{"material": "linen", "role": "outer"}, {"material": "quilting-cotton", "role": "lining"}]
        folded = (
            (
                form,
                {
                    **starting_spec(CATALOGUE[form], Ruler("cm"), None),
                    "layers": plain + padded,
                    "options": {"top": top},
                },
            )
            for form in ("boxed-bag", "cylinder", "cone")
            for top in ("folded-in", "plain")
        )
        quilted = [plain[0], {**padded[0], "held": "quilted", "margin": "2 cm"}]
        before = (
            (
                form,
                {**starting_spec(CATALOGUE[form], Ruler("cm"), None), "layers": quilted, "options": {"top": "plain"}},
            )
            for form in ("boxed-bag", "cylinder", "cone")
        )
        seen = {"shorter": 0, "trim": 0, "unpicked": 0}
        for name, spec in (*makes(), *folded, *before):
            draft = draft_of(spec)
            by_id = {piece.id: piece for piece in draft.pieces}
            text = {step["id"]: words_of(step) for step in said_of(spec)["steps"]}
            for step in draft.steps:
                hems = [hem for hem in draft.hems if hem.id in step.seams and hem.depth > 0]
                uses = [use for hem in hems for use in hem.edges] if hems else list(step.edges)
                if not hems and step.id != "fold-rims":
                    continue
                for use in uses:
                    piece = by_id[use.piece]
                    edge = piece.by_key[use.key]
                    if edge.allowance <= 0 or not any(
                        c.role == "padding" and piece.reaches(c, edge) for c in piece.cuts
                    ):
                        continue
                    if hems and any(layer.margin for layer in read_spec(spec, CATALOGUE)[1].stack.all("padding")):
                        # It was quilted before anything was cut.
                        told = f"At the {Speaker(draft.ruler).say(edge.name)} take out the quilting stitches"
                        first = re.sub(
                            r"^(Set the machine|If the raw edges were)[^.]+straight stitch\. ", "", text[step.id]
                        )
                        self.assertTrue(first.startswith(told), name)
                        seen["unpicked"] += 1
                    elif hems:
                        told = f"shorter at the {Speaker(draft.ruler).say(edge.name)}"
                        laying = text["padding"] if "padding" in text else text["outer-quilt"]
                        self.assertIn(told, laying, name)
                        # Who has laid it already, or quilted through, can no longer.
                        self.assertLess(laying.index(told), laying.index("Lay "), name)
                        seen["shorter"] += 1
                    else:
                        self.assertRegex(text[step.id], r"^Trim the [a-z ]+ out of the top allowance", name)
                        seen["trim"] += 1
        self.assertTrue(min(seen.values()), seen)

    def test_what_is_looked_for_was_done(self):
        """What a look says is so, and the word for doing it that stands in its step or in one before."""
        done = {
            "fastened": "fasten",
            "pinned": "pin",
            "basted": "bast",
            "knotted": "knot",
            "trimmed": "trim",
            "glued": "glu",
            "fused": "fus",
            "threaded": "thread",
            "tied": "tie",
            "locked": "lock",
            "pressed": "press",
            "marked": "mark",
        }
        looked = set()
        for name, spec in makes():
            before = ""
            for step in said_of(spec)["steps"]:
                before += f" {step['title']} {words_of(step)}".lower()
                for word in set(re.findall(r"[a-z]+", (step["check"] or "").lower())) & set(done):
                    looked.add(word)
                    own = f"{step['title']} {words_of(step)}".lower()
                    # What holds something for now is done there and then.
                    text = own if word in ("fastened", "pinned", "basted", "knotted") else before
                    self.assertIn(done[word], text, (name, step["id"], step["check"]))
        self.assertTrue(looked)

    def test_what_is_creased_in_the_middle_is_laid_end_on_end(self):
        told = 0
        for name, spec in makes():
            draft = draft_of(spec)
            say = Speaker(draft.ruler).say
            marked = " ".join(say(line.text) for step in draft.steps for line in step.lines if "mark" in step.id)
            for piece in draft.pieces:
                ends = {}
                for edge in piece.edges:
                    ends.setdefault(say(edge.name), []).extend(p for s in edge.path for p in (s.start, s.end))
                for fold in piece.folds:
                    axis = 1 if abs(fold.line.end[0] - fold.line.start[0]) > 1e-6 else 0
                    x0, y0, x1, y1 = piece.stitch_box
                    for one, other in re.findall(
                        rf"{re.escape(say(fold.name))}: in the middle, ([^.;]+) on ([^.;]+)", marked
                    ):
                        if one in ends and other in ends:
                            low, high = (y0, y1) if axis else (x0, x1)
                            at = sorted(
                                (min(p[axis] for p in ends[key]), max(p[axis] for p in ends[key]))
                                for key in (one, other)
                            )
                            # The one reaches the one end, the other the other.
                            self.assertAlmostEqual(at[0][0], low, 3, (name, piece.id))
                            self.assertAlmostEqual(at[1][1], high, 3, (name, piece.id))
                            told += 1
        self.assertGreater(told, 10)

    def test_what_is_tacked_to_the_right_side_at_a_mark_finds_it_there(self):
        seen = 0
        for name, spec in makes():
            draft = draft_of(spec)
            loops = [mark for piece in draft.pieces for mark in piece.marks if mark.label.id == "mark.loop"]
            steps = {
                step.id: " ".join(Speaker(draft.ruler).say(line.text) for line in step.lines) for step in draft.steps
            }
            if loops and "right side of" in steps["loop-in"]:
                self.assertTrue(all(mark.seen for mark in loops), name)
                marked = ". ".join(text for id, text in steps.items() if id.startswith("mark"))
                told = [text for text in marked.split(". ") if Speaker(draft.ruler).say(loops[0].label) in text]
                self.assertTrue(
                    told and all(re.search("right side|Snip|tailor's tacks|stitch of thread", text) for text in told),
                    (name, told),
                )
                seen += 1
        self.assertGreater(seen, 2)

    def test_how_deep_an_edge_is_turned_in_is_told_where_it_is_turned_in(self):
        seen = set()
        for name, spec in makes():
            draft = draft_of(spec)
            depths = {hem.id: hem.depth for hem in draft.hems if hem.depth > 0.01}
            for step in draft.steps:
                told = " ".join(Speaker(draft.ruler).say(line.text) for line in step.lines)
                for id in depths.keys() & set(step.seams):
                    seen.add(id)
                    # Folded on lines that are marked, in quarters, or on the line of the top with all that goes inside.
                    if id.endswith(("-strap", "binding-fold")) or (draft.form, id) in FOLDED_ON_LINES:
                        continue
                    self.assertIn(draft.ruler.write(depths[id]), told, (name, step.id, id))
        self.assertGreater(len(seen), 15)

    def test_a_seam_is_sewn_over_what_of_the_zip_lies_in_it(self):
        seen = set()
        for name, spec in makes():
            draft = draft_of(spec)
            by_id = {piece.id: piece for piece in draft.pieces}
            ends = {
                seam.id for seam in draft.seams for side in (seam.a, seam.b)
                if len(side) > 1 and any(use.piece == "zip" for use in side)
            }  # fmt: skip
            if not ends:
                if "zip" in by_id:
                    # Its ends lie free: they are finished by themselves, and nothing is cut off that no seam holds.
                    self.assertNotIn("zip-tab", by_id, name)
                    self.assertNotIn("zip-tails", {step.id for step in draft.steps}, name)
                    self.assertLess(draft.finished["zip_opening"], draft.finished["chord"] - 1.0, name)
                    seen.add("free")
                continue
            way, opens = draft.spec["options"]["zip_ends"], draft.finished["zip_opening"]
            edge = max(by_id["zip"].by_key[key].length for key in ("upper", "lower"))
            self.assertEqual("zip-tab" in by_id, way == "fabric-tabs")
            if way == "shortened":
                # The tail beyond its new stop is longer than what is left.
                self.assertLess((edge - opens) / 2, ZIP_TAIL, name)
            over = {"fabric-tabs": "zip tab", "long-tape": "zip", "shortened": "cut end of the zip", "plain": ""}[way]
            for step in draft.steps:
                if step.layer == "lining" or not ends & set(step.seams):
                    continue
                said = [Speaker(draft.ruler).say(line.text) for line in step.lines if line.part == "ends"]
                # What else was tacked there has its own property (`test_catching`).
                said = [text for text in said if "each end of" not in text]
                found = [
                    re.search(r"times over (?:the |each )?([a-z ]+?)(?:'s teeth)?(?: at each end)?\.", text)
                    for text in said
                ]
                told = [match[1] for match in found if match]
                self.assertEqual(told, [over] if over else [], (name, step.id))
                caution = "" if step.caution is None else Speaker(draft.ruler).say(step.caution)
                self.assertTrue(over == "zip tab" or "metal" in caution, (name, step.id, caution))
                seen.add(over)
        self.assertEqual(seen, {"zip tab", "zip", "cut end of the zip", "", "free"})

    def test_no_step_speaks_of_a_thing_that_is_not_there(self):
        """Words for what a make has, and when it has it."""
        for name, spec in makes():
            draft = draft_of(spec)
            ids = {piece.id.split("-")[0] for piece in draft.pieces}
            edges = {key for piece in draft.pieces for key in piece.by_key}
            stack = read_spec(spec, CATALOGUE)[1].stack
            parts = {part["kind"] for part in spec.get("parts", ())}
            there = {
                "gap": bool(draft.gaps),
                "bag": "bag" in Speaker(draft.ruler).say(msg(f"form.{draft.form}")).lower() or draft.form == "mug-bag",
                "casing": "casing" in ids or any("casing" in hem.id for hem in draft.hems),
                "collar": "collar" in ids,
                "tie line": any(step.id == "tie" for step in draft.steps),
                "flap": "flap" in ids or "flap" in edges or draft.form == "weight",
                "facing": "facing" in ids,
                "gusset": "gusset" in ids,
                "binding": "binding" in ids
                or any(cut.role == "binding" for piece in draft.pieces for cut in piece.cuts),
                "handle": "handle" in ids or draft.form == "sleeve",
                "button": any(need.role == "button" for need in draft.needs),
                "fuse": any(layer.held == "fused" for layer in stack.layers) or "motif" in parts,
                "tape": bool({"zip", "piping"} & (ids | parts))
                or any(need.role in ("bias-tape", "hook-and-loop") for need in draft.needs),
                "tube": draft.form in ("sleeve", "neck-bag", "tetra", "boxed-bag", "cylinder", "cone"),
                "corners": draft.form not in ("cylinder", "cone", "lid-cover", "round-pouch")
                or "shape" in spec
                or bool(parts & CORNERED),
                "base": any("base" in edge for edge in edges)
                or "base" in ids
                or draft.form in ("mug-bag", "dart-bowl", "boxed-bag"),
            }
            for step in said_of(spec)["steps"]:
                said = (step["title"], words_of(step), step["check"], step["caution"], step["why"], step["lost"])
                text = " ".join(part for part in said if part).lower()
                for word, has in there.items():
                    if not has:
                        # "A scrap of tape" and a measuring tape are no zip's.
                        text = re.sub(r"(scrap of|stick|with) tape( that comes off again)?|take the tape off", "", text)
                        self.assertIsNone(re.search(rf"\b{word}s?\b", text), (name, step["id"], word, text))

    def test_nothing_is_told_on_another_ruler_than_the_maker_s(self):
        other = {"cm": r"\b(inch|inches|yard|yards|yd)\b|\d in\b", "in": r"\b(cm|mm|centimetres?|millimetres?)\b"}
        for name, spec in makes():
            for place, text in sentences(said_of(spec)):
                found = re.search(other[spec["unit"]], re.sub(r"\d+ ?g\b", "", STITCHES.sub("", text)))
                self.assertIsNone(found, (name, place, text))

    def test_stiffening_names_the_pieces_it_is_cut_for(self):
        for name, spec in makes():
            draft, document = draft_of(spec), said_of(spec)
            for step in document["steps"]:
                role = step["id"].split("-")[0]
                if role not in ("interfacing", "padding") or any(s["id"] == f"{role}-late" for s in document["steps"]):
                    # What is stiffened later has a step of its own.
                    continue
                last = step["id"].rpartition("-")[2]
                nth = int(last) - 1 if last.isdigit() else 0
                # A mat that goes along with another make is quilted by itself.
                apart = () if draft.form == "mat" else ("mat-backing",) if role == "padding" else ()
                for piece in draft.pieces:
                    has = any(cut.role == role and cut.nth == nth for cut in piece.cuts) and piece.id not in apart
                    # What gets none of it is named by itself.
                    said = " ".join(
                        line["text"]
                        for line in step["lines"]
                        if not line["text"].startswith(("Not on:", "While it lies"))
                    )
                    self.assertEqual(f"({piece.letter})" in said, has, (name, said, piece.id))
                    self.assertEqual(piece.id in step["pieces"], has, (name, step["pieces"], piece.id))

    def test_sums_add_up_as_they_are_shown(self):
        for name, spec in makes():
            for key, chain in said_of(spec)["sums"].items():
                last = Fraction(0)
                for line in chain["lines"]:
                    amount, total = number(line["amount"]), number(line["total"])
                    match line["operation"]:
                        case "plus":
                            wanted, room = last + amount, 0.0
                        case "minus":
                            wanted, room = last - amount, 0.0
                        case "times":
                            wanted, room = last * amount, 0.5
                        case "divide":
                            wanted, room = last / amount, 0.5
                        case _:
                            wanted, room = total, 0.0
                    places = len(line["total"].partition(".")[2])
                    room = 1e-9 if "/" in line["total"] else room * 10.0 ** -max(1, places) + 1e-9
                    if line["operation"] == "times" and "." in line["amount"]:
                        # A factor that never ends is shown to its last digit.
                        room += float(last) * 0.5 * 10.0 ** -len(line["amount"].partition(".")[2])
                    self.assertLessEqual(abs(float(wanted - total)), room, (name, key, line))
                    last = total
                self.assertEqual(chain["total"]["text"].rsplit(" ", 1)[0], chain["lines"][-1]["total"], (name, key))


def sentences(document):
    """Everything a make says with a length in it, but what the maker typed."""
    for check in document["checks"]:
        yield check["id"], f"{check['title']} {check['message']} {(check['fix'] or {}).get('label', '')}"
        yield check["id"], " ".join((check["fix"] or {"set": {}})["set"].values())
    for step in document["steps"]:
        yield step["id"], " ".join(filter(None, (words_of(step), step["check"], *step["causes"], step["remedy"])))
    for piece in document["pieces"]:
        for mark in piece["marks"]:
            yield piece["id"], " ".join(filter(None, (mark["label"], mark["datum"])))
    for need in document["needs"]:
        yield need["id"], f"{need['exact']['text']} {need['buy']['text']} {need['note'] or ''}"
    for item in document["inputs"]:
        if item["typed"] is None:
            yield item["field"], item["value"]["text"]


if __name__ == "__main__":
    unittest.main()
