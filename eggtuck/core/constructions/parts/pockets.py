"""Pockets: doubled, edged mesh, or a patch with a hem; placed on the front of the make's first piece."""

from __future__ import annotations

from dataclasses import replace

from ...checks.turning import gap_needed
from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...drafting.zones import Zone
from ...making.naming import thing_name
from ...moves.carried import LIFT, laid
from ...moves.outliner import rectangle
from ...pattern import Chain, Check, Cut, Fix, Mark, Role, SpecError, Verdict
from ...pattern.piece import Fold
from ...plane import Segment, polyline
from ...plane.boxes import Box
from ...shop import GAP_SHARE, PART_CLEAR, POCKET_HOLDS, POCKET_LEAST, POCKET_ROOM, POCKET_SHARE, TOPSTITCH
from ...words import Message, Param, msg
from .lower import require_lower_edge
from .places import Field
from .strips import cloth_of
from .way_back import Ways, has_room_after, place_check

_PLACED = ("width", "height", "from_top", "from_side")
_HELD = ("holds_girth", "holds_height")
# What of it may be let go of so that it has room: where it lies, or how large it is too.
_WAYS: Ways = (("from_top", "from_side"), _PLACED)


def settle_pocket(make: Make, request: PartRequest) -> PartRequest:
    """The pocket with what nobody told as it fits: as large as is usual and the front has room for, clear of edges, base and other
    parts. Raises `SpecError` when there is no room for any."""
    if request.choices["side"] == "inside" and make.spec.traits.ends != "open":
        raise SpecError.of(request.field("side"), msg("problem.no-inside", part=request.kind.name))
    field = Field(make, request.choices["side"] == "inside")
    hangs = request.choices["foot"] == "under"
    if hangs:
        require_lower_edge(field, request)
    without = "from_top" if hangs else "under"
    request = replace(request, lengths={name: mm for name, mm in request.lengths.items() if name != without})
    request, needed = _for_what_it_holds(make, request)
    told = {**needed, **{name: request.lengths[name] for name in _PLACED if name in request.typed and name != without}}
    on_mark = make.spec.on_grid
    wide = told.get("width", on_mark(min(request.usual["width"] or 0.0, field.width * POCKET_SHARE), "down"))
    high = told.get("height", on_mark(min(request.usual["height"] or 0.0, field.height * POCKET_SHARE), "down"))
    top = told.get("from_top", on_mark(min(request.usual["from_top"] or 0.0, field.height * 0.15), "down"))
    found: tuple[float, float, float, float] | None = None
    w, h = wide, high
    while found is None and w >= POCKET_LEAST and h >= POCKET_LEAST:
        for down, side in field.places(w, h, top):
            place = field.height - h if hangs else told.get("from_top", down), told.get("from_side", side)
            box = field.box(*place, w, h)
            if _clear(field, request, box) and field.over(box) is None:
                found = (*place, w, h)
                break
        w = w if "width" in told else on_mark(w * 0.85, "down")
        h = h if "height" in told else on_mark(h * 0.85, "down")
        if "width" in told and "height" in told:
            break
    if found is None and not told and not field.zones:
        say: dict[str, Param] = {"part": request.kind.name, "piece": field.piece.name}
        raise SpecError.of(f"parts.{request.index}.kind", msg("problem.part-no-room", **say))
    if found is None:
        # What was told does not fit: it is shown where it was told, and the check says so.
        found = (told.get("from_top", top), told.get("from_side", max(0.0, (field.width - wide) / 2)), wide, high)
    usual = dict(zip(("from_top", "from_side", "width", "height"), found, strict=True)) | needed
    usual = {name: mm for name, mm in usual.items() if name != without}
    lengths = {**request.lengths, **usual, **told}
    return replace(request, lengths=lengths, usual={**request.usual, **usual})


def _clear(field: Field, request: PartRequest, box: Box) -> bool:
    """Whether it lies clear of edges and base; where its foot is folded under, the lower edge is no edge to keep clear of."""
    x0, y0, x1, y1 = box
    return field.clear((x0, y0 + PART_CLEAR, x1, y1) if request.choices["foot"] == "under" else box)


def _box(field: Field, request: PartRequest) -> Box:
    """Where it lies: as far below the top as was told, or down to the lower edge."""
    size = request.lengths
    top = field.height - size["height"] if request.choices["foot"] == "under" else size["from_top"]
    return field.box(top, size["from_side"], size["width"], size["height"])


def _for_what_it_holds(make: Make, request: PartRequest) -> tuple[PartRequest, dict[str, float]]:
    """The size it takes to hold a thing that has been measured (mm): laid flat half as wide as the thing is round, with room for its
    seams, and so high that the thing can still be taken hold of. Without one its measures are nobody's."""
    if request.choices["holds"] != "measured":
        lengths = {name: mm for name, mm in request.lengths.items() if name not in _HELD}
        return replace(request, lengths=lengths), {}
    wide = make.spec.on_mark(request.lengths["holds_girth"] / 2 + POCKET_ROOM, "up")
    high = make.spec.on_mark(request.lengths["holds_height"] * POCKET_HOLDS, "up")
    return request, {"width": wide, "height": high}


