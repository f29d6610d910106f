"""Where along the side of the make's first piece something is caught: the edge it is tacked to, and how far down it."""

from __future__ import annotations

import math
from collections.abc import Callable, Mapping, Sequence
from dataclasses import replace
from itertools import pairwise

from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...drafting.zones import Tack
from ...frozen import frozen
from ...pattern import Check, Edge, EdgeUse, Fix, Mark, Seam
from ...plane import Point, flatten
from ...shop import EQUAL, GRIP, PART_CLEAR
from ...words import Message, Param, msg
from .places import Field
from .uppers import is_closed, is_dart
from .way_back import way_back

# Edges that something is caught in, the likelier first.
_SIDES = ("side", "left", "zip-end", "end", "round", "rim", "lower")
# So many places down a side are tried.
_TRIED = 8
# Places that nobody chooses.
FIXED = ("caught.middle", "caught.corner", "caught.between")


def in_side(make: Make, request: PartRequest) -> dict[str, Param]:
    """Marks the place of a part so far below the finished top as is asked, on the side of the host, and gives what a step tells of it: the edge, and where on
    it. On an edge that rises it is measured from its raw upper end; on one that runs all round from the middle of its top, along the stitch
    line; one that runs across, or is the rim itself, has its middle, and one that darts part the corner between them."""
    piece, edge, down = make.host, side_edge(make), request.lengths["from_top"]
    point, where = _place(make, edge, down)
    if where.id not in FIXED:
        (x, y), half = point, float(GRIP)
        # Along a slanting side it goes farther than it goes down.
        start, end = edge.path[0].start, edge.path[-1].end
        rise = abs(end[1] - start[1])
        slope = math.dist(start, end) / rise if where.id == "caught.upper" and rise > EQUAL else 1.0
        field = Field(make)
        y = field.planned(y)
        field.grip(request, (x - half, y - half, x + half, y + half), ("from_top", 0.0, -slope, -1.0))
    _mark(make, request, point, where)
    tack_down(
        make, request, (point,), _half(request), "from_top", lambda asked: (place_of(make, settle_side(make, asked)),)
    )
    if where.id not in FIXED:
        make.checks += _on_edge_check(make, request)
    return {"piece": piece.name, "letter": piece.letter, "side": edge.name, "where": where}


@frozen
class BothSides:
    """The two side edges that something is caught in, and what a step tells of them."""

    edges: tuple[EdgeUse, ...]
    say: Mapping[str, Param]


def in_both_sides(make: Make, request: PartRequest) -> BothSides | None:
    """The same as `in_side` for what has an end in each side of the host; None, and nothing is marked, where those are sewn to each other or leave no
    choice of the place: both ends would lie in one."""
    if not are_apart(make, request):
        return None
    edge, (x0, _, x1, _) = side_edge(make), make.host.stitch_box
    keys = dict.fromkeys((edge.key, (_mirrored(make, edge) or edge).key))
    uses = tuple(EdgeUse(make.host.id, key, make.host_copy) for key in keys)
    say, (x, y) = in_side(make, request), place_of(make, request)
    _mark(make, request, (x0 + x1 - x, y), msg("caught.other-side"))
    make.tacks.append(make.tack_of(request.kind.name, (x0 + x1 - x, y), _half(request)))
    return BothSides(uses, say)


def are_apart(make: Make, request: PartRequest) -> bool:
    """Whether the host has two sides for what has an end in each, that come to lie apart."""
    edge = side_edge(make)
    other = _mirrored(make, edge)
    return (
        other is not None
        and not is_fixed(make, request)
        and not any(_are_joined(make, seam, edge, other) for seam in make.seams)
    )


def _mirrored(make: Make, edge: Edge) -> Edge | None:
    """The edge on the other side of the host's middle, which may be the same where that runs all round."""
    x0, _, x1, _ = make.host.stitch_box
    x, y = point_at(edge, edge.length / 2)
    if is_closed(edge):
        return edge
    over = x0 + x1 - x, y
    return next((one for one in make.host.edges if math.dist(point_at(one, one.length / 2), over) < EQUAL), None)


def _are_joined(make: Make, seam: Seam, edge: Edge, other: Edge) -> bool:
    """Whether a seam joins an edge of the host to another of it."""
    a, b = (
        {use.key for use in side if (use.piece, use.copy) == (make.host.id, make.host_copy)}
        for side in (seam.a, seam.b)
    )
    return edge is not other and ((edge.key in a and other.key in b) or (edge.key in b and other.key in a))


