"""What is taken in hand: flat where it lies flat, else in space, with the edges that are meant, layers and parts in their place, and at the
end the whole make with its thing."""

from __future__ import annotations

import math
import re
from collections.abc import Iterable, Sequence
from typing import cast

import shapely

from ..making.operation import Operation
from ..making.sewn import Copied
from ..materials import BACKING
from ..pattern import Edge, EdgeUse, Gap, Mark, Role
from ..pattern.picture import Arrow, Cloth, Face, Frame, Line, LineKind, Note, Spot
from ..plane import Point, Segment, flatten, stretch
from ..shop import QUILT_APART
from ..words import Message
from .flat import Placed, centre_of
from .isometry import Isometry
from .moment import Moment
from .parts import footprint
from .scene import Scene, box_of, letter, moved, spread
from .standing import Skin, Standing, height_of, skin_of
from .tabletop import SHIFT, Tabletop

# What a part's operation is called besides its kind: which of the parts it is.
_PART = re.compile(r"-\d+(-on)?$")
# Pieces are as large as each other where the smaller has such a share of the larger.
_LARGE = 0.7
# What is worked on lower than this share of the height is held base up.
_LOW = 0.2
# A curve is drawn in more than so many points.
_BENDS = 8
# A clip in a curve is drawn so far from the next (share of the drawing), a corner cut off so far from its tip (mm).
_CLIPS, _OFF = 0.06, 8.0


def hand_frame(moment: Moment, done: Operation, copies: Sequence[Copied]) -> Frame:
    """What an operation works on."""
    most = max((_area(moment, copy) for copy in copies), default=0.0)
    parts = [copy for copy in copies if is_part(moment, copy[0]) and _area(moment, copy) < _LARGE * most]
    hosts = [copy for copy in copies if copy not in parts] or ([] if parts else list(moment.sewn.everything))
    bodies = _bodies(moment, [copy for copy in hosts if copy[2] is not None])
    if done.gap is not None and done.edges and len(done.single) == 1 and len(bodies) == 2:
        return _faced(moment, done, bodies)
    if (
        len(bodies) > 1
        and not (done.edges or done.hems or done.tacks or parts or done.layer or done.out)
        and _alike(moment, bodies)
    ):
        return _layered(moment, done, bodies).frame()
    scenes: list[Scene] = []
    laid: set[str] = set()
    for copy in bodies:
        flat = moment.flat(copy, done.layer)
        if flat is not None:
            if _lays(done):
                flat = [Placed(p.copy, p.lies, False, p.level) for p in flat]
            table = Tabletop(moment, flat)
            _on_flat(moment, done, table)
            laid |= _parts_on(moment, done, table, parts)
            scenes.append(table)
            continue
        skin = skin_of(moment, moment.body(copy), done.layer)
        if moment.shown(skin.copies):
            low = height_of(moment, _uses(moment, done), skin.copies)
            standing = Standing(moment, base_up=low is not None and low < _LOW)
            standing.body(skin)
            _carry(moment, standing, skin, [copy[0] for copy in parts])
            laid |= {copy[0] for copy in parts if standing.surface.seen([copy[:2]])}
            _on_standing(moment, done, standing)
            scenes.append(standing)
    for copy in parts:
        if copy[0] not in laid:
            scenes.append(_alone(moment, done, copy))
    if _goes_in(done, scenes):
        # An outer goes into its lining, right side to right side, a lining that is seen into its outer.
        into = sorted(scenes, key=lambda s: _is_lining(s) is not (done.id == "nest-right"))
        return _put_into(into).frame()
    whole = spread(scenes)
    return whole.frame()


def is_part(moment: Moment, id: str) -> bool:
    """Whether a piece is sewn on by itself: it is none of the form's own surface, and lies in no seam."""
    if any(facet.piece == id.removesuffix("-lining") for facet in moment.draft.solid.facets):
        return False
    return not any(use.piece == id for seam in moment.draft.seams for use in (*seam.a, *seam.b))


