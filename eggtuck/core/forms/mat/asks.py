"""What the form asks."""

from __future__ import annotations

from ...constructions.binding import BINDING_FROM, BINDING_JOIN, BINDING_LENGTH, STRIP
from ...drafting.description import LengthInput, Option

ALLOWANCES = ("side", "end")


_BLOCKS = {"options.patchwork": ("corner-squares",)}


INPUTS = (
    LengthInput("size.width", 40.0, 3000.0, "form", "either-way", words="mat.width"),
    LengthInput("size.height", 40.0, 3000.0, "form", "either-way", words="mat.height"),
    STRIP,
    BINDING_LENGTH,
    LengthInput("size.quilting_margin", 0.0, 100.0, "ease", "at-least", fixed=True),
    LengthInput("size.rows", 1, 20, "form", "either-way", _BLOCKS, of="count"),
    LengthInput("size.columns", 1, 20, "form", "either-way", _BLOCKS, of="count"),
    LengthInput("size.corner", 5.0, 500.0, "form", "either-way", _BLOCKS, words="mat.corner"),
)


OPTIONS = (
    BINDING_FROM,
    BINDING_JOIN,
    Option("patchwork", ("whole", "corner-squares", "rows"), "form"),
    Option("binding_by", ("hand", "machine"), "ease"),
)
