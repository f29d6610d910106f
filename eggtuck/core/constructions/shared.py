"""What most forms ask and tell alike: layers, interfacing, the turning gap, the beginning and end of the sewing."""

from __future__ import annotations

import math
from collections.abc import Sequence

from ..assembly import Sequence as Order
from ..assembly.bag_parts import begin, put_in, stiffen_and_mark
from ..drafting.asking import ease_of, ease_state, habit_of
from ..drafting.description import LengthInput, Option
from ..drafting.make import Make
from ..fit.ease import ease_check
from ..moves.outliner import rectangle
from ..pattern import Chain, Check, Cut, EdgeUse, Mark, Role, SpecError, Step
from ..plane import Segment
from ..words import msg
from .parts.adding import add_parts
from .turned import add_lining

EASE = LengthInput("ease.girth", -100.0, 600.0, "form", "at-least")
GAP = LengthInput("size.gap", 10.0, 1000.0, "ease", "at-least")
INSET = LengthInput("size.interfacing_inset", 0.0, 60.0, "ease", "either-way", {"options.interfacing": ("inset",)})
INTERFACING = Option("interfacing", ("full", "inset", "net"), "ease")
LINING = Option("lining", ("equal", "reduced"), "ease")
ROLES: tuple[Role, ...] = ("outer", "lining", "interfacing", "padding")
LINED_LAYERS = (("linen", "outer"), ("quilting-cotton", "lining"))
PADDED_LAYERS = (*LINED_LAYERS, ("cotton-batting", "padding"))


def girth_fit(make: Make, girth: float, inside: float) -> None:
    """How loosely the make goes round its thing, and the ease as an input."""
    spec, thing = make.spec, make.spec.thing
    if thing is None:
        return
    make.states.append(ease_state(spec, make.described["ease.girth"], ease_of(spec)))
    make.checks.append(ease_check(girth, inside, thing.girth, spec.on_mark, "girth" in spec.size, habit_of(spec)))


def edges_check(make: Make, hidden_by_lining: bool = True) -> None:
    """Without a lining, or with one that lies flat on the outer, the seam edges of a cloth that frays show and need a finish;
    where a lining would hide them it is offered."""
    cloths = [layer.material for layer in make.spec.stack.layers if layer.role in ("outer", "lining")]
    frays = next((material for material in cloths if material.frays), None)
    if (make.lined and not make.flat_lined) or frays is None:
        return
    fix = add_lining(make.spec) if hidden_by_lining else None
    text = msg("check.raw-edges.text", material=frays.name)
    make.checks.append(Check("layers.edges", "note", msg("check.raw-edges"), text, fix=fix))


def require(make: Make, value: float, low: float, field: str, message: str) -> None:
    """Refuses a value that is not over ``low``, at the field that would mend it. Raises `SpecError`."""
    if value <= low:
        raise SpecError.of(field, msg(message, value=value, low=low))


def turn_of(thickness: float) -> float:
    """The turn of cloth of layers that go round: ``2 pi t``."""
    return 2 * math.pi * thickness


def half_chain(chain: Chain) -> Chain:
    return chain.divided(msg("sum.half"), 2)


def four_fold_handle(make: Make, length: float, wide: float, end: float) -> None:
    """A strap folded in four, ``wide`` when finished, its ends in a seam at ``end`` mm."""
    sides = {"lower": 0.0, "end-right": end, "upper": 0.0, "end-left": end}
    folds = [Segment((0.0, y), (length, y)) for y in (wide, 2 * wide, 3 * wide)]
    marks = [Mark("line", msg("mark.strap-fold"), (fold,)) for fold in folds]
    make.piece("handle", "", rectangle("handle", length, 4 * wide, sides), [Cut("outer", 1)], marks)
    make.hem("handle-strap", [EdgeUse("handle", "lower"), EdgeUse("handle", "upper")], wide)


def start_sewing(make: Make, outers: int, apart: Sequence[Role] = ()) -> None:
    """Press, cut, stiffen what of ``outers`` outer pieces and others is stiffened, but for what the form does ``apart``, mark."""
    add_parts(make)
    cut = [piece for piece in make.pieces if piece.cuts]
    begin(make.order, cut, make.quilting)
    flat = make.flat_lined
    stiffen_and_mark(make.order, cut, make.spec.stack, outers, gap=bool(make.gaps), flat_lined=flat, apart=apart)
    while_flat(make.order.steps, make.part_steps.steps)


def while_flat(steps: list[Step], parts: Sequence[Step]) -> None:
    """Puts the steps of the parts in after everything is marked, before the first closing seam."""
    at = next(i for i, step in enumerate(steps) if step.id == "mark") + 1
    steps[at:at] = parts


def _cut_tails(make: Make) -> None:
    """A zip that was longer than its opening is cut when every seam over it is sewn, before the make is turned."""
    tails = Order()
    tails.add("zip-tails", "cut", 1, check=msg("step.zip-tails.check"), caution=msg("caution.blade"))
    steps = make.order.steps
    at = next((i for i, step in enumerate(steps) if step.id == "turn"), len(steps))
    steps[at:at] = tails.steps


def finish_sewing(make: Make, put: bool = True) -> None:
    """Thread ends, a last press, and the thing goes in."""
    if any(step.id == "zip-ends" for step in make.order.steps) and make.option("zip_ends") == "long-tape":
        _cut_tails(make)
    make.order.add("ends", "finish", 2)
    make.order.add("press-done", "press", 4, caution=msg("caution.iron"))
    if put:
        put_in(make.order, make.spec.thing, None, caught=False, way=make.spec.traits.put_on)
