"""The bookmark: a stiffened strip, faced with a second piece or folded lengthwise."""

from __future__ import annotations

from ...constructions.caught import add_caught, prepare_strip
from ...constructions.shared import finish_sewing, start_sewing
from ...drafting.description import Form, LengthInput, Option
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec, Traits
from ...lay.needs import ribbon_need
from ...making import Look
from ...moves.carried import Loop, Sewn, band, spot
from ...moves.folding import flat_facet
from ...moves.outliner import Outliner
from ...pattern import Chain, Cut, Draft, EdgeUse, Mark, Role, Span
from ...pattern.piece import Fold
from ...plane import Segment, polyline
from ...shop import EDGE_STITCH, TOPSTITCH
from ...words import msg

ALLOWANCES = ("side", "end")
_TASSEL, _STRIP = {"options.tassel": ("ribbon", "strip")}, {"options.tassel": ("strip",)}
INPUTS = (
    LengthInput("size.width", 10.0, 300.0, "form", "either-way", words="bookmark.width"),
    LengthInput("size.length", 30.0, 800.0, "form", "either-way", words="bookmark.length"),
    LengthInput("size.ribbon_tails", 10.0, 400.0, "cloth", "either-way", _TASSEL, fixed=True),
    LengthInput("size.ribbon_width", 4.0, 80.0, "cloth", "either-way", _STRIP, fixed=True),
)
OPTIONS = (Option("make", ("faced", "folded"), "form"), Option("tassel", ("none", "ribbon", "strip"), "form"))


def draft_bookmark(spec: Spec) -> Draft:
    """Faced: two strips ``width`` by ``length``; folded: one strip twice as wide. The lower end is turned in and closed by
    the topstitch."""
    make = Make(spec, INPUTS, ALLOWANCES)
    side, end = make.allowance("side"), make.allowance("end")
    folded = make.option("make") == "folded"
    make.flat_lined = folded and make.lined
    board = spec.thing.measures if spec.thing else {}
    wide_start = Chain.start(msg("sum.third-board"), board["board_width"] * 0.3) if board else None
    long_start = Chain.start(msg("sum.most-of-board"), board["board_height"] * 0.8) if board else None
    w = make.ask("width", wide_start, added=2 * side, share=2 if folded else 1)
    length = make.ask("length", long_start, added=2 * end)
    wide = 2 * w if folded else w
    pen = Outliner("body", (0.0, 0.0))
    if folded:
        pen.to("lower-left", (w, 0.0), end)
        pen.to("lower-right", (wide, 0.0), end)
        pen.to("side-right", (wide, length), side)
        pen.to("upper-right", (w, length), end)
        pen.to("upper-left", (0.0, length), end)
    else:
        pen.to("lower", (wide, 0.0), end)
        pen.to("side-right", (wide, length), side)
        pen.to("upper", (0.0, length), end)
    pen.to("side-left", (0.0, 0.0), side)
    other: Role = "lining" if make.lined else "outer"
    cuts = [Cut("outer", 1), Cut(other, 1)] if other != "outer" else [Cut("outer", 2)]
    folds = [Fold("body.fold", msg("fold.lengthwise"), Segment((w, 0.0), (w, length)))] if folded else []
    up = Mark("up", msg("mark.up"), polyline([(w * 0.5, length * 0.12), (w * 0.5, length * 0.3)]))
    if folded:
        cuts = [Cut("outer", 1), *([Cut("lining", 1, on="outer")] if make.lined else [])]
    copies = ("front", "back") if other == "outer" and not folded else ()
    make.piece("body", "", pen.edges, cuts, [up], folds, copies=copies, backed=True)
    chain = Chain.start(msg("sum.strip"), w)
    chain = chain.times(msg("sum.both-sides"), 2) if folded else chain
    make.sums["body.cut_width"] = chain.plus_some(msg("sum.two-side-allowances", allowance=side), 2 * side)
    make.sums["body.cut_height"] = Chain.start(msg("sum.length"), length).plus_some(
        msg("sum.two-end-allowances", allowance=end), 2 * end
    )

    def use(name: str, layer: Role | None = None, back: bool = False, copy: str = "whole") -> EdgeUse:
        return EdgeUse("body", name, copy, layer, back)

    if folded:
        make.seam("side", [use("side-left")], [use("side-right", back=True)], side, ("outer",), "long-side")
        make.seam("upper", [use("upper-left")], [use("upper-right", back=True)], end, ("outer",), "strip-end")
        lower = make.seam("lower", [use("lower-left")], [use("lower-right", back=True)], end, ("outer",), "strip-open")
    else:
        pair: tuple[tuple[Role | None, str], ...] = (("outer", "front"), ("outer", "back"))
        if make.lined:
            pair = (("outer", "whole"), ("lining", "whole"))

        def both(name: str) -> tuple[EdgeUse, tuple[EdgeUse, ...]]:
            (a, front), (b, back) = pair
            return use(name, a, copy=front), (use(name, b, copy=back),)

        make.seams_apart("round", [both(n) for n in ("side-right", "upper", "side-left")], ("outer",), "strip-round")
        a, b = ([use("lower", layer, copy=copy)] for layer, copy in pair)
        lower = make.seam("lower", a, b, end, ("outer",), "strip-open")
    tassel = make.option("tassel")
    if tassel != "none":
        _hang(make, tassel == "strip", end, (wide if not folded else w) / 2, length)
    corners = [(0.0, 0.0), (w, 0.0), (w, length), (0.0, length)]
    make.facets.append(flat_facet("body", [(p, (p[0] - w / 2, 0.0, p[1])) for p in corners]))
    make.spans += [
        Span("size.width", (-w / 2, 0.0, 0.0), (w / 2, 0.0, 0.0), w),
        Span("size.length", (w / 2, 0.0, 0.0), (w / 2, 0.0, length), length),
    ]
    order, right = make.order, msg("faces.right-together")
    start_sewing(make, 1)
    if tassel == "strip":
        prepare_strip(make, "ribbon", "loop-made")
    if tassel != "none":
        ribbon = make.sums.get("ribbon")
        order.add(
            "tassel-in",
            "sew",
            2,
            say={"cut": msg("loop-cut.ribbon", loop=ribbon.total) if ribbon else msg("loop-cut.strip")},
            pieces=("ribbon", "body") if tassel == "strip" else ("body",),
            layer="outer",
            check=msg("step.loop-in.check"),
            parks=msg("loose.ribbon"),
        )
    order.seam(
        "strip", [seam for seam in make.seams if seam is not lower], "strip-sew", how=("leave-lower",), faces=right
    )
    order.add("trim-corners", "cut", 2, "trim-corners-strip", pieces=("body",), caution=msg("caution.blade"))
    check = Look(msg("step.strip-turn.check"), causes=(msg("cause.not-pushed"),), remedy=msg("remedy.push"))
    order.add("strip-turn", "finish", 3, pieces=("body",), caution=msg("caution.points"), check=check, turns=("whole",))
    order.seam(
        "lower",
        [lower],
        "strip-topstitch",
        lay=msg("lay.turn-in", allowance=end),
        along=msg("along.edge-all-round", distance=float(EDGE_STITCH)),
        faces=msg("faces.wrong-together"),
        stitch=float(TOPSTITCH),
        press=msg("press.flat"),
    )
    finish_sewing(make, put=False)
    return make.draft(girth=2 * (w + length))


