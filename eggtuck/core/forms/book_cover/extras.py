"""What a cover may have besides: a tab, a band over the spine, a pen loop, a ribbon marker."""

from __future__ import annotations

import math

from ...constructions.bookmarks import Bookmark, add_bookmark
from ...constructions.caught import add_caught
from ...drafting.make import Make
from ...moves.carried import LIFT, Loop, Sewn, band, laid
from ...moves.folding import flat_facet
from ...moves.outliner import rectangle
from ...pattern import Chain, Cut, EdgeUse, Mark, Need
from ...pattern.piece import Fold
from ...plane import Segment, polyline
from ...shop import BOOKMARK_LONG, BOOKMARK_WIDE, PEN_LOOP_WIDE, RIBBON_TURN, TAPE_WIDE
from ...words import msg

# How far beside the cover a bookmark is drawn (mm).
BESIDE = 60.0


def add_tab(make: Make, sp: float, foot: float) -> list[EdgeUse]:
    """A closing tab from the back round the fore-edge to the front: the closed book's thickness and an overlap on both
    sides; two layers, turned, or one folded lengthwise, which closes with hook-and-loop tape. Its ``foot`` is what lies in the cover's seam (mm)."""
    side, folded = make.allowance("side"), make.option("tab") == "folded-tab"
    wide = make.ask("tab_width", 35.0, added=2 * side, share=2 if folded else 1)
    overlap = make.ask("tab_overlap", 35.0, added=sp + side + foot, share=2)
    length = make.size(
        "closing_tab", Chain.start(msg("sum.spine"), sp).plus(msg("sum.two-overlaps", overlap=overlap), 2 * overlap)
    )
    high = 2 * wide if folded else wide
    edges = rectangle("tab", length, high, {"lower": side, "end": side, "upper": side, "foot": foot})
    at = length - overlap / 2
    path = polyline([(at - 2, wide / 2), (at + 2, wide / 2)])
    marks = [] if folded else [Mark("point", msg("mark.fastener"), path, datum=msg("mark.fastener.datum"))]
    folds = [Fold("tab.fold", msg("fold.lengthwise"), Segment((0.0, wide), (length, wide)))] if folded else []
    tab = make.piece("tab", "", edges, [Cut("outer", 1 if folded else 2)], marks, folds)
    make.hem("tab-round", make.each(tab, "lower", "end", "upper"), side)
    if folded:
        # Within the tab's topstitching, as far as that leaves room.
        clear = min(make.edge_stitch, min(overlap, wide) / 4)
        tape = make.size("tape", make.spec.on_grid(min(overlap - 2 * clear, overlap * 0.8), "down"))
        across = make.spec.on_grid(min(float(TAPE_WIDE), wide - 2 * clear), "down")
        make.needs.append(Need.measured("hook-and-loop", "hook-and-loop", msg("need.hook-and-loop"), tape, across))
    else:
        make.needs.append(
            Need.counted("fastener", "fastener", msg("need.fastener"), 13.0, 1, msg("need.across", across=13.0))
        )
    return make.each(tab, "foot")


def tabbed(make: Make, sewn: Sewn) -> tuple[Loop, ...]:
    """The tab from the middle of the back's fore-edge to the front's, and on over the front."""
    points = [p for facet in sewn.of("cover") for p in facet.space]
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
    if make.option("pen_loop") == "elastic-loop":
        pen = make.ask("pen_girth", 32.0, finished=False)
        chain = Chain.start(msg("sum.pen-girth"), pen).plus(msg("sum.two-ends"), caught)
        make.sums["pen_loop"] = chain
        make.size("pen_loop", chain.total)
        across = make.ask("pen_loop_width", PEN_LOOP_WIDE, finished=False)
        make.needs.append(Need.measured("elastic", "elastic", msg("need.pen-loop"), chain.total, across))
    if make.option("marker") != "none":
        _marker(make, math.hypot(wb, hb))


