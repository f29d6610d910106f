"""Plans as plain JSON: for a process that searches, and for a browser that draws them."""

from __future__ import annotations

import hashlib
import json
import math
from collections.abc import Mapping, Sequence
from typing import Any

from .batch import Evenings, Station, Task, in_turn


def tasks_document(chains: Sequence[Sequence[Task]], evenings: Evenings) -> dict[str, Any]:
    """All chains with their evenings, to be read by `read_tasks`."""
    return {
        "chains": [[_task(task) for task in chain] for chain in chains],
        "evenings": [evenings.length if evenings.length < math.inf else None, evenings.between, evenings.gone],
    }


def read_tasks(document: Mapping[str, Any]) -> tuple[list[list[Task]], Evenings]:
    length, between, gone = document["evenings"]
    chains = [[_read_task(task) for task in chain] for chain in document["chains"]]
    return chains, Evenings(math.inf if length is None else length, between, gone)


def stamp_of(document: Mapping[str, Any]) -> str:
    """What an order is an answer to: another whenever anything of the question is another."""
    return hashlib.sha256(json.dumps(document, sort_keys=True).encode()).hexdigest()[:20]


def in_sequence(chains: Sequence[Sequence[Task]], ids: Sequence[str]) -> list[Task] | None:
    """The tasks in an order that was kept; None where it is not one of these tasks, each make in its order, nothing before what it is done after."""
    by_id = {task.id: task for chain in chains for task in chain}
    if set(ids) != set(by_id) or len(ids) != len(by_id):
        return None
    order = [by_id[id] for id in ids]
    return order if in_turn(order) else None


def _task(task: Task) -> list[Any]:
    touches = None if task.touches is None else sorted(([piece, layer] for piece, layer in task.touches), key=str)
    return [task.make, task.step, task.number, task.minutes, list(task.station), task.rests, touches, task.after]


def _read_task(kept: Sequence[Any]) -> Task:
    make, step, number, minutes, station, rests, touches, after = kept
    held = None if touches is None else frozenset((piece, layer) for piece, layer in touches)
    return Task(make, step, number, minutes, Station(*station), rests, held, after)
