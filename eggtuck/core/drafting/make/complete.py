"""A draft from what was collected: the steps and checks that every make ends with."""

from __future__ import annotations

from collections.abc import Mapping
from functools import cache
from typing import get_args

from ...checks.offered import keep_offers
from ...lay.laying import lay_cloths
from ...lay.needs import as_sold, cloth_needs, thread_need
from ...lengths import Grid
from ...making import (
    Look,
    Order,
    arranged,
    backings,
    habit_counts,
    has_middles,
    reckon_minutes,
    sections,
    slip_in,
    tell_steps,
)
from ...materials import Stack
from ...pattern import Draft, Fix, Need, Role, Seam
from ...pattern.lay import Lay
from ...shop import EDGE_STITCH, EQUAL
from ...showing import show_steps
from ...words import Param, msg
from ..asking import allowance_states, input_state, lining_states, usual_bow
from ..backing import usual_inset
from ..description import EDGE
from ..grain import with_grain
from ..judging import idle_options, lost_in_join, require_joins
from ..layers import USUAL_ROLES
from .checked import checked
from .steps import Steps


def complete(make: Steps, girth: float, ribbon: bool, fixes: Mapping[str, Fix], blocking: frozenset[str]) -> Draft:
    """The draft of all that was collected."""
    spec = make.spec
    # After a cuff is turned out: before, it would end up under that, upside down.
    make.order.put_in(make.order.at("ends"), make.last_steps)
    _put_in_rim(make)
    _put_in_worked(make)
    _make_ready(make.order)
    _ask_edge(make)
    make.states += allowance_states(spec, make.allowances, make.else_sewn)
    make.states += lining_states(spec, make.lining_allowances)
    laid = cache(lambda: _laid(make, spec.stack))

    def needs(stack: Stack) -> tuple[Need, ...]:
        return (laid() if stack is spec.stack else _laid(make, stack))[1]

    require_joins(spec, make.pieces, make.quilting)
    checks = checked(make, ribbon, fixes, blocking, needs)
    thread = thread_need(make.seams, make.hems, girth, make.habits.spun(make.heated), make.by_hand, make.heated)
    more = (*(as_sold(need, spec.ruler) for need in make.needs), thread)
    slip_in(make.order, make.pieces, spec.stack)
    if spec.options["user"] == "gift":
        _tag(make)
    # Put in the order they are done when somebody asks for it.
    done = cache(lambda: arranged(make.order.operations, spec.stack, make.by_hand))
    arrowed = (with_grain(piece, spec.stack) for piece in make.pieces)
    pieces = tuple(sorted(arrowed, key=lambda piece: (len(piece.letter), piece.letter)))
    return Draft(
        form=spec.form,
        spec=spec.understood,
        ruler=spec.telling,
        language=spec.language,
        finished=make.finished,
        pieces=pieces,
        seams=tuple(make.seams),
        hems=tuple(make.hems),
        gaps=tuple(make.gaps),
        checks=tuple(keep_offers(checks, make.states, spec.taken_outer)),
        tell=lambda draft: tell_steps(done(), draft, spec.stack),
        reckon=lambda draft: reckon_minutes(done(), draft, spec.stack),
        show=lambda draft, steps: show_steps(done(), draft, spec.stack, steps),
        laying=lambda: (laid()[0], (*laid()[1], *more)),
        drawing=lambda: make.solid,
        sums=make.sums,
        tolerances=make.tolerances,
        inputs=tuple(make.states),
        object=spec.thing.view() if spec.thing else None,
        layered=lambda: (
            sections(pieces, spec.stack, make.order.operations, make.tops),
            backings(pieces, spec.stack, make.order.operations, usual_inset(spec), _on_either(make)),
        ),
        roles=tuple(role for role in get_args(Role) if role in USUAL_ROLES or role in make.wanted),
        grips=tuple(make.grips),
        hosts=tuple((host.piece, host.copy, host.name) for host in make.hosts),
        idle=_idle(make),
    )


def _on_either(make: Steps) -> bool:
    """Whether what stiffens or pads may lie on the outer or on the lining."""
    return make.lined and not make.spec.traits.together(make.spec.options)


def _put_in_rim(make: Steps) -> None:
    """What is sewn along a rim comes when that is closed, before anything else is done with it."""
    if make.rim_steps.operations:
        make.order.put_in(_when_closed(make), make.rim_steps)


