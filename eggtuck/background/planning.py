"""Searching for a better order of a batch until its time is up, it is stopped, or the batch is another meanwhile."""

from __future__ import annotations

import time
from pathlib import Path

from ..core.plan.batch import cost, ever_better, tidied
from ..core.plan.document import in_sequence, read_tasks
from ..store import batches as store
from ..store import open_database

# How often it looks whether it is to stop, and writes that it is still there (s).
_LOOK = 0.3


def search_order(data: Path, id: str) -> None:
    """Searches for the batch as it is written down; writes every better order beside it."""
    connection = open_database(data)
    batch = store.get_batch(connection, id)
    if batch["state"] != "running":
        # Stopped before it had begun.
        store.end_search(connection, id, batch["stamp"], "stopped")
        return
    chains, evenings = read_tasks(batch["task"])
    first = in_sequence(chains, batch["sequence"])
    state = "done"
    try:
        if first is None:
            return
        began = looked = time.monotonic()
        lowest = cost(first, evenings)
        for order in ever_better(chains, evenings, first):
            now = time.monotonic()
            if now - looked < _LOOK and now - began < batch["lasts"]:
                continue
            looked = now
            reached = cost(order, evenings)
            better = [task.id for task in tidied(order, evenings)] if reached < lowest else None
            lowest = min(lowest, reached)
            if not store.report_search(connection, id, batch["stamp"], min(now - began, batch["lasts"]), better):
                state = "stopped"
                break
            if now - began >= batch["lasts"]:
                break
    finally:
        store.end_search(connection, id, batch["stamp"], state)
        connection.close()
