"""What is said of this form alone."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ...wording import Language

WORDS: Final[Mapping[Language, Mapping[str, str]]] = {
    "en": {
        "form.neck-bag": "Gathered-neck bag",
        "form.neck-bag.summary": "A flat tube the bottle pushes open, gathered where its neck begins. The quickest gift bag; makes no corners.",
        "input.neck-bag.base_diameter": "base, across",
        "input.neck-bag.base_diameter.help": "Across the bottom of the thing; half of it lies below the base line.",
        "input.neck-bag.headroom": "above the thing",
        "input.neck-bag.headroom.help": "Cloth between the top of the thing and the fold of the top.",
    }
}