def _when_closed(make: Steps) -> int:
    """Where in the order the first operation on a rim stands whose seams are all sewn."""
    rims = {(use.piece, use.key) for done in make.rim_steps.operations for use in (*done.edges, *done.at_edges)}
    hems = {hem.id: hem.edges for hem in make.hems}
    still = set(make.joined)
    for at, done in enumerate(make.order.operations):
        uses = [*done.edges, *(use for id in done.hems for use in hems.get(id, ()))]
        uses += [use for seam in done.seams for use in (*seam.a, *seam.b)]
        # Turned it is easier to get at.
        if not still and not done.turns and any((use.piece, use.key) in rims for use in uses):
            return at
        # What is cut alike is sewn twice: only the outer's seams close the outer's rim.
        still -= {seam.id for seam in done.seams if done.layer != "lining" or _of_lining(make, seam)}
    # A rim that is sewn while it is flat: when what is sewn to it is made.
    own = {id for done in make.rim_steps.operations for id in done.pieces} - {piece for piece, _ in rims}
    made = (at for at, done in enumerate(make.order.operations) if own & set(done.pieces))
    return max(make.order.at("mark"), max(made, default=0)) + 1


def _of_lining(make: Steps, seam: Seam) -> bool:
    """Whether a seam is of a lining on a pattern of its own, or of a make that has no outer."""
    return not any("outer" in make.piece_of(use.piece).own_cloths for use in (*seam.a, *seam.b))


def _idle(make: Steps) -> frozenset[str]:
    """The options that make no difference here."""
    without = {
        "centring": has_middles(make.pieces),
        "closing": not make.by_hand,
        # What goes into a microwave oven is sewn with cotton.
        "thread_of": not make.heated,
        "marks_with": habit_counts(make.pieces, make.spec.stack, make.order.operations),
    }
    idle = {name for name, counts in without.items() if not counts}
    idle |= make.idle - ({"edges"} if make.hems_finished else set())
    return frozenset(idle | idle_options(make.spec, make.flat_lined, bool(make.gaps)))


def _ask_edge(make: Steps) -> None:
    """Asks how far from the edge a topstitch runs, where one does."""
    said = (text for done in make.order.operations for text in (*done.how, *done.during, *done.then, done.along))
    if any(
        text is not None and make.edge_stitch in (text.params.get("edge"), text.params.get("distance")) for text in said
    ):
        usual = make.spec.ruler.usual(EDGE_STITCH)
        make.states.append(input_state(make.spec, EDGE, make.edge_stitch, usual))


def _put_in_worked(make: Steps) -> None:
    """What is worked before anything is marked, and the trimming after it."""
    for piece in make.pieces:
        for copy, over in piece.larger.items():
            say: dict[str, Param] = {"piece": piece.name, "letter": piece.letter, "over": over}
            look = Look(
                msg("step.cut-to-outline.check"), causes=(msg("cause.drawn-in"),), remedy=msg("remedy.drawn-in")
            )
            make.worked_steps.add(
                f"cut-to-outline-{piece.id}" + (f"-{copy}" if len(piece.larger) > 1 else ""),
                "cut",
                3,
                "cut-to-outline",
                say=say,
                pieces=(piece.id,),
                single=((piece.id, copy),),
                layer=piece.own_cloths[0],
                check=look,
                cuts="outline",
                why=msg("step.cut-to-outline.why"),
                caution=msg("caution.blade"),
            )
    make.order.put_in(make.order.at("cut") + 1, make.worked_steps)


def _make_ready(order: Order) -> None:
    """Needle and thread are there before anything is sewn, basted or quilted with them."""
    at = order.at("set-up")
    sewn = (done.stitch is not None or (done.kind == "sew" and not done.hand) for done in order.operations)
    first = next((i for i, needs in enumerate(sewn) if needs), at)
    if first < at < len(order.operations):
        order.operations.insert(first, order.operations.pop(at))


def _tag(make: Steps) -> None:
    """What is written on the tag of a gift: what it is of, and that the ribbon of its bow was left long, where it was."""
    cut = {cut.role for piece in make.pieces for cut in piece.cuts}
    of = {layer.material.id: layer.material.name for layer in make.spec.stack.layers if layer.role in cut}
    bows = [state.value for state in make.states if state.field.endswith(".bow")]
    tied = any(bow >= usual_bow(make.spec) - EQUAL for bow in bows)
    words = "tag-ribbon" if tied else "tag"
    make.order.add("tag", "finish", 2, words, say={"materials": tuple(of.values())}, why=msg("step.tag.why"))


def _laid(make: Steps, stack: Stack) -> tuple[tuple[Lay, ...], tuple[Need, ...]]:
    """How the pieces lie on the cloths of a stack, and what there is to buy of these."""
    lays = lay_cloths(make.pieces, stack, make.quilting, lost_in_join(make.spec), Grid(make.spec.step))
    return lays, tuple(cloth_needs(lays, stack, make.spec.ruler))
