"""Every sentence exists, fills its blanks, and is said for a maker."""

import ast
import re
import tempfile
import unittest
from dataclasses import replace
from pathlib import Path
from unittest import mock

from fluent.runtime import FluentBundle, FluentResource
from fluent.syntax import ast as ftl

import eggtuck
from eggtuck.core.constructions.pictures import PICTURES
from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials import MATERIALS
from eggtuck.core.objects import DRAWER, KINDS, PRESETS
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.document import draft_document
from eggtuck.core.words import LANGUAGES, Percent, Speaker, msg
from eggtuck.core.words.catalogue import Blank, Catalogue
from tests import ALL, share
from tests.makes import LAYERS, draft_of, makes, told
from tests.specs import SCHOOLS, cordial, sized
from tests.words import blanks, unmarked

SOURCE = Path(eggtuck.__file__).parent
ENGLISH = LANGUAGES["en"]
# What whole numbers are called in sentences.
COUNTS = {"count", "inward", "spoons"}
NUMBERS = COUNTS | {
    "number",
    "more",
    "row",
    "column",
    "most",
    "grams",
    "millilitres",
    "parts",
    "times",
    "rows",
    "columns",
    "patches",
    "minutes",
    "hours",
    "first",
    "last",
}
# How what is counted may follow its number, one or many: "1 to make", "4 in all"; and what has no number of its own, "cut 2 lining".
AS_MANY = ("to", "in", "x")


def dashed(id):
    """Ids of the program and of Fluent alike: which part of one is an attribute does not matter here."""
    return id.replace(".", "-")


def written():
    """The ids of all sentences as the program calls them, as near as can be told from how Fluent writes them: those that name another
    are not sentences of their own."""
    for id, pattern in ENGLISH.sentences.items():
        if not any(isinstance(getattr(e, "expression", None), ftl.MessageReference) for e in pattern.elements):
            yield id


def unlike():
    """Specs of every form with every choice whose seams all have allowances of their own, and whose lining is smaller."""
    for form in CATALOGUE.values():
        spec = {**starting_spec(form, Ruler("mm"), None), "rounding": "none", "layers": LAYERS["padded"]}
        spec["allowance"] = {key: 8.0 + nth for nth, key in enumerate(("default", *form.allowances))}
        smaller = {"lining": "reduced"} if any(option.id == "lining" for option in form.options) else {}
        for option in form.options:
            for choice in option.choices:
                yield {**spec, "options": {**smaller, option.id: choice}}


class Use:
    """Which sentences are said: those the drafts of the catalogue say, those the program names, whole or put together of parts that
    it names or the catalogue knows."""

    ENDINGS = ("-text", "-why", "-help", "-check", "-datum")
    # What a blank stands for may have a hyphen itself: it is tried at its longest and at its shortest.
    BLANKS = (r"([a-z0-9_.-]*)", r"([a-z0-9_.-]*?)")

    def __init__(self):
        nodes = [node for file in SOURCE.rglob("*.py") for node in ast.walk(ast.parse(file.read_text()))]
        texts = {n.value for n in nodes if isinstance(n, ast.Constant) and isinstance(n.value, str)}
        named = {dashed(text) for text in texts if re.fullmatch(r"[a-z0-9][a-zA-Z0-9_.-]*", text)}
        self.glued = {text for text in texts if re.fullmatch("-[a-z-]+", text)}
        self.begun = {text for text in named if text[-1] == "-"}
        joined = [n for n in nodes if isinstance(n, ast.JoinedStr)]
        made = {pattern for n in joined for blank in self.BLANKS if (pattern := self.pattern(n, blank))}
        self.patterns = [re.compile(pattern) for pattern in made]
        self.known = named | {dashed(name) for name in self.catalogue()}
        self.said, self.counted = set(), set()

    @staticmethod
    def pattern(made, blank):
        """What a text put together may be; none where it names nothing itself."""
        parts = [re.escape(dashed(p.value)) if isinstance(p, ast.Constant) else blank for p in made.values]
        plain = "".join(p.value for p in made.values if isinstance(p, ast.Constant))
        return "".join(parts) + "$" if re.search("[a-z]{3}", plain) else None

    @staticmethod
    def catalogue():
        for form in CATALOGUE.values():
            yield form.id
            for item in (*form.inputs, *form.options):
                yield from (item.label.id, getattr(item, "field", item.label.id), *getattr(item, "choices", ()))
            yield from (item.field.rpartition(".")[2] for item in form.inputs)
            yield from (option.id for option in form.options)
            yield from form.allowances
        for kind in (*KINDS.values(), *DRAWER.values()):
            yield kind.id
            for measure in kind.measures:
                yield from (measure.name, measure.label.id, measure.help.id)
        for part in PARTS.values():
            yield from (part.id, *(x.name for x in part.lengths), *part.choices, *sum(part.choices.values(), ()))
        for material in MATERIALS.values():
            yield from (material.id, material.kind, material.fibre, material.iron)
        yield from PRESETS

    def listen(self, draft):
        """Notes what a draft says."""

        class Listening(Speaker):
            def say(listener, message):
                self.said.add(dashed(message.id))
                self.counted.update(
                    (message.id, name) for name, given in message.params.items() if isinstance(given, int)
                )
                return super().say(message)

        with mock.patch("eggtuck.core.pattern.document.Speaker", Listening):
            told(draft)

    def has(self, id, deep=0):
        if id in self.known or id in self.said:
            return True
        for end in (*self.ENDINGS, *self.glued):
            if id.endswith(end) and self.has(id.removesuffix(end), deep + 1):
                return True
        if id.startswith("step-") and self.has(id.removeprefix("step-"), deep + 1):
            return True
        if deep > 3:
            return False
        if any(id.startswith(begun) and id.removeprefix(begun) in self.known for begun in self.begun):
            return True
        matches = (pattern.match(id) for pattern in self.patterns)
        return any(m and all(not g or g.isdigit() or self.has(g, deep + 1) for g in m.groups()) for m in matches)


