"""The shelf: measured things, in the maker's own wording."""

from __future__ import annotations

import json
import sqlite3
from collections.abc import Mapping
from typing import Any

from .database import MissingError, kept_json, new_id, transaction

_NOW = "strftime('%Y-%m-%dT%H:%M:%fZ', 'now')"


_SHOWN = "SELECT things.*, EXISTS (SELECT 1 FROM photos WHERE thing_id = things.id) AS photo FROM things"


def list_things(connection: sqlite3.Connection) -> list[dict[str, Any]]:
    rows = connection.execute(f"{_SHOWN} WHERE deleted_at IS NULL ORDER BY name COLLATE NOCASE, id")
    return [_thing(row) for row in rows]


def get_thing(connection: sqlite3.Connection, id: str) -> dict[str, Any]:
    """Raises `MissingError`."""
    row = connection.execute(f"{_SHOWN} WHERE id = ? AND deleted_at IS NULL", (id,)).fetchone()
    if row is None:
        raise MissingError(id)
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
    """Raises `MissingError`."""
    with transaction(connection):
        connection.execute(
            f"UPDATE things SET name = ?, unit = ?, object = ?, note = ?, updated_at = {_NOW} WHERE id = ?",
            (name, unit, json.dumps(measures), note, id),
        )
    return get_thing(connection, id)


def delete_thing(connection: sqlite3.Connection, id: str) -> None:
    """Raises `MissingError`."""
    with transaction(connection):
        changed = connection.execute(
            f"UPDATE things SET deleted_at = {_NOW} WHERE id = ? AND deleted_at IS NULL", (id,)
        ).rowcount
    if changed == 0:
        raise MissingError(id)


def restore_thing(connection: sqlite3.Connection, id: str) -> dict[str, Any]:
    with transaction(connection):
        connection.execute("UPDATE things SET deleted_at = NULL WHERE id = ?", (id,))
    return get_thing(connection, id)


def get_photo(connection: sqlite3.Connection, id: str) -> bytes:
    """The thing's photo. Raises `MissingError`."""
    row = connection.execute("SELECT jpeg FROM photos WHERE thing_id = ?", (id,)).fetchone()
    if row is None:
        raise MissingError(id)
    return bytes(row["jpeg"])


def set_photo(connection: sqlite3.Connection, id: str, jpeg: bytes | None) -> dict[str, Any]:
    """Keep a photo with a thing, or without one take the old away. Raises `MissingError`."""
    get_thing(connection, id)
    with transaction(connection):
        if jpeg is None:
            connection.execute("DELETE FROM photos WHERE thing_id = ?", (id,))
        else:
            connection.execute("INSERT OR REPLACE INTO photos (thing_id, jpeg) VALUES (?, ?)", (id, jpeg))
    return get_thing(connection, id)


def _thing(row: sqlite3.Row) -> dict[str, Any]:
    return {
        "id": row["id"],
        "name": row["name"],
        "unit": row["unit"],
        "object": kept_json(row["object"], dict),
        "note": row["note"],
        "photo": bool(row["photo"]),
    }
