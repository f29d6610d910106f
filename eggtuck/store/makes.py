"""The logbook: what was made, how long it took, what was measured and tried, and how each entry read before it was changed."""

from __future__ import annotations

import json
import sqlite3
from collections.abc import Mapping
from typing import Any

from .database import MissingError, StaleError, kept_json, new_id, transaction

_NOW = "strftime('%Y-%m-%dT%H:%M:%fZ', 'now')"
# What a maker writes of a make and may change later.
_WRITTEN = ("made_on", "minutes", "waited", "away", "measured", "differed", "next_time", "trial", "uses", "sale")
_JSON = {"measured": list, "trial": dict, "uses": list, "sale": dict, "facts": dict, "times": dict}
_SHOWN = (
    f"id, project_id, name, revision, spec, created_at, {', '.join(_WRITTEN)}, facts, times, record IS NOT NULL AS kept"
)


def list_makes(connection: sqlite3.Connection, project_id: str) -> list[dict[str, Any]]:
    """A project's makes, the latest first."""
    rows = connection.execute(
        f"SELECT {_SHOWN} FROM makes WHERE project_id = ? AND deleted_at IS NULL ORDER BY made_on DESC, created_at DESC",
        (project_id,),
    )
    return [_make(row) for row in rows]


def every_make(connection: sqlite3.Connection, most: int = -1) -> list[dict[str, Any]]:
    """The makes of all projects, put away ones too, the latest first; at ``most`` so many, where that is told."""
    rows = connection.execute(
        f"SELECT {_SHOWN} FROM makes WHERE deleted_at IS NULL ORDER BY made_on DESC, created_at DESC LIMIT ?", (most,)
    )
    return [_make(row) for row in rows]


def get_make(connection: sqlite3.Connection, project_id: str, id: str) -> dict[str, Any]:
    """Raises `MissingError`."""
    row = connection.execute(
        f"SELECT {_SHOWN} FROM makes WHERE id = ? AND project_id = ? AND deleted_at IS NULL", (id, project_id)
    ).fetchone()
    if row is None:
        raise MissingError(id)
    return _make(row)


def add_make(
    connection: sqlite3.Connection,
    project_id: str,
    entry: Mapping[str, Any],
    spec: Mapping[str, Any],
    *,
    name: str = "",
    facts: Mapping[str, Any] | None = None,
    times: Mapping[str, float] | None = None,
    record: bytes | None = None,
    id: str | None = None,
) -> dict[str, Any]:
    """A new entry, with an ``id`` of its own or the one it had, with the make as it was made. What was timed, noted and photographed since the last one belongs to it."""
    id = id or new_id()
    kept = {**_EMPTY, **entry}
    fields = {name: _text(kept[name]) for name in _WRITTEN}
    fields |= {
        "id": id,
        "project_id": project_id,
        "name": name,
        "spec": json.dumps(spec),
        "facts": json.dumps(facts or {}),
        "times": json.dumps(times or {}),
        "record": record,
    }
    with transaction(connection):
        marks = ", ".join("?" * len(fields))
        connection.execute(f"INSERT INTO makes ({', '.join(fields)}) VALUES ({marks})", tuple(fields.values()))
        connection.execute("UPDATE spans SET is_open = 0 WHERE project_id = ?", (project_id,))
        for table in ("spans", "notes", "make_photos"):
            connection.execute(
                f"UPDATE {table} SET make_id = ? WHERE project_id = ? AND make_id IS NULL", (id, project_id)
            )
    return get_make(connection, project_id, id)


def known(connection: sqlite3.Connection, id: str) -> bool:
    """Whether there is, or was, an entry by that id."""
    return connection.execute("SELECT 1 FROM makes WHERE id = ?", (id,)).fetchone() is not None


