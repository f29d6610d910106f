"""A tablet beside the makers of the soak: it comes in by a code, ticks steps and writes entries of the log, and may do nothing else."""

from __future__ import annotations

import http.client
import json
import time
import urllib.parse
from collections.abc import Callable
from random import Random
from typing import Any

# Where it reaches the server: loopback, too, and not where that answers its own machine.
BESIDE = "127.0.0.2"
# What it is refused, whatever it asks.
_REFUSED = (
    ("DELETE", "/api/projects/{id}"),
    ("PUT", "/api/projects/{id}"),
    ("GET", "/api/everything.zip"),
    ("GET", "/api/devices"),
)


class Tablet:
    """Works till its ``end``; remembers every entry that was acknowledged in `kept`, and in `wrong` what it was answered but should not have been."""

    def __init__(self, port: int, code: str, by: Random) -> None:
        self.port, self.by = port, by
        self.kept: list[tuple[str, str]] = []
        self.wrong: list[str] = []
        self.asked = 0
        self.cookie = ""
        status, _ = self._ask(
            "POST", "/in", urllib.parse.urlencode({"code": code}), "application/x-www-form-urlencoded"
        )
        if status != 303:
            self.wrong.append(f"a code did not let the tablet in: {status}")

    def work(self, end: float, up: Callable[[], object]) -> None:
        while time.monotonic() < end:
            up()
            try:
                self._sew()
            except (OSError, http.client.HTTPException, ValueError):
                # Killed in between: whether it was kept nobody can say.
                time.sleep(0.1)

    def _sew(self) -> None:
        _, told = self._ask("GET", "/api/table")
        id = self.by.choice(json.loads(told)["projects"])["id"]
        at = f"/api/projects/{id}"
        status, told = self._ask("GET", at)
        if status != 200:
            return
        done = json.loads(told)["done"]
        ticked = {"done": [*done, f"step-{self.by.randrange(30)}"], "at_step": "cut", "before": done}
        self._ask("PUT", f"{at}/progress", json.dumps(ticked))
        status, told = self._ask("POST", f"{at}/makes", json.dumps({"made_on": "2026-01-03", "minutes": 5}))
        if status == 201:
            self.kept.append((id, json.loads(told)["id"]))
        method, path = self.by.choice(_REFUSED)
        status, _ = self._ask(method, path.replace("{id}", id), "{}")
        if status not in (403, 503):
            self.wrong.append(f"{status} {method} {path} on the tablet")

    def _ask(
        self, method: str, path: str, body: str | None = None, kind: str = "application/json"
    ) -> tuple[int, bytes]:
        connection = http.client.HTTPConnection(BESIDE, self.port, timeout=60)
        try:
            headers: dict[str, Any] = {"Content-Type": kind, "Cookie": self.cookie}
            connection.request(method, path, body, headers)
            answer = connection.getresponse()
            told = answer.read()
        finally:
            connection.close()
        self.asked += 1
        self.cookie = (answer.headers.get("Set-Cookie") or self.cookie).partition(";")[0]
        if answer.status >= 500:
            self.wrong.append(f"{answer.status} {method} {path}: {told[:160]!r}")
        return answer.status, told
