"""The maker's clock: stretches of time at one step, with the hands, waiting or interrupted. The core has no clock of its own: it is told the time."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import replace
from typing import Literal

from ..frozen import frozen
from ..shop import LOST_AFTER

Kind = Literal["hands", "wait", "away"]
# What a maker or the table does: begin a sitting, go to a step, lay the work down, pick it up again, wait for something, end the sitting; and
# the table's word that it is still open.
Act = Literal["start", "step", "pause", "resume", "wait", "stop", "alive"]


@frozen
class Span:
    """A stretch of time (s since 1970) at one step; it was ``seen`` to go on until then."""

    step: str
    kind: Kind
    began: float
    seen: float

    @property
    def minutes(self) -> float:
        return max(0.0, self.seen - self.began) / 60


def after(running: Span | None, act: Act, step: str, now: float) -> tuple[tuple[Span, ...], Span | None]:
    """What an act does to the clock.

    Args:
        running: the stretch that is open, if the clock runs.
        act: what is done.
        step: where the maker is.
        now: s since 1970; a clock that was put back counts as standing still.

    Returns:
        The stretches that have ended, in their order, and the one that is open afterwards. When nothing was heard for longer than
        `LOST_AFTER` the table was closed meanwhile: that time is an interruption.

    Example:
        >>> ended, running = after(Span("rim", "hands", 0.0, 50.0), "step", "turn", 60.0)
        >>> ended[0].minutes, running.step, running.kind
        (1.0, 'turn', 'hands')
    """
    if running is None:
        return (), Span(step, "hands", now, now) if act in ("start", "resume") else None
    now = max(now, running.seen)
    ended: list[Span] = []
    if running.kind == "hands" and now - running.seen > LOST_AFTER * 60:
        ended += [running, Span(running.step, "away", running.seen, now)]
        running = Span(running.step, "hands", now, now)
    running = replace(running, seen=now)
    if act == "stop":
        return (*ended, running), None
    kind: Kind = running.kind
    if act in ("start", "resume"):
        kind = "hands"
    elif act == "pause":
        kind = "away"
    elif act == "wait":
        kind = "wait"
    at = running.step if act == "alive" else step
    if (at, kind) == (running.step, running.kind):
        return tuple(ended), running
    return (*ended, running), Span(at, kind, now, now)


@frozen
class Spent:
    """Minutes at something: with the hands, waiting, and interrupted."""

    hands: float = 0.0
    wait: float = 0.0
    away: float = 0.0


def spent_by_step(spans: Iterable[Span]) -> dict[str, Spent]:
    """How long each step took, in the order they were begun."""
    found: dict[str, Spent] = {}
    for span in spans:
        kept = found.get(span.step, Spent())
        found[span.step] = replace(kept, **{span.kind: getattr(kept, span.kind) + span.minutes})
    return found


def spent_in_all(spans: Iterable[Span]) -> Spent:
    """How long all of them took.

    Example:
        >>> spent_in_all([Span("rim", "hands", 0.0, 90.0), Span("rim", "away", 90.0, 150.0)])
        Spent(hands=1.5, wait=0.0, away=1.0)
    """
    every = list(spent_by_step(spans).values())
    return Spent(sum(one.hands for one in every), sum(one.wait for one in every), sum(one.away for one in every))
