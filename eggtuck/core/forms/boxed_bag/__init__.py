"""The boxed-base bag: two squashed corners give a flat base. For bottles, jars, cans, mugs and cartons."""

from __future__ import annotations

from dataclasses import replace

from ...assembly.boxed_bag import boxed_bag_steps
from ...constructions.parts.adding import add_parts
from ...constructions.shared import while_flat
from ...drafting.description import Form
from ...drafting.make import Make, idle_options
from ...drafting.reads import CORNER, Chosen, Reads, asked_of_top
from ...drafting.spec import Spec
from ...lay.needs import cloth_needs, ribbon_need, thread_need
from ...moves.boxed_shell import shell_spans
from ...pattern import Draft, Piece, Solid
from .asks import ALLOWANCES, INPUTS, OBJECTS, OPTIONS
from .gap import turning_gap
from .pieces import make_pieces, make_shells
from .sizes import Sizes, can_tie, settle_choices, settle_sizes, tie_height
from .telling import bag_checks, bag_inputs, bag_sums, ribbon_chain
from .words import WORDS


def draft_boxed_bag(spec: Spec) -> Draft:
    """Drafts the bag. Raises `SpecError` naming the inputs that cannot go together."""
    spec = settle_choices(spec)
    sizes = settle_sizes(spec)
    options = spec.options
    cut_first = options["boxing"] == "cut-first"
    outer, lining = make_shells(spec, sizes)
    tie = tie_height(spec, sizes)
    gap, settled = turning_gap(spec, sizes, lining)
    pieces = make_pieces(spec, sizes, outer, lining, tie, gap)
    parts = _parts(spec, pieces, sizes.shell.girth)
    pieces = (parts.host, *pieces[1:], *parts.pieces)
    rim = spec.seam_allowance("top")
    seams = (*outer.seams, *(lining.seams if lining is not outer else ()), *sizes.mouth.seams(outer, lining, rim))
    hems = (*sizes.mouth.hems(outer, rim), *parts.hems)
    gaps = (gap,) if gap else ()
    sums = bag_sums(spec, sizes, lining, tie, gap)
    ribbon = ribbon_chain(spec, sizes) if tie is not None else None
    if ribbon is not None:
        sums["ribbon"] = ribbon
    needs = [*cloth_needs(pieces, spec.stack, spec.ruler, spec.stack.quilting)]
    if ribbon is not None:
        needs.append(ribbon_need(ribbon.total, spec.ruler))
    needs += parts.needs
    needs.append(thread_need(seams, hems, outer.size.girth))
    size = sizes.shell
    inputs = bag_inputs(spec, sizes, tie, gap, settled)
    finished = {
        "girth": size.girth,
        "wall_height": size.wall,
        "base_depth": size.depth,
        "base_width": size.base_width,
        **({"cuff_depth": size.above} if options["top"] == "cuff-out" else {}),
        **({"hem_depth": size.above} if options["top"] == "deep-hem" else {}),
        **({"tie_height": tie} if tie is not None else {}),
    }
    steps = list(
        boxed_bag_steps(
            outer,
            lining,
            pieces,
            seams,
            gap,
            options,
            spec.stack,
            tie,
            sizes.mouth,
            cut_first,
            spec.seam_allowance,
            spec.thing,
        )
    )
    while_flat(steps, parts.part_steps.steps)
    return Draft(
        form=spec.form,
        spec=spec.understood,
        ruler=spec.telling,
        language=spec.language,
        finished=finished,
        pieces=pieces,
        seams=seams,
        hems=hems,
        gaps=gaps,
        checks=(*bag_checks(spec, sizes, pieces, seams, tie, gap, settled, needs), *parts.checks),
        steps=tuple(steps),
        needs=tuple(needs),
        solid=Solid(outer.facets, shell_spans(outer.size), carried=parts.carried_on(outer.facets)),
        sums={**sums, **parts.sums},
        inputs=(*inputs, *parts.states),
        object=spec.thing.view() if spec.thing else None,
        idle=frozenset(_idle(spec, sizes, gap is not None)),
    )


def _idle(spec: Spec, sizes: Sizes, gap: bool) -> set[str]:
    """Options that make no difference to this bag: a ribbon where nothing is to be tied, the gap's place where only one is left."""
    found = idle_options(spec, sizes.mouth.flat_lined, gap and spec.options["cut"] != "base-fold")
    return found if can_tie(spec, sizes) else found | {"tie"}


def _parts(spec: Spec, pieces: tuple[Piece, ...], girth: float) -> Make:
    """The parts the bag carries, as a make of their own that goes on where the bag's pieces end."""
    make = Make(replace(spec, thing=None), INPUTS, ALLOWANCES)
    make.carry_on(pieces)
    make.finished["girth"] = make.around = girth
    add_parts(make)
    return make


START = {"girth": 300.0, "wall_height": 250.0}


def _reads(chosen: Chosen) -> Reads:
    """The girth from the width, the wall from the height, the base from its corner."""
    pairs = {"girth": "body.width", "wall_height": "body.height", "base_depth": CORNER[chosen["boxing"]][0]}
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
    words=WORDS,
    picture=("M9 12l6 -5h18v22l-6 6h-18z M27 35v-23h-18 M27 12l6 -5", "", "M9 30h18v5h-18z"),
)
