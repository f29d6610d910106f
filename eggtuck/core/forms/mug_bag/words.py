"""What is said of this form alone."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ...wording import Language

WORDS: Final[Mapping[Language, Mapping[str, str]]] = {
    "en": {
        "form.mug-bag": "Mug carrier",
        "form.mug-bag.summary": "A boxed bag for the mug in a padded wrap with a flap, pockets and a handle. For taking your own cup along.",
        "easier.mug-bag": "the same box, without wrap, pockets and flap",
        "input.mug-bag.corner_radius": "rounded corners",
        "input.mug-bag.corner_radius.help": "Radius of the flap's two corners.",
        "input.mug-bag.flap": "flap",
        "input.mug-bag.flap.help": "From the back rim over the top and down the front.",
        "input.mug-bag.handle_length": "handle",
        "input.mug-bag.handle_length.help": "Length of the carrying handle between its seams.",
        "input.mug-bag.pocket_height": "pocket",
        "input.mug-bag.pocket_height.help": "Height of the finished pocket, measured from the back base edge.",
    }
}
