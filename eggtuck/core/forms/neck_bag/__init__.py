"""The gathered-neck gift bag: a flat tube whose base the bottle pushes open, gathered where the neck begins."""

from __future__ import annotations

import math

from ...constructions.elastics import add_elastic_round, holds
from ...constructions.ribbons import add_ribbon, with_ends
from ...constructions.shared import edges_check, girth_fit
from ...drafting.asking import usual_bow, wrap_girth
from ...drafting.description import Form
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec, Traits, always
from ...fit.ease import EaseHabit
from ...lay.needs import ribbon_need
from ...moves.outliner import Outliner
from ...pattern import Chain, Check, Draft, EdgeUse, Fix, Mark, SpecError
from ...pattern.piece import Fold, MarkKind
from ...plane import Segment, polyline
from ...shop import HEM_CLEAR, MOTIF_LEAST, RIBBON_WIDE
from ...words import msg
from .asks import ALLOWANCES, ELASTIC, INPUTS, OPTIONS, RIBBON
from .making import add_steps
from .sizes import Shown
from .solid import draw_solid

HEADROOM, TOP_FOLD = 80.0, 40.0

# How many times its neck the cloth may be before the gathers no longer draw together.
MOST_GATHER = 5.0


def draft_neck_bag(spec: Spec) -> Draft:
    """One piece ``G`` wide with a centre-back seam, ``d/2 + object + headroom + top fold`` high. Raises `SpecError`."""
    make = Make(spec, INPUTS, ALLOWANCES)
    make.flat_lined = make.lined
    thing, inside = spec.thing, spec.stack.inside
    side, base_a, top_a = (make.allowance(key) for key in ALLOWANCES)
    along = thing.neck_along_cloth if thing else None
    girth = make.around = make.ask("girth", wrap_girth(spec, inside), added=2 * side)
    proposed = Chain.start(msg("sum.object-base"), thing.base_width) if thing else None
    d = make.ask("base_diameter", proposed or Chain.start(msg("sum.girth"), girth).divided(msg("sum.pi"), math.pi))
    over = None
    if thing is not None:
        over = Chain.start(msg("sum.object-height"), thing.height)
        if along is not None and thing.neck_height is not None:
            over = Chain.start(msg("sum.neck-along-cloth"), along).plus_some(
                msg("sum.neck-to-top"), thing.height - thing.neck_height
            )
    height = make.ask("object_height", over)
    neck_start = Chain.start(msg("sum.neck-along-cloth"), along) if along else None
    neck = make.ask("neck_height", neck_start or Chain.start(msg("sum.neck-usual"), height * 0.72))
    head = make.ask("headroom", HEADROOM)
    if neck >= height + head:
        high = spec.most(height + head)
        if high < make.described["size.neck_height"].low:
            raise SpecError.of("size.headroom", msg("problem.headroom", low=spec.least(neck - height)))
        raise SpecError.of("size.neck_height", msg("problem.neck-over-rim", value=height + head, high=high))
    # The fold and the edge turned under it end above the neck line.
    clear = max(0.0, height + head - neck - top_a - HEM_CLEAR)
    usual_fold = min(spec.ruler.usual(TOP_FOLD), spec.on_grid(clear, "down"))
    if spec.size.get("top_fold", 0.0) > clear + 1e-6:
        told = msg("problem.hem-over-tie", hem=spec.size["top_fold"], limit=clear)
        raise SpecError.of("size.top_fold", told)
    fold = make.ask("top_fold", Chain.start(msg("sum.usual"), usual_fold), high=max(clear, usual_fold), added=0.0)
    wall = Chain.start(msg("sum.object-height"), height).plus_some(msg("sum.headroom"), head)
    lift = Chain.start(msg("sum.half-base"), d / 2)
    net = lift.plus(msg("sum.object-height"), height).plus_some(msg("sum.headroom"), head)
    net = make.on_ruler(net.plus_some(msg("sum.top-fold"), fold), base_a + top_a, way="up")
    gain = net.total - (d / 2 + height + head + fold)
    make.size("wall_height", wall.plus_some(msg("sum.rounding-gain"), gain))
    total, rim = net.total, net.total - fold
    usual = math.pi * thing.neck_diameter if thing and thing.neck_diameter else girth / 3
    neck_girth = make.ask("neck_girth", Chain.start(msg("sum.neck-girth"), usual), high=girth)
    make.sums["body.cut_width"] = Chain.start(msg("sum.girth"), girth).plus_some(
        msg("sum.two-side-allowances", allowance=side), 2 * side
    )
    make.sums["body.cut_height"] = net.plus_some(msg("sum.base-allowance"), base_a).plus_some(
        msg("sum.top-allowance"), top_a
    )
    pen = Outliner("body", (0.0, 0.0))
    # Laid flat with the back seam in the middle its middle half is the front, and both quarters beside that are the back.
    pen.to("base-back-left", (girth / 4, 0.0), base_a)
    pen.to("base-front", (girth * 3 / 4, 0.0), base_a)
    pen.to("base-back-right", (girth, 0.0), base_a)
    pen.to("side-right", (girth, total), side)
    pen.to("top", (0.0, total), top_a)
    pen.to("side-left", (0.0, 0.0), side)

    def across(kind: MarkKind, label: str, y: float, seen: bool | None = None) -> Mark:
        datum = msg("mark.from-base-seam", height=y, raw=y + base_a)
        return Mark(kind, msg(label), polyline([(0.0, y), (girth, y)]), datum=datum, seen=seen)

    marks = [
        across("line", "mark.base-line", d / 2),
        # Elastic is sewn to the wrong side.
        across("tie", "mark.neck", d / 2 + neck, False if make.option("closure") in ELASTIC else None),
        across("line", "mark.object-top", d / 2 + height),
        Mark("notch", msg("mark.centre-top"), point=(girth / 2, total)),
        Mark("notch", msg("mark.centre-base"), point=(girth / 2, 0.0)),
        Mark("up", msg("mark.up"), polyline([(girth * 0.75, total * 0.2), (girth * 0.75, total * 0.34)])),
    ]
    if fold:
        marks.append(across("line", "mark.top-fold", rim))
    else:
        make.idle.add("hem_turn")
    marks += _motif(girth, d / 2, d / 2 + neck)
    folds = [Fold("body.middle", msg("fold.middle"), Segment((girth / 2, 0.0), (girth / 2, total)))]
    make.piece("body", "A", pen.edges, make.cuts(1), marks, folds, backed=True)
    make.seam(
        "side", [EdgeUse("body", "side-left")], [EdgeUse("body", "side-right", reversed=True)], side, ("outer",), "back"
    )
    back = [EdgeUse("body", name, reversed=True) for name in ("base-back-left", "base-back-right")]
    make.seam("base", [EdgeUse("body", "base-front")], back, base_a, ("outer",))
    make.hem("hem", [EdgeUse("body", "top")], fold or top_a)
    make.gathered.append(("body", polyline([(0.0, d / 2 + neck), (girth, d / 2 + neck)])))
    _closure(make, neck_girth, girth)
    girth_fit(make, girth, inside)
    edges_check(make, hidden_by_lining=False)
    shown = Shown(height, neck, height + head + gain)
    if thing is not None:
        # In space the thing stands upright: the tape that lay over its shoulder is longer than it is high.
        reach = thing.neck_height if thing.neck_height is not None else min(neck, thing.height)
        shown = Shown(thing.height, reach, thing.height + head + gain)
    make.draw(draw_solid, girth, d, neck, neck_girth, rim, shown)
    add_steps(make, d / 2 + neck + base_a, fold)
    return make.draft(girth=girth, ribbon=make.option("closure") != "elastic")


