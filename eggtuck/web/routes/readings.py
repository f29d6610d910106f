"""Files on their way: how far one is that was sent to be read, and an end to it."""

from __future__ import annotations

from typing import Any

from ...core.lengths import Ruler
from ...core.words import Speaker, msg
from ...files.apart import QUEUE
from ...store import MissingError
from ..language import asked_language
from ..readings import Reading
from .table import API


@API.operation("GET", "/api/readings/{name}", "How far a file is that was sent", answer=Reading, who="sewing")
def show_reading(name: str) -> dict[str, Any]:
    place = QUEUE.place(name)
    if place is None:
        text = msg("reading.sent")
    elif place.read_for is None:
        text = msg("reading.waits", count=place.before)
    else:
        text = msg("reading.read", count=round(place.read_for))
    return {"text": Speaker(Ruler(), asked_language()).say(text)}


@API.operation("DELETE", "/api/readings/{name}", "Stop reading a file", status=204, who="sewing")
def stop_reading(name: str) -> None:
    if not QUEUE.stop(name):
        raise MissingError(name)
