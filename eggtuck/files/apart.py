"""Reading what nobody vouches for in a process of its own, with limits on memory and time: a hostile file costs no more than those.

The processes are forked from one that has the readers loaded already, so that a file is begun with at once.
"""

from __future__ import annotations

import json
import os
import resource
from collections.abc import Callable
from dataclasses import dataclass
from multiprocessing import get_context
from multiprocessing.connection import Connection
from typing import Any, Literal

_FORKED = get_context("forkserver")
_FORKED.set_forkserver_preload(
    ["eggtuck.files.outlining", "eggtuck.files.picturing", "eggtuck.files.scanning", "ezdxf", "svgelements", "trimesh"]
)
# So many are read at once, over all processes of the server, one after the other as there is room: what else is asked goes before them. Whoever
# finds no room for so long (s) is told.
_TURNS = get_context("fork").BoundedSemaphore(max(1, (os.cpu_count() or 1) // 2))
_WAITS = 20.0
_GOES_LAST = 10
# No answer is longer: a few thousand rows of numbers.
_LONGEST = 4_000_000


@dataclass(frozen=True, slots=True)
class Limits:
    """Of one reading: memory in bytes, and seconds, on the processor and by the clock."""

    memory: int
    processor: int
    clock: float


class StoppedError(Exception):
    """The reading was broken off: by the clock, at a limit of memory or of the processor, or by a fault of its own; or it was never begun, since too
    many others were being read."""

    def __init__(self, by: Literal["clock", "limit", "fault", "busy"]) -> None:
        super().__init__(by)
        self.by = by


def read_apart(work: Callable[..., object], *given: object, limits: Limits) -> Any:
    """What ``work`` makes of what is given, as plain data; it is a function of a module.

    Raises:
        StoppedError: it did not end by itself, or not in time.
    """
    if not _TURNS.acquire(timeout=_WAITS):
        raise StoppedError("busy")
    try:
        return _read(work, given, limits)
    finally:
        _TURNS.release()


def _read(work: Callable[..., object], given: tuple[object, ...], limits: Limits) -> Any:
    answer, told = _FORKED.Pipe(duplex=False)
    process = _FORKED.Process(target=_limited, args=(told, limits, work, given), daemon=True)
    process.start()
    told.close()
    try:
        if not answer.poll(limits.clock):
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
