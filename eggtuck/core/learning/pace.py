"""How long a maker really takes, by the kind of work."""

from __future__ import annotations

import math
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import field
from statistics import median

from ..frozen import frozen
from ..shop import LEARNS_FROM, PACE_HALF, PACE_TRUSTED
from .made import Made


@frozen
class Pace:
    """How many times as long as the house reckons each kind of work takes, and from how many makes that is known; ``rest`` is for kinds of work
    that were not timed."""

    ratios: Mapping[str, float] = field(default_factory=dict)
    rest: float = 1.0
    count: int = 0

    def minutes(self, kind: str, house: float) -> float:
        """What so many of the house's minutes are at this pace."""
        return house * self.ratios.get(kind, self.rest)


def pace_of(makes: Sequence[Made]) -> Pace:
    """The pace of a maker from the log, the latest first: for each kind of work the median over makes, drawn towards the house's own as far as
    few makes tell. A step that took much longer than is usual for this maker counts as if it had taken `PACE_TRUSTED` times as long."""
    timed = [made for made in makes if _house(made) > 0 and (_clocked(made) or made.minutes)][: int(LEARNS_FROM)]
    if not timed:
        return Pace()
    whole = {made.id: _whole(made) for made in timed}
    usual = math.exp(median(whole.values()))
    kinds: dict[str, list[float]] = {}
    for made in timed:
        for kind, ratio in _by_kind(made, usual).items():
            kinds.setdefault(kind, []).append(math.log(ratio))
    rest = _drawn(list(whole.values()))
    return Pace({kind: _drawn(found) for kind, found in kinds.items()}, rest, len(timed))


def paced(pace: Pace, steps: Iterable[tuple[str, float]]) -> float:
    """How long so many steps take at a pace: ``(kind, the house's minutes)`` of each."""
    return sum(pace.minutes(kind, house) for kind, house in steps)


def _drawn(logs: Sequence[float]) -> float:
    return math.exp(median(logs) * len(logs) / (len(logs) + PACE_HALF))


def _house(made: Made) -> float:
    return sum(step.minutes for step in made.facts.steps)


def _clocked(made: Made) -> bool:
    """Whether the clock ran for at least half of the make."""
    known = sum(step.minutes for step in made.facts.steps if made.hands.get(step.id, 0.0) > 0)
    return known >= _house(made) / 2


def _whole(made: Made) -> float:
    """The logarithm of how many times as long the make took as the house reckons."""
    if not _clocked(made):
        assert made.minutes
        return math.log(made.minutes / _house(made))
    # The middle of its steps, each counted by its minutes: one that was forgotten while the clock ran does not count for more than itself.
    steps = sorted(
        (math.log(made.hands[step.id] / step.minutes), step.minutes)
        for step in made.facts.steps
        if made.hands.get(step.id, 0.0) > 0 and step.minutes > 0
    )
    half, gone = sum(weight for _, weight in steps) / 2, 0.0
    for ratio, weight in steps:
        gone += weight
        if gone >= half:
            return ratio
    raise AssertionError("a clocked make has steps")


def _by_kind(made: Made, usual: float) -> dict[str, float]:
    """How many times as long each kind of work of it took."""
    if not _clocked(made):
        return {}
    took: dict[str, tuple[float, float]] = {}
    for step in made.facts.steps:
        hands = made.hands.get(step.id, 0.0)
        if hands <= 0 or step.minutes <= 0:
            continue
        house = step.minutes * usual
        kept = min(max(hands, house / PACE_TRUSTED), house * PACE_TRUSTED)
        before = took.get(step.kind, (0.0, 0.0))
        took[step.kind] = (before[0] + kept, before[1] + step.minutes)
    return {kind: hands / house for kind, (hands, house) in took.items()}
