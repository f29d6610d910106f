"""Writing a PDF out: one at a time."""

from __future__ import annotations

import threading

from reportlab.pdfgen.canvas import Canvas

_ONE = threading.Lock()


def save(canvas: Canvas) -> None:
    """Writes out what was drawn. All documents of a process share their fonts, and what is taken of a font is read from one place in it: of two at
    once one would read where the other has just been."""
    with _ONE:
        canvas.save()
