"""The logbook: what was made, how long it took, what was measured and what differed."""

from __future__ import annotations

import json
import sqlite3
from collections.abc import Mapping, Sequence
from typing import Any

from .database import MissingError, new_id, transaction


def list_makes(connection: sqlite3.Connection, project_id: str) -> list[dict[str, Any]]:
    """A project's makes, the latest first."""
    rows = connection.execute(
        "SELECT * FROM makes WHERE project_id = ? ORDER BY made_on DESC, created_at DESC", (project_id,)
    )
    return [_make(row) for row in rows]


def add_make(
    connection: sqlite3.Connection,
    project_id: str,
    made_on: str,
    minutes: int | None,
    measured: Sequence[Mapping[str, Any]],
    differed: str,
    next_time: str,
    spec: Mapping[str, Any],
) -> dict[str, Any]:
    """A new entry with the spec as it was made."""
    id = new_id()
    with transaction(connection):
        connection.execute(
            """
            INSERT INTO makes (id, project_id, made_on, minutes, measured, differed, next_time, spec)
            VALUES (?, ?, ?, ?, ?, ?, ?, ?)
            """,
            (id, project_id, made_on, minutes, json.dumps(list(measured)), differed, next_time, json.dumps(spec)),
        )
    return _make(connection.execute("SELECT * FROM makes WHERE id = ?", (id,)).fetchone())


def delete_make(connection: sqlite3.Connection, project_id: str, id: str) -> None:
    """Raises `MissingError`."""
    with transaction(connection):
        changed = connection.execute("DELETE FROM makes WHERE id = ? AND project_id = ?", (id, project_id)).rowcount
    if changed == 0:
        raise MissingError(id)


def _make(row: sqlite3.Row) -> dict[str, Any]:
    return {
        "id": row["id"],
        "made_on": row["made_on"],
        "minutes": row["minutes"],
        "measured": json.loads(row["measured"]),
        "differed": row["differed"],
        "next_time": row["next_time"],
    }
