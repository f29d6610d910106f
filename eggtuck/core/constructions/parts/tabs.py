"""Tabs that hold rings along an upper edge: tacked on flat where all of them lies on it, else over the seams that close it to a rim."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace

import shapely

from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...drafting.zones import Zone
from ...frozen import frozen
from ...moves.carried import Loop, Sewn, arch, hoop, spot, upright
from ...pattern import Chain, Check, Edge, EdgeUse, Fix, Mark, Need, Piece, Seam
from ...plane import Point, flatten
from ...shop import EQUAL, PART_CLEAR, RING_HELD, TOPSTITCH
from ...words import Message, Param, msg
from ..strips import IN_FOUR
from .places import Field
from .sides import point_at, tack_down
from .strips import add_strip, hanging, lying
from .taken import hem_of
from .uppers import check_doubled, is_closed, upper_edge, uppermost

# So many edges make a rim at most, and so many tabs have a place on it.
_MOST, _PLACES = 8, 2


@frozen
class Joint:
    """A seam that an upper edge goes on over, and where on the piece it ends there (net, mm)."""

    seam: Seam
    point: Point


@frozen
class Tabs:
    """Where tabs are tacked: the ``points`` of the upper edge (net, mm), how far from its middle along it, which is told with ``tack``; over
    which ``joints``, and whether those must be sewn before (``late``)."""

    points: tuple[Point, ...]
    away: float
    tack: Message
    joints: tuple[Joint, ...]
    late: bool


def rim_joints(make: Make, edge: Edge) -> tuple[tuple[Joint, ...], float]:
    """The seams that an edge of the host goes on over, one after the other till it comes back to itself, and how long all of it is
    (mm); none where it does not go round."""
    piece, copy, at, forward = make.host, make.host_copy, make.host.edges.index(edge), True
    if any((use.piece, use.key) == (piece.id, edge.key) for seam in make.seams for use in seam.caught):
        # A lining's edge along a zip is sewn in with its outer's, while both are flat.
        return (), 0.0
    closed = _met(make, EdgeUse(piece.id, edge.key, copy), from_start=True)
    if closed is not None and closed[1].piece == piece.id:
        # Sewn to another part of the same piece it is the end of a strip, and no rim.
        return (), 0.0
    found: list[Joint] = []
    around = 0.0
    for _ in range(_MOST):
        around += piece.edges[at].length
        beside = piece.edges[(at + (1 if forward else -1)) % len(piece.edges)]
        point = beside.path[0].start if forward else beside.path[-1].end
        met = _met(make, EdgeUse(piece.id, beside.key, copy), from_start=forward)
        if met is None:
            return (), 0.0
        seam, use, forward = met
        found.append(Joint(seam, point))
        piece, copy = make.piece_of(use.piece), use.copy
        keys = [one.key for one in piece.edges]
        if use.key not in keys:
            # A zip's tape: nothing goes on beyond it.
            return (), 0.0
        at = (keys.index(use.key) + (1 if forward else -1)) % len(keys)
        if (piece.id, copy, piece.edges[at].key) == (make.host.id, make.host_copy, edge.key):
            return tuple(found), around
    return (), 0.0


def _met(make: Make, use: EdgeUse, *, from_start: bool) -> tuple[Seam, EdgeUse, bool] | None:
    """What an edge is sewn to, alone to one alone, and whether the rim goes on beyond its end there."""
    for seam in make.seams:
        if len(seam.a) != 1 or len(seam.b) != 1 or seam.a[0].layer is not None:
            continue
        for own, other in ((seam.a[0], seam.b[0]), (seam.b[0], seam.a[0])):
            if (own.piece, own.copy, own.key) == (use.piece, use.copy, use.key):
                at_start = from_start != own.reversed
                # The same end of the seam is an end of the other edge.
                return seam, other, at_start == other.reversed
    return None


def _sewn_flat(make: Make, edge: Edge) -> bool:
    """Whether a rim is sewn before all of its sides: that of one long tube, or one that is hemmed while it is flat."""
    return _is_long_tube(make) or _is_hemmed_flat(make, edge)


def _is_long_tube(make: Make) -> bool:
    """Whether outer and lining are sewn as one tube: only where there is a lining to turn it through, and panels that open out flat."""
    options = make.spec.options
    return bool(make.gaps) and options.get("assembly") == "long-tube" and options.get("cut") != "base-fold"


def _is_hemmed_flat(make: Make, edge: Edge) -> bool:
    return make.spec.options.get("hem_order") == "before" and hem_of(make, make.host, edge) > 0


def settle_tabs(make: Make, request: PartRequest, field: Field, width: float) -> Tabs:
    """Where the tabs of a request are tacked, each ``width`` mm wide: two half the rim apart, or as far from the middle as was asked."""
    edge, given = upper_edge(make.host), request.lengths.get("from_centre")
    half, closed = edge.length / 2, is_closed(edge)
    joints, around = ((), 0.0) if closed else rim_joints(make, edge)
    flat = _sewn_flat(make, edge)
    if request.count == 1:
        # Darts take the middle of a bent edge.
        over = joints[:1] if len(edge.path) > 1 else ()
        return _tabs(make, field, request, 0.0, over, late=bool(over), closed=closed)
    if request.count > _PLACES:
        text = msg("check.tabs-more.text", count=request.count - _PLACES)
        _warn(make, request, "more", text, request.count, _PLACES)
    whole = max(0.0, half - width / 2 - PART_CLEAR)
    usual = edge.length / 4 if closed else (make.around or around) / 4 if joints else field.width / 2
    away = given if given is not None else usual if closed or (joints and not flat) else min(usual, whole)
    beyond = not closed and away + width / 2 > half + EQUAL
    narrow = 2 * away < width - EQUAL or (bool(joints) and 2 * width > around + EQUAL)
    if narrow:
        text = msg("check.tabs-narrow.text", long=around or edge.length, width=width)
        _warn(make, request, "narrow", text, 2 * away, width)
    elif beyond and (flat or not joints):
        most = max(0.0, half - width / 2)
        fix = None if given is None else Fix(msg("fix.place"), {request.field("from_centre"): ""})
        _warn(make, request, "beyond", msg("check.tabs-beyond.text", half=half, most=most), half, most, fix)
    over = () if given is not None or flat or narrow else _half_apart(make, field, joints)
    late = bool(over) or (beyond and bool(joints) and not flat and not narrow)
    return _tabs(make, field, request, away, over, late=late, closed=closed)


def _half_apart(make: Make, field: Field, joints: tuple[Joint, ...]) -> tuple[Joint, ...]:
    """Two seams half the rim apart, or one and the fold opposite; none where it is closed by one."""
    if len(joints) > 1:
        return joints[0], joints[len(joints) // 2]
    fold = make.host.side_fold
    return (*joints, Joint(joints[0].seam, (fold, field.top))) if joints and fold is not None else ()


def _warn(
    make: Make, request: PartRequest, what: str, text: Message, value: float, limit: float, fix: Fix | None = None
) -> None:
    title = msg(f"check.tabs-{what}")
    make.checks.append(Check(f"part.{request.id}.{what}", "warn", title, text, value, limit, fix))


def _tabs(
    make: Make, field: Field, request: PartRequest, away: float, over: tuple[Joint, ...], *, late: bool, closed: bool
) -> Tabs:
    on: dict[str, Param] = {"piece": make.host.name, "letter": make.host.letter, "edge": _called(make.host)}
    if over:
        numbered = all(joint.seam.name.params for joint in over)
        say: dict[str, Param] = {"first": over[0].seam.name, "numbered": "yes" if numbered else "no"}
        if len(over) > 1:
            say["second"] = msg("tack.fold") if over[1].seam is over[0].seam else over[1].seam.name
        tack = msg("tack.over" if len(over) > 1 else "tack.over-one", **say)
        # What is turned in stands no higher than the finished top.
        points = tuple((joint.point[0], min(joint.point[1], field.top)) for joint in over)
        return Tabs(points, away, tack, over, late)
    if request.count == 1:
        return Tabs((field.along_top(0.0),), 0.0, msg("tack.middle", **on), (), late)
    tack = msg(f"tack.{'late' if late else 'round' if closed else 'flat'}", **on, away=away)
    joints = rim_joints(make, upper_edge(make.host))[0] if late else ()
    return Tabs((field.along_top(-away), field.along_top(away)), away, tack, joints, late)


def add_ring_tabs(make: Make, request: PartRequest) -> Tabs:
    """Tabs through rings: finished width no more than the ring's inside (rounded down); two of them belong half the girth
    apart, a quarter to each side of the middle."""
    size = request.lengths
    width = make.spec.on_grid(size["ring"], "down") or size["ring"]
    a = make.allowance("default")
    chain = Chain.start(msg("sum.loop-twice"), 2 * size["length"]).plus_some(
        msg("sum.two-allowances", allowance=a), 2 * a
    )
    add_strip(make, request, chain, width)
    say: dict[str, Param] = {"ring": size["ring"], "count": request.count}
    return hang_rings(make, request, width, say, 3 * request.count)


def hang_rings(
    make: Make,
    request: PartRequest,
    width: float,
    say: Mapping[str, Param],
    minutes: float,
    drawn: float | None = None,
    why: Message | None = None,
) -> Tabs:
    """What holds the rings of a request, each ``width`` mm wide where it lies in the upper edge, ``drawn`` so wide: made in so many
    ``minutes``, and tacked on."""
    field, size, id = Field(make), request.lengths, request.id
    tabs = settle_tabs(make, request, field, width)
    make.carry(id, lambda sewn: _ringed(field, sewn, tabs, drawn or width, size["length"], size["ring"]))
    note = msg("need.ring.note", width=size["ring"])
    make.needs.append(Need.counted(f"{id}-rings", "ring", msg("need.ring"), size["ring"], request.count, note))
    _opposite(make, request, field, tabs, width)
    _turned(make, request, field)
    one = "-one" if request.count == 1 else ""
    words, hems = f"part-{request.kind.id}{one}", (f"{id}-edges",)
    made = msg(f"step.{words}.check")
    stitch = float(TOPSTITCH)
    pairs = make.piece_of(id).cuts[0].count > request.count
    make.part_steps.add(
        id, "sew", minutes, words, say=say, pieces=(id,), hems=hems, stitch=stitch, check=made, why=why, pairs=pairs
    )
    what: dict[str, Param] = {"what": msg("tack.rings"), "lying": msg("tack.rings.lying")}
    look = msg(f"step.part-ring-tab-tacked{one}.check")
    _tack_on(make, request, tabs, (id,), f"part-{request.kind.id}-tacked{one}", what, look, width)
    return tabs


def hang_strap(make: Make, request: PartRequest, tab: str) -> None:
    """The two ends of an adjustable strap in the upper edge, opposite each other: the ``tab`` that holds its ring, by its piece, and its free one."""
    field, width, pair = Field(make), request.lengths["width"], replace(request, count=_PLACES)
    tabs = settle_tabs(make, pair, field, width)
    make.carry(tab, lambda sewn: _ringed(field, sewn, replace(tabs, points=tabs.points[:1]), width, RING_HELD, width))
    make.carry(request.id, lambda sewn: from_tab(field, sewn, tabs, request.lengths["longest"], width))
    _opposite(make, pair, field, tabs, width)
    _turned(make, request, field)
    what: dict[str, Param] = {
        "what": msg("tack.strap", tab=make.piece_of(tab).letter),
        "lying": msg("tack.strap.lying"),
    }
    _tack_on(
        make, pair, tabs, (tab, request.id), "part-slider-tacked", what, msg("step.part-slider-tacked.check"), width
    )


def _tack_on(
    make: Make,
    request: PartRequest,
    tabs: Tabs,
    pieces: tuple[str, ...],
    words: str,
    say: Mapping[str, Param],
    look: Message,
    width: float,
) -> None:
    """What is made is tacked to the upper edge: while that is flat, where it is marked; else over the seams that are sewn by then."""
    taken = _taken(make, tabs, request.count)
    tack_down(make, request, taken, width / 2, "from_centre", lambda asked: _proposed(make, asked, width))
    make.joined |= {joint.seam.id for joint in tabs.joints if tabs.late}
    check_doubled(make, request)
    edge = upper_edge(make.host)
    spots = () if tabs.late else _along(edge, tabs.away, request.count)
    tacks = tuple((EdgeUse(make.host.id, edge.key, make.host_copy), along / edge.length) for along in spots)
    if not tabs.late:
        _mark(make, request, edge, tabs.away, spots)
    (make.rim_steps if tabs.late else make.part_steps).add(
        f"{request.id}-on",
        "sew",
        request.count,
        words,
        say={"tack": replace(tabs.tack, params={**tabs.tack.params, **say})},
        pieces=(*pieces, make.host.id),
        single=() if tabs.late else make.on_one,
        parks=hanging(request if _asks_place(request) else replace(request, count=1)),
        # A connector is two layers, and its allowances along its sides.
        lies=(pieces[0], IN_FOUR) if request.kind.id == "connector" else lying(request, pieces[0]),
        at_edges=(EdgeUse(make.host.id, edge.key, make.host_copy),),
        tacks=tacks,
        hangs=True,
        layer=make.host_role,
        check=look,
    )


def _turned(make: Make, request: PartRequest, field: Field) -> None:
    """Where tabs come to lie whose edge is turned in or out afterwards."""
    deep = field.turned
    if deep > EQUAL:
        out = make.spec.options.get("top") == "cuff-out"
        words = "check.tabs-under" if out else "check.tabs-inside"
        title, text = msg(words), msg(f"{words}.text", deep=deep)
        make.checks.append(Check(f"part.{request.id}.turned", "warn" if out else "note", title, text, deep))


def _along(edge: Edge, away: float, count: int) -> tuple[float, ...]:
    """How far along an upper edge tabs lie so far from its middle, the left one first; of one that runs all round from its top."""
    middle = edge.length / 2
    if is_closed(edge):
        points = flatten(edge.path, 1e-3)
        middle = shapely.LineString([*points, points[0]]).project(shapely.Point(max(points, key=lambda p: p[1])))
    # Outlines run anticlockwise: to the left along the top.
    return (middle,) if count == 1 else ((middle + away) % edge.length, (middle - away) % edge.length)


def _mark(make: Make, request: PartRequest, edge: Edge, away: float, spots: tuple[float, ...]) -> None:
    """Marks the middles of tabs that are tacked on while the piece is flat."""
    closed = is_closed(edge)
    for side, along in zip(("left", "right") if len(spots) > 1 else ("middle",), spots, strict=True):
        round_ = "yes" if closed else "no"
        where = msg(f"caught.top-{side}", away=away, round=round_, edge=_called(make.host))
        label, point = msg("mark.caught", part=request.kind.name), point_at(edge, along)
        mark = Mark("point", label, point=point, datum=where, role=make.host_role, one=True, copy=make.host_copy)
        make.mark_host(replace(mark, seen=True, part=request.id))


def _called(piece: Piece) -> Message:
    """The upper edge; by its own name where it is one of two halves."""
    return upper_edge(piece).name if len(uppermost(piece)) > 1 else msg("tack.upper")


def _opposite(make: Make, request: PartRequest, field: Field, tabs: Tabs, width: float) -> None:
    """Whether two tabs ``width`` wide stand opposite each other, and what each hangs over."""
    edge, away, given = upper_edge(make.host), tabs.away, "from_centre" in request.lengths
    around = edge.length if is_closed(edge) else make.around
    if request.count != 2 or not around:
        return
    between, rest = 2 * away, around - 2 * away
    even = abs(between - rest) <= max(2.0, make.spec.step)
    words, fix = "check.tabs-opposite" if even else "check.tabs-uneven", None
    text = msg(f"{words}.text", one=between, other=rest, right=around / 4)
    # Of a hem that is sewn flat, and of one long tube, the rim is sewn before a side, and none can lie over that.
    hem = _is_hemmed_flat(make, edge)
    tube = not hem and _is_long_tube(make)
    later = {"options.hem_order": "after"} if hem else {"options.assembly": "nested"} if tube else {}
    if not even and given:
        fix = Fix(msg("fix.tabs-opposite"), {request.field("from_centre"): "", **later})
    elif not even and later:
        fix = Fix(msg("fix.tabs-opposite"), later)
        text = msg(f"check.tabs-uneven.{'tube' if tube else 'hem'}", one=between, other=rest)
    id = f"part.{request.id}.opposite"
    make.checks.append(Check(id, "ok" if even else "warn", msg(words), text, away, around / 4, fix))
    if even and not given and _asks_place(request):
        make.sums[f"{request.id}.from_centre"] = Chain.start(msg("sum.girth"), around).divided(msg("sum.quarter"), 4)
    _tabs_over(make, request, field, away, width)


def _asks_place(request: PartRequest) -> bool:
    """Whether it may be asked how far from the middle its tabs lie."""
    return any(item.name == "from_centre" for item in request.kind.lengths)


def _ringed(field: Field, sewn: Sewn, tabs: Tabs, width: float, length: float, ring: float) -> tuple[Loop, ...]:
    """Tabs standing in the upper edge with their rings, where they are sewn."""
    found: list[Loop] = []
    for point in tabs.points:
        edge = spot(sewn, field.piece.id, point)
        if edge is not None:
            place, out = edge
            found += upright(place, out, width, length)
            found += hoop((place[0], place[1], place[2] + length), out, ring)
    return tuple(found)


def from_tab(field: Field, sewn: Sewn, tabs: Tabs, length: float, width: float, above: float = 0.0) -> tuple[Loop, ...]:
    """A strap from over one tab to the place of the other, ``above`` mm over the edge; back to the same where that is folded away."""
    feet = [edge[0] for point in tabs.points if (edge := spot(sewn, field.piece.id, point)) is not None]
    ends = [(x, y, z + above) for x, y, z in feet]
    return arch(ends[0], ends[-1], length, width, sewn.size) if ends else ()


def _proposed(make: Make, request: PartRequest, width: float) -> Sequence[Point]:
    """Where its tabs would lie; what is to be said of that is not said."""
    told = len(make.checks)
    points = _taken(make, settle_tabs(make, request, Field(make), width), request.count)
    del make.checks[told:]
    return points


def _taken(make: Make, tabs: Tabs, count: int) -> tuple[Point, ...]:
    """Where tabs are tacked: on an edge that runs all round exactly where they are marked, not where that is drawn."""
    edge = upper_edge(make.host)
    return tuple(point_at(edge, at) for at in _along(edge, tabs.away, count)) if is_closed(edge) else tabs.points


def _tabs_over(make: Make, request: PartRequest, field: Field, away: float, width: float) -> None:
    """Whether a tab hangs over what lies on the same piece."""
    middle, long = (field.left + field.right) / 2, request.lengths.get("length", float(RING_HELD))
    for x in (middle - away, middle + away):
        box = (x - width / 2, field.top - long, x + width / 2, field.top)
        other = field.over(box)
        if other is not None:
            say: dict[str, Param] = {"pocket": request.kind.name, "other": other.name}
            say |= {"piece": field.piece.name, "letter": field.piece.letter}
            title, text = msg("check.part-over", **say), msg("check.part-over.text", **say)
            make.checks.append(Check(f"part.{request.id}.over", "warn", title, text))
            break
    boxes = [(x - width / 2, field.top - long, x + width / 2, field.top) for x in (middle - away, middle + away)]
    make.zones.extend(Zone(request.kind.name, box) for box in boxes)
    if not _asks_place(request):
        return
    held = replace(request, lengths={**request.lengths, "from_centre": away})
    for box, out in zip(boxes, (-1.0, 1.0), strict=True):
        field.grip(held, box, ("from_centre", out, 0.0, (make.around or 0.0) / 4))
