"""What the form asks."""

from __future__ import annotations

from dataclasses import replace

from ...constructions.shared import CLOSING, EDGES, GAP, JOINED, LINING
from ...constructions.zips import BESIDE_ZIP, ZIP_ENDS, ZIP_INPUTS
from ...drafting.description import HOLDS, LengthInput, Option

ALLOWANCES = ("side", "base", "box", "zip")

_FINISHED, _BLANK = {"options.sized": ("finished",)}, {"options.sized": ("blank",)}
_BOXED = ("cut-first", "sew-first")

INPUTS = (
    LengthInput("size.bottom_width", 20.0, 1500.0, "form", "at-least", _FINISHED),
    LengthInput("size.top_width", 20.0, 1500.0, "form", "either-way", _FINISHED),
    LengthInput("size.slant", 15.0, 1000.0, "form", "either-way", _FINISHED),
    LengthInput("size.blank_width", 30.0, 1600.0, "form", "either-way", _BLANK),
    LengthInput("size.blank_height", 30.0, 1700.0, "form", "either-way", _BLANK),
    LengthInput("size.blank_taper", -400.0, 700.0, "form", "either-way", _BLANK),
    LengthInput("size.blank_square", 3.0, 400.0, "form", "either-way", {**_BLANK, "options.boxing": _BOXED}),
    LengthInput("size.base_depth", 4.0, 600.0, "form", "either-way", {**_FINISHED, "options.boxing": _BOXED}),
    *ZIP_INPUTS,
    GAP,
    replace(HOLDS, when={"options.boxing": ("sew-first", "cut-first")}),
)

OPTIONS = (
    Option("sized", ("finished", "blank"), "form"),
    Option("boxing", ("cut-first", "sew-first", "flat"), "form"),
    Option("corner", ("kite", "square"), "form", {"options.boxing": ("cut-first",)}),
    ZIP_ENDS,
    BESIDE_ZIP,
    JOINED,
    LINING,
    EDGES,
    CLOSING,
)
