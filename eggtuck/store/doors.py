"""Who is let in: codes that have been used, and devices by name."""

from __future__ import annotations

import sqlite3
from typing import Any

from .database import MissingError, transaction

_NOW = "strftime('%Y-%m-%dT%H:%M:%fZ', 'now')"


def use_code(connection: sqlite3.Connection, code: str) -> bool:
    """Whether a code is used for the first time; it is used then."""
    with transaction(connection):
        return connection.execute("INSERT OR IGNORE INTO doors (id, kind) VALUES (?, 'code')", (code,)).rowcount == 1


def add_device(connection: sqlite3.Connection, id: str, name: str, may: str) -> None:
    with transaction(connection):
        connection.execute("INSERT INTO doors (id, kind, name, may) VALUES (?, 'device', ?, ?)", (id, name, may))


def list_devices(connection: sqlite3.Connection) -> list[dict[str, Any]]:
    """Those that are let in, the last that came first."""
    rows = connection.execute(
        "SELECT id, name, may, made_at, seen_at FROM doors WHERE kind = 'device' AND ended_at IS NULL ORDER BY made_at DESC"
    )
    return [dict(row) for row in rows]


def device(connection: sqlite3.Connection, id: str) -> dict[str, Any] | None:
    """A device that is let in; None where it is not, or not any more."""
    row = connection.execute(
        "SELECT id, name, may, seen_at FROM doors WHERE id = ? AND kind = 'device' AND ended_at IS NULL", (id,)
    ).fetchone()
    return None if row is None else dict(row)


def seen(connection: sqlite3.Connection, id: str) -> None:
    with transaction(connection):
        connection.execute(f"UPDATE doors SET seen_at = {_NOW} WHERE id = ?", (id,))


def end_device(connection: sqlite3.Connection, id: str) -> None:
    """Raises `MissingError`."""
    with transaction(connection):
        changed = connection.execute(
            f"UPDATE doors SET ended_at = {_NOW} WHERE id = ? AND kind = 'device' AND ended_at IS NULL", (id,)
        ).rowcount
    if changed == 0:
        raise MissingError(id)
