"""What the form asks."""

from __future__ import annotations

from ...constructions.shared import CLOSING, EDGES, GAP, JOINED, LINING
from ...constructions.zips import ZIP_ENDS, ZIP_INPUTS
from ...drafting.description import LengthInput, Option

ALLOWANCES = ("side", "base", "box", "zip")

INPUTS = (
    LengthInput("size.bottom_width", 20.0, 1500.0, "form", "at-least"),
    LengthInput("size.top_width", 20.0, 1500.0, "form", "either-way"),
    LengthInput("size.slant", 15.0, 1000.0, "form", "either-way"),
    LengthInput("size.base_depth", 4.0, 600.0, "form", "either-way"),
    *ZIP_INPUTS,
    GAP,
)

OPTIONS = (
    Option("boxing", ("cut-first", "sew-first"), "form"),
    Option("corner", ("kite", "square"), "form", {"options.boxing": ("cut-first",)}),
    ZIP_ENDS,
    JOINED,
    LINING,
    EDGES,
    CLOSING,
)
