"""The database, one connection a thread."""

from __future__ import annotations

import sqlite3

from flask import current_app

from ..store import open_database


def database() -> sqlite3.Connection:
    """This thread's connection: opened when it first asks, and let go with the thread."""
    kept = current_app.extensions["databases"]
    connection: sqlite3.Connection | None = getattr(kept, "connection", None)
    if connection is None:
        connection = kept.connection = open_database(current_app.config["DATA"])
    return connection
