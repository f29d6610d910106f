"""A card to print and carry: what to measure on each kind of thing, where the tape goes, and room to write it down."""

from __future__ import annotations

import io
from collections.abc import Iterable

from reportlab.lib.pagesizes import A6
from reportlab.lib.styles import ParagraphStyle
from reportlab.lib.units import mm
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import Paragraph

from ..core.objects import PRESETS, ObjectKind, measure_thing
from ..core.pattern.draft import Dimension, ObjectView
from ..core.words import Speaker, msg
from .pdf import BOLD, REGULAR, load_fonts
from .saving import save

WIDTH, HEIGHT = A6[0] / mm, A6[1] / mm
MARGIN = 8.0
# The drawing's box, with room beside it for the tapes (mm).
_TALL, _WIDE = 42.0, 40.0
_ROWS = 12
# What a drawing shows besides what a thing usually is measured by (mm).
_SHOWN = {"mug": {"diameter": 85.0, "handle_out": 33.0}, "rod": {"ring_across": 40.0}}


def measuring_cards(kinds: Iterable[ObjectKind], speaker: Speaker) -> bytes:
    """A PDF with an A6 card for each kind."""
    load_fonts()
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=A6, invariant=1)
    canvas.setTitle(speaker.say(msg("card.title")))
    canvas.setAuthor("Egg Tuck")
    for kind in kinds:
        _card(canvas, kind, speaker)
        canvas.showPage()
    save(canvas)
    return out.getvalue()


def _card(canvas: Canvas, kind: ObjectKind, speaker: Speaker) -> None:
    canvas.setFont(BOLD, 13)
    canvas.drawString(MARGIN * mm, (HEIGHT - 12) * mm, speaker.say(msg("card.head", kind=kind.label)))
    low = _text(canvas, speaker.say(kind.help), HEIGHT - 15, 8)
    preset = next((p for p in PRESETS.values() if p.kind == kind.id), None)
    if preset is None:
        _profile_rows(canvas, speaker, low - 6)
    else:
        thing, _ = measure_thing(kind.id, {**preset.measures, **_SHOWN.get(kind.id, {})})
        assert thing is not None
        letters = {f"object.{measure.name}": chr(ord("A") + i) for i, measure in enumerate(kind.measures)}
        _drawing(canvas, thing.view(), letters, low - 5 - _TALL)
        roomy = len(kind.measures) < 5
        down = low - 5 - _TALL - 9
        for measure in kind.measures:
            letter = letters[f"object.{measure.name}"]
            must = "" if not measure.required else " *"
            canvas.setFont(BOLD, 9)
            canvas.drawString(MARGIN * mm, down * mm, f"{letter}  {speaker.say(measure.label)}{must}")
            _line(canvas, WIDTH - MARGIN - 26, down - 0.8, WIDTH - MARGIN - 6)
            canvas.setFont(REGULAR, 8)
            canvas.drawRightString((WIDTH - MARGIN) * mm, down * mm, speaker.ruler.unit)
            if roomy:
                _text(canvas, speaker.say(measure.help), down - 0.6, 7)
            down -= 9.5 if roomy else 6.2
    _ruler(canvas, speaker)


def _drawing(canvas: Canvas, view: ObjectView, letters: dict[str, str], foot: float) -> None:
    """The thing from the side, standing on ``foot``, with a letter at each place a tape goes."""
    tall = max(up for up, _ in view.radii)
    left = max(out for _, out in view.radii)
    right = max([left, *(x for x, _ in view.beside)])
    scale = min(_TALL / tall, _WIDE / (left + right))
    middle = WIDTH / 2 - (right - left) / 2 * scale
    front = [(out, up) for up, out in view.radii] + [(-out, up) for up, out in reversed(view.radii)]
    canvas.setLineWidth(0.8)
    for outline in filter(None, (front, view.beside)):
        path = canvas.beginPath()
        for i, (x, y) in enumerate(outline):
            (path.lineTo if i else path.moveTo)((middle + x * scale) * mm, (foot + y * scale) * mm)
        path.close()
        canvas.drawPath(path)
    _line(canvas, WIDTH / 2 - 28, foot, WIDTH / 2 + 28)
    side = {-1: left * scale, 1: right * scale}
    for dimension in view.dimensions:
        _tape(canvas, dimension, letters[dimension.field], middle, foot, scale, side)


