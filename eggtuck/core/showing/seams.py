"""Seams as they are sewn: one side laid on the other, folded in two, or drawn together where nothing lies flat any more."""

from __future__ import annotations

import math
from collections.abc import Callable, Collection, Mapping, Sequence
from dataclasses import replace
from functools import partial
from typing import cast

import shapely

from ..making.operation import Operation
from ..making.seaming import Seaming
from ..making.sewn import Copied, End
from ..pattern import EdgeUse, Piece, Role, Seam
from ..pattern.picture import Cloth, Frame, Letter, Line, LineKind, Spot
from ..plane import Point
from ..words import msg
from .flat import Half, Placed, SeamIn, Table, centre_of, close, outline_of
from .isometry import Isometry
from .moment import Moment
from .parts import footprint, tacked_ring, tacked_size
from .scene import Scene, beside, free_spot, spread
from .standing import Skin, Standing, height_of, skin_of
from .tabletop import Tabletop, with_hidden

# What is caught lies along a seam where it is at least this share of it.
_MOST_OF = 0.6
# So many seams at most were sewn in one before.
_BEFORE = 3

Side = Callable[[SeamIn], Sequence[EdgeUse]]


def seam_frames(moment: Moment, done: Operation) -> tuple[Frame, ...]:
    """The frames of an operation that sews seams."""
    if done.lay is not None and done.lay.id in ("lay.binding", "lay.binding-back"):
        copies, _ = moment.teller.taken_by(done)
        return with_hidden(moment, {copy[0] for copy in copies}, copies, _bound(moment, done))
    if done.faces is not None and done.faces.id == "faces.crossed":
        return (_crossed(moment, done),)
    if done.faces is not None and done.faces.id == "faces.seam-on-seam":
        seam = done.seams[0]
        return (opened_corner(moment, seam, done.layers_of(seam)[0], len(done.seams)),)
    told = Seaming(done, moment.sewn, moment.teller.pressed, {})
    seams = [(seam, done.layers_of(seam)[0]) for seam in done.seams]
    drawing = Drawing(moment, done, told, seams)
    frame = drawing.on_the_table() or drawing.closing() or drawing.apart()
    return with_hidden(moment, done.pieces or {copy[0] for copy in told.copies}, told.copies, frame)


