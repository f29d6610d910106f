"""Every sentence exists, fills its blanks, and is said for a maker."""

import ast
import re
import string
import unittest
from pathlib import Path
from unittest import mock

import eggtuck
from eggtuck.core.constructions.pictures import PICTURES
from eggtuck.core.drafting.parts import PARTS
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials import MATERIALS
from eggtuck.core.objects import DRAWER, KINDS, PRESETS
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.document import draft_document
from eggtuck.core.wording import LANGUAGES, Percent, Speaker, msg
from tests.makes import LAYERS, draft_of, makes, told
from tests.specs import SCHOOLS, cordial, sized

SOURCE = Path(eggtuck.__file__).parent


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

    ENDINGS = (".text", ".why", ".help", ".check", ".datum")
    # What a blank stands for may have a hyphen itself: it is tried at its longest and at its shortest.
    BLANKS = (r"([a-z0-9_.-]*)", r"([a-z0-9_.-]*?)")

    def __init__(self):
        files = [p for p in SOURCE.rglob("*.py") if "wording/en" not in str(p) and p.name != "words.py"]
        nodes = [node for file in files for node in ast.walk(ast.parse(file.read_text()))]
        texts = {n.value for n in nodes if isinstance(n, ast.Constant) and isinstance(n.value, str)}
        named = {text for text in texts if re.fullmatch(r"[a-z0-9][a-zA-Z0-9_.-]*", text)}
        self.glued = {text for text in texts if re.fullmatch("-[a-z-]+", text)}
        self.begun = {text for text in named if text[-1] in "-."}
        joined = [n for n in nodes if isinstance(n, ast.JoinedStr)]
        made = {pattern for n in joined for blank in self.BLANKS if (pattern := self.pattern(n, blank))}
        self.patterns = [re.compile(pattern) for pattern in made]
        self.known = named | {text.replace(".", "-", 1) for text in named} | set(self.catalogue())
        self.said = set()

    @staticmethod
    def pattern(made, blank):
        """What a text put together may be; none where it names nothing itself."""
        parts = [re.escape(p.value) if isinstance(p, ast.Constant) else blank for p in made.values]
        plain = "".join(p.value for p in made.values if isinstance(p, ast.Constant))
        return "".join(parts) + "$" if re.search("[a-z]{3}", plain) else None

    @staticmethod
    def catalogue():
        for form in CATALOGUE.values():
            yield form.id
            for item in (*form.inputs, *form.options):
                yield from (item.label.id, getattr(item, "field", item.label.id), *getattr(item, "choices", ()))
            yield from (item.field.split(".")[1] for item in form.inputs)
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
                self.said.add(message.id)
                return super().say(message)

        with mock.patch("eggtuck.core.pattern.document.Speaker", Listening):
            told(draft)

    def has(self, id, deep=0):
        if id in self.known or id in self.said:
            return True
        for end in (*self.ENDINGS, *self.glued):
            if id.endswith(end) and self.has(id.removesuffix(end), deep + 1):
                return True
        if id.startswith("step.") and self.has(id.removeprefix("step."), deep + 1):
            return True
        if deep > 3:
            return False
        if any(id.startswith(begun) and id.removeprefix(begun) in self.known for begun in self.begun):
            return True
        matches = (pattern.match(id) for pattern in self.patterns)
        return any(m and all(not g or g.isdigit() or self.has(g, deep + 1) for g in m.groups()) for m in matches)


class Catalogue(unittest.TestCase):
    def test_every_id_in_the_source_is_in_the_catalogue(self):
        for path in SOURCE.rglob("*.py"):
            for id in re.findall(r'msg\(\s*"([a-z0-9_.-]+)"', path.read_text()):
                with self.subTest(file=path.name, id=id):
                    self.assertIn(id, LANGUAGES["en"])

    def test_languages_have_the_same_sentences_and_blanks(self):
        def blanks(text: str) -> set[str]:
            return {name for _, name, _, _ in string.Formatter().parse(text) if name}

        for catalogue in LANGUAGES.values():
            self.assertEqual(set(catalogue), set(LANGUAGES["en"]))
            for id, text in catalogue.items():
                self.assertEqual(blanks(text), blanks(LANGUAGES["en"][id]))

    def test_no_sentence_is_left_unused(self):
        use = Use()
        for _, spec in makes():
            use.listen(draft_of(spec))
        for spec in unlike():
            try:
                use.listen(draft_spec(spec))
            except SpecError:
                continue
        # What is written, not what follows from another sentence.
        written = "\n".join(
            p.read_text() for p in SOURCE.rglob("*.py") if "wording/en" in str(p) or p.name == "words.py"
        )
        self.assertEqual([id for id in LANGUAGES["en"] if f'"{id}": ' in written and not use.has(id)], [])
        # One that nobody says is found out, whatever family it is of.
        for family in sorted({id.split(".")[0] for id in LANGUAGES["en"]}):
            self.assertFalse(use.has(f"{family}.nobody-says-so"), family)
            self.assertFalse(use.has(f"{family}.nobody.text"), family)

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


class Saying(unittest.TestCase):
    def test_parameters(self):
        speaker = Speaker(Ruler("cm", ","))
        self.assertEqual(speaker.say(msg("fix.ease", ease=39.0)), "Use 3,9 cm of ease")
        self.assertIn("15,6\u00a0%", speaker.say(msg("fit.slides-in.text", room=39.0, share=Percent(0.156))))
        changes = tuple(msg("check.rounded.item", label=msg("input.size.girth"), asked=1.0, made=2.0) for _ in range(3))
        self.assertIn(" and ", speaker.say(msg("check.rounded.text", changes=changes, step=1.0)))
        self.assertRaises(KeyError, speaker.say, msg("no.such.sentence"))

    def test_errors_name_their_problems(self):
        with self.assertRaises(SpecError) as caught:
            draft_spec(cordial(size={"gap": "15"}))
        self.assertIn("size.gap", str(caught.exception))


if __name__ == "__main__":
    unittest.main()
