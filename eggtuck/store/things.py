"""The shelf: measured things, in the maker's own wording."""

from __future__ import annotations

import json
import sqlite3
from collections.abc import Mapping
from typing import Any

from .database import MissingError, StaleError, kept_json, new_id, transaction

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
    connection: sqlite3.Connection,
    id: str,
    name: str,
    unit: str,
    measures: Mapping[str, Any],
    note: str,
    revision: int | None = None,
) -> dict[str, Any]:
    """Changes a thing, if ``revision`` is still the newest, where one is named; how it was before is kept. Raises `MissingError`, `StaleError`."""
    with transaction(connection):
        before = get_thing(connection, id)
        kept = {field: before[field] for field in ("name", "unit", "object", "note")}
        if kept == {"name": name, "unit": unit, "object": dict(measures), "note": note}:
            return before
        if revision is not None and revision != before["revision"]:
            raise StaleError(id)
        connection.execute(
            "INSERT INTO thing_versions (thing_id, revision, thing) VALUES (?, ?, ?)",
            (id, before["revision"], json.dumps(kept)),
        )
        connection.execute(
            "UPDATE things SET name = ?, unit = ?, object = ?, note = ?, revision = revision + 1,"
            f" updated_at = {_NOW} WHERE id = ?",
            (name, unit, json.dumps(measures), note, id),
        )
    return get_thing(connection, id)


def list_versions(connection: sqlite3.Connection, id: str) -> list[dict[str, Any]]:
    """How a thing was before it was changed, the latest first. Raises `MissingError`."""
    get_thing(connection, id)
    rows = connection.execute(
        "SELECT revision, thing, changed_at FROM thing_versions WHERE thing_id = ? ORDER BY revision DESC", (id,)
    )
    return [
        {"revision": row["revision"], "changed_at": row["changed_at"], **kept_json(row["thing"], dict)} for row in rows
    ]


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
        "revision": row["revision"],
        "photo": bool(row["photo"]),
    }
