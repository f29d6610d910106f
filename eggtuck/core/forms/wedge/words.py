"""What is said of this form alone."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ...wording import Language

WORDS: Final[Mapping[Language, Mapping[str, str]]] = {
    "en": {
        "form.wedge": "Wedge pouch",
        "form.wedge.summary": "A triangle seen from the side: a flat base and a zip along the top. Stands open on a table.",
        "easier.wedge": "the same zip, in a pouch that lies flat",
    }
}
