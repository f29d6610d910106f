"""Work that takes longer than anyone waits for an answer: a process of its own, that ends when its time is up or it is told to."""

from .starting import MOST_AT_ONCE, start

__all__ = ["MOST_AT_ONCE", "start"]
