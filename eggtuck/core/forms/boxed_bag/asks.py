"""What the boxed-base bag asks."""

from __future__ import annotations

from dataclasses import replace

from ...constructions.ribbons import ribbon_option, ribbon_wide
from ...constructions.shared import ASSEMBLY, CLOSING, EDGES, KEEPS, SHOWS
from ...drafting.description import HOLDS, LengthInput, Option
from ...moves.mouth import TOPS

LINED = {"options.top": ("bagged", "folded-in", "cuff-out")}
GAP_TOPS = {"options.top": ("bagged", "cuff-out")}
MIN_BASE = 5.0

INPUTS = (
    LengthInput("ease.girth", -100.0, 600.0, "form", "at-least"),
    LengthInput("size.girth", 40.0, 2500.0, "form", "at-least"),
    LengthInput("size.headroom", -1000.0, 600.0, "form", "either-way", fixed=True),
    LengthInput("size.wall_height", 10.0, 2000.0, "form", "at-least"),
    LengthInput("size.base_depth", 4.0, 1200.0, "form", "either-way", {"options.boxing": ("cut-first", "sew-first")}),
    LengthInput("size.cuff_depth", 5.0, 500.0, "form", "at-most", {"options.top": ("cuff-out",)}),
    LengthInput("size.hem_depth", 5.0, 500.0, "form", "either-way", {"options.top": ("deep-hem",)}),
    LengthInput("size.tie_height", 5.0, 2000.0, "form", "either-way", {"options.tie": ("loose", "caught")}),
    LengthInput("size.bow", 0.0, 3000.0, "cloth", "either-way", {"options.tie": ("loose", "caught")}, fixed=True),
    ribbon_wide({"options.tie": ("loose", "caught")}),
    LengthInput("size.gap", 10.0, 1000.0, "ease", "at-least", GAP_TOPS, fixed=True),
    replace(HOLDS, when={"options.boxing": ("cut-first", "sew-first")}),
)
OPTIONS = (
    KEEPS,
    Option("cut", ("two-panels", "side-fold", "base-fold"), "form"),
    Option("boxing", ("cut-first", "sew-first", "flat"), "form"),
    Option("top", TOPS, "form"),
    Option("tie", ("loose", "caught", "none"), "form"),
    ribbon_option({"options.tie": ("loose", "caught")}),
    Option("lining", ("equal", "reduced"), "ease", LINED),
    Option("gap_place", ("lining-base", "lining-side"), "ease", GAP_TOPS),
    Option("hem_order", ("after", "before"), "ease"),
    EDGES,
    ASSEMBLY,
    CLOSING,
    SHOWS,
)
ALLOWANCES = ("side", "base", "top", "box")
OBJECTS = ("bottle", "jar", "can", "tumbler", "mug", "carton", "profile")
