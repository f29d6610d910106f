"""Days and evenings as a calendar file (iCalendar, RFC 5545) that any calendar takes in."""

from __future__ import annotations

import datetime
from collections.abc import Iterable

from icalendar import Calendar, Event

from ..core.frozen import frozen


@frozen
class Entry:
    """An entry of a calendar: a whole ``day``, or so many ``minutes`` from a time of the day on, wherever the maker is. The ``id`` stays when the
    entry is written again, so that a calendar changes it and adds no second."""

    id: str
    day: datetime.date
    title: str
    text: str = ""
    at: datetime.time | None = None
    minutes: float = 0.0


def calendar_file(entries: Iterable[Entry], name: str, written: datetime.datetime) -> bytes:
    """All entries in one file; ``written`` is when that was."""
    calendar = Calendar()
    calendar.add("prodid", "-//Egg Tuck//plan//EN")
    calendar.add("version", "2.0")
    calendar.add("x-wr-calname", name)
    for entry in entries:
        event = Event()
        event.add("uid", f"{entry.id}@egg-tuck")
        event.add("dtstamp", written)
        event.add("summary", entry.title)
        if entry.text:
            event.add("description", entry.text)
        if entry.at is None:
            event.add("dtstart", entry.day)
            event.add("dtend", entry.day + datetime.timedelta(days=1))
            # A day that is only to be minded keeps nobody from anything else.
            event.add("transp", "TRANSPARENT")
        else:
            begin = datetime.datetime.combine(entry.day, entry.at)
            event.add("dtstart", begin)
            event.add("dtend", begin + datetime.timedelta(minutes=max(1, round(entry.minutes))))
        calendar.add_component(event)
    return bytes(calendar.to_ical())
