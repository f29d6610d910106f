"""Layers laid on each other, and what is laid on the wrong side of a piece."""

from __future__ import annotations

import math
from collections.abc import Sequence
from typing import cast

from ..making.cutting import cuts_of, quilted_on
from ..making.operation import Operation
from ..making.sewn import Copied
from ..materials import BACKING
from ..pattern import Role
from ..pattern.picture import Cloth, Face, Frame, Line
from ..plane import flatten
from ..shop import QUILT_APART
from .flat import ROUND, Placed, centre_of
from .isometry import Isometry
from .marked import draw_mark, marks_of, points_of
from .moment import Moment
from .scene import Scene, box_of, letter, spread
from .tabletop import SHIFT, Tabletop

# Pieces are as large as each other where the smaller has such a share of the larger.
LARGE = 0.7


def lays(done: Operation) -> bool:
    """Whether it lays something on the wrong side of its pieces."""
    return done.lays is not None or (done.layer in BACKING and done.kind == "prepare")


def alike(moment: Moment, done: Operation, bodies: Sequence[Copied]) -> bool:
    """Whether they are as large as each other, so that one is laid on the other: two cloths, or two pieces that are only held together."""
    areas = [area(moment, copy) for copy in bodies]
    pieces, cloths = {copy[0] for copy in bodies}, {copy[2] for copy in bodies}
    on_each_other = len(cloths) > 1 or (done.kind == "prepare" and len(pieces) > 1)
    return on_each_other and all(len(moment.body(copy)) == 1 for copy in bodies) and min(areas) > LARGE * max(areas)


def faced_frame(moment: Moment, done: Operation, bodies: Sequence[Copied]) -> Frame:
    """One piece in two cloths, face to face, sewn round with its gap."""
    lining = next(copy for copy in bodies if copy[2] == "lining")
    outer = next(copy for copy in bodies if copy is not lining)
    above = Placed(lining, Isometry(), False, 1)
    scene = Tabletop(moment, [Placed(outer, Isometry(), True), above])
    scene.sew(done.edges, "lining", {lining: above}, done.gap, None)
    return scene.frame()


def area(moment: Moment, copy: Copied) -> float:
    wide, high = moment.by_id[copy[0]].cut_size
    return wide * high


def layered(moment: Moment, done: Operation, bodies: Sequence[Copied]) -> Scene:
    """Several pieces one on the other, the backing lowest: right sides out where a padding lies between, else as they are turned later."""
    order = sorted(bodies, key=lambda c: (c[2] != "lining", c[2] != "outer", -bodies.index(c)))
    between = moment.stack.of("padding") is not None
    # Two of one cloth lie wrong sides together.
    back = order[0] if len({copy[2] for copy in bodies}) == 1 else None
    scene, level = Scene(), 0
    size = max(max(moment.by_id[id].cut_size) for id, _, _ in bodies)
    for copy in order:
        piece = moment.by_id[copy[0]]
        face: Face = "wrong" if (copy[2] == "lining" and between) or copy == back else "right"
        ring = tuple(flatten(piece.cut_outline, ROUND))
        x, y = centre_of(ring)
        move = Isometry(shift=complex(level * SHIFT * size - x, level * SHIFT * size - y))
        scene.cloths.append(Cloth(copy[0], copy[1], copy[2], face, move.all(ring)))
        # The uppermost is called by its letter where no line runs, what it covers along the edge that is left of that.
        u, v, w, t = box_of(move.all(ring))
        at = (u + (0.06 + 0.12 * level) * size, v + SHIFT / 2 * size)
        if copy == order[-1]:
            at = (u + 0.25 * (w - u), v + 0.75 * (t - v)) if done.kind == "sew" else move((x, y))
        scene.over.append(letter(piece, at, copy[2]))
        level += 1
        if copy[2] == "lining" and between:
            move = Isometry(shift=complex(level * SHIFT * size - x, level * SHIFT * size - y))
            scene.cloths.append(Cloth(copy[0], copy[1], "padding", "right", move.all(ring)))
            level += 1
    if done.cuts == "outline":
        scene.line("cut", (*move.all(ring), move(ring[0])))
    top = moment.by_id[order[-1][0]]
    for mark in marks_of(done, top.marks):
        draw_mark(scene, done, mark, move.all(points_of(mark)))
    if done.kind == "sew" and not any(isinstance(item, Line) for item in scene.over):
        # Nothing says where the lines run, only how close they lie.
        left, low, right, high = box_of(
            scene.cloths[-1].outline if isinstance(scene.cloths[-1], Cloth) else [(0.0, 0.0)]
        )
        for n in range(1, math.ceil((right - left) / QUILT_APART)):
            x = left + (right - left) * n / math.ceil((right - left) / QUILT_APART)
            scene.line("sew", ((x, low), (x, high)))
    return scene


def quilted_frame(moment: Moment, done: Operation) -> Frame:
    """Cloth on its padding, both as large as they are cut before they are quilted, with the lines and what is cut out of it afterwards."""
    scenes = []
    for piece, cut in (
        (moment.by_id[id], cut) for id in done.pieces for cut in cuts_of(moment.by_id[id], moment.stack)
    ):
        under = [moment.stack.of_cut(one).margin for one in quilted_on(piece, cut, moment.stack)]
        if not under:
            continue
        scene, ring = Scene(), tuple(flatten(piece.outline_for(cut), ROUND))
        left, low, right, high = box_of(ring)
        left, low, right, high = left - max(under), low - max(under), right + max(under), high + max(under)
        far = SHIFT * (high - low)
        rough = (left, low), (right, low), (right, high), (left, high)
        scene.cloths.append(Cloth(piece.id, "", "padding", "right", tuple((x - far, y - far) for x, y in rough)))
        scene.cloths.append(Cloth(piece.id, "", cut.role, "right", rough))
        parts = math.ceil((right - left) / QUILT_APART)
        for n in range(1, parts):
            x = left + (right - left) * n / parts
            scene.line("sew", ((x, low), (x, high)))
        scene.line("mark", (*ring, ring[0]))
        scene.over.append(letter(piece, centre_of(ring), cut.role, cut.count))
        scenes.append(scene)
    return spread(scenes).frame()


def layer_on(moment: Moment, done: Operation, scene: Tabletop, lies: Placed) -> None:
    """What is laid on the wrong side of a piece, a little aside of where it goes."""
    role = cast(Role, done.lays or done.layer)
    piece = moment.by_id[lies.copy[0]]
    far = SHIFT * scene.size
    for cut in piece.cuts:
        if cut.role == role and cut.on == lies.copy[2]:
            ring = (scene.at(lies, p) for p in flatten(piece.outline_for(cut), ROUND))
            up = Cloth(piece.id, lies.copy[1], role, "right", tuple((x + far, y + far) for x, y in ring))
            scene.cloths.append(up)
            held = next((layer.held for layer in moment.stack.all(role) if layer.held == "basted"), None)
            if held == "basted" and done.kind == "prepare":
                scene.line("sew", (*up.outline, up.outline[0]), hidden=True)
