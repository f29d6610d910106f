"""Bodies laid flat on the table: pieces by themselves, opened out along the seams that join them, or one on the other as they were sewn."""

from __future__ import annotations

import math
from collections.abc import Collection, Iterable, Iterator, Mapping, Sequence
from dataclasses import replace
from itertools import pairwise

from ..frozen import frozen
from ..making.sewn import Copied, Sewn
from ..pattern import EdgeUse, Piece, Role, Seam
from ..pattern.walk import legs
from ..plane import Point, flatten, offset_outline
from ..plane.offset import OffsetError
from .isometry import Isometry

# Edges that lie on each other may be apart by so much of their length, or by so many mm.
_SHARE, _LEAST = 0.03, 4.0
# A curve is looked at in so many places.
_LOOKS = 9
# A curve is drawn as straight lines that leave it by no more (mm): seen from near, it is round.
ROUND = 0.1

SeamIn = tuple[Seam, Role]


@frozen
class Half:
    """What is left of a line, seen from ``start`` to ``end``, or, ``right``, what is right of it; ``within`` another half, where there are two lines."""

    start: Point
    end: Point
    right: bool = False
    within: Half | None = None

    def kept(self, ring: Sequence[Point]) -> tuple[Point, ...]:
        """What of a closed outline lies on this side of the line (Sutherland and Hodgman)."""
        if self.within is not None:
            ring = self.within.kept(ring)
        found: list[Point] = []
        for p, q in pairwise([*ring, ring[0]]):
            a, b = self._left(p), self._left(q)
            if a >= 0:
                found.append(p)
            if (a >= 0) != (b >= 0):
                share = a / (a - b)
                found.append((p[0] + (q[0] - p[0]) * share, p[1] + (q[1] - p[1]) * share))
        return tuple(found)

    def holds(self, p: Point, beyond: float = 1e-6) -> bool:
        """Whether a point lies on this side, or on the line, or no more than so far ``beyond`` it (mm)."""
        here = self._left(p) >= -beyond * (math.dist(self.start, self.end) or 1.0)
        return here and (self.within is None or self.within.holds(p, beyond))

    def _left(self, p: Point) -> float:
        (ax, ay), (bx, by) = self.start, self.end
        side = (bx - ax) * (p[1] - ay) - (by - ay) * (p[0] - ax)
        return -side if self.right else side


@frozen
class Placed:
    """A copy as it lies on the table: on which ``level``, from the bottom up; ``up`` where its right side is. Where it is folded in two, only
    one ``half``."""

    copy: Copied
    lies: Isometry
    up: bool
    level: int = 0
    half: Half | None = None