def _turned_through(make: Make, role: Role, wide: float) -> float:
    """How much is left open of the lower edge of a pocket of two layers (mm): a third of it, or what turning takes, as far as its seam still holds."""
    layer = make.spec.stack.of(role)
    needed = gap_needed(2 * wide, 2 * layer.thickness if layer is not None else 0.0)
    return min(max(needed, wide / 3), wide * GAP_SHARE)


def _held_check(make: Make, request: PartRequest) -> None:
    """Whether what it must hold goes in, round and deep enough to stay."""
    if request.choices["holds"] != "measured":
        return
    size = request.lengths
    most, least = 2 * size["width"], size["holds_girth"]
    deep = size["height"] >= size["holds_height"] / 2
    words = (
        "check.pocket-holds"
        if most >= least and deep
        else "check.pocket-shallow"
        if most >= least
        else "check.pocket-narrow"
    )
    say: dict[str, Param] = {"pocket": request.kind.name, "most": most, "girth": least}
    say |= {"height": size["height"], "thing": size["holds_height"]}
    told = {request.field(name): "" for name in ("width", "height") if name in request.typed}
    fix = None if words == "check.pocket-holds" else Fix(msg("fix.pocket-holds"), told)
    verdict: Verdict = "ok" if fix is None else "warn"
    title, text = msg(words, **say), msg(f"{words}.text", **say)
    make.checks.append(Check(f"part.{request.id}.holds", verdict, title, text, most, least, fix))


def add_pocket(make: Make, request: PartRequest) -> None:
    """The pocket's piece and where it lies. Slip: ``w + 2a`` by ``2h + 2a``, folded at its upper edge; patch: ``w + 2a`` by ``h + a
    + hem``; mesh: ``w + 2a`` by ``h + a`` with an edging folded in four over its raw upper edge."""
    size, a, id = request.lengths, make.allowance("default"), request.id
    w, h = size["width"], size["height"]
    kind = request.kind.id
    high = 2 * h if kind == "slip-pocket" else h
    field = Field(make, request.choices["side"] == "inside")
    hangs = request.choices["foot"] == "under"
    foot = a
    if hangs:
        # To the raw edge it lies on, and so much past it.
        foot = require_lower_edge(field, request).allowance + size["under"]
    upper = {"slip-pocket": foot, "patch-pocket": size.get("hem", 0.0), "mesh-pocket": 0.0}[kind]
    edges = rectangle(id, w, high, {"lower": foot, "right": a, "upper": upper, "left": a})
    folds = [Fold(f"{id}.fold", msg("fold.pocket"), Segment((0.0, h), (w, h)))] if kind == "slip-pocket" else []
    role = make.role("mesh") if kind == "mesh-pocket" else cloth_of(make, request)
    piece = make.piece(id, "", edges, [Cut(role, request.count)], [], folds)
    make.hem(f"{id}-edges", make.each(piece), a)
    wide = Chain.start(msg("sum.finished-width"), w).plus_some(msg("sum.two-allowances", allowance=a), 2 * a)
    make.sums[f"{id}.cut_width"] = wide
    if kind == "mesh-pocket":
        _edging(make, request, wide)
        if role != "mesh":
            # Mesh melts: beside something hot none is offered.
            hot = make.spec.traits.hot or make.heated
            fix = None if hot else Fix(msg("fix.add-mesh-pocket"), {"layers.mesh": "mesh"})
            text = msg("check.no-mesh.pocket")
            make.checks.append(Check(f"part.{id}.mesh", "warn", msg("check.no-mesh"), text, fix=fix))
    box = _box(field, request)
    under = _under(field, box)
    _place(make, request, field, box, under)
    _held_check(make, request)
    say: dict[str, Param] = {"width": w, "height": h, "place": field.datum(box), "on": field.on}
    if under is not None:
        below = make.piece_of(under.pocket)
        say["on"] = msg("place.on-pocket", pocket=thing_name(below, None), thing=thing_name(field.piece, field.role))
        say["place"] = _in_pocket(under, box)
    say |= {"allowance": a, "turn": size.get("hem", 0.0) / 2, "edge": make.edge_stitch}
    say["gap"] = make.spec.on_grid(_turned_through(make, role, w), "down")
    if hangs:
        lower = require_lower_edge(field, request)
        say |= {"past": size["under"], "lower": lower.name}
    if kind == "mesh-pocket":
        say["deep"] = size["edging"] / 4
    hems = (f"{id}-edges", *((f"edging-{request.index + 1}-edges",) if kind == "mesh-pocket" else ()))
    make.part_steps.add(
        id,
        "sew",
        10 * request.count,
        f"part-{kind}-under" if hangs else f"part-{kind}",
        say=say,
        pieces=(
            id,
            *((f"edging-{request.index + 1}",) if kind == "mesh-pocket" else ()),
            *(() if under is None else (under.pocket,)),
            field.piece.id,
        ),
        single=((field.piece.id, field.copy),),
        hems=hems,
        stitch=float(TOPSTITCH),
        layer=field.role,
        irons=True,
        wrong=field.is_back,
        check=msg("step.part-pocket.check"),
        why=msg("step.part-pocket.why"),
    )


