"""Reading, rounding and writing lengths. Inside the program every length is a float in millimetres."""

from .grid import Grid, RoundingWay
from .reading import LengthError, Reading, read_length
from .ruler import UNITS, DecimalMark, Ruler, Unit

__all__ = ["UNITS", "DecimalMark", "Grid", "LengthError", "Reading", "RoundingWay", "Ruler", "Unit", "read_length"]
