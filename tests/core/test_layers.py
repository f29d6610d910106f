"""Layers that lie on a cloth: each cut by its own rule, put on once, told where it ends, and as thick as what lies there."""

import itertools
import re
import unittest

import shapely
from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.drafting.starting import as_form
from eggtuck.core.forms import CATALOGUE, draft_spec, on_ruler, read_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials import BACKING, MATERIALS
from eggtuck.core.pattern import SpecError
from eggtuck.core.plane import OffsetError, Segment, area, bounds, clipped, flatten
from eggtuck.core.words import Speaker, msg
from tests import share
from tests.literal import complaints
from tests.makes import draft_of, makes, mended, said_of, told, words_of

RULES = ("full", "smaller", "net", "lower", "upper", "left", "right", "band", "none")
LINED = [{"material": "linen", "role": "outer"}, {"material": "quilting-cotton", "role": "lining"}]
# A mat cuts its layers larger than itself, whatever is chosen.
OWN_WAY = {"mat"}


def spec_of(form, *backing, cloths=LINED, **more):
    return {**starting_spec(CATALOGUE[form], Ruler("cm"), None), "layers": [*cloths, *backing], **more}


def pad(**more):
    return {"material": "cotton-batting", "role": "padding", **more}


def stiff(**more):
    return {"material": "light-interfacing", "role": "interfacing", **more}


def lying(draft, role="padding"):
    return [(piece, cut) for piece in draft.pieces for cut in piece.cuts if cut.role == role]


def polygon(outline):
    return shapely.Polygon(flatten(outline, 0.001))


def spec_without(spec):
    """The same with its padding kept out of every seam."""
    return {**spec, "layers": [*spec["layers"][:-1], {**spec["layers"][-1], "cut": "net"}]}


def padding_in(draft, step):
    """Whether any padding lies in the allowance of an edge that a step sews."""
    pieces = {piece.id: piece for piece in draft.pieces}
    for seam in draft.seams:
        for use in (*seam.a, *seam.b) if seam.id in step["seams"] else ():
            piece = pieces[use.piece]
            edge = piece.by_key[use.key]
            line = shapely.LineString([*flatten(edge.path, 0.001), edge.path[-1].end])
            beside = line.buffer(0.4, cap_style="flat")
            beside = beside if edge.internal else beside - polygon(piece.stitch_outline)
            for cut in piece.cuts:
                if cut.role == "padding" and polygon(piece.outline_for(cut)).intersection(beside).area > 0.05:
                    return True
    return False


def every(*rules, ons=("outer", "lining", "both"), held=None):
    """Each form with its padding cut by each rule on each cloth."""
    for form, on, rule in share(itertools.product(CATALOGUE, ons, rules), 2):
        more = {"held": held} if held else {}
        yield (
            f"{form} {on} {rule}",
            form,
            spec_of(form, pad(on=on, cut=rule, inset="6 mm", low="5 mm", high="2 cm", **more)),
        )


class Clipping(unittest.TestCase):
    @given(
        st.lists(st.tuples(st.floats(0, 100), st.floats(-0.9, 0.9)), min_size=3, max_size=7),
        st.sampled_from(["x", "y"]),
        st.floats(-120, 120),
        st.floats(1, 150),
    )
    def test_what_lies_in_a_band_is_what_a_box_cuts_out(self, corners, axis, low, wide):
        # A star-shaped outline: corners at even angles, arcs no deeper than their distance from the middle allows.
        import math

        at = [
            (math.cos(2 * math.pi * i / len(corners)), math.sin(2 * math.pi * i / len(corners)))
            for i in range(len(corners))
        ]
        points = [((r + 20) * x, (r + 20) * y) for (r, _), (x, y) in zip(corners, at, strict=True)]
        outline = tuple(
            Segment(a, b, round(bulge * 0.2, 6))
            for a, b, (_, bulge) in zip(points, [*points[1:], points[0]], corners, strict=True)
        )
        whole = polygon(outline)
        if not whole.is_valid:
            return
        far = 1e3
        box = shapely.box(low, -far, low + wide, far) if axis == "x" else shapely.box(-far, low, far, low + wide)
        expected = whole.intersection(box).area
        try:
            got = area(clipped(outline, axis, low, low + wide))
        except OffsetError:
            self.assertLess(expected, 0.2)
            return
        self.assertAlmostEqual(got, expected, delta=0.2 + 1e-4 * whole.area)