class Drawing:
    """One operation that sews ``seams``."""

    def __init__(self, moment: Moment, done: Operation, told: Seaming, seams: Sequence[SeamIn]) -> None:
        self.moment, self.done, self.seams = moment, done, seams
        self.table = moment.table
        self.ways = told.ways
        self.right_up = done.faces is None or done.faces.id != "faces.wrong-together"

    def _scene(self, placed: Sequence[Placed], away: Point = (1.0, 1.0), seamed: Collection[str] = ()) -> Tabletop:
        """Copies on the table, the allowances turned in of what is stitched beside its folds."""
        along = self.done.along.id if self.done.along is not None else ""
        tucked = [
            (self.moment.sewn.copy(use, layer), use.key)
            for seam, layer in (self.seams if along.startswith("along.edge") else ())
            for use in (*seam.a, *seam.b)
        ]
        return Tabletop(self.moment, placed, away, seamed, tucked)

    def copy(self, uses: Sequence[EdgeUse], layer: Role) -> Copied:
        """The first copy of cloth along a side, else what is bought."""
        copies = [self.moment.sewn.copy(use, layer) for use in uses]
        return next((copy for copy in copies if copy[2] is not None), copies[0])

    # On the table ----------------------------------------------------------------------------------------------

    def on_the_table(self) -> Frame | None:
        """Both sides on the table, edge on edge, the upper a little aside; None where they do not lie so."""
        seams = self.seams
        first, second = (self.copy(side, seams[0][1]) for side in (seams[0][0].a, seams[0][0].b))
        if first[2] is None:
            # What is bought is laid on the cloth.
            seams = [(replace(s, a=s.b, b=s.a), role) for s, role in seams]
            first, second = second, first
        if set(self.moment.body(first)) & set(self.moment.body(second)):
            flat = self._as_sewn(first, self._opened()) or self._as_sewn(first) or self._folded(first)
            flat = flat or self._folded_again(first) or self._folded_over(first)
            if flat is None and {c[2] for c in self.moment.body(first)} - {first[2], None}:
                # Two of one cloth, what hangs from them in another folded back, be that closed.
                flat = self._laid(seams, first, second, ((first,), (second,)))
            return flat
        return self._laid(seams, first, second) or (self._laid(seams[:1], first, second) if len(seams) > 1 else None)

    def _laid(
        self, seams: Sequence[SeamIn], first: Copied, second: Copied, hands: Sequence[Sequence[Copied]] = ()
    ) -> Frame | None:
        """One body on the other for these seams, or what of them is in hand; of several that each join two of their own, the first."""
        hands = hands or [self.moment.in_hand(copy, self.done.layer) for copy in (first, second)]
        for stacked, on_it in ((False, False), (False, True), (True, False), (True, True)):
            below = self.table.laid(first, stacked=stacked, up=self.right_up, only=hands[0])
            above = self.table.laid(second, stacked=on_it, up=not self.right_up, only=hands[1])
            moved = self.table.face_to_face(seams, below, above) if below and above else None
            if below is not None and moved is not None:
                more = self._as_one(first, below, moved)
                if stacked and on_it:
                    below, moved = self._in_each_other(first, second, below, moved)
                levels = [*below.values(), *moved.values(), *more]
                scene = self._scene(levels, self._away(moved, seams))
                self._between(scene, below, seams)
                if more:
                    # Stitched from the top, which is where its raw edge is seen.
                    seams = [(seam, more[0].copy[2] or role) for seam, role in seams]
                    self._stitch(scene, {p.copy: p for p in more}, seams, lambda s: s[0].a)
                else:
                    self._stitch(scene, moved, seams, lambda s: s[0].b)
                self._times(scene, len(self.seams) if len(seams) < len(self.seams) else 1)
                return scene.frame()
        return None

    def _in_each_other(
        self, first: Copied, second: Copied, below: dict[Copied, Placed], above: dict[Copied, Placed]
    ) -> tuple[dict[Copied, Placed], dict[Copied, Placed]]:
        """Two flat bags, of which one is wrong side out: it lies round the other, right sides together."""
        wrong = [bool(self.moment.wrong_out(self.moment.body(copy))) for copy in (first, second)]
        if wrong[0] == wrong[1] or {len(below), len(above)} != {2}:
            return below, above
        out, within = (below, above) if wrong[0] else (above, below)
        # Of what is wrong side out the lower shows its right side, of what is right side out the upper.
        outside = sorted(out.values(), key=lambda p: not p.up)
        order = [outside[0], *sorted(within.values(), key=lambda p: p.up), outside[1]]
        levels = {placed.copy: replace(placed, level=nth) for nth, placed in enumerate(order)}
        return {copy: levels[copy] for copy in below}, {copy: levels[copy] for copy in above}

    def _between(self, scene: Tabletop, below: Mapping[Copied, Placed], seams: Sequence[SeamIn]) -> None:
        """What is caught between the two, seen through the upper: where it lies on the lower, else along the seam, else in the middle."""
        caught: dict[Copied, list[tuple[SeamIn, EdgeUse]]] = {}
        for seam in seams:
            for use in seam[0].caught:
                caught.setdefault(self.moment.sewn.copy(use, seam[1]), []).append((seam, use))
        for copy, uses in caught.items():
            piece = self.moment.by_id[copy[0]]
            rings = self._as_tacked(scene, below, piece) or [
                scene.lifted(lies, lies.lies.all(ring))
                for lies in below.values()
                for ring in footprint(self.moment.draft, piece.id, lies.copy[0], lies.copy[1])
            ]
            if not rings:
                rings = self._beside_seam(scene, below, uses)
            if not rings:
                left, low, right, high = scene.box
                ring = outline_of(piece)
                across, up = (max(p[i] for p in ring) - min(p[i] for p in ring) for i in (0, 1))
                if across > right - left or up > high - low:
                    # A handle lies in a bow: it is drawn beside it all.
                    continue
                x, y = centre_of(ring)
                rings = [tuple((p - x + (left + right) / 2, q - y + (low + high) / 2) for p, q in ring)]
            for ring in rings:
                scene.over.append(Cloth(copy[0], copy[1], copy[2], "right", ring, aside=True))
            others = [item for item in scene.over if isinstance(item, Letter)]
            at = free_spot(shapely.Polygon(rings[0]).buffer(0), others, 0.06 * scene.size)
            if at is not None:
                scene.over.append(Letter(piece.letter, at, copy[2]))

    def _as_tacked(self, scene: Tabletop, below: Mapping[Copied, Placed], piece: Piece) -> list[tuple[Point, ...]]:
        """Where a part hangs on an edge of the lower by its foot."""
        size, at = tacked_size(self.moment.draft, piece), self.moment.tacked.get(piece.id)
        if size is None or at is None:
            return []
        use, share = at
        return [
            scene.lifted(lies, lies.lies.all(tacked_ring(self.moment.by_id[use.piece].by_key[use.key], share, *size)))
            for lies in below.values()
            if lies.copy[:2] == (use.piece, use.copy)
        ]

    def _beside_seam(
        self, scene: Tabletop, below: Mapping[Copied, Placed], uses: Sequence[tuple[SeamIn, EdgeUse]]
    ) -> list[tuple[Point, ...]]:
        """The outline of what is caught along most of a seam, its edge on that of the lower and its body on it: a zip's tape, or what is folded
        in two and caught by both its edges. Nothing where it is caught by less."""
        (seam, layer), use = uses[0]
        line = self.table.along(seam.a, layer, below) or self.table.along(seam.b, layer, below)
        own = [p for _, p in self.table.chain([use], layer)]
        chord = math.dist(line[0], line[-1]) if line else 0.0
        if line is None or chord < 1.0 or math.dist(own[0], own[-1]) < _MOST_OF * chord:
            return []
        ring = outline_of(self.table.by_id[use.piece])
        lies = centre_of(
            p for placed in below.values() for p in placed.lies.all(outline_of(self.table.by_id[placed.copy[0]]))
        )
        ways = [Isometry.onto(own[0], own[-1], line[0], line[-1], over) for over in (False, True)]
        left = Half(line[0], line[-1])
        onto = next((way for way in ways if left.holds(centre_of(way.all(ring))) == left.holds(lies)), ways[0])
        drawn, ends = onto.all(ring), onto.all(own)
        other = next((other for (s, _), other in uses[1:] if s.id == seam.id and other.piece == use.piece), None)
        if other is not None:
            # Folded, halfway from one edge to the other.
            (ax, ay), (bx, by) = centre_of(ends), centre_of(onto.all(p for _, p in self.table.chain([other], layer)))
            x, y = (ax + bx) / 2, (ay + by) / 2
            fold = Half((x, y), (x + ends[-1][0] - ends[0][0], y + ends[-1][1] - ends[0][1]))
            drawn = (fold if fold.holds((ax, ay)) else replace(fold, right=True)).kept(drawn)
        return [scene.lifted(next(iter(below.values())), drawn)]

    def _as_one(self, first: Copied, below: Mapping[Copied, Placed], above: Mapping[Copied, Placed]) -> list[Placed]:
        """What is sewn in one go with both: the lining, face down over a zip that lies on the outer."""
        seam, _ = self.seams[0]
        if not seam.as_one or first not in below:
            return []
        use = next(use for use in (*seam.a, *seam.b) if use.piece == first[0] and use.copy == first[1])
        top = max(p.level for p in above.values())
        others = [self.moment.sewn.copy(use, role) for role in seam.layers]
        return [
            replace(below[first], copy=copy, up=not below[first].up, level=top + 1)
            for copy in dict.fromkeys(others)
            if copy not in below and copy not in above
        ]

    def _opened(self) -> set[str]:
        """Seams between two cloths that were pressed open, so that each lies at its own end."""
        pressed = self.moment.teller.pressed
        sides = [(s.id, self.moment.sewn.copies(s, layer)) for s, layer in self.moment.done]
        return {
            id for id, (a, b) in sides if pressed.get(id) == "press.open" and {c[2] for c in a} != {c[2] for c in b}
        }

    def _as_sewn(self, first: Copied, opened: Collection[str] | None = None) -> Frame | None:
        """Sides that lie on each other already, as their bodies were sewn; some of their seams may lie ``opened``."""
        if opened is not None and not opened:
            return None
        only = self.moment.in_hand(first, self.done.layer)
        lies = self.table.laid(first, stacked=True, up=self.right_up, only=only, opened=opened or ())
        if lies is None:
            return None
        for seam, role in self.seams:
            a, b = (self.table.along(side, role, lies) for side in (seam.a, seam.b))
            if a is None or b is None or not close(a, b, seam.length_a):
                return None
        scene = self._scene(list(lies.values()))
        lowest = min(placed.level for placed in lies.values())
        self._between(scene, {copy: placed for copy, placed in lies.items() if placed.level == lowest}, self.seams)
        self._stitch(scene, lies, self.seams, lambda s: self._upper(s, lies))
        return scene.frame()

    def _upper(self, seam: SeamIn, lies: Mapping[Copied, Placed]) -> Sequence[EdgeUse]:
        """The side of a seam that lies on top."""
        levels = [
            max(lies[self.moment.sewn.copy(use, seam[1])].level for use in side) for side in (seam[0].a, seam[0].b)
        ]
        return seam[0].b if levels[1] >= levels[0] else seam[0].a

    def _folded(self, first: Copied) -> Frame | None:
        """A body folded in two; of several seams that each want a fold of their own, the first."""
        body = self.table.laid(
            first, up=self.right_up, only=self.moment.in_hand(first, self.done.layer)
        ) or self._with_darts(first)
        for some in (self.seams, self.seams[:1]) if body is not None else ():
            folded = self.table.folded(some, body or {})
            if folded is not None:
                # What was sewn along the same fold lies there still, its allowances in sight.
                sewn = {s.id for s, role in self.moment.done if self.table.folded([*some, (s, role)], body or {})}
                scene = self._scene(folded, (0.6, 1.0), sewn)
                upper = {p.copy: p for p in folded if p.level > 0}
                self._stitch(scene, upper, some, partial(self._in_sight, upper))
                self._times(scene, len(self.seams) if len(some) < len(self.seams) else 1)
                return scene.frame()
        return None

    def _folded_again(self, first: Copied) -> Frame | None:
        """What the seams before these were sewn on, folded as it was then: they run along it, as a base does between its sides."""
        done = self.moment.done
        for last in range(1, min(_BEFORE, len(done)) + 1):
            table, sewn = Table(self.moment.sewn, done[:-last], self.moment.by_id), done[-last:]
            body = table.laid(first, up=self.right_up, only=self.moment.in_hand(first, self.done.layer))
            folded = table.folded([*sewn, *self.seams], body) if body is not None else None
            if folded is not None:
                scene = self._scene(folded, (0.6, 1.0), {seam.id for seam, _ in sewn})
                upper = {p.copy: p for p in folded if p.level > 0}
                for nth in range(max(len(self.done.layers_of(seam)) for seam, _ in self.seams)):
                    seams = [(s, (*self.done.layers_of(s), role)[nth]) for s, role in self.seams]
                    self._stitch(scene, upper, seams, partial(self._in_sight, upper), told=nth == 0)
                return scene.frame()
        return None

    def _folded_over(self, first: Copied) -> Frame | None:
        """A tube of one piece with a seam in its back: its middle is in front, and both sides lie over it."""
        body = self._with_darts(first)
        if body is None or len(self.seams) > 1 or len(self.seams[0][0].a) > 1:
            return None
        laid = self.table.folded_over(self.seams[0], body)
        if laid is None:
            return None
        scene = self._scene(laid, (0.6, 1.0))
        # Stitched from the top.
        self._stitch(scene, {first: replace(laid[0], level=laid[-1].level)}, self.seams, lambda s: s[0].a)
        return scene.frame()

    def _in_sight(self, upper: Mapping[Copied, Placed], seam: SeamIn) -> Sequence[EdgeUse]:
        """The side of a seam that is on the upper half of what is folded."""
        points = self.table.along(seam[0].b, seam[1], upper) or []
        half = next(iter(upper.values())).half
        return seam[0].b if half is None or all(half.holds(p, 1.0) for p in points) else seam[0].a

    def _with_darts(self, first: Copied) -> dict[Copied, Placed] | None:
        """One piece that is sewn to itself, by darts or to a tube, is drawn flat while it can be folded on what is sewn now."""
        if self.moment.body(first) != (first,):
            return None
        return {first: Placed(first, Isometry(), self.right_up)}

    def _away(self, moved: Mapping[Copied, Placed], seams: Sequence[SeamIn]) -> Point:
        """Which way the upper is moved, so that the lower shows beside the seam: from the seam to the middle of it."""
        line = [p for s, role in seams for p in self.table.along(s.b, role, moved) or ()]
        corners = [
            q
            for lies in moved.values()
            for q in lies.lies.all([edge.path[0].start for edge in self.table.by_id[lies.copy[0]].edges])
        ]
        (x, y), (u, v) = centre_of(corners), centre_of(line)
        return (x - u, y - v) if math.hypot(x - u, y - v) > 5.0 else (1.0, 1.0)

    def _stitch(
        self, scene: Tabletop, on: Mapping[Copied, Placed], seams: Sequence[SeamIn], side: Side, told: bool = True
    ) -> None:
        if self.done.along is not None and self.done.along.id == "along.edge-all-round":
            top = max(on.values(), key=lambda lies: lies.level)
            ring = shapely.Polygon(scene.whole(top))
            far = beside(cast(float, self.done.along.params["distance"]), scene.size)
            inside = ring.buffer(-far, join_style="mitre")
            scene.line("sew", list(inside.exterior.coords))
            return
        for seam, way in zip(seams, self.ways, strict=False):
            gap = self.done.gap if self.done.gap is not None and self.done.gap.seam == seam[0].id else None
            ends = None if way.round else (_beyond(way.start), _beyond(way.end))
            scene.sew(side(seam), seam[1], on, gap, ends)
        if told and self.done.allowance is not None:
            scene.allowance(self.done.allowance)

    @staticmethod
    def _times(scene: Scene, count: int) -> None:
        if count > 1:
            left, low, right, high = scene.box
            scene.note(msg("picture.times", count=count), ((left + right) / 2, low - 0.06 * (high - low)))

    # In space ----------------------------------------------------------------------------------------------------

    def closing(self) -> Frame | None:
        """What is closed, with what is sewn to it drawn away from it where that is another body."""
        bodies: dict[Copied, tuple[Copied, ...]] = {}
        for seam, layer in self.seams:
            for side in (seam.a, seam.b):
                for use in side:
                    copy = self.moment.sewn.copy(use, layer)
                    body = self.moment.body(copy)
                    if self.moment.shown(body):
                        bodies.setdefault(min(body, key=str), skin_of(self.moment, body, self.done.layer).copies)
                    elif copy[2] is not None:
                        return None
        if not bodies:
            return None
        every = tuple(copy for body in bodies.values() for copy in body)
        uses = [use for seam, _ in self.seams for use in (*seam.a, *seam.b)]
        low = height_of(self.moment, uses, every)
        scene = Standing(self.moment, base_up=low is not None and low < 0.2)
        # Of two that hang in each other the lining is outside, and the outer goes in.
        cloths = {first: any(copy[2] == "lining" for copy in body) for first, body in bodies.items()}
        main = max(bodies, key=lambda first: (len(self.moment.shown(bodies[first])), cloths[first], len(bodies[first])))
        shifts = self._shifts(bodies, main, scene.base_up)
        for first in sorted(bodies, key=lambda first: shifts[first][1], reverse=True):
            scene.body(self._skin(bodies[first], main, first), shifts[first])
        for seam, layer in self.seams:
            gap = self.done.gap if self.done.gap is not None and self.done.gap.seam == seam.id else None
            # Of what lies in the other only one of the two lines is in sight.
            nested = len(bodies) > 1 and len(
                {key for body in bodies.values() for key in self.moment.shown(body)}
            ) < sum(len(self.moment.shown(body)) for body in bodies.values())
            # That in which the gap is told, if it is in one.
            other = gap is not None and gap.edges[0] in seam.b and gap.edges[0] not in seam.a
            for side in ((seam.b if other else seam.a),) if nested else (seam.a, seam.b):
                scene.edge("sew", side, layer, gap)
        scene.clear_gaps()
        for first, (x, y) in shifts.items():
            if (x, y) != (0.0, 0.0):
                rings = [
                    p
                    for c in scene.cloths
                    if isinstance(c, Cloth) and (c.piece, c.copy, c.role) in bodies[first]
                    for p in c.outline
                ]
                u, v = centre_of(rings)
                scene.arrow("move", (u - 0.1 * x, v - 0.1 * y), (u - 0.65 * x, v - 0.65 * y))
        return scene.frame()

    def _skin(self, body: Sequence[Copied], main: Copied, first: Copied) -> Skin:
        skin = skin_of(self.moment, body, self.done.layer)
        if len(self.moment.sewn.with_(first)) > 1 or self.done.faces is None or first == main:
            return skin
        # A single piece is laid face to face: from outside its wrong side is seen where that of the other is.
        other = skin_of(self.moment, self.moment.body(main), self.done.layer)
        face = other.face if self.right_up else skin.face
        wrong = face == "wrong" or not self.moment.sewn.shut(main)
        return Skin(skin.copies, "wrong" if wrong else "right", None, "right" if wrong else "wrong")

    def _shifts(self, bodies: Mapping[Copied, Sequence[Copied]], main: Copied, base_up: bool) -> dict[Copied, Point]:
        """How far each body is drawn from its place."""
        surface = self.moment.surface(base_up)
        boxes = {first: surface.box(self.moment.shown(body)) for first, body in bodies.items()}
        a = boxes[main]
        size = max(max(b[2] - b[0], b[3] - b[1]) for b in boxes.values())
        found: dict[Copied, Point] = {}
        there = set(self.moment.shown(bodies[main]))
        for first, b in boxes.items():
            dx, dy = (b[0] + b[2] - a[0] - a[2]) / 2, (b[1] + b[3] - a[1] - a[3]) / 2
            length = math.hypot(dx, dy)
            if first == main:
                found[first] = 0.0, 0.0
            elif there & set(self.moment.shown(bodies[first])):
                # What lies in the other goes in from above.
                found[first] = 0.0, max((a[3] - a[1]) * 0.55, (a[2] - a[0]) * 0.4)
            elif length < 0.04 * size:
                found[first] = 0.0, 0.3 * size
            else:
                found[first] = dx / length * 0.3 * size, dy / length * 0.3 * size
        return found

    # Side by side ----------------------------------------------------------------------------------------------------

    def apart(self) -> Frame:
        """Both sides beside each other, with the edges that meet."""
        scenes: dict[Copied, Tabletop] = {}
        lies: dict[Copied, Placed] = {}
        for seam, layer in self.seams:
            for use in (*seam.a, *seam.b):
                copy = self.moment.sewn.copy(use, layer)
                if copy not in scenes:
                    lies[copy] = Placed(copy, Isometry(), True)
                    scenes[copy] = Tabletop(self.moment, [lies[copy]])
                edge = self.moment.by_id[use.piece].by_key[use.key]
                scenes[copy].mark("sew", lies[copy], edge.path, use)
        return spread(list(scenes.values())).frame()


