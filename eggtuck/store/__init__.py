"""What is kept: one SQLite file, plain SQL, one module of queries per group of tables."""

from .database import MissingError, StaleError, open_database, prepare, transaction
from .errors import ClosedError, FullError, GoneError, StoreError, store_error

__all__ = [
    "ClosedError",
    "FullError",
    "GoneError",
    "MissingError",
    "StaleError",
    "StoreError",
    "open_database",
    "prepare",
    "store_error",
    "transaction",
]
