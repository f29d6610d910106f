"""Cloths and what goes between them, with typical values that a maker can overrule."""

from .catalogue import MATERIALS, OWN_THICKNESS, Material, MaterialKind
from .stack import Layer, Stack

__all__ = ["MATERIALS", "OWN_THICKNESS", "Layer", "Material", "MaterialKind", "Stack"]
