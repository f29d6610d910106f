"""The notebook cover: a wrap round boards and spine with flaps that hold the boards, bagged out or bound."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import replace

from ...constructions.binding import add_binding, binding_width
from ...constructions.shared import ROLES, turn_of
from ...drafting.asking import need_sizes
from ...drafting.description import Form
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec, Traits
from ...moves.carried import LIFT, Loop, Sewn, band, laid
from ...moves.outliner import Outliner, rectangle
from ...pattern import Chain, Check, Cut, Draft, EdgeUse, Mark, Need, Role
from ...pattern.piece import Fold
from ...plane import Segment, polyline
from ...wording import msg
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .making import add_steps
from .sizes import Book
from .solid import draw_solid
from .words import WORDS

FLAP_SHARE = (1 / 3, 2 / 3)

# What a board moves in, beyond the turn of cloth (mm).
SLACK = 4.0


def draft_book_cover(spec: Spec) -> Draft:
    """``2 wb + sp + e_w`` by ``hb + e_h``; the ease is at least the turn of cloth round two edges and the spine. A binding takes its
    seam's depth of every edge: bound covers are cut twice that larger, so that the same room is left between the seams. Raises
    `SpecError`."""
    need_sizes(spec, "board_width", "board_height", "spine")
    make = Make(spec, INPUTS, ALLOWANCES, OPTIONS)
    bound = make.option("make") == "bound"
    measures = spec.thing.measures if spec.thing else {}
    a, top_a = (0.0, 0.0) if bound else (make.allowance("side"), make.allowance("top"))
    # What the binding's seam takes of each edge (mm).
    taken = binding_width(make) / 4 if bound else 0.0

    def measured(name: str) -> Chain | None:
        return Chain.start(msg(f"measure.{name}"), measures[name]) if name in measures else None

    wb = make.ask("board_width", measured("board_width"))
    hb = make.ask("board_height", measured("board_height"))
    sp = make.ask("spine", measured("spine"))
    inside = spec.stack.inside
    turn = Chain.start(msg("sum.turn-of-cloth", thickness=inside), turn_of(inside)).plus(msg("sum.slack"), SLACK)
    ease_w = make.ask("ease_width", turn, added=2 * wb + sp + 2 * (a + taken))
    ease_h = make.ask("ease_height", turn, added=hb + 2 * (top_a + taken))
    hem = make.ask("flap_hem", 10.0, finished=False)
    flap = make.ask("flap", Chain.start(msg("sum.half-board"), wb / 2), high=wb - 2.0, added=hem + a + taken)
    width = (
        Chain.start(msg("sum.both-boards"), 2 * wb).plus_some(msg("sum.spine"), sp).plus_some(msg("sum.ease"), ease_w)
    )
    height = Chain.start(msg("measure.board_height"), hb).plus_some(msg("sum.ease"), ease_h)
    room_w, room_h = make.size("room_width", width), make.size("room_height", height)
    both = msg("sum.two-bindings", depth=taken)
    width, height = width.plus_some(both, 2 * taken), height.plus_some(both, 2 * taken)
    w, h = make.size("open_width", width), make.size("height", height)
    make.sums["cover.cut_width"] = width.plus_some(msg("sum.two-side-allowances", allowance=a), 2 * a)
    make.sums["cover.cut_height"] = height.plus_some(msg("sum.two-top-allowances", allowance=top_a), 2 * top_a)
    make.sums["flap.cut_width"] = (
        Chain.start(msg("sum.flap"), flap)
        .plus_some(msg("sum.flap-hem"), hem)
        .plus_some(msg("sum.side-allowance"), a)
        .plus_some(msg("sum.one-binding"), taken)
    )
    spine_w = sp + ease_w / 2
    lone = not bound and not make.lined
    _cover(make, w, h, spine_w, a, top_a, flap if lone else None)
    _flap(make, flap + taken, h, hem, a, top_a)
    flaps = [EdgeUse("flap", name, copy) for copy in ("front", "back") for name in ("lower", "outer", "upper")]
    mouths = [(0.0, 0.0, flap + taken, h), (w - flap - taken, 0.0, w, h)]
    make.carry("flap", lambda sewn: tuple(loop for box in mouths for loop in laid(sewn, "cover", box, -LIFT)))
    make.hem("flap-hem", [EdgeUse("flap", "free", copy) for copy in ("front", "back")], hem)
    if make.option("pockets") == "slip-pocket":
        flaps += _pocket(make, flap + taken, room_h, taken)
        low = (w - flap - taken, 0.0, w, (make.finished["pocket_height"] or 0.0) + taken)
        make.carry("pocket", lambda sewn: laid(sewn, "cover", low, -2 * LIFT))
    if make.option("tab") == "tab":
        flaps += _tab(make, sp, a)
        make.carry("tab", lambda sewn: _tabbed(make, sewn))
    names = ("lower", "right", "upper", "left")
    outline = [EdgeUse("cover", name) for name in names]
    if bound:
        add_binding(make, 2 * (w + h), outline, flaps)
    elif make.lined:
        pairs = [(EdgeUse("cover", n, layer="outer"), EdgeUse("cover", n, layer="lining")) for n in names]
        seams = make.seams_apart("round", pairs, ("outer", "lining"), "cover-round", flaps)
        seam = next(s for s in seams if any(use.key == "lower" for use in s.a))
        # Between the flaps, which lie in the seam and are not to be caught open.
        make.gap(seam, seam.uses_of("lower"), 2 * (w + h), usable=w - 2 * flap, lead=flap)
    else:
        _flaps_on(make, a, flaps[6:])
    _extras(make, wb, hb, a + taken)
    _checks(make, Book(wb, hb, sp), flap, room_w, room_h, inside)
    make.draw(draw_solid, w, h, spine_w, sp)
    add_steps(make, bound)
    return make.draft(girth=2 * (w + h))


def _flaps_on(make: Make, a: float, caught: Sequence[EdgeUse]) -> None:
    """Without a lining each flap is sewn to the cover round three sides; between the flaps the edge is turned in."""
    for hand, copy in (("left", "front"), ("right", "back")):
        names = (f"lower-{hand}", hand, f"upper-{hand}")
        own = [EdgeUse("cover", name, reversed=hand == "left") for name in names]
        mates = [EdgeUse("flap", name, copy) for name in ("lower", "outer", "upper")]
        make.seam(f"flap-{hand}", own, mates, a, ("outer",), "flap-on", caught if hand == "right" else ())
    make.hem("cover-edge", [EdgeUse("cover", "lower"), EdgeUse("cover", "upper")], a)


def _cover(make: Make, w: float, h: float, spine: float, a: float, top_a: float, flap: float | None) -> None:
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
    make.piece("cover", "A", edges, cuts, marks, folds)


def _flap(make: Make, flap: float, h: float, hem: float, a: float, top_a: float) -> None:
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


def _pocket(make: Make, flap: float, h: float, taken: float) -> list[EdgeUse]:
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


def _tab(make: Make, sp: float, a: float) -> list[EdgeUse]:
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


def _extras(make: Make, wb: float, hb: float, a: float) -> None:
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


def _checks(make: Make, book: Book, flap: float, room_w: float, room_h: float, inside: float) -> None:
    """Whether the room between the seams takes the boards and their turn of cloth, across and up; and how deep the flaps are."""
    least, wb = turn_of(inside), book.width
    boards = 2 * wb + book.spine
    say = {"across": room_w, "up": room_h, "boards": boards, "height": book.height, "turn": least}
    for id, room, wanted, field in (
        ("closes", room_w, boards, "ease_width"),
        ("height", room_h, book.height, "ease_height"),
    ):
        spare = room - wanted - least
        tight = spare < -1e-6
        words = f"check.book-{id}-tight" if tight else f"check.book-{id}"
        fix = make.fix(field.replace("_", "-"), f"size.{field}", least + SLACK, "up") if tight else None
        text = msg(f"{words}.text", spare=abs(spare), **say)
        check = Check(f"fit.{id}", "stop" if tight else "ok", msg(words), text, room, wanted + least, fix)
        make.checks.append(check)
    low, high = (wb * share for share in FLAP_SHARE)
    if not low - 1e-6 <= flap <= high + 1e-6:
        fix = make.fix("flap", "size.flap", low if flap < low else high, "up" if flap < low else "down")
        key = "check.flap-shallow" if flap < low else "check.flap-deep"
        make.checks.append(
            Check("flap", "note", msg(key), msg(f"{key}.text", flap=flap, low=low, high=high), flap, low, fix)
        )


START = {"board_width": 148.0, "board_height": 210.0, "spine": 15.0}

BOOK_LAYERS = (("linen", "outer"), ("quilting-cotton", "lining"), ("woven-interfacing", "interfacing"))


def _reads(chosen: Chosen) -> Reads:
    pairs = {"ease_width": "cover.width", "ease_height": "cover.height", "flap": "flap.width"}
    if chosen["make"] == "bound":
        pairs |= {"strip_width": "binding.height", "binding_length": "binding.width"}
    if chosen["pockets"] == "slip-pocket":
        pairs["pocket_height"] = "pocket.height"
    if chosen["tab"] == "tab":
        pairs |= {"tab_overlap": "tab.width", "tab_width": "tab.height"}
    return Reads(pairs, ("board_width", "board_height", "spine", "flap_hem"), repeats={"flap.height": "flap"})


FORM = Form(
    "book-cover",
    INPUTS,
    OPTIONS,
    ("book",),
    ALLOWANCES,
    draft_book_cover,
    START,
    BOOK_LAYERS,
    2,
    (*ROLES, "binding"),
    place=130,
    reads=_reads,
    words=WORDS,
    picture=("M5 9h13v23h-13z M22 9h13v23h-13z M18 9h4v23h-4z", "M11 9v23 M29 9v23", "M18 9h4v23h-4z"),
    easier="bookmark",
    traits=Traits(put_on="book"),
)
