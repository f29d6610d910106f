"""Plane geometry for pattern pieces: straight and arc segments, closed outlines, exact offsets."""

from .along import along_path, distance_from
from .clip import Axis, clipped
from .offset import OffsetError, offset_outline
from .outline import area, bounds, crossings, flatten, is_mirror_image, is_simple, perimeter, stretch
from .segment import Point, Segment, polyline, rectangle_points

__all__ = [
    "Axis",
    "OffsetError",
    "Point",
    "Segment",
    "along_path",
    "area",
    "bounds",
    "clipped",
    "crossings",
    "distance_from",
    "flatten",
    "is_mirror_image",
    "is_simple",
    "offset_outline",
    "perimeter",
    "polyline",
    "rectangle_points",
    "stretch",
]
