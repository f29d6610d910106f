"""Everything that sews no seam: cloth before it is cut, cutting, marking, strips, turning; what is left is drawn as it is taken in hand."""

from __future__ import annotations

import math
from collections.abc import Iterator, Sequence

from ..making.cutting import cuts_of
from ..making.marking import is_sided, now_marked
from ..making.operation import Operation
from ..making.sewn import Copied
from ..pattern import EdgeUse, Gap, Piece, Role, Seam
from ..pattern.picture import Cloth, Face, Frame, Line, Spot
from ..pattern.piece import ARROWS
from ..plane import Point, flatten
from .finished import finished_frame
from .flat import ROUND, Placed, centre_of, outline_of
from .in_hand import hand_frame
from .isometry import Isometry
from .layered import quilted_frame
from .marked import marks_of
from .meant import on_flat, open_on_table
from .moment import Moment
from .scene import Scene, box_of, letter, spread
from .seams import opened_corner
from .standing import Standing, skin_of
from .straps import hook_frame, slider_frame
from .strips import is_strip, strip_frames
from .tabletop import Tabletop, larger, with_hidden
from .trimmed import trimmed_frame
from .zipped import covered_zip, laned_strip, plain_zip, shortened_zip

# Before anything is cut there is only cloth: drawn as a square of it (mm).
_SWATCH = 100.0


def craft_frames(moment: Moment, done: Operation) -> tuple[Frame, ...]:
    """The frames of an operation without seams."""
    if done.id == "cut":
        return (cut_frame(moment),)
    if done.id == "quilt":
        return (quilted_frame(moment, done),)
    if done.marks is not None:
        waited = [now_marked(moment.by_id[id]) for id in done.pieces] if done.waited else moment.draft.pieces
        return (marks_frame(moment, waited),)
    if done.kind == "mark" and (squashed := _squashed(moment, done)):
        layer = next((role for role in squashed[0].layers if role == done.layer), squashed[0].layers[0])
        return (opened_corner(moment, squashed[0], layer, len(squashed), "mark"),)
    if done.cuts == "end":
        return (spread([shortened_zip(piece) for piece in moment.draft.pieces if not piece.own_cloths]).frame(),)
    if "tabs-caught" in done.hems:
        return covered_zip(moment, done)
    if done.id == "zip-ends":
        return (plain_zip(moment, done),)
    if done.id == "binding-folds":
        return (laned_strip(moment.by_id[done.pieces[0]], not done.irons),)
    if done.cuts not in (None, "outline") and moment.seams:
        return with_hidden(moment, done.pieces, moment.teller.taken_by(done)[0], trimmed_frame(moment, done))
    if done.turns and done.kind == "finish":
        return _turned(moment, done)
    copies = moment.teller.taken_by(done)[0]
    if not copies and not moment.begun:
        return (_before_cutting(moment, done),)
    if done.into:
        # What it is worked on, and how it goes in.
        whole = finished_frame(moment, done) if done.out else hand_frame(moment, done, moment.teller.taken_by(done)[0])
        return (whole, _pushed_in(moment, done)) if moment.seams or done.out else (_pushed_in(moment, done),)
    if "block-corners" in done.hems:
        return (_cornered(moment, done),)
    if done.rows:
        return (_rows(moment, done),)
    strips = [moment.by_id[id] for id in done.pieces if id in moment.by_id and is_strip(moment.by_id[id], done)]
    if strips and done.hems and len(done.pieces) == len(strips):
        return tuple(frame for strip in strips for frame in strip_frames(strip, done))
    if done.out and (done.id == "tie" or not (done.edges or done.at or done.hems or done.tacks)):
        return with_hidden(moment, done.pieces, copies, finished_frame(moment, done))
    frame = hand_frame(moment, done, copies)
    if done.threads and len(done.pieces) == 1:
        return (hook_frame(moment.by_id[done.pieces[0]]),)
    if done.threads:
        threaded = slider_frame(*(moment.by_id[id] for id in done.pieces[:2]))
        return (threaded, frame) if len(done.pieces) > 2 else (threaded,)
    drawn = any(isinstance(item, Cloth) for item in frame.items)
    if drawn and done.kind == "finish":
        return with_hidden(moment, done.pieces, copies, frame)
    if drawn and done.kind == "sew" and not any(isinstance(item, Line) and item.kind == "sew" for item in frame.items):
        return (frame, *_by_itself(moment, done, copies))
    return (frame if drawn else _ribbon(),)


def _squashed(moment: Moment, done: Operation) -> list[Seam]:
    """The seams across corners whose lines are marked."""
    lines = {(use.piece, use.key) for use in done.edges if moment.by_id[use.piece].by_key[use.key].internal}
    return [seam for seam in moment.draft.seams if lines & {(use.piece, use.key) for use in (*seam.a, *seam.b)}]


