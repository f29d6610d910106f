"""`./tuck bench many`: a table with 2,000 projects and a shelf with 500 things: how long first pages take, and how large they are on their way."""

from __future__ import annotations

import json
import statistics
import tempfile
import time
from pathlib import Path

from eggtuck.demo import add_demo
from eggtuck.store import open_database, transaction
from eggtuck.web import create_app

PROJECTS, THINGS = 2000, 500
# What is asked, and within how many ms and kB it should come.
ASKED = (
    ("the table", "/api/table", 300, 200),
    ("the table, its last page", "/api/table?page=83", 300, 200),
    ("a search by three letters", "/api/table?words=jar", 300, 200),
    ("a search by cloth and form", "/api/table?words=linen&form=boxed-bag", 300, 200),
    ("the table by order", "/api/table?group=order", 300, 200),
    ("a picture", "/api/projects/{id}/picture?revision=1", 300, 200),
    ("all names", "/api/projects", 300, 200),
    ("the shelf", "/api/things", 300, 200),
    ("what fits what", "/api/fits", 300, 200),
    ("what was put away", "/api/away", 300, 200),
)


def fill(data: Path) -> None:
    """The demo workshop again and again, its measures a little other each time."""
    app = create_app(data)
    add_demo(app)
    db = open_database(data)
    kept = db.execute("SELECT id, name, spec, picture FROM projects").fetchall()
    shelf = db.execute("SELECT name, unit, object FROM things").fetchall()
    with transaction(db):
        for nth in range(PROJECTS - len(kept)):
            row = kept[nth % len(kept)]
            values = (
                f"p{nth:05}",
                f"{row['name']} {nth}",
                row["spec"],
                row["picture"],
                f"2026-0{1 + nth % 9}-1{nth % 10}T10:00:00.000Z",
            )
            db.execute("INSERT INTO projects (id, name, spec, picture, updated_at) VALUES (?, ?, ?, ?, ?)", values)
            db.execute(
                "INSERT INTO states (project_id, number, name, spec) VALUES (?, 0, ?, ?)",
                (values[0], values[1], row["spec"]),
            )
        for nth in range(THINGS - len(shelf)):
            row = shelf[nth % len(shelf)]
            thing = json.loads(row["object"])
            db.execute(
                "INSERT INTO things (id, name, unit, object) VALUES (?, ?, ?, ?)",
                (f"t{nth:05}", f"{row['name']} {nth}", row["unit"], json.dumps(thing)),
            )
    db.close()


def main() -> None:
    with tempfile.TemporaryDirectory() as folder:
        data = Path(folder) / "data"
        fill(data)
        http = create_app(data).test_client()
        print(f"{PROJECTS} projects, {THINGS} things; medians of 7, the first of a fresh server apart")
        for name, path, most, large in ASKED:
            times, size = [], 0
            for _ in range(8):
                began = time.perf_counter()
                answer = http.get(path.replace("{id}", "p00001"), headers={"Accept-Encoding": "gzip"})
                times.append((time.perf_counter() - began) * 1000)
                assert answer.status_code == 200, (path, answer.data[:200])
                size = len(answer.data)
            middle = statistics.median(times[1:])
            print(
                f"{name:28} {middle:8.1f} ms (first {times[0]:7.1f})  target {most}   {size / 1000:7.1f} kB  target {large}"
            )


if __name__ == "__main__":
    main()
