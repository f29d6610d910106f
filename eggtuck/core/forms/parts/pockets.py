"""Pockets: doubled, edged mesh, or a patch with a hem; placed from the top and the side of the first piece."""

from __future__ import annotations

from ...moves.outliner import rectangle
from ...pattern import Chain, Check, Cut, EdgeUse, Mark, Piece
from ...pattern.piece import Fold
from ...plane import Segment, bounds, flatten, polyline
from ...wording import Param, msg
from ..make import Make
from .kinds import PartRequest

# Nearer than this to a seam or the base a pocket cannot be sewn on or used (mm).
_CLEAR = 5.0


def add_pocket(make: Make, request: PartRequest) -> None:
    """The pocket's piece and where it lies. Slip: ``w + 2a`` by ``2h + 2a``, folded at its upper edge; patch: ``w + 2a`` by ``h + a
    + hem``; mesh: ``w + 2a`` by ``h + a`` with an edging folded in four over its raw upper edge."""
    size, a, id = request.lengths, make.allowance("default"), request.id
    w, h = size["width"], size["height"]
    kind = request.kind.id
    high = 2 * h if kind == "slip-pocket" else h
    upper = {"slip-pocket": a, "patch-pocket": size.get("hem", 0.0), "mesh-pocket": 0.0}[kind]
    edges = rectangle(id, w, high, {"lower": a, "right": a, "upper": upper, "left": a})
    folds = [Fold(f"{id}.fold", msg("fold.pocket"), Segment((0.0, h), (w, h)))] if kind == "slip-pocket" else []
    role = make.role("mesh") if kind == "mesh-pocket" else make.role("contrast")
    make.piece(id, "", edges, [Cut(role, request.count)], [], folds)
    make.hem(f"{id}-edges", [EdgeUse(edge.id) for edge in edges], a)
    wide = Chain.start(msg("sum.finished-width"), w).plus_some(msg("sum.two-allowances", allowance=a), 2 * a)
    make.sums[f"{id}.cut_width"] = wide
    if kind == "mesh-pocket":
        _edging(make, request, wide)
    _place(make, request, w, h)
    say = {"width": w, "height": h, "top": size["from_top"], "side": size["from_side"]}
    steps = make.part_steps
    steps.add(
        id,
        "sew",
        10 * request.count,
        f"part-{kind}",
        say=say,
        pieces=(id,),
        check=msg("step.part-pocket.check"),
        why=msg("step.part-pocket.why"),
    )


def _edging(make: Make, request: PartRequest, wide: Chain) -> None:
    strip = request.lengths["edging"]
    id = f"edging-{request.index + 1}"
    edges = rectangle(id, wide.total, strip, {"lower": 0.0, "right": 0.0, "upper": 0.0, "left": 0.0})
    make.piece(id, "", edges, [Cut(make.role("binding"), request.count)])
    make.hem(f"{id}-edges", [EdgeUse(edge.id) for edge in edges], strip / 4)


def _place(make: Make, request: PartRequest, w: float, h: float) -> None:
    """Marks the pocket on the make's first piece and checks that it lies clear of edges, seams and base."""
    host = make.host
    size = request.lengths
    x0, y0, x1, y1 = bounds(host.stitch_outline)
    left, top = x0 + size["from_side"], y1 - size["from_top"]
    corners = [(left, top - h), (left + w, top - h), (left + w, top), (left, top)]
    lowest = y0 + max(
        (s.start[1] - y0 for m in host.marks if m.label.id == "mark.base-line" for s in m.path), default=0.0
    )
    inside = all(_inside(host, x, y) for x, y in corners) and size["from_side"] + w <= x1 - x0 + 1e-6
    clear = inside and top - h >= lowest + _CLEAR and min(size["from_side"], x1 - left - w) >= _CLEAR
    label = request.kind.name
    if clear:
        make.checks.append(
            Check(
                f"part.{request.id}.place",
                "ok",
                msg("check.pocket-clear", pocket=label),
                msg("check.pocket-clear.text", piece=host.name, letter=host.letter),
            )
        )
    else:
        say: dict[str, Param] = {"pocket": label, "width": x1 - x0, "height": y1 - lowest}
        make.checks.append(
            Check(
                f"part.{request.id}.place",
                "warn",
                msg("check.pocket-clash", pocket=label),
                msg("check.pocket-clash.text", **say),
            )
        )
    if inside:
        datum = msg("mark.pocket.datum", top=size["from_top"], side=size["from_side"])
        mark = Mark(
            "zone", msg("mark.pocket", pocket=label), polyline([*corners, corners[0]]), datum=datum, role="outer"
        )
        make.mark_host(mark)


def _inside(piece: Piece, x: float, y: float) -> bool:
    """Whether a point lies within the net outline (counting crossings)."""
    points = flatten(piece.stitch_outline, 0.5)
    inside = False
    for (ax, ay), (bx, by) in zip(points, [*points[1:], points[0]], strict=True):
        if (ay > y) != (by > y) and x < (bx - ax) * (y - ay) / (by - ay) + ax:
            inside = not inside
    return inside
