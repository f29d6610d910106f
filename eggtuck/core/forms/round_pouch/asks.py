"""What the form asks."""

from __future__ import annotations

from ...constructions.shared import CLOSING, EDGES, GAP, JOINED, LINING
from ...constructions.zips import BESIDE_ZIP, ZIP_INPUTS
from ...drafting.description import LengthInput, Option

ALLOWANCES = ("rim", "zip")

INPUTS = (
    LengthInput("size.diameter", 30.0, 900.0, "form", "either-way"),
    LengthInput("size.zip_offset", -400.0, 400.0, "form", "either-way"),
    *ZIP_INPUTS[:4],
    LengthInput("size.loop", 0.0, 400.0, "cloth", "either-way", {"options.hanger": ("ribbon-loop",)}, fixed=True),
    GAP,
)

OPTIONS = (
    Option("split", ("allowance-added", "cut-and-trim"), "form"),
    Option("lower_front", ("same", "contrast"), "form"),
    Option("hanger", ("none", "ribbon-loop"), "form"),
    Option("zip_ends", ("long-tape", "plain", "shortened"), "ease"),
    JOINED,
    Option("assembly", ("nested", "one-seam"), "ease", {"options.joined": ("apart",), "options.lining": ("equal",)}),
    LINING,
    BESIDE_ZIP,
    EDGES,
    CLOSING,
)