def _motif(girth: float, base: float, neck: float) -> list[Mark]:
    """Where a motif stays in front, clear of the base, the gathers and the turn to the sides: in the middle, opposite the back seam."""
    margin = min(20.0, girth / 16)
    x0, x1, y0, y1 = girth / 4 + margin, girth * 3 / 4 - margin, base + margin, neck - 2 * margin
    if x1 - x0 < MOTIF_LEAST or y1 - y0 < MOTIF_LEAST:
        return []
    path = polyline([(x0, y0), (x1, y0), (x1, y1), (x0, y1), (x0, y0)])
    datum = msg("mark.motif.datum", width=x1 - x0, height=y1 - y0)
    return [Mark("zone", msg("mark.motif"), path, datum=datum, role="outer")]


def _closure(make: Make, neck_girth: float, girth: float) -> None:
    """Elastic, ribbon or both at the neck, and whether so much cloth still draws together there."""
    spec, closure = make.spec, make.option("closure")
    gathered = neck_girth
    if closure in ELASTIC:
        gathered = add_elastic_round(make, neck_girth, girth)
        if closure == "elastic" and not holds(gathered, neck_girth):
            text = msg("fit.gathers-loose.text", free=gathered, neck=neck_girth)
            fix = Fix(msg("fix.ribbon-too"), {"options.closure": "elastic-ribbon"})
            limit = neck_girth
            make.checks.append(Check("fit.holds", "note", msg("fit.gathers-loose"), text, gathered, limit, fix))
    if closure in RIBBON:
        bow = make.ask("bow", usual_bow(spec), finished=False)
        ribbon = Chain.start(msg("sum.neck-girth"), neck_girth).plus_some(msg("sum.bow"), bow)
        ribbon = make.on_ruler(with_ends(ribbon, make.option("ribbon")), 0.0, way="up")
        make.sums["ribbon"] = ribbon
        make.size("ribbon", ribbon.total)
        wide = make.size("ribbon_width", make.ask("ribbon_width", RIBBON_WIDE, finished=False))
        if make.option("ribbon") != "made":
            make.needs.append(ribbon_need(ribbon.total, wide))
        else:
            neck = (make.finished["base_diameter"] or 0.0) / 2 + (make.finished["neck_height"] or 0.0)
            add_ribbon(make, "ribbon", ribbon, wide, "body", (girth / 2, neck))
    # On the thing the neck holds it open; without reach, the elastic itself does.
    ratio = make.size("gather_ratio", girth / (neck_girth if closure in RIBBON else max(gathered, neck_girth)))
    if ratio > MOST_GATHER:
        text = msg("check.gathers-bulky.text", girth=girth, neck=girth / ratio)
        fix = make.fix("neck-girth", "size.neck_girth", girth / MOST_GATHER, "up")
        make.checks.append(Check("fit.gather", "warn", msg("check.gathers-bulky"), text, ratio, MOST_GATHER, fix))


START = {"girth": 340.0, "object_height": 300.0}


def _reads(_: Chosen) -> Reads:
    pairs = {"girth": "body.width", "object_height": "body.height"}
    return Reads(pairs, ("base_diameter", "neck_height", "headroom", "top_fold"))


# Gathered cloth wants plenty.
FORM = Form(
    "neck-bag",
    INPUTS,
    OPTIONS,
    ("bottle", "jar", "tumbler", "can", "profile"),
    ALLOWANCES,
    draft_neck_bag,
    START,
    (("linen", "outer"),),
    1,
    place=40,
    reads=_reads,
    picture=("M11 36h18q2 -11 -2 -17l-5 -4l6 -9h-16l6 9l-5 4q-4 6 -2 17z", "", "M16 14h8v3h-8z"),
    traits=Traits(ease=EaseHabit(0.15, 0.30, 0.50), together=always),
)
