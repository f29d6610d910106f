"""`./tuck soak --minutes N`: makers at work on a real server that is killed now and then, and bad input without end beside them. Prints what was lost,
what went wrong, how much memory it took and how long the slowest hundredth waited; ends with 1 when anything was lost or went wrong."""

from __future__ import annotations

import argparse
import http.client
import io
import json
import multiprocessing
import os
import signal
import socket
import subprocess
import sys
import tempfile
import threading
import time
from collections import Counter
from pathlib import Path
from random import Random
from typing import Any

from PIL import Image

from eggtuck.web.door import Door
from eggtuck.web.openapi import openapi_document
from tests.nasty import faults, length, specs, spoilt
from tests.specs import cordial
from tools.beside import BESIDE, Tablet

MAKERS = 4
# How often the server is killed (s), and how many bad specs are drafted between two looks at the clock.
KILLED, SPECS = 45.0, 50


class Server:
    """A server with its own data, started again whenever it was killed."""

    def __init__(self, folder: str) -> None:
        self.folder = folder
        with socket.socket() as free:
            free.bind(("127.0.0.1", 0))
            self.port = free.getsockname()[1]
        self.up = threading.Event()
        self.start()
        self.token = Door(Path(folder)).token

    def start(self) -> None:
        run = [sys.executable, "-m", "eggtuck.cli", "serve", "--demo", "--data", self.folder, "--port", str(self.port)]
        run += ["--share", BESIDE]
        self.process = subprocess.Popen(run, stdout=subprocess.PIPE, text=True, start_new_session=True)
        assert self.process.stdout is not None
        if "ready" not in self.process.stdout.readline():
            raise RuntimeError("the server did not start")
        self.process.stdout.readline()
        # The address a tablet comes in by; a later one is not needed by one that is in.
        self.code = self.process.stdout.readline().partition("?code=")[2].strip()
        self.up.set()

    def kill(self) -> None:
        self.up.clear()
        os.killpg(self.process.pid, signal.SIGKILL)
        self.process.wait()
        if self.process.stdout is not None:
            self.process.stdout.close()

    def memory(self) -> int:
        """Of all its processes (kB)."""
        group = str(self.process.pid)
        total = 0
        for entry in Path("/proc").iterdir():
            try:
                if entry.name.isdigit() and (entry / "stat").read_text().rsplit(")", 1)[1].split()[2] == group:
                    told = (entry / "status").read_text()
                    total += int(told.split("VmRSS:", 1)[1].split()[0]) if "VmRSS:" in told else 0
            except OSError:
                continue
        return total


class Found:
    """What all makers found, together."""

    def __init__(self) -> None:
        self.lock = threading.Lock()
        self.times: list[float] = []
        self.counts: Counter[str] = Counter()
        self.wrong: list[str] = []
        self.kept: dict[str, tuple[int, str]] = {}
        self.memory = 0

    def note(self, what: str) -> None:
        with self.lock:
            self.counts[what] += 1

    def wrongly(self, what: str) -> None:
        with self.lock:
            self.wrong.append(what)


