"""Trims and hardware: piping, elastic, ribbon, labels, eyelets, snaps, buttons, tape."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import replace
from functools import partial
from typing import Any

from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...drafting.zones import Zone
from ...moves.outliner import rectangle
from ...pattern import Chain, Check, Cut, Edge, Mark, Need
from ...pattern.draft import StepKind
from ...plane.boxes import Box
from ...shop import EQUAL, PATCH, STITCH
from ...words import Param, msg
from ..ribbons import add_ribbon as add_strip_ribbon
from ..ribbons import fold_of, prepare_ribbon, with_ends
from ..strips import IN_FOUR
from .across import across_datum, covered, is_inside, level_of, line_across
from .placed import folded_at_base, is_placed, place_part
from .places import Field, back_of
from .sides import in_side, place_of
from .tabs import rim_joints
from .uppers import check_doubled, upper_edge
from .way_back import Ways, place_check

_STRETCH = {"third": 1 / 3, "quarter": 1 / 4, "half": 1 / 2}


def _need(make: Make, request: PartRequest, role: str, chain: Chain, wide: float) -> None:
    make.sums[f"{request.id}.length"] = chain
    total = chain.total * request.count
    make.needs.append(Need.measured(request.id, role, request.kind.name, total, wide))


def settle_piping(make: Make, request: PartRequest) -> PartRequest:
    """As long as the edges it is sewn along, where nobody told otherwise: round a closed one its stitch line and what overlaps; along one
    that ends, on each piece, into the seams at both its ends."""
    rims, host = _rim(make), make.host
    usual = {"length": make.spec.on_mark(sum(rim.length for rim in rims), "up") * _rims(make)}
    if not _around(rims):
        rim = rims[0]
        at = host.edges.index(rim)
        ends = host.edges[at - 1].allowance + host.edges[(at + 1) % len(host.edges)].allowance
        usual = {"length": make.spec.on_mark(rim.length + ends, "up") * _rims(make), "overlap": 0.0}
    return proposed(request, usual)


def settle_elastic(make: Make, request: PartRequest) -> PartRequest:
    """It lies where there is room for it across the piece, and is stretched to that as it is wide there."""
    field = Field(make)
    told = request.lengths["from_top"]
    if "from_top" not in request.typed:
        lower = (make.spec.on_grid(field.height * share, "down") for share in (0.3, 0.5, 0.7, 0.15, 0.85))
        tried = (replace(request, lengths={**request.lengths, "from_top": down}) for down in (told, *lower))
        request = proposed(
            request, {"from_top": next(filter(partial(_has_room, field), tried), request).lengths["from_top"]}
        )
    line = line_across(field, request.lengths["from_top"])
    wide = sum(segment.length for segment in line) or field.width
    return proposed(request, {"round": make.spec.on_mark(wide)})


def _has_room(field: Field, request: PartRequest) -> bool:
    """Whether it lies clear of darts, base, finished top and every other part."""
    box = _band(field, request)
    return is_inside(field, box, follows=True) and field.over(box) is None


def _band(field: Field, request: PartRequest) -> Box:
    """Where elastic lies across the piece, its middle on its line."""
    x0, _, x1, _ = field.piece.stitch_box
    y, half = level_of(field, request.lengths["from_top"]), request.lengths["width"] / 2
    return x0, y - half, x1, y + half


def proposed(request: PartRequest, usual: dict[str, float]) -> PartRequest:
    """The request with lengths that follow from the make, where nobody told them."""
    found = {name: mm for name, mm in usual.items() if name not in request.typed}
    return replace(request, lengths={**request.lengths, **found}, usual={**request.usual, **usual})


def _rim(make: Make) -> list[Edge]:
    """The uppermost edge of the host, with those it is one with when the darts between them are sewn."""
    rim = upper_edge(make.host)
    return [edge for edge in make.host.edges if edge.name == rim.name]


def _around(rims: Sequence[Edge]) -> bool:
    return len(rims) > 1 or math.dist(rims[0].path[0].start, rims[0].path[-1].end) < EQUAL


def _rims(make: Make) -> int:
    """How many edges like its uppermost one the host has, front and back."""
    own = [cut for cut in make.host.cuts if cut.on is None]
    count = sum(cut.count for cut in own if cut.role == own[0].role)
    return 2 if folded_at_base(make.host) else max(1, count)


def add_piping(make: Make, request: PartRequest) -> None:
    """By its seam line: length and overlap. Made: a bias strip round the cord, ``pi * cord + 2a`` wide."""
    size, a = request.lengths, make.allowance("default")
    rims = _rim(make)
    keys = {rim.key for rim in rims}
    check_doubled(make, request)
    for hem in make.hems:
        folded = [use for use in hem.edges if use.piece == make.host.id and use.key in keys]
        if (
            folded
            and make.host.double_fold is None
            and hem.depth > max(make.edge(use).allowance for use in folded) + EQUAL
        ):
            title, text = msg("check.piping-in-hem"), msg("check.piping-in-hem.text", deep=hem.depth)
            make.checks.append(Check(f"part.{request.id}.hem", "stop", title, text, hem.depth))
    along = {(make.host.id, key) for key in keys}
    # What lies along the edge that it is sewn to lies in the same seam.
    sides = [{(use.piece, use.key) for use in (*seam.a, *seam.b)} for seam in make.seams]
    if along.union(*(side for side in sides if side & along)) & make.piped:
        other: dict[str, Param] = {"pocket": request.kind.name, "other": request.kind.name}
        other |= {"piece": make.host.name, "letter": make.host.letter}
        title, text = msg("check.part-over", **other), msg("check.part-over.text", **other)
        make.checks.append(Check(f"part.{request.id}.over", "warn", title, text))
    make.piped |= along
    overlaps = _rims(make) if _around(rims) else 1
    chain = Chain.start(msg("sum.length"), size["length"]).plus_some(msg("sum.overlap"), size["overlap"] * overlaps)
    if request.choices["made"] == "made":
        wide = Chain.start(msg("sum.round-cord"), math.pi * size["cord"]).plus_some(
            msg("sum.two-allowances", allowance=a), 2 * a
        )
        wide = make.on_ruler(wide, 0.0, way="up")
        x, y = chain.total, wide.total
        edges = rectangle(request.id, x, y, {"lower": 0.0, "right": 0.0, "upper": 0.0, "left": 0.0})
        curved = any(segment.bulge for rim in rims for segment in rim.path)
        piece = make.piece(request.id, "", edges, [Cut(make.role("contrast"), request.count)], join_loss=y, bias=curved)
        make.hem(f"{request.id}-edges", make.each(piece), a)
        make.sums[f"{request.id}.cut_width"], make.sums[f"{request.id}.cut_height"] = chain, wide
        of_cord = x * request.count
        make.needs.append(Need.measured(f"{request.id}-cord", "cord", msg("need.piping-cord"), of_cord, size["cord"]))
    else:
        _need(make, request, "piping", chain, size["cord"])
    host, rim = make.host, rims[0]
    # What darts cut up is whole when they are sewn.
    steps = make.rim_steps if len(rims) > 1 else make.part_steps
    if len(rims) > 1:
        make.joined |= {joint.seam.id for joint in rim_joints(make, rim)[0]}
    words = "part-piping-round" if _around(rims) else "part-piping"
    words = f"{words}-halves" if folded_at_base(host) else f"{words}-each" if _rims(make) > 1 else words
    each = chain.total / _rims(make)
    say: dict[str, Param] = {"piping": each, "side": rim.name, "piece": host.name, "letter": host.letter}
    if not _around(rims):
        say["curved"] = "yes" if any(segment.bulge for segment in rim.path) else "no"
    if request.choices["made"] == "made":
        make.part_steps.add(
            f"{request.id}-strip",
            "sew",
            6,
            "part-piping-made",
            say={"cord": size["cord"], "allowance": a},
            pieces=(request.id,),
            hems=(f"{request.id}-edges",),
            foot="zip",
            stitch=float(STITCH),
        )
    steps.add(
        request.id,
        "sew",
        8,
        words,
        say=say,
        pieces=(make.host.id,),
        edges=tuple(make.each(host, *(edge.key for edge in rims))),
        foot="zip",
        stitch=float(STITCH),
        pipes=True,
        check=msg("step.piping-on.check"),
        why=msg("step.piping-on.why"),
        layer=make.host_role,
    )


def relaxed_elastic(request: PartRequest) -> float:
    """How long the elastic is when it draws the place in (mm)."""
    return request.lengths["round"] * (1 - _STRETCH[request.choices["stretch"]])


def add_elastic(make: Make, request: PartRequest) -> None:
    size = request.lengths
    how = request.choices["stretch"]
    chain = Chain.start(msg("sum.round-place"), size["round"]).times(msg(f"sum.stretch-{how}"), 1 - _STRETCH[how])
    _need(make, request, "elastic", chain.plus_some(msg("sum.anchoring"), size["anchoring"]), size["width"])
    field, host = Field(make), (make.host.id,)
    say: dict[str, Param] = {"elastic": make.sums[f"{request.id}.length"].total, "back": back_of(make.host)}
    say |= {"piece": make.host.name, "letter": make.host.letter, "end": size["anchoring"] / 2}
    say["anchored"] = "yes" if size["anchoring"] > 0 else "no"
    _lay_elastic(make, request, field)
    # Where its layers are laid by then its wrong side lies within, and nothing is marked beforehand.
    laid = make.host.id in make.laid
    say["place"] = across_datum(field, level_of(field, size["from_top"]), "mark.border-line.datum")
    make.part_steps.add(
        request.id,
        "sew",
        5,
        "part-elastic-laid" if laid else "part-elastic",
        say=say,
        pieces=host,
        single=make.on_one,
        stitch=float(STITCH),
        layer=make.host_role,
        wrong=True,
    )


def _lay_elastic(make: Make, request: PartRequest, field: Field) -> None:
    """Marks the line it is sewn along on the side it lies on, and checks that it runs clear of all else."""
    box, down = _band(field, request), request.lengths["from_top"]
    inside, other = is_inside(field, box, follows=True), field.over(box)
    ways: Ways = (("from_top",), ("from_top", "width"))
    make.checks.append(
        place_check(field, request, inside, other, ways, lambda asked: _has_room(field, settle_elastic(make, asked)))
    )
    shape = covered(field, field.piece.stitch_outline, box, follows=True)
    low, high = (box[1], box[3]) if shape.is_empty else (shape.bounds[1], shape.bounds[3])
    make.zones.append(Zone(request.kind.name, (box[0], low, box[2], high)))
    field.grip(request, box, ("from_top", 0.0, -1.0, -1.0))
    line = field.lies_along(line_across(field, down))
    if line:
        make.gathered.append((field.piece.id, line))
        datum = across_datum(field, level_of(field, down), "mark.border-line.datum")
        label = msg("mark.pocket", pocket=request.kind.name)
        mark = Mark("line", label, line, datum=datum, role=make.host_role, one=True, copy=field.copy, seen=False)
        make.mark_host(replace(mark, part=request.id))


def add_ribbon(make: Make, request: PartRequest) -> None:
    size = request.lengths
    kind = request.choices["ribbon"]
    chain = Chain.start(msg("sum.round-place"), size["round"]).plus_some(msg("sum.bow"), size["bow"])
    chain = make.on_ruler(with_ends(chain, kind), 0.0, way="up")
    wide = size["width"]
    if kind == "made":
        make.sums[f"{request.id}.cut_width"] = chain
        piece, at = make.host.id, place_of(make, request)
        add_strip_ribbon(make, request.id, chain, wide, piece, at)
    else:
        _need(make, request, "ribbon", chain, wide)
    prepare_ribbon(make.part_steps, f"{request.id}-ends", kind, chain.total, True, request.id, wide)
    make.checks.append(Check("caution.ribbon", "note", msg("caution.ribbon"), msg("caution.ribbon.text")))
    make.part_steps.add(
        request.id,
        "sew",
        3,
        "part-ribbon",
        say={"laid": fold_of(kind), **in_side(make, request)},
        pieces=(*((request.id,) if kind == "made" else ()), make.host.id),
        single=make.on_one,
        check=msg("step.ribbon-in.check"),
        parks=msg("loose.ribbon"),
        lies=(request.id, 2 * IN_FOUR) if kind == "made" else None,
        layer=make.host_role,
    )


def add_label(make: Make, request: PartRequest) -> None:
    size = request.lengths
    need = Need.counted(
        request.id,
        "label",
        request.kind.name,
        size["width"],
        request.count,
        msg("need.label.note", width=size["width"], height=size["height"]),
    )
    make.needs.append(need)
    words, why = f"part-label-{request.choices['sewn']}", msg("step.part-label.why")
    say = {"edge": make.edge_stitch, **place_part(make, request)} if is_placed(request) else in_side(make, request)
    make.part_steps.add(
        request.id, "sew", 3, words, say=say, pieces=(make.host.id,), single=make.on_one, why=why, layer=make.host_role
    )


def add_hardware(make: Make, request: PartRequest) -> None:
    """Eyelets, snaps, buttons, tape: their size, how many, and a backing patch behind what is punched through."""
    size, kind = request.lengths, request.kind.id
    across = size.get("across", size.get("length", 0.0))
    if kind == "hook-and-loop":
        # Sold and kept by length.
        long = across * request.count
        make.needs.append(Need.measured(request.id, kind, msg("need.hook-and-loop"), long, size["width"]))
    else:
        note = msg("need.hardware.note", across=across)
        make.needs.append(Need.counted(request.id, kind, request.kind.name, across, request.count, note))
    if kind in ("eyelet", "snap"):
        patch = across + 2 * PATCH
        make.needs.append(
            Need.counted(
                f"{request.id}-patch",
                "patch",
                msg("need.patch"),
                patch,
                # Of what has two halves both are backed.
                request.count * (2 if kind == "snap" else 1),
                msg("need.patch.note", side=patch),
            )
        )
    if kind in ("snap", "button", "eyelet"):
        make.checks.append(
            Check(
                f"caution.{request.id}",
                "note",
                msg("caution.small-parts"),
                msg("caution.small-parts.text", part=request.kind.name),
            )
        )
    caution = msg("caution.hammer") if kind in ("eyelet", "snap") else None
    say: dict[str, Param] = {"count": request.count, "across": across, **place_part(make, request)}
    worked: dict[str, Any] = {"say": say, "pieces": (make.host.id,), "single": make.on_one, "caution": caution}
    if kind == "hook-and-loop":
        say["edge"] = make.edge_stitch
        worked["stitch"] = float(STITCH)
    how: StepKind = "sew" if kind == "hook-and-loop" else "finish"
    minutes, role = 4 * request.count, make.host_role
    make.part_steps.add(request.id, how, minutes, f"part-{kind}", layer=role, **worked)
    if kind in ("hook-and-loop", "snap"):
        # Where its other half lies is seen when both are brought together.
        words = f"part-{kind}-meets"
        worked["say"] = say | {"ends": make.spec.traits.ends}
        check = msg(f"step.{words}.check")
        make.last_steps.add(
            f"{request.id}-meets", how, minutes, words, check=check, layer=role, out=True, meets=True, **worked
        )
