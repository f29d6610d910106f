"""What is said of this form alone."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ...wording import Language

WORDS: Final[Mapping[Language, Mapping[str, str]]] = {
    "en": {
        "form.dart-bowl": "Darted bowl cosy",
        "form.dart-bowl.summary": "A square or round blank whose darts turn its rim up. For bowls, plates and round dishes.",
        "easier.dart-bowl": "the same quilting, lying flat",
    }
}
