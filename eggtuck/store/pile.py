"""The pile: cloths, scraps and notions with what is left of them; what is taken away when it is cut or used, and given back."""

from __future__ import annotations

import json
import sqlite3
from collections.abc import Mapping, Sequence
from typing import Any

from .database import MissingError, kept_json, new_id, transaction

_NOW = "strftime('%Y-%m-%dT%H:%M:%fZ', 'now')"
_SHOWN = "SELECT pile.*, EXISTS (SELECT 1 FROM pile_photos WHERE pile_id = pile.id) AS photo FROM pile"
_FIELDS = (
    "kind",
    "name",
    "what",
    "unit",
    "left_over",
    "width",
    "size",
    "outline",
    "holes",
    "washed",
    "directional",
    "price",
    "note",
)


def list_pile(connection: sqlite3.Connection) -> list[dict[str, Any]]:
    """Everything of which something is left, or that is kept in mind; cloth first."""
    rows = connection.execute(f"{_SHOWN} WHERE deleted_at IS NULL ORDER BY kind, name COLLATE NOCASE, id")
    return [_row(row) for row in rows]


def get_piled(connection: sqlite3.Connection, id: str) -> dict[str, Any]:
    """Raises `MissingError`."""
    row = connection.execute(f"{_SHOWN} WHERE id = ? AND deleted_at IS NULL", (id,)).fetchone()
    if row is None:
        raise MissingError(id)
    return _row(row)


def add_piled(connection: sqlite3.Connection, values: Mapping[str, Any]) -> dict[str, Any]:
    with transaction(connection):
        id = _insert(connection, values)
    return get_piled(connection, id)


def save_piled(connection: sqlite3.Connection, id: str, values: Mapping[str, Any]) -> dict[str, Any]:
    """Raises `MissingError`."""
    told = ", ".join(f"{name} = ?" for name in _FIELDS)
    with transaction(connection):
        connection.execute(f"UPDATE pile SET {told} WHERE id = ? AND deleted_at IS NULL", (*_values(values), id))
    return get_piled(connection, id)


def delete_piled(connection: sqlite3.Connection, id: str) -> None:
    """Raises `MissingError`."""
    with transaction(connection):
        changed = connection.execute(
            f"UPDATE pile SET deleted_at = {_NOW} WHERE id = ? AND deleted_at IS NULL", (id,)
        ).rowcount
    if changed == 0:
        raise MissingError(id)


def restore_piled(connection: sqlite3.Connection, id: str) -> dict[str, Any]:
    with transaction(connection):
        connection.execute("UPDATE pile SET deleted_at = NULL WHERE id = ?", (id,))
    return get_piled(connection, id)


def get_photo(connection: sqlite3.Connection, id: str) -> bytes:
    """Raises `MissingError`."""
    row = connection.execute("SELECT jpeg FROM pile_photos WHERE pile_id = ?", (id,)).fetchone()
    if row is None:
        raise MissingError(id)
    return bytes(row["jpeg"])


def set_photo(connection: sqlite3.Connection, id: str, jpeg: bytes | None) -> dict[str, Any]:
    """Keeps a photo with it, or without one takes the old away. Raises `MissingError`."""
    get_piled(connection, id)
    with transaction(connection):
        if jpeg is None:
            connection.execute("DELETE FROM pile_photos WHERE pile_id = ?", (id,))
        else:
            connection.execute("INSERT OR REPLACE INTO pile_photos (pile_id, jpeg) VALUES (?, ?)", (id, jpeg))
    return get_piled(connection, id)


def tick(
    connection: sqlite3.Connection,
    cutting: str,
    line: str,
    takes: Mapping[str, float],
    adds: Sequence[Mapping[str, Any]] = (),
) -> None:
    """Ticks a line off: so much is taken of what lies on the pile, of a scrap all; what is left over is added. Ticked twice it is taken once."""
    with transaction(connection):
        if connection.execute("SELECT 1 FROM ticks WHERE cutting_id = ? AND line = ?", (cutting, line)).fetchone():
            return
        before = {}
        for id, amount in takes.items():
            row = connection.execute("SELECT left_over, outline, deleted_at FROM pile WHERE id = ?", (id,)).fetchone()
            if row is None or row["deleted_at"] is not None:
                continue
            taken = row["left_over"] if row["outline"] is not None else min(amount, row["left_over"])
            before[id] = taken
            connection.execute("UPDATE pile SET left_over = left_over - ? WHERE id = ?", (taken, id))
        added = [_insert(connection, values) for values in adds]
        connection.execute(
            "INSERT INTO ticks (cutting_id, line, undo) VALUES (?, ?, ?)",
            (cutting, line, json.dumps({"taken": before, "added": added})),
        )


