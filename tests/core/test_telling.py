"""What a maker reads: every sentence of every form whole, in every unit, with true numbers in it."""

import itertools
import math
import re
import unittest
from typing import ClassVar

from fluent.syntax.serializer import serialize_pattern
from hypothesis import given
from hypothesis import strategies as st

from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, draft_spec, preset_object, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials import MATERIALS
from eggtuck.core.objects import KINDS, PRESETS
from eggtuck.core.pattern import SpecError
from eggtuck.core.words import LANGUAGES, Speaker, msg
from tests import share
from tests.makes import LAYERS, draft_of, makes, said_of, told
from tests.words import parts

LANGUAGE = ("en", "pt")
RULERS = (Ruler("cm", ","), Ruler("in"), Ruler("mm"))
STACKS = (
    [{"material": "linen", "role": "outer"}],
    [{"material": "linen", "role": "outer"}, {"material": "quilting-cotton", "role": "lining"}],
    [
        {"material": "oilcloth", "role": "outer", "directional": True},
        {"material": "polyester-lining", "role": "lining"},
        {"material": "light-interfacing", "role": "interfacing"},
        {"material": "foil-insulation", "role": "padding"},
    ],
)
# Keys of a document whose text is not for reading.
_SILENT = ("spec", "id", "form", "format", "field", "kind", "role", "edge", "piece", "unit", "verdict", "layer", "path")
# Said in full, in sentences.
_FULL = ("text", "message", "why", "check", "caution", "lost")
# A blank not filled, a number that is none, a sentence run into the next.
_BROKEN = re.compile(r"[{}]|\bin in\b|\bNone\b|\bnan\b|\binf\b|  |\.\.|,,| ,| \.(?!\d)|\.text$")


def texts(value, key=""):
    if isinstance(value, dict):
        for name, inner in value.items():
            if name not in _SILENT:
                yield from texts(inner, name)
    elif isinstance(value, list):
        for inner in value:
            yield from texts(inner, key)
    elif isinstance(value, str):
        yield key, value


def options_of(form):
    """Every choice of every option once, the others at their first."""
    yield {}
    for option in form.options:
        for choice in option.choices[1:]:
            needed = {field.split(".")[1]: values[0] for field, values in option.when.items()}
            yield {**needed, option.id: choice}


class _Together(dict):
    """What hangs together with what."""

    def of(self, thing):
        while self.setdefault(thing, thing) != thing:
            thing = self[thing]
        return thing

    def join(self, one, other):
        self[self.of(one)] = self.of(other)


