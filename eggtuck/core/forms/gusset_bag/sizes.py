"""Its sizes, decided before any piece is drawn."""

from __future__ import annotations

from ...drafting.panel import Panel
from ...frozen import frozen
from ...pattern import Mark
from ...plane import Segment, stretch
from ...words import msg


@frozen(slots=False)
class Ring:
    """A panel and the ring round it (mm): what opens at the middle of its top, the gusset round the rest, how wide both are, and
    what of the zip shows. All of it is counted anticlockwise from the end of the gusset left of the opening."""

    panel: Panel
    opening: float
    gusset: float
    width: float
    z: float

    @property
    def rim(self) -> tuple[Segment, ...]:
        """The panel's outline from where the gusset begins, so that panel and ring are walked from the same notch."""
        half, whole = self.opening / 2, self.panel.round
        return (*stretch(self.panel.outline, half, whole), *stretch(self.panel.outline, 0.0, half))

    @property
    def quarters(self) -> list[tuple[float, str]]:
        """Where the notches of the panel lie, from the middle of its top (mm), and what they are."""
        whole = self.panel.round
        found = [(0.0, "mark.centre-top"), (whole / 4, "mark.quarter"), (whole / 2, "mark.centre-bottom")]
        return [*found, (whole * 3 / 4, "mark.quarter")]

    def panel_marks(self) -> list[Mark]:
        marks = [Mark("notch", msg(label), point=self.panel.at(at)) for at, label in self.quarters]
        ends = (self.opening / 2, -self.opening / 2)
        return [*marks, *(Mark("notch", msg("mark.gusset-end"), point=self.panel.at(at)) for at in ends)]

    def on_gusset(self) -> list[tuple[float, str]]:
        """The same notches along the gusset: a quarter of the panel from its middle, not of the gusset."""
        half, rest = self.opening / 2, self.panel.round - self.opening
        return [
            ((at - half) * self.gusset / rest, label)
            for at, label in self.quarters
            if half + 1e-6 < at < self.panel.round - half - 1e-6
        ]

    def on_strip(self) -> list[tuple[float, str]]:
        """Those that fall on the zip's section, along it from its right end."""
        half, whole = self.opening / 2, self.panel.round
        near = [(at if at <= whole / 2 else at - whole, label) for at, label in self.quarters]
        return [(half - at, label) for at, label in near if abs(at) < half - 1e-6]
