"""Opening the file, bringing its tables up to date, and transactions."""

from __future__ import annotations

import secrets
import sqlite3
import time
from collections.abc import Iterator
from contextlib import contextmanager
from importlib import resources
from pathlib import Path

from ..core.errors import EggTuckError

FILE = "egg-tuck.sqlite3"
# How often, and with how long a pause (s), the write-ahead log is asked for while others open the file.
_ATTEMPTS, _PAUSE = 200, 0.05


class MissingError(EggTuckError, LookupError):
    """There is no such row, or it was deleted."""


class StaleError(EggTuckError):
    """The row was changed by somebody else since it was read."""


def open_database(folder: Path) -> sqlite3.Connection:
    """A connection to the file in ``folder``, made if needed, with every migration applied.

    Write-ahead log with full syncing: once a write is acknowledged, neither a killed process nor a
    power cut loses it.
    """
    folder.mkdir(parents=True, exist_ok=True)
    connection = sqlite3.connect(folder / FILE, isolation_level=None, timeout=10.0)
    connection.row_factory = sqlite3.Row
    # Letters of every language, which SQLite's own lower() does not know.
    connection.create_function("fold", 1, str.casefold, deterministic=True)
    _write_ahead(connection)
    connection.execute("PRAGMA synchronous = FULL")
    connection.execute("PRAGMA foreign_keys = ON")
    _migrate(connection)
    return connection


@contextmanager
def transaction(connection: sqlite3.Connection) -> Iterator[sqlite3.Connection]:
    """All or nothing. Takes the write lock at once, so that two writers never interleave."""
    connection.execute("BEGIN IMMEDIATE")
    try:
        yield connection
    except BaseException:
        connection.execute("ROLLBACK")
        raise
    connection.execute("COMMIT")


def new_id() -> str:
    """A short name for a new row that cannot be guessed from the others."""
    return secrets.token_urlsafe(9)


def _write_ahead(connection: sqlite3.Connection) -> None:
    """Turns the write-ahead log on. While another opener does the same SQLite refuses at once, whatever its timeout. Raises
    sqlite3.OperationalError when that does not end."""
    for attempt in range(_ATTEMPTS):
        try:
            connection.execute("PRAGMA journal_mode = WAL")
            return
        except sqlite3.OperationalError:
            if attempt == _ATTEMPTS - 1:
                raise
            time.sleep(_PAUSE)


def _migrate(connection: sqlite3.Connection) -> None:
    """Apply the numbered files that this database has not seen, each in its own transaction."""
    done = connection.execute("PRAGMA user_version").fetchone()[0]
    files = sorted(
        (
            item
            for item in resources.files("eggtuck.store").joinpath("migrations").iterdir()
            if item.name.endswith(".sql")
        ),
        key=lambda item: item.name,
    )
    for file in files[done:]:
        number = int(file.name.split("_", 1)[0])
        with transaction(connection):
            # Another process may have been here between the look and the lock.
            if connection.execute("PRAGMA user_version").fetchone()[0] >= number:
                continue
            for statement in _statements(file.read_text(encoding="utf-8")):
                connection.execute(statement)
            connection.execute(f"PRAGMA user_version = {number}")


def _statements(script: str) -> Iterator[str]:
    statement = ""
    for line in script.splitlines(keepends=True):
        statement += line
        if sqlite3.complete_statement(statement):
            yield statement
            statement = ""
