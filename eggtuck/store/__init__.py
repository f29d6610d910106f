"""What is kept: one SQLite file, plain SQL, one module of queries per group of tables."""

from .database import MissingError, StaleError, open_database, transaction

__all__ = ["MissingError", "StaleError", "open_database", "transaction"]
