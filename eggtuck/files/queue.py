"""The queue of files that are read apart, over all processes of the server: who came first is read first, is told how many go before, and can be stopped.

It lies in memory the processes share since they were forked. A place whose process has died is free again, and so is what it held.
"""

from __future__ import annotations

import ctypes
import fcntl
import os
import threading
import time
import weakref
from collections.abc import Iterator
from contextlib import contextmanager
from contextvars import ContextVar
from hashlib import blake2b
from multiprocessing import get_context

from ..core.frozen import frozen

# By which name whoever sends a file asks how far it is: of this request.
NAMED: ContextVar[str] = ContextVar("reading", default="")
# So many may wait or be read, in one process and in all. In each some threads are left for what is no file.
MOST_HERE, MOST = 3, 12


class _Slot(ctypes.Structure):
    # A ticket of 0 is a free place. Times are of the clock that only goes on (s); `begun` is 0 as long as it waits.
    _fields_ = (
        ("ticket", ctypes.c_uint64),
        ("name", ctypes.c_uint64),
        ("pid", ctypes.c_int64),
        ("begun", ctypes.c_double),
        ("stopped", ctypes.c_bool),
    )


@frozen
class Place:
    """Of a file: how many go before it, and for how long it has been read (s); None while it waits."""

    before: int
    read_for: float | None


class _Turn:
    """Held by one thread of one process at a time; whoever dies lets go of it, for the system does."""

    def __init__(self) -> None:
        self._thread = threading.Lock()
        self._file = os.memfd_create("turn")
        weakref.finalize(self, os.close, self._file)

    def __enter__(self) -> None:
        self._thread.acquire()
        fcntl.lockf(self._file, fcntl.LOCK_EX)

    def __exit__(self, *_: object) -> None:
        fcntl.lockf(self._file, fcntl.LOCK_UN)
        self._thread.release()


class Queue:
    """So many are read ``at_once``."""

    def __init__(self, at_once: int) -> None:
        self.at_once = at_once
        self._slots = get_context("fork").RawArray(_Slot, MOST)
        self._next = get_context("fork").RawValue(ctypes.c_uint64, 1)
        self._turn = _Turn()
        self._here = threading.BoundedSemaphore(MOST_HERE)

    @contextmanager
    def joined(self) -> Iterator[_Slot | None]:
        """A place at the end of the queue for what is done within; None where there is none."""
        if not self._here.acquire(blocking=False):
            yield None
            return
        try:
            slot = self._taken()
            try:
                yield slot
            finally:
                if slot is not None:
                    with self._turn:
                        slot.ticket = 0
        finally:
            self._here.release()

    def may_begin(self, slot: _Slot) -> bool:
        """Whether it is its turn; it has begun then."""
        with self._turn:
            if sum(other.ticket < slot.ticket for other in self._alive()) >= self.at_once:
                return False
            slot.begun = time.monotonic()
            return True

    def place(self, name: str) -> Place | None:
        """How far a file of that name is; None where there is none in the queue."""
        with self._turn:
            alive = self._alive()
            found = next((slot for slot in alive if slot.name == _number(name)), None)
            if found is None:
                return None
            if found.begun:
                return Place(0, time.monotonic() - found.begun)
            return Place(sum(other.ticket < found.ticket for other in alive), None)

    def stop(self, name: str) -> bool:
        """Whoever reads a file of that name leaves off. Returns whether there is one in the queue."""
        with self._turn:
            found = [slot for slot in self._alive() if slot.name == _number(name)]
            for slot in found:
                slot.stopped = True
            return bool(found)

    def _taken(self) -> _Slot | None:
        with self._turn:
            alive = {slot.ticket for slot in self._alive()}
            free: _Slot | None = next((slot for slot in self._slots if slot.ticket not in alive), None)
            if free is None:
                return None
            # The ticket comes last: before, whoever dies here leaves a free place.
            ticket, self._next.value = self._next.value, self._next.value + 1
            free.name, free.pid, free.begun, free.stopped = _number(NAMED.get()), os.getpid(), 0.0, False
            free.ticket = ticket
            return free

    def _alive(self) -> list[_Slot]:
        return [slot for slot in self._slots if slot.ticket and _lives(slot.pid)]


def _lives(pid: int) -> bool:
    try:
        os.kill(pid, 0)
    except OSError:
        return False
    return True


def _number(name: str) -> int:
    """What stands for a name where there is only room for a number; 0 for none."""
    return int.from_bytes(blake2b(name.encode(), digest_size=8).digest()) or 1 if name else 0
