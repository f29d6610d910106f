"""Files on their way."""

from __future__ import annotations

from flask import Flask, request

from ..files.queue import NAMED
from .models import Given

# A file is asked after by the name it was sent with.
HEADER = "X-Reading"
_LONGEST = 60


class Reading(Given):
    """How far a file is, told."""

    text: str


def install(app: Flask) -> None:
    """Takes the name a file is sent with."""

    @app.before_request
    def name() -> None:
        NAMED.set(request.headers.get(HEADER, "")[:_LONGEST])
