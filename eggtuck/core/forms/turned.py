"""The cloth turned back at the top of a bag: an outward cuff or a deep inward hem."""

from __future__ import annotations

from ..pattern import SpecError
from ..wording import msg
from .spec import Spec

CUFF, HEM = 40.0, 25.0


def turned_back(spec: Spec, top: str, wall: float, room: float, over: str = "problem.cuff-deep") -> float:
    """How deep the top is turned back (mm), 0 for tops that are not. A cuff may take up to ``room`` mm of
    the wall; one that is deeper is refused with the message ``over``. A hem takes at most half the wall."""
    if top == "cuff-out":
        cuff = spec.size.get("cuff_depth", min(CUFF, room * 0.8))
        if cuff > room + 1e-6:
            raise SpecError.of("size.cuff_depth", msg(over, cuff=cuff, limit=room))
        return cuff
    if top == "deep-hem":
        hem = spec.size.get("hem_depth", min(HEM, wall / 3))
        if hem > wall / 2:
            raise SpecError.of("size.hem_depth", msg("problem.hem-deep", hem=hem, limit=wall / 2))
        return hem
    return 0.0
