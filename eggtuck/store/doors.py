"""Codes that have been used to come in."""

from __future__ import annotations

import sqlite3

from .database import transaction


def use_code(connection: sqlite3.Connection, code: str) -> bool:
    """Whether a code is used for the first time; it is used then."""
    with transaction(connection):
        return connection.execute("INSERT OR IGNORE INTO used_codes (code) VALUES (?)", (code,)).rowcount == 1
