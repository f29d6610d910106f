"""Lengths and volumes as they are written in Portuguese, put into the words they are read by."""

from __future__ import annotations

import re
import unicodedata
from typing import Final

_NUMBERS: Final = {
    **dict.fromkeys(("um", "uma"), "one"),
    **dict.fromkeys(("dois", "duas"), "two"),
    **dict(
        zip(
            str.split(
                "tres quatro cinco seis sete oito nove dez onze doze treze catorze quinze dezesseis dezessete dezoito dezenove vinte"
            ),
            str.split(
                "three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen twenty"
            ),
            strict=True,
        )
    ),
}
_PARTS: Final = {
    **dict.fromkeys(("meio", "meia"), "half"),
    "quarto": "quarter",
    "quartos": "quarters",
    "terco": "third",
    "tercos": "thirds",
    "oitavo": "eighth",
    "oitavos": "eighths",
}
_UNITS: Final = {
    "polegada": "inch",
    "polegadas": "inches",
    "pol": "in",
    "jarda": "yard",
    "jardas": "yards",
    "metro": "metre",
    "metros": "metres",
    "centimetro": "cm",
    "centimetros": "cm",
    "milimetro": "mm",
    "milimetros": "mm",
    "litro": "litre",
    "litros": "litres",
    "mililitro": "ml",
    "mililitros": "ml",
    "xicara": "xicara",
    "xicaras": "xicaras",
    "colher de sopa": "tablespoon",
    "colheres de sopa": "tablespoons",
    "colher de cha": "teaspoon",
    "colheres de cha": "teaspoons",
}
# "cerca de 8 cm", "três quartos de polegada", "2 e meia".
_BETWEEN: Final = {"cerca de": "about", "mais ou menos": "about", "uns": "about", "umas": "about", "de": "", "e": "and"}
_KNOWN: Final = _NUMBERS | _PARTS | _UNITS | _BETWEEN
_WORD: Final = re.compile(
    r"\b(?:" + "|".join(sorted(map(re.escape, _KNOWN), key=len, reverse=True)) + r")\b|(?<=\d)\s+a\s+(?=[\d.,])"
)


def in_english(text: str) -> str:
    """What is written in Portuguese, in lower case, word for word in English; anything else as it is.

    >>> in_english("três polegadas e meia"), in_english("7 a 8 cm"), in_english("an inch and a half")
    ('three inches and half', '7 to 8 cm', 'an inch and a half')
    """
    if text.isascii() and not _WORD.search(text):
        return text
    bare = "".join(char for char in unicodedata.normalize("NFD", text) if not unicodedata.combining(char))
    if not _WORD.search(bare):
        return text
    return " ".join(_WORD.sub(lambda found: _KNOWN.get(found[0], " to "), bare).split())
