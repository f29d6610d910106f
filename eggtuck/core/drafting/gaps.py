"""The turning gap: one rule for how long it is and where it lies."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from ..checks.turning import gap_needed
from ..frozen import frozen
from ..lengths import Grid
from ..pattern import EdgeUse, Role, Seam, SpecError
from ..plane import Segment
from ..shop import EQUAL, GAP_ENDS, GAP_LEAST, GAP_ROOMY, GAP_SHARE, GAP_STRAIGHT
from ..words import msg
from .spec import Spec


@frozen
class Settled:
    """How long the gap is, what was proposed, and what turning takes (mm); whether the maker told it."""

    length: float
    proposed: float
    needed: float
    given: bool
    usable: float

    def between(self, lead: float, spec: Spec) -> tuple[float, float]:
        """Where it starts and ends (mm): in the middle of what can be open, on a mark where that leaves it within."""
        start = lead + (self.usable - self.length) / 2
        marked = spec.on_grid(start)
        if lead <= marked and marked + self.length <= lead + self.usable:
            start = marked
        return start, start + self.length


def settle_gap(spec: Spec, usable: float, girth: float, thickness: float) -> Settled:
    """The gap in a seam that can be open for ``usable`` mm, for a make ``girth`` mm round and ``thickness`` mm of layers. Raises
    `SpecError` when a gap asked for is longer than its seam."""
    needed = gap_needed(girth, thickness)
    step = Grid(25.4 / 4 if spec.ruler.unit == "in" else 5.0)
    most = step.round(usable * GAP_SHARE, "down")
    if most < needed:
        most = max(spec.on_grid(usable * GAP_SHARE, "down"), spec.on_grid(min(needed, usable - GAP_ENDS), "up"))
    proposed = min(step.round(max(GAP_LEAST, needed * GAP_ROOMY), "up"), most)
    proposed = max(min(proposed, usable), 0.0)
    length = spec.size.get("gap", proposed)
    if length > usable + 1e-6:
        limit = max(10.0, usable - 2 * GAP_ENDS)
        raise SpecError.of("size.gap", msg("problem.gap-long", gap=length, seam=usable, limit=limit))
    return Settled(length, proposed, needed, "gap" in spec.size, usable)


def straight_stretch(path: Sequence[Segment], start: float, end: float) -> tuple[float, float]:
    """Where the longest straight stretch of a path between two distances begins, and how long it is (mm); all of it where none is
    long enough, of two alike the first. Segments that run on in one line are one stretch."""
    best, run, gone = (start, end - start, False), 0.0, 0.0
    longest = 0.0
    before: Segment | None = None
    for segment in path:
        first, last = max(start, gone), min(end, gone + segment.length)
        if last > first and segment.bulge == 0:
            run = run + (last - first) if before is not None and _in_line(before, segment) else last - first
            if run > longest + EQUAL:
                longest, best = run, (last - run, run, True)
            before = segment
        else:
            before, run = None, 0.0
        gone += segment.length
    lead, length, straight = best
    return (lead, length) if straight and length >= min(GAP_STRAIGHT, end - start) else (start, end - start)


def open_sides(
    seam: Seam, edges: Sequence[EdgeUse], along: float, layer: Role, length_of: Callable[[EdgeUse], float]
) -> tuple[tuple[str, Role], ...]:
    """The pieces whose allowances lie open at a gap, each in its cloth: what the gap's ``edges`` are of, and where those are all on one side of
    the seam what lies against them on the other, ``along`` mm from where the first begins."""
    uses = [edges[0]]
    for side, other in ((seam.a, seam.b), (seam.b, seam.a)):
        if edges[0] in side:
            against = [use for use in edges if use in other]
            uses.append(against[0] if against else _against(side, other, edges[0], along, length_of))
            break
    return tuple(dict.fromkeys((use.piece, use.layer or layer) for use in uses))


def _against(
    side: Sequence[EdgeUse],
    other: Sequence[EdgeUse],
    edge: EdgeUse,
    along: float,
    length_of: Callable[[EdgeUse], float],
) -> EdgeUse:
    """What lies on the other side of a seam against a point of an edge, as far along as that is."""
    at = sum(length_of(use) for use in side[: side.index(edge)])
    at += length_of(edge) - along if edge.reversed else along
    left = at / sum(map(length_of, side)) * sum(map(length_of, other))
    for use in other:
        left -= length_of(use)
        if left <= EQUAL:
            return use
    return other[-1]


def _in_line(a: Segment, b: Segment) -> bool:
    (ux, uy), (vx, vy) = a.tangent(at_end=True), b.tangent()
    return abs(ux * vy - uy * vx) < 1e-9 and ux * vx + uy * vy > 0
