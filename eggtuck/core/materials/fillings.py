"""What weights and such are filled with, and what it weighs."""

from __future__ import annotations

from typing import Final

# Poured loosely, g for each ml (house rule: weigh it before it goes in).
DENSITY: Final[dict[str, float]] = {
    "rice": 0.85,
    "dried-beans": 0.8,
    "sand": 1.6,
    "glass-beads": 1.5,
    "cherry-stones": 0.6,
}
