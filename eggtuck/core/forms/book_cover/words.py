"""What is said of this form alone."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ...wording import Language

WORDS: Final[Mapping[Language, Mapping[str, str]]] = {
    "en": {
        "form.book-cover": "Notebook cover",
        "form.book-cover.summary": "A wrap round boards and spine whose flaps hold the boards. For notebooks, planners and books.",
        "easier.book-cover": "the same bagging out and pressing, a finger long",
        "input.book-cover.flap": "flap",
        "input.book-cover.flap.help": "How far each flap reaches over the inside of its board. A third to two thirds of the board.",
    }
}