def save_make(
    connection: sqlite3.Connection, project_id: str, id: str, revision: int, entry: Mapping[str, Any]
) -> dict[str, Any]:
    """Changes what is written of a make; how it read before is kept. Raises `MissingError`, `StaleError`."""
    told = ", ".join(f"{name} = ?" for name in _WRITTEN)
    with transaction(connection):
        before = get_make(connection, project_id, id)
        if before["revision"] != revision:
            raise StaleError(id)
        kept = {name: before[name] for name in _WRITTEN}
        changed = {**kept, **entry}
        if changed == kept:
            return before
        connection.execute(
            "INSERT INTO make_versions (make_id, revision, entry) VALUES (?, ?, ?)", (id, revision, json.dumps(kept))
        )
        values = [_text(changed[name]) for name in _WRITTEN]
        connection.execute(f"UPDATE makes SET {told}, revision = revision + 1 WHERE id = ?", (*values, id))
    return get_make(connection, project_id, id)


def list_versions(connection: sqlite3.Connection, project_id: str, id: str) -> list[dict[str, Any]]:
    """How an entry read before, the latest first. Raises `MissingError`."""
    get_make(connection, project_id, id)
    rows = connection.execute(
        "SELECT revision, entry, changed_at FROM make_versions WHERE make_id = ? ORDER BY revision DESC", (id,)
    )
    return [{"revision": row["revision"], "changed_at": row["changed_at"], **json.loads(row["entry"])} for row in rows]


def turn_back(connection: sqlite3.Connection, project_id: str, id: str, revision: int, to: int) -> dict[str, Any]:
    """An entry as it read at the revision ``to``: a change like any other, which can be taken back itself. Raises `MissingError`, `StaleError`."""
    with transaction(connection):
        row = connection.execute(
            "SELECT entry FROM make_versions WHERE make_id = ? AND revision = ?", (id, to)
        ).fetchone()
        if row is None:
            raise MissingError(id)
        before = kept_json(row["entry"], dict)
        return save_make(
            connection, project_id, id, revision, {name: before[name] for name in _WRITTEN if name in before}
        )


def get_spec(connection: sqlite3.Connection, project_id: str, id: str) -> dict[str, Any]:
    """The spec as it was asked for on that day. Raises `MissingError`."""
    row = connection.execute(
        "SELECT spec FROM makes WHERE id = ? AND project_id = ? AND deleted_at IS NULL", (id, project_id)
    ).fetchone()
    if row is None:
        raise MissingError(id)
    found: dict[str, Any] = kept_json(row["spec"], dict)
    return found


def get_record(connection: sqlite3.Connection, project_id: str, id: str) -> bytes:
    """All of the make as it was made. Raises `MissingError`, also for an entry older than records are."""
    row = connection.execute(
        "SELECT record FROM makes WHERE id = ? AND project_id = ? AND deleted_at IS NULL", (id, project_id)
    ).fetchone()
    if row is None or row["record"] is None:
        raise MissingError(id)
    return bytes(row["record"])


def delete_make(connection: sqlite3.Connection, project_id: str, id: str) -> None:
    """Takes an entry out; `restore_make` brings it back. Raises `MissingError`."""
    with transaction(connection):
        changed = connection.execute(
            f"UPDATE makes SET deleted_at = {_NOW} WHERE id = ? AND project_id = ? AND deleted_at IS NULL",
            (id, project_id),
        ).rowcount
    if changed == 0:
        raise MissingError(id)


def restore_make(connection: sqlite3.Connection, project_id: str, id: str) -> dict[str, Any]:
    with transaction(connection):
        connection.execute("UPDATE makes SET deleted_at = NULL WHERE id = ? AND project_id = ?", (id, project_id))
    return get_make(connection, project_id, id)


_EMPTY: dict[str, Any] = {
    "minutes": None,
    "waited": None,
    "away": None,
    "measured": [],
    "differed": "",
    "next_time": "",
    "trial": {},
    "uses": [],
    "sale": {},
}


def _text(value: Any) -> Any:
    return json.dumps(value) if isinstance(value, (list, dict)) else value


def _make(row: sqlite3.Row) -> dict[str, Any]:
    found = {name: row[name] for name in ("id", "project_id", "name", "revision", *_WRITTEN)}
    found |= {name: kept_json(row[name], _JSON[name]) for name in _JSON}
    return {**found, "kept": bool(row["kept"])}