def maker(server: Server, found: Found, by: Random, end: float) -> None:
    """Begins projects, edits and undoes them, photographs, prints, imports; remembers everything that was acknowledged."""
    connection: http.client.HTTPConnection | None = None
    routes = [(method, path) for path, methods in openapi_document()["paths"].items() for method in methods]
    mine: list[str] = []

    def ask(method: str, path: str, body: Any = None, raw: bytes | None = None) -> tuple[int, bytes]:
        nonlocal connection
        while True:
            server.up.wait(60)
            try:
                if connection is None:
                    connection = http.client.HTTPConnection("127.0.0.1", server.port, timeout=60)
                headers = {"Authorization": f"Bearer {server.token}", "Content-Type": "application/json"}
                if raw is not None:
                    headers["Content-Type"] = "application/octet-stream"
                began = time.perf_counter()
                data = raw if raw is not None else None if body is None else json.dumps(body).encode()
                connection.request(method, path, data, headers)
                answer = connection.getresponse()
                told = answer.read()
                with found.lock:
                    found.times.append(time.perf_counter() - began)
                    found.counts["requests"] += 1
                if answer.status >= 500:
                    found.wrongly(f"{answer.status} {method} {path[:120]}: {told[:160]!r} {str(body)[:200]}")
                return answer.status, told
            except (OSError, http.client.HTTPException):
                # Killed in between: whether it was kept nobody can say.
                connection = None
                if not server.up.is_set():
                    return 0, b""
                time.sleep(0.05)
                if time.monotonic() > end + 60:
                    return 0, b""

    while time.monotonic() < end:
        what = by.random()
        if not mine or what < 0.05:
            status, told = ask(
                "POST", "/api/projects", {"preset": by.choice(("jar", "bottle", "bowl", "mug", "book", "carton"))}
            )
            if status == 201:
                project = json.loads(told)
                mine.append(project["id"])
                with found.lock:
                    found.kept[project["id"]] = (project["revision"], project["name"])
            continue
        id = by.choice(mine)
        at = f"/api/projects/{id}"
        if what < 0.35:
            revision = found.kept[id][0]
            name = f"Make {by.randrange(10**9)}"
            status, told = ask("GET", at)
            if status != 200:
                continue
            now = json.loads(told)
            if now["revision"] < revision:
                found.wrongly(f"lost: {id} was at {revision}, is at {now['revision']}")
            spec = {**now["spec"], "allowance": {"default": length(by, 6, 15)}}
            status, told = ask("PUT", at, {"revision": now["revision"], "name": name, "spec": spec})
            if status == 200:
                with found.lock:
                    found.kept[id] = (json.loads(told)["revision"], name)
                found.note("edits")
        elif what < 0.42:
            status, told = ask("GET", at)
            if status == 200:
                now = json.loads(told)
                status, told = ask("POST", f"{at}/{by.choice(('undo', 'redo'))}", {"revision": now["revision"]})
                if status == 200:
                    after = json.loads(told)
                    with found.lock:
                        found.kept[id] = (after["revision"], after["name"])
        elif what < 0.62:
            girth = f"{by.uniform(20, 40):.2f} cm"
            ask("POST", "/api/drafts", {**cordial(), "object": {**cordial()["object"], "girth": girth}})
        elif what < 0.68:
            page = by.choice(
                ("pattern.pdf", "pattern.svg", "pages.svg", "care.pdf", "form.glb", "cut-list.csv", "project.json")
            )
            ask("GET", f"{at}/{page}")
        elif what < 0.72:
            picture = io.BytesIO()
            Image.new("RGB", (by.randrange(1, 1500), by.randrange(1, 1500)), "white").save(picture, "PNG")
            ask("POST", f"{at}/photos?step=cut", raw=picture.getvalue() if by.random() < 0.8 else os.urandom(500))
        elif what < 0.76:
            status, told = ask("POST", f"{at}/makes", {"made_on": "2026-01-02", "minutes": by.randrange(200)})
            found.note("entries") if status == 201 else None
        elif what < 0.79:
            status, told = ask("GET", f"{at}/project.json")
            if status == 200:
                ask("POST", "/api/projects/import?meeting=leave", json.loads(told))
        elif what < 0.85:
            ask(
                "GET", by.choice(("/api/table", "/api/things", "/api/fits", "/api/orders", "/api/logbook", "/api/away"))
            )
        else:
            method, path = by.choice(routes)
            if path.startswith(("/api/copies", "/api/everything", "/api/set-aside")):
                continue
            body = spoilt({"spec": cordial(), "name": "x", "revision": 1, "ids": ["x"], "unit": "cm"}, by, 2)
            ask(method.upper(), path.replace("{id}", by.choice((id, "x"))).replace("{make}", "x"), body)
            if method.upper() == "DELETE" and path == "/api/projects/{id}":
                ask("POST", f"{at}/restore")
            found.note("odd bodies")


