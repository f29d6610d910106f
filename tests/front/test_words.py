"""What the table says: every sentence is used, counts are said for one and for many, and text that is not from the catalogue is refused."""

import json
import re
import subprocess
import unittest
from pathlib import Path

import eggtuck
from eggtuck.core.words import SPOKEN
from eggtuck.core.words.catalogue import Catalogue
from eggtuck.core.words.portuguese import WRITTEN
from tests.words import blanks

from .node import FRONT

WORDS = Path(eggtuck.__file__).parent / "core" / "words"
COUNTED = ("count", "pieces", "seams", "minutes")
# What a view may hold and what it may not, a line each.
TEXT = (
    "<b>Some text</b>",
    '<b title="Some words" />',
    '<b aria-label={wide ? "One" : other} />',
    '<b>{wide ? "yes please" : other}</b>',
    '<b>{wide && "words"}</b>',
    "<b>{`made by ${name}`}</b>",
    "<b title={`it is ${name}`} />",
    "<b>{wide && `words ${name}`}</b>",
    '<Box label="Some words" />',
)
NO_TEXT = (
    '<b className="fine words">{say("words")}</b>',
    '<b title={say("words")} data-of="some words">{name}</b>',
    '<b>{name} · {`${one} × ${other}`} {wide ? "↑" : "↓"}</b>',
    '<b aria-label={wide ? say("one") : say("other")} />',
    '<b>{name === "kept" && other}</b>',
)
LINT = """
import { Linter } from "eslint";
import tseslint from "typescript-eslint";
import { NO_TEXT } from "./noText.js";
const config = [{
  files: ["**/*.tsx"],
  languageOptions: { parser: tseslint.parser, parserOptions: { ecmaFeatures: { jsx: true } } },
  rules: { "no-restricted-syntax": ["error", ...NO_TEXT] },
}];
const linter = new Linter();
const found = JSON.parse(process.argv.at(-1)).map((line) => linter.verify(`const view = ${line};`, config, "view.tsx").length);
console.log(JSON.stringify(found));
"""


def table(language: str = "en") -> Catalogue:
    catalogue = Catalogue(language)
    for file in (WORDS / language / "verdicts.ftl", *sorted((WORDS / language / "table").glob("*.ftl"))):
        catalogue.learn(file)
    return catalogue


class Table(unittest.TestCase):
    def test_languages_have_the_same_sentences_and_blanks_and_a_file_that_fetches_them(self):
        english = table()
        self.assertEqual({path.stem for path in (FRONT / "src" / "words" / "texts").glob("*.ts")}, set(SPOKEN))
        for language in SPOKEN:
            own = table(language)
            self.assertEqual(set(own), set(english), language)
            for id, pattern in own.sentences.items():
                self.assertEqual(blanks(pattern), blanks(english.sentences[id]), (language, id))
            # Articles that agree are the server's affair: the browser would show the mark.
            self.assertNotIn(WRITTEN, "".join(path.read_text() for path in (WORDS / language / "table").glob("*.ftl")))

    def test_every_sentence_is_used(self):
        source = "\n".join(path.read_text() for kind in ("*.ts", "*.tsx") for path in (FRONT / "src").rglob(kind)
                           if not path.name.endswith(".d.ts"))  # fmt: skip
        named = set(re.findall(r'"([a-z][a-z0-9.-]*)"', source))
        glued = [re.compile(re.sub(r"\\\$\\\{[^}]*\\\}", "[a-z0-9.-]+", re.escape(text)) + "$")
                 for text in re.findall(r"say\(`([^`]*)`", source)]  # fmt: skip
        used = lambda id: id in named or any(pattern.match(id) for pattern in glued)  # noqa: E731
        self.assertGreater(len(glued), 4)
        self.assertEqual([id for id in table() if not used(id)], [])
        self.assertFalse(used("home-nobody"))

    def test_counts_are_said_for_one_and_for_two(self):
        catalogue = table()
        found = 0
        for id, pattern in catalogue.sentences.items():
            names = blanks(pattern)
            counted = names & set(COUNTED)
            if not counted:
                continue
            found += 1
            with self.subTest(id):
                others = dict.fromkeys(names, "x")
                one, two = (catalogue.say(id, others | dict.fromkeys(counted, n)) for n in (1, 2))
                self.assertNotRegex(one, r"(?<![\w.])1 [a-z]+[^s]s\b")
                for word in re.findall(r"(?<![\w.])2 ([a-z]+)", two):
                    self.assertTrue(word.endswith("s") or word in ("other", "to", "min"), two)
        self.assertGreater(found, 8)

    def test_text_that_is_not_from_the_catalogue_is_refused(self):
        command = ["node", "--input-type=module", "-e", LINT, "--", json.dumps([*TEXT, *NO_TEXT])]
        answer = subprocess.run(command, cwd=FRONT, check=True, capture_output=True, text=True).stdout
        found = dict(zip([*TEXT, *NO_TEXT], json.loads(answer), strict=True))
        self.assertEqual({line for line in TEXT if not found[line]}, set())
        self.assertEqual({line for line in NO_TEXT if found[line]}, set())


if __name__ == "__main__":
    unittest.main()