def _bodies(moment: Moment, copies: Sequence[Copied]) -> list[Copied]:
    """One copy of each body."""
    seen: set[Copied] = set()
    found = []
    for copy in copies:
        if copy not in seen:
            seen |= set(moment.body(copy))
            found.append(copy)
    return found


def _lays(done: Operation) -> bool:
    """Whether it lays something on the wrong side of its pieces."""
    return done.lays is not None or (done.layer in BACKING and done.kind == "prepare")


# Layers on each other ----------------------------------------------------------------------------------------------


def _alike(moment: Moment, bodies: Sequence[Copied]) -> bool:
    """Whether they are as large as each other, so that one is laid on the other."""
    areas = [_area(moment, copy) for copy in bodies]
    cloths = {copy[2] for copy in bodies}
    return len(cloths) > 1 and all(len(moment.body(copy)) == 1 for copy in bodies) and min(areas) > _LARGE * max(areas)


def _faced(moment: Moment, done: Operation, bodies: Sequence[Copied]) -> Frame:
    """One piece in two cloths, face to face, sewn round with its gap."""
    lining = next(copy for copy in bodies if copy[2] == "lining")
    outer = next(copy for copy in bodies if copy is not lining)
    above = Placed(lining, Isometry(), False, 1)
    scene = Tabletop(moment, [Placed(outer, Isometry(), True), above])
    scene.sew(done.edges, "lining", {lining: above}, done.gap, None)
    return scene.frame()


def _area(moment: Moment, copy: Copied) -> float:
    wide, high = moment.by_id[copy[0]].cut_size
    return wide * high


def _layered(moment: Moment, done: Operation, bodies: Sequence[Copied]) -> Scene:
    """Several pieces one on the other, the backing lowest: right sides out where a padding lies between, else as they are turned later."""
    order = sorted(bodies, key=lambda c: (c[2] != "lining", c[2] != "outer"))
    between = moment.stack.of("padding") is not None
    scene, level = Scene(), 0
    size = max(max(moment.by_id[id].cut_size) for id, _, _ in bodies)
    for copy in order:
        piece = moment.by_id[copy[0]]
        face: Face = "wrong" if copy[2] == "lining" and between else "right"
        ring = tuple(flatten(piece.cut_outline, 0.4))
        x, y = centre_of(ring)
        move = Isometry(shift=complex(level * SHIFT * size - x, level * SHIFT * size - y))
        scene.cloths.append(Cloth(copy[0], copy[1], copy[2], face, move.all(ring)))
        u, v, _, _ = box_of(move.all(ring))
        scene.over.append(letter(piece, (u + 0.06 * size, v + 0.06 * size), copy[2]))
        level += 1
        if copy[2] == "lining" and between:
            move = Isometry(shift=complex(level * SHIFT * size - x, level * SHIFT * size - y))
            scene.cloths.append(Cloth(copy[0], copy[1], "padding", "right", move.all(ring)))
            level += 1
    top = moment.by_id[order[-1][0]]
    for mark in _marks(done, top.marks):
        _at(scene, done, mark, move.all(_points(mark)))
    if done.kind == "sew" and not any(isinstance(item, Line) for item in scene.over):
        # Nothing says where the lines run, only how close they lie.
        left, low, right, high = box_of(
            scene.cloths[-1].outline if isinstance(scene.cloths[-1], Cloth) else [(0.0, 0.0)]
        )
        for n in range(1, math.ceil((right - left) / QUILT_APART)):
            x = left + (right - left) * n / math.ceil((right - left) / QUILT_APART)
            scene.line("sew", ((x, low), (x, high)))
    return scene


