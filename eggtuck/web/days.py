"""Days as a language writes them."""

from __future__ import annotations

import datetime

from babel.dates import format_date

from .language import asked_language


def told_day(day: datetime.date | str) -> str:
    """A day in words, such as 4 December 2026; ``day`` may be as it is kept (ISO)."""
    if isinstance(day, str):
        day = datetime.date.fromisoformat(day)
    language = asked_language()
    return str(format_date(day, "long", locale="en_GB" if language.startswith("en") else language.replace("-", "_")))
