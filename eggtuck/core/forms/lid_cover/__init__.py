"""The lid cover: a circle over the mouth of a jar or bowl, gathered beneath the rim by elastic or a cord."""

from __future__ import annotations

import math
from dataclasses import dataclass, replace

from ...constructions.elastics import add_elastic_round, elastic_inputs, stretch_option
from ...constructions.shared import INSET, INTERFACING, LINED_LAYERS, edges_check, finish_sewing, start_sewing
from ...constructions.zips import close_gap
from ...drafting.description import Form, LengthInput, Option
from ...drafting.make import Make
from ...drafting.panel import Panel, round_panel, symmetric
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec, Traits
from ...moves.carried import LIFT, Loop, Sewn
from ...moves.folding import STRIPS, woven
from ...moves.outliner import rectangle
from ...moves.round_tube import circle_edge
from ...pattern import Chain, Check, Cut, Draft, EdgeUse, Mark, Need, Span, SpecError
from ...pattern.solid import Point3
from ...plane import OffsetError, Point, is_simple
from ...wording import msg
from .words import WORDS

ALLOWANCES = ("rim", "casing")
# How many times the place where it draws in the cloth may be.
MOST_GATHER = 4.0
_CORD = {"options.closure": ("cord",)}
INPUTS = (
    LengthInput("size.mouth_diameter", 15.0, 800.0, "form", "at-least"),
    LengthInput("size.drop", 3.0, 300.0, "form", "at-least"),
    LengthInput("size.frill", 0.0, 200.0, "form", "either-way"),
    LengthInput("size.neck_girth", 30.0, 2600.0, "form", "either-way", words="lid-cover.neck_girth"),
    LengthInput("size.channel", 4.0, 60.0, "form", "at-least", words="lid-cover.channel"),
    *elastic_inputs(("elastic",)),
    LengthInput("size.cord_tails", 20.0, 1500.0, "cloth", "either-way", _CORD),
    LengthInput("size.gap", 10.0, 1000.0, "ease", "at-least"),
    INSET,
)
OPTIONS = (Option("closure", ("elastic", "cord"), "form"), stretch_option(("elastic",)), INTERFACING)


def draft_lid_cover(spec: Spec) -> Draft:
    """The casing line lies ``drop`` outside the mouth (``mouth radius + drop`` from the middle of a round one); the net edge a frill
    beyond the casing. Over a mouth of the maker's own shape all lines follow it. Raises `SpecError`."""
    make = Make(spec, INPUTS, ALLOWANCES)
    thing, rim = spec.thing, make.allowance("rim")
    mouth_start = None
    if spec.shape is not None:
        mouth_start = Chain.start(msg("sum.shape-drawn"), spec.shape.width)
    elif thing is not None:
        mouth_start = Chain.start(msg("sum.lid-across"), thing.girth / math.pi)
    mouth = make.ask("mouth_diameter", mouth_start)
    drop = make.ask("drop", Chain.start(msg("sum.quarter-mouth"), max(20.0, mouth / 6)))
    channel = make.ask("channel", 12.0, added=2 * make.allowance("casing"))
    frill = make.ask("frill", 25.0, added=mouth / 2 + drop + channel + rim)
    line = mouth / 2 + drop
    net = line + channel + frill
    lid = _lid(spec, mouth, drop, channel, frill)
    make.size("casing_radius", Chain.start(msg("sum.half-mouth"), mouth / 2).plus(msg("sum.drop"), drop))
    chain = (
        Chain.start(msg("sum.casing-radius"), line).plus(msg("sum.channel"), channel).plus_some(msg("sum.frill"), frill)
    )
    make.size("radius", chain)
    make.sums["circle.cut_width"] = chain.plus_some(msg("sum.rim-allowance"), rim).times(msg("sum.across"), 2)
    neck = make.ask("neck_girth", Chain.start(msg("sum.round-mouth"), lid.mouth.round), high=lid.line.round)
    if max(lid.edge.box[2] - lid.edge.box[0], lid.edge.box[3] - lid.edge.box[1]) > 1500:
        raise SpecError.of("size.mouth_diameter", msg("problem.lid-large", radius=net, high=750.0))
    marks = [Mark("notch", msg("mark.quarter"), point=lid.edge.at(lid.edge.round * i / 4)) for i in range(4)]
    for panel, radius, label in (
        (lid.line, line, "mark.casing-inner"),
        (lid.outer, line + channel, "mark.casing-outer"),
    ):
        datum = msg("mark.from-middle", radius=radius, raw=net - radius + rim)
        if spec.shape is not None:
            datum = msg("mark.from-edge", away=net - radius, raw=net - radius + rim)
        marks.append(Mark("line", msg(label), panel.outline, datum=datum))
    edge = replace(circle_edge("circle", 2 * net, rim), path=lid.edge.outline)
    if make.lined:
        cuts = make.cuts(1)
        if spec.shape is not None and not symmetric(lid.edge):
            # Lying face to face, outer and lining are mirror images.
            cuts = [replace(cut, mirrored=cut.role == "lining") for cut in cuts]
        make.piece("circle", "", [edge], cuts, marks)
        a, b = [EdgeUse("circle.rim", layer="outer")], [EdgeUse("circle.rim", layer="lining")]
        seam = make.seam("round", a, b, rim, ("outer", "lining"), "round")
        make.gap(seam, ("circle.rim",), lid.edge.round, 4 * net)
    else:
        make.piece("circle", "", [edge], make.cuts(1), marks)
        make.hem("hem", [EdgeUse("circle.rim")], rim)
        _casing(make, lid, channel)
    _closure(make, lid.line.round, neck, max(lid.mouth.round, thing.girth if thing else 0.0))
    edges_check(make)
    _shape(make, lid, drop, neck, channel, frill)
    _steps(make)
    return make.draft(girth=lid.edge.round)