class Sentences(unittest.TestCase):
    def test_every_id_in_the_source_is_in_the_catalogue(self):
        for path in SOURCE.rglob("*.py"):
            for id in re.findall(r'msg\(\s*"([a-z0-9_.-]+)"', path.read_text()):
                with self.subTest(file=path.name, id=id):
                    self.assertIn(id, ENGLISH)

    def test_languages_have_the_same_sentences_and_blanks(self):
        for catalogue in LANGUAGES.values():
            self.assertEqual(set(catalogue), set(ENGLISH))
            for id in catalogue:
                self.assertEqual(blanks(catalogue.sentences[id]), blanks(ENGLISH.sentences[id]))

    def test_no_sentence_is_left_unused(self):
        use, unused = Use(), list(written())
        for nth, spec in enumerate(
            (*(spec for _, spec in share(makes(), 3)), *unlike(), *(spec for _, spec in makes()))
        ):
            if nth % 50 == 49:
                unused = [id for id in unused if not use.has(dashed(id))]
            # When all are said what else there is to say is heard every day only in part.
            if not unused and not ALL:
                break
            try:
                use.listen(draft_of(spec))
            except SpecError:
                continue
        self.assertEqual([id for id in unused if not use.has(dashed(id))], [])
        # One that nobody says is found out, whatever family it is of.
        for family in sorted({re.split("[.-]", id)[0] for id in ENGLISH}):
            self.assertFalse(use.has(f"{family}-nobody-says-so"), family)
            self.assertFalse(use.has(f"{family}-nobody-text"), family)
        # A whole number is a count or a place in a row: a length that is said as one has lost its unit.
        for id, name in use.counted:
            self.assertIn(name, NUMBERS, id)

    def test_descriptions_are_complete(self):
        speaker = Speaker(Ruler())
        for form in CATALOGUE.values():
            for message in (form.name, form.summary, *(i.label for i in form.inputs), *(i.help for i in form.inputs)):
                self.assertTrue(speaker.say(message))
            for option in form.options:
                self.assertTrue(speaker.say(option.label))
                for choice in option.choices:
                    self.assertTrue(speaker.say(option.choice_label(choice)))
                    self.assertGreater(len(speaker.say(option.choice_why(choice))), 8)
                    self.assertIn(f"{option.id}.{choice}", PICTURES)
        for kind in KINDS.values():
            self.assertTrue(speaker.say(kind.label) and speaker.say(kind.help))
            for measure in kind.measures:
                self.assertTrue(speaker.say(measure.label) and speaker.say(measure.help))
        for material in MATERIALS:
            self.assertTrue(speaker.say(msg(f"material.{material}")))


