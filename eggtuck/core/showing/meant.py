"""The edges, gaps, hems and tacks an operation means, on what lies flat and on what is closed."""

from __future__ import annotations

import math
from collections.abc import Sequence
from typing import cast

import shapely

from ..making.operation import Operation
from ..making.sewn import Copied
from ..pattern import Edge, EdgeUse, Gap, Mark, Piece, Role
from ..pattern.picture import Cloth, Face, LineKind, Spot
from ..plane import Point, Segment, along_path, flatten, stretch
from .flat import ROUND, Placed, centre_of
from .layered import layer_on, lays
from .marked import draw_figure, draw_mark, marks_of, points_of
from .moment import Moment
from .parts import standing_size, tacked_ring, tacked_size
from .raw import raw_edge
from .scene import beside, gap_along, letter
from .standing import Standing
from .tabletop import Tabletop

# In so many parts a straight line is drawn on what may be bent.
_BENDS = 24


def uses_of(moment: Moment, done: Operation) -> list[EdgeUse]:
    """The edges an operation means."""
    # An edge that is only made up of others' stitching, and what is bought, is not sewn here.
    deep = [
        moment.hems[id] for id in done.hems if id in moment.hems and (moment.hems[id].depth > 0 or done.kind == "sew")
    ]
    hems = [use for hem in deep for use in hem.edges]
    cloth = [use for use in hems if moment.by_id[use.piece].own_cloths]
    # Beside what is bought the cloth is stitched where edges of it are told.
    hems = cloth or ([] if done.edges else hems)
    return list(dict.fromkeys([*done.edges, *hems]))


def _depth(moment: Moment, done: Operation, use: EdgeUse) -> float:
    """How far the cloth of a hem reaches in from its edge (mm)."""
    return max(
        [moment.hems[id].depth for id in done.hems if id in moment.hems and use in moment.hems[id].edges], default=0.0
    )


def _from_fold(done: Operation, size: float) -> float:
    """How far inside its edges an operation is stitched (mm), as its own sentence tells it; so far that it is seen beside them."""
    told = [text.params["edge"] for text in done.how if isinstance(text.params.get("edge"), float)]
    return beside(cast(float, told[0]), size) if told and done.kind == "sew" else 0.0


def line_kind(done: Operation) -> LineKind:
    if done.finishes or done.id.startswith("edges"):
        return "finish"
    return "sew" if done.kind == "sew" or done.hems else "cut" if done.kind == "cut" else "edge"


def _gap(moment: Moment, done: Operation, use: EdgeUse) -> Gap | None:
    """The gap an operation closes or makes ready on an edge."""
    if not (done.closes or done.id.startswith("press-gap")):
        return None
    own = {(each.piece, each.key, each.copy): gap for gap in moment.draft.gaps for each in gap.edges}
    if any((each.piece, each.key, each.copy) not in own for each in done.edges):
        # One line of stitching round a whole edge closes it.
        return None
    return own.get((use.piece, use.key, use.copy))


def _meant(done: Operation, use: EdgeUse, copy: Copied) -> bool:
    """Whether an edge of this copy is meant: in its cloth."""
    if (use.piece, use.copy) != copy[:2] or use.layer not in (None, copy[2]):
        return False
    # What is cut from another cloth belongs to either.
    return not {done.layer, copy[2]} <= {"outer", "lining"} or done.layer == copy[2]


