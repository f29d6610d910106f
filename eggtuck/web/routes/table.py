"""The one table of operations, and the connection of the request at hand."""

from __future__ import annotations

import sqlite3

from flask import current_app, g

from ...store import open_database
from ..contract import Api

API = Api()


def database() -> sqlite3.Connection:
    """This request's connection; closed when the request ends."""
    if "database" not in g:
        g.database = open_database(current_app.config["DATA"])
    connection: sqlite3.Connection = g.database
    return connection


def close_database(_: BaseException | None = None) -> None:
    connection = g.pop("database", None)
    if connection is not None:
        connection.close()