def _beyond(end: End) -> float:
    """How far stitching runs on beyond the end of the stitch line: to the raw edge, where there is one."""
    raw = end.edge is not None and end.seam is None and not end.edge.key.startswith("box")
    return end.edge.allowance if raw and end.edge is not None else 0.0


def _bound(moment: Moment, done: Operation) -> Frame:
    """A binding laid along the edge of what it binds, its folds open."""
    seam = done.seams[0]
    layer = done.layers_of(seam)[0]
    sides = sorted((seam.a, seam.b), key=lambda side: len({use.piece for use in side if use.piece == "binding"}))
    copy = moment.sewn.copy(sides[0][0], layer)
    # What it binds may be several layers that nothing but it holds.
    others = [c for c in moment.teller.taken_by(done)[0] if c[0] != copy[0] and c[0] != "binding"]
    if done.lay is not None and done.lay.id == "lay.binding-back":
        # What it is laid on is the other face of all.
        copy, others = others[-1], [*others[:-1], copy]
    flat = moment.flat(copy) or [Placed(copy, Isometry(), True)]
    loose = [c for c in others if c not in moment.sewn.everything]
    scene = Tabletop(moment, [*(Placed(c, Isometry(), False, -1 - n) for n, c in enumerate(loose)), *flat])
    lies = next(p for p in scene.placed if p.copy == copy)
    piece = moment.by_id[copy[0]]
    strip = next((use.piece for use in sides[1]), "binding")
    outer = tuple(scene.at(lies, p) for p in outline_of(piece, [edge.key for edge in piece.edges]))
    wide = min(moment.by_id[strip].cut_size) / 2
    inner = shapely.Polygon(outer).buffer(-wide, join_style="mitre")
    if not inner.is_empty and inner.geom_type == "Polygon":
        hole = tuple(inner.exterior.coords)[:-1]
        role = moment.sewn.role(sides[1][0], layer)
        scene.cloths.append(Cloth(strip, "whole", role, "wrong", outer, holes=(hole,)))
        x, y = outer[0][0] + hole[0][0], outer[0][1] + hole[0][1]
        scene.over.append(Letter(moment.by_id[strip].letter, (x / 2, y / 2), role))
    ring = shapely.Polygon(outer).buffer(-seam.allowance, join_style="mitre")
    if ring.geom_type == "Polygon" and not ring.is_empty:
        scene.line("sew", tuple(ring.exterior.coords), sides[0][0])
    return scene.frame()


