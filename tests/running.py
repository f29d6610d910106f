"""Runs all tests, or those named (``core``, ``web.test_api`` ...), and closes with a plain count.

All tests are dealt to as many processes as there are cores, the dearest first; never two browsers at once. ``--all`` tries the properties
over every make instead of a part of them, ``--slow`` names the tests that took longest."""

from __future__ import annotations

import argparse
import gc
import io
import json
import os
import sys
import time
import unittest
from collections.abc import Iterator
from concurrent.futures import Future, ProcessPoolExecutor
from concurrent.futures.process import BrokenProcessPool
from multiprocessing import get_context
from pathlib import Path
from threading import Thread
from typing import NamedTuple

from . import ALL

HERE = Path(__file__).parent
# Seconds each class of tests took when this was last written (`--costs`): what is dear is begun first. A new one is taken for middling.
COSTS = HERE / "costs.json"
MIDDLING, DEAR = 2.0, 30.0
RARELY = (50_000, 20, 20)


class Outcome(NamedTuple):
    passed: int
    failed: int
    skipped: int
    said: str
    took: dict[str, float]


class _Timed(unittest.TextTestResult):
    def __init__(self, *args, **kwargs) -> None:
        super().__init__(*args, **kwargs)
        self.took: dict[str, float] = {}

    def startTest(self, test: unittest.TestCase) -> None:
        self.took[test.id()] = -time.monotonic()
        super().startTest(test)

    def stopTest(self, test: unittest.TestCase) -> None:
        self.took[test.id()] += time.monotonic()
        super().stopTest(test)


def named(names: list[str]) -> unittest.TestSuite:
    loader = unittest.TestLoader()
    found = unittest.TestSuite()
    for name in names:
        folder = HERE / name.replace(".", "/")
        if folder.is_dir():
            found.addTests(loader.discover(str(folder), top_level_dir=str(HERE.parent)))
        else:
            found.addTests(loader.loadTestsFromName(name if name.startswith("tests.") else f"tests.{name}"))
    return found


def run(names: list[str], stream: io.TextIOBase | None = None) -> Outcome:
    result = unittest.TextTestRunner(stream=stream, verbosity=1, resultclass=_Timed).run(named(names))
    # A test with failing parts is one failed test.
    failed = len({getattr(test, "test_case", test) for test, _ in (*result.failures, *result.errors)})
    skipped = len(result.skipped)
    return Outcome(max(0, result.testsRun - failed - skipped), failed, skipped, "", result.took)


def run_apart(names: list[str]) -> Outcome:
    """What a process of the pool does: the tests named, and what they said if it matters."""
    # What is remembered from test to test is no garbage and is not looked through again and again.
    gc.set_threshold(*RARELY)
    said = io.StringIO()
    outcome = run(names, said)
    return outcome._replace(said=said.getvalue() if outcome.failed else "")


def units(names: list[str]) -> list[list[str]]:
    """The tests named, in parts that are run together: a class, or of a dear one each test; the dearest first."""
    costs = json.loads(COSTS.read_text()) if COSTS.exists() else {}
    classes: dict[str, list[str]] = {}
    for test in _flat(named(names)):
        classes.setdefault(test.id().rpartition(".")[0], []).append(test.id())
    parts: list[tuple[float, list[str]]] = []
    for name, tests in classes.items():
        cost = costs.get(name, {})
        whole = sum(cost.get(test.rpartition(".")[2], MIDDLING) for test in tests)
        if whole > DEAR and ".browser." not in name:
            parts += [(cost.get(test.rpartition(".")[2], MIDDLING), [test]) for test in tests]
        else:
            parts.append((whole, tests))
    return [tests for _, tests in sorted(parts, key=lambda part: -part[0])]


def _everything() -> list[str]:
    return [*(f.parent.name for f in HERE.glob("*/__init__.py")), *(f.stem for f in HERE.glob("test_*.py"))]


def _flat(suite: unittest.TestSuite) -> Iterator[unittest.TestCase]:
    for test in suite:
        if isinstance(test, unittest.TestSuite):
            yield from _flat(test)
        else:
            yield test


