"""A spec as understood: every number in mm, every choice made."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field
from typing import Any

from ..lengths import Grid, Ruler
from ..materials import Stack
from ..objects import Thing
from ..wording import Language, Message
from .panel import Shape
from .parts.kinds import PartRequest

DEFAULT_ALLOWANCE = 10.0
ALLOWANCE_LIMITS = (0.0, 60.0)
# Every kind of edge that has an allowance of its own in some form.
EDGE_KINDS = ("side", "base", "top", "box", "end", "zip", "rim", "mouth", "casing", "dart")


@dataclass(frozen=True, slots=True)
class Spec:
    """What the maker asks. ``size``, ``ease`` and ``allowance`` hold only what was given (mm);
    ``typed`` keeps the maker's own wording by field; ``understood`` is the spec to store and show."""

    form: str
    ruler: Ruler
    language: Language
    thing: Thing | None
    size: Mapping[str, float]
    ease: Mapping[str, float]
    allowance: Mapping[str, float]
    options: Mapping[str, str]
    chosen: frozenset[str]
    stack: Stack
    grid: Grid
    typed: Mapping[str, str]
    understood: Mapping[str, Any]
    parts: tuple[PartRequest, ...] = ()
    also: tuple[tuple[str | Message, Thing], ...] = ()
    shape: Shape | None = None
    wearer: Mapping[str, float] = field(default_factory=dict)

    def seam_allowance(self, key: str, lining: bool = False) -> float:
        """The allowance of one kind of edge (mm): the lining's own, the edge's own, or the default."""
        if lining and f"lining-{key}" in self.allowance:
            return self.allowance[f"lining-{key}"]
        return self.allowance.get(key, self.allowance.get("default", DEFAULT_ALLOWANCE))