def _hang(make: Make, strip: bool, end: float, middle: float, length: float) -> None:
    """The loop caught in the upper end, of ribbon or of a strip."""
    tails = make.ask("ribbon_tails", 80.0, finished=False)
    chain = Chain.start(msg("sum.loop-twice"), 2 * tails).plus(msg("sum.two-ends"), 2 * end)
    if not strip:
        cut = make.sums["ribbon"] = make.on_ruler(chain, 0.0, way="up")
        make.needs.append(ribbon_need(cut.total, make.spec.ruler))
        return
    wide = make.ask("ribbon_width", 8.0, finished=False)

    def shown(sewn: Sewn) -> tuple[Loop, ...]:
        found = spot(sewn, "body", (middle, length))
        if found is None:
            return ()
        x, y, z = found[0]
        return band([(x - wide / 2, y, z), (x + wide / 2, y, z)], (0.0, 0.0, tails))

    add_caught(make, "ribbon", chain, wide, shown)


START = {"width": 45.0, "length": 160.0}
BOOKMARK_LAYERS = (("linen", "outer"), ("quilting-cotton", "lining"), ("woven-interfacing", "interfacing"))


def _reads(_: Chosen) -> Reads:
    return Reads({"width": "body.width", "length": "body.height"})


FORM = Form(
    "bookmark",
    INPUTS,
    OPTIONS,
    ("book",),
    ALLOWANCES,
    draft_bookmark,
    START,
    BOOKMARK_LAYERS,
    1,
    place=140,
    reads=_reads,
    picture=("M14 4h12v30h-12z", "M16 6h8v26h-8z", "M18 34h4v4h-4z"),
    traits=Traits(inside=False),
)
