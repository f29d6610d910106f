"""Projects, and how far the sewing of each has come. The picture a list shows of one is kept as the JSON text it was written as."""

from __future__ import annotations

import json
import sqlite3
from collections.abc import Mapping, Sequence
from typing import Any

from .database import MissingError, StaleError, kept_json, new_id, transaction

_NOW = "strftime('%Y-%m-%dT%H:%M:%fZ', 'now')"


def list_projects(connection: sqlite3.Connection) -> list[dict[str, Any]]:
    """Kept projects by name, with how often they were made and their family; the one worked on last first."""
    rows = connection.execute(
        """
        SELECT id, name, revision, updated_at, family, coalesce(json_extract(spec, '$.form'), '') AS form,
          (SELECT count(*) FROM makes m WHERE m.project_id = p.id AND m.deleted_at IS NULL) AS makes
        FROM projects p WHERE p.deleted_at IS NULL AND NOT p.is_template ORDER BY p.updated_at DESC, p.revision DESC, p.id
        """
    )
    return [dict(row) for row in rows]


def list_specs(connection: sqlite3.Connection, begin: int, count: int) -> list[dict[str, Any]]:
    """So many projects from one on, with their specs, in the same order."""
    rows = connection.execute(
        "SELECT id, name, spec FROM projects WHERE deleted_at IS NULL AND NOT is_template"
        " ORDER BY updated_at DESC, revision DESC, id LIMIT ? OFFSET ?",
        (count, begin),
    )
    return [{"id": row["id"], "name": row["name"], "spec": kept_json(row["spec"], dict)} for row in rows]


def get_picture(connection: sqlite3.Connection, id: str) -> str:
    """The picture of a project, put away or not, as JSON text. Raises `MissingError`."""
    row = connection.execute("SELECT picture FROM projects WHERE id = ?", (id,)).fetchone()
    if row is None:
        raise MissingError(id)
    return str(row["picture"])


def list_templates(connection: sqlite3.Connection) -> list[dict[str, Any]]:
    """What others are begun from, by name."""
    rows = connection.execute(
        "SELECT p.*, 0 AS makes FROM projects p WHERE p.deleted_at IS NULL AND p.is_template ORDER BY fold(p.name), p.id"
    )
    return [_project(row) for row in rows]


def put_away(connection: sqlite3.Connection, ids: Sequence[str], away: bool) -> int:
    """Puts many away at once, or brings them back; returns how many there were to."""
    changed = 0
    with transaction(connection):
        for id in ids:
            told = f"deleted_at = {_NOW} WHERE id = ? AND deleted_at IS NULL"
            back = "deleted_at = NULL WHERE id = ? AND deleted_at IS NOT NULL"
            changed += connection.execute(f"UPDATE projects SET {told if away else back}", (id,)).rowcount
    return changed


def get_project(connection: sqlite3.Connection, id: str) -> dict[str, Any]:
    """One project with its progress. Raises `MissingError`."""
    row = connection.execute(
        """
        SELECT p.*, (SELECT count(*) FROM makes m WHERE m.project_id = p.id AND m.deleted_at IS NULL) AS makes
        FROM projects p WHERE p.id = ? AND p.deleted_at IS NULL
        """,
        (id,),
    ).fetchone()
    if row is None:
        raise MissingError(id)
    done = connection.execute("SELECT step_id FROM progress WHERE project_id = ? ORDER BY done_at", (id,))
    around = connection.execute(
        "SELECT min(number) AS first, max(number) AS last FROM states WHERE project_id = ?", (id,)
    ).fetchone()
    return {
        **_project(row),
        "done": [step["step_id"] for step in done],
        "can_undo": around["first"] < row["state"],
        "can_redo": row["state"] < around["last"],
    }


