"""What is printed is said from the catalogue: in stretched English no other word is on a page."""

import io
import math
import unittest
from dataclasses import replace

import pdfplumber
from lxml import etree

from eggtuck.core.forms import CATALOGUE, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.core.objects import KINDS
from eggtuck.core.words import Speaker
from eggtuck.files.card import measuring_cards
from eggtuck.files.pdf import pattern_pdf
from eggtuck.files.svg import pages_svg, pattern_svg
from tests import share
from tests.makes import draft_of
from tests.words import ready_made, unmarked

# A maker's own words, that might have been stretched themselves.
TITLE = "Myy baag"


def words_of(pdf: bytes) -> str:
    """Everything printed, in the order in which it was written: lines of two columns and labels over each other stay apart."""
    written = []
    with pdfplumber.open(io.BytesIO(pdf)) as pages:
        for page in pages.pages:
            last = None
            for char in page.chars:
                if last and math.dist((last["x1"], last["bottom"]), (char["x0"], char["bottom"])) > 0.5 * char["size"]:
                    written.append(" ")
                written.append(char["text"])
                last = char
            written.append(" ")
    return "".join(written)


class Printed(unittest.TestCase):
    def test_patterns_and_guides(self):
        for id in share(("boxed-bag", "gusset-bag", "weight", "book-cover"), 2):
            draft = replace(draft_of(starting_spec(CATALOGUE[id], Ruler("cm"), None)), language="en-XA")
            with self.subTest(id):
                told = words_of(pattern_pdf(draft, "a4", TITLE))
                self.assertGreater(len(told), 2000)
                # Sentences are broken into lines: where one begins and ends is not looked at here.
                self.assertEqual(ready_made(told), [])
                for svg in (pattern_svg(draft, TITLE), pages_svg(draft, "a4")):
                    texts = [text for text in etree.fromstring(svg).itertext() if text.strip() and "{" not in text]
                    self.assertGreater(len(texts), 3)
                    self.assertEqual([text for text in texts if unmarked(text, {TITLE})], [])

    def test_measuring_cards(self):
        told = words_of(measuring_cards(KINDS.values(), Speaker(Ruler("cm"), "en-XA")))
        self.assertGreater(len(told), 500)
        self.assertEqual(ready_made(told), [])


if __name__ == "__main__":
    unittest.main()
