"""The pieces, and the seams they are sewn in."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from ...drafting.make import Make
from ...moves.outliner import Outliner, rectangle
from ...pattern import Chain, Cut, EdgeUse, Mark, Role
from ...pattern.piece import Fold
from ...plane import Segment, polyline
from ...words import msg


def sew_flaps_on(make: Make, top_a: float, caught: Sequence[EdgeUse], between: Sequence[EdgeUse]) -> None:
    """Without a lining each flap is sewn to the cover round three sides; ``between`` the flaps the edge is turned in by ``top_a``."""
    at = by_edge(make, caught)
    for hand, copy in (("left", "back"), ("right", "front")):
        names = (f"lower-{hand}", hand, f"upper-{hand}")
        own = [EdgeUse("cover", name, reversed=hand == "left") for name in names]
        mates = [(EdgeUse("flap", name, copy),) for name in ("lower", "outer", "upper")]
        # The pocket lies on the front flap, the tab at the fore-edge of the back.
        lies = zip(names, (at["lower"], at[hand], at["upper"]) if hand == "right" else ([], at[hand], []), strict=True)
        pairs = list(zip(own, mates, strict=True))
        make.seams_apart(f"flap-{hand}", pairs, ("outer",), "flap-on", dict(lies))
    make.hem("cover-edge", [EdgeUse("cover", "lower"), EdgeUse("cover", "upper"), *between], top_a)


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


def doubled_flaps(make: Make) -> bool:
    """Whether flaps are cut double and folded: where they are caught in a seam all round, with their second layer."""
    return make.option("flaps") == "doubled" and (make.lined or make.option("make") == "bound")


def add_flap(make: Make, flap: float, h: float, hem: float, a: float, top_a: float) -> list[EdgeUse]:
    """Hemmed at its free edge, or double with a fold there; returns what of them lies in the cover's seams."""
    role: Role = "lining" if make.lined else "outer"
    double = doubled_flaps(make)
    wide, free = (2 * flap, "outer-2") if double else (flap, "free")
    edges = rectangle("flap", wide, h, {"lower": top_a, "outer": a, "upper": top_a, free: a if double else hem})
    folds = [Fold("flap.fold", msg("fold.free-edge"), Segment((flap, 0.0), (flap, h)), doubles=True)] if double else []
    make.piece(
        "flap",
        "B",
        edges,
        [Cut(role, 2, mirrored=True)],
        [Mark("up", msg("mark.up"), polyline([(flap / 2, h * 0.15), (flap / 2, h * 0.3)]))],
        folds,
        copies=("front", "back"),
    )
    copies = ("front", "back")
    if not double:
        make.hem("flap-hem", [EdgeUse("flap", "free", copy) for copy in copies], hem)
    names = ("lower", "outer", "upper", *(("outer-2",) if double else ()))
    return [EdgeUse("flap", name, copy) for copy in copies for name in names]


def by_edge(make: Make, uses: Sequence[EdgeUse]) -> dict[str, list[EdgeUse]]:
    """What lies between cover and lining, by the edge of the cover it lies at. The front is the right half, and the back the left
    one, with the tab at its fore-edge; both raw edges of a pocket that is folded at its top lie at its foot."""
    folded = {("pocket", "upper"): "lower"} if make.option("pockets") == "slip-pocket" else {}
    found: dict[str, list[EdgeUse]] = {"lower": [], "right": [], "upper": [], "left": []}
    for use in uses:
        side = "left" if (use.piece, use.copy) == ("flap", "back") or use.piece == "tab" else "right"
        at = folded.get((use.piece, use.key), use.key)
        found[at if at in ("lower", "upper") else side].append(use)
    return found


def add_pocket(make: Make, flap: float, h: float, taken: float) -> list[EdgeUse]:
    """A slip pocket on the front flap, folded double at its top; its other edges lie in the flap's seams, where a binding takes
    ``taken`` mm of them."""
    bound, free = make.option("make") == "bound", make.allowance("side")
    if make.option("pockets") == "narrow":
        return _narrow_pocket(make, flap, h + 2 * taken, taken)
    a, top_a = (0.0, 0.0) if bound else (free, make.allowance("top"))
    share = Chain.start(msg("sum.share-height"), h * 0.55)
    high = make.ask("pocket_height", share, high=h - 10.0, added=2 * (top_a + taken), share=2) + taken
    # As wide as the flap, or what less of it can be measured: of one that is folded double, half its width may end between two marks.
    wide = make.spec.on_grid(flap + a + free, "down") - a - free
    edges = rectangle("pocket", wide, 2 * high, {"lower": top_a, "outer": a, "upper": top_a, "free": free})
    fold = Fold("pocket.fold", msg("fold.pocket"), Segment((0.0, high), (wide, high)), doubles=True)
    role: Role = "lining" if make.lined else "outer"
    make.piece("pocket", "", edges, [Cut(role, 1)], [], [fold])
    make.hem("pocket-free", [EdgeUse("pocket", "free")], make.allowance("side"))
    return [EdgeUse("pocket", name) for name in ("lower", "outer", "upper")]


def _narrow_pocket(make: Make, flap: float, h: float, taken: float) -> list[EdgeUse]:
    """A pocket as high as the flap and narrower, double, its fold towards the spine."""
    bound = make.option("make") == "bound"
    a, top_a = (0.0, 0.0) if bound else (make.allowance("side"), make.allowance("top"))
    room = flap - taken
    wide = make.ask(
        "pocket_width", Chain.start(msg("sum.share-flap"), room * 0.6), high=room - 5.0, added=2 * (a + taken), share=2
    )
    net = wide + taken
    edges = rectangle("pocket", 2 * net, h, {"lower": top_a, "outer": a, "upper": top_a, "outer-2": a})
    fold = Fold("pocket.fold", msg("fold.free-edge"), Segment((net, 0.0), (net, h)), doubles=True)
    role: Role = "lining" if make.lined else "outer"
    make.piece("pocket", "", edges, [Cut(role, 1)], [], [fold])
    return [EdgeUse("pocket", name) for name in ("lower", "outer", "upper", "outer-2")]
