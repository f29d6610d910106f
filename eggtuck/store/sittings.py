"""What happens while something is made: the clock, notes and photos at a step. Until the make is noted in the log they belong to the one in hand."""

from __future__ import annotations

import sqlite3
from collections.abc import Sequence
from typing import Any

from ..core.record.clock import Span
from .database import MissingError, new_id, transaction

_NOW = "strftime('%Y-%m-%dT%H:%M:%fZ', 'now')"
_NOTE = ("id", "project_id", "make_id", "form", "step", "title", "kind", "text", "cause", "field", "did", "created_at")


def list_spans(connection: sqlite3.Connection, project_id: str) -> tuple[list[Span], Span | None]:
    """The stretches of the make in hand that have ended, and the one that is open."""
    rows = connection.execute(
        "SELECT * FROM spans WHERE project_id = ? AND make_id IS NULL ORDER BY number", (project_id,)
    ).fetchall()
    spans = [(Span(row["step"], row["kind"], row["began"], row["seen"]), row["is_open"]) for row in rows]
    ended = [span for span, is_open in spans if not is_open]
    return ended, next((span for span, is_open in spans if is_open), None)


def keep_spans(connection: sqlite3.Connection, project_id: str, ended: Sequence[Span], running: Span | None) -> None:
    """Puts what has ended, and what is open now, in the place of what was open."""
    with transaction(connection):
        connection.execute("DELETE FROM spans WHERE project_id = ? AND is_open = 1", (project_id,))
        last = connection.execute("SELECT max(number) FROM spans WHERE project_id = ?", (project_id,)).fetchone()[0]
        spans = [*((span, 0) for span in ended), *([(running, 1)] if running is not None else [])]
        connection.executemany(
            "INSERT INTO spans (project_id, number, step, kind, began, seen, is_open) VALUES (?, ?, ?, ?, ?, ?, ?)",
            [
                (project_id, (last or 0) + nth, span.step, span.kind, span.began, span.seen, is_open)
                for nth, (span, is_open) in enumerate(spans, 1)
            ],
        )


def forget_spans(connection: sqlite3.Connection, project_id: str) -> None:
    """The clock of the make in hand begins again."""
    with transaction(connection):
        connection.execute("DELETE FROM spans WHERE project_id = ? AND make_id IS NULL", (project_id,))


def done_at(connection: sqlite3.Connection, project_id: str) -> dict[str, float]:
    """When each step that is ticked was done (s since 1970)."""
    rows = connection.execute(
        "SELECT step_id, (julianday(done_at) - 2440587.5) * 86400 AS at FROM progress WHERE project_id = ?",
        (project_id,),
    )
    return {row["step_id"]: row["at"] for row in rows}


def list_notes(connection: sqlite3.Connection, project_id: str) -> list[dict[str, Any]]:
    """Notes of a project, those of the make in hand and of every one before, in their order."""
    rows = connection.execute(
        f"SELECT {', '.join(_NOTE)}, quiet FROM notes WHERE project_id = ? AND deleted_at IS NULL ORDER BY created_at, id",
        (project_id,),
    )
    return [_note(row) for row in rows]


def every_note(connection: sqlite3.Connection) -> list[dict[str, Any]]:
    """Notes of all makes that are in the log."""
    rows = connection.execute(
        f"SELECT {', '.join(f'n.{name}' for name in _NOTE)}, n.quiet FROM notes n JOIN makes m ON m.id = n.make_id"
        " WHERE n.deleted_at IS NULL AND m.deleted_at IS NULL ORDER BY n.created_at, n.id"
    )
    return [_note(row) for row in rows]


def reminders(connection: sqlite3.Connection) -> list[dict[str, Any]]:
    """What was to be minded next time, of every make that is in the log, with what it was; the latest first. Those of a make once made belong to
    the next one, of the same project too."""
    rows = connection.execute(
        f"""
        SELECT {", ".join(f"n.{name}" for name in _NOTE)}, n.quiet, m.made_on, m.name
        FROM notes n JOIN makes m ON m.id = n.make_id
        WHERE n.kind = 'next-time' AND n.quiet = 0 AND n.deleted_at IS NULL AND m.deleted_at IS NULL
        ORDER BY m.made_on DESC, n.created_at DESC
        """
    )
    return [{**_note(row), "made_on": row["made_on"], "name": row["name"]} for row in rows]


def add_note(connection: sqlite3.Connection, project_id: str, note: dict[str, Any]) -> dict[str, Any]:
    id = new_id()
    fields = {"make_id": None, "cause": "", "field": "", "did": "", **note, "id": id, "project_id": project_id}
    with transaction(connection):
        marks = ", ".join("?" * len(fields))
        connection.execute(f"INSERT INTO notes ({', '.join(fields)}) VALUES ({marks})", tuple(fields.values()))
    return get_note(connection, project_id, id)


