"""The measuring card, read back."""

import io
import unittest

import pdfplumber

from eggtuck.core.lengths import Ruler
from eggtuck.core.objects import KINDS
from eggtuck.core.words import Speaker
from eggtuck.files.card import measuring_cards

POINT = 25.4 / 72


def pages(ruler):
    with pdfplumber.open(io.BytesIO(measuring_cards(KINDS.values(), Speaker(ruler)))) as pdf:
        yield from zip(KINDS.values(), pdf.pages, strict=True)


class Cards(unittest.TestCase):
    def test_each_kind_has_a_card_with_every_measure_and_a_line_to_write_on(self):
        for unit in ("cm", "in", "mm"):
            speaker = Speaker(Ruler(unit))
            for kind, page in pages(Ruler(unit)):
                with self.subTest(f"{kind.id} {unit}"):
                    text = page.extract_text()
                    self.assertIn(f"To measure: {speaker.say(kind.label)}", text)
                    for letter, measure in zip("ABCDEFGH", kind.measures, strict=False):
                        self.assertIn(f"{letter} {speaker.say(measure.label)}", text)
                    blanks = [line for line in page.lines if abs(line["x0"] * POINT - 71) < 0.1]
                    self.assertEqual(len(blanks), len(kind.measures))

    def test_every_letter_on_the_drawing_is_in_the_list(self):
        for kind, page in pages(Ruler("cm")):
            if kind.measures:
                bold = [c for c in page.chars if "Bold" in c["fontname"] and abs(c["size"] - 9) < 0.1]
                listed = {c["text"] for c in bold if abs(c["x0"] * POINT - 8) < 0.2}
                drawn = {c["text"] for c in bold if (page.height - c["top"]) * POINT > 30 and c["x0"] * POINT > 20}
                self.assertEqual(listed, set("ABCDEFGH"[: len(kind.measures)]), kind.id)
                self.assertTrue(drawn & listed, kind.id)

    def test_what_stands_beside_the_front_is_drawn_and_lettered(self):
        wanted = {"carton": "ABC", "book": "ABC", "mug": "ABCEF", "rod": "ACD", "bottle": "ACDEFG"}
        for kind, page in pages(Ruler("cm")):
            if kind.id in wanted:
                drawn = [
                    c["text"]
                    for c in page.chars
                    if "Bold" in c["fontname"]
                    and abs(c["size"] - 9) < 0.1
                    and c["x0"] * POINT > 20
                    and c["text"] in "ABCDEFGH"
                ]
                self.assertEqual("".join(sorted(drawn)), wanted[kind.id], kind.id)

    def test_the_ruler_is_true_and_nothing_leaves_the_card(self):
        for unit, length in (("cm", 80.0), ("in", 76.2)):
            for kind, page in pages(Ruler(unit)):
                with self.subTest(f"{kind.id} {unit}"):
                    self.assertAlmostEqual(page.width * POINT, 105, delta=0.3)
                    self.assertTrue(any(abs(line["width"] * POINT - length) < 0.05 for line in page.lines))
                    for thing in (*page.chars, *page.lines, *page.curves):
                        self.assertGreaterEqual(thing["x0"] * POINT, 5)
                        self.assertLessEqual(thing["x1"] * POINT, 100)
                        self.assertGreaterEqual(thing["top"] * POINT, 5)
                        self.assertLessEqual(thing["bottom"] * POINT, 148)


if __name__ == "__main__":
    unittest.main()
