"""The picture of every step, as the make goes on from one to the next."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from dataclasses import replace

from ..making.operation import Operation
from ..making.telling import as_they_come
from ..materials import Stack
from ..pattern import Draft
from ..pattern.picture import Picture, ToolKind
from ..words import msg
from .crafts import craft_frames
from .lettered import with_letters_clear
from .meant import line_kind
from .moment import Moment
from .seams import seam_frames

_TOOLS: dict[str, ToolKind] = {"cut": "scissors", "mark": "pen", "press": "iron", "check": "hands", "finish": "hands"}


def show_steps(
    operations: Sequence[Operation], draft: Draft, stack: Stack, wanted: Collection[str] | None = None
) -> tuple[Picture, ...]:
    """The pictures of these steps, all of them unless told."""
    moment = Moment(draft, stack)
    found = []
    # What is cut of a seam is drawn on it: then the seams before it are drawn too.
    trims = any(done.cuts is not None and (wanted is None or done.id in wanted) for done in operations)
    for done in as_they_come(operations, moment.teller):
        moment.hang(done)
        if wanted is None or done.id in wanted or (trims and (done.seams or done.gap)):
            frames = seam_frames(moment, done) if done.seams else craft_frames(moment, done)
            # What it does not show of its pieces comes after what is sewn.
            moment.seams += frames[:1] if done.seams else frames[-1:] if done.gap else ()
            if wanted is None or done.id in wanted:
                clear = moment.teller.near(done)
                if clear:
                    frames = (replace(frames[0], caption=msg("picture.clear", things=clear)), *frames[1:])
                clear_of = tuple(with_letters_clear(frame, moment.by_id) for frame in frames)
                found.append(Picture(done.id, clear_of, _tools(done)))
        moment.go_on(done)
    return tuple(found)


def _tools(done: Operation) -> tuple[ToolKind, ...]:
    """What is taken to hand for it."""
    found: list[ToolKind] = []
    raw = done.kind == "finish" and line_kind(done) == "finish"
    if raw and "pinked" in done.title.id:
        found.append("scissors")
    elif done.kind == "sew" or raw:
        found.append("needle" if done.hand else "machine")
    elif done.kind in _TOOLS:
        found.append(_TOOLS[done.kind])
    if done.press is not None or done.irons:
        found.append("iron")
    return tuple(dict.fromkeys(found))
