"""What time it is: the one clock of the server."""

from __future__ import annotations

import time

from flask import current_app


def now() -> float:
    """Seconds since 1970; tests set their own clock as ``CLOCK``."""
    return float(current_app.config.get("CLOCK", time.time)())
