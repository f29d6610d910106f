"""Looking the file over before anything is done with it: whether it is ours, whole, and not from tomorrow; and setting aside what is not."""

from __future__ import annotations

import contextlib
import json
import sqlite3
from pathlib import Path
from typing import Literal

State = Literal["none", "whole", "newer", "damaged", "foreign"]
# What SQLite keeps in the head of a file that is ours: "EggT".
APPLICATION = 0x45676754
_MAGIC = b"SQLite format 3\x00"
_ASIDE = "set-aside.json"
_BESIDE = ("", "-wal", "-shm")


def look_over(path: Path, newest: int) -> State:
    """What a file is, found without writing to it; ``newest`` is the last change of tables that is known.

    The head alone tells a foreign and a newer file, and SQLite's quick check what is damaged.
    """
    try:
        with path.open("rb") as file:
            head = file.read(100)
    except FileNotFoundError:
        return "none"
    if not head:
        return "none"
    if head[:16] != _MAGIC:
        return "foreign"
    if len(head) < 100:
        return "damaged"
    if _number(head, 68) not in (0, APPLICATION):
        return "foreign"
    if _number(head, 60) > newest:
        return "newer"
    try:
        connection = sqlite3.connect(f"{path.absolute().as_uri()}?mode=ro", uri=True, timeout=10.0)
        try:
            version = connection.execute("PRAGMA user_version").fetchone()[0]
            tables = {row[0] for row in connection.execute("SELECT name FROM sqlite_master WHERE type = 'table'")}
            whole = connection.execute("PRAGMA quick_check(1)").fetchone()[0] == "ok"
        finally:
            connection.close()
    except sqlite3.DatabaseError as error:
        # A file that cannot be opened just now is not thrown aside for that.
        if isinstance(error, sqlite3.OperationalError) and "CORRUPT" not in (error.sqlite_errorname or ""):
            return "whole"
        return "damaged"
    if version > newest:
        return "newer"
    if tables and "projects" not in tables:
        return "foreign"
    return "whole" if whole else "damaged"


def _number(head: bytes, at: int) -> int:
    return int.from_bytes(head[at : at + 4], "big")


def set_aside(path: Path, why: str, when: str) -> str:
    """Gives a file that cannot be used, and its log, a name of its own that tells when; returns it. What was set aside is written down beside it until
    its maker has decided what is to be done."""
    name = f"{path.name}.{why}-{when}"
    nth = 1
    while path.with_name(name).exists():
        nth += 1
        name = f"{path.name}.{why}-{when}-{nth}"
    for end in _BESIDE:
        with contextlib.suppress(FileNotFoundError):
            path.with_name(path.name + end).rename(path.with_name(name + end))
    (path.parent / _ASIDE).write_text(json.dumps({"name": name, "why": why}), encoding="utf-8")
    return name


def was_set_aside(folder: Path) -> dict[str, str] | None:
    """The ``name`` a file was given when it was set aside, and ``why``, as long as nobody has decided; else None."""
    try:
        found = json.loads((folder / _ASIDE).read_text(encoding="utf-8"))
    except (OSError, ValueError):
        return None
    if not isinstance(found, dict):
        return None
    return {"name": str(found.get("name", "")), "why": "foreign" if found.get("why") == "foreign" else "damaged"}


def decided(folder: Path) -> None:
    """Nothing more is asked about what was set aside; it stays where it is."""
    (folder / _ASIDE).unlink(missing_ok=True)
