"""Bodies that are closed, drawn in space: which cloth is seen from outside and from inside, and the edges on them."""

from __future__ import annotations

import math
from collections.abc import Collection, Sequence

import shapely

from ..frozen import frozen
from ..making.sewn import Copied
from ..pattern import EdgeUse, Gap, Role
from ..pattern.picture import Cloth, Face, Letter, LineKind, Spot
from ..pattern.walk import Leg, legs
from ..plane import Point
from .flat import centre_of
from .moment import Moment
from .scene import Scene, free_spot, gap_on, spans, stops
from .space import Key

# An edge is looked at in so many places at least.
_LOOKS, _BENT = 7, 33
# A corner is looked at from both sides of it, so near (mm).
_BESIDE = 0.05
# Stitches that hold a foot lie so far into what they hold.
_INTO = 0.12


@frozen
class Skin:
    """What of a body is seen from outside, by which face, and what is seen where one looks into it."""

    copies: tuple[Copied, ...]
    face: Face
    inside: Role | None
    inside_face: Face


def skin_of(moment: Moment, body: Sequence[Copied], layer: str | None = None) -> Skin:
    """How a body looks as things stand, when ``layer`` of it is worked on: of a bag with its lining that is what is in hand."""
    linings = tuple(c for c in body if c[2] == "lining")
    outers = tuple(c for c in body if c[2] != "lining")
    wrong = moment.wrong_out(body)
    if (
        not linings
        or not moment.shown(outers)
        or not moment.shown(linings)
        or set(moment.shown(outers)) & set(moment.shown(linings)) == set()
    ):
        return _single(moment, body)
    if layer == "lining":
        return _single(moment, linings)
    if not wrong:
        return Skin(outers, "right", "lining", "right")
    if moment.nested or not moment.wrong_out(outers):
        # The outer hangs in the lining, right side to right side.
        return Skin(linings, "wrong", "outer", "wrong")
    return _single(moment, outers)


def _single(moment: Moment, body: Sequence[Copied]) -> Skin:
    wrong = moment.wrong_out(body)
    return Skin(tuple(body), "wrong" if wrong else "right", None, "right" if wrong else "wrong")