def add_matching(make: Make, wb: float, hb: float, w: float) -> Bookmark | None:
    """A bookmark of the same cloths, in the same go: a third of a board wide, most of it long, drawn beside the open cover."""
    if make.option("page_strip") == "none":
        return None
    side, end = make.allowance("side"), make.allowance("end")
    wide = make.ask("bookmark_width", Chain.start(msg("sum.third-board"), wb * BOOKMARK_WIDE), added=2 * side)
    long = make.ask("bookmark_length", Chain.start(msg("sum.most-of-board"), hb * BOOKMARK_LONG), added=2 * end)
    mark = add_bookmark(make, "page-strip", wide, long, prefix="bookmark-")
    if make.finishing is not None:
        # Turned and topstitched it shows no edge.
        make.finished_pieces = tuple(piece.id for piece in make.pieces if piece.id != "page-strip")
    x = w / 2 + BESIDE
    corners = [(0.0, 0.0), (wide, 0.0), (wide, long), (0.0, long)]
    make.facets.append(flat_facet("page-strip", [(p, (x + p[0], 0.0, p[1])) for p in corners]))
    return mark


def _marker(make: Make, diagonal: float) -> None:
    """A ribbon or strip as long as the page is across and so much longer, its loose end finished as it needs."""
    kind = make.option("marker")
    tails = make.ask("ribbon_tails", 60.0, finished=False)
    chain = Chain.start(msg("sum.diagonal"), diagonal).plus(msg("sum.tails"), tails)
    wide = make.ask("ribbon_width", 6.0, finished=False)
    if kind == "strip":
        chain = chain.plus(msg("sum.turned-end"), float(RIBBON_TURN))
        add_caught(make, "ribbon", chain, wide, lambda sewn: _hanging(sewn, wide, tails))
    else:
        chain = chain.plus_some(msg("sum.turned-end"), 2.0 * RIBBON_TURN if kind == "frays" else 0.0)
        make.sums["ribbon"] = chain
        make.size("ribbon", chain.total)
        make.needs.append(Need.measured("ribbon", "ribbon", msg("need.ribbon"), chain.total, wide))


def _hanging(sewn: Sewn, wide: float, tails: float) -> tuple[Loop, ...]:
    """Its loose end, lying out from under the spine of the standing book."""
    points = [p for facet in sewn.of("cover") for p in facet.space]
    x, low = min(p[0] for p in points), min(p[2] for p in points)
    y = (min(p[1] for p in points) + max(p[1] for p in points)) / 2
    return band([(x, y - wide / 2, low), (x, y + wide / 2, low)], (-tails, 0.0, 0.0))


def add_band(make: Make, w: float, h: float, spine: float, top_a: float) -> list[EdgeUse]:
    """A band over the spine, ``spine`` mm and so much of the boards on both sides, its long edges turned under; its ends lie in the cover's
    seams."""
    turn = make.allowance("side")
    wide = make.ask(
        "band_width",
        Chain.start(msg("sum.spine"), spine).plus(msg("sum.both-hinges"), 30.0),
        high=w - 20.0,
        added=2 * turn,
    )
    edges = rectangle("spine-band", wide, h, {"lower": top_a, "right": turn, "upper": top_a, "left": turn})
    ends = [Mark("notch", msg("mark.centre-spine"), point=(wide / 2, y)) for y in (0.0, h)]
    make.piece("spine-band", "", edges, [Cut(make.role("contrast"), 1)], ends)
    make.hem("band-edges", [EdgeUse("spine-band", "left"), EdgeUse("spine-band", "right")], turn)
    x0 = (w - wide) / 2
    make.carry("spine-band", lambda sewn: laid(sewn, "cover", (x0, 0.0, x0 + wide, h), LIFT / 2))
    return [EdgeUse("spine-band", "lower"), EdgeUse("spine-band", "upper")]


def lacks(make: Make, bound: bool) -> tuple[str, ...]:
    """Edges it has none of: a binding takes raw ones, and only what lies on the cover is sewn to its own then; ends are those of a binding
    and of a bookmark."""
    strip = make.option("page_strip") != "none"
    on_it = strip or make.option("pockets") == "slip-pocket"
    on_it |= make.option("tab") != "none" or make.option("spine_band") == "band"
    if bound:
        return ("top",) if on_it else ("side", "top")
    return () if strip else ("end",)
