"""Adding the parts a spec asks for to a make: their pieces, notions, checks and steps."""

from __future__ import annotations

from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...pattern import InputState
from . import placed, pockets, strips, trims

_ADD = {
    "strap": strips.add_strap,
    "handle": strips.add_strap,
    "adjustable-strap": strips.add_adjustable,
    "ring-tab": strips.add_ring_tabs,
    "loop": strips.add_loop,
    "slip-pocket": pockets.add_pocket,
    "patch-pocket": pockets.add_pocket,
    "mesh-pocket": pockets.add_pocket,
    "piping": trims.add_piping,
    "elastic": trims.add_elastic,
    "ribbon": trims.add_ribbon,
    "label": trims.add_label,
    "eyelet": trims.add_hardware,
    "snap": trims.add_hardware,
    "button": trims.add_hardware,
    "hook-and-loop": trims.add_hardware,
}


def add_parts(make: Make) -> None:
    """Every part the spec asks for. Call it when the form's own pieces are made, before the sewing begins; the parts' steps
    are kept in ``make.parts_order`` to be put in while everything is flat. Raises `SpecError`."""
    for request in make.spec.parts:
        if request.kind.id.endswith("pocket"):
            request = pockets.settle_pocket(make, request)
        elif placed.is_placed(request):
            request = placed.settle_place(make, request)
        _states(make, request)
        _ADD[request.kind.id](make, request)


def _states(make: Make, request: PartRequest) -> None:
    for item in request.kind.lengths:
        value = request.lengths.get(item.name)
        if value is not None:
            field = request.field(item.name)
            make.states.append(
                InputState(
                    field,
                    value,
                    request.usual.get(item.name),
                    item.low,
                    item.high,
                    item.direction,
                    request.typed.get(item.name),
                )
            )
