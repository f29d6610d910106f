"""Cards that go along with a make: how to look after it, and what goods for sale are made of; several on a sheet, black on white."""

from __future__ import annotations

import io
from html import escape
from typing import Final, Literal

from reportlab.lib.pagesizes import A4
from reportlab.lib.styles import ParagraphStyle
from reportlab.lib.units import mm
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import Paragraph

from ..core.care import CareCard, care_of
from ..core.care.tag import tag_of
from ..core.pattern import Draft
from ..core.words import Speaker, msg
from .pdf import BOLD, REGULAR, load_fonts, print_canvas
from .saving import save

CardKind = Literal["care", "tag", "label"]
# How many across and down a sheet there are of each, and how large their letters may be and must not fall below (pt).
_SHEETS: Final = {"care": (2, 2), "tag": (3, 5), "label": (3, 5)}
_LARGEST, _SMALLEST, _STEP = 10.0, 5.5, 0.5
_MARGIN, _INSIDE = 10.0, 5.0


def care_cards(draft: Draft, name: str, kind: CardKind = "care") -> bytes:
    """An A4 sheet full of one card, with lines to cut along. The letters are as large as lets everything stand on it."""
    load_fonts()
    speaker = Speaker(draft.ruler, draft.language)
    told = _tag(draft, speaker) if kind == "tag" else _told(care_of(draft), name, kind, speaker)
    across, down = _SHEETS[kind]
    width, height = (A4[0] / mm - 2 * _MARGIN) / across, (A4[1] / mm - 2 * _MARGIN) / down
    out = io.BytesIO()
    canvas = print_canvas(out, pagesize=A4, invariant=1)
    canvas.setTitle(name)
    canvas.setAuthor("Egg Tuck")
    story = _fitting(told, width - 2 * _INSIDE, height - 2 * _INSIDE)
    for row in range(down):
        for column in range(across):
            x, y = _MARGIN + column * width, _MARGIN + row * height
            canvas.setLineWidth(0.3)
            canvas.setDash(2, 2)
            canvas.rect(x * mm, y * mm, width * mm, height * mm)
            canvas.setDash()
            _write(canvas, story, x + _INSIDE, y + height - _INSIDE, width - 2 * _INSIDE)
    if kind == "label":
        # For whoever sells, not for whoever buys.
        canvas.setFont(REGULAR, 8)
        canvas.drawString(_MARGIN * mm, (_MARGIN - 5) * mm, speaker.say(msg("care.rules")))
    save(canvas)
    return out.getvalue()


def _told(card: CareCard, name: str, kind: CardKind, speaker: Speaker) -> list[tuple[str, bool]]:
    """The sentences in their order; whether each is a heading."""
    made = [
        speaker.say(msg("care.made", role=msg(f"role.{one.role}"), material=one.material, fibre=one.fibre))
        for one in card.made_of
    ]
    if card.besides:
        made.append(speaker.say(msg("care.besides", things=card.besides)))
    if kind == "label":
        lines = [*made, speaker.say(card.care[0]), speaker.say(card.heat)]
        return [(name, True), *((line, False) for line in lines)]
    care = [speaker.say(text) for text in (*card.care, card.heat, *card.cautions)]
    return [
        (name, True),
        *((line, False) for line in care),
        (speaker.say(msg("care.made-of")), True),
        *((line, False) for line in made),
    ]


def _tag(draft: Draft, speaker: Speaker) -> list[tuple[str, bool]]:
    """How it is used; what it is, for whoever it is given to, and not what its maker calls it."""
    card = care_of(draft)
    lines = [speaker.say(text) for text in (*tag_of(draft), card.care[0], card.heat)]
    return [(speaker.say(msg(f"form.{draft.form}")), True), *((line, False) for line in lines)]


def _fitting(told: list[tuple[str, bool]], width: float, height: float) -> list[tuple[Paragraph, float]]:
    """The paragraphs with how high each is (mm), in the largest letters that let all of them in."""
    size = _LARGEST
    while True:
        body = ParagraphStyle("card", fontName=REGULAR, fontSize=size, leading=size * 1.22, spaceAfter=size * 0.25)
        head = ParagraphStyle("card-head", parent=body, fontName=BOLD, fontSize=size * 1.15, leading=size * 1.4)
        found = []
        for text, heading in told:
            paragraph = Paragraph(escape(text), head if heading else body)
            found.append((paragraph, paragraph.wrap(width * mm, height * mm)[1] / mm + 0.1 * size))
        if sum(high for _, high in found) <= height or size <= _SMALLEST:
            return found
        size -= _STEP


def _write(canvas: Canvas, story: list[tuple[Paragraph, float]], x: float, top: float, width: float) -> None:
    for paragraph, high in story:
        paragraph.wrap(width * mm, 1000 * mm)
        top -= high
        paragraph.drawOn(canvas, x * mm, top * mm)
