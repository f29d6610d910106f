"""The sewing guide on paper: two steps in a row, each with its picture, and a small one to carry along, with pictures and numbers only."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any
from xml.sax.saxutils import escape

from reportlab.lib.styles import ParagraphStyle
from reportlab.lib.units import mm
from reportlab.platypus import Flowable, KeepTogether, Paragraph, Spacer, Table

from ..core.making.machine_set import stitch_set
from ..core.pattern import Draft, Step
from ..core.pattern.picture import Letter, Note, Picture
from ..core.words import Message, Speaker, msg
from .pictured import Drawn

# A step that says more than so many letters has the whole width of the page.
_LONG = 1100
# How high a picture is (mm), in the guide and in the small one.
_HIGH, _POCKET = 42.0, 34.0
# So many letters have room in a picture of that height.
_FEW = 5
# What is narrower than so (share of its height), with more letters and notes on it than this, is printed so much higher.
_NARROW, _NEAR, _TALLER = 0.5, 3, 1.75
# In the small one no sentence has more letters.
_SHORT = 110


class Guide:
    """The steps of a draft as flowables, on ``width`` mm of paper."""

    def __init__(
        self,
        draft: Draft,
        speaker: Speaker,
        width: float,
        body: ParagraphStyle,
        small: ParagraphStyle,
        fonts: tuple[str, str],
    ) -> None:
        self.draft, self.speaker, self.width = draft, speaker, width
        self.body, self.small, self.fonts = body, small, fonts
        # Two steps in a row leave each half a page.
        self.text = ParagraphStyle("text", parent=small, fontSize=8.8, leading=10.8, spaceAfter=1)
        self.letters = {piece.id: piece.letter for piece in draft.pieces}

    def say(self, id: str, **params: Any) -> str:
        return self.speaker.say(msg(id, **params))

    def told(self, message: Message) -> str:
        return escape(self.speaker.say(message))

    def steps(self, head: Flowable) -> list[Flowable]:
        """Every step whole under a ``head``, two in a row; what is long stands alone. No step is parted by the end of a page, but for one that
        is longer; what it is called stays with its picture, and the head with the first of them."""
        story: list[Flowable] = []
        row: list[list[Flowable]] = []
        half = self.width / 2 - 4

        def above() -> list[Flowable]:
            return [] if story else [head]

        for number, (step, picture) in enumerate(zip(self.draft.steps, self.draft.pictures(), strict=True), 1):
            long = sum(len(self.speaker.say(line.text)) for line in step.lines) > _LONG
            if long:
                title, drawn, *told = self._step(number, step, picture, self.width)
                story += self._rows(row, half, above())
                story += [KeepTogether([*above(), title, drawn, *told[:1]]), *told[1:], Spacer(1, 3 * mm)]
                row = []
                continue
            row.append(self._step(number, step, picture, half))
            if len(row) == 2:
                story += self._rows(row, half, above())
                row = []
        return [*story, *self._rows(row, half, above())]

    def pocket(self) -> list[Flowable]:
        """Every step as a small picture with what it is called and its numbers, three in a row."""
        third = self.width / 3 - 3
        cells: list[list[Flowable]] = []
        for number, (step, picture) in enumerate(zip(self.draft.steps, self.draft.pictures(), strict=True), 1):
            said = [self.told(text).rstrip(".") for text in step.short]
            short = [*self._settings(step), *(text for text in said if len(text) < _SHORT)]
            cells.append(
                [
                    Paragraph(f"<b>{number}. {self.told(step.title)}</b>", self.small),
                    Drawn(picture, third, _POCKET, self.speaker.say, *self.fonts),
                    Paragraph("; ".join(short), self.small),
                ]
            )
        return [flowable for n in range(0, len(cells), 3) for flowable in self._rows(cells[n : n + 3], third)]

    def _rows(self, cells: Sequence[list[Flowable]], width: float, above: Sequence[Flowable] = ()) -> list[Flowable]:
        """A row of cells, under what is to stay above it."""
        if not cells:
            return []
        table = Table([list(cells)], colWidths=[(width + 4) * mm] * len(cells), hAlign="LEFT")
        table.setStyle(
            [
                ("VALIGN", (0, 0), (-1, -1), "TOP"),
                ("LEFTPADDING", (0, 0), (-1, -1), 0),
                ("RIGHTPADDING", (0, 0), (-1, -1), 4 * mm),
                ("TOPPADDING", (0, 0), (-1, -1), 2),
                ("BOTTOMPADDING", (0, 0), (-1, -1), 6),
                ("LINEBELOW", (0, 0), (-1, -1), 0.3, "black"),
            ]
        )
        return [KeepTogether([*above, table])]

    def _step(self, number: int, step: Step, picture: Picture, width: float) -> list[Flowable]:
        # What is taken in hand and how the machine is set stand over what is done with it.
        how = [f"{self.letters[thing.piece]} {self.told(thing.name)}" for thing in step.things]
        how += self._settings(step)
        title = Table(
            [[Tick(), Paragraph(f"<b>{number}. {self.told(step.title)}</b>", self.body)]],
            colWidths=[8 * mm, (width - 8) * mm],
        )
        title.setStyle([("LEFTPADDING", (0, 0), (-1, -1), 0), ("VALIGN", (0, 0), (-1, -1), "TOP")])
        high = printed_height(picture, width == self.width)
        parts: list[Flowable] = [title, Drawn(picture, width, high, self.speaker.say, *self.fonts)]
        if how:
            parts.append(Paragraph("; ".join(how), self.small))
        parts += [Paragraph(self.told(line.text), self.text) for line in step.lines]
        parts += self._checked(step)
        if step.caution is not None:
            parts.append(Paragraph(f"<b>{escape(self.say('print.caution'))}</b> {self.told(step.caution)}", self.small))
        return parts

    def _settings(self, step: Step) -> list[str]:
        found = [] if step.foot is None else [escape(self.say(f"foot.{step.foot}"))]
        if step.sewn is not None:
            found.append(self.told(stitch_set(step.sewn, step.stitch, self.speaker.ruler)))
        return found

    def _checked(self, step: Step) -> list[Flowable]:
        """What to look at, between what it passes, and what to do where it does not."""
        if step.check is None:
            return []
        told = f"<b>{escape(self.say('print.check'))}</b> {self.told(step.check)}"
        if step.band is not None:
            told += f" {escape(self.say('print.band', least=step.band.least, most=step.band.most))}"
        lines: list[Flowable] = [Paragraph(told, self.small)]
        if step.causes:
            remedy = [self.told(step.remedy)] if step.remedy else []
            causes = " ".join([*(self.told(cause) for cause in step.causes), *remedy])
            lines.append(Paragraph(f"<b>{escape(self.say('print.wrong'))}</b> {causes}", self.small))
        return lines


def printed_height(picture: Picture, whole: bool = False) -> float:
    """How high a picture is printed, on half a page or the ``whole`` width of it, so that each letter and note on it has room (mm)."""
    frame = max(picture.frames, key=lambda one: sum(isinstance(item, (Letter, Note)) for item in one.items))
    if whole and sum(isinstance(item, Letter) for item in frame.items) > _FEW:
        # Every piece lies beside every other.
        return _HIGH * 2
    left, low, right, high = frame.box
    narrow = right - left < _NARROW * (high - low)
    crowd = sum(isinstance(item, (Letter, Note)) for item in frame.items)
    return _HIGH * _TALLER if narrow and crowd > _NEAR else _HIGH


class Tick(Flowable):
    """A square to tick."""

    def wrap(self, *_: float) -> tuple[float, float]:
        return 6 * mm, 5 * mm

    def draw(self) -> None:
        self.canv.setLineWidth(0.3 * mm)
        self.canv.rect(0.5 * mm, 0.2 * mm, 4 * mm, 4 * mm)
