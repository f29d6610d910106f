"""What a tag says to whoever is given a make: how it is put on, tied and closed, turned the other way, used again and mended."""

from __future__ import annotations

from collections.abc import Iterator

from ..pattern import Draft, Need, Step
from ..words import Message, msg

# Steps at the end that whoever uses it does every time.
_EVERY_TIME = ("mat-in", "tie")
_TIES = ("ribbon", "cord")
# What closes it, by what it is called among its needs.
_CLOSED_BY = ("zip", "hook-and-loop", "snap", "button", "fastener", "cord", "elastic", "frame")
# What is closed on a part too: a button that is sewn on may be for show, and elastic may hold pens.
_ON_PARTS = ("hook-and-loop", "snap")


def tag_of(draft: Draft) -> tuple[Message, ...]:
    """Sentences for a tag, each of them true of this make."""
    return (
        *_used(draft.steps),
        *_closed(draft.needs, draft.finished.get("girth")),
        *_turned(draft),
        *_again(draft),
        *_mended(draft),
    )


def _used(steps: tuple[Step, ...]) -> Iterator[Message]:
    """How it is put on and tied, as the last steps tell it."""
    for step in steps:
        if step.id in _EVERY_TIME:
            yield from (line.text for line in step.lines if line.part == "do")


def _closed(needs: tuple[Need, ...], girth: float | None) -> Iterator[Message]:
    closing = (need for need in needs if need.role in (_ON_PARTS if need.part else _CLOSED_BY))
    for role in dict.fromkeys(need.role for need in closing if not _loop(need, girth)):
        yield msg(f"tag.closed-{role}")


def _loop(need: Need, girth: float | None) -> bool:
    """A cord or ribbon that does not reach round is a loop or a hanger, no tie."""
    return need.role in _TIES and (girth is None or need.exact < girth)


def reversible(draft: Draft) -> bool:
    """Whether it can be worn either way out: lined, closed by hand after it was turned, so that every raw edge lies between the layers, with
    nothing on it that is only right from one side."""
    roles = {lay.role for lay in draft.lays}
    needs = {need.role for need in draft.needs if need.width is None}
    carries = bool(draft.grips) or any(need.part for need in draft.needs)
    turned = any(step.closes for step in draft.steps) and any(step.turns for step in draft.steps)
    return "lining" in roles and turned and not carries and needs <= {"thread", *_TIES}


def _turned(draft: Draft) -> Iterator[Message]:
    if reversible(draft):
        yield msg("tag.turned")
        if _tie(draft) is not None:
            yield msg("tag.season")


def _again(draft: Draft) -> Iterator[Message]:
    """For what else it will do: as wide round and as high as what it was made for."""
    values = {state.field: state.value for state in draft.inputs}
    girth, height = values.get("object.girth"), values.get("object.height")
    if girth is not None and height is not None:
        yield msg("tag.again", girth=girth, height=height)


def _mended(draft: Draft) -> Iterator[Message]:
    """A tie is what wears out first, and the quickest to change."""
    tie = _tie(draft)
    if tie is not None:
        yield msg("tag.tie", length=tie.exact)


def _tie(draft: Draft) -> Need | None:
    ties = (need for need in draft.needs if need.role in _TIES and need.width is None and not need.part)
    return next((need for need in ties if not _loop(need, draft.finished.get("girth"))), None)
