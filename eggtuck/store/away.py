"""What was put away: it is kept, and found again."""

from __future__ import annotations

import sqlite3
from collections.abc import Mapping, Sequence
from typing import Any

from .database import MissingError, transaction

# By table: how what lies in it is called. An entry of the log is called after its make, what was noted after what it says.
_CALLED: Mapping[str, str] = {
    "projects": "name",
    "things": "name",
    "pile": "name",
    "orders": "title || CASE WHEN whom = '' THEN '' ELSE ', ' || whom END",
    "cuttings": "name",
    "batches": "name",
    "makes": "name || ', ' || made_on",
    "notes": "title || ': ' || text",
}


def list_away(
    connection: sqlite3.Connection, words: Sequence[str] = (), count: int = 60
) -> tuple[list[dict[str, Any]], int]:
    """What was put away last first, of what is called by all the words; and how many more there are."""
    every = " UNION ALL ".join(
        f"SELECT '{table}' AS kind, id, {called} AS name, deleted_at FROM {table} WHERE deleted_at IS NOT NULL"
        for table, called in _CALLED.items()
    )
    asked = " AND ".join(["instr(fold(name), ?) > 0" for _ in words] or ["1"])
    rows = connection.execute(
        f"SELECT *, count(*) OVER () AS whole FROM ({every}) WHERE {asked} ORDER BY deleted_at DESC, id LIMIT ?",
        (*(word.casefold() for word in words), count),
    ).fetchall()
    found = [{name: row[name] for name in ("kind", "id", "name", "deleted_at")} for row in rows]
    return found, (rows[0]["whole"] - len(rows)) if rows else 0


def bring_one_back(connection: sqlite3.Connection, kind: str, id: str) -> None:
    """Raises `MissingError` where nothing like that was put away."""
    if kind not in _CALLED:
        raise MissingError(id)
    with transaction(connection):
        changed = connection.execute(
            f"UPDATE {kind} SET deleted_at = NULL WHERE id = ? AND deleted_at IS NOT NULL", (id,)
        ).rowcount
    if changed == 0:
        raise MissingError(id)
