"""A draft being put together: what every form does alike, so that a form reads like a recipe."""

from __future__ import annotations

from collections.abc import Mapping

from ...pattern import Draft, Fix
from .complete import complete
from .steps import Steps

__all__ = ["Make"]


class Make(Steps):
    """Collects pieces, seams, sums and sentences of one make, and gives the draft."""

    def draft(
        self,
        girth: float,
        ribbon: bool = False,
        fixes: Mapping[str, Fix] | None = None,
        blocking: frozenset[str] = frozenset(),
    ) -> Draft:
        """The draft, with the checks every form carries; ``girth`` is what is topstitched round the
        top (mm); a seam in ``blocking`` that cannot be eased stops the cutting."""
        return complete(self, girth, ribbon, fixes or {}, blocking)
