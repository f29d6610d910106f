"""The pattern and the sewing guide as PDF: true-scale pieces on A4 or Letter pages to be joined, a test
square, a page map, the cut list and the steps. Black on white throughout."""

from __future__ import annotations

import io
import math
import threading
from collections.abc import Sequence
from functools import cache
from importlib import resources
from typing import Any, Literal
from xml.sax.saxutils import escape

from reportlab.lib.enums import TA_LEFT
from reportlab.lib.pagesizes import A4, letter
from reportlab.lib.styles import ParagraphStyle
from reportlab.lib.units import mm
from reportlab.pdfbase import pdfmetrics
from reportlab.pdfbase.ttfonts import TTFont
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import BaseDocTemplate, Flowable, Frame, PageTemplate, Paragraph, Spacer, Table

from ..core.pattern import Draft
from ..core.pattern.document import finished_text, need_text
from ..core.plane import Segment
from ..core.words import Message, Speaker, msg
from .drawing import PieceDrawing, Stroke, cut_lines, is_strip
from .guide import Guide
from .layered import layered
from .paper import MARGIN, OVERLAP, Paper, pages_of, test_side
from .saving import save
from .share import share_story
from .sheet import Placed, Sheet, Tile

Part = Literal["all", "pattern", "guide", "pocket", "share"]
# Text is read on small paper, whatever the pieces are printed on.
_TEXT = {"letter": letter}
REGULAR, BOLD = "EggTuck", "EggTuck-Bold"
_STROKES: dict[str, tuple[float, list[float]]] = {
    "cut": (0.5, []),
    "stitch": (0.3, [3, 1.5]),
    "fold": (0.35, [6, 1.5, 1, 1.5]),
    "mark": (0.25, [1, 1]),
    "inset": (0.25, [0.5, 1.5]),
    "notch": (0.6, []),
}


_LOADING = threading.Lock()


def load_fonts() -> None:
    """The letters that documents are set in, once: loaded anew they would be taken from a document that is being drawn."""
    with _LOADING:
        _load_fonts()


@cache
def _load_fonts() -> None:
    for name, file in ((REGULAR, "Regular"), (BOLD, "Bold")):
        path = resources.files("eggtuck") / "fonts" / f"AtkinsonHyperlegibleNext-{file}.ttf"
        pdfmetrics.registerFont(TTFont(name, io.BytesIO(path.read_bytes())))
    pdfmetrics.registerFontFamily(REGULAR, normal=REGULAR, bold=BOLD, italic=REGULAR, boldItalic=BOLD)


def pattern_pdf(draft: Draft, paper: Paper = "a4", title: str | None = None, part: Part = "all") -> bytes:
    """The document. ``part`` leaves out the sewing guide or the pattern pages, or is the small guide to carry along. On ``sheet`` all pieces lie on one page as large as they
    need, for a roll; other papers are tiled."""
    load_fonts()
    speaker = Speaker(draft.ruler, draft.language)
    return Book(draft, speaker, paper, title or speaker.say(msg(f"form.{draft.form}"))).build(part)


