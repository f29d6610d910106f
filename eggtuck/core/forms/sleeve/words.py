"""What is said of this form alone."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ...wording import Language

WORDS: Final[Mapping[Language, Mapping[str, str]]] = {
    "en": {
        "form.sleeve": "Handle sleeve",
        "form.sleeve.summary": "A padded tube closed at one end, straight or tapering. For pan handles, tool grips and pegs.",
        "input.sleeve.girth": "girth at the closed end",
        "input.sleeve.girth.help": "Round the finished sleeve on the stitch line. Leave empty to follow the handle and its ease.",
    }
}
