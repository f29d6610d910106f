"""Every sentence exists, fills its blanks, and is said for a maker."""

import re
import string
import unittest
from pathlib import Path

import eggtuck
from eggtuck.core.constructions.pictures import PICTURES
from eggtuck.core.forms import CATALOGUE, draft_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.materials import MATERIALS
from eggtuck.core.objects import KINDS
from eggtuck.core.pattern import SpecError
from eggtuck.core.pattern.document import draft_document
from eggtuck.core.wording import LANGUAGES, Percent, Speaker, msg
from tests.specs import SCHOOLS, cordial, sized

SOURCE = Path(eggtuck.__file__).parent


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
        source = "\n".join(p.read_text() for p in SOURCE.rglob("*.py") if p.name != "en.py").replace("'", '"')
        made = re.findall(r'f"([a-z]+[.-][^"]*\{[^"]*)"', source)
        patterns = [
            re.compile(re.sub(r"\\\{.*?\\\}", "[a-z0-9_.-]+", re.escape(text)) + "(\\.text|\\.datum|\\.why|\\.help)?$")
            for text in made
        ]
        for id in LANGUAGES["en"]:
            base = re.sub(r"\.(text|why|help|check)$", "", id)
            direct = f'"{id}"' in source or f'"{base}"' in source or f'"{base.removeprefix("step.")}"' in source
            self.assertTrue(direct or any(p.match(id) for p in patterns), id)

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