class Table:
    """Lays copies flat, from what has been sewn so far, with the pieces as they are by then."""

    def __init__(self, sewn: Sewn, done: Sequence[SeamIn], by_id: Mapping[str, Piece]) -> None:
        self.sewn, self.done, self.by_id = sewn, done, by_id

    # What a side of a seam looks like ------------------------------------------------------------------

    def chain(self, uses: Sequence[EdgeUse], layer: Role) -> list[tuple[Copied, Point]]:
        """Points along a side of a seam, equally far apart, each on its copy."""
        side = legs([self.by_id[use.piece] for use in uses], uses)
        length, found = side[-1].end, []
        for i in range(_LOOKS):
            at = length * i / (_LOOKS - 1)
            leg = next((leg for leg in side if at <= leg.end + 1e-6), side[-1])
            found.append((self.sewn.copy(leg.use, layer), leg.at(min(max(at, leg.start), leg.end))))
        return found

    def along(self, uses: Sequence[EdgeUse], layer: Role, placed: Mapping[Copied, Placed]) -> list[Point] | None:
        """The same on the table; None where one of them is not on it."""
        points = self.chain(uses, layer)
        if any(copy not in placed for copy, _ in points):
            return None
        return [placed[copy].lies(p) for copy, p in points]

    # Bodies ----------------------------------------------------------------------------------------------

    def laid(
        self,
        copy: Copied,
        *,
        stacked: bool = False,
        up: bool = True,
        only: Collection[Copied] = (),
        opened: Collection[str] = (),
    ) -> dict[Copied, Placed] | None:
        """A body, or ``only`` some copies of it, with this one as it is drawn: opened out along its seams, or ``stacked`` face to face
        but for seams that lie ``opened``; None where it does not lie flat so."""
        every = set(only or self.sewn.with_(copy) or (copy,))
        placed = {copy: Placed(copy, Isometry(), up)}
        seams = [(s, layer) for seam, layer in self.done for s in self._within(seam, layer, every)]
        if copy not in every:
            return None
        for seam, layer in seams:
            a, b = self.sewn.copies(seam, layer)
            if set(a) & set(b):
                return None
        left = True
        while left:
            left = False
            for seam, layer in seams:
                for one, other in ((seam.a, seam.b), (seam.b, seam.a)):
                    for new in self._beside(seam, one, other, layer, placed, stacked and seam.id not in opened):
                        placed[new.copy] = new
                        left = True
        # What is only caught between two has no seam of its own to lie along.
        sides = [side for s, layer in (*self.done, *seams) for side in self.sewn.copies(s, layer)]
        caught = {c for c in every if not any(c in side for side in sides)}
        if set(placed) != every - caught | {copy} or not all(self._lies(seam, layer, placed) for seam, layer in seams):
            return None
        return placed

    def _within(self, seam: Seam, layer: Role, every: Collection[Copied]) -> Iterator[Seam]:
        """A seam all of whose copies are there; else what is caught in it and there, as it is sewn to the side that is: a lining to its zip."""
        a, b = self.sewn.copies(seam, layer)
        if set(a) | set(b) <= set(every):
            yield seam
            return
        for uses, copies in ((seam.a, a), (seam.b, b)):
            caught = [use for use in seam.caught if self.sewn.copy(use, layer) in every]
            if set(copies) <= set(every):
                # One that is cut smaller lies with its middle on the middle, its ends a little inside.
                longer = 2 * seam.length_a
                yield from (replace(seam, a=(use,), b=uses, caught=(), length_a=longer) for use in caught)

    def _beside(
        self,
        seam: Seam,
        one: Sequence[EdgeUse],
        other: Sequence[EdgeUse],
        layer: Role,
        placed: Mapping[Copied, Placed],
        stacked: bool,
    ) -> Iterator[Placed]:
        """Copies of the other side of a seam, laid where this side of it lies."""
        sides = [legs([self.by_id[use.piece] for use in uses], uses) for uses in (one, other)]
        first, last = (side[-1].end or 1.0 for side in sides)
        for leg in sides[1]:
            copy = self.sewn.copy(leg.use, layer)
            if copy in placed:
                continue
            for mate in sides[0]:
                lies = placed.get(self.sewn.copy(mate.use, layer))
                low, high = max(mate.start / first, leg.start / last), min(mate.end / first, leg.end / last)
                if lies is None or high - low < 0.05:
                    continue
                on = self.mirrored(mate.use, leg.use, lies.lies.over, stacked)
                # One that goes all the way round comes back to where it began.
                closed = math.dist(leg.at(low * last), leg.at(high * last)) < 1.0
                shares = (low, (low + high) / 2 if closed else high)
                ends = [(leg.at(share * last), lies.lies(mate.at(share * first))) for share in shares]
                move = Isometry.onto(ends[0][0], ends[1][0], ends[0][1], ends[1][1], on)
                yield Placed(copy, move, lies.up != stacked, lies.level + (1 if stacked else 0))
                break

    def mirrored(self, mate: EdgeUse, use: EdgeUse, over: bool, same: bool) -> bool:
        """Whether what is laid with an edge on one that lies there already, ``over`` where that is mirrored, is mirrored itself: so that both
        lie on the ``same`` side of it, or one on each."""
        left = self._inside_left(mate) != over
        return self._inside_left(use) != (left if same else not left)

    def _inside_left(self, use: EdgeUse) -> bool:
        """Whether a piece lies left of an edge as it is walked: of a line inside it, most of it."""
        piece = self.by_id[use.piece]
        edge = piece.by_key[use.key]
        if not edge.internal:
            return not use.reversed
        (ax, ay), (bx, by) = edge.path[0].start, edge.path[-1].end
        x0, y0, x1, y1 = piece.stitch_box
        left = (bx - ax) * ((y0 + y1) / 2 - ay) - (by - ay) * ((x0 + x1) / 2 - ax) > 0
        return left != use.reversed

    def _lies(self, seam: Seam, layer: Role, placed: Mapping[Copied, Placed]) -> bool:
        a, b = (self.along(side, layer, placed) for side in (seam.a, seam.b))
        return a is not None and b is not None and close(a, b, seam.length_a)

    # Two on each other --------------------------------------------------------------------------------------

    def face_to_face(
        self, seams: Sequence[SeamIn], below: Mapping[Copied, Placed], above: Mapping[Copied, Placed]
    ) -> dict[Copied, Placed] | None:
        """The upper body as it lies on the lower when the sides of these seams lie on each other; None where it cannot lie flat."""
        seam, layer = seams[0]
        a, b = self.along(seam.a, layer, below), self.along(seam.b, layer, above)
        if a is None or b is None:
            return None
        last = _LOOKS // 2 if math.dist(a[0], a[-1]) < 1.0 else -1
        ends = [(b[0], a[0]), (b[last], a[last])]
        on = below[self.sewn.copy(seam.a[0], layer)]
        top = above[self.sewn.copy(seam.b[0], layer)]
        # What is moved is as it lies now, be that mirrored.
        mirrored = self.mirrored(seam.a[0], seam.b[0], on.lies.over != top.lies.over, True)
        move = Isometry.onto(ends[0][0], ends[1][0], ends[0][1], ends[1][1], mirrored)
        highest = max(p.level for p in below.values()) + 1
        moved = {c: replace(p, lies=p.lies.then(move), level=p.level + highest) for c, p in above.items()}
        for other, role in seams:
            a, b = self.along(other.a, role, below), self.along(other.b, role, moved)
            if a is None or b is None or not close(a, b, other.length_a):
                return None
        return moved

    def folded(self, seams: Sequence[SeamIn], body: Mapping[Copied, Placed]) -> list[Placed] | None:
        """A body that lies flat, folded in two so that both sides of these seams, which are on it, lie on each other: the lower half, and
        the upper one over it."""
        seam, layer = seams[0]
        a, b = self.along(seam.a, layer, body), self.along(seam.b, layer, body)
        if a is None or b is None:
            return None
        mirror = Isometry.onto(b[0], b[-1], a[0], a[-1], over=True)
        middle = [((p[0] + q[0]) / 2, (p[1] + q[1]) / 2) for p, q in zip(a, b, strict=True)]
        way = _axis(mirror)
        for other, role in seams:
            one, two = self.along(other.a, role, body), self.along(other.b, role, body)
            if one is None or two is None or not close(one, mirror.all(two), other.length_a):
                return None
        at = middle[0]
        line = (at, (at[0] + way[0], at[1] + way[1]))
        stays = Half(*line)
        centre = a[_LOOKS // 2]
        if not stays.holds(centre):
            stays = replace(stays, right=True)
        top = max(p.level for p in body.values()) + 1
        halves = [replace(p, half=stays) for p in body.values()]
        halves += [
            replace(p, lies=p.lies.then(mirror), up=not p.up, level=top + p.level, half=stays) for p in body.values()
        ]
        return halves

    def folded_over(self, seam: SeamIn, body: Mapping[Copied, Placed]) -> list[Placed] | None:
        """A piece that lies flat, both its sides folded over its middle at the ends of that side of a seam which runs between them, so that both sides
        of the seam lie on each other: the middle, and what is folded over it. None where they do not, or where it is sewn to others."""
        if len(body) > 1:
            return None
        (sewn, layer), lies = seam, next(iter(body.values()))
        a, b = self.along(sewn.a, layer, body), self.along(sewn.b, layer, body)
        if a is None or b is None:
            return None
        (ax, ay), (bx, by) = a[0], a[-1]
        folds = [((x, y), (x - (by - ay), y + (bx - ax))) for x, y in (a[0], a[-1])]
        mirrors = [Isometry.onto(p, q, p, q, over=True) for p, q in folds]
        # Of the other side what lies beyond either fold comes over, and lies between both then.
        inner = [Half(p, q, right=nth == 0) for nth, (p, q) in enumerate(folds)]
        outer = [replace(half, right=not half.right) for half in inner]
        laid = [next((m(p) for m, out in zip(mirrors, outer, strict=True) if out.holds(p, 1.0)), p) for p in b]
        if not close(a, laid, sewn.length_a):
            return None
        over = [
            replace(lies, lies=lies.lies.then(mirror), up=not lies.up, level=lies.level + 1, half=half)
            for mirror, half in zip(mirrors, inner, strict=True)
        ]
        return [replace(lies, half=replace(inner[0], within=inner[1])), *over]


def _axis(mirror: Isometry) -> Point:
    """The way the axis of a mirroring runs."""
    angle = math.atan2(mirror.turn.imag, mirror.turn.real) / 2
    return math.cos(angle), math.sin(angle)


def close(a: Sequence[Point], b: Sequence[Point], length: float) -> bool:
    """Whether two lines of as many points lie on each other."""
    most = max(_LEAST, _SHARE * length)
    return all(math.dist(p, q) <= most for p, q in zip(a, b, strict=True))


def outline_of(piece: Piece, net: Collection[str] = ()) -> tuple[Point, ...]:
    """The cut outline of a piece, but for edges whose allowance is out of sight: those end on the stitch line."""
    outline = piece.cut_outline
    if net and piece.cut_as is None:
        distances = [0.0 if edge.key in net else edge.allowance for edge in piece.edges for _ in edge.path]
        try:
            outline = offset_outline(piece.stitch_outline, distances)
        except OffsetError:
            outline = piece.stitch_outline
    return tuple(flatten(outline, ROUND))


def centre_of(points: Iterable[Point]) -> Point:
    """The middle of the box round some points."""
    xs, ys = zip(*points, strict=True)
    return (min(xs) + max(xs)) / 2, (min(ys) + max(ys)) / 2