def _by_itself(moment: Moment, done: Operation, copies: Sequence[Copied]) -> Iterator[Frame]:
    """Each piece with a line it is sewn on that has no place on the form as it stands: flat on the table."""
    for copy in copies:
        if marks_of(done, moment.by_id[copy[0]].marks):
            table = Tabletop(moment, [Placed(copy, Isometry(), True)])
            on_flat(moment, done, table)
            yield table.frame()


# Cloth and pieces ------------------------------------------------------------------------------------------------


def _before_cutting(moment: Moment, done: Operation) -> Frame:
    """Cloth by itself, smoothed, or with a line of stitching tried on it; or what is bought and made ready."""
    bought = [piece for piece in moment.draft.pieces if not piece.own_cloths]
    if done.id not in ("press-cloth", "set-up") and bought:
        scenes: list[Scene] = []
        for piece in bought:
            scenes.append(Tabletop(moment, [Placed((piece.id, piece.copies[0], None), Isometry(), True)]))
        return spread(scenes).frame()
    if done.id not in ("press-cloth", "set-up"):
        return _ribbon()
    scenes = []
    for role in dict.fromkeys(layer.role for layer in moment.stack.layers):
        scene = Scene()
        ring = ((0.0, 0.0), (_SWATCH * 1.4, 0.0), (_SWATCH * 1.4, _SWATCH), (0.0, _SWATCH))
        scene.cloths.append(Cloth("", "", role, "right", ring))
        if done.id == "set-up":
            scene.line("sew", ((20.0, 50.0), (120.0, 50.0)))
        scenes.append(scene)
    return spread(scenes).frame()


def _ribbon() -> Frame:
    """A ribbon or a cord, which is no piece, with its ends."""
    scene = Scene()
    ring = (0.0, 0.0), (300.0, 0.0), (290.0, 9.0), (300.0, 18.0), (0.0, 18.0), (10.0, 9.0)
    scene.cloths.append(Cloth("", "", None, "right", ring))
    for x in (0.0, 300.0):
        scene.line("cut", ((x - 6.0, -6.0), (x + 6.0, 24.0)))
    return scene.frame()


def cut_frame(moment: Moment) -> Frame:
    """Every piece as it is cut from each cloth, with how often."""
    scenes = []
    for piece in moment.draft.pieces:
        for cut in cuts_of(piece, moment.stack):
            scene, ring = Scene(), tuple(flatten(piece.outline_for(cut), ROUND))
            over = piece.over(cut)
            if over:
                # One is cut larger, its outline drawn on it.
                scene.cloths.append(Cloth(piece.id, "", cut.role, "right", larger(ring, max(over))))
                scene.line("mark", (*ring, ring[0]))
            scene.cloths.append(Cloth(piece.id, "", cut.role, "right", ring))
            scene.over.append(letter(piece, _beside_lines(piece, ring), cut.role, cut.count))
            for fold in piece.folds if cut.part is None else ():
                scene.line("fold", (fold.line.start, fold.line.end))
            up = next((mark for mark in piece.marks if mark.kind in ARROWS), None)
            if up is not None and cut.part is None:
                scene.arrow("move", up.path[0].start, up.path[-1].end)
            scenes.append(scene)
    return spread(scenes).frame()


def _beside_lines(piece: Piece, ring: Sequence[Point]) -> Point:
    """The middle of a piece, or beside what is drawn there."""
    x, y = centre_of(ring)
    left, _, right, _ = box_of(ring)
    drawn = [mark.path[0].start[0] for mark in piece.marks if mark.kind in ARROWS]
    drawn += [fold.line.start[0] for fold in piece.folds if abs(fold.line.start[0] - fold.line.end[0]) < 1.0]
    near = any(abs(at - x) < 0.12 * (right - left) for at in drawn)
    return (x - 0.25 * (right - left) if near else x), y


def marks_frame(moment: Moment, pieces: Sequence[Piece]) -> Frame:
    """Pieces with what is marked on each, on the side it is marked on."""
    scenes = []
    for piece in pieces:
        role = next(iter(piece.own_cloths), None)
        if role is not None:
            scenes.append(_marked(moment, piece, role))
    return spread(scenes).frame()


