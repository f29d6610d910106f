"""What is kept: one SQLite file, plain SQL, one module of queries per group of tables."""

from .database import Missing, Stale, open_database, transaction

__all__ = ["Missing", "Stale", "open_database", "transaction"]
