"""Parts that any form can carry: straps, tabs, loops, pockets, trims and hardware."""

from .kinds import PARTS, PartKind, PartLength, PartRequest

__all__ = ["PARTS", "PartKind", "PartLength", "PartRequest"]
