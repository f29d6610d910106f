"""The languages that are spoken: a folder of sentences each."""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from importlib.resources import files
from importlib.resources.abc import Traversable
from typing import Final, Literal

from ..lengths import DecimalMark
from . import portuguese
from .catalogue import Catalogue
from .message import Message
from .stretched import stretch

Language = Literal["en", "pt", "en-XA"]
SPOKEN: Final[tuple[Language, ...]] = ("en", "pt")
# What stands between the whole and its parts in each.
DECIMAL_MARKS: Final[Mapping[str, DecimalMark]] = {"en": ".", "pt": ","}
# No language of makers: English with every sentence in marks and a third longer, for looking whether all is said from the catalogue and
# has room.
STRETCHED: Final = "en-XA"

_HOME = files(__package__)
# It counts as English does.
LANGUAGES: Final[Mapping[Language, Catalogue]] = {
    "en": Catalogue("en"),
    "pt": Catalogue("pt", portuguese.mark, portuguese.agree, portuguese.listed),
    STRETCHED: Catalogue("en", stretch),
}


def learn(folder: Traversable) -> None:
    """Adds the sentences of a folder that has a file for each language, ``en.ftl``. Raises FileNotFoundError where one is missing, and
    ValueError for an id that means something already."""
    for catalogue in LANGUAGES.values():
        file = folder / f"{catalogue.language}.ftl"
        if not file.is_file():
            raise FileNotFoundError(f"{folder.name} has no words: {file}")
        catalogue.learn(file)


for _catalogue in LANGUAGES.values():
    for _file in sorted((_HOME / _catalogue.language).iterdir(), key=lambda file: file.name):
        if _file.name.endswith(".ftl"):
            _catalogue.learn(_file)


def said_in(message: Message) -> Iterator[Message]:
    """A message and those that fill its blanks: it may be given more than it says."""
    yield message
    blanks = LANGUAGES["en"].blanks(message.id)
    for name, value in message.params.items():
        for part in value if isinstance(value, tuple) else (value,):
            if name in blanks and isinstance(part, Message):
                yield from said_in(part)