def _edging(make: Make, request: PartRequest, wide: Chain) -> None:
    strip = request.lengths["edging"]
    id = f"edging-{request.index + 1}"
    edges = rectangle(id, wide.total, strip, {"lower": 0.0, "right": 0.0, "upper": 0.0, "left": 0.0})
    piece = make.piece(id, "", edges, [Cut(make.role("binding"), request.count)])
    make.hem(f"{id}-edges", make.each(piece), strip / 4)


def _under(field: Field, box: Box) -> Zone | None:
    """The uppermost pocket it lies on, where it lies on nothing else."""
    others = [zone for zone in field.zones if zone.overlaps(box)]
    bears = [zone.bears(box) and zone.inside == field.inside for zone in others]
    return others[-1] if others and all(bears) else None


def _in_pocket(under: Zone, box: Box) -> Message:
    """Where it lies on another, measured from that one's own edges."""
    x0, _, _, y1 = under.box
    return msg("place.in-pocket", down=y1 - box[3], side=box[0] - x0)


def _parted(make: Make, request: PartRequest, under: Zone, box: Box) -> None:
    """Stitched through both, it parts the one behind: told with the widest room that is left there."""
    x0, _, x1, _ = under.box
    widest = max(box[0] - x0, box[2] - box[0], x1 - box[2])
    say: dict[str, Param] = {"pocket": request.kind.name, "other": under.name, "widest": widest}
    title, text = msg("check.pocket-on", **say), msg("check.pocket-on.text", **say)
    make.checks.append(Check(f"part.{request.id}.on", "note", title, text))


def _place(make: Make, request: PartRequest, field: Field, box: Box, under: Zone | None) -> None:
    """Marks the pocket and checks that it lies clear of edges, seams, base and the other parts, or on another pocket."""
    label = request.kind.name
    clear, other = _clear(field, request, box), None if under is not None else field.over(box)

    def has_place(asked: PartRequest) -> bool:
        settled = settle_pocket(make, asked)
        there = _box(field, settled)
        return _clear(field, settled, there) and field.over(there) is None

    more = None
    if request.choices["holds"] == "measured":
        anything = replace(request.untold(*_PLACED), choices={**request.choices, "holds": "anything"})
        if has_room_after(anything, has_place):
            blank = {request.field(name): "" for name in (*_PLACED, *_HELD) if name in request.typed}
            more = Fix(msg("fix.pocket-anything"), {request.field("holds"): "anything", **blank})
    make.checks.append(place_check(field, request, clear, other, _WAYS, has_place, more))
    on = make.host.id
    high = 1 + sum(zone.overlaps(box) for zone in field.zones)
    field.zones.append(Zone(label, box, request.id, field.inside))
    make.carry(
        request.id, lambda sewn: laid(sewn, on, field.lies(box), (-LIFT if field.inside else LIFT) * high, field.copy)
    )
    if under is not None:
        _parted(make, request, under, box)
    side, top = field.middles(box)
    kept = [(name, 0.0, 0.0, -1.0) for name in ("width", "height")]
    down = (("from_top", 0.0, -1.0, top),) if "from_top" in request.lengths else ()
    field.grip(request, box, ("from_side", 1.0, 0.0, side), *down, *kept)
    x0, y0, x1, y1 = box
    corners = [(x0, y0), (x1, y0), (x1, y1), (x0, y1), (x0, y0)]
    if clear and under is not None:
        # Marked on what it lies on, which covers the cloth by then: on the half below a doubled one's fold.
        dx, dy = -under.box[0], -under.box[1]
        path = polyline([(x + dx, y + dy) for x, y in corners])
        mark = Mark("zone", msg("mark.pocket", pocket=label), path, datum=_in_pocket(under, box), part=request.id)
        make.mark_on(under.pocket, mark)
    elif clear:
        x0, y0, x1, y1 = field.lies(box)
        path = polyline([(x0, y0), (x1, y0), (x1, y1), (x0, y1), (x0, y0)])
        mark = Mark(
            "zone",
            msg("mark.pocket", pocket=label),
            path,
            datum=field.datum(box),
            role=field.role,
            one=True,
            copy=field.copy,
            seen=not field.is_back,
            part=request.id,
        )
        make.mark_on(field.piece.id, mark)
