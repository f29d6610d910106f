"""What the form asks."""

from __future__ import annotations

from ...constructions.shared import EASE, EDGES, GAP, KEEPS
from ...drafting.description import LengthInput, Option

ALLOWANCES = ("side", "base", "box", "top", "end")

_BUTTON, _POCKETS = {"options.closure": ("button-loop",)}, {"options.pockets": ("two-stacked", "one")}

INPUTS = (
    EASE,
    LengthInput("size.girth", 80.0, 1500.0, "form", "at-least"),
    LengthInput("size.headroom", -100.0, 300.0, "form", fixed=True),
    LengthInput("size.wall_height", 20.0, 800.0, "form", "at-least"),
    LengthInput("size.base_depth", 10.0, 500.0, "form", "either-way"),
    LengthInput("size.flap", 15.0, 800.0, "form", "at-least", words="mug-bag.flap"),
    LengthInput("size.corner_radius", 0.0, 300.0, "form", "either-way", words="mug-bag.corner_radius"),
    LengthInput("size.pocket_height", 20.0, 600.0, "form", "either-way", _POCKETS, words="mug-bag.pocket_height"),
    LengthInput("size.handle_length", 60.0, 1500.0, "form", "at-least", words="mug-bag.handle_length"),
    LengthInput("size.handle_width", 8.0, 100.0, "form", "either-way", fixed=True),
    LengthInput("size.button", 5.0, 60.0, "cloth", "at-most", _BUTTON, fixed=True),
    GAP,
)

OPTIONS = (
    KEEPS,
    Option("closure", ("button-loop", "hook-and-loop"), "form"),
    Option("pockets", ("two-stacked", "one", "none"), "form"),
    EDGES,
)
