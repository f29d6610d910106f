"""How the machine is set for an operation: foot and stitch, by the task and by how thick what is sewn is."""

from __future__ import annotations

from collections.abc import Iterable, Mapping

from ..materials import BACKING, Layer, Stack
from ..pattern import Edge, Hem, Piece, Role, Seam
from ..pattern.draft import Foot
from ..shop import EQUAL, SHEET_STITCH, STITCH, THICK_STACK, THICK_STITCH
from .operation import Operation
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


def hem_thickness(done: Operation, hems: Iterable[Hem], pieces: Mapping[str, Piece], stack: Stack) -> float:
    """Of the hems an operation sews, at their thickest (mm): folded once two layers, with the allowance folded under three."""
    most = 0.0
    for hem in hems:
        for use in hem.edges if hem.id in done.hems else ():
            piece = pieces[use.piece]
            edge = piece.by_key[use.key]
            layers = 3 if hem.depth > edge.allowance + EQUAL else 2
            most = max(most, layers * sum(thickness(piece, edge, role, stack) for role in piece.own_cloths))
    return most


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
