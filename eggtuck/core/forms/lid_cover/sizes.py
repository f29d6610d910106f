"""Its sizes, decided before any piece is drawn."""

from __future__ import annotations

from dataclasses import dataclass

from ...drafting.panel import Panel


@dataclass(frozen=True, slots=True)
class Lid:
    """The mouth, the two lines of the casing, and the net edge."""

    mouth: Panel
    line: Panel
    outer: Panel
    edge: Panel
