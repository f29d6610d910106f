"""All that is kept, as plain rows: read out, and brought in beside what is there without doubling it."""

from __future__ import annotations

import json
import re
import sqlite3
import zlib
from collections.abc import Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass, field
from functools import cache
from typing import Any, Literal

from ..core.frozen import frozen
from .database import new_id, transaction

# What is done with something that is here already, but not the same: nothing, put what comes in its place, or keep both.
Meeting = Literal["leave", "replace", "both"]
Row = dict[str, Any]

# Searches that are on their way, and who is let in on this machine: of no use to anybody elsewhere.
_PASSING = ("jobs", "used_codes", "sharing", "devices")
# By which of its columns a thing is called.
_CALLED = ("name", "title", "what", "proposal")
# Columns that change without anything being another for it.
_TIMES = ("updated_at",)


@frozen
class Table:
    """A table: its columns, those of its key, those that hold JSON, and by which column it belongs to which other."""

    name: str
    columns: tuple[str, ...]
    key: tuple[str, ...]
    json: frozenset[str]
    blobs: frozenset[str]
    parent: tuple[str, str] | None


@dataclass(slots=True)
class Tree:
    """A row with everything that belongs to it, by table: a project with its history, log and photos."""

    table: str
    row: Row
    parts: dict[str, list[Row]] = field(default_factory=dict)

    @property
    def name(self) -> str:
        """What it is called by its maker."""
        return next((str(self.row[column]) for column in _CALLED if self.row.get(column)), str(self.row.get("id", "")))


@dataclass(slots=True)
class Brought:
    """What became of everything: how much was new, how much was here already, put in the place of another, kept beside another, left."""

    added: int = 0
    same: int = 0
    replaced: int = 0
    both: int = 0
    left: int = 0
    # What is other here and there, and what could not be read, by name.
    others: list[str] = field(default_factory=list)
    unread: list[str] = field(default_factory=list)


@cache
def _json_columns(sql: str) -> frozenset[str]:
    return frozenset(re.findall(r"json_valid\((\w+)\)", sql))


def tables(connection: sqlite3.Connection) -> dict[str, Table]:
    """The tables there are, whatever version they are of."""
    found = {}
    for name, sql in connection.execute(
        "SELECT name, sql FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite%'"
    ):
        if name in _PASSING:
            continue
        info = connection.execute(f"PRAGMA table_info({name})").fetchall()
        parents = [(row[3], row[2]) for row in connection.execute(f"PRAGMA foreign_key_list({name})")]
        # What belongs to a make belongs to its project too.
        parent = next((one for one in parents if one[1] != "makes"), parents[0] if parents else None)
        found[name] = Table(
            name,
            tuple(column[1] for column in info),
            tuple(column[1] for column in sorted(info, key=lambda column: column[5]) if column[5]),
            _json_columns(sql),
            frozenset(column[1] for column in info if column[2] == "BLOB"),
            parent,
        )
    return found


def trees(connection: sqlite3.Connection) -> Iterator[Tree]:
    """Everything that is kept, one thing after the other, from one moment. What was put away is there too."""
    every = tables(connection)
    connection.execute("BEGIN")
    try:
        for table in every.values():
            if table.parent is not None:
                continue
            for row in connection.execute(f"SELECT * FROM {table.name} ORDER BY {', '.join(table.key)}").fetchall():
                tree = Tree(table.name, dict(row))
                _gather(connection, every, table, tree.row, tree)
                yield tree
    finally:
        connection.execute("ROLLBACK")


def _gather(connection: sqlite3.Connection, every: Mapping[str, Table], table: Table, row: Row, tree: Tree) -> None:
    for child in every.values():
        if child.parent is None or child.parent[1] != table.name:
            continue
        rows = connection.execute(
            f"SELECT * FROM {child.name} WHERE {child.parent[0]} = ? ORDER BY {', '.join(child.key)}", (row["id"],)
        ).fetchall()
        for part in rows:
            tree.parts.setdefault(child.name, []).append(dict(part))
            _gather(connection, every, child, dict(part), tree)


def bring_in(connection: sqlite3.Connection, coming: Iterable[Tree], meeting: Meeting) -> Brought:
    """Brings everything in, all or nothing. What is here already as it is stays one; what is here otherwise is met as ``meeting`` says. Columns that
    are not known are left out, those that are missing get what they usually begin with. What no table takes is told as unread."""
    every, brought = tables(connection), Brought()
    with transaction(connection):
        for tree in coming:
            connection.execute("SAVEPOINT thing")
            try:
                _meet(connection, every, tree, meeting, brought)
            except (
                sqlite3.IntegrityError,
                sqlite3.InterfaceError,
                sqlite3.ProgrammingError,
                OverflowError,
                KeyError,
                TypeError,
            ):
                connection.execute("ROLLBACK TO thing")
                brought.unread.append(tree.name)
            connection.execute("RELEASE thing")
    return brought


