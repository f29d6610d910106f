"""What is said of this form alone."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ...wording import Language

WORDS: Final[Mapping[Language, Mapping[str, str]]] = {
    "en": {
        "form.boxed-bag": "Boxed-base bag",
        "form.boxed-bag.summary": "A tube whose two squashed corners make a flat base. Stands by itself; for bottles, jars, cans, mugs and cartons.",
    }
}
