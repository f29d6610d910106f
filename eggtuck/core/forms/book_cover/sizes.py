"""Its sizes, decided before any piece is drawn."""

from __future__ import annotations

from ...frozen import frozen


@frozen
class Book:
    """The boards (mm)."""

    width: float
    height: float
    spine: float
