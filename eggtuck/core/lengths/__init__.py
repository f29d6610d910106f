"""Reading, rounding and writing lengths. Inside the program every length is a float in millimetres."""

from .grid import Grid, RoundingWay
from .reading import LengthError, Reading, read_length
from .ruler import UNITS, DecimalMark, Ruler, Unit
from .shown import SumLine, shown_sums

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
    "read_length",
    "shown_sums",
]
