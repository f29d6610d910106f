"""Reading, rounding and writing lengths, and what things hold. Inside the program every length is a float in millimetres."""

from .grid import Grid, RoundingWay
from .reading import LengthError, Reading, read_length
from .ruler import UNITS, DecimalMark, Ruler, Unit
from .shown import SumLine, shown_sums
from .volume import plain_volume_unit, read_volume, shown_volume

__all__ = [
    "UNITS",
    "DecimalMark",
    "Grid",
    "LengthError",
    "Reading",
    "RoundingWay",
    "Ruler",
    "SumLine",
    "Unit",
    "plain_volume_unit",
    "read_length",
    "read_volume",
    "shown_sums",
    "shown_volume",
]
