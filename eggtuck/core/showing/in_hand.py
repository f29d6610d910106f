"""What is taken in hand: flat where it lies flat, else in space, with the edges that are meant, layers and parts in their place."""

from __future__ import annotations

from collections.abc import Sequence
from functools import partial

from ..making.operation import Operation
from ..making.sewn import Copied
from ..pattern.picture import Cloth, Frame, Letter
from .finished import carry
from .flat import Placed, centre_of
from .isometry import Isometry
from .layered import LARGE, alike, area, faced_frame, layered, lays
from .marked import draw_figure, draw_mark, marks_of, points_of
from .meant import line_kind, on_flat, on_standing, tack_ends, tack_flat, tacked_part, uses_of
from .moment import Moment
from .parts import footprint
from .scene import Scene, letter, spread
from .standing import Standing, height_of, skin_of
from .straps import draw_ends, is_made, made_strip
from .tabletop import Tabletop

# What is worked on lower than this share of the height is held base up.
_LOW = 0.2


def hand_frame(moment: Moment, done: Operation, copies: Sequence[Copied]) -> Frame:
    """What an operation works on."""
    parts = _loose(moment, done, copies)
    hosts = [copy for copy in copies if copy not in parts] or ([] if parts else list(moment.sewn.everything))
    bodies = _bodies(moment, [copy for copy in hosts if copy[2] is not None])
    if done.gap is not None and done.edges and len(done.single) == 1 and len(bodies) == 2:
        return faced_frame(moment, done, bodies)
    if (
        len(bodies) > 1
        and not (done.edges or done.hems or done.tacks or parts or done.layer or done.out)
        and alike(moment, done, bodies)
    ):
        return layered(moment, done, bodies).frame()
    scenes: list[Scene] = []
    laid: set[str] = set()
    for copy in bodies:
        flat = moment.flat(copy, done.layer)
        if flat is not None:
            if lays(done) or done.wrong:
                # A back is drawn as it is seen through the front, from its wrong side already.
                over = Isometry() if copy[1] == "back" else Isometry.turned_over()
                flat = [Placed(p.copy, p.lies.then(over), False, p.level) for p in flat]
            table = Tabletop(moment, flat)
            on_flat(moment, done, table)
            for use in done.at_edges if done.hangs and not done.tacks else ():
                tack_flat(moment, table, use)
            laid |= _parts_on(moment, done, table, parts)
            table.free_letters()
            scenes.append(table)
            continue
        skin = skin_of(moment, moment.body(copy), done.layer)
        if moment.shown(skin.copies):
            low = height_of(moment, uses_of(moment, done), skin.copies)
            standing = Standing(moment, base_up=low is not None and low < _LOW)
            standing.body(skin)
            carry(moment, standing, skin, [copy[0] for copy in parts])
            for copy in parts if done.hangs else ():
                if not standing.tacked(copy):
                    # What the finished form does not show is sewn over the seams at both ends of an edge.
                    for use in done.at_edges:
                        tack_ends(moment, standing, use)
            named = {item.text for item in standing.over if isinstance(item, Letter)}
            laid |= {copy[0] for copy in parts if moment.by_id[copy[0]].letter in named}
            on_standing(moment, done, standing)
            scenes.append(standing)
    for copy in parts:
        if copy[0] not in laid:
            scenes.append(_alone(moment, done, copy))
    if _goes_in(done, scenes):
        # An outer goes into its lining, right side to right side, a lining that is seen into its outer.
        into = sorted(scenes, key=lambda s: _is_lining(s) is not (done.id == "nest-right"))
        return _put_into(into).frame()
    return spread(scenes).frame()


def _loose(moment: Moment, done: Operation, copies: Sequence[Copied]) -> list[Copied]:
    """What is put on something else of them: what lies under all of a piece is as large as that, a long strap only has as much cloth."""
    parts = [copy for copy in copies if moment.is_part(copy[0])]
    hosts = [copy for copy in copies if copy not in parts]
    if done.boxes:
        # By its ends: the cut strip may be as large as what it is sewn to, and that a part of the make itself.
        on = {piece for piece, _, _ in done.boxes}
        return [copy for copy in parts if copy[0] not in on]
    if not hosts:
        most = max((area(moment, copy) for copy in copies), default=0.0)
        return [copy for copy in parts if area(moment, copy) < LARGE * most]
    return [copy for copy in parts if not any(_as_large(moment, copy, host) for host in hosts)]


def _as_large(moment: Moment, part: Copied, host: Copied) -> bool:
    """Whether a piece is about as wide and as high as another, however it is turned."""
    sides, others = (sorted(moment.by_id[copy[0]].cut_size) for copy in (part, host))
    return all(LARGE * other <= mine <= other / LARGE for mine, other in zip(sides, others, strict=True))


def _bodies(moment: Moment, copies: Sequence[Copied]) -> list[Copied]:
    """One copy of each body."""
    seen: set[Copied] = set()
    found = []
    for copy in copies:
        if copy not in seen:
            seen |= set(moment.body(copy))
            found.append(copy)
    return found


def _alone(moment: Moment, done: Operation, copy: Copied) -> Scene:
    """A part by itself, with the edges that are meant."""
    piece = moment.by_id[copy[0]]
    if is_made(moment, piece):
        return made_strip(piece)
    scene = Tabletop(moment, [Placed(copy, Isometry(), done.kind != "prepare")])
    for use in uses_of(moment, done):
        if use.piece == piece.id:
            scene.mark(line_kind(done), scene.placed[0], piece.by_key[use.key].path, use)
    here = marks_of(done, piece.marks)
    for mark in here:
        if mark.kind != "figure":
            draw_mark(scene, done, mark, [scene.at(scene.placed[0], p) for p in points_of(mark)])
    draw_figure(scene, done, [[scene.at(scene.placed[0], p) for p in points_of(m)] for m in here if m.kind == "figure"])
    scene.free_letters()
    return scene


def _parts_on(moment: Moment, done: Operation, scene: Tabletop, parts: Sequence[Copied]) -> set[str]:
    """Parts laid where they go on what lies flat; gives those that lie there."""
    laid: set[str] = set()
    tacked = tacked_part(moment, done)
    for part in parts:
        if (
            tacked is not None
            and part[0] == tacked.id
            and any(lies.copy[0] == use.piece for lies in scene.placed for use, _ in done.tacks)
        ):
            # Drawn where it is tacked.
            laid.add(part[0])
            continue
        for lies in scene.placed:
            if done.boxes:
                # Its ends lie there; the rest of it is drawn by itself.
                draw_ends(moment, done, scene, part[0], lies.copy[:2], partial(scene.at, lies))
                continue
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
    whole.add(inner, Isometry(shift=complex((left + right - u - w) / 2, high + 0.08 * (high - low) - v)))
    whole.add(outer, Isometry())
    x = (left + right) / 2
    whole.arrow("move", (x, high + 0.2 * (high - low)), (x, low + 0.65 * (high - low)))
    return whole
