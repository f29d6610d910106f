"""What is said of this form alone."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ...wording import Language

WORDS: Final[Mapping[Language, Mapping[str, str]]] = {
    "en": {
        "form.weight": "Filled weight",
        "form.weight.summary": "Two strips cross at the base and close at a small top square. For pattern weights and door stops.",
        "input.weight.slant": "slant",
        "input.weight.slant.help": "Up the middle of a flap, from the base to the top square.",
    }
}
