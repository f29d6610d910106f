"""How short lays are: at once, after five seconds and after a minute of search, beside plain rows. Prints a table for docs/benchmarks.md."""

from __future__ import annotations

import json
import statistics
import tempfile
import time
from pathlib import Path

from eggtuck.background.search import search
from eggtuck.core.cutting.cutout import cutouts_of
from eggtuck.core.cutting.ground import Ground
from eggtuck.core.cutting.laying import Layout, Task, lay_out
from eggtuck.core.cutting.reading import read_spots
from eggtuck.core.cutting.writing import spots_document, task_document
from eggtuck.core.forms import CATALOGUE, draft_spec, starting_spec
from eggtuck.core.lengths import Ruler
from eggtuck.store import cuttings, open_database

# What is laid together, on which cloth (mm), with how much room between (mm).
SETS = (
    ("one of every form", tuple(CATALOGUE), 1, 1070.0, 0.0),
    ("round things", ("round-pouch", "dart-bowl", "gusset-bag", "lid-cover", "cylinder"), 2, 1070.0, 5.0),
    ("a batch of pouches", ("tetra", "wedge", "round-pouch"), 4, 1370.0, 0.0),
)


def task_of(forms: tuple[str, ...], times: int, width: float, gap: float) -> tuple[Task, float]:
    found, rows = [], 0.0
    for form in forms:
        draft = draft_spec(
            {
                **starting_spec(CATALOGUE[form], Ruler("cm"), None),
                "layers": [{"material": "linen", "role": "outer", "width": f"{width + 30} mm"}],
            }
        )
        lay = draft.lays[0]
        rows += times * lay.rows
        found += cutouts_of(draft, lay, [f"{form}.{nth}" for nth in range(times)])
    return Task(tuple(found), (Ground("new", width),), gap, across=False), rows


def searched(task: Task, seconds: int) -> float:
    """How long the lay is when it has been searched for so many seconds, as the cutting table does it (mm)."""
    with tempfile.TemporaryDirectory() as folder:
        connection = open_database(Path(folder))
        id = cuttings.add_cutting(connection, "bench", [])["id"]
        first = spots_document(lay_out(task).spots)
        stamp = cuttings.save_lay(connection, id, "cloth", first, "", {})
        cuttings.start_job(connection, id, "cloth", stamp, json.dumps(task_document(task)), seconds)
        search(Path(folder), id, "cloth")
        spots = tuple(read_spots(cuttings.lays_of(connection, id)["cloth"]["spots"]))
        connection.close()
    return Layout(spots).length(task, "new")


def median(task: Task, seconds: int, times: int) -> float:
    """Of so many searches: one is up to a fortieth longer than another."""
    return statistics.median(searched(task, seconds) for _ in range(times))


def main() -> None:
    print("| laid together | pieces | plain rows | at once | after 5 s | after 60 s | 5 s to 60 s |")
    print("|---|---|---|---|---|---|---|")
    shares = []
    for name, forms, times, width, gap in SETS:
        task, rows = task_of(forms, times, width, gap)
        began = time.perf_counter()
        once = lay_out(task).length(task, "new")
        took = time.perf_counter() - began
        five, sixty = median(task, 5, 9), median(task, 60, 3)
        shares.append(five / sixty)
        print(
            f"| {name} | {len(task.cutouts)} | {rows / 10:.1f} cm | {once / 10:.1f} cm ({took:.2f} s) | {five / 10:.1f} cm "
            f"| {sixty / 10:.1f} cm | {five / sixty:.3f} |",
            flush=True,
        )
    print(f"\nAfter five seconds a lay is {statistics.mean(shares):.3f} times as long as after a minute, on average.")


if __name__ == "__main__":
    main()
