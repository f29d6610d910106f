"""A step taken apart into single things to do, for whoever reads one at a time."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator

from ..words import Message
from .draft import Step, StepLine

# A sentence ends where another begins: not after the point of a number.
_ENDS = re.compile(r"(?<=[.!?])\s+(?=[^\Wa-z_])")
Say = Callable[[Message], str]


def actions_of(step: Step, say: Say) -> list[str]:
    """Every sentence of a step by itself, in order; of a sentence that tells several marks, each mark by itself. Together they say all that the
    step's lines say.

    Args:
        step: as it is told.
        say: who says its sentences.

    Returns:
        One text for each thing to do.

    Example:
        >>> line = StepLine("do", Message("step.ends.text"))
        >>> step = Step("ends", "finish", Message("step.ends"), 1.0, (line,), ())
        >>> actions_of(step, lambda text: "Fold 2.5 cm in. Press it.")
        ['Fold 2.5 cm in.', 'Press it.']
    """
    return [text for line in step.lines for text in _of_line(line, say)]


def _of_line(line: StepLine, say: Say) -> Iterator[str]:
    marks = line.text.params.get("marks")
    every = list(_in_turn(marks)) if line.part == "mark" and isinstance(marks, Message) else []
    if len(every) < 2:
        yield from _ENDS.split(say(line.text))
        return
    for nth, mark in enumerate(every):
        first, *more = _ENDS.split(say(Message(line.text.id, {**line.text.params, "marks": mark})))
        yield first
        if nth == len(every) - 1:
            yield from more


def _in_turn(text: Message) -> Iterator[Message]:
    """Things told one after the other, each by itself."""
    if text.id != "lay.also":
        yield text
        return
    for part in (text.params["first"], text.params["then"]):
        assert isinstance(part, Message)
        yield from _in_turn(part)