class Named(unittest.TestCase):
    def test_of_two_pieces_sewn_together_both_are_named_or_neither(self):
        """Of what a maker takes in hand nothing is left lying: a sentence of a form's own names both sides of its seams."""
        seen = 0
        for name, spec in makes():
            draft = draft_of(spec)
            pieces = {piece.id: piece for piece in draft.pieces if piece.cuts}
            words = {id: self._called(piece) for id, piece in pieces.items()}
            seams = {seam.id: seam for seam in draft.seams}
            for step in told(draft)["steps"]:
                text = " ".join(line["text"] for line in step["lines"] if not line["text"].startswith("Take ")).lower()
                for seam in (seams[id] for id in step["seams"] if id in seams):
                    sides = [{use.piece for use in side} & set(pieces) for side in (seam.a, seam.b)]
                    # A zip and a loop of binding are spoken of as such.
                    if not all(sides) or sides[0] == sides[1] or "binding" in sides[1]:
                        continue
                    said = {any(words[id].search(text) for id in side) for side in sides}
                    seen += 1
                    with self.subTest(name, step=step["id"], seam=seam.id):
                        self.assertEqual(len(said), 1, text)
        self.assertGreater(seen, 100)

    def test_where_pieces_are_sewn_together_no_other_is_named(self):
        """Of the two ways of cutting a smaller lining one step spoke of the outer's piece."""
        own = [{**LAYERS["padded"][0]}, {"material": "quilting-cotton", "role": "lining"}, *LAYERS["padded"][2:]]
        lined = starting_spec(CATALOGUE["boxed-bag"], Ruler("mm"), None) | {"layers": own}
        smaller = [
            ("", {**lined, "options": {"cut": cut, "top": "bagged", "lining": "reduced"}})
            for cut in ("two-panels", "side-fold", "base-fold")
        ]
        for name, spec in (*makes(), *smaller):
            for step in said_of(spec)["steps"] if name else told(draft_of(spec))["steps"]:
                text = " ".join(line["text"] for line in step["lines"]) if step["seams"] else ""
                # What they are from then on is told by its own letter.
                text = re.sub(r"Joined they are [^.]*", "", text)
                said = {*re.findall(r"\(([A-Z]{1,2})\)", text), *re.findall(r"\b([A-Z]{1,2}) \([a-z]", text)}
                self.assertLessEqual(said, {thing["letter"] for thing in step["things"]}, (name, step["id"], text))

    def test_of_several_pieces_alike_it_is_told_which(self):
        """One of them the first time something is done to it, the first after that, or the other; by its name alone none that lies apart from
        those like it."""
        seen = set()
        # Handles are on both bodies before the piping is; what closes is set on one pocket of two, and its other half last.
        handled = {"layers": LAYERS["lined"], "parts": [{"kind": "handle", "of": "outer"}, {"kind": "piping"}]}
        closed = {"layers": LAYERS["outer"], "parts": [{"kind": "hook-and-loop", "piece": "pocket", "copy": "2"}]}
        # Each of both flaps has a pocket of its own when they are laid on the cover.
        pocketed = {"kind": "slip-pocket", "side": "outside", "piece": "flap", "copy": "back"}
        flapped = {"layers": LAYERS["outer"], "options": {"pockets": "narrow", "make": "bound"}, "parts": [pocketed]}
        several = [
            (form, starting_spec(CATALOGUE[form], Ruler("cm"), None) | told)
            for form, told in (
                ("wedge", handled | {"options": {"joined": "as-one"}}),
                ("mug-bag", closed),
                ("book-cover", flapped),
            )
        ]
        for name, spec in (*makes(), *several):
            draft = draft_of(spec)
            seams = {seam.id: seam for seam in draft.seams}
            letters = {piece.letter: piece for piece in draft.pieces if piece.cuts}
            hangs, once = _Together(), set()
            for step in told(draft)["steps"]:
                head = step["lines"][0]["text"] if step["lines"] else ""
                if head.startswith(("Take ", "Work on ")) and step["id"] not in ("mark", "cut"):
                    for words, letter in re.findall(
                        r"\b((?:the first|the other|the|one) [a-z', ]+?) \(([A-Z]+)\)", head
                    ):
                        piece = letters.get(letter)
                        if piece is None or len(piece.copies) < 2:
                            continue
                        apart = len({hangs.of((piece.id, copy)) for copy in piece.copies}) == len(piece.copies)
                        with self.subTest(name, step=step["id"], words=words):
                            self.assertFalse(apart and re.match("the (?!first|other)", words), head)
                            self.assertNotIn((words, letter), once)
                            if words.startswith("the first "):
                                self.assertIn((words.replace("the first", "one"), letter), once)
                        once |= {(words, letter)} if words.startswith("one ") else set()
                        seen.add(words.split()[1] if words.startswith("the ") else "one")
                for seam in (seams[id] for id in step["seams"] if id in seams):
                    uses = [(use.piece, use.copy) for use in (*seam.a, *seam.b, *seam.caught)]
                    for use in uses[1:]:
                        hangs.join(uses[0], use)
                # A connector and a tab are two layers, sewn on each other in the step that makes them.
                for piece in draft.pieces:
                    if piece.id == step["id"] and re.fullmatch(r"tab|connector-\d+", piece.id):
                        for copy in piece.copies[1:]:
                            hangs.join((piece.id, piece.copies[0]), (piece.id, copy))
        self.assertLessEqual({"one", "first", "other"}, seen)

    @staticmethod
    def _called(piece):
        """A piece by its name, the last word of it, or the cloth it is of."""
        name = Speaker(Ruler("cm")).say(piece.name).lower()
        return re.compile(rf"\b({'|'.join([name, name.split()[-1], *piece.own_cloths, 'tube'])})\b")


