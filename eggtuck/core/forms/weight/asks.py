"""What the form asks."""

from __future__ import annotations

from ...drafting.description import HOLDS, LengthInput, Option
from ...materials.fillings import DENSITY

ALLOWANCES = ("side", "base", "top")

_HELD = {"options.handle": ("strap", "diagonal")}

INPUTS = (
    LengthInput("size.base_side", 15.0, 600.0, "form", "either-way"),
    LengthInput("size.top_side", 5.0, 600.0, "form", "either-way"),
    LengthInput("size.slant", 10.0, 600.0, "form", "either-way", words="weight.slant"),
    LengthInput("size.handle_length", 30.0, 500.0, "cloth", "either-way", _HELD),
    LengthInput("size.handle_width", 6.0, 80.0, "cloth", "either-way", _HELD, fixed=True),
    HOLDS,
)

OPTIONS = (
    Option("handle", ("none", "strap", "diagonal"), "form"),
    Option("filling", tuple(DENSITY), "cloth"),
    Option("filled", ("three-quarters", "four-fifths", "full", "two-thirds"), "cloth"),
)
