"""Opening the file, bringing its tables up to date, and transactions."""

from __future__ import annotations

import contextlib
import datetime
import json
import os
import secrets
import sqlite3
import time
from collections.abc import Iterator
from contextlib import contextmanager
from functools import cache
from importlib import resources
from importlib.resources.abc import Traversable
from pathlib import Path
from typing import Any

from ..core.errors import EggTuckError
from .copies import make_copy
from .errors import BusyError, ClosedError, GoneError, NewerError, store_error
from .looked_over import APPLICATION, look_over, set_aside

FILE = "egg-tuck.sqlite3"
# How often, and with how long a pause (s), the write-ahead log is asked for while others open the file.
_ATTEMPTS, _PAUSE = 200, 0.05


class MissingError(EggTuckError, LookupError):
    """There is no such row, or it was deleted."""


class StaleError(EggTuckError):
    """The row was changed by somebody else since it was read."""


def prepare(folder: Path) -> str | None:
    """Makes the folder ready before anybody opens its file: both are its owner's alone; a file that is damaged or foreign is set aside and its new
    name returned. Raises `NewerError`, and `ClosedError` where the folder cannot be made."""
    try:
        folder.mkdir(mode=0o700, parents=True, exist_ok=True)
    except OSError as error:
        raise ClosedError(folder=str(folder)) from error
    with contextlib.suppress(OSError):
        # On a disk that knows no owners there is nothing to be done.
        for path in (folder, *folder.glob(f"{FILE}*")):
            path.chmod(path.stat().st_mode & ~0o077)
    state = look_over(folder / FILE, len(_migrations()))
    if state == "newer":
        raise NewerError(folder=str(folder))
    if state in ("damaged", "foreign"):
        return set_aside(folder / FILE, state, time.strftime("%Y-%m-%d-%H%M"))
    return None


def open_database(folder: Path, create: bool = True) -> sqlite3.Connection:
    """A connection to the file in ``folder``, made if needed, with every migration applied. Where nothing can be written, one that reads.

    Write-ahead log with full syncing: once a write is acknowledged, neither a killed process nor a
    power cut loses it.

    Raises:
        GoneError: without ``create``, where there is no such file.
        NewerError: it is from a newer Egg Tuck.
        ClosedError: it can neither be written nor, as it is, be read.
    """
    path = folder / FILE
    if create:
        folder.mkdir(mode=0o700, parents=True, exist_ok=True)
    elif not path.exists():
        raise GoneError(folder=str(folder))
    for attempt in range(_ATTEMPTS):
        connection = _connected(str(path))
        try:
            _write_ahead(connection)
            connection.execute("PRAGMA synchronous = FULL")
            _migrate(connection, folder)
            if path.stat().st_mode & 0o077:
                # Its owner's alone. It is never opened but through SQLite: closing it would let go of the locks held here.
                path.chmod(path.stat().st_mode & ~0o077)
        except sqlite3.OperationalError as error:
            connection.close()
            if not isinstance(store_error(error), ClosedError | GoneError):
                raise
            if not (os.access(folder, os.W_OK) and os.access(path, os.W_OK)):
                break
            # Another opener or closer was in the midst of it.
            if attempt == _ATTEMPTS - 1:
                raise
            time.sleep(_PAUSE)
        else:
            return connection
    return _to_read(path)


def _connected(name: str) -> sqlite3.Connection:
    connection = sqlite3.connect(name, isolation_level=None, timeout=10.0, uri=name.startswith("file:"))
    connection.row_factory = sqlite3.Row
    # Letters of every language, which SQLite's own lower() does not know.
    connection.create_function("fold", 1, str.casefold, deterministic=True)
    connection.execute("PRAGMA foreign_keys = ON")
    return connection


def _to_read(path: Path) -> sqlite3.Connection:
    """A connection that only reads, of a file that cannot be written. Its log can be read where it lies beside it; without a log the file is whole by
    itself."""
    log = path.with_name(path.name + "-wal")
    alone = not log.exists() or log.stat().st_size == 0
    for how in ("mode=ro", *(("immutable=1",) if alone else ())):
        try:
            connection = _connected(f"{path.absolute().as_uri()}?{how}")
            if connection.execute("PRAGMA user_version").fetchone()[0] == len(_migrations()):
                return connection
            connection.close()
        except sqlite3.OperationalError:
            continue
    raise ClosedError(folder=str(path.parent))


@contextmanager
def transaction(connection: sqlite3.Connection) -> Iterator[sqlite3.Connection]:
    """All or nothing. Takes the write lock at once, so that two writers never interleave. Within another it is part of that."""
    if connection.in_transaction:
        yield connection
        return
    connection.execute("BEGIN IMMEDIATE")
    try:
        yield connection
    except BaseException:
        # Where the disk is full SQLite has gone back by itself.
        if connection.in_transaction:
            connection.execute("ROLLBACK")
        raise
    connection.execute("COMMIT")


def kept_json(text: str, kind: type) -> Any:
    """What is written in a column, where it is of the kind it has to be; else an empty one. One row that is not as it should be hides no other."""
    try:
        value = json.loads(text)
    except ValueError:
        return kind()
    return value if isinstance(value, kind) else kind()


def kept_day(text: object) -> str:
    """A day (ISO) as it is kept; none where it is not one."""
    try:
        return datetime.date.fromisoformat(str(text)).isoformat()
    except ValueError:
        return ""


def kept_makes(text: str) -> list[dict[str, Any]]:
    """Makes with their counts, as cuttings and plans keep them; what is none is left out."""
    found = (one for one in kept_json(text, list) if isinstance(one, dict))
    return [one for one in found if isinstance(one.get("project"), str) and isinstance(one.get("count"), int)]


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
        except sqlite3.OperationalError as error:
            if attempt == _ATTEMPTS - 1 or not isinstance(store_error(error), BusyError):
                raise
            time.sleep(_PAUSE)


@cache
def _migrations() -> tuple[Traversable, ...]:
    """The numbered changes of tables, in order."""
    every = resources.files("eggtuck.store").joinpath("migrations").iterdir()
    return tuple(sorted((item for item in every if item.name.endswith(".sql")), key=lambda item: item.name))


def newest_tables() -> int:
    """How many changes of tables there have been."""
    return len(_migrations())


def _migrate(connection: sqlite3.Connection, folder: Path) -> None:
    """Apply the numbered files that this database has not seen, all or none of them; a copy of how it was before is kept."""
    files = _migrations()
    done = connection.execute("PRAGMA user_version").fetchone()[0]
    if done > len(files):
        raise NewerError(folder=str(folder))
    if done == len(files):
        return
    with transaction(connection):
        # Another process may have been here between the look and the lock.
        done = connection.execute("PRAGMA user_version").fetchone()[0]
        if 0 < done < len(files):
            # What writes cannot be copied from: another connection still sees it as it was.
            before = sqlite3.connect(folder / FILE, isolation_level=None)
            try:
                make_copy(before, folder, time.strftime("%Y-%m-%d"), f"tables-{len(files)}")
            finally:
                before.close()
        for file in files[done:]:
            for statement in _statements(file.read_text(encoding="utf-8")):
                connection.execute(statement)
        connection.execute(f"PRAGMA user_version = {max(done, len(files))}")
        connection.execute(f"PRAGMA application_id = {APPLICATION}")


def _statements(script: str) -> Iterator[str]:
    statement = ""
    for line in script.splitlines(keepends=True):
        statement += line
        if sqlite3.complete_statement(statement):
            yield statement
            statement = ""