class Standing(Scene):
    """Bodies in space, seen from a corner above, or with the ``base_up``."""

    def __init__(self, moment: Moment, base_up: bool = False) -> None:
        super().__init__()
        self.moment, self.base_up = moment, base_up
        self.surface = moment.surface(base_up)
        self.shift: dict[Copied, Point] = {}
        # What is seen from its right side: what lies within it does not show.
        self.before: set[Key] = set()

    def own(self, skin: Skin) -> list[Key]:
        """What of a body is the form's own surface."""
        return [key for key in self.moment.shown(skin.copies) if self.surface.lies_open(key)]

    def body(self, skin: Skin, shift: Point = (0.0, 0.0), among: Collection[Key] = ()) -> None:
        """Draws one, with its letters; what is ``among`` others as far as those leave it to be seen."""
        moment, x, y = self.moment, *shift
        shown, own = moment.shown(skin.copies), self.own(skin)
        # What is carried lies on the rest; a lining that is carried lies behind it.
        on = [key for key in shown if key not in own and (not own or shown[key][2] != "lining")]
        self.shift.update(dict.fromkeys(skin.copies, shift))
        before = own if skin.face == "right" else ()
        self.before |= set(before)
        letters: dict[str, tuple[float, shapely.Geometry, Role | None]] = {}
        for seen in (*self.surface.seen(own, among), *self.surface.seen(on, before)):
            id, copy, role = shown[seen.piece, seen.copy]
            face: Face = skin.face if seen.outside else skin.inside_face
            if not seen.outside and skin.inside is not None and role is not None:
                role = skin.inside
                # Of a lining of its own that is round its outer that is seen inside.
                outer = id.removesuffix("-lining")
                id = outer if role == "outer" and outer in moment.by_id else id
            ring = tuple((p + x, q + y) for p, q in seen.ring)
            holes = tuple(tuple((p + x, q + y) for p, q in hole) for hole in seen.holes)
            covered = moment.covered.get((id, role)) if face == "wrong" else None
            self.cloths.append(Cloth(id, copy, role, face, ring, covered, holes=holes))
            own_lining = moment.by_id.get(f"{id}-lining") if role == "lining" and skin.inside == "lining" else None
            name, weight = (own_lining or moment.by_id[id]).letter, seen.area * (4.0 if seen.outside else 1.0)
            if role is not None and weight > letters.get(name, (0.0,))[0]:
                letters[name] = weight, shapely.Polygon(ring, holes).buffer(0), role
        for name, (_, shape, role) in sorted(letters.items(), key=lambda item: -item[1][0]):
            self._letter(name, shape, role)

    def _letter(self, name: str, shape: shapely.Geometry, role: Role | None) -> None:
        """A letter where it has room, closer to others where there is little, on them where there is none."""
        others = [item for item in self.over if isinstance(item, Letter)]
        rooms = (free_spot(shape, others, share * self.size) for share in (0.08, 0.04, 0.0))
        at = next((at for at in rooms if at is not None), None)
        if at is not None:
            self.over.append(Letter(name, at, role))

    def carried(self, part: Copied) -> None:
        """A part where the finished make carries it, or hanging before the cloth: what hangs behind is not seen."""
        hangs = part[0] in self.moment.hanging
        found = self.surface.seen([part[:2]], () if hangs else self.before)
        found = [seen for seen in found if seen.outside or not hangs]
        for seen in found:
            self.cloths.append(Cloth(part[0], part[1], part[2], "right", seen.ring, holes=seen.holes))
        if found and part[2] is not None:
            largest = max(found, key=lambda seen: seen.area)
            self._letter(
                self.moment.by_id[part[0]].letter, shapely.Polygon(largest.ring, largest.holes).buffer(0), part[2]
            )

    def tacked(self, part: Copied) -> bool:
        """The stitches that hold by its foot what hangs from an edge; false where the side that is drawn shows nothing of it."""
        outside = [seen for seen in self.surface.seen([part[:2]]) if seen.outside]
        for seen in outside:
            (ax, ay), (bx, by) = max(
                zip(seen.ring, (*seen.ring[1:], seen.ring[0]), strict=True), key=lambda side: side[0][1] + side[1][1]
            )
            x, y = centre_of(seen.ring)
            foot = [(px + (x - px) * _INTO, py + (y - py) * _INTO) for px, py in ((ax, ay), (bx, by))]
            self.line("sew", foot)
        return bool(outside)

    def edge(
        self,
        kind: LineKind,
        uses: Sequence[EdgeUse],
        layer: Role,
        gap: Gap | None = None,
        only_gap: bool = False,
        inside: float = 0.0,
        named: bool = True,
    ) -> list[Point]:
        """A line along edges, or so far ``inside`` them (mm), dashed where it lies behind, with a gap in it left open, or that alone; gives
        its points in front. Where it stands for another edge it is not ``named``."""
        front: list[Point] = []
        for leg in legs([self.moment.by_id[use.piece] for use in uses], uses):
            copy = self.moment.sewn.copy(leg.use, layer)
            inner = gap_on(self.moment.teller.by_id, leg, gap)
            if only_gap and inner is None:
                continue
            for opened, start, end in spans(leg.start, leg.end, inner):
                if only_gap and not opened:
                    continue
                for near, path in self._runs(leg, copy, start, end, inside):
                    use = leg.use if named else None
                    self.line("open" if opened and not only_gap else kind, path, use, hidden=not near)
                    front += path if near else []
                if opened and not only_gap:
                    ends = [self.place(leg, copy, at) for at in (start, end)]
                    self.over += [Spot("gap-end", at[0]) for at in ends if at is not None]
        return front

    def place(self, leg: Leg, copy: Copied, at: float, inside: float = 0.0) -> tuple[Point, bool] | None:
        """Where a point of a leg, or one so far inside it, is drawn, and whether it lies in front."""
        point = leg.at(at)
        if inside > 0:
            (ax, ay), (bx, by) = leg.at(max(leg.start, at - 1.0)), leg.at(min(leg.end, at + 1.0))
            length = (math.hypot(bx - ax, by - ay) or 1.0) * (-1.0 if leg.use.reversed else 1.0)
            point = point[0] - (by - ay) / length * inside, point[1] + (bx - ax) / length * inside
        key = self.moment.key(leg.use.piece, leg.use.copy)
        found = None if key is None else self.surface.on(key, point)
        if found is None:
            return None
        x, y = self.shift.get(copy, (0.0, 0.0))
        return (found.at[0] + x, found.at[1] + y), found.outside

    def _runs(self, leg: Leg, copy: Copied, start: float, end: float, inside: float) -> list[tuple[bool, list[Point]]]:
        runs: list[tuple[bool, list[Point]]] = []
        key = self.moment.key(leg.use.piece, leg.use.copy)
        # A straight edge of a piece that is bent is an arc, of one that is folded it has corners.
        bent = key is not None and self.surface.bends(key)
        # Beside its edge it may bend elsewhere.
        looks = stops(leg, start, end, _BENT if bent or inside else _LOOKS)
        if key is not None and not bent:
            folds = self.surface.folds(key, leg.edge.path)
            folds = [leg.end - at if leg.use.reversed else leg.start + at for at in folds]
            beside = (at + side for at in folds for side in (-_BESIDE, _BESIDE))
            looks = sorted({*looks, *(at for at in beside if start < at < end)})
        for at in looks:
            spot = self.place(leg, copy, at, inside)
            if spot is None:
                continue
            if not runs or runs[-1][0] != spot[1]:
                runs.append((spot[1], [runs[-1][1][-1]] if runs else []))
            runs[-1][1].append(spot[0])
        return runs


def height_of(moment: Moment, uses: Sequence[EdgeUse], copies: Sequence[Copied]) -> float | None:
    """How high edges lie on the form, as a share of its height; None where it has none."""
    surface, found = moment.surface(), []
    for leg in legs([moment.by_id[use.piece] for use in uses], uses):
        key = moment.key(leg.use.piece, leg.use.copy)
        at = None if key is None else surface.on(key, leg.at((leg.start + leg.end) / 2))
        if at is not None:
            found.append(at.space[2])
    low, high = surface.heights(moment.shown(copies))
    return (sum(found) / len(found) - low) / (high - low) if found and high - low > 5.0 else None
