"""What is said of this form alone."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ...wording import Language

WORDS: Final[Mapping[Language, Mapping[str, str]]] = {
    "en": {
        "form.cone": "Tapered tube with a round base",
        "form.cone.summary": "A wall cut in a curve, so that it widens or narrows evenly. For tumblers, plant pots and tapered jars.",
        "easier.cone": "the same disc in a wall that goes straight up",
    }
}
