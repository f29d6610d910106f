"""What the machine is set to besides foot and length: its kind of stitch and the thread in its needle, and when either is changed back."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace
from typing import Final

from ..lengths import Ruler
from ..pattern import Step, StepLine
from ..pattern.draft import StitchKind
from ..words import Message, msg, said_in

# Sentences that are sewn otherwise than in a straight stitch.
_KINDS: Final[Mapping[str, StitchKind]] = {
    **dict.fromkeys(("stitch.zigzag", "stitch.open-zigzag", "step.motif-satin.text", "along.join-machine"), "zigzag"),
    **dict.fromkeys(("step.edges-overcast.text", "step.edges-together-overcast.text"), "overcast"),
    **dict.fromkeys(("step.border-stitches.text", "step.border-stitches-one.text"), "decorative"),
}
# Sentences that are sewn in a thread of their own, and how that is told where they do not tell it themselves.
_THREADS: Final = {
    "step.motif-satin.text": "machine.thread-colour",
    "step.motif-lace.text": "",
    "step.border-stitches.text": "machine.thread-shows",
    "step.border-stitches-one.text": "machine.thread-shows",
}
# Within one sentence both come after one another: an edge is overcast, then stitched down.
_FIRST_OVERCAST: Final = "hem.overcast"


def stitch_set(sewn: str, length: float | None, ruler: Ruler) -> Message:
    """What the stitch of a step is set to: its kind and, where that has one, how long it is (mm)."""
    return msg("print.stitch", sewn=sewn, length=ruler.stitch(length or 0.0))


class MachineSet:
    """The machine as it stands, from one step to the next."""

    def __init__(self) -> None:
        self.sewn: StitchKind = "straight"
        self.threaded = False

    def step(self, step: Step) -> tuple[Step, tuple[Message, ...]]:
        """A step with how it is sewn, and what is set anew for it: its own thread, or what it was before. It is so from then on."""
        said = {message.id for line in step.lines for message in said_in(line.text)}
        kind = next((_KINDS[id] for id in sorted(said & set(_KINDS))), None)
        if step.hand or (step.stitch is None and kind is None):
            return step, ()
        threads = [_THREADS[id] for id in sorted(said & set(_THREADS))]
        found = []
        if kind is None and self.sewn != "straight":
            # Who has an overlock has not touched the machine for that.
            found.append("machine.straight-overcast" if self.sewn == "overcast" else "machine.straight")
        if threads:
            found += [words for words in threads if words]
        elif self.threaded:
            found.append("machine.thread-back")
        # Overcast by an overlock, the machine stands as it was left before.
        left = kind == "overcast" and self.sewn != "straight"
        self.sewn, self.threaded = self.sewn if left else kind or "straight", bool(threads)
        lines = tuple(msg(words) for words in found)
        # When all is in hand, before anything is done.
        at = next((nth for nth, line in enumerate(step.lines) if line.part != "lay"), len(step.lines))
        told = [*step.lines[:at], *(StepLine("do", line) for line in lines), *step.lines[at:]]
        for nth, line in reversed(list(enumerate(told))):
            if kind is None and any(message.id == _FIRST_OVERCAST for message in said_in(line.text)):
                told.insert(nth, StepLine("do", msg("machine.hem-overcast")))
        return replace(step, lines=tuple(told), sewn=kind or "straight", own_thread=self.threaded), lines
