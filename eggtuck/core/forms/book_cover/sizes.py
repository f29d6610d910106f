"""Its sizes, decided before any piece is drawn."""

from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True, slots=True)
class Book:
    """The boards (mm)."""

    width: float
    height: float
    spine: float