def drafts(seed: int, seconds: float, told: Any) -> None:
    """Bad specs without end."""
    by, end, count, wrong = Random(seed), time.monotonic() + seconds, 0, []
    for spec, _ in specs(by):
        for fault in faults(spec):
            wrong.append(f"{fault[:200]}: {json.dumps(spec, default=str)[:600]}")
        count += 1
        if count % SPECS == 0 and (time.monotonic() > end or len(wrong) > 50):
            break
    told.put((count, wrong))


def main() -> int:
    parser = argparse.ArgumentParser(prog="tuck soak")
    parser.add_argument("--minutes", type=float, default=30.0)
    parser.add_argument("--seed", type=int, default=1)
    asked = parser.parse_args()
    found, seconds = Found(), asked.minutes * 60
    told: Any = multiprocessing.Queue()
    drafter = multiprocessing.Process(target=drafts, args=(asked.seed, seconds, told))
    with tempfile.TemporaryDirectory(ignore_cleanup_errors=True) as folder:
        server = Server(str(Path(folder) / "data"))
        drafter.start()
        end = time.monotonic() + seconds
        makers = [
            threading.Thread(target=maker, args=(server, found, Random(asked.seed * 100 + nth), end))
            for nth in range(MAKERS)
        ]
        tablet = Tablet(server.port, server.code, Random(asked.seed))
        makers.append(threading.Thread(target=tablet.work, args=(end, lambda: server.up.wait(60))))
        for one in makers:
            one.start()
        kills, last = 0, time.monotonic()
        while time.monotonic() < end:
            time.sleep(1)
            found.memory = max(found.memory, server.memory())
            if time.monotonic() - last > KILLED:
                server.kill()
                server.start()
                kills, last = kills + 1, time.monotonic()
        for one in makers:
            one.join()
        found.wrong += tablet.wrong
        lost = after(server, found, tablet)
        server.kill()
    count, wrong = told.get(timeout=120)
    drafter.join()
    times = sorted(found.times)
    print(
        f"{asked.minutes:g} minutes, {kills} kills, {MAKERS} makers, a tablet: {tablet.asked} requests, {len(tablet.kept)} entries"
    )
    print(
        f"{found.counts['requests']} requests, {found.counts['edits']} edits, {found.counts['entries']} entries, {found.counts['odd bodies']} odd bodies"
    )
    print(
        f"median {times[len(times) // 2] * 1000:.0f} ms, p99 {times[int(len(times) * 0.99)] * 1000:.0f} ms, memory at most {found.memory / 1000:.0f} MB"
    )
    print(f"{count} bad specs drafted or refused, {len(wrong)} wrongly")
    print(f"lost: {len(lost)}, errors: {len(found.wrong)}")
    for line in [*lost, *found.wrong, *wrong][:40]:
        print("  ", line)
    return 1 if lost or found.wrong or wrong else 0


def after(server: Server, found: Found, tablet: Tablet) -> list[str]:
    """What had been acknowledged and is not there any more."""
    connection = http.client.HTTPConnection("127.0.0.1", server.port, timeout=120)
    lost = []
    for id, (revision, name) in found.kept.items():
        connection.request("GET", f"/api/projects/{id}", headers={"Authorization": f"Bearer {server.token}"})
        answer = connection.getresponse()
        data = answer.read()
        now = json.loads(data) if answer.status == 200 else {}
        if now.get("revision", 0) < revision or (now["revision"] == revision and now["name"] != name):
            lost.append(f"{id}: {name} at {revision}, now {now.get('name')} at {now.get('revision')}")
    entries: dict[str, set[str]] = {}
    for id, make in tablet.kept:
        if id not in entries:
            connection.request("GET", f"/api/projects/{id}/makes", headers={"Authorization": f"Bearer {server.token}"})
            answer = connection.getresponse()
            data = answer.read()
            entries[id] = {one["id"] for one in json.loads(data)["makes"]} if answer.status == 200 else set()
        if make not in entries[id]:
            lost.append(f"{id}: the entry {make} of the tablet")
    return lost


if __name__ == "__main__":
    sys.exit(main())
