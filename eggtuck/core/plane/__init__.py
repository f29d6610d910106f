"""Plane geometry for pattern pieces: straight and arc segments, closed outlines, exact offsets."""

from .along import along_path
from .offset import OffsetError, offset_outline
from .outline import area, bounds, flatten, is_simple, perimeter, stretch
from .segment import Point, Segment, polyline, rectangle_points

__all__ = [
    "OffsetError",
    "Point",
    "Segment",
    "along_path",
    "area",
    "bounds",
    "flatten",
    "is_simple",
    "offset_outline",
    "perimeter",
    "polyline",
    "rectangle_points",
    "stretch",
]
