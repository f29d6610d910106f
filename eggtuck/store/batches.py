"""Several makes that are made together: the order of everything, the search for a better one, and what is done."""

from __future__ import annotations

import json
import sqlite3
import time
from collections.abc import Mapping, Sequence
from typing import Any

from .database import MissingError, StaleError, kept_json, kept_makes, new_id, transaction

_NOW = "strftime('%Y-%m-%dT%H:%M:%fZ', 'now')"
# A search that has not been heard of for so long (s) has died.
_HEARD = 15.0


def list_batches(connection: sqlite3.Connection) -> list[dict[str, Any]]:
    """Those kept, the one worked on last first."""
    rows = connection.execute("SELECT * FROM batches WHERE deleted_at IS NULL ORDER BY updated_at DESC, id")
    return [_batch(row) for row in rows]


def get_batch(connection: sqlite3.Connection, id: str) -> dict[str, Any]:
    """Raises `MissingError`."""
    row = connection.execute("SELECT * FROM batches WHERE id = ? AND deleted_at IS NULL", (id,)).fetchone()
    if row is None:
        raise MissingError(id)
    return _batch(row)


def add_batch(
    connection: sqlite3.Connection, name: str, makes: Sequence[Mapping[str, Any]], settings: Mapping[str, Any]
) -> dict[str, Any]:
    id = new_id()
    with transaction(connection):
        connection.execute(
            "INSERT INTO batches (id, name, makes, settings) VALUES (?, ?, ?, ?)",
            (id, name, json.dumps(list(makes)), json.dumps(settings)),
        )
    return get_batch(connection, id)


def save_batch(
    connection: sqlite3.Connection,
    id: str,
    revision: int,
    name: str,
    makes: Sequence[Mapping[str, Any]],
    settings: Mapping[str, Any],
) -> dict[str, Any]:
    """Raises `MissingError`, `StaleError`."""
    with transaction(connection):
        get_batch(connection, id)
        changed = connection.execute(
            f"UPDATE batches SET name = ?, makes = ?, settings = ?, revision = revision + 1, updated_at = {_NOW}"
            " WHERE id = ? AND revision = ?",
            (name, json.dumps(list(makes)), json.dumps(settings), id, revision),
        ).rowcount
        if changed == 0:
            raise StaleError(id)
    return get_batch(connection, id)


def delete_batch(connection: sqlite3.Connection, id: str) -> None:
    """Raises `MissingError`."""
    with transaction(connection):
        changed = connection.execute(
            f"UPDATE batches SET deleted_at = {_NOW} WHERE id = ? AND deleted_at IS NULL", (id,)
        ).rowcount
    if changed == 0:
        raise MissingError(id)


def keep_sequence(connection: sqlite3.Connection, id: str, sequence: Sequence[str], stamp: str) -> None:
    """The order of everything, and what it is an answer to. A search for another is over."""
    with transaction(connection):
        connection.execute(
            "UPDATE batches SET sequence = ?, stamp = ?, state = '' WHERE id = ?",
            (json.dumps(list(sequence)), stamp, id),
        )


def start_search(connection: sqlite3.Connection, id: str, task: Mapping[str, Any], lasts: int) -> None:
    with transaction(connection):
        connection.execute(
            "UPDATE batches SET task = ?, lasts = ?, gone = 0, seen_at = ?, state = 'running' WHERE id = ?",
            (json.dumps(task), lasts, time.time(), id),
        )


def running_searches(connection: sqlite3.Connection) -> int:
    row = connection.execute(
        "SELECT count(*) FROM batches WHERE state IN ('running', 'stopping') AND seen_at > ?", (time.time() - _HEARD,)
    ).fetchone()
    return int(row[0])


def report_search(
    connection: sqlite3.Connection, id: str, stamp: str, gone: float, sequence: Sequence[str] | None
) -> bool:
    """Still searching; a better order is kept. False where it is to stop, or the batch is another meanwhile."""
    with transaction(connection):
        row = connection.execute(
            "UPDATE batches SET gone = ?, seen_at = ? WHERE id = ? AND stamp = ? RETURNING state",
            (gone, time.time(), id, stamp),
        ).fetchone()
        if row is not None and row["state"] in ("running", "stopping") and sequence is not None:
            connection.execute("UPDATE batches SET sequence = ? WHERE id = ?", (json.dumps(list(sequence)), id))
    return row is not None and row["state"] == "running"


def end_search(connection: sqlite3.Connection, id: str, stamp: str, state: str) -> None:
    with transaction(connection):
        connection.execute(
            "UPDATE batches SET state = ? WHERE id = ? AND stamp = ? AND state IN ('running', 'stopping')",
            (state, id, stamp),
        )


def stop_search(connection: sqlite3.Connection, id: str) -> None:
    """Asks a search to stop with the best it has."""
    with transaction(connection):
        connection.execute("UPDATE batches SET state = 'stopping' WHERE id = ? AND state = 'running'", (id,))


def done_in(connection: sqlite3.Connection, id: str) -> set[str]:
    """The tasks that are done."""
    rows = connection.execute("SELECT task FROM batch_done WHERE batch_id = ?", (id,))
    return {row["task"] for row in rows}


def set_done(connection: sqlite3.Connection, id: str, tasks: Sequence[str], done: bool) -> None:
    with transaction(connection):
        if done:
            connection.executemany(
                "INSERT OR IGNORE INTO batch_done (batch_id, task) VALUES (?, ?)", [(id, task) for task in tasks]
            )
        else:
            connection.executemany(
                "DELETE FROM batch_done WHERE batch_id = ? AND task = ?", [(id, task) for task in tasks]
            )


def _batch(row: sqlite3.Row) -> dict[str, Any]:
    dead = row["state"] in ("running", "stopping") and row["seen_at"] < time.time() - _HEARD
    return {
        **{name: row[name] for name in ("id", "name", "stamp", "revision", "gone", "lasts")},
        "makes": kept_makes(row["makes"]),
        "settings": kept_json(row["settings"], dict),
        "sequence": kept_json(row["sequence"], list),
        "task": kept_json(row["task"], dict),
        "state": "stopped" if dead else row["state"],
    }
