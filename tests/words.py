"""Sentences as they are written, and stretched English, in which every sentence stands in marks and has its vowels doubled: what reads
otherwise did not come from the catalogue."""

from __future__ import annotations

import re
from collections.abc import Iterable, Iterator

from fluent.syntax import ast as ftl
from fluent.syntax.visitor import Visitor

from eggtuck.core.words import Message
from eggtuck.core.words.stretched import FIRST, LAST

# What is written alike in every language: units, formats of files, sizes of paper.
_ALIKE = re.compile(r"\b(cm|mm|in|yd|ml|g|kg|SVG|DXF|GLB|OBJ|STL|PLY|CSV|JSON|PDF|A[034])\b")
_INNERMOST = re.compile(f"{FIRST}[^{FIRST}{LAST}]*{LAST}")
_PAIRS = re.compile("aa|ee|ii|oo|uu", re.I)


def _without(text: str, own: Iterable[str]) -> str:
    for words in sorted((words for words in own if re.search("[A-Za-z]", words)), key=len, reverse=True):
        text = text.replace(words, " ")
    return _ALIKE.sub(" ", text)


def ready_made(text: str, own: Iterable[str] = ()) -> list[str]:
    """The words of a text whose vowels are not doubled, but for the maker's ``own``: they were not stretched."""
    words = re.findall("[A-Za-z]{2,}", _without(text, own))
    return [word for word in words if re.search("[aeiou]", _PAIRS.sub("", word), re.I)]


def unmarked(text: str, own: Iterable[str] = ()) -> str:
    """What of a text is neither a sentence of the catalogue, nor the maker's ``own`` words, nor written alike everywhere. Words that
    were put into a sentence ready-made are found too."""
    ready, text = ready_made(text, own), _without(text, own)
    while _INNERMOST.search(text):
        text = _INNERMOST.sub(" ", text)
    left = re.findall(f"[A-Za-z]{{2,}}|[{FIRST}{LAST}]", text)
    return " ".join([*ready, *left])


class _Blanks(Visitor):
    def __init__(self) -> None:
        self.found: set[str] = set()

    def visit_VariableReference(self, node: ftl.VariableReference) -> None:
        self.found.add(node.id.name)


def parts(message: Message) -> Iterator[Message]:
    """A message, and all that are said in it."""
    yield message
    for value in message.params.values():
        for inner in value if isinstance(value, tuple) else (value,):
            if isinstance(inner, Message):
                yield from parts(inner)


def texts(value: object) -> Iterator[str]:
    """Every text in plain data."""
    if isinstance(value, str):
        yield value
    elif isinstance(value, (dict, list)):
        for inner in value.values() if isinstance(value, dict) else value:
            yield from texts(inner)


def blanks(pattern: ftl.Pattern) -> set[str]:
    """The names of what is filled in, that of its selections with it."""
    looking = _Blanks()
    looking.visit(pattern)
    return looking.found
