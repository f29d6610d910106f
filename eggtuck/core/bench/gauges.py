"""A maker's own finger and fist instead of a ruler, at steps whose lengths are no finer than that."""

from __future__ import annotations

from collections.abc import Iterator, Mapping

from ..frozen import frozen
from ..pattern import Draft, Step
from ..words import Message, Param, msg
from .machine import Bench

# So many fingers at most, no more than this beyond the length and no less than that of it (shares): all are told as the most there may be.
_MOST_FINGERS, _OVER, _LEAST = 4, 9 / 8, 2 / 3
# What is no finer than fingers: how far clips, notches and lines of quilting lie apart. Where darts are marked is.
_APART = (
    "step.clip-curve.text",
    "step.clip-curve-short.text",
    "step.clip-to-base",
    "step.clip-gusset",
    "quilt.lines",
    "hand.quilt.lines",
)


@frozen
class Gauge:
    """What a length of a step (its number) is by the maker's own hand."""

    step: int
    text: Message


def hand_gauges(draft: Draft, bench: Bench) -> Iterator[Gauge]:
    """What can be gauged by hand, as far as the maker has measured it: distances in fingers, and whether the fist goes through what is open."""
    for number, step in enumerate(draft.steps, 1):
        told = dict(_lengths(line.text for line in step.lines))
        apart = next((line.text.params["apart"] for line in step.lines if line.text.id in _APART), None)
        for text in (*_in_fingers(apart, bench), *_through(step, told, bench)):
            yield Gauge(number, text)


def _lengths(texts: Iterator[Message]) -> Iterator[tuple[str, float]]:
    """Every length a step tells, by the name of the blank it fills."""
    for text in texts:
        for name, value in text.params.items():
            if isinstance(value, float):
                yield name, value
            elif isinstance(value, Message):
                yield from _lengths(iter((value,)))
            elif isinstance(value, tuple):
                yield from _lengths(iter(value))


def _in_fingers(length: object, bench: Bench) -> Iterator[Message]:
    finger = bench.finger
    if not isinstance(length, float) or finger is None:
        return
    count = int(length * _OVER / finger)
    if 1 <= count <= _MOST_FINGERS and count * finger >= _LEAST * length:
        yield msg("gauge.fingers", length=length, count=count, own=count * finger)


def _through(step: Step, told: Mapping[str, float], bench: Bench) -> Iterator[Message]:
    """A gap that something is turned through, and a zip that is half open."""
    fist, opened, whole = bench.fist, told.get("half"), told.get("opening")
    if fist is None:
        return
    say: dict[str, Param] = {"fist": fist}
    if step.id == "turn" and "gap" in told:
        gap = told["gap"]
        yield msg("gauge.fist-through" if gap >= fist else "gauge.fist-not", length=gap, **say)
    elif step.id == "open-zip" and opened is not None and whole is not None:
        words = "through" if opened >= fist else "zip" if whole >= fist else "not"
        yield msg(f"gauge.fist-{words}", length=opened if opened >= fist else whole, **say)