class Ways(unittest.TestCase):
    def beside(self, draft, use, first):
        """The edge of the same piece that begins or ends where a side of a seam does."""
        piece = next(piece for piece in draft.pieces if piece.id == use.piece)
        path = piece.by_key[use.key].path
        corner = path[0].start if first != use.reversed else path[-1].end
        return next(
            (
                edge
                for edge in piece.edges
                if edge.key != use.key
                and min(math.dist(corner, at) for at in (edge.path[0].start, edge.path[-1].end)) < 0.01
            ),
            None,
        )

    def test_no_seam_ends_at_one_half_of_an_edge_where_both_lie_on_each_other(self):
        seen, told_whole = 0, set()
        for name, spec in makes():
            draft = draft_of(spec)
            seams = {seam.id: seam for seam in draft.seams}
            for step in draft.steps:
                ends = [
                    way.params[at]
                    for line in step.lines
                    for way in parts(line.text)
                    if way.id == "way.from-to"
                    for at in ("start", "end")
                ]
                for seam in (seams[id] for id in step.seams if ends and len(step.seams) == 1):
                    for nth, first in ((0, True), (-1, False)):
                        one, two = (self.beside(draft, side[nth], first) for side in (seam.a, seam.b))
                        if one is None or two is None or seam.a[nth].piece != seam.b[nth].piece:
                            continue
                        if {key.rpartition("-")[2] for key in (one.key, two.key)} != {"left", "right"}:
                            continue
                        seen += 1
                        with self.subTest(make=name, step=step.id):
                            # Told as a whole, or by the seam that took them.
                            self.assertFalse({one.name.id, two.name.id} & {end.id for end in ends})
                        told_whole |= {end.id for end in ends}
        self.assertGreater(seen, 5)
        self.assertIn("edge.base", told_whole)
        self.assertGreater(len(told_whole), 1)


class Sentences(unittest.TestCase):
    def whole(self, document):
        for key, text in texts(document):
            self.assertNotRegex(text, _BROKEN, key)
        for part in ("steps", "checks"):
            for key, text in texts(document[part]):
                if key in _FULL:
                    self.assertNotRegex(text, r"^[^\W\d_A-ZÀ-Ý]|[.!?] [^\W\d_A-ZÀ-Ý]", key)

    def test_every_form_with_every_choice(self):
        for form in CATALOGUE.values():
            for number, options in share(enumerate(options_of(form)), 3, form.place):
                ruler = RULERS[number % 3]
                spec = {
                    **starting_spec(form, ruler, None),
                    "layers": STACKS[number % 3],
                    "language": LANGUAGE[number % 2],
                }
                spec["options"] = {**spec["options"], **options}
                try:
                    draft = draft_spec(spec)
                except SpecError as error:
                    for problem in error.problems:
                        self.assertNotRegex(Speaker(ruler).say(problem.message), _BROKEN)
                    continue
                with self.subTest(f"{form.id} {options} {ruler.unit}"):
                    self.whole(told(draft))

    def test_every_form_round_every_preset(self):
        for form in CATALOGUE.values():
            for number, preset in enumerate(p for p in PRESETS.values() if p.kind in form.objects):
                ruler = RULERS[number % 3]
                spec = starting_spec(form, ruler, preset_object(preset, ruler))
                for stack, language in itertools.product(STACKS, LANGUAGE):
                    with self.subTest(f"{form.id} {preset.id} {language}"):
                        self.whole(told(draft_spec({**spec, "layers": stack, "language": language})))

    def test_sizes_between_two_marks_are_told_by_the_form_s_own_words(self):
        for form in CATALOGUE.values():
            counts = {item.field.removeprefix("size.") for item in form.inputs if item.of == "count"}
            for ruler in RULERS:
                size = {n: str(int(v)) if n in counts else f"{v + 0.37:g} mm" for n, v in form.start.items()}
                with self.subTest(f"{form.id} {ruler.unit}"):
                    self.whole(told(draft_spec({**starting_spec(form, ruler, None), "size": size})))

    def test_sentences_begin_large_and_end_with_a_stop(self):
        for form, thin in itertools.product(CATALOGUE.values(), (False, True)):
            spec = starting_spec(form, Ruler("cm"), None)
            # With one cloth alone other things are told.
            document = told(draft_spec({**spec, "layers": [{"material": "linen", "role": "outer"}]} if thin else spec))
            for check in document["checks"]:
                self.assertRegex(check["title"][0], r"[A-Z0-9]", check["id"])
                self.assertFalse(check["title"].endswith(":"), check["id"])
                if check["message"]:
                    self.assertRegex(check["message"], r"^[^a-z].*[.!?]$", check["id"])
            for step in document["steps"]:
                self.assertRegex(step["title"][0], r"[A-Z0-9]", step["id"])
                for text in (
                    *(line["text"] for line in step["lines"]),
                    step["check"],
                    step["caution"],
                    step["why"],
                    step["remedy"],
                    *step["causes"],
                ):
                    self.assertRegex(text or "X.", r"^[^a-z].*[.!?]$", step["id"])

    def test_no_sentence_of_the_catalogue_is_left_open(self):
        for id, pattern in LANGUAGES["en"].sentences.items():
            sentence = re.sub(r"\{ \$\w+ \}", "x", serialize_pattern(pattern))
            self.assertTrue(sentence.strip(), id)
            self.assertNotRegex(sentence, r"\S  \S|\.\.|,,", id)

    @given(st.sampled_from(sorted(CATALOGUE)), st.sampled_from(RULERS), st.sampled_from(sorted(PARTS)))
    def test_parts_are_told_with_what_carries_them(self, form, ruler, part):
        spec = {**starting_spec(CATALOGUE[form], ruler, None), "parts": [{"kind": part}]}
        try:
            self.whole(told(draft_spec(spec)))
        except SpecError as error:
            for problem in error.problems:
                self.assertNotRegex(Speaker(ruler).say(problem.message), _BROKEN)


