"""What the form asks."""

from __future__ import annotations

from dataclasses import replace

from ...constructions.caught import hanger_inputs, hanger_option
from ...constructions.frames import CASING_EDGE, FRAME_INPUTS
from ...constructions.shared import CLOSING, EDGES, GAP, JOINED, LINING
from ...constructions.zips import BESIDE_ZIP, ZIP_ENDS, ZIP_INPUTS
from ...drafting.description import HOLDS, LengthInput, Option

ALLOWANCES = ("side", "end", "zip", "mouth", "casing")

# What there is none of, by the mouth.
LACKS = {"zip-end": ("mouth", "casing"), "zip-face": ("side", "mouth", "casing"), "spring-frame": ("zip",)}

_ZIPPED = {"options.mouth": ("zip-end", "zip-face")}

INPUTS = (
    LengthInput("size.width", 20.0, 1000.0, "form", "either-way", words="tetra.width"),
    LengthInput("size.height", 15.0, 1500.0, "form", "either-way", words="tetra.height"),
    *(replace(item, when={**item.when, **_ZIPPED}) for item in ZIP_INPUTS),
    *FRAME_INPUTS,
    *hanger_inputs(_ZIPPED),
    GAP,
    HOLDS,
)

OPTIONS = (
    Option("mouth", ("zip-end", "zip-face", "spring-frame"), "form"),
    replace(ZIP_ENDS, when=_ZIPPED),
    replace(BESIDE_ZIP, when=_ZIPPED),
    hanger_option(_ZIPPED),
    CASING_EDGE,
    JOINED,
    LINING,
    EDGES,
    CLOSING,
)
