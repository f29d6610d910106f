"""Borders across a piece from edge to edge: lace, felt, a row of patches, decorative stitches. Their ends lie in the seams."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import replace
from typing import Final

from shapely.geometry.base import BaseGeometry

from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...drafting.zones import Zone
from ...making import Order
from ...moves.carried import worked
from ...moves.outliner import rectangle
from ...pattern import Chain, Check, Cut, Fix, Mark, Need
from ...plane import Segment
from ...plane.boxes import Box
from ...shop import BORDER_SHARE, BOW_MOST, EQUAL, OPEN_ZIGZAG, SATIN_WIDE, SURFACE_PACE, TOPSTITCH
from ...words import Message, Param, msg
from ..parts.across import across_datum, bent_over, bows, covered, is_inside, level_of
from ..parts.placed import motif_areas
from ..parts.places import Field
from ..parts.way_back import Ways, place_check
from .figures import paths
from .motif import draws_in
from .suits import drawn_by, host_material, surface_checks
from .working import sew_on

_WHY: Final = msg("step.border.why")
_PRESSED: Final = msg("press.from-wrong")


def settle_border(make: Make, request: PartRequest) -> PartRequest:
    """Where there is room for it across the piece; how wide a stitched row is the machine settles."""
    lengths = dict(request.lengths)
    if request.choices["work"] == "stitches":
        lengths.pop("width", None)
    if request.count == 1:
        lengths.pop("spacing", None)
    if not draws_in(make, request):
        lengths.pop("extra", None)
    request = replace(request, lengths=lengths)
    field, high = Field(make), _height(request)
    usual = make.spec.on_grid(max(0.0, field.height * BORDER_SHARE - high / 2), "down")
    told = request.lengths.get("from_top") if "from_top" in request.typed else None
    for share in (BORDER_SHARE, 0.75, 0.85, 0.4, 0.25, 0.15):
        down = make.spec.on_grid(max(0.0, field.height * share - high / 2), "down")
        placed = replace(request, lengths={**lengths, "from_top": down})
        if _clear(make, field, placed):
            usual = down
            break
    lengths["from_top"] = usual if told is None else told
    return replace(request, lengths=lengths, usual={**request.usual, "from_top": usual})


def _wide(request: PartRequest) -> float:
    return request.lengths.get("width", float(SATIN_WIDE))


def _height(request: PartRequest) -> float:
    """From the upper edge of the first to the lower one of the last (mm)."""
    return _wide(request) + (request.count - 1) * _step(request)


def _boxes(field: Field, request: PartRequest) -> list[Box]:
    """The box of each, from side to side of the whole piece, as it is planned on the front."""
    x0, _, x1, _ = field.piece.stitch_box
    wide, step = _wide(request), _step(request)
    top = level_of(field, request.lengths["from_top"]) + (wide / 2 if _stitched(request) else 0.0)
    return [(x0, top - nth * step - wide, x1, top - nth * step) for nth in range(request.count)]


def _stitched(request: PartRequest) -> bool:
    """Rows are told from line to line, what is laid on by its upper edge."""
    return request.choices["work"] == "stitches"


def _step(request: PartRequest) -> float:
    """From one to the next (mm)."""
    return request.lengths.get("spacing", 0.0) + (0.0 if _stitched(request) else _wide(request))


def _clear(make: Make, field: Field, request: PartRequest) -> bool:
    """Whether they lie between base and finished top, off the middle of where a motif may go, and on nothing else."""
    areas, boxes = motif_areas(make), _boxes(field, request)
    return all(_inside(field, box, request) and field.over(box) is None for box in boxes) and not any(
        _cuts_up(box, area) for box in boxes for area in areas
    )


def _inside(field: Field, box: Box, request: PartRequest) -> bool:
    return is_inside(field, box, follows=_stitched(request))


def _covered(field: Field, box: Box, request: PartRequest) -> BaseGeometry:
    """What of the piece it covers between its stitch lines; rows of stitches follow a bent upper edge."""
    return covered(field, field.piece.stitch_outline, box, follows=_stitched(request))


def _cuts_up(box: Box, area: Box) -> bool:
    """Whether less than half of an area is left on either side of a band."""
    half = (area[3] - area[1]) / 2
    return area[3] - box[3] < half and box[1] - area[1] < half and box[1] < area[3] and box[3] > area[1]


def add_border(make: Make, request: PartRequest) -> None:
    """Its places, what it takes, and its steps."""
    work, field = request.choices["work"], Field(make)
    trims = request.lengths.get("extra", 0.0) > 0
    boxes = _boxes(field, request)
    fits = all(_inside(field, box, request) for box in boxes)
    other = next((zone for box in boxes if (zone := field.over(box)) is not None), None)
    ways: Ways = (("from_top",), ("from_top", "width", "spacing"))
    make.checks.append(
        place_check(field, request, fits, other, ways, lambda asked: _clear(make, field, settle_border(make, asked)))
    )
    lies = [field.lies(box) for box in boxes]
    raw = max((_long(field, request, box) for box in lies), default=0.0)
    if raw <= EQUAL:
        # Where nothing is to lie on, as is told, it is as long as its piece is wide.
        raw = field.piece.stitch_box[2] - field.piece.stitch_box[0]
    where = [_datum(field, box, _stitched(request)) for box in boxes]
    make.checks += _bow_check(field, request, boxes)
    for box, at, datum in zip(boxes, lies, where, strict=True):
        shape = _covered(field, box, request)
        low, high = (shape.bounds[1], shape.bounds[3]) if not shape.is_empty else (box[1], box[3])
        make.zones.append(Zone(request.kind.name, (box[0], low, box[2], high)))
        if fits and other is None:
            label = msg("mark.pocket", pocket=request.kind.name)
            for path in paths_of(_covered(field, at, request)):
                mark = Mark("zone", label, path, datum=datum, role=make.host_role, one=True, copy=field.copy, late=True)
                make.mark_host(replace(mark, part=request.id))
    field.grip(request, boxes[0], ("from_top", 0.0, -1.0, -1.0))
    shapes = [_covered(field, at, request) for at in lies]
    host, copy = field.piece.id, field.copy
    make.carry(
        request.id, lambda sewn: tuple(loop for shape in shapes for loop in worked(sewn, host, shape, copy=copy))
    )
    if trims:
        make.cut_larger(host, make.host_copy, request.lengths["extra"])
    place = where[0]
    for more in () if _stitched(request) else where[1:]:
        place = msg("place.also", first=place, then=more)
    say: dict[str, Param] = {"piece": field.piece.name, "letter": field.piece.letter, "place": place}
    say["runs"] = "level" if bent_over(field) is None else "bent"
    say |= {"count": request.count, "long": raw, "wide": _wide(request)}
    if work in ("felt", "patches"):
        say["edge"] = make.edge_stitch
    say["from"] = msg("surface.from-outline" if trims else "surface.from-raw")
    make.checks += surface_checks(make, request, work)
    order = make.worked_steps if trims else make.part_steps
    _STEPS[work](make, request, order, raw, say)


def paths_of(shape: BaseGeometry) -> list[tuple[Segment, ...]]:
    """Of what has an area, its outlines."""
    parts = [part for part in getattr(shape, "geoms", [shape]) if part.geom_type == "Polygon" and not part.is_empty]
    return [path for part in parts for path in paths(part)]


def _long(field: Field, request: PartRequest, box: Box) -> float:
    """From raw edge to raw edge where it lies (mm)."""
    band = covered(field, field.piece.cut_outline, box, follows=_stitched(request))
    if band.is_empty:
        return 0.0
    # Of a band that is bent all along its middle line.
    bent = bent_over(field) is not None and _stitched(request)
    return float(band.area / (box[3] - box[1]) if bent else band.bounds[2] - band.bounds[0])


def _bow_check(field: Field, request: PartRequest, boxes: Sequence[Box]) -> list[Check]:
    """How far from level a straight strip comes to lie whose piece has a bent upper edge."""
    off = 0.0 if _stitched(request) else bows(field, boxes[0][1])
    if abs(off) <= BOW_MOST:
        return []
    say: dict[str, Param] = {"part": request.kind.name, "off": abs(off), "ends": "lower" if off > 0 else "higher"}
    fix = Fix(msg("fix.work", work=msg("work.stitches")), {request.field("work"): "stitches"})
    title, text = msg("check.border-bows"), msg("check.border-bows.text", **say)
    return [Check(f"part.{request.id}.bows", "warn", title, text, abs(off), float(BOW_MOST), fix)]


def _datum(field: Field, box: Box, line: bool) -> Message:
    if line:
        return across_datum(field, (box[1] + box[3]) / 2, "mark.border-line.datum")
    return across_datum(field, box[3], "mark.border.datum")


def _lace(make: Make, request: PartRequest, order: Order, raw: float, say: dict[str, Param]) -> None:
    chain = Chain.start(msg("sum.across-piece"), raw)
    make.sums[f"{request.id}.length"] = chain
    total = chain.total * request.count
    make.needs.append(Need.measured(request.id, "lace", msg("need.surface-lace-border"), total, _wide(request)))
    sew_on(
        make,
        order,
        request.id,
        "border-lace",
        request.count * (4 + 2 * raw / SURFACE_PACE),
        say,
        float(OPEN_ZIGZAG),
        why=_WHY,
    )


def _felt(make: Make, request: PartRequest, order: Order, raw: float, say: dict[str, Param]) -> None:
    long = make.spec.on_mark(raw, "up")
    note = msg("need.label.note", width=long, height=_wide(request))
    need = Need.counted(f"{request.id}-felt", "felt", msg("need.surface-felt-border"), long, request.count, note)
    make.needs.append(need)
    sew_on(
        make,
        order,
        request.id,
        "border-felt",
        request.count * (4 + 2 * raw / SURFACE_PACE),
        say,
        float(TOPSTITCH),
        why=_WHY,
    )


def _patches(make: Make, request: PartRequest, order: Order, raw: float, say: dict[str, Param]) -> None:
    a, wide = make.allowance("default"), _wide(request)
    # As many as lie across, none wider than it is high.
    number = max(2, math.ceil((raw - 2 * a) / wide - 1e-9))
    each = make.on_ruler(Chain.start(msg("sum.patch"), (raw - 2 * a) / number), 2 * a, way="up")
    patch = each.total
    sides = {"lower": a, "right": a, "upper": a, "left": a}
    edges = rectangle(request.id, patch, wide, sides)
    piece = make.piece(request.id, "", edges, [Cut(make.role("contrast"), number * request.count)])
    make.hem(f"{request.id}-edges", make.each(piece), a)
    make.sums[f"{request.id}.cut_width"] = each.plus_some(msg("sum.two-allowances", allowance=a), 2 * a)
    say |= {
        "patches": number,
        "allowance": a,
        "patch": piece.name,
        "own": piece.letter,
        "joined": number * patch + 2 * a,
    }
    order.add(
        f"{request.id}-joined",
        "sew",
        request.count * (2 + 2 * number),
        "border-patches-joined",
        say=say,
        pieces=(piece.id,),
        hems=(f"{request.id}-edges",),
        irons=True,
        rows=(((piece.id, patch, wide),) * number,),
        check=msg("step.border-patches-joined.check", **say),
    )
    minutes = request.count * (4 + 2 * raw / SURFACE_PACE)
    sew_on(make, order, request.id, "border-patches", minutes, say, float(TOPSTITCH), also=(piece.id,), why=_WHY)


def _stitches(make: Make, request: PartRequest, order: Order, raw: float, say: dict[str, Param]) -> None:
    need = Need.counted(f"{request.id}-thread", "floss", msg("need.surface-thread"), raw, 1, None)
    make.needs.append(need)
    # What is pressed when the rows are sewn is not drawn with a pen.
    say["drawn"] = "paper" if drawn_by(host_material(make)) == "paper" else "chalk"
    say["spacing"], say["more"] = request.lengths.get("spacing", 0.0), request.count - 1
    words = "border-stitches" if request.count > 1 else "border-stitches-one"
    sew_on(
        make,
        order,
        request.id,
        words,
        5 + request.count * raw / SURFACE_PACE,
        say,
        float(OPEN_ZIGZAG),
        why=_WHY,
        press=_PRESSED,
    )


_STEPS = {"lace": _lace, "felt": _felt, "patches": _patches, "stitches": _stitches}
