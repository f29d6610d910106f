"""What may go wrong on the way: how it looks, what it likely comes from, what mends it, and the step to go back to. Only what this make can
have is told."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from typing import Final

from ..frozen import frozen
from ..pattern import Step
from ..shop import THICK_STACK
from ..words import Message, msg

_Where = Callable[[Sequence[Step]], Step | None]
# Each has so many likely causes.
CAUSES = 2


@frozen
class Symptom:
    """One that this make can show: the number of the step to go back to."""

    id: str
    step: int

    @property
    def name(self) -> Message:
        return msg(f"symptom.{self.id}")

    @property
    def causes(self) -> tuple[Message, ...]:
        """Likeliest first."""
        return tuple(msg(f"symptom.{self.id}.cause-{n}") for n in range(1, CAUSES + 1))

    @property
    def remedy(self) -> Message:
        return msg(f"symptom.{self.id}.remedy")


def _titled(*parts: str) -> _Where:
    """The first step whose title is one of these."""

    def where(steps: Sequence[Step]) -> Step | None:
        return next((step for step in steps if _title(step).removeprefix("step.").startswith(parts)), None)

    return where


def _title(step: Step) -> str:
    """What it is called, whatever is left open in it."""
    inner = step.title.params.get("step")
    return inner.id if isinstance(inner, Message) else step.title.id


def _thickest(steps: Sequence[Step]) -> Step | None:
    thick = [step for step in steps if step.thick is not None and step.thick >= THICK_STACK and not step.hand]
    return max(thick, key=lambda step: step.thick or 0.0, default=None)


def _set_up(steps: Sequence[Step]) -> Step | None:
    return _titled("set-up")(steps) if any(step.kind == "sew" and not step.hand for step in steps) else None


def _first_seam(steps: Sequence[Step]) -> Step | None:
    """Of a make that a thing goes into."""
    goes_in = _titled("put-in")(steps)
    return next((step for step in steps if step.seams and step.allowance), None) if goes_in else None


def _lining_seam(steps: Sequence[Step]) -> Step | None:
    nested = _titled("nest-right", "bowl-rim")(steps)
    return next((step for step in steps if step.layer == "lining" and step.seams), None) if nested else None


_WHERE: Final[dict[str, _Where]] = {
    "puckers": _set_up,
    "skips": _set_up,
    "creeps": _thickest,
    "tight": _first_seam,
    "base-off": _titled("round-base", "gusset-round"),
    "corners": _titled("corners-cut", "corners-sewn"),
    "zip-waves": _titled("zip-first"),
    "zip-shut": _titled("open-zip"),
    "frame": _titled("casing-try"),
    "dull-corners": _titled("trim-corners", "clip-curve"),
    "lining-loose": _lining_seam,
    "gap-shows": _titled("close-gap", "close-both"),
    "elastic": _titled("neck-elastic", "lid-elastic"),
    "binding": _titled("binding-over"),
}


def symptoms(steps: Sequence[Step]) -> Iterator[Symptom]:
    """What these steps may lead to."""
    numbers = {id(step): n for n, step in enumerate(steps, 1)}
    for name, where in _WHERE.items():
        step = where(steps)
        if step is not None:
            yield Symptom(name, numbers[id(step)])
