"""Marks told: each by name, measured as it is measured at that moment, with what it is made with on that cloth."""

from __future__ import annotations

import math
from collections.abc import Iterable, Iterator, Mapping, Sequence
from dataclasses import replace
from typing import NamedTuple

from ..materials import Layer, Material, Stack
from ..pattern import Copy, Edge, Fold, Mark, Piece, Role, Seam
from ..pattern.mates import Notch
from ..pattern.piece import ARROWS
from ..plane import along_path, bounds
from ..shop import EQUAL
from ..words import Message, Param, msg
from .closed_edges import gap_on_closed, is_closed, lies_evenly, round_notches
from .habits import MARKERS
from .naming import each_thing, in_turn, taken
from .operation import Centring, Operation

# Cloths whose pile or loops take no line: marked with thread.
_PILE = ("velveteen", "corduroy", "terry", "fleece")
# What is marked where it will be seen, on the right side.
_SEEN = ("tie", "zone")
# What is minded of what marks are made with.
_MINDED = {
    "wash-out": "wash",
    "lining-wash": "wash",
    "wash-out-wrong": "wash-wrong",
    "heat": "heat",
    "heat-seen": "heat-seen",
}
# What is taken off again when all is sewn, by the sentence it is marked in.
TAKEN_OFF = {
    "marked.thread": "thread",
    "marked.tailor": "thread",
    "marked.fold-thread": "thread",
    "marked.pen-seen": "strip",
    "marked.chalk-seen": "chalk",
    "marked.lining-chalk": "chalk",
    "minded.wash": "wash",
}
# Told by its arrow, or in a step of its own when what it is measured from is there.
_UNTOLD = (*ARROWS, "trim-line", "box-line", "figure")
# What the place of something along an edge is measured from, the likelier first.
_FROM = ("side", "box", "base", "top", "mouth", "zip")


class _How(NamedTuple):
    """What a mark is made with, and whether on one of several copies."""

    marker: str
    one: bool
    copy: Copy = ""


class By(NamedTuple):
    """What marks are told by besides their pieces: the number of each notch that meets another, the seams they meet in, the cloths, and how
    a middle is found, what lies on the wrong side of which pieces by then, and what this maker marks with."""

    numbers: Mapping[Notch, int]
    seams: Sequence[Seam]
    stack: Stack
    centring: Centring
    laid: frozenset[tuple[str, str]] = frozenset()
    habit: str = "cloth"


def mark_lines(pieces: Sequence[Piece], by: By) -> Iterator[Message]:
    """What to mark: for each piece one sentence for each thing it is marked with; cloths that are marked alike are told together. Which hand
    is which comes first, where a back is marked."""
    lines = list(_mark_lines(pieces, by))
    if lines and any("back" in piece.copies for piece in pieces):
        yield msg("marked.sides")
    yield from lines


def is_sided(mark: Mark) -> bool:
    """Whether what is left or right of it tells where it lies, and the other side of the cloth lies up."""
    return mark.datum is not None and mark.datum.id in ("place.turned", "place.turned-beside")


def _mark_lines(pieces: Sequence[Piece], by: By) -> Iterator[Message]:
    minded: dict[str, None] = {}
    for piece in pieces:
        every: list[tuple[Role, _How, list[Message]]] = []
        for role in piece.own_cloths:
            layer = by.stack.of(role)
            if layer is not None:
                found = _of_cloth(piece, role, _behind(piece, role, by), by)
                every += [(role, how, texts) for how, texts in found.items()]
        while every:
            _, how, texts = every[0]
            alike = [role for role, other, said in every if (other, said) == (how, texts)]
            every = [one for one in every if one[1:] != (how, texts)]
            things = tuple(taken(piece, role, 1, how.copy) if how.one else each_thing(piece, role) for role in alike)
            yield msg(f"marked.{how.marker}", things=things, marks=in_turn(texts))
            if how.marker in _MINDED:
                minded[_MINDED[how.marker]] = None
    # Said once, however much is marked with it; what is minded of the right side holds for the wrong one.
    if "wash" in minded:
        minded.pop("wash-wrong", None)
    for word in minded:
        yield msg(f"minded.{word}")


def habit_counts(pieces: Sequence[Piece], stack: Stack, order: Iterable[Operation]) -> bool:
    """Whether anything is marked, when it is marked, on a cloth that leaves a choice of what it is marked with."""
    laid: set[tuple[str, str]] = set()
    for done in order:
        if done.marks is not None:
            by = By({}, (), stack, done.marks, frozenset(laid))
            marked = pieces_marked(done, pieces)
            if any(_leaves_choice(piece, role, by) for piece in marked for role in piece.own_cloths):
                return True
        if done.lays is not None:
            laid |= {(id, done.lays) for id in done.pieces}
    return False


