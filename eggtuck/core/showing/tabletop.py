"""Bodies drawn as they lie on the table, the upper a little aside of the lower."""

from __future__ import annotations

import math
from collections.abc import Collection, Iterable, Iterator, Mapping, Sequence
from itertools import product

import shapely

from ..making.sewn import Copied
from ..pattern import EdgeUse, Gap, Role
from ..pattern.picture import Cloth, Frame, Letter, Line, LineKind, Note
from ..pattern.walk import legs
from ..plane import Point, Segment, flatten, stretch
from ..words import msg
from .flat import ROUND, Placed, centre_of, outline_of
from .isometry import Isometry
from .moment import Moment
from .scene import SEAM, Scene, box_of, free_spot, gap_along, gap_on, spans, stitched, stops
from .straps import is_made, made_strip

# The upper of two is moved by so much of the size, so that the lower shows.
SHIFT = 0.035


def larger(ring: Sequence[Point], over: float) -> tuple[Point, ...]:
    """An outline moved outward all round (mm), its corners kept."""
    wide = shapely.Polygon(ring).buffer(over, join_style="mitre")
    return tuple(wide.exterior.coords)[:-1]


def with_hidden(moment: Moment, named: Collection[str], copies: Iterable[Copied], whole: Frame) -> tuple[Frame, ...]:
    """A frame, and each by itself what of the pieces that are ``named`` it does not show."""
    seen = {item.text for item in whole.items if isinstance(item, Letter)}
    hidden: dict[str, Copied] = {}
    for copy in copies:
        letter = moment.by_id[copy[0]].letter
        if copy[2] is not None and copy[0] in named and letter not in seen:
            hidden.setdefault(letter, copy)
    return (whole, *(_by_itself(moment, copy).frame() for copy in hidden.values()))


def _by_itself(moment: Moment, copy: Copied) -> Scene:
    piece = moment.by_id[copy[0]]
    return made_strip(piece) if is_made(moment, piece) else Tabletop(moment, [Placed(copy, Isometry(), True)])