def _layer_on(moment: Moment, done: Operation, scene: Tabletop, lies: Placed) -> None:
    """What is laid on the wrong side of a piece, a little aside of where it goes."""
    role = cast(Role, done.lays or done.layer)
    piece = moment.by_id[lies.copy[0]]
    far = SHIFT * scene.size
    for cut in piece.cuts:
        if cut.role == role and cut.on == lies.copy[2]:
            ring = (scene.at(lies, p) for p in flatten(piece.outline_for(cut), 0.4))
            up = Cloth(piece.id, lies.copy[1], role, "right", tuple((x + far, y + far) for x, y in ring))
            scene.cloths.append(up)
            held = next((layer.held for layer in moment.stack.all(role) if layer.held == "basted"), None)
            if held == "basted" and done.kind == "prepare":
                scene.line("sew", (*up.outline, up.outline[0]), hidden=True)


# Edges and marks ---------------------------------------------------------------------------------------------------


def _uses(moment: Moment, done: Operation) -> list[EdgeUse]:
    """The edges an operation means."""
    # An edge that is only made up of others' stitching, and what is bought, is not sewn here.
    deep = [
        moment.hems[id] for id in done.hems if id in moment.hems and (moment.hems[id].depth > 0 or done.kind == "sew")
    ]
    hems = [use for hem in deep for use in hem.edges]
    cloth = [use for use in hems if moment.by_id[use.piece].own_cloths]
    hems = cloth or hems
    return list(dict.fromkeys([*done.edges, *hems]))


def _depth(moment: Moment, done: Operation, use: EdgeUse) -> float:
    """How far the cloth of a hem reaches in from its edge (mm)."""
    return max(
        [moment.hems[id].depth for id in done.hems if id in moment.hems and use in moment.hems[id].edges], default=0.0
    )


def _kind(done: Operation) -> LineKind:
    if done.finishes or done.id.startswith("edges"):
        return "finish"
    return "sew" if done.kind == "sew" or done.hems else "cut" if done.kind == "cut" else "edge"


def _gap(moment: Moment, done: Operation, use: EdgeUse) -> Gap | None:
    """The gap an operation closes or makes ready on an edge."""
    if not (done.closes or done.id.startswith("press-gap")):
        return None
    return next((g for g in moment.draft.gaps if any((e.piece, e.key) == (use.piece, use.key) for e in g.edges)), None)


def _meant(done: Operation, use: EdgeUse, copy: Copied) -> bool:
    """Whether an edge of this copy is meant: in its cloth."""
    if (use.piece, use.copy) != copy[:2] or use.layer not in (None, copy[2]):
        return False
    return done.layer not in ("outer", "lining") or copy[2] in (done.layer, None)


def _on_flat(moment: Moment, done: Operation, scene: Tabletop) -> None:
    for lies in scene.placed:
        piece = moment.by_id[lies.copy[0]]
        for use in _uses(moment, done):
            if not _meant(done, use, lies.copy):
                continue
            edge, gap, depth = piece.by_key[use.key], _gap(moment, done, use), _depth(moment, done, use)
            path = (
                edge.path
                if gap is None or (done.kind == "sew" and not done.edges)
                else _part_of(moment, edge, use, gap)
            )
            if depth > 0 and gap is None:
                _flap(scene, lies, edge, depth)
                continue
            if path:
                scene.mark(_kind(done), lies, path, use)
        if _lays(done):
            _layer_on(moment, done, scene, lies)
        for use, share in done.tacks:
            if use.piece == piece.id and lies.copy[1:] == (piece.copies[0], next(iter(piece.own_cloths), None)):
                _tack(scene, lies, piece.by_key[use.key], share)
        top = all(other.level <= lies.level or other.copy[0] != lies.copy[0] for other in scene.placed)
        for mark in _marks(done, piece.marks) if top else ():
            _at(scene, done, mark, [scene.at(lies, p) for p in _points(mark)])
        if done.slides and not piece.own_cloths:
            scene.over.append(Spot("slider", scene.at(lies, centre_of(flatten(piece.stitch_outline, 0.5)))))