class Rules(unittest.TestCase):
    def test_each_is_cut_as_its_rule_says(self):
        """Told once more with polygons: the stitch line, the cut line moved in, halves and bands of what is cut full."""
        seen = set()
        for name, form, spec in every(*RULES):
            if form in OWN_WAY:
                continue
            try:
                draft = draft_of(spec)
            except SpecError as error:
                self.fail(f"{name}: {error}")
            rule = spec["layers"][-1]["cut"]
            cuts = lying(draft)
            if rule == "none":
                self.assertEqual(cuts, [], name)
                continue
            for piece, cut in cuts:
                seen.add((form, rule))
                full = polygon(piece.cut_outline if piece.cut_as is None else piece.cut_as)
                x0, y0, x1, y1 = bounds(piece.stitch_outline)
                expected = {
                    "full": lambda full=full: full,
                    "net": lambda piece=piece: polygon(piece.stitch_outline),
                    "lower": lambda full=full, y=(y0 + y1) / 2: full.intersection(shapely.box(-1e4, -1e4, 1e4, y)),
                    "upper": lambda full=full, y=(y0 + y1) / 2: full.intersection(shapely.box(-1e4, y, 1e4, 1e4)),
                    "left": lambda full=full, x=(x0 + x1) / 2: full.intersection(shapely.box(-1e4, -1e4, x, 1e4)),
                    "right": lambda full=full, x=(x0 + x1) / 2: full.intersection(shapely.box(x, -1e4, 1e4, 1e4)),
                    "band": lambda full=full, y=y0: full.intersection(shapely.box(-1e4, y + 5, 1e4, y + 20)),
                    "smaller": lambda full=full: full.buffer(-6, join_style="mitre", mitre_limit=10),
                }[rule]()
                got = polygon(piece.outline_for(cut))
                with self.subTest(f"{name} {piece.id}"):
                    # A half ends on a mark of the ruler, half a mark off the middle at most.
                    off = 0.5 * max(x1 - x0, y1 - y0) if rule in ("lower", "upper", "left", "right") else 0.0
                    self.assertAlmostEqual(got.area, expected.area, delta=max(1.5, 3e-3 * full.area) + off)
        self.assertEqual({form for form, _ in seen}, set(CATALOGUE) - OWN_WAY)

    def test_it_lies_on_the_cloth_it_is_said_to_lie_on(self):
        for name, form, spec in every("full"):
            if form in OWN_WAY:
                continue
            on = spec["layers"][-1]["on"]
            wanted = {"both": {"outer", "lining"}}.get(on, {on})
            hosts = {cut.on for _, cut in lying(draft_of(spec))}
            flat = any(cut.role == "lining" and cut.on for piece in draft_of(spec).pieces for cut in piece.cuts)
            self.assertEqual(hosts, {"outer"} if flat else wanted, name)

    def test_a_piece_by_itself(self):
        """One piece otherwise than the others; one that usually has none; none where the rule was."""
        for form in CATALOGUE:
            if form in OWN_WAY:
                continue
            draft = draft_of(spec_of(form, pad()))
            for piece in draft.pieces:
                if not piece.cuts:
                    continue
                before = {p.id: cut.rule for p, cut in lying(draft)}
                rule = "none" if piece.id in before else "net"
                after = {p.id: c.rule for p, c in lying(draft_of(spec_of(form, pad(pieces={piece.id: rule}))))}
                if rule == "none":
                    before.pop(piece.id)
                else:
                    before[piece.id] = rule
                self.assertEqual(after, before, f"{form} {piece.id}")

    def test_what_is_usual_for_a_piece_is_what_it_gets_when_nothing_is_said_of_it(self):
        for form, on in itertools.product(CATALOGUE, ("outer", "lining", "both")):
            if form in OWN_WAY:
                continue
            plain = {
                row["piece"]: row
                for row in told(draft_of(spec_of(form, pad(on=on, cut="lower"))))["backings"][0]["pieces"]
            }
            rules = dict.fromkeys(plain, "net")
            for row in told(draft_of(spec_of(form, pad(on=on, cut="lower", pieces=rules))))["backings"][0]["pieces"]:
                self.assertTrue(row["told"])
                self.assertEqual(row["usual"], plain[row["piece"]]["rule"], f"{form} {on} {row['piece']}")

    def test_whether_it_stays_in_the_seams_is_asked_where_a_seam_catches_it(self):
        """Another answer changes what is said of the make, or there is no question."""
        answers = {True: 0, False: 0}
        for name, form, spec in every(*RULES, ons=("outer",)):
            if form in OWN_WAY:
                continue
            layer = {**spec["layers"][-1], "inset": "3 cm" if form == "wedge" else "6 mm"}
            # Between two cloths sewn as one it cannot be got at.
            one = {"joined": "as-one"} if any(option.id == "joined" for option in CATALOGUE[form].options) else {}
            drafts = [
                draft_of({**spec, "options": one, "layers": [*LINED, {**layer, "in_seams": how}]})
                for how in ("caught", "trimmed")
            ]
            notes = [[layer.notes for s in draft.sections for layer in s.layers] for draft in drafts]
            asked = told(drafts[0])["backings"][0]["caught"]
            answers[asked] += 1
            trims = "trim the cotton" in " ".join(words_of(step) for step in told(drafts[1])["steps"])
            self.assertEqual(trims, asked, name)
            self.assertEqual(notes[0] != notes[1], asked, name)
        self.assertTrue(min(answers.values()), answers)

    def test_of_each_seam_through_padding_it_is_said_what_becomes_of_it(self):
        """By polygons: what is cut of it, and a strip along the stitch line on the allowance's side."""
        said = {"trim the cotton batting": 0, "The cotton batting stays in this seam.": 0}
        ways = ({"joined": "as-one"}, {"shows": "outer"}, {"shows": "both"}, {})
        for name, form, spec in every("full", "lower", ons=("outer",)):
            if form in OWN_WAY:
                continue
            ids = {option.id for option in CATALOGUE[form].options}
            for how, options in itertools.product(("caught", "trimmed"), [one for one in ways if {*one} <= ids]):
                padding = {**spec["layers"][-1], "in_seams": how}
                draft = draft_of(
                    {
                        **spec,
                        "layers": [*spec["layers"][:-1], padding],
                        "options": {**spec.get("options", {}), **options},
                    }
                )
                for step in told(draft)["steps"]:
                    if not step["seams"] or step["allowance"] is None:
                        continue
                    told_of = [text for text in said if text in words_of(step)]
                    with self.subTest(f"{name} {how} {options} {step['id']}"):
                        self.assertEqual(len(told_of), int(step["layer"] != "lining" and padding_in(draft, step)))
                    for text in told_of:
                        said[text] += 1
        self.assertGreater(min(said.values()), 30, said)

    def test_what_was_said_of_the_make_is_said_of_its_layers(self):
        """Specs as they were written before draft the same cuts."""
        for was, now in (
            (("inset", "7 mm"), {"cut": "smaller", "inset": "7 mm"}),
            (("net", None), {"cut": "net"}),
            (("full", None), {}),
        ):
            old = spec_of("wedge", stiff(), pad())
            old["options"] = {**old.get("options", {}), "interfacing": was[0]}
            if was[1]:
                old["size"] = {**old["size"], "interfacing_inset": was[1]}
            new = spec_of("wedge", stiff(**now), pad(**now))
            one, other = draft_spec(old), draft_spec(new)
            self.assertEqual([p.cuts for p in one.pieces], [p.cuts for p in other.pieces])
            self.assertNotIn("interfacing", one.spec["options"])

    def test_on_another_ruler_and_in_another_form_the_rules_stay(self):
        rules = (
            {"cut": "smaller", "inset": "0,7"},
            {"cut": "band", "low": "1", "high": "3"},
            {"pieces": {"body": "lower"}},
        )
        for rule in rules:
            spec = spec_of("wedge", pad(**rule))
            one, other = (read_spec(told, CATALOGUE)[1].stack for told in (spec, on_ruler(spec, "in", ".")))
            self.assertEqual(one.layers[-1].rule, other.layers[-1].rule)
        old = {**spec_of("wedge", stiff()), "options": {"interfacing": "net"}}
        moved = as_form(old, CATALOGUE["tetra"], Ruler("cm"))
        self.assertEqual({cut.rule for _, cut in lying(draft_spec(moved), "interfacing")}, {"net"})

    def test_a_form_that_cuts_in_its_own_way_says_so(self):
        draft = draft_of(spec_of("mat", pad(cut="net")))
        self.assertIn("layers.rule.padding", [check.id for check in draft.checks])
        for form in set(CATALOGUE) - OWN_WAY:
            draft = draft_of(spec_of(form, pad(cut="net")))
            self.assertNotIn("layers.rule.padding", [check.id for check in draft.checks], form)

    def test_padding_that_nothing_covers_is_told_with_a_lining(self):
        """A weight, a mat and a bookmark have no inside; of every other form padding without a lining is seen and felt there."""
        told_of, offered = {True: 0, False: 0}, set()
        for name, spec in makes():
            draft = draft_of(spec)
            bare = bool(lying(draft)) and not any(cut.role == "lining" for p in draft.pieces for cut in p.cuts)
            found = next((check for check in said_of(spec)["checks"] if check["id"] == "layers.bare"), None)
            with self.subTest(name):
                self.assertEqual(found is not None, bare and CATALOGUE[spec["form"]].traits.ends == "open")
                told_of[found is not None] += 1
                if found is not None and spec["form"] not in offered:
                    offered.add(spec["form"])
                    after = said_of(mended(spec, found["fix"]))
                    self.assertNotIn("layers.bare", [check["id"] for check in after["checks"]])
        self.assertTrue(all(told_of.values()))

    def test_in_few_words_it_is_cut_as_its_pieces_are(self):
        for form, rule in itertools.product(CATALOGUE, RULES):
            try:
                document = said_of(spec_of(form, pad(cut=rule, high="6 cm")))
            except SpecError:
                continue
            for backing in document["backings"]:
                rules = {row["rule"] for row in backing["pieces"]} - {"none"} or {"none"}
                inset = backing["inset"]["mm"]
                said = {r for r in RULES if Speaker(Ruler("cm")).say(msg(f"rule.{r}", inset=inset)) in backing["notes"]}
                self.assertTrue(said & rules, (form, rule, backing["notes"], rules))