@dataclass(frozen=True, slots=True)
class Lid:
    """The mouth, the two lines of the casing, and the net edge."""

    mouth: Panel
    line: Panel
    outer: Panel
    edge: Panel


def _lid(spec: Spec, mouth: float, drop: float, channel: float, frill: float) -> Lid:
    away = (0.0, drop, drop + channel, drop + channel + frill)
    if spec.shape is None:
        return Lid(*(round_panel(mouth / 2 + distance) for distance in away))
    start = spec.shape.panel(mouth)
    try:
        found = [start.outset(distance) for distance in away]
    except OffsetError as error:
        raise SpecError.of("shape", msg("problem.shape-swallows", away=away[-1])) from error
    if not all(is_simple(panel.outline) for panel in found):
        raise SpecError.of("shape", msg("problem.shape-swallows", away=away[-1]))
    return Lid(*found)


def _casing(make: Make, lid: Lid, channel: float) -> None:
    """A bias strip on the wrong side makes the channel of a single layer; it is eased round the curve."""
    a = make.allowance("casing")
    length = make.spec.grid.round((lid.line.round + lid.outer.round) / 2 + 2 * a) - 2 * a
    edges = rectangle("casing", length, channel, {"lower": a, "end-right": a, "upper": a, "end-left": a})
    make.piece("casing", "", edges, [Cut("outer", 1)])
    make.carry("casing", _within)
    make.hem("casing-on", [EdgeUse(edge.id) for edge in edges], a)


def _within(sewn: Sewn) -> tuple[Loop, ...]:
    """The strip on the wrong side, between the lines of the casing: the third row of the circle's parts."""
    middle = [sum(p[axis] for p in sewn.facets[0].space) / len(sewn.facets[0].space) for axis in range(2)]

    def inner(p: Point3) -> Point3:
        x, y = p[0] - middle[0], p[1] - middle[1]
        share = 1 - LIFT / max(1.0, math.hypot(x, y))
        return middle[0] + x * share, middle[1] + y * share, p[2]

    return tuple(tuple(inner(p) for p in facet.space) for facet in sewn.facets[2 * STRIPS : 3 * STRIPS])


