"""What is said of this form alone."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ...wording import Language

WORDS: Final[Mapping[Language, Mapping[str, str]]] = {
    "en": {
        "form.mat": "Mat",
        "form.mat.summary": "Top, padding and backing, quilted, trimmed and bound. For mugs, pots and places at table.",
        "input.mat.corner": "corner square",
        "input.mat.corner.help": "Finished side of the square sewn across each corner of a block.",
        "input.mat.height": "height",
        "input.mat.height.help": "Of the trimmed mat.",
        "input.mat.width": "width",
        "input.mat.width.help": "Of the trimmed mat.",
    }
}
