"""The bookmark: a stiffened strip, faced with a second piece or folded lengthwise."""

from __future__ import annotations

from ...constructions.bookmarks import add_bookmark, bookmark_steps
from ...constructions.caught import add_caught, prepare_strip
from ...constructions.shared import finish_sewing, start_sewing
from ...constructions.strips import IN_FOUR
from ...drafting.description import Form, LengthInput, Option
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec, Traits
from ...lay.needs import ribbon_need
from ...moves.carried import Loop, Sewn, band, spot
from ...moves.folding import flat_facet
from ...pattern import Chain, Draft, EdgeUse, Span
from ...shop import BOOKMARK_LONG, BOOKMARK_WIDE
from ...words import msg

ALLOWANCES = ("side", "end")
_TASSEL = {"options.tassel": ("ribbon", "strip")}
INPUTS = (
    LengthInput("size.width", 10.0, 300.0, "form", "either-way", words="bookmark.width"),
    LengthInput("size.length", 30.0, 800.0, "form", "either-way", words="bookmark.length"),
    LengthInput("size.ribbon_tails", 10.0, 400.0, "cloth", "either-way", _TASSEL, fixed=True),
    LengthInput("size.ribbon_width", 4.0, 80.0, "cloth", "either-way", _TASSEL, fixed=True),
)
OPTIONS = (Option("make", ("faced", "folded"), "form"), Option("tassel", ("none", "ribbon", "strip"), "form"))


# Drawn so far behind the other half (mm): what is folded lies as one.
_BEHIND = 0.05


def draft_bookmark(spec: Spec) -> Draft:
    """Faced: two strips ``width`` by ``length``; folded: one strip twice as wide. The lower end is turned in and closed by
    the topstitch."""
    make = Make(spec, INPUTS, ALLOWANCES)
    side, end = make.allowance("side"), make.allowance("end")
    folded = make.option("make") == "folded"
    make.flat_lined = folded and make.lined
    board = spec.thing.measures if spec.thing else {}
    wide_start = Chain.start(msg("sum.third-board"), board["board_width"] * BOOKMARK_WIDE) if board else None
    long_start = Chain.start(msg("sum.most-of-board"), board["board_height"] * BOOKMARK_LONG) if board else None
    w = make.ask("width", wide_start, added=2 * side, share=2 if folded else 1)
    length = make.ask("length", long_start, added=2 * end)
    mark = add_bookmark(make, "body", w, length, folded)
    tassel = make.option("tassel")
    if tassel != "none":
        _hang(make, tassel == "strip", end, w / 2, length)
    corners = [(0.0, 0.0), (w, 0.0), (w, length), (0.0, length)]
    make.facets.append(flat_facet("body", [(p, (p[0] - w / 2, 0.0, p[1])) for p in corners]))
    if folded:
        # Its other half lies behind.
        back = [(w, 0.0), (2 * w, 0.0), (2 * w, length), (w, length)]
        make.facets.append(flat_facet("body", [(p, (1.5 * w - p[0], _BEHIND, p[1])) for p in back]))
    make.spans += [
        Span("size.width", (-w / 2, 0.0, 0.0), (w / 2, 0.0, 0.0), w),
        Span("size.length", (w / 2, 0.0, 0.0), (w / 2, 0.0, length), length),
    ]
    order = make.order
    start_sewing(make, 1)
    if tassel == "strip":
        prepare_strip(make, "ribbon", "loop-made")
    if tassel != "none":
        ribbon = make.sums.get("ribbon")
        order.add(
            "tassel-in",
            "sew",
            2,
            # The middle of a folded strip's raw end is its fold, and no middle of what is seen.
            "tassel-in-folded" if folded else "tassel-in",
            say={"cut": msg("loop-cut.ribbon", loop=ribbon.total) if ribbon else msg("loop-cut.strip")},
            pieces=("ribbon", "body") if tassel == "strip" else ("body",),
            layer="outer",
            single=(("body", make.piece_of("body").copies[0]),) if len(make.piece_of("body").copies) > 1 else (),
            check=msg("step.loop-in.check"),
            parks=msg("loose.ribbon"),
            lies=("ribbon", 2 * IN_FOUR) if tassel == "strip" else None,
            tacks=((EdgeUse("body", "upper-left" if folded else "upper"), 0.5),),
        )
    bookmark_steps(make, mark)
    finish_sewing(make, put=False)
    return make.draft(girth=2 * (w + length))


def _hang(make: Make, strip: bool, end: float, middle: float, length: float) -> None:
    """The loop caught in the upper end, of ribbon or of a strip."""
    tails = make.ask("ribbon_tails", 80.0, finished=False)
    chain = Chain.start(msg("sum.loop-twice"), 2 * tails).plus(msg("sum.two-ends"), 2 * end)
    wide = make.ask("ribbon_width", 8.0, finished=False)
    if not strip:
        cut = make.sums["ribbon"] = make.on_ruler(chain, 0.0, way="up")
        make.needs.append(ribbon_need(cut.total, wide))
        return

    def shown(sewn: Sewn) -> tuple[Loop, ...]:
        found = spot(sewn, "body", (middle, length))
        if found is None:
            return ()
        x, y, z = found[0]
        return band([(x - wide / 2, y, z), (x + wide / 2, y, z)], (0.0, 0.0, tails))

    add_caught(make, "ribbon", chain, wide, shown)


START = {"width": 45.0, "length": 160.0}
BOOKMARK_LAYERS = (("linen", "outer"), ("quilting-cotton", "lining"), ("woven-interfacing", "interfacing"))


def _is_folded(options: Chosen) -> bool:
    return options["make"] == "folded"


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
    extra_for=("book",),
    picture=("M14 4h12v30h-12z", "M16 6h8v26h-8z", "M18 34h4v4h-4z"),
    traits=Traits(ends="flat", together=_is_folded),
)
