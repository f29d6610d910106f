"""Cautions that the work calls for. The program advises; local rules and qualified people decide."""

from __future__ import annotations

from ..objects import Thing
from ..pattern import Check
from ..words import msg


def caution_checks(thing: Thing | None, ribbon: bool) -> list[Check]:
    """Notes for fragile things and for loose ribbons."""
    found: list[Check] = []
    if thing is not None and thing.fragile:
        found.append(Check("caution.fragile", "note", msg("caution.fragile"), msg("caution.fragile.text")))
    if ribbon:
        found.append(Check("caution.ribbon", "note", msg("caution.ribbon"), msg("caution.ribbon.text")))
    return found