def _crossed(moment: Moment, done: Operation) -> Frame:
    """Two strips across each other, wrong side up, their middles on each other, sewn along the lines they share."""
    seam = done.seams[0]
    layer = done.layers_of(seam)[0]
    one, other = (moment.sewn.copy(side[0], layer) for side in (seam.a, seam.b))
    below = Placed(one, Isometry(), False)
    middles = []
    for side in (seam.a, seam.b):
        points = [p for use in side for s in moment.by_id[use.piece].by_key[use.key].path for p in (s.start, s.end)]
        middles.append(centre_of(points))
    turned = Isometry(turn=1j)
    x, y = turned(middles[1])
    above = Placed(other, turned.moved(middles[0][0] - x, middles[0][1] - y), False, 1)
    scene = Tabletop(moment, [below, above], (0.01, 0.01))
    scene.sew((*seam.a, *seam.b), layer, {other: above}, None, None)
    return scene.frame()


def opened_corner(moment: Moment, seam: Seam, layer: Role, count: int, kind: LineKind = "sew") -> Frame:
    """A corner opened so that seam lies on seam, one of ``count``: a strip of the bag as wide as the seam across it is long, edge on edge;
    that seam is sewn, or its line only marked."""
    use, a = seam.a[0], seam.allowance
    piece, role = moment.by_id[use.piece], moment.sewn.role(use, layer)
    half, high = seam.length_a / 2, seam.length_a * 0.75
    squashed = moment.by_id[use.piece].by_key[use.key].internal
    scene = Scene()
    if squashed:
        # The corner is a triangle whose tip lies beyond the line.
        under: tuple[Point, ...] = ((-half - high, high), (0.0, -half), (half + high, high))
    else:
        under = ((-half - a, -a), (half + a, -a), (half + a + 0.12 * high, high), (-half - a - 0.12 * high, high))
    x, y = 0.04 * half, 0.06 * half
    upper = tuple((p + x, q + y) for p, q in under)
    covered = moment.covered.get((piece.id, role))
    scene.cloths.append(Cloth(piece.id, use.copy, role, "right", under))
    scene.cloths.append(Cloth(piece.id, use.copy, role, "wrong", upper, covered))
    low = (x, y - half) if squashed else (x, y - a)
    scene.cloths.append(Line("sewn", ((x, high + y), low)))
    ends = (x - half, y), (x + half, y)
    if not squashed:
        ends = (x - half - a, y), (x + half + a, y)
    scene.line(kind, ends, use)
    if kind == "sew":
        scene.over += [Spot("start", ends[0]), Spot("stop", ends[1])]
    scene.over.append(Letter(piece.letter, (x + half * 0.5, high * 0.55 + y), role))
    Drawing._times(scene, count)
    return scene.frame()
