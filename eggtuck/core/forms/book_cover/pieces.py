"""The pieces, and the seams they are sewn in."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import replace

from ...drafting.make import Make
from ...moves.carried import LIFT, Loop, Sewn, band
from ...moves.outliner import Outliner, rectangle
from ...pattern import Chain, Cut, EdgeUse, Mark, Need, Role
from ...pattern.piece import Fold
from ...plane import Segment, polyline
from ...words import msg


def sew_flaps_on(make: Make, a: float, caught: Sequence[EdgeUse]) -> None:
    """Without a lining each flap is sewn to the cover round three sides; between the flaps the edge is turned in."""
    for hand, copy in (("left", "front"), ("right", "back")):
        names = (f"lower-{hand}", hand, f"upper-{hand}")
        own = [EdgeUse("cover", name, reversed=hand == "left") for name in names]
        mates = [EdgeUse("flap", name, copy) for name in ("lower", "outer", "upper")]
        make.seam(f"flap-{hand}", own, mates, a, ("outer",), "flap-on", caught if hand == "right" else ())
    make.hem("cover-edge", [EdgeUse("cover", "lower"), EdgeUse("cover", "upper")], a)


def add_cover(make: Make, w: float, h: float, spine: float, a: float, top_a: float, flap: float | None) -> None:
    """``flap`` parts the long edges where flaps without a lining end."""
    if flap is None:
        edges = rectangle("cover", w, h, {"lower": top_a, "right": a, "upper": top_a, "left": a})
    else:
        pen = Outliner("cover", (0.0, 0.0))
        for name, x in (("lower-left", flap), ("lower", w - flap), ("lower-right", w)):
            pen.to(name, (x, 0.0), top_a)
        pen.to("right", (w, h), a)
        for name, x in (("upper-right", w - flap), ("upper", flap), ("upper-left", 0.0)):
            pen.to(name, (x, h), top_a)
        pen.to("left", (0.0, 0.0), a)
        edges = pen.edges
    left, right = (w - spine) / 2, (w + spine) / 2
    folds = [
        Fold("cover.spine-left", msg("fold.spine"), Segment((left, 0.0), (left, h))),
        Fold("cover.spine-right", msg("fold.spine"), Segment((right, 0.0), (right, h))),
    ]
    marks = [Mark("notch", msg("mark.centre-spine"), point=(w / 2, y)) for y in (0.0, h)]
    marks.append(Mark("up", msg("mark.up"), polyline([(w * 0.78, h * 0.15), (w * 0.78, h * 0.3)])))
    front = (right + w) / 2
    zone = [
        (front - w * 0.12, h * 0.36),
        (front + w * 0.12, h * 0.36),
        (front + w * 0.12, h * 0.72),
        (front - w * 0.12, h * 0.72),
    ]
    marks.append(
        Mark(
            "zone",
            msg("mark.motif"),
            polyline([*zone, zone[0]]),
            datum=msg("mark.motif.datum", width=w * 0.24, height=h * 0.36),
            role="outer",
        )
    )
    cuts = make.cuts(1)
    if make.option("make") == "bound":
        # The lining lies flat behind the outer, and the binding takes both.
        cuts = [replace(cut, on="outer") if cut.role == "lining" else cut for cut in cuts]
    make.piece("cover", "A", edges, cuts, marks, folds, backed=True)


def add_flap(make: Make, flap: float, h: float, hem: float, a: float, top_a: float) -> None:
    role: Role = "lining" if make.lined else "outer"
    edges = rectangle("flap", flap, h, {"lower": top_a, "outer": a, "upper": top_a, "free": hem})
    make.piece(
        "flap",
        "B",
        edges,
        [Cut(role, 2, mirrored=True)],
        [Mark("up", msg("mark.up"), polyline([(flap / 2, h * 0.15), (flap / 2, h * 0.3)]))],
        copies=("front", "back"),
    )


def add_pocket(make: Make, flap: float, h: float, taken: float) -> list[EdgeUse]:
    """A slip pocket on the front flap, folded double at its top; its other edges lie in the flap's seams, where a binding takes
    ``taken`` mm of them."""
    bound, free = make.option("make") == "bound", make.allowance("side")
    a, top_a = (0.0, 0.0) if bound else (free, make.allowance("top"))
    share = Chain.start(msg("sum.share-height"), h * 0.55)
    high = make.ask("pocket_height", share, high=h - 10.0, added=2 * (top_a + taken), share=2) + taken
    edges = rectangle("pocket", flap, 2 * high, {"lower": top_a, "outer": a, "upper": top_a, "free": free})
    fold = Fold("pocket.fold", msg("fold.pocket"), Segment((0.0, high), (flap, high)))
    role: Role = "lining" if make.lined else "outer"
    make.piece("pocket", "", edges, [Cut(role, 1)], [], [fold])
    make.hem("pocket-free", [EdgeUse("pocket", "free")], make.allowance("side"))
    return [EdgeUse("pocket", name) for name in ("lower", "outer", "upper")]


def add_tab(make: Make, sp: float, a: float) -> list[EdgeUse]:
    """A closing tab from the back round the fore-edge to the front: the closed book's thickness and an overlap on both
    sides; two layers, turned."""
    side = make.allowance("side")
    wide = make.ask("tab_width", 35.0, added=2 * side)
    overlap = make.ask("tab_overlap", 35.0, added=sp + side + (a or side), share=2)
    length = make.size(
        "closing_tab", Chain.start(msg("sum.spine"), sp).plus(msg("sum.two-overlaps", overlap=overlap), 2 * overlap)
    )
    edges = rectangle("tab", length, wide, {"lower": side, "end": side, "upper": side, "foot": a or side})
    fastener = Mark(
        "point",
        msg("mark.fastener"),
        polyline([(length - overlap / 2 - 2, wide / 2), (length - overlap / 2 + 2, wide / 2)]),
        datum=msg("mark.fastener.datum"),
    )
    tab = make.piece("tab", "", edges, [Cut("outer", 2)], [fastener])
    make.hem("tab-round", make.each(tab, "lower", "end", "upper"), side)
    make.needs.append(
        Need.counted("fastener", "fastener", msg("need.fastener"), 13.0, 1, msg("need.across", across=13.0))
    )
    return make.each(tab, "foot")


def _tabbed(make: Make, sewn: Sewn) -> tuple[Loop, ...]:
    """The tab from the middle of the back's fore-edge to the front's, and on over the front."""
    points = [p for facet in sewn.facets for p in facet.space]
    x, back, front = max(p[0] for p in points), max(p[1] for p in points), min(p[1] for p in points)
    middle, half = max(p[2] for p in points) / 2, (make.finished["tab_width"] or 0.0) / 2
    on = max(0.0, (make.finished["closing_tab"] or 0.0) - (back - front))
    low = [
        (x + LIFT, back, middle - half),
        (x + LIFT, front - LIFT, middle - half),
        (x - on, front - LIFT, middle - half),
    ]
    return band(low, (0.0, 0.0, 2 * half))


def add_extras(make: Make, wb: float, hb: float, a: float) -> None:
    """Pen loop of elastic and ribbon marker, both caught in the seam."""
    caught = 2 * a
    grid = make.spec.grid
    if make.option("pen_loop") == "elastic-loop":
        pen = make.ask("pen_girth", 32.0, finished=False)
        chain = Chain.start(msg("sum.pen-girth"), pen).plus(msg("sum.two-ends"), caught)
        make.sums["pen_loop"] = chain
        make.size("pen_loop", chain.total)
        make.needs.append(Need("elastic", "elastic", msg("need.pen-loop"), chain.total, grid.round(chain.total, "up")))
    if make.option("marker") == "ribbon":
        tails = make.ask("ribbon_tails", 60.0, finished=False)
        chain = Chain.start(msg("sum.diagonal"), math.hypot(wb, hb)).plus(msg("sum.tails"), tails)
        make.sums["ribbon"] = chain
        make.size("ribbon", chain.total)
        make.needs.append(Need("ribbon", "ribbon", msg("need.ribbon"), chain.total, grid.round(chain.total, "up")))
