"""The order of work where it is free: what fills a wait comes forward, and steps sewn with the machine set alike follow one another."""

from __future__ import annotations

from collections.abc import Sequence

from ..materials import Stack
from .by_hand import by_hand
from .naming import named_alone
from .operation import Operation
from .setting import foot_for, stitch_for
from .waiting import interleaved, meet, touched

# Foot and stitch.
_Set = tuple[str, float]


def arranged(operations: Sequence[Operation], stack: Stack, hand: bool) -> list[Operation]:
    """The operations as they are done, by machine or all by ``hand``."""
    told = named_alone(operations)
    return interleaved(by_hand(told) if hand else grouped(told, stack))


def grouped(operations: Sequence[Operation], stack: Stack) -> list[Operation]:
    """The same operations, of those that are free to be done next one first that needs no other foot and stitch; as they were where the
    machine is not set anew less often by that. What touches the same cloth keeps its order."""
    every = list(operations)
    sets = [_set_for(done, stack) for done in every]
    if changes(sets) <= len({one for one in sets if one is not None}):
        # No fewer than there are different ones.
        return every
    lies = [touched(done) for done in every]
    before = [[j for j in range(i) if meet(lies[i], lies[j])] for i in range(len(every))]
    order: list[int] = []
    done: set[int] = set()
    now: _Set | None = None
    while len(order) < len(every):
        free = [i for i in range(len(every)) if i not in done and all(j in done for j in before[i])]
        first = sets[free[0]]
        alike = next((i for i in free if now is not None and sets[i] == now), None)
        # What needs no machine is done in its turn.
        taken = alike if first not in (None, now) and alike is not None else free[0]
        order.append(taken)
        done.add(taken)
        now = sets[taken] or now
    return [every[i] for i in order] if changes([sets[i] for i in order]) < changes(sets) else every


def changes(sets: Sequence[_Set | None]) -> int:
    """How often the machine is set anew on the way."""
    told = [one for one in sets if one is not None]
    return sum(one != other for one, other in zip(told, [None, *told], strict=False))


def _set_for(done: Operation, stack: Stack) -> _Set | None:
    """What it is sewn with, as far as it is known beforehand; None where it is not sewn by machine."""
    if done.kind != "sew" or done.hand:
        return None
    return done.foot or foot_for(stack, 0.0), done.stitch or stitch_for(stack, 0.0)
