"""Turning messages into sentences in one language, with lengths on the maker's ruler."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass
from typing import Final, Literal

from ..lengths import Ruler
from . import en
from .message import Message, Param, Percent

Language = Literal["en"]
LANGUAGES: Final[Mapping[Language, dict[str, str]]] = {"en": en.SENTENCES}


def learn(words: Mapping[Language, Mapping[str, str]]) -> None:
    """Adds the sentences of a form. Raises ValueError for an id that means something already."""
    for language, sentences in words.items():
        for id, text in sentences.items():
            if LANGUAGES[language].setdefault(id, text) != text:
                raise ValueError(f"{id} is said twice")
        # A finished size that is also asked for is called as its input is, unless it has a name already.
        for id, text in sentences.items():
            if id.startswith("input.") and not id.endswith(".help"):
                LANGUAGES[language].setdefault(f"sum.name.finished.{id.rsplit('.', 1)[1]}", text)


@dataclass(frozen=True, slots=True)
class Speaker:
    """Says messages in ``language`` with lengths as ``ruler`` writes them."""

    ruler: Ruler
    language: Language = "en"

    def say(self, message: Message) -> str:
        """The sentence. Raises KeyError for an id the catalogue does not have."""
        sentence = LANGUAGES[self.language][message.id]
        if not message.params:
            return sentence
        # Verdicts on fit are said roundly; sums and limits are said exactly.
        write = self.ruler.about if message.id.startswith(("fit.", "check.gap")) else self.ruler.write
        return sentence.format(**{name: self._param(value, write) for name, value in message.params.items()})

    def _param(self, value: Param, write: Callable[[float], str]) -> str:
        if isinstance(value, str):
            return value
        if isinstance(value, (bool, int)):
            return str(value)
        if isinstance(value, float):
            return write(value)
        if isinstance(value, Percent):
            return self._percent(value.value)
        if isinstance(value, Message):
            return self.say(value)
        return self._list([self.say(item) for item in value])

    def _percent(self, share: float) -> str:
        shown = f"{share * 100:.1f}".rstrip("0").rstrip(".")
        return shown.replace(".", self.ruler.decimal) + "\u00a0%"

    def _list(self, items: list[str]) -> str:
        last = LANGUAGES[self.language]["list.last"]
        return items[0] if len(items) == 1 else f"{', '.join(items[:-1])} {last} {items[-1]}" if items else ""
