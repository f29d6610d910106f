"""What has been sewn so far: which corners lie on each other, what hangs together, what is closed to a tube.

A make is sewn up like a surface is glued together. A corner of a copy is a point; each seam makes the corners of its two sides one. From that
alone follows where a seam begins and ends, whether it goes all the way round, what it crosses, and whether anything is flat any more.
"""

from __future__ import annotations

import math
from collections.abc import Hashable, Iterable, Iterator, Mapping, Sequence
from dataclasses import replace
from itertools import pairwise
from typing import Final

from ..frozen import frozen
from ..pattern import Edge, EdgeUse, Piece, Role, Seam
from ..pattern.walk import SAME, Leg, legs
from ..plane import Point
from ..words import Message, msg

# Ends that are nearer are one corner (mm).
_ONE: Final = 0.01

# What the left and the right half of an edge are called together.
_WHOLE: Final[Mapping[str, Message]] = {
    "base": msg("edge.base"),
    "base-back": msg("edge.base"),
    "end": msg("edge.end"),
    "upper": msg("edge.upper-end"),
    "lower": msg("edge.lower-end"),
}

# A copy of a piece in one cloth.
Copied = tuple[str, str, Role | None]
# An edge of a piece in one cloth.
Along = tuple[Piece, Edge, Role | None]


@frozen
class End:
    """Where a seam begins or ends: the seam that lies there, or else the ``edge`` that leaves from there; neither where its own two
    sides run together, as at the point of a dart. It may end on a ``tape``, in the middle of it. Where the two sides of it end at both
    halves of an edge, which lie on each other there, the ``whole`` of that is told."""

    edge: Edge | None = None
    seam: Seam | None = None
    tape: bool = False
    whole: Message | None = None


@frozen
class Passage:
    """The way of one seam: from ``start`` to ``end``, or ``round`` and round; ``crossed`` are the seams it is sewn over."""

    seam: Seam
    start: End
    end: End
    round: bool
    crossed: tuple[Seam, ...]


class _Joined:
    """Things that became one, as a forest."""

    def __init__(self) -> None:
        self._above: dict[Hashable, Hashable] = {}

    def of(self, thing: Hashable) -> Hashable:
        while thing in self._above:
            thing = self._above[thing]
        return thing

    def join(self, one: Hashable, other: Hashable) -> bool:
        """Makes two one; False where they were already."""
        one, other = self.of(one), self.of(other)
        if one == other:
            return False
        self._above[one] = other
        return True


