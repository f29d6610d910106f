"""The real application, on a free port, in Debian's headless Chromium: one browser a run."""

from __future__ import annotations

import atexit
import os
import re
import shutil
import signal
import socket
import tempfile
import time
import unittest
import urllib.request
from collections.abc import Callable, Sequence
from contextlib import suppress
from functools import cache
from multiprocessing import get_context
from pathlib import Path
from typing import Any, ClassVar

from playwright.sync_api import Browser, BrowserContext, Page, Playwright, Request, expect, sync_playwright

from eggtuck.web.door import Door

from . import warm

__all__ = ["Served", "TableTest", "expect"]

# Loaded once a process of the tests, and forked for every server.
_FORKED = get_context("forkserver")
_FORKED.set_forkserver_preload([warm.__name__])
# A busy machine is slow; a wrong page stays wrong.
PATIENCE = 60_000
expect.set_options(timeout=PATIENCE)


class Served:
    """A server process with its own data; with the demo workshop when asked."""

    def __init__(self, demo: bool, more: Sequence[str] = ()) -> None:
        self.folder = tempfile.mkdtemp()
        with socket.socket() as free:
            free.bind(("127.0.0.1", 0))
            self.port = free.getsockname()[1]
        self.address = f"http://127.0.0.1:{self.port}"
        self.demo, self.more = demo, more
        self.start()

    def start(self) -> None:
        arguments = ["--port", str(self.port), "--data", self.folder, *(["--demo"] if self.demo else []), *self.more]
        self.process = _FORKED.Process(target=warm.serve, args=(arguments,))
        self.process.start()
        for _ in range(PATIENCE // 20):
            if not self.process.is_alive():
                break
            try:
                urllib.request.urlopen(f"{self.address}/api/health", timeout=5).close()
                return
            except OSError:
                time.sleep(0.02)
        raise RuntimeError("the server did not start")

    def let_in(self, context: BrowserContext) -> None:
        """A browser that has come in by the door."""
        door = Door(Path(self.folder))
        context.add_cookies([{"name": door.cookie, "value": door.session(), "url": self.address}])

    def kill(self) -> None:
        """Without warning, as a power cut would: every process of the server at once."""
        assert self.process.pid is not None
        os.killpg(self.process.pid, signal.SIGKILL)
        self.process.join()
        # The first process is gone; those that answered for it may hold the port a moment longer.
        for _ in range(PATIENCE // 5):
            if self._port_is_free():
                return
            time.sleep(0.005)

    def _port_is_free(self) -> bool:
        with socket.socket() as probe:
            probe.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
            try:
                probe.bind(("127.0.0.1", self.port))
            except OSError:
                return False
        return True

    def close(self) -> None:
        self.kill()
        shutil.rmtree(self.folder, ignore_errors=True)


def chromium() -> str:
    for name in ("chromium-headless-shell", "chromium"):
        path = shutil.which(name)
        if path:
            return path
    raise RuntimeError("Debian's chromium is not installed; ./tuck test installs it")


@cache
def driver() -> Playwright:
    """One a process, let go at its end."""
    playwright = sync_playwright().start()
    atexit.register(playwright.stop)
    return playwright


@cache
def browser(arguments: tuple[str, ...]) -> Browser:
    """A browser with these switches: kept for every class of tests that asks for them; each test has a context of its own."""
    started = driver().chromium.launch(executable_path=chromium(), args=["--no-sandbox", *arguments])
    atexit.register(started.close)
    return started


class TableTest(unittest.TestCase):
    """A page on a fresh server. Fails on any error the page logs and any request that leaves the machine."""

    demo = True
    # What the server is started with besides.
    more: ClassVar[Sequence[str]] = ()
    # Switches for the browser. Where the form in the round is not what is looked at, it is drawn flat: that is shown sooner.
    arguments: ClassVar[Sequence[str]] = ("--disable-3d-apis",)

    @classmethod
    def setUpClass(cls) -> None:
        os.environ.setdefault("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")
        cls.served = Served(cls.demo, cls.more)
        cls.addClassCleanup(cls.served.close)
        cls.browser = browser(tuple(cls.arguments))

    def setUp(self) -> None:
        self.context = self.browser.new_context(viewport={"width": 1280, "height": 800}, accept_downloads=True)
        self.served.let_in(self.context)
        self.addCleanup(self.context.close)
        self.page: Page = self.context.new_page()
        self.page.set_default_timeout(PATIENCE)
        self.trouble: list[str] = []
        self.page.on("pageerror", lambda error: self.trouble.append(str(error)))
        self.page.on("request", lambda request: self._watch(request.url))
        # Requests that were not answered yet.
        self.asked: set[Request] = set()
        self.page.on("request", lambda request: self.asked.add(request))
        for end in ("requestfinished", "requestfailed"):
            self.page.on(end, lambda request: self.asked.discard(request))
        self.addCleanup(lambda: self.assertEqual(self.trouble, []))

    def _watch(self, url: str) -> None:
        if not url.startswith((self.served.address, "data:", "blob:")):
            self.trouble.append(f"left the machine: {url}")

    def visit(self, path: str = "/") -> None:
        self.page.goto(self.served.address + path)

    def settled(self, path: str) -> None:
        """A view whose data has come and is drawn."""
        self.visit(path)
        expect(self.page.locator("main").first).not_to_have_attribute("aria-busy", "true")
        self.quiet()

    def walk(self, path: str) -> None:
        """The same, from wherever the page is: as by a link, without loading it anew."""
        if not self.page.url.startswith(self.served.address):
            self.settled(path)
            return
        self.page.evaluate(
            "to => { history.pushState({}, '', to); dispatchEvent(new PopStateEvent('popstate')); }", path
        )
        expect(self.page.locator("main").first).not_to_have_attribute("aria-busy", "true")
        self.quiet()

    def quiet(self) -> None:
        """Nothing is on its way any more, and what came is painted."""
        for _ in range(PATIENCE // 20):
            if not self.asked:
                self.painted()
                if not self.asked:
                    return
            self.page.wait_for_timeout(20)

    def painted(self) -> None:
        self.page.evaluate("new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))")

    def open_project(self, name: str, stage: str) -> None:
        listed = self.page.request.get(f"{self.served.address}/api/projects").json()["projects"]
        id = next(project["id"] for project in listed if name in project["name"])
        # What comes late moves what is below it, and what is pressed meanwhile is missed.
        self.settled(f"/projects/{id}/{stage.lower()}")

    def plans(self):
        """Every plan of the demo workshop, and a make as it was made."""
        listed = self.page.request.get(f"{self.served.address}/api/batches").json()["batches"]
        yield from (f"/plan/{one['id']}" for one in listed)
        entry = self.page.request.get(f"{self.served.address}/api/logbook").json()["entries"][0]
        yield f"/projects/{entry['project']}/made/{entry['make']}"

    def cuttings(self) -> list[str]:
        """The addresses of a cutting table, in all its parts."""
        listed = self.page.request.get(f"{self.served.address}/api/cuttings").json()["cuttings"]
        return [f"/cutting/{listed[0]['id']}/{part}" for part in ("lay", "cut", "buy")]

    def go(self, stage: str) -> None:
        self.page.get_by_role("navigation", name="Stages").get_by_role("link", name=stage).click()
        self.quiet()

    def field(self, name: str):
        return self.page.locator(f'input[data-field="{name}"]').first

    def enter(self, name: str, text: str) -> None:
        box = self.field(name)
        box.click()
        box.fill(text)

    def kept(self) -> None:
        expect(self.page.locator(".project-name small")).to_have_text("kept")

    def project_id(self) -> str:
        found = re.search(r"/projects/([^/]+)/", self.page.url)
        assert found, self.page.url
        return found.group(1)

    def project(self, id: str | None = None) -> dict[str, Any]:
        """The project open, or the one named, as the server keeps it."""
        found: dict[str, Any] = self.page.request.get(
            f"{self.served.address}/api/projects/{id or self.project_id()}"
        ).json()
        return found

    def until(self, holds: Callable[[dict[str, Any]], bool], id: str | None = None) -> dict[str, Any]:
        """The project as the server keeps it, once it is as wanted. What it has not yet is not as wanted."""
        for _ in range(PATIENCE // 100):
            now = self.project(id)
            with suppress(KeyError, IndexError):
                if holds(now):
                    return now
            self.page.wait_for_timeout(100)
        self.fail(f"kept is {now}")