class Book:
    """A draft on paper: its styles, its sentences, and what stands on which page."""

    def __init__(self, draft: Draft, speaker: Speaker, paper: Paper, title: str) -> None:
        self.draft, self.speaker, self.title = draft, speaker, title
        self.size = _TEXT.get(paper, A4)
        self.test = test_side(speaker.ruler)
        self.width, self.height = self.size[0] / mm, self.size[1] / mm
        pages = pages_of(draft, speaker, paper)
        self.sheet, self.tiles, self.step_x, self.step_y = pages.sheet, pages.tiles, pages.step_x, pages.step_y
        self.page = (pages.size[0] * mm, pages.size[1] * mm)
        self.body = ParagraphStyle("body", fontName=REGULAR, fontSize=10.5, leading=14, alignment=TA_LEFT)
        self.small = ParagraphStyle("small", parent=self.body, fontSize=9, leading=12)
        self.head = ParagraphStyle(
            "head", parent=self.body, fontName=BOLD, fontSize=14, leading=18, spaceBefore=8, keepWithNext=1
        )
        self.big = ParagraphStyle("big", parent=self.head, fontSize=20, leading=26, spaceBefore=0)

    def say(self, id: str, **params: Any) -> str:
        return self.speaker.say(msg(id, **params))

    def told(self, message: Message) -> str:
        return escape(self.speaker.say(message))

    def build(self, part: Part) -> bytes:
        out = io.BytesIO()
        pattern = part in ("all", "pattern")
        story: list[Flowable] = []
        if part == "pocket":
            story = [Paragraph(escape(self.title), self.head), *self._steps.pocket()]
        elif part == "share":
            # One page, and nobody's name on it: whoever it is for is not told.
            self.title = self.say(f"form.{self.draft.form}")
            story = share_story(self, self.width - 2 * MARGIN, self.height - 2 * MARGIN - 6)
        else:
            story = [*self._front(pattern), *(self._guide() if part != "pattern" else ())]
        frame = Frame(
            MARGIN * mm,
            MARGIN * mm,
            (self.width - 2 * MARGIN) * mm,
            (self.height - 2 * MARGIN - 4) * mm,
            leftPadding=0,
            rightPadding=0,
            topPadding=0,
            bottomPadding=0,
        )
        doc = _Document(
            out, pagesize=self.size, title=self.title, author="Egg Tuck", invariant=1, initialFontName=REGULAR
        )
        doc.addPageTemplates([PageTemplate("text", [frame], onPage=self._foot)])
        doc.after = self._tiles if pattern else None
        doc.build(story, canvasmaker=print_canvas)
        return out.getvalue()

    # Text pages ---------------------------------------------------------------------------------------

    def _foot(self, canvas: Canvas, doc: Any) -> None:
        canvas.setFont(REGULAR, 8)
        canvas.drawString(MARGIN * mm, 7 * mm, self.title)
        canvas.drawRightString((self.width - MARGIN) * mm, 7 * mm, str(doc.page))

    def _front(self, pattern: bool) -> list[Flowable]:
        story: list[Flowable] = [Paragraph(escape(self.title), self.big)]
        story.append(Paragraph(escape(self.sizes()), self.body))
        if pattern:
            story.append(Spacer(1, 4 * mm))
            story.append(_TestAndMap(self))
            story.append(Paragraph(escape(self.say("print.how-to-join", count=len(self.tiles))), self.small))
        story.append(Paragraph(escape(self.say("print.cut-list")), self.head))
        story.append(self._cut_list())
        story.append(Paragraph(escape(self.say("print.needs")), self.head))
        story.append(self._needs())
        put_right = self.draft.spec.get("corrections") or []
        if put_right:
            story.append(Paragraph(escape(self.say("print.put-right")), self.head))
            for one in put_right:
                reason = f" {escape(one['reason'])}" if one.get("reason") else ""
                line = f"{escape(one.get('label', ''))}: <strike>{escape(one.get('theirs', ''))}</strike> "
                story.append(Paragraph(f"{line}<b>{escape(one.get('ours', ''))}</b>{reason}", self.body))
        loud = [c for c in self.draft.checks if c.verdict != "ok"]
        if loud:
            story.append(Paragraph(escape(self.say("print.mind")), self.head))
            story += [
                Paragraph(
                    f"<b>{escape(self.say(f'verdict.{c.verdict}'))}: {self.told(c.title)}.</b> {self.told(c.message)}",
                    self.body,
                )
                for c in loud
            ]
        return story

    def sizes(self) -> str:
        """The finished sizes, in one sentence."""
        told = [
            f"{self.say(f'sum.name.finished.{name}')} {finished_text(name, value, self.speaker)}{self._tolerance(name)}"
            for name, value in self.draft.finished.items()
            if value is not None
        ]
        return self.say("print.finished", sizes=", ".join(told))

    def _tolerance(self, name: str) -> str:
        way = self.draft.tolerances.get(name)
        return "" if way is None else f" ({self.say(f'tolerance.{way}')})"

    fonts = (REGULAR, BOLD)

    def _table(self, head: Sequence[str], rows: Sequence[Sequence[str]], widths: Sequence[float]) -> Table:
        cells = [[Paragraph(f"<b>{escape(text)}</b>", self.small) for text in head]]
        cells += [[Paragraph(escape(text), self.small) for text in row] for row in rows]
        whole = (self.width - 2 * MARGIN) * mm
        table = Table(cells, colWidths=[share * whole for share in widths], repeatRows=1, hAlign="LEFT")
        table.setStyle(
            [
                ("FONT", (0, 0), (-1, -1), REGULAR),
                ("LINEBELOW", (0, 0), (-1, -1), 0.3, "black"),
                ("VALIGN", (0, 0), (-1, -1), "TOP"),
                ("LEFTPADDING", (0, 0), (-1, -1), 0),
                ("TOPPADDING", (0, 0), (-1, -1), 3),
                ("BOTTOMPADDING", (0, 0), (-1, -1), 3),
            ]
        )
        return table

    def _cut_list(self) -> Table:
        rows = []
        for piece in self.draft.pieces:
            if not piece.cuts:
                continue
            width, height = piece.cut_size
            rows.append(
                [
                    piece.letter,
                    self.speaker.say(piece.name),
                    "; ".join(
                        [*cut_lines(piece, self.speaker), *([self.say("print.strip")] if is_strip(piece) else [])]
                    ),
                    f"{self.speaker.ruler.write(width)} × {self.speaker.ruler.write(height)}",
                ]
            )
        head = [self.say(f"print.column.{name}") for name in ("letter", "piece", "cut", "cut-size")]
        return self._table(head, rows, (0.1, 0.2, 0.4, 0.3))

    def _needs(self) -> Table:
        rows = []
        for need in self.draft.needs:
            extra = self.say("print.wide", width=need.width) if need.width else ""
            role = self.say(f"role.{need.role}") if need.width is not None else ""
            note = self.speaker.say(need.note) if need.note else ""
            rows.append([self.speaker.say(need.name), role, need_text(need, need.buy, self.speaker), extra, note])
        head = [self.say(f"print.column.{name}") for name in ("material", "role", "buy", "width", "note")]
        return self._table(head, rows, (0.24, 0.14, 0.14, 0.16, 0.32))

    def _guide(self) -> list[Flowable]:
        story: list[Flowable] = []
        if self.draft.sections:
            story.append(Paragraph(escape(self.say("print.layered")), self.head))
            story += layered(self.draft, self.speaker, self.body, self.small)
        return [*story, *self._steps.steps(Paragraph(escape(self.say("print.steps")), self.head))]

    @property
    def _steps(self) -> Guide:
        return Guide(self.draft, self.speaker, self.width - 2 * MARGIN, self.body, self.small, (REGULAR, BOLD))

    # Pattern pages ------------------------------------------------------------------------------------

    def _tiles(self, canvas: Canvas) -> None:
        """Every used page of the sheet: the pieces drawn once, then stamped through each page's window."""
        canvas.beginForm("pattern", *(int(v * mm) for v in (-20, -20, self.sheet.width + 20, self.sheet.height + 20)))
        for placed in self.sheet.placed:
            draw_placed(canvas, placed)
        canvas.endForm()
        canvas.setPageSize(self.page)
        for tile in self.tiles:
            self._tile(canvas, tile)
            canvas.showPage()

    def _tile(self, canvas: Canvas, tile: Tile) -> None:
        left, low = MARGIN, MARGIN
        wide, high = self.step_x + OVERLAP, self.step_y + OVERLAP
        canvas.saveState()
        clip = canvas.beginPath()
        # A little bleed keeps strokes on the border whole.
        clip.rect((left - 1) * mm, (low - 1) * mm, (wide + 2) * mm, (high + 2) * mm)
        canvas.clipPath(clip, stroke=0, fill=0)
        canvas.translate((left - tile.column * self.step_x) * mm, (low - tile.row * self.step_y) * mm)
        canvas.doForm("pattern")
        canvas.restoreState()
        canvas.setLineWidth(0.2 * mm)
        canvas.setDash([])
        if len(self.tiles) > 1:
            for x in (left, left + self.step_x):
                for y in (low, low + self.step_y):
                    canvas.line((x - 3) * mm, y * mm, (x + 3) * mm, y * mm)
                    canvas.line(x * mm, (y - 3) * mm, x * mm, (y + 3) * mm)
            canvas.setDash([0.3 * mm, 1.2 * mm])
            canvas.line((left + self.step_x) * mm, low * mm, (left + self.step_x) * mm, (low + high) * mm)
            canvas.line(left * mm, (low + self.step_y) * mm, (left + wide) * mm, (low + self.step_y) * mm)
            canvas.setDash([])
        # Each page tells its own scale: it may be printed elsewhere than the page with the square.
        ruled = self.page[0] / mm - MARGIN - self.test
        canvas.line(ruled * mm, 8 * mm, (ruled + self.test) * mm, 8 * mm)
        for x in (ruled, ruled + self.test):
            canvas.line(x * mm, 6.5 * mm, x * mm, 9.5 * mm)
        canvas.setFont(REGULAR, 8)
        canvas.drawCentredString((ruled + self.test / 2) * mm, 4.5 * mm, self.say("print.test-line", side=self.test))
        canvas.setFont(BOLD, 11)
        canvas.drawString(MARGIN * mm, 6 * mm, tile.name)
        canvas.setFont(REGULAR, 8)
        canvas.drawString(
            (MARGIN + 12) * mm,
            6 * mm,
            self.say("print.tile" if len(self.tiles) > 1 else "print.whole", title=self.title),
        )


