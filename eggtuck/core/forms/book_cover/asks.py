"""What the form asks."""

from __future__ import annotations

from ...constructions.binding import BINDING_JOIN, BINDING_LENGTH, STRIP
from ...constructions.shared import EDGES, GAP
from ...drafting.description import LengthInput, Option

ALLOWANCES = ("side", "top", "end")

_BOUND, _POCKET = {"options.make": ("bound",)}, {"options.pockets": ("slip-pocket",)}

_TAB, _PEN, _MARKER = (
    {"options.tab": ("tab",)},
    {"options.pen_loop": ("elastic-loop",)},
    {"options.marker": ("ribbon",)},
)

INPUTS = (
    LengthInput("size.board_width", 30.0, 800.0, "form", "at-least"),
    LengthInput("size.board_height", 30.0, 1000.0, "form", "at-least"),
    LengthInput("size.spine", 0.0, 200.0, "form", "at-least"),
    LengthInput("size.ease_width", -10.0, 150.0, "form", "at-least", fixed=True),
    LengthInput("size.ease_height", -10.0, 150.0, "form", "at-least", fixed=True),
    LengthInput("size.flap", 15.0, 800.0, "form", "either-way", words="book-cover.flap"),
    LengthInput("size.flap_hem", 0.0, 60.0, "ease", "either-way", fixed=True),
    LengthInput("size.pocket_height", 20.0, 900.0, "form", "either-way", _POCKET),
    LengthInput("size.tab_width", 10.0, 200.0, "form", "either-way", _TAB, fixed=True),
    LengthInput("size.tab_overlap", 10.0, 400.0, "form", "at-least", _TAB, fixed=True),
    LengthInput("size.pen_girth", 15.0, 150.0, "form", "at-least", _PEN, fixed=True),
    LengthInput("size.ribbon_tails", 10.0, 400.0, "cloth", "either-way", _MARKER, fixed=True),
    LengthInput(STRIP.field, STRIP.low, STRIP.high, "form", "either-way", _BOUND),
    LengthInput(BINDING_LENGTH.field, BINDING_LENGTH.low, BINDING_LENGTH.high, "cloth", "at-least", _BOUND),
    GAP,
)

OPTIONS = (
    Option("make", ("bagged", "bound"), "form"),
    Option("pockets", ("none", "slip-pocket"), "form"),
    Option("tab", ("none", "tab"), "form"),
    Option("pen_loop", ("none", "elastic-loop"), "form"),
    Option("marker", ("none", "ribbon"), "form"),
    Option(BINDING_JOIN.id, BINDING_JOIN.choices, "form", _BOUND),
    EDGES,
)
