"""What is said of this form alone."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ...wording import Language

WORDS: Final[Mapping[Language, Mapping[str, str]]] = {
    "en": {
        "form.bookmark": "Bookmark",
        "form.bookmark.summary": "A stiffened strip, faced or folded. A small thing for scraps.",
        "input.bookmark.length": "length",
        "input.bookmark.length.help": "From end to end, finished.",
        "input.bookmark.width": "width",
        "input.bookmark.width.help": "Across, finished.",
    }
}