class Drafts(unittest.TestCase):
    def texts(self, value):
        if isinstance(value, dict):
            for key, inner in value.items():
                if key not in ("spec", "id"):
                    yield from self.texts(inner)
        elif isinstance(value, list):
            for inner in value:
                yield from self.texts(inner)
        elif isinstance(value, str):
            yield value

    def test_every_school_is_told_in_full_in_every_unit(self):
        for unit, decimal in (("cm", ","), ("in", "."), ("mm", ".")):
            for cut, boxing, top in SCHOOLS:
                for tie in ("loose", "caught"):
                    options = {"cut": cut, "boxing": boxing, "top": top, "tie": tie, "hem_order": "before"}
                    spec = {**cordial(options=options), "decimal": decimal}
                    if unit != "cm":
                        spec = {**sized(options=options), "unit": "mm"}
                    document = draft_document(draft_spec(spec))
                    for text in self.texts(document):
                        self.assertNotRegex(text, r"[{}]|\.text$|None|nan")

    def test_decimals_follow_the_maker(self):
        texts = " ".join(self.texts(draft_document(draft_spec({**cordial(), "decimal": ","}))["sums"]))
        self.assertIn("24,27", texts)
        self.assertNotRegex(texts, r"\d\.\d")


class Stretched(unittest.TestCase):
    """In stretched English every word that does not come from the catalogue stands out."""

    # What names something to a program, and the maker's own.
    IDS = (
        "id", "spec", "edges", "piece", "edge", "form", "kind", "verdict", "stage", "layer", "seams", "role", "field", "copy", "format",
        "operation", "stitches", "up", "down", "idle", "pieces", "start", "end", "parts", "set", "a", "b", "typed", "to", "version", "folds", "sewn",
        "panel", "direction", "seam", "part", "changed", "leaves_open", "turns", "right", "glue", "on", "held", "in_seams", "rule", "usual", "before", "roles",
    )  # fmt: skip

    def texts(self, value, name=""):
        if isinstance(value, dict):
            for key, inner in value.items():
                if key not in self.IDS:
                    yield from self.texts(inner, key)
        elif isinstance(value, list):
            for inner in value:
                yield from self.texts(inner, name)
        elif isinstance(value, str):
            yield name, value

    def test_every_word_of_every_draft_is_from_the_catalogue(self):
        seen = set()
        for label, spec in share(makes(), 2):
            own = {layer["material"] for layer in spec.get("layers", ())}
            own |= {spec[name]["name"] for name in ("object", "wearer") if "name" in (spec.get(name) or {})}
            draft = draft_of(spec)
            stretched = replace(draft, language="en-XA", tell=lambda _, draft=draft: draft.steps)
            for name, text in self.texts(told(stretched)):
                if text in seen:
                    continue
                seen.add(text)
                if rest := unmarked(text, own):
                    with self.subTest(label):
                        self.fail(f"{name}: {text!r}: {rest}")


