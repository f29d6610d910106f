"""What is said of this form alone."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ...wording import Language

WORDS: Final[Mapping[Language, Mapping[str, str]]] = {
    "en": {
        "form.gusset-bag": "Round bag with a gusset",
        "form.gusset-bag.summary": "Two circles and a strip round them, the zip in the strip or recessed at the top. Holds its shape.",
        "easier.gusset-bag": "the same circle and zip, without a gusset round it",
    }
}