def _tack(scene: Tabletop, lies: Placed, edge: Edge, share: float) -> None:
    """Something tacked to an edge, lying inward, with the stitches that hold it."""
    x, y = scene.size * 0.05, scene.size * 0.16
    at = edge.length * share
    near = [*stretch(edge.path, max(0.0, at - x / 2), min(edge.length, at + x / 2))]
    if not near:
        return
    (ax, ay), (bx, by) = near[0].start, near[-1].end
    length = math.hypot(bx - ax, by - ay) or 1.0
    ux, uy = (bx - ax) / length, (by - ay) / length
    out = edge.allowance

    def spot(along: float, across: float) -> Point:
        return scene.at(lies, (ax + ux * along - uy * across, ay + uy * along + ux * across))

    ring = spot(0.0, -out), spot(length, -out), spot(length, y), spot(0.0, y)
    scene.over.append(Cloth("part", "", None, "right", ring))
    scene.line("sew", (spot(-0.3 * x, -out / 2), spot(length + 0.3 * x, -out / 2)))


def _tack_standing(moment: Moment, scene: Standing, use: EdgeUse, share: float) -> None:
    """The stitches that hold something to an edge, on what is closed."""
    edge, key = moment.by_id[use.piece].by_key[use.key], moment.key(use.piece, use.copy)
    at, half = edge.length * share, 0.03 * scene.size
    for segment in stretch(edge.path, max(0.0, at - half), min(edge.length, at + half)):
        found = [scene.surface.on(key, p) for p in (segment.start, segment.end)] if key is not None else []
        scene.line("sew", [spot.at for spot in found if spot is not None], use)


def _part_of(moment: Moment, edge: Edge, use: EdgeUse, gap: Gap) -> Sequence[Segment]:
    gone = 0.0
    for each in gap.edges:
        length = moment.by_id[each.piece].by_key[each.key].length
        if (each.piece, each.key) == (use.piece, use.key):
            return stretch(edge.path, max(0.0, gap.start - gone), min(length, gap.end - gone))
        gone += length if gap.chain else 0.0
    return ()


def open_on_table(moment: Moment, scene: Tabletop, gap: Gap) -> None:
    """A gap that is open, on what lies on top."""
    top = max(lies.level for lies in scene.placed)
    for lies in scene.placed:
        for use in gap.edges:
            if (use.piece, use.copy) == lies.copy[:2] and (lies.level == top or lies.copy[2] == gap.layer):
                path = _part_of(moment, moment.by_id[use.piece].by_key[use.key], use, gap)
                if path:
                    scene.mark("open", lies, path, use)
                    return


def _flap(scene: Tabletop, lies: Placed, edge: Edge, depth: float) -> None:
    """A hem turned onto the side that is down: the fold, and the stitching that holds it."""
    points = [*flatten(edge.path, 0.4), edge.path[-1].end]
    inner = inward(points, depth)
    face: Face = "wrong" if lies.up else "right"
    ring = tuple(scene.at(lies, p) for p in [*points, *reversed(inner)])
    if not lies.up and shapely.is_valid(shapely.Polygon(ring)):
        scene.cloths.append(Cloth(lies.copy[0], lies.copy[1], lies.copy[2], face, ring))
    scene.line("fold", [scene.at(lies, p) for p in points])
    scene.line("sew", [scene.at(lies, p) for p in inward(points, max(0.6 * depth, depth - 2.0))])


def inward(points: Sequence[Point], far: float) -> list[Point]:
    """A line moved to its left, which is into the piece on its edges."""
    found = []
    for i, (x, y) in enumerate(points):
        (ax, ay), (bx, by) = points[max(0, i - 1)], points[min(len(points) - 1, i + 1)]
        length = math.hypot(bx - ax, by - ay) or 1.0
        found.append((x - (by - ay) / length * far, y + (bx - ax) / length * far))
    return found


def _marks(done: Operation, marks: Iterable[Mark]) -> list[Mark]:
    """Marks it works at or along: those it names, and the places of the part it is about."""
    found = []
    for mark in marks:
        part = mark.label.params.get("pocket")
        here = isinstance(part, Message) and _PART.sub("", done.id) == part.id.removeprefix("part.")
        if mark.label.id in done.at or here:
            found.append(mark)
    return found


