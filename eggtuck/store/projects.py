"""Projects, and how far the sewing of each has come."""

from __future__ import annotations

import json
import sqlite3
from collections.abc import Mapping, Sequence
from typing import Any

from .database import Missing, Stale, new_id, transaction

_NOW = "strftime('%Y-%m-%dT%H:%M:%fZ', 'now')"


def list_projects(connection: sqlite3.Connection) -> list[dict[str, Any]]:
    """Kept projects, the one worked on last first."""
    rows = connection.execute(
        """
        SELECT p.*, (SELECT count(*) FROM makes m WHERE m.project_id = p.id) AS makes
        FROM projects p WHERE p.deleted_at IS NULL ORDER BY p.updated_at DESC, p.revision DESC, p.id
        """
    )
    return [_project(row) for row in rows]


def get_project(connection: sqlite3.Connection, id: str) -> dict[str, Any]:
    """One project with its progress. Raises `Missing`."""
    row = connection.execute(
        """
        SELECT p.*, (SELECT count(*) FROM makes m WHERE m.project_id = p.id) AS makes
        FROM projects p WHERE p.id = ? AND p.deleted_at IS NULL
        """,
        (id,),
    ).fetchone()
    if row is None:
        raise Missing(id)
    done = connection.execute("SELECT step_id FROM progress WHERE project_id = ? ORDER BY done_at", (id,))
    return {**_project(row), "done": [step["step_id"] for step in done]}


def add_project(
    connection: sqlite3.Connection, name: str, spec: Mapping[str, Any], picture: Mapping[str, Any]
) -> dict[str, Any]:
    id = new_id()
    with transaction(connection):
        connection.execute(
            "INSERT INTO projects (id, name, spec, picture) VALUES (?, ?, ?, ?)",
            (id, name, json.dumps(spec), json.dumps(picture)),
        )
    return get_project(connection, id)


def save_project(
    connection: sqlite3.Connection,
    id: str,
    revision: int,
    name: str,
    spec: Mapping[str, Any],
    picture: Mapping[str, Any],
) -> dict[str, Any]:
    """Replace name and spec if ``revision`` is still the newest. Raises `Missing`, `Stale`."""
    with transaction(connection):
        changed = connection.execute(
            f"""
            UPDATE projects SET name = ?, spec = ?, picture = ?, revision = revision + 1, updated_at = {_NOW}
            WHERE id = ? AND revision = ? AND deleted_at IS NULL
            """,
            (name, json.dumps(spec), json.dumps(picture), id, revision),
        ).rowcount
        if changed == 0:
            get_project(connection, id)
            raise Stale(id)
    return get_project(connection, id)


def set_progress(connection: sqlite3.Connection, id: str, done: Sequence[str], at_step: str | None) -> dict[str, Any]:
    """The steps ticked off and the step the maker is at. Raises `Missing`."""
    with transaction(connection):
        get_project(connection, id)
        marks = ",".join("?" * len(done))
        connection.execute(f"DELETE FROM progress WHERE project_id = ? AND step_id NOT IN ({marks})", (id, *done))
        connection.executemany(
            "INSERT OR IGNORE INTO progress (project_id, step_id) VALUES (?, ?)", [(id, step) for step in done]
        )
        connection.execute("UPDATE projects SET at_step = ? WHERE id = ?", (at_step, id))
    return get_project(connection, id)


def delete_project(connection: sqlite3.Connection, id: str) -> None:
    """Put aside; `restore_project` brings it back. Raises `Missing`."""
    with transaction(connection):
        changed = connection.execute(
            f"UPDATE projects SET deleted_at = {_NOW} WHERE id = ? AND deleted_at IS NULL", (id,)
        ).rowcount
    if changed == 0:
        raise Missing(id)


def restore_project(connection: sqlite3.Connection, id: str) -> dict[str, Any]:
    with transaction(connection):
        connection.execute("UPDATE projects SET deleted_at = NULL WHERE id = ?", (id,))
    return get_project(connection, id)


def _project(row: sqlite3.Row) -> dict[str, Any]:
    return {
        "id": row["id"],
        "name": row["name"],
        "spec": json.loads(row["spec"]),
        "picture": json.loads(row["picture"]),
        "revision": row["revision"],
        "at_step": row["at_step"],
        "updated_at": row["updated_at"],
        "makes": row["makes"],
    }