def pieces_marked(done: Operation, pieces: Sequence[Piece]) -> tuple[Piece, ...]:
    """The pieces an operation marks, with what is marked on them then."""
    if not done.waited:
        return tuple(pieces)
    return tuple(now_marked(piece) for id in done.pieces for piece in pieces if piece.id == id)


def _leaves_choice(piece: Piece, role: Role, by: By) -> bool:
    if by.stack.of(role) is None:
        return False
    cloth, over = _behind(piece, role, by)
    for _, mark in _marks_on(piece, role, over):
        bare = _on_bare_edge(piece, mark)
        for behind in _under(piece, role, mark, over, by):
            usual = marker(mark, cloth, behind, bare=bare)
            if any(marker(mark, cloth, behind, bare=bare, habit=habit) != usual for habit in MARKERS):
                return True
    return False


def _marks_on(piece: Piece, role: Role, over: Layer | None) -> Iterator[tuple[int, Mark]]:
    """What is marked on one cloth of a piece, with its place among all marks of that."""
    for index, mark in enumerate(piece.marks):
        if mark.late or mark.kind in _UNTOLD or mark.role not in (None, role) or (mark.kind == "gap" and not mark.path):
            continue
        # What is quilted by now needs no line.
        if mark.label.id != "mark.quilting" or over is None:
            yield index, mark


def _behind(piece: Piece, role: Role, by: By) -> tuple[Material, Layer | None]:
    """The cloth, and what lies over its wrong side by now: the lining that is sewn with it as one, else its padding."""
    stack = by.stack
    cloth = stack.all(role)[0]
    over = [cut for cut in piece.cuts if cut.on == role and (piece.id, cut.role) in by.laid]
    over = [cut for cut in over if cut.role == "lining"] or over
    layer = stack.of_cut(over[-1]) if over else None
    return cloth.material, None if layer is None or layer.held == "slipped" else layer


def _under(piece: Piece, role: Role, mark: Mark, layer: Layer | None, by: By) -> tuple[Layer | None, ...]:
    """What a mark is drawn on instead of the wrong side: what lies there by now; both, where that reaches over a part of it only."""
    part = next((c.part for c in piece.cuts if layer and c.on == role and by.stack.of_cut(c) is layer), None)
    points = [p for s in mark.path for p in (s.start, s.end)] if mark.point is None else [mark.point]
    if part is None or not points:
        return (layer,)
    axis = "xy".index(part.axis)
    covered = {part.low <= point[axis] <= part.high for point in points}
    return tuple(layer if on else None for on in sorted(covered))


def _of_cloth(piece: Piece, role: Role, cloths: tuple[Material, Layer | None], by: By) -> dict[_How, list[Message]]:
    """What is marked on one cloth of a piece, by what it is marked with."""
    told: dict[_How, list[Message]] = {}
    # All notches of a closed edge are told in one sentence.
    rounds: Message | None = None
    for index, mark in _marks_on(piece, role, cloths[1]):
        if is_closed(piece, mark):
            text = rounds = rounds or round_notches(piece, by.numbers, by.seams, by.centring)
        else:
            text = _told(piece, mark, by.numbers.get((piece.id, index)), by)
        for behind in _under(piece, role, mark, cloths[1], by):
            how = marker(mark, cloths[0], behind, bare=_on_bare_edge(piece, mark), habit=by.habit)
            names = told.setdefault(_How(how, mark.one, mark.copy), [])
            if text not in names:
                names.append(text)
    for fold in piece.folds:
        names = told.setdefault(_How(_fold_marker(fold, cloths[0]), False), [])
        text = _crease(piece, fold)
        if text not in names:
            names.append(text)
    return told


def _fold_marker(fold: Fold, cloth: Material) -> str:
    """How a fold is marked: creased, but for cloths that hold no crease, and for a line that is no fold in the end where a crease would stay."""
    if cloth.crease == "none":
        return "fold-thread"
    return "fold-open" if cloth.crease == "stays" and fold.name.id == "fold.middle" else "crease"


def _on_bare_edge(piece: Piece, mark: Mark) -> bool:
    """Whether a notch lies on an edge without an allowance: one that is bound, or trimmed afterwards."""
    bare = (edge.path for edge in piece.edges if not edge.allowance)
    return mark.point is not None and any(along_path(path, mark.point) is not None for path in bare)