def _points(mark: Mark) -> list[Point]:
    return [mark.point] if mark.point is not None else [*flatten(mark.path, 0.4), mark.path[-1].end]


def _at(scene: Scene, done: Operation, mark: Mark, points: Sequence[Point]) -> None:
    """A mark it works at or along."""
    if mark.kind in ("point", "centre") or len(points) == 1:
        x, y = centre_of(points)
        scene.over.append(Spot("hole", (x, y)))
        if done.kind == "sew":
            scene.line("sew", ((x - 0.04 * scene.size, y), (x + 0.04 * scene.size, y)))
    elif mark.kind == "zone":
        # Where a part lies.
        scene.over.append(Cloth("part", "", None, "right", tuple(points[:-1])))
        scene.line("sew", points)
    else:
        scene.line("sew" if done.kind == "sew" else "mark", points)


def _on_standing(moment: Moment, done: Operation, scene: Standing) -> None:
    layer = cast(Role, done.layer if done.layer in ("outer", "lining") else "outer")
    for use in _uses(moment, done):
        gap = _gap(moment, done, use)
        for each in _on_surface(moment, scene, use):
            inside = _depth(moment, done, use) if each is use else 0.0
            named = each is use
            scene.edge(_kind(done), [each], layer, gap, only_gap=gap is not None, inside=inside, named=named)
    for use, share in done.tacks:
        _tack_standing(moment, scene, use, share)
    for piece in moment.draft.pieces:
        for mark in _marks(done, piece.marks):
            found = [scene.surface.on((piece.id, copy), p) for copy in piece.copies[:1] for p in _points(mark)]
            points = [spot.at for spot in found if spot is not None and spot.outside]
            if points:
                _at(scene, done, mark, points)
    if done.slides:
        for piece in moment.draft.pieces:
            middle = centre_of(flatten(piece.stitch_outline, 0.5))
            spot = None if piece.own_cloths else scene.surface.on((piece.id, piece.copies[0]), middle)
            if spot is not None:
                scene.over.append(Spot("slider", spot.at))


def _on_surface(moment: Moment, scene: Standing, use: EdgeUse) -> Sequence[EdgeUse]:
    """An edge, or where it has no place on the surface the edges that what it is on is sewn to."""
    key = moment.key(use.piece, use.copy)
    if key is not None and scene.surface.lies_open(key):
        return [use]
    for seam, _ in moment.done:
        for one, other in ((seam.a, seam.b), (seam.b, seam.a)):
            if any(u.piece == use.piece for u in one) and not any(u.piece == use.piece for u in other):
                return other
    return []


# Parts ---------------------------------------------------------------------------------------------------------------


def _alone(moment: Moment, done: Operation, copy: Copied) -> Scene:
    """A part by itself, with the edges that are meant."""
    scene = Tabletop(moment, [Placed(copy, Isometry(), done.kind != "prepare")])
    piece = moment.by_id[copy[0]]
    for use in _uses(moment, done):
        if use.piece == piece.id:
            scene.mark(_kind(done), scene.placed[0], piece.by_key[use.key].path, use)
    for mark in _marks(done, piece.marks):
        _at(scene, done, mark, [scene.at(scene.placed[0], p) for p in _points(mark)])
    return scene


def _parts_on(moment: Moment, done: Operation, scene: Tabletop, parts: Sequence[Copied]) -> set[str]:
    """Parts laid where they go on what lies flat; gives those that lie there."""
    laid: set[str] = set()
    for part in parts:
        for lies in scene.placed:
            rings = footprint(moment.draft, part[0], lies.copy[0], lies.copy[1])
            for ring in rings:
                points = tuple(scene.at(lies, p) for p in ring)
                scene.over.append(Cloth(part[0], part[1], part[2], "right", points))
                if done.kind == "sew":
                    scene.line("sew", (*points, points[0]))
                scene.over.append(letter(moment.by_id[part[0]], centre_of(points), part[2]))
                laid.add(part[0])
            if rings:
                break
    return laid


