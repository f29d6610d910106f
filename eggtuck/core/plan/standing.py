"""Where a make stands when one comes back to it."""

from __future__ import annotations

from collections.abc import Mapping, Sequence

from ..frozen import frozen
from ..learning.pace import Pace
from ..making.waiting import meet
from ..pattern import Step
from ..pattern.draft import StepThing
from ..shop import WAIT_LEAST


@frozen
class Lying:
    """A thing the next step takes in hand, and the step that worked on it last (its number); None as it was cut."""

    thing: StepThing
    last: int | None


@frozen
class Standing:
    """Steps by their numbers, from 1. ``next`` is the first that is not done; ``resting`` are those whose work still lies still, with when it is
    ready (s); ``free`` is what can be done now, without touching what rests nor anything that waits for it. ``ready`` are the things the next
    step takes, ``is_open`` the step that left a gap that is not closed, ``inside_out`` whether the make lies so. ``minutes`` are to go with the
    hands; ``finish`` (s) is the earliest there is an end."""

    next: int | None
    resting: tuple[tuple[int, float], ...]
    free: tuple[int, ...]
    ready: tuple[Lying, ...]
    is_open: int | None
    inside_out: bool
    minutes: float
    finish: float


def standing(steps: Sequence[Step], done: Mapping[str, float], now: float, pace: Pace) -> Standing:
    """Where a make stands.

    Args:
        steps: of the make, in their order.
        done: by step, when it was done (s).
        now: s.
        pace: of the maker.
    """
    left = [number for number, step in enumerate(steps, 1) if step.id not in done]
    resting = [
        (number, until)
        for number, step in enumerate(steps, 1)
        if step.id in done and step.rests and (until := done[step.id] + step.rests * 60) > now
    ]
    free = tuple(number for number in left if _may_begin(steps, number, done, now))
    first = left[0] if left else None
    opened = inside_out = None
    for number, step in enumerate(steps, 1):
        if step.id not in done:
            continue
        inside_out = step.inside_out
        if step.leaves_open:
            opened = number
        if step.closes:
            opened = None
    hands = sum(pace.minutes(steps[number - 1].kind, steps[number - 1].minutes) for number in left)
    return Standing(
        first,
        tuple(resting),
        free,
        tuple(_lying(steps, thing, first, done) for thing in steps[first - 1].things) if first is not None else (),
        opened,
        bool(inside_out),
        hands,
        _finish(steps, left, resting, now, pace),
    )


def _may_begin(steps: Sequence[Step], number: int, done: Mapping[str, float], now: float) -> bool:
    """Whether all it has to wait for is done, and has lain as long as it must."""
    here = steps[number - 1]
    return all(
        step.id in done and done[step.id] + step.rests * 60 <= now
        for step in steps[: number - 1]
        if meet(step.touches, here.touches)
    )


def _lying(steps: Sequence[Step], thing: StepThing, first: int, done: Mapping[str, float]) -> Lying:
    """By whom it was worked on last of what is done."""
    at = frozenset({(thing.piece, thing.layer if thing.layer in ("outer", "lining") else None)})
    for number in range(first - 1, 0, -1):
        step = steps[number - 1]
        # What is of the whole make, as setting up, says nothing of one piece.
        if step.id in done and step.kind != "cut" and step.touches and meet(step.touches, at):
            return Lying(thing, number)
    return Lying(thing, None)


def _finish(
    steps: Sequence[Step], left: Sequence[int], resting: Sequence[tuple[int, float]], now: float, pace: Pace
) -> float:
    """The earliest end (s): what is left one after the other, each as soon as what it takes has lain as long as it must; while one waits long
    what is free goes before it."""
    ready = [(steps[number - 1].touches, until, steps[number - 1].rests >= WAIT_LEAST) for number, until in resting]
    waiting, clock = list(left), now
    while waiting:
        starts, begun = {}, {}
        for nth, number in enumerate(waiting):
            here = steps[number - 1].touches
            if any(meet(steps[other - 1].touches, here) for other in waiting[:nth]):
                continue
            waits = [(until, long) for lies, until, long in ready if meet(lies, here)]
            starts[number] = max([clock, *(until for until, long in waits if long)])
            begun[number] = max([clock, *(until for until, _ in waits)])
        at = min(starts, key=lambda number: (starts[number], number))
        step = steps[at - 1]
        clock = begun[at] + pace.minutes(step.kind, step.minutes) * 60
        if step.rests:
            ready.append((step.touches, clock + step.rests * 60, step.rests >= WAIT_LEAST))
        waiting.remove(at)
    return max([clock, *(until for _, until, _ in ready)])
