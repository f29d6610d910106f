"""Steps as they are written."""

from __future__ import annotations

import re
from collections.abc import Mapping

from ...words import msg
from ..draft import Step
from ..written import StepDoc
from .numbers import rounded
from .said import Said, edge_ids

_DIGIT = re.compile(r"\d")


class Steps(Said):
    """Writes steps."""

    def step(self, step: Step, number: int, letters: Mapping[str, str]) -> StepDoc:
        # The short form repeats some of them.
        lines = {id(line.text): self.say(line.text) for line in step.lines}
        return {
            "id": step.id,
            "number": number,
            "kind": step.kind,
            "title": self.say(step.title),
            "lines": [{"part": line.part, "text": lines[id(line.text)]} for line in step.lines],
            # A sentence on the craft of it stays where it has a number.
            "short": [
                said
                for text in step.short
                if _counts(said := lines.get(id(text)) or self.say(text)) or not text.id.startswith("step.")
            ],
            "things": [
                {"piece": t.piece, "layer": t.layer, "letter": letters[t.piece], "name": self.say(t.name)}
                for t in step.things
            ],
            "pieces": list(step.pieces),
            "layer": step.layer,
            "seams": list(step.seams),
            "edges": edge_ids(step.edges),
            "allowance": None if step.allowance is None else self.length(step.allowance),
            # A machine is set to a stitch in mm on any ruler.
            "stitch": None
            if step.stitch is None
            else {"mm": rounded(step.stitch), "text": self.speaker.ruler.stitch(step.stitch)},
            "foot": None if step.foot is None else {"id": step.foot, "name": self.say(msg(f"foot.{step.foot}"))},
            "sewn": step.sewn,
            "changed": list(step.changed),
            "check": self.said(step.check),
            "band": None
            if step.band is None
            else {
                "value": self.length(step.band.value),
                "least": self.length(step.band.least),
                "most": self.length(step.band.most),
            },
            "causes": [self.say(text) for text in step.causes],
            "remedy": self.said(step.remedy),
            "caution": self.said(step.caution),
            "why": self.said(step.why),
            "lost": self.said(step.lost),
            "decided": self.said(step.decided),
            "leaves_open": step.leaves_open,
            "closes": step.closes,
            "turns": list(step.turns),
            "inside_out": step.inside_out,
            "before": step.before,
            "stitches": list(step.stitches),
            "minutes": step.minutes,
        }


def _counts(text: str) -> bool:
    """Whether a sentence tells a number."""
    return _DIGIT.search(text) is not None
