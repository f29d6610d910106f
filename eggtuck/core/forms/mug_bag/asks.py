"""What the form asks."""

from __future__ import annotations

from dataclasses import replace

from ...constructions.binding import BINDING_FROM, BINDING_JOIN, BINDING_LENGTH, STRIP
from ...constructions.shared import EASE, EDGES, GAP, KEEPS
from ...drafting.description import HOLDS, LengthInput, Option

ALLOWANCES = ("side", "base", "box", "top", "end")

_MAT = {"options.carried_mat": ("whole", "corner-squares")}
_BLOCKS = {"options.carried_mat": ("corner-squares",)}
_BUTTON, _POCKETS = {"options.closure": ("button-loop",)}, {"options.pockets": ("two-stacked", "one")}

INPUTS = (
    EASE,
    LengthInput("size.girth", 80.0, 1500.0, "form", "at-least"),
    LengthInput("size.headroom", -100.0, 300.0, "form", fixed=True),
    LengthInput("size.wall_height", 20.0, 800.0, "form", "at-least"),
    LengthInput("size.rim_fold", 10.0, 500.0, "form", "at-least", {"options.bag_rim": ("folded-down",)}),
    LengthInput("size.base_depth", 10.0, 500.0, "form", "either-way"),
    LengthInput("size.flap", 15.0, 800.0, "form", "at-least", words="mug-bag.flap"),
    LengthInput("size.corner_radius", 0.0, 300.0, "form", "either-way", words="mug-bag.corner_radius"),
    LengthInput("size.pocket_height", 20.0, 600.0, "form", "either-way", _POCKETS, words="mug-bag.pocket_height"),
    LengthInput("size.handle_length", 60.0, 1500.0, "form", "at-least", words="mug-bag.handle_length"),
    LengthInput("size.handle_width", 8.0, 100.0, "form", "either-way", fixed=True),
    LengthInput("size.button", 5.0, 60.0, "cloth", "at-most", _BUTTON, fixed=True),
    LengthInput("size.flap_pocket_height", 20.0, 600.0, "form", "either-way", {"options.flap_pocket": ("in-lining",)}),
    LengthInput("size.mat_width", 40.0, 1500.0, "form", "at-most", _MAT),
    LengthInput("size.mat_height", 40.0, 1500.0, "form", "at-most", _MAT),
    LengthInput("size.rows", 1, 20, "form", "either-way", _BLOCKS, of="count"),
    LengthInput("size.columns", 1, 20, "form", "either-way", _BLOCKS, of="count"),
    LengthInput("size.corner", 5.0, 500.0, "form", "either-way", _BLOCKS, words="mat.corner"),
    replace(STRIP, when=_MAT),
    replace(BINDING_LENGTH, when=_MAT),
    LengthInput("size.quilting_margin", 0.0, 100.0, "ease", "at-least", _MAT, fixed=True),
    GAP,
    HOLDS,
)

OPTIONS = (
    KEEPS,
    Option("bag_rim", ("hemmed", "folded-down"), "form"),
    Option("closure", ("button-loop", "hook-and-loop"), "form"),
    Option("pockets", ("two-stacked", "one", "none"), "form"),
    Option("carrying", ("in-seam", "closed-ends"), "form"),
    Option("flap_pocket", ("none", "in-lining"), "form"),
    Option("carried_mat", ("none", "whole", "corner-squares"), "form", _POCKETS),
    Option("mat_fold", ("quarter", "half", "third"), "form", _MAT),
    replace(BINDING_FROM, when=_MAT),
    replace(BINDING_JOIN, when=_MAT),
    Option("binding_by", ("hand", "machine"), "ease", _MAT),
    EDGES,
)
