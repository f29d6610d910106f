"""The languages that are spoken: a folder of sentences each."""

from __future__ import annotations

from collections.abc import Mapping
from importlib.resources import files
from importlib.resources.abc import Traversable
from typing import Final, Literal

from .catalogue import Catalogue
from .stretched import stretch

# The last is no language of makers: English with every sentence in marks and a third longer, for looking whether all is said from the
# catalogue and has room.
Language = Literal["en", "en-XA"]

_HOME = files(__package__)
# The folder whose files each language reads.
_FOLDERS: Final[Mapping[Language, str]] = {"en": "en", "en-XA": "en"}
LANGUAGES: Final[Mapping[Language, Catalogue]] = {"en": Catalogue("en"), "en-XA": Catalogue("en-XA", stretch)}
SPOKEN: Final[tuple[Language, ...]] = tuple(language for language in _FOLDERS if language != "en-XA")


def learn(folder: Traversable) -> None:
    """Adds the sentences of a folder that has a file for each language, ``en.ftl``. Raises FileNotFoundError where one is missing, and
    ValueError for an id that means something already."""
    for language, catalogue in LANGUAGES.items():
        file = folder / f"{_FOLDERS[language]}.ftl"
        if not file.is_file():
            raise FileNotFoundError(f"{folder.name} has no words: {file}")
        catalogue.learn(file)


for _language, _catalogue in LANGUAGES.items():
    for _file in sorted((_HOME / _FOLDERS[_language]).iterdir(), key=lambda file: file.name):
        if _file.name.endswith(".ftl"):
            _catalogue.learn(_file)
