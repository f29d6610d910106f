"""Starting a search."""

from __future__ import annotations

import subprocess
import sys
from pathlib import Path

# Each takes a core for itself.
MOST_AT_ONCE = 2
_started: list[subprocess.Popen[bytes]] = []


def start(data: Path, what: str, *of: str) -> None:
    """Begins to search for what is written down: a better ``lay`` of a cloth, a better ``order`` of a batch; what is found is written beside it."""
    # Those that have ended are let go.
    _started[:] = [process for process in _started if process.poll() is None]
    command = [sys.executable, "-m", "eggtuck.background", str(data), what, *of]
    quiet = subprocess.DEVNULL
    _started.append(subprocess.Popen(command, stdin=quiet, stdout=quiet, stderr=quiet, start_new_session=True))
