"""What the form asks."""

from __future__ import annotations

from ...constructions.binding import BINDING_FROM, BINDING_JOIN, BINDING_LENGTH, STRIP
from ...constructions.shared import EDGES, GAP
from ...drafting.description import LengthInput, Option

ALLOWANCES = ("side", "top", "end")

_BOUND, _POCKET, _NARROW = (
    {"options.make": ("bound",)},
    {"options.pockets": ("slip-pocket",)},
    {"options.pockets": ("narrow",)},
)

_TAB, _PEN, _MARKER = (
    {"options.tab": ("tab", "folded-tab")},
    {"options.pen_loop": ("elastic-loop",)},
    {"options.marker": ("ribbon", "frays", "strip")},
)

_WITH = {"options.page_strip": ("matching",)}

INPUTS = (
    LengthInput("size.board_width", 30.0, 800.0, "form", "at-least", measured=True),
    LengthInput("size.board_height", 30.0, 1000.0, "form", "at-least", measured=True),
    LengthInput("size.spine", 0.0, 200.0, "form", "at-least", measured=True),
    LengthInput("size.ease_width", -10.0, 150.0, "form", "at-least", fixed=True),
    LengthInput("size.ease_height", -10.0, 150.0, "form", "at-least", fixed=True),
    LengthInput("size.flap", 15.0, 800.0, "form", "either-way", words="book-cover.flap"),
    LengthInput("size.flap_hem", 0.0, 60.0, "ease", "either-way", fixed=True),
    LengthInput("size.pocket_height", 20.0, 900.0, "form", "either-way", _POCKET),
    LengthInput("size.pocket_width", 20.0, 700.0, "form", "either-way", _NARROW),
    LengthInput("size.band_width", 20.0, 900.0, "form", "either-way", {"options.spine_band": ("band",)}),
    LengthInput("size.tab_width", 10.0, 200.0, "form", "either-way", _TAB, fixed=True),
    LengthInput("size.tab_overlap", 10.0, 400.0, "form", "at-least", _TAB, fixed=True),
    LengthInput("size.pen_girth", 15.0, 150.0, "form", "at-least", _PEN, fixed=True, measured=True),
    LengthInput("size.pen_loop_width", 4.0, 60.0, "cloth", "either-way", _PEN, fixed=True),
    LengthInput("size.ribbon_tails", 10.0, 400.0, "cloth", "either-way", _MARKER, fixed=True),
    LengthInput("size.ribbon_width", 4.0, 80.0, "cloth", "either-way", _MARKER, fixed=True),
    LengthInput("size.bookmark_width", 10.0, 300.0, "form", "either-way", _WITH),
    LengthInput("size.bookmark_length", 30.0, 800.0, "form", "either-way", _WITH),
    LengthInput(STRIP.field, STRIP.low, STRIP.high, "form", "either-way", _BOUND),
    LengthInput(BINDING_LENGTH.field, BINDING_LENGTH.low, BINDING_LENGTH.high, "cloth", "at-least", _BOUND),
    GAP,
)

OPTIONS = (
    Option("make", ("bagged", "bound"), "form"),
    Option("flaps", ("hemmed", "doubled"), "form"),
    Option("pockets", ("none", "slip-pocket", "narrow"), "form"),
    Option("tab", ("none", "tab", "folded-tab"), "form"),
    Option("spine_band", ("none", "band"), "form"),
    Option("pen_loop", ("none", "elastic-loop"), "form"),
    Option("page_strip", ("none", "matching"), "form"),
    Option("marker", ("none", "ribbon", "frays", "strip"), "form"),
    Option(BINDING_FROM.id, BINDING_FROM.choices, "form", _BOUND),
    Option(BINDING_JOIN.id, BINDING_JOIN.choices, "form", _BOUND),
    EDGES,
)
