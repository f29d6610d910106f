"""The boxed-base bag: two squashed corners give a flat base. For bottles, jars, cans, mugs and cartons."""

from __future__ import annotations

from ...constructions.parts.adding import add_parts
from ...constructions.ribbons import add_ribbon, prepare_ribbon
from ...constructions.shared import edges_check, finish_edges, while_flat
from ...drafting.description import Form
from ...drafting.holding import tell_room
from ...drafting.make import Make
from ...drafting.reads import CORNER, Chosen, Reads, asked_of_top
from ...drafting.spec import Spec, Traits
from ...fit.room import box_room
from ...lay.needs import ribbon_need
from ...moves.boxed_shell import shell_spans
from ...moves.mouth import lies_flat
from ...moves.pillow import pillow_facets
from ...pattern import Draft
from ...shop import RIBBON_WIDE
from .asks import ALLOWANCES, INPUTS, OBJECTS, OPTIONS
from .gap import turning_gap
from .long_tube import is_long_tube
from .making import boxed_bag_steps
from .pieces import make_pieces, make_shells
from .sizes import settle_choices, settle_sizes
from .telling import bag_checks, bag_inputs, bag_sums, ribbon_chain, told_sizes
from .ties import can_tie, tie_height


def draft_boxed_bag(spec: Spec) -> Draft:
    """Drafts the bag. Raises `SpecError` naming the inputs that cannot go together."""
    spec = settle_choices(spec)
    sizes = settle_sizes(spec)
    size, mouth, rim = sizes.shell, sizes.mouth, spec.seam_allowance("top")
    outer, lining = make_shells(spec, sizes)
    tie = tie_height(spec, sizes)
    gap, settled = turning_gap(spec, sizes, lining)
    make = Make(spec, INPUTS, ALLOWANCES, OPTIONS)
    if spec.options["cut"] == "base-fold":
        make.lacks("base")
    if spec.options["boxing"] == "flat":
        make.lacks("box")
    make.flat_lined = mouth.flat_lined
    make.pieces += make_pieces(spec, sizes, outer, lining, tie, gap)
    make.seams += (
        *outer.seams,
        *(lining.seams if lining is not outer else ()),
        *mouth.seams(outer, lining, rim, is_long_tube(spec, gap)),
    )
    make.hems += mouth.hems(outer, rim)
    make.gaps += [gap] if gap else []
    if size.depth:
        make.facets += outer.facets
    else:
        make.soft = True
        opened = spec.thing.base_depth + 2 * sizes.inside if spec.thing else size.girth / 8
        make.facets += pillow_facets(outer.piece, size, outer.panels, opened)
    make.spans += shell_spans(size)
    make.around = size.girth
    for name, value in told_sizes(spec, sizes, tie).items():
        make.size(name, value)
        if name != "base_depth" or value:
            make.settled(name, value)
    make.sums |= bag_sums(spec, sizes, lining, tie)
    make.states += bag_inputs(spec, sizes, tie, gap, settled)
    if sizes.proposed_girth is not None and sizes.proposed_wall is not None:
        make.follow("ease.girth", size.girth - sizes.proposed_girth.total, "size.girth")
        make.follow("size.headroom", size.wall - sizes.proposed_wall.total, "size.wall_height")
    if size.depth:
        tell_room(
            make,
            lambda grown: box_room(size.base_width, size.depth, size.wall * grown, sizes.inside),
            "rim",
            ("wall_height",),
        )
    make.checks += bag_checks(spec, sizes, tie, gap, settled)
    edges_check(make, hidden_by_lining=mouth.asks_lining)
    wide = 0.0
    if tie is not None:
        make.sums["ribbon"] = ribbon = make.on_ruler(ribbon_chain(spec, sizes), 0.0, way="up")
        wide = make.ask("ribbon_width", RIBBON_WIDE, finished=False)
        if make.option("ribbon") != "made":
            make.needs.append(ribbon_need(ribbon.total, wide))
        else:
            front = next(panel for panel in outer.panels if not panel.rear)
            add_ribbon(make, "ribbon", ribbon, wide, "body", front.on_piece(size.panel / 2, size.half + tie))
    # A ribbon where nothing is to be tied, the gap's place where only one is left, and when a rim is hemmed that is joined to a lining.
    make.idle |= {
        *(("hem_order",) if sizes.mouth.lined else ()),
        *(() if can_tie(spec, sizes) else ("tie", "ribbon")),
        *(("gap_place", "assembly") if spec.options["cut"] == "base-fold" else ()),
    }
    add_parts(make)
    if tie is not None:
        prepare_ribbon(
            make.part_steps,
            "ribbon-ends",
            make.option("ribbon"),
            make.sums["ribbon"].total,
            make.option("tie") == "caught",
            wide=wide,
        )
    boxed_bag_steps(make.order, outer, lining, make.pieces, make.seams, gap, spec, tie, mouth)
    while_flat(make)
    finish_edges(make)
    return make.draft(girth=size.girth, ribbon=tie is not None)


START = {"girth": 300.0, "wall_height": 250.0}


def _reads(chosen: Chosen) -> Reads:
    """The girth from the width, the wall from the height, the base from its corner."""
    pairs = {"girth": "body.width", "wall_height": "body.height"}
    if chosen["boxing"] == "flat":
        return Reads(pairs, asked_of_top(chosen))
    pairs["base_depth"] = CORNER[chosen["boxing"]][0]
    repeats = {"cutout.height": "cutout", "cutout.fold": "cutout-fold"}
    return Reads(pairs, asked_of_top(chosen), {"base_depth": CORNER[chosen["boxing"]][1:]}, repeats)


FORM = Form(
    "boxed-bag",
    INPUTS,
    OPTIONS,
    OBJECTS,
    ALLOWANCES,
    draft_boxed_bag,
    START,
    place=10,
    reads=_reads,
    picture=("M9 12l6 -5h18v22l-6 6h-18z M27 35v-23h-18 M27 12l6 -5", "", "M9 30h18v5h-18z"),
    traits=Traits(stands=True, together=lies_flat),
)