def on_flat(moment: Moment, done: Operation, scene: Tabletop) -> None:
    for lies in scene.placed:
        piece = moment.by_id[lies.copy[0]]
        for use in uses_of(moment, done):
            if not _meant(done, use, lies.copy):
                continue
            edge, gap, depth = piece.by_key[use.key], _gap(moment, done, use), _depth(moment, done, use)
            path = edge.path if gap is None else _part_of(moment, edge, use, gap)
            if depth > 0 and gap is None:
                _flap(scene, lies, edge, depth)
                continue
            if path and line_kind(done) == "finish":
                scene.line("finish", [scene.at(lies, p) for p in raw_edge(piece, edge)], use)
            elif path:
                points = inward([*flatten(path, ROUND), path[-1].end], _from_fold(done, scene.size))
                scene.line(line_kind(done), [scene.at(lies, p) for p in points], use)
        if lays(done):
            layer_on(moment, done, scene, lies)
        for nth, (use, share) in enumerate(done.tacks):
            # Where no copy is told it is the first; what is joined of others has no cloth of its own.
            on = use.copy if use.copy in piece.copies else piece.copies[0]
            if lies.copy == (use.piece, on, next(iter(piece.own_cloths), lies.copy[2])):
                _tack(moment, done, scene, lies, piece.by_key[use.key], share, nth)
        top = all(other.level <= lies.level or other.copy[0] != lies.copy[0] for other in scene.placed)
        here = marks_of(done, piece.marks) if top else []
        # Where something is tacked is seen by that.
        here = [mark for mark in here if not done.tacks or mark.label.id != "mark.caught"]
        # Ends are drawn with what holds them.
        here = [mark for mark in here if mark.kind != "zone" or not done.boxes]
        for mark in here:
            caught = _caught_at(moment, done, piece, mark)
            if caught is not None and done.wrong:
                scene.line("sew", [scene.at(lies, p) for p in _across(piece, mark)])
            elif caught is not None:
                _tack(moment, done, scene, lies, *caught)
            elif mark.kind != "figure":
                draw_mark(scene, done, mark, [scene.at(lies, p) for p in points_of(mark)])
        figures = [[scene.at(lies, p) for p in points_of(mark)] for mark in here if mark.kind == "figure"]
        draw_figure(scene, done, figures)
        if done.cuts == "outline":
            scene.line("cut", scene.whole(lies))
        if done.kind == "press" and done.irons and len(moment.body(lies.copy)) == 1:
            _folded_over(scene, lies, piece)
        if done.slides and not piece.own_cloths:
            scene.over.append(Spot("slider", scene.at(lies, centre_of(flatten(piece.stitch_outline, 0.5)))))


def _caught_at(moment: Moment, done: Operation, piece: Piece, mark: Mark) -> tuple[Edge, float] | None:
    """The edge, and the share of the way along it, where something loose that is no piece is tacked: where the mark it is tacked at meets it."""
    tacked = done.parks is not None or mark.label.id == "mark.caught"
    if not tacked or done.kind != "sew" or any(moment.is_part(id) for id in done.pieces):
        return None
    ends = points_of(mark)
    for point in (ends[0], ends[-1]):
        for edge in piece.edges:
            along = along_path(edge.path, point)
            if along is not None:
                return edge, along / edge.length
    return None


def _across(piece: Piece, mark: Mark) -> list[Point]:
    """From side to side of a piece, level with a mark at its edge."""
    (x, y), outline = points_of(mark)[0], shapely.Polygon(flatten(piece.stitch_outline, 0.5))
    left, _, right, _ = outline.bounds
    found = shapely.LineString([(left - 1.0, y), (right + 1.0, y)]).intersection(outline)
    parts = [part for part in getattr(found, "geoms", [found]) if part.length > 0]
    nearest = min(parts, key=lambda part: part.distance(shapely.Point(x, y)), default=None)
    return [] if nearest is None else [(x, y) for x, y in nearest.coords]


def _tack(
    moment: Moment, done: Operation, scene: Tabletop, lies: Placed, edge: Edge, share: float, nth: int = 0
) -> None:
    """Something tacked to an edge, lying inward, with the stitches that hold it: a piece by its own size, and by its letter where it is one of those
    that are cut; else the end of what hangs on it."""
    part, sized = tacked_part(moment, done), standing_size if done.hangs else tacked_size
    x, y = (part and sized(moment.draft, part)) or (scene.size * 0.05, scene.size * 0.16)
    ring = tacked_ring(edge, share, x, y)
    if not ring:
        return
    points = tuple(scene.at(lies, p) for p in ring)
    if part is None:
        scene.over.append(Cloth("part", "", None, "right", points))
    else:
        role = next(iter(part.own_cloths), None)
        scene.over.append(Cloth(part.id, part.copies[0], role, "right", points))
        if nth < sum(cut.count for cut in part.cuts if cut.on is None):
            scene.over.append(letter(part, centre_of(points), role))
    a, b, _, d = ring
    (ux, uy), (vx, vy) = _unit(a, b), _unit(a, d)
    ends = (
        (p[0] + ux * far + vx * edge.allowance / 2, p[1] + uy * far + vy * edge.allowance / 2)
        for p, far in ((a, -0.3 * x), (b, 0.3 * x))
    )
    scene.line("sew", [scene.at(lies, p) for p in ends])


