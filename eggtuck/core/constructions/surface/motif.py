"""A figure or letters worked on a piece while it is flat: of cloth with web behind it, of felt or lace, embroidered, painted, of foil."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from shapely import affinity
from shapely.geometry.base import BaseGeometry

from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...moves.carried import worked
from ...moves.outliner import rectangle
from ...pattern import Check, Cut, Fix, Mark, Need
from ...plane.boxes import Box
from ...shop import FIGURE_HIGH, FIGURE_SHARE, LIMB_LEAST, WEB_OVER
from ...words import Message, Param, msg
from ..parts.placed import has_room, motif_areas, place_part, settle_place
from ..parts.places import Field
from ..parts.way_back import has_room_after
from .figures import figure, mirrored, narrowest, paths, size_of
from .suits import LAID_ON, fix_of_work, host_cloth, stitched_instead, surface_checks
from .working import STEPS

_PLACE = ("from_top", "from_side")


def settle_motif(make: Make, request: PartRequest) -> PartRequest:
    """As high as suits its place, and there; what is cut larger for it only where it draws the cloth in. Letters are asked where it is
    of letters."""
    field = Field(make)
    if request.choices["figure"] != "initial":
        make.idle.add(request.field("letters"))
    wide, high = field.width, field.height
    for x0, y0, x1, y1 in motif_areas(make)[:1]:
        wide, high = x1 - x0, y1 - y0
    w, h = size_of(figure(request.choices["figure"], request.text, 100.0))
    most = min(wide * FIGURE_SHARE * h / w, high * FIGURE_SHARE, float(FIGURE_HIGH))
    low = next(item.low for item in request.kind.lengths if item.name == "height")
    lengths = dict(request.lengths)
    if not draws_in(make, request):
        lengths.pop("extra", None)
    high = max(low, make.spec.on_grid(most, "down"))
    if "height" not in request.typed:
        high = _fitting(make, request, lengths, high, low)
    return _placed(make, request, lengths, high)


def _fitting(make: Make, request: PartRequest, lengths: dict[str, float], high: float, low: float) -> float:
    """How high it is proposed (mm): so high, or less where there is no room for that; wherever it was put, so that it is no other where it is moved."""
    field, lower = Field(make), high
    anywhere = replace(request, typed={name: text for name, text in request.typed.items() if name not in _PLACE})
    while not has_room(make, _placed(make, anywhere, lengths, lower), field):
        if lower <= low:
            return high
        lower = max(low, make.spec.on_grid(lower * 0.85, "down"))
    return lower


def _placed(make: Make, request: PartRequest, lengths: dict[str, float], height: float) -> PartRequest:
    lengths = lengths if "height" in request.typed else {**lengths, "height": height}
    return settle_place(make, replace(request, lengths=lengths, usual={**request.usual, "height": height}))


def draws_in(make: Make, request: PartRequest) -> bool:
    """Whether it draws in the cloth it is worked on, and frays its edges in the frame: that is cut larger, and trimmed when it is done. What is
    quilted holds its shape, and what is joined and quilted first is trimmed anyway."""
    stitched = request.choices["work"] in ("embroidery", "stitches")
    cut = host_cloth(make)
    return stitched and cut is not None and not make.quilting.get(cut) and make.host.id not in make.laid


def add_motif(make: Make, request: PartRequest) -> None:
    """Its place, what it takes, and its steps."""
    shape = figure(request.choices["figure"], request.text, request.lengths["height"])
    work = request.choices["work"]
    name = _called(request)
    trims = request.lengths.get("extra", 0.0) > 0

    def shown(field: Field, box: Box) -> Sequence[Mark]:
        lies = _lying(shape, box, field)
        return [Mark("figure", msg("mark.figure", pocket=request.kind.name), path) for path in paths(lies)]

    if trims:
        make.cut_larger(make.host.id, make.host_copy, request.lengths["extra"])
    # Where there is room is asked before it takes its own.
    limb = _limb_check(make, request, shape)
    field, first = Field(make), len(make.zones)
    say = place_part(make, request, late=True, shown=shown, settle=settle_motif)
    boxes = [zone.box for zone in make.zones[first:]]
    host, copy = field.piece.id, field.copy
    every = [_lying(shape, field.lies(box), field) for box in boxes]
    make.carry(request.id, lambda sewn: tuple(loop for lies in every for loop in worked(sewn, host, lies, copy=copy)))
    say |= {"figure": name, "count": request.count, "height": request.lengths["height"]}
    say["from"] = msg("surface.from-outline" if trims else "surface.from-raw")
    _takes(make, request, shape, say)
    make.checks += surface_checks(make, request, work, thin=narrowest(shape) < LIMB_LEAST)
    make.checks += limb
    order = make.worked_steps if trims else make.part_steps
    STEPS[work](make, request, order, shape, say)


def _called(request: PartRequest) -> Message:
    if request.choices["figure"] == "initial":
        return msg("figure.initial", letters=request.text, count=len(request.text))
    return msg(f"figure.{request.choices['figure']}")


def _lying(shape: BaseGeometry, box: Box, field: Field) -> BaseGeometry:
    """The figure in its box; upside down where the piece hangs so."""
    x0, y0, *_ = box
    turned = affinity.rotate(shape, 180, origin=(0.0, 0.0)) if field.upside_down else shape
    a0, b0, *_ = turned.bounds
    return affinity.translate(turned, x0 - a0, y0 - b0)


def _limb_check(make: Make, request: PartRequest, shape: BaseGeometry) -> list[Check]:
    """Whether what is laid on has room for stitching along both edges of every limb."""
    work = request.choices["work"]
    if work not in LAID_ON:
        return []
    least = narrowest(shape)
    if least >= LIMB_LEAST:
        return []
    high = make.spec.on_mark(request.lengths["height"] * LIMB_LEAST / least * 1.05, "up")
    limit = next(item.high for item in request.kind.lengths if item.name == "height")
    other = stitched_instead(make, request, work)
    fix = None if other is None else fix_of_work(request, other)
    higher = replace(
        request,
        lengths={**request.lengths, "height": high},
        typed={**request.typed, "height": make.spec.ruler.write(high)},
    )
    if high <= limit and has_room_after(higher, lambda asked: has_room(make, settle_motif(make, asked), Field(make))):
        fix = Fix(msg("fix.motif-higher", height=high), {request.field("height"): high})
    say: dict[str, Param] = {"figure": _called(request), "limb": least, "least": float(LIMB_LEAST)}
    title, text = msg("check.limb-thin", **say), msg("check.limb-thin.text", **say)
    return [Check(f"part.{request.id}.limb", "warn", title, text, least, float(LIMB_LEAST), fix)]


def _takes(make: Make, request: PartRequest, shape: BaseGeometry, say: dict[str, Param]) -> None:
    """Cloth, web, felt, lace, thread, paint or foil."""
    work, count = request.choices["work"], request.count
    w, h = (side + 2 * WEB_OVER for side in size_of(shape))
    if work == "applique":
        # It is drawn on the web, which lies on its wrong side.
        block = affinity.translate(mirrored(shape), WEB_OVER, WEB_OVER)
        sides = {"lower": 0.0, "right": 0.0, "upper": 0.0, "left": 0.0}
        label = msg("mark.figure", pocket=request.kind.name)
        marks = [Mark("figure", label, path, part=request.id) for path in paths(block)]
        role = make.role("contrast")
        piece = make.piece(request.id, "", rectangle(request.id, w, h, sides), [Cut(role, count)], marks)
        make.hem(f"{request.id}-edges", make.each(piece), 0.0)
        _note(make, request, "web", w, h, count)
        say |= {"block": piece.name, "own": piece.letter, "web": w, "high": h}
    elif work in ("felt", "lace"):
        _note(make, request, work, w, h, count)
    elif work == "embroidery":
        _note(make, request, "floss", *size_of(shape), count)
    else:
        _note(make, request, "stencil", w, h, 1)
        _note(make, request, work, *size_of(shape), count)


def _note(make: Make, request: PartRequest, role: str, w: float, h: float, count: int) -> None:
    wide, high = make.spec.on_mark(w, "up"), make.spec.on_mark(h, "up")
    note = msg("need.label.note", width=wide, height=high)
    # Lace for a figure is bought by the piece, not by length as a border's.
    kind = "lace-figure" if role == "lace" else role
    make.needs.append(Need.counted(f"{request.id}-{role}", kind, msg(f"need.surface-{role}"), wide, count, note))
