"""The cutting table: which makes are cut together, how everything lies, the search for better lays, and what is ticked off."""

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


def list_cuttings(connection: sqlite3.Connection) -> list[dict[str, Any]]:
    """Those kept, the one worked on last first."""
    rows = connection.execute("SELECT * FROM cuttings WHERE deleted_at IS NULL ORDER BY updated_at DESC, id")
    return [_cutting(row) for row in rows]


def get_cutting(connection: sqlite3.Connection, id: str) -> dict[str, Any]:
    """Raises `MissingError`."""
    row = connection.execute("SELECT * FROM cuttings WHERE id = ? AND deleted_at IS NULL", (id,)).fetchone()
    if row is None:
        raise MissingError(id)
    return _cutting(row)


def cutting_of(connection: sqlite3.Connection, project: str) -> dict[str, Any]:
    """The cutting of one make by itself; begun where there is none."""
    makes = json.dumps([{"project": project, "count": 1}])
    for row in list_cuttings(connection):
        if [make["project"] for make in row["makes"]] == [project]:
            return row
    id = new_id()
    with transaction(connection):
        connection.execute("INSERT INTO cuttings (id, makes) VALUES (?, ?)", (id, makes))
    return get_cutting(connection, id)


def add_cutting(connection: sqlite3.Connection, name: str, makes: Sequence[Mapping[str, Any]]) -> dict[str, Any]:
    """A new one of several makes."""
    id = new_id()
    with transaction(connection):
        connection.execute(
            "INSERT INTO cuttings (id, name, makes) VALUES (?, ?, ?)", (id, name, json.dumps(list(makes)))
        )
    return get_cutting(connection, id)


def save_cutting(
    connection: sqlite3.Connection,
    id: str,
    revision: int,
    name: str,
    makes: Sequence[Mapping[str, Any]],
    settings: Mapping[str, Any],
) -> dict[str, Any]:
    """Raises `MissingError`, `StaleError`."""
    with transaction(connection):
        changed = connection.execute(
            f"""
            UPDATE cuttings SET name = ?, makes = ?, settings = ?, revision = revision + 1, updated_at = {_NOW}
            WHERE id = ? AND revision = ? AND deleted_at IS NULL
            """,
            (name, json.dumps(list(makes)), json.dumps(settings), id, revision),
        ).rowcount
    kept = get_cutting(connection, id)
    if changed == 0:
        raise StaleError(id)
    return kept


def delete_cutting(connection: sqlite3.Connection, id: str) -> None:
    """Raises `MissingError`."""
    with transaction(connection):
        changed = connection.execute(
            f"UPDATE cuttings SET deleted_at = {_NOW} WHERE id = ? AND deleted_at IS NULL", (id,)
        ).rowcount
        connection.execute("DELETE FROM lays WHERE cutting_id = ?", (id,))
    if changed == 0:
        raise MissingError(id)


def lays_of(connection: sqlite3.Connection, id: str) -> dict[str, dict[str, Any]]:
    """How everything lies, cloth by cloth."""
    rows = connection.execute("SELECT * FROM lays WHERE cutting_id = ?", (id,))
    return {
        row["cloth"]: {
            "spots": kept_json(row["spots"], list),
            "stamp": row["stamp"],
            "asked": row["asked"],
            "uses": kept_json(row["uses"], dict),
        }
        for row in rows
    }


def save_lay(
    connection: sqlite3.Connection,
    id: str,
    cloth: str,
    spots: Sequence[Mapping[str, Any]],
    asked: str,
    uses: Mapping[str, float],
) -> str:
    """Keeps how a cloth is laid now; a search that began before is over. Returns its stamp."""
    stamp = new_id()
    with transaction(connection):
        connection.execute(
            "INSERT OR REPLACE INTO lays (cutting_id, cloth, spots, stamp, asked, uses) VALUES (?, ?, ?, ?, ?, ?)",
            (id, cloth, json.dumps(list(spots)), stamp, asked, json.dumps(uses)),
        )
        connection.execute("DELETE FROM jobs WHERE cutting_id = ? AND cloth = ?", (id, cloth))
    return stamp


def set_uses(connection: sqlite3.Connection, id: str, cloth: str, uses: Mapping[str, float]) -> None:
    """What a lay takes of the pile, when a search has laid it otherwise."""
    with transaction(connection):
        connection.execute("UPDATE lays SET uses = ? WHERE cutting_id = ? AND cloth = ?", (json.dumps(uses), id, cloth))


def forget_lays(connection: sqlite3.Connection, id: str, but: Sequence[str]) -> None:
    """Cloths that are cut no longer take nothing from the pile."""
    marks = ",".join("?" * len(but))
    with transaction(connection):
        connection.execute(f"DELETE FROM lays WHERE cutting_id = ? AND cloth NOT IN ({marks})", (id, *but))