class _Document(BaseDocTemplate):
    """Text pages by the story; then the pattern pages, drawn straight on the canvas."""

    after: Any = None

    def _endBuild(self) -> None:
        self._doSave = 0
        super()._endBuild()  # type: ignore[misc]
        if self.after is not None:
            self.after(self.canv)
        save(self.canv)


def print_canvas(*args: Any, **kwargs: Any) -> Canvas:
    """A canvas in our own letters that asks to be printed as large as it is."""
    canvas = Canvas(*args, **{**kwargs, "initialFontName": REGULAR})
    canvas.setViewerPreference("PrintScaling", "None")
    return canvas


class _TestAndMap(Flowable):
    """The test square, and how the pattern pages lie together."""

    def __init__(self, book: Book) -> None:
        super().__init__()
        self.book = book

    def wrap(self, available: float, _: float) -> tuple[float, float]:
        return available, (self.book.test + 6) * mm

    def draw(self) -> None:
        book, canvas = self.book, self.canv
        canvas.setLineWidth(0.3 * mm)
        canvas.rect(0.5 * mm, 3 * mm, book.test * mm, book.test * mm)
        canvas.setFont(REGULAR, 9)
        canvas.drawCentredString(
            (book.test / 2 + 0.5) * mm, (book.test / 2 + 2) * mm, book.say("print.test-square", side=book.test)
        )
        rows = max(tile.row for tile in book.tiles) + 1
        columns = max(tile.column for tile in book.tiles) + 1
        scale = min(1.0, 50 / (rows * book.step_y), 100 / (columns * book.step_x))
        canvas.saveState()
        canvas.translate((book.test + 14) * mm, 3 * mm)
        canvas.scale(scale, scale)
        for placed in book.sheet.placed:
            path = _path(canvas, Stroke("cut", placed.drawing.piece.cut_outline, True), placed.dx, placed.dy)
            canvas.setLineWidth(0.3 * mm / scale)
            canvas.drawPath(path)
        canvas.restoreState()
        canvas.setFont(REGULAR, 8)
        for tile in book.tiles:
            x = book.test + 14 + tile.column * book.step_x * scale
            y = 3 + tile.row * book.step_y * scale
            canvas.setLineWidth(0.15 * mm)
            canvas.rect(x * mm, y * mm, book.step_x * scale * mm, book.step_y * scale * mm)
            canvas.drawString((x + 1) * mm, (y + 1) * mm, tile.name)


