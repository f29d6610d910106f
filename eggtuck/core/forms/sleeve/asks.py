"""What the form asks."""

from __future__ import annotations

from ...constructions.shared import CLOSING, EASE, EDGES, GAP, LINING
from ...drafting.description import LengthInput, Option

ALLOWANCES = ("side", "end", "mouth")

INPUTS = (
    EASE,
    LengthInput("size.girth", 20.0, 800.0, "form", "at-least", words="sleeve.girth"),
    LengthInput("size.girth_mouth", 20.0, 800.0, "form", "at-least"),
    LengthInput("size.length", 20.0, 1500.0, "form", "at-least", forgiving=True),
    GAP,
)

OPTIONS = (
    Option("end", ("pointed", "blunt"), "form"),
    LINING,
    Option("mouth_edge", ("plain", "understitched"), "ease"),
    EDGES,
    CLOSING,
)
