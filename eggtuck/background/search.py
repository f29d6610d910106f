"""Searching for a better lay of one cloth until its time is up, it is stopped, or the cloth is laid otherwise meanwhile."""

from __future__ import annotations

import multiprocessing
import time
from multiprocessing.connection import Connection
from pathlib import Path
from typing import Any

from ..core.cutting.closing import closing_up
from ..core.cutting.faults import faults_of
from ..core.cutting.laying import Layout, Task, ever_better
from ..core.cutting.reading import read_spots, read_task
from ..core.cutting.writing import spots_document
from ..store import cuttings as store
from ..store import open_database
from .strip import nest

# How often it looks whether it is to stop, and writes that it is still there (s).
_LOOK = 0.25
# The share of its time that is kept for closing up what was found, and how long it hears what was found last (s).
_CLOSING, _LAST = 0.04, 0.05
# The nesting package is worth its start from so many things on.
_WORTH = 3


def search(data: Path, cutting: str, cloth: str) -> None:
    """Searches for the job that is written down; writes every better lay beside it."""
    connection = open_database(data)
    job = store.get_job(connection, cutting, cloth)
    if job is None or job["state"] != "running":
        if job is not None:
            # Stopped before it had begun.
            store.end_job(connection, cutting, cloth, job["stamp"], "stopped", None)
        return
    task = read_task(job["task"])
    began = time.monotonic()
    best = Layout(tuple(read_spots(job["spots"])))
    # Forked: nothing has to be read once more, and nothing else goes on in this process.
    context = multiprocessing.get_context("fork")
    pinned = tuple(spot for spot in best.spots if spot.pinned)
    # One way is better on a roll, the other goes round what is pinned and on scraps, and where the first one fails.
    ways: list[Any] = [_own]
    if task.plain and not pinned and len(task.cutouts) >= _WORTH:
        ways.append(_strip)
    process: multiprocessing.process.BaseProcess | None = None
    found, tell = context.Pipe(duplex=False)
    state, heard, alive = "done", False, False
    try:
        while (gone := time.monotonic() - began) < (1 - _CLOSING) * job["lasts"]:
            if not alive:
                if not ways or heard:
                    break
                # Whoever dies in the middle of a sentence ends it, and nobody waits for the rest: each has a pipe of its own.
                found, tell = context.Pipe(duplex=False)
                process = context.Process(target=ways.pop(), args=(task, pinned, job["lasts"], tell), daemon=True)
                process.start()
                tell.close()
            # Looked at before it is heard, so that its last word is.
            alive = process is not None and process.is_alive()
            better = _better(found, best, task)
            heard = heard or better is not None
            best = better or best
            spots = spots_document(better.spots) if better else None
            if not store.report_job(connection, cutting, cloth, job["stamp"], gone, spots):
                state = "stopped"
                break
    finally:
        if process is not None:
            process.kill()
        last = _better(found, best, task, _LAST)
        try:
            last = _closed(task, last or best, _CLOSING * job["lasts"]) or last
        finally:
            store.end_job(connection, cutting, cloth, job["stamp"], state, spots_document(last.spots) if last else None)
            connection.close()


def _better(found: Connection, best: Layout, task: Task, lasts: float = _LOOK) -> Layout | None:
    """The best of what is found in so many seconds, if it is better and can be cut as it lies."""
    better: Layout | None = None
    until = time.monotonic() + lasts
    while (left := until - time.monotonic()) > 0:
        try:
            if not found.poll(left):
                break
            one = found.recv()
        except (EOFError, OSError):
            break
        if _is_better(one, better or best, task):
            better = one
    return better


def _closed(task: Task, best: Layout, lasts: float) -> Layout | None:
    """That closed up as far as it goes in so many seconds, if it is better and can be cut as it lies."""
    until, closed = time.monotonic() + lasts, best
    for one in closing_up(task, best):
        closed = one
        if time.monotonic() > until:
            break
    return closed if _is_better(closed, best, task) else None


def _is_better(one: Layout, best: Layout, task: Task) -> bool:
    missing, length = best.score(task)
    if one.score(task) >= (missing, length - 0.05):
        return False
    return not any(faults_of(one.spots, task.by_id, task.ground_ids, task.gap))


def _own(task: Task, pinned: tuple[Any, ...], lasts: int, tell: Connection) -> None:
    seen: Layout | None = None
    for one in ever_better(task, pinned):
        if one is not seen:
            tell.send(one)
            seen = one


def _strip(task: Task, pinned: tuple[Any, ...], lasts: int, tell: Connection) -> None:
    try:
        for one in nest(task, lasts):
            tell.send(one)
    except BaseException:
        # It panics with an exception of its own on what it does not like; the other way goes on.
        return
