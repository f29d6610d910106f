"""What the machine is set to besides foot and length: its kind of stitch and the thread in its needle, and when either is changed back."""

from __future__ import annotations

from collections.abc import Iterator

from ..pattern import Step, StepLine
from ..words import LANGUAGES, Message, msg

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
        said = {id for line in step.lines for id in _ids(line.text)}
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


def _ids(text: Message) -> Iterator[str]:
    yield text.id
    blanks = LANGUAGES["en"].blanks(text.id)
    for name, value in text.params.items():
        for part in value if isinstance(value, tuple) else (value,):
            # Sentences are given more than they say.
            if name in blanks and isinstance(part, Message):
                yield from _ids(part)