def taken_elsewhere(connection: sqlite3.Connection, id: str) -> dict[str, float]:
    """How much of what lies on the pile is laid for other cuttings and not cut yet (mm)."""
    rows = connection.execute(
        """
        SELECT lays.uses FROM lays JOIN cuttings ON cuttings.id = lays.cutting_id
        WHERE lays.cutting_id != ? AND cuttings.deleted_at IS NULL AND NOT EXISTS (
          SELECT 1 FROM ticks WHERE ticks.cutting_id = lays.cutting_id AND ticks.line = 'cloth ' || lays.cloth
        )
        """,
        (id,),
    )
    found: dict[str, float] = {}
    for row in rows:
        for pile, mm in kept_json(row["uses"], dict).items():
            found[pile] = found.get(pile, 0.0) + mm
    return found


def start_job(connection: sqlite3.Connection, id: str, cloth: str, stamp: str, task: str, lasts: int) -> None:
    with transaction(connection):
        connection.execute(
            "INSERT OR REPLACE INTO jobs (cutting_id, cloth, stamp, task, lasts, seen_at) VALUES (?, ?, ?, ?, ?, ?)",
            (id, cloth, stamp, task, lasts, time.time()),
        )


def running_jobs(connection: sqlite3.Connection) -> int:
    """How many are searched for now."""
    row = connection.execute(
        "SELECT count(*) FROM jobs WHERE state IN ('running', 'stopping') AND seen_at > ?", (time.time() - _HEARD,)
    ).fetchone()
    return int(row[0])


def get_job(connection: sqlite3.Connection, id: str, cloth: str) -> dict[str, Any] | None:
    """What is searched for, with the lay it began from; None where nothing is."""
    row = connection.execute(
        """
        SELECT jobs.*, lays.spots FROM jobs JOIN lays USING (cutting_id, cloth)
        WHERE jobs.cutting_id = ? AND jobs.cloth = ? AND lays.stamp = jobs.stamp
        """,
        (id, cloth),
    ).fetchone()
    if row is None:
        return None
    return {**dict(row), "task": json.loads(row["task"]), "spots": json.loads(row["spots"])}


def jobs_of(connection: sqlite3.Connection, id: str) -> dict[str, dict[str, Any]]:
    """How far the search for each cloth has come. One that is not heard of any longer is over."""
    rows = connection.execute("SELECT cloth, lasts, gone, state, seen_at FROM jobs WHERE cutting_id = ?", (id,))
    found = {}
    for row in rows:
        dead = row["state"] in ("running", "stopping") and row["seen_at"] < time.time() - _HEARD
        found[row["cloth"]] = {"state": "stopped" if dead else row["state"], "gone": row["gone"], "lasts": row["lasts"]}
    return found


def report_job(
    connection: sqlite3.Connection,
    id: str,
    cloth: str,
    stamp: str,
    gone: float,
    spots: Sequence[Mapping[str, Any]] | None,
) -> bool:
    """Still searching; where it has a better lay, that is kept. False where it is to stop."""
    with transaction(connection):
        row = connection.execute(
            "UPDATE jobs SET gone = ?, seen_at = ? WHERE cutting_id = ? AND cloth = ? AND stamp = ? RETURNING state",
            (gone, time.time(), id, cloth, stamp),
        ).fetchone()
        if row is not None:
            _better(connection, id, cloth, stamp, spots)
    return row is not None and row["state"] == "running"


def end_job(
    connection: sqlite3.Connection,
    id: str,
    cloth: str,
    stamp: str,
    state: str,
    spots: Sequence[Mapping[str, Any]] | None,
) -> None:
    with transaction(connection):
        connection.execute(
            "UPDATE jobs SET state = ?, gone = min(gone, lasts) WHERE cutting_id = ? AND cloth = ? AND stamp = ?",
            (state, id, cloth, stamp),
        )
        _better(connection, id, cloth, stamp, spots)


def stop_job(connection: sqlite3.Connection, id: str, cloth: str) -> None:
    """Asks a search to stop with the best it has."""
    with transaction(connection):
        connection.execute(
            "UPDATE jobs SET state = 'stopping' WHERE cutting_id = ? AND cloth = ? AND state = 'running'", (id, cloth)
        )


def _better(
    connection: sqlite3.Connection, id: str, cloth: str, stamp: str, spots: Sequence[Mapping[str, Any]] | None
) -> None:
    if spots is not None:
        connection.execute(
            "UPDATE lays SET spots = ? WHERE cutting_id = ? AND cloth = ? AND stamp = ?",
            (json.dumps(list(spots)), id, cloth, stamp),
        )


def ticks_of(connection: sqlite3.Connection, id: str) -> set[str]:
    rows = connection.execute("SELECT line FROM ticks WHERE cutting_id = ?", (id,))
    return {row["line"] for row in rows}


def _cutting(row: sqlite3.Row) -> dict[str, Any]:
    return {
        "id": row["id"],
        "name": row["name"],
        "makes": kept_makes(row["makes"]),
        "settings": kept_json(row["settings"], dict),
        "revision": row["revision"],
        "updated_at": row["updated_at"],
    }
