"""The finished surface: each flat part of a piece and where it lies in the sewn form."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import field
from functools import cached_property

from ..frozen import frozen
from ..plane import Point

Point3 = tuple[float, float, float]


@frozen
class Facet:
    """A flat part: its corners on the piece (net coordinates, mm) and the same corners in space (mm,
    z up, base at 0)."""

    piece: str
    copy: str
    flat: tuple[Point, ...]
    space: tuple[Point3, ...]
    smooth: bool = False


@frozen
class Span:
    """A measure on the form: the field that sets it, or the finished size it is, between two points."""

    field: str
    start: Point3
    end: Point3
    value: float


@frozen
class Carried:
    """Something the form carries - a strap, a pocket, a collar - as flat polygons in space (mm); ``piece`` is what it is cut as."""

    piece: str
    loops: tuple[tuple[Point3, ...], ...]


@frozen(slots=False)
class Solid:
    """The sewn form, what it carries, and the measures to show on it. ``soft`` when the cloth finds its own shape in use, so that
    what is shown is a likely shape and only its edges have their true lengths. ``carrying`` draws what is ``carried``, when it is first
    asked for: fitting and checking have no use for it."""

    facets: tuple[Facet, ...]
    spans: tuple[Span, ...] = ()
    soft: bool = False
    carrying: Callable[[tuple[Facet, ...]], tuple[Carried, ...]] = field(default=lambda _: (), compare=False)

    @cached_property
    def carried(self) -> tuple[Carried, ...]:
        return self.carrying(self.facets) if self.facets else ()
