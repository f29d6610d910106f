"""Adding the parts a spec asks for to a make: their pieces, notions, checks and steps."""

from __future__ import annotations

from dataclasses import replace

from ...drafting.asking import usual_bow
from ...drafting.hosts import Host, hosts_of
from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...pattern import Check, Fix, InputState
from ...plane import bounds, polyline
from ...plane.boxes import largest_clear
from ...shop import MOTIF_LEAST, PART_CLEAR
from ...words import Param, msg
from ..surface import border, motif
from . import adjustable, clipped, connectors, placed, pockets, sides, strips, tabs, trims

_ADD = {
    "strap": strips.add_strap,
    "handle": strips.add_strap,
    "adjustable-strap": adjustable.add_adjustable,
    "clip-strap": clipped.add_clip_strap,
    "ring-tab": tabs.add_ring_tabs,
    "connector": connectors.add_connectors,
    "loop": strips.add_loop,
    "slip-pocket": pockets.add_pocket,
    "patch-pocket": pockets.add_pocket,
    "mesh-pocket": pockets.add_pocket,
    "piping": trims.add_piping,
    "elastic": trims.add_elastic,
    "ribbon": trims.add_ribbon,
    "label": trims.add_label,
    "motif": motif.add_motif,
    "border": border.add_border,
    "eyelet": trims.add_hardware,
    "snap": trims.add_hardware,
    "button": trims.add_hardware,
    "hook-and-loop": trims.add_hardware,
}

# Those whose length follows from the edge or the place they are sewn to.
_MEASURED = {"piping": trims.settle_piping, "elastic": trims.settle_elastic}


SURFACE = ("motif", "border")
# Those that are caught in a side.
_CAUGHT = ("adjustable-strap", "loop", "ribbon", "label")


def add_parts(make: Make) -> None:
    """Every part the spec asks for. Call it when the form's own pieces are made, before the sewing begins; the parts' steps
    are kept in ``make.parts_order`` to be put in while everything is flat. Raises `SpecError`."""
    make.hosts = hosts_of(make.pieces)
    early = make.part_steps
    # What is worked on bare cloth comes first, and has its place before all else is laid beside it.
    for request in sorted(make.spec.parts, key=lambda asked: asked.kind.id not in SURFACE):
        make.hosting = None
        make.hosting = _host(make, request)
        inside = request.kind.id.endswith("pocket") or request.kind.id in SURFACE or placed.is_placed(request)
        waits = make.host.id in make.laid or (make.host.id in make.trimmed and not inside)
        make.part_steps = make.laid_steps if waits else early
        if request.kind.id.endswith("pocket"):
            request = pockets.settle_pocket(make, request)
        elif request.kind.id in SURFACE:
            request = (
                motif.settle_motif(make, request) if request.kind.id == "motif" else border.settle_border(make, request)
            )
        elif placed.is_placed(request):
            request = placed.settle_place(make, request)
        elif request.kind.id in _CAUGHT:
            request = sides.settle_side(make, request)
            if request.kind.id == "ribbon" and "bow" not in request.typed:
                bow = usual_bow(make.spec)
                request = replace(request, lengths={**request.lengths, "bow": bow}, usual={**request.usual, "bow": bow})
        elif request.kind.id in _MEASURED:
            request = _MEASURED[request.kind.id](make, request)
        _states(make, request)
        before = len(make.needs)
        _ADD[request.kind.id](make, request)
        make.needs[before:] = [replace(need, part=request.id) for need in make.needs[before:]]
    make.hosting, make.part_steps = None, early
    if make.zones:
        _clear_motif(make)


def _host(make: Make, request: PartRequest) -> Host | None:
    """Where it was put; None where nobody said so, or that is not in this make, which is told."""
    if not request.piece:
        return None
    mine = [host for host in make.hosts if host.piece == request.piece]
    found = next((host for host in mine if host.copy == request.copy), None)
    if found is None and mine and not request.copy:
        found = mine[0]
    if found is None:
        say: dict[str, Param] = {"part": request.kind.name, "piece": make.host.name, "letter": make.host.letter}
        fix = Fix(msg("fix.place"), {request.field("piece"): "", request.field("copy"): ""})
        title, text = msg("check.part-host", **say), msg("check.part-host.text", **say)
        make.checks.append(Check(f"part.{request.id}.host", "note", title, text, fix=fix))
    return found


def _clear_motif(make: Make) -> None:
    """Where a motif may go is what the parts on the same cloth leave of it."""
    piece, kept = make.host, []
    there = any(request.kind.id == "motif" for request in make.spec.parts)
    for mark in piece.marks:
        if mark.label.id == "mark.motif":
            if there:
                # It has one.
                continue
            clear = largest_clear(bounds(mark.path), [zone.box for zone in make.zones], PART_CLEAR, MOTIF_LEAST)
            if clear is None:
                continue
            x0, y0, x1, y1 = clear
            path = polyline([(x0, y0), (x1, y0), (x1, y1), (x0, y1), (x0, y0)])
            mark = replace(mark, path=path, datum=msg("mark.motif.datum", width=x1 - x0, height=y1 - y0))
        kept.append(mark)
    make.pieces[make.pieces.index(piece)] = replace(piece, marks=tuple(kept))


def _needs_no_place(make: Make, request: PartRequest) -> bool:
    """Whether what is caught in a side leaves no choice where: in the upper edge, or where the side has but one place."""
    return sides.is_fixed(make, request) or (
        request.kind.id == "adjustable-strap" and not sides.are_apart(make, request)
    )


def _states(make: Make, request: PartRequest) -> None:
    for item in request.kind.lengths:
        value = request.lengths.get(item.name)
        # What lies over the sides is as far apart as those are, and a corner is where it is.
        settled = not placed.is_placed(request) and (
            item.name == "apart"
            or (item.name == "from_side" and request.kind.id in _CAUGHT)
            or (item.name == "from_top" and request.kind.id in _CAUGHT and _needs_no_place(make, request))
        )
        if value is not None and not settled:
            field = request.field(item.name)
            make.states.append(
                InputState(
                    field,
                    value,
                    request.usual.get(item.name),
                    item.low,
                    item.high,
                    item.tolerance,
                    request.typed.get(item.name),
                )
            )
