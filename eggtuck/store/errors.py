"""What can be wrong with the file or the disk, each told in words of its own."""

from __future__ import annotations

import errno
import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager

from ..core.errors import EggTuckError


class StoreError(EggTuckError):
    """The file cannot be used. ``words`` names what is said (``refused.file-<words>``), ``say`` what fills it; ``status`` is what HTTP calls it."""

    words = "trouble"
    status = 503

    def __init__(self, **say: str) -> None:
        super().__init__(self.words)
        self.say = say


class NewerError(StoreError):
    """It was written by a newer Egg Tuck: it is left as it is."""

    words = "newer"


class DamagedError(StoreError):
    """SQLite finds it damaged."""

    words = "damaged"


class GoneError(StoreError):
    """The folder or the file is not there any more."""

    words = "gone"


class FullError(StoreError):
    """The disk is full: what is kept stays readable."""

    words = "full"
    status = 507


class ClosedError(StoreError):
    """It may be read but not written."""

    words = "closed"


class BusyError(StoreError):
    """Another program holds it for longer than anyone waits."""

    words = "busy"


_KINDS: dict[str, type[StoreError]] = {
    "SQLITE_FULL": FullError,
    "SQLITE_READONLY": ClosedError,
    "SQLITE_PERM": ClosedError,
    "SQLITE_CANTOPEN": GoneError,
    "SQLITE_CORRUPT": DamagedError,
    "SQLITE_NOTADB": DamagedError,
    "SQLITE_BUSY": BusyError,
    "SQLITE_LOCKED": BusyError,
    "SQLITE_IOERR": FullError,
}


@contextmanager
def disk_told() -> Iterator[None]:
    """What the disk says of itself, as what it means to a maker."""
    try:
        yield
    except OSError as error:
        raise (FullError if error.errno in (errno.ENOSPC, errno.EDQUOT) else ClosedError)() from error


def store_error(error: sqlite3.Error) -> StoreError | None:
    """What an error of SQLite means to a maker; None where it says nothing of the file. Writes fail with an input-output error where a disk is full
    or a quota is reached in the midst of one, so that is told as such."""
    name = getattr(error, "sqlite_errorname", None) or ""
    kind = next((kind for begin, kind in _KINDS.items() if name.startswith(begin)), None)
    return None if kind is None else kind()
