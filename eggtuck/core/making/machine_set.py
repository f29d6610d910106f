"""What the machine is set to besides foot and length: its kind of stitch and the thread in its needle, and when either is changed back."""

from __future__ import annotations

from ..pattern import Step, StepLine
from ..words import msg, said_in

# Sentences that are sewn otherwise than in a straight stitch.
_WIDE = frozenset(
    (
        *("stitch.zigzag", "stitch.open-zigzag", "step.motif-satin.text", "along.join-machine"),
        *("step.edges-overcast.text", "step.edges-together-overcast.text"),
        *("step.border-stitches.text", "step.border-stitches-one.text"),
    )
)
# Sentences that are sewn in a thread of their own, and how that is told where they do not tell it themselves.
_THREADS = {
    "step.motif-satin.text": "machine.thread-colour",
    "step.motif-lace.text": "",
    "step.border-stitches.text": "machine.thread-shows",
    "step.border-stitches-one.text": "machine.thread-shows",
}


class MachineSet:
    """The machine as it stands, from one step to the next."""

    def __init__(self) -> None:
        self.wide = self.threaded = False

    def lines(self, step: Step) -> tuple[StepLine, ...]:
        """What is set anew for a step that is sewn by machine: its own thread, or what it was before. It is so from then on."""
        said = {message.id for line in step.lines for message in said_in(line.text)}
        wide, threads = bool(said & _WIDE), [_THREADS[id] for id in sorted(said & set(_THREADS))]
        if step.hand or (step.stitch is None and not wide):
            return ()
        found = []
        if self.wide and not wide:
            found.append("machine.straight")
        if threads:
            found += [words for words in threads if words]
        elif self.threaded:
            found.append("machine.thread-back")
        self.wide, self.threaded = wide, bool(threads)
        return tuple(StepLine("do", msg(words)) for words in found)
