"""The maker's habits."""

from __future__ import annotations

import json
import sqlite3
from collections.abc import Mapping
from typing import Any

from .database import transaction


def get_settings(connection: sqlite3.Connection) -> dict[str, Any]:
    """What was set; names never set are absent."""
    return {row["name"]: json.loads(row["value"]) for row in connection.execute("SELECT name, value FROM settings")}


def set_settings(connection: sqlite3.Connection, values: Mapping[str, Any]) -> None:
    with transaction(connection):
        connection.executemany(
            "INSERT INTO settings (name, value) VALUES (?, ?) ON CONFLICT (name) DO UPDATE SET value = excluded.value",
            [(name, json.dumps(value)) for name, value in values.items()],
        )
