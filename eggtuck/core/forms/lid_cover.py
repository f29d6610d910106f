"""The lid cover: a circle over the mouth of a jar or bowl, gathered beneath the rim by elastic or a cord."""

from __future__ import annotations

import math

from ..moves.folding import ring, woven
from ..moves.outliner import rectangle
from ..moves.round_tube import circle_edge
from ..pattern import Chain, Check, Cut, Draft, EdgeUse, Fix, Mark, Need, Span, SpecError
from ..plane import Segment
from ..wording import msg
from .description import Form, LengthInput, Option
from .make import Make
from .neck_bag import STRETCH
from .shared import INSET, INTERFACING, LINED_LAYERS, edges_check, finish_sewing, start_sewing
from .spec import Spec
from .zips import close_gap

ALLOWANCES = ("rim", "casing")
_ELASTIC, _CORD = {"options.closure": ("elastic",)}, {"options.closure": ("cord",)}
INPUTS = (
    LengthInput("size.mouth_diameter", 15.0, 800.0, "form", "at-least"),
    LengthInput("size.drop", 3.0, 300.0, "form", "at-least"),
    LengthInput("size.frill", 0.0, 200.0, "form", "either-way"),
    LengthInput("size.neck_girth", 30.0, 2600.0, "form", "either-way", words="lid-cover.neck_girth"),
    LengthInput("size.channel", 4.0, 60.0, "form", "at-least", words="lid-cover.channel"),
    LengthInput("size.anchoring", 0.0, 100.0, "cloth", "at-least", _ELASTIC),
    LengthInput("size.cord_tails", 20.0, 1500.0, "cloth", "either-way", _CORD),
    LengthInput("size.gap", 10.0, 1000.0, "ease", "at-least"),
    INSET,
)
OPTIONS = (
    Option("closure", ("elastic", "cord"), "form"),
    Option("stretch", ("third", "quarter", "half"), "ease", _ELASTIC),
    INTERFACING,
)


def draft_lid_cover(spec: Spec) -> Draft:
    """The casing line lies ``mouth radius + drop`` from the middle; the net edge a frill beyond the casing. Raises
    `SpecError`."""
    make = Make(spec, INPUTS, ALLOWANCES)
    thing, rim = spec.thing, make.allowance("rim")
    mouth_start = None
    if thing is not None:
        mouth_start = Chain.start(msg("sum.lid-across"), thing.girth / math.pi)
    mouth = make.ask("mouth_diameter", mouth_start)
    drop = make.ask("drop", Chain.start(msg("sum.quarter-mouth"), max(20.0, mouth / 6)))
    channel = make.ask("channel", 12.0)
    frill = make.ask("frill", 25.0, added=mouth / 2 + drop + channel + rim)
    line = mouth / 2 + drop
    net = line + channel + frill
    make.size("casing_radius", Chain.start(msg("sum.half-mouth"), mouth / 2).plus(msg("sum.drop"), drop))
    chain = (
        Chain.start(msg("sum.casing-radius"), line).plus(msg("sum.channel"), channel).plus_some(msg("sum.frill"), frill)
    )
    make.size("radius", chain)
    make.sums["circle.cut_width"] = chain.plus_some(msg("sum.rim-allowance"), rim).times(msg("sum.across"), 2)
    neck = make.ask("neck_girth", Chain.start(msg("sum.round-mouth"), math.pi * mouth), high=2 * math.pi * line)
    make.size("gather_ratio", 2 * math.pi * line / neck)
    if net > 750:
        raise SpecError.of("size.mouth_diameter", msg("problem.lid-large", radius=net, high=750.0))
    marks = [Mark("notch", msg("mark.quarter"), point=p) for p in ((net, 0.0), (0.0, net), (-net, 0.0), (0.0, -net))]
    for radius, label in ((line, "mark.casing-inner"), (line + channel, "mark.casing-outer")):
        marks.append(Mark("line", msg(label), _circle(radius), datum=msg("mark.from-middle", radius=radius)))
    if make.lined:
        make.piece("circle", "", [circle_edge("circle", 2 * net, rim)], make.cuts(1), marks)
        a, b = [EdgeUse("circle.rim", layer="outer")], [EdgeUse("circle.rim", layer="lining")]
        seam = make.seam("round", a, b, rim, ("outer", "lining"), "round")
        make.gap(seam, ("circle.rim",), 2 * math.pi * net, 4 * net)
    else:
        make.piece("circle", "", [circle_edge("circle", 2 * net, rim)], make.cuts(1), marks)
        make.hem("hem", [EdgeUse("circle.rim")], rim)
        _casing(make, line, channel)
    _closure(make, line, neck, channel)
    edges_check(make)
    if thing is not None and thing.girth > neck + 1.0:
        over = thing.girth - neck
        make.checks.append(
            Check("fit.lid", "note", msg("check.lid-tight"), msg("check.lid-tight.text", over=over), over, 1.0)
        )
    _shape(make, mouth, drop, neck, line, channel, net)
    _steps(make)
    return make.draft(girth=2 * math.pi * net)


def _circle(radius: float) -> tuple[Segment, ...]:
    points = [(radius, 0.0), (0.0, radius), (-radius, 0.0), (0.0, -radius)]
    return tuple(Segment(a, b, math.tan(math.pi / 8)) for a, b in zip(points, [*points[1:], points[0]], strict=True))


