"""Its sizes, decided before any piece is drawn."""

from __future__ import annotations

from ...drafting.panel import Panel
from ...frozen import frozen
from ...shop import Number

OPENING = Number(30, "mm", "so much of the channel's outer line is left open to draw elastic in by")
BESIDE = Number(10, "mm", "so far a cord's buttonhole lies beside the middle line")


@frozen
class Lid:
    """The mouth, the two lines of the casing, and the net edge."""

    mouth: Panel
    line: Panel
    outer: Panel
    edge: Panel


def buttonhole(channel: float) -> float:
    """How long a cord's buttonhole across a channel is (mm): it stays clear of both lines."""
    return max(channel / 2, channel - 4)
