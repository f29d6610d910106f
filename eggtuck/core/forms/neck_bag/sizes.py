"""Its sizes, decided before any piece is drawn."""

from __future__ import annotations

from ...frozen import frozen


@frozen
class Shown:
    """Heights above the table as the bag stands (mm): the thing's top, its neck, and the rim, the headroom above the top."""

    top: float
    neck: float
    rim: float
