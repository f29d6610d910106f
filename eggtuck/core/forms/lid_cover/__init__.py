"""The lid cover: a circle over the mouth of a jar or bowl, gathered beneath the rim by elastic or a cord."""

from __future__ import annotations

import math
from dataclasses import replace

from ...constructions.cords import add_cord
from ...constructions.elastics import add_elastic_round
from ...constructions.shared import LINED_LAYERS, edges_check
from ...drafting.description import Form
from ...drafting.make import Make
from ...drafting.panel import round_panel
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec, Traits
from ...moves.carried import LIFT, Loop, Sewn
from ...moves.folding import STRIPS
from ...moves.outliner import rectangle
from ...moves.round_tube import circle_edge
from ...pattern import Chain, Check, Cut, Draft, EdgeUse, Mark, SpecError
from ...pattern.solid import Point3
from ...plane import OffsetError, Segment, flatten, is_mirror_image, is_simple
from ...words import msg
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .making import add_steps
from .sizes import BESIDE, Lid, buttonhole
from .solid import draw_solid

# How many times the place where it draws in the cloth may be.
MOST_GATHER = 4.0


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
    drop = make.ask("drop", Chain.start(msg("sum.quarter-mouth"), max(20.0, mouth / 6)), added=mouth / 2)
    if make.lined:
        # The channel runs between outer and lining.
        make.lacks("casing")
    channel = make.ask("channel", 12.0, added=0.0 if make.lined else 2 * make.allowance("casing"))
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
    lines = (lid.line, line, "mark.casing-inner"), (lid.outer, line + channel, "mark.casing-outer")
    for panel, radius, label in lines:
        datum = msg("mark.from-middle", radius=radius, raw=net - radius + rim)
        if spec.shape is not None:
            datum = msg("mark.from-edge", away=net - radius, raw=net - radius + rim)
        # Lined, the channel is stitched when the cover has been turned.
        seen = make.lined or None
        marks.append(Mark("line", msg(label), panel.outline, None, datum, "outer", seen, bars="between"))
    if make.option("closure") == "cord":
        marks += _holes(lid, rim, channel, frill)
    edge = replace(circle_edge("circle", 2 * net, rim), path=lid.edge.outline)
    if make.lined:
        cuts = make.cuts(1)
        if spec.shape is not None and not is_mirror_image(lid.edge.outline):
            # Lying face to face, outer and lining are mirror images.
            cuts = [replace(cut, mirrored=cut.role == "lining") for cut in cuts]
        make.piece("circle", "", [edge], cuts, marks, backed=True)
        a, b = [EdgeUse("circle", "rim", layer="outer")], [EdgeUse("circle", "rim", layer="lining")]
        seam = make.seam("round", a, b, rim, ("outer", "lining"), "round")
        make.gap(seam, seam.uses_of("rim"), 4 * net)
    else:
        make.piece("circle", "", [edge], make.cuts(1), marks, backed=True)
        make.hem("hem", [EdgeUse("circle", "rim")], rim)
        _casing(make, lid, channel)
    make.gathered.append(("circle", lid.line.outline))
    _closure(make, lid.line.round, neck, max(lid.mouth.round, thing.girth if thing else 0.0))
    edges_check(make)
    make.draw(draw_solid, lid, drop, neck, channel, frill)
    add_steps(make, lid)
    return make.draft(girth=lid.edge.round)


def _holes(lid: Lid, rim: float, channel: float, frill: float) -> list[Mark]:
    """Where a cord goes in and out: across the channel, to both sides of the line from the middle to the notch at the arrow's foot."""
    foot = min((lid.edge.at(lid.edge.round * i / 4) for i in range(4)), key=lambda p: p[1])
    lines = [flatten(panel.outline, 0.5) for panel in (lid.line, lid.outer)]
    near = [min(line, key=lambda p: math.dist(p, foot)) for line in lines]
    y, half = (near[0][1] + near[1][1]) / 2, abs(near[1][1] - near[0][1]) / 2 - 1
    datum = msg("mark.cord-hole.datum", beside=float(BESIDE), raw=frill + channel / 2 + rim)
    found = []
    for side in (-BESIDE, BESIDE):
        path = (Segment((foot[0] + side, y - half), (foot[0] + side, y + half)),)
        found.append(Mark("line", msg("mark.cord-hole"), path, datum=datum, role="outer", seen=True))
    return found


def _in_front(sewn: Sewn) -> tuple[Point3, Point3]:
    """Where the cord comes out: in front, on the channel."""
    points = [p for facet in sewn.facets[2 * STRIPS : 3 * STRIPS] for p in facet.space]
    return min(points, key=lambda p: (p[1], -p[2])), (0.0, -1.0, 0.0)


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
    piece = make.piece("casing", "", edges, [Cut("outer", 1)], join_loss=channel + 2 * a, bias=True)
    make.carry("casing", _within)
    make.hem("casing-on", [EdgeUse.of(edge) for edge in edges], a)
    layer = make.spec.stack.of("outer")
    if layer is not None and not piece.bias:
        short = lid.outer.round - length
        words = "check.casing-sheet" if layer.material.kind == "sheet" else "check.casing-straight"
        text = msg(f"{words}.text", material=layer.material.name, width=layer.width, short=short)
        make.checks.append(Check("layers.casing", "warn", msg(words), text, short, 0.0))


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
    drawn = neck
    if make.option("closure") == "elastic":
        drawn = min(around, add_elastic_round(make, neck, over, make.finished["channel"] or 0.0))
    else:
        tails = make.ask("cord_tails", 150.0, finished=False)
        cord = Chain.start(msg("sum.casing-round"), around).plus(msg("sum.two-tails", tail=tails), 2 * tails)
        cord = make.on_ruler(cord, 0.0, way="up")
        make.size("cord", cord.total)
        add_cord(make, cord, tails, buttonhole(make.finished["channel"] or 0.0), _in_front)
        make.checks.append(Check("caution.cord", "note", msg("caution.cords"), msg("caution.cord")))
    ratio = make.size("gather_ratio", around / max(1.0, drawn, neck))
    if around / neck > MOST_GATHER:
        text = msg("check.gathers-lid.text", girth=around, neck=neck)
        fix = make.fix("neck-girth", "size.neck_girth", around / MOST_GATHER, "up")
        make.checks.append(Check("fit.gather", "warn", msg("check.gathers-lid"), text, ratio, MOST_GATHER, fix))


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
    extra_for=("jar", "bowl"),
    picture=("M9 12q11 -8 22 0v6h-22z M7 24l3 -6h20l3 6q-13 5 -26 0z M11 26v10h18v-10", "M9 18h22", "M9 15h22v4h-22z"),
    easier="neck-bag",
    traits=Traits(put_on="lid"),
)
