"""Starting a search for a better lay."""

from __future__ import annotations

import subprocess
import sys
from pathlib import Path

# Each takes a core for itself.
MOST_AT_ONCE = 2
_started: list[subprocess.Popen[bytes]] = []


def start(data: Path, cutting: str, cloth: str) -> None:
    """Begins to search for the job that is written down for a cloth; it writes what it finds beside it."""
    # Those that have ended are let go.
    _started[:] = [process for process in _started if process.poll() is None]
    command = [sys.executable, "-m", "eggtuck.background", str(data), cutting, cloth]
    quiet = subprocess.DEVNULL
    _started.append(subprocess.Popen(command, stdin=quiet, stdout=quiet, stderr=quiet, start_new_session=True))
