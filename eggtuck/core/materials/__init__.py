"""Cloths and what goes between them, with typical values that a maker can overrule."""

from ..shop import OWN_THICKNESS
from .catalogue import MATERIALS, Material, MaterialKind
from .stack import BACKING, Layer, Rule, Stack

__all__ = ["BACKING", "MATERIALS", "OWN_THICKNESS", "Layer", "Material", "MaterialKind", "Rule", "Stack"]