def add_project(
    connection: sqlite3.Connection,
    name: str,
    spec: Mapping[str, Any],
    picture: str,
    variant_of: str | None = None,
    again: str | None = None,
    template: bool = False,
    id: str | None = None,
) -> dict[str, Any]:
    """A new project, with an ``id`` of its own or the one it had, or a variant of another, kept with it; one that is made ``again`` names the entry of the log; a ``template`` is there for others
    to be begun from. Raises `MissingError`."""
    id = id or new_id()
    with transaction(connection):
        family = None
        if variant_of is not None:
            origin = get_project(connection, variant_of)
            family = origin["family"] or origin["id"]
            connection.execute("UPDATE projects SET family = ? WHERE id = ?", (family, variant_of))
        connection.execute(
            "INSERT INTO projects (id, name, spec, picture, family, again, is_template) VALUES (?, ?, ?, ?, ?, ?, ?)",
            (id, name, json.dumps(spec), picture, family, again, template),
        )
        connection.execute(
            "INSERT INTO states (project_id, number, name, spec) VALUES (?, 0, ?, ?)", (id, name, json.dumps(spec))
        )
    return get_project(connection, id)


def save_project(
    connection: sqlite3.Connection,
    id: str,
    revision: int,
    name: str,
    spec: Mapping[str, Any],
    picture: str,
    touch: str | None = None,
) -> dict[str, Any]:
    """Replace name and spec if ``revision`` is still the newest, as a state of its own that can be undone; a further edit with
    the same ``touch`` changes the newest state instead. Sent again because its answer was lost, it is kept already.
    Raises `MissingError`, `StaleError`."""
    with transaction(connection):
        kept = get_project(connection, id)
        if (kept["revision"], kept["name"], kept["spec"]) == (revision + 1, name, spec):
            return kept
        at = _replace(connection, id, revision, name, spec, picture)
        now = connection.execute(
            "SELECT name, spec, touch FROM states WHERE project_id = ? AND number = ?", (id, at)
        ).fetchone()
        if (now["name"], json.loads(now["spec"])) == (name, spec):
            return get_project(connection, id)
        last = connection.execute("SELECT max(number) FROM states WHERE project_id = ?", (id,)).fetchone()[0]
        number = at if touch is not None and last == at and now["touch"] == touch else at + 1
        connection.execute("DELETE FROM states WHERE project_id = ? AND number >= ?", (id, number))
        connection.execute(
            "INSERT INTO states (project_id, number, name, spec, touch) VALUES (?, ?, ?, ?, ?)",
            (id, number, name, json.dumps(spec), touch),
        )
        connection.execute("UPDATE projects SET state = ? WHERE id = ?", (number, id))
    return get_project(connection, id)


def known(connection: sqlite3.Connection, id: str) -> bool:
    """Whether there is, or was, a project by that id."""
    return connection.execute("SELECT 1 FROM projects WHERE id = ?", (id,)).fetchone() is not None


def list_states(connection: sqlite3.Connection, id: str) -> list[dict[str, Any]]:
    """Every kept state, the first first, and whether it is the ``present`` one."""
    rows = connection.execute(
        "SELECT s.name, s.spec, s.touch, s.number = p.state AS present FROM states s JOIN projects p ON p.id = s.project_id"
        " WHERE p.id = ? ORDER BY s.number",
        (id,),
    )
    return [{**dict(row), "spec": json.loads(row["spec"]), "present": bool(row["present"])} for row in rows]


def put_states(connection: sqlite3.Connection, id: str, states: Sequence[Mapping[str, Any]]) -> None:
    """Puts other states in the place of those there are; one of them is the ``present`` one."""
    with transaction(connection):
        connection.execute("DELETE FROM states WHERE project_id = ?", (id,))
        connection.executemany(
            "INSERT INTO states (project_id, number, name, spec, touch) VALUES (?, ?, ?, ?, ?)",
            [(id, nth, one["name"], json.dumps(one["spec"]), one["touch"]) for nth, one in enumerate(states)],
        )
        at = next((nth for nth, one in enumerate(states) if one["present"]), len(states) - 1)
        connection.execute("UPDATE projects SET state = ? WHERE id = ?", (at, id))


