"""How fast the main paths are on this machine, beside their targets. Prints a table for docs/benchmarks.md."""

from __future__ import annotations

import gzip
import http.client
import itertools
import json
import re
import statistics
import sys
import threading
import time
from collections.abc import Callable
from pathlib import Path

from playwright.sync_api import Browser, Page, sync_playwright

from eggtuck.core.audit import audit, own_cut_list, read_cut_list
from eggtuck.core.forms import draft_spec
from eggtuck.core.pattern.fold import fold_frames
from eggtuck.files.pdf import pattern_pdf
from eggtuck.web.door import Door
from tests.browser.table import Served, chromium
from tools import lays, many, plans

EXAMPLES = sorted((Path(__file__).parents[1] / "examples").glob("*.json"))
BAG = Path(__file__).parents[1] / "examples" / "boxed-bag.json"
ROUND = "Market day round bag"
# The form in space is drawn in software, the page itself as on any machine without a graphics card.
GL = ("--use-gl=angle", "--use-angle=swiftshader", "--enable-unsafe-swiftshader", "--disable-gpu-compositing")
REPAINTS = 60
# What a usual machine takes for them (ms).
USUAL = 600


def timed(work: Callable[[], object], times: int) -> list[float]:
    found = []
    for _ in range(times):
        start = time.perf_counter()
        work()
        found.append((time.perf_counter() - start) * 1000)
    return found


def row(what: str, value: float, target: float, unit: str = "ms") -> None:
    print(f"| {what} | {value:.1f} {unit} | {target:g} {unit} | {value / target:.2f} |", flush=True)


def additions() -> int:
    """Nothing but the interpreter at work."""
    total = 0
    for number in range(10_000_000):
        total += number
    return total


def over_http(served: Served, clients: int, each: int) -> tuple[float, float]:
    """Median and 99th percentile of drafting different specs over HTTP, with so many clients at once."""
    spec = json.loads(BAG.read_text())
    counter = itertools.count()
    found: list[float] = []

    def client() -> None:
        connection = http.client.HTTPConnection("127.0.0.1", served.port)
        headers = {"Content-Type": "application/json", "Authorization": f"Bearer {Door(Path(served.folder)).token}"}
        for _ in range(each):
            # Every request asks for another girth, so that none is answered from memory.
            own = {**spec, "object": {**spec["object"], "girth": f"{24 + next(counter) * 1e-3:.3f} cm"}}
            start = time.perf_counter()
            connection.request("POST", "/api/drafts", json.dumps(own), headers)
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


def opened(browser: Browser, served: Served) -> Page:
    """A page of a browser that has been let in."""
    context = browser.new_context(viewport={"width": 1280, "height": 800})
    served.let_in(context)
    return context.new_page()


def repaint(served: Served, name: str, stage: str, field: str, start: float, step: float) -> float:
    """95th percentile from a key press in a length field to the next frame after the redrawn pieces. No length comes twice, so that none
    is answered from memory."""
    with sync_playwright() as playwright:
        browser = playwright.chromium.launch(executable_path=chromium(), args=["--no-sandbox"])
        page = opened(browser, served)
        page.goto(f"{served.address}/projects/{project(page, served, name)}/{stage}")
        page.wait_for_selector(f'input[data-field="{field}"]')
        page.wait_for_load_state("networkidle")
        found = page.evaluate(
            """async ([times, field, from, step]) => {
              const box = document.querySelector(`input[data-field="${field}"]`);
              const line = () => [...document.querySelectorAll('.cut-line')].map((e) => e.getAttribute('d')).join();
              const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
              const found = [];
              for (let i = 0; i < times; i++) {
                const before = line(), start = performance.now();
                set.call(box, `${(from + i * step).toFixed(1)} cm`);
                box.dispatchEvent(new Event('input', { bubbles: true }));
                await new Promise((done) => {
                  // A length that moves no line is not waited for.
                  const look = () =>
                    requestAnimationFrame(line() !== before || performance.now() - start > 2000 ? done : look);
                  look();
                });
                found.push(performance.now() - start);
                await new Promise((rest) => setTimeout(rest, 120));
              }
              return found;
            }""",
            [REPAINTS, field, start, step],
        )
        browser.close()
    return sorted(found)[int(len(found) * 0.95) - 1]


