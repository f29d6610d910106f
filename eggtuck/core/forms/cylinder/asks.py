"""What the form asks."""

from __future__ import annotations

from ...constructions.cords import cord_asks
from ...constructions.shared import ASSEMBLY, CLOSING, EDGES, KEEPS, SHOWS
from ...drafting.description import HOLDS, LengthInput, Option
from ...moves.mouth import TOPS

_TURNED = {"options.top": ("bagged", "cuff-out")}


_LINED = {"options.top": ("bagged", "folded-in", "cuff-out")}


_DRAWN = {"options.top": ("drawstring",)}
_MADE, _WIDE = cord_asks(_DRAWN)


ALLOWANCES = ("side", "base", "top")


INPUTS = (
    LengthInput("ease.girth", -100.0, 600.0, "form", "at-least"),
    LengthInput("size.girth", 40.0, 2500.0, "form", "at-least"),
    LengthInput("size.headroom", -1000.0, 600.0, "form", fixed=True),
    LengthInput("size.wall_height", 10.0, 2000.0, "form", "at-least"),
    LengthInput("size.base_diameter", 12.0, 800.0, "form", "matched-pair"),
    LengthInput("size.cuff_depth", 5.0, 500.0, "form", "at-most", {"options.top": ("cuff-out",)}),
    LengthInput("size.hem_depth", 5.0, 500.0, "form", "either-way", {"options.top": ("deep-hem",)}),
    LengthInput("size.collar_height", 15.0, 400.0, "form", "either-way", _DRAWN),
    LengthInput("size.cord_tails", 20.0, 1500.0, "cloth", "either-way", _DRAWN, fixed=True),
    LengthInput("size.channel", 6.0, 400.0, "form", "at-least", _DRAWN, words="collar.channel"),
    _WIDE,
    LengthInput("size.gap", 10.0, 1000.0, "ease", "at-least", _TURNED, fixed=True),
    HOLDS,
)


OPTIONS = (
    KEEPS,
    Option("top", (*TOPS, "drawstring"), "form"),
    Option("collar_by", ("ring", "flat"), "ease", _DRAWN),
    _MADE,
    Option("base_cloth", ("same", "mesh"), "form", {"options.top": ("deep-hem", "plain", "drawstring")}),
    Option("lining", ("equal", "reduced"), "ease", _LINED),
    EDGES,
    ASSEMBLY,
    CLOSING,
    SHOWS,
)
