"""Devices beside this machine that may come in, and whether any is answered at all."""

from __future__ import annotations

import contextlib
import hashlib
import secrets
import sqlite3
import time
from typing import Any, Literal, cast

from ..core.frozen import frozen
from .database import MissingError, new_id, transaction

May = Literal["sew", "all"]
# How long a code may wait to be used, and how often it is noted that a device was seen (s).
CODE_LASTS, SEEN_EVERY = 600, 60
# Without what is taken for something else where it is read off one screen and typed into another.
_SIGNS = "23456789ABCDEFGHJKMNPQRSTUVWXYZ"
_LONG = 8


@frozen
class Device:
    """A device that has come in, and what it may do."""

    id: str
    name: str
    may: May


def shared_at(connection: sqlite3.Connection) -> str | None:
    """The address others are answered at, "" for those this machine has in its networks; None where nobody is."""
    row = connection.execute("SELECT address FROM sharing").fetchone()
    return None if row is None else str(row["address"])


def share(connection: sqlite3.Connection, address: str) -> None:
    """From now on others are answered."""
    with transaction(connection):
        connection.execute("INSERT OR REPLACE INTO sharing (one, address) VALUES (1, ?)", (address,))


def share_no_more(connection: sqlite3.Connection) -> None:
    """From now on nobody else is answered; codes that were not used are void."""
    with transaction(connection):
        connection.execute("DELETE FROM sharing")
        connection.execute("DELETE FROM devices WHERE secret IS NULL")


def invite(connection: sqlite3.Connection, name: str, may: May) -> tuple[str, str]:
    """The id of a device that may come in, and the code it does so with: within `CODE_LASTS`, once. An earlier code that was not used is void."""
    id, code = new_id(), "".join(secrets.choice(_SIGNS) for _ in range(_LONG))
    with transaction(connection):
        connection.execute("DELETE FROM devices WHERE secret IS NULL")
        connection.execute(
            "INSERT INTO devices (id, name, may, code, code_until) VALUES (?, ?, ?, ?, ?)",
            (id, name, may, _digest(code), time.time() + CODE_LASTS),
        )
    return id, code


def come_in(connection: sqlite3.Connection, code: str) -> str | None:
    """The secret of the device a code is for, which is used then; None for any other code. Case and what is put between its signs are nothing."""
    secret = secrets.token_urlsafe(32)
    typed = "".join(sign for sign in code.upper() if sign in _SIGNS)
    with transaction(connection):
        used = connection.execute(
            "UPDATE devices SET secret = ?, code = NULL, code_until = NULL, came_in = datetime('now'), seen = datetime('now') "
            "WHERE code = ? AND code_until > ?",
            (_digest(secret), _digest(typed), time.time()),
        )
    return secret if used.rowcount == 1 else None


def known_device(connection: sqlite3.Connection, secret: str) -> Device | None:
    """The device that holds a secret, as long as others are answered; it is noted now and then that it was seen."""
    row = connection.execute(
        "SELECT id, name, may, unixepoch() - unixepoch(seen) AS ago FROM devices WHERE secret = ? AND EXISTS (SELECT 1 FROM sharing)",
        (_digest(secret),),
    ).fetchone()
    if row is None:
        return None
    if row["ago"] is None or row["ago"] >= SEEN_EVERY:
        # Where nothing can be written it is let in all the same.
        with contextlib.suppress(sqlite3.Error):
            connection.execute("UPDATE devices SET seen = datetime('now') WHERE id = ?", (row["id"],))
    return Device(row["id"], row["name"], cast(May, row["may"]))


def list_devices(connection: sqlite3.Connection) -> list[dict[str, Any]]:
    """Those that have come in, the latest first: id, name, may, came_in and seen (UTC)."""
    rows = connection.execute(
        "SELECT id, name, may, came_in, seen FROM devices WHERE secret IS NOT NULL ORDER BY came_in DESC, id"
    )
    return [dict(row) for row in rows]


def change_device(connection: sqlite3.Connection, id: str, name: str, may: May) -> None:
    """Raises `MissingError`."""
    with transaction(connection):
        if connection.execute("UPDATE devices SET name = ?, may = ? WHERE id = ?", (name, may, id)).rowcount == 0:
            raise MissingError(id)


def take_off(connection: sqlite3.Connection, id: str) -> None:
    """It is not known any more from its next request on. Raises `MissingError`."""
    with transaction(connection):
        if connection.execute("DELETE FROM devices WHERE id = ?", (id,)).rowcount == 0:
            raise MissingError(id)


def _digest(text: str) -> str:
    return hashlib.sha256(text.encode()).hexdigest()
