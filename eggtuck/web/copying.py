"""A dated copy a day, made beside the work."""

from __future__ import annotations

import contextlib
import sqlite3
import threading
import time
from pathlib import Path

from flask import Flask

from ..store import StoreError, open_database
from ..store.copies import anything_kept, make_copy


def keep_copies(app: Flask) -> None:
    """With the first request of a day a copy of that day is made, where the application is told to (``COPIES``). A disk that is full has no copy: that
    is told when something is to be kept, and within an hour it is tried again."""
    app.config.setdefault("COPIES", False)
    tried = {"at": ""}

    @app.before_request
    def copy_of_the_day() -> None:
        if not app.config["COPIES"]:
            return
        hour = time.strftime("%Y-%m-%d %H")
        if tried["at"] != hour:
            tried["at"] = hour
            threading.Thread(target=_copy, args=(app.config["DATA"], hour[:10]), daemon=True).start()


def _copy(data: Path, day: str) -> None:
    with contextlib.suppress(StoreError, OSError, sqlite3.Error):
        connection = open_database(data, create=False)
        try:
            if anything_kept(connection):
                make_copy(connection, data, day)
        finally:
            connection.close()
