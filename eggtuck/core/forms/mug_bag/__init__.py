"""The mug carrier: a boxed bag for the mug, sewn into a padded wrap whose flap closes over the top, with pockets and a
handle."""

from __future__ import annotations

from ...constructions.shared import PADDED_LAYERS, edges_check, finish_only, girth_fit
from ...drafting.asking import ease_of, wrap_girth
from ...drafting.description import Form
from ...drafting.holding import tell_room
from ...drafting.make import Make
from ...drafting.reads import Chosen, Reads
from ...drafting.spec import Spec
from ...fit.room import box_room
from ...fit.standing import Seat, base_check, height_check
from ...lengths import RoundingWay
from ...moves.boxed_shell import ShellSize
from ...pattern import Chain, Check, Draft, EdgeUse, SpecError
from ...shop import RIM_LAP
from ...words import msg
from .asks import ALLOWANCES, INPUTS, OPTIONS
from .folded_mat import add_folded_mat
from .making import add_steps
from .pieces import add_bag, add_closing, add_wrap
from .solid import draw_solid


def draft_mug_bag(spec: Spec) -> Draft:
    """Bag: ``G/2`` panels, base ``D`` deep. Wrap: wall + base + wall + flap long, as wide as the bag's front. Raises
    `SpecError`."""
    make = Make(spec, INPUTS, ALLOWANCES, OPTIONS)
    thing, inside = spec.thing, spec.stack.inside
    side, base_a, top_a, end = (make.allowance(key) for key in ("side", "base", "top", "end"))
    girth = make.ask("girth", wrap_girth(spec, inside), added=2 * side, share=0.5)
    square = Chain.start(msg("sum.square-base"), girth / 4)
    depth_start = square
    if thing is not None:
        depth_start = Chain.start(msg("sum.object-base"), thing.base_depth).plus_some(
            msg("sum.two-thicknesses"), 2 * inside
        )
        depth_start = depth_start.at_most(msg("sum.square-base"), girth / 4)
    # The corner's cut-out lies on the ruler, and with it the wrap's width.
    added = side - make.allowance("box")
    way: RoundingWay = "up" if depth_start.total < girth / 4 - 2 * spec.step else "nearest"
    depth = make.ask("base_depth", depth_start, high=girth / 2 - 10.0, added=added, share=0.5, way=way)
    seat = Seat(thing, girth / 2 - depth, depth, inside, ease_of(spec)) if thing else None
    wall_start = None
    if thing is not None and seat is not None:
        head = make.ask("headroom", 5.0, finished=False)
        wall_start = Chain.start(msg("sum.object-height"), thing.height).plus_some(msg("sum.headroom"), head)
        wall_start = wall_start.plus_some(msg("sum.base-loss"), seat.loss)
    wall = make.ask("wall_height", wall_start, added=depth / 2 + base_a + top_a)
    if wall_start is not None:
        make.follow("size.headroom", wall - wall_start.total, "size.wall_height")
    width = girth / 2 - depth
    make.size(
        "base_width",
        Chain.start(msg("sum.girth"), girth).divided(msg("sum.half"), 2).minus(msg("sum.base-depth"), depth),
    )
    flap_start = Chain.start(msg("sum.base-depth"), depth).plus(msg("sum.over-front"), 0.4 * wall)
    flap = make.ask("flap", flap_start, high=depth + wall, added=2 * wall + depth + 2 * end)
    if flap <= depth + 5:
        text = msg("check.flap-short.text", flap=flap, low=depth + 20)
        make.checks.append(Check("flap", "warn", msg("check.flap-short"), text, flap, depth))
    length = make.size(
        "wrap_length",
        Chain.start(msg("sum.wall"), wall)
        .times(msg("sum.both-walls"), 2)
        .plus(msg("sum.base-depth"), depth)
        .plus(msg("sum.flap"), flap),
    )
    make.finished["volume"] = width * depth * wall / 1000
    tell_room(make, lambda grown: box_room(width, depth, wall * grown, inside), "rim", ("wall_height",))
    radius = make.ask("corner_radius", min(25.0, width / 4, flap / 3), high=min(width / 2 - 1, flap))
    box, beside = make.allowance("box"), min(side, base_a)
    if depth / 2 + beside - box <= 0.5:
        low = spec.least(2 * (box - beside) + 1.0)
        raise SpecError.of("size.base_depth", msg("problem.cutout-vanishes", low=low, box=box))
    shell = add_bag(make, ShellSize(girth, wall, depth, _rim(make, width, depth)))
    add_wrap(make, width, wall, depth, flap, length, radius)
    add_closing(make, width)
    mat = add_folded_mat(make, width)
    if mat is None:
        make.idle |= {"mat_fold", "binding_from", "binding_join", "binding_by"}
    if not make.lined:
        make.idle.add("flap_pocket")
    girth_fit(make, girth, inside)
    if seat is not None:
        make.checks.append(base_check(seat, girth, "girth" in spec.size, spec.on_mark))
        told = "size.wall_height" if "wall_height" in spec.size else None
        make.checks.append(height_check(seat, wall, told, spec.on_mark))
    # The inner bag is a single cloth in any case.
    edges_check(make, hidden_by_lining=False)
    if make.finishing is None and make.own_cloth(EdgeUse("body", "base")):
        # The inner bag is a single cloth in any case: its seam edges lie open behind it.
        finish_only(make, "body")
    make.draw(draw_solid, shell, width, wall, depth, flap, length, radius)
    add_steps(make, mat)
    return make.draft(girth=girth)


def _rim(make: Make, width: float, depth: float) -> float:
    """How far the bag's rim stands over the wall, to be folded down over what is in it: front and back reach past each other."""
    if make.option("bag_rim") != "folded-down":
        return 0.0
    chain = Chain.start(msg("sum.half-base"), depth / 2).plus(msg("sum.over-each-other"), float(RIM_LAP))
    most = min(width, depth)
    return make.ask("rim_fold", chain.at_most(msg("sum.no-wider"), most), high=most, added=0.0)


START = {"girth": 340.0, "wall_height": 110.0, "base_depth": 80.0}


def _reads(chosen: Chosen) -> Reads:
    pairs = {"girth": "body.width", "wall_height": "body.height", "base_depth": "cutout.width", "flap": "wrap.height"}
    pairs |= {"handle_length": "handle.width", "handle_width": "handle.height"}
    if chosen["pockets"] != "none":
        pairs["pocket_height"] = "pocket.height"
        if chosen["carried_mat"] != "none":
            pairs |= {"mat_width": "mat-top.width", "mat_height": "mat-top.height"}
            pairs |= {"strip_width": "binding.height", "binding_length": "binding.width"}
    # How far the rim goes down is told by no cut number: the bag's height is wall and rim together.
    return Reads(pairs, ("rim_fold",) if chosen["bag_rim"] == "folded-down" else (), repeats={"wrap.width": "wrap"})


FORM = Form(
    "mug-bag",
    INPUTS,
    OPTIONS,
    ("mug", "tumbler", "jar", "profile"),
    ALLOWANCES,
    draft_mug_bag,
    START,
    PADDED_LAYERS,
    4,
    first_for=("mug",),
    place=50,
    reads=_reads,
    picture=(
        "M10 15h18v20h-18z M10 15q9 -8 18 0 M13 12q6 -9 12 0 M28 20q7 0 7 5t-7 5",
        "",
        "M10 15q9 -8 18 0l-1 8h-16z",
    ),
    easier="boxed-bag",
)
