"""What the form asks."""

from __future__ import annotations

from ...constructions.cords import cord_asks
from ...constructions.elastics import elastic_inputs, stretch_option
from ...constructions.shared import CLOSING, EDGES
from ...drafting.description import LengthInput, Option

ALLOWANCES = ("rim", "casing")

_CORD = {"options.closure": ("cord",)}
_MADE, _WIDE = cord_asks(_CORD)

INPUTS = (
    LengthInput("size.mouth_diameter", 15.0, 800.0, "form", "at-least"),
    LengthInput("size.drop", 3.0, 300.0, "form", "at-least"),
    LengthInput("size.frill", 0.0, 200.0, "form", "either-way"),
    LengthInput("size.neck_girth", 30.0, 2600.0, "form", "either-way", words="lid-cover.neck_girth", measured=True),
    LengthInput("size.channel", 4.0, 60.0, "form", "at-least", words="lid-cover.channel", fixed=True),
    *elastic_inputs(("elastic",)),
    LengthInput("size.cord_tails", 20.0, 1500.0, "cloth", "either-way", _CORD, fixed=True),
    _WIDE,
    LengthInput("size.gap", 10.0, 1000.0, "ease", "at-least", fixed=True),
)

OPTIONS = (Option("closure", ("elastic", "cord"), "form"), _MADE, stretch_option(("elastic",)), EDGES, CLOSING)