class Tabletop(Scene):
    """Copies on the table from the bottom up, each level moved ``away`` from the one below. Of ``seamed``, by their ids, both sides lie on each other
    where they are sewn, their allowances in sight; those of the edges that are ``tucked`` are turned in."""

    def __init__(
        self,
        moment: Moment,
        placed: Sequence[Placed],
        away: Point = (1.0, 1.0),
        seamed: Collection[str] = (),
        tucked: Collection[tuple[Copied, str]] = (),
    ) -> None:
        super().__init__()
        # Opened out beside a tape the cloth lies over it, right side up, and under it, wrong side up.
        self.moment = moment
        self.placed = sorted(placed, key=lambda p: (p.level, (p.copy[2] is not None) == p.up))
        self._open = self._left_open()
        self._net = self._opened(seamed)
        for copy, key in tucked:
            self._net.setdefault(copy, set()).add(key)
        left, low, right, high = box_of([q for lies in self.placed for q in self._ring(lies)])
        far, length = SHIFT * max(right - left, high - low, 1.0), math.hypot(*away) or 1.0
        self.shift = away[0] / length * far, away[1] / length * far
        for lies in self.placed:
            self._cloth(lies)
        self._letters()

    def _opened(self, seamed: Collection[str]) -> dict[Copied, set[str]]:
        """Edges whose allowance is out of sight: behind what lies opened out beside them, or turned in."""
        net: dict[Copied, set[str]] = {}
        level = {lies.copy: (lies.level, lies.up) for lies in self.placed}
        folded = {lies.copy for lies in self.placed if lies.half is not None}
        for seam, layer in self.moment.done:
            if seam.id in seamed:
                continue
            a, b = (
                [
                    (self.moment.sewn.copy(use, layer), use.key)
                    for use in side
                    if self.moment.sewn.copy(use, layer) in level
                ]
                for side in (seam.a, seam.b)
            )
            for (one, key), others in [*((x, b) for x in a), *((x, a) for x in b)]:
                beside = any(level[other] == level[one] or folded for other, _ in others)
                turned = one not in self.moment.teller.wrong_out and self.moment.sewn.shut(one)
                turned = turned or (seam.id, layer) in self.moment.turned
                if beside or turned:
                    net.setdefault(one, set()).add(key)
        for use in self.moment.hemmed:
            for copy in level:
                if copy[:2] == (use.piece, use.copy):
                    net.setdefault(copy, set()).add(use.key)
        return net

    def _ring(self, lies: Placed) -> tuple[Point, ...]:
        ring = lies.lies.all(outline_of(self.moment.by_id[lies.copy[0]], self._net.get(lies.copy, ())))
        return lies.half.kept(ring) if lies.half is not None else ring

    def whole(self, lies: Placed) -> tuple[Point, ...]:
        """The outline of a copy as it is drawn, closed."""
        ring = self.lifted(lies, self._ring(lies))
        return (*ring, *ring[:1])

    def lifted(self, lies: Placed, points: Iterable[Point]) -> tuple[Point, ...]:
        """Where points of the table are drawn on the level of a copy."""
        return tuple((x + self.shift[0] * lies.level, y + self.shift[1] * lies.level) for x, y in points)

    def at(self, lies: Placed, point: Point) -> Point:
        """Where a point of a copy is drawn."""
        return self.lifted(lies, [lies.lies(point)])[0]

    def path(self, lies: Placed, path: Sequence[Segment]) -> tuple[Point, ...]:
        """Where a path on a copy is drawn; of one that is folded only what is on this half."""
        return self.lifted(lies, self._shown(lies, path))

    @staticmethod
    def _shown(lies: Placed, path: Sequence[Segment]) -> tuple[Point, ...]:
        points = lies.lies.all([*flatten(path, ROUND), path[-1].end])
        return points if lies.half is None else tuple(p for p in points if lies.half.holds(p))

    def _cloth(self, lies: Placed) -> None:
        id, copy, role = lies.copy
        ring = self.lifted(lies, self._ring(lies))
        if len(ring) < 3:
            return
        over = self.moment.larger.get((id, copy)) if (role,) == self.moment.by_id[id].own_cloths[:1] else None
        if over:
            self.cloths.append(Cloth(id, copy, role, "right" if lies.up else "wrong", larger(ring, over)))
        covered = None if lies.up else self.moment.covered.get((id, role))
        self.cloths.append(Cloth(id, copy, role, "right" if lies.up else "wrong", ring, covered))
        for key in self.taken(lies.copy):
            for points in self._closed(lies, self.moment.by_id[id].by_key[key].path):
                self.cloths.append(Line("sewn", points, EdgeUse(id, key, copy, role)))

    def _left_open(self) -> list[tuple[tuple[tuple[str, Role], ...], shapely.Geometry]]:
        """Where gaps are left open, each with what has an allowance there."""
        found = []
        for gap in (gap for gap in self.moment.draft.gaps if gap.id in self.moment.open):
            lines = []
            for use, lies in product(gap.edges, self.placed):
                there = gap_along(self.moment.by_id, gap, use)
                if there is not None and lies.copy[:2] == (use.piece, use.copy) and lies.copy[::2] in gap.sides:
                    path = stretch(self.moment.by_id[use.piece].by_key[use.key].path, *there)
                    lines.append(shapely.LineString(lies.lies.all([*flatten(path, ROUND), path[-1].end])))
            found.append((gap.sides, shapely.union_all(lines).buffer(SEAM, cap_style="flat")))
        return found

    def _closed(self, lies: Placed, path: Sequence[Segment]) -> Iterator[tuple[Point, ...]]:
        """What of a path on a copy is sewn: all of it but what is open for turning, on whichever side of the seam."""
        points = self._shown(lies, path)
        if len(points) < 2:
            return
        line = shapely.LineString(points)
        for sides, there in self._open:
            if lies.copy[::2] in sides:
                line = line.difference(there)
        for part in getattr(line, "geoms", [line]):
            if part.length > SEAM:
                yield self.lifted(lies, part.coords)

    def taken(self, copy: Copied) -> Iterable[str]:
        """Edges of a copy that lie in a seam."""
        uses = [(use, layer) for seam, layer in self.moment.done for use in (*seam.a, *seam.b)]
        return dict.fromkeys(use.key for use, layer in uses if self.moment.sewn.copy(use, layer) == copy)

    def _letters(self) -> None:
        """On what lies on top, and where it is seen on what lies below."""
        over: shapely.Geometry = shapely.Polygon()
        told: set[tuple[str, Role | None]] = set()
        for lies in reversed(self.placed):
            ring = self.lifted(lies, self._ring(lies))
            if len(ring) < 3:
                continue
            whole = shapely.Polygon(ring).buffer(0)
            seen = whole.difference(over)
            over = over.union(whole)
            letter = self.moment.by_id[lies.copy[0]].letter
            if seen.is_empty or (letter, lies.copy[2]) in told:
                continue
            middle = centre_of(ring)
            others = [item for item in self.over if isinstance(item, Letter)]
            at = (
                middle
                if seen.contains(shapely.Point(middle)) and not others
                else free_spot(seen, others, 0.06 * self.size)
            )
            # What is told nowhere else is told where there is little room too.
            if at is None and not any(letter == name for name, _ in told):
                at = free_spot(seen, others, 0.03 * self.size) or seen.representative_point().coords[0]
            if at is not None:
                told.add((letter, lies.copy[2]))
                self.over.append(Letter(letter, at, lies.copy[2]))

    def free_letters(self) -> None:
        """Moves letters out from under what has been laid on their pieces since."""
        parts = [shapely.Polygon(item.outline).buffer(0) for item in self.over if isinstance(item, Cloth)]
        if not parts:
            return
        laid = shapely.union_all(parts)
        for lies in self.placed:
            ring, name = self.lifted(lies, self._ring(lies)), self.moment.by_id[lies.copy[0]].letter
            for nth, item in enumerate(self.over):
                if not isinstance(item, Letter) or (item.text, item.role) != (name, lies.copy[2]):
                    continue
                if laid.distance(shapely.Point(item.at)) > 0.05 * self.size:
                    continue
                others = [other for other in self.over if isinstance(other, Letter) and other is not item]
                left = shapely.Polygon(ring).buffer(0).difference(laid.buffer(0.05 * self.size))
                at = free_spot(left, others, 0.06 * self.size) if not left.is_empty else None
                if at is not None:
                    self.over[nth] = Letter(item.text, at, item.role, item.times)

    def mark(self, kind: LineKind, lies: Placed, path: Sequence[Segment], use: EdgeUse | None = None) -> None:
        """A line along a path on a copy."""
        self.line(kind, self.path(lies, path), use)

    def sew(
        self,
        side: Sequence[EdgeUse],
        layer: Role,
        on: Mapping[Copied, Placed],
        gap: Gap | None,
        ends: tuple[float, float] | None,
    ) -> None:
        """A line of stitching along one side of a seam, with its gap left open; ``ends`` as in `stitched`."""
        parts = []
        for leg in legs([self.moment.by_id[use.piece] for use in side], side):
            lies = on.get(self.moment.sewn.copy(leg.use, layer))
            if lies is None:
                continue
            for opened, start, end in spans(leg.start, leg.end, gap_on(self.moment.teller.by_id, leg, gap)):
                points = [self.at(lies, leg.at(at)) for at in stops(leg, start, end)]
                parts.append((opened, points, leg.use))
        stitched(self, parts, ends)
        self._told(parts, gap)

    def _told(self, parts: Sequence[tuple[bool, Sequence[Point], EdgeUse]], gap: Gap | None) -> None:
        """How long what is left open is, beside it."""
        for opened, points, _ in parts:
            if opened and gap is not None:
                (x, y), (u, v) = points[len(points) // 2], self._middle
                far = 0.06 * self.size / (math.dist((x, y), (u, v)) or 1.0)
                self.note(msg("picture.open", length=gap.length), (x + (u - x) * far, y + (v - y) * far))
                break

    @property
    def _middle(self) -> Point:
        left, low, right, high = self.box
        return (left + right) / 2, (low + high) / 2

    def allowance(self, width: float) -> None:
        """How far from the raw edge is sewn, beside the stitching."""
        line = next((item for item in self.over if isinstance(item, Line) and item.kind == "sew"), None)
        if line is None:
            return
        run, (u, v) = shapely.LineString(line.path), self._middle
        others = [item.at for item in self.over if isinstance(item, (Letter, Note))]
        places = []
        for share in (0.5, 0.3, 0.7, 0.15, 0.85):
            at = run.interpolate(share, normalized=True)
            far = 0.08 * self.size / (math.dist((at.x, at.y), (u, v)) or 1.0)
            places.append((at.x + (u - at.x) * far, at.y + (v - at.y) * far))
        clear = 0.14 * self.size
        near = [min((math.dist(place, other) for other in others), default=clear) for place in places]
        # In the middle where there is room, else where most is.
        x, y = next((p for p, d in zip(places, near, strict=True) if d >= clear), places[near.index(max(near))])
        self.note(msg("picture.allowance", allowance=width), (x, y))
