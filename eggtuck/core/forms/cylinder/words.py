"""What is said of this form alone."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ...wording import Language

WORDS: Final[Mapping[Language, Mapping[str, str]]] = {
    "en": {
        "form.cylinder": "Tube with a round base",
        "form.cylinder.summary": "A straight wall round a flat disc. For flasks, bottles, jars, cans and cups; a drawstring collar closes it.",
        "easier.cylinder": "the same lining and top, without easing a wall round a disc",
    }
}