def _closure(make: Make, around: float, neck: float, over: float) -> None:
    """Elastic that passes ``over`` the widest part (mm round), or a cord, in a casing ``around`` mm long."""
    spec = make.spec
    drawn = neck
    if make.option("closure") == "elastic":
        drawn = min(around, add_elastic_round(make, neck, over, sewn=False))
    else:
        tails = make.ask("cord_tails", 150.0, finished=False)
        cord = Chain.start(msg("sum.casing-round"), around).plus(msg("sum.two-tails", tail=tails), 2 * tails)
        cord = make.on_ruler(cord, 0.0, way="up")
        make.sums["cord"] = cord
        make.size("cord", cord.total)
        make.needs.append(
            Need(
                "cord", "cord", msg("need.cord"), cord.total, spec.on_grid(cord.total, "up"), note=msg("need.cord.note")
            )
        )
        make.checks.append(Check("caution.cord", "note", msg("caution.ribbon"), msg("caution.cord")))
    ratio = make.size("gather_ratio", around / max(1.0, drawn, neck))
    if around / neck > MOST_GATHER:
        text = msg("check.gathers-bulky.text", girth=around, neck=neck)
        fix = make.fix("neck-girth", "size.neck_girth", around / MOST_GATHER, "up")
        make.checks.append(Check("fit.gather", "warn", msg("check.gathers-bulky"), text, ratio, MOST_GATHER, fix))


def _shape(make: Make, lid: Lid, drop: float, neck: float, channel: float, frill: float) -> None:
    """Lying on the mouth, drawn in beneath the rim, the frill standing out."""
    make.soft = True
    high = drop + channel + frill * 0.7
    # On its jar or bowl, where there is one.
    up = max(0.0, make.spec.thing.height - high) if make.spec.thing else 0.0
    x0, y0, x1, y1 = lid.mouth.box
    middle = ((x0 + x1) / 2, (y0 + y1) / 2)
    away = max(x1 - x0, y1 - y0) / 2
    standing = neck + lid.mouth.round * frill * 0.7 / away
    # The outline, how much of it there is on the piece and in space, and how high it lies.
    rows: list[tuple[Panel, float, float, float]] = [
        (lid.mouth, 0.01, 0.01, high),
        (lid.mouth, 1.0, 1.0, high),
        (lid.line, 1.0, neck / lid.line.round, high - drop),
        (lid.outer, 1.0, neck / lid.outer.round, high - drop - channel),
        (lid.edge, 1.0, standing / lid.edge.round, 0.0),
    ]
    if frill == 0:
        rows.pop()

    def at(panel: Panel, share: float, scale: float) -> Point:
        x, y = panel.at(panel.round * share)
        return middle[0] + (x - middle[0]) * scale, middle[1] + (y - middle[1]) * scale

    def flat(share: float, row: float) -> Point:
        panel, scale, _, _ = rows[int(row)]
        return at(panel, share, scale)

    def space(share: float, row: float) -> Point3:
        panel, _, scale, height = rows[int(row)]
        x, y = at(panel, share, scale)
        return (x - middle[0], y - middle[1], height + up)

    make.facets += woven("circle", [float(i) for i in range(len(rows))], flat, space)
    r = (x1 - x0) / 2
    half = (lid.edge.box[2] - lid.edge.box[0]) / 2
    make.spans += [
        Span("size.mouth_diameter", (-r, 0.0, high + up), (r, 0.0, high + up), 2 * r),
        Span("size.drop", (r, 0.0, high + up), (r, 0.0, high + up - drop), drop),
        Span("finished.radius", (-half * 0.6, 0.0, up), (half * 0.6, 0.0, up), half),
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


def _reads(_: Chosen) -> Reads:
    return Reads({"frill": "circle.width"}, ("mouth_diameter", "drop", "channel"))


FORM = Form(
    "lid-cover",
    INPUTS,
    OPTIONS,
    ("jar", "bowl", "can", "tumbler"),
    ALLOWANCES,
    draft_lid_cover,
    START,
    LINED_LAYERS,
    1,
    takes_shape=True,
    place=70,
    reads=_reads,
    words=WORDS,
    picture=("M9 12q11 -8 22 0v6h-22z M7 24l3 -6h20l3 6q-13 5 -26 0z M11 26v10h18v-10", "M9 18h22", "M9 15h22v4h-22z"),
    easier="neck-bag",
    traits=Traits(put_on="lid"),
)
