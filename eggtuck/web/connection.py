"""The database, one connection a thread."""

from __future__ import annotations

import sqlite3
from pathlib import Path

from flask import Flask, current_app, g

from ..store import GoneError, open_database
from ..store.database import FILE


def database() -> sqlite3.Connection:
    """This thread's connection: opened when it first asks, and let go with the thread. Once a request it is looked whether its file is still the one
    that is there: what is written to a file that nobody finds any more would be lost. Raises `GoneError`."""
    kept = current_app.extensions["databases"]
    connection: sqlite3.Connection | None = getattr(kept, "connection", None)
    if connection is not None and g.get("looked"):
        return connection
    folder: Path = current_app.config["DATA"]
    try:
        there = (folder / FILE).stat()
    except OSError as error:
        raise GoneError(folder=str(folder)) from error
    if connection is None or kept.file != (there.st_dev, there.st_ino):
        if connection is not None:
            connection.close()
        kept.connection = None
        connection = kept.connection = open_database(folder, create=False)
        kept.file = (there.st_dev, there.st_ino)
    g.looked = True
    return connection


def let_go(app: Flask) -> None:
    """Closes this thread's connection, where it has one."""
    kept = app.extensions["databases"]
    connection: sqlite3.Connection | None = getattr(kept, "connection", None)
    if connection is not None:
        connection.close()
        kept.connection = None