class Thickness(unittest.TestCase):
    def test_what_lies_inside_counts_as_often_as_it_lies_there(self):
        for name, form, spec in every("full"):
            if form in OWN_WAY:
                continue
            draft = draft_of(spec)
            for section in draft.sections:
                if len(section.layers) < 3:
                    continue
                by_hand = MATERIALS["linen"].thickness * sum(1 for layer in section.layers if layer.role == "outer")
                by_hand += MATERIALS["quilting-cotton"].thickness * sum(1 for o in section.layers if o.role == "lining")
                by_hand += MATERIALS["cotton-batting"].thickness * len(
                    [o for o in section.layers if o.role == "padding"]
                )
                self.assertAlmostEqual(section.thickness, by_hand, 6, name)

    def test_padding_on_both_makes_the_bag_larger_round(self):
        import math

        thing = {"kind": "jar", "girth": "30", "height": "12", "base_diameter": "9"}
        girths = []
        for on in ("outer", "lining", "both"):
            spec = starting_spec(CATALOGUE["boxed-bag"], Ruler("cm"), thing)
            spec |= {"layers": [*LINED, pad(on=on)], "rounding": "none"}
            girths.append(draft_spec(spec).finished["girth"])
        self.assertAlmostEqual(girths[0], girths[1], 6)
        self.assertGreaterEqual(girths[2] - girths[0], 2 * math.pi * MATERIALS["cotton-batting"].thickness - 1e-6)

    def test_a_section_has_its_right_sides_outward_and_its_glue_to_its_cloth(self):
        for form, on in itertools.product(CATALOGUE, ("outer", "lining", "both")):
            draft = draft_of(spec_of(form, stiff(on=on), pad(on=on)))
            for section in draft.sections:
                if form in OWN_WAY:
                    continue
                layers = section.layers
                cloths = [i for i, layer in enumerate(layers) if layer.right]
                for i, layer in enumerate(layers):
                    if layer.glue:
                        nearest = (
                            max((c for c in cloths if c < i), default=None)
                            if layer.glue == "out"
                            else min((c for c in cloths if c > i), default=None)
                        )
                        self.assertIsNotNone(nearest, (form, section))
                        between = layers[min(i, nearest) + 1 : max(i, nearest)]
                        self.assertFalse([o for o in between if o.role == "padding"], (form, "fused onto padding"))
                self.assertEqual(
                    [layers[c].right for c in cloths],
                    ["out", "in"][-len(cloths) :]
                    if len(cloths) < 2 and layers[cloths[0]].role == "lining"
                    else ["out", "in"][: len(cloths)],
                    form,
                )