def draw_placed(canvas: Canvas, placed: Placed) -> None:
    """One piece, in mm from the canvas's origin."""
    drawing: PieceDrawing = placed.drawing
    for stroke in drawing.strokes:
        width, dashes = _STROKES[stroke.style]
        canvas.setLineWidth(width * mm)
        canvas.setDash([d * mm for d in dashes])
        canvas.drawPath(_path(canvas, stroke, placed.dx, placed.dy))
    canvas.setDash([])
    for label in drawing.labels:
        canvas.setFont(BOLD if label.bold else REGULAR, label.size * mm)
        canvas.drawCentredString((label.at[0] + placed.dx) * mm, (label.at[1] + placed.dy) * mm, label.text)


def _path(canvas: Canvas, stroke: Stroke, dx: float, dy: float) -> Any:
    path = canvas.beginPath()
    first = stroke.path[0].start
    path.moveTo((first[0] + dx) * mm, (first[1] + dy) * mm)
    for s in stroke.path:
        if s.bulge == 0:
            path.lineTo((s.end[0] + dx) * mm, (s.end[1] + dy) * mm)
        else:
            for curve in _curves(s):
                path.curveTo(*((c + (dx if i % 2 == 0 else dy)) * mm for i, c in enumerate(curve)))
    if stroke.closed:
        path.close()
    return path


def _curves(s: Segment) -> list[tuple[float, ...]]:
    """An arc as cubic curves of at most 45 degrees each; they stray less than 1e-6 of the radius."""
    count = max(1, math.ceil(abs(s.angle) / (math.pi / 4)))
    turn = s.angle / count
    reach = 4 / 3 * math.tan(turn / 4)
    cx, cy = s.center
    found: list[tuple[float, ...]] = []
    for i in range(count):
        (x0, y0), (x1, y1) = s.at(i / count), s.at((i + 1) / count)
        found.append(
            (x0 - reach * (y0 - cy), y0 + reach * (x0 - cx), x1 + reach * (y1 - cy), y1 - reach * (x1 - cx), x1, y1)
        )
    return found


__all__ = ["Paper", "Part", "Sheet", "pattern_pdf"]
