"""In which order everything is cut, and how: cloth by cloth, what a measured seam may still change last."""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import field

from ..frozen import frozen
from ..making.rounds import round_lines_of
from ..materials import MATERIALS
from ..pattern import Cut, Draft, Piece, Step
from ..shop import ROUND_OFF
from ..words import Message, Percent, msg
from .cutout import Cutout
from .ground import Spot
from .laying import Layout
from .table import Cloth, Make, Piled

# Before these nothing is taken in hand to be sewn: they do not tell when a piece is needed.
_BEFORE = ("cut", "prepare", "mark")


@frozen
class Waiting:
    """Until which step a piece may stay uncut: its number, and what is measured there."""

    number: int
    title: Message


@frozen
class HouseRound:
    """Something round of the house, by its name and how far ``across`` it is (mm)."""

    name: str
    across: float


@frozen
class CutLine:
    """A piece to cut from one cloth: for which make, how often, and ``how``. It may ``wait``."""

    id: str
    make: str
    piece: Piece
    cut: Cut
    count: int
    how: tuple[Message, ...]
    wait: Waiting | None


@frozen
class CutPlan:
    """One cloth's lines in the order to cut, and what is kept in mind with this cloth."""

    cloth: Cloth
    lines: tuple[CutLine, ...]
    notes: tuple[Message, ...] = field(default=())


@frozen
class LateCut:
    """What is cut only when it is sewn: the step of a make."""

    make: str
    number: int
    title: Message


def cut_plans(
    makes: Sequence[Make],
    laid: Sequence[tuple[Cloth, Layout]],
    pile: Mapping[str, Piled],
    house: Sequence[HouseRound] = (),
) -> Iterator[CutPlan]:
    """Cloth by cloth, as the makes use them. What of the ``house`` is as round as a line to cut is told with it."""
    by_key = {make.key: make for make in makes}
    firsts = {make.key: first_uses(make.draft) for make in makes}
    for cloth, layout in laid:
        spots = {spot.cutout: spot for spot in layout.spots}
        groups: dict[tuple[str, str, int], list[Cutout]] = {}
        for one in cloth.task.cutouts:
            groups.setdefault((one.make.rsplit(".", 1)[0], one.piece, one.cut), []).append(one)
        lines = [
            _line(by_key[make], piece, cut, every, spots, firsts[make], house, cloth)
            for (make, piece, cut), every in groups.items()
        ]
        # What may wait comes last, in the order it is taken in hand.
        lines.sort(key=lambda line: (line.wait is not None, line.wait.number if line.wait else 0))
        yield CutPlan(cloth, tuple(lines), tuple(_notes(cloth, layout, pile)))


def late_cuts(makes: Sequence[Make]) -> Iterator[LateCut]:
    """Cuts that are not made now: each in its step, when something is sewn."""
    for make in makes:
        cut = False
        for number, step in enumerate(make.draft.steps, 1):
            # The first is the cutting out itself.
            if step.kind == "cut" and cut:
                yield LateCut(make.name, number, step.title)
            cut = cut or step.kind == "cut"


def first_uses(draft: Draft) -> Mapping[tuple[str, str | None], tuple[int, Waiting | None]]:
    """In which step each piece of each cloth is first taken in hand, and the step before it after which its size may still be changed: the last that
    is measured before."""
    found: dict[tuple[str, str | None], tuple[int, Waiting | None]] = {}
    measured: tuple[int, Step] | None = None
    for number, step in enumerate(draft.steps, 1):
        if step.kind not in _BEFORE:
            wait = None if measured is None else Waiting(measured[0], measured[1].title)
            for thing in step.things:
                found.setdefault((thing.piece, thing.layer), (number, wait))
        if step.band is not None:
            measured = number, step
    return found


def _line(
    make: Make,
    id: str,
    at: int,
    every: Sequence[Cutout],
    spots: Mapping[str, Spot],
    firsts: Mapping[tuple[str, str | None], tuple[int, Waiting | None]],
    house: Sequence[HouseRound],
    cloth: Cloth,
) -> CutLine:
    piece = next(piece for piece in make.draft.pieces if piece.id == id)
    cut = piece.cuts[at]
    count = sum(2 if one.through else 1 for one in every if one.part in (None, 0))
    # A backing is glued or sewn on before its cloth is sewn: it is needed with that.
    first = firsts.get((id, cut.on or cut.role)) or firsts.get((id, None))
    how = (
        *_side_by_side(every, spots, cloth),
        *_how(piece, every, spots, cloth.grain),
        *_drawn_round(piece, cut, house),
    )
    if cut.on is not None:
        how = (msg("cut-plan.lies-on", role=msg(f"role.{cut.on}")), *how)
    return CutLine(f"{make.key}/{id}/{at}", make.name, piece, cut, count, how, first[1] if first else None)