def settle_side(make: Make, request: PartRequest) -> PartRequest:
    """The request with its place as far down its side as is usual, or below what is tacked there, where nobody told it."""
    if "from_top" in request.typed or is_fixed(make, request):
        return request
    half = _half(request)
    least, most = _between(make, half)
    on_grid = make.spec.on_grid
    first, last = on_grid(least, "up"), on_grid(most, "down")
    down = max(min(request.lengths["from_top"], last), first)
    step = make.spec.on_grid(2 * half + PART_CLEAR, "up")
    # Below what is there, else above it.
    tried = [down, *(down + way * nth * step for way in (1, -1) for nth in range(1, _TRIED))]
    found = next((mm for mm in tried if first <= mm <= max(first, last) and _is_free(make, request, mm)), down)
    lengths = {**request.lengths, "from_top": found}
    return replace(request, lengths=lengths, usual={**request.usual, "from_top": found})


def _is_free(make: Make, request: PartRequest, down: float) -> bool:
    """Whether nothing else is tacked so far down its side."""
    lower = replace(request, lengths={**request.lengths, "from_top": down})
    one = make.tack_of(request.kind.name, place_of(make, lower), _half(request))
    return not any(other.meets(one) for other in make.tacks)


def _between(make: Make, half: float) -> tuple[float, float]:
    """From where to where below the finished top what reaches ``half`` to both sides of its place lies on its edge, clear of what is turned there
    (mm). Nowhere where the second is less than the first."""
    edge, field = side_edge(make), Field(make)
    clear = field.turned + half + PART_CLEAR if field.turned else 0.0
    if is_closed(edge):
        return max(clear, half), field.height - half
    above = _above(field, edge)
    return max(clear, half - above), edge.length - half - above


def _on_edge_check(make: Make, request: PartRequest) -> list[Check]:
    """Whether it lies on its edge, and not under what is turned at the upper one."""
    field, half, down = Field(make), _half(request), request.lengths["from_top"]
    least, most = _between(make, half)
    say: dict[str, Param] = {"part": request.kind.name, "deep": field.turned, "side": side_edge(make).name}
    say["turned"] = "out" if make.spec.options.get("top") == "cuff-out" else "in"
    if field.turned > EQUAL and down - half < field.turned - EQUAL:
        words, limit = "check.caught-turned", field.turned
    elif down > most + EQUAL or (not field.turned and down < least - EQUAL):
        words, limit = "check.caught-beyond", most
    else:
        return []
    # Where there is no place for it at all, none is offered.
    has_place = most >= least - EQUAL
    fix = Fix(msg("fix.place"), {request.field("from_top"): ""}) if has_place and "from_top" in request.typed else None
    say |= {"low": max(0.0, least), "high": field.under(max(0.0, most)), "room": "yes" if has_place else "no"}
    title, text = msg(words, **say), msg(f"{words}.text", **say)
    return [Check(f"part.{request.id}.turned", "warn", title, text, down, limit, fix)]


def tack_down(
    make: Make,
    request: PartRequest,
    points: Sequence[Point],
    half: float,
    field: str,
    proposed: Callable[[PartRequest], Sequence[Point]],
) -> None:
    """Takes the places that a part is tacked to, and warns where another lies on one already; the way back is the place that is ``proposed`` where
    its ``field`` is not told, if that is free."""
    taken = tuple(make.tacks)

    def met(points: Sequence[Point]) -> Tack | None:
        every = [make.tack_of(request.kind.name, point, half) for point in points]
        return next((other for other in taken for one in every if other.meets(one)), None)

    under = met(points)
    make.tacks += [make.tack_of(request.kind.name, point, half) for point in points]
    if under is None:
        return
    make.tacks, kept = list(taken), make.tacks
    fix = way_back(request, ((field,),), lambda asked: met(proposed(asked)) is None)
    make.tacks = kept
    say: dict[str, Param] = {"pocket": request.kind.name, "other": under.name}
    say |= {"piece": make.host.name, "letter": make.host.letter}
    title, text = msg("check.part-over", **say), msg("check.part-over.text", **say)
    # A tab that hangs over the other was told so where it hangs.
    make.checks[:] = [check for check in make.checks if (check.id, check.message) != (f"part.{request.id}.over", text)]
    make.checks.append(Check(f"part.{request.id}.tacked", "warn", title, text, fix=fix))


def _half(request: PartRequest) -> float:
    """How far what is caught in a side reaches along it to both sides of its place (mm): a label is folded across."""
    return request.lengths["height" if request.kind.id == "label" else "width"] / 2


def is_fixed(make: Make, request: PartRequest) -> bool:
    """Whether the edge it is caught in leaves no choice of the place."""
    return _place(make, side_edge(make), request.lengths["from_top"])[1].id in FIXED


