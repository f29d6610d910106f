"""Cloths and what goes between them, with typical values that a maker can overrule."""

from .catalogue import MATERIALS, Material, MaterialKind
from .stack import Layer, Stack

__all__ = ["MATERIALS", "Layer", "Material", "MaterialKind", "Stack"]