class Sewn:
    """The state of what is sewn, seam by seam."""

    def __init__(self, pieces: Iterable[Piece]) -> None:
        self.pieces = tuple(pieces)
        self._by_id = {piece.id: piece for piece in self.pieces}
        self._corners, self._bodies = _Joined(), _Joined()
        # Where the corners of each piece are, as they come.
        self._spots: dict[str, list[Point]] = {}
        self._closed: set[Hashable] = set()
        # Seams that end at a corner, and the seam each edge of each copy lies in.
        self._ends: list[tuple[Hashable, Seam]] = []
        self._taken: dict[tuple[Copied, str], Seam] = {}
        # Edges that lie between two sides and are held by their seam.
        self._caught: dict[tuple[Copied, str], Seam] = {}
        self._copies: dict[Copied, None] = {}

    def role(self, use: EdgeUse, layer: Role) -> Role | None:
        """The cloth of an edge as it is sewn in one layer; None of what is bought, as a zip."""
        piece = self._by_id[use.piece]
        wanted = use.layer or layer
        return wanted if wanted in piece.own_cloths else next(iter(piece.own_cloths), piece.sewn_up)

    def copy(self, use: EdgeUse, layer: Role) -> Copied:
        return use.piece, use.copy, self.role(use, layer)

    def copies(self, seam: Seam, layer: Role) -> tuple[tuple[Copied, ...], tuple[Copied, ...]]:
        """What lies on each side of a seam, each copy once."""
        a, b = (tuple(dict.fromkeys(self.copy(use, layer) for use in side)) for side in (seam.a, seam.b))
        return a, b

    def along(self, uses: Iterable[EdgeUse], layer: Role) -> tuple[Along, ...]:
        """The edges that lie in a seam, each in its cloth."""
        return tuple(
            (self._by_id[use.piece], self._by_id[use.piece].by_key[use.key], self.role(use, layer)) for use in uses
        )

    def body(self, copy: Copied) -> Hashable:
        """What a copy hangs together with."""
        return self._bodies.of(copy)

    def closed(self, copy: Copied) -> bool:
        """Whether it is no longer flat: a seam has joined it to itself, or all its edges to others all round."""
        return self.body(copy) in self._closed or not self._free(copy)

    def shut(self, copy: Copied) -> bool:
        """Whether something that has been sewn has closed it: by itself a copy lies flat."""
        return copy in self._copies and self.closed(copy)

    def _free(self, copy: Copied) -> bool:
        """Whether anything that hangs together with it has an edge that is in no seam yet."""
        return any(
            (other, edge.key) not in self._taken and (other, edge.key) not in self._caught
            for other in self.with_(copy)
            if other[2] is not None
            for edge in self._by_id[other[0]].edges
        )

    @property
    def everything(self) -> tuple[Copied, ...]:
        """Every copy that lies in a seam."""
        return tuple(self._copies)

    def with_(self, copy: Copied) -> tuple[Copied, ...]:
        """Every copy that hangs together with this one."""
        body = self.body(copy)
        return tuple(other for other in self._copies if self.body(other) == body)

    def taken(self, copy: Copied, edge: str) -> Seam | None:
        """The seam an edge of a copy has been sewn in."""
        return self._taken.get((copy, edge))

    def passage(self, seam: Seam, layer: Role) -> Passage:
        """The way of a seam as it would be sewn now."""
        sides = self._sides(seam, layer)
        firsts, lasts = [side[0][0] for side in sides], [side[-1][1] for side in sides]
        # Round and round where either side ends where it began: a wall closed by its seam, a disc.
        around = any(self._corners.of(f) == self._corners.of(t) for f, t in zip(firsts, lasts, strict=True))
        inner = [leg[0] for side in sides for leg in side[1:]] + (firsts if around else [])
        crossed = {seam.id: seam for corner in inner for seam in self._at(corner)}
        # A side that is cloth tells where it begins; along a tape there are no edges to tell it by.
        uses = seam.a if any(self.role(use, layer) is not None for use in seam.a) else seam.b
        others = seam.b if uses is seam.a else seam.a
        start, end = (
            self._whole(self._end(use, first, layer, seam), self._end(other, first, layer, seam))
            for use, other, first in ((uses[0], others[0], True), (uses[-1], others[-1], False))
        )
        return Passage(seam, start, end, around, tuple(crossed.values()))

    def sew(self, seam: Seam, layer: Role) -> bool:
        """Sews it; True where it closed something that was flat to a tube."""
        a, b = self._sides(seam, layer)
        for side in (a, b):
            for one, two in pairwise(side):
                self._corners.join(one[1], two[0])
        for one in a:
            for two in b:
                if abs(one[2] - two[2]) < SAME:
                    self._corners.join(one[0], two[0])
                if abs(one[3] - two[3]) < SAME:
                    self._corners.join(one[1], two[1])
        self._ends += [(corner, seam) for side in (a, b) for corner in (side[0][0], side[-1][1])]
        for use in (*seam.a, *seam.b):
            self._taken[self.copy(use, layer), use.key] = seam
        self._caught |= {(self.copy(use, layer), use.key): seam for use in seam.caught}
        (one_side, other_side), shut = self.copies(seam, layer), False
        everything = (*one_side, *other_side, *(self.copy(use, layer) for use in seam.caught))
        self._copies.update(dict.fromkeys(everything))
        was = {self.body(copy) for copy in everything} & self._closed
        together = [self._bodies.join(one, other) for one in one_side for other in other_side]
        if not any(together):
            shut = True
        for caught in seam.caught:
            self._bodies.join(self.copy(caught, layer), one_side[0])
        if was or shut:
            self._closed.add(self.body(one_side[0]))
        return shut

    def _sides(self, seam: Seam, layer: Role) -> list[list[tuple[Hashable, Hashable, float, float]]]:
        """Both sides, leg by leg: the corners it runs between, and its shares of the way."""
        return [list(self._walked(legs(self._around(side), side), layer)) for side in (seam.a, seam.b)]

    def _around(self, side: Sequence[EdgeUse]) -> list[Piece]:
        return [self._by_id[id] for id in dict.fromkeys(use.piece for use in side)]

    def _walked(self, side: Sequence[Leg], layer: Role) -> Iterator[tuple[Hashable, Hashable, float, float]]:
        length = side[-1].end or 1.0
        for leg in side:
            copy = self.copy(leg.use, layer)
            corners = self._corner(copy, leg.edge, True), self._corner(copy, leg.edge, False)
            first, last = corners[::-1] if leg.use.reversed else corners
            yield first, last, leg.start / length, leg.end / length

    def _corner(self, copy: Copied, edge: Edge, start: bool) -> Hashable:
        """The corner of a copy at an end of an edge; ends no further apart than sums come out are one."""
        end = edge.path[0].start if start else edge.path[-1].end
        known = self._spots.setdefault(copy[0], [])
        nth = next((nth for nth, spot in enumerate(known) if math.dist(spot, end) < _ONE), len(known))
        if nth == len(known):
            known.append(end)
        return copy, nth

    def _at(self, corner: Hashable) -> Iterator[Seam]:
        """The seams that end at a corner, or at one sewn to it."""
        here = self._corners.of(corner)
        return (seam for spot, seam in self._ends if self._corners.of(spot) == here)

    @staticmethod
    def _whole(end: End, other: End) -> End:
        one, two = end.edge, other.edge
        if one is None or two is None or end.seam is not None or other.seam is not None or one.piece != two.piece:
            return end
        halves = {one.key, two.key}
        whole = next((name for key, name in _WHOLE.items() if halves == {f"{key}-left", f"{key}-right"}), None)
        return end if whole is None else replace(end, whole=whole)

    def _end(self, use: EdgeUse, first: bool, layer: Role, seam: Seam) -> End:
        piece, copy = self._by_id[use.piece], self.copy(use, layer)
        if use.piece == "zip":
            return End(tape=True)
        edge = piece.by_key[use.key]
        at_start = first != use.reversed
        corner = self._corner(copy, edge, at_start)
        beside = next(
            (
                other
                for other in piece.edges
                if other.key != use.key and self._corner(copy, other, not at_start) == corner
            ),
            None,
        )
        if beside is None:
            return End()
        if any((u.piece, u.copy, u.key) == (use.piece, use.copy, beside.key) for u in (*seam.a, *seam.b)):
            return End()
        held = self._caught.get((copy, beside.key))
        if held is not None and any(other.piece == "zip" for other in (*held.a, *held.b)):
            # Caught in the seam of a zip it ends there as what is sewn to the zip does.
            return End(tape=True)
        return End(beside, self.taken(copy, beside.key))