def tacked_part(moment: Moment, done: Operation) -> Piece | None:
    """The piece an operation tacks to an edge by its foot; None where what it tacks is no piece."""
    if len(done.tacks) != 1 and not done.hangs:
        return None
    pieces = (moment.by_id[id] for id in done.pieces if id in moment.by_id and moment.is_part(id))
    return next((piece for piece in pieces if done.hangs or tacked_size(moment.draft, piece) is not None), None)


def _unit(a: Point, b: Point) -> Point:
    length = math.dist(a, b) or 1.0
    return (b[0] - a[0]) / length, (b[1] - a[1]) / length


def _tack_standing(moment: Moment, scene: Standing, use: EdgeUse, share: float) -> None:
    """The stitches that hold something to an edge, on what is closed."""
    edge, key = moment.by_id[use.piece].by_key[use.key], moment.key(use.piece, use.copy)
    at, half = edge.length * share, 0.03 * scene.size
    for segment in stretch(edge.path, max(0.0, at - half), min(edge.length, at + half)):
        found = [scene.surface.on(key, p) for p in (segment.start, segment.end)] if key is not None else []
        scene.line("sew", [spot.at for spot in found if spot is not None])


def tack_ends(moment: Moment, scene: Standing, use: EdgeUse) -> None:
    """The same at both ends of an edge."""
    for share in (0.0, 1.0):
        _tack_standing(moment, scene, use, share)


def tack_flat(moment: Moment, scene: Tabletop, use: EdgeUse) -> None:
    """The same on what lies flat, on what is uppermost of it."""
    on = [lies for lies in scene.placed if lies.copy[0] == use.piece]
    edge, half = moment.by_id[use.piece].by_key[use.key], 0.06 * scene.size
    for start in (0.0, max(0.0, edge.length - half)) if on else ():
        scene.mark("sew", on[-1], stretch(edge.path, start, min(edge.length, start + half)))


def _folded_over(scene: Tabletop, lies: Placed, piece: Piece) -> None:
    """The folds of a piece that nothing is sewn to yet, and which way it goes over."""
    for fold in piece.folds:
        a, b = scene.at(lies, fold.line.start), scene.at(lies, fold.line.end)
        scene.line("fold", (a, b))
        x, y, far = (a[0] + b[0]) / 2, (a[1] + b[1]) / 2, 0.2 * scene.size
        length = math.dist(a, b) or 1.0
        u, v = (b[1] - a[1]) / length * far, (a[0] - b[0]) / length * far
        scene.arrow("fold", (x + u, y + v), (x - u, y - v))


def _part_of(moment: Moment, edge: Edge, use: EdgeUse, gap: Gap) -> Sequence[Segment]:
    found = gap_along(moment.by_id, gap, use)
    return stretch(edge.path, *found) if found is not None else ()


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
    points = [*flatten(edge.path, ROUND), edge.path[-1].end]
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


def on_standing(moment: Moment, done: Operation, scene: Standing) -> None:
    layer = cast(Role, done.layer if done.layer in ("outer", "lining") else "outer")
    for use in uses_of(moment, done):
        gap = _gap(moment, done, use)
        for each in _on_surface(moment, scene, use):
            inside = (_depth(moment, done, use) or _from_fold(done, scene.size)) if each is use else 0.0
            named = each is use
            scene.edge(line_kind(done), [each], layer, gap, only_gap=gap is not None, inside=inside, named=named)
    for use, share in done.tacks:
        _tack_standing(moment, scene, use, share)
    for piece in moment.draft.pieces:
        for mark in marks_of(done, piece.marks):
            along = points_of(mark)
            if mark.kind == "line":
                # A straight line on what goes round is bent.
                along = [segment.at(i / _BENDS) for segment in mark.path for i in range(_BENDS + 1)]
            found = [scene.surface.on((piece.id, copy), p) for copy in piece.copies[:1] for p in along]
            points = [spot.at for spot in found if spot is not None and spot.outside]
            if points and mark.kind == "figure":
                draw_figure(scene, done, [points])
            elif points:
                draw_mark(scene, done, mark, points)
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
