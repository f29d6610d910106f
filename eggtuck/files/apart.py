"""Reading what nobody vouches for in a process of its own, with limits on memory and time: a hostile file costs no more than those.

The processes are forked from one that has the readers loaded already, so that a file is begun with at once.
"""

from __future__ import annotations

import json
import os
import resource
import time
from collections.abc import Callable
from multiprocessing import get_context
from multiprocessing.connection import Connection
from typing import Any, Literal

from ..core.frozen import frozen
from .queue import Queue

_FORKED = get_context("forkserver")
_FORKED.set_forkserver_preload(
    ["eggtuck.files.outlining", "eggtuck.files.picturing", "eggtuck.files.scanning", "ezdxf", "svgelements", "trimesh"]
)
# One after the other as there is room: what else is asked goes before them. Whoever does not come to turn for so long (s) is told.
QUEUE = Queue(max(1, (os.cpu_count() or 1) // 2))
_WAITS = 60.0
# How often it is looked whether it is one's turn, or somebody has stopped it (s).
_LOOKS = 0.03
_GOES_LAST = 10
# No answer is longer: a few thousand rows of numbers.
_LONGEST = 4_000_000


@frozen
class Limits:
    """Of one reading: memory in bytes, and seconds, on the processor and by the clock."""

    memory: int
    processor: int
    clock: float


class StoppedError(Exception):
    """The reading was broken off: by the clock, at a limit of memory or of the processor, or by a fault of its own; or it was never begun, since too
    many others were being read; or whoever sent the file stopped it."""

    def __init__(self, by: Literal["clock", "limit", "fault", "busy", "stopped"]) -> None:
        super().__init__(by)
        self.by = by


def read_apart(work: Callable[..., object], *given: object, limits: Limits) -> Any:
    """What ``work`` makes of what is given, as plain data; it is a function of a module.

    Raises:
        StoppedError: it did not end by itself, or not in time.
    """
    with QUEUE.joined() as slot:
        if slot is None:
            raise StoppedError("busy")
        until = time.monotonic() + _WAITS
        while not QUEUE.may_begin(slot):
            if slot.stopped:
                raise StoppedError("stopped")
            if time.monotonic() > until:
                raise StoppedError("busy")
            time.sleep(_LOOKS)
        return _read(work, given, limits, lambda: bool(slot.stopped))


def _read(work: Callable[..., object], given: tuple[object, ...], limits: Limits, stopped: Callable[[], bool]) -> Any:
    answer, told = _FORKED.Pipe(duplex=False)
    process = _FORKED.Process(target=_limited, args=(told, limits, work, given), daemon=True)
    process.start()
    told.close()
    try:
        until = time.monotonic() + limits.clock
        while not answer.poll(_LOOKS):
            if stopped():
                raise StoppedError("stopped")
            if time.monotonic() > until:
                raise StoppedError("clock")
        # Never unpickled: what comes from a hostile file is text.
        return json.loads(answer.recv_bytes(_LONGEST))
    except (EOFError, OSError, ValueError) as error:
        process.join(1.0)
        raise StoppedError("limit" if (process.exitcode or 0) < 0 else "fault") from error
    finally:
        process.kill()
        process.join()
        answer.close()


def _limited(told: Connection, limits: Limits, work: Callable[..., object], given: tuple[object, ...]) -> None:
    os.nice(_GOES_LAST)
    resource.setrlimit(resource.RLIMIT_AS, (limits.memory, limits.memory))
    resource.setrlimit(resource.RLIMIT_CPU, (limits.processor, limits.processor))
    try:
        told.send_bytes(json.dumps(work(*given)).encode())
    except Exception:
        # Whoever asked sees that no answer came.
        os._exit(1)
