"""A process beside the server that answers others in the home network, as long as that is wished for: with an application of its own, whose only way
in is that for devices. The server itself is never reached from outside."""

from __future__ import annotations

import os
import select
import signal
import sqlite3
import threading
from collections.abc import Callable
from contextlib import suppress
from multiprocessing import get_context
from multiprocessing.process import BaseProcess
from pathlib import Path

from ..store import StoreError, open_database
from ..store.devices import shared_at
from .addresses import wanted_addresses

# How often it is looked whether this machine has other addresses by now, or what was begun has ended (s).
_LOOKS = 5.0
_FORKED = get_context("fork")


class Porter:
    """Begins before the server does, so that it has nothing of it; ends when the last of the server's processes does.

    Args:
        answer: Answers at addresses until it is stopped.
    """

    def __init__(self, data: Path, answer: Callable[[list[str]], object]) -> None:
        # Whoever of the server has this open can call; when all are gone that is told, too.
        heard, self._bell = os.pipe()
        if os.fork() == 0:
            os.close(self._bell)
            try:
                _stand(data, heard, answer)
            finally:
                os._exit(0)
        os.close(heard)

    def call(self) -> None:
        """It looks at once what is wished for."""
        with suppress(OSError):
            os.write(self._bell, b"!")


def _stand(data: Path, heard: int, answer: Callable[[list[str]], object]) -> None:
    answering: BaseProcess | None = None
    at: list[str] = []
    while True:
        wanted = _wished(data)
        if wanted is not None and (wanted != at or (answering is not None and not answering.is_alive())):
            _stop(answering)
            answering, at = None, wanted
            if at:
                answering = _FORKED.Process(target=_answer, args=(heard, answer, at))
                answering.start()
        try:
            rung, _, _ = select.select([heard], [], [], _LOOKS)
            if rung and not os.read(heard, 1024):
                break
        except KeyboardInterrupt:
            break
    _stop(answering)


def _answer(heard: int, answer: Callable[[list[str]], object], at: list[str]) -> None:
    def end_with_the_server() -> None:
        # What is written for the porter to hear is left to it.
        ended = select.poll()
        ended.register(heard, 0)
        ended.poll()
        os.kill(os.getpid(), signal.SIGTERM)

    threading.Thread(target=end_with_the_server, daemon=True).start()
    answer(at)


def _wished(data: Path) -> list[str] | None:
    """Where others are to be answered; None where that cannot be told now."""
    try:
        connection = open_database(data, create=False)
    except (StoreError, sqlite3.Error, OSError):
        return None
    try:
        named = shared_at(connection)
    except sqlite3.Error:
        return None
    finally:
        connection.close()
    return [] if named is None else wanted_addresses(named)


def _stop(answering: BaseProcess | None) -> None:
    if answering is None:
        return
    answering.terminate()
    answering.join(10)
    if answering.is_alive():
        answering.kill()
        answering.join()
