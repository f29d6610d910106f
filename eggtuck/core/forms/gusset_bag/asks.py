"""What the form asks."""

from __future__ import annotations

from dataclasses import replace

from ...constructions.shared import CLOSING, EDGES, GAP, KEEPS
from ...constructions.zips import BESIDE_ZIP, FREE_CLEARANCE, FREE_ENDS, ZIP_ENDS, ZIP_INPUTS
from ...drafting.description import HOLDS, LengthInput, Option

ALLOWANCES = ("rim", "side", "end", "zip")

_RECESSED = {"options.mouth": ("recessed-zip",)}
_IN_GUSSET = {"options.mouth": ("zip-in-gusset",)}

INPUTS = (
    LengthInput("size.diameter", 40.0, 1200.0, "form", "matched-pair", words="gusset.across"),
    LengthInput("size.gusset_width", 8.0, 600.0, "form", "either-way"),
    LengthInput("size.opening", 20.0, 3000.0, "form", "matched-pair"),
    LengthInput("size.facing_depth", 5.0, 600.0, "form", "at-least", _RECESSED, fixed=True),
    *(replace(item, when={**item.when, **_IN_GUSSET}) if item.when else item for item in ZIP_INPUTS),
    replace(FREE_CLEARANCE, when=_RECESSED),
    LengthInput("size.piping_overlap", 10.0, 100.0, "cloth", "at-least", {"options.piping": ("piped",)}, fixed=True),
    GAP,
    HOLDS,
)

OPTIONS = (
    KEEPS,
    Option("mouth", ("zip-in-gusset", "recessed-zip"), "form"),
    Option("piping", ("none", "piped"), "form"),
    replace(ZIP_ENDS, when=_IN_GUSSET),
    replace(FREE_ENDS, when=_RECESSED),
    replace(BESIDE_ZIP, when=_IN_GUSSET),
    Option("assembly", ("nested", "panels"), "ease", _IN_GUSSET),
    EDGES,
    CLOSING,
)
