"""How the machine is set for an operation: foot and stitch, by the task and by how thick what is sewn is."""

from __future__ import annotations

from collections.abc import Iterable

from ..materials import Stack
from ..pattern import Piece
from ..pattern.draft import Foot
from ..shop import SHEET_STITCH, STITCH, THICK_STACK, THICK_STITCH
from .sewn import Copied


def thickness(pieces: Iterable[Piece], stack: Stack, copies: Iterable[Copied]) -> float:
    """Of these copies lying on each other, with what is glued or quilted to each (mm)."""
    by_id = {piece.id: piece for piece in pieces}
    total = 0.0
    for id, _, role in copies:
        for cut in by_id[id].cuts:
            # A net cut ends on the stitch line, and one that is smaller than the allowance is wide does not reach the seam.
            short = cut.net or cut.inset >= max((edge.allowance for edge in by_id[id].edges), default=0.0) > 0
            if (cut.on is None or not short) and (cut.role == role if cut.on is None else cut.on == role):
                layers = stack.all(cut.role)
                total += layers[cut.nth].thickness if cut.nth < len(layers) else 0.0
    return total


def stitch_for(stack: Stack, thick: float) -> float:
    """The stitch of a seam (mm): longer through a thick stack, and in a sheet, whose holes do not close again."""
    if any(layer.material.kind == "sheet" for layer in stack.all("outer")):
        return SHEET_STITCH
    return THICK_STITCH if thick >= THICK_STACK else STITCH


def foot_for(stack: Stack, thick: float) -> Foot:
    """The foot for a seam: one that carries the upper layer along through a thick stack; one that glides on a sheet."""
    if thick >= THICK_STACK:
        return "walking"
    sticky = any(layer.material.kind == "sheet" and layer.material.iron == "never" for layer in stack.all("outer"))
    return "smooth" if sticky else "standard"
