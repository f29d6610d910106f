"""How the ends of a strap are held: sewn, or with rivets."""

from __future__ import annotations

from ...drafting.make import Make
from ...drafting.parts import PartRequest
from ...frozen import frozen
from ...pattern import Need, Role
from ...pattern.draft import StepKind
from ...shop import PATCH, RIVET_IN, RIVET_LEAST, STITCH, WEBBING_THICK
from ...words import Message, msg

_RIVETS = 2


@frozen
class Held:
    """What kind of step it is and in which stitch (mm; none where nothing is sewn), what to beware of, how it is done besides, why, where a
    fault may come from and what mends it."""

    kind: StepKind
    stitch: float | None
    caution: Message | None
    lines: tuple[Message, ...]
    why: Message
    causes: tuple[Message, ...]
    remedy: Message


def held_by(make: Make, request: PartRequest, cloth: Role) -> Held:
    """By stitches, or by rivets, a strap of such a ``cloth``: what is set is not sewn, neither by machine nor by hand."""
    if request.choices["attach"] != "rivets":
        why = msg("step.part-strap-on.why")
        return Held("sew", float(STITCH), None, (), why, (msg("cause.slipped"),), msg("remedy.resew"))
    width, mark = request.lengths["width"], make.spec.on_mark
    side, up = mark(RIVET_IN * width), mark(min(width, request.lengths["end"]) / 2)
    turn = _rivets_turn(make, request, cloth)
    lines = (msg("rivet.set", side=side, up=up), *((turn,) if turn is not None else ()))
    return Held(
        "finish", None, msg("caution.hammer"), lines, msg("rivet.set.why"), (msg("cause.rivet"),), msg("remedy.rivet")
    )


def need_rivets(make: Make, request: PartRequest) -> None:
    """Rivets and a backing patch for each end of a strap that is held by them."""
    if request.choices["attach"] != "rivets":
        return
    width, ends = request.lengths["width"], 2 * request.count
    note = msg("need.rivet.note", count=_RIVETS)
    make.needs.append(Need.counted(f"{request.id}-rivets", "rivet", msg("need.rivet"), width / 3, _RIVETS * ends, note))
    side = width + 2 * PATCH
    patch = msg("need.patch.note", side=side)
    make.needs.append(Need.counted(f"{request.id}-patch", "patch", msg("need.patch"), side, ends, patch))


def _rivets_turn(make: Make, request: PartRequest, cloth: Role) -> Message | None:
    """What to lay under rivets where the strap, the cloth and its patch together are too thin to hold them."""
    strap, outer = make.spec.stack.of(cloth), make.spec.stack.of("outer")
    if strap is None or outer is None:
        return None
    folds = {"four-fold": 4, "turned": 2, "on-webbing": 2}.get(request.choices.get("make", "four-fold"), 1)
    webbing = float(WEBBING_THICK) if request.choices.get("make") == "on-webbing" else 0.0
    total = folds * strap.thickness + webbing + 2 * outer.thickness
    if total >= RIVET_LEAST:
        return None
    ruler = make.spec.ruler
    return msg("rivet.thin", thick=ruler.thin(total), least=ruler.thin(RIVET_LEAST))