def get_note(connection: sqlite3.Connection, project_id: str, id: str) -> dict[str, Any]:
    """Raises `MissingError`."""
    row = connection.execute(
        f"SELECT {', '.join(_NOTE)}, quiet FROM notes WHERE id = ? AND project_id = ? AND deleted_at IS NULL",
        (id, project_id),
    ).fetchone()
    if row is None:
        raise MissingError(id)
    return _note(row)


def delete_note(connection: sqlite3.Connection, project_id: str, id: str) -> None:
    """Raises `MissingError`."""
    _put_away(connection, "notes", project_id, id)


def restore_note(connection: sqlite3.Connection, project_id: str, id: str) -> dict[str, Any]:
    with transaction(connection):
        connection.execute("UPDATE notes SET deleted_at = NULL WHERE id = ? AND project_id = ?", (id, project_id))
    return get_note(connection, project_id, id)


def quieten_note(connection: sqlite3.Connection, id: str, quiet: bool) -> None:
    """A reminder that is not to come again, or is. Raises `MissingError`."""
    with transaction(connection):
        changed = connection.execute(
            "UPDATE notes SET quiet = ? WHERE id = ? AND deleted_at IS NULL", (int(quiet), id)
        ).rowcount
    if changed == 0:
        raise MissingError(id)


def list_photos(connection: sqlite3.Connection, project_id: str) -> list[dict[str, Any]]:
    """Photos of stages, of the make in hand and of every one before, in their order; without the pictures."""
    rows = connection.execute(
        "SELECT id, project_id, make_id, step, title, created_at FROM make_photos WHERE project_id = ? AND deleted_at IS NULL"
        " ORDER BY created_at, id",
        (project_id,),
    )
    return [dict(row) for row in rows]


def photos_before(connection: sqlite3.Connection, project_id: str) -> list[dict[str, Any]]:
    """Of every step the latest photo of a make that is in the log: of this project, or of one it is a variant of."""
    rows = connection.execute(
        """
        SELECT f.id, f.project_id, f.make_id, f.step, f.title, f.created_at FROM make_photos f
        JOIN makes m ON m.id = f.make_id JOIN projects p ON p.id = f.project_id
        WHERE f.deleted_at IS NULL AND m.deleted_at IS NULL AND f.step != ''
        AND (p.id = ? OR p.family = (SELECT family FROM projects WHERE id = ?))
        ORDER BY m.made_on, f.created_at
        """,
        (project_id, project_id),
    )
    return list({row["step"]: dict(row) for row in rows}.values())


def add_photo(
    connection: sqlite3.Connection, project_id: str, step: str, title: str, jpeg: bytes, make_id: str | None = None
) -> dict[str, Any]:
    id = new_id()
    with transaction(connection):
        connection.execute(
            "INSERT INTO make_photos (id, project_id, make_id, step, title, jpeg) VALUES (?, ?, ?, ?, ?, ?)",
            (id, project_id, make_id, step, title, jpeg),
        )
    row = connection.execute(
        "SELECT id, project_id, make_id, step, title, created_at FROM make_photos WHERE id = ?", (id,)
    ).fetchone()
    return dict(row)


def get_photo(connection: sqlite3.Connection, project_id: str, id: str) -> bytes:
    """Raises `MissingError`."""
    row = connection.execute(
        "SELECT jpeg FROM make_photos WHERE id = ? AND project_id = ? AND deleted_at IS NULL", (id, project_id)
    ).fetchone()
    if row is None:
        raise MissingError(id)
    return bytes(row["jpeg"])


def delete_photo(connection: sqlite3.Connection, project_id: str, id: str) -> None:
    """Raises `MissingError`."""
    _put_away(connection, "make_photos", project_id, id)


def restore_photo(connection: sqlite3.Connection, project_id: str, id: str) -> None:
    with transaction(connection):
        connection.execute("UPDATE make_photos SET deleted_at = NULL WHERE id = ? AND project_id = ?", (id, project_id))


def _put_away(connection: sqlite3.Connection, table: str, project_id: str, id: str) -> None:
    with transaction(connection):
        changed = connection.execute(
            f"UPDATE {table} SET deleted_at = {_NOW} WHERE id = ? AND project_id = ? AND deleted_at IS NULL",
            (id, project_id),
        ).rowcount
    if changed == 0:
        raise MissingError(id)


def _note(row: sqlite3.Row) -> dict[str, Any]:
    return {**{name: row[name] for name in _NOTE}, "quiet": bool(row["quiet"])}