def _meet(
    connection: sqlite3.Connection, every: Mapping[str, Table], tree: Tree, meeting: Meeting, brought: Brought
) -> None:
    """Brings one thing in."""
    table = every[tree.table]
    here = _here(connection, every, table, tree)
    if here is None:
        _insert(connection, every, tree)
        brought.added += 1
        return
    if _plain(here) == _plain(_as_kept(connection, every, tree)):
        brought.same += 1
        return
    if table.key == ("id",):
        # Habits and prices have no name of their maker's.
        brought.others.append(tree.name)
    if meeting == "replace":
        where = " AND ".join(f"{column} = ?" for column in table.key)
        connection.execute(f"DELETE FROM {table.name} WHERE {where}", [tree.row[column] for column in table.key])
        _insert(connection, every, tree)
        brought.replaced += 1
    elif meeting == "both" and table.key == ("id",):
        _insert(connection, every, _renamed(every, tree))
        brought.both += 1
    else:
        brought.left += 1


def _here(connection: sqlite3.Connection, every: Mapping[str, Table], table: Table, tree: Tree) -> Tree | None:
    where = " AND ".join(f"{column} = ?" for column in table.key)
    row = connection.execute(
        f"SELECT * FROM {table.name} WHERE {where}", [tree.row.get(column) for column in table.key]
    ).fetchone()
    if row is None:
        return None
    here = Tree(table.name, dict(row))
    if "id" in table.columns:
        _gather(connection, every, table, here.row, here)
    return here


def _as_kept(connection: sqlite3.Connection, every: Mapping[str, Table], tree: Tree) -> Tree:
    """The same with only the columns there are, and those it lacks as they usually begin."""

    def whole(name: str, row: Row) -> Row:
        info = connection.execute(f"PRAGMA table_info({name})").fetchall()
        return {column[1]: row[column[1]] if column[1] in row else _usual(connection, column[4]) for column in info}

    parts = {name: [whole(name, row) for row in rows] for name, rows in tree.parts.items() if name in every}
    return Tree(tree.table, whole(tree.table, tree.row), parts)


def _usual(connection: sqlite3.Connection, default: str | None) -> Any:
    return None if default is None else connection.execute(f"SELECT {default}").fetchone()[0]


def _plain(tree: Tree) -> str:
    """The same text for what is the same, however its JSON is written."""

    def told(row: Row) -> Row:
        return {name: _read(value) for name, value in row.items() if name not in _TIMES}

    parts = {
        name: sorted(json.dumps(told(row), sort_keys=True, default=repr) for row in rows)
        for name, rows in tree.parts.items()
        if rows
    }
    return json.dumps([told(tree.row), parts], sort_keys=True, default=repr)


def _read(value: Any) -> Any:
    if isinstance(value, bytes) and value[:1] == b"\x78":
        # However well it is packed.
        return zlib.decompress(value).decode("utf-8", "replace")
    if isinstance(value, str) and value[:1] in '{["':
        try:
            return json.loads(value)
        except ValueError:
            return value
    return value


def _insert(connection: sqlite3.Connection, every: Mapping[str, Table], tree: Tree) -> None:
    _put(connection, every[tree.table], [tree.row])
    # A table comes after the one it belongs to.
    for name in _in_order(every):
        _put(connection, every[name], tree.parts.get(name, ()))


def _in_order(every: Mapping[str, Table]) -> Sequence[str]:
    return sorted(every, key=lambda name: (name in ("spans", "notes", "make_photos"), name == "make_versions"))


def _put(connection: sqlite3.Connection, table: Table, rows: Iterable[Row]) -> None:
    for row in rows:
        known = {name: value for name, value in row.items() if name in table.columns}
        marks = ", ".join("?" * len(known))
        connection.execute(f"INSERT INTO {table.name} ({', '.join(known)}) VALUES ({marks})", list(known.values()))


def _renamed(every: Mapping[str, Table], tree: Tree) -> Tree:
    """The same under new ids throughout, so that it lies beside what has the old ones."""
    ids: dict[str, str] = {tree.row["id"]: new_id()}
    for name, rows in tree.parts.items():
        if every[name].key == ("id",):
            ids |= {row["id"]: new_id() for row in rows}

    def anew(row: Row) -> Row:
        return {
            name: ids.get(value, value) if isinstance(value, str) and (name == "id" or name.endswith("_id")) else value
            for name, value in row.items()
        }

    parts = {name: [anew(row) for row in rows] for name, rows in tree.parts.items()}
    return Tree(tree.table, anew(tree.row), parts)
