"""The finished surface: each flat part of a piece and where it lies in the sewn form."""

from __future__ import annotations

from dataclasses import dataclass

from ..plane import Point

Point3 = tuple[float, float, float]


@dataclass(frozen=True, slots=True)
class Facet:
    """A flat part: its corners on the piece (net coordinates, mm) and the same corners in space (mm,
    z up, base at 0)."""

    piece: str
    copy: str
    flat: tuple[Point, ...]
    space: tuple[Point3, ...]


@dataclass(frozen=True, slots=True)
class Solid:
    facets: tuple[Facet, ...]
