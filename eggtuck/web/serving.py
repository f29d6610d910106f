"""Running the server: as many processes as there are cores, all answering at one address; and one beside it for devices, where that is wished for."""

from __future__ import annotations

import gc
import ipaddress
import os
import socket
import sqlite3
import sys
import threading
import webbrowser
from collections.abc import Callable
from contextlib import closing
from pathlib import Path
from typing import Any

import segno
from flask import Flask
from gunicorn.app.base import BaseApplication

from ..core.lengths import Ruler
from ..core.words import LANGUAGES, SPOKEN, Message, Speaker, msg
from ..store import StoreError, open_database, store_error
from ..store import prepare as prepare_folder
from ..store.devices import invite, list_devices, share, shared_at
from .addresses import address_of, check_addresses, wanted_addresses
from .app import create_app
from .door import Door, SideDoor, with_code
from .porter import Porter
from .problems import RefusedError

# Requests at once in one process: while one draws, others wait for the database or for a slow client.
THREADS = 4
# A process that has not stirred for so long is started anew (s).
STUCK = 120
# How seldom what nobody holds any more is looked for (objects, rounds, rounds): a draft makes thousands of objects and holds most of them, and
# looking through all that is remembered takes longer than ten drafts.
_SELDOM = (10_000, 20, 20)


class _Server(BaseApplication):  # type: ignore[misc]
    def __init__(self, app: Flask, bind: list[str], workers: int, ready: Callable[[], object] = bool) -> None:
        self.served = app
        self.options: dict[str, Any] = {
            "bind": bind,
            "workers": workers,
            "worker_class": "eggtuck.web.worker.Worker",
            "threads": THREADS,
            "keepalive": 75,
            "timeout": STUCK,
            "graceful_timeout": 5,
            "loglevel": "error",
            "when_ready": lambda _: ready(),
        }
        super().__init__()

    def load_config(self) -> None:
        for name, value in self.options.items():
            self.cfg.set(name, value)

    def load(self) -> Flask:
        return self.served


def _open(address: str) -> None:
    """Opens an address where somebody sits before a screen."""
    seen = sys.platform in ("darwin", "win32") or any(os.environ.get(name) for name in ("DISPLAY", "WAYLAND_DISPLAY"))
    if seen and sys.stdout.isatty():
        threading.Thread(target=webbrowser.open, args=(address,), daemon=True).start()


def _is_here(host: str) -> bool:
    """Whether only this machine reaches what listens there."""
    try:
        return host == "localhost" or ipaddress.ip_address(host).is_loopback
    except ValueError:
        return False


def serve(
    data: Path, host: str, port: int, prepare: Callable[[Flask], object] | None = None, shared: str | None = None
) -> int:
    """Serves until stopped, after ``prepare`` has seen the application; ``shared`` lets devices beside this machine in, at the address named or, if it
    is "", at this machine's own. Returns 2 when the port is taken or the data cannot be used."""
    os.environ.setdefault("OPENBLAS_NUM_THREADS", "1")
    if not _is_here(host):
        return _refuse(msg("refused.outside", host=host))
    with socket.socket(socket.AF_INET6 if ":" in host else socket.AF_INET) as probe:
        probe.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
        try:
            probe.bind((host, port))
        except OSError as error:
            return _refuse(msg("refused.port", port=str(port), why=str(error.strerror), other=str(port + 1)))
    # What is made here is its owner's alone.
    os.umask(0o077)
    # Read once, before there are others.
    for language in SPOKEN:
        LANGUAGES[language].read()
    try:
        prepare_folder(data)
        pairing = None if shared is None else _begin_sharing(data, shared, port)
        porter = Porter(data, lambda at: _answer_devices(data, at, port))
        door = Door(data)
        app = create_app(data, door)
    except (StoreError, sqlite3.Error) as error:
        known = error if isinstance(error, StoreError) else store_error(error) or StoreError()
        return _refuse(msg(f"refused.file-{known.words}.text"))
    except RefusedError as error:
        return _refuse(error.problems[0][1])
    app.config["COPIES"] = True
    app.extensions["porter"], app.config["PORT"] = porter, port
    if prepare is not None:
        prepare(app)
    told = f"[{host}]" if ":" in host else host
    address = door.address(f"http://{told}:{port}/")

    def ready() -> None:
        print(f"Egg Tuck is ready: {address}", flush=True)
        _tell_sharing(data, port, pairing)
        _open(address)

    # What was read before the first request stays for good: no process looks through it again, and all share it.
    gc.collect()
    gc.freeze()
    gc.set_threshold(*_SELDOM)
    _Server(app, [f"{told}:{port}"], len(os.sched_getaffinity(0)), ready).run()
    return 0


def _answer_devices(data: Path, at: list[str], port: int) -> None:
    app = create_app(data, SideDoor(), frozenset(at))
    app.config["PORT"] = port
    _Server(app, [f"{address}:{port}" for address in at], 1).run()


def _begin_sharing(data: Path, address: str, port: int) -> str:
    """The address with a code for one device, which may sew."""
    at = check_addresses(address, port)[0]
    with closing(open_database(data)) as connection:
        share(connection, address)
        _, code = invite(connection, Speaker(Ruler()).say(msg("device.tablet")), "sew")
    return with_code(address_of(at, port), code)


def _tell_sharing(data: Path, port: int, pairing: str | None) -> None:
    """Where devices are answered, if they are; with a square that one comes in by."""
    with closing(open_database(data)) as connection:
        named, known = shared_at(connection), len(list_devices(connection))
    if named is None:
        return
    speaker = Speaker(Ruler())
    at = ", ".join(address_of(address, port) for address in wanted_addresses(named))
    print(speaker.say(msg("device.shared" if at else "device.shared-nowhere", address=at, count=known)), flush=True)
    if pairing:
        print(speaker.say(msg("device.pairing", address=pairing)), flush=True)
        segno.make(pairing, micro=False).terminal(compact=True)
        sys.stdout.flush()


def _refuse(why: Message) -> int:
    print(Speaker(Ruler()).say(why), file=sys.stderr)
    return 2
