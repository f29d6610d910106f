"""What is said of this form alone."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ...wording import Language

WORDS: Final[Mapping[Language, Mapping[str, str]]] = {
    "en": {
        "form.round-pouch": "Round pouch",
        "form.round-pouch.summary": "A whole circle behind, two segments and a zip in front. For coins, cables and tokens.",
    }
}
