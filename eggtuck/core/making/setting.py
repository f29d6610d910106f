"""How the machine is set for an operation: foot and stitch, by the task and by how thick what is sewn is."""

from __future__ import annotations

from ..materials import BACKING, Layer, Stack
from ..pattern import Edge, Piece, Role, Seam
from ..pattern.draft import Foot
from ..shop import SHEET_STITCH, STITCH, THICK_STACK, THICK_STITCH
from .sewn import Sewn


def thickness(piece: Piece, edge: Edge, role: Role | None, stack: Stack) -> float:
    """Of one cloth of a piece along one of its edges, with what of its layers lies in the allowance there (mm)."""
    total = 0.0
    for cut in piece.cuts:
        if cut.role == role if cut.on is None else cut.on == role and piece.reaches(cut, edge):
            layers = stack.all(cut.role)
            total += layers[cut.nth].thickness if cut.nth < len(layers) else 0.0
    return total


def seam_thickness(sewn: Sewn, seam: Seam, layer: Role, stack: Stack) -> float:
    """Of both sides of a seam, each at its thickest (mm)."""
    return sum(max(thickness(*one, stack) for one in sewn.along(side, layer)) for side in (seam.a, seam.b))


def cloths_of(piece: Piece, stack: Stack) -> tuple[Layer, ...]:
    """The cloths a piece is cut from, a lining that lies flat on the outer with them; not what stiffens or pads them."""
    roles = {cut.role for cut in piece.cuts} - set(BACKING)
    return tuple(layer for layer in stack.layers if layer.role in roles)


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