def state_beside(connection: sqlite3.Connection, id: str, by: int) -> tuple[int, str, dict[str, Any]] | None:
    """The state before (-1) or after (1) the present one: its number, name and spec; None at either end. Raises `MissingError`."""
    get_project(connection, id)
    row = connection.execute(
        "SELECT s.number, s.name, s.spec FROM states s JOIN projects p ON p.id = s.project_id"
        " WHERE p.id = ? AND s.number = p.state + ?",
        (id, by),
    ).fetchone()
    return None if row is None else (row["number"], row["name"], json.loads(row["spec"]))


def go_to_state(connection: sqlite3.Connection, id: str, revision: int, number: int, picture: str) -> dict[str, Any]:
    """Back to a kept state, or forward to it. Raises `MissingError`, `StaleError`."""
    with transaction(connection):
        row = connection.execute(
            "SELECT name, spec FROM states WHERE project_id = ? AND number = ?", (id, number)
        ).fetchone()
        if row is None:
            raise MissingError(id)
        _replace(connection, id, revision, row["name"], json.loads(row["spec"]), picture)
        connection.execute("UPDATE projects SET state = ? WHERE id = ?", (number, id))
    return get_project(connection, id)


def _replace(
    connection: sqlite3.Connection, id: str, revision: int, name: str, spec: Mapping[str, Any], picture: str
) -> int:
    """What the project now is; returns the number of the state it was in."""
    changed = connection.execute(
        f"""
        UPDATE projects SET name = ?, spec = ?, picture = ?, revision = revision + 1, updated_at = {_NOW}
        WHERE id = ? AND revision = ? AND deleted_at IS NULL RETURNING state
        """,
        (name, json.dumps(spec), picture, id, revision),
    ).fetchone()
    if changed is None:
        get_project(connection, id)
        raise StaleError(id)
    return int(changed["state"])


def set_progress(connection: sqlite3.Connection, id: str, done: Sequence[str], at_step: str | None) -> dict[str, Any]:
    """The steps ticked off and the step the maker is at. Raises `MissingError`."""
    with transaction(connection):
        get_project(connection, id)
        marks = ",".join("?" * len(done))
        connection.execute(f"DELETE FROM progress WHERE project_id = ? AND step_id NOT IN ({marks})", (id, *done))
        connection.executemany(
            "INSERT OR IGNORE INTO progress (project_id, step_id) VALUES (?, ?)", [(id, step) for step in done]
        )
        connection.execute("UPDATE projects SET at_step = ? WHERE id = ?", (at_step, id))
    return get_project(connection, id)


def get_why(connection: sqlite3.Connection, id: str) -> dict[str, Any]:
    """Why something is made. Raises `MissingError`."""
    row = connection.execute("SELECT why FROM projects WHERE id = ?", (id,)).fetchone()
    if row is None:
        raise MissingError(id)
    found: dict[str, Any] = {"wrong": [], "text": "", **kept_json(row["why"], dict)}
    return found


def set_why(connection: sqlite3.Connection, id: str, why: Mapping[str, Any]) -> dict[str, Any]:
    with transaction(connection):
        connection.execute("UPDATE projects SET why = ? WHERE id = ?", (json.dumps(why), id))
    return get_why(connection, id)


def delete_project(connection: sqlite3.Connection, id: str) -> None:
    """Put aside; `restore_project` brings it back. Raises `MissingError`."""
    with transaction(connection):
        changed = connection.execute(
            f"UPDATE projects SET deleted_at = {_NOW} WHERE id = ? AND deleted_at IS NULL", (id,)
        ).rowcount
    if changed == 0:
        raise MissingError(id)


def restore_project(connection: sqlite3.Connection, id: str) -> dict[str, Any]:
    with transaction(connection):
        connection.execute("UPDATE projects SET deleted_at = NULL WHERE id = ?", (id,))
    return get_project(connection, id)


def _project(row: sqlite3.Row) -> dict[str, Any]:
    return {
        "id": row["id"],
        "name": row["name"],
        "spec": kept_json(row["spec"], dict),
        "picture": row["picture"],
        "revision": row["revision"],
        "at_step": row["at_step"],
        "updated_at": row["updated_at"],
        "makes": row["makes"],
        "family": row["family"],
        "again": row["again"],
        "template": bool(row["is_template"]),
    }
