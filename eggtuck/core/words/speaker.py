"""Turning messages into sentences in one language, with lengths on the maker's ruler."""

from __future__ import annotations

from collections.abc import Callable

from ..frozen import frozen
from ..lengths import Ruler, shown_volume
from .catalogue import Blank
from .languages import LANGUAGES, Language
from .message import Message, Param, Percent, Thickness, Volume


@frozen
class Speaker:
    """Says messages in ``language`` with lengths as ``ruler`` writes them."""

    ruler: Ruler
    language: Language = "en"

    def say(self, message: Message) -> str:
        """The sentence. Raises KeyError for an id the catalogue does not have."""
        catalogue = LANGUAGES[self.language]
        if not message.params:
            return catalogue.say(message.id, {})
        # Verdicts on fit are said roundly; sums and limits are said exactly.
        write = self.ruler.about if message.id.startswith(("fit.", "check.gap")) else self.ruler.write
        blanks = {name: self._blank(value, write) for name, value in message.params.items()}
        return catalogue.say(message.id, blanks)

    def _blank(self, value: Param, write: Callable[[float], str]) -> Blank | str | int:
        if isinstance(value, (str, int)):
            return value
        if isinstance(value, float):
            return write(value)
        if isinstance(value, Percent):
            return self._percent(value.value)
        if isinstance(value, Volume):
            return self.volume(value.ml)
        if isinstance(value, Thickness):
            return self.ruler.thin(value.mm)
        if isinstance(value, Message):
            return Blank(self.say(value), value.id)
        return LANGUAGES[self.language].join([self.say(item) for item in value])

    def volume(self, ml: float) -> str:
        """What something holds, as a maker says it."""
        number, unit = shown_volume(ml, self.ruler)
        return LANGUAGES[self.language].say(f"unit.{unit}", {"number": number})

    def _percent(self, share: float) -> str:
        shown = f"{share * 100:.1f}".rstrip("0").rstrip(".")
        return shown.replace(".", self.ruler.decimal) + "\u00a0%"
