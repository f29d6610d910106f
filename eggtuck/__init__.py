"""Egg Tuck: from a real thing to flat pattern pieces that fit round it."""

__version__ = "0.33.0"