def _carry(moment: Moment, scene: Standing, skin: Skin, now: Sequence[str] = ()) -> None:
    """Parts that are on by now, or are put on ``now``, where the body is seen from its right side."""
    if skin.face != "right" or not any(copy[2] != "lining" for copy in skin.copies):
        return
    every = [p.id for p in moment.draft.pieces if p.id in (moment.on | set(now)) and is_part(moment, p.id)]
    here = {copy[0] for copy in skin.copies}
    for id in every:
        piece = moment.by_id[id]
        hosts = moment.hosts.get(id, set())
        if id not in now and hosts and not hosts & here:
            continue
        scene.carried((id, piece.copies[0], next(iter(piece.own_cloths), None)))


# Two bodies, and the whole ---------------------------------------------------------------------------------------------


def _is_lining(scene: Scene) -> bool:
    return all(item.role == "lining" for item in scene.cloths if isinstance(item, Cloth))


def _goes_in(done: Operation, scenes: Sequence[Scene]) -> bool:
    return len(scenes) == 2 and all(isinstance(s, Standing) for s in scenes) and done.kind in ("sew", "prepare")


def _put_into(scenes: Sequence[Scene]) -> Scene:
    """The one drawn above the other, into which it goes."""
    outer, inner = scenes
    left, low, right, high = outer.box
    u, v, w, _ = inner.box
    whole = Scene()
    move = Isometry(shift=complex((left + right - u - w) / 2, high + 0.08 * (high - low) - v))
    for scene, moving in ((inner, move), (outer, Isometry())):
        whole.cloths += [cast(Cloth | Line, moved(item, moving)) for item in scene.cloths]
        whole.over += [moved(item, moving) for item in scene.over]
    x = (left + right) / 2
    whole.over.append(Arrow("move", ((x, high + 0.2 * (high - low)), (x, low + 0.65 * (high - low)))))
    return whole


def finished_frame(moment: Moment, done: Operation) -> Frame:
    """The whole make as it stands; with its thing above it where that goes in."""
    scene = Standing(moment)
    every = [copy for copy in moment.sewn.everything if copy[2] is not None]
    seen: set[Copied] = set()
    skins = []
    for copy in every:
        if copy not in seen:
            body = moment.body(copy)
            seen |= set(body)
            skin = skin_of(moment, body)
            if moment.shown(skin.copies):
                skins.append(skin)
    for skin in sorted(skins, key=lambda s: any(c[2] != "lining" for c in s.copies)):
        scene.body(skin)
        _carry(moment, scene, skin)
    for piece in moment.draft.pieces:
        # What is hemmed all round lies in no seam.
        copies = tuple((piece.id, copy, next(iter(piece.own_cloths), None)) for copy in piece.copies)
        if not seen & set(copies) and copies[0][2] is not None and scene.surface.lies_open((piece.id, piece.copies[0])):
            skin = Skin(copies, "right", None, "wrong")
            scene.body(skin)
            _carry(moment, scene, skin)
    _on_standing(moment, done, scene)
    thing = moment.draft.object
    if done.id == "put-in" and thing is not None and scene.cloths:
        left, _, right, high = scene.box
        sides = [(r, h) for h, r in thing.radii]
        ring = [*sides, *((-r, h) for r, h in reversed(sides))]
        u, v, w, t = box_of(ring)
        move = Isometry(shift=complex((left + right - u - w) / 2, high + 0.1 * (t - v) - v))
        scene.cloths.append(Cloth("", "", None, "right", move.all(ring)))
        x = (left + right) / 2
        scene.arrow("move", (x, high + 0.35 * (t - v)), (x, high - 0.15 * (t - v)))
    return scene.frame()


# Allowances cut when they are sewn ----------------------------------------------------------------------------------------