def _marked(moment: Moment, piece: Piece, role: Role) -> Scene:
    scene, ring = Scene(), outline_of(piece)
    told = [(i, mark) for i, mark in enumerate(piece.marks) if not mark.late and mark.kind not in ARROWS]
    seen = bool(told) and all(mark.seen for _, mark in told)
    covered = None if seen else moment.covered.get((piece.id, role))
    # What is told by left and right on a wrong side is drawn as it lies then.
    over = any(is_sided(mark) for _, mark in told)
    lies = Isometry.turned_over() if over else Isometry()
    face: Face = "right" if seen else "wrong"
    scene.cloths.append(Cloth(piece.id, piece.copies[0], role, face, lies.all(ring), covered))
    for i, mark in told:
        if mark.point is not None:
            scene.over.append(Spot("notch", lies(mark.point), moment.draft.notch_numbers.get((piece.id, i))))
        elif mark.path:
            scene.line("mark", lies.all([*flatten(mark.path, ROUND), mark.path[-1].end]))
    for fold in piece.folds:
        scene.line("fold", lies.all((fold.line.start, fold.line.end)))
    scene.over.append(letter(piece, lies(_free(piece, ring)), role))
    return scene


def _free(piece: Piece, ring: Sequence[Point]) -> Point:
    """Where a letter stands clear of a fold through the middle."""
    x, y = centre_of(ring)
    left, low, right, high = box_of(ring)
    for fold in piece.folds:
        if abs(fold.line.start[1] - fold.line.end[1]) < 1.0 and abs(fold.line.start[1] - y) < 0.1 * (high - low):
            y += 0.2 * (high - low)
        elif abs(fold.line.start[0] - x) < 0.1 * (right - left):
            x -= 0.2 * (right - left)
    return x, y


def _rows(moment: Moment, done: Operation) -> Frame:
    """Blocks as they lie beside each other: those joined to rows, the rows apart, or rows joined one below the other."""
    scene, top = Scene(), 0.0
    highest = sum(max(high for _, _, high in row) for row in done.rows)
    # Rows whose blocks are joined first lie apart.
    apart = 0.12 * highest / len(done.rows) if done.joins == "blocks" else 0.0
    for nth, row in enumerate(done.rows):
        left, high = 0.0, max(high for _, _, high in row)
        for at, (id, wide, _) in enumerate(row):
            piece = moment.by_id[id]
            role, right, low = next(iter(piece.own_cloths), None), left + wide, top - high
            ring = ((left, low), (right, low), (right, top), (left, top))
            scene.cloths.append(Cloth(id, piece.copies[0], role, "right", ring))
            scene.over.append(letter(piece, ((left + right) / 2, (low + top) / 2), role))
            if at:
                scene.line("sewn" if done.joins == "rows" else "sew", ((left, low), (left, top)))
            left = right
        if nth and done.joins != "blocks":
            scene.line("sew", ((0.0, top), (left, top)))
        top -= high + apart
    if done.irons:
        _pressed_under(moment, done, scene)
    return scene.frame()


def _cornered(moment: Moment, done: Operation) -> Frame:
    """A block with a square on each corner, right sides together, sewn along the diagonals."""
    block, square = (moment.by_id[id] for id in done.pieces)
    role, other = (next(iter(piece.own_cloths), None) for piece in (block, square))
    scene, lines = Scene(), [mark.path[0] for mark in block.marks if mark.label.id == "mark.corner-diagonal"]
    scene.cloths.append(Cloth(block.id, block.copies[0], role, "right", outline_of(block)))
    (left, low, right, high), (a, b, c, d) = block.cut_box, square.cut_box
    rings = []
    for line in lines:
        x, y = line.at(0.5)
        # Raw edges level at the corner it is nearest to.
        dx = left - a if x < (left + right) / 2 else right - c
        dy = low - b if y < (low + high) / 2 else high - d
        rings.append(tuple(Isometry(shift=complex(dx, dy)).all(outline_of(square))))
        scene.cloths.append(Cloth(square.id, square.copies[0], other, "wrong", rings[-1]))
    for line in lines:
        scene.line("sew", (line.start, line.end))
    scene.over.append(letter(block, centre_of(outline_of(block)), role))
    scene.over += [letter(square, centre_of(ring), other) for ring in rings[-1:]]
    return scene.frame()


def _pressed_under(moment: Moment, done: Operation, scene: Scene) -> None:
    """The long edges of a row, pressed under."""
    a = moment.by_id[done.pieces[0]].edges[0].allowance
    left, low, right, high = scene.box
    for y, way in ((low, -1.0), (high, 1.0)):
        scene.line("fold", ((left - a, y), (right + a, y)))
        scene.arrow("fold", ((left + right) / 2, y + way * 1.6 * a), ((left + right) / 2, y - way * 0.8 * a))


