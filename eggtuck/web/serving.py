"""Running the server: as many processes as there are cores, all answering at one address."""

from __future__ import annotations

import ipaddress
import os
import socket
import sqlite3
import sys
import threading
import webbrowser
from collections.abc import Callable
from pathlib import Path
from typing import Any

from flask import Flask
from gunicorn.app.base import BaseApplication

from ..core.lengths import Ruler
from ..core.words import LANGUAGES, SPOKEN, Speaker, msg
from ..store import StoreError, store_error
from ..store import prepare as prepare_folder
from .app import create_app
from .door import Door

# Requests at once in one process: while one draws, others wait for the database or for a slow client.
THREADS = 4
# A process that has not stirred for so long is started anew (s).
STUCK = 120


class _Server(BaseApplication):  # type: ignore[misc]
    def __init__(self, app: Flask, options: dict[str, Any]) -> None:
        self.served, self.options = app, options
        super().__init__()

    def load_config(self) -> None:
        for name, value in self.options.items():
            self.cfg.set(name, value)

    def load(self) -> Flask:
        return self.served


def _ready(address: str) -> None:
    """Tells the address, and opens it where somebody sits before a screen."""
    print(f"Egg Tuck is ready: {address}", flush=True)
    seen = sys.platform in ("darwin", "win32") or any(os.environ.get(name) for name in ("DISPLAY", "WAYLAND_DISPLAY"))
    if seen and sys.stdout.isatty():
        threading.Thread(target=webbrowser.open, args=(address,), daemon=True).start()


def _is_here(host: str) -> bool:
    """Whether only this machine reaches what listens there."""
    try:
        return host == "localhost" or ipaddress.ip_address(host).is_loopback
    except ValueError:
        return False


def serve(data: Path, host: str, port: int, prepare: Callable[[Flask], object] | None = None) -> int:
    """Serves until stopped, after ``prepare`` has seen the application. Returns 2 when the port is taken."""
    os.environ.setdefault("OPENBLAS_NUM_THREADS", "1")
    if not _is_here(host):
        print(Speaker(Ruler()).say(msg("refused.outside", host=host)), file=sys.stderr)
        return 2
    with socket.socket(socket.AF_INET6 if ":" in host else socket.AF_INET) as probe:
        probe.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
        try:
            probe.bind((host, port))
        except OSError as error:
            taken = msg("refused.port", port=str(port), why=str(error.strerror), other=str(port + 1))
            print(Speaker(Ruler()).say(taken), file=sys.stderr)
            return 2
    # What is made here is its owner's alone.
    os.umask(0o077)
    try:
        prepare_folder(data)
        door = Door(data)
        app = create_app(data, door)
    except (StoreError, sqlite3.Error) as error:
        known = error if isinstance(error, StoreError) else store_error(error) or StoreError()
        print(Speaker(Ruler()).say(msg(f"refused.file-{known.words}.text")), file=sys.stderr)
        return 2
    app.config["COPIES"] = True
    # Read once, before there are workers.
    for language in SPOKEN:
        LANGUAGES[language].read()
    if prepare is not None:
        prepare(app)
    told = f"[{host}]" if ":" in host else host
    options = {
        "bind": f"{told}:{port}",
        "workers": len(os.sched_getaffinity(0)),
        "worker_class": "eggtuck.web.worker.Worker",
        "threads": THREADS,
        "keepalive": 75,
        "timeout": STUCK,
        "graceful_timeout": 5,
        "loglevel": "error",
        "when_ready": lambda _: _ready(door.address(f"http://{told}:{port}/")),
    }
    _Server(app, options).run()
    return 0