def trimmed_frame(moment: Moment, done: Operation) -> Frame:
    """The seams that were sewn last, or every curve so far, with what is cut of their allowances."""
    if done.cuts != "clips":
        return _trimmed(moment.seams[-1], done).frame()
    frames = [frame for frame in moment.seams if _curved(frame)] or moment.seams[-1:]
    return spread([_trimmed(frame, done) for frame in frames]).frame()


def _curved(frame: Frame) -> bool:
    return any(isinstance(item, Line) and item.kind == "sew" and len(item.path) > _BENDS for item in frame.items)


def _trimmed(frame: Frame, done: Operation) -> Scene:
    items = [
        Line("sewn", i.path, i.use, i.hidden) if isinstance(i, Line) and i.kind == "sew" else i for i in frame.items
    ]
    over = ("start", "stop", "gap-end")
    items = [i for i in items if not isinstance(i, (Arrow, Note)) and not (isinstance(i, Spot) and i.kind in over)]
    left, low, right, high = frame.box
    size = max(right - left, high - low, 1.0)
    rings = [i for i in items if isinstance(i, Cloth)]
    scene = Scene(list(rings), [i for i in items if not isinstance(i, Cloth)])
    sewn = [i for i in frame.items if isinstance(i, Line) and i.kind == "sew"]
    for line in [i for i in sewn if i.use is not None and not i.hidden and len(i.path) > 1]:
        _cut_beside(scene, done, line, rings, size)
    return scene


def _cut_beside(scene: Scene, done: Operation, line: Line, rings: Sequence[Cloth], size: float) -> None:
    path = shapely.LineString(line.path)
    wide = 0.045 * size
    if done.cuts == "beside":
        scene.line("cut", [(x, y) for x, y in path.parallel_offset(wide * 0.6, _outside(line, rings, wide)).coords])
    elif done.cuts == "clips":
        side = 1.0 if _outside(line, rings, wide) == "left" else -1.0
        at = _CLIPS * size / 2
        while at < path.length:
            a, b = path.interpolate(at - 0.5), path.interpolate(at + 0.5)
            length = math.hypot(b.x - a.x, b.y - a.y) or 1.0
            nx, ny = -(b.y - a.y) / length * side, (b.x - a.x) / length * side
            scene.line("cut", [(a.x + nx * wide * 0.25, a.y + ny * wide * 0.25), (a.x + nx * wide, a.y + ny * wide)])
            at += _CLIPS * size
    else:
        for ring in rings[-1:]:
            for corner in _corners(ring.outline):
                scene.line("cut", corner)


def _outside(line: Line, rings: Sequence[Cloth], wide: float) -> str:
    """On which side of a seam its allowance lies: where less cloth is."""
    cloth = shapely.Polygon(rings[-1].outline).buffer(0) if rings else None
    path = shapely.LineString(line.path)
    if cloth is None:
        return "left"
    left, right = (path.buffer(way * wide * 3, single_sided=True).intersection(cloth).area for way in (1, -1))
    return "left" if left < right else "right"


def _corners(ring: Sequence[Point]) -> Iterable[tuple[Point, Point]]:
    """A cut across each outward corner of an outline."""
    size = max(box_of(ring)[2] - box_of(ring)[0], 1.0)
    off = max(_OFF, 0.06 * size)
    for i, p in enumerate(ring):
        a, b = ring[i - 1], ring[(i + 1) % len(ring)]
        u, v = (a[0] - p[0], a[1] - p[1]), (b[0] - p[0], b[1] - p[1])
        lengths = math.hypot(*u), math.hypot(*v)
        if min(lengths) < off:
            continue
        turn = (u[0] * v[0] + u[1] * v[1]) / (lengths[0] * lengths[1])
        if turn > -0.5:
            yield tuple((p[0] + d[0] / n * off, p[1] + d[1] / n * off) for d, n in ((u, lengths[0]), (v, lengths[1])))  # type: ignore[misc]
