"""What the form asks."""

from __future__ import annotations

from ...constructions.shared import CLOSING, EASE, EDGES, GAP, KEEPS, LINING, SHOWS
from ...drafting.description import HOLDS, LengthInput, Option

ALLOWANCES = ("rim", "dart")

_SQUARE, _ROUND = {"options.blank_shape": ("square",)}, {"options.blank_shape": ("circle",)}

INPUTS = (
    EASE,
    LengthInput("size.blank", 40.0, 1500.0, "form", "at-least"),
    LengthInput("size.darts", 4, 8, "form", "either-way", _ROUND, of="count"),
    LengthInput("size.dart_length", 5.0, 700.0, "form", "either-way"),
    LengthInput("size.dart_half_width", 1.0, 400.0, "form", "matched-pair"),
    LengthInput("size.corner_radius", 0.0, 300.0, "form", "either-way", _SQUARE),
    GAP,
    HOLDS,
)

_HEATED = {"options.use": ("microwave",)}

OPTIONS = (
    KEEPS,
    Option("blank_shape", ("square", "circle"), "form"),
    LINING,
    Option("gap_place", ("rim", "lining-dart"), "ease"),
    Option("fuse_when", ("flat", "shaped"), "ease"),
    EDGES,
    CLOSING,
    SHOWS,
    Option("use", ("table", "microwave"), "ease", safety=True),
    Option("heat_thread", ("open", "plant"), "ease", _HEATED, safety=True),
    Option("heat_trims", ("open", "plant"), "ease", _HEATED, safety=True),
)