def _tape(
    canvas: Canvas, dimension: Dimension, letter: str, middle: float, foot: float, scale: float, side: dict[int, float]
) -> None:
    """Upright measures stand beside the thing, each further out than the last; measures across lie on it."""
    (x0, y0), (x1, y1) = ((x * scale, y * scale) for x, y in (dimension.start, dimension.end))
    canvas.setLineWidth(0.5)
    if abs(x1 - x0) < 1e-9:
        way = 1 if x0 >= 0 else -1
        side[way] += 6
        x = middle + way * side[way]
        canvas.line(x * mm, (foot + y0) * mm, x * mm, (foot + y1) * mm)
        for end in (y0, y1):
            canvas.line((x - 1) * mm, (foot + end) * mm, (x + 1) * mm, (foot + end) * mm)
        at = (x + way * 2.2, foot + (y0 + y1) / 2)
    else:
        canvas.setDash(2, 1.5)
        canvas.line((middle + x0) * mm, (foot + y0) * mm, (middle + x1) * mm, (foot + y1) * mm)
        canvas.setDash()
        at = (middle + (x0 + x1) / 2, foot + y0 + 1)
    canvas.setFont(BOLD, 9)
    canvas.drawCentredString(at[0] * mm, at[1] * mm, letter)


def _profile_rows(canvas: Canvas, speaker: Speaker, top: float) -> None:
    """Empty rows of height and girth."""
    left, right = MARGIN + 2, WIDTH / 2 + 4
    canvas.setFont(BOLD, 9)
    canvas.drawString(left * mm, top * mm, f"{speaker.say(msg('card.up'))} ({speaker.ruler.unit})")
    canvas.drawString(right * mm, top * mm, f"{speaker.say(msg('card.round'))} ({speaker.ruler.unit})")
    for row in range(1, _ROWS + 1):
        _line(canvas, left, top - row * 7, left + 34)
        _line(canvas, right, top - row * 7, right + 34)


def _ruler(canvas: Canvas, speaker: Speaker) -> None:
    """A tape along the lower edge to check the print by, and the pile of eight for thickness."""
    _text(canvas, speaker.say(msg("card.thickness")), 22, 7.5)
    inches = speaker.ruler.unit == "in"
    step, count = (25.4 / 8, 24) if inches else (5.0, 16)
    for i in range(count + 1):
        tall = (4 if i % 8 == 0 else 2) if inches else (4 if i % 2 == 0 else 2)
        x = MARGIN + i * step
        canvas.line(x * mm, 6 * mm, x * mm, (6 + tall) * mm)
    canvas.line(MARGIN * mm, 6 * mm, (MARGIN + count * step) * mm, 6 * mm)
    canvas.setFont(REGULAR, 7)
    length = 76.2 if inches else 80.0
    canvas.drawString(MARGIN * mm, 2.6 * mm, speaker.say(msg("card.ruler", length=length)))


def _text(canvas: Canvas, text: str, top: float, size: float) -> float:
    """A paragraph below ``top`` mm; returns where it ends."""
    style = ParagraphStyle("card", fontName=REGULAR, fontSize=size, leading=size * 1.25)
    paragraph = Paragraph(text, style)
    _, tall = paragraph.wrap((WIDTH - 2 * MARGIN) * mm, 60 * mm)
    paragraph.drawOn(canvas, MARGIN * mm, top * mm - tall)
    return float(top - tall / mm)


def _line(canvas: Canvas, left: float, y: float, right: float) -> None:
    canvas.setLineWidth(0.5)
    canvas.line(left * mm, y * mm, right * mm, y * mm)
