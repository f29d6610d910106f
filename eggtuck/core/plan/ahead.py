"""What of a make can be made by itself: parts that are made ahead and then brought to the rest, and small extras that never are."""

from __future__ import annotations

import hashlib
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace

from ..frozen import frozen
from ..pattern import Draft, Piece, Step

# What is done to every piece by itself, but for all of them in one go.
_IN_ONE_GO = ("cut", "mark")
_PUT_ON = ("interfacing", "padding")
_UNDERLINED = "underline"
# Sizes that differ by less are one (mm).
_ALIKE = 0.5


@frozen
class Ahead:
    """``pieces`` that are made up by themselves in ``steps`` (ids, in order). The step ``joins`` brings them to the rest; without one they stay by
    themselves: a small extra. ``first`` is the piece they are called after. Parts with one ``signature`` are the same, whatever make they are of."""

    pieces: tuple[str, ...]
    steps: tuple[str, ...]
    joins: str | None
    first: str
    signature: str


@dataclass(slots=True)
class _Lot:
    """Pieces that have been joined so far, and what was done to them."""

    pieces: set[str]
    steps: list[Step] = field(default_factory=list)


def ahead(draft: Draft) -> Iterator[Ahead]:
    """Everything of a make that is made by itself, in the order it is begun. The form itself is none of it: neither what its surface is of, nor what
    is begun on that.

    Lots of pieces grow together step by step: where a step takes several in hand, each that had been worked on by itself until then, and is nothing
    of the form's own surface, was made ahead.
    """
    cut = {piece.id for piece in draft.pieces if piece.cuts}
    surface = {facet.piece for facet in draft.solid.facets}
    lots = {piece.id: _Lot({piece.id}) for piece in draft.pieces}
    found: list[Ahead] = []
    for step in draft.steps:
        taken = _taken(step)
        if not taken:
            continue
        here = list({id(lots[one]): lots[one] for one in sorted(taken) if one in lots}.values())
        # What is done last, to the whole make, is part of what is made by itself only where it names nothing else.
        if not here or _in_one_go(step, here) or (len(here) > 1 and step.touches is None and step.kind != "sew"):
            continue
        if len(here) > 1:
            found += [
                _made(draft, lot, step.id)
                for lot in here
                if lot.steps and lot.pieces <= cut and not lot.pieces & surface
            ]
        lot = here[0] if len(here) == 1 else _Lot(set().union(*(one.pieces for one in here)), _in_order(draft, here))
        lot.steps.append(step)
        for piece in lot.pieces:
            lots[piece] = lot
    apart = list({id(lot): lot for lot in lots.values()}.values())
    main = max(apart, key=lambda lot: len(lot.steps))
    # What nothing of is sewn to itself, as a zip's covered end, is no thing of its own.
    sewn = {use.piece for seam in draft.seams for use in (*seam.a, *seam.b)}
    found += [_made(draft, lot, None) for lot in apart if lot is not main and lot.steps and lot.pieces & sewn]
    number = {step.id: nth for nth, step in enumerate(draft.steps)}
    # What is joined of others has its name when they have theirs.
    first: dict[str, Ahead] = {}
    for one in sorted(found, key=lambda one: len(one.pieces) + len(one.steps)):
        name = next(name for name in (*one.pieces, *one.steps) if name not in first)
        first[name] = replace(one, first=name)
    yield from sorted(first.values(), key=lambda one: (number[one.steps[0]], len(one.steps)))


def _taken(step: Step) -> set[str]:
    """The pieces a step takes in hand. What is sewn last touches the whole make, and joins what it names."""
    return {piece for piece, _ in step.touches or ()} | set(step.pieces)


def _in_one_go(step: Step, here: Sequence[_Lot]) -> bool:
    if step.kind in _IN_ONE_GO:
        # What is trimmed or marked when something has been sewn is part of that.
        return len(here) > 1 or not here[0].steps
    return len(here) > 1 and (step.layer in _PUT_ON or step.id == _UNDERLINED)


def _in_order(draft: Draft, lots: Sequence[_Lot]) -> list[Step]:
    done = {step.id for lot in lots for step in lot.steps}
    return [step for step in draft.steps if step.id in done]


def _made(draft: Draft, lot: _Lot, joins: str | None) -> Ahead:
    pieces = [piece for piece in draft.pieces if piece.id in lot.pieces]
    return Ahead(
        tuple(piece.id for piece in pieces),
        tuple(step.id for step in lot.steps),
        joins,
        pieces[0].id,
        _signature(draft, pieces, lot.steps),
    )


def _signature(draft: Draft, pieces: Sequence[Piece], steps: Sequence[Step]) -> str:
    """The same for what is cut alike from the same cloths and made up in the same way."""
    cloths: Mapping[tuple[str, int], str] = {(lay.role, lay.nth): lay.cloth for lay in draft.lays}
    told = sorted(
        (
            [(cloths.get((cut.role, cut.nth), cut.role), cut.count, cut.rule) for cut in piece.cuts],
            _size(piece),
            [_rounded(value) for edge in piece.edges for value in (edge.length, edge.allowance)],
        )
        for piece in pieces
    )
    done = [(step.kind, step.title.id, step.stitch and round(step.stitch, 1)) for step in steps]
    return hashlib.sha256(repr((told, done)).encode()).hexdigest()[:16]


def _size(piece: Piece) -> tuple[float, float]:
    x0, y0, x1, y1 = piece.stitch_box
    return _rounded(x1 - x0), _rounded(y1 - y0)


def _rounded(mm: float) -> float:
    return round(mm / _ALIKE) * _ALIKE
