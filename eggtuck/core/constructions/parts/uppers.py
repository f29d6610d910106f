"""The upper edge of a piece: level on most, bent on the wall of a cone and all round a bowl, where how far below it something lies is how far away from
it."""

from __future__ import annotations

import math
from collections.abc import Sequence

from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...frozen import frozen
from ...making.naming import thing_name
from ...pattern import Check, Edge, Piece
from ...plane import Point, Segment, crossings, distance_from
from ...shop import EQUAL
from ...words import Param, msg

# A level is looked for in so many steps from above, and each of them halved so often: to less than a hundredth of a millimetre.
_STEPS, _HALVED = 24, 14


def is_closed(edge: Edge) -> bool:
    """Whether an edge runs all round its piece."""
    return math.dist(edge.path[0].start, edge.path[-1].end) < EQUAL


def is_dart(edge: Edge) -> bool:
    """Whether an edge is the leg of a dart, which is sewn up: no edge of the finished piece."""
    return edge.key.startswith("dart")


def upper_edge(piece: Piece) -> Edge:
    """The uppermost edge of a piece; where there are several the longest, of two alike the first."""
    edges = uppermost(piece)
    longest = max(edge.length for edge in edges)
    return next(edge for edge in edges if edge.length > longest - EQUAL)


def uppermost(piece: Piece) -> list[Edge]:
    """Its uppermost edges: one, but for an end that is in two halves."""
    edges = [edge for edge in piece.edges if not is_dart(edge)]
    top = max(map(_height, edges))
    return [edge for edge in edges if _height(edge) > top - EQUAL]


def check_doubled(make: Make, request: PartRequest) -> None:
    """Tells that the finished top of the host is a fold, where it is: what lies along its raw upper edge is hidden at its foot."""
    if make.host.double_fold is not None:
        say: dict[str, Param] = {
            "part": request.kind.name,
            "piece": msg("thing.the", thing=thing_name(make.host, None)),
        }
        title, text = msg("check.top-folded", **say), msg("check.top-folded.text", **say)
        make.checks.append(Check(f"part.{request.id}.folded", "stop", title, text))


def lower_edge(piece: Piece) -> Edge:
    """The lowermost edge of a piece."""
    return min((edge for edge in piece.edges if not is_dart(edge)), key=_height)


def _height(edge: Edge) -> float:
    return sum(s.start[1] + s.end[1] for s in edge.path) / len(edge.path)


@frozen
class Bent:
    """An upper edge that does not run level: its ``path`` (net, mm), its ``allowance`` (mm), the stitch ``outline`` below it, and whether it
    is ``whole``, not parted by darts."""

    path: tuple[Segment, ...]
    allowance: float
    outline: Sequence[Point]
    whole: bool

    def down_to(self, point: Point) -> float:
        """How far below the finished edge a point lies, by the shortest way (mm)."""
        return distance_from(self.path, point)

    def is_level_at(self, x: float) -> bool:
        """Whether it runs level there."""
        level = (s for s in self.path if not s.bulge and abs(s.end[1] - s.start[1]) < EQUAL)
        return any(min(s.start[0], s.end[0]) <= x <= max(s.start[0], s.end[0]) for s in level)

    def below(self, down: float) -> tuple[Segment, ...]:
        """The line that lies so far below the edge all the way, side to side as it runs; nothing where it bends too sharply for one."""
        # Outlines run anticlockwise: the piece lies left of its upper edge, as does the centre of what turns left.
        found = []
        for s in self.path:
            if s.bulge:
                share = 1 - math.copysign(down / s.radius, s.bulge)
                if share <= 0:
                    return ()
                (cx, cy), ends = s.center, (s.start, s.end)
                a, b = ((cx + (x - cx) * share, cy + (y - cy) * share) for x, y in ends)
            else:
                dx, dy = s.tangent()
                a, b = ((x - dy * down, y + dx * down) for x, y in (s.start, s.end))
            found.append(Segment(a, b, s.bulge))
        return tuple(found)

    def level(self, x: float, down: float) -> float:
        """How high the uppermost place lies that is so far below the edge at ``x``, or the lowest there is where none is so low (mm)."""
        found = crossings(self.outline, x, "x")
        if not found:
            return max(y for _, y in self.outline) - down
        high, low = max(found), min(found)
        above, best = high, (self.down_to((x, high)), high)
        for nth in range(1, _STEPS + 1):
            below = high - (high - low) * nth / _STEPS
            away = self.down_to((x, below))
            if away >= down:
                return self._between(x, down, above, below)
            best, above = max(best, (away, below)), below
        return best[1]

    def _between(self, x: float, down: float, above: float, below: float) -> float:
        for _ in range(_HALVED):
            middle = (above + below) / 2
            if self.down_to((x, middle)) >= down:
                below = middle
            else:
                above = middle
        return below


def bent_upper(piece: Piece) -> Bent | None:
    """The upper edge of a piece where that is bent and ends, or goes on over darts; None where it is level or the piece is round as a whole, and stands
    on its edge."""
    if piece.square_top:
        return None
    edge = upper_edge(piece)
    edges = [one for one in piece.edges if one.name == edge.name]
    path = tuple(s for one in edges for s in one.path)
    if is_closed(edge) or all(not s.bulge and abs(s.end[1] - s.start[1]) < EQUAL for s in path):
        return None
    return Bent(path, edge.allowance, piece.stitch_points, len(edges) == 1)