def marker(mark: Mark, cloth: Material, behind: Layer | None, bare: bool = False, habit: str = "cloth") -> str:
    """What a mark is made with: a snip into the allowance for notches, where the edge is not ``bare``; on the right side something that goes away by itself or in water, never
    under the iron first; thread on a pile; on the back of a sheet a pen, for it never fades. Where the wrong side is covered it is marked
    on what covers it. What a maker is used to goes before, where the cloth bears it."""
    if mark.kind == "notch" and not bare:
        return "snip"
    seen = mark.kind in _SEEN if mark.seen is None else mark.seen
    if behind is not None and not seen:
        if behind.role == "padding":
            return "padding"
        return "lining-wash" if behind.material.iron != "never" and behind.material.kind != "sheet" else "lining-chalk"
    if cloth.kind == "sheet":
        return "pen-seen" if seen else "pen"
    if cloth.id in _PILE:
        return "thread"
    if habit != "cloth" and (cloth.iron != "never" or habit not in ("wash-out", "heat")):
        return MARKERS[habit][1 if seen else 0]
    if seen:
        return "wash-out" if cloth.iron != "never" else "chalk-seen"
    return "chalk"


def _told(piece: Piece, mark: Mark, number: int | None, by: By) -> Message:
    """A mark by its number and name, and where it is."""
    name = msg("marked.notch", number=number, label=mark.label) if number is not None else mark.label
    if mark.kind == "gap":
        return _gap(piece, mark, name, by.numbers)
    if mark.label.id == "mark.motif" and mark.datum is not None:
        # From the raw edges, as it is drawn with the arrow upward.
        x, y, *_ = bounds(mark.path)
        left, low, *_ = piece.cut_box
        return msg("marked.motif", mark=name, size=mark.datum, side=x - left, low=y - low)
    where = mark.datum or where_on_edge(piece, mark, by.centring)
    return name if where is None else msg("marked.at", mark=name, where=where)


def _crease(piece: Piece, fold: Fold) -> Message:
    """A fold by its name, and where it lies: raw edge on raw edge where it is in the middle, else from the nearest raw edge along it."""
    start, end = fold.line.start, fold.line.end
    level = abs(end[0] - start[0]) > abs(end[1] - start[1])
    axis = 1 if level else 0
    at, box = start[axis], piece.cut_box
    beside = [
        (abs(at - edge.path[0].start[axis]) + edge.allowance, edge.path[0].start[axis] < at, edge.name)
        for edge in piece.edges
        if all(abs(p[axis] - edge.path[0].start[axis]) < EQUAL for s in edge.path for p in (s.start, s.end))
        and not any(s.bulge for s in edge.path)
    ]
    if abs((at - box[axis]) - (box[axis + 2] - at)) < EQUAL:
        # Of a corner that is cut out there are edges nearer.
        ends = [(off, below, name) for off, below, name in beside if abs(off - (at - box[axis])) < EQUAL]
        low, high = ([name for _, below, name in ends if below is side] for side in (True, False))
        if low and high and low[0] != high[0]:
            return msg("crease.middle-of", fold=fold.name, one=low[0], other=high[0])
        return msg("crease.middle", fold=fold.name)
    raw, _, edge = min(beside, key=lambda side: side[0])
    return msg("crease.at", fold=fold.name, raw=raw, edge=edge)


def _gap(piece: Piece, mark: Mark, name: Message, numbers: Mapping[Notch, int]) -> Message:
    """Both ends of a gap, from the raw edge at the end of its own it is measured from."""
    for edge in piece.edges:
        ends = [along_path(edge.path, point) for point in (mark.path[0].start, mark.path[-1].end)]
        if ends[0] is None or ends[1] is None:
            continue
        first, last = sorted(end for end in ends if end is not None)
        if len(piece.edges) == 1:
            where = gap_on_closed(piece, first, last, numbers)
            return name if where is None else msg("marked.at", mark=name, where=where)
        near, from_end = measured_from(piece, edge)
        if from_end:
            first, last = edge.length - last, edge.length - first
        more = raw_beyond(edge, near, from_end)
        words = "where.gap" if more else "where.gap-corner"
        where = msg(
            words, start=first + more, end=last + more, edge=edge.name, other=end_name(near, piece, edge, from_end)
        )
        return msg("marked.at", mark=name, where=where)
    return name


def measured_from(piece: Piece, edge: Edge) -> tuple[Edge, bool]:
    """The edge beside the end of one that a maker measures along it from, and whether that is its far end: the foot of a side, the side of
    a base; of two alike the first as it is drawn."""
    before, after = _neighbour(piece, edge, -1), _neighbour(piece, edge, 1)
    rank = [
        min((i for i, kin in enumerate(_FROM) if other.key.startswith(kin)), default=len(_FROM))
        for other in (before, after)
    ]
    return (after, True) if rank[1] < rank[0] else (before, False)


