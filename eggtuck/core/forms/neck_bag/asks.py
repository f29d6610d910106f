"""What the form asks."""

from __future__ import annotations

from ...constructions.elastics import elastic_inputs, stretch_option
from ...constructions.ribbons import ribbon_option, ribbon_wide
from ...constructions.shared import EASE, EDGES
from ...drafting.description import LengthInput, Option

ALLOWANCES = ("side", "base", "top")

ELASTIC, RIBBON = ("elastic", "elastic-ribbon"), ("elastic-ribbon", "ribbon-caught", "ribbon-loose")

INPUTS = (
    EASE,
    LengthInput("size.girth", 60.0, 2500.0, "form", "at-least"),
    LengthInput("size.base_diameter", 10.0, 800.0, "form", "at-least", words="neck-bag.base_diameter", measured=True),
    LengthInput("size.object_height", 20.0, 2000.0, "form", "at-least", measured=True),
    LengthInput("size.neck_height", 10.0, 2000.0, "form", "either-way", measured=True),
    LengthInput("size.headroom", -500.0, 800.0, "form", "either-way", words="neck-bag.headroom", fixed=True),
    LengthInput("size.top_fold", 0.0, 500.0, "form", "either-way"),
    LengthInput("size.neck_girth", 15.0, 1500.0, "form", "either-way", measured=True),
    *elastic_inputs(ELASTIC),
    LengthInput(
        "size.bow", 0.0, 3000.0, "cloth", "either-way", {"options.closure": RIBBON}, words="size.bow", fixed=True
    ),
    ribbon_wide({"options.closure": RIBBON}),
)

OPTIONS = (
    Option("closure", ("elastic", "elastic-ribbon", "ribbon-caught", "ribbon-loose"), "form"),
    ribbon_option({"options.closure": RIBBON}),
    stretch_option(ELASTIC),
    Option("hem_order", ("after", "before"), "ease"),
    Option("hem_turn", ("twice", "once"), "ease"),
    EDGES,
)