def _mark(make: Make, request: PartRequest, point: Point, where: Message) -> None:
    label = msg("mark.caught", part=request.kind.name)
    mark = Mark("point", label, point=point, datum=where, role=make.host_role, one=True, copy=make.host_copy, seen=True)
    make.mark_host(replace(mark, part=request.id))


def place_of(make: Make, request: PartRequest) -> Point:
    """Where on the host that is (net, mm)."""
    return _place(make, side_edge(make), request.lengths["from_top"])[0]


def _place(make: Make, edge: Edge, down: float) -> tuple[Point, Message]:
    piece, field = make.host, Field(make)
    start, end = edge.path[0].start, edge.path[-1].end
    if is_closed(edge):
        return _round(edge, field.top - down)
    if edge.key.startswith("rim"):
        at = piece.edges.index(edge)
        beside = (piece.edges[at - 1].key, piece.edges[(at + 1) % len(piece.edges)].key)
        found = [_seam_of(make, key) for key in beside]
        if None not in found:
            first, second = (seam.name for seam in found if seam is not None)
            words = "caught.corner" if len(edge.path) > 1 else "caught.between"
            return point_at(edge, edge.length / 2), msg(words, first=first, second=second)
    if edge.key.startswith("rim") or abs(end[1] - start[1]) < abs(end[0] - start[0]) / 2:
        return point_at(edge, edge.length / 2), msg("caught.middle")
    at_end = field.planned(end[1]) > field.planned(start[1])
    along = min(max(0.0, down + _above(field, edge)), edge.length)
    at = piece.edges.index(edge)
    beyond = piece.edges[(at + (1 if at_end else -1)) % len(piece.edges)].allowance
    point = point_at(edge, edge.length - along if at_end else along)
    below = max(0.0, field.down_to(point[0], field.planned(point[1])))
    return point, msg("caught.upper", raw=along + beyond, down=field.under(below))


def _seam_of(make: Make, key: str) -> Seam | None:
    """The seam in which an edge of the host is sewn: a lining of its own has one of the same name."""
    edge = make.host.id, key
    return next((seam for seam in make.seams if edge in {(use.piece, use.key) for use in (*seam.a, *seam.b)}), None)


def _above(field: Field, edge: Edge) -> float:
    """How far the upper end of an edge, from which it is measured along it, stands over the finished top: over a bent one nothing (mm)."""
    ends = (edge.path[0].start[1], edge.path[-1].end[1])
    return max(map(field.planned, ends)) - field.top if field.bent is None else 0.0


def _round(edge: Edge, level: float) -> tuple[Point, Message]:
    """Down the right of an edge that runs all round, from the middle of its top to a level."""
    points = flatten(edge.path, 0.005)
    top = max(range(len(points)), key=lambda i: points[i][1])
    # Outlines run anticlockwise: backwards along them it goes down the right.
    line = [points[top], *points[:top][::-1], *points[top + 1 :][::-1]]
    gone = 0.0
    for one, other in pairwise(line):
        step = math.dist(one, other)
        if other[1] <= level:
            share = (one[1] - level) / (one[1] - other[1]) if one[1] > other[1] else 0.0
            gone += step * max(0.0, share)
            point = one[0] + (other[0] - one[0]) * share, one[1] + (other[1] - one[1]) * share
            return point, msg("caught.round", along=gone)
        gone += step
    return line[-1], msg("caught.round", along=gone)


def side_edge(make: Make) -> Edge:
    """The edge of the host that is sewn in a seam and looks most like its side; of a bowl that is hemmed its rim, for nothing is raw along a dart."""
    piece = make.host
    sewn = {use.key for seam in make.seams for use in (*seam.a, *seam.b) if use.piece == piece.id}
    edges = [edge for edge in piece.edges if not is_dart(edge)]
    every = [edge for edge in edges if edge.key in sewn] or edges
    if piece.base_fold is not None:
        # Of a piece folded at its base the half that the part is put on.
        back, fold = make.hosting is not None and make.hosting.back, piece.base_fold
        every = [edge for edge in every if (point_at(edge, edge.length / 2)[1] < fold) == back]
    return min(every, key=lambda e: next((i for i, kin in enumerate(_SIDES) if e.key.startswith(kin)), len(_SIDES)))


def point_at(edge: Edge, along: float) -> Point:
    """The place so far along an edge (mm)."""
    for segment in edge.path:
        if along <= segment.length + 1e-9:
            return segment.at(min(1.0, along / segment.length))
        along -= segment.length
    return edge.path[-1].end