def _casing(make: Make, line: float, channel: float) -> None:
    """A bias strip on the wrong side makes the channel of a single layer; it is eased round the curve."""
    a = make.allowance("casing")
    length = 2 * math.pi * (line + channel / 2)
    edges = rectangle("casing", length, channel, {"lower": a, "end-right": a, "upper": a, "end-left": a})
    make.piece("casing", "", edges, [Cut("outer", 1)])
    make.hem("casing-on", [EdgeUse(edge.id) for edge in edges], a)


def _closure(make: Make, line: float, neck: float, channel: float) -> None:
    spec = make.spec
    if make.option("closure") == "elastic":
        anchoring = make.ask("anchoring", 20.0, finished=False)
        kept = 1 - STRETCH[make.option("stretch")]
        cut = Chain.start(msg("sum.neck-girth"), neck).times(msg(f"sum.stretch-{make.option('stretch')}"), kept)
        cut = cut.plus_some(msg("sum.anchoring"), anchoring)
        make.sums["elastic"] = cut
        make.size("elastic", cut.total)
        make.needs.append(Need("elastic", "elastic", msg("need.elastic"), cut.total, spec.grid.round(cut.total, "up")))
    else:
        tails = make.ask("cord_tails", 150.0, finished=False)
        cord = Chain.start(msg("sum.casing-round"), 2 * math.pi * line).plus(
            msg("sum.two-tails", tail=tails), 2 * tails
        )
        make.sums["cord"] = cord
        make.size("cord", cord.total)
        make.needs.append(
            Need(
                "cord",
                "cord",
                msg("need.cord"),
                cord.total,
                spec.grid.round(cord.total, "up"),
                note=msg("need.cord.note"),
            )
        )
        make.checks.append(Check("caution.cord", "note", msg("caution.ribbon"), msg("caution.cord")))
    ratio = 2 * math.pi * line / neck
    if ratio > 4:
        wider = 2 * math.pi * line / 4
        text = msg("check.gathers-bulky.text", girth=2 * math.pi * line, neck=neck)
        fix = Fix(msg("fix.neck-girth", girth=wider), {"size.neck_girth": wider})
        make.checks.append(Check("fit.gather", "warn", msg("check.gathers-bulky"), text, ratio, 4.0, fix))


def _shape(make: Make, mouth: float, drop: float, neck: float, line: float, channel: float, net: float) -> None:
    """Lying on the mouth, drawn in beneath the rim, the frill standing out."""
    r, tight = mouth / 2, neck / (2 * math.pi)
    make.soft = True
    high = drop + channel + (net - line - channel) * 0.7
    rows = {0.5: (0.5, high), r: (r, high), line: (tight, high - drop), line + channel: (tight, high - drop - channel)}
    rows[net] = (tight + (net - line - channel) * 0.7, 0.0)
    order = sorted(rows)
    # On its jar or bowl, where there is one.
    up = max(0.0, make.spec.thing.height - high) if make.spec.thing else 0.0

    def flat(share: float, away: float) -> tuple[float, float]:
        x, y, _ = ring(away, share, 0.0)
        return (x, y)

    make.facets += woven("circle", order, flat, lambda share, away: ring(rows[away][0], share, rows[away][1] + up))
    make.spans += [
        Span("size.mouth_diameter", (-r, 0.0, high + up), (r, 0.0, high + up), mouth),
        Span("size.drop", (r, 0.0, high + up), (r, 0.0, high + up - drop), drop),
        Span("finished.radius", (-net * 0.6, 0.0, up), (net * 0.6, 0.0, up), net),
    ]


def _steps(make: Make) -> None:
    order = make.order
    start_sewing(make, 1)
    channel = {"channel": make.finished["channel"] or 0.0, "line": make.finished["casing_radius"] or 0.0}
    if make.lined:
        gap = make.gaps[0]
        seam = next(s for s in make.seams if s.id == "round")
        right, check = msg("faces.right-together"), msg("step.gap.check", gap=gap.length)
        order.seam("round", [seam], "lid-round", say={"gap": gap.length}, faces=right, check=check)
        order.add("clip-curve", "cut", 3, caution=msg("caution.blade"))
        close_gap(order, gap)
        order.add("lid-channel", "sew", 8, say=channel, check=msg("step.lid-channel.check"))
    else:
        order.add(
            "lid-hem", "sew", 10, say={"allowance": make.allowance("rim")}, seams=("hem",), check=msg("step.hem.check")
        )
        order.add(
            "lid-casing",
            "sew",
            10,
            say=channel,
            pieces=("casing",),
            seams=("casing-on",),
            check=msg("step.lid-channel.check"),
        )
    if make.option("closure") == "elastic":
        say = {"elastic": make.sums["elastic"].total}
        order.add("lid-elastic", "finish", 4, say=say, check=msg("step.lid-elastic.check"))
    else:
        order.add("cord", "finish", 3, caution=msg("caution.cord"))
    finish_sewing(make)


START = {"mouth_diameter": 90.0, "drop": 25.0}
LID_COVER = Form(
    "lid-cover", INPUTS, OPTIONS, ("jar", "bowl", "can", "tumbler"), ALLOWANCES, draft_lid_cover, START, LINED_LAYERS, 1
)
