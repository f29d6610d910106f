"""Cuts through the pieces on paper: which layers lie on each other, outside in."""

from __future__ import annotations

from html import escape

from reportlab.lib.styles import ParagraphStyle
from reportlab.lib.units import mm
from reportlab.platypus import Flowable, KeepTogether, Paragraph, Table

from ..core.pattern import Draft
from ..core.pattern.document import section_message
from ..core.pattern.section import Section, SectionLayer
from ..core.words import Message, Speaker, msg

# How thick a layer is drawn for each mm of it, and between what.
_TIMES, _LEAST, _MOST = 1.6, 2.2, 9.0
_WIDE = 32.0
# Tones of grey that copy well, by what a layer is for.
_GREYS = {"outer": 0.72, "lining": 0.9, "interfacing": 0.82, "padding": 0.96}


def layered(draft: Draft, speaker: Speaker, body: ParagraphStyle, small: ParagraphStyle) -> list[Flowable]:
    """Every cut with what each of its layers is."""
    return [KeepTogether(_section(section, draft, speaker, body, small)) for section in draft.sections]


def _section(
    section: Section, draft: Draft, speaker: Speaker, body: ParagraphStyle, small: ParagraphStyle
) -> list[Flowable]:
    pieces = [piece for piece in draft.pieces if piece.id in section.pieces]
    rows = [[_Bar(layer), Paragraph(escape(_told(layer, speaker)), small)] for layer in section.layers]
    table = Table(rows, colWidths=[(_WIDE + 6) * mm, None], hAlign="LEFT")
    table.setStyle(
        [
            ("VALIGN", (0, 0), (-1, -1), "MIDDLE"),
            ("LEFTPADDING", (0, 0), (-1, -1), 0),
            ("TOPPADDING", (0, 0), (-1, -1), 1),
            ("BOTTOMPADDING", (0, 0), (-1, -1), 1),
        ]
    )
    return [Paragraph(escape(speaker.say(section_message(pieces))), body), table]


def _told(layer: SectionLayer, speaker: Speaker) -> str:
    thick = speaker.ruler.thin(layer.thickness)
    said: list[Message] = [*layer.notes]
    if layer.right is not None:
        said.append(msg(f"right.{layer.right}"))
    if layer.glue is not None:
        said.append(msg(f"glue.{layer.glue}"))
    role = speaker.say(msg(f"role.{layer.role}"))
    return "; ".join([f"{speaker.say(layer.material)}, {role}, {thick}", *(speaker.say(note) for note in said)])


class _Bar(Flowable):
    """A layer seen from its edge: a thick line where its right side is, dots where its glue is."""

    def __init__(self, layer: SectionLayer) -> None:
        super().__init__()
        self.layer = layer
        self.high = min(_MOST, max(_LEAST, layer.thickness * _TIMES))

    def wrap(self, *_: float) -> tuple[float, float]:
        return _WIDE * mm, (self.high + 1) * mm

    def draw(self) -> None:
        canvas, low, high = self.canv, 0.5, 0.5 + self.high
        canvas.setLineWidth(0.2 * mm)
        canvas.setFillGray(_GREYS.get(self.layer.role, 0.86))
        canvas.rect(0, low * mm, _WIDE * mm, self.high * mm, fill=1)
        for way, dots in ((self.layer.right, False), (self.layer.glue, True)):
            if way is None:
                continue
            level = (high if way == "out" else low) * mm
            canvas.setLineWidth(0.9 * mm)
            canvas.setLineCap(1)
            canvas.setDash([0.01 * mm, 2 * mm] if dots else [])
            canvas.line(0.5 * mm, level, (_WIDE - 0.5) * mm, level)
            canvas.setDash([])
