"""Parts that were made ahead: taken from the pile for a make in hand, given back, or put there."""

from __future__ import annotations

import json
import sqlite3
from collections.abc import Mapping
from typing import Any

from .database import MissingError, kept_json, transaction
from .pile import add_to, take_one


def ready_of(connection: sqlite3.Connection, project_id: str) -> dict[str, dict[str, str]]:
    """What was taken for a make, by the piece it is called after: ``pile`` and ``signature``. Raises `MissingError`."""
    row = connection.execute("SELECT ready FROM projects WHERE id = ?", (project_id,)).fetchone()
    if row is None:
        raise MissingError(project_id)
    found: dict[str, dict[str, str]] = kept_json(row["ready"], dict)
    return found


def take_ready(connection: sqlite3.Connection, project_id: str, first: str, pile_id: str, signature: str) -> None:
    """Takes one from the pile for a make; taken twice it is taken once. Raises `MissingError` where none is left."""
    with transaction(connection):
        ready = ready_of(connection, project_id)
        if first in ready:
            return
        take_one(connection, pile_id)
        _keep(connection, project_id, {**ready, first: {"pile": pile_id, "signature": signature}})


def give_back(connection: sqlite3.Connection, project_id: str, first: str) -> None:
    """Puts it on the pile again."""
    with transaction(connection):
        ready = ready_of(connection, project_id)
        taken = ready.pop(first, None)
        if taken is None:
            return
        add_to(connection, taken["pile"], 1)
        _keep(connection, project_id, ready)


def use_up(connection: sqlite3.Connection, project_id: str) -> None:
    """What was taken has become part of a make that is finished."""
    with transaction(connection):
        _keep(connection, project_id, {})


def _keep(connection: sqlite3.Connection, project_id: str, ready: Mapping[str, Any]) -> None:
    connection.execute("UPDATE projects SET ready = ? WHERE id = ?", (json.dumps(ready), project_id))
