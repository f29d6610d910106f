"""What is said of this form alone."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Final

from ...wording import Language

WORDS: Final[Mapping[Language, Mapping[str, str]]] = {
    "en": {
        "form.lid-cover": "Lid cover",
        "form.lid-cover.summary": "A circle over the mouth of a jar or bowl, drawn in beneath the rim by elastic or a cord.",
        "easier.lid-cover": "the same tie, on straight seams",
        "input.lid-cover.channel": "channel",
        "input.lid-cover.channel.help": "Width of the casing the elastic or cord runs in.",
        "input.lid-cover.neck_girth": "girth where it draws in",
        "input.lid-cover.neck_girth.help": "Tape round the jar or bowl below its rim.",
    }
}