def first_round(served: Served, name: str) -> float:
    """From opening the address of a project's pieces to the first picture of its form in the round (software rendering)."""
    found = []
    with sync_playwright() as playwright:
        for _ in range(5):
            browser = playwright.chromium.launch(executable_path=chromium(), args=["--no-sandbox", *GL])
            page = opened(browser, served)
            id = project(page, served, name)
            start = time.perf_counter()
            page.goto(f"{served.address}/projects/{id}/pieces", wait_until="commit")
            page.wait_for_selector("canvas[data-drawn]")
            found.append((time.perf_counter() - start) * 1000)
            browser.close()
    return statistics.median(found)


def project(page: Page, served: Served, name: str) -> str:
    listed = page.request.get(f"{served.address}/api/projects").json()["projects"]
    return str(next(p["id"] for p in listed if p["name"] == name))


def bundle() -> float:
    """The scripts that are fetched before anything is shown, those that the page names and its words (kB, gzip)."""
    table = Path(__file__).parents[1] / "eggtuck" / "web" / "table"
    named = re.findall(r'="/(assets/[^"]+\.js)"', (table / "index.html").read_text())
    words = [path.relative_to(table) for path in table.glob("assets/en-*.js")]
    return sum(len(gzip.compress((table / path).read_bytes())) for path in [*named, *words]) / 1000


def main() -> None:
    if sys.argv[1:] == ["lays"]:
        lays.main()
        return
    if sys.argv[1:] == ["many"]:
        many.main()
        return
    if sys.argv[1:] == ["plans"]:
        plans.main()
        return
    print("| what | measured | target | ratio |\n| --- | --- | --- | --- |")
    # How quick the machine itself is that day, so that figures of two days can be compared.
    row("ten million additions, one after the other", statistics.median(timed(additions, 3)), USUAL)
    for path in EXAMPLES:
        spec = json.loads(path.read_text())
        draft_spec(spec)
        row(f"core draft, median of 300, {path.stem}", statistics.median(timed(lambda s=spec: draft_spec(s), 300)), 2)
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
    for path in EXAMPLES:
        if path.stem in ("boxed-bag", "gusset-bag", "neck-bag"):
            solid = draft_spec(json.loads(path.read_text())).solid
            folded = statistics.median(timed(lambda s=solid: fold_frames(s, 17), 20))
            row(f"folding stages, median of 20, {path.stem}", folded, 100)
    for path in EXAMPLES:
        if path.stem in ("boxed-bag", "gusset-bag", "lid-cover", "mug-bag"):
            drawn = draft_spec(json.loads(path.read_text()))
            each = statistics.median(timed(drawn.pictures, 20)) / len(drawn.steps)
            row(f"a step's picture, of all of a make, median of 20, {path.stem}", each, 10)
    row("scripts of the first page, gzip", bundle(), 250, "kB")
    served = Served(demo=True)
    try:
        over_http(served, 1, 20)
        row("HTTP draft, one client, median of 300", over_http(served, 1, 300)[0], 15)
        median, worst = over_http(served, 20, 30)
        row("HTTP draft, 20 clients at once, median of 600", median, 15)
        row("HTTP draft, 20 clients at once, p99", worst, 15)
        told = "input to repaint in the browser, p95 of 60"
        row(f"{told}, bottle bag", repaint(served, "Cordial bottle bag", "thing", "object.girth", 26, 0.2), 50)
        row(f"{told}, round bag with a gusset", repaint(served, ROUND, "form", "size.gusset_width", 4.1, 0.4), 50)
        row("first picture in the round, bottle bag, median of 5", first_round(served, "Cordial bottle bag"), 1500)
        row("first picture in the round, round bag with a gusset, median of 5", first_round(served, ROUND), 1500)
    finally:
        served.close()


if __name__ == "__main__":
    main()
