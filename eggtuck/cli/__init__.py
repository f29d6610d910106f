"""The command line: the same functions without a browser."""

from .main import main

__all__ = ["main"]