def raw_beyond(edge: Edge, other: Edge, at_end: bool) -> float:
    """How far the raw edge lies beyond the corner of two stitch lines (mm); nothing where they do not meet squarely, so that the corner itself
    is what can be measured from."""
    return other.allowance if _square(edge, other, at_end) else 0.0


def where_on_edge(piece: Piece, mark: Mark, centring: Centring = "fold") -> Message | None:
    """Where on its edge a notch is, from the raw edge at the near end of it; by folding where it lies in the middle."""
    if mark.point is None:
        return None
    for edge in piece.edges:
        at = along_path(edge.path, mark.point)
        if at is None:
            continue
        if abs(at / edge.length - 0.5) < 1e-3 and centring != "ruler":
            return msg("where.middle" if centring == "fold" else "where.middle-eye", edge=edge.name)
        # Halfway it is as far from either: then from where all else along it is measured.
        halfway = abs(at - edge.length / 2) < EQUAL
        from_end = measured_from(piece, edge)[1] if halfway else at > edge.length / 2
        near = _neighbour(piece, edge, 1 if from_end else -1)
        length = edge.length - at if from_end else at
        say: dict[str, Param] = {"edge": edge.name, "other": end_name(near, piece, edge, from_end)}
        if length < 0.5:
            return msg("where.corner", **say)
        # Only where the two meet squarely is the raw edge so much further than the stitch line.
        if _square(edge, near, from_end):
            return msg("where.from-raw", raw=length + near.allowance, **say)
        return msg("where.from-corner", net=length, **say)
    return None


def end_name(edge: Edge, piece: Piece, along: Edge, at_end: bool) -> Message:
    """What the end of one edge is called by the edge beside it: a corner that is cut out by which of them it is, and that of two edges which
    meet twice by its hand."""
    if len(piece.edges) == 2:
        here, there = along.path[0].start[0], along.path[-1].end[0]
        here, there = (there, here) if at_end else (here, there)
        if abs(here - there) > EQUAL:
            return msg("end.left-of" if here < there else "end.right-of", edge=edge.name)
    if not edge.key.startswith("box"):
        return edge.name
    hand = next((hand for hand in ("left", "right") if hand in edge.key), None)
    return msg("end.corner" if hand is None else f"end.corner-{hand}")


def _neighbour(piece: Piece, edge: Edge, way: int) -> Edge:
    at = piece.edges.index(edge)
    return piece.edges[(at + way) % len(piece.edges)]


def _square(edge: Edge, other: Edge, at_end: bool) -> bool:
    ax, ay = edge.path[-1 if at_end else 0].tangent(at_end=at_end)
    bx, by = other.path[0 if at_end else -1].tangent(at_end=not at_end)
    return abs(ax * bx + ay * by) < math.sin(math.radians(2))


def has_middles(pieces: Sequence[Piece]) -> bool:
    """Whether anything is marked in a middle, or evenly round: where a maker folds, measures or looks."""
    return any(
        lies_evenly(piece) if is_closed(piece, mark) else mark.datum is None and _in_middle(piece, mark)
        for piece in pieces
        if piece.cuts
        for mark in piece.marks
        if mark.kind == "notch"
    )


def _in_middle(piece: Piece, mark: Mark) -> bool:
    where = where_on_edge(piece, mark)
    return where is not None and where.id == "where.middle"


def has_marks(piece: Piece) -> bool:
    """Whether anything of a piece is told when everything is marked."""
    if not piece.own_cloths:
        return False
    told = (mark for mark in piece.marks if not mark.late and mark.kind not in _UNTOLD)
    return bool(piece.folds) or any(mark.kind != "gap" or mark.path for mark in told)


def now_marked(piece: Piece) -> Piece:
    """A piece of which that is marked now what waited at its edges, and nothing else: what lies on its face is marked by its own step."""
    waited = [mark.late and (not mark.part or mark.kind == "point") for mark in piece.marks]
    marks = (replace(mark, late=not now) for mark, now in zip(piece.marks, waited, strict=True))
    return replace(piece, folds=(), marks=tuple(marks))


def things_marked(pieces: Sequence[Piece]) -> tuple[tuple[str, Role], ...]:
    """The pieces that carry a mark or a fold, in each cloth that does."""
    found = []
    for piece in pieces:
        for role in piece.own_cloths:
            if piece.folds or any(mark.role in (None, role) and not mark.late for mark in piece.marks):
                found.append((piece.id, role))
    return tuple(found)
