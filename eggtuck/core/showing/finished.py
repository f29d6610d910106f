"""The whole make as it stands, with what it carries and the thing it is for."""

from __future__ import annotations

from collections.abc import Sequence

import shapely

from ..making.operation import Operation
from ..making.sewn import Copied
from ..pattern.picture import Cloth, Frame
from ..plane import Point
from .isometry import Isometry
from .marked import marks_of, points_of
from .meant import on_standing
from .moment import Moment
from .scene import box_of
from .standing import Skin, Standing, skin_of
from .straps import draw_ends

# Whether the thing goes in by an opening above, as it is drawn, or it goes down over the thing; a book is slid in from the sides.
_GOES = {
    "step.put-in": "into",
    "step.put-in-folded": "into",
    "step.put-in-bowl": "into",
    "step.put-in-sleeve": "into",
    "step.put-in-lid": "over",
}


def carry(moment: Moment, scene: Standing, skin: Skin, now: Sequence[str] = ()) -> None:
    """Parts that are on by now, or are put on ``now``, where the body is seen from its right side."""
    if skin.face != "right" or not any(copy[2] != "lining" for copy in skin.copies):
        return
    every = [p.id for p in moment.draft.pieces if p.id in (moment.on | set(now)) and moment.is_part(p.id)]
    here = {copy[0] for copy in skin.copies}
    for id in every:
        piece = moment.by_id[id]
        hosts = moment.hosts.get(id, set())
        if id not in now and hosts and not hosts & here:
            continue
        scene.carried((id, piece.copies[0], next(iter(piece.own_cloths), None)))


def _sewn_on(moment: Moment, done: Operation, scene: Standing, part: str) -> None:
    """The ends of a strap that are sewn to a closed make, where they are seen."""
    for host, copy in dict.fromkeys((piece, copy) for piece, copy, _ in done.boxes):

        def where(point: Point, key: tuple[str, str] = (host, copy)) -> Point | None:
            found = scene.surface.on(key, point)
            return found.at if found is not None and found.outside else None

        if moment.is_part(part):
            draw_ends(moment, done, scene, part, (host, copy), where)


def _tied(moment: Moment, done: Operation, scene: Standing) -> None:
    """A ribbon tied in a bow round what stands there, level with the marks it is tied at."""
    marks = [(piece, mark) for piece in moment.draft.pieces for mark in marks_of(done, piece.marks)]
    spots = [scene.surface.on((piece.id, piece.copies[0]), p) for piece, mark in marks for p in points_of(mark)]
    at = [spot.at[1] for spot in spots if spot is not None]
    rings = [shapely.Polygon(item.outline).buffer(0) for item in scene.cloths if isinstance(item, Cloth)]
    if not at or not rings:
        return
    y, whole, size = sum(at) / len(at), shapely.union_all(rings), scene.size
    left, _, right, _ = scene.box
    level = whole.intersection(shapely.LineString([(left, y), (right, y)]))
    if level.is_empty:
        return
    a, _, b, _ = level.bounds
    x, wide, long = (a + b) / 2, 0.012 * size, 0.09 * size
    band = ((a, y - wide), (b, y - wide), (b, y + wide), (a, y + wide))
    loops = [((x, y), (x + s * long, y + 0.6 * long), (x + s * long, y - 0.1 * long)) for s in (-1, 1)]
    tails = [
        ((x, y), (x + s * 0.5 * long, y - 1.3 * long), (x + s * (0.5 * long + 2 * wide), y - 1.2 * long))
        for s in (-1, 1)
    ]
    scene.over += [Cloth("", "", None, "right", ring) for ring in (band, *tails, *loops)]


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
    now = done.pieces if done.boxes else ()
    skins.sort(key=lambda s: any(c[2] != "lining" for c in s.copies))
    own = [scene.own(skin) for skin in skins]
    for nth, skin in enumerate(skins):
        scene.body(skin, among=[key for other, keys in enumerate(own) if other != nth for key in keys])
    for skin in skins:
        carry(moment, scene, skin, now)
    for piece in moment.draft.pieces:
        # What is hemmed all round lies in no seam.
        copies = tuple((piece.id, copy, next(iter(piece.own_cloths), None)) for copy in piece.copies)
        if not seen & set(copies) and copies[0][2] is not None and scene.surface.lies_open((piece.id, piece.copies[0])):
            skin = Skin(copies, "right", None, "wrong")
            scene.body(skin)
            carry(moment, scene, skin)
    on_standing(moment, done, scene)
    for part in now:
        _sewn_on(moment, done, scene, part)
    if done.id == "tie":
        _tied(moment, done, scene)
    thing = moment.draft.object
    way = _GOES.get(done.title.id)
    if way is not None and thing is not None and scene.cloths:
        left, low, right, high = scene.box
        sides = [(r, h) for h, r in thing.radii]
        ring = [*sides, *((-r, h) for r, h in reversed(sides))]
        u, v, w, t = box_of(ring)
        x, tall = (left + right) / 2, t - v
        y = high + 0.1 * tall if way == "into" else low - 1.1 * tall
        move = Isometry(shift=complex(x - (u + w) / 2, y - v))
        scene.cloths.append(Cloth("", "", None, "right", move.all(ring)))
        # The thing goes down into what is made for it, or that down over the thing.
        edge = high if way == "into" else low
        scene.arrow("move", (x, edge + 0.3 * tall), (x, edge - 0.2 * tall))
    return scene.frame()