class Told(unittest.TestCase):
    def test_of_a_cuff_without_a_lining_it_is_told_what_shows(self):
        named = {"padding": "cotton batting", "interfacing": "light interfacing"}
        for form, layers in itertools.product(
            ("boxed-bag", "cylinder"),
            ([], [pad()], [stiff()], [stiff(), pad()], [pad(cut="lower")], [pad(cut="upper")], [pad(cut="none")]),
        ):
            spec = spec_of(form, *layers, cloths=LINED[:1], options={"top": "cuff-out"})
            (text,) = (step["lines"][-1]["text"] for step in told(draft_of(spec))["steps"] if step["id"] == "cuff")
            last = layers[-1] if layers and layers[-1].get("cut") not in ("lower", "none") else None
            if last is None:
                self.assertIn("the wrong side of the cloth shows", text, (form, layers))
            else:
                self.assertIn(f"the {named[last['role']]} on its wrong side shows", text, (form, layers))

    def test_every_layer_is_put_on_once_before_it_is_sewn_or_slipped_in_at_the_end(self):
        for held, rules in (("basted", ("full", "net", "lower")), ("quilted", ("full",)), ("slipped", ("net",))):
            for name, _form, spec in every(*rules, held=held):
                try:
                    draft = draft_of(spec)
                except SpecError:
                    self.assertEqual(held, "slipped", name)
                    continue
                document = told(draft)
                self.assertEqual(complaints(document), [], name)
                steps = document["steps"]
                first = next((i for i, step in enumerate(steps) if step["seams"] and step["kind"] == "sew"), len(steps))
                for piece in {piece.id: piece for piece, _ in lying(draft)}.values():
                    hosts = {cut.on for cut in piece.cuts if cut.role == "padding"}
                    on = [
                        i
                        for i, step in enumerate(steps)
                        if re.search(r"\b(padding|cotton batting)\b", f"{words_of(step)} {step['title']}")
                        and re.search(r"[Ll]ay|[Ss]lip|[Qq]uilt|Roll", f"{words_of(step)} {step['title']}")
                        and any(thing["letter"] == piece.letter for thing in step["things"])
                        and step["kind"] != "cut"
                        and not step["seams"]
                    ]
                    with self.subTest(f"{name} {held} {piece.letter}"):
                        self.assertTrue(on, f"{hosts} of {piece.letter} is put on nowhere")
                        if held == "slipped":
                            closed = next(i for i, step in enumerate(steps) if step["closes"])
                            self.assertTrue(all(first < i < closed for i in on))
                            # What is stitched through the turned layers would lie across its way.
                            self.assertTrue(all(steps[i - 1]["kind"] != "sew" for i in on))

    def test_what_no_seam_catches_is_trimmed_out_of_none(self):
        for name, _form, spec in every("full", "net"):
            document = told(draft_of(spec))
            out = [
                step
                for step in document["steps"]
                if any("trim the cotton batting" in line["text"] for line in step["lines"])
            ]
            if spec["layers"][-1]["cut"] == "net":
                self.assertEqual(out, [], name)
            for step in out:
                self.assertTrue(step["seams"], name)
            left = told(draft_of({**spec, "layers": [*LINED, {**spec["layers"][-1], "in_seams": "caught"}]}))
            said = " ".join(words_of(step) for step in left["steps"])
            self.assertNotIn("trim the cotton batting", said, name)

    def test_only_what_lies_in_a_seam_is_trimmed_out_of_it_or_makes_it_thick(self):
        """Told by polygons: what is cut of the padding, and a strip along the stitch line on the allowance's side."""
        out, thick = 0, 0
        for name, form, spec in every(
            "full", "smaller", "lower", "upper", "left", "right", "band", ons=("outer", "both")
        ):
            if form in OWN_WAY:
                continue
            spec = {**spec, "allowance": {"default": "5 mm" if spec["layers"][-1]["cut"] == "smaller" else "1,5"}}
            draft = draft_of(spec)
            without = {step["id"]: step for step in told(draft_of(spec_without(spec)))["steps"]}
            for step in told(draft)["steps"]:
                bare = without.get(step["id"], step)
                trimmed = any("trim the cotton batting" in line["text"] for line in step["lines"])
                thicker = (step["foot"], step["stitch"]) != (bare["foot"], bare["stitch"])
                out, thick = out + trimmed, thick + thicker
                if step["seams"] and (trimmed or thicker):
                    with self.subTest(f"{name} {step['id']}"):
                        self.assertTrue(padding_in(draft, step))
        self.assertGreater(out, 100)
        self.assertGreater(thick, 50)

    def test_lines_to_quilt_along_are_marked_where_something_is_quilted(self):
        seen = set()
        for form, held in itertools.product(CATALOGUE, ("basted", "quilted", "fused")):
            material = "fusible-batting" if held == "fused" else "cotton-batting"
            draft = draft_of(spec_of(form, pad(material=material, held=held)))
            if any(mark.label.id == "mark.quilting" for piece in draft.pieces for mark in piece.marks):
                seen.add(held)
                titles = " ".join(step["title"].lower() for step in told(draft)["steps"])
                self.assertIn("quilt", titles, f"{form} {held}")
        self.assertIn("quilted", seen)

    def test_quilting_says_how_close_its_lines_lie_and_how_the_machine_moves(self):
        """In every step that quilts a padding, and in no other."""
        seen = 0
        for form, held in itertools.product(CATALOGUE, ("basted", "quilted")):
            draft = draft_of(spec_of(form, pad(held=held)))
            for step in told(draft)["steps"]:
                text = " ".join(line["text"] for line in step["lines"])
                quilts = bool(re.search(r"\bQuilt", step["title"]))
                with self.subTest(form=form, held=held, step=step["id"]):
                    self.assertEqual("feed dogs up" in text, quilts)
                    if quilts:
                        self.assertIn(f"no more than {draft.ruler.write(50.0)} apart", text)
                seen += quilts
        self.assertGreater(seen, 15)

    def test_two_that_are_slipped_in_are_two_steps(self):
        layers = pad(held="slipped"), pad(material="thin-foam", held="slipped"), stiff(held="slipped")
        steps = told(draft_of(spec_of("wedge", *layers)))["steps"]
        slipped = [step for step in steps if step["title"].startswith("Slip in")]
        self.assertEqual(len({step["id"] for step in slipped}), 3)
        self.assertEqual(["cotton" in s["title"] for s in slipped], [True, False, False])

    def test_nothing_is_trimmed_off_an_edge_that_is_finished(self):
        """What is overcast while flat, or lies between two cloths sewn as one, stays as it is; and the cut through it says the same."""
        seen = 0
        for form, (cloths, options) in itertools.product(CATALOGUE, ((LINED[:1], {}), (LINED, {"joined": "as-one"}))):
            if not set(options) <= {option.id for option in CATALOGUE[form].options}:
                continue
            draft = draft_of(spec_of(form, pad(), cloths=cloths, options=options, allowance={"default": "1,5"}))
            document = told(draft)
            flat = next((step for step in document["steps"] if step["id"] == "edges"), None)
            if flat is None:
                continue
            seen += 1
            ends = set(flat["edges"])
            for step in document["steps"]:
                used = {
                    e for seam in document["seams"] if seam["id"] in step["seams"] for e in (*seam["a"], *seam["b"])
                }
                if used & ends:
                    self.assertNotRegex(words_of(step), r"trim the cotton|grade the", f"{form} {step['id']}")
            said = " ".join(words_of(step) for step in document["steps"])
            notes = " ".join(note for s in document["sections"] for layer in s["layers"] for note in layer["notes"])
            self.assertEqual("trimmed out" in notes, "trim the cotton" in said, form)
        self.assertGreater(seen, 8)

    def test_fusing_tells_face_heat_time_and_what_gets_none(self):
        for form in CATALOGUE:
            document = told(draft_of(spec_of(form, stiff(seconds="9", steam="steam"))))
            step = next((step for step in document["steps"] if step["id"] == "interfacing"), None)
            if step is None:
                continue
            text = words_of(step)
            for wanted in ("glue side down", "9 seconds", "steam", "medium iron", "press cloth", "On a scrap first"):
                self.assertIn(wanted, text, form)
            fused = {p["letter"] for p in document["pieces"] for cut in p["cuts"] if cut["role"] == "interfacing"}
            bare = {
                p["letter"]
                for p in document["pieces"]
                for cut in p["cuts"]
                if cut["on"] is None and cut["role"] not in {c["on"] for c in p["cuts"] if c["role"] == "interfacing"}
            }
            said = next((line["text"] for line in step["lines"] if line["text"].startswith("Not on")), "")
            self.assertEqual(set(re.findall(r"\((\w+)\)", said)), bare, (form, fused))

    def test_nothing_is_fused_to_what_must_not_be_ironed(self):
        for outer in (m.id for m in MATERIALS.values() if m.iron == "never" and m.kind != "padding"):
            cloths = [{"material": outer, "role": "outer"}, LINED[1]]
            document = told(draft_spec(spec_of("wedge", stiff(), cloths=cloths)))
            step = next(step for step in document["steps"] if step["id"] == "interfacing")
            self.assertNotIn("Fuse", step["title"])
            self.assertNotIn("glue side", words_of(step))
            with self.assertRaises(SpecError) as caught:
                draft_spec(spec_of("wedge", stiff(held="fused"), cloths=cloths))
            self.assertEqual([p.field for p in caught.exception.problems], ["layers.2.held"])