def _pushed_in(moment: Moment, done: Operation) -> Frame:
    """A strip folded to a channel, and what is pushed into it from its open end."""
    piece, scene = moment.by_id[done.into], Scene()
    role = next(iter(piece.own_cloths), None)
    left, low, right, high = box_of(outline_of(piece))
    wide, deep = right - left, (high - low) / 2
    bar_low, bar_high, reach = 0.35 * deep, 0.75 * deep, 0.45 * wide
    bar = ((-reach, bar_low), (0.0, bar_low), (0.0, bar_high), (-reach, bar_high))
    scene.cloths.append(Cloth("part", "", None, "right", bar))
    scene.cloths.append(
        Cloth(piece.id, piece.copies[0], role, "right", ((0.0, 0.0), (wide, 0.0), (wide, deep), (0.0, deep)))
    )
    scene.line("sewn", ((0.0, 0.15 * deep), (wide, 0.15 * deep)))
    for y in (bar_low, bar_high):
        scene.line("fold", ((0.0, y), (0.4 * wide, y)))
    scene.arrow("move", (-0.3 * wide, (bar_low + bar_high) / 2), (0.55 * wide, (bar_low + bar_high) / 2))
    scene.over.append(letter(piece, (0.8 * wide, deep / 2), role))
    return scene.frame()


# Turning -------------------------------------------------------------------------------------------------------------


def _turned(moment: Moment, done: Operation) -> tuple[Frame, ...]:
    """Before and after."""
    every = [copy for copy in moment.sewn.everything if copy[2] is not None and not moment.is_part(copy[0])]
    unturned = moment.unturned_copies()
    body = [copy for copy in every if "whole" in done.turns or copy[2] in done.turns]
    body = [copy for copy in body if copy in unturned] or body
    named = [copy for copy in moment.teller.taken_by(done)[0] if copy in every]
    if named and "whole" not in done.turns:
        body = [copy for copy in named for copy in moment.body(copy)] if not set(named) & set(body) else body
    gaps = [gap for gap in moment.draft.gaps if "whole" in done.turns and gap.id in moment.open]
    before = _whole(moment, body, gaps, out=True)
    _way_out(before)
    with moment.after(done):
        after = _whole(moment, body)
    return before.frame(), after.frame()


def _way_out(scene: Scene) -> None:
    """An arrow out of the gap, where one is open, or of the end that is; else out of the top."""
    left, low, right, high = scene.box
    gap = next((item for item in scene.over if isinstance(item, Line) and item.kind == "open"), None)
    if gap is None:
        x = (left + right) / 2
        scene.arrow("turn", (x, low + (high - low) * 0.55), (x, high + (high - low) * 0.12))
        return
    (ax, ay), (bx, by) = gap.path[0], gap.path[-1]
    x, y = (ax + bx) / 2, (ay + by) / 2
    length = math.dist(gap.path[0], gap.path[-1]) or 1.0
    nx, ny = (by - ay) / length, (ax - bx) / length
    # Away from the middle of the drawing.
    way = math.copysign(1.0, nx * (x - (left + right) / 2) + ny * (y - (low + high) / 2)) * scene.size
    scene.arrow("turn", (x - nx * way * 0.14, y - ny * way * 0.14), (x + nx * way * 0.2, y + ny * way * 0.2))


def _open_end(moment: Moment, table: Tabletop) -> None:
    """The longest edge of what lies on top that is in no seam: what is turned comes out there."""
    top = max(table.placed, key=lambda lies: lies.level)
    piece, sewn = moment.by_id[top.copy[0]], set(table.taken(top.copy))
    free = [edge for edge in piece.edges if edge.key not in sewn]
    if sewn and free:
        edge = max(free, key=lambda edge: edge.length)
        table.mark("open", top, edge.path, EdgeUse(piece.id, edge.key, top.copy[1], top.copy[2]))


def _whole(moment: Moment, body: Sequence[Copied], gaps: Sequence[Gap] = (), out: bool = False) -> Scene:
    """Some copies as they are seen now, body by body, with the gaps that are open, or the end that is, through which all comes ``out``."""
    scenes: list[Scene] = []
    seen: set[Copied] = set()
    for copy in sorted(body, key=lambda c: c[2] == "lining"):
        if copy in seen:
            continue
        every = moment.body(copy)
        seen |= set(every)
        flat = moment.flat(copy)
        skin = skin_of(moment, every)
        if flat is not None:
            table = Tabletop(moment, flat)
            for gap in gaps:
                open_on_table(moment, table, gap)
            if out and not gaps:
                _open_end(moment, table)
            scenes.append(table)
        elif moment.shown(skin.copies):
            standing = Standing(moment)
            standing.body(skin)
            for gap in gaps:
                if gap.layer in {copy[2] for copy in skin.copies} or len(skin.copies) == len(every):
                    standing.edge("open", gap.edges, gap.layer, gap, only_gap=True)
            scenes.append(standing)
            linings = tuple(c for c in every if c[2] == "lining")
            if gaps and linings and not set(linings) & set(skin.copies) and gaps[0].layer == "lining":
                # It hangs from the same zip: through its gap everything comes out.
                hung = Standing(moment)
                hung.body(skin_of(moment, every, "lining"))
                for gap in gaps:
                    hung.edge("open", gap.edges, gap.layer, gap, only_gap=True)
                scenes.append(hung)
    return spread(scenes)
