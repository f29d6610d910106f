"""What is to be ready for whom, and by when."""

from __future__ import annotations

import sqlite3
from collections.abc import Mapping
from typing import Any

from .database import MissingError, kept_day, new_id, transaction

_NOW = "strftime('%Y-%m-%dT%H:%M:%fZ', 'now')"
_FIELDS = ("whom", "title", "project_id", "count", "theme", "cloth", "due", "state", "together", "price", "note")


def list_orders(connection: sqlite3.Connection) -> list[dict[str, Any]]:
    """Those kept: what is due soonest first, what has no day after that, what was given last."""
    rows = connection.execute(
        f"SELECT id, {', '.join(_FIELDS)} FROM orders WHERE deleted_at IS NULL"
        " ORDER BY state = 'given', due = '', due, created_at"
    )
    return [_order(row) for row in rows]


def get_order(connection: sqlite3.Connection, id: str) -> dict[str, Any]:
    """Raises `MissingError`."""
    row = connection.execute(
        f"SELECT id, {', '.join(_FIELDS)} FROM orders WHERE id = ? AND deleted_at IS NULL", (id,)
    ).fetchone()
    if row is None:
        raise MissingError(id)
    return _order(row)


def add_order(connection: sqlite3.Connection, values: Mapping[str, Any]) -> dict[str, Any]:
    id = new_id()
    with transaction(connection):
        marks = ", ".join("?" * (len(_FIELDS) + 1))
        connection.execute(
            f"INSERT INTO orders (id, {', '.join(_FIELDS)}) VALUES ({marks})", (id, *(values[name] for name in _FIELDS))
        )
    return get_order(connection, id)


def save_order(connection: sqlite3.Connection, id: str, values: Mapping[str, Any]) -> dict[str, Any]:
    """Raises `MissingError`."""
    told = ", ".join(f"{name} = ?" for name in _FIELDS)
    with transaction(connection):
        connection.execute(
            f"UPDATE orders SET {told} WHERE id = ? AND deleted_at IS NULL", (*(values[name] for name in _FIELDS), id)
        )
    return get_order(connection, id)


def delete_order(connection: sqlite3.Connection, id: str) -> None:
    """Raises `MissingError`."""
    with transaction(connection):
        changed = connection.execute(
            f"UPDATE orders SET deleted_at = {_NOW} WHERE id = ? AND deleted_at IS NULL", (id,)
        ).rowcount
    if changed == 0:
        raise MissingError(id)


def restore_order(connection: sqlite3.Connection, id: str) -> dict[str, Any]:
    with transaction(connection):
        connection.execute("UPDATE orders SET deleted_at = NULL WHERE id = ?", (id,))
    return get_order(connection, id)


def _order(row: sqlite3.Row) -> dict[str, Any]:
    """A day that is none is no day."""
    return {**dict(row), "due": kept_day(row["due"])}
