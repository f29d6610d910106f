"""A maker's own machine and tools, held against what a make asks of them."""

from .equipping import Equipment, Tool, equip
from .machine import Bench, read_bench

__all__ = ["Bench", "Equipment", "Tool", "equip", "read_bench"]
