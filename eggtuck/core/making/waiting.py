"""What lies still for a while - paint, glue, rinsed cloth - and what is done meanwhile."""

from __future__ import annotations

from collections.abc import Iterable, Sequence

from ..shop import WAIT_LEAST
from ..words import Message, Param, msg
from .operation import Operation

# A piece in one cloth, or in all it is cut from (None).
Touched = tuple[str, str | None]


def touched(done: Operation) -> frozenset[Touched] | None:
    """What an operation works on; None where that is the whole make."""
    if done.out or "whole" in done.turns or done.closes:
        return None
    found: set[Touched] = {(id, _apart(done.layer)) for id in done.pieces}
    found |= {(use.piece, _apart(use.layer or done.layer)) for use in done.edges}
    for seam in done.seams:
        uses = (*seam.a, *seam.b, *seam.caught)
        found |= {(use.piece, _apart(use.layer or layer)) for use in uses for layer in done.layers_of(seam)}
    if found:
        return frozenset(found)
    # Setting up the machine is in nobody's way; the last pressing, trimming and trying is of everything.
    return frozenset() if done.kind == "prepare" else None


def _apart(layer: str | None) -> str | None:
    """Outer and lining lie by themselves; all else lies on one of them."""
    return layer if layer in ("outer", "lining") else None


def meet(one: frozenset[Touched] | None, other: frozenset[Touched] | None) -> bool:
    """Whether two operations work on the same cloth, so that their order counts."""
    if one is None or other is None:
        return True
    return any(a == c and (b is None or d is None or b == d) for a, b in one for c, d in other)


def interleaved(operations: Sequence[Operation]) -> list[Operation]:
    """The same operations, each in its turn, but that while something lies still what does not touch it, nor anything that has to wait for
    it, is brought forward; as they were where nothing is finished sooner by that."""
    every = list(operations)
    if not any(done.rests >= WAIT_LEAST for done in every):
        return every
    lies = [touched(done) for done in every]
    before = [[j for j in range(i) if meet(lies[i], lies[j])] for i in range(len(every))]
    when: dict[int, float] = {}
    order: list[Operation] = []
    clock = 0.0
    while len(order) < len(every):
        free = [i for i in range(len(every)) if i not in when and all(j in when for j in before[i])]
        starts = {i: max((when[j] for j in before[i]), default=0.0) for i in free}
        now = next((i for i in free if starts[i] <= clock), None)
        now = min(free, key=lambda i: starts[i]) if now is None else now
        clock = max(clock, starts[now]) + every[now].minutes
        when[now] = clock + (every[now].rests if every[now].rests >= WAIT_LEAST else 0.0)
        order.append(every[now])
    return order if finished_after(order) < finished_after(every) else every


def finished_after(operations: Iterable[Operation]) -> float:
    """When the last of them is done at the earliest (min), one after the other by one pair of hands, each as soon as what it takes has lain
    as long as it must."""
    clock = 0.0
    ready: list[tuple[frozenset[Touched] | None, float]] = []
    for done in operations:
        here = touched(done)
        clock = max([clock, *(when for lies, when in ready if when > clock and meet(here, lies))]) + done.minutes
        if done.rests:
            ready.append((here, clock + done.rests))
    return max([clock, *(when for _, when in ready)])


def wait_line(operations: Sequence[Operation], at: int) -> Message:
    """How long what was just done lies still, and which of the steps after it (they are numbered from 1) are done meanwhile."""
    resting = operations[at]
    if resting.rests < WAIT_LEAST:
        return msg("wait.short", minutes=round(resting.rests))
    lies = touched(resting)
    free = 0
    for done in operations[at + 1 :]:
        if meet(touched(done), lies):
            break
        free += 1
    hours, minutes = divmod(round(resting.rests), 60)
    long: Message = (
        msg("wait.hours", hours=hours) if not minutes and hours else msg("wait.minutes", minutes=round(resting.rests))
    )
    if not free:
        return msg("wait.break", long=long)
    say: dict[str, Param] = {"long": long, "first": at + 2, "last": at + 1 + free, "count": free}
    return msg("wait.meanwhile", **say)
