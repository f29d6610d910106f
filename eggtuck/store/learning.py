"""What was answered to what the log proposes."""

from __future__ import annotations

import sqlite3

from .database import transaction


def answers(connection: sqlite3.Connection) -> dict[str, str]:
    """Of every proposal that is not to be made again, ``never``."""
    return {row["proposal"]: row["answer"] for row in connection.execute("SELECT proposal, answer FROM answers")}


def keep_answer(connection: sqlite3.Connection, proposal: str, answer: str) -> None:
    with transaction(connection):
        connection.execute("INSERT OR REPLACE INTO answers (proposal, answer) VALUES (?, ?)", (proposal, answer))


def forget_answer(connection: sqlite3.Connection, proposal: str) -> None:
    """It may be proposed again."""
    with transaction(connection):
        connection.execute("DELETE FROM answers WHERE proposal = ?", (proposal,))
