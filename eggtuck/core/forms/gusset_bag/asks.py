"""What the form asks."""

from __future__ import annotations

from dataclasses import replace

from ...constructions.shared import CLOSING, EDGES, GAP, KEEPS
from ...constructions.zips import BESIDE_ZIP, ZIP_ENDS, ZIP_INPUTS
from ...drafting.description import LengthInput, Option

ALLOWANCES = ("rim", "side", "end", "zip")

_RECESSED = {"options.mouth": ("recessed-zip",)}

INPUTS = (
    LengthInput("size.diameter", 40.0, 1200.0, "form", "matched-pair", words="gusset.across"),
    LengthInput("size.gusset_width", 8.0, 600.0, "form", "either-way"),
    LengthInput("size.opening", 20.0, 3000.0, "form", "matched-pair"),
    LengthInput("size.facing_depth", 5.0, 600.0, "form", "at-least", _RECESSED, fixed=True),
    *ZIP_INPUTS,
    LengthInput("size.piping_overlap", 10.0, 100.0, "cloth", "at-least", {"options.piping": ("piped",)}, fixed=True),
    GAP,
)

OPTIONS = (
    KEEPS,
    Option("mouth", ("zip-in-gusset", "recessed-zip"), "form"),
    Option("piping", ("none", "piped"), "form"),
    ZIP_ENDS,
    replace(BESIDE_ZIP, when={"options.mouth": ("zip-in-gusset",)}),
    Option("assembly", ("nested", "panels"), "ease", {"options.mouth": ("zip-in-gusset",)}),
    EDGES,
    CLOSING,
)
