"""Running the server."""

from __future__ import annotations

import logging
import os
import socket
import sys
from collections.abc import Callable
from pathlib import Path

import waitress
from flask import Flask

from .app import create_app


def serve(data: Path, host: str, port: int, prepare: Callable[[Flask], object] | None = None) -> int:
    """Serves until stopped, after ``prepare`` has seen the application. Returns 2 when the port is taken."""
    logging.getLogger("waitress.queue").setLevel(logging.ERROR)
    os.environ.setdefault("OPENBLAS_NUM_THREADS", "1")
    with socket.socket(socket.AF_INET6 if ":" in host else socket.AF_INET) as probe:
        probe.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
        try:
            probe.bind((host, port))
        except OSError as error:
            print(f"Port {port} cannot be used ({error.strerror}). Choose another: --port {port + 1}", file=sys.stderr)
            return 2
    app = create_app(data)
    if prepare is not None:
        prepare(app)
    print(f"Egg Tuck is ready: http://{host}:{port}/", flush=True)
    waitress.serve(app, host=host, port=port, threads=4, ident=None)
    return 0