def smaller(spec, piece, mm):
    """The spec with a backing of its own on one piece only, cut so much smaller all round."""
    nth = next(i for i, layer in enumerate(spec["layers"]) if layer["role"] in BACKING)
    layer = {**spec["layers"][nth], "cut": "none", "held": "basted", "inset": f"{mm} mm", "pieces": {piece: "smaller"}}
    return {**spec, "layers": [*spec["layers"][:nth], layer, *spec["layers"][nth + 1 :]]}


class Refused(unittest.TestCase):
    def test_bad_layers_name_their_field(self):
        for wrong, field in (
            (pad(on="top"), "layers.2.on"),
            (pad(cut="half"), "layers.2.cut"),
            (pad(cut="band", low="5", high="3"), "layers.2.high"),
            (pad(cut="band", low="300", high="310"), "layers.2.low"),
            (pad(held="glued"), "layers.2.held"),
            (pad(held="fused"), "layers.2.held"),
            (pad(held="slipped", cut="full"), "layers.2.cut"),
            (pad(held="slipped", cut="smaller", inset="1 mm"), "layers.2.inset"),
            (pad(pieces={"body": "half"}), "layers.2.pieces.body"),
            (pad(pieces=["body"]), "layers.2.pieces"),
            (pad(margin="1", cut="net"), "layers.2.margin"),
            (pad(margin="1", held="basted"), "layers.2.held"),
            (pad(in_seams="maybe"), "layers.2.in_seams"),
            (stiff(seconds="-3"), "layers.2.seconds"),
            (stiff(seconds=True), "layers.2.seconds"),
            (stiff(steam="wet"), "layers.2.steam"),
        ):
            with self.subTest(field=field, wrong=wrong), self.assertRaises(SpecError) as caught:
                draft_spec(spec_of("wedge", wrong))
            self.assertIn(field, [p.field for p in caught.exception.problems])

    def test_a_rule_that_leaves_nothing(self):
        with self.assertRaises(SpecError) as caught:
            draft_spec(spec_of("bookmark", pad(cut="smaller", inset="4")))
        self.assertEqual([p.field for p in caught.exception.problems], ["layers.2.inset"])

    def test_no_inset_leaves_a_line_or_less_and_what_is_told_to_work_does(self):
        backed = [one for one in makes() if any(layer["role"] in BACKING for layer in one[1]["layers"])]
        worked = 0
        for name, spec in share(backed, 10):
            for piece in share([piece for piece in draft_of(spec).pieces if piece.cuts], 3, len(name)):
                # More than 60 mm is no inset in any case.
                half = min(piece.cut_size) / 2
                for mm in (half, half - 1e-4, half + 1) if half < 59 else ():
                    with self.subTest(name, piece=piece.id, mm=mm), self.assertRaises(SpecError) as caught:
                        draft_spec(smaller(spec, piece.id, mm))
                    (problem,) = caught.exception.problems
                    self.assertIn(problem.field.split(".", 2)[2], ("inset", f"pieces.{piece.id}"))
                    if problem.message.id.endswith("inset"):
                        worked += 1
                        high = problem.message.params["high"]
                        self.assertTrue(draft_spec(smaller(spec, piece.id, high)).steps, (name, piece.id, mm, high))
        self.assertGreater(worked, 10)

    def test_a_cloth_has_no_such_rules(self):
        for name, value in (("on", "lining"), ("cut", "net"), ("held", "basted"), ("seconds", "9")):
            with self.assertRaises(SpecError) as caught:
                draft_spec(spec_of("wedge", cloths=[{**LINED[0], name: value}, LINED[1]]))
            self.assertEqual([p.field for p in caught.exception.problems], [f"layers.0.{name}"])

    def test_without_a_lining_nothing_lies_on_one(self):
        with self.assertRaises(SpecError) as caught:
            draft_spec(spec_of("wedge", pad(on="lining"), cloths=LINED[:1]))
        self.assertEqual([p.field for p in caught.exception.problems], ["layers.1.on"])

    def test_roles_that_lie_on_a_cloth(self):
        self.assertEqual(set(BACKING), {"interfacing", "padding"})


class Idle(unittest.TestCase):
    def test_what_no_piece_is_cut_of_counts_for_nothing(self):
        """It is told, and nothing else is another."""
        tweed = {"material": "wool-tweed", "role": "contrast"}
        padding = {"material": "polyester-batting", "role": "padding", "cut": "none"}
        tried = {"contrast": 0, "padding": 0}
        for (name, spec), extra in itertools.product(share(makes(), 4), (tweed, padding)):
            role = extra["role"]
            if any(layer["role"] == role for layer in spec["layers"]):
                continue
            more = {**spec, "layers": [*spec["layers"], extra]}
            if any(cut.role == role for piece in draft_of(more).pieces for cut in piece.cuts):
                continue
            tried[role] += 1
            before, after = said_of(spec), said_of(more)
            with self.subTest(name, role=role):
                self.assertEqual([c for c in after["checks"] if c["id"] != f"layers.unused.{role}"], before["checks"])
                self.assertEqual(len(after["checks"]), len(before["checks"]) + 1)
                for key in ("steps", "needs", "finished", "sums", "lays", "sections"):
                    self.assertEqual(after[key], before[key], key)
        self.assertGreater(min(tried.values()), 10)
