"""A part moved by hand: where it is let go becomes lengths on the maker's ruler."""

from __future__ import annotations

from collections.abc import Mapping

from ..pattern.grip import Grip, Move
from ..shop import SNAP
from .spec import Spec


def put_down(grip: Grip, spec: Spec, right: float, up: float) -> Mapping[str, str]:
    """The lengths of a part that was moved to the ``right`` and ``up`` (mm), by their fields, as they are written on the maker's ruler:
    on its marks, or in a middle where it was let go near one. All that say where it lies are given, so that none of them is proposed
    anew; nothing where it was not moved."""
    if abs(right) < 1e-6 and abs(up) < 1e-6:
        return {}
    return {f"parts.{grip.part}.{move.name}": spec.ruler.exact(_told(move, spec, right, up)) for move in grip.moves}


def _told(move: Move, spec: Spec, right: float, up: float) -> float:
    along = abs(move.right * right) + abs(move.up * up)
    if along < 1e-6:
        return move.value
    asked = move.moved(right, up)
    # A step by a single mark must not be drawn back to where it came from.
    near = [snap for snap in move.snaps if abs(snap - asked) <= min(SNAP, along / 2)]
    if near:
        return min(near, key=lambda snap: abs(snap - asked))
    mark = spec.on_mark(asked)
    return mark if move.low <= mark <= move.high else asked