def untick(connection: sqlite3.Connection, cutting: str, line: str) -> None:
    """Gives back what the line took, and takes away again what it added."""
    with transaction(connection):
        row = connection.execute(
            "DELETE FROM ticks WHERE cutting_id = ? AND line = ? RETURNING undo", (cutting, line)
        ).fetchone()
        undo = json.loads(row["undo"]) if row else {"taken": {}, "added": []}
        for id, taken in undo["taken"].items():
            connection.execute("UPDATE pile SET left_over = left_over + ? WHERE id = ?", (taken, id))
        for id in undo["added"]:
            connection.execute(f"UPDATE pile SET deleted_at = {_NOW} WHERE id = ?", (id,))


def taken_for(connection: sqlite3.Connection, cutting: str) -> tuple[dict[str, float], set[str]]:
    """What was taken from the pile for a cutting already, and what was added to it that was bought for it: it is reckoned as before."""
    taken: dict[str, float] = {}
    added: set[str] = set()
    for row in connection.execute("SELECT line, undo FROM ticks WHERE cutting_id = ?", (cutting,)):
        undo = json.loads(row["undo"])
        for id, amount in undo.get("taken", {}).items():
            taken[id] = taken.get(id, 0.0) + amount
        if row["line"].startswith("bought "):
            added.update(undo.get("added", []))
    return taken, added


def take_one(connection: sqlite3.Connection, id: str) -> None:
    """Takes one of what is counted, within a transaction. Raises `MissingError` where none is left."""
    changed = connection.execute(
        "UPDATE pile SET left_over = left_over - 1 WHERE id = ? AND deleted_at IS NULL AND left_over >= 1", (id,)
    ).rowcount
    if changed == 0:
        raise MissingError(id)


def add_to(connection: sqlite3.Connection, id: str, count: int) -> None:
    """Puts some more of what is counted there, within a transaction; what was taken off the pile meanwhile lies on it again."""
    connection.execute(
        "UPDATE pile SET left_over = ? + CASE WHEN deleted_at IS NULL THEN left_over ELSE 0 END, deleted_at = NULL WHERE id = ?",
        (count, id),
    )


def put_by(connection: sqlite3.Connection, values: Mapping[str, Any], count: int) -> dict[str, Any]:
    """Puts so many of what is counted to those that are the same (``what``), or lays them down anew."""
    with transaction(connection):
        same = connection.execute(
            "SELECT id FROM pile WHERE what = ? AND deleted_at IS NULL ORDER BY created_at", (values["what"],)
        ).fetchone()
        if same is not None:
            id = str(same["id"])
            add_to(connection, id, count)
        else:
            id = _insert(connection, {**values, "left_over": float(count)})
    return get_piled(connection, id)


def prices(connection: sqlite3.Connection) -> dict[str, dict[str, float | None]]:
    """What things cost, and how many or how much is sold together."""
    rows = connection.execute("SELECT what, price, pack FROM prices")
    return {row["what"]: {"price": row["price"], "pack": row["pack"]} for row in rows}


def set_price(connection: sqlite3.Connection, what: str, price: float | None, pack: float | None) -> None:
    with transaction(connection):
        connection.execute("INSERT OR REPLACE INTO prices (what, price, pack) VALUES (?, ?, ?)", (what, price, pack))


def _insert(connection: sqlite3.Connection, values: Mapping[str, Any]) -> str:
    id = new_id()
    marks = ", ".join("?" * (len(_FIELDS) + 1))
    connection.execute(f"INSERT INTO pile (id, {', '.join(_FIELDS)}) VALUES ({marks})", (id, *_values(values)))
    return id


def _values(values: Mapping[str, Any]) -> list[Any]:
    found = dict(values)
    found["outline"] = None if found.get("outline") is None else json.dumps(found["outline"])
    found["holes"] = json.dumps(found.get("holes", []))
    return [found.get(name) for name in _FIELDS]


def _row(row: sqlite3.Row) -> dict[str, Any]:
    found = {name: row[name] for name in ("id", *_FIELDS)}
    outline = row["outline"]
    return {
        **found,
        "outline": None if outline is None else kept_json(outline, list) or None,
        "holes": kept_json(row["holes"], list),
        "washed": bool(row["washed"]),
        "directional": bool(row["directional"]),
        "photo": bool(row["photo"]),
    }
