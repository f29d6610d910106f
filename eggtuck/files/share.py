"""One page to share: the drawing, what is cut, what is done and what is checked, without a name and without a log."""

from __future__ import annotations

from html import escape
from typing import TYPE_CHECKING

from reportlab.lib.units import mm
from reportlab.platypus import Flowable, KeepInFrame, Paragraph, Table

from .drawing import cut_lines
from .pictured import Drawn

if TYPE_CHECKING:
    from .pdf import Book

_DRAWING, _GAP = 62.0, 6.0


def share_story(book: Book, width: float, height: float) -> list[Flowable]:
    """Everything on one page of so much room (mm): smaller where it is much."""
    left = width * 0.42
    columns = [
        KeepInFrame(left * mm, (height - 14) * mm, [*_drawn(book, left), *_cut(book), *_sizes(book)], mode="shrink"),
        KeepInFrame((width - left - _GAP) * mm, (height - 14) * mm, [*_steps(book), *_checks(book)], mode="shrink"),
    ]
    table = Table([columns], colWidths=[(left + _GAP) * mm, (width - left - _GAP) * mm], hAlign="LEFT")
    table.setStyle(
        [
            ("VALIGN", (0, 0), (-1, -1), "TOP"),
            ("LEFTPADDING", (0, 0), (-1, -1), 0),
            ("RIGHTPADDING", (0, 0), (-1, -1), 0),
            ("TOPPADDING", (0, 0), (-1, -1), 0),
            ("BOTTOMPADDING", (0, 0), (-1, -1), 0),
        ]
    )
    return [Paragraph(escape(book.say(f"form.{book.draft.form}")), book.head), table]


def _drawn(book: Book, width: float) -> list[Flowable]:
    """The finished make, as its last step shows it."""
    (picture,) = book.draft.pictures((book.draft.steps[-1].id,))
    return [Drawn(picture, width, _DRAWING, book.speaker.say, *book.fonts)]


def _sizes(book: Book) -> list[Flowable]:
    return [Paragraph(escape(book.sizes()), book.small)]


def _cut(book: Book) -> list[Flowable]:
    ruler = book.speaker.ruler
    found: list[Flowable] = [Paragraph(f"<b>{escape(book.say('print.cut-list'))}</b>", book.body)]
    for piece in book.draft.pieces:
        if piece.cuts:
            width, height = piece.cut_size
            told = f"{ruler.write(width)} × {ruler.write(height)}; {'; '.join(cut_lines(piece, book.speaker))}"
            name = escape(book.speaker.say(piece.name))
            found.append(Paragraph(f"<b>{escape(piece.letter)}</b> {name}: {escape(told)}", book.small))
    return found


def _steps(book: Book) -> list[Flowable]:
    found: list[Flowable] = [Paragraph(f"<b>{escape(book.say('print.steps'))}</b>", book.body)]
    for number, step in enumerate(book.draft.steps, 1):
        short = "; ".join(book.told(text).rstrip(".") for text in step.short)
        found.append(Paragraph(f"{number}. <b>{book.told(step.title)}</b> {short}", book.small))
    return found


def _checks(book: Book) -> list[Flowable]:
    found: list[Flowable] = [Paragraph(f"<b>{escape(book.say('print.mind'))}</b>", book.body)]
    for check in book.draft.checks:
        if check.verdict != "ok" or check.id.startswith("caution"):
            found.append(Paragraph(f"<b>{book.told(check.title)}.</b> {book.told(check.message)}", book.small))
    return found if len(found) > 1 else []
