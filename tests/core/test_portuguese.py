"""Portuguese: articles agree with what is filled in, nothing of English is left over, and lengths are read as they are said."""

import re
import unittest

from eggtuck.core.forms import draft_spec
from eggtuck.core.lengths import LengthError, read_length
from eggtuck.core.lengths.volume import read_volume
from eggtuck.core.pattern.document import draft_document
from eggtuck.core.words import LANGUAGES
from eggtuck.core.words.portuguese import FIRST, MARK, NEXT, agree, listed
from tests import share
from tests.makes import makes
from tests.words import texts

PORTUGUESE = LANGUAGES["pt"]
# What is filled in where an article stands before it: names of pieces and of what is on them.
NAMES = ("role-", "piece-", "part-", "edge-", "seam-", "fold-", "figure-", "object-", "preset-", "material-", "end-")
# Their first words, by what a dictionary says of them.
MASCULINE = str.split("""
    acabamento acolchoamento algodão anel atoalhado avesso bloco bolso botão cabo canal canto cartão caderno
    círculo contraste copo cordão coração corpo debrum elástico estruturador exterior fecho feltro fio fleece
    fole forro gargalo isolante jeans jogo lado laço laminado linho livro marcador meio mosquetão motivo
    náilon objeto painel par pé pique pote prato punho quadrado quarto regulador retalho revel topo triângulo tubo
    tule tweed túnel único veludo verso vivo zíper tecido ombro outro ilhós
""")
FEMININE = str.split("""
    aba alça argola barra base beira boca bola bolsa borda caixa caneca capa casa costura dobra emenda
    entretela envoltura espuma estrela faixa figura fita folha frente garrafa gola gota lata letra ligação
    lingueta linha lombada lona luva malha manta metade parede pence ponta presilha primeira renda segunda
    tela tesoura tira tricoline etiqueta tigela bainha
""")
# "where the rim is folded down", "over the top", "who wears it", "something else": these are no nouns.
NO_NOUN = ("onde", "por", "quem", "outra")
SEVERAL_MASCULINE = ["lados", "quadrados"]
SEVERAL_FEMININE = ["bordas", "costas", "costuras", "letras", "linguetas", "pontas"]


# What is one word where it is drawn together as it should be: "da", "no", "aos".
APART = re.compile(r"\b(?:de|em|por) (?:o|a|os|as)\b|\ba (?:o|os)\b")


class Agreeing(unittest.TestCase):
    def test_every_name_takes_the_article_a_dictionary_gives_it(self):
        expected = {
            **dict.fromkeys(MASCULINE, ("o", "do", "no", "ao")),
            **dict.fromkeys(FEMININE, ("a", "da", "na", "à")),
            **dict.fromkeys(SEVERAL_MASCULINE, ("os", "dos", "nos", "aos")),
            **dict.fromkeys(SEVERAL_FEMININE, ("as", "das", "nas", "às")),
        }
        names = [
            id for id in PORTUGUESE if id.startswith(NAMES) and "." not in id and not id.startswith("part-choice-")
        ]
        tried = 0
        for id in names:
            said = PORTUGUESE.pattern(id).elements[0]
            first = re.match(r"\w+", getattr(said, "value", "") or "")
            if not first or first[0] in NO_NOUN or id.startswith(("part-input-", "part-count")):
                continue
            with self.subTest(id):
                self.assertTrue(first[0] in expected, first[0])
                words = tuple(agree(f"{word}{MARK}{first[0]}") for word in ("o", "de", "em", "a"))
                self.assertEqual(words, tuple(f"{word} {first[0]}" for word in expected[first[0]]))
                tried += 1
        self.assertGreater(tried, 150)

    def test_what_brings_its_article_and_what_takes_none(self):
        for written, said in (
            ("em#a base (B)", "na base (B)"),
            ("de#os cantos", "dos cantos"),
            ("de#cada corpo", "de cada corpo"),
            ("em#duas peças", "em duas peças"),
            ("o#outro#base", "a outra base"),
            ("O#forro", "O forro"),
            ("o#“caneca”", "a “caneca”"),
            ("de#A (corpo)", "de A (corpo)"),
            ("nothing marked", "nothing marked"),
            # A sign that nobody types, typed all the same.
            ("um saco#verde, de#forro", "um saco#verde, do forro"),
            ("#", "#"),
        ):
            with self.subTest(written):
                self.assertEqual(agree(written.replace("#", MARK)), said.replace("#", MARK))

    def test_each_of_a_list_takes_what_stands_before_the_list(self):
        things = " e ".join(listed(["a parede", "o forro"]))
        self.assertEqual(agree(f"em{MARK}{things}, no avesso"), "na parede e no forro, no avesso")
        # Where nothing stands before it the list is as it is, though something stood before another.
        self.assertEqual(agree(f"de{MARK}base: {things}"), "da base: a parede e o forro")
        self.assertEqual(agree(f"em{MARK}{things}; pegue {things}"), "na parede e no forro; pegue a parede e o forro")


class Said(unittest.TestCase):
    def test_no_make_is_told_with_what_portuguese_draws_together_apart_or_with_english(self):
        english = re.compile(r"\b(?:the|of|and|with|from|its|each|piece|seam|edge)\b")
        several = re.compile(
            r"\b(?:(?:o|do|no|ao|um) (?:base|parede|costura|borda|beira|ponta|aba|fita|pence)"
            r"|(?:a|da|na|à|uma) (?:corpo|forro|exterior|painel|zíper|fole))\b"
        )
        for name, spec in share(makes(), 3):
            document = draft_document(draft_spec({**spec, "language": "pt"}))
            for part in ("steps", "checks", "needs", "seams"):
                for text in texts(document.get(part)):
                    if " " not in text:
                        continue
                    with self.subTest(make=name, text=text):
                        self.assertIsNone(APART.search(text))
                        self.assertIsNone(english.search(text))
                        self.assertIsNone(several.search(text))
                        self.assertFalse({MARK, FIRST, NEXT} & set(text))


class Read(unittest.TestCase):
    def test_lengths_and_volumes_are_read_as_they_are_said(self):
        inch = 25.4
        for text, unit, mm in (
            ("três polegadas e meia", "cm", 3.5 * inch),
            ("meia polegada", "cm", 0.5 * inch),
            ("um metro e meio", "in", 1500.0),
            ("2 e 1/4 pol", "cm", 2.25 * inch),
            ("de 7 a 8 cm", "in", 80.0),
            ("cerca de 7,5 cm", "in", 75.0),
            ("três quartos de polegada", "cm", 0.75 * inch),
            ("sete e um oitavo", "in", 7.125 * inch),
            ("12 centímetros", "in", 120.0),
            ("um quarto de jarda", "cm", 228.6),
            ("two and a half cm", "in", 25.0),
        ):
            with self.subTest(text):
                self.assertAlmostEqual(read_length(text, unit).mm, mm, 6)
        for text, ml in (
            ("meio litro", 500),
            ("um litro e meio", 1500),
            ("2 xícaras", 480),
            ("3 colheres de sopa", 45),
        ):
            with self.subTest(text):
                self.assertAlmostEqual(read_volume(text, "cm"), ml)
        for text in ("meia", "de", "e", "três gatos"):
            with self.subTest(text):
                if text == "meia":
                    self.assertAlmostEqual(read_length(text, "cm").mm, 5.0)
                else:
                    self.assertRaises(LengthError, read_length, text, "cm")


if __name__ == "__main__":
    unittest.main()
