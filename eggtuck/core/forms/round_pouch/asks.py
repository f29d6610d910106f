"""What the form asks."""

from __future__ import annotations

from ...constructions.caught import hanger_inputs, hanger_option
from ...constructions.shared import CLOSING, EDGES, GAP, JOINED, LINING
from ...constructions.zips import BESIDE_ZIP, ZIP_INPUTS
from ...drafting.description import LengthInput, Option

ALLOWANCES = ("rim", "zip")

INPUTS = (
    LengthInput("size.diameter", 30.0, 900.0, "form", "either-way"),
    LengthInput("size.zip_offset", -400.0, 400.0, "form", "either-way"),
    *ZIP_INPUTS[:4],
    *hanger_inputs(),
    GAP,
)

OPTIONS = (
    Option("split", ("allowance-added", "cut-and-trim"), "form"),
    Option("lower_front", ("same", "contrast"), "form"),
    hanger_option(),
    Option("zip_ends", ("long-tape", "plain", "shortened"), "ease"),
    JOINED,
    Option("assembly", ("nested", "one-seam"), "ease", {"options.joined": ("apart",), "options.lining": ("equal",)}),
    LINING,
    BESIDE_ZIP,
    EDGES,
    CLOSING,
)