def _side_by_side(every: Sequence[Cutout], spots: Mapping[str, Spot], cloth: Cloth) -> Iterator[Message]:
    """How many go side by side on the cloth, as they lie, where there is more than one to cut."""
    gap, (wide, high) = cloth.task.gap, every[0].size
    if _across(every, spots) == len(every):
        wide = high
    count = int((cloth.usable + gap + 1e-6) // (wide + gap))
    if len(every) > 1 and count > 1 and every[0].part is None and not every[0].on_fold:
        yield msg("cut-plan.side-by-side", count=count)


def _how(piece: Piece, every: Sequence[Cutout], spots: Mapping[str, Spot], grain: bool) -> Iterator[Message]:
    """How a piece is cut, so far as it is not simply cut out once for each copy."""
    through = sum(one.through for one in every)
    if through:
        yield msg("cut-plan.through", count=through)
    if any(one.on_fold for one in every):
        yield msg("cut-plan.on-fold", count=sum(one.on_fold for one in every))
    flipped = sum(one.flipped for one in every if one.part is None)
    if flipped:
        yield msg("cut-plan.flipped", count=flipped, times=sum(one.part is None for one in every))
    parts = {(one.make, one.nth): 0 for one in every if one.part is not None}
    for one in every:
        if one.part is not None:
            parts[one.make, one.nth] += 1
    if parts and every[0].slanted:
        width, height = every[0].strip
        yield msg("cut-plan.strips", count=max(parts.values()), width=width, height=height)
    elif parts and piece.join_loss is not None:
        longs = [one.size[0] for one in every if (one.make, one.nth) == (every[0].make, every[0].nth)]
        yield msg("cut-plan.parts", count=len(longs) - 1, long=max(longs), rest=min(longs))
    elif parts:
        one = next(one for one in every if one.part is not None)
        width, height = one.size[0] * (2 if one.on_fold else 1), one.size[1]
        yield msg("cut-plan.widths", count=max(parts.values()), width=width, height=height)
    over = max((one.over for one in every), default=0.0)
    if over:
        yield msg("cut-plan.larger", over=over)
    across = _across(every, spots) if grain else 0
    if every[0].slanted:
        yield msg("cut-plan.slanted")
    elif across == len(every):
        yield msg("cut-plan.all-across", count=across)
    elif across:
        yield msg("cut-plan.across", count=across, times=len(every))


def _across(every: Sequence[Cutout], spots: Mapping[str, Spot]) -> int:
    """How many lie across the grain."""
    return sum(one.id in spots and spots[one.id].angle in (90, 270) for one in every)


def _drawn_round(piece: Piece, cut: Cut, house: Sequence[HouseRound]) -> Iterator[Message]:
    """What of the house a round line can be drawn round: the nearest in size, and by how much it is off."""
    for line in round_lines_of(piece, cut):
        near = min(house, key=lambda one: abs(one.across - line.across), default=None)
        if near is None or abs(near.across - line.across) > ROUND_OFF:
            continue
        off = round(near.across - line.across, 1)
        way = "even" if not off else "larger" if off > 0 else "smaller"
        yield msg(f"cut-plan.round-{way}", thing=near.name, kind=msg(f"round.{line.kind}"), off=abs(off))


def _notes(cloth: Cloth, layout: Layout, pile: Mapping[str, Piled]) -> Iterator[Message]:
    """What is kept in mind with this cloth."""
    for id in dict.fromkeys(spot.ground for spot in layout.spots):
        piled = pile.get(id)
        if piled is not None and not piled.washed and piled.loses:
            yield msg("cut-plan.wash", cloth=piled.name, share=Percent(piled.loses))
    if cloth.directional:
        napped = cloth.what in MATERIALS and MATERIALS[cloth.what].nap
        yield msg("cut-out.nap" if napped else "cut-out.print", material=cloth.material)
    if cloth.wish.fold:
        yield msg("cut-plan.fold")
    if cloth.task.repeat:
        yield msg("cut-plan.repeat")
    if cloth.metal:
        yield msg("cut-plan.worn-scissors")
