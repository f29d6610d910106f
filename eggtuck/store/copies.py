"""Dated copies of the file: one a day and one before its tables change, made while writing goes on; the newest are kept."""

from __future__ import annotations

import contextlib
import os
import re
import sqlite3
from pathlib import Path

from ..core.frozen import frozen
from .errors import disk_told

FOLDER = "copies"
# So many of the days are kept, and so many others.
KEPT = 10
_NAME = re.compile(r"egg-tuck-(\d{4}-\d\d-\d\d)(?:-before-([a-z0-9-]+))?\.sqlite3")


@frozen
class Copy:
    """A copy by its file's ``name``: of which ``day`` (ISO), and before what it was made; empty for that of the day. ``when`` it was made (s since
    1970), and how large it is (bytes)."""

    name: str
    day: str
    before: str
    path: Path
    when: float
    size: int


def list_copies(folder: Path) -> list[Copy]:
    """The copies there are, the newest first."""
    found = []
    with contextlib.suppress(OSError):
        for path in (folder / FOLDER).iterdir():
            match = _NAME.fullmatch(path.name)
            # Another process may take an old one away meanwhile.
            with contextlib.suppress(FileNotFoundError):
                if match:
                    told = path.stat()
                    found.append(Copy(path.name, match[1], match[2] or "", path, told.st_mtime, told.st_size))
    return sorted(found, key=lambda copy: (copy.when, copy.name), reverse=True)


def anything_kept(connection: sqlite3.Connection) -> bool:
    """Whether there is anything that a copy would be of."""
    found = connection.execute("SELECT EXISTS (SELECT 1 FROM projects) OR EXISTS (SELECT 1 FROM things)").fetchone()
    return bool(found[0])


def make_copy(connection: sqlite3.Connection, folder: Path, day: str, before: str = "") -> Copy | None:
    """A copy of everything as it is at this moment, whole before it gets its name; None where that one is there already. Raises `FullError` and `ClosedError`
    where there is no room for it, or nothing may be written, and sqlite3.Error."""
    name = f"egg-tuck-{day}{f'-before-{before}' if before else ''}.sqlite3"
    place = folder / FOLDER
    with disk_told():
        place.mkdir(mode=0o700, exist_ok=True)
    path, making = place / name, place / f".{name}.{os.getpid()}"
    if path.exists():
        return None
    try:
        # In one step, from one moment: writers neither wait nor are waited for.
        copy = sqlite3.connect(making, isolation_level=None)
        try:
            with disk_told():
                making.chmod(0o600)
            connection.backup(copy)
            copy.execute("PRAGMA journal_mode = DELETE")
            whole = copy.execute("PRAGMA quick_check(1)").fetchone()[0] == "ok"
        finally:
            copy.close()
        if not whole:
            return None
        making.replace(path)
    finally:
        making.unlink(missing_ok=True)
    # Those of the days apart: no press of a button pushes one of them out.
    for alike in ((copy for copy in list_copies(folder) if bool(copy.before) == kind) for kind in (False, True)):
        for old in list(alike)[KEPT:]:
            old.path.unlink(missing_ok=True)
    return next(copy for copy in list_copies(folder) if copy.name == name)