def run_dealt(names: list[str]) -> Outcome:
    cores = os.cpu_count() or 2
    with ProcessPoolExecutor(cores, mp_context=get_context("spawn")) as pool:
        browser, others = [], []
        for unit in units(names):
            (browser if ".browser." in unit[0] else others).append(unit)
        done: list[Outcome] = []

        def one_browser_at_a_time() -> None:
            for unit in browser:
                done.append(_outcome(_begun(pool, unit), unit))

        chain = Thread(target=one_browser_at_a_time)
        chain.start()
        # Not all are handed over at once, or the next browser would wait behind them.
        _in_turn(pool, others, cores - 1 if browser else cores, chain, cores, done)
        chain.join()
    took = {id: seconds for outcome in done for id, seconds in outcome.took.items()}
    return Outcome(*(sum(o[i] for o in done) for i in range(3)), "", took)


def _in_turn(
    pool: ProcessPoolExecutor, waiting: list[list[str]], room: int, chain: Thread, cores: int, done: list[Outcome]
) -> None:
    """Keeps as many processes busy as the browser leaves free."""
    running: list[tuple[Future[Outcome], list[str]]] = []
    waiting = list(waiting)
    while waiting or running:
        while waiting and len(running) < (max(1, room) if chain.is_alive() else cores):
            unit = waiting.pop(0)
            running.append((_begun(pool, unit), unit))
        still = []
        for future, unit in running:
            if future.done():
                done.append(_outcome(future, unit))
            else:
                still.append((future, unit))
        running = still
        time.sleep(0.02)


def _begun(pool: ProcessPoolExecutor, unit: list[str]) -> Future[Outcome]:
    try:
        return pool.submit(run_apart, unit)
    except BrokenProcessPool as error:
        # A process that dies takes the pool along: what was not begun has failed.
        future: Future[Outcome] = Future()
        future.set_exception(error)
        return future


def _outcome(future: Future[Outcome], unit: list[str]) -> Outcome:
    try:
        outcome = future.result()
    except BrokenProcessPool:
        outcome = Outcome(0, len(unit), 0, f"{unit[0]} and what runs with it broke off.\n", {})
    if outcome.said:
        print(outcome.said, file=sys.stderr, flush=True)
    return outcome


def keep_costs(took: dict[str, float]) -> None:
    costs: dict[str, dict[str, float]] = {}
    for id, seconds in sorted(took.items()):
        name, _, test = id.rpartition(".")
        costs.setdefault(name, {})[test] = round(seconds, 1)
    # What takes no time is as good as unknown.
    kept = {name: tests for name, tests in costs.items() if sum(tests.values()) >= 1.0}
    COSTS.write_text(json.dumps(kept, indent=1, sort_keys=True) + "\n")


def main() -> int:
    options = argparse.ArgumentParser(prog="./tuck test")
    options.add_argument("names", nargs="*")
    for flag in ("all", "slow", "costs"):
        options.add_argument(f"--{flag}", action="store_true")
    asked = options.parse_args()
    if asked.all and not ALL:
        # How much is tried is settled as the tests are read: read anew.
        os.environ["EGGTUCK_TESTS"] = "all"
        os.execv(sys.executable, [sys.executable, "-m", "tests", *sys.argv[1:]])
    # Folders are dealt to all cores, single tests run where their output is seen.
    whole = not asked.names or all((HERE / name).is_dir() for name in asked.names)
    outcome = run_dealt(asked.names or _everything()) if whole else run(asked.names)
    if asked.slow:
        for id, seconds in sorted(outcome.took.items(), key=lambda item: -item[1])[:40]:
            print(f"{seconds:7.1f} s  {id}")
    if asked.costs and not asked.names:
        keep_costs(outcome.took)
    skipped = f", {outcome.skipped} skipped" if outcome.skipped else ""
    print(f"{outcome.passed} passed, {outcome.failed} failed{skipped}", flush=True)
    return 1 if outcome.failed or outcome.passed + outcome.skipped == 0 else 0