class Descriptions(unittest.TestCase):
    def test_kinds_measures_and_materials_have_words(self):
        speaker = Speaker(Ruler("cm"))
        for kind in KINDS.values():
            self.assertRegex(speaker.say(kind.help), r"\.$", kind.id)
            for measure in kind.measures:
                self.assertRegex(speaker.say(measure.help), r"\.$", measure.name)
        for material in MATERIALS.values():
            self.assertTrue(speaker.say(material.name))
            for fact in material.facts:
                self.assertNotRegex(speaker.say(fact), _BROKEN)

    def test_no_two_materials_kinds_or_forms_share_a_name(self):
        speaker = Speaker(Ruler("cm"))
        for group in (
            [material.name for material in MATERIALS.values()],
            [kind.label for kind in KINDS.values()],
            [form.name for form in CATALOGUE.values()],
            [msg(f"part.{id}") for id in PARTS],
        ):
            said = [speaker.say(name) for name in group]
            self.assertEqual(len(said), len(set(said)), said)


class Held(unittest.TestCase):
    """What layers are held with is what is counted, pulled out and looked for, and nothing else is."""

    OTHERS: ClassVar = {
        "pins": r"\b(clips|basting threads?)\b",
        "clips": r"\b(pins?|basting threads?)\b",
        "basting": r"\b(pins?|clips)\b",
    }
    # A bodkin, a hinge and a mark are no holding.
    TOOLS = re.compile(r"safety pin|set its pin|Put a pin or a stitch")

    def test_no_step_speaks_of_what_nothing_is_held_with(self):
        counted = set()
        for form, layers in itertools.product(CATALOGUE.values(), ("outer", "lined")):
            for way, others in self.OTHERS.items():
                begun = {**starting_spec(form, Ruler("cm"), None), "layers": LAYERS[layers]}
                for step in said_of({**begun, "options": {"held_with": way}})["steps"]:
                    if step["id"] == "set-up":
                        continue
                    said = self.TOOLS.sub(
                        "", " ".join([*(line["text"] for line in step["lines"]), step["check"] or ""])
                    )
                    with self.subTest(form=form.id, way=way, step=step["id"]):
                        self.assertNotRegex(said, others)
                        self.assertFalse(way == "basting" and re.search(r"[Cc]ount|are all there", said))
                        counted |= {(way, step["id"])} if "none may stay inside" in said else set()
        self.assertEqual({way for way, _ in counted}, set(self.OTHERS))


if __name__ == "__main__":
    unittest.main()
