"""The shelf: measured things, in the maker's own wording."""

from __future__ import annotations

import json
import sqlite3
from collections.abc import Mapping
from typing import Any

from .database import Missing, new_id, transaction

_NOW = "strftime('%Y-%m-%dT%H:%M:%fZ', 'now')"


def list_things(connection: sqlite3.Connection) -> list[dict[str, Any]]:
    rows = connection.execute("SELECT * FROM things WHERE deleted_at IS NULL ORDER BY name COLLATE NOCASE, id")
    return [_thing(row) for row in rows]


def get_thing(connection: sqlite3.Connection, id: str) -> dict[str, Any]:
    """Raises `Missing`."""
    row = connection.execute("SELECT * FROM things WHERE id = ? AND deleted_at IS NULL", (id,)).fetchone()
    if row is None:
        raise Missing(id)
    return _thing(row)


def add_thing(
    connection: sqlite3.Connection, name: str, unit: str, measures: Mapping[str, Any], note: str
) -> dict[str, Any]:
    id = new_id()
    with transaction(connection):
        connection.execute(
            "INSERT INTO things (id, name, unit, object, note) VALUES (?, ?, ?, ?, ?)",
            (id, name, unit, json.dumps(measures), note),
        )
    return get_thing(connection, id)


def save_thing(
    connection: sqlite3.Connection, id: str, name: str, unit: str, measures: Mapping[str, Any], note: str
) -> dict[str, Any]:
    """Raises `Missing`."""
    with transaction(connection):
        connection.execute(
            f"UPDATE things SET name = ?, unit = ?, object = ?, note = ?, updated_at = {_NOW} WHERE id = ?",
            (name, unit, json.dumps(measures), note, id),
        )
    return get_thing(connection, id)


def delete_thing(connection: sqlite3.Connection, id: str) -> None:
    """Raises `Missing`."""
    with transaction(connection):
        changed = connection.execute(
            f"UPDATE things SET deleted_at = {_NOW} WHERE id = ? AND deleted_at IS NULL", (id,)
        ).rowcount
    if changed == 0:
        raise Missing(id)


def restore_thing(connection: sqlite3.Connection, id: str) -> dict[str, Any]:
    with transaction(connection):
        connection.execute("UPDATE things SET deleted_at = NULL WHERE id = ?", (id,))
    return get_thing(connection, id)


def _thing(row: sqlite3.Row) -> dict[str, Any]:
    return {
        "id": row["id"],
        "name": row["name"],
        "unit": row["unit"],
        "object": json.loads(row["object"]),
        "note": row["note"],
    }
