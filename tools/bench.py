"""How fast the main paths are on this machine, beside their targets. Prints a table for docs/benchmarks.md."""

from __future__ import annotations

import http.client
import itertools
import json
import statistics
import threading
import time
from collections.abc import Callable
from pathlib import Path

from playwright.sync_api import sync_playwright

from eggtuck.core.audit import audit, own_cut_list, read_cut_list
from eggtuck.core.forms import draft_spec
from eggtuck.files import pattern_pdf
from tests.browser.table import Served, chromium

EXAMPLES = sorted((Path(__file__).parents[1] / "examples").glob("*.json"))
BAG = Path(__file__).parents[1] / "examples" / "boxed-bag.json"
REPAINTS = 60


def timed(work: Callable[[], object], times: int) -> list[float]:
    found = []
    for _ in range(times):
        start = time.perf_counter()
        work()
        found.append((time.perf_counter() - start) * 1000)
    return found


def row(what: str, value: float, target: float) -> None:
    print(f"| {what} | {value:.1f} ms | {target:g} ms | {value / target:.2f} |")


def over_http(served: Served, clients: int, each: int) -> tuple[float, float]:
    """Median and 99th percentile of drafting different specs over HTTP, with so many clients at once."""
    spec = json.loads(BAG.read_text())
    counter = itertools.count()
    found: list[float] = []

    def client() -> None:
        connection = http.client.HTTPConnection("127.0.0.1", served.port)
        for _ in range(each):
            # Every request asks for another girth, so that none is answered from memory.
            own = {**spec, "object": {**spec["object"], "girth": f"{24 + next(counter) * 1e-3:.3f} cm"}}
            start = time.perf_counter()
            connection.request("POST", "/api/drafts", json.dumps(own), {"Content-Type": "application/json"})
            answer = connection.getresponse()
            answer.read()
            assert answer.status == 200
            found.append((time.perf_counter() - start) * 1000)
        connection.close()

    threads = [threading.Thread(target=client) for _ in range(clients)]
    for thread in threads:
        thread.start()
    for thread in threads:
        thread.join()
    found.sort()
    return statistics.median(found), found[int(len(found) * 0.99) - 1]


def repaint(served: Served) -> float:
    """95th percentile from a key press in a length field to the next frame after the redrawn pieces."""
    with sync_playwright() as playwright:
        browser = playwright.chromium.launch(executable_path=chromium(), args=["--no-sandbox"])
        page = browser.new_page(viewport={"width": 1280, "height": 800})
        listed = page.request.get(f"{served.address}/api/projects").json()["projects"]
        bag = next(p["id"] for p in listed if p["name"] == "Cordial bottle bag")
        page.goto(f"{served.address}/projects/{bag}/thing")
        page.wait_for_selector('input[data-field="object.girth"]')
        found = page.evaluate(
            """async (times) => {
              const box = document.querySelector('input[data-field="object.girth"]');
              const line = () => document.querySelector('.cut-line').getAttribute('d');
              const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
              const found = [];
              for (let i = 0; i < times; i++) {
                const before = line(), start = performance.now();
                set.call(box, `${26 + (i % 10) * 0.4} cm`);
                box.dispatchEvent(new Event('input', { bubbles: true }));
                await new Promise((done) => {
                  const look = () => (line() !== before ? requestAnimationFrame(done) : requestAnimationFrame(look));
                  look();
                });
                found.push(performance.now() - start);
                await new Promise((rest) => setTimeout(rest, 120));
              }
              return found;
            }""",
            REPAINTS,
        )
        browser.close()
    return sorted(found)[int(len(found) * 0.95) - 1]


def main() -> None:
    print("| what | measured | target | ratio |\n| --- | --- | --- | --- |")
    for path in EXAMPLES:
        spec = json.loads(path.read_text())
        draft_spec(spec)
        row(f"core draft, median of 300, {path.stem}", statistics.median(timed(lambda s=spec: draft_spec(s), 300)), 5)
    for path in EXAMPLES:
        cuts = own_cut_list(draft_spec(json.loads(path.read_text())))
        row(
            f"cut list read backwards, median of 20, {path.stem}",
            statistics.median(timed(lambda c=cuts: audit(read_cut_list(c)), 20)),
            100,
        )
    draft = draft_spec(json.loads(BAG.read_text()))
    pattern_pdf(draft)
    row("PDF with guide, median of 20", statistics.median(timed(lambda: pattern_pdf(draft), 20)), 300)
    served = Served(demo=True)
    try:
        over_http(served, 1, 20)
        row("HTTP draft, one client, median of 300", over_http(served, 1, 300)[0], 15)
        median, worst = over_http(served, 20, 30)
        row("HTTP draft, 20 clients at once, median of 600", median, 15)
        row("HTTP draft, 20 clients at once, p99", worst, 15)
        row("input to repaint in the browser, p95 of 60", repaint(served), 100)
    finally:
        served.close()


if __name__ == "__main__":
    main()
