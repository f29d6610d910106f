"""What Portuguese asks of a sentence whose nouns are filled in: an article and what stands before it agree with the noun."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import Final

from fluent.syntax import ast as ftl
from fluent.syntax.visitor import Transformer

# In a file ``de~{ $layer }`` is "do forro" or "da base". As it is read the mark becomes a sign that nobody types; of what is listed the
# first and every other bring signs of their own, for each takes what stands before the list: "do forro e da base".
WRITTEN: Final = "~"
MARK, FIRST, NEXT = "\ue000", "\ue001", "\ue002"

# Before a masculine and a feminine noun, one of it and several.
_AGREEING: Final = {
    "o": ("o", "a", "os", "as"),
    "de": ("do", "da", "dos", "das"),
    "em": ("no", "na", "nos", "nas"),
    "a": ("ao", "à", "aos", "às"),
    "por": ("pelo", "pela", "pelos", "pelas"),
    "um": ("um", "uma", "uns", "umas"),
    "primeiro": ("primeiro", "primeira", "primeiros", "primeiras"),
    "outro": ("outro", "outra", "outros", "outras"),
}
_ARTICLES: Final = ("o", "a", "os", "as")
# What takes no article besides: "de cada base", "de duas peças", "em A".
_BARE: Final = frozenset(str.split("cada um uma dois duas três quatro todo toda todos todas outro outra onde por quem"))
# What ends like one gender and is of the other, or like several and is one, among the nouns of these files.
_FEMININE: Final = frozenset(str.split("base parede pence face frente parte mão cruz haste tricoline"))
_FEMININE_ENDS: Final = ("a", "gem", "ção", "ade", "são")
_MASCULINE: Final = frozenset(("coração",))
_ONE: Final = frozenset(("viés", "ilhós", "lápis", "pires", "jeans"))
_FOUND: Final = re.compile(
    rf"((?:\b(?:{'|'.join(_AGREEING)}){MARK})+)({FIRST}?)(\W*)(\w*)|({FIRST}|{NEXT})(\W*)(\w*)", re.IGNORECASE
)


def mark(resource: ftl.Resource) -> None:
    """Works on the parsed file itself."""
    _Marked().visit(resource)


def listed(items: Sequence[str]) -> list[str]:
    """What stands in a list, each with its sign."""
    return [(NEXT if nth else FIRST) + item for nth, item in enumerate(items)]


class _Marked(Transformer):
    def visit_TextElement(self, node: ftl.TextElement) -> ftl.TextElement:
        node.value = node.value.replace(WRITTEN, MARK)
        return node


def agree(said: str) -> str:
    """The sentence with every marked word as its noun wants it.

    >>> agree("de" + MARK + "forro, o" + MARK + "base, a" + MARK + "pontas, em" + MARK + "cada alça, de" + MARK + "a boca")
    'do forro, a base, às pontas, em cada alça, da boca'
    >>> agree("em" + MARK + " e ".join(listed(["a parede", "o forro", "base"])))
    'na parede e no forro e na base'
    """
    if MARK not in said and FIRST not in said:
        return said
    before: list[str] = []

    def agreed(found: re.Match[str]) -> str:
        words, first, between, noun, sign, after, other = found.groups()
        if sign == NEXT:
            return _agreed(before, after, other) if before else after + other
        before[:] = words.split(MARK)[:-1] if words and first else []
        return _agreed(words.split(MARK)[:-1], between, noun) if words else after + other

    return _FOUND.sub(agreed, said)


def _agreed(words: list[str], between: str, noun: str) -> str:
    low = noun.lower()
    if noun in _ARTICLES and not between:
        # The noun brings its article along: the two are drawn together. A capital is the letter of a piece.
        return _form(words[0], _ARTICLES.index(noun))
    if low in _BARE or len(noun) < 2 or noun[0].isdigit():
        told = [word for word in words if word.lower() != "o"]
    else:
        told = [_form(word, _which(low)) for word in words]
    return " ".join([*told, between + noun])


def _form(word: str, which: int) -> str:
    form = _AGREEING[word.lower()][which]
    return form.capitalize() if word[0].isupper() else form


def _which(noun: str) -> int:
    """0 for a masculine noun, 1 for a feminine, two more for several."""
    several = noun.endswith("s") and noun not in _ONE
    one = noun.removesuffix("s") if several else noun
    one = {"margen": "margem"}.get(one, one)
    feminine = one in _FEMININE or (one.endswith(_FEMININE_ENDS) and one not in _MASCULINE)
    return int(feminine) + 2 * several