class Saying(unittest.TestCase):
    def test_parameters(self):
        speaker = Speaker(Ruler("cm", ","))
        self.assertEqual(speaker.say(msg("fix.ease", ease=39.0)), "Use 3,9 cm of ease")
        self.assertIn("15,6\u00a0%", speaker.say(msg("fit.slides-in.text", room=39.0, share=Percent(0.156))))
        changes = tuple(msg("check.rounded.item", label=msg("input.size.girth"), asked=1.0, made=2.0) for _ in range(3))
        self.assertIn(" and ", speaker.say(msg("check.rounded.text", changes=changes, step=1.0)))
        self.assertRaises(KeyError, speaker.say, msg("no.such.sentence"))
        self.assertRaises(KeyError, speaker.say, msg("fix.ease"))
        self.assertRaises(KeyError, speaker.say, msg("step.cut"))

    def test_what_is_counted_is_said_for_one_and_for_two(self):
        counting = {id: COUNTS & blanks(pattern) for id, pattern in ENGLISH.sentences.items()}
        counting = {id: names for id, names in counting.items() if names}
        self.assertGreater(len(counting), 20)
        for id, names in counting.items():
            with self.subTest(id=id):
                others = dict.fromkeys(blanks(ENGLISH.sentences[id]), "x")
                one, two = (ENGLISH.say(id, others | dict.fromkeys(names, n)) for n in (1, 2))
                after = [re.findall(rf"(?<![\w.]){n} ([a-z]+)(?: ([a-z]+))?", said) for n, said in ((1, one), (2, two))]
                for words in after[0]:
                    self.assertFalse(words[0] not in AS_MANY and any(re.search("[^s]s$", w) for w in words), one)
                for words in after[1]:
                    self.assertTrue(words[0] in AS_MANY or any(w.endswith("s") for w in words), two)

    def test_what_is_put_together_here_is_what_fluent_says(self):
        bundle = FluentBundle(["en"], use_isolating=False)
        for file in (*SOURCE.rglob("en/*.ftl"), *SOURCE.rglob("en.ftl")):
            bundle.add_resource(FluentResource(file.read_text()))
        for id, pattern in ENGLISH.sentences.items():
            given = {name: f"<{name}>" for name in blanks(pattern)}
            name, _, attribute = id.partition(".")
            message = bundle.get_message(name)
            said, errors = bundle.format_pattern(message.attributes[attribute] if attribute else message.value, given)
            self.assertEqual((ENGLISH.say(id, given), errors), (said, []), id)

    def test_another_language_chooses_by_what_fills_a_blank(self):
        """Gender, number and a word of its own for one material: none of them is known to the program."""
        with tempfile.TemporaryDirectory() as folder:
            file = Path(folder, "xx.ftl")
            file.write_text(
                "cloth-felt = feltro\ncloth-net = rede\n"
                "lay = Ponha { $cloth ->\n    [cloth-net] a\n   *[other] o\n } { $cloth }"
                '{ $cloth ->\n    [cloth-net] , esticada\n   *[other] {""}\n }, { $n ->\n    [one] 1 vez\n'
                "   *[other] { $n } vezes\n }.\n"
            )
            other = Catalogue("pt")
            other.learn(file)
            list(other)
        felt, net = (Blank(other.say(f"cloth.{id}", {}), f"cloth.{id}") for id in ("felt", "net"))
        self.assertEqual(other.say("lay", {"cloth": felt, "n": 1}), "Ponha o feltro, 1 vez.")
        self.assertEqual(other.say("lay", {"cloth": net, "n": 2500}), "Ponha a rede, esticada, 2500 vezes.")

    def test_a_plain_word_in_a_blank_is_chosen_by(self):
        place = {"raw": 30.0, "top": 20.0, "off": 15.0, "runs": "level"}
        for hand, other in (("left", "right"), ("right", "left")):
            said = Speaker(Ruler("mm")).say(msg("mark.place-beside.datum", hand=hand, **place))
            self.assertIn(f"{hand} of the middle line", said)
            self.assertNotIn(other, said)

    def test_words_that_cannot_be_are_refused(self):
        with tempfile.TemporaryDirectory() as folder:
            for text in ("one = 1\none = 2\n", "no fluent at all\n"):
                file = Path(folder, "xx.ftl")
                file.write_text(text)
                bad = Catalogue("en")
                bad.learn(file)
                with self.assertRaises(ValueError):
                    list(bad)

    def test_stretched_english_is_marked_whole_and_longer(self):
        stretched, plain = Speaker(Ruler(), "en-XA"), Speaker(Ruler())
        message = msg("step.cut-corners")
        self.assertEqual(stretched.say(message), "\u00abCuut oouut thee coorneers\u00bb")
        lengths = [
            (len(LANGUAGES["en-XA"].say(id, {})), len(ENGLISH.say(id, {})))
            for id in ENGLISH
            if not blanks(ENGLISH.sentences[id])
        ]
        self.assertGreater(sum(a for a, _ in lengths), 1.3 * sum(b for _, b in lengths))
        self.assertNotEqual(stretched.say(msg("step.cut", count=2)), plain.say(msg("step.cut", count=2)))

    def test_errors_name_their_problems(self):
        with self.assertRaises(SpecError) as caught:
            draft_spec(cordial(size={"gap": "15"}))
        self.assertIn("size.gap", str(caught.exception))


if __name__ == "__main__":
    unittest.main()
